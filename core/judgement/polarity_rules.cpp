#include "core/judgement/polarity_rules.h"
#include "core/edits/turn_edits.h"

#include <cmath>

#include "core/evaluate/driver_mounting.h"
#include "core/evaluate/grid_tables.h"
#include "core/evaluate/hearing.h"
#include "core/physics/bands.h"

namespace core {
namespace {

// Which way a run's cone goes for a plus at the source: wires, coil, channel and mount together; 0: cannot be told.
int directionOf(const StageResult& stage, const RunResult& run)
{
    int sign = run.run.sign;
    if (run.coil.at(Quantity::Polarity).value < 0.0) sign = -sign;
    const auto setting = stage.used.settings.find(run.run.id.channel);
    if (setting != stage.used.settings.end() && setting->second.reversed) sign = -sign;
    const auto mount = stage.used.mounts.find(run.run.id.coil.device);
    if (mount != stage.used.mounts.end() && mount->second.backwards) sign = -sign;
    return sign;
}

struct TurnedPair {
    const RunResult* one = nullptr;    // the side that leads, or the left one
    const RunResult* other = nullptr;  // turned over against it
};

// Runs of two paired places whose drivers are of one kind.
std::vector<TurnedPair> turnedPairs(const Judging& judging)
{
    std::vector<TurnedPair> pairs;
    const StageResult& stage = judging.goal;
    for (size_t i = 0; i < stage.runs.size(); ++i)
        for (size_t j = i + 1; j < stage.runs.size(); ++j) {
            const RunResult &a = stage.runs[i], &b = stage.runs[j];
            if (a.sameCone || b.sameCone || a.run.id.coil.element != b.run.id.coil.element) continue;
            const Place* here = placeOf(stage.used, a.run.id.coil.device);
            const PlaceId there = stage.used.devices.at(b.run.id.coil.device).at;
            if (!here || !there || here->pair != there) continue;
            if (directionOf(stage, a) * directionOf(stage, b) >= 0) continue;
            // The one whose cone goes outwards for a plus is right.
            const bool aRight = directionOf(stage, a) > 0;
            pairs.push_back(aRight ? TurnedPair{&a, &b} : TurnedPair{&b, &a});
        }
    return pairs;
}

double bass_db(const Judging& judging, const StageResult& stage, ListenerId listener)
{
    const auto heard = hear(stage, listener, judging.practice, *judging.tables);
    const Eigen::ArrayXd power = (heard->level_db * 0.1 * std::log(10.0)).exp();
    return bandLevel_db(*judging.tables, Band::MidBass, power);
}

// What the first listener gains in 60-250 Hz by turning the run over.
std::optional<double> gainedByTurning_db(const Judging& judging, const RunResult& run)
{
    if (judging.goal.used.listeners.empty()) return std::nullopt;
    const ListenerId listener = judging.goal.used.listeners.begin()->first;
    StageResult turned = judging.goal;
    for (RunResult& one : turned.runs)
        if (one.run.id == run.run.id) one.pressure_pa_v = -one.pressure_pa_v;
    return bass_db(judging, turned, listener) - bass_db(judging, judging.goal, listener);
}

Finding findingOf(const Judging& judging, const TurnedPair& pair, RuleId rule, double gain_db,
                  std::optional<double> limit_db)
{
    Finding finding{.rule = rule, .severity = Severity::Care, .stage = judging.goalId};
    const Port& coil = pair.other->run.id.coil;
    finding.where = {coil.device, pair.one->run.id.coil.device};
    finding.evidence = {{{coil, Quantity::BandChange_db},
                         judging.goalId,
                         {-gain_db, std::max(pair.one->worst, pair.other->worst)},
                         limit_db,
                         limit_db ? std::optional(PracticeKey::FlipBassCare_db) : std::nullopt}};
    finding.mends = {{MendName::TurnOver, 0.0, planTurnOver(judging.plan, coil.device)}};
    return finding;
}

}  // namespace

std::vector<Finding> judgeTurnedPairs(const Judging& judging)
{
    std::vector<Finding> findings;
    const double limit_db = judging.practice[PracticeKey::FlipBassCare_db];
    for (const TurnedPair& pair : turnedPairs(judging)) {
        const auto gain_db = gainedByTurning_db(judging, *pair.other);
        if (!gain_db) continue;
        findings.push_back(findingOf(judging, pair, RuleId::PairTurnedOver, *gain_db, std::nullopt));
        if (!over(*gain_db, limit_db)) continue;
        Finding finding = findingOf(judging, pair, RuleId::BassLostByFlip, *gain_db, -limit_db);
        soften(finding, {.worst = finding.evidence.front().figure.worst});
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
