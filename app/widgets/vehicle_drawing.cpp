#include "app/widgets/vehicle_drawing.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <cmath>

#include "app/theme/theme.h"
#include "words/figures.h"
#include "words/name_words.h"

namespace app {
namespace {

constexpr double kPlaceRadius = 13.0;

}  // namespace

VehicleDrawing::VehicleDrawing(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("The vehicle from above, nose up"));
    connect(&theme, &Theme::changed, this, [this] { update(); });
}

QSize VehicleDrawing::sizeHint() const
{
    return {m_theme.px(270), m_theme.px(420)};
}

void VehicleDrawing::present(const Snapshot& snapshot, core::PlaceId chosen, core::ListenerId listener)
{
    m_snapshot = &snapshot;
    m_chosen = chosen;
    m_listener = listener;
    update();
}

double VehicleDrawing::scale() const
{
    const core::Body& body = m_snapshot->plan.body;
    const double tall = (height() - m_theme.px(34)) / std::max(1.0, body.length_m);
    const double wide = (width() - m_theme.px(112)) / std::max(0.5, body.width_m);
    return std::max(10.0, std::min(tall, wide));
}

QPointF VehicleDrawing::at(const core::Vec3& point) const
{
    const core::Body& body = m_snapshot->plan.body;
    const double s = scale();
    const double top = m_theme.px(22);  // of the nose
    return {width() / 2.0 - point.y * s, top + (body.frontAxle_m - point.x) * s};
}

QPointF VehicleDrawing::pointOf(core::PlaceId place) const
{
    return at(m_snapshot->plan.places.at(place).frame.at_m);
}

