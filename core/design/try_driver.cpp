#include "core/design/try_driver.h"

#include <algorithm>
#include <array>

#include "core/design/align.h"
#include "core/design/best_spot.h"
#include "core/design/choose_bracket.h"
#include "core/design/rank_drivers.h"
#include "core/design/split_search.h"
#include "core/edits/lead_edits.h"
#include "core/edits/named_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/judgement/judge.h"

namespace core {
namespace {

bool isAbout(const Finding& finding, DeviceId device)
{
    return std::find(finding.where.begin(), finding.where.end(), Subject{device}) != finding.where.end();
}

std::pair<int64_t, int64_t> againstIt(const std::vector<Finding>& findings)
{
    const auto count = [&](Severity severity) {
        return std::count_if(findings.begin(), findings.end(),
                             [&](const Finding& finding) { return finding.severity == severity; });
    };
    return {count(Severity::Stop), count(Severity::Care)};
}

}  // namespace

Trial tryDriver(const Plan& plan, const Practice& practice, const Part& part, DeviceId device, const Evaluation& last)
{
    Trial trial{.plan = apply(plan, fitPart(plan, device, part)).plan};
    trial.evaluation = evaluateJob(trial.plan, practice, last);
    for (Finding& finding : judge(trial.plan, trial.evaluation))
        if (isAbout(finding, device)) trial.findings.push_back(std::move(finding));
    return trial;
}

namespace {

// The answer with which the rules have least to say against the plan, of equal ones that with the fewest parts; nothing
// where they have as much to say against each as against what stands.
std::optional<Edit> leastAgainst(const Plan& plan, const Practice& practice, DeviceId tweeter,
                                 const std::stop_token& stop)
{
    const Evaluation evaluation = evaluateJob(plan, practice);
    const auto search = searchSplits(plan, evaluation, {.tweeter = tweeter}, stop);
    std::optional<Edit> best;
    auto least = againstIt(judge(plan, evaluation));
    for (const SplitAnswer& one : search ? search->answers : std::vector<SplitAnswer>{}) {
        if (stop.stop_requested()) return std::nullopt;
        const Plan tried = apply(plan, one.edit).plan;
        const auto against = againstIt(judge(tried, evaluateJob(tried, practice, evaluation)));
        if (against >= least) continue;
        best = one.edit;
        least = against;
    }
    return best;
}

std::optional<Edit> alignFirstSeat(const Plan& plan, const Practice& practice, const std::stop_token& stop)
{
    if (plan.listeners.empty()) return std::nullopt;
    const auto found = align(plan, practice, std::array{plan.listeners.begin()->first}, {}, stop);
    return found && !found->edit.changes.empty() ? std::optional(found->edit) : std::nullopt;
}

}  // namespace

std::optional<Edit> answer(const SolverRequest& request, const Plan& plan, const Practice& practice, const Shelf& shelf,
                           const std::stop_token& stop, const UsualVehicles& vehicles)
{
    using Kind = SolverRequest::Kind;
    if (request.kind == Kind::AlignSeat) return alignFirstSeat(plan, practice, stop);
    if (request.kind == Kind::FindSpot) return bestSpot(plan, practice, vehicles, request.device, stop);
    if (request.kind == SolverRequest::Kind::ChooseBracket) return chooseBracket(plan, practice, shelf, request.device);
    if (request.kind == SolverRequest::Kind::FindSplit) return leastAgainst(plan, practice, request.device, stop);
    constexpr int kWorthTrying = 12;
    const Evaluation evaluation = evaluateJob(plan, practice);
    std::optional<Edit> best;
    std::pair<int64_t, int64_t> least{};
    int tried = 0;
    for (const Candidate& candidate :
         rankDrivers(plan, shelf, request.device, evaluation, RankScope::WhatSuits, stop)) {
        if (stop.stop_requested()) return std::nullopt;
        if (candidate.fitted) continue;
        if (++tried > kWorthTrying) break;
        const auto against = againstIt(tryDriver(plan, practice, candidate.part, request.device, evaluation).findings);
        if (best && against >= least) continue;
        best = fitPluggedIn(plan, request.device, candidate.part, leadThatSaves(candidate.damage, shelf));
        least = against;
    }
    return best;
}

}  // namespace core
