#include "core/design/split_measure.h"

#include <cmath>
#include <numbers>

#include "core/evaluate/hearing.h"
#include "core/physics/measured_curve.h"

namespace core {
namespace {

constexpr double kFrom_hz = 250.0, kTo_hz = 12000.0;  // where evenness counts
constexpr double kLowest_hz = 100.0;                  // no hand-over is looked for below

// About a third of an octave wide.
Eigen::ArrayXd smooth(const Eigen::ArrayXd& square)
{
    const Eigen::Index n = square.size();
    Eigen::ArrayXd result = square;
    result.segment(1, n - 2) = (square.head(n - 2) + square.segment(1, n - 2) + square.tail(n - 2)) / 3.0;
    return result;
}

}  // namespace

Eigen::ArrayXd SplitTarget::at_db(const Eigen::ArrayXd& frequency_hz) const
{
    if (!curve) return slope_db_octave * (frequency_hz / 1000.0).log() / std::numbers::ln2;
    const auto count = static_cast<Eigen::Index>(curve->frequency_hz.size());
    const MeasuredCurve given{Eigen::Map<const Eigen::ArrayXd>(curve->frequency_hz.data(), count),
                              Eigen::Map<const Eigen::ArrayXd>(curve->level_db.data(), count),
                              Eigen::ArrayXd::Zero(count), false};
    const double at1k_db = readCurve(given, Eigen::ArrayXd::Constant(1, 1000.0)).magnitude(0);
    return readCurve(given, frequency_hz).magnitude - at1k_db;
}

SplitTarget splitTarget(const Plan& plan, const std::optional<double>& slope_db_octave)
{
    SplitTarget target{.slope_db_octave = slope_db_octave.value_or(0.0)};
    if (const auto own = plan.curves.find(plan.job.target); !slope_db_octave && own != plan.curves.end())
        target.curve = own->second;
    return target;
}

SplitMeasure::SplitMeasure(const Eigen::ArrayXd& frequency_hz, const SplitTarget& target)
    : m_hz(coarse(frequency_hz)),
      m_weight((m_hz >= kFrom_hz && m_hz <= kTo_hz).cast<double>()),
      m_target_db(target.at_db(m_hz))
{
}

double SplitMeasure::unevenness_db(const Eigen::ArrayXd& square) const
{
    const Eigen::ArrayXd off_db = 10.0 / std::numbers::ln10 * smooth(square).max(1e-300).log() - m_target_db;
    const double mean_db = (off_db * m_weight).sum() / m_weight.sum();
    return std::sqrt(((off_db - mean_db).square() * m_weight).sum() / m_weight.sum());
}

double SplitMeasure::handOver_hz(const Eigen::ArrayXd& low, const Eigen::ArrayXd& high) const
{
    const Eigen::ArrayXd one = smooth(low), other = smooth(high);
    double best = 0.0, at_hz = 0.0;
    for (Eigen::Index i = 1; i < m_hz.size(); ++i) {
        if (m_hz(i) < kLowest_hz || other(i) < one(i) || other(i - 1) >= one(i - 1) || one(i) <= best) continue;
        const double a = std::log(other(i - 1) / one(i - 1)), b = std::log(other(i) / one(i));
        best = one(i);
        at_hz = m_hz(i - 1) * std::pow(m_hz(i) / m_hz(i - 1), a / (a - b));
    }
    return at_hz;
}

Ears<Eigen::ArrayXcd> SplitMeasure::perCoilVolt(const StageResult& stage, size_t run, ListenerId seat)
{
    Ears<Eigen::ArrayXcd> at = runAt(stage, run, seat);
    for (Eigen::ArrayXcd& ear : at) ear = coarse(Eigen::ArrayXcd(ear / stage.runs[run].transfer));
    return at;
}

}  // namespace core
