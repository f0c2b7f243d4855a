#pragma once

#include <QPainter>

#include "app/stations/aim/aim_scene.h"
#include "app/widgets/vehicle_views.h"

namespace app {

class Theme;

inline constexpr double kAxis_m = 0.3;  // how long an axis is drawn

// Paints one view of Aim, layer by layer.
class AimPainter {
public:
    AimPainter(QPainter& painter, const Theme& theme, const VehicleView& view, const AimScene& scene)
        : m_painter(painter), m_theme(theme), m_view(view), m_scene(scene)
    {
    }
    void surfaces();  // what can be mounted on; closed ones are hatched, with their word
    void shaping(size_t corner);  // the surface whose corners are in the hand
    void screens();   // what people and seats put in the way
    void map();       // bigger is better; always as a mirrored pair
    void heads();     // with the points of where it stands
    void ways();      // to both ears, from the other side too; the strongest mirror; what is in the way
    void drivers(bool focused, bool held);
    void numbers();   // of the habits, at their spots
    void distances();
    void title();

private:
    [[nodiscard]] bool shows(const core::Vec3& at_m) const { return m_view.shows(at_m.y); }
    void way(const core::Vec3& from, const core::Vec3& to, const QPen& pen);
    void label(const QPointF& at, const QString& large, const QString& small, const QColor& colour);
    void onGround(const QRectF& room, Qt::Alignment where, const QString& text, const QColor& colour);
    void hatched(const QPolygonF& area);
    void reflections(const core::DriverAim& aim);
    void mirror(const core::DriverAim& aim, const core::Reflection& one, bool strongest);

    QPainter& m_painter;
    const Theme& m_theme;
    const VehicleView& m_view;
    const AimScene& m_scene;
};

}  // namespace app
