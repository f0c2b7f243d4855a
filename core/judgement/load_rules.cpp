#include "core/judgement/load_rules.h"

#include <cmath>

#include "core/edits/named_edits.h"
#include "core/evaluate/resolve.h"

namespace core {
namespace {

// The devices that this channel plays, the leading ones first.
std::vector<Subject> playedBy(const Judging& judging, const Port& channel)
{
    std::vector<Subject> subjects{channel};
    for (const RunResult& run : judging.goal.runs)
        if (run.run.id.channel == channel) subjects.emplace_back(run.run.id.coil.device);
    return subjects;
}

bool repeatsAnotherChannel(const Judging& judging, const CircuitResult& circuit)
{
    bool any = false;
    for (const RunResult& run : judging.goal.runs) {
        if (run.run.id.channel != circuit.channel) continue;
        any = true;
        if (!repeatsLeader(judging.goal, run.run.id.coil.device)) return false;
    }
    return any;
}

bool isFactory(const Judging& judging, DeviceId device)
{
    const auto factory = itemAt(judging.plan, &Plan::devices, kFactory, device);
    const auto now = itemAt(judging.plan, &Plan::devices, judging.goalId, device);
    return factory && now && factory->part == now->part;
}

}  // namespace

std::vector<Finding> judgeLoadUnderMinimum(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const CircuitResult& circuit : judging.goal.circuits) {
        if (repeatsAnotherChannel(judging, circuit)) continue;
        const Known& minimum = circuit.output.at(Quantity::LeastLoad_ohm);
        const double stop_ohm = judging.practice[PracticeKey::LoadStop_ratio] * minimum.value;
        const double care_ohm = judging.practice[PracticeKey::LoadCare_ratio] * minimum.value;
        if (!under(circuit.least_ohm, care_ohm)) continue;
        const bool stop = under(circuit.least_ohm, stop_ohm);
        Finding finding{.rule = RuleId::LoadUnderMinimum,
                        .severity = stop ? Severity::Stop : Severity::Care,
                        .stage = judging.goalId};
        finding.where = playedBy(judging, circuit.channel);
        finding.evidence = {
            {{circuit.channel, Quantity::LeastImpedance_ohm},
             judging.goalId,
             {circuit.least_ohm, circuit.worst},
             stop ? stop_ohm : care_ohm,
             stop ? PracticeKey::LoadStop_ratio : PracticeKey::LoadCare_ratio},
            {{circuit.channel, Quantity::AtFrequency_hz}, judging.goalId, {circuit.least_hz, circuit.worst}, {}, {}},
            {{circuit.channel, Quantity::LeastLoad_ohm},
             judging.goalId,
             {minimum.value, minimum.basis.origin},
             {},
             {}}};
        if (finding.where.size() > 1) finding.mends.push_back(chooseDriverMend(std::get<DeviceId>(finding.where[1])));
        const Address load{circuit.channel, Quantity::LeastImpedance_ohm};
        soften(finding, {.worst = std::max(circuit.worst, minimum.basis.origin),
                         .figure = Judging::draws(judging.goalSpread, load),
                         .limitGuessed = minimum.basis.origin == Origin::ClassGuess,
                         .leans = {{judging.goalId, load}}});
        for (const RunResult& run : judging.goal.runs)
            if (run.run.id.channel == circuit.channel) offerOhmmeter(finding, run, judging.goalId);
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeLowerLoadOnFactory(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const RunResult* run : judging.leadingRuns()) {
        const Port& coil = run->run.id.coil;
        const RunResult* before = findRun(judging.found, run->run.id);
        if (!before || before->driver == run->driver || !isFactory(judging, run->run.id.channel.device)) continue;
        const Known& now = run->coil.at(Quantity::Re_ohm);
        const Known& old = before->coil.at(Quantity::Re_ohm);
        const double ratio = now.value / old.value;
        const double care = judging.practice[PracticeKey::LowerLoadCare_ratio];
        const double stop = judging.practice[PracticeKey::LowerLoadStop_ratio];
        if (!under(ratio, care)) continue;
        const CircuitResult* circuit = findCircuit(judging.goal, run->run.id.channel);
        const bool amplifierUnknown = circuit->output.at(Quantity::LeastLoad_ohm).basis.origin == Origin::ClassGuess;
        const bool isStop = under(ratio, stop) && amplifierUnknown;
        Finding finding{.rule = RuleId::LowerLoadOnFactory,
                        .severity = isStop ? Severity::Stop : Severity::Care,
                        .stage = judging.goalId,
                        .from = kFound};
        finding.where = judging.alike(coil.device);
        const Origin worst = std::max(now.basis.origin, old.basis.origin);
        finding.evidence = {{{coil, Quantity::Ratio},
                             judging.goalId,
                             {ratio, worst},
                             isStop ? stop : care,
                             isStop ? PracticeKey::LowerLoadStop_ratio : PracticeKey::LowerLoadCare_ratio},
                            {{coil, Quantity::Re_ohm}, judging.goalId, {now.value, now.basis.origin}, {}, {}},
                            {{coil, Quantity::Re_ohm}, kFound, {old.value, old.basis.origin}, {}, {}}};
        finding.mends.push_back(chooseDriverMend(coil.device));
        const Address resistance{coil, Quantity::Re_ohm};
        Doubt doubt{.worst = worst,
                    .leans = {{judging.goalId, resistance, 1.0 / old.value},
                              {kFound, resistance, -now.value / (old.value * old.value)}}};
        const auto after = Judging::draws(judging.goalSpread, resistance);
        const auto past = Judging::draws(judging.foundSpread, resistance);
        if (after && past) doubt.figure = *after / *past;
        soften(finding, std::move(doubt));
        offerOhmmeter(finding, *run, judging.goalId);
        offerOhmmeter(finding, *before, kFound);
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeLessLevel(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const RunResult* run : judging.leadingRuns()) {
        const Port& coil = run->run.id.coil;
        const RunResult* before = findRun(judging.found, run->run.id);
        if (!before || !over(run->driver.re_ohm, before->driver.re_ohm)) continue;
        const double change_db = run->midLevel_db - before->midLevel_db;
        const double note_db = judging.practice[PracticeKey::LessLevelNote_db];
        const double care_db = judging.practice[PracticeKey::LessLevelCare_db];
        if (!over(-change_db, note_db)) continue;
        const bool care = over(-change_db, care_db);
        Finding finding{.rule = RuleId::LessLevel,
                        .severity = care ? Severity::Care : Severity::Note,
                        .stage = judging.goalId,
                        .from = kFound};
        finding.where = judging.alike(coil.device);
        const Origin worst = std::max(run->worst, before->worst);
        finding.evidence = {{{coil, Quantity::LevelChange_db},
                             judging.goalId,
                             {change_db, worst},
                             care ? -care_db : -note_db,
                             care ? PracticeKey::LessLevelCare_db : PracticeKey::LessLevelNote_db},
                            {{coil, Quantity::Nominal_ohm},
                             judging.goalId,
                             {run->driver.nominal_ohm, run->coil.at(Quantity::Nominal_ohm).basis.origin},
                             {},
                             {}},
                            {{coil, Quantity::Nominal_ohm},
                             kFound,
                             {before->driver.nominal_ohm, before->coil.at(Quantity::Nominal_ohm).basis.origin},
                             {},
                             {}}};
        finding.mends.push_back(chooseDriverMend(coil.device));
        const Address level{run->run.id, Quantity::Level_db};
        Doubt doubt{.worst = worst, .leans = {{judging.goalId, level}, {kFound, level, -1.0}}};
        const auto after = Judging::draws(judging.goalSpread, level);
        const auto past = Judging::draws(judging.foundSpread, level);
        if (after && past) doubt.figure = *after - *past;
        soften(finding, std::move(doubt));
        offerOhmmeter(finding, *run, judging.goalId);
        offerOhmmeter(finding, *before, kFound);
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeCoilOverRating(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const RunResult* run : judging.leadingRuns()) {
        const Port& coil = run->run.id.coil;
        const Known& rating = run->coil.at(Quantity::Power_w);
        const double sineLimit_w = judging.practice[PracticeKey::CoilSine_ratio] * rating.value;
        const bool highPass =
            !run->run.seriesCapacitors.empty() || findCircuit(judging.goal, run->run.id.channel)->filteredLow;
        const bool stop = over(run->sine_w, sineLimit_w) && !highPass;
        const bool care = over(run->programme_w, rating.value);
        if (!stop && !care) continue;
        Finding finding{.rule = RuleId::CoilOverRating,
                        .severity = stop ? Severity::Stop : Severity::Care,
                        .stage = judging.goalId};
        finding.where = judging.alike(coil.device);
        const Origin worst = std::max(run->worst, rating.basis.origin);
        finding.evidence = {
            {{coil, Quantity::SinePower_w},
             judging.goalId,
             {run->sine_w, worst},
             sineLimit_w,
             PracticeKey::CoilSine_ratio},
            {{coil, Quantity::AtFrequency_hz}, judging.goalId, {run->sine_hz, worst}, {}, {}},
            {{coil, Quantity::ProgrammePower_w}, judging.goalId, {run->programme_w, worst}, rating.value, {}},
            {{coil, Quantity::Power_w}, judging.goalId, {rating.value, rating.basis.origin}, {}, {}}};
        if (!stop) std::swap(finding.evidence[0], finding.evidence[2]);  // the one that fired comes first
        if (!highPass) {
            // At the driver's resonance, second order, rounded up to full tens: common practice, no source.
            const Filter filter{std::ceil(run->driver.fs_hz / 10.0) * 10.0, 2};
            finding.mends.push_back(
                {MendName::SetHighPass, filter.frequency_hz, setHighPass(judging.plan, run->run.id.channel, filter)});
        }
        finding.mends.push_back(chooseDriverMend(coil.device));
        const Address watts{run->run.id, stop ? Quantity::SinePower_w : Quantity::ProgrammePower_w};
        Doubt doubt{
            .worst = worst, .figure = Judging::draws(judging.goalSpread, watts), .leans = {{judging.goalId, watts}}};
        const double ratings = stop ? judging.practice[PracticeKey::CoilSine_ratio] : 1.0;
        doubt.leans.push_back({judging.goalId, {coil, Quantity::Power_w}, -ratings});
        if (const auto rated = Judging::draws(judging.goalSpread, {coil, Quantity::Power_w}))
            doubt.limit = *rated * ratings;
        soften(finding, std::move(doubt));
        offerOhmmeter(finding, *run, judging.goalId);
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
