#include "core/judgement/load_rules.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/edits/coil_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/named_edits.h"
#include "core/edits/network_edits.h"
#include "core/evaluate/grid_tables.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/complete.h"
#include "core/fitout/driver_work.h"
#include "core/fitout/resolve.h"
#include "core/judgement/split_mend.h"
#include "core/limits/sound_limits.h"
#include "core/physics/filter.h"
#include "core/physics/level.h"
#include "core/physics/preferred_values.h"
#include "core/spread/widen.h"

namespace core {
namespace {

// A channel and the drivers on it, each once however many coils it has there.
std::vector<Subject> playedBy(const Judging& judging, const Port& channel)
{
    std::vector<Subject> subjects{channel};
    for (const RunResult& run : judging.goal.runs) {
        const Subject driver{run.run.id.coil.device};
        if (run.run.id.channel == channel && std::find(subjects.begin(), subjects.end(), driver) == subjects.end())
            subjects.push_back(driver);
    }
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

// The nominal impedance of all that.
Computed nominalAtLeads(const Judging& judging, const StageResult& stage, const RunResult& run)
{
    const Known& nominal = run.coil.at(Quantity::Nominal_ohm);
    return {nominal.value * atLeads(stage.used, run, judging.practice).value / run.coil.at(Quantity::Re_ohm).value,
            nominal.basis.origin,
            {}};
}

// In 250 Hz-4 kHz; of a subwoofer in 60-250 Hz, where it plays.
double levelChange_db(const Judging& judging, const RunResult& now, const RunResult& before)
{
    const auto bass_db = [&](const RunResult& run) {
        return bandLevel_db(*judging.tables, Band::MidBass, run.pressure_pa_v.abs2());
    };
    const Port& coil = now.run.id.coil;
    const Part& part = judging.goal.used.parts.at(judging.goal.used.devices.at(coil.device).part);
    return workOf(part.driverClass) == DriverWork::Bass ? bass_db(now) - bass_db(before)
                                                        : now.midLevel_db - before.midLevel_db;
}

// The coils of a driver joined another way, where that alone lifts the load to what is wanted.
void offerRewiring(Finding& finding, const Judging& judging, const RunResult& run, double least_ohm, double wanted_ohm)
{
    const DeviceId device = run.run.id.coil.device;
    const CoilsAtDriver at = coilsAtDriver(judging.goal.used, device, judging.practice);
    if (at.coils.size() < 2 || at.join == CoilJoin::Series || !at.leads_ohm) return;
    const double series_ohm = static_cast<double>(at.coils.size()) * run.coil.at(Quantity::Re_ohm).value;
    if (least_ohm * series_ohm / *at.leads_ohm < wanted_ohm) return;
    finding.mends.push_back({MendName::CoilsInSeries, series_ohm, planCoils(judging.plan, device, CoilJoin::Series)});
}

// A resistor in a driver's lead that lifts the load to what is wanted, and what it takes.
void offerResistor(Finding& finding, const Judging& judging, DeviceId device, double load_ohm, double wanted_ohm)
{
    const double step = std::pow(10.0, 1.0 / 12.0);
    const auto nearest = nearestPreferred(wanted_ohm - load_ohm, PreferredSeries::E12);
    if (!nearest) return;
    const double ohm = nearest->value >= wanted_ohm - load_ohm
                           ? nearest->value
                           : nearestPreferred(nearest->value * step, PreferredSeries::E12)->value;
    finding.mends.push_back({.name = MendName::AddResistor,
                             .figure = ohm,
                             .act = addResistor(judging.plan, device, ohm),
                             .cost_db = decibels(load_ohm / (load_ohm + ohm))});
}

// What its filter is made of bends the load, and another filter would bend it otherwise.
bool isBehindNetwork(const Judging& judging, const RunResult& run)
{
    return std::any_of(run.run.along.begin(), run.run.along.end(),
                       [&](DeviceId device) { return !legsOf(partOf(judging.goal.used, device)).empty(); });
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
        const auto verdict = loadLimit({circuit.least_ohm, circuit.worst, {}}, minimum,
                                       isAsFound(judging.found, circuit), judging.practice);
        if (!verdict) continue;
        const double care_ohm = judging.practice[PracticeKey::LoadCare_ratio] * minimum.value;  // what is wanted
        Finding finding{.rule = verdict->rule, .severity = verdict->severity, .stage = judging.goalId};
        finding.where = playedBy(judging, circuit.channel);
        finding.evidence = {
            {{circuit.channel, Quantity::LeastImpedance_ohm},
             judging.goalId,
             {circuit.least_ohm, circuit.worst},
             verdict->limit,
             verdict->key},
            {{circuit.channel, Quantity::AtFrequency_hz}, judging.goalId, {circuit.least_hz, circuit.worst}, {}, {}},
            {{circuit.channel, Quantity::LeastLoad_ohm},
             judging.goalId,
             {minimum.value, minimum.basis.origin},
             {},
             {}}};
        std::set<DeviceId> devices;
        for (const RunResult& run : judging.goal.runs)
            if (run.run.id.channel == circuit.channel && devices.insert(run.run.id.coil.device).second)
                offerRewiring(finding, judging, run, circuit.least_ohm, care_ohm);
        for (const RunResult& run : judging.goal.runs)
            if (run.run.id.channel == circuit.channel && isBehindNetwork(judging, run))
                offerSplitSearch(finding, judging, run.run.id.coil.device);
        if (devices.size() == 1) offerResistor(finding, judging, *devices.begin(), circuit.least_ohm, care_ohm);
        if (finding.where.size() > 1) finding.mends.push_back(chooseDriverMend(std::get<DeviceId>(finding.where[1])));
        const Address load{circuit.channel, Quantity::LeastImpedance_ohm};
        const auto draws = Judging::draws(judging.goalSpread, load);
        // Under what even the most willing source of its kind would bear, a guessed minimum leaves no doubt.
        const double leastStop_ohm = judging.practice[PracticeKey::LoadStop_ratio] *
                                     judging.practice.entries.at(PracticeKey::HeadUnitLeastLoad_ohm).least;
        const bool beyondDoubt = draws && under(rangeOf(*draws).high, leastStop_ohm);
        soften(finding, {.worst = std::max(circuit.worst, minimum.basis.origin),
                         .figure = draws,
                         .limitGuessed = minimum.basis.origin == Origin::ClassGuess && !beyondDoubt,
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
        if (run->sameCone) continue;
        const Known now = atLeads(judging.goal.used, *run, judging.practice);
        const Known old = atLeads(judging.found.used, *before, judging.practice);
        const CircuitResult* circuit = findCircuit(judging.goal, run->run.id.channel);
        const bool minimumGuessed = circuit->output.at(Quantity::LeastLoad_ohm).basis.origin == Origin::ClassGuess;
        const auto verdict = lowerLoadLimit(now, old, minimumGuessed, judging.practice);
        if (!verdict) continue;
        const double care = judging.practice[PracticeKey::LowerLoadCare_ratio];  // what is wanted
        Finding finding{.rule = verdict->rule, .severity = verdict->severity, .stage = judging.goalId, .from = kFound};
        finding.where = judging.alike(coil.device);
        const Origin worst = verdict->figure.worst;
        finding.evidence = {{{coil, verdict->what}, judging.goalId, verdict->figure, verdict->limit, verdict->key},
                            {{coil, Quantity::Re_ohm}, judging.goalId, {now.value, now.basis.origin}, {}, {}},
                            {{coil, Quantity::Re_ohm}, kFound, {old.value, old.basis.origin}, {}, {}}};
        offerRewiring(finding, judging, *run, now.value, care * old.value);
        offerResistor(finding, judging, coil.device, now.value, care * old.value);
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
        if (!before || run->sameCone ||
            !over(atLeads(judging.goal.used, *run, judging.practice).value,
                  atLeads(judging.found.used, *before, judging.practice).value))
            continue;
        const double change_db = levelChange_db(judging, *run, *before);
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
        finding.evidence = {
            {{coil, Quantity::LevelChange_db},
             judging.goalId,
             {change_db, worst},
             care ? -care_db : -note_db,
             care ? PracticeKey::LessLevelCare_db : PracticeKey::LessLevelNote_db},
            {{coil, Quantity::Nominal_ohm}, judging.goalId, nominalAtLeads(judging, judging.goal, *run), {}, {}},
            {{coil, Quantity::Nominal_ohm}, kFound, nominalAtLeads(judging, judging.found, *before), {}, {}}};
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

namespace {

// A high-pass below which the coil would get no more programme than it is rated for: the lowest whole ten of hertz, as
// long as there is one under the middle band. Nothing where the heat lies above it.
std::optional<Filter> coolingHighPass(const Judging& judging, const ConeResult& cone, double rating_w)
{
    constexpr double kLowest_hz = 20.0, kStep_hz = 10.0, kHighest_hz = 250.0;
    for (double corner_hz = kLowest_hz; corner_hz <= kHighest_hz; corner_hz += kStep_hz) {
        const Filter filter{corner_hz, 2};
        const Eigen::ArrayXd passed = filterResponse({FilterFamily::Butterworth, filter.order}, FilterSide::HighPass,
                                                     corner_hz, judging.tables->frequency_hz)
                                          .abs2();
        const double all = (judging.tables->programme * cone.heat_w_v2).sum();
        const double left = (judging.tables->programme * cone.heat_w_v2 * passed).sum();
        if (all > 0.0 && cone.programme_w * left / all <= rating_w) return filter;
    }
    return std::nullopt;
}

}  // namespace

std::vector<Finding> judgeCoilOverRating(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const auto& [cone, run] : judging.leadingCones()) {
        const Port& coil = run->run.id.coil;
        const Known& rating = run->coil.at(Quantity::Power_w);
        const bool highPass =
            !run->run.seriesCapacitors.empty() || findCircuit(judging.goal, run->run.id.channel)->filteredLow;
        const auto verdict =
            heatLimit({cone->sine_w, cone->programme_w, rating, highPass, cone->worst}, judging.practice);
        if (!verdict) continue;
        const bool stop = verdict->severity == Severity::Stop;
        const bool care = over(cone->programme_w, rating.value);
        const double sineLimit_w = judging.practice[PracticeKey::CoilSine_ratio] * rating.value;
        Finding finding{.rule = verdict->rule, .severity = verdict->severity, .stage = judging.goalId};
        finding.where = judging.alike(coil.device);
        const Origin worst = std::max(cone->worst, rating.basis.origin);
        finding.evidence = {
            {{coil, Quantity::SinePower_w},
             judging.goalId,
             {cone->sine_w, worst},
             sineLimit_w,
             PracticeKey::CoilSine_ratio},
            {{coil, Quantity::AtFrequency_hz}, judging.goalId, {cone->sine_hz, worst}, {}, {}},
            {{coil, Quantity::ProgrammePower_w}, judging.goalId, {cone->programme_w, worst}, rating.value, {}},
            {{coil, Quantity::Power_w}, judging.goalId, {rating.value, rating.basis.origin}, {}, {}}};
        if (!stop) std::swap(finding.evidence[0], finding.evidence[2]);  // the one that fired comes first
        if (!highPass)
            if (const auto filter = coolingHighPass(judging, *cone, rating.value);
                filter && (care || cone->sine_hz < filter->frequency_hz))
                finding.mends.push_back({.name = MendName::SetHighPass,
                                         .figure = filter->frequency_hz,
                                         .act = setHighPass(judging.plan, run->run.id.channel, *filter)});
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
