#include "app/widgets/vehicle_views.h"

#include <algorithm>

namespace app {

QPointF VehicleView::at(const core::Vec3& point_m) const
{
    switch (side) {
        case Side::Above:
            return origin + QPointF(-point_m.y * scale, -point_m.x * scale);
        case Side::Left:
            return origin + QPointF(-point_m.x * scale, -point_m.z * scale);
        case Side::Right:
            return origin + QPointF(point_m.x * scale, -point_m.z * scale);
    }
    return {};
}

core::Vec3 VehicleView::put(const QPointF& pixel, const core::Vec3& keep_m) const
{
    const QPointF offset = (pixel - origin) / scale;
    switch (side) {
        case Side::Above:
            return {-offset.y(), -offset.x(), keep_m.z};
        case Side::Left:
            return {-offset.x(), keep_m.y, -offset.y()};
        case Side::Right:
            return {offset.x(), keep_m.y, -offset.y()};
    }
    return keep_m;
}

bool VehicleView::shows(double y_m) const
{
    constexpr double kCentre_m = 0.05;
    return side == Side::Above || (side == Side::Left ? y_m > -kCentre_m : y_m < kCentre_m);
}

std::vector<VehicleView> arrangeViews(const core::Body& body, double height_m, const QRectF& area, bool flanks,
                                      double margin)
{
    constexpr double kTitle = 20.0, kFlankShare = 0.27, kGap = 12.0;
    const double length = std::max(0.5, body.length_m), width = std::max(0.3, body.width_m);
    // As high as the sides need in their half of the width, but never more than their share.
    const double half = 0.5 * (area.width() - kGap);
    const double needed = kTitle + 12.0 + (half - 8.0) / length * std::max(0.5, height_m);
    const double below = flanks ? std::min(needed, kFlankShare * area.height()) : 0.0;
    std::vector<VehicleView> views;
    VehicleView above;
    above.area = area.adjusted(0, 0, 0, -below);
    above.scale = std::max(
        10.0, std::min((above.area.height() - kTitle - 8.0) / length, (above.area.width() - 2.0 * margin) / width));
    const double top = above.area.top() + kTitle + 0.5 * (above.area.height() - kTitle - 8.0 - above.scale * length);
    above.origin = {above.area.center().x(), top + body.frontAxle_m * above.scale};
    views.push_back(above);
    if (!flanks) return views;
    for (const auto side : {VehicleView::Side::Left, VehicleView::Side::Right}) {
        VehicleView view;
        view.side = side;
        const double left = side == VehicleView::Side::Left ? area.left() : area.left() + half + kGap;
        view.area = {left, area.bottom() - below, half, below};
        view.scale = std::max(5.0, std::min((half - 8.0) / length, (below - kTitle - 6.0) / std::max(0.5, height_m)));
        const double inset = 0.5 * (half - view.scale * length);
        const double nose = inset + body.frontAxle_m * view.scale;
        view.origin = {side == VehicleView::Side::Left ? left + nose : left + half - nose, view.area.bottom() - 4.0};
        views.push_back(view);
    }
    return views;
}

namespace {

// As near to what is wanted as a window of `half` on what lies between low and high lets it; else the middle.
double within(double wanted, double low, double high, double half)
{
    return high - low > 2.0 * half ? std::clamp(wanted, low + half, high - half) : 0.5 * (low + high);
}

}  // namespace

std::vector<VehicleView> nearViews(const core::Body& body, const QRectF& area, double scale, const core::Vec3& about_m,
                                   double margin, double smallHeight)
{
    constexpr double kRound_m = 0.15, kInset = 6.0;
    const double side = 0.5 * body.width_m + margin / scale;
    const double x = within(about_m.x, body.frontAxle_m - body.length_m - kRound_m, body.frontAxle_m + kRound_m,
                            0.5 * area.height() / scale);
    const double y = within(about_m.y, -side, side, 0.5 * area.width() / scale);
    VehicleView near{.area = area, .origin = area.center() + QPointF(y, x) * scale, .scale = scale};
    VehicleView whole{.scale = (smallHeight - 2.0 * kInset) / std::max(0.5, body.length_m), .small = true};
    const double wide = std::max(0.3, body.width_m) * whole.scale + 2.0 * kInset;
    whole.area = {about_m.y > 0.0 ? area.right() - wide : area.left(), area.bottom() - smallHeight, wide, smallHeight};
    whole.origin = {whole.area.center().x(), whole.area.top() + kInset + body.frontAxle_m * whole.scale};
    return {near, whole};
}

}  // namespace app
