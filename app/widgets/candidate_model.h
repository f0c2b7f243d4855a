#pragma once

#include <QAbstractListModel>
#include <QStyledItemDelegate>
#include <vector>

#include "core/design/choose_driver.h"

namespace app {

class Theme;

// The ranked drivers of the shelf for one place: name, what it would do, and what there is against it.
class CandidateModel : public QAbstractListModel {
    Q_OBJECT
public:
    enum Role { ReasonsRole = Qt::UserRole + 1, SeveritiesRole, FittedRole };

    explicit CandidateModel(const Theme& theme, QObject* parent = nullptr);
    void setCandidates(std::vector<core::Candidate> candidates);
    [[nodiscard]] const core::Candidate& candidate(int index) const
    {
        return m_candidates.at(static_cast<size_t>(index));
    }
    [[nodiscard]] int rowOfKey(const std::string& shelfKey) const;  // -1: not there
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;

private:
    [[nodiscard]] QString reasonsOf(const core::Candidate& candidate) const;

    const Theme& m_theme;
    std::vector<core::Candidate> m_candidates{};
};

class CandidateDelegate : public QStyledItemDelegate {
    Q_OBJECT
public:
    explicit CandidateDelegate(const Theme& theme, QObject* parent = nullptr)
        : QStyledItemDelegate(parent), m_theme(theme)
    {
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;

private:
    const Theme& m_theme;
};

}  // namespace app
