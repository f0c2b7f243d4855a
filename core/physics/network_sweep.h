#pragma once

#include <Eigen/Core>
#include <deque>
#include <tl/expected.hpp>
#include <utility>

#include "core/physics/elimination.h"
#include "core/physics/network.h"

namespace core {

// The same elements between the same nodes in the same order, and what is a branch in one is one in the other: one
// sweep solves both.
[[nodiscard]] bool sameShape(const Network& a, const Network& b);

// Solves networks of one shape at many frequencies, and with many sets of values: the order of elimination is worked
// out once, then followed for a block of frequencies at a time, structure of arrays. A frequency at which a pivot turns
// out small within its row (a lossless resonance hits it) is solved by itself, dense with partial pivoting.
class NetworkSweep {
public:
    // requires checkNetwork(shape) to find nothing
    explicit NetworkSweep(const Network& shape);

    // network       the same elements between the same nodes in the same order, values free
    //               (what is a branch stays one: a part of exactly 0 ohm or 0 H stays 0)
    // frequency_hz  any length, each > 0
    // errors        Singular: the frequency at which there is no one solution
    [[nodiscard]] tl::expected<NetworkSolution, ModelError> solve(const Network& network,
                                                                  const Eigen::ArrayXd& frequency_hz) const;

    [[nodiscard]] const Elimination& elimination() const { return m_elimination; }

private:
    NetworkMatrix m_shape{};
    Elimination m_elimination{};
};

// The sweeps of many networks of few shapes: the order of elimination is worked out once for each.
class SweepsByShape {
public:
    [[nodiscard]] const NetworkSweep& of(const Network& network);

private:
    std::deque<std::pair<Network, NetworkSweep>> m_sweeps{};
};

}  // namespace core
