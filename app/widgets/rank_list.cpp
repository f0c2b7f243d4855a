#include "app/widgets/rank_list.h"

#include <QResizeEvent>
#include <algorithm>

namespace app {

RankList::RankList(QWidget* parent) : QListView(parent)
{
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
}

void RankList::setDetail(QWidget* detail)
{
    m_detail = detail;
    m_detail->setParent(viewport());
    fitDetail();
}

void RankList::fitDetail()
{
    if (!m_detail) return;
    const int width = viewport()->width();
    const bool any = currentIndex().isValid() && !m_detail->property("empty").toBool();
    const int height = !any                            ? 0
                       : m_detail->hasHeightForWidth() ? m_detail->heightForWidth(width)
                                                       : m_detail->sizeHint().height();
    if (height != m_detailHeight) {
        m_detailHeight = height;
        doItemsLayout();
    }
    place();
    if (any) scrollTo(currentIndex());
}

// A row that is picked grows, the one before shrinks: rows below them move.
void RankList::currentChanged(const QModelIndex& current, const QModelIndex& previous)
{
    doItemsLayout();
    QListView::currentChanged(current, previous);
    fitDetail();
}

void RankList::place()
{
    if (!m_detail) return;
    const QRect row = currentIndex().isValid() ? visualRect(currentIndex()) : QRect();
    m_detail->setVisible(m_detailHeight > 0 && row.isValid());
    if (m_detailHeight > 0)
        m_detail->setGeometry(0, row.bottom() + 1 - m_detailHeight, viewport()->width(), m_detailHeight);
}

void RankList::scrollContentsBy(int dx, int dy)
{
    QListView::scrollContentsBy(dx, dy);
    place();
}

void RankList::updateGeometries()
{
    QListView::updateGeometries();
    place();
}

void RankList::resizeEvent(QResizeEvent* event)
{
    QListView::resizeEvent(event);
    fitDetail();
}

}  // namespace app
