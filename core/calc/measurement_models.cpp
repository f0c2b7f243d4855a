#include <cmath>
#include <sstream>

#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/io/curve_file.h"
#include "core/physics/impedance_fit.h"
#include "core/physics/level.h"

namespace core {
namespace {

Outcome<CalcResults> peakModel(const CalcArguments& in)
{
    const auto q = qualityFactors({in.number("fs_hz"), in.number("re_ohm"), in.number("maxImpedance_ohm"),
                                   in.number("low_hz"), in.number("high_hz")});
    if (!q) return tl::unexpected(q.error());
    return Answer<CalcResults>{CalcResults()
                                   .set("peak_ratio", q->value.peak_ratio)
                                   .set("qms", q->value.qms)
                                   .set("qes", q->value.qes)
                                   .set("qts", q->value.qts),
                               q->warnings};
}

// Where the flanks of an ideal peak lie: the other way round, for planning a measurement.
Outcome<CalcResults> flanksModel(const CalcArguments& in)
{
    const double fs_hz = in.number("fs_hz"), qms = in.number("qms");
    const double ratio = 1.0 + qms / in.number("qes");
    const double half = std::sqrt(ratio) / (2.0 * qms);
    const double low_hz = fs_hz * (std::sqrt(1.0 + half * half) - half);
    return Answer<CalcResults>{
        CalcResults().set("peak_ratio", ratio).set("low_hz", low_hz).set("high_hz", fs_hz * fs_hz / low_hz), {}};
}

Outcome<MeasuredCurve> sweepOf(const CalcArguments& in)
{
    MeasuredCurve curve{in.numbers("frequency_hz"), in.numbers("magnitude_ohm"), {}, in.has("phase_deg")};
    const Eigen::Index n = curve.frequency_hz.size();
    curve.phase_deg = curve.hasPhase ? in.numbers("phase_deg") : Eigen::ArrayXd::Zero(n).eval();
    if (curve.magnitude.size() != n || curve.phase_deg.size() != n)
        return refuse(ErrorCode::Inconsistent, "magnitude_ohm", static_cast<double>(curve.magnitude.size()),
                      "as many as frequency_hz");
    for (Eigen::Index i = 1; i < n; ++i)
        if (curve.frequency_hz(i) <= curve.frequency_hz(i - 1))
            return refuse(ErrorCode::OutOfDomain, "frequency_hz", curve.frequency_hz(i), "rising");
    return Answer<MeasuredCurve>{std::move(curve), {}};
}

Outcome<CalcResults> fitModel(const CalcArguments& in)
{
    const auto sweep = sweepOf(in);
    if (!sweep) return tl::unexpected(sweep.error());
    const bool semi = in.text("coil") == "semiInductance";
    const auto fit =
        fitImpedance(sweep->value, in.number("re_ohm"), semi ? CoilModel::SemiInductance : CoilModel::Inductance);
    if (!fit) return tl::unexpected(fit.error());
    const ImpedanceFit& f = fit->value;
    CalcResults results;
    results.set("fs_hz", f.parameters.fs_hz)
        .set("re_ohm", f.parameters.re_ohm)
        .set("res_ohm", f.res_ohm)
        .set("qms", f.parameters.qms)
        .set("qes", f.parameters.qes)
        .set("qts", f.qts);
    if (semi)
        results.set("k_ohm_sn", f.loss.k).set("exponent", f.loss.exponent);
    else
        results.set("le_h", f.parameters.le_h);
    results.set("residual_ratio", f.residual_ratio)
        .set("reError_ratio", f.reError_ratio)
        .set("fsError_ratio", f.fsError_ratio)
        .set("qmsError_ratio", f.qmsError_ratio)
        .set("qesError_ratio", f.qesError_ratio);
    return Answer<CalcResults>{std::move(results), fit->warnings};
}

Outcome<CalcResults> massModel(const CalcArguments& in)
{
    const auto mass =
        movingMass({in.number("fs_hz"), in.number("loaded_hz"), in.number("added_kg"), in.number("sd_m2")});
    if (!mass) return tl::unexpected(mass.error());
    return Answer<CalcResults>{CalcResults()
                                   .set("mms_kg", mass->value.mms_kg)
                                   .set("cms_m_n", mass->value.cms_m_n)
                                   .set("vas_m3", mass->value.vas_m3),
                               {}};
}

Outcome<CalcResults> testBoxModel(const CalcArguments& in)
{
    if (in.has("qes") != in.has("boxedQes"))
        return refuse(ErrorCode::Underdetermined, in.has("qes") ? "boxedQes" : "qes", 0.0,
                      "both or neither to be given");
    const auto vas = vasFromBox_m3(
        {in.number("box_m3"), in.number("fs_hz"), in.number("boxed_hz"), in.maybe("qes"), in.maybe("boxedQes")});
    if (!vas) return tl::unexpected(vas.error());
    return Answer<CalcResults>{CalcResults().set("vas_m3", vas->value), {}};
}

Outcome<CalcResults> curveModel(const CalcArguments& in)
{
    const bool impedance = in.text("kind") == "impedance";
    const auto file = readCurveFile(in.text("curve"), impedance ? CurveFileKind::Impedance : CurveFileKind::Response,
                                    "curve", {in.isSet("decimalComma")});
    if (!file) return refuseCurve(file.error());
    Answer<CalcResults> answer{{}, file->warnings};
    answer.value.set("points", static_cast<double>(file->curve.frequency_hz.size()))
        .set("lowest_hz", file->curve.frequency_hz.minCoeff())
        .set("highest_hz", file->curve.frequency_hz.maxCoeff());
    if (in.has("frequency_hz")) {
        const Eigen::ArrayXd at = in.numbers("frequency_hz");
        const bool list = in.isList("frequency_hz");
        bool outside = false;
        if (impedance) {
            const ImpedanceReading reading = readImpedance(file->curve, at);
            outside = reading.outside;
            answer.value.set("impedance_ohm", reading.impedance_ohm, list)
                .set("magnitude_ohm", reading.impedance_ohm.abs().eval(), list);
        } else {
            const CurveReading reading = readCurve(file->curve, at);
            outside = reading.outside;
            answer.value.set("level_db", reading.magnitude, list)
                .set("phase_deg", reading.phase_deg.unaryExpr([](double p) { return wrappedDegrees(p); }).eval(), list);
        }
        if (outside) answer.warnings.emplace_back(WarningKind::OutsideCurve);
    }
    std::ostringstream out;
    writeCurveFile(out, *file);
    answer.value.set("text", out.str());
    return answer;
}

}  // namespace

void addMeasurementModels(std::vector<CalcModel>& models)
{
    models.push_back(
        {"D7",
         "quality-from-peak",
         "Q from three points of an impedance curve",
         "r0 = Zmax/Re, Qms = fs sqrt(r0)/(f2 - f1), Qes = Qms/(r0 - 1), Qts = Qms/r0",
         {positive("fs_hz"), positive("re_ohm"), positive("maxImpedance_ohm"), positive("low_hz"), positive("high_hz")},
         {"peak_ratio", "qms", "qes", "qts"},
         peakModel});
    models.push_back({"D7",
                      "peak-flanks",
                      "where the flanks of an ideal peak lie",
                      "|Z| = Re sqrt(r0), f2 - f1 = fs sqrt(r0)/Qms, f1 f2 = fs^2",
                      {positive("fs_hz"), positive("qms"), positive("qes")},
                      {"peak_ratio", "low_hz", "high_hz"},
                      flanksModel});
    models.push_back(
        {"D7",
         "impedance-fit",
         "parameters recovered from an impedance sweep by least squares, with their errors",
         "Z on Re, Le or K (jw)^n, Res, fs, Qms; weights 1/|Z|; 0.25 fs to 20 fs",
         {positive("frequency_hz").list(), positive("magnitude_ohm").list(), anyNumber("phase_deg").list().maybe(),
          positive("re_ohm").meaning("of an ohmmeter, to start from"),
          choice("coil", {"inductance", "semiInductance"})},
         {"fs_hz", "re_ohm", "res_ohm", "qms", "qes", "qts", "le_h", "k_ohm_sn", "exponent", "residual_ratio",
          "reError_ratio", "fsError_ratio", "qmsError_ratio", "qesError_ratio"},
         fitModel});
    models.push_back({"D7",
                      "moving-mass",
                      "moving mass and Vas from a mass stuck to the cone",
                      "Mms = m/((fs/fs')^2 - 1), Vas = rho c^2 Sd^2 Cms",
                      {positive("fs_hz"), positive("loaded_hz"), positive("added_kg"), positive("sd_m2")},
                      {"mms_kg", "cms_m_n", "vas_m3"},
                      massModel});
    models.push_back({"D7",
                      "vas-from-box",
                      "Vas from a closed test box",
                      "Vas = Vb (fc Qec/(fs Qes) - 1), without Q: Vb ((fc/fs)^2 - 1)",
                      {positive("box_m3"), positive("fs_hz"), positive("boxed_hz"), positive("qes").maybe(),
                       positive("boxedQes").maybe()},
                      {"vas_m3"},
                      testBoxModel});
    models.push_back(
        {"H6",
         "curve-file",
         "a response or impedance text file read, and read off between its points",
         "dB or ln ohm and unwrapped phase linear in ln f",
         {textInput("curve").meaning("the text, or @file on the command line"),
          choice("kind", {"response", "impedance"}), positive("frequency_hz").list().maybe(), flag("decimalComma")},
         {"points", "lowest_hz", "highest_hz", "level_db", "phase_deg", "impedance_ohm", "magnitude_ohm", "text"},
         curveModel});
}

}  // namespace core
