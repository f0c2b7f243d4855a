#include "core/design/leg_fit.h"

#include <algorithm>
#include <cmath>
#include <unsupported/Eigen/NonLinearOptimization>
#include <unsupported/Eigen/NumericalDiff>

#include "core/base/grid.h"
#include "core/design/tried_leg.h"

namespace core {
namespace {

// What leaving its beginning by a factor e costs a value, as a share of full level over the whole band. Ours, no
// source.
constexpr double kHold = 0.05;

class LegMisses {
public:
    using Scalar = double;
    using InputType = Eigen::VectorXd;
    using ValueType = Eigen::VectorXd;
    using JacobianType = Eigen::MatrixXd;
    enum { InputsAtCompileTime = Eigen::Dynamic, ValuesAtCompileTime = Eigen::Dynamic };

    LegMisses(const LegParts& start, const Eigen::ArrayXcd& wanted, const Eigen::ArrayXcd& load_ohm,
              const Eigen::ArrayXd& hz)
        : m_start(start), m_wanted(wanted), m_load_ohm(load_ohm), m_s(laplace(hz))
    {
        for (size_t i = 0; i < start.size(); ++i)
            if (start[i].kind != ElementKind::Resistor) m_moved.push_back(i);
    }
    [[nodiscard]] int inputs() const { return static_cast<int>(m_moved.size()); }
    [[nodiscard]] int values() const { return static_cast<int>(2 * m_s.size()) + inputs(); }

    // x  ln of each value over where it began
    [[nodiscard]] LegParts at(const Eigen::VectorXd& x) const
    {
        LegParts parts = m_start;
        for (size_t i = 0; i < m_moved.size(); ++i)
            parts[m_moved[i]].value *= std::exp(x(static_cast<Eigen::Index>(i)));
        return parts;
    }

    int operator()(const Eigen::VectorXd& x, Eigen::VectorXd& residual) const
    {
        const Eigen::Index n = m_s.size();
        const Eigen::ArrayXcd off = legResponse(at(x), m_load_ohm, m_s).transfer - m_wanted;
        residual.resize(values());
        residual.head(n) = off.real().matrix();
        residual.segment(n, n) = off.imag().matrix();
        residual.tail(inputs()) = kHold * std::sqrt(static_cast<double>(n)) * x;
        return 0;
    }

private:
    LegParts m_start;
    Eigen::ArrayXcd m_wanted, m_load_ohm, m_s;
    std::vector<size_t> m_moved{};
};

}  // namespace

LegParts fitLeg(const LegParts& start, const Eigen::ArrayXcd& wanted, const Eigen::ArrayXcd& load_ohm,
                const Eigen::ArrayXd& hz)
{
    const LegMisses misses(start, wanted, load_ohm, hz);
    if (misses.inputs() == 0) return start;
    Eigen::NumericalDiff<LegMisses, Eigen::Central> differentiated(misses);
    Eigen::LevenbergMarquardt<Eigen::NumericalDiff<LegMisses, Eigen::Central>> search(differentiated);
    Eigen::VectorXd x = Eigen::VectorXd::Zero(misses.inputs());
    search.minimize(x);
    return x.allFinite() ? misses.at(x) : start;
}

}  // namespace core
