#pragma once

#include <QAbstractListModel>
#include <set>
#include <vector>

#include "core/design/rank_drivers.h"

namespace app {

class Theme;

// What nothing stops comes first in every order.
enum class CandidateOrder { Best, Clear, Load, Loudest, Travel, Cheapest, Lightest, Name };

// What of the ranking is shown.
struct CandidateFilter {
    QString words{};          // in name, key or class
    bool wholeOnly = false;   // leaves the vehicle whole
    bool goesInOnly = false;  // nothing stops it
    CandidateOrder order = CandidateOrder::Best;
    bool operator==(const CandidateFilter&) const = default;
};

// The ranked drivers of the shelf for one place: name, points, what cost them, and which are held against each other.
class CandidateModel : public QAbstractListModel {
    Q_OBJECT
public:
    enum Role { ReasonsRole = Qt::UserRole + 1, PointsRole, FirstStopRole, FittedRole, HeldRole };
    static constexpr size_t kMostHeld = 3;

    explicit CandidateModel(const Theme& theme, QObject* parent = nullptr);
    void setCandidates(std::vector<core::Candidate> candidates);
    void setFilter(const CandidateFilter& filter);
    void setCurrency(const QString& currency) { m_currency = currency; }
    [[nodiscard]] const QString& currency() const { return m_currency; }
    [[nodiscard]] const core::Candidate& candidate(int row) const
    {
        return m_all.at(m_rows.at(static_cast<size_t>(row)));
    }
    [[nodiscard]] int rowOfKey(const std::string& shelfKey) const;  // -1: not there, or not shown
    [[nodiscard]] size_t count() const { return m_all.size(); }     // shown or not
    // Held against others, or no more; not more than three.
    void toggleHeld(int row);
    [[nodiscard]] std::vector<const core::Candidate*> held() const;
    void letGo() { m_held.clear(); }
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;

private:
    [[nodiscard]] QString reasonsOf(const core::Candidate& candidate) const;
    [[nodiscard]] bool passes(const core::Candidate& candidate) const;
    void arrange();

    const Theme& m_theme;
    std::vector<core::Candidate> m_all{};  // best first
    std::vector<size_t> m_rows{};
    CandidateFilter m_filter{};
    QString m_currency{};
    std::set<std::string> m_held{};  // by shelf key
};

}  // namespace app
