#include "core/design/why_not.h"

#include <algorithm>
#include <cmath>

#include "core/design/split_measure.h"
#include "core/evaluate/evaluate.h"
#include "core/evaluate/hearing.h"
#include "core/evaluate/split_sum.h"
#include "core/judgement/judge.h"
#include "core/model/validate.h"

namespace core {
namespace {

std::optional<double> unevenOf(const Plan& plan, const Evaluation& evaluation, DeviceId tweeter, ListenerId seat,
                               const SplitMeasure& measure)
{
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    const auto pair = splitPairOf(stage, tweeter, evaluation.practice);
    if (!pair || !splitSum(stage, *pair, seat)) return std::nullopt;
    const Ears<Eigen::ArrayXcd> low = runAt(stage, pair->low, seat), high = runAt(stage, pair->high, seat);
    const Eigen::ArrayXd square = (low[0] + high[0]).abs2() + (low[1] + high[1]).abs2();
    return measure.unevenness_db(SplitMeasure::coarse(square));
}

constexpr double kWorse_ratio = 1.02;  // so much further past its limit. Ours, no source

// How far past its limit a finding's first figure lies; 0 where it has none.
double past(const Finding& finding)
{
    if (finding.evidence.empty() || !finding.evidence.front().limit) return 0.0;
    return std::abs(finding.evidence.front().figure.value - *finding.evidence.front().limit);
}

bool stoodBefore(const Finding& now, const Finding& before)
{
    return now.rule == before.rule && now.severity == before.severity && now.where == before.where &&
           past(now) <= kWorse_ratio * past(before);
}

}  // namespace

WhyNot whyNot(const Plan& plan, const Evaluation& evaluation, const std::vector<Finding>& findings, const Edit& tried,
              DeviceId tweeter, ListenerId seat, const std::optional<double>& slope_db_octave,
              const std::optional<Edit>& best)
{
    // Nothing where the edit is one of an older plan.
    const auto made = [&](const Edit& edit) -> std::optional<std::pair<Plan, Evaluation>> {
        if (!fits(plan, edit)) return std::nullopt;
        Plan after = apply(plan, edit).plan;
        if (!validate(after).empty()) return std::nullopt;
        Evaluation its = evaluateJob(after, evaluation.practice, evaluation);
        return std::pair(std::move(after), std::move(its));
    };
    const SplitMeasure measure(evaluation.frequency_hz, splitTarget(plan, slope_db_octave));
    WhyNot why;
    const auto with = made(tried);
    if (!with) return why;
    const auto& [after, its] = *with;
    for (Finding& finding : judge(after, its))
        if (std::none_of(findings.begin(), findings.end(),
                         [&](const Finding& one) { return stoodBefore(finding, one); }))
            why.against.push_back(std::move(finding));
    std::stable_sort(why.against.begin(), why.against.end(),
                     [](const Finding& a, const Finding& b) { return a.severity > b.severity; });
    why.uneven_db = unevenOf(after, its, tweeter, seat, measure);
    if (const auto other = best ? made(*best) : std::nullopt)
        why.best_db = unevenOf(other->first, other->second, tweeter, seat, measure);
    return why;
}

}  // namespace core
