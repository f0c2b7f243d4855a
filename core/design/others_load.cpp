#include "core/design/others_load.h"

#include <algorithm>
#include <array>

#include "core/edits/layers.h"
#include "core/edits/network_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"

namespace core {
namespace {

constexpr double kOpen_ohm = 1000.0;  // against a few: a thousandth of what is asked for

// The coils of this cone hardly draw, on this side and the other.
void silence(Plan& after, const Port& coil)
{
    const StageId goal = after.job.goal;
    const Fitout fitout = resolve(after, goal);
    for (const DeviceId one : mates(fitout, coil.device)) {
        Part part = partOf(fitout, one);
        for (const std::string& name : coilsOfCone(part, coil.element)) {
            Figures& figures = part.inside.at(name).figures;
            figures[Quantity::Re_ohm] = Known{kOpen_ohm};
            figures[Quantity::Nominal_ohm] = Known{100.0};
        }
        Device silent = fitout.devices.at(one);
        silent.part = drawId<PartId>(after);
        after.parts[silent.part] = part;
        putAt(after, &Plan::devices, goal, one, silent);
    }
}

}  // namespace

Eigen::ArrayXcd othersOnChannel_s(const Plan& plan, const Evaluation& evaluation, const std::vector<size_t>& runs)
{
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    const Eigen::ArrayXcd none = Eigen::ArrayXcd::Zero(evaluation.frequency_hz.size());
    const Port& channel = stage.runs[runs.front()].run.id.channel;
    const auto isOurs = [&](const RunResult& run) {
        return std::any_of(runs.begin(), runs.end(), [&](size_t one) {
            const Port &coil = stage.runs[one].run.id.coil, &other = run.run.id.coil;
            if (coil.device != other.device) return false;
            const std::vector<std::string> cone = coilsOfCone(partOf(stage.used, coil.device), coil.element);
            return std::find(cone.begin(), cone.end(), other.element) != cone.end();
        });
    };
    if (std::none_of(stage.runs.begin(), stage.runs.end(),
                     [&](const RunResult& run) { return run.run.id.channel == channel && !isOurs(run); }))
        return none;
    Plan after = plan;
    static_cast<void>(plannedGoal(after));
    for (const size_t one : runs) {
        const DeviceId speaker = stage.runs[one].run.id.coil.device;
        for (const auto& boardBefore : {networkOf, inlineFilterOf})
            if (const DeviceId board = boardBefore(resolve(after, after.job.goal), speaker))
                after = apply(after, takeBoardOut(after, board)).plan;
    }
    for (const size_t one : runs) silence(after, stage.runs[one].run.id.coil);
    const Evaluation without = evaluate(after, evaluation.practice, std::array{after.job.goal}, Evaluation{});
    const CircuitResult* circuit = findCircuit(*without.stages.at(after.job.goal), channel);
    return circuit ? Eigen::ArrayXcd(circuit->load_ohm.inverse()) : none;
}

}  // namespace core
