#pragma once

#include <QPointF>
#include <QString>
#include <vector>

namespace app {

// What stands beside the vehicle, at its thing: a name, and its figures under it.
struct SideLabel {
    QPointF of{};  // the thing, pixels
    QString name{}, figures{};
    bool strong = false;   // picked: it keeps its place, the others step aside
    bool planned = false;  // comes with the job
    bool left = false;
    bool wraps = false;  // it has more than its two lines
    double height = 0.0;
    double top = 0.0;    // as laid out
    bool shown = false;  // there is room for it
};

// Each label as near to the height of its thing as the others of its side let it, none on another, in the order of
// their things. What finds no room between top and bottom waits until it is picked.
void layOutLabels(std::vector<SideLabel>& labels, double top, double bottom);

}  // namespace app
