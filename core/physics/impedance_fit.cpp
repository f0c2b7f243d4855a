#include "core/physics/impedance_fit.h"

#include <Eigen/LU>
#include <cmath>
#include <complex>
#include <numbers>

// The optimiser's own header is not free of warnings.
#pragma GCC diagnostic push
#pragma GCC diagnostic ignored "-Wconversion"
#pragma GCC diagnostic ignored "-Wshadow"
#include <unsupported/Eigen/NonLinearOptimization>
#include <unsupported/Eigen/NumericalDiff>
#pragma GCC diagnostic pop

namespace core {
namespace {

using Complex = std::complex<double>;

// Unknowns are logarithms, so that none can turn negative: Re, Res, fs, Qms, then Le or K and n.
enum Unknown : Eigen::Index { LnRe, LnRes, LnFs, LnQms, LnCoil, LnExponent };

class Residuals {
public:
    // What the optimiser's template asks of its model.
    using Scalar = double;
    using InputType = Eigen::VectorXd;
    using ValueType = Eigen::VectorXd;
    using JacobianType = Eigen::MatrixXd;
    enum { InputsAtCompileTime = Eigen::Dynamic, ValuesAtCompileTime = Eigen::Dynamic };

    Residuals(MeasuredCurve curve, CoilModel model)
        : m_curve(std::move(curve)),
          m_model(model),
          m_measured_ohm(readImpedance(m_curve, m_curve.frequency_hz).impedance_ohm)
    {
    }

    [[nodiscard]] int inputs() const { return m_model == CoilModel::Inductance ? 5 : 6; }
    [[nodiscard]] int values() const
    {
        return static_cast<int>(m_curve.frequency_hz.size()) * (m_curve.hasPhase ? 2 : 1);
    }

    [[nodiscard]] ImpedanceFit read(const Eigen::VectorXd& x) const
    {
        ImpedanceFit fit;
        DriverParameters& p = fit.parameters;
        p.re_ohm = std::exp(x(LnRe));
        fit.res_ohm = std::exp(x(LnRes));
        p.fs_hz = std::exp(x(LnFs));
        p.qms = std::exp(x(LnQms));
        p.qes = p.qms * p.re_ohm / fit.res_ohm;
        fit.qts = p.qms * p.qes / (p.qms + p.qes);
        if (m_model == CoilModel::Inductance)
            p.le_h = std::exp(x(LnCoil));
        else
            fit.loss = {.k = std::exp(x(LnCoil)), .exponent = std::exp(x(LnExponent))};
        return fit;
    }

    int operator()(const Eigen::VectorXd& x, Eigen::VectorXd& residual) const
    {
        const ImpedanceFit fit = read(x);
        const Eigen::ArrayXcd model_ohm = impedance_ohm(fit.parameters, m_curve.frequency_hz, fit.loss);
        const Eigen::Index n = model_ohm.size();
        if (!m_curve.hasPhase) {
            residual = (model_ohm.abs() / m_measured_ohm.abs() - 1.0).matrix();
            return 0;
        }
        const Eigen::ArrayXcd error = (model_ohm - m_measured_ohm) / m_measured_ohm.abs();
        residual.resize(2 * n);
        residual.head(n) = error.real().matrix();
        residual.tail(n) = error.imag().matrix();
        return 0;
    }

private:
    MeasuredCurve m_curve;
    CoilModel m_model;
    Eigen::ArrayXcd m_measured_ohm;
};

MeasuredCurve cut(const MeasuredCurve& curve, double low_hz, double high_hz)
{
    std::vector<Eigen::Index> kept;
    for (Eigen::Index i = 0; i < curve.frequency_hz.size(); ++i)
        if (curve.frequency_hz(i) >= low_hz && curve.frequency_hz(i) <= high_hz) kept.push_back(i);
    return {curve.frequency_hz(kept), curve.magnitude(kept), curve.phase_deg(kept), curve.hasPhase};
}

Eigen::VectorXd startingPoint(const ImpedancePeak& peak, const QualityFactors& q, const MeasuredCurve& part,
                              const Residuals& residuals)
{
    Eigen::VectorXd x(residuals.inputs());
    x(LnRe) = std::log(peak.re_ohm);
    x(LnRes) = std::log(peak.maxImpedance_ohm - peak.re_ohm);
    x(LnFs) = std::log(peak.fs_hz);
    x(LnQms) = std::log(q.qms);
    // What the highest frequency has over Re is the coil's reactance.
    const double w = 2.0 * std::numbers::pi * part.frequency_hz(part.frequency_hz.size() - 1);
    const double z = part.magnitude(part.magnitude.size() - 1);
    const double reactance = std::sqrt(std::max(1e-6, z * z - peak.re_ohm * peak.re_ohm));
    x(LnCoil) = std::log(reactance / w);
    if (residuals.inputs() > LnExponent) {
        constexpr double kUsualExponent = 0.7;
        x(LnExponent) = std::log(kUsualExponent);
        x(LnCoil) = std::log(reactance / std::pow(w, kUsualExponent));
    }
    return x;
}

}  // namespace

Outcome<ImpedanceFit> fitImpedance(const MeasuredCurve& impedance, double re_ohm, CoilModel model)
{
    const auto peak = findPeak(impedance, re_ohm);
    if (!peak) return tl::unexpected(peak.error());
    const auto q = qualityFactors(peak->value);
    if (!q) return tl::unexpected(q.error());
    const MeasuredCurve part = cut(impedance, 0.25 * peak->value.fs_hz, 20.0 * peak->value.fs_hz);
    const Residuals residuals(part, model);
    const int unknowns = residuals.inputs();
    if (residuals.values() <= unknowns)
        return refuse(ErrorCode::Underdetermined, "frequency_hz", static_cast<double>(part.frequency_hz.size()),
                      "more points between 0.25 and 20 fs");
    Eigen::VectorXd x = startingPoint(peak->value, q->value, part, residuals);
    Eigen::NumericalDiff<Residuals, Eigen::Central> differentiated(residuals);
    Eigen::LevenbergMarquardt<Eigen::NumericalDiff<Residuals, Eigen::Central>> search(differentiated);
    search.parameters.xtol = 1e-12;
    search.parameters.ftol = 1e-14;
    search.minimize(x);
    if (!x.allFinite()) return refuse(ErrorCode::NoResonance, "magnitude_ohm", 0.0, "a curve that a driver could have");

    Answer<ImpedanceFit> answer{residuals.read(x), q->warnings};
    Eigen::VectorXd left;
    Eigen::MatrixXd slope(residuals.values(), unknowns);
    residuals(x, left);
    differentiated.df(x, slope);
    const double variance = left.squaredNorm() / (residuals.values() - unknowns);
    const Eigen::MatrixXd covariance = variance * (slope.transpose() * slope).inverse();
    const auto error = [&](Eigen::Index i) { return std::sqrt(std::max(0.0, covariance(i, i))); };
    ImpedanceFit& fit = answer.value;
    fit.residual_ratio = std::sqrt(left.squaredNorm() / residuals.values());
    fit.reError_ratio = error(LnRe);
    fit.fsError_ratio = error(LnFs);
    fit.qmsError_ratio = error(LnQms);
    // ln Qes = ln Qms + ln Re - ln Res
    Eigen::VectorXd mix = Eigen::VectorXd::Zero(unknowns);
    mix(LnQms) = mix(LnRe) = 1.0;
    mix(LnRes) = -1.0;
    fit.qesError_ratio = std::sqrt(std::max(0.0, mix.dot(covariance * mix)));
    return answer;
}

}  // namespace core
