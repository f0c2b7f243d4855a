#include "app/widgets/vehicle_drawing.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "app/widgets/lead_routes.h"
#include "app/widgets/vehicle_accessible.h"
#include "app/widgets/vehicle_painter.h"

namespace app {
namespace {

constexpr double kReach = 18.0;           // how near a pointer has to be, pixels
constexpr double kDragStarts = 4.0;       // how far it has to go before it is a drag
constexpr double kRoomForFlanks = 360.0;  // pixels of height under which the plan has all of them
constexpr double kTooSmall = 70.0;        // pixels a metre under which things lie nearer than a finger steps
constexpr double kNear = 150.0;           // pixels a metre of the window on a part of it
constexpr double kSmallPlan = 108.0;      // height of the small plan, pixels
constexpr double kSmallReach = 7.0;       // how near a pointer has to be on it
constexpr double kStep_m = 0.02, kFineStep_m = 0.001;

QPointF directionOf(int key)
{
    return {key == Qt::Key_Right  ? 1.0
            : key == Qt::Key_Left ? -1.0
                                  : 0.0,
            key == Qt::Key_Down ? 1.0
            : key == Qt::Key_Up ? -1.0
                                : 0.0};
}

}  // namespace

VehicleDrawing::VehicleDrawing(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    makeVehicleDrawingsAccessible();
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Drawing of the vehicle"));
    connect(&theme, &Theme::changed, this, [this] {
        m_bodies = {};
        arrange();
        update();
    });
}

QSize VehicleDrawing::sizeHint() const
{
    return {m_theme.px(270), m_theme.px(420)};
}

void VehicleDrawing::present(const SharedSnapshot& snapshot, const DrawingFocus& focus)
{
    m_snapshot = snapshot;
    // What was picked elsewhere, or has just been added, is where the keys go on.
    const bool pickedElsewhere = focus.place && focus.place != m_focus.place;
    m_focus = focus;
    if (m_shape.above.empty() || !(m_drawnBody == snapshot->plan.body)) {
        m_drawnBody = snapshot->plan.body;
        m_shape = core::bodyShape(m_drawnBody, vehicles());
        m_bodies = {};
    }
    m_things = drawnThings(*snapshot, vehicles(), focus);
    const core::Fitout& after = snapshot->after().used;
    if (after.wires != m_leadWires || after.devices != m_leadDevices) {
        m_leadWires = after.wires;
        m_leadDevices = after.devices;
        m_leads = core::leads(after);
    }
    if (pickedElsewhere || (!current() && focus.place)) {
        m_lookedAt_m.reset();
        m_currentKind = DrawnThing::Kind::Place;
        m_currentNumber = focus.place.number;
    }
    arrange();
    update();
}

void VehicleDrawing::arrange()
{
    if (!m_snapshot) return;
    const std::vector<VehicleView> before = m_views;
    const VehicleView::Side dragged = m_dragView ? m_dragView->side : VehicleView::Side::Above;
    double height_m = core::bodyHeight_m(m_snapshot->plan.body, vehicles());
    for (const auto& [id, listener] : m_snapshot->plan.listeners)  // a rider's head is above what he rides
        height_m = std::max(height_m, listener.head_m.z + 0.12);
    const double margin = m_theme.px(m_focus.survey ? 100 : 68);
    const bool flanks = m_focus.flanks && height() >= m_theme.px(kRoomForFlanks);
    m_views = arrangeViews(m_snapshot->plan.body, height_m, QRectF(rect()), flanks, margin);
    if (m_focus.survey && m_views.front().scale < m_theme.px(kTooSmall)) {
        if (!m_dragView) m_about_m = lookedAt_m();  // it stays under the pointer
        m_views = nearViews(m_snapshot->plan.body, QRectF(rect()), m_theme.px(kNear), m_about_m, margin,
                            m_theme.px(kSmallPlan));
    }
    if (before != m_views) m_bodies = {};
    if (m_dragView) m_dragView = &view(dragged);
}

core::Vec3 VehicleDrawing::lookedAt_m() const
{
    if (m_lookedAt_m) return *m_lookedAt_m;
    if (const DrawnThing* thing = current()) return thing->at_m;
    const auto place = m_snapshot->plan.places.find(m_focus.place);
    if (place != m_snapshot->plan.places.end()) return place->second.frame.at_m;
    const auto seat = m_snapshot->plan.listeners.find(m_focus.listener);
    return seat == m_snapshot->plan.listeners.end() ? core::Vec3{} : seat->second.head_m;
}

void VehicleDrawing::paintBodies(QPainter& painter)
{
    const qreal ratio = devicePixelRatioF();
    if (m_bodies.isNull() || m_bodies.size() != size() * ratio) {
        m_bodies = QPixmap(size() * ratio);
        m_bodies.setDevicePixelRatio(ratio);
        m_bodies.fill(Qt::transparent);
        QPainter once(&m_bodies);
        once.setRenderHint(QPainter::Antialiasing);
        for (const VehicleView& one : m_views) {
            if (one.small) continue;
            VehiclePainter views(once, m_theme, one);
            views.body(m_shape);
        }
    }
    painter.drawPixmap(0, 0, m_bodies);
}

const VehicleView& VehicleDrawing::view(VehicleView::Side side) const
{
    return *std::find_if(m_views.begin(), m_views.end(), [&](const VehicleView& one) { return one.side == side; });
}

QPointF VehicleDrawing::pointOf(const DrawnThing& thing) const
{
    return view(VehicleView::Side::Above).at(thing.at_m);
}

QPointF VehicleDrawing::pointOf(core::PlaceId place) const
{
    return view(VehicleView::Side::Above).at(m_snapshot->plan.places.at(place).frame.at_m);
}

size_t VehicleDrawing::indexOfCurrent() const
{
    const auto found = std::find_if(m_things.begin(), m_things.end(),
                                    [&](const DrawnThing& thing) { return thing.is(m_currentKind, m_currentNumber); });
    return static_cast<size_t>(found - m_things.begin());
}

const DrawnThing* VehicleDrawing::current() const
{
    const size_t index = indexOfCurrent();
    return index < m_things.size() ? &m_things[index] : nullptr;
}

bool VehicleDrawing::canMove(const DrawnThing& thing) const
{
    return m_focus.survey && (thing.kind == DrawnThing::Kind::Place || thing.kind == DrawnThing::Kind::Seat ||
                              thing.kind == DrawnThing::Kind::New);
}

void VehicleDrawing::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (!m_snapshot) return;
    paintBodies(painter);
    const bool near = m_views.back().small;
    for (const VehicleView& one : m_views) {
        VehiclePainter views(painter, m_theme, one, 0.5 * m_drawnBody.width_m);
        if (one.small) {
            views.smallPlan(m_shape, m_things, m_focus, m_views.front());
            continue;
        }
        views.seats(m_things, m_focus);
        if (one.side == VehicleView::Side::Above)
            paintLeads(painter, m_theme,
                       leadRoutes(m_leads, m_snapshot->before().used, m_things, m_focus, one, m_theme.px(100) / 100.0));
        views.things(m_things, m_focus, hasFocus() ? current() : nullptr, m_held);
        views.sides();
        if (!near) views.title(m_focus);
    }
    if (!hasFocus()) return;
    painter.setPen(QPen(m_theme.tokens().goldText, 1, Qt::DotLine));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

void VehicleDrawing::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    arrange();
}

