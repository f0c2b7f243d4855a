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

    // from  where the place before it lay: what is asked for in order is walked to, not searched
    [[nodiscard]] double upTo(double x, Eigen::Index& from) const
    {
        const Eigen::Index last = m_x.size() - 2;
        while (from < last && m_x(from + 1) <= x) ++from;
        while (from > 0 && m_x(from) > x) --from;
        const Eigen::Index i = from;
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
    Eigen::Index lower = 0, upper = 0;
    return at_hz.unaryExpr([&](double f) {
        const double low = std::clamp(std::log(f) - half, first, last);
        const double high = std::clamp(std::log(f) + half, first, last);
        const double mean = (integral.upTo(high, upper) - integral.upTo(low, lower)) / std::max(high - low, 1e-12);
        return 10.0 * std::log10(std::max(mean, 1e-300));
    });
}

}  // namespace core
