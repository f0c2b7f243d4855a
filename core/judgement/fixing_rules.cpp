#include "core/judgement/fixing_rules.h"

#include <numbers>

#include "core/edits/fit_edits.h"
#include "core/evaluate/driver_mounting.h"
#include "core/evaluate/lacks_seal.h"
#include "core/judgement/fit_judging.h"
#include "core/limits/hold_limits.h"

namespace core {

std::vector<Finding> judgeCoverSwallows(const Judging& judging)
{
    std::vector<Finding> findings;
    const double note_db = judging.practice[PracticeKey::CoverNote_db];
    const double care_db = judging.practice[PracticeKey::CoverCare_db];
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const double loss_db = driver.fit.coverLoss_db;
        if (!over(loss_db, note_db)) continue;
        const bool care = over(loss_db, care_db);
        Finding finding = fitFinding(judging, driver, RuleId::CoverSwallows, care ? Severity::Care : Severity::Note,
                                     {Quantity::CoverLoss_db,
                                      {loss_db, Origin::CommonPractice, {}},
                                      care ? care_db : note_db,
                                      care ? PracticeKey::CoverCare_db : PracticeKey::CoverNote_db});
        finding.mends.push_back(
            {MendName::OpenCover, 0.0, prepareHole(judging.plan, driver.id, AlterationKind::OpenCover)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeHeavyOnAdhesive(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto verdict = adhesiveLimit(judging.plan.body, driver.place, driver.mount, driver.fit, judging.practice);
        if (!verdict) continue;
        Finding finding = fitFinding(judging, driver, *verdict);
        finding.mends = {{MendName::FixByBracket, 0.0, fixDriver(judging.plan, driver.id, Fixing::Bracket)},
                         {MendName::FixByRing, 0.0, fixDriver(judging.plan, driver.id, Fixing::Ring)}};
        if (finding.couldBe) offerFirst(finding, measureMend(driver.id, judging.goalId, Quantity::Mass_kg));
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeSealMissing(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        if (!lacksSeal(judging.goal, driver.id, judging.practice)) continue;
        Finding finding{.rule = RuleId::SealMissing, .severity = Severity::Care, .stage = judging.goalId};
        finding.where = bothSides(judging, driver.id);
        // The strip goes round the flange: how much of it, for the parts list.
        const Known& flange = driver.fit.body.at(Quantity::Flange_m);
        finding.evidence = {{{driver.id, Quantity::Length_m},
                             judging.goalId,
                             {std::numbers::pi * flange.value, flange.basis.origin, {}},
                             {},
                             {}}};
        finding.mends = {{MendName::SealEdge, 0.0, prepareHole(judging.plan, driver.id, AlterationKind::Seal)}};
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeFixingOverload(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        if (driver.mount.fixing != Fixing::Screws || !driver.fit.fixing_n) continue;
        const auto key = screwHoldKey(driver.place.anchor);
        if (!key || !over(driver.fit.fixing_n->value, judging.practice[*key])) continue;
        Finding finding = fitFinding(judging, driver, RuleId::FixingOverload, Severity::Care,
                                     {Quantity::FixingForce_n, *driver.fit.fixing_n, judging.practice[*key], *key});
        // Screws where the driver has holes and the panel none yet share it; a ring behind the panel spreads it.
        const int matched = driver.fit.screws ? driver.fit.screws->matched : driver.fit.screwCount;
        if (matched < driver.fit.screwCount &&
            !over(driver.fit.fixing_n->value * matched / driver.fit.screwCount, judging.practice[*key]))
            finding.mends.push_back({MendName::NewScrewHoles, static_cast<double>(driver.fit.screwCount - matched),
                                     prepareHole(judging.plan, driver.id, AlterationKind::ScrewHoles)});
        finding.mends.push_back({MendName::FixByRing, 0.0, fixDriver(judging.plan, driver.id, Fixing::Ring)});
        if (finding.couldBe) offerFirst(finding, measureMend(driver.id, judging.goalId, Quantity::Mass_kg));
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgePlasticAnchors(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        if (driver.place.anchor != Anchor::Plastic) continue;
        Finding finding{.rule = RuleId::PlasticAnchors, .severity = Severity::Note, .stage = judging.goalId};
        finding.where = bothSides(judging, driver.id);
        const double count = static_cast<double>(driver.fit.screwCount);
        finding.evidence = {{{driver.id, Quantity::ScrewCount}, judging.goalId, {count, Origin::Stated, {}}, {}, {}}};
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
