#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/physics/compensation.h"
#include "core/physics/ladder.h"
#include "core/physics/leg_sum.h"
#include "core/physics/level.h"
#include "core/physics/pad.h"
#include "core/physics/preferred_values.h"
#include "core/physics/series_capacitor.h"
#include "core/physics/tolerance.h"

namespace core {
namespace {

Outcome<CalcResults> seriesCapacitorModel(const CalcArguments& in)
{
    const double resistance = in.number("resistance_ohm");
    const auto capacitance = in.maybe("capacitance_f"), corner = in.maybe("corner_hz");
    if (capacitance.has_value() == corner.has_value())
        return refuse(capacitance ? ErrorCode::Inconsistent : ErrorCode::Underdetermined, "capacitance_f",
                      capacitance.value_or(0.0), "either capacitance_f or corner_hz to be given");
    const auto other =
        capacitance ? seriesCapacitorCorner_hz(*capacitance, resistance) : seriesCapacitance_f(*corner, resistance);
    if (!other) return tl::unexpected(other.error());
    const double corner_hz = corner ? *corner : other->value;
    Answer<CalcResults> answer;
    answer.value.set("corner_hz", corner_hz).set("capacitance_f", capacitance ? *capacitance : other->value);
    if (in.has("frequency_hz")) {
        const Eigen::ArrayXd x = in.numbers("frequency_hz") / corner_hz;
        answer.value.set("level_db", (20.0 * (x / (1.0 + x.square()).sqrt()).log10()).eval(), in.isList("frequency_hz"))
            .set("phase_deg", (x.inverse().atan() * (180.0 / std::numbers::pi)).eval(), in.isList("frequency_hz"));
    }
    return answer;
}

Outcome<CalcResults> crossingsModel(const CalcArguments& in)
{
    const DriverParameters driver = electricalDriver(in);
    const auto loss = coilLoss(in);
    if (!loss) return tl::unexpected(loss.error());
    const double capacitance_f = in.number("capacitance_f"), esr_ohm = in.number("seriesResistance_ohm");
    const double source_ohm = in.number("source_ohm");
    const auto magnitude = [&](const Eigen::ArrayXd& f) {
        const Eigen::ArrayXcd coil = impedance_ohm(driver, f, loss->value);
        const Eigen::ArrayXcd s = std::complex<double>{0.0, 2.0 * std::numbers::pi} * f.cast<std::complex<double>>();
        return (coil / (coil + (s * capacitance_f).inverse() + esr_ohm + source_ohm)).abs().eval();
    };
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    const std::vector<double> found = halfPowerCrossings_hz(
        grid, magnitude(grid), [&](double f) { return magnitude(Eigen::ArrayXd::Constant(1, f))(0); });
    Answer<CalcResults> answer;
    answer.value.set("crossing_hz",
                     Eigen::Map<const Eigen::ArrayXd>(found.data(), static_cast<Eigen::Index>(found.size())).eval());
    if (found.empty()) answer.warnings.emplace_back(WarningKind::NoCrossing);
    if (found.size() > 1) answer.warnings.emplace_back(WarningKind::SeveralCrossings);
    return answer;
}

Outcome<CalcResults> ladderModel(const CalcArguments& in)
{
    const auto shape = filterShape(in);
    if (!shape) return tl::unexpected(shape.error());
    const std::vector<double> g = ladderCoefficients(shape->value);
    std::vector<std::string> names;
    Eigen::ArrayXd values(static_cast<Eigen::Index>(g.size()));
    for (const LadderPart& part : ladder(shape->value, filterSide(in), in.number("corner_hz"), in.number("load_ohm"))) {
        values(static_cast<Eigen::Index>(names.size())) = part.value;
        names.push_back(std::string(part.series ? "series " : "shunt ") + (part.inductor ? "L, H" : "C, F"));
    }
    return Answer<CalcResults>{
        CalcResults()
            .set("coefficient", Eigen::Map<const Eigen::ArrayXd>(g.data(), static_cast<Eigen::Index>(g.size())).eval())
            .set("part", std::move(names))
            .set("value", values),
        {}};
}

Outcome<CalcResults> padModel(const CalcArguments& in)
{
    const Pad result = pad(in.number("attenuation_db"), in.number("load_ohm"));
    return Answer<CalcResults>{CalcResults()
                                   .set("series_ohm", result.series_ohm)
                                   .setIf("shunt_ohm", result.shunt_ohm)
                                   .set("plainSeries_ohm", result.plainSeries_ohm),
                               {}};
}

CalcResults branch(const SeriesBranch& parts)
{
    CalcResults results;
    results.set("r_ohm", parts.r_ohm);
    if (parts.l_h > 0.0) results.set("l_h", parts.l_h);
    if (parts.c_f > 0.0) results.set("c_f", parts.c_f);
    return results;
}

Outcome<CalcResults> inductanceModel(const CalcArguments& in)
{
    if (in.number("le_h") == 0.0) return Answer<CalcResults>{{}, {{WarningKind::NothingToCompensate}}};
    return Answer<CalcResults>{branch(inductanceCompensation(in.number("re_ohm"), in.number("le_h"))), {}};
}

Outcome<CalcResults> lossyModel(const CalcArguments& in)
{
    const FittedCompensation fitted = fittedCompensation(
        {in.number("re_ohm"), in.number("k_ohm_sn"), in.number("exponent")}, in.number("crossover_hz"));
    return Answer<CalcResults>{branch(fitted.branch).set("ripple_db", fitted.ripple_db), {}};
}

Outcome<CalcResults> exactModel(const CalcArguments& in)
{
    const ExactCompensation exact = exactCompensation(electricalDriver(in));
    CalcResults results;
    results.set("r_ohm", exact.r_ohm);
    if (exact.c_f > 0.0) results.set("c_f", exact.c_f);
    results.set("chainR_ohm", exact.chain.r_ohm).set("chainL_h", exact.chain.l_h).set("chainC_f", exact.chain.c_f);
    return Answer<CalcResults>{std::move(results), {}};
}

PreferredSeries seriesOf(const CalcArguments& in)
{
    const std::string& name = in.text("series");
    return name == "E6" ? PreferredSeries::E6 : name == "E24" ? PreferredSeries::E24 : PreferredSeries::E12;
}

Outcome<CalcResults> preferredModel(const CalcArguments& in)
{
    const double value = in.number("value");
    const auto one = nearestPreferred(value, seriesOf(in));
    if (!one) return tl::unexpected(one.error());
    const auto parts = preferredParts(value, seriesOf(in));
    if (!parts) return tl::unexpected(parts.error());
    CalcResults results;
    results.set("value", one->value).set("off", one->value / value - 1.0).set("first", parts->value.first);
    if (parts->value.second > 0.0) results.set("second", parts->value.second);
    results.set("together", parts->value.together);
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> cornerSpreadModel(const CalcArguments& in)
{
    const CornerSpread spread = cornerSpread(in.number("resistanceTolerance"), in.number("capacitanceTolerance"));
    return Answer<CalcResults>{CalcResults()
                                   .set("lowest_ratio", spread.lowest_ratio)
                                   .set("highest_ratio", spread.highest_ratio)
                                   .set("mean_ratio", spread.mean_ratio),
                               {}};
}

// A level, unless the sum is an exact null.
void setSum(Answer<CalcResults>& answer, const char* name, std::complex<double> sum, WarningKind null)
{
    constexpr double kNull = 1e-9;
    if (std::abs(sum) > kNull)
        answer.value.set(name, decibels(std::abs(sum)));
    else
        answer.warnings.emplace_back(null);
}

Outcome<CalcResults> legSumModel(const CalcArguments& in)
{
    const auto low = filterShape(in);
    if (!low) return tl::unexpected(low.error());
    CrossoverLegs legs{low->value, low->value, in.number("corner_hz"), in.number("corner_hz"),
                       in.number("pathDifference_m")};
    if (const auto order = in.maybe("highOrder")) {
        const auto high = shapeOf(in.text("family"), *order, "highOrder");
        if (!high) return tl::unexpected(high.error());
        legs.high = high->value;
    }
    legs.highCorner_hz = in.numberOr("highCorner_hz", legs.lowCorner_hz);
    const LegPoint point = legsAt(legs, in.numberOr("frequency_hz", legs.lowCorner_hz));
    Answer<CalcResults> answer;
    answer.value.set("low_db", decibels(std::abs(point.low)))
        .set("high_db", decibels(std::abs(point.high)))
        .set("difference_deg", point.difference_deg);
    setSum(answer, "same_db", point.same, WarningKind::NullAlike);
    answer.value.set("largestSame_db", largestSum_db(legs, false));
    setSum(answer, "inverted_db", point.inverted, WarningKind::NullInverted);
    answer.value.set("largestInverted_db", largestSum_db(legs, true));
    if (const auto rule = polarityRule(legs))
        answer.value.set("rule", std::string(*rule == PolarityRule::Either   ? "either"
                                             : *rule == PolarityRule::Invert ? "invert"
                                                                             : "same"));
    return answer;
}

}  // namespace

void addCrossoverModels(std::vector<CalcModel>& models)
{
    models.push_back({"B3",
                      "series-capacitor",
                      "a single capacitor in series with a resistance",
                      "f = 1/(2 pi R C), |H| = x/sqrt(1 + x^2), x = f/f0",
                      {positive("resistance_ohm"), positive("capacitance_f").maybe(), positive("corner_hz").maybe(),
                       positive("frequency_hz").list().maybe()},
                      {"corner_hz", "capacitance_f", "level_db", "phase_deg"},
                      seriesCapacitorModel});
    models.push_back({"B3",
                      "series-capacitor-on-driver",
                      "half-power crossings of a series capacitor into a real driver, highest first",
                      "H = Zd/(Zd + 1/(jwC) + ESR + Rs)",
                      withElectricalDriver({positive("capacitance_f"), notNegative("seriesResistance_ohm").orElse(0.0),
                                            notNegative("source_ohm").orElse(0.0)}),
                      {"crossing_hz"},
                      crossingsModel});
    models.push_back(
        {"B4",
         "ladder",
         "parts of one leg of a parallel crossover, from the amplifier to the load",
         "low-pass L = g R/w0, C = g/(R w0); high-pass C = 1/(g R w0), L = R/(g w0)",
         withFilterShape({choice("side", {"lowPass", "highPass"}), positive("corner_hz"), positive("load_ohm")}),
         {"coefficient", "part", "value"},
         ladderModel});
    models.push_back({"B5",
                      "l-pad",
                      "two resistors that attenuate a leg and keep its load",
                      "k = 10^(-A/20), R1 = Z (1 - k), R2 = Z k/(1 - k)",
                      {notNegative("attenuation_db"), positive("load_ohm")},
                      {"series_ohm", "shunt_ohm", "plainSeries_ohm"},
                      padModel});
    models.push_back({"B6",
                      "inductance-compensation",
                      "R and C in series across a driver that take its coil's rise away",
                      "R = Re, C = Le/Re^2",
                      {positive("re_ohm"), notNegative("le_h")},
                      {"r_ohm", "c_f"},
                      inductanceModel});
    models.push_back(
        {"B6",
         "lossy-coil-compensation",
         "the same for a semi-inductance, fitted over two octaves around the crossover",
         "Z = Re + K (jw)^n; least squares of ln |Z/Re|",
         {positive("re_ohm"), positive("k_ohm_sn"), within("exponent", 0.5, 1.0).orElse(0.7), positive("crossover_hz")},
         {"r_ohm", "c_f", "ripple_db"},
         lossyModel});
    models.push_back({"B6",
                      "resonance-trap",
                      "R, L and C in series across a driver that take its resonance away",
                      "R = Re (1 + Qes/Qms), L = Re Qes/ws, C = 1/(ws Re Qes)",
                      {positive("re_ohm"), positive("fs_hz"), positive("qms"), positive("qes")},
                      {"r_ohm", "l_h", "c_f"},
                      [](const CalcArguments& in) -> Outcome<CalcResults> {
                          return Answer<CalcResults>{branch(resonanceTrap({.re_ohm = in.number("re_ohm"),
                                                                           .fs_hz = in.number("fs_hz"),
                                                                           .qms = in.number("qms"),
                                                                           .qes = in.number("qes")})),
                                                     {}};
                      }});
    models.push_back({"B6",
                      "exact-compensation",
                      "both at once: Re in series with C parallel to a chain of R, L and C",
                      "C = Le/Re^2, chain R = Re^2/Res, L = Re^2 Cmes, C = Lces/Re^2",
                      {positive("re_ohm"), notNegative("le_h"), positive("fs_hz"), positive("qms"), positive("qes")},
                      {"r_ohm", "c_f", "chainR_ohm", "chainL_h", "chainC_f"},
                      exactModel});
    models.push_back({"B7",
                      "preferred-value",
                      "the nearest value one can buy, or two that together come near",
                      "least |ln(v/x)|; two parts if one is more than 3 % off",
                      {positive("value"), choice("series", {"E12", "E6", "E24"})},
                      {"value", "off", "first", "second", "together"},
                      preferredModel});
    models.push_back({"B7",
                      "corner-spread",
                      "what tolerances make of f0 = 1/(2 pi R C)",
                      "mean (atanh a/a)(atanh b/b)",
                      {within("resistanceTolerance", 0.0, 0.5), within("capacitanceTolerance", 0.0, 0.5)},
                      {"lowest_ratio", "highest_ratio", "mean_ratio"},
                      cornerSpreadModel});
    models.push_back(
        {"B8",
         "leg-sum",
         "two legs of a crossover together, with like and with opposite polarity",
         "S = L + p H, dr adds -360 f dr/c degrees to H",
         withFilterShape({positive("corner_hz"), positive("frequency_hz").maybe(),
                          within("highOrder", 1.0, 8.0).counted().maybe(), positive("highCorner_hz").maybe(),
                          within("pathDifference_m", -100.0, 100.0).orElse(0.0)}),
         {"low_db", "high_db", "difference_deg", "same_db", "largestSame_db", "inverted_db", "largestInverted_db",
          "rule"},
         legSumModel});
}

}  // namespace core
