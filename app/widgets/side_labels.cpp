#include "app/widgets/side_labels.h"

#include <algorithm>

namespace app {
namespace {

constexpr double kBetween = 1.0;  // pixels

double wanted(const SideLabel& label)
{
    return label.of.y() - 0.5 * label.height;
}

using Row = std::vector<SideLabel*>::iterator;

// Down the page first, then up again from what stands too low; what then is too high has no room.
void sweep(Row first, Row last, double top, double bottom)
{
    double free = top;
    for (Row at = first; at != last; ++at) {
        (*at)->top = std::max(wanted(**at), free);
        free = (*at)->top + (*at)->height + kBetween;
    }
    free = bottom;
    for (Row at = last; at != first;) {
        SideLabel& label = **--at;
        label.top = std::min(label.top, free - label.height);
        label.shown = label.top >= top;
        free = label.top - kBetween;
    }
}

void layOutSide(std::vector<SideLabel*>& side, double top, double bottom)
{
    std::stable_sort(side.begin(), side.end(),
                     [](const SideLabel* a, const SideLabel* b) { return a->of.y() < b->of.y(); });
    const Row picked = std::find_if(side.begin(), side.end(), [](const SideLabel* label) { return label->strong; });
    if (picked == side.end()) return sweep(side.begin(), side.end(), top, bottom);
    SideLabel& label = **picked;
    label.top = std::clamp(wanted(label), top, std::max(top, bottom - label.height));
    label.shown = true;
    sweep(side.begin(), picked, top, label.top - kBetween);
    sweep(std::next(picked), side.end(), label.top + label.height + kBetween, bottom);
}

}  // namespace

void layOutLabels(std::vector<SideLabel>& labels, double top, double bottom)
{
    for (const bool left : {true, false}) {
        std::vector<SideLabel*> side;
        for (SideLabel& label : labels)
            if (label.left == left) side.push_back(&label);
        layOutSide(side, top, bottom);
    }
}

}  // namespace app
