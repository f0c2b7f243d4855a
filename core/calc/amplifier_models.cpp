#include <cmath>

#include "core/base/threshold.h"
#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/physics/amplifier.h"
#include "core/physics/efficiency.h"
#include "core/physics/gain.h"
#include "core/physics/level.h"
#include "core/physics/programme.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

Outcome<std::vector<AmplifierRating>> ratingsOf(const CalcArguments& in)
{
    const Eigen::ArrayXd power = in.numbers("ratedPower_w"), load = in.numbers("ratedLoad_ohm");
    if (power.size() != load.size())
        return refuse(ErrorCode::Inconsistent, "ratedPower_w", static_cast<double>(power.size()),
                      "as many as ratedLoad_ohm");
    std::vector<AmplifierRating> ratings;
    for (Eigen::Index i = 0; i < power.size(); ++i) ratings.push_back({power(i), load(i)});
    return Answer<std::vector<AmplifierRating>>{std::move(ratings), {}};
}

Outcome<CalcResults> amplifierPowerModel(const CalcArguments& in)
{
    const auto ratings = ratingsOf(in);
    if (!ratings) return tl::unexpected(ratings.error());
    const auto limits = outputLimits(ratings->value, ratingPractice(in.practice()));
    if (!limits) return tl::unexpected(limits.error());
    Answer<CalcResults> answer{{}, limits->warnings};
    OutputLimits output = limits->value;
    if (!in.isSet("bridged") && in.has("bridgedPower_w"))
        return refuse(ErrorCode::Inconsistent, "bridgedPower_w", in.number("bridgedPower_w"), "together with bridged");
    if (in.isSet("bridged")) {
        AmplifierRating bridge{};
        if (const auto power = in.maybe("bridgedPower_w"))
            bridge = {*power, in.numberOr("bridgedLoad_ohm", output.highestLoad_ohm)};
        output = bridged(output, bridge);
    }
    if (in.has("supply_v") && !in.isSet("regulated"))
        output = onSupply(output, in.number("supply_v") / in.number("ratedSupply_v"));

    const std::complex<double> load_ohm = in.complexNumber("load_ohm");
    const double magnitude = std::abs(load_ohm);
    if (magnitude == 0.0) return refuse(ErrorCode::OutOfDomain, "load_ohm", 0.0, "> 0");
    const bool driver = load_ohm.imag() != 0.0 || in.isSet("driverLoad");
    const double share = driver ? in.practice()[PracticeKey::ComplexLoad_ratio] : 1.0;
    const double voltage_v = largestVoltage_v(output, Eigen::ArrayXd::Constant(1, magnitude), share)(0);
    if (under(magnitude, share * output.lowestLoad_ohm)) answer.warnings.emplace_back(WarningKind::BelowRatedLoad);
    answer.value.set("voltage_v", voltage_v)
        .set("power_w", voltage_v * voltage_v * (1.0 / load_ohm).real())
        .set("current_a", voltage_v / magnitude)
        .set("open_v", output.voltage_v)
        .set("sag_ohm", output.sag_ohm)
        .set("mostCurrent_a", output.current_a);
    return answer;
}

Outcome<CalcResults> loadVerdictModel(const CalcArguments& in)
{
    const double seen_ohm = in.number("least_ohm") * (in.isSet("bridged") ? 0.5 : 1.0);
    const double minimum_ohm = in.number("minimum_ohm");
    const LoadVerdict verdict = loadVerdict(seen_ohm, minimum_ohm, in.number("care_ratio"), in.number("stop_ratio"));
    return Answer<CalcResults>{
        CalcResults()
            .set("seen_ohm", seen_ohm)
            .set("ratio", seen_ohm / minimum_ohm)
            .set("verdict", verdictText(verdict == LoadVerdict::Stop, verdict == LoadVerdict::Care)),
        {}};
}

