#include "core/physics/programme.h"

#include <cmath>
#include <complex>
#include <numbers>

#include "core/base/grid.h"
#include "core/base/threshold.h"
#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/physics/bands.h"
#include "core/physics/crest.h"
#include "core/physics/driver.h"
#include "core/physics/efficiency.h"
#include "core/physics/filter.h"
#include "core/physics/level.h"
#include "core/physics/radiation.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

Spectrum weightOf(const CalcArguments& in)
{
    if (in.text("spectrum") == "pink")
        return [](const Eigen::ArrayXd& f) { return Eigen::ArrayXd::Ones(f.size()).eval(); };
    if (in.text("spectrum") == "filteredNoise") return noiseWeight;
    return [shape = programmeShape(in.practice())](const Eigen::ArrayXd& f) { return programmeWeight(shape, f); };
}

Outcome<double> fractionOf(const CalcArguments& in)
{
    const auto shape = filterShape(in);
    if (!shape) return tl::unexpected(shape.error());
    const FilterSide side = filterSide(in);
    const double corner_hz = in.number("corner_hz");
    const auto passed = [&](const Eigen::ArrayXd& f) {
        return filterResponse(shape->value, side, corner_hz, f).abs2().eval();
    };
    return spectrumFraction(weightOf(in), passed, in.number("low_hz"), in.number("high_hz"));
}

Outcome<CalcResults> fractionModel(const CalcArguments& in)
{
    const auto fraction = fractionOf(in);
    if (!fraction) return tl::unexpected(fraction.error());
    return Answer<CalcResults>{CalcResults().set("fraction", fraction->value), {}};
}

Outcome<CalcResults> branchPowerModel(const CalcArguments& in)
{
    const auto fraction = fractionOf(in);
    if (!fraction) return tl::unexpected(fraction.error());
    const double full_w = in.number("amplifierPower_w") * in.number("ratedLoad_ohm") /
                          in.numberOr("branch_ohm", in.number("ratedLoad_ohm"));
    const double pad = powerRatioOf(-in.number("attenuation_db"));
    const double mean_w = full_w * programmeShare(in.number("crestFactor_db")) * fraction->value * pad;
    Answer<CalcResults> answer;
    warnOfClipping(answer.warnings, in.number("crestFactor_db"));
    answer.value.set("fraction", fraction->value).set("mean_w", mean_w).set("worstSine_w", full_w * pad);
    if (const auto rated = in.maybe("rated_w")) {
        answer.value.set("ratedShare", mean_w / *rated);
        if (over(mean_w, *rated)) answer.warnings.emplace_back(WarningKind::AboveRating);
    }
    return answer;
}

Outcome<CalcResults> programmeTravelModel(const CalcArguments& in)
{
    const DriverParameters driver = driverOf(in);
    const auto highPass_hz = in.maybe("highPass_hz"), capacitance_f = in.maybe("capacitance_f");
    // The square of the travel for one volt at the source.
    const auto travel2 = [&](const Eigen::ArrayXd& hz) {
        Eigen::ArrayXd square = pistonMotion(driver, hz).excursion_m_v.square();
        if (highPass_hz)
            square *= filterResponse({FilterFamily::Butterworth, 2}, FilterSide::HighPass, *highPass_hz, hz).abs2();
        if (capacitance_f) {
            const Eigen::ArrayXcd load = impedance_ohm(driver, hz);
            const Eigen::ArrayXcd s =
                std::complex<double>(0.0, 2.0 * std::numbers::pi) * hz.cast<std::complex<double>>();
            square *= (load / (load + (s * *capacitance_f).inverse())).abs2();
        }
        return square.eval();
    };
    const auto mean = spectrumFraction(weightOf(in), travel2, kGridStart_hz, 20000.0);
    if (!mean) return tl::unexpected(mean.error());
    // One point that weighs all: the mean is what its excursion would be.
    const double travel_m =
        programmeTravel_m(in.number("limit_v"), in.number("crestFactor_db"), Eigen::ArrayXd::Ones(1),
                          Eigen::ArrayXd::Constant(1, std::sqrt(mean->value)));
    Answer<CalcResults> answer;
    answer.value.set("travel_m", travel_m);
    if (const auto xmax = in.maybe("xmax_m")) answer.value.set("travelShare", travel_m / *xmax);
    return answer;
}

Outcome<CalcResults> weightModel(const CalcArguments& in)
{
    const Spectrum weight = weightOf(in);
    const double top = weight(frequencyGrid_hz()).maxCoeff();
    return Answer<CalcResults>{
        CalcResults().set("weight_db", (10.0 * (weight(in.numbers("frequency_hz")) / top).log10()).eval(),
                          in.isList("frequency_hz")),
        {}};
}

