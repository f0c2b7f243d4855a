#include "core/judgement/aim_rules.h"

#include <algorithm>
#include <cmath>

#include "core/edits/aim_edits.h"
#include "core/evaluate/aim_report.h"
#include "core/evaluate/grid_tables.h"
#include "core/evaluate/hearing.h"
#include "core/evaluate/split_sum.h"
#include "core/evaluate/ways.h"
#include "core/judgement/delay_mend.h"
#include "core/judgement/stood_there.h"
#include "core/limits/aim_limits.h"
#include "core/model/aim.h"
#include "core/physics/air.h"

namespace core {
namespace {

const Listener& listenerOf(const Judging& judging)
{
    return judging.goal.used.listeners.begin()->second;
}

bool isSilent(const Judging& judging)
{
    return judging.nothingPlanned() || judging.goal.used.listeners.empty();
}

Finding findingOf(const Judging& judging, const Verdict& verdict, const Subject& what, DeviceId device)
{
    Finding finding{.rule = verdict.rule, .severity = verdict.severity, .stage = judging.goalId};
    finding.where = judging.alike(device);
    finding.evidence = {{{what, verdict.what}, judging.goalId, verdict.figure, verdict.limit, verdict.key}};
    return finding;
}

void addEvidence(Finding& finding, const Subject& what, Quantity quantity, double value)
{
    finding.evidence.push_back({{what, quantity}, finding.stage, {value, finding.evidence.front().figure.worst, {}}, {}, {}});
}

Mend spotMend(const Judging& judging, DeviceId device)
{
    return {MendName::MoveToSpot, 0.0, SolverRequest{SolverRequest::Kind::FindSpot, device, judging.goalId, {}}};
}

// Its axis to a point, its twin's to the mirrored one.
Mend turnMend(const Judging& judging, DeviceId device, const Vec3& target)
{
    const Frame now = *frameOf(judging.goal.used, device);
    return {MendName::TurnToEars, 0.0, placeDriver(judging.plan, device, aimedAt(now.at_m, target))};
}

bool isAhead(const Listener& listener, const Vec3& at_m)
{
    return dot(at_m - listener.head_m, listener.facing) > 0.0;
}

// A driver and the one that follows it, as the listener hears them.
using Heard = std::vector<DriverAim>;

Heard heardOf(const Judging& judging, DeviceId device)
{
    Heard heard;
    const ListenerId listener = judging.goal.used.listeners.begin()->first;
    for (const DeviceId one : {device, aimTwin(judging.goal.used, device)})
        if (auto aim = one ? aimReport(judging.goal, one, judging.practice, listener) : std::nullopt)
            heard.push_back(std::move(*aim));
    return heard;
}

// The worse of the two, for a figure that grows with what is wrong.
template <class Verdicts>
void judgeWorse(std::vector<Finding>& findings, const Judging& judging, const Heard& heard, Verdicts verdictOf)
{
    std::optional<Verdict> worst;
    const DriverAim* whose = nullptr;
    for (const DriverAim& one : heard) {
        const auto verdict = verdictOf(one, one.seats.front());
        if (!verdict || (worst && verdict->figure.value <= worst->figure.value)) continue;
        worst = verdict;
        whose = &one;
    }
    if (!worst) return;
    const DeviceId device = whose->device;
    Finding finding = findingOf(judging, *worst, device, device);
    const SeatAim& seat = whose->seats.front();
    if (worst->rule == RuleId::OffAxis) {
        addEvidence(finding, device, Quantity::OffAxis_deg, seat.offAxis_deg);
        finding.mends.push_back(turnMend(judging, device, listenerOf(judging).head_m));
    }
    if (worst->rule == RuleId::CombNotch)
        addEvidence(finding, device, Quantity::Notch_hz, seat.reflections.front().notch_hz);
    if (worst->rule == RuleId::InTheWay)
        addEvidence(finding, device, Quantity::AtFrequency_hz, seat.obstacles.front().loss_hz);
    finding.mends.push_back(spotMend(judging, device));
    soften(finding, {.worst = worst->figure.worst});
    findings.push_back(std::move(finding));
}

// The pair that leads the image: of the drivers ahead with one across from them those that play highest, then the
// nearest.
std::optional<std::pair<DeviceId, DeviceId>> leadingPair(const Judging& judging)
{
    const Listener& listener = listenerOf(judging);
    std::optional<std::pair<DeviceId, DeviceId>> found;
    double highest_hz = 0.0, nearest_m = 0.0;
    for (const RunResult& run : judging.goal.runs) {
        const DeviceId device = run.run.id.coil.device, across = acrossFrom(judging.goal.used, device);
        const auto frame = frameOf(judging.goal.used, device);
        if (run.sameCone || !across || !frame || frame->at_m.y < 0.0 || !findRunOfDevice(judging.goal, across) ||
            !isAhead(listener, frame->at_m))
            continue;
        const double top_hz = playedBand(run, judging.tables->frequency_hz).high_hz;
        const double away_m = distance(frame->at_m, listener.head_m);
        if (top_hz < highest_hz || (top_hz == highest_hz && away_m >= nearest_m && found)) continue;
        highest_hz = top_hz;
        nearest_m = away_m;
        found = {device, across};
    }
    return found;
}

}  // namespace

std::vector<Finding> judgeWaysApart(const Judging& judging)
{
    std::vector<Finding> findings;
    if (isSilent(judging)) return findings;
    const auto& [seat, listener] = *judging.goal.used.listeners.begin();
    for (const SplitPair& pair : splitPairs(judging.goal, judging.practice)) {
        const RunResult &low = judging.goal.runs[pair.low], &high = judging.goal.runs[pair.high];
        const DeviceId device = high.run.id.coil.device;
        if (repeatsLeader(judging.goal, device) || (stoodThere(judging, low) && stoodThere(judging, high))) continue;
        const auto sum = splitSum(judging.goal, pair, seat);
        if (!sum || !sum->at_hz) continue;
        const auto way_m = [&](size_t run) {
            return distance(judging.goal.ways[run].source.at_m, listener.head_m) +
                   kSoundSpeed_m_s * delayOf(judging.goal, judging.goal.runs[run].run.id.channel);
        };
        const auto verdict = waysApartLimit(way_m(pair.high) - way_m(pair.low), *sum->at_hz, judging.goal.cabin.worst);
        if (!verdict) continue;
        Finding finding = findingOf(judging, *verdict, device, device);
        addEvidence(finding, device, Quantity::SplitAt_hz, *sum->at_hz);
        if (low.run.id.channel != high.run.id.channel) offerDelay(finding, judging, device);
        finding.mends.push_back(spotMend(judging, device));
        soften(finding, {.worst = verdict->figure.worst});
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeWayToTheEar(const Judging& judging)
{
    std::vector<Finding> findings;
    if (isSilent(judging)) return findings;
    const Origin worst = judging.goal.cabin.worst;
    for (const RunResult* run : judging.leadingRuns()) {
        const auto frame = frameOf(judging.goal.used, run->run.id.coil.device);
        if (run->sameCone || stoodThere(judging, *run) || !frame || !isAhead(listenerOf(judging), frame->at_m)) continue;
        const Heard heard = heardOf(judging, run->run.id.coil.device);
        judgeWorse(findings, judging, heard, [&](const DriverAim& aim, const SeatAim& seat) {
            return offAxisLimit(aim, seat, worst, judging.practice);
        });
        judgeWorse(findings, judging, heard, [&](const DriverAim&, const SeatAim& seat) {
            return notchLimit(seat, worst, judging.practice);
        });
        judgeWorse(findings, judging, heard, [&](const DriverAim&, const SeatAim& seat) {
            return inTheWayLimit(seat, worst, judging.practice);
        });
    }
    return findings;
}

std::vector<Finding> judgeSides(const Judging& judging)
{
    std::vector<Finding> findings;
    if (isSilent(judging)) return findings;
    const auto& [seat, listener] = *judging.goal.used.listeners.begin();
    const auto pair = leadingPair(judging);
    if (pair) {
        const SidesAim sides = sidesAt(judging.goal, pair->first, pair->second, seat);
        if (const auto verdict = sidesApartLimit(sides, judging.goal.cabin.worst, judging.practice)) {
            Finding finding = findingOf(judging, *verdict, pair->first, pair->first);
            const bool byTime = verdict->what == Quantity::SidesApart_s;
            addEvidence(finding, pair->first, byTime ? Quantity::SidesApart_db : Quantity::SidesApart_s,
                        byTime ? sides.louder_db : sides.later_s);
            offerDelay(finding, judging, pair->first);
            const Ears<Vec3> ears = earsOf(listener);
            const Vec3 at = frameOf(judging.goal.used, pair->first)->at_m;
            const Vec3 far = distance(ears[0], at) > distance(ears[1], at) ? ears[0] : ears[1];
            if (aimTwin(judging.goal.used, pair->first)) finding.mends.push_back(turnMend(judging, pair->first, far));
            soften(finding, {.worst = verdict->figure.worst});
            findings.push_back(std::move(finding));
        }
    }
    const auto heard = judging.goal.hearing.find(seat);
    if (heard == judging.goal.hearing.end() || !heard->second.image) return findings;
    if (const auto verdict = imageLimit(*heard->second.image, judging.goal.cabin.worst, judging.practice)) {
        Finding finding{.rule = verdict->rule, .severity = verdict->severity, .stage = judging.goalId, .where = {seat}};
        finding.evidence = {{{seat, verdict->what}, judging.goalId, verdict->figure, verdict->limit, verdict->key}};
        if (pair) offerDelay(finding, judging, pair->first);
        soften(finding, {.worst = verdict->figure.worst});
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
