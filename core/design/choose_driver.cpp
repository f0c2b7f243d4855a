#include "core/design/choose_driver.h"

#include <algorithm>
#include <tuple>

#include "core/edits/named_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/evaluate/resolve.h"
#include "core/judgement/judge.h"

namespace core {
namespace {

bool isAbout(const Finding& finding, DeviceId device)
{
    return std::find(finding.where.begin(), finding.where.end(), Subject{device}) != finding.where.end();
}

auto rankOf(const Candidate& candidate)
{
    const auto count = [&](Severity severity) {
        return std::count_if(candidate.findings.begin(), candidate.findings.end(),
                             [&](const Finding& f) { return f.severity == severity; });
    };
    return std::tuple{count(Severity::Stop), count(Severity::Care), -candidate.levelChange_db};
}

Candidate tryPart(const Plan& plan, const Practice& practice, const Part& part, DeviceId device, const Evaluation& last)
{
    const Plan tried = apply(plan, fitPart(plan, device, part)).plan;
    const Evaluation evaluation = evaluateJob(tried, practice, last);
    const StageResult& goal = *evaluation.stages.at(tried.job.goal);
    Candidate candidate{.part = part};
    const RunResult* run = findRunOfDevice(goal, device);
    if (!run) return candidate;
    candidate.least_ohm = findCircuit(goal, run->run.id.channel)->least_ohm;
    candidate.corner_hz = run->idealCorner_hz;
    if (const RunResult* before = findRun(*evaluation.stages.at(kFound), run->run.id))
        candidate.levelChange_db = run->midLevel_db - before->midLevel_db;
    for (Finding& finding : judge(tried, evaluation))
        if (isAbout(finding, device)) candidate.findings.push_back(std::move(finding));
    return candidate;
}

}  // namespace

std::vector<Candidate> rankDrivers(const Plan& plan, const Practice& practice, const Shelf& shelf, DeviceId device,
                                   const Evaluation& last)
{
    std::vector<Candidate> candidates;
    const auto standing = itemAt(plan, &Plan::devices, plan.job.goal, device);
    for (const Part& part : shelf.drivers) {
        candidates.push_back(tryPart(plan, practice, part, device, last));
        candidates.back().fitted = standing && plan.parts.at(standing->part).shelfKey == part.shelfKey;
    }
    std::stable_sort(candidates.begin(), candidates.end(),
                     [](const Candidate& a, const Candidate& b) { return rankOf(a) < rankOf(b); });
    return candidates;
}

std::optional<Edit> answer(const SolverRequest& request, const Plan& plan, const Practice& practice, const Shelf& shelf)
{
    for (const Candidate& candidate : rankDrivers(plan, practice, shelf, request.device))
        if (!candidate.fitted) return fitPart(plan, request.device, candidate.part);
    return std::nullopt;
}

}  // namespace core
