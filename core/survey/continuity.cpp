#include "core/survey/continuity.h"

#include <algorithm>
#include <cmath>

#include "core/physics/network_sweep.h"
#include "core/survey/pin_table.h"

namespace core {
namespace {

// So slow that inductors are their resistance and capacitors are open: what an ohmmeter does.
constexpr double kDirect_hz = 1e-4;
constexpr double kNoCurrent_a = 1e-12;

double directLoad_ohm(const Circuit& circuit)
{
    const auto solution = NetworkSweep(circuit.network).solve(circuit.network, Eigen::ArrayXd::Constant(1, kDirect_hz));
    if (!solution) return 1.0 / kNoCurrent_a;
    const double volts = std::abs(solution->voltage_v(0, circuit.terminal));
    const double amperes = std::abs(elementCurrent_a(circuit.network, *solution, circuit.source)(0));
    return volts / std::max(amperes, kNoCurrent_a);
}

Continuity verdictOf(double read_ohm, const std::optional<double>& expected_ohm, const Practice& practice)
{
    if (read_ohm > practice[PracticeKey::OhmmeterOpen_ohm])
        return expected_ohm ? Continuity::Open : Continuity::AsExpected;
    if (!expected_ohm) return Continuity::Other;
    const double ratio = read_ohm / *expected_ohm;
    if (ratio < practice[PracticeKey::ContinuityShort_ratio]) return Continuity::Short;
    const double within = practice[PracticeKey::ContinuityWithin_ratio];
    return ratio > 1.0 + within || ratio < 1.0 - within ? Continuity::Other : Continuity::AsExpected;
}

}  // namespace

std::vector<ContinuityRow> continuityList(const Plan& plan, StageId at, const StageResult& stage,
                                          const Practice& practice)
{
    std::vector<ContinuityRow> rows;
    for (const ChannelInputs& inputs : stage.inputs) {
        if (inputs.coils.empty() || !inputs.circuit) continue;
        const Fitout& used = stage.used;
        const Device& device = used.devices.at(inputs.channel.device);
        const Element& output = used.parts.at(device.part).inside.at(inputs.channel.element);
        ContinuityRow row{.channel = inputs.channel,
                          .plus = {inputs.channel.device, output.a},
                          .minus = {inputs.channel.device, output.b}};
        row.plusColour = colourAt(used, row.plus);
        row.minusColour = colourAt(used, row.minus);
        for (const CoilInputs& coil : inputs.coils) {
            row.coils.push_back(coil.run.id.coil);
            row.worst = std::max(row.worst, coil.coil.at(Quantity::Re_ohm).basis.origin);
        }
        const double load_ohm = directLoad_ohm(*inputs.circuit);
        if (load_ohm <= practice[PracticeKey::OhmmeterOpen_ohm]) row.expected_ohm = load_ohm;
        for (const auto& [id, reading] : plan.readings) {
            if (reading.of != Address{inputs.channel, Quantity::SeenOhm_ohm} || reading.stage != at) continue;
            row.reading = id;
            row.read_ohm = std::max(0.0, reading.value - reading.leads_ohm);
        }
        if (row.read_ohm) row.verdict = verdictOf(*row.read_ohm, row.expected_ohm, practice);
        rows.push_back(std::move(row));
    }
    return rows;
}

}  // namespace core
