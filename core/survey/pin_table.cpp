#include "core/survey/pin_table.h"

namespace core {

std::vector<WireId> wiresAt(const Fitout& fitout, const Pin& pin)
{
    std::vector<WireId> wires;
    for (const auto& [id, wire] : fitout.wires)
        if (wire.a == pin || wire.b == pin) wires.push_back(id);
    return wires;
}

std::string colourAt(const Fitout& fitout, const Pin& pin)
{
    for (const WireId wire : wiresAt(fitout, pin))
        if (const std::string& colour = fitout.wires.at(wire).colour; !colour.empty()) return colour;
    return {};
}

std::vector<PinRow> pinTable(const Fitout& fitout, DeviceId source)
{
    std::vector<PinRow> rows;
    const Part& part = fitout.parts.at(fitout.devices.at(source).part);
    for (const auto& [terminal, plug] : part.terminals) {
        PinRow row{.terminal = terminal, .plug = plug};
        if (const auto note = part.pins.find(terminal); note != part.pins.end()) {
            row.number = note->second.number;
            row.known = note->second.basis;
        }
        row.colour = colourAt(fitout, {source, terminal});
        rows.push_back(std::move(row));
    }
    return rows;
}

}  // namespace core
