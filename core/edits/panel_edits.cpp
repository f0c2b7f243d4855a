#include "core/edits/panel_edits.h"

#include <algorithm>
#include <set>

#include "core/edits/pairs.h"
#include "core/fitout/sides.h"

namespace core {
namespace {

void append(std::vector<PanelId>& way, PanelId panel)
{
    if (std::find(way.begin(), way.end(), panel) == way.end()) way.push_back(panel);
}

}  // namespace

Edit addPanel(const Plan& plan, PlaceId place, const std::string& name)
{
    Plan after = plan;
    const auto id = drawId<PanelId>(after);
    Panel panel{.name = name};
    if (const PlaceId mate = mateOf(plan.places, place)) {
        const auto twin = drawId<PanelId>(after);
        after.panels[twin] = {.name = name, .pair = id, .followsPair = true};
        panel.pair = twin;
        append(after.places.at(mate).wayIn, twin);
    }
    after.panels[id] = panel;
    append(after.places.at(place).wayIn, id);
    return difference(EditName::AddPanel, plan, after);
}

Edit usePanel(const Plan& plan, PlaceId place, PanelId panel)
{
    Plan after = plan;
    append(after.places.at(place).wayIn, panel);
    if (const PlaceId mate = mateOf(plan.places, place)) {
        const PanelId pair = plan.panels.at(panel).pair;
        append(after.places.at(mate).wayIn, pair ? pair : panel);
    }
    return difference(EditName::AddPanel, plan, after);
}

Edit changePanel(const Plan& plan, PanelId id, const Panel& panel)
{
    Plan after = plan;
    Panel& own = after.panels.at(id);
    const auto take = [&](Panel& into) {
        into.name = panel.name;
        into.fasteners = panel.fasteners;
        into.leave = panel.leave;
        into.undo = panel.undo;
        into.membrane = panel.membrane;
        into.labels = panel.labels;
    };
    take(own);
    if (own.pair && (own.followsPair || after.panels.at(own.pair).followsPair)) take(after.panels.at(own.pair));
    return difference(EditName::ChangePanel, plan, after);
}

Edit removePanel(const Plan& plan, PanelId id)
{
    Plan after = plan;
    const std::set<PanelId> gone = eraseWithFollower(after.panels, id);
    for (auto& [place, item] : after.places)
        std::erase_if(item.wayIn, [&](PanelId panel) { return gone.contains(panel); });
    return difference(EditName::RemovePanel, plan, after);
}

}  // namespace core
