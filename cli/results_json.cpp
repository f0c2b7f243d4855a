#include "cli/results_json.h"

#include <algorithm>
#include <array>

#include "cli/calc_json.h"
#include "core/advice/boundary_advice.h"
#include "core/advice/run_change.h"
#include "core/base/unit.h"
#include "core/fitout/complete.h"
#include "core/model/names.h"
#include "core/spread/widen.h"
#include "words/finding_words.h"
#include "words/slate_words.h"

namespace cli {

using namespace core;

namespace {

constexpr std::array<const char*, kBandCount> kBandKeys{"lowBass", "midBass", "mid", "treble"};

const char* limitKey(Limit limit)
{
    switch (limit) {
        case Limit::Source:
            return "source";
        case Limit::Heat:
            return "heat";
        case Limit::Travel:
            return "travel";
    }
    return "";
}

Json burdensJson(const CircuitResult& circuit)
{
    Json parts = Json::array();
    for (const PartBurden& burden : circuit.burdens) {
        const char* unit = burden.kind == ElementKind::Capacitor  ? "V"
                           : burden.kind == ElementKind::Inductor ? "A"
                                                                  : "W";
        parts.push_back({{"part", core::textOf(burden.element)},
                         {"kind", std::string(core::textOf(burden.kind))},
                         {"voltage", known(burden.voltage_v, "V", burden.worst)},
                         {"voltageAt", known(burden.voltageAt_hz, "Hz", burden.worst)},
                         {"current", known(burden.current_a, "A", burden.worst)},
                         {"currentAt", known(burden.currentAt_hz, "Hz", burden.worst)},
                         {"sinePower", known(burden.sine_w, "W", burden.worst)},
                         {"sinePowerAt", known(burden.sineAt_hz, "Hz", burden.worst)},
                         {"programmePower", known(burden.programme_w, "W", burden.worst)},
                         {"leastRating", known(burden.rating, unit, burden.worst)}});
    }
    return parts;
}

Json circuitJson(const CircuitResult& circuit)
{
    const Known& least = circuit.output.at(Quantity::LeastLoad_ohm);
    return {{"channel", core::textOf(circuit.channel)},
            {"leastLoad", known(circuit.least_ohm, "ohm", circuit.worst)},
            {"leastLoadAt", known(circuit.least_hz, "Hz", circuit.worst)},
            {"stableMinimum", known(least.value, "ohm", least.basis.origin)},
            {"clipVoltage", known(circuit.clip_v, "V", circuit.worst)},
            {"clipCurrent", known(circuit.clip_a, "A", circuit.worst)},
            {"clipPower", known(circuit.clip_w, "W", circuit.worst)},
            {"parts", burdensJson(circuit)},
            {"marks", textsOf(circuit.marks)}};
}

Json runJson(const RunResult& run)
{
    const Known& re = run.coil.at(Quantity::Re_ohm);
    const Known& nominal = run.coil.at(Quantity::Nominal_ohm);
    Json json{{"run", core::textOf(Subject{run.run.id})},
              {"sign", run.run.sign},
              {"nominal", known(nominal.value, "ohm", nominal.basis.origin)},
              {"re", known(re.value, "ohm", re.basis.origin)},
              {"voltage", known(run.most_v, "V", run.worst)},
              {"voltageAt", known(run.mostAt_hz, "Hz", run.worst)},
              {"programmePower", known(run.programme_w, "W", run.worst)},
              {"sinePower", known(run.sine_w, "W", run.worst)},
              {"sinePowerAt", known(run.sine_hz, "Hz", run.worst)},
              {"travel", known(run.travel.sine_m, "m",
                               worstOrigin(run.coil, {Quantity::Xmax_m, Quantity::Fs_hz, Quantity::Vas_m3}))},
              {"travelAt", known(run.travel.sineAt_hz, "Hz", run.worst)},
              {"travelLimit", known(run.driver.xmax_m, "m", run.coil.at(Quantity::Xmax_m).basis.origin)},
              {"midLevelAt2V83", known(run.midLevel_db, "dB", run.worst)}};
    for (size_t band = 0; band < kBandCount; ++band)
        json["programmeBands"][kBandKeys[band]] = known(run.programmeBand_w[band], "W", run.worst);
    json["marks"] = textsOf(run.marks);
    if (run.portSpeed_m_s) {
        json["portSpeed"] = known(*run.portSpeed_m_s, "m/s", run.worst);
        json["portSpeedAt"] = known(*run.portSpeedAt_hz, "Hz", run.worst);
    }
    if (run.seriesCapacitance_f) json["seriesCapacitor"] = known(*run.seriesCapacitance_f, "F", run.worst);
    if (run.idealCorner_hz) json["idealCorner"] = known(*run.idealCorner_hz, "Hz", run.worst);
    json["halfPower"] = Json::array();
    for (const double crossing : run.halfPower_hz) json["halfPower"].push_back(known(crossing, "Hz", run.worst));
    return json;
}

Json withRange(double value, const char* unit, Origin origin, const Range* could)
{
    Json json = known(value, unit, origin);
    if (could) json["could"] = {could->low, could->high};
    return json;
}

Json hearingJson(const HearingResult& heard, const HeardSpread* spread)
{
    const Origin worst = heard.worst;
    Json json = Json::object();
    if (heard.image)  // -1 right to +1 left, an estimate
        json["image"] = withRange(*heard.image, "", worst, spread && spread->image ? &*spread->image : nullptr);
    for (const BandEdges& edges : kBands) {
        const auto i = static_cast<size_t>(edges.band);
        const BandFigures& band = heard.bands[i];
        json[kBandKeys[i]] = {
            {"reach", withRange(band.reach_db, "dB", worst, spread ? &spread->reach_db[i] : nullptr)},
            {"limit", limitKey(band.limit)},
            {"balance", withRange(band.balance_db, "dB", worst, spread ? &spread->balance_db[i] : nullptr)}};
    }
    return json;
}

// Lengths that are left round a driver; what nobody measured is left out.
Json fitJson(const DriverFit& fit)
{
    Json json{{"screwHoles", fit.screwCount}, {"coverLoss", known(fit.coverLoss_db, "dB", Origin::CommonPractice)}};
    for (const auto& [name, margin] :
         {std::pair{"behind", &fit.depthMargin_m}, std::pair{"behindGlassUp", &fit.glassUpMargin_m},
          std::pair{"inFront", &fit.frontMargin_m}, std::pair{"behindScrews", &fit.screwMargin_m}})
        if (*margin) json[name] = known((*margin)->value, "m", (*margin)->worst);
    if (fit.spacerNeeded_m)
        json["spacerNeeded"] = known(*fit.spacerNeeded_m, "m", fit.body.at(Quantity::Depth_m).basis.origin);
    if (fit.spacers) json["spacers"] = fit.spacers->pieces_m;
    if (fit.screws) json["screwsMatched"] = fit.screws->matched;
    if (fit.turn) json["turn"] = known(fit.turn->turn_deg, "deg", Origin::CommonPractice);
    if (fit.fixing_n) json["onEachScrew"] = known(fit.fixing_n->value, "N", fit.fixing_n->worst);
    return json;
}

Json stageJson(const StageResult& stage, const StageSpread* spread, const Practice& practice)
{
    Json json{{"circuits", Json::array()}, {"runs", Json::array()}, {"listeners", Json::object()}};
    for (const CircuitResult& circuit : stage.circuits) json["circuits"].push_back(circuitJson(circuit));
    for (const RunResult& run : stage.runs) json["runs"].push_back(runJson(run));
    for (size_t i = 0; i < stage.runs.size(); ++i)
        if (const auto advice = boundaryAdvice(stage, i, practice))
            json["runs"][i]["boundaries"] = {{"distances", advice->distances_m},
                                             {"gainAt50Hz", known(advice->gainAt50_db, "dB", stage.cabin.worst)},
                                             {"dip", known(advice->dip_db, "dB", stage.cabin.worst)},
                                             {"dipAt", known(advice->dip_hz, "Hz", stage.cabin.worst)}};
    for (const auto& [id, heard] : stage.hearing)
        json["listeners"][core::textOf(id)] = hearingJson(heard, spread ? &spread->hearing.at(id) : nullptr);
    for (const auto& [id, fit] : stage.fits) json["fits"][core::textOf(id)] = fitJson(*fit);
    if (!spread) return json;
    for (const auto& [address, draws] : spread->draws) {
        const Range range = rangeOf(draws);
        json["could"][core::textOf(address)] = {range.low, range.high};
    }
    return json;
}

Json changesJson(const StageResult& before, const StageResult& after)
{
    Json changes = Json::array();
    for (const RunResult& run : after.runs) {
        const RunChange change = runChange(before, after, run.run.id.coil.device);
        if (!change.before) continue;
        Json json{{"run", core::textOf(Subject{run.run.id})},
                  {"equalVolts", known(change.equalVolts_db, "dB", run.worst)},
                  {"midLevel", known(change.midLevel_db, "dB", run.worst)}};
        if (change.restoring)
            json["restoringCapacitor"] = {{"exact", known(change.restoring->exact_f, "F", run.worst)},
                                          {"e6", known(change.restoring->e6_f, "F", run.worst)},
                                          {"e12", known(change.restoring->e12_f, "F", run.worst)},
                                          {"e24", known(change.restoring->e24_f, "F", run.worst)}};
        changes.push_back(std::move(json));
    }
    return changes;
}

}  // namespace

Json known(double value, const char* unit, Origin origin)
{
    Json json = quantity(value, unit);
    json["origin"] = std::string(core::textOf(origin));
    return json;
}

Json quantity(double value, const char* unit)
{
    return {{"value", value}, {"unit", unit}};
}

Json evaluationJson(const Plan& plan, const Evaluation& evaluation)
{
    const StageResult& before = *evaluation.stages.at(kFound);
    const StageResult& after = *evaluation.stages.at(plan.job.goal);
    Json json{{"before", stageJson(before, spreadAt(evaluation, kFound), evaluation.practice)},
              {"after", stageJson(after, spreadAt(evaluation, plan.job.goal), evaluation.practice)},
              {"changes", changesJson(before, after)},
              {"bandChange", Json::object()}};
    for (const auto& [id, heard] : after.hearing) {
        const auto was = before.hearing.find(id);
        if (was == before.hearing.end()) continue;
        const Origin worst = std::max(heard.worst, was->second.worst);
        for (size_t band = 0; band < kBandCount; ++band)
            json["bandChange"][core::textOf(id)][kBandKeys[band]] = {
                {"reach", known(heard.bands[band].reach_db - was->second.bands[band].reach_db, "dB", worst)},
                {"balance", known(heard.bands[band].balance_db - was->second.bands[band].balance_db, "dB", worst)}};
    }
    return json;
}

Json findingsJson(const std::vector<Finding>& findings)
{
    constexpr std::array<const char*, 3> kSeverities{"note", "care", "stop"};
    Json list = Json::array();
    for (const Finding& finding : findings) {
        const words::FindingText text = words::textOf(finding);
        Json json{{"code", std::string(code(finding.rule))},
                  {"severity", kSeverities[static_cast<size_t>(finding.severity)]},
                  {"couldBe", finding.couldBe},
                  {"title", text.title.toStdString()},
                  {"numbers", text.numbers.toStdString()},
                  {"reason", text.reason.toStdString()},
                  {"where", Json::array()},
                  {"evidence", Json::array()},
                  {"mends", Json::array()}};
        for (const Subject& subject : finding.where) json["where"].push_back(core::textOf(subject));
        for (const Evidence& evidence : finding.evidence) {
            Json one =
                known(evidence.figure.value, std::string(row(evidence.what.what).unit).c_str(), evidence.figure.worst);
            if (evidence.figure.could) one["could"] = {evidence.figure.could->low, evidence.figure.could->high};
            one["of"] = core::textOf(evidence.what);
            one["stage"] = core::textOf(evidence.stage);
            if (evidence.limit) one["limit"] = *evidence.limit;
            json["evidence"].push_back(std::move(one));
        }
        for (const Mend& mend : finding.mends) json["mends"].push_back(words::textOf(mend).toStdString());
        list.push_back(std::move(json));
    }
    return list;
}

Json nextReadingJson(const NextReading& next)
{
    Json json{
        {"measure", core::textOf(next.what)},
        {"stage", core::textOf(next.stage)},
        {"takenAs", known(next.value.value, std::string(row(next.what.what).unit).c_str(), next.value.basis.origin)},
        {"spread", next.spread},
        {"share", next.share},
        {"by", std::string(core::textOf(next.by))},
        {"minutes", next.minutes},
        {"lacking", next.lacking}};
    if (next.settles) json["settles"] = std::string(code(*next.settles));
    return json;
}

Json unpluggedJson(const Unplugged& off)
{
    Json json{{"dead", Json::array()}, {"loads", Json::array()}};
    for (const RunId& run : off.dead) json["dead"].push_back(core::textOf(Subject{run}));
    for (const LoadChange& load : off.loads) {
        Json one{{"channel", core::textOf(load.channel)}, {"before", quantity(load.before_ohm, "ohm")}};
        one["after"] = load.after_ohm ? quantity(*load.after_ohm, "ohm") : Json();
        json["loads"].push_back(std::move(one));
    }
    return json;
}

Json slateJson(const SlateAnswer& answer)
{
    const words::SlateText text = words::textOf(answer);
    Json json{{"asked", answer.text},
              {"answer", text.headline.toStdString()},
              {"formula", text.formula.toStdString()},
              {"steps", Json::array()},
              {"results", Json::object()}};
    for (const QString& step : text.steps) json["steps"].push_back(step.toStdString());
    for (const SlateResult& result : answer.results) {
        const bool verdict =
            result.figure == SlateFigure::SeriesAllowed || result.figure == SlateFigure::ParallelAllowed;
        json["results"][words::keyOf(result.figure)] =
            verdict ? Json(result.value > 0.0) : quantity(result.value, words::unitOf(result.figure));
    }
    if (answer.kind != SlateKind::Named) return json;
    json["model"] = answer.named.model;
    json["warnings"] = textsOf(answer.named.warnings);
    for (const auto& [name, value] : answer.named.results)
        json["results"][name] = {{"value", valueJson(value)}, {"unit", std::string(unitOfName(name))}};
    return json;
}

}  // namespace cli
