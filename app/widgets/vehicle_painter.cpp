#include "app/widgets/vehicle_painter.h"

#include <QCoreApplication>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"

namespace app {
namespace {

constexpr double kTwoAbreast_m = 0.6;   // half the width from which seats lie side by side
constexpr double kRoomForWords = 85.0;  // pixels a metre
constexpr double kPlaceRadius = 12.0, kFlankRadius = 8.0;

// A polygon with its corners rounded off.
QPainterPath rounded(const QPolygonF& corners, bool closed, double radius)
{
    QPainterPath path;
    const int count = static_cast<int>(corners.size());
    if (count < 2) return path;
    const auto corner = [&](int i) { return corners[(i + count) % count]; };
    const auto towards = [&](const QPointF& from, const QPointF& to) {
        const QPointF way = to - from;
        const double length = std::hypot(way.x(), way.y());
        return length > 0.0 ? from + way * std::min(0.5, radius / length) : from;
    };
    const int first = closed ? 0 : 1, last = closed ? count : count - 1;
    path.moveTo(closed ? towards(corner(0), corner(-1)) : corner(0));
    for (int i = first; i < last; ++i) {
        path.lineTo(towards(corner(i), corner(i - 1)));
        path.quadTo(corner(i), towards(corner(i), corner(i + 1)));
    }
    if (closed)
        path.closeSubpath();
    else
        path.lineTo(corner(count - 1));
    return path;
}

}  // namespace

void VehiclePainter::title()
{
    const Tokens& tokens = m_theme.tokens();
    m_painter.setFont(m_theme.small());
    m_painter.setPen(tokens.ink2);
    const QRectF head(m_view.area.left() + 2, m_view.area.top(), m_view.area.width() - 4, m_theme.px(18));
    switch (m_view.side) {
        case VehicleView::Side::Above:
            m_painter.drawText(head, Qt::AlignLeft, drawingText("from above, nose up"));
            break;
        case VehicleView::Side::Left:
            m_painter.drawText(head, Qt::AlignLeft, drawingText("L  left side, nose left"));
            break;
        case VehicleView::Side::Right:
            m_painter.drawText(head, Qt::AlignRight, drawingText("right side, nose right  R"));
            break;
    }
}

void VehiclePainter::line(const core::ShapeLine& line)
{
    const Tokens& tokens = m_theme.tokens();
    QPolygonF corners;
    for (const core::Vec3& point : line.points) corners << m_view.at(point);
    switch (line.kind) {
        case core::ShapeKind::Body:
        case core::ShapeKind::Bag:
            m_painter.setPen(QPen(tokens.ink, 1.6));
            m_painter.setBrush(tokens.raised);
            break;
        case core::ShapeKind::Glass:
            m_painter.setPen(QPen(tokens.ink2, 1));
            m_painter.setBrush(tokens.glass);
            break;
        case core::ShapeKind::Seam:
            m_painter.setPen(QPen(tokens.ink2, 1));
            m_painter.setBrush(Qt::NoBrush);
            break;
        case core::ShapeKind::Wheel:
            m_painter.setPen(QPen(tokens.ink, 1.4));
            m_painter.setBrush(tokens.paper);
            break;
        case core::ShapeKind::Seat:
            m_painter.setPen(QPen(tokens.rule, 1.2));
            m_painter.setBrush(tokens.paper);
            break;
    }
    m_painter.drawPath(rounded(corners, line.closed, line.round_m * m_view.scale));
}

void VehiclePainter::body(const core::BodyShape& shape)
{
    const auto& lines = m_view.side == VehicleView::Side::Above ? shape.above : shape.flank;
    // Wheels that stand out are under the body from above and before it from the side.
    const bool above = m_view.side == VehicleView::Side::Above;
    for (const bool wheels : {true, false})
        for (const core::ShapeLine& one : lines)
            if ((one.kind == core::ShapeKind::Wheel) == (wheels == above)) line(one);
    if (!above) return;
    m_painter.setFont(m_theme.strong());
    m_painter.setPen(m_theme.tokens().ink);
    double nose = -1e9, half = 0.0;
    for (const core::ShapeLine& one : lines)
        for (const core::Vec3& point : one.points) {
            nose = std::max(nose, point.x);
            half = std::max(half, point.y);
        }
    const double y = m_view.at({nose - 0.25, 0.0, 0.0}).y();
    const QPointF left = m_view.at({0.0, half, 0.0}), right = m_view.at({0.0, -half, 0.0});
    m_painter.drawText(QRectF(left.x() - 30, y - 12, 24, 24), Qt::AlignRight | Qt::AlignVCenter, drawingText("L"));
    m_painter.drawText(QRectF(right.x() + 6, y - 12, 24, 24), Qt::AlignLeft | Qt::AlignVCenter, drawingText("R"));
}

void VehiclePainter::runs(const core::StageResult& stage, const std::vector<DrawnThing>& things,
                          const DrawingFocus& focus)
{
    const Tokens& tokens = m_theme.tokens();
    m_painter.setBrush(Qt::NoBrush);
    for (const core::RunResult& run : stage.runs) {
        const auto thing = [&](DrawnThing::Kind kind, int number) {
            return std::find_if(things.begin(), things.end(), [&](const DrawnThing& t) { return t.is(kind, number); });
        };
        const core::PlaceId at = stage.used.devices.at(run.run.id.coil.device).at;
        const auto end = thing(DrawnThing::Kind::Place, at.number);
        const auto start = thing(DrawnThing::Kind::Source, run.run.id.channel.device.number);
        if (end == things.end() || start == things.end()) continue;
        // Along the sill, as a fitter lays it.
        const QPointF from = m_view.at(start->at_m), to = m_view.at(end->at_m);
        const double side = to.x() < from.x() ? -1.0 : 1.0;
        const double sill = std::abs(to.x() - from.x()) < 12.0
                                ? to.x()
                                : from.x() + side * std::max(12.0, std::abs(to.x() - from.x()) - 14.0);
        const double bend = std::copysign(std::min(24.0, 0.5 * std::abs(to.y() - from.y())), to.y() - from.y());
        QPainterPath path(from);
        path.quadTo(QPointF(sill, from.y()), QPointF(sill, from.y() + bend));
        path.lineTo(QPointF(sill, to.y() - bend));
        path.quadTo(QPointF(sill, to.y()), to);
        const bool chosen = at == focus.place || run.run.id.channel.device == focus.source;
        m_painter.setPen(QPen(chosen ? tokens.goldText : tokens.ink2, chosen ? 2.2 : 1.1));
        m_painter.drawPath(path);
    }
}

void VehiclePainter::beside(const DrawnThing& thing, const QString& words, bool strong)
{
    if (words.isEmpty() || m_view.side != VehicleView::Side::Above) return;
    const QFontMetricsF metrics(strong ? m_theme.strong() : m_theme.small());
    const double height = 2.0 + metrics.lineSpacing() * (1.0 + static_cast<double>(words.count(QLatin1Char('\n'))));
    const QPointF centre = m_view.at(thing.at_m);
    m_labels.push_back({centre, words, strong, thing.at_m.y > 0.0, centre.y() - 0.5 * height, height});
}

// What would lie on the label above it moves down, with a line to its thing.
void VehiclePainter::labels()
{
    const Tokens& tokens = m_theme.tokens();
    const double radius = radiusOf(), wide = m_theme.px(100);
    std::stable_sort(m_labels.begin(), m_labels.end(), [](const Label& a, const Label& b) { return a.top < b.top; });
    for (const bool left : {true, false}) {
        double bottom = -1e9;
        for (Label& label : m_labels) {
            if (label.left != left) continue;
            label.top = std::max(label.top, bottom + 1.0);
            bottom = label.top + label.height;
            const double out = left ? -1.0 : 1.0;
            const double side = m_view.at({0.0, -out * m_half_m, 0.0}).x();  // figures stand beside the vehicle
            const double edge = out * std::max(out * label.of.x() + radius, out * side) + out * 5.0;
            const QRectF area(left ? edge - wide : edge, label.top, wide, label.height);
            const double moved = area.center().y() - label.of.y();
            if (std::abs(moved) > 6.0 || std::abs(edge - label.of.x()) > radius + 12.0) {
                m_painter.setPen(QPen(tokens.rule, 1));
                m_painter.drawLine(label.of + QPointF(out * radius, 0.0), {edge, area.center().y()});
            }
            m_painter.setFont(label.strong ? m_theme.strong() : m_theme.small());
            m_painter.setPen(label.strong ? tokens.goldText : tokens.ink);
            m_painter.drawText(area, (left ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter, label.text);
        }
    }
    m_labels.clear();
}

template <class Paint>
void VehiclePainter::stamp(QPixmap& mark, const QPointF& centre, double radius, Paint paint)
{
    const double half = std::ceil(radius + 2.0), ratio = m_painter.device()->devicePixelRatioF();
    if (mark.isNull()) {
        mark = QPixmap((QSizeF(2.0 * half, 2.0 * half) * ratio).toSize());
        mark.setDevicePixelRatio(ratio);
        mark.fill(Qt::transparent);
        QPainter once(&mark);
        once.setRenderHint(QPainter::Antialiasing);
        paint(once, QPointF(half, half));
    }
    m_painter.drawPixmap(centre - QPointF(half, half), mark);
}

// Speakers in their size, within what can be seen and what covers nothing else.
double VehiclePainter::radiusOf() const
{
    constexpr double kSpeaker_m = 0.15;
    const double most = m_view.side == VehicleView::Side::Above ? kPlaceRadius : kFlankRadius;
    return std::clamp<double>(kSpeaker_m * m_view.scale, m_theme.px(5), m_theme.px(most));
}

void VehiclePainter::place(const DrawnThing& thing, bool chosen)
{
    const Tokens& tokens = m_theme.tokens();
    const QPointF centre = m_view.at(thing.at_m);
    const double radius = radiusOf();
    const auto paint = [&](QPainter& painter, const QPointF& at) {
        painter.setPen(QPen(chosen ? tokens.goldText : tokens.ink, chosen ? 2.4 : 1.6));
        painter.setBrush(chosen ? tokens.goldTint : tokens.raised);
        painter.drawEllipse(at, radius, radius);
        painter.setBrush(tokens.ink);
        painter.drawEllipse(at, radius / 3.0, radius / 3.0);
    };
    if (chosen)
        paint(m_painter, centre);
    else
        stamp(m_placeMark, centre, radius, paint);
}

void VehiclePainter::seat(const DrawnThing& thing, bool listening)
{
    const Tokens& tokens = m_theme.tokens();
    const QPointF head = m_view.at(thing.at_m);
    const double s = m_view.scale;
    if (m_view.side == VehicleView::Side::Above && listening) {
        m_painter.setPen(QPen(tokens.goldText, 1.6));
        m_painter.setBrush(tokens.goldTint);
        const double half = std::min(0.24, 0.3 * m_half_m) * s;  // a saddle is narrower than a seat
        m_painter.drawRoundedRect(QRectF(head.x() - half, head.y() - 0.25 * s, 2.0 * half, 0.55 * s), 6, 6);
    }
    m_painter.setPen(QPen(listening ? tokens.goldText : tokens.ink2, listening ? 1.6 : 1.0));
    m_painter.setBrush(tokens.raised);
    m_painter.drawEllipse(head, 0.1 * s, 0.1 * s);
    if (m_view.side != VehicleView::Side::Above) return;
    m_painter.setPen(QPen(tokens.ink2, 1));
    m_painter.setBrush(tokens.ink);
    for (const double side : {-0.0875, 0.0875}) m_painter.drawEllipse(head + QPointF(side * s, 0), 1.8, 1.8);
    if (!listening || s < m_theme.px(kRoomForWords) || m_half_m < kTwoAbreast_m) return;
    m_painter.setFont(m_theme.small());
    m_painter.setPen(tokens.goldText);
    m_painter.drawText(QRectF(head.x() - 50, head.y() + 0.3 * s, 100, m_theme.px(18)), Qt::AlignCenter,
                       drawingText("listening"));
}

void VehiclePainter::source(const DrawnThing& thing, bool chosen)
{
    const Tokens& tokens = m_theme.tokens();
    const QPointF centre = m_view.at(thing.at_m);
    m_painter.setFont(m_theme.small());
    const double named =
        std::max<double>(m_theme.px(52), m_painter.fontMetrics().horizontalAdvance(thing.figure) + m_theme.px(10));
    // Named where the name does not cover the vehicle.
    const bool above = m_view.side == VehicleView::Side::Above && named < 1.5 * m_half_m * m_view.scale;
    const double wide = above ? named : m_theme.px(14);
    const QRectF box(centre.x() - 0.5 * wide, centre.y() - m_theme.px(above ? 11 : 6), wide,
                     m_theme.px(above ? 22 : 12));
    m_painter.setPen(QPen(chosen ? tokens.goldText : tokens.ink, chosen ? 2.2 : 1.4));
    m_painter.setBrush(chosen ? tokens.goldTint : tokens.raised);
    m_painter.drawRoundedRect(box, 3, 3);
    m_painter.setPen(tokens.ink);
    if (above) m_painter.drawText(box, Qt::AlignCenter, thing.figure);
}

void VehiclePainter::spot(const DrawnThing& thing, bool current)
{
    const Tokens& tokens = m_theme.tokens();
    const QPointF centre = m_view.at(thing.at_m);
    const double radius = 0.75 * radiusOf();
    const auto paint = [&](QPainter& painter, const QPointF& at) {
        QPen dashed(current ? tokens.goldText : tokens.ink2, current ? 2.0 : 1.2);
        dashed.setDashPattern({2.5, 2.0});
        painter.setPen(dashed);
        painter.setBrush(tokens.paper);
        painter.drawEllipse(at, radius, radius);
        painter.setPen(QPen(current ? tokens.goldText : tokens.ink2, 1.4));
        painter.drawLine(at - QPointF(0.45 * radius, 0), at + QPointF(0.45 * radius, 0));
        painter.drawLine(at - QPointF(0, 0.45 * radius), at + QPointF(0, 0.45 * radius));
    };
    if (current)
        paint(m_painter, centre);
    else
        stamp(m_spotMark, centre, radius, paint);
}

void VehiclePainter::fresh(const DrawnThing& thing)
{
    const QPointF centre = m_view.at(thing.at_m);
    const double arm = m_theme.px(12);
    m_painter.setPen(QPen(m_theme.tokens().goldText, 2));
    m_painter.drawLine(centre - QPointF(arm, 0), centre + QPointF(arm, 0));
    m_painter.drawLine(centre - QPointF(0, arm), centre + QPointF(0, arm));
}

void VehiclePainter::things(const std::vector<DrawnThing>& things, const DrawingFocus& focus, const DrawnThing* current,
                            bool held)
{
    // Seats lie under everything, what is picked on top.
    const auto layerOf = [&](const DrawnThing& thing) {
        if (thing.kind == DrawnThing::Kind::Seat) return 0;
        const bool chosen = thing.is(DrawnThing::Kind::Place, focus.place.number) ||
                            thing.is(DrawnThing::Kind::Source, focus.source.number) ||
                            (current && thing.is(current->kind, current->number));
        return chosen ? 2 : 1;
    };
    for (int layer = 0; layer <= 2; ++layer)
        for (const DrawnThing& thing : things) {
            if (layerOf(thing) != layer || !m_view.shows(thing.at_m.y)) continue;
            const bool chosen = thing.is(DrawnThing::Kind::Place, focus.place.number) ||
                                thing.is(DrawnThing::Kind::Source, focus.source.number);
            const bool keyed = current && thing.is(current->kind, current->number);
            switch (thing.kind) {
                case DrawnThing::Kind::Place:
                    place(thing, chosen);
                    beside(thing, chosen ? thing.name + QLatin1Char('\n') + thing.figure : thing.figure, chosen);
                    break;
                case DrawnThing::Kind::Seat:
                    seat(thing, thing.number == focus.listener.number);
                    break;
                case DrawnThing::Kind::Source:
                    source(thing, chosen);
                    break;
                case DrawnThing::Kind::Spot:
                    spot(thing, keyed);
                    beside(thing, keyed ? thing.name : thing.figure, keyed);
                    break;
                case DrawnThing::Kind::New:
                    fresh(thing);
                    beside(thing, thing.name, true);
                    break;
            }
            if (!keyed) continue;
            const double radius = m_theme.px(held ? 19 : 16);
            m_painter.setBrush(Qt::NoBrush);
            m_painter.setPen(QPen(m_theme.tokens().goldText, held ? 2.5 : 1.5, held ? Qt::SolidLine : Qt::DotLine));
            m_painter.drawEllipse(m_view.at(thing.at_m), radius, radius);
        }
    labels();
}

}  // namespace app
