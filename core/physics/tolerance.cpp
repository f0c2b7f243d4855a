#include "core/physics/tolerance.h"

#include <algorithm>
#include <cmath>

#include "core/base/splitmix.h"
#include "core/physics/network_sweep.h"
#include "core/physics/quantile.h"

namespace core {
namespace {

constexpr double kMostTolerance = 0.5;
constexpr double kFloor = 1e-300;  // an exact null is no level

// The level at the node for a set of values; the network's shape stays, so its order of elimination does too.
class LevelOfFactors {
public:
    LevelOfFactors(const Network& network, int node, const std::vector<TolerancedPart>& parts,
                   const Eigen::ArrayXd& frequency_hz)
        : m_nominal(network),
          m_varied(network),
          m_sweep(network),
          m_node(node),
          m_parts(parts),
          m_frequency_hz(frequency_hz)
    {
    }

    Eigen::ArrayXd operator()(const std::vector<double>& factors)
    {
        for (size_t i = 0; i < m_parts.size(); ++i) {
            const size_t element = m_parts[i].element;
            m_varied.elements[element].value = m_nominal.elements[element].value * factors[i];
        }
        const auto solution = m_sweep.solve(m_varied, m_frequency_hz);
        if (!solution) return Eigen::ArrayXd::Constant(m_frequency_hz.size(), NAN);
        return 20.0 * solution->voltage_v.col(m_node).abs().max(kFloor).log10();
    }

private:
    const Network& m_nominal;
    Network m_varied;
    NetworkSweep m_sweep;
    int m_node;
    const std::vector<TolerancedPart>& m_parts;
    const Eigen::ArrayXd& m_frequency_hz;
};

void addCorners(ToleranceSpread& spread, LevelOfFactors& level, const std::vector<TolerancedPart>& parts)
{
    spread.lowest_db = spread.highest_db = spread.nominal_db;
    std::vector<double> factors(parts.size());
    for (size_t corner = 0; corner < (size_t{1} << parts.size()); ++corner) {
        for (size_t i = 0; i < parts.size(); ++i)
            factors[i] = 1.0 + ((corner >> i) % 2 == 0 ? -1.0 : 1.0) * parts[i].tolerance;
        const Eigen::ArrayXd one_db = level(factors);
        spread.lowest_db = spread.lowest_db.min(one_db);
        spread.highest_db = spread.highest_db.max(one_db);
    }
}

void addDraws(ToleranceSpread& spread, LevelOfFactors& level, const std::vector<TolerancedPart>& parts,
              const DrawSettings& draws)
{
    Splitmix random(draws.seed);
    const Eigen::Index frequencies = spread.nominal_db.size();
    Eigen::ArrayXXd all_db(draws.draws, frequencies);
    std::vector<double> factors(parts.size());
    for (int draw = 0; draw < draws.draws; ++draw) {
        for (size_t i = 0; i < parts.size(); ++i)
            factors[i] = 1.0 + parts[i].tolerance * (2.0 * random.uniform() - 1.0);
        all_db.row(draw) = level(factors).transpose();
    }
    spread.low_db = spread.median_db = spread.high_db = Eigen::ArrayXd::Zero(frequencies);
    for (Eigen::Index f = 0; f < frequencies; ++f) {
        Eigen::ArrayXd sorted = all_db.col(f);
        std::sort(sorted.begin(), sorted.end());
        spread.low_db(f) = quantile(sorted, 0.025);
        spread.median_db(f) = quantile(sorted, 0.5);
        spread.high_db(f) = quantile(sorted, 0.975);
    }
}

}  // namespace

Outcome<ToleranceSpread> toleranceSpread(const Network& network, int node, const std::vector<TolerancedPart>& parts,
                                         const Eigen::ArrayXd& frequency_hz, const DrawSettings& draws)
{
    if (parts.empty() || parts.size() > kMostCorners)
        return refuse(ErrorCode::OutOfDomain, "parts", static_cast<double>(parts.size()), "1 to 12");
    for (const TolerancedPart& part : parts)
        if (!(part.tolerance >= 0.0 && part.tolerance <= kMostTolerance))
            return refuse(ErrorCode::OutOfDomain, "tolerance", part.tolerance, "0 to 0.5");
    if (draws.draws < 2) return refuse(ErrorCode::OutOfDomain, "draws", draws.draws, ">= 2");
    const auto nominal = solveNetwork(network, frequency_hz);
    if (!nominal) return tl::unexpected(nominal.error());

    LevelOfFactors level(network, node, parts, frequency_hz);
    Answer<ToleranceSpread> answer;
    ToleranceSpread& spread = answer.value;
    const std::vector<double> ones(parts.size(), 1.0);
    spread.nominal_db = level(ones);
    spread.slope_db.resize(frequency_hz.size(), static_cast<Eigen::Index>(parts.size()));
    for (size_t i = 0; i < parts.size(); ++i) {
        constexpr double kStep = 0.001;
        std::vector<double> up = ones, down = ones;
        up[i] += kStep;
        down[i] -= kStep;
        spread.slope_db.col(static_cast<Eigen::Index>(i)) = (level(up) - level(down)) * (0.01 / (2.0 * kStep));
    }
    addCorners(spread, level, parts);
    addDraws(spread, level, parts, draws);
    if (!spread.lowest_db.isFinite().all() || !spread.low_db.isFinite().all())
        return refuse(ErrorCode::Singular, "network", 0.0, "a network with one solution for every set of values");
    return answer;
}

CornerSpread cornerSpread(double resistanceTolerance, double capacitanceTolerance)
{
    const double a = resistanceTolerance, b = capacitanceTolerance;
    const auto mean = [](double t) { return t > 0.0 ? std::atanh(t) / t : 1.0; };
    return {1.0 / ((1.0 + a) * (1.0 + b)), 1.0 / ((1.0 - a) * (1.0 - b)), mean(a) * mean(b)};
}

}  // namespace core
