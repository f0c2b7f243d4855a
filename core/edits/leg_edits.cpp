#include "core/edits/leg_edits.h"

#include <algorithm>

#include "core/edits/layers.h"
#include "core/edits/parts.h"
#include "core/fitout/resolve.h"
#include "core/physics/preferred_values.h"

namespace core {
namespace {

template <class Change>
Edit withBoard(const Plan& plan, EditName name, DeviceId board, Change change)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    for (const DeviceId one : mates(fitout, board)) {
        Part part = partOf(fitout, one);
        change(part);
        if (!isMade(part)) part.name = kNetworkToBeMade;
        part.shelfKey = kMade;
        Device changed = *itemAt(after, &Plan::devices, goal, one);
        changed.part = copyIn(after, part);
        putAt(after, &Plan::devices, goal, one, changed);
    }
    dropUnused(after);
    return difference(name, plan, after);
}

// A wire to a point inside it, such as a bridge.
bool hasWireInside(const Fitout& fitout, DeviceId device)
{
    const Part& part = partOf(fitout, device);
    return std::any_of(fitout.wires.begin(), fitout.wires.end(), [&](const auto& entry) {
        const auto isInside = [&](const Pin& pin) {
            return pin.device == device && !part.terminals.contains(pin.terminal);
        };
        return isInside(entry.second.a) || isInside(entry.second.b);
    });
}

std::vector<Figures> figuresOn(const Part& board, const std::vector<std::string>& names)
{
    std::vector<Figures> figures;
    for (const std::string& name : names) figures.push_back(board.inside.at(name).figures);
    return figures;
}

}  // namespace

std::optional<MovedPart> movePart(const Plan& plan, const Port& moved, Along along)
{
    const Fitout fitout = resolve(plan, plan.job.goal);
    const Part& board = partOf(fitout, moved.device);
    const auto leg = legWith(board, moved.element);
    const auto parts = leg ? partsOn(board, *leg) : std::nullopt;
    if (!parts || hasWireInside(fitout, moved.device)) return std::nullopt;
    const std::vector<std::string> names = partsFromInput(board, *leg);
    const auto from = static_cast<int>(std::find(names.begin(), names.end(), moved.element) - names.begin());
    const int step = along == Along::ToSpeaker ? 1 : -1, count = static_cast<int>(names.size());
    const auto liesSame = [&](int at) {
        return (*parts)[static_cast<size_t>(at)].series == (*parts)[static_cast<size_t>(from)].series;
    };
    int to = from + step;
    while (to >= 0 && to < count && liesSame(to)) to += step;
    if (to < 0 || to >= count) return std::nullopt;
    const auto carry = [&](auto& row) {
        const auto own = row.begin() + from, end = row.begin() + to;
        if (step > 0)
            std::rotate(own, own + 1, end + 1);
        else
            std::rotate(end, own, own + 1);
    };
    LegParts inOrder = *parts;
    std::vector<Figures> figures = figuresOn(board, names);
    carry(inOrder);
    carry(figures);
    Part example = board;
    const std::string now = putLeg(example, *leg, inOrder, figures)[static_cast<size_t>(to)];
    return MovedPart{
        withBoard(plan, EditName::MovePart, moved.device, [&](Part& part) { putLeg(part, *leg, inOrder, figures); }),
        {moved.device, now}};
}

Edit makeLegFor(const Plan& plan, DeviceId board, Leg leg, double load_ohm)
{
    return withBoard(plan, EditName::FitNetwork, board, [&](Part& part) {
        const double times = load_ohm / *madeFor_ohm(part, leg);
        LegParts parts = *partsOn(part, leg);
        for (LegPart& one : parts) {
            const double value = one.kind == ElementKind::Capacitor ? one.value / times : one.value * times;
            one.value = nearestPreferred(value, PreferredSeries::E12)->value;
        }
        putLeg(part, leg, parts);
        sayMadeFor(part, leg, load_ohm);
    });
}

}  // namespace core