void VehicleDrawing::activate(const DrawnThing& thing)
{
    m_currentKind = thing.kind;
    m_currentNumber = thing.number;
    switch (thing.kind) {
        case DrawnThing::Kind::Place:
            emit placeChosen({thing.number});
            break;
        case DrawnThing::Kind::Seat:
            emit seatChosen({thing.number});
            break;
        case DrawnThing::Kind::Source:
            emit sourceChosen({thing.number});
            break;
        case DrawnThing::Kind::Spot: {
            const auto spots = openSpots(m_snapshot->plan, vehicles());
            const auto rank = static_cast<size_t>(std::abs(thing.number));
            if (rank >= 1 && rank <= spots.size()) emit spotChosen(core::UsualSpot(spots[rank - 1]));
            break;
        }
        case DrawnThing::Kind::New:
            break;
    }
    update();
}

void VehicleDrawing::choose(size_t index)
{
    const DrawnThing thing = m_things[index];
    m_lookedAt_m.reset();
    m_currentKind = thing.kind;
    m_currentNumber = thing.number;
    // Going over a spot or a seat only names it; Enter is what acts.
    if (thing.kind == DrawnThing::Kind::Place || thing.kind == DrawnThing::Kind::Source)
        activate(thing);
    else
        arrange();
    announceCurrent(*this);
    update();
}

