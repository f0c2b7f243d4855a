#include "core/fitout/coil_wiring.h"

#include <algorithm>
#include <map>
#include <set>

#include "core/fitout/complete.h"
#include "core/fitout/resolve.h"
#include "core/model/branch_across.h"

namespace core {
namespace {

// The terminals of one driver, joined where wires join them.
class OwnTerminals {
public:
    OwnTerminals(const Fitout& fitout, DeviceId driver)
    {
        for (const auto& [id, wire] : fitout.wires) {
            const bool a = wire.a.device == driver, b = wire.b.device == driver;
            if (a && b) join(wire.a.terminal, wire.b.terminal);
            if (a != b) m_outside.insert(a ? wire.a.terminal : wire.b.terminal);
        }
    }
    [[nodiscard]] bool joined(const std::string& a, const std::string& b) const { return root(a) == root(b); }
    [[nodiscard]] bool isFed(const std::string& terminal) const
    {
        return std::any_of(m_outside.begin(), m_outside.end(),
                           [&](const std::string& outside) { return joined(outside, terminal); });
    }
    [[nodiscard]] bool isTied(const std::string& terminal) const
    {
        return m_root.contains(terminal) || isFed(terminal);
    }

private:
    [[nodiscard]] std::string root(const std::string& terminal) const
    {
        const auto found = m_root.find(terminal);
        return found == m_root.end() ? terminal : found->second;
    }
    void join(const std::string& a, const std::string& b)
    {
        const std::string from = root(a), to = root(b);
        m_root.try_emplace(a, a);
        m_root.try_emplace(b, b);
        for (auto& [terminal, root] : m_root)
            if (root == from) root = to;
    }

