#include "core/physics/smoothing.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>

namespace core {
namespace {

// The running integral of a broken line, at any place within it.
class RunningIntegral {
public:
    RunningIntegral(Eigen::ArrayXd x, Eigen::ArrayXd y) : m_x(std::move(x)), m_y(std::move(y)), m_sum(m_x.size())
    {
        m_sum(0) = 0.0;
        for (Eigen::Index i = 1; i < m_x.size(); ++i)
            m_sum(i) = m_sum(i - 1) + 0.5 * (m_y(i) + m_y(i - 1)) * (m_x(i) - m_x(i - 1));
    }

    [[nodiscard]] double upTo(double x) const
    {
        const Eigen::Index last = m_x.size() - 2;
        const auto found = std::upper_bound(m_x.begin(), m_x.end(), x) - m_x.begin() - 1;
        const Eigen::Index i = std::clamp<Eigen::Index>(found, 0, last);
        const double width = x - m_x(i);
        const double slope = (m_y(i + 1) - m_y(i)) / (m_x(i + 1) - m_x(i));
        return m_sum(i) + width * (m_y(i) + 0.5 * slope * width);
    }

private:
    Eigen::ArrayXd m_x, m_y, m_sum;
};

}  // namespace

Eigen::ArrayXd smoothed_db(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& level_db, double perOctave,
                           const Eigen::ArrayXd& at_hz)
{
    assert(frequency_hz.size() >= 2 && level_db.size() == frequency_hz.size() && perOctave > 0.0);
    const Eigen::ArrayXd x = frequency_hz.log();
    const RunningIntegral integral(x, (level_db * (std::numbers::ln10 / 10.0)).exp());
    const double half = std::numbers::ln2 / (2.0 * perOctave);
    const double first = x(0), last = x(x.size() - 1);
    return at_hz.unaryExpr([&](double f) {
        const double low = std::clamp(std::log(f) - half, first, last);
        const double high = std::clamp(std::log(f) + half, first, last);
        const double mean = (integral.upTo(high) - integral.upTo(low)) / std::max(high - low, 1e-12);
        return 10.0 * std::log10(std::max(mean, 1e-300));
    });
}

}  // namespace core