Outcome<CalcResults> gainModel(const CalcArguments& in)
{
    const Answer<GainSetting> setting =
        gainSetting({in.number("amplifierPower_w"), in.number("driverPower_w"), in.number("load_ohm"),
                     in.number("sourceFullScale_v"), in.number("tone_dbfs")});
    const GainSetting& s = setting.value;
    Answer<CalcResults> answer{CalcResults()
                                   .set("target_v", s.target_v)
                                   .set("power_w", s.power_w)
                                   .set("tone_dbfs", s.tone_dbfs)
                                   .set("sensitivity_v", s.sensitivity_v)
                                   .set("gain_db", s.gain_db)
                                   .set("fullScaleDemand_v", s.fullScaleDemand_v)
                                   .set("fullScalePower_w", s.fullScalePower_w),
                               setting.warnings};
    if (s.overlapPower_w > 0.0) answer.value.set("overlapPower_w", s.overlapPower_w);
    const double least_v = in.number("leastSensitivity_v"), most_v = in.number("mostSensitivity_v");
    if (most_v <= least_v)
        return refuse(ErrorCode::Inconsistent, "mostSensitivity_v", most_v, "above leastSensitivity_v");
    if (s.sensitivity_v < least_v || s.sensitivity_v > most_v) {
        answer.warnings.emplace_back(WarningKind::GainOutOfRange);
        answer.value.set("shortfall_db",
                         std::abs(decibels(s.sensitivity_v / (s.sensitivity_v < least_v ? least_v : most_v))));
    }
    return answer;
}

OutputStage stageOf(const CalcArguments& in)
{
    return in.text("stage") == "twoRail" ? OutputStage::TwoRail : OutputStage::ClassB;
}

Outcome<CalcResults> efficiencyModel(const CalcArguments& in)
{
    const double rail = in.number("lowerRail_ratio");
    if (const auto drive = in.maybe("drive_ratio")) {
        if (in.has("crestFactor_db"))
            return refuse(ErrorCode::Inconsistent, "drive_ratio", *drive, "either drive_ratio or crestFactor_db");
        return Answer<CalcResults>{CalcResults().set("efficiency", sineEfficiency(stageOf(in), *drive, rail)), {}};
    }
    if (!in.has("crestFactor_db"))
        return refuse(ErrorCode::Underdetermined, "drive_ratio", 0.0,
                      "either drive_ratio or crestFactor_db to be given");
    const Answer<double> efficiency = programmeEfficiency(stageOf(in), in.number("crestFactor_db"), rail);
    return Answer<CalcResults>{CalcResults().set("efficiency", efficiency.value), efficiency.warnings};
}

Outcome<CalcResults> supplyCurrentModel(const CalcArguments& in)
{
    const double crest_db = in.number("crestFactor_db");
    const double share = programmeShare(crest_db);
    const std::string& stage = in.text("stage");
    const double average_w = in.number("channels") * in.number("ratedPower_w") * share;
    Answer<double> efficiency{};
    if (stage == "switching") {
        efficiency.value = in.number("switching_ratio");
        warnOfClipping(efficiency.warnings, crest_db);
    } else {
        efficiency = programmeEfficiency(stageOf(in), crest_db, in.number("lowerRail_ratio"));
        efficiency.value *= in.number("real_ratio");
    }
    // A reactive load draws for V^2 / |Z|, of which only the power factor turns into heat and sound.
    const double input_w = average_w / (efficiency.value * in.number("powerFactor"));
    const double current_a = input_w / in.number("supply_v") + in.number("idle_a");
    return Answer<CalcResults>{CalcResults()
                                   .set("current_a", current_a)
                                   .set("averagePower_w", average_w)
                                   .set("averageShare", share)
                                   .set("efficiency", efficiency.value)
                                   .set("heat_w", current_a * in.number("supply_v") - average_w),
                               efficiency.warnings};
}

}  // namespace