bool VehicleDrawing::focusNextPrevChild(bool next)
{
    const size_t index = indexOfCurrent();
    const bool known = index < m_things.size();
    if (m_held || m_things.empty()) return QWidget::focusNextPrevChild(next);
    const size_t wanted = !known ? (next ? 0 : m_things.size() - 1) : next ? index + 1 : index - 1;
    if (wanted >= m_things.size()) return QWidget::focusNextPrevChild(next);
    choose(wanted);
    return true;
}

void VehicleDrawing::focusOutEvent(QFocusEvent* event)
{
    if (m_held) letGo(true);
    QWidget::focusOutEvent(event);
    update();
}

void VehicleDrawing::letGo(bool keep)
{
    m_held = false;
    m_dragView = nullptr;
    m_dragged = false;
    if (keep)
        emit putDown();
    else
        emit returned();
    update();
}

// Held things and drags are in the hands of the drawing: Esc, arrows and letters are no shortcuts meanwhile.
bool VehicleDrawing::event(QEvent* event)
{
    if (event->type() == QEvent::ShortcutOverride) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->modifiers() == Qt::NoModifier && (key->key() == Qt::Key_Escape || key->key() == Qt::Key_N)) {
            event->accept();
            return true;
        }
    }
    return QWidget::event(event);
}

const DrawnThing* VehicleDrawing::thingAt(const QPointF& pixel, const VehicleView** onView) const
{
    const DrawnThing* nearest = nullptr;
    double best = m_theme.px(kReach);
    *onView = nullptr;
    for (const VehicleView& one : m_views) {
        if (!one.area.contains(pixel)) continue;
        *onView = &one;
        if (one.small) {  // lies over the large one
            best = m_theme.px(kSmallReach);
            nearest = nullptr;
        }
        for (const DrawnThing& thing : m_things) {
            if (!one.shows(thing.at_m.y) || (one.small && thing.kind != DrawnThing::Kind::Place)) continue;
            const QPointF offset = pixel - one.at(thing.at_m);
            const double away = std::hypot(offset.x(), offset.y());
            if (&thing != current() && isCrowded(thing, m_things, one, placeRadius(m_theme, one))) continue;
            // What is fitted goes before what could be.
            const double weighed = thing.kind == DrawnThing::Kind::Spot ? away * 1.2 : away;
            if (weighed > best) continue;
            best = weighed;
            nearest = &thing;
        }
    }
    return nearest;
}

void VehicleDrawing::mousePressEvent(QMouseEvent* event)
{
    if (!m_snapshot || event->button() != Qt::LeftButton) return;
    if (m_held) letGo(true);
    const VehicleView* onView = nullptr;
    const DrawnThing* thing = thingAt(event->position(), &onView);
    if (!onView) return;
    if (onView->small && !thing) {
        m_lookedAt_m = onView->put(event->position(), {});
        arrange();
        return update();
    }
    m_lookedAt_m.reset();
    if (!thing) {
        const core::Vec3 point_m =
            onView->put(event->position(), {0.0, onView->side == VehicleView::Side::Right ? -0.1 : 0.1, 0.8});
        if (m_focus.survey && core::isInVehicle(m_snapshot->plan.body, vehicles(), point_m))
            emit pointChosen(point_m, onView->side == VehicleView::Side::Above ? DrawnFrom::Above : DrawnFrom::Side);
        return;
    }
    m_pressedAt = event->position();
    m_dragged = false;
    m_dragView = canMove(*thing) && !onView->small ? onView : nullptr;
    activate(DrawnThing(*thing));
}

