#include "core/evaluate/burdens.h"

#include "core/physics/part_stress.h"
#include "core/physics/programme.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

bool isBurdened(ElementKind kind)
{
    return kind == ElementKind::Capacitor || kind == ElementKind::Inductor || kind == ElementKind::Resistor;
}

double ratingOf(const PartBurden& burden, const StressMargins& margins)
{
    if (burden.kind == ElementKind::Capacitor) return capacitorRating_v(burden.voltage_v, margins);
    if (burden.kind == ElementKind::Inductor) return saturationCurrent_a(burden.current_a);
    return resistorRating_w(burden.programme_w, burden.sine_w, margins);
}

}  // namespace

std::vector<PartBurden> partBurdens(const Circuit& circuit, const NetworkSolution& solution,
                                    const CircuitResult& channel, const GridTables& tables, const Practice& practice)
{
    const double limit_v = channel.sourceLimit_v.minCoeff();
    const double square = limit_v * limit_v;
    const double share = programmeShare(practice[PracticeKey::CrestFactor_db]);
    std::vector<PartBurden> burdens;
    for (const CircuitTap& tap : circuit.taps) {
        if (!isBurdened(tap.kind)) continue;
        const PartStress stress = partStress(circuit.network, solution, tap.part, tables.programme, channel.gain);
        const PartStress heat =
            tap.loss ? partStress(circuit.network, solution, *tap.loss, tables.programme, channel.gain) : stress;
        PartBurden burden{.element = tap.element, .kind = tap.kind};
        burden.voltage_v = limit_v * stress.voltage_v_v;
        burden.voltageAt_hz = stress.voltageAt_hz;
        burden.current_a = limit_v * stress.current_a_v;
        burden.currentAt_hz = stress.currentAt_hz;
        burden.sine_w = square * heat.sine_w_v2;
        burden.sineAt_hz = heat.sineAt_hz;
        burden.programme_w = square * share * heat.programme_w_v2;
        burden.rating = ratingOf(burden, stressMargins(practice));
        burden.worst = std::max(channel.worst, tap.worst);
        burdens.push_back(burden);
    }
    return burdens;
}

}  // namespace core
