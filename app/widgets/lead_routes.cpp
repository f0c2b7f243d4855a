#include "app/widgets/lead_routes.h"

#include <QPainter>
#include <algorithm>
#include <cmath>
#include <map>

#include "app/theme/theme.h"

namespace app {
namespace {

constexpr double kBeside = 6.0;      // from lane to lane
constexpr double kFromPlace = 10.0;  // of the outermost lane
constexpr double kBend = 20.0;
constexpr double kPlug = 11.0;  // its length

const DrawnThing* thingOf(const std::vector<DrawnThing>& things, const core::LeadEnd& end)
{
    const auto found = std::find_if(things.begin(), things.end(), [&](const DrawnThing& thing) {
        return end.source ? thing.is(DrawnThing::Kind::Source, end.source.number)
                          : thing.is(DrawnThing::Kind::Place, end.place.number);
    });
    return found == things.end() ? nullptr : &*found;
}

struct Span {
    const core::Lead* lead = nullptr;
    QPointF from{}, to{};
};

void addLine(LeadRoute& route, const QPointF& to)
{
    route.straight.emplace_back(route.path.currentPosition(), to);
    route.path.lineTo(to);
}

void addBend(LeadRoute& route, const QPointF& corner, const QPointF& to)
{
    route.bends.moveTo(route.path.currentPosition());
    route.bends.quadTo(corner, to);
    route.path.quadTo(corner, to);
}

void lay(LeadRoute& route, const Span& span, int rank, double outermost, double unit)
{
    const double side = span.to.x() < span.from.x() ? -1.0 : 1.0, down = span.to.y() < span.from.y() ? -1.0 : 1.0;
    const QPointF start(span.from.x(), std::round(span.from.y() + down * (3.0 + kBeside * rank) * unit));
    const QPointF end(span.to.x(), std::round(span.to.y()));
    const double wide = std::abs(end.x() - start.x()), high = std::abs(end.y() - start.y());
    route.path.moveTo(start);
    if (wide < kBend * unit) {  // one behind the other: a bow that leaves what lies between them
        const double bow = side * (kFromPlace + kBend) * unit;
        route.path.cubicTo(start + QPointF(bow, 0.0), end + QPointF(bow, 0.0), end);
        route.bends = route.path;
        route.plugAt = route.path.pointAtPercent(0.5);
        return;
    }
    const double lane = std::round(start.x() + side * std::max(8.0 * unit, outermost - kBeside * rank * unit));
    const double bend = std::min({kBend * unit, 0.5 * high, std::abs(lane - start.x())});
    const double turn = std::copysign(bend, end.y() - start.y());
    const double out = std::copysign(std::min(bend, std::abs(end.x() - lane)), end.x() - lane);
    addLine(route, {lane - side * bend, start.y()});
    addBend(route, {lane, start.y()}, {lane, start.y() + turn});
    addLine(route, {lane, end.y() - turn});
    addBend(route, {lane, end.y()}, {lane + out, end.y()});
    addLine(route, end);
    route.plugUpright = high - 2.0 * bend > kPlug * unit;
    route.plugAt = route.plugUpright ? QPointF(lane, end.y() - turn - down * 0.5 * kPlug * unit)
                                     : QPointF(0.5 * (start.x() + lane - side * bend), start.y());
}

// One core or the gap between the two: straight parts as rectangles, bends as strokes.
void stroke(QPainter& painter, const LeadRoute& route, const QColor& colour, double width)
{
    painter.setRenderHint(QPainter::Antialiasing, false);
    for (const QLineF& line : route.straight) {
        QRectF area = QRectF(line.p1(), line.p2()).normalized();
        if (std::abs(line.dx()) > std::abs(line.dy()))
            area.adjust(0.0, -0.5 * width, 0.0, 0.5 * width);
        else
            area.adjust(-0.5 * width, 0.0, 0.5 * width, 0.0);
        painter.fillRect(area, colour);
    }
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, width, Qt::SolidLine, Qt::FlatCap));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(route.bends);
}

}  // namespace

