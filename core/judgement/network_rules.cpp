#include "core/judgement/network_rules.h"

#include "core/edits/network_edits.h"
#include "core/fitout/resolve.h"

namespace core {
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

}  // namespace core
