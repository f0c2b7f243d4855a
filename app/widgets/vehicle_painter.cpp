#include "app/widgets/vehicle_painter.h"

#include <QCoreApplication>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"

namespace app {
namespace {

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

double placeRadius(const Theme& theme, const VehicleView& view)
{
    constexpr double kSpeaker_m = 0.15;
    const double most = view.side == VehicleView::Side::Above ? kPlaceRadius : kFlankRadius;
    return std::clamp<double>(kSpeaker_m * view.scale, theme.px(5), theme.px(most));
}

bool isCrowded(const DrawnThing& thing, const std::vector<DrawnThing>& things, const VehicleView& view, double radius)
{
    return thing.kind == DrawnThing::Kind::Spot &&
           std::any_of(things.begin(), things.end(), [&](const DrawnThing& other) {
               const QPointF way = view.at(other.at_m) - view.at(thing.at_m);
               return other.kind == DrawnThing::Kind::Place && std::hypot(way.x(), way.y()) < 1.5 * radius;
           });
}

void VehiclePainter::title(const DrawingFocus& focus)
{
    const Tokens& tokens = m_theme.tokens();
    m_painter.setFont(m_theme.small());
    m_painter.setPen(tokens.ink2);
    const QRectF head(m_view.area.left() + 2, m_view.area.top(), m_view.area.width() - 4, m_theme.px(18));
    switch (m_view.side) {
        case VehicleView::Side::Above:
            m_painter.drawText(
                head, Qt::AlignLeft,
                focus.survey ? Drawing::tr("what hangs on what, from above") : Drawing::tr("from above, nose up"));
            break;
        case VehicleView::Side::Left:
            m_painter.drawText(head, Qt::AlignLeft, Drawing::tr("L  left side, nose left"));
            break;
        case VehicleView::Side::Right:
            m_painter.drawText(head, Qt::AlignRight, Drawing::tr("right side, nose right  R"));
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
}

void VehiclePainter::sides()
{
    if (m_view.side != VehicleView::Side::Above) return;
    m_painter.setFont(m_theme.title());
    m_painter.setPen(m_theme.tokens().ink);
    const double y = m_view.area.top() + m_theme.px(22), wide = m_theme.px(24);
    const QPointF left = m_view.at({0.0, m_half_m, 0.0}), right = m_view.at({0.0, -m_half_m, 0.0});
    const double gap = m_theme.px(16);
    const QRectF atLeft(left.x() - gap - wide, y, wide, wide), atRight(right.x() + gap, y, wide, wide);
    if (m_view.area.contains(atLeft)) m_painter.drawText(atLeft, Qt::AlignRight | Qt::AlignVCenter, Drawing::tr("L"));
    if (m_view.area.contains(atRight)) m_painter.drawText(atRight, Qt::AlignLeft | Qt::AlignVCenter, Drawing::tr("R"));
}

void VehiclePainter::smallPlan(const core::BodyShape& shape, const std::vector<DrawnThing>& things,
                               const DrawingFocus& focus, const VehicleView& large)
{
    const Tokens& tokens = m_theme.tokens();
    m_painter.setPen(QPen(tokens.rule, 1));
    m_painter.setBrush(tokens.raised);
    m_painter.drawRoundedRect(m_view.area.adjusted(0.5, 0.5, -0.5, -0.5), 4, 4);
    for (const core::ShapeLine& one : shape.above)
        if (one.kind == core::ShapeKind::Body || one.kind == core::ShapeKind::Glass) line(one);
    const double radius = m_theme.px(3);
    for (const DrawnThing& thing : things) {
        if (thing.kind != DrawnThing::Kind::Place) continue;
        const bool chosen = thing.number == focus.place.number;
        m_painter.setPen(QPen(chosen ? tokens.goldText : tokens.ink, 1.2));
        m_painter.setBrush(chosen ? tokens.gold : tokens.raised);
        m_painter.drawEllipse(m_view.at(thing.at_m), chosen ? 1.4 * radius : radius, chosen ? 1.4 * radius : radius);
    }
    const QRectF window(m_view.at(large.put(large.area.topLeft(), {})),
                        m_view.at(large.put(large.area.bottomRight(), {})));
    m_painter.setPen(QPen(tokens.goldText, 2));
    m_painter.setBrush(Qt::NoBrush);
    m_painter.drawRect(window.intersected(m_view.area.adjusted(2, 2, -2, -2)));
}

QRectF VehiclePainter::strip(const SideLabel& label) const
{
    const double out = label.left ? -1.0 : 1.0;
    const double side = m_view.at({0.0, -out * m_half_m, 0.0}).x();
    const double edge = out * std::max(out * label.of.x() + radiusOf(), out * side) + out * m_theme.px(14);
    const double far = label.left ? m_view.area.left() + 2.0 : m_view.area.right() - 2.0;
    return {std::min(edge, far), label.top, std::max(0.0, out * (far - edge)), label.height};
}

QFont VehiclePainter::labelFont(bool bold) const
{
    QFont font = m_theme.small();
    font.setBold(bold);
    return font;
}

void VehiclePainter::beside(const DrawnThing& thing, const QString& name, const QString& figures, bool strong)
{
    if (name.isEmpty() || m_view.side != VehicleView::Side::Above) return;
    SideLabel label{.of = m_view.at(thing.at_m),
                    .name = name,
                    .figures = figures,
                    .strong = strong,
                    .planned = thing.planned,
                    .left = thing.at_m.y > 0.0};
    const QRectF room(0.0, 0.0, strip(label).width(), m_view.area.height());
    if (!m_view.area.contains(label.of) || room.width() < m_theme.px(44)) return;  // that side is not looked at
    for (const bool bold : {true, false}) {
        const QString& text = bold ? name : figures;
        if (text.isEmpty()) continue;
        const QFontMetricsF metrics(labelFont(bold));
        // Most are a short line, which need not be measured in each frame of a drag.
        const bool isShort = !text.contains(QLatin1Char('\n')) &&
                             1.3 * static_cast<double>(text.size()) * metrics.averageCharWidth() < room.width();
        label.height += isShort ? metrics.height() : metrics.boundingRect(room, Qt::TextWordWrap, text).height();
        if (!isShort) label.wraps = true;
    }
    label.height += 3.0;
    m_labels.push_back(std::move(label));
}

// In the free strip beside the flank, each with a line to its thing.
void VehiclePainter::labels()
{
    const Tokens& tokens = m_theme.tokens();
    const double radius = radiusOf();
    layOutLabels(m_labels, m_view.area.top() + m_theme.px(46), m_view.area.bottom() - 2.0);
    const QFont bold = labelFont(true);
    for (const SideLabel& label : m_labels) {
        if (!label.shown) continue;
        const double out = label.left ? -1.0 : 1.0;
        const QRectF area = strip(label);
        const double edge = label.left ? area.right() : area.left();
        const double middle = label.top + 0.5 * QFontMetricsF(bold).lineSpacing();
        const QColor strong = label.strong || label.planned ? tokens.goldText : tokens.ink;
        m_painter.setPen(QPen(label.strong || label.planned ? tokens.goldText : tokens.ink2, 0.8));
        m_painter.drawPolyline(
            QPolygonF({label.of + QPointF(out * radius, 0.0), QPointF(edge - out * m_theme.px(10), label.of.y()),
                       QPointF(edge - out * 3.0, middle)}));
        const int aligned = (label.left ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignTop |
                            (label.wraps ? Qt::TextWordWrap : Qt::TextSingleLine);
        QRectF used;
        m_painter.setFont(bold);
        m_painter.setPen(strong);
        m_painter.drawText(area, aligned, label.name, &used);
        m_painter.setFont(m_theme.small());
        m_painter.setPen(tokens.ink);
        if (!label.figures.isEmpty())
            m_painter.drawText(area.adjusted(0.0, used.height(), 0.0, 0.0), aligned, label.figures);
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

void VehiclePainter::place(const DrawnThing& thing, bool chosen)
{
    const Tokens& tokens = m_theme.tokens();
    const QPointF centre = m_view.at(thing.at_m);
    const double radius = radiusOf();
    const auto paint = [&](QPainter& painter, const QPointF& at) {
        painter.setPen(QPen(chosen || thing.planned ? tokens.goldText : tokens.ink, chosen ? 2.4 : 1.6,
                            thing.planned ? Qt::DashLine : Qt::SolidLine));
        painter.setBrush(chosen || thing.planned ? tokens.goldTint : tokens.raised);
        painter.drawEllipse(at, radius, radius);
        painter.setBrush(tokens.ink);
        painter.drawEllipse(at, radius / 3.0, radius / 3.0);
    };
    if (chosen || thing.planned)
        paint(m_painter, centre);
    else
        stamp(m_placeMark, centre, radius, paint);
}

void VehiclePainter::seat(const DrawnThing& thing, bool listening)
{
    const Tokens& tokens = m_theme.tokens();
    const QPointF head = m_view.at(thing.at_m);
    const double s = m_view.scale;
    m_painter.setPen(QPen(listening ? tokens.goldText : tokens.ink2, listening ? 1.6 : 1.0));
    m_painter.setBrush(tokens.raised);
    m_painter.drawEllipse(head, 0.1 * s, 0.1 * s);
    if (m_view.side != VehicleView::Side::Above || !listening) return;
    m_painter.setPen(Qt::NoPen);
    m_painter.setBrush(tokens.ink);
    const double ear = std::max(1.8, 0.02 * s);
    for (const double side : {-0.1, 0.1}) m_painter.drawEllipse(head + QPointF(side * s, 0), ear, ear);
}

void VehiclePainter::source(const DrawnThing& thing, bool chosen)
{
    const Tokens& tokens = m_theme.tokens();
    const QPointF centre = m_view.at(thing.at_m);
    m_painter.setFont(m_theme.small());
    const QString text = thing.unfound ? Drawing::tr("?") : thing.name;
    const double named =
        std::max<double>(m_theme.px(44), m_painter.fontMetrics().horizontalAdvance(text) + m_theme.px(16));
    // Named where the name does not cover the vehicle.
    const bool inside = m_view.side == VehicleView::Side::Above && named < m_half_m * m_view.scale;
    const double wide = inside ? named : m_theme.px(24);
    const bool above = m_view.side == VehicleView::Side::Above;
    const QRectF box(centre.x() - 0.5 * wide, centre.y() - m_theme.px(above ? 14 : 6), wide,
                     m_theme.px(above ? 28 : 12));
    const bool gold = chosen || thing.planned;
    m_painter.setPen(QPen(gold ? tokens.goldText : tokens.ink, chosen ? 2.2 : 1.4,
                          thing.planned || thing.unfound ? Qt::DashLine : Qt::SolidLine));
    m_painter.setBrush(gold ? tokens.goldTint : tokens.raised);
    m_painter.drawRoundedRect(box, 4, 4);
    m_painter.setPen(tokens.ink);
    if (inside) m_painter.drawText(box, Qt::AlignCenter, text);
    if (!inside || thing.unfound)
        beside(thing, thing.name, thing.unfound ? Drawing::tr("not found yet") : QString(), chosen);
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

void VehiclePainter::seats(const std::vector<DrawnThing>& things, const DrawingFocus& focus)
{
    if (m_view.side != VehicleView::Side::Above) return;
    for (const DrawnThing& thing : things) {
        if (thing.kind != DrawnThing::Kind::Seat || thing.number != focus.listener.number) continue;
        const QPointF head = m_view.at(thing.at_m);
        const double s = m_view.scale;
        m_painter.setPen(QPen(m_theme.tokens().goldText, 1.6));
        m_painter.setBrush(m_theme.tokens().goldTint);
        const double half = std::min(0.24, 0.3 * m_half_m) * s;  // a saddle is narrower than a seat
        m_painter.drawRoundedRect(QRectF(head.x() - half, head.y() - 0.25 * s, 2.0 * half, 0.55 * s), 6, 6);
    }
}

void VehiclePainter::things(const std::vector<DrawnThing>& things, const DrawingFocus& focus, const DrawnThing* current,
                            bool held)
{
    // Heads lie under everything, what is picked on top.
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
                    beside(
                        thing, thing.planned ? Drawing::tr("planned: %1").arg(thing.tag) : thing.tag,
                        chosen && !thing.more.isEmpty() ? thing.figure + QLatin1Char('\n') + thing.more : thing.figure,
                        chosen);
                    break;
                case DrawnThing::Kind::Seat:
                    seat(thing, thing.number == focus.listener.number);
                    break;
                case DrawnThing::Kind::Source:
                    source(thing, chosen);
                    break;
                case DrawnThing::Kind::Spot:
                    if (!keyed && isCrowded(thing, things, m_view, radiusOf())) break;  // it waits until one is near
                    spot(thing, keyed);
                    beside(thing, keyed ? thing.name : thing.figure, {}, keyed);
                    break;
                case DrawnThing::Kind::New:
                    fresh(thing);
                    beside(thing, thing.name, {}, true);
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