Outcome<CalcResults> bandShareModel(const CalcArguments& in)
{
    const double low = in.number("low_hz"), high = in.number("high_hz"), corner = in.number("corner_hz");
    if (high <= low) return refuse(ErrorCode::OutOfDomain, "high_hz", high, "above low_hz");
    const double above = std::log(high / std::min(std::max(corner, low), high)) / std::log(high / low);
    return Answer<CalcResults>{CalcResults().set("fraction", above).set("band_octaves", std::log2(high / low)), {}};
}

Outcome<CalcResults> crestModel(const CalcArguments& in)
{
    const double overdrive = in.number("overdrive_db");
    const bool sine = in.text("signal") == "sine";
    if (!sine && !in.has("crestFactor_db"))
        return refuse(ErrorCode::Underdetermined, "crestFactor_db", 0.0, "to be given for programme");
    const ClippedSignal clipped =
        sine ? clippedSine(overdrive) : clippedProgramme(in.number("crestFactor_db"), overdrive);
    Answer<CalcResults> answer{CalcResults()
                                   .set("rms_ratio", clipped.rms_ratio)
                                   .set("crest_db", clipped.crest_db)
                                   .set("lowering_db", clipped.lowering_db),
                               {}};
    if (!sine) warnOfClipping(answer.warnings, in.number("crestFactor_db"));
    return answer;
}

Outcome<CalcResults> shareModel(const CalcArguments& in)
{
    const double crest = in.number("crestFactor_db");
    Answer<CalcResults> answer;
    answer.value.set("averageShare", programmeShare(crest));
    warnOfClipping(answer.warnings, crest);
    return answer;
}

}  // namespace

void addProgrammeModels(std::vector<CalcModel>& models)
{
    const CalcInput side = choice("side", {"highPass", "lowPass"});
    const CalcInput spectrum = choice("spectrum", {"programme", "pink", "filteredNoise"});
    const CalcInput low = positive("low_hz").orElse(20.0), high = positive("high_hz").orElse(20000.0);
    const CalcInput crest = within("crestFactor_db", 0.0, 60.0);
    models.push_back({"G1",
                      "spectrum-fraction",
                      "share of a spectrum's power that passes a filter",
                      "integral(w |H|^2 dln f)/integral(w dln f)",
                      withFilterShape({side, positive("corner_hz"), spectrum, low, high}),
                      {"fraction"},
                      fractionModel});
    models.push_back({"G1",
                      "branch-power",
                      "mean programme power in one branch of a crossover, a tweeter for instance",
                      "P = P_amp (R_rated/Z) 2/10^(CF/10) fraction 10^(-A/10)",
                      withFilterShape({side, positive("corner_hz"), spectrum, low, high, positive("amplifierPower_w"),
                                       positive("ratedLoad_ohm").orElse(4.0), positive("branch_ohm").maybe(),
                                       notNegative("attenuation_db").orElse(0.0),
                                       crest.orElse(PracticeKey::CrestFactor_db), positive("rated_w").maybe()}),
                      {"fraction", "mean_w", "worstSine_w", "ratedShare"},
                      branchPowerModel});
    models.push_back({"G1",
                      "spectrum-weight",
                      "weight of a spectrum, relative to its maximum on the grid",
                      "programme |HP2|^2 |LP|^2; filtered noise f |HP1|^2 |LP1|^2",
                      {spectrum, positive("frequency_hz").list()},
                      {"weight_db"},
                      weightModel});
    models.push_back({"G1",
                      "pink-above",
                      "share of pink noise above a frequency, and the width of the band",
                      "ln(f2/fc)/ln(f2/f1)",
                      {positive("corner_hz"), low, high},
                      {"fraction", "band_octaves"},
                      bandShareModel});
    models.push_back({"G3",
                      "programme-travel",
                      "how far a cone goes with programme that just touches a limit, in an infinite baffle",
                      "x = 3 x_rms; x_rms^2 = integral(w |X|^2 dln f)/integral(w dln f), X at E 10^(-(CF - 3.01)/20)",
                      withDriver({positive("limit_v").meaning("sine at which the source clips"), spectrum,
                                  within("crestFactor_db", kSineAsTyped_db, 60.0).orElse(PracticeKey::CrestFactor_db),
                                  positive("highPass_hz").maybe().meaning("second order, Butterworth"),
                                  positive("capacitance_f").maybe(), positive("xmax_m").maybe()}),
                      {"travel_m", "travelShare"},
                      programmeTravelModel});
    models.push_back({"G2",
                      "crest-factor",
                      "crest factor of a signal driven into clipping",
                      "sine: rms over a quarter turn; programme: Gaussian amplitudes cut at 10^((CF - A)/20)",
                      {choice("signal", {"sine", "programme"}), notNegative("overdrive_db").orElse(0.0),
                       within("crestFactor_db", 1.0, 60.0).maybe().meaning("of programme, before clipping")},
                      {"rms_ratio", "crest_db", "lowering_db"},
                      crestModel});
    models.push_back({"G2",
                      "average-share",
                      "mean power of programme that just touches clip, over a full sine",
                      "2/10^(CF/10)",
                      {crest},
                      {"averageShare"},
                      shareModel});
}

}  // namespace core
