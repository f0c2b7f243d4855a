#include "core/physics/elimination.h"

#include <algorithm>
#include <limits>

namespace core {
namespace {

constexpr double kPivotShare = 0.05;  // a pivot is at least this much of the largest in its row
constexpr int kNoSlot = -1;

class Eliminator {
public:
    Eliminator(const NetworkMatrix& matrix, double angular)
        : m_size(matrix.size),
          m_values(Eigen::MatrixXcd::Zero(m_size, m_size)),
          m_slots(Eigen::MatrixXi::Constant(m_size, m_size, kNoSlot)),
          m_rows(static_cast<size_t>(m_size), true),
          m_columns(static_cast<size_t>(m_size), true)
    {
        for (const MatrixEntry& entry : matrix.entries) {
            m_values(entry.row, entry.column) = entry.at(angular);
            m_slots(entry.row, entry.column) = m_result.slots++;
        }
        m_result.rightUsed = matrix.driven;
    }

    Elimination run()
    {
        for (int step = 0; step < m_size; ++step) {
            const Place pivot = choose();
            if (pivot.row < 0) break;
            eliminate(pivot);
        }
        return std::move(m_result);
    }

private:
    struct Place {
        int row = -1, column = -1;
    };

    [[nodiscard]] bool active(int row, int column) const
    {
        return m_rows[static_cast<size_t>(row)] && m_columns[static_cast<size_t>(column)] &&
               m_slots(row, column) != kNoSlot;
    }
    [[nodiscard]] int countInRow(int row) const
    {
        int count = 0;
        for (int column = 0; column < m_size; ++column) count += active(row, column) ? 1 : 0;
        return count;
    }
    [[nodiscard]] int countInColumn(int column) const
    {
        int count = 0;
        for (int row = 0; row < m_size; ++row) count += active(row, column) ? 1 : 0;
        return count;
    }

    [[nodiscard]] Place choose() const
    {
        std::vector<int> inColumn;
        for (int column = 0; column < m_size; ++column) inColumn.push_back(countInColumn(column));
        Place best;
        int leastWork = std::numeric_limits<int>::max();
        double bestShare = 0.0;
        for (int row = 0; row < m_size; ++row) {
            if (!m_rows[static_cast<size_t>(row)]) continue;
            const int inRow = countInRow(row);
            double largest = 0.0;
            for (int column = 0; column < m_size; ++column)
                if (active(row, column)) largest = std::max(largest, std::abs(m_values(row, column)));
            for (int column = 0; column < m_size; ++column) {
                if (!active(row, column)) continue;
                const double share = std::abs(m_values(row, column)) / largest;
                const int work = (inRow - 1) * (inColumn[static_cast<size_t>(column)] - 1);
                if (!(share >= kPivotShare) || work > leastWork) continue;
                if (work == leastWork && share <= bestShare) continue;
                best = {row, column};
                leastWork = work;
                bestShare = share;
            }
        }
        return best;
    }

    void eliminate(const Place& pivot)
    {
        m_rows[static_cast<size_t>(pivot.row)] = false;
        m_columns[static_cast<size_t>(pivot.column)] = false;
        Elimination::Step step{pivot.row, pivot.column, m_slots(pivot.row, pivot.column), {}, {}, {}, {}};
        for (int column = 0; column < m_size; ++column)
            if (m_columns[static_cast<size_t>(column)] && m_slots(pivot.row, column) != kNoSlot)
                step.uppers.push_back({m_slots(pivot.row, column), column});
        for (int row = 0; row < m_size; ++row) {
            if (!m_rows[static_cast<size_t>(row)] || m_slots(row, pivot.column) == kNoSlot) continue;
            const int multiplier = m_slots(row, pivot.column);
            step.multipliers.push_back(multiplier);
            const std::complex<double> factor = m_values(row, pivot.column) / m_values(pivot.row, pivot.column);
            for (const Elimination::Upper& upper : step.uppers) {
                int& target = m_slots(row, upper.unknown);
                if (target == kNoSlot) target = m_result.slots++;
                step.updates.push_back({target, multiplier, upper.slot});
                m_values(row, upper.unknown) -= factor * m_values(pivot.row, upper.unknown);
            }
            if (m_result.rightUsed[static_cast<size_t>(pivot.row)]) {
                step.rightUpdates.push_back({row, multiplier});
                m_result.rightUsed[static_cast<size_t>(row)] = true;
            }
        }
        m_result.steps.push_back(std::move(step));
    }

    int m_size = 0;
    Eigen::MatrixXcd m_values;
    Eigen::MatrixXi m_slots;
    std::vector<bool> m_rows, m_columns;  // not yet eliminated
    Elimination m_result{};
};

}  // namespace

Elimination chooseElimination(const NetworkMatrix& matrix, double angular)
{
    return Eliminator(matrix, angular).run();
}

}  // namespace core
