#pragma once

#include <QLineF>
#include <QPainterPath>
#include <vector>

#include "app/widgets/drawn_things.h"
#include "app/widgets/vehicle_views.h"
#include "core/survey/leads.h"

class QPainter;

namespace app {

class Theme;

// A lead as it lies on the page: out of the source, along the sill, and in to its place.
struct LeadRoute {
    QPainterPath path{};
    std::vector<QLineF>
        straight{};        // its parts along and across, on whole pixels: they cost a drag less than curves do
    QPainterPath bends{};  // and what lies between those
    bool chosen = false;
    bool planned = false;  // something of it is only planned
    bool plug = false;     // drawn where the lead is straight
    QPointF plugAt{};
    bool plugUpright = true;  // on the lane, not across
};

// The leads whose two ends are drawn. Those of one side lie beside each other and do not cross: the nearest place has
// the lane outside. unit: of the page in pixels at the normal zoom.
[[nodiscard]] std::vector<LeadRoute> leadRoutes(const std::vector<core::Lead>& leads, const core::Fitout& before,
                                                const std::vector<DrawnThing>& things, const DrawingFocus& focus,
                                                const VehicleView& view, double unit);

// Flat twin leads; what is planned is dashed, what is picked is gold and on top.
void paintLeads(QPainter& painter, const Theme& theme, const std::vector<LeadRoute>& routes);

}  // namespace app
