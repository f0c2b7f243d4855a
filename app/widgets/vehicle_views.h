#pragma once

#include <QPointF>
#include <QRectF>
#include <vector>

#include "core/model/vehicle.h"

namespace app {

// One view of the vehicle on the page: from above with the nose up, the left flank with the nose left, the right flank
// with the nose right. Turns metres into pixels and back.
struct VehicleView {
    enum class Side { Above, Left, Right } side = Side::Above;
    QRectF area{};
    QPointF origin{};    // of the front axle on the ground, or on the centre line
    double scale = 1.0;  // pixels a metre
    bool small = false;  // shows where the large one is, and picks another place

    bool operator==(const VehicleView&) const = default;
    [[nodiscard]] QPointF at(const core::Vec3& point_m) const;
    // The point that is drawn at this pixel; what the view does not show is kept.
    [[nodiscard]] core::Vec3 put(const QPointF& pixel, const core::Vec3& keep_m) const;
    // Whether a point of this y is shown in this view: a flank shows its own half.
    [[nodiscard]] bool shows(double y_m) const;
};

// The views in one area. flanks: with the two sides under the plan; margin: for figures beside the plan.
[[nodiscard]] std::vector<VehicleView> arrangeViews(const core::Body& body, double height_m, const QRectF& area,
                                                    bool flanks, double margin);

// A window on the vehicle from above, where it is too small to be seen whole: round a point, never past what there is,
// and the whole of it small in a corner where the point is not.
[[nodiscard]] std::vector<VehicleView> nearViews(const core::Body& body, const QRectF& area, double scale,
                                                 const core::Vec3& about_m, double margin, double smallHeight);

}  // namespace app
