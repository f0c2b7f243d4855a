#include "core/job/openings.h"

#include <algorithm>

namespace core {
namespace {

bool share(const Opening& opening, const std::vector<PanelId>& way)
{
    return std::any_of(way.begin(), way.end(), [&](PanelId panel) {
        return std::find(opening.panels.begin(), opening.panels.end(), panel) != opening.panels.end();
    });
}

// A panel comes off once all are off that lie before it on some way in; two ways that contradict each other are taken
// as they come.
std::vector<PanelId> inOrder(std::vector<PanelId> panels, const std::vector<PlaceId>& places, const Fitout& fitout)
{
    std::vector<PanelId> order;
    const auto isOff = [&](PanelId panel) { return std::find(order.begin(), order.end(), panel) != order.end(); };
    const auto isFree = [&](PanelId panel) {
        return std::all_of(places.begin(), places.end(), [&](PlaceId place) {
            const auto& way = fitout.places.at(place).wayIn;
            const auto here = std::find(way.begin(), way.end(), panel);
            return here == way.end() || std::all_of(way.begin(), here, isOff);
        });
    };
    while (!panels.empty()) {
        auto next = std::find_if(panels.begin(), panels.end(), isFree);
        if (next == panels.end()) next = panels.begin();
        order.push_back(*next);
        panels.erase(next);
    }
    return order;
}

// 0 left, 1 right, 2 the middle.
int sideOf(PlaceId place, const Fitout& fitout)
{
    constexpr double kMiddle_m = 0.05;
    const double y_m = fitout.places.at(place).frame.at_m.y;
    return y_m > kMiddle_m ? 0 : y_m < -kMiddle_m ? 1 : 2;
}

int sideOf(const Opening& opening, const Fitout& fitout)
{
    const int first = sideOf(opening.places.front(), fitout);
    return std::all_of(opening.places.begin(), opening.places.end(),
                       [&](PlaceId place) { return sideOf(place, fitout) == first; })
               ? first
               : 2;
}

}  // namespace

bool hasTrim(const Opening& opening, const Fitout& fitout)
{
    return !opening.panels.empty() || std::any_of(opening.places.begin(), opening.places.end(), [&](PlaceId place) {
        return fitout.places.at(place).kind != PlaceKind::OwnBox;
    });
}

std::vector<Opening> openingsFor(const std::set<PlaceId>& places, const Fitout& fitout)
{
    std::vector<Opening> openings;
    for (const PlaceId place : places) {
        const auto there = fitout.places.find(place);
        if (there == fitout.places.end()) continue;
        Opening own{{place}, there->second.wayIn};
        for (auto other = openings.begin(); other != openings.end();) {
            if (!share(*other, own.panels)) {
                ++other;
                continue;
            }
            for (const PanelId panel : other->panels)
                if (!share(own, {panel})) own.panels.push_back(panel);
            own.places.insert(own.places.begin(), other->places.begin(), other->places.end());
            other = openings.erase(other);
        }
        openings.push_back(std::move(own));
    }
    for (Opening& opening : openings) {
        std::sort(opening.places.begin(), opening.places.end(), [&](PlaceId a, PlaceId b) {
            return std::pair(sideOf(a, fitout), a) < std::pair(sideOf(b, fitout), b);
        });
        opening.panels = inOrder(std::move(opening.panels), opening.places, fitout);
    }
    std::sort(openings.begin(), openings.end(), [&](const Opening& a, const Opening& b) {
        return std::pair(sideOf(a, fitout), a.places.front()) < std::pair(sideOf(b, fitout), b.places.front());
    });
    return openings;
}

}  // namespace core
