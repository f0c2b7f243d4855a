#include "core/judgement/sub_rules.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/edits/turn_edits.h"
#include "core/evaluate/grid_tables.h"
#include "core/evaluate/hearing.h"
#include "core/evaluate/split_sum.h"
#include "core/fitout/driver_work.h"
#include "core/judgement/delay_mend.h"
#include "core/judgement/stood_there.h"
#include "core/physics/bands.h"

namespace core {
namespace {

// Both sides of the hand-over, and who plays the lower one.
struct SubAndRest {
    SplitSum sum{};
    double at_hz = 0.0;  // the rest takes over from the subwoofers
    std::set<DeviceId> subs{};
    RunId first{};  // of them
    Origin worst = Origin::Measured;
    bool stood = true;  // nobody chose any of it
};

Setting settingOf(const StageResult& stage, const RunResult& run)
{
    const auto found = stage.used.settings.find(run.run.id.channel);
    return found == stage.used.settings.end() ? Setting{} : found->second;
}

// Where the rest becomes the louder one; of several the one at which both are loudest.
std::optional<double> takesOver_hz(const SplitSum& sum, const Eigen::ArrayXd& hz)
{
    std::optional<Eigen::Index> best;
    for (Eigen::Index i = 1; i < hz.size(); ++i)
        if (sum.high_db(i - 1) < sum.low_db(i - 1) && sum.high_db(i) >= sum.low_db(i) &&
            (!best || sum.high_db(i) > sum.high_db(*best)))
            best = i;
    return best ? std::optional(hz(*best)) : std::nullopt;
}

std::optional<SubAndRest> subAndRest(const Judging& judging)
{
    const auto isSub = [&](const RunResult& run) { return workOf(judging.goal.used, run.run.id.coil) == DriverWork::Bass; };
    const auto& runs = judging.goal.runs;
    if (judging.goal.used.listeners.empty() || std::none_of(runs.begin(), runs.end(), isSub)) return std::nullopt;
    const ListenerId listener = judging.goal.used.listeners.begin()->first;
    SubAndRest both;
    Ears<Eigen::ArrayXcd> low, high;
    bool anyElse = false;
    for (size_t i = 0; i < runs.size(); ++i) {
        const RunResult& run = runs[i];
        const bool sub = isSub(run);
        const Ears<Eigen::ArrayXcd> heard = runAt(judging.goal, i, listener);
        Ears<Eigen::ArrayXcd>& side = sub ? low : high;
        for (size_t ear = 0; ear < heard.size(); ++ear)
            side[ear] = side[ear].size() == 0 ? heard[ear] : Eigen::ArrayXcd(side[ear] + heard[ear]);
        if (sub && both.subs.empty()) both.first = run.run.id;
        if (sub) both.subs.insert(run.run.id.coil.device);
        anyElse = anyElse || !sub;
        both.worst = std::max(both.worst, run.worst);
        both.stood = both.stood && stoodThere(judging, run) &&
                     settingOf(judging.found, run) == settingOf(judging.goal, run);
    }
    if (!anyElse) return std::nullopt;
    both.sum = splitSumOf(low, high);
    const auto at_hz = takesOver_hz(both.sum, judging.tables->frequency_hz);
    if (!at_hz) return std::nullopt;
    both.at_hz = *at_hz;
    return both;
}

// From the energies of both to their sum, half an octave either way of the hand-over.
double lost_db(const SubAndRest& both, const SplitTogether& together, const Eigen::ArrayXd& hz)
{
    const double low_hz = both.at_hz / std::sqrt(2.0), high_hz = both.at_hz * std::sqrt(2.0);
    return bandMean_db(hz, both.sum.energy_db(), low_hz, high_hz) - bandMean_db(hz, together.level_db, low_hz, high_hz);
}

}  // namespace

std::vector<Finding> judgeSubAgainstDoors(const Judging& judging)
{
    const auto both = subAndRest(judging);
    if (!both || both->stood) return {};
    const Eigen::ArrayXd& hz = judging.tables->frequency_hz;
    const double limit_db = judging.practice[PracticeKey::SubLossCare_db];
    const double loss_db = lost_db(*both, both->sum.wired, hz);
    if (!over(loss_db, limit_db)) return {};
    Finding finding{.rule = RuleId::SubAgainstDoors, .severity = Severity::Care, .stage = judging.goalId};
    for (const DeviceId sub : both->subs) finding.where.emplace_back(sub);
    const Subject what = both->first;
    finding.evidence = {
        {{what, Quantity::SplitHole_db}, judging.goalId, {loss_db, both->worst}, limit_db, PracticeKey::SubLossCare_db},
        {{what, Quantity::SplitAt_hz}, judging.goalId, {both->at_hz, both->worst}, {}, {}}};
    const double turned_db = lost_db(*both, both->sum.turned, hz);
    if (!over(turned_db, limit_db))
        finding.mends.push_back({MendName::TurnOver, turned_db,
                                 planTurnOver(judging.plan, std::vector<DeviceId>(both->subs.begin(), both->subs.end()))});
    offerDelay(finding, judging, *both->subs.begin());
    soften(finding, {.worst = both->worst});
    return {finding};
}

}  // namespace core
