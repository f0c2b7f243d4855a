#include "core/model/two_way_network.h"

#include "core/model/quantity.h"

namespace core {

int countOf(const TwoWayParts& parts)
{
    return int(parts.wooferCoil_h.has_value()) + int(parts.wooferShunt_f.has_value()) +
           int(parts.tweeterSeries_f.has_value()) + int(parts.tweeterShunt_h.has_value()) +
           int(parts.tweeterPad_ohm.has_value());
}

Part twoWayNetwork(const TwoWayParts& parts, const std::string& name)
{
    Part part{.kind = PartKind::Network, .name = name};
    for (const char* terminal : {"in+", "in-", "w+", "w-", "t+", "t-"}) part.terminals[terminal] = "";
    part.inside["link-w"] = {.kind = ElementKind::Link, .a = "in-", .b = "w-"};
    part.inside["link-t"] = {.kind = ElementKind::Link, .a = "in-", .b = "t-"};
    const auto add = [&](const char* element, ElementKind kind, Quantity what, const std::optional<double>& value,
                         const char* a, const char* b, bool series) {
        if (!value && !series) return;
        Element made{.kind = value ? kind : ElementKind::Link, .a = a, .b = b};
        if (value) made.figures[what] = Known{*value};
        part.inside[element] = std::move(made);
    };
    add("Lw", ElementKind::Inductor, Quantity::Inductance_h, parts.wooferCoil_h, "in+", "w+", true);
    add("Cw", ElementKind::Capacitor, Quantity::Capacitance_f, parts.wooferShunt_f, "w+", "w-", false);
    add("Ct", ElementKind::Capacitor, Quantity::Capacitance_f, parts.tweeterSeries_f, "in+", "n", true);
    add("Lt", ElementKind::Inductor, Quantity::Inductance_h, parts.tweeterShunt_h, "n", "t-", false);
    add("Rt", ElementKind::Resistor, Quantity::Resistance_ohm, parts.tweeterPad_ohm, "n", "t+", true);
    return part;
}

}  // namespace core
