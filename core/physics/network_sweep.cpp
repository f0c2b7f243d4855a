#include "core/physics/network_sweep.h"

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>
#include <numbers>
#include <optional>

namespace core {
namespace {

constexpr int kLanes =
    44;  // frequencies at a time: eleven blocks hold the grid, and a block's places fit the fast cache
constexpr double kReference_hz = 632.0;  // middle of the grid, where pivots are chosen
constexpr double kMostRowGrowth = 1e10;  // (largest in the row / pivot)^2 up to which a pivot is trusted
constexpr double kLeastReciprocalCondition = 1e-15;

// One number for each frequency of a block.
struct Lanes {
    std::array<double, kLanes> re{}, im{};
};

// Everything a block works in, made once a call.
struct Workspace {
    std::vector<Lanes> slots{}, right{};
    std::array<double, kLanes> growth{};
};

// Where the machine has wider registers they are used; the results are the same to the bit (no fused operations).
#if defined(__x86_64__) && defined(__GNUC__) && !defined(__clang__) && !defined(__SANITIZE_ADDRESS__)
#define REED_WIDE __attribute__((target_clones("avx2", "default")))
#else
#define REED_WIDE
#endif

inline void subtractProduct(Lanes& target, const Lanes& a, const Lanes& b)
{
    double* __restrict re = target.re.data();
    double* __restrict im = target.im.data();
    const double* __restrict aRe = a.re.data();
    const double* __restrict aIm = a.im.data();
    const double* __restrict bRe = b.re.data();
    const double* __restrict bIm = b.im.data();
    for (int i = 0; i < kLanes; ++i) {
        re[i] -= aRe[i] * bRe[i] - aIm[i] * bIm[i];
        im[i] -= aRe[i] * bIm[i] + aIm[i] * bRe[i];
    }
}

inline void multiply(Lanes& target, const Lanes& factor)
{
    double* __restrict re = target.re.data();
    double* __restrict im = target.im.data();
    const double* __restrict fRe = factor.re.data();
    const double* __restrict fIm = factor.im.data();
    for (int i = 0; i < kLanes; ++i) {
        const double product = re[i] * fRe[i] - im[i] * fIm[i];
        im[i] = re[i] * fIm[i] + im[i] * fRe[i];
        re[i] = product;
    }
}

inline void invert(Lanes& value)
{
    double* __restrict re = value.re.data();
    double* __restrict im = value.im.data();
    for (int i = 0; i < kLanes; ++i) {
        const double inverseSquare = 1.0 / (re[i] * re[i] + im[i] * im[i]);
        re[i] *= inverseSquare;
        im[i] *= -inverseSquare;
    }
}

// growth += |entry|^2 |1/pivot|^2: a sum, so that what is no number stays so
inline void watch(std::array<double, kLanes>& growth, const Lanes& entry, const Lanes& inversePivot)
{
    double* __restrict sum = growth.data();
    const double* __restrict re = entry.re.data();
    const double* __restrict im = entry.im.data();
    const double* __restrict pRe = inversePivot.re.data();
    const double* __restrict pIm = inversePivot.im.data();
    for (int i = 0; i < kLanes; ++i) sum[i] += (re[i] * re[i] + im[i] * im[i]) * (pRe[i] * pRe[i] + pIm[i] * pIm[i]);
}

bool trusted(double growth)
{
    return growth < kMostRowGrowth;  // false for what is no number
}

void fill(Workspace& work, const NetworkMatrix& matrix, const std::array<double, kLanes>& angular,
          const std::array<double, kLanes>& reciprocal)
{
    for (size_t e = 0; e < matrix.entries.size(); ++e) {
        const MatrixEntry& entry = matrix.entries[e];
        Lanes& slot = work.slots[e];
        slot.re.fill(entry.conductance);
        for (int i = 0; i < kLanes; ++i) {
            const auto lane = static_cast<size_t>(i);
            slot.im[lane] = angular[lane] * entry.capacitance - reciprocal[lane] * entry.reciprocalInductance;
        }
    }
    for (size_t slot = matrix.entries.size(); slot < work.slots.size(); ++slot) work.slots[slot] = {};
    for (size_t row = 0; row < work.right.size(); ++row) {
        work.right[row].re.fill(matrix.right(static_cast<Eigen::Index>(row)).real());
        work.right[row].im.fill(matrix.right(static_cast<Eigen::Index>(row)).imag());
    }
    work.growth.fill(0.0);
}

// Leaves each unknown in the right side of the row that was its pivot's.
REED_WIDE void eliminate(Workspace& work, const Elimination& elimination)
{
    const auto slot = [&](int index) -> Lanes& { return work.slots[static_cast<size_t>(index)]; };
    const auto right = [&](int row) -> Lanes& { return work.right[static_cast<size_t>(row)]; };
    for (const Elimination::Step& step : elimination.steps) {
        Lanes& inversePivot = slot(step.pivot);
        invert(inversePivot);
        for (const Elimination::Upper& upper : step.uppers) watch(work.growth, slot(upper.slot), inversePivot);
        for (const int multiplier : step.multipliers) multiply(slot(multiplier), inversePivot);
        for (const Elimination::Update& update : step.updates)
            subtractProduct(slot(update.target), slot(update.multiplier), slot(update.upper));
        for (const Elimination::RightUpdate& update : step.rightUpdates)
            subtractProduct(right(update.target), slot(update.multiplier), right(step.row));
    }
}

REED_WIDE void substitute(Workspace& work, const Elimination& elimination, const std::vector<int>& rowOfUnknown)
{
    const auto right = [&](int row) -> Lanes& { return work.right[static_cast<size_t>(row)]; };
    for (auto step = elimination.steps.rbegin(); step != elimination.steps.rend(); ++step) {
        Lanes& value = right(step->row);
        for (const Elimination::Upper& upper : step->uppers)
            subtractProduct(value, work.slots[static_cast<size_t>(upper.slot)],
                            right(rowOfUnknown[static_cast<size_t>(upper.unknown)]));
        multiply(value, work.slots[static_cast<size_t>(step->pivot)]);
        for (size_t i = 0; i < kLanes; ++i) work.growth[i] += 0.0 * (value.re[i] + value.im[i]);  // infinite: no number
    }
}

// The slow, sure way at one frequency.
std::optional<Eigen::VectorXcd> solveDense(const NetworkMatrix& matrix, double angular)
{
    const ScaledEquations equations = scaledEquations(matrix, angular);
    if (!equations.matrix.allFinite()) return std::nullopt;
    const Eigen::PartialPivLU<Eigen::MatrixXcd> factors(equations.matrix);
    if (!(factors.rcond() > kLeastReciprocalCondition)) return std::nullopt;
    const Eigen::VectorXcd x = factors.solve(equations.right);
    return x.allFinite() ? std::optional(x) : std::nullopt;
}

}  // namespace

NetworkSweep::NetworkSweep(const Network& shape)
    : m_elimination(chooseElimination(networkMatrix(shape), 2.0 * std::numbers::pi * kReference_hz))
{
}

tl::expected<NetworkSolution, ModelError> NetworkSweep::solve(const Network& network,
                                                              const Eigen::ArrayXd& frequency_hz) const
{
    const NetworkMatrix matrix = networkMatrix(network);
    assert(m_elimination.rightUsed.size() == static_cast<size_t>(matrix.size));
    NetworkSolution solution{frequency_hz, Eigen::ArrayXXcd(frequency_hz.size(), matrix.nodes + 1),
                             Eigen::ArrayXXcd(frequency_hz.size(), matrix.size - matrix.nodes), matrix.branchOf};
    solution.voltage_v.col(0).setZero();
    const auto unknown = [&](int index, Eigen::Index at) -> std::complex<double>& {
        return index < matrix.nodes ? solution.voltage_v(at, index + 1) : solution.branch_a(at, index - matrix.nodes);
    };
    const bool whole = m_elimination.steps.size() == static_cast<size_t>(matrix.size);
    std::vector<int> rowOfUnknown(static_cast<size_t>(matrix.size), 0);
    for (const Elimination::Step& step : m_elimination.steps)
        rowOfUnknown[static_cast<size_t>(step.unknown)] = step.row;

    Workspace work{std::vector<Lanes>(static_cast<size_t>(m_elimination.slots)),
                   std::vector<Lanes>(static_cast<size_t>(matrix.size)),
                   {}};
    for (Eigen::Index start = 0; start < frequency_hz.size(); start += kLanes) {
        const Eigen::Index count = std::min<Eigen::Index>(kLanes, frequency_hz.size() - start);
        std::array<double, kLanes> angular{}, reciprocal{};
        for (int i = 0; i < kLanes; ++i) {
            const double hz = frequency_hz(start + std::min<Eigen::Index>(i, count - 1));
            angular[static_cast<size_t>(i)] = 2.0 * std::numbers::pi * hz;
            reciprocal[static_cast<size_t>(i)] = 1.0 / angular[static_cast<size_t>(i)];
        }
        if (whole) {
            fill(work, matrix, angular, reciprocal);
            eliminate(work, m_elimination);
            substitute(work, m_elimination, rowOfUnknown);
        }
        for (int index = 0; index < matrix.size && whole; ++index) {
            const Lanes& value = work.right[static_cast<size_t>(rowOfUnknown[static_cast<size_t>(index)])];
            for (Eigen::Index i = 0; i < count; ++i)
                unknown(index, start + i) = {value.re[static_cast<size_t>(i)], value.im[static_cast<size_t>(i)]};
        }
        for (Eigen::Index i = 0; i < count; ++i) {
            if (whole && trusted(work.growth[static_cast<size_t>(i)])) continue;
            const auto x = solveDense(matrix, angular[static_cast<size_t>(i)]);
            if (!x)
                return tl::unexpected(ModelError{ErrorCode::Singular, "network at frequency_hz",
                                                 frequency_hz(start + i), "a network with one solution"});
            for (int index = 0; index < matrix.size; ++index) unknown(index, start + i) = (*x)(index);
        }
    }
    return solution;
}

}  // namespace core