std::vector<LeadRoute> leadRoutes(const std::vector<core::Lead>& leads, const core::Fitout& before,
                                  const std::vector<DrawnThing>& things, const DrawingFocus& focus,
                                  const VehicleView& view, double unit)
{
    std::map<std::tuple<core::LeadEnd, bool, bool>, std::vector<Span>> lanes;  // by source, side, and ahead or behind
    for (const core::Lead& lead : leads) {
        const DrawnThing* from = thingOf(things, lead.from);
        const DrawnThing* to = thingOf(things, lead.to);
        if (!from || !to) continue;
        const Span span{&lead, view.at(from->at_m), view.at(to->at_m)};
        lanes[{lead.from, span.to.x() < span.from.x(), span.to.y() < span.from.y()}].push_back(span);
    }
    std::vector<LeadRoute> routes;
    for (auto& [key, spans] : lanes) {
        const auto away = [](const Span& span) { return std::abs(span.to.y() - span.from.y()); };
        std::stable_sort(spans.begin(), spans.end(), [&](const Span& a, const Span& b) { return away(a) < away(b); });
        double outermost = 1e9;
        for (const Span& span : spans) {
            const double wide = std::abs(span.to.x() - span.from.x());
            if (wide >= kBend * unit) outermost = std::min(outermost, wide - kFromPlace * unit);
        }
        for (size_t i = 0; i < spans.size(); ++i) {
            const core::Lead& lead = *spans[i].lead;
            LeadRoute route{.plug = lead.plug};
            lay(route, spans[i], static_cast<int>(i), outermost, unit);
            route.chosen = (focus.place && lead.to.place == focus.place) ||
                           (focus.source && (lead.from.source == focus.source || lead.to.source == focus.source));
            route.planned = std::any_of(lead.wires.begin(), lead.wires.end(),
                                        [&](core::WireId wire) { return !before.wires.contains(wire); });
            routes.push_back(std::move(route));
        }
    }
    std::stable_partition(routes.begin(), routes.end(), [](const LeadRoute& route) { return !route.chosen; });
    return routes;
}

void paintLeads(QPainter& painter, const Theme& theme, const std::vector<LeadRoute>& routes)
{
    const Tokens& tokens = theme.tokens();
    const double unit = theme.px(100) / 100.0;
    for (const LeadRoute& route : routes) {
        const QColor edge = route.chosen || route.planned ? tokens.goldText : tokens.ink2;
        const double wide = std::round((route.chosen ? 5.4 : 4.2) * unit),
                     gap = wide - 2.0 * std::max(1.0, std::round(unit));
        if (route.planned) {
            QPen dashed(edge, wide, Qt::SolidLine, Qt::FlatCap);
            dashed.setDashPattern({2.2, 1.2});
            painter.setBrush(Qt::NoBrush);
            painter.setPen(dashed);
            painter.drawPath(route.path);
            painter.setPen(QPen(tokens.goldTint, gap));
            painter.drawPath(route.path);
        } else {
            stroke(painter, route, edge, wide);
            stroke(painter, route, route.chosen ? tokens.goldTint : tokens.raised, gap);
        }
        if (!route.plug) continue;
        const QSizeF lying(kPlug * unit, 8.0 * unit);
        const QSizeF size = route.plugUpright ? lying.transposed() : lying;
        const QPointF half = 2.0 * unit * (route.plugUpright ? QPointF(1.0, 0.0) : QPointF(0.0, 1.0));
        painter.setPen(QPen(edge, 1.2 * unit));
        painter.setBrush(tokens.raised);
        painter.drawRoundedRect(QRectF(route.plugAt - QPointF(0.5 * size.width(), 0.5 * size.height()), size),
                                1.5 * unit, 1.5 * unit);
        painter.drawLine(route.plugAt - half, route.plugAt + half);
    }
}

}  // namespace app
