#include "core/judgement/travel_rules.h"

#include <cmath>

#include "core/edits/named_edits.h"
#include "core/evaluate/driver_mounting.h"
#include "core/evaluate/grid_tables.h"
#include "core/fitout/driver_work.h"
#include "core/limits/sound_limits.h"
#include "core/physics/filter.h"

namespace core {
namespace {

bool isSubwoofer(const Judging& judging, const RunResult& run)
{
    return workOf(judging.goal.used, run.run.id.coil) == DriverWork::Bass;
}

std::vector<Evidence> travelEvidence(const Judging& judging, const RunResult& run, const Verdict& verdict)
{
    const Port& coil = run.run.id.coil;
    return {{{coil, verdict.what}, judging.goalId, verdict.figure, verdict.limit, verdict.key},
            {{coil, Quantity::Xmax_m},
             judging.goalId,
             {run.driver.xmax_m, run.coil.at(Quantity::Xmax_m).basis.origin},
             {},
             {}}};
}

// Of how the travel and the most it may be are known.
Origin worstOf(const ConeResult& cone, const RunResult& run)
{
    return std::max(cone.worst, run.coil.at(Quantity::Xmax_m).basis.origin);
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
        if (isSubwoofer(judging, *run)) continue;
        const auto verdict = travelLimit({.travel_m = cone->travel.programme_m,
                                          .xmax_m = run->driver.xmax_m,
                                          .stood = judging.stood(*run),
                                          .worst = worstOf(*cone, *run)},
                                         judging.practice);
        if (!verdict) continue;
        Finding finding{.rule = verdict->rule, .severity = verdict->severity, .stage = judging.goalId};
        finding.where = judging.alike(run->run.id.coil.device);
        finding.evidence = travelEvidence(judging, *run, *verdict);
        offerLess(finding, judging, *cone, *run);
        const Address travel{run->run.id, Quantity::ProgrammeTravel_m};
        Doubt doubt{.worst = finding.evidence.front().figure.worst,
                    .figure = Judging::draws(judging.goalSpread, travel),
                    .leans = {{judging.goalId, travel}}};
        const double most_ratio = judging.practice[*verdict->key];
        doubt.leans.push_back({judging.goalId, {run->run.id.coil, Quantity::Xmax_m}, -most_ratio});
        if (const auto most = Judging::draws(judging.goalSpread, {run->run.id.coil, Quantity::Xmax_m}))
            doubt.limit = *most * most_ratio;
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
        const auto sine =
            subwooferSine(*cone, box ? box->tuning_hz : std::nullopt, judging.tables->frequency_hz, judging.practice);
        const auto verdict = sine ? travelLimit({.travel_m = sine->travel_m,
                                                 .xmax_m = run->driver.xmax_m,
                                                 .subwoofer = true,
                                                 .stood = judging.stood(*run),
                                                 .worst = worstOf(*cone, *run)},
                                                judging.practice)
                                  : std::nullopt;
        if (!verdict) continue;
        Finding finding{.rule = verdict->rule, .severity = verdict->severity, .stage = judging.goalId};
        finding.where = judging.alike(coil.device);
        finding.evidence = travelEvidence(judging, *run, *verdict);
        finding.evidence.push_back(
            {{coil, Quantity::AtFrequency_hz}, judging.goalId, {sine->at_hz, cone->worst}, {}, {}});
        finding.mends.push_back(chooseDriverMend(coil.device));
        soften(finding, {.worst = finding.evidence.front().figure.worst});
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
