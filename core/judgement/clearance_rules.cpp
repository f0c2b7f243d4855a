#include "core/judgement/clearance_rules.h"

#include <cmath>

#include "core/edits/fit_edits.h"
#include "core/evaluate/screw_choice.h"
#include "core/judgement/fit_judging.h"

namespace core {
namespace {

bool behindGlass(const Place& place)
{
    return place.behind == Behind::Glass || place.behind == Behind::Regulator;
}

PracticeKey depthLimit(const Place& place)
{
    return place.behind == Behind::Regulator ? PracticeKey::RegulatorMargin_m : PracticeKey::DepthMargin_m;
}

// What stands in the way and could be cut away, where that alone brings the margin.
bool cutBringsIt(const PlannedDriver& driver)
{
    const auto more_m = valueOf(driver.place.room, Quantity::Obstruction_m);
    const DriverFit& fit = driver.fit;
    return more_m && fit.obstruction_m == 0.0 && fit.depthMargin_m &&
           fit.depthMargin_m->value + *more_m >= fit.wantedDepth_m - kLengthSlack_m &&
           !(fit.glassUpMargin_m && fit.glassUpMargin_m->value < fit.wantedDepth_m - kLengthSlack_m);
}

// A spacer that brings the margin, if it is another one than stands there; then another driver; last what is for good.
// What is only guessed is measured first.
void addDepthMends(Finding& finding, const Judging& judging, const PlannedDriver& driver)
{
    const auto& spacers = driver.fit.spacers;
    if (spacers && std::abs(spacers->sum_m - driver.fit.spacer_m) > 1e-6)
        finding.mends.push_back(spacerMend(judging, driver, spacers->sum_m));
    finding.mends.push_back(chooseDriverMend(driver.id));
    if (cutBringsIt(driver))
        finding.mends.push_back({MendName::CutObstruction, *valueOf(driver.place.room, Quantity::Obstruction_m),
                                 prepareHole(judging.plan, driver.id, AlterationKind::CutObstruction)});
    if (finding.couldBe) offerFirst(finding, measureMend(driver.id, judging.goalId, Quantity::Depth_m));
}

void addSurround(Finding& finding, const PlannedDriver& driver)
{
    for (const Quantity what : {Quantity::Surround_m, Quantity::MostTravel_m}) {
        const Known& known = driver.fit.body.at(what);
        finding.evidence.push_back({{driver.id, what}, finding.stage, {known.value, known.basis.origin, {}}, {}, {}});
    }
}

std::vector<Finding> judgeFront(const Judging& judging, RuleId rule, bool underPanel)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto& margin = driver.fit.frontMargin_m;
        const double wanted_m = driver.fit.wantedFront_m;
        if (driver.place.underPanel != underPanel || !margin || !(margin->value < wanted_m - kLengthSlack_m)) continue;
        const bool touches = margin->value < -kLengthSlack_m;
        Finding finding = fitFinding(judging, driver, rule, touches ? Severity::Stop : Severity::Care,
                                     {Quantity::FrontMargin_m, *margin, touches ? 0.0 : wanted_m,
                                      touches ? std::nullopt : std::optional(PracticeKey::FrontMargin_m)});
        addSurround(finding, driver);
        if (underPanel && driver.fit.spacers)
            finding.mends.push_back(spacerMend(judging, driver, driver.fit.spacers->sum_m));
        // In front of the panel a spacer takes room: it comes out where the depth allows.
        if (!underPanel && driver.fit.spacer_m > 0.0 && driver.fit.spacerNeeded_m.value_or(0.0) == 0.0)
            finding.mends.push_back(spacerMend(judging, driver, 0.0));
        finding.mends.push_back(chooseDriverMend(driver.id));
        if (finding.couldBe) offerFirst(finding, measureMend(driver.id, judging.goalId, Quantity::Surround_m));
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace

std::vector<Finding> judgeDepthAndSpacer(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto& margin = driver.fit.depthMargin_m;
        if (!margin || !(margin->value < driver.fit.wantedDepth_m - kLengthSlack_m)) continue;
        const bool none = !driver.fit.spacers;
        if (behindGlass(driver.place) && !none) continue;  // the glass has its own rule
        // Contact that no spacer clears is a Stop; a margin that is only thin is not.
        const bool touches = none && margin->value < -kLengthSlack_m;
        Finding finding = fitFinding(judging, driver, RuleId::DepthAndSpacer, touches ? Severity::Stop : Severity::Care,
                                     {Quantity::DepthMargin_m, *margin, driver.fit.wantedDepth_m,
                                      depthLimit(driver.place)});
        if (driver.fit.spacerNeeded_m)
            finding.evidence.push_back({{driver.id, Quantity::SpacerNeeded_m},
                                        judging.goalId,
                                        {*driver.fit.spacerNeeded_m, margin->worst, {}},
                                        {},
                                        {}});
        addDepthMends(finding, judging, driver);
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeWindowTravel(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        if (!behindGlass(driver.place)) continue;
        const DriverFit& fit = driver.fit;
        const Computed* least = nullptr;
        for (const auto* margin : {&fit.depthMargin_m, &fit.glassUpMargin_m, &fit.screwMargin_m})
            if (*margin && (!least || (*margin)->value < least->value)) least = &**margin;
        // Nobody knows where the glass runs, up or down.
        const bool unknown = !fit.depthMargin_m;
        if (!unknown && !(least->value < fit.wantedDepth_m - kLengthSlack_m)) continue;
        const bool meets = least && least->value < -kLengthSlack_m;
        const Quantity what = least == nullptr || least == &*fit.depthMargin_m        ? Quantity::DepthMargin_m
                              : fit.glassUpMargin_m && least == &*fit.glassUpMargin_m ? Quantity::GlassMargin_m
                                                                                      : Quantity::ScrewMargin_m;
        if (unknown && !meets) {
            Finding finding{.rule = RuleId::WindowTravel, .severity = Severity::Care, .stage = judging.goalId};
            finding.where = bothSides(judging, driver.id);
            const Known& depth = fit.body.at(Quantity::Depth_m);
            finding.evidence = {
                {{driver.id, Quantity::Depth_m}, judging.goalId, {depth.value, depth.basis.origin, {}}, {}, {}}};
            finding.mends = {measureMend(driver.id, judging.goalId, Quantity::DepthMargin_m)};
            findings.push_back(std::move(finding));
            continue;
        }
        Finding finding = fitFinding(judging, driver, RuleId::WindowTravel, meets ? Severity::Stop : Severity::Care,
                                     {what, *least, meets ? 0.0 : fit.wantedDepth_m,
                                      meets ? std::nullopt : std::optional(depthLimit(driver.place))});
        addDepthMends(finding, judging, driver);
        if (what == Quantity::ScrewMargin_m)
            if (const auto screw = shorterScrew_m(judging.practice, driver.place, driver.mount, fit))
                offerFirst(finding, {MendName::ShorterScrews, *screw, setScrews(judging.plan, driver.id, *screw)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

// A cut that frees depth nobody needs is for good and for nothing.
std::vector<Finding> judgeNeedlessCut(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const DriverFit& fit = driver.fit;
        if (!(fit.obstruction_m > 0.0) || !fit.depthMargin_m) continue;
        const double without_m = fit.depthMargin_m->value - fit.obstruction_m;
        if (without_m < fit.wantedDepth_m - kLengthSlack_m) continue;
        Finding finding = fitFinding(judging, driver, RuleId::NeedlessCut, Severity::Note,
                                     {Quantity::DepthMargin_m,
                                      {without_m, fit.depthMargin_m->worst, {}},
                                      fit.wantedDepth_m,
                                      depthLimit(driver.place)});
        finding.mends = {
            {MendName::LeaveObstruction, 0.0, leaveAsItIs(judging.plan, driver.id, AlterationKind::CutObstruction)}};
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeFrontClearance(const Judging& judging)
{
    return judgeFront(judging, RuleId::FrontClearance, false);
}

std::vector<Finding> judgeUnderPanel(const Judging& judging)
{
    return judgeFront(judging, RuleId::UnderPanel, true);
}

std::vector<Finding> judgeScrewReaches(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto& margin = driver.fit.screwMargin_m;
        if (!margin || !(margin->value < -kLengthSlack_m)) continue;
        Finding finding = fitFinding(judging, driver, RuleId::ScrewReaches, Severity::Stop,
                                     {Quantity::ScrewMargin_m, *margin, 0.0, {}});
        if (const auto screw = shorterScrew_m(judging.practice, driver.place, driver.mount, driver.fit))
            finding.mends.push_back({MendName::ShorterScrews, *screw, setScrews(judging.plan, driver.id, *screw)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