void addAmplifierModels(std::vector<CalcModel>& models)
{
    models.push_back({"A6",
                      "amplifier-power",
                      "continuous power into any load from the ratings",
                      "V(R) = min(V0 R/(R + r), Imax R), beyond the highest rated load at most 1.10 Va",
                      {positive("ratedPower_w").list(), positive("ratedLoad_ohm").list(), impedance("load_ohm"),
                       flag("driverLoad").meaning("1: load_ohm is a driver's |Z|, for which ratings hold from 0.8 on"),
                       flag("bridged"), positive("bridgedPower_w").maybe(), positive("bridgedLoad_ohm").maybe(),
                       positive("supply_v").maybe(), positive("ratedSupply_v").orElse(PracticeKey::RatedSupply_v),
                       flag("regulated")},
                      {"voltage_v", "power_w", "current_a", "open_v", "sag_ohm", "mostCurrent_a"},
                      amplifierPowerModel});
    models.push_back({"A6",
                      "load-verdict",
                      "whether a channel may drive a load",
                      "stop below 0.70 of the stable minimum, care from there to below 0.80",
                      {positive("least_ohm"), positive("minimum_ohm"), flag("bridged"),
                       positive("care_ratio").orElse(PracticeKey::LoadCare_ratio),
                       positive("stop_ratio").orElse(PracticeKey::LoadStop_ratio)},
                      {"seen_ohm", "ratio", "verdict"},
                      loadVerdictModel});
    models.push_back({"A8",
                      "gain-setting",
                      "gain of an amplifier with a meter and a sine",
                      "V = sqrt(P R), sensitivity = V_FS 10^(L/20), gain = 20 log(V / sensitivity)",
                      {positive("amplifierPower_w"), positive("driverPower_w"), positive("load_ohm"),
                       positive("sourceFullScale_v"), within("tone_dbfs", -60.0, 0.0).orElse(0.0),
                       positive("leastSensitivity_v").orElse(0.2), positive("mostSensitivity_v").orElse(5.0)},
                      {"target_v", "power_w", "tone_dbfs", "sensitivity_v", "gain_db", "fullScaleDemand_v",
                       "fullScalePower_w", "overlapPower_w", "shortfall_db"},
                      gainModel});
    models.push_back({"A9",
                      "efficiency",
                      "ideal efficiency of an output stage with a sine or with programme",
                      "sine (pi/4) x, programme sqrt(pi/2) 10^(-CF/20); two rails: see docs/sources.md",
                      {choice("stage", {"classB", "twoRail"}),
                       within("drive_ratio", 0.0, 1.0).maybe().meaning("peak over largest unclipped peak, above 0"),
                       within("crestFactor_db", 0.0, 60.0).maybe(),
                       within("lowerRail_ratio", 0.05, 1.0).orElse(PracticeKey::LowerRail_ratio)},
                      {"efficiency"},
                      efficiencyModel});
    models.back().inputs[1].above = true;
    models.push_back({"A9",
                      "supply-current",
                      "average supply current of an amplifier playing programme",
                      "P = n P_rated 2/10^(CF/10), I = P/(eta V) + I_idle",
                      {positive("ratedPower_w"), positive("channels").counted().orElse(1.0),
                       within("crestFactor_db", 0.0, 60.0).orElse(PracticeKey::CrestFactor_db),
                       choice("stage", {"classB", "twoRail", "switching"}), positive("supply_v").orElse(kRunning_v),
                       within("lowerRail_ratio", 0.05, 1.0).orElse(PracticeKey::LowerRail_ratio),
                       within("real_ratio", 0.1, 1.0).orElse(PracticeKey::RealStage_ratio),
                       within("switching_ratio", 0.1, 1.0).orElse(PracticeKey::SwitchingEfficiency_ratio),
                       within("powerFactor", 0.05, 1.0).orElse(1.0), notNegative("idle_a").orElse(0.0)},
                      {"current_a", "averagePower_w", "averageShare", "efficiency", "heat_w"},
                      supplyCurrentModel});
}

}  // namespace core
