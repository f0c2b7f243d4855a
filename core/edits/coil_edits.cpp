#include "core/edits/coil_edits.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/edits/layers.h"
#include "core/evaluate/circuit.h"
#include "core/fitout/sides.h"
#include "core/survey/pin_table.h"

namespace core {
namespace {

constexpr double kReOfNominal = 0.825;  // where only the meter's ohms are known; nothing but the order rests on it

std::vector<Leads> leadsOfCone(const Part& part)
{
    std::vector<Leads> leads;
    for (const std::string& coil : coilsOfCone(part, firstOf(part, ElementKind::Coil)))
        if (const auto one = leadsOf(part, coil)) leads.push_back(*one);
    return leads;
}

// The driver's own end of a wire that leaves it; nothing for one that does not.
Pin* ownEnd(Wire& wire, DeviceId driver)
{
    const bool a = wire.a.device == driver, b = wire.b.device == driver;
    return a == b ? nullptr : a ? &wire.a : &wire.b;
}

void move(Plan& after, StageId stage, WireId id, const Wire& before, const Wire& moved)
{
    if (!(before == moved)) putAt(after, &Plan::wires, stage, id, moved);
}

// What arrives at the pair's two ends arrives at these terminals now; what fed any other coil, and the wires between
// the coils, go.
void bringPairTo(Plan& after, StageId stage, const Fitout& fitout, DeviceId driver, const Leads& ends, const Leads& to)
{
    std::set<std::string> terminals;
    for (const Leads& leads : leadsOfCone(partOf(fitout, driver))) terminals.insert({leads.plus, leads.minus});
    for (const auto& [id, wire] : fitout.wires) {
        Wire moved = wire;
        if (Pin* own = ownEnd(moved, driver)) {
            if (!terminals.contains(own->terminal)) continue;
            if (own->terminal == ends.plus)
                own->terminal = to.plus;
            else if (own->terminal == ends.minus)
                own->terminal = to.minus;
            else {
                dropAt(after, &Plan::wires, stage, id);
                continue;
            }
            move(after, stage, id, wire, moved);
        } else if (wire.a.device == driver && terminals.contains(wire.a.terminal) &&
                   terminals.contains(wire.b.terminal)) {
            dropAt(after, &Plan::wires, stage, id);
        }
    }
}

// A channel for the second coil beside the one that plays the first.
std::optional<Port> nextChannel(const Fitout& fitout, DeviceId driver)
{
    for (const Run& run : runs(fitout)) {
        if (run.id.coil.device != driver) continue;
        const Port& own = run.id.channel;
        const Part& source = partOf(fitout, own.device);
        if (const std::string& twin = source.inside.at(own.element).twin; !twin.empty()) return Port{own.device, twin};
        for (const Port& other : channels(fitout))
            if (other.device == own.device && other != own &&
                wiresAt(fitout, {other.device, source.inside.at(other.element).a}).empty())
                return other;
    }
    return std::nullopt;
}

}  // namespace

void joinCoils(Plan& after, StageId stage, DeviceId driver, CoilJoin join, const std::optional<Port>& second)
{
    const Fitout fitout = resolve(after, stage);
    const std::vector<Leads> coils = leadsOfCone(partOf(fitout, driver));
    const auto ends = feedEnds(fitout, driver);
    if (coils.size() < 2 || !ends || join == CoilJoin::Other) return;
    const std::optional<Port> other = join != CoilJoin::EachItsChannel ? std::nullopt
                                      : second                         ? second
                                                                       : nextChannel(fitout, driver);
    if (join == CoilJoin::EachItsChannel && !other) return;
    const Leads to{coils.front().plus, join == CoilJoin::Series ? coils.back().minus : coils.front().minus};
    bringPairTo(after, stage, fitout, driver, *ends, to);
    const auto link = [&](const Pin& a, const Pin& b) {
        after.wires[{stage, drawId<WireId>(after)}] = Wire{.a = a, .b = b};
    };
    if (join == CoilJoin::Series)
        for (size_t i = 1; i < coils.size(); ++i) link({driver, coils[i - 1].minus}, {driver, coils[i].plus});
    if (join == CoilJoin::Parallel)
        for (size_t i = 1; i < coils.size(); ++i) {
            link({driver, coils.front().plus}, {driver, coils[i].plus});
            link({driver, coils.front().minus}, {driver, coils[i].minus});
        }
    if (other) {
        const Element& output = partOf(fitout, other->device).inside.at(other->element);
        link({other->device, output.a}, {driver, coils[1].plus});
        link({other->device, output.b}, {driver, coils[1].minus});
    }
}

Edit connectCoils(const Plan& plan, StageId stage, DeviceId driver, CoilJoin join, const std::optional<Port>& second)
{
    Plan after = plan;
    const StageId standing = standingAt(plan, &Plan::devices, stage, driver);
    for (const DeviceId one : mates(resolve(plan, standing), driver)) joinCoils(after, standing, one, join, second);
    return difference(EditName::JoinCoils, plan, after);
}

Edit planCoils(const Plan& plan, DeviceId driver, CoilJoin join)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    for (const DeviceId one : mates(resolve(after, goal), driver)) joinCoils(after, goal, one, join);
    return difference(EditName::JoinCoils, plan, after);
}

CoilJoin usualJoin(const Part& driver, std::optional<double> least_ohm, std::optional<double> before_ohm)
{
    const std::string coil = firstOf(driver, ElementKind::Coil);
    const Figures figures = figuresOf(driver, coil);
    const auto count = static_cast<double>(coilsOfCone(driver, coil).size());
    const auto re = valueOf(figures, Quantity::Re_ohm);
    const double one_ohm = valueOf(figures, Quantity::Nominal_ohm).value_or(re ? *re / kReOfNominal : 4.0);
    if (least_ohm) return one_ohm / count >= *least_ohm * (1.0 - 1e-9) ? CoilJoin::Parallel : CoilJoin::Series;
    if (!before_ohm) return CoilJoin::Series;
    const auto away = [&](double ohm) { return std::abs(std::log(ohm / *before_ohm)); };
    return away(one_ohm / count) <= away(one_ohm * count) ? CoilJoin::Parallel : CoilJoin::Series;
}

Edit turnCoils(const Plan& plan, DeviceId driver, const Practice& practice)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    for (const DeviceId one : mates(fitout, driver)) {
        const CoilsAtDriver at = coilsAtDriver(fitout, one, practice);
        if (at.join == CoilJoin::Series || at.join == CoilJoin::Parallel) {
            joinCoils(after, goal, one, at.join);  // made afresh, all of them stand the same way round
            continue;
        }
        const std::vector<Leads> coils = leadsOfCone(partOf(fitout, one));
        if (coils.size() < 2) continue;
        for (const auto& [id, wire] : fitout.wires) {
            Wire moved = wire;
            Pin* own = ownEnd(moved, one);
            if (!own || (own->terminal != coils[1].plus && own->terminal != coils[1].minus)) continue;
            own->terminal = own->terminal == coils[1].plus ? coils[1].minus : coils[1].plus;
            putAt(after, &Plan::wires, goal, id, moved);
        }
    }
    return difference(EditName::JoinCoils, plan, after);
}

}  // namespace core
