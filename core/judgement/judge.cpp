#include "core/judgement/judge.h"

#include <algorithm>

#include "core/judgement/aim_rules.h"
#include "core/judgement/capacitor_rules.h"
#include "core/judgement/clearance_rules.h"
#include "core/judgement/coil_rules.h"
#include "core/judgement/cut_rules.h"
#include "core/judgement/fixing_rules.h"
#include "core/judgement/hole_rules.h"
#include "core/judgement/house_order.h"
#include "core/judgement/level_rules.h"
#include "core/judgement/load_rules.h"
#include "core/judgement/measure_next.h"
#include "core/judgement/polarity_rules.h"
#include "core/judgement/protection_rules.h"
#include "core/judgement/network_rules.h"
#include "core/judgement/split_rules.h"
#include "core/judgement/spot_rules.h"
#include "core/judgement/sub_rules.h"
#include "core/judgement/supply_rules.h"
#include "core/judgement/travel_rules.h"
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

// The order in which a fitter tries things: what costs nothing, what costs a part, what costs level, another driver.
int triedAt(MendName name)
{
    switch (name) {
        case MendName::MeasureRe:
        case MendName::MeasureFit:
            return 0;
        case MendName::CoilsInSeries:
        case MendName::CoilsInParallel:
        case MendName::TurnCoil:
        case MendName::TurnOver:
        case MendName::TakeBridgeOut:
        case MendName::ConnectDriver:
        case MendName::AlignSides:
        case MendName::MirrorSides:
        case MendName::PutBack:
            return 1;
        case MendName::ReplaceCapacitor:
        case MendName::AddCapacitor:
        case MendName::BypassCapacitor:
        case MendName::HigherRating:
            return 2;
        case MendName::AddResistor:
        case MendName::FitFuse:
        case MendName::ThickerCable:
        case MendName::FindSplit:
        case MendName::FeedFullRange:
        case MendName::TurnBoardRound:
        case MendName::SiteElsewhere:
        case MendName::MakeForOhms:
        case MendName::TurnToEars:
            return 3;
        case MendName::FitSpacer:
        case MendName::FitRing:
        case MendName::CutHole:
        case MendName::CutByTemplate:
        case MendName::ForgetCutout:
        case MendName::TurnDriver:
        case MendName::FitBracket:
        case MendName::BreakTabs:
        case MendName::NewScrewHoles:
        case MendName::OpenCover:
        case MendName::FixByBracket:
        case MendName::FixByRing:
        case MendName::SealEdge:
        case MendName::WireHole:
        case MendName::WireLength:
        case MendName::ShorterScrews:
        case MendName::CutObstruction:
        case MendName::LeaveObstruction:
        case MendName::LeaveUncut:
        case MendName::AllowCutting:
            return 4;  // of a fit: in the order its rule gives them
        case MendName::SetGain:
        case MendName::SeatFlush:
            return 5;
        case MendName::SetHighPass:
        case MendName::DropHighPass:
            return 6;
        case MendName::ChooseDriver:
        case MendName::MoveToSpot:
            return 7;
    }
    return 7;
}

void sortMends(Finding& finding)
{
    const bool fit = std::any_of(finding.mends.begin(), finding.mends.end(),
                                 [](const Mend& mend) { return triedAt(mend.name) == 4; });
    if (fit) return;  // whether another driver comes before a cut is that rule's own matter
    std::stable_sort(finding.mends.begin(), finding.mends.end(),
                     [](const Mend& a, const Mend& b) { return triedAt(a.name) < triedAt(b.name); });
}

}  // namespace

std::vector<Finding> judge(const Plan& plan, const Evaluation& evaluation)
{
    const StageId goal = plan.job.goal;
    const Judging judging{
        plan, evaluation.practice,          *evaluation.stages.at(kFound), *evaluation.stages.at(goal),
        goal, spreadAt(evaluation, kFound), spreadAt(evaluation, goal),    evaluation.tables.get()};
    std::vector<Finding> findings;
    for (const auto& rule : {
             judgeLoadUnderMinimum,   judgeLowerLoadOnFactory,
             judgeLessLevel,          judgeCoilOverRating,
             judgeClipsEarly,         judgeLevelMismatch,
             judgeKeptCapacitor,      judgeCapacitorOnFilteredOutput,
             judgeDepthAndSpacer,     judgeWindowTravel,
             judgeCutoutAndRing,      judgeHoleUnknown,
             judgeDomeTakenForHole,   judgeScrewHoles,
             judgeFrontClearance,     judgeUnderPanel,
             judgeCoverSwallows,      judgeHeavyOnAdhesive,
             judgeSealMissing,        judgePinchedCable,
             judgeWireSlack,          judgePlasticAnchors,
             judgeCountsOpen,         judgeScrewReaches,
             judgeNeedlessCut,        judgeFixingOverload,
             judgeCoilsFight,         judgeCoilOpen,
             judgeDriverUnfed,        judgeTweeterUnprotected,
             judgeHighPassLost,       judgeTravelWithProgramme,
             judgeSubwooferTravel,    judgeTurnedPairs,
             judgeSubAgainstDoors,
             judgeScrewOutsideFlange, judgeFuseAndCable,
             judgeCutAgainstWish,     judgeSplitNearResonance,
             judgeHandOver,           judgeStackedHighPasses,
             judgePartOverRating,     judgeNetworkOnFilteredLine,
             judgeNetworkBackwards,   judgeNetworkAtPedals,
             judgeNetworkForOtherOhms,
             judgeWaysApart,          judgeWayToTheEar,
             judgeSides,              judgeRestraintPath,
             judgeNoRoomForCup,       judgeNotMirrored,
         }) {
        std::vector<Finding> found = rule(judging);
        for (Finding& finding : found) {
            sortMends(finding);
            followHouse(finding, evaluation.practice);
            offerReading(finding, evaluation);
        }
        findings.insert(findings.end(), std::make_move_iterator(found.begin()), std::make_move_iterator(found.end()));
    }
    std::stable_sort(findings.begin(), findings.end(),
                     [](const Finding& a, const Finding& b) { return a.severity > b.severity; });
    return findings;
}

}  // namespace core
