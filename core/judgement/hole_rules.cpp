#include "core/judgement/hole_rules.h"

#include <algorithm>
#include <cmath>

#include "core/edits/fit_edits.h"
#include "core/edits/survey_edits.h"
#include "core/fit/driver_body.h"
#include "core/fit/fit_of.h"
#include "core/fit/screw_holes.h"
#include "core/judgement/fit_judging.h"

namespace core {
namespace {

// By the next saw that is sold, else by a template.
Mend cutMend(const Judging& judging, const PlannedDriver& driver, const HoleFit& hole)
{
    return {hole.plan.saw_m ? MendName::CutHole : MendName::CutByTemplate, hole.plan.cut_m,
            cutHole(judging.plan, driver.id, hole.plan.cut_m,
                    hole.ovalCut ? std::optional(2.0 * hole.ovalCut->short_m) : std::nullopt)};
}

bool hadDriver(const Fitout& found, PlaceId place)
{
    return std::any_of(found.devices.begin(), found.devices.end(), [&](const auto& entry) {
        return entry.second.at == place && found.parts.at(entry.second.part).kind == PartKind::Driver;
    });
}

}  // namespace

std::vector<Finding> judgeCutoutAndRing(const Judging& judging)
{
    const bool noCutting = judging.plan.job.keep.contains(Keep::NoCutting);
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto& hole = driver.fit.hole;
        const auto verdict = holeLimit(driver.place, driver.fit, noCutting);
        if (!verdict) continue;
        Finding finding = fitFinding(judging, driver, *verdict);
        if (hole->ring && hole->ringOutside_m)
            finding.mends.push_back(
                {MendName::FitRing, *hole->ringOutside_m,
                 fitRing(judging.plan, driver.id, *hole, judging.practice[PracticeKey::RingThickness_m])});
        if (hole->cut && !noCutting) finding.mends.push_back(cutMend(judging, driver, *hole));
        if (hole->ovalCut)
            finding.evidence.push_back({{driver.id, Quantity::CutoutShort_m},
                                        judging.goalId,
                                        {2.0 * hole->ovalCut->short_m, hole->worst, {}},
                                        {},
                                        {}});
        finding.mends.push_back(chooseDriverMend(driver.id));
        if (hole->cut && noCutting) finding.mends.push_back({MendName::AllowCutting, 0.0, allowCutting(judging.plan)});
        if (finding.couldBe)
            offerFirst(finding, measureMend(driver.id, judging.goalId,
                                            driver.place.room.contains(Quantity::Cutout_m) ? Quantity::Basket_m
                                                                                           : Quantity::Cutout_m));
        findings.push_back(std::move(finding));
    }
    return findings;
}

// What is glued on needs none, a box of its own is built with it.
std::vector<Finding> judgeHoleUnknown(const Judging& judging)
{
    const bool noCutting = judging.plan.job.keep.contains(Keep::NoCutting);
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto& hole = driver.fit.hole;
        const PlaceKind kind = driver.place.kind;
        if (!hole || hole->there_m || driver.mount.fixing == Fixing::Adhesive || kind == PlaceKind::OwnBox ||
            kind == PlaceKind::Hidden || hadDriver(judging.found.used, driver.device.at))
            continue;
        Finding finding{.rule = RuleId::HoleUnknown, .severity = Severity::Care, .stage = judging.goalId};
        finding.where = bothSides(judging, driver.id);
        finding.evidence = {
            {{driver.id, Quantity::CutoutLeast_m}, judging.goalId, {hole->limits.least_m, hole->worst, {}}, {}, {}},
            {{driver.id, Quantity::CutoutMost_m}, judging.goalId, {hole->limits.most_m, hole->worst, {}}, {}, {}}};
        finding.mends = {measureMend(driver.id, judging.goalId, Quantity::Cutout_m)};
        finding.mends.push_back(noCutting ? Mend{MendName::AllowCutting, 0.0, allowCutting(judging.plan)}
                                          : cutMend(judging, driver, *hole));
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeDomeTakenForHole(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto verdict = domeLimit(driver.part);
        if (!verdict) continue;
        Finding finding = fitFinding(judging, driver, *verdict);
        Part part = driver.part;
        part.figures.erase(Quantity::Cutout_m);
        const Known usual = bodyFigures(part, judging.practice).at(Quantity::Basket_m);
        finding.evidence.push_back(
            {{driver.id, Quantity::Basket_m}, judging.goalId, {usual.value, usual.basis.origin, {}}, {}, {}});
        finding.mends = {measureMend(driver.id, judging.goalId, Quantity::Basket_m),
                         {MendName::ForgetCutout, 0.0, changePart(judging.plan, judging.goalId, driver.id, part)}};
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeScrewHoles(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const int least = static_cast<int>(judging.practice[PracticeKey::LeastHoles_count]);
        // A bracket stands between: its outer holes must take the vehicle's before its inner ones take the driver.
        const auto& bracket = driver.fit.bracket;
        const bool bracketMisses = bracket && bracket->matched < std::min(driver.fit.bracketCount, least);
        const auto& screws = bracketMisses ? bracket : driver.fit.screws;
        const int holes = bracketMisses ? driver.fit.bracketCount : driver.fit.screwCount;
        const int wanted = std::min(holes, least);
        if (!screws || screws->matched >= wanted) continue;
        Finding finding = fitFinding(judging, driver, RuleId::ScrewHoles, Severity::Care,
                                     {Quantity::MatchedHoles,
                                      {static_cast<double>(screws->matched), Origin::Stated, {}},
                                      static_cast<double>(wanted),
                                      PracticeKey::LeastHoles_count});
        finding.evidence.push_back({{driver.id, Quantity::ScrewCount},
                                    judging.goalId,
                                    {static_cast<double>(holes), Origin::Stated, {}},
                                    {},
                                    {}});
        // In the order of a fitter: what leaves no trace first, new holes last.
        if (driver.mount.turn_deg)
            finding.mends.push_back({MendName::TurnDriver, 0.0, turnDriver(judging.plan, driver.id, std::nullopt)});
        finding.mends.push_back(
            {MendName::FitBracket, 0.0, SolverRequest{SolverRequest::Kind::ChooseBracket, driver.id, judging.goalId}});
        const auto& bare = driver.fit.withoutTabs;
        if (!bracketMisses && bare && bare->matched > screws->matched)
            finding.mends.push_back(
                {MendName::BreakTabs, static_cast<double>(bare->matched), breakTabs(judging.plan, driver.id, true)});
        finding.mends.push_back(
            {MendName::NewScrewHoles, 0.0, prepareHole(judging.plan, driver.id, AlterationKind::ScrewHoles)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

// A pattern whose screws would hang in air belongs to another flange: one of the driver's own figures is wrong.
std::vector<Finding> judgeScrewOutsideFlange(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto verdict = flangeLimit(driver.fit);
        if (!verdict) continue;
        Finding finding = fitFinding(judging, driver, *verdict);
        finding.mends = {measureMend(driver.id, judging.goalId, Quantity::Flange_m), chooseDriverMend(driver.id)};
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
