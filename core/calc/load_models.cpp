#include <algorithm>
#include <cmath>
#include <set>

#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/physics/coil_arrangements.h"
#include "core/physics/level.h"
#include "core/physics/ohmmeter.h"
#include "core/physics/rated_impedance.h"
#include "core/physics/sine_power.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

// A level of nothing is no number.
void setLevel(Answer<CalcResults>& answer, const char* name, double level_db)
{
    if (std::isfinite(level_db))
        answer.value.set(name, level_db);
    else if (answer.warnings.empty())
        answer.warnings.emplace_back(WarningKind::NoSignal);
}

Outcome<CalcResults> sinePowerModel(const CalcArguments& in)
{
    const double voltage_v = in.number("voltage_v");
    const auto power = sinePower(voltage_v, in.complexNumber("load_ohm"));
    if (!power) return tl::unexpected(power.error());
    const SinePower& p = power->value;
    Answer<CalcResults> answer;
    answer.value.set("power_w", p.power_w)
        .set("apparent_va", p.apparent_va)
        .set("current_a", p.current_a)
        .set("powerFactor", p.powerFactor);
    setLevel(answer, "power_dbw", powerDecibels(p.power_w));
    setLevel(answer, "voltage_dbv", decibels(voltage_v));
    return answer;
}

Outcome<CalcResults> powerVoltageModel(const CalcArguments& in)
{
    const double power_w = in.number("power_w"), load_ohm = in.number("load_ohm");
    const double voltage_v = std::sqrt(power_w * load_ohm);
    Answer<CalcResults> answer;
    answer.value.set("voltage_v", voltage_v).set("current_a", std::sqrt(power_w / load_ohm));
    setLevel(answer, "power_dbw", powerDecibels(power_w));
    setLevel(answer, "voltage_dbv", decibels(voltage_v));
    return answer;
}

Outcome<CalcResults> ratedImpedanceModel(const CalcArguments& in)
{
    const Eigen::ArrayXd magnitude = in.numbers("magnitude_ohm");
    Answer<CalcResults> answer;
    double least = magnitude.minCoeff();
    if (in.has("frequency_hz")) {
        const Eigen::ArrayXd frequency = in.numbers("frequency_hz");
        const double low = in.number("low_hz"), high = in.number("high_hz");
        if (frequency.size() != magnitude.size())
            return refuse(ErrorCode::Inconsistent, "frequency_hz", static_cast<double>(frequency.size()),
                          "as many as magnitude_ohm");
        if (frequency.minCoeff() > low || frequency.maxCoeff() < high)
            answer.warnings.emplace_back(WarningKind::RangeNotCovered);
        const auto inside = frequency >= low && frequency <= high;
        if (!inside.any())
            return refuse(ErrorCode::OutOfDomain, "frequency_hz", frequency(0), "inside the rated range");
        least = inside.select(magnitude, magnitude.maxCoeff()).minCoeff();
    }
    answer.value.set("least_ohm", least).setIf("rated_ohm", largestAdmissible_ohm(least));
    if (const auto stated = in.maybe("stated_ohm"); stated && under(least, kRatedShare * *stated))
        answer.warnings.emplace_back(WarningKind::BelowEightyPercent);
    return answer;
}

Outcome<CalcResults> nominalModel(const CalcArguments& in)
{
    const auto guess =
        nominalFromReading({in.number("reading_ohm"), in.number("leads_ohm"), in.number("meterError_ohm")},
                           ohmmeterWindows(in.practice()));
    if (!guess) return tl::unexpected(guess.error());
    const auto count = static_cast<Eigen::Index>(guess->value.candidates.size());
    Eigen::ArrayXd nominal(count), ratio(count), core(count);
    for (Eigen::Index i = 0; i < count; ++i) {
        const NominalCandidate& candidate = guess->value.candidates[static_cast<size_t>(i)];
        nominal(i) = candidate.nominal_ohm;
        ratio(i) = candidate.ratio;
        core(i) = candidate.core ? 1.0 : 0.0;
    }
    return Answer<CalcResults>{CalcResults()
                                   .set("nominal_ohm", nominal)
                                   .set("ratio", ratio)
                                   .set("core", core)
                                   .set("likely", guess->value.likely ? 1.0 : 0.0),
                               guess->warnings};
}

