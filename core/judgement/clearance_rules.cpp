#include "core/judgement/clearance_rules.h"

#include <cmath>

#include "core/edits/fit_edits.h"
#include "core/fit/screw_choice.h"
#include "core/judgement/fit_judging.h"

namespace core {
namespace {

PracticeKey depthKey(const Place& place)
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

std::vector<Finding> judgeFront(const Judging& judging, bool underPanel)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto verdict = frontLimit(driver.place, driver.fit);
        if (!verdict || driver.place.underPanel != underPanel) continue;
        Finding finding = fitFinding(judging, driver, *verdict);
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
        const auto verdict = depthLimit(driver.place, driver.fit);
        const bool turned = driver.mount.style == MountStyle::Cup || driver.mount.style == MountStyle::Pod;
        if (!verdict || turned) continue;  // a cup's room is judged as such, a pod needs none
        Finding finding = fitFinding(judging, driver, *verdict);
        if (driver.fit.spacerNeeded_m)
            finding.evidence.push_back({{driver.id, Quantity::SpacerNeeded_m},
                                        judging.goalId,
                                        {*driver.fit.spacerNeeded_m, verdict->figure.worst, {}},
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
        const auto verdict = windowLimit(driver.place, driver.fit);
        if (!verdict) continue;
        if (!verdict->limit) {  // nobody knows where the glass runs
            Finding finding{.rule = verdict->rule, .severity = verdict->severity, .stage = judging.goalId};
            finding.where = bothSides(judging, driver.id);
            finding.evidence = {{{driver.id, verdict->what}, judging.goalId, verdict->figure, {}, {}}};
            finding.mends = {measureMend(driver.id, judging.goalId, Quantity::DepthMargin_m)};
            findings.push_back(std::move(finding));
            continue;
        }
        Finding finding = fitFinding(judging, driver, *verdict);
        addDepthMends(finding, judging, driver);
        if (verdict->what == Quantity::ScrewMargin_m)
            if (const auto screw = shorterScrew_m(judging.practice, driver.place, driver.mount, driver.fit))
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
                                      depthKey(driver.place)});
        finding.mends = {
            {MendName::LeaveObstruction, 0.0, leaveAsItIs(judging.plan, driver.id, AlterationKind::CutObstruction)}};
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeFrontClearance(const Judging& judging)
{
    return judgeFront(judging, false);
}

std::vector<Finding> judgeUnderPanel(const Judging& judging)
{
    return judgeFront(judging, true);
}

std::vector<Finding> judgeScrewReaches(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto verdict = screwReachLimit(driver.fit);
        if (!verdict) continue;
        Finding finding = fitFinding(judging, driver, *verdict);
        if (const auto screw = shorterScrew_m(judging.practice, driver.place, driver.mount, driver.fit))
            finding.mends.push_back({MendName::ShorterScrews, *screw, setScrews(judging.plan, driver.id, *screw)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