void VehicleDrawing::mouseMoveEvent(QMouseEvent* event)
{
    const DrawnThing* thing = current();
    if (!m_dragView || !thing) return;
    const QPointF way = event->position() - m_pressedAt;
    if (!m_dragged && std::hypot(way.x(), way.y()) < kDragStarts) return;
    m_dragged = true;
    emit moved(DrawnThing(*thing), m_dragView->put(event->position(), thing->at_m));
}

void VehicleDrawing::mouseReleaseEvent(QMouseEvent*)
{
    const bool dragged = m_dragged;
    m_dragView = nullptr;
    m_dragged = false;
    if (dragged) emit putDown();
}

void VehicleDrawing::moveHeld(const QPointF& direction, bool fine)
{
    const DrawnThing* thing = current();
    if (!thing) return;
    const double step = fine ? kFineStep_m : kStep_m;
    core::Vec3 to_m = thing->at_m;
    to_m.x -= direction.y() * step;
    to_m.y -= direction.x() * step;
    emit moved(DrawnThing(*thing), to_m);
}

// The nearest thing that lies more this way than sideways.
void VehicleDrawing::chooseTowards(const QPointF& direction)
{
    const DrawnThing* from = current();
    const QPointF start = from ? pointOf(*from) : QPointF(rect().center());
    size_t nearest = m_things.size();
    double best = 1e9;
    for (size_t i = 0; i < m_things.size(); ++i) {
        const QPointF offset = pointOf(m_things[i]) - start;
        const double ahead = QPointF::dotProduct(offset, direction);
        const double away = std::hypot(offset.x(), offset.y());
        if (&m_things[i] == from || ahead <= 0.0 || ahead < 0.5 * away || away >= best) continue;
        best = away;
        nearest = i;
    }
    if (nearest < m_things.size()) choose(nearest);
}

void VehicleDrawing::keyPressEvent(QKeyEvent* event)
{
    if (!m_snapshot) return QWidget::keyPressEvent(event);
    const int key = event->key();
    const DrawnThing* thing = current();
    const QPointF direction = directionOf(key);
    if (!direction.isNull()) {
        if (m_held && event->modifiers().testFlag(Qt::ControlModifier)) {
            core::Vec3 to_m = thing->at_m;  // up and down
            to_m.z -= direction.y() * kStep_m;
            emit moved(DrawnThing(*thing), to_m);
        } else if (m_held) {
            moveHeld(direction, event->modifiers().testFlag(Qt::ShiftModifier));
        } else {
            chooseTowards(direction);
        }
        return;
    }
    const bool enter = key == Qt::Key_Return || key == Qt::Key_Enter;
    if (enter && thing && !m_held && (thing->kind == DrawnThing::Kind::Spot || !canMove(*thing)))
        return activate(DrawnThing(*thing));
    if (enter && thing) {
        if (m_held) return letGo(true);
        if (thing->kind == DrawnThing::Kind::Seat) emit seatChosen({thing->number});
        m_held = true;
        return update();
    }
    if (key == Qt::Key_Escape && m_held) return letGo(false);
    if (key == Qt::Key_Space) {
        emit formAsked();
        return;
    }
    if (m_focus.survey && key == Qt::Key_Z) return emit wholeAsked();
    if (m_focus.survey && key == Qt::Key_V) return emit sidesAsked();
    if (m_focus.survey && key == Qt::Key_Delete) {
        if (thing && thing->kind == DrawnThing::Kind::Place) emit removalAsked({thing->number});
        return;
    }
    if (m_focus.survey && key == Qt::Key_N) {
        const core::Vec3 start_m = thing ? thing->at_m : core::Vec3{-1.0, 0.5, 0.6};
        emit pointChosen(start_m, DrawnFrom::Keys);
        m_currentKind = DrawnThing::Kind::New;
        m_currentNumber = 0;
        m_held = true;
        return update();
    }
    QWidget::keyPressEvent(event);
}

}  // namespace app
