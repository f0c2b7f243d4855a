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

// The ohms that a run's speaker is sold for, as its pair shows its coils joined; by class where nobody said.
Known soldFor_ohm(const StageResult& stage, const RunResult& run)
{
    Known nominal = run.coil.at(Quantity::Nominal_ohm);
    nominal.value *= leadsOverCoil(stage.used, run.run.id.coil.device);
    return nominal;
}

// What a board's leg is made for: as it says itself, else what it drove when it was found.
std::optional<Known> legMadeFor_ohm(const Judging& judging, const RunId& run, DeviceId board, Leg leg)
{
    const Part& part = partOf(judging.goal.used, board);
    if (const auto said = madeFor_ohm(part, leg)) return Known{*said};
    const auto before = judging.found.used.devices.find(board);
    const RunResult* drove = findRun(judging.found, run);
    if (before == judging.found.used.devices.end() || partOf(judging.found.used, board) != part || !drove ||
        legTo(judging.found.used, board, run.coil.device) != leg)
        return std::nullopt;
    return soldFor_ohm(judging.found, *drove);
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
        if (run->sameCone || isWay(partOf(used, coil.device), coil.element)) continue;  // its cone stands for it
        const Known load = soldFor_ohm(judging.goal, *run);
        for (const DeviceId board : run->run.along) {
            const auto leg = legsOf(partOf(used, board)).empty() ? std::nullopt : legTo(used, board, coil.device);
            const auto parts = leg ? partsOn(partOf(used, board), *leg) : std::nullopt;
            const auto made = parts ? legMadeFor_ohm(judging, run->run.id, board, *leg) : std::nullopt;
            if (!made) continue;
            const LegChange change = changeOf(*parts, made->value, load.value, judging.tables->frequency_hz);
            const Origin worst = std::max(load.basis.origin, made->basis.origin);
            const double limit_db = judging.practice[PracticeKey::NetworkOhms_db];
            if (!over(std::abs(change.change_db), limit_db)) continue;
            Finding finding{.rule = RuleId::NetworkForOtherOhms, .severity = Severity::Care, .stage = judging.goalId};
            finding.where = judging.alike(coil.device);
            finding.evidence = {
                {{coil, Quantity::LevelChange_db},
                 judging.goalId,
                 {change.change_db, worst, {}},
                 std::copysign(limit_db, change.change_db),
                 PracticeKey::NetworkOhms_db},
                {{coil, Quantity::AtFrequency_hz}, judging.goalId, {change.at_hz, worst, {}}, {}, {}},
                {{coil, Quantity::Nominal_ohm}, judging.goalId, {load.value, load.basis.origin, {}}, {}, {}},
                {{coil, Quantity::RatedLoad_ohm}, judging.goalId, {made->value, made->basis.origin, {}}, {}, {}}};
            if (madeFor_ohm(partOf(used, board), *leg))
                finding.mends.push_back(
                    {MendName::MakeForOhms, load.value, makeLegFor(judging.plan, board, *leg, load.value)});
            if (isTweeter(*run, judging.practice)) offerSplitSearch(finding, judging, coil.device);
            finding.mends.push_back(chooseDriverMend(coil.device));
            soften(finding, {.worst = worst});
            findings.push_back(std::move(finding));
        }
    }
    return findings;
}

}  // namespace core