Outcome<CalcResults> arrangementsModel(const CalcArguments& in)
{
    const auto& coils = in.complexNumbers("coil_ohm");
    auto found = coilArrangements(coils);
    if (!found) return tl::unexpected(found.error());
    const auto minimum = in.maybe("minimum_ohm");
    std::vector<std::string> texts;
    std::vector<double> shares;
    std::set<std::pair<double, double>> distinct;
    const auto count = static_cast<Eigen::Index>(found->value.size());
    Eigen::ArrayXcd loads(count);
    Eigen::ArrayXd allowed(count);
    bool unlike = false;
    for (Eigen::Index i = 0; i < count; ++i) {
        const CoilArrangement& one = found->value[static_cast<size_t>(i)];
        texts.push_back(textOf(one.tree));
        loads(i) = one.load_ohm;
        allowed(i) = !minimum || !under(std::abs(one.load_ohm), *minimum) ? 1.0 : 0.0;
        shares.insert(shares.end(), one.share.begin(), one.share.end());
        unlike |= one.unlikeInSeries;
    }
    Answer<CalcResults> answer;
    answer.value.set("count", static_cast<double>(count));
    const bool alike = std::all_of(coils.begin(), coils.end(), [&](const auto& coil) { return coil == coils.front(); });
    if (alike) {
        std::set<double> upTo;
        for (int n = 1; n <= static_cast<int>(coils.size()); ++n)
            for (const double ratio : distinctRatios(n)) upTo.insert(ratio);
        const std::vector<double> ratios = distinctRatios(static_cast<int>(coils.size()));
        answer.value.set("distinct", static_cast<double>(ratios.size()))
            .set("distinctUpTo", static_cast<double>(upTo.size()))
            .set("distinctRatio",
                 Eigen::Map<const Eigen::ArrayXd>(ratios.data(), static_cast<Eigen::Index>(ratios.size())).eval());
    }
    answer.value.set("arrangement", std::move(texts)).set("load_ohm", loads);
    answer.value.set("share",
                     Eigen::Map<const Eigen::ArrayXd>(shares.data(), static_cast<Eigen::Index>(shares.size())).eval());
    if (minimum) answer.value.set("allowed", allowed);
    if (unlike) answer.warnings.emplace_back(WarningKind::UnlikeInSeries);
    return answer;
}

// Coils with one number sit on one cone: their impedances are those of all together only while they share evenly.
Outcome<bool> conesShareEvenly(const CalcArguments& in, const CoilArrangement& arrangement)
{
    if (!in.has("cone")) return Answer<bool>{true, {}};
    const Eigen::ArrayXd cone = in.numbers("cone");
    if (cone.size() != static_cast<Eigen::Index>(arrangement.share.size()))
        return refuse(ErrorCode::Inconsistent, "cone", static_cast<double>(cone.size()), "one number for each coil");
    constexpr double kEven = 1e-6;
    bool even = true;
    for (size_t a = 0; a < arrangement.share.size(); ++a)
        for (size_t b = 0; b < a; ++b)
            even &= cone(static_cast<Eigen::Index>(a)) != cone(static_cast<Eigen::Index>(b)) ||
                    std::abs(arrangement.share[a] - arrangement.share[b]) < kEven;
    return Answer<bool>{even, {}};
}

