#include "core/evaluate/channel_inputs.h"

#include <algorithm>

#include "core/evaluate/circuit.h"
#include "core/evaluate/driver_mounting.h"
#include "core/fitout/complete.h"
#include "core/fitout/resolve.h"

namespace core {
namespace {

// Capacitors one after another on a run count as one.
void addSeriesCapacitor(CoilInputs& coil, const Fitout& fitout, const Practice& practice)
{
    double elastance = 0.0;
    for (const Port& port : coil.run.seriesCapacitors) {
        const Known capacitance =
            complete(partOf(fitout, port.device), port.element, practice).at(Quantity::Capacitance_f);
        elastance += 1.0 / capacitance.value;
        coil.worst = std::max(coil.worst, capacitance.basis.origin);
    }
    if (elastance > 0.0) coil.seriesCapacitance_f = 1.0 / elastance;
}

CoilInputs coilInputs(const Fitout& fitout, const Run& run, const Practice& practice)
{
    const Port& port = run.id.coil;
    const Part& part = partOf(fitout, port.device);
    CoilInputs coil{.run = run, .coil = complete(part, port.element, practice)};
    coil.mounted = mountedDriver(fitout, port, coil.coil, practice);
    const auto mount = fitout.mounts.find(port.device);
    coil.backwards = mount != fitout.mounts.end() && mount->second.backwards;
    if (const auto curve = fitout.curves.find(part.inside.at(port.element).curve); curve != fitout.curves.end())
        coil.response = curve->second;
    coil.worst =
        worstOrigin(coil.coil, {Quantity::Re_ohm, Quantity::Le_h, Quantity::Fs_hz, Quantity::Qms, Quantity::Qes});
    addSeriesCapacitor(coil, fitout, practice);
    return coil;
}

}  // namespace

ChannelInputs channelInputs(const Fitout& fitout, const WiringGraph& graph, const Port& channel,
                            std::span<const Run> runs, const Practice& practice)
{
    ChannelInputs inputs;
    inputs.channel = channel;
    inputs.output = complete(partOf(fitout, channel.device), channel.element, practice);
    if (const auto found = fitout.settings.find(channel); found != fitout.settings.end())
        inputs.setting = found->second;
    inputs.circuit = circuitOf(fitout, graph, channel, practice);
    for (const Run& run : runs)
        if (run.id.channel == channel) inputs.coils.push_back(coilInputs(fitout, run, practice));
    return inputs;
}

}  // namespace core
