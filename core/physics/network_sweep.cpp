#include "core/physics/network_sweep.h"

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <optional>

namespace core {

bool sameShape(const Network& a, const Network& b)
{
    return a.nodeNames.size() == b.nodeNames.size() &&
           std::equal(a.elements.begin(), a.elements.end(), b.elements.begin(), b.elements.end(),
                      [](const NetworkElement& x, const NetworkElement& y) {
                          return x.kind == y.kind && x.plus == y.plus && x.minus == y.minus &&
                                 x.controlPlus == y.controlPlus && x.controlMinus == y.controlMinus &&
                                 isBranch(x) == isBranch(y);
                      });
}
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
    std::array<double, kLanes> angular{}, reciprocal{};  // w and 1/w
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

inline void setEntry(Lanes& slot, const MatrixEntry& entry, const std::array<double, kLanes>& angular,
                     const std::array<double, kLanes>& reciprocal)
{
    double* __restrict im = slot.im.data();
    const double* __restrict w = angular.data();
    const double* __restrict inverse = reciprocal.data();
    const double capacitance = entry.capacitance, reciprocalInductance = entry.reciprocalInductance;
    slot.re.fill(entry.conductance);
    for (int i = 0; i < kLanes; ++i) im[i] = w[i] * capacitance - inverse[i] * reciprocalInductance;
}

REED_WIDE void fill(Workspace& work, const NetworkMatrix& matrix)
{
    for (size_t e = 0; e < matrix.entries.size(); ++e)
        setEntry(work.slots[e], matrix.entries[e], work.angular, work.reciprocal);
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

void store(const Lanes& value, std::complex<double>* into, Eigen::Index count)
{
    auto* __restrict out = reinterpret_cast<double*>(into);  // complex numbers are pairs, by the standard
    const double* __restrict re = value.re.data();
    const double* __restrict im = value.im.data();
    for (Eigen::Index i = 0; i < count; ++i) {
        out[2 * i] = re[i];
        out[2 * i + 1] = im[i];
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

// One call of solve: takes the frequencies block by block.
class Sweep {
public:
    Sweep(const NetworkMatrix& matrix, const Elimination& elimination, const Eigen::ArrayXd& frequency_hz)
        : m_matrix(matrix),
          m_elimination(elimination),
          m_whole(elimination.steps.size() == static_cast<size_t>(matrix.size)),
          m_rowOfUnknown(static_cast<size_t>(matrix.size), 0)
    {
        m_solution.frequency_hz = frequency_hz;
        m_solution.voltage_v.resize(frequency_hz.size(), matrix.nodes + 1);
        m_solution.voltage_v.col(0).setZero();
        m_solution.branch_a.resize(frequency_hz.size(), matrix.size - matrix.nodes);
        m_solution.branchOf = matrix.branchOf;
        for (const Elimination::Step& step : elimination.steps)
            m_rowOfUnknown[static_cast<size_t>(step.unknown)] = step.row;
        m_work.slots.resize(static_cast<size_t>(elimination.slots));
        m_work.right.resize(static_cast<size_t>(matrix.size));
    }

    tl::expected<NetworkSolution, ModelError> run()
    {
        const Eigen::Index all = m_solution.frequency_hz.size();
        for (Eigen::Index start = 0; start < all; start += kLanes) {
            const Eigen::Index count = std::min<Eigen::Index>(kLanes, all - start);
            if (m_whole) solveBlock(start, count);
            for (Eigen::Index i = 0; i < count; ++i) {
                if (m_whole && trusted(m_work.growth[static_cast<size_t>(i)])) continue;
                if (!solveAlone(start + i))
                    return refuse(ErrorCode::Singular, "network at frequency_hz", m_solution.frequency_hz(start + i),
                                  "a network with one solution");
            }
        }
        return std::move(m_solution);
    }

private:
    std::complex<double>& unknown(int index, Eigen::Index at)
    {
        return index < m_matrix.nodes ? m_solution.voltage_v(at, index + 1)
                                      : m_solution.branch_a(at, index - m_matrix.nodes);
    }

    void solveBlock(Eigen::Index start, Eigen::Index count)
    {
        for (Eigen::Index i = 0; i < kLanes; ++i) {  // lanes beyond the end repeat the last frequency
            const double w = 2.0 * std::numbers::pi * m_solution.frequency_hz(start + std::min(i, count - 1));
            m_work.angular[static_cast<size_t>(i)] = w;
            m_work.reciprocal[static_cast<size_t>(i)] = 1.0 / w;
        }
        fill(m_work, m_matrix);
        eliminate(m_work, m_elimination);
        substitute(m_work, m_elimination, m_rowOfUnknown);
        for (int index = 0; index < m_matrix.size; ++index)
            store(m_work.right[static_cast<size_t>(m_rowOfUnknown[static_cast<size_t>(index)])], &unknown(index, start),
                  count);
    }

    bool solveAlone(Eigen::Index at)
    {
        const auto x = solveDense(m_matrix, 2.0 * std::numbers::pi * m_solution.frequency_hz(at));
        for (int index = 0; index < m_matrix.size && x; ++index) unknown(index, at) = (*x)(index);
        return x.has_value();
    }

    const NetworkMatrix& m_matrix;
    const Elimination& m_elimination;
    bool m_whole;  // an order was found for every unknown
    std::vector<int> m_rowOfUnknown;
    Workspace m_work{};
    NetworkSolution m_solution{};
};

}  // namespace

NetworkSweep::NetworkSweep(const Network& shape)
    : m_shape(networkMatrix(shape)), m_elimination(chooseElimination(m_shape, 2.0 * std::numbers::pi * kReference_hz))
{
}

const NetworkSweep& SweepsByShape::of(const Network& network)
{
    for (const auto& [shape, sweep] : m_sweeps)
        if (sameShape(shape, network)) return sweep;
    return m_sweeps.emplace_back(network, NetworkSweep(network)).second;
}

tl::expected<NetworkSolution, ModelError> NetworkSweep::solve(const Network& network,
                                                              const Eigen::ArrayXd& frequency_hz) const
{
    NetworkMatrix matrix = m_shape;
    restamp(matrix, network);
    return Sweep(matrix, m_elimination, frequency_hz).run();
}

}  // namespace core
