#include "app/widgets/flow_layout.h"

#include <QWidget>
#include <algorithm>

namespace app {

FlowLayout::FlowLayout(int gap) : m_gap(gap)
{
    setContentsMargins(0, 0, 0, 0);
}

FlowLayout::~FlowLayout()
{
    for (QLayoutItem* item : m_items) delete item;
}

void FlowLayout::addItem(QLayoutItem* item)
{
    m_items.push_back(item);
}

QLayoutItem* FlowLayout::itemAt(int index) const
{
    return index >= 0 && index < count() ? m_items[static_cast<size_t>(index)] : nullptr;
}

QLayoutItem* FlowLayout::takeAt(int index)
{
    if (index < 0 || index >= count()) return nullptr;
    QLayoutItem* item = m_items[static_cast<size_t>(index)];
    m_items.erase(m_items.begin() + index);
    return item;
}

QSize FlowLayout::minimumSize() const
{
    QSize size;
    for (const QLayoutItem* item : m_items) size = size.expandedTo(item->minimumSize());
    return size;
}

void FlowLayout::setGeometry(const QRect& area)
{
    QLayout::setGeometry(area);
    arrange(area, true);
}

int FlowLayout::arrange(const QRect& area, bool move) const
{
    QPoint at = area.topLeft();
    int lineHeight = 0;
    for (QLayoutItem* item : m_items) {
        if (item->isEmpty()) continue;  // hidden: takes no room, and no gap either
        const QSize size = item->sizeHint();
        if (at.x() > area.left() && at.x() + size.width() > area.right() + 1) {
            at = {area.left(), at.y() + lineHeight + m_gap};
            lineHeight = 0;
        }
        if (move) item->setGeometry(QRect(at, size));
        at.rx() += size.width() + m_gap;
        lineHeight = std::max(lineHeight, size.height());
    }
    return at.y() + lineHeight - area.top();
}

}  // namespace app
