// The corners of a surface in the hand.
#include <cmath>

#include "app/stations/aim/aim_drawing.h"
#include "app/theme/theme.h"
#include "app/widgets/arrow_step.h"
#include "core/design/surface_corners.h"

namespace app {
namespace {

constexpr double kCornerReach = 14.0;  // how near a pointer has to be, pixels
constexpr double kSeen = 0.2;          // of a unit: less of a face is seen on edge

}  // namespace

const core::Surface* AimDrawing::shapedSurface() const
{
    const auto found = m_scene.mounts.find(m_scene.shaped);
    return found == m_scene.mounts.end() ? nullptr : &found->second;
}

std::optional<QPointF> AimDrawing::cornerPoint(size_t corner) const
{
    const core::Surface* surface = shapedSurface();
    return surface ? std::optional(m_view.at(core::cornersOf(*surface)[corner])) : std::nullopt;
}

// Of two that lie over each other the one that the keys are on, so that it stays the same.
bool AimDrawing::takeCorner(const QPointF& pixel)
{
    double best = m_theme.px(kCornerReach);
    bool any = false;
    const size_t first = m_corner;
    for (size_t i = 0; i < 4; ++i) {
        const size_t corner = (first + i) % 4;
        const QPointF off = *cornerPoint(corner) - pixel;
        if (std::hypot(off.x(), off.y()) >= best - (any ? 0.5 : 0.0)) continue;
        best = std::hypot(off.x(), off.y());
        m_grip = off;
        m_corner = corner;
        any = true;
    }
    if (any) m_hand = Hand::Corner;
    return any;
}

void AimDrawing::moveCorner(const QPointF& pixel)
{
    const core::Surface* surface = shapedSurface();
    if (!surface) return;
    const core::Vec3 now = core::cornersOf(*surface)[m_corner];
    core::Vec3 to = m_view.put(pixel, now);
    // What the view does not show follows the face, unless the face is seen on edge: then all of it goes along.
    const core::Vec3 hidden = m_from == From::Above ? core::Vec3{0.0, 0.0, 1.0} : core::Vec3{0.0, 1.0, 0.0};
    core::Vec3 normal = core::cross(surface->along_m, surface->across_m);
    normal = (1.0 / core::length(normal)) * normal;
    const double seen = core::dot(normal, hidden);
    if (std::abs(seen) > kSeen) to = to + (core::dot(now - to, normal) / seen) * hidden;
    emit shaped(core::withCorner(*surface, m_corner, to));
}

bool AimDrawing::cornerKey(int key, bool fine)
{
    if (key == Qt::Key_Escape || key == Qt::Key_Return || key == Qt::Key_Enter) {
        emit shapeLeft();
        return true;
    }
    const std::optional<QPointF> direction = arrowOf(key);
    if (!direction) return false;
    const double by = (fine ? kFineStep_m : kStep_m) * m_view.scale;
    moveCorner(*cornerPoint(m_corner) + by * *direction);
    emit shapePut();
    return true;
}

// Tab goes round the corners, then on.
bool AimDrawing::nextCorner(bool next)
{
    if (!shapedSurface() || (next ? m_corner == 3 : m_corner == 0)) return false;
    m_corner = next ? m_corner + 1 : m_corner - 1;
    update();
    return true;
}

}  // namespace app
