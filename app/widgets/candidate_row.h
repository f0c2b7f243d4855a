#pragma once

#include <QStyledItemDelegate>
#include <QWidget>
#include <map>

#include "app/widgets/candidate_model.h"

class QPushButton;

namespace app {

class RankList;
class Theme;

// The columns of a row, left to right; the name takes what the others leave.
struct CandidateColumns {
    QRect name{}, clear{}, load{}, reach{}, travel{}, price{}, mass{}, points{};
};
[[nodiscard]] CandidateColumns candidateColumns(const QRect& row, const Theme& theme);

// A ranked driver as one line to be compared by eye: what is left behind it as a length from one zero line, what the
// source sees, each band up or down, its travel as a bar that overruns, price, mass and points. Above the first that
// something stops stands a heading.
class CandidateRow : public QStyledItemDelegate {
    Q_OBJECT
public:
    CandidateRow(const Theme& theme, RankList& list);
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;

private:
    void paintClear(QPainter& painter, const QRect& box, const core::Candidate& one) const;
    void paintReach(QPainter& painter, const QRect& box, const core::Candidate& one) const;
    void paintTravel(QPainter& painter, const QRect& box, const core::Candidate& one) const;
    void paintFigures(QPainter& painter, const CandidateColumns& at, const core::Candidate& one) const;

    const Theme& m_theme;
    RankList& m_list;
};

// The names of the columns over the list; each sorts by its own.
class CandidateHeader : public QWidget {
    Q_OBJECT
public:
    // prefix  of the names of its buttons: "order" gives orderPrice
    CandidateHeader(const Theme& theme, RankList& list, const QString& prefix, QWidget* parent = nullptr);
    [[nodiscard]] CandidateOrder order() const { return m_order; }
    void setCurrency(const QString& currency);
    [[nodiscard]] QSize sizeHint() const override;

signals:
    void chosen(CandidateOrder order);

protected:
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void choose(CandidateOrder order);
    void arrange();

    const Theme& m_theme;
    RankList& m_list;
    CandidateOrder m_order = CandidateOrder::Best;
    std::map<CandidateOrder, QPushButton*> m_buttons{};
};

}  // namespace app