Outcome<CalcResults> arrangementModel(const CalcArguments& in)
{
    const auto& coils = in.complexNumbers("coil_ohm");
    if (coils.size() > 26)
        return refuse(ErrorCode::OutOfDomain, "coil_ohm", static_cast<double>(coils.size()), "1 to 26");
    const auto tree = coilTreeFromText(in.text("arrangement"), coils.size());
    if (!tree) return tl::unexpected(tree.error());
    const auto arrangement = arrangementOf(tree->value, coils);
    if (!arrangement) return tl::unexpected(arrangement.error());
    const CoilArrangement& one = arrangement->value;
    const auto even = conesShareEvenly(in, one);
    if (!even) return tl::unexpected(even.error());
    std::vector<Warning> warnings = arrangement->warnings;
    if (!even->value) warnings.emplace_back(WarningKind::SharedCone);
    const double voltage_v = in.number("voltage_v");
    const double power_w = voltage_v * voltage_v * (1.0 / one.load_ohm).real();
    const Eigen::ArrayXd share =
        Eigen::Map<const Eigen::ArrayXd>(one.share.data(), static_cast<Eigen::Index>(one.share.size()));
    return Answer<CalcResults>{CalcResults()
                                   .set("load_ohm", one.load_ohm)
                                   .set("share", share)
                                   .set("coilPower_w", (share * power_w).eval())
                                   .set("power_w", power_w),
                               std::move(warnings)};
}

Outcome<CalcResults> bridgedLoadModel(const CalcArguments& in)
{
    const double half_ohm = 0.5 * std::abs(in.complexNumber("load_ohm"));
    Answer<CalcResults> answer;
    answer.value.set("half_ohm", half_ohm);
    if (const auto minimum = in.maybe("minimum_ohm")) {
        const bool driver = in.isSet("driverLoad");
        const double allowed = driver ? kRatedShare * *minimum : *minimum;
        const Practice& practice = in.practice();
        const LoadVerdict verdict = loadVerdict(half_ohm, *minimum, practice[PracticeKey::LoadCare_ratio],
                                                practice[PracticeKey::LoadStop_ratio]);
        answer.value.set("allowed", under(half_ohm, allowed) ? 0.0 : 1.0);
        if (driver)
            answer.value.set("verdict", verdictText(verdict == LoadVerdict::Stop, verdict == LoadVerdict::Care));
        if (under(half_ohm, allowed)) answer.warnings.emplace_back(WarningKind::BelowRatedLoad);
    }
    return answer;
}

Outcome<CalcResults> sensitivityConversionModel(const CalcArguments& in)
{
    const double reference_ohm = in.number("reference_ohm");
    const auto oneWatt = in.maybe("oneWatt_db"), atTest = in.maybe("atTestVoltage_db");
    if (oneWatt.has_value() == atTest.has_value())
        return refuse(oneWatt ? ErrorCode::Inconsistent : ErrorCode::Underdetermined, "oneWatt_db",
                      oneWatt.value_or(0.0), "either oneWatt_db or atTestVoltage_db to be given");
    const double one = oneWatt ? *oneWatt : *atTest - atTestVoltage_db(0.0, reference_ohm);
    const double power_w = in.number("power_w");
    return Answer<CalcResults>{CalcResults()
                                   .set("oneWatt_db", one)
                                   .set("atTestVoltage_db", atTestVoltage_db(one, reference_ohm))
                                   .set("level_db", one + powerDecibels(power_w) - decibels(in.number("distance_m"))),
                               {}};
}

}  // namespace

