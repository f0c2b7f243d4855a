#pragma once

#include <QListView>
#include <algorithm>

namespace app {

// A list as high as its rows, so that what holds it scrolls and it does not: one thing moves under the wheel.
// least_px  for the first look, before it has a width to wrap its words to
inline void fitToRows(QListView& list, int least_px = 64)
{
    list.setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list.setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list.doItemsLayout();
    int high_px = 2 * list.frameWidth();
    for (int row = 0; row < list.model()->rowCount(); ++row)
        high_px += list.visualRect(list.model()->index(row, 0)).height();
    list.setFixedHeight(std::max(least_px, high_px));
}

}  // namespace app
