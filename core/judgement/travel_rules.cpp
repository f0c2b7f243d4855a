#include "core/judgement/travel_rules.h"

#include <cmath>

#include "core/edits/named_edits.h"
#include "core/evaluate/driver_mounting.h"
#include "core/evaluate/grid_tables.h"
#include "core/judgement/protection_rules.h"
#include "core/physics/filter.h"

namespace core {
namespace {

bool isSubwoofer(const Judging& judging, const RunResult& run)
{
    const Port& coil = run.run.id.coil;
    const Part& part = judging.goal.used.parts.at(judging.goal.used.devices.at(coil.device).part);
    return driverClassOf(part, coil.element).starts_with("subwoofer");
}

std::vector<Evidence> travelEvidence(const Judging& judging, const RunResult& run, Quantity what, double travel_m,
                                     Origin worst, double limit_m, PracticeKey from)
{
    const Port& coil = run.run.id.coil;
    return {{{coil, what}, judging.goalId, {travel_m, worst}, limit_m, from},
            {{coil, Quantity::Xmax_m},
             judging.goalId,
             {run.driver.xmax_m, run.coil.at(Quantity::Xmax_m).basis.origin},
             {},
             {}}};
}

// Level is no mend: at the source's limit it is the same whatever the channel's gain.
void offerLess(Finding& finding, const Judging& judging, const ConeResult& cone, const RunResult& run)
{
    const Port& channel = run.run.id.channel;
    if (!isTweeter(run, judging.practice))
        if (const auto filter = holdingHighPass(judging, cone, run.driver.xmax_m))
            finding.mends.push_back(
                {MendName::SetHighPass, filter->frequency_hz, setHighPass(judging.plan, channel, *filter)});
    finding.mends.push_back(chooseDriverMend(run.run.id.coil.device));
}

}  // namespace

std::optional<Filter> holdingHighPass(const Judging& judging, const ConeResult& cone, double xmax_m)
{
    constexpr double kLowest_hz = 20.0, kStep_hz = 10.0, kHighest_ratio = 4.0;
    const RunResult& run = judging.goal.runs[cone.runs.front()];
    const Eigen::ArrayXd weighted = judging.tables->programme * cone.excursion_m_v.square();
    for (double corner_hz = kLowest_hz; corner_hz <= kHighest_ratio * run.driver.fs_hz; corner_hz += kStep_hz) {
        const Eigen::ArrayXd passed = filterResponse({FilterFamily::Butterworth, 2}, FilterSide::HighPass, corner_hz,
                                                     judging.tables->frequency_hz)
                                          .abs2();
        const double left = std::sqrt((weighted * passed).sum() / weighted.sum());
        if (cone.travel.programme_m * left <= xmax_m) return Filter{corner_hz, 2};
    }
    return std::nullopt;
}

std::vector<Finding> judgeTravelWithProgramme(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const auto& [cone, run] : judging.leadingCones()) {
        const double ratio = cone->travel.programme_m / run->driver.xmax_m;
        const double care = judging.practice[PracticeKey::TravelCare_ratio];
        const double stop = judging.practice[PracticeKey::TravelStop_ratio];
        if (isSubwoofer(judging, *run) || !over(ratio, care)) continue;
        const bool isStop = over(ratio, stop);
        Finding finding{.rule = RuleId::TravelWithProgramme,
                        .severity = judging.stood(*run) ? Severity::Note : isStop ? Severity::Stop : Severity::Care,
                        .stage = judging.goalId};
        finding.where = judging.alike(run->run.id.coil.device);
        finding.evidence = travelEvidence(judging, *run, Quantity::ProgrammeTravel_m, cone->travel.programme_m,
                                          std::max(cone->worst, run->coil.at(Quantity::Xmax_m).basis.origin),
                                          (isStop ? stop : care) * run->driver.xmax_m,
                                          isStop ? PracticeKey::TravelStop_ratio : PracticeKey::TravelCare_ratio);
        offerLess(finding, judging, *cone, *run);
        const Address travel{run->run.id, Quantity::ProgrammeTravel_m};
        Doubt doubt{.worst = finding.evidence.front().figure.worst,
                    .figure = Judging::draws(judging.goalSpread, travel),
                    .leans = {{judging.goalId, travel}}};
        doubt.leans.push_back({judging.goalId, {run->run.id.coil, Quantity::Xmax_m}, -(isStop ? stop : care)});
        if (const auto most = Judging::draws(judging.goalSpread, {run->run.id.coil, Quantity::Xmax_m}))
            doubt.limit = *most * (isStop ? stop : care);
        soften(finding, std::move(doubt));
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeSubwooferTravel(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const auto& [cone, run] : judging.leadingCones()) {
        if (!isSubwoofer(judging, *run)) continue;
        const Port& coil = run->run.id.coil;
        const auto& box = mountedDriver(judging.goal.used, coil, run->coil, judging.practice).mounting.box;
        const double from_hz =
            std::max(judging.practice[PracticeKey::SubTravelFrom_hz],
                     box && box->tuning_hz ? judging.practice[PracticeKey::SubTravelTuning_ratio] * *box->tuning_hz
                                           : 0.0);
        const Eigen::ArrayXd& hz = judging.tables->frequency_hz;
        Eigen::Index worst = 0;
        const double most_m_v = (hz >= from_hz * (1.0 - 1e-9)).select(cone->excursion_m_v, 0.0).maxCoeff(&worst);
        const double perVolt_m = cone->excursion_m_v.maxCoeff();
        if (!(perVolt_m > 0.0)) continue;
        const double travel_m = cone->travel.sine_m * most_m_v / perVolt_m;
        const double ratio = travel_m / run->driver.xmax_m;
        const double care = judging.practice[PracticeKey::SubTravelCare_ratio];
        const double stop = judging.practice[PracticeKey::SubTravelStop_ratio];
        if (!over(ratio, care)) continue;
        const bool isStop = over(ratio, stop);
        Finding finding{.rule = RuleId::SubwooferTravel,
                        .severity = judging.stood(*run) ? Severity::Note : isStop ? Severity::Stop : Severity::Care,
                        .stage = judging.goalId};
        finding.where = judging.alike(coil.device);
        finding.evidence = travelEvidence(judging, *run, Quantity::Travel_m, travel_m,
                                          std::max(cone->worst, run->coil.at(Quantity::Xmax_m).basis.origin),
                                          (isStop ? stop : care) * run->driver.xmax_m,
                                          isStop ? PracticeKey::SubTravelStop_ratio : PracticeKey::SubTravelCare_ratio);
        finding.evidence.push_back(
            {{coil, Quantity::AtFrequency_hz}, judging.goalId, {hz(worst), cone->worst}, {}, {}});
        finding.mends.push_back(chooseDriverMend(coil.device));
        soften(finding, {.worst = finding.evidence.front().figure.worst});
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