    std::map<std::string, std::string> m_root{};
    std::set<std::string> m_outside{};
};

struct Coil {
    std::string name{};
    Leads leads{};
    double re_ohm = 0.0;
};

bool sideBySide(const OwnTerminals& own, const Coil& a, const Coil& b, bool& reversed)
{
    if (own.joined(a.leads.plus, b.leads.plus) && own.joined(a.leads.minus, b.leads.minus)) return true;
    if (!own.joined(a.leads.plus, b.leads.minus) || !own.joined(a.leads.minus, b.leads.plus)) return false;
    reversed = true;
    return true;
}

// The coils as a chain from the first one's plus, each turned as it is met; empty if they are none.
std::vector<const Coil*> chainOf(const OwnTerminals& own, const std::vector<Coil>& coils, Leads& ends, bool& reversed)
{
    std::vector<const Coil*> chain{&coils.front()};
    std::string end = coils.front().leads.minus;
    while (chain.size() < coils.size()) {
        const auto next = std::find_if(coils.begin(), coils.end(), [&](const Coil& coil) {
            return std::find(chain.begin(), chain.end(), &coil) == chain.end() &&
                   (own.joined(end, coil.leads.plus) || own.joined(end, coil.leads.minus));
        });
        if (next == coils.end()) return {};
        const bool forward = own.joined(end, next->leads.plus);
        reversed = reversed || !forward;
        end = forward ? next->leads.minus : next->leads.plus;
        chain.push_back(&*next);
    }
    ends = {coils.front().leads.plus, end};
    return chain;
}

double sumOf(const std::vector<Coil>& coils, bool inverse)
{
    double sum = 0.0;
    for (const Coil& coil : coils) sum += inverse ? 1.0 / coil.re_ohm : coil.re_ohm;
    return sum;
}

void readJoin(CoilsAtDriver& out, const OwnTerminals& own, const std::vector<Coil>& coils)
{
    const Coil& first = coils.front();
    out.ends = first.leads;
    const bool parallel = std::all_of(coils.begin() + 1, coils.end(),
                                      [&](const Coil& coil) { return sideBySide(own, first, coil, out.reversed); });
    if (parallel) {
        out.join = CoilJoin::Parallel;
        out.leads_ohm = 1.0 / sumOf(coils, true);
        return;
    }
    out.reversed = false;
    if (!chainOf(own, coils, out.ends, out.reversed).empty()) {
        out.join = CoilJoin::Series;
        out.leads_ohm = sumOf(coils, false);
        return;
    }
    out.reversed = false;
    out.ends = first.leads;
    for (const Coil& coil : coils)
        if (!own.isTied(coil.leads.plus) && !own.isTied(coil.leads.minus)) out.idle.push_back(coil.name);
    const size_t used = coils.size() - out.idle.size();
    const auto fed = std::count_if(coils.begin(), coils.end(), [&](const Coil& coil) {
        return own.isFed(coil.leads.plus) && own.isFed(coil.leads.minus);
    });
    out.join = used <= 1                                  ? CoilJoin::One
               : fed == static_cast<std::ptrdiff_t>(used) ? CoilJoin::EachItsChannel
                                                          : CoilJoin::Other;
    if (used == 1)
        for (const Coil& coil : coils)
            if (std::find(out.idle.begin(), out.idle.end(), coil.name) == out.idle.end()) out.ends = coil.leads;
    if (out.join != CoilJoin::Other) out.leads_ohm = first.re_ohm;
}

}  // namespace

namespace {

std::vector<Coil> coilsOf(const Part& part, const Practice& practice)
{
    std::vector<Coil> coils;
    const std::string first = firstOf(part, ElementKind::Coil);
    if (first.empty()) return coils;
    for (const std::string& name : coilsOfCone(part, first))
        if (const auto leads = leadsOf(part, name))
            coils.push_back({name, *leads, complete(part, name, practice).at(Quantity::Re_ohm).value});
    return coils;
}

}  // namespace

std::vector<CoilChoice> coilChoices(const Fitout& fitout, DeviceId driver, const Practice& practice)
{
    const std::vector<Coil> coils = coilsOf(fitout.parts.at(fitout.devices.at(driver).part), practice);
    if (coils.size() < 2) return {};
    return {{CoilJoin::Series, sumOf(coils, false)},
            {CoilJoin::Parallel, 1.0 / sumOf(coils, true)},
            {CoilJoin::One, coils.front().re_ohm},
            {CoilJoin::EachItsChannel, coils.front().re_ohm}};
}

CoilsAtDriver coilsAtDriver(const Fitout& fitout, DeviceId driver, const Practice& practice)
{
    CoilsAtDriver out;
    const std::vector<Coil> coils = coilsOf(fitout.parts.at(fitout.devices.at(driver).part), practice);
    for (const Coil& coil : coils) out.coils.push_back(coil.name);
    if (coils.empty()) return out;
    if (coils.size() == 1) {
        out.ends = coils.front().leads;
        out.leads_ohm = coils.front().re_ohm;
        return out;
    }
    readJoin(out, OwnTerminals(fitout, driver), coils);
    return out;
}

namespace {

// The coils of a driver's own cone, each of one ohm.
CoilsAtDriver readByUnits(const Fitout& fitout, DeviceId driver)
{
    const Part& part = fitout.parts.at(fitout.devices.at(driver).part);
    const std::string first = firstOf(part, ElementKind::Coil);
    CoilsAtDriver read;
    if (first.empty()) return read;
    std::vector<Coil> coils;
    for (const std::string& name : coilsOfCone(part, first))
        if (const auto leads = leadsOf(part, name)) coils.push_back({name, *leads, 1.0});
    for (const Coil& coil : coils) read.coils.push_back(coil.name);
    if (coils.size() == 1) read.ends = coils.front().leads;
    if (coils.size() > 1) readJoin(read, OwnTerminals(fitout, driver), coils);
    return read;
}

}  // namespace

std::optional<Leads> feedEnds(const Fitout& fitout, DeviceId driver)
{
    const CoilsAtDriver read = readByUnits(fitout, driver);
    return read.coils.empty() ? std::nullopt : std::optional(read.ends);
}

Pin feedPin(const Fitout& fitout, const Pin& end)
{
    Pin at = end;
    for (bool on = true; on;) {
        on = false;
        for (const auto& [id, wire] : fitout.wires)
            for (const auto& [near, far] : {std::pair{wire.a, wire.b}, {wire.b, wire.a}}) {
                if (on || near != at || !far.terminal.starts_with("out") || far.device == near.device) continue;
                if (!isBranchAcross(partOf(fitout, far.device))) continue;
                at = {far.device, "in" + far.terminal.substr(3)};
                on = true;
            }
    }
    return at;
}

double leadsOverCoil(const Fitout& fitout, DeviceId driver)
{
    return readByUnits(fitout, driver).leads_ohm.value_or(1.0);
}

std::optional<double> soldFor_ohm(const Fitout& fitout, DeviceId driver)
{
    const Part& part = partOf(fitout, driver);
    const auto nominal_ohm =
        valueOf(figuresOf(part, firstOf(part, ElementKind::Coil)), Quantity::Nominal_ohm);
    if (!nominal_ohm) return std::nullopt;
    return leadsOverCoil(fitout, driver) * *nominal_ohm;
}

double leadsOverCone(const Fitout& fitout, const Port& coil)
{
    const auto coils = coilsOfCone(partOf(fitout, coil.device), coil.element).size();
    return static_cast<double>(coils) * leadsOverCoil(fitout, coil.device);
}

Known atLeads(const Fitout& fitout, const RunResult& run, const Practice& practice)
{
    Known known = run.coil.at(Quantity::Re_ohm);
    known.value = coilsAtDriver(fitout, run.run.id.coil.device, practice).leads_ohm.value_or(known.value);
    // What lies across the speaker is nearest to it; a capacitor there passes no meter's current.
    for (const bool across : {true, false})
        for (const DeviceId device : run.run.along) {
            const Part& part = partOf(fitout, device);
            const std::string resistor = firstOf(part, ElementKind::Resistor);
            const bool is =
                across ? isBranchAcross(part) && allOf(part, ElementKind::Capacitor).empty() : part.inside.size() == 1;
            if (!is || resistor.empty()) continue;
            const double own_ohm = complete(part, resistor, practice).at(Quantity::Resistance_ohm).value;
            known.value = across ? known.value * own_ohm / (known.value + own_ohm) : known.value + own_ohm;
        }
    return known;
}

}  // namespace core
