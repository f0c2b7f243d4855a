#include "core/judgement/spot_rules.h"

#include "core/edits/aim_edits.h"
#include "core/fitout/closed_zones.h"
#include "core/judgement/fit_judging.h"
#include "core/limits/aim_limits.h"
#include "core/physics/panel.h"

namespace core {
namespace {

// It was there before, whatever driver it was.
bool wasThere(const Judging& judging, DeviceId device)
{
    const auto before = frameOf(judging.found.used, device);
    return before && before == frameOf(judging.goal.used, device);
}

}  // namespace

std::vector<Finding> judgeRestraintPath(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto frame = frameOf(judging.goal.used, driver.id);
        if (!frame || wasThere(judging, driver.id)) continue;
        const auto zone = restraintAt(judging.goal.used, driver.place.kind, frame->at_m, judging.practice);
        if (!zone || judging.plan.body.cleared.contains(*zone)) continue;
        Finding finding{.rule = RuleId::RestraintPath, .severity = Severity::Stop, .stage = judging.goalId};
        finding.where = bothSides(judging, driver.id);
        finding.mends.push_back(
            {MendName::MoveToSpot, 0.0, SolverRequest{SolverRequest::Kind::FindSpot, driver.id, judging.goalId, {}}});
        if (frameOf(judging.found.used, driver.id))
            finding.mends.push_back({MendName::PutBack, 0.0, putBack(judging.plan, driver.id)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeNoRoomForCup(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const PlannedDriver& driver : plannedDrivers(judging)) {
        const auto room_m = driver.place.room.find(Quantity::Depth_m);
        const auto frame = frameOf(judging.goal.used, driver.id);
        if (driver.mount.style != MountStyle::Cup || room_m == driver.place.room.end() || !frame) continue;
        const auto length_m = [&](Quantity what) { return driver.fit.body.at(what); };
        const Known depth = length_m(Quantity::Depth_m);
        const double needed_m =
            cupRoom_m({depth.value, length_m(Quantity::Basket_m).value, length_m(Quantity::Flange_m).value},
                      angleBetween_rad(frame->facing, driver.place.frame.facing)) +
            judging.practice[PracticeKey::CupRoomMargin_m];
        if (!over(needed_m, room_m->second.value)) continue;
        const Origin worst = std::max(depth.basis.origin, room_m->second.basis.origin);
        Finding finding{.rule = RuleId::NoRoomForCup, .severity = Severity::Stop, .stage = judging.goalId};
        finding.where = bothSides(judging, driver.id);
        finding.evidence = {{{driver.id, Quantity::RoomBehind_m},
                             judging.goalId,
                             {needed_m, worst, {}},
                             room_m->second.value,
                             {}}};
        finding.mends.push_back(
            {MendName::SeatFlush, 0.0, setMountStyle(judging.plan, driver.id, MountStyle::Flush)});
        finding.mends.push_back(
            {MendName::MoveToSpot, 0.0, SolverRequest{SolverRequest::Kind::FindSpot, driver.id, judging.goalId, {}}});
        soften(finding, {.worst = worst});
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeNotMirrored(const Judging& judging)
{
    std::vector<Finding> findings;
    if (judging.nothingPlanned()) return findings;
    for (const auto& [id, device] : judging.goal.used.devices) {
        const DeviceId across = acrossFrom(judging.goal.used, id);
        if (!across || across < id) continue;
        if (judging.goal.used.parts.at(device.part).kind != PartKind::Driver) continue;
        if (wasThere(judging, id) && wasThere(judging, across)) continue;
        const auto verdict = mirrorLimit(*frameOf(judging.goal.used, id), *frameOf(judging.goal.used, across),
                                         judging.practice);
        if (!verdict) continue;
        Finding finding{.rule = verdict->rule, .severity = verdict->severity, .stage = judging.goalId};
        finding.where = {id, across};
        finding.evidence = {{{id, verdict->what}, judging.goalId, verdict->figure, verdict->limit, verdict->key}};
        finding.mends.push_back({MendName::MirrorSides, 0.0, mirrorAim(judging.plan, id)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
