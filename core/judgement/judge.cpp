#include "core/judgement/judge.h"

#include <algorithm>

#include "core/judgement/capacitor_rules.h"
#include "core/judgement/load_rules.h"

namespace core {

std::vector<Finding> judge(const Plan& plan, const Evaluation& evaluation)
{
    const StageId goal = plan.job.goal;
    const Judging judging{
        plan, evaluation.practice,          *evaluation.stages.at(kFound), *evaluation.stages.at(goal),
        goal, spreadAt(evaluation, kFound), spreadAt(evaluation, goal)};
    std::vector<Finding> findings;
    for (const auto& rule : {judgeLoadUnderMinimum, judgeLowerLoadOnFactory, judgeLessLevel, judgeCoilOverRating,
                             judgeKeptCapacitor, judgeCapacitorOnFilteredOutput}) {
        std::vector<Finding> found = rule(judging);
        findings.insert(findings.end(), std::make_move_iterator(found.begin()), std::make_move_iterator(found.end()));
    }
    std::stable_sort(findings.begin(), findings.end(),
                     [](const Finding& a, const Finding& b) { return a.severity > b.severity; });
    return findings;
}

}  // namespace core
