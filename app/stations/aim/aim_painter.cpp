#include "app/stations/aim/aim_painter.h"

#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <map>

#include "app/theme/theme.h"
#include "app/widgets/drawn_things.h"
#include "core/design/surface_corners.h"
#include "core/evaluate/ways.h"
#include "words/aim_words.h"
#include "words/made_names.h"
#include "words/name_words.h"

namespace app {
namespace {

constexpr double kDotsApart = 8.0;  // of the map, pixels: nearer ones are a smear
constexpr double kHead_m = 0.09;

QPolygonF polygonOf(const core::Surface& surface, const VehicleView& view)
{
    QPolygonF corners;
    for (const core::Vec3& corner : core::cornersOf(surface)) corners << view.at(corner);
    return corners;
}

}  // namespace

void AimPainter::hatched(const QPolygonF& area)
{
    const Tokens& tokens = m_theme.tokens();
    m_painter.setPen(QPen(tokens.rust, 1.2));
    m_painter.setBrush(QBrush(tokens.rust, Qt::BDiagPattern));
    m_painter.drawPolygon(area);
}

void AimPainter::surfaces()
{
    const Tokens& tokens = m_theme.tokens();
    for (const auto& [id, surface] : m_scene.mounts) {
        const core::Vec3 middle = core::middleOf(surface);
        if (!shows(middle)) continue;
        const QPolygonF corners = polygonOf(surface, m_view);
        if (core::pairClosedAt(m_scene.snapshot->after().used, surface.kind, middle, m_scene.snapshot->practice())) {
            hatched(corners);
            continue;
        }
        m_painter.setPen(QPen(tokens.ink2, 1, Qt::DotLine));
        m_painter.setBrush(tokens.raised);
        m_painter.drawPolygon(corners);
    }
}

// Its corners as squares, the one that the keys move filled.
void AimPainter::shaping(size_t corner)
{
    const auto found = m_scene.mounts.find(m_scene.shaped);
    if (found == m_scene.mounts.end()) return;
    const Tokens& tokens = m_theme.tokens();
    const QPolygonF corners = polygonOf(found->second, m_view);
    m_painter.setPen(QPen(tokens.goldText, 2));
    m_painter.setBrush(Qt::NoBrush);
    m_painter.drawPolygon(corners);
    const double half = m_theme.px(5);
    for (size_t i = 0; i < 4; ++i) {
        m_painter.setBrush(i == corner ? tokens.goldText : tokens.raised);
        m_painter.drawRect(QRectF(corners[static_cast<int>(i)] - QPointF(half, half), QSizeF(2 * half, 2 * half)));
    }
}

// Legs, wheel and seat backs, as far as they are reckoned with.
void AimPainter::screens()
{
    const core::Cabin& cabin = m_scene.snapshot->after().cabin;
    QColor fill = m_theme.tokens().rule;
    fill.setAlphaF(0.5F);
    for (const core::FlatPanel& one : cabin.panels) {
        const core::Vec3 middle = one.corner_m + 0.5 * one.along_m + 0.5 * one.across_m;
        if (one.mirrors || !shows(middle)) continue;
        const QPointF at = m_view.at(one.corner_m), along = m_view.at(one.corner_m + one.along_m) - at,
                      across = m_view.at(one.corner_m + one.across_m) - at;
        if (std::abs(along.x() * across.y() - along.y() * across.x()) < 9.0) continue;  // seen on edge: a line among many
        m_painter.setPen(QPen(m_theme.tokens().ink2, 1));
        m_painter.setBrush(fill);
        m_painter.drawPolygon(QPolygonF({at, at + along, at + along + across, at + across}));
    }
}

void AimPainter::map()
{
    if (!m_scene.map || m_scene.map->spots.empty()) return;
    const Tokens& tokens = m_theme.tokens();
    const auto& spots = m_scene.map->spots;
    const auto [least, most] = std::minmax_element(
        spots.begin(), spots.end(), [](const core::Spot& a, const core::Spot& b) { return a.points < b.points; });
    const double range = std::max(1.0, most->points - least->points);
    const double apart = m_theme.px(kDotsApart);
    std::map<std::pair<int, int>, const core::Spot*> best;  // of each cell of the page: of what lies over each other
    for (const core::Spot& spot : spots) {
        const QPointF at = m_view.at(spot.frame.at_m);
        const core::Spot*& cell = best[{static_cast<int>(std::lround(at.x() / apart)), static_cast<int>(std::lround(at.y() / apart))}];
        if (!cell || spot.points > cell->points) cell = &spot;
    }
    m_painter.setPen(QPen(tokens.goldText, 0.7));
    m_painter.setBrush(tokens.gold);
    for (const auto& [cell, spot] : best) {
        const double share = (spot->points - least->points) / range;
        const double radius = 0.01 * m_theme.px(70.0 + 300.0 * share * share);
        for (const core::Vec3& at : {spot->frame.at_m, core::mirrored(spot->frame).at_m})
            if (shows(at)) m_painter.drawEllipse(m_view.at(at), radius, radius);
    }
}

void AimPainter::heads()
{
    const Tokens& tokens = m_theme.tokens();
    for (const auto& [id, listener] : m_scene.snapshot->plan.listeners) {
        if (!shows(listener.head_m)) continue;
        const QPointF head = m_view.at(listener.head_m);
        const bool chosen = id == m_scene.listener;
        const double radius = kHead_m * m_view.scale;
        m_painter.setPen(QPen(chosen ? tokens.goldText : tokens.ink2, chosen ? 2 : 1.2));
        m_painter.setBrush(chosen ? tokens.goldTint : tokens.paper);
        m_painter.drawEllipse(head, radius, radius);
        m_painter.setBrush(tokens.ink);
        m_painter.setPen(Qt::NoPen);
        for (const core::Vec3& ear : core::earsOf(listener))
            m_painter.drawEllipse(m_view.at(ear), m_theme.px(3), m_theme.px(3));
        const auto points = m_scene.points.find(id);
        const bool atTheFoot = head.y() > m_view.area.bottom() - m_theme.px(80);  // where the notch is told of
        if (points == m_scene.points.end() || m_view.side != VehicleView::Side::Above || (atTheFoot && !chosen)) continue;
        label(head + QPointF(0.0, radius + m_theme.px(9)),
              QCoreApplication::translate("app::AimDrawing", "%1 here").arg(words::fixedNumber(points->second, 0)),
              words::nameOf(listener.seat), chosen ? tokens.goldText : tokens.ink);
    }
}

void AimPainter::label(const QPointF& at, const QString& large, const QString& small, const QColor& colour)
{
    const Tokens& tokens = m_theme.tokens();
    const double line = m_theme.px(16);
    double wide = 0.0;
    for (const auto& [text, font] : {std::pair{large, m_theme.strong()}, {small, m_theme.small()}})
        wide = std::max(wide, QFontMetricsF(font).horizontalAdvance(text));
    QRectF area(at.x() - 0.5 * wide - 3.0, at.y(), wide + 6.0, small.isEmpty() ? line : 2.0 * line - 2.0);
    // Never over the edge of what is shown.
    area.moveLeft(std::clamp(area.left(), m_view.area.left(), std::max(m_view.area.left(), m_view.area.right() - area.width())));
    QColor ground = tokens.paper;
    ground.setAlphaF(0.88F);
    m_painter.setPen(Qt::NoPen);
    m_painter.setBrush(ground);
    m_painter.drawRoundedRect(area, 3, 3);
    m_painter.setPen(colour);
    m_painter.setFont(m_theme.strong());
    m_painter.drawText(QRectF(area.left(), area.top(), area.width(), line), Qt::AlignCenter, large);
    m_painter.setPen(tokens.ink);
    m_painter.setFont(m_theme.small());
    if (!small.isEmpty())
        m_painter.drawText(QRectF(area.left(), area.top() + line - 2.0, area.width(), line), Qt::AlignCenter, small);
}

void AimPainter::way(const core::Vec3& from, const core::Vec3& to, const QPen& pen)
{
    m_painter.setPen(pen);
    m_painter.drawLine(m_view.at(from), m_view.at(to));
}

void AimPainter::mirror(const core::DriverAim& aim, const core::Reflection& one, bool strongest)
{
    const Tokens& tokens = m_theme.tokens();
    const core::Vec3 head = m_scene.snapshot->plan.listeners.at(m_scene.listener).head_m;
    const QPen dashed(tokens.clay, strongest ? 1.5 : 0.8, Qt::DashLine);
    way(aim.frame.at_m, one.at_m, dashed);
    way(one.at_m, head, dashed);
    const QPointF at = m_view.at(one.at_m);
    const double half = m_theme.px(strongest ? 9 : 5);
    m_painter.setPen(QPen(tokens.clay, strongest ? 3 : 1.5));
    m_painter.drawLine(at - QPointF(0.0, half), at + QPointF(0.0, half));
}

// The strongest mirrors: their ways dashed, where they leave the surface; what the first takes as the figure, the rest
// in a line.
void AimPainter::reflections(const core::DriverAim& aim)
{
    constexpr size_t kMost = 3;
    const core::SeatAim* seat = m_scene.heard(aim);
    if (!seat) return;
    QStringList more;
    for (size_t i = 0; i < seat->reflections.size() && i < kMost; ++i) {
        const core::Reflection& one = seat->reflections[i];
        if (!(one.notch_db > 0.0)) continue;
        mirror(aim, one, i == 0);
        if (i > 0) more << words::shortMirror(one);
    }
    if (seat->reflections.empty() || !(seat->reflections.front().notch_db > 0.0) ||
        m_view.side != VehicleView::Side::Above)
        return;
    // At the foot of the view, on the side where the listener is not.
    const core::Reflection& first = seat->reflections.front();
    const bool left = m_view.at(m_scene.snapshot->plan.listeners.at(m_scene.listener).head_m).x() > m_view.area.center().x();
    const double aside = m_theme.px(100), foot = m_view.area.bottom();
    label(QPointF(left ? m_view.area.left() + aside : m_view.area.right() - aside, foot - m_theme.px(more.isEmpty() ? 36 : 52)),
          words::notchText(first), words::mirrorText(first), m_theme.tokens().clay);
    if (more.isEmpty()) return;
    m_painter.setFont(m_theme.small());
    const QRectF line(left ? m_view.area.left() + 4 : m_view.area.center().x(), foot - m_theme.px(20),
                      0.5 * m_view.area.width() - 4, m_theme.px(18));
    const QString text = m_painter.fontMetrics().elidedText(more.join(QStringLiteral("; ")), Qt::ElideRight,
                                                            static_cast<int>(line.width()));
    onGround(line, left ? Qt::AlignLeft : Qt::AlignRight, text, m_theme.tokens().ink2);
}

void AimPainter::ways()
{
    const Tokens& tokens = m_theme.tokens();
    const auto listener = m_scene.snapshot->plan.listeners.find(m_scene.listener);
    if (!m_scene.own || listener == m_scene.snapshot->plan.listeners.end()) return;
    for (const auto* aim : {&m_scene.other, &m_scene.own}) {
        if (!*aim || !m_scene.heard(**aim) || (m_view.side != VehicleView::Side::Above && aim == &m_scene.other)) continue;
        const bool own = aim == &m_scene.own;
        for (const core::Vec3& ear : core::earsOf(listener->second))
            way((*aim)->frame.at_m, ear, QPen(own ? tokens.goldText : tokens.ink2, own ? 1.6 : 1.0));
    }
    reflections(*m_scene.own);
    const core::SeatAim* own = m_scene.heard(*m_scene.own);
    if (own && !own->obstacles.empty() && own->obstacles.front().loss_db >= 1.0) {
        const QPointF at = m_view.at(own->obstacles.front().at_m);
        m_painter.setPen(QPen(tokens.clay, 2));
        m_painter.setBrush(Qt::NoBrush);
        m_painter.drawEllipse(at, m_theme.px(8), m_theme.px(8));
        if (m_view.side != VehicleView::Side::Above)
            label(at + QPointF(0.0, m_theme.px(10)), words::obstacleText(own->obstacles.front()), {}, tokens.clay);
    }
}

void AimPainter::drivers(bool focused, bool held)
{
    const Tokens& tokens = m_theme.tokens();
    for (const AimDriver& one : m_scene.drivers) {
        if (!shows(one.frame.at_m)) continue;
        const bool chosen = one.device == m_scene.held;
        const QPointF at = m_view.at(one.frame.at_m);
        const double radius = std::max<double>(m_theme.px(5), one.radius_m * m_view.scale);
        m_painter.setPen(QPen(chosen ? tokens.goldText : tokens.ink, 1.6));
        m_painter.setBrush(chosen ? tokens.goldTint : tokens.raised);
        m_painter.drawEllipse(at, radius, radius);
        m_painter.setBrush(chosen ? tokens.goldText : tokens.ink);
        m_painter.drawEllipse(at, 0.35 * radius, 0.35 * radius);
        if (!chosen) continue;
        m_painter.setBrush(Qt::NoBrush);
        m_painter.setPen(QPen(tokens.goldText, held ? 2.5 : 1.5, held ? Qt::SolidLine : Qt::DashLine));
        m_painter.drawEllipse(at, radius + m_theme.px(7), radius + m_theme.px(7));
        if (focused) {
            m_painter.setPen(QPen(tokens.goldText, 1.5));
            m_painter.drawEllipse(at, radius + m_theme.px(11), radius + m_theme.px(11));
        }
        const QPointF head = m_view.at(one.frame.at_m + kAxis_m * one.frame.facing), way = head - at;
        const double length = std::hypot(way.x(), way.y());
        m_painter.setPen(QPen(tokens.goldText, 3));
        m_painter.drawLine(at, head);
        if (length < 1.0) continue;
        const QPointF ahead = way / length, aside(-ahead.y(), ahead.x());
        const double tip = m_theme.px(11);
        m_painter.setPen(Qt::NoPen);
        m_painter.setBrush(tokens.goldText);
        m_painter.drawPolygon(QPolygonF({head + tip * ahead, head + 0.5 * tip * aside, head - 0.5 * tip * aside}));
        if (m_view.side != VehicleView::Side::Above)
            label(head + QPointF(0.0, -m_theme.px(44)), words::inText(core::aimOf(one.frame)),
                  words::upText(core::aimOf(one.frame)), tokens.goldText);
    }
}

// Tie the ranked habits to their spots.
void AimPainter::numbers()
{
    const Tokens& tokens = m_theme.tokens();
    std::map<std::pair<int, int>, QStringList> at;  // several ways to look from one spot
    int rank = 0;
    for (const core::Habit& habit : m_scene.habits) {
        if (habit.closed || ++rank > m_scene.ranked) break;
        if (!habit.surface || !shows(habit.spot.frame.at_m)) continue;
        const QPoint point = m_view.at(habit.spot.frame.at_m).toPoint();
        at[{point.x(), point.y()}] << QString::number(rank);
    }
    m_painter.setFont(m_theme.small());
    for (const auto& [point, ranks] : at) {
        const QString text = ranks.join(QLatin1Char(' '));
        const double high = m_theme.px(17), wide = std::max(high, m_painter.fontMetrics().horizontalAdvance(text) + 8.0);
        const QRectF mark(point.first - m_theme.px(10) - wide, point.second - m_theme.px(20), wide, high);
        m_painter.setPen(QPen(tokens.ink2, 1.2));
        m_painter.setBrush(tokens.raised);
        m_painter.drawRoundedRect(mark, 0.5 * high, 0.5 * high);
        m_painter.setPen(tokens.ink);
        m_painter.drawText(mark, Qt::AlignCenter, text);
    }
}

// Last, so that nothing lies on them.
void AimPainter::distances()
{
    const Tokens& tokens = m_theme.tokens();
    const auto listener = m_scene.snapshot->plan.listeners.find(m_scene.listener);
    if (!m_scene.own || listener == m_scene.snapshot->plan.listeners.end()) return;
    const core::Vec3 head = listener->second.head_m;
    const core::SeatAim* own = m_scene.heard(*m_scene.own);
    const core::SeatAim* other = m_scene.other ? m_scene.heard(*m_scene.other) : nullptr;
    if (m_view.side != VehicleView::Side::Above) return;
    const auto middle = [&](const core::DriverAim& aim, double share) {
        return m_view.at(aim.frame.at_m + share * (head - aim.frame.at_m));
    };
    if (own) label(middle(*m_scene.own, 0.62), words::wayText(own->distance_m), {}, tokens.goldText);
    if (own && other)
        label(middle(*m_scene.other, 0.45), words::wayText(other->distance_m),
              words::laterText(other->distance_m - own->distance_m), tokens.ink);
}

// The vehicle goes on under it.
void AimPainter::onGround(const QRectF& room, Qt::Alignment where, const QString& text, const QColor& colour)
{
    QColor ground = m_theme.tokens().paper;
    ground.setAlphaF(0.9F);
    m_painter.fillRect(m_painter.boundingRect(room, static_cast<int>(where | Qt::AlignTop), text).adjusted(-4, 0, 4, 0), ground);
    m_painter.setPen(colour);
    m_painter.drawText(room, static_cast<int>(where | Qt::AlignTop), text);
}

void AimPainter::title()
{
    m_painter.setFont(m_theme.small());
    m_painter.setPen(m_theme.tokens().ink2);
    const QRectF head = m_view.area.adjusted(6, 2, -6, 0);
    switch (m_view.side) {
        case VehicleView::Side::Above:
            onGround(head, Qt::AlignHCenter,
                     QCoreApplication::translate("app::AimDrawing", "from above, nose up; bigger dot, better pair"),
                     m_theme.tokens().ink2);
            m_painter.setFont(m_theme.title());
            m_painter.setPen(m_theme.tokens().ink);
            m_painter.drawText(head, Qt::AlignLeft | Qt::AlignTop, Drawing::tr("L"));
            m_painter.drawText(head, Qt::AlignRight | Qt::AlignTop, Drawing::tr("R"));
            break;
        case VehicleView::Side::Left:
            m_painter.drawText(head, Qt::AlignLeft | Qt::AlignTop, Drawing::tr("L  left side, nose left"));
            break;
        case VehicleView::Side::Right:
            m_painter.drawText(head, Qt::AlignRight | Qt::AlignTop, Drawing::tr("right side, nose right  R"));
            break;
    }
}

}  // namespace app
