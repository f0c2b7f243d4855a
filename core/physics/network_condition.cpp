#include "core/physics/network_condition.h"

#include <Eigen/LU>
#include <algorithm>
#include <limits>
#include <numbers>

#include "core/physics/network_matrix.h"

namespace core {

double conditionEstimate(const Network& network, const Eigen::ArrayXd& frequency_hz)
{
    const NetworkMatrix matrix = networkMatrix(network);
    double worst = 1.0;
    for (const double f : frequency_hz) {
        const Eigen::PartialPivLU<Eigen::MatrixXcd> factors(scaledEquations(matrix, 2.0 * std::numbers::pi * f).matrix);
        const double reciprocal = factors.rcond();
        worst = std::max(worst, reciprocal > 0.0 ? 1.0 / reciprocal : std::numeric_limits<double>::infinity());
    }
    return worst;
}

}  // namespace core
