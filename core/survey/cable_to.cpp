#include "core/survey/cable_to.h"

#include "core/evaluate/circuit.h"
#include "core/fitout/coil_wiring.h"
#include "core/physics/speaker_cable.h"
#include "core/survey/lead_back.h"

namespace core {

std::optional<CableTo> cableTo(const Fitout& fitout, DeviceId speaker, const Practice& practice)
{
    const auto ends = feedEnds(fitout, speaker);
    if (!ends) return std::nullopt;
    CableTo cable;
    bool known = true;
    for (const std::string& terminal : {ends->plus, ends->minus}) {
        const LeadBack lead = leadBack(fitout, {speaker, terminal});
        if (lead.wires.empty()) return std::nullopt;
        const Wire& wire = fitout.wires.at(lead.wires.back());
        const auto figure = [&](Quantity what) {
            const auto found = wire.figures.find(what);
            return found == wire.figures.end() ? std::nullopt : std::optional(found->second);
        };
        if (!cable.length_m) cable.length_m = figure(Quantity::Length_m);
        if (!cable.area_m2) cable.area_m2 = figure(Quantity::Area_m2);
        const auto core_ohm = wireResistance_ohm(wire, practice);
        known = known && core_ohm;
        cable.loop_ohm += core_ohm.value_or(0.0);
    }
    if (!known) cable.loop_ohm = 0.0;
    return cable;
}

double cableLoss_db(const CableTo& cable, double least_ohm)
{
    const auto effect = cableEffect({.wire_ohm = cable.loop_ohm}, least_ohm - cable.loop_ohm);
    return effect ? -effect->value.change_db : 0.0;
}

}  // namespace core
