#include "core/judgement/judge.h"

#include <algorithm>

#include "core/judgement/capacitor_rules.h"
#include "core/judgement/clearance_rules.h"
#include "core/judgement/fixing_rules.h"
#include "core/judgement/hole_rules.h"
#include "core/judgement/level_rules.h"
#include "core/judgement/load_rules.h"
#include "core/judgement/measure_next.h"
#include "core/judgement/wire_and_count_rules.h"

namespace core {

namespace {

// What is in doubt is measured before anything is bought.
void offerReading(Finding& finding, const Evaluation& evaluation)
{
    if (!finding.couldBe) return;
    const auto reading = settlingReading(evaluation, finding);
    if (!reading) return;
    if (auto mend = readingMend(*reading)) offerFirst(finding, std::move(*mend));
}

}  // namespace

std::vector<Finding> judge(const Plan& plan, const Evaluation& evaluation)
{
    const StageId goal = plan.job.goal;
    const Judging judging{
        plan, evaluation.practice,          *evaluation.stages.at(kFound), *evaluation.stages.at(goal),
        goal, spreadAt(evaluation, kFound), spreadAt(evaluation, goal)};
    std::vector<Finding> findings;
    for (const auto& rule :
         {judgeLoadUnderMinimum, judgeLowerLoadOnFactory, judgeLessLevel,     judgeCoilOverRating,
          judgeClipsEarly,       judgeLevelMismatch,      judgeKeptCapacitor, judgeCapacitorOnFilteredOutput,
          judgeDepthAndSpacer,   judgeWindowTravel,       judgeCutoutAndRing, judgeDomeTakenForHole,
          judgeScrewHoles,       judgeFrontClearance,     judgeUnderPanel,    judgeCoverSwallows,
          judgeHeavyOnAdhesive,  judgeSealMissing,        judgePinchedCable,  judgeWireSlack,
          judgePlasticAnchors,   judgeCountsOpen,         judgeScrewReaches,  judgeNeedlessCut,
          judgeFixingOverload}) {
        std::vector<Finding> found = rule(judging);
        for (Finding& finding : found) offerReading(finding, evaluation);
        findings.insert(findings.end(), std::make_move_iterator(found.begin()), std::make_move_iterator(found.end()));
    }
    std::stable_sort(findings.begin(), findings.end(),
                     [](const Finding& a, const Finding& b) { return a.severity > b.severity; });
    return findings;
}

}  // namespace core
