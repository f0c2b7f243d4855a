#include "core/judgement/wire_and_count_rules.h"

#include "core/edits/fit_edits.h"
#include "core/evaluate/driver_mounting.h"
#include "core/fitout/resolve.h"
#include "core/judgement/fit_judging.h"

namespace core {

std::vector<Finding> judgePinchedCable(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        if (!driver.spacer) continue;
        const auto notch = driver.spacer->figures.find(Quantity::WireNotch_m);
        if (notch == driver.spacer->figures.end() || notch->second.value > 0.0) continue;
        if (isAltered(judging.goal.used, driver.device.at, AlterationKind::WireHole)) continue;
        Finding finding = fitFinding(judging, driver, RuleId::PinchedCable, Severity::Stop,
                                     {Quantity::WireNotch_m,
                                      {notch->second.value, notch->second.basis.origin, {}},
                                      judging.practice[PracticeKey::WireHole_m],
                                      PracticeKey::WireHole_m});
        finding.mends = {{MendName::WireHole, judging.practice[PracticeKey::WireHole_m],
                          prepareHole(judging.plan, driver.id, AlterationKind::WireHole)}};
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeWireSlack(const Judging& judging)
{
    std::vector<Finding> findings;
    const double least_m = judging.practice[PracticeKey::SlackLeast_m];
    const double most_m = judging.practice[PracticeKey::SlackMost_m];
    for (const auto& [id, wire] : judging.goal.used.wires) {
        const auto length = wire.figures.find(Quantity::Length_m);
        if (length == wire.figures.end() || judging.found.used.wires.contains(id)) continue;
        for (const DeviceId device : {wire.a.device, wire.b.device}) {
            const Place* place = placeOf(judging.goal.used, device);
            if (!place || place->kind != PlaceKind::Door) continue;
            const auto route = place->room.find(Quantity::Route_m);
            if (route == place->room.end()) continue;
            const double slack_m = length->second.value - route->second.value;
            const bool loop = valueOf(wire.figures, Quantity::LoopInGlass).value_or(0.0) > 0.5;
            const bool tight = slack_m<least_m - kLengthSlack_m, loose = slack_m> most_m + kLengthSlack_m;
            if (!loop && !tight && !loose) continue;
            Finding finding{
                .rule = RuleId::WireSlack, .severity = loop ? Severity::Stop : Severity::Care, .stage = judging.goalId};
            finding.where = {device, id};
            const Origin worst = std::max(length->second.basis.origin, route->second.basis.origin);
            finding.evidence = {{{id, Quantity::Slack_m},
                                 judging.goalId,
                                 {slack_m, worst, {}},
                                 loose || loop ? most_m : least_m,
                                 loose || loop ? PracticeKey::SlackMost_m : PracticeKey::SlackLeast_m}};
            const double wanted_m = route->second.value + judging.practice[PracticeKey::SlackWanted_m];
            finding.mends = {{MendName::WireLength, wanted_m, setWireLength(judging.plan, id, wanted_m)}};
            soften(finding, {.worst = worst});
            findings.push_back(std::move(finding));
        }
    }
    return findings;
}

std::vector<Finding> judgeCountsOpen(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        int open = 0;
        for (const PanelId panel : driver.place.wayIn)
            if (judging.goal.used.panels.at(panel).fasteners.empty()) ++open;
        if (open == 0) continue;
        Finding finding{.rule = RuleId::CountsOpen, .severity = Severity::Care, .stage = judging.goalId};
        finding.where = bothSides(judging, driver.id);
        finding.evidence = {{{driver.device.at, Quantity::OpenCounts},
                             judging.goalId,
                             {static_cast<double>(open), Origin::Stated, {}},
                             0.0,
                             {}}};
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