void VehicleDrawing::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    painter.setFont(m_theme.small());
    painter.setPen(tokens.ink2);
    painter.drawText(rect().adjusted(2, 0, 0, 0), Qt::AlignTop | Qt::AlignLeft, tr("from above, nose up"));
    if (!m_snapshot) return;
    drawBody(painter);
    drawSeats(painter);
    drawRuns(painter);
    drawPlaces(painter);
    if (hasFocus()) {
        painter.setPen(QPen(tokens.goldText, 1, Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void VehicleDrawing::drawBody(QPainter& painter) const
{
    const Tokens& tokens = m_theme.tokens();
    const core::Body& body = m_snapshot->plan.body;
    const double half = body.width_m / 2.0;
    const double nose = body.frontAxle_m;
    const double tail = nose - body.length_m;
    const auto p = [&](double x, double y) { return at({x, y, 0.0}); };
    QPainterPath outline(p(nose, 0.0));
    outline.cubicTo(p(nose, half * 0.7), p(nose - 0.25, half * 0.95), p(nose - 0.9, half));
    outline.lineTo(p(tail + 0.5, half));
    outline.cubicTo(p(tail + 0.05, half * 0.97), p(tail, half * 0.8), p(tail, 0.0));
    outline.cubicTo(p(tail, -half * 0.8), p(tail + 0.05, -half * 0.97), p(tail + 0.5, -half));
    outline.lineTo(p(nose - 0.9, -half));
    outline.cubicTo(p(nose - 0.25, -half * 0.95), p(nose, -half * 0.7), p(nose, 0.0));
    painter.setPen(QPen(tokens.ink, 1.6));
    painter.setBrush(tokens.raised);
    painter.drawPath(outline);
    const double screen = -0.45;  // foot of the windscreen, behind the front axle
    QPainterPath glass(p(screen, half * 0.85));
    glass.quadTo(p(screen + 0.3, 0.0), p(screen, -half * 0.85));
    glass.lineTo(p(screen - 0.5, -half * 0.7));
    glass.quadTo(p(screen - 0.3, 0.0), p(screen - 0.5, half * 0.7));
    glass.closeSubpath();
    painter.setPen(QPen(tokens.ink2, 1));
    painter.setBrush(tokens.glass);
    painter.drawPath(glass);
    painter.setFont(m_theme.strong());
    painter.setPen(tokens.ink);
    const QPointF left = p(nose - 0.5, half);
    const QPointF right = p(nose - 0.5, -half);
    painter.drawText(QRectF(left.x() - 30, left.y() - 12, 24, 24), Qt::AlignRight | Qt::AlignVCenter, tr("L"));
    painter.drawText(QRectF(right.x() + 6, right.y() - 12, 24, 24), Qt::AlignLeft | Qt::AlignVCenter, tr("R"));
}

void VehicleDrawing::drawSeats(QPainter& painter) const
{
    const Tokens& tokens = m_theme.tokens();
    const double s = scale();
    for (const auto& [id, listener] : m_snapshot->plan.listeners) {
        const bool listening = id == m_listener;
        const QPointF head = at(listener.head_m);
        painter.setPen(QPen(listening ? tokens.goldText : tokens.rule, listening ? 1.6 : 1.2));
        painter.setBrush(listening ? tokens.goldTint : tokens.paper);
        painter.drawRoundedRect(QRectF(head.x() - 0.24 * s, head.y() - 0.2 * s, 0.48 * s, 0.5 * s), 6, 6);
        painter.setPen(QPen(tokens.ink2, 1));
        painter.setBrush(tokens.raised);
        painter.drawEllipse(head, 0.1 * s, 0.1 * s);
        painter.setBrush(tokens.ink);
        for (const double side : {-0.0875, 0.0875}) painter.drawEllipse(head + QPointF(side * s, 0), 1.8, 1.8);
        if (!listening) continue;
        painter.setFont(m_theme.small());
        painter.setPen(tokens.goldText);
        painter.drawText(QRectF(head.x() - 50, head.y() + 0.3 * s, 100, 18), Qt::AlignCenter, tr("listening"));
    }
}

void VehicleDrawing::drawRuns(QPainter& painter) const
{
    const Tokens& tokens = m_theme.tokens();
    const core::StageResult& after = m_snapshot->after();
    const QPointF source = at({-0.72, 0.0, 0.8});  // where a radio sits, unless the plan says
    for (const core::RunResult& run : after.runs) {
        const auto place = after.used.places.find(after.used.devices.at(run.run.id.coil.device).at);
        if (place == after.used.places.end()) continue;
        const QPointF end = at(place->second.frame.at_m);
        const double side = place->second.frame.at_m.y > 0.0 ? -1.0 : 1.0;
        const double sill = width() / 2.0 + side * 0.4 * m_snapshot->plan.body.width_m * scale();
        QPainterPath path(source + QPointF(side * 8, 0));
        path.quadTo(QPointF(sill, source.y()), QPointF(sill, source.y() + 30));
        path.lineTo(QPointF(sill, end.y() - 30));
        path.quadTo(QPointF(sill, end.y()), end);
        const bool chosen = place->first == m_chosen;
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(chosen ? tokens.goldText : tokens.ink2, chosen ? 2.2 : 1.3));
        painter.drawPath(path);
    }
    painter.setPen(QPen(tokens.ink, 1.4));
    painter.setBrush(tokens.raised);
    painter.drawRoundedRect(QRectF(source.x() - 26, source.y() - 11, 52, 22), 3, 3);
    painter.setFont(m_theme.small());
    painter.setPen(tokens.ink);
    painter.drawText(QRectF(source.x() - 26, source.y() - 11, 52, 22), Qt::AlignCenter,
                     after.circuits.empty()
                         ? tr("source")
                         : QString::fromStdString(after.used.devices.at(after.circuits.front().channel.device).label));
}

void VehicleDrawing::drawPlaces(QPainter& painter) const
{
    const Tokens& tokens = m_theme.tokens();
    const core::StageResult& after = m_snapshot->after();
    for (const auto& [id, place] : m_snapshot->plan.places) {
        const QPointF centre = at(place.frame.at_m);
        const double radius = m_theme.px(kPlaceRadius);
        const bool chosen = id == m_chosen;
        painter.setPen(QPen(chosen ? tokens.goldText : tokens.ink, chosen ? 2.4 : 1.6));
        painter.setBrush(chosen ? tokens.goldTint : tokens.raised);
        painter.drawEllipse(centre, radius, radius);
        painter.setBrush(tokens.ink);
        painter.drawEllipse(centre, radius / 3.0, radius / 3.0);
        QString figures;
        for (const core::RunResult& run : after.runs) {
            if (after.used.devices.at(run.run.id.coil.device).at != id) continue;
            figures = words::ohms(run.driver.nominal_ohm);
            if (run.idealCorner_hz) figures += QLatin1Char('\n') + words::frequency(*run.idealCorner_hz);
        }
        painter.setFont(chosen ? m_theme.strong() : m_theme.small());
        painter.setPen(chosen ? tokens.goldText : tokens.ink);
        const bool left = place.frame.at_m.y > 0.0;
        const QRectF area(left ? centre.x() - radius - 105 : centre.x() + radius + 5, centre.y() - 22, 100, 44);
        painter.drawText(area, (left ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter, figures);
    }
}

void VehicleDrawing::mousePressEvent(QMouseEvent* event)
{
    if (!m_snapshot) return;
    for (const auto& [id, place] : m_snapshot->plan.places) {
        const QPointF offset = event->position() - at(place.frame.at_m);
        if (std::hypot(offset.x(), offset.y()) <= m_theme.px(22)) emit placeChosen(id);
    }
}

void VehicleDrawing::keyPressEvent(QKeyEvent* event)
{
    const int key = event->key();
    const QPointF direction(key == Qt::Key_Right  ? 1
                            : key == Qt::Key_Left ? -1
                                                  : 0,
                            key == Qt::Key_Down ? 1
                            : key == Qt::Key_Up ? -1
                                                : 0);
    if (!m_snapshot || direction.isNull()) return QWidget::keyPressEvent(event);
    // The nearest place that lies more this way than sideways.
    core::PlaceId nearest{};
    double best = 1e9;
    const bool any = m_snapshot->plan.places.contains(m_chosen);
    const QPointF from = any ? pointOf(m_chosen) : QPointF(width() / 2.0, height() / 2.0);
    for (const auto& [id, place] : m_snapshot->plan.places) {
        const QPointF offset = at(place.frame.at_m) - from;
        const double ahead = QPointF::dotProduct(offset, direction);
        const double away = std::hypot(offset.x(), offset.y());
        if (id == m_chosen || ahead <= 0.0 || ahead < 0.5 * away || away >= best) continue;
        best = away;
        nearest = id;
    }
    if (nearest) emit placeChosen(nearest);
}

}  // namespace app
