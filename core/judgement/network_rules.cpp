#include "core/judgement/network_rules.h"

#include <algorithm>
#include <cmath>

#include "core/advice/run_change.h"
#include "core/base/grid.h"
#include "core/edits/leg_edits.h"
#include "core/edits/network_edits.h"
#include "core/evaluate/grid_tables.h"
#include "core/evaluate/leg_response.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/resolve.h"
#include "core/judgement/split_mend.h"

namespace core {
namespace {

// Where a leg into one resistance leaves the same leg into another one most, by how much.
struct LegChange {
    double change_db = 0.0, at_hz = 0.0;
};
LegChange changeOf(const LegParts& parts, double from_ohm, double to_ohm, const Eigen::ArrayXd& frequency_hz)
{
    constexpr double kPlays_db = -12.0;  // where it gives less either way nobody hears it
    const Eigen::ArrayXcd s = laplace(frequency_hz);
    const auto level_db = [&](double load_ohm) {
        const Eigen::ArrayXcd load = Eigen::ArrayXcd::Constant(s.size(), load_ohm);
        return Eigen::ArrayXd(20.0 * legResponse(parts, load, s).transfer.abs().log10());
    };
    const Eigen::ArrayXd from_db = level_db(from_ohm), to_db = level_db(to_ohm);
    const Eigen::ArrayXd change_db = (from_db.max(to_db) >= kPlays_db).select(to_db - from_db, 0.0);
    Eigen::Index worst = 0;
    change_db.abs().maxCoeff(&worst);
    return {change_db(worst), frequency_hz(worst)};
}

// What a board's leg is made for: as it says itself, else what it drove when it was found.
std::optional<double> legMadeFor_ohm(const Judging& judging, const RunId& run, DeviceId board, Leg leg)
{
    const Part& part = partOf(judging.goal.used, board);
    if (const auto said = madeFor_ohm(part, leg)) return said;
    const auto before = judging.found.used.devices.find(board);
    const RunResult* drove = findRun(judging.found, run);
    if (before == judging.found.used.devices.end() || partOf(judging.found.used, board) != part || !drove ||
        legTo(judging.found.used, board, run.coil.device) != leg)
        return std::nullopt;
    return soldFor_ohm(judging.found.used, run.coil.device);
}

}  // namespace

std::vector<Finding> judgeNetworkBackwards(const Judging& judging)
{
    std::vector<Finding> findings;
    const Fitout& used = judging.goal.used;
    for (const auto& [id, device] : used.devices) {
        if (used.parts.at(device.part).kind != PartKind::Network) continue;
        const auto leg = legFedBySource(used, id);
        const DeviceId leader = leaderOf(used, id);
        if (!leg || (leader && legFedBySource(used, leader) == leg)) continue;  // said of the leading side
        Finding finding{.rule = RuleId::NetworkBackwards, .severity = Severity::Stop, .stage = judging.goalId};
        finding.where = {id};
        for (const DeviceId mate : mates(used, id))
            if (mate != id && legFedBySource(used, mate) == leg) finding.where.emplace_back(mate);
        finding.mends.push_back({MendName::TurnBoardRound, 0.0, turnBoardRound(judging.plan, id)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeNetworkAtPedals(const Judging& judging)
{
    std::vector<Finding> findings;
    const Fitout& used = judging.goal.used;
    const auto isAtPedals = [&](DeviceId id) {
        return used.devices.at(id).site == PlaceKind::KickPanel && placeOf(used, id) && isOnDriversSide(used, id);
    };
    for (const auto& [id, device] : used.devices) {
        if (used.parts.at(device.part).kind != PartKind::Network || !isAtPedals(id)) continue;
        Finding finding{.rule = RuleId::NetworkAtPedals, .severity = Severity::Stop, .stage = judging.goalId};
        finding.where = {id};
        finding.mends.push_back({MendName::SiteElsewhere, 0.0, siteNetwork(judging.plan, id, PlaceKind::Hidden)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeNetworkForOtherOhms(const Judging& judging)
{
    std::vector<Finding> findings;
    const Fitout& used = judging.goal.used;
    for (const RunResult* run : judging.leadingRuns()) {
        const Port& coil = run->run.id.coil;
        const auto load_ohm = run->sameCone ? std::nullopt : soldFor_ohm(used, coil.device);
        if (!load_ohm) continue;
        for (const DeviceId board : run->run.along) {
            const auto leg = legsOf(partOf(used, board)).empty() ? std::nullopt : legTo(used, board, coil.device);
            const auto parts = leg ? partsOn(partOf(used, board), *leg) : std::nullopt;
            const auto made_ohm = parts ? legMadeFor_ohm(judging, run->run.id, board, *leg) : std::nullopt;
            if (!made_ohm) continue;
            const LegChange change = changeOf(*parts, *made_ohm, *load_ohm, judging.tables->frequency_hz);
            const double limit_db = judging.practice[PracticeKey::NetworkOhms_db];
            if (!over(std::abs(change.change_db), limit_db)) continue;
            Finding finding{.rule = RuleId::NetworkForOtherOhms, .severity = Severity::Care, .stage = judging.goalId};
            finding.where = judging.alike(coil.device);
            finding.evidence = {
                {{coil, Quantity::LevelChange_db},
                 judging.goalId,
                 {change.change_db, Origin::Stated},
                 std::copysign(limit_db, change.change_db),
                 PracticeKey::NetworkOhms_db},
                {{coil, Quantity::AtFrequency_hz}, judging.goalId, {change.at_hz, Origin::Stated}, {}, {}},
                {{coil, Quantity::Nominal_ohm}, judging.goalId, {*load_ohm, Origin::Stated}, {}, {}},
                {{coil, Quantity::RatedLoad_ohm}, judging.goalId, {*made_ohm, Origin::Stated}, {}, {}}};
            if (madeFor_ohm(partOf(used, board), *leg))
                finding.mends.push_back(
                    {MendName::MakeForOhms, *load_ohm, makeLegFor(judging.plan, board, *leg, *load_ohm)});
            if (isTweeter(*run, judging.practice)) offerSplitSearch(finding, judging, coil.device);
            finding.mends.push_back(chooseDriverMend(coil.device));
            findings.push_back(std::move(finding));
        }
    }
    return findings;
}

}  // namespace core