void addLoadModels(std::vector<CalcModel>& models)
{
    models.push_back({"A1",
                      "sine-power",
                      "power, current and levels of a sine at a load",
                      "I = V/|Z|, P = I^2 R, S = V I, pf = P/S",
                      {notNegative("voltage_v"), impedance("load_ohm")},
                      {"power_w", "apparent_va", "current_a", "powerFactor", "power_dbw", "voltage_dbv"},
                      sinePowerModel});
    models.push_back({"A1",
                      "power-voltage",
                      "voltage and current of a power in a resistance",
                      "V = sqrt(P R), I = sqrt(P/R)",
                      {notNegative("power_w"), positive("load_ohm")},
                      {"voltage_v", "current_a", "power_dbw", "voltage_dbv"},
                      powerVoltageModel});
    models.push_back(
        {"A2",
         "rated-impedance",
         "largest rated impedance that a curve complies with",
         "min |Z| >= 0.8 Zn, Zn in {2, 3, 4, 6, 8, 16} ohm",
         {positive("magnitude_ohm").list(), positive("frequency_hz").list().maybe(), positive("low_hz").orElse(20.0),
          positive("high_hz").orElse(20000.0), positive("stated_ohm").maybe()},
         {"least_ohm", "rated_ohm"},
         ratedImpedanceModel});
    models.push_back(
        {"A3",
         "nominal-from-reading",
         "nominal impedances that an ohmmeter reading speaks for, best first",
         "r = (reading - leads) / Zn, core 0.70 to 0.90, wide 0.60 to 1.00",
         {notNegative("reading_ohm"), notNegative("leads_ohm").orElse(0.0), notNegative("meterError_ohm").orElse(0.0)},
         {"nominal_ohm", "ratio", "core", "likely"},
         nominalModel});
    models.push_back(
        {"A4",
         "coil-arrangements",
         "every series-parallel arrangement of some coils, its load and how it shares power",
         "series Z = sum Zi, parallel Z = 1 / sum (1/Zi)",
         {impedance("coil_ohm").list().meaning("up to 8 like coils or 6 unlike ones"),
          positive("minimum_ohm").maybe().meaning("stable minimum of the amplifier")},
         {"count", "distinct", "distinctUpTo", "distinctRatio", "arrangement", "load_ohm", "share", "allowed"},
         arrangementsModel});
    models.push_back({"A4",
                      "coil-arrangement",
                      "one arrangement of coils: load and power of each",
                      "series Z = sum Zi, parallel Z = 1 / sum (1/Zi)",
                      {impedance("coil_ohm").list(), textInput("arrangement").meaning("a is the first coil: a+(b||c)"),
                       notNegative("voltage_v").orElse(1.0),
                       anyNumber("cone").list().maybe().meaning("coils with one number sit on one cone")},
                      {"load_ohm", "share", "coilPower_w", "power_w"},
                      arrangementModel});
    models.push_back({"A5",
                      "bridged-load",
                      "what each half of a bridged pair sees",
                      "Z_half = Z/2",
                      {impedance("load_ohm"), positive("minimum_ohm").maybe(),
                       flag("driverLoad").meaning("1: load_ohm is a driver's |Z|, which may fall to 0.8 of nominal")},
                      {"half_ohm", "allowed", "verdict"},
                      bridgedLoadModel});
    models.push_back(
        {"A7",
         "load-change",
         "change of level when a load is exchanged at the same voltage",
         "10 log(R1/R2)",
         {positive("from_ohm"), positive("to_ohm")},
         {"change_db"},
         [](const CalcArguments& in) -> Outcome<CalcResults> {
             return Answer<CalcResults>{
                 CalcResults().set("change_db", powerDecibels(in.number("from_ohm") / in.number("to_ohm"))), {}};
         }});
    models.push_back({"A7",
                      "power-change",
                      "how much louder another power is, the same driver",
                      "10 log(P2/P1)",
                      {positive("from_w"), positive("to_w")},
                      {"change_db"},
                      [](const CalcArguments& in) -> Outcome<CalcResults> {
                          return Answer<CalcResults>{
                              CalcResults().set("change_db", powerDecibels(in.number("to_w") / in.number("from_w"))),
                              {}};
                      }});
    models.push_back({"A7",
                      "sensitivity",
                      "one watt, 2.83 V and the level of a power at a distance",
                      "S(2.83 V) = S(1 W) + 10 log(8/Zref), SPL = S(1 W) + 10 log P - 20 log r",
                      {anyNumber("oneWatt_db").maybe(), anyNumber("atTestVoltage_db").maybe(),
                       positive("reference_ohm"), positive("power_w").orElse(1.0), positive("distance_m").orElse(1.0)},
                      {"oneWatt_db", "atTestVoltage_db", "level_db"},
                      sensitivityConversionModel});
}

}  // namespace core
