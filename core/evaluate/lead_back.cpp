#include "core/evaluate/lead_back.h"

namespace core {
namespace {

// The wire that ends at a pin.
WireId wireTo(const Fitout& fitout, const Pin& pin)
{
    for (const auto& [id, wire] : fitout.wires)
        if (wire.b == pin) return id;
    return {};
}

// The other terminal of what lies at this one inside a part.
std::string across(const Part& part, const std::string& terminal)
{
    for (const auto& [name, element] : part.inside) {
        if (element.a == terminal && part.terminals.contains(element.b)) return element.b;
        if (element.b == terminal && part.terminals.contains(element.a)) return element.a;
    }
    return {};
}

}  // namespace

LeadBack leadBack(const Fitout& fitout, const Pin& pin)
{
    LeadBack back{.arrival = pin, .from = pin};
    Pin at = pin;
    for (size_t steps = 0; steps <= fitout.wires.size(); ++steps) {
        const WireId id = wireTo(fitout, at);
        if (!id) break;
        back.wires.push_back(id);
        back.arrival = at;
        back.from = fitout.wires.at(id).a;
        const Part& part = fitout.parts.at(fitout.devices.at(back.from.device).part);
        if (isSource(part) || part.kind == PartKind::Driver) break;
        const std::string next = across(part, back.from.terminal);
        if (next.empty()) break;
        at = {back.from.device, next};
    }
    return back;
}

}  // namespace core
