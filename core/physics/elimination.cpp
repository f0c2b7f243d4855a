#include "core/physics/elimination.h"

#include <algorithm>
#include <limits>
#include <optional>

namespace core {
namespace {

constexpr double kPivotShare = 0.05;  // a pivot is at least this much of the largest in its row

// Rows as lists of their places, by column: a network's matrix is nearly empty, and stays so.
class Eliminator {
public:
    Eliminator(const NetworkMatrix& matrix, double angular)
        : m_size(matrix.size), m_rows(static_cast<size_t>(m_size)), m_columns(static_cast<size_t>(m_size))
    {
        for (const MatrixEntry& entry : matrix.entries) {
            m_rows[static_cast<size_t>(entry.row)].push_back({entry.column, m_result.slots++, entry.at(angular)});
            m_columns[static_cast<size_t>(entry.column)].push_back(entry.row);
        }
        for (std::vector<Entry>& row : m_rows) std::sort(row.begin(), row.end(), leftOf);
        for (std::vector<int>& column : m_columns) std::sort(column.begin(), column.end());
        for (int row = 0; row < m_size; ++row) m_left.push_back(row);
        m_result.rightUsed = matrix.driven;
    }

    Elimination run()
    {
        for (int step = 0; step < m_size; ++step) {
            const auto pivot = choose();
            if (!pivot) break;
            eliminate(*pivot);
        }
        return std::move(m_result);
    }

private:
    struct Entry {
        int column = 0, slot = 0;
        std::complex<double> value{};
    };
    struct Pivot {
        int row = 0;
        Entry entry{};
    };
    static bool leftOf(const Entry& a, const Entry& b) { return a.column < b.column; }

    [[nodiscard]] std::optional<Pivot> choose() const
    {
        std::optional<Pivot> best;
        size_t leastWork = std::numeric_limits<size_t>::max();
        double bestShare = 0.0;
        for (const int row : m_left) {
            const std::vector<Entry>& entries = m_rows[static_cast<size_t>(row)];
            double largest = 0.0;
            for (const Entry& entry : entries) largest = std::max(largest, std::abs(entry.value));
            for (const Entry& entry : entries) {
                const size_t work = (entries.size() - 1) * (m_columns[static_cast<size_t>(entry.column)].size() - 1);
                if (work > leastWork) continue;
                const double share = std::abs(entry.value) / largest;
                if (!(share >= kPivotShare) || (work == leastWork && share <= bestShare)) continue;
                best = {row, entry};
                leastWork = work;
                bestShare = share;
            }
        }
        return best;
    }

    void eliminate(const Pivot& pivot)
    {
        const int column = pivot.entry.column;
        m_left.erase(std::find(m_left.begin(), m_left.end(), pivot.row));
        std::vector<Entry> uppers = std::move(m_rows[static_cast<size_t>(pivot.row)]);
        uppers.erase(
            std::find_if(uppers.begin(), uppers.end(), [&](const Entry& one) { return one.column == column; }));
        for (const Entry& upper : uppers) leave(upper.column, pivot.row);
        leave(column, pivot.row);
        Elimination::Step step{pivot.row, column, pivot.entry.slot, {}, {}, {}, {}};
        for (const Entry& upper : uppers) step.uppers.push_back({upper.slot, upper.column});
        for (const int row : m_columns[static_cast<size_t>(column)]) {
            std::vector<Entry>& entries = m_rows[static_cast<size_t>(row)];
            const auto below =
                std::find_if(entries.begin(), entries.end(), [&](const Entry& one) { return one.column == column; });
            const int multiplier = below->slot;
            const std::complex<double> factor = below->value / pivot.entry.value;
            entries.erase(below);
            step.multipliers.push_back(multiplier);
            for (const Entry& upper : uppers) {
                Entry& target = entryAt(row, upper.column);
                step.updates.push_back({target.slot, multiplier, upper.slot});
                target.value -= factor * upper.value;
            }
            if (m_result.rightUsed[static_cast<size_t>(pivot.row)]) {
                step.rightUpdates.push_back({row, multiplier});
                m_result.rightUsed[static_cast<size_t>(row)] = true;
            }
        }
        m_columns[static_cast<size_t>(column)].clear();
        m_result.steps.push_back(std::move(step));
    }

    // Filled in where nothing was yet.
    Entry& entryAt(int row, int column)
    {
        std::vector<Entry>& entries = m_rows[static_cast<size_t>(row)];
        const auto at = std::lower_bound(entries.begin(), entries.end(), Entry{column, 0, {}}, leftOf);
        if (at != entries.end() && at->column == column) return *at;
        std::vector<int>& rows = m_columns[static_cast<size_t>(column)];
        rows.insert(std::lower_bound(rows.begin(), rows.end(), row), row);
        return *entries.insert(at, {column, m_result.slots++, {}});
    }

    void leave(int column, int row)
    {
        std::vector<int>& rows = m_columns[static_cast<size_t>(column)];
        rows.erase(std::lower_bound(rows.begin(), rows.end(), row));
    }

    int m_size = 0;
    std::vector<std::vector<Entry>> m_rows;   // not yet eliminated, nor their columns
    std::vector<std::vector<int>> m_columns;  // the rows that have a place there
    std::vector<int> m_left{};                // rows
    Elimination m_result{};
};

}  // namespace

Elimination chooseElimination(const NetworkMatrix& matrix, double angular)
{
    return Eliminator(matrix, angular).run();
}

}  // namespace core
