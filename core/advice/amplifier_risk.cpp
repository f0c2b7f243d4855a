#include "core/advice/amplifier_risk.h"

#include <cmath>
#include <limits>

#include "core/base/threshold.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/resolve.h"
#include "core/limits/sound_limits.h"
#include "core/physics/level.h"
#include "core/physics/preferred_values.h"
#include "core/physics/rated_impedance.h"

namespace core {

std::optional<AmplifierRisk> amplifierRisk(const Plan& plan, const Evaluation& evaluation, DeviceId device)
{
    const StageResult& goal = *evaluation.stages.at(plan.job.goal);
    const RunResult* run = findRunOfDevice(goal, device);
    const RunResult* before = run ? findRun(*evaluation.stages.at(kFound), run->run.id) : nullptr;
    if (!before || before->driver == run->driver) return std::nullopt;
    const Port& channel = run->run.id.channel;
    const auto factory = itemAt(plan, &Plan::devices, kFactory, channel.device);
    const Known& minimum = findCircuit(goal, channel)->output.at(Quantity::LeastLoad_ohm);
    if (!factory || factory->part != goal.used.devices.at(channel.device).part ||
        minimum.basis.origin != Origin::ClassGuess)
        return std::nullopt;
    const Practice& practice = evaluation.practice;
    // What an ohmmeter shows at the leads, as the rule takes it: coils as they are joined.
    const Known now = atLeads(goal.used, *run, practice);
    const Known old = atLeads(evaluation.stages.at(kFound)->used, *before, practice);
    const double accepted = practice[PracticeKey::LowerLoadCare_ratio];
    const Computed ratio = lowerLoadRatio(now, old);
    const auto verdict = lowerLoadLimit(now, old, true, practice);
    AmplifierRisk risk{.ratio = ratio.value, .worst = ratio.worst};
    risk.grade = !verdict                              ? RiskGrade::Accepted
                 : verdict->severity == Severity::Stop ? RiskGrade::High
                                                       : RiskGrade::Some;
    risk.oldUnmeasured = old.basis.origin != Origin::Measured;
    if (risk.grade == RiskGrade::Accepted) return risk;
    if (const auto series = nearestPreferred(old.value - now.value, PreferredSeries::E12)) {
        risk.series_ohm = series->value;
        risk.seriesLoss_db = -decibels(now.value / (now.value + series->value));
    }
    double nearest = std::numeric_limits<double>::max();
    for (const double nominal : kRatedImpedances_ohm) {
        const double re_ohm = nominal * practice[PracticeKey::ReOfNominal_ratio];
        const double apart = std::abs(std::log(re_ohm / old.value));
        if (under(re_ohm / old.value, accepted) || apart >= nearest) continue;
        nearest = apart;
        risk.nearest_ohm = nominal;
    }
    return risk;
}

}  // namespace core
