#include "app/stations/aim/aim_drawing.h"

#include <QAccessible>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/stations/aim/aim_painter.h"
#include "app/theme/theme.h"
#include "app/widgets/arrow_step.h"
#include "app/widgets/vehicle_painter.h"
#include "core/base/angle.h"
#include "core/model/aim.h"
#include "words/aim_words.h"
#include "words/name_words.h"

namespace app {
namespace {

constexpr double kReach = 18.0;       // how near a pointer has to be, pixels
constexpr double kDragStarts = 4.0;   // how far it has to go before it is a drag
constexpr double kTurn_deg = 5.0, kFineTurn_deg = 1.0;
constexpr double kRound_m = 0.25;     // round what is shown

double away(const QPointF& a, const QPointF& b)
{
    return std::hypot(a.x() - b.x(), a.y() - b.y());
}

}  // namespace

AimDrawing::AimDrawing(const Theme& theme, From from, QWidget* parent) : QWidget(parent), m_theme(theme), m_from(from)
{
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(from == From::Above ? tr("The cabin from above") : tr("The cabin from the side"));
    connect(&theme, &Theme::changed, this, [this] {
        m_body = {};
        arrange();
        update();
    });
}

QSize AimDrawing::sizeHint() const
{
    return {m_theme.px(300), m_theme.px(m_from == From::Above ? 300 : 190)};
}

const core::Frame* AimDrawing::frame() const
{
    const AimDriver* own = m_scene.driver(m_scene.held);
    return own ? &own->frame : nullptr;
}

void AimDrawing::present(const AimScene& scene, double scale)
{
    m_shaping = m_scene.shaped && scene.shaped;
    m_scene = scene;
    m_scale = scale;
    if (!inHand()) arrange();  // else it would slide away under the pointer
    update();
}

void AimDrawing::setScale(double scale)
{
    if (inHand()) return;
    m_scale = scale;
    arrange();
    update();
}

// Heads, the driver that is picked and the one across from it, and what lies between and ahead of them.
QRectF AimDrawing::shown_m() const
{
    const core::Plan& plan = m_scene.snapshot->plan;
    const double half = 0.5 * plan.body.width_m;
    double front = -1e9, rear = 1e9, top = 0.0, low = 1e9;
    const auto take = [&](const core::Vec3& at) {
        front = std::max(front, at.x);
        rear = std::min(rear, at.x);
        top = std::max(top, at.z);
        low = std::min(low, at.z);
    };
    const auto seat = plan.listeners.find(m_scene.listener);
    for (const auto& [id, one] : plan.listeners)
        if (id == m_scene.listener || seat == plan.listeners.end() || std::abs(one.head_m.x - seat->second.head_m.x) < 0.5)
            take(one.head_m);
    if (const core::Frame* own = frame()) take(own->at_m);
    for (const auto& [id, surface] : m_scene.mounts)
        if (seat == plan.listeners.end() || surface.corner_m.x > seat->second.head_m.x) {
            take(surface.corner_m);
            take(surface.corner_m + surface.along_m + surface.across_m);
        }
    if (m_from == From::Above)
        return {-half - 0.05, -front - kRound_m, 2.0 * half + 0.1, front - rear + 2.0 * kRound_m};
    return {-front - kRound_m, -top - kRound_m, front - rear + 2.0 * kRound_m, top - std::min(low, 0.4) + kRound_m + 0.1};
}

double AimDrawing::bestScale() const
{
    if (!m_scene.snapshot) return 0.0;
    const QRectF needed = shown_m();
    return std::min(width() / needed.width(), (height() - m_theme.px(20)) / needed.height());
}

void AimDrawing::arrange()
{
    if (!m_scene.snapshot) return;
    const QRectF needed = shown_m();
    const core::Frame* own = frame();
    const bool right = m_from == From::Side && own && own->at_m.y < 0.0;
    m_view.side = m_from == From::Above ? VehicleView::Side::Above
                  : right               ? VehicleView::Side::Right
                                        : VehicleView::Side::Left;
    m_view.area = QRectF(rect());
    m_view.scale = m_scale > 0.0 ? m_scale : bestScale();
    // Of the middle of what is needed in the middle of the room; the right flank has its nose at the right.
    QPointF middle = needed.center();
    if (right) middle.setX(-middle.x());
    m_view.origin = QPointF(rect().center()) + QPointF(0.0, 0.5 * m_theme.px(18)) - m_view.scale * middle;
}

void AimDrawing::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    if (!inHand()) arrange();
}

// It changes seldom, and costs more than all that is dragged over it.
void AimDrawing::paintBody(QPainter& painter)
{
    const qreal ratio = devicePixelRatioF();
    if (m_body.isNull() || m_body.size() != size() * ratio || !(m_bodyView == m_view) || !(m_bodyShape == m_scene.shape)) {
        m_bodyView = m_view;
        m_bodyShape = m_scene.shape;
        m_body = QPixmap(size() * ratio);
        m_body.setDevicePixelRatio(ratio);
        m_body.fill(Qt::transparent);
        QPainter once(&m_body);
        once.setRenderHint(QPainter::Antialiasing);
        VehiclePainter(once, m_theme, m_view, 0.5 * m_scene.snapshot->plan.body.width_m).body(m_bodyShape);
    }
    painter.drawPixmap(0, 0, m_body);
}

void AimDrawing::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (!m_scene.snapshot) return;
    paintBody(painter);
    AimPainter aim(painter, m_theme, m_view, m_scene);
    aim.screens();
    aim.surfaces();
    aim.shaping(m_corner);
    if (!shapedSurface()) aim.map();
    aim.heads();
    aim.ways();
    aim.drivers(hasFocus(), m_hand == Hand::Moves || m_hand == Hand::Turns || m_hand == Hand::Keys);
    aim.numbers();
    aim.distances();
    aim.title();
    if (!hasFocus()) return;
    painter.setPen(QPen(m_theme.tokens().goldText, 1, Qt::DotLine));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

QPointF AimDrawing::axisHead() const
{
    const core::Frame* own = frame();
    return own ? m_view.at(own->at_m + kAxis_m * own->facing) : QPointF();
}

std::optional<QPointF> AimDrawing::spotPoint() const
{
    const core::Frame* own = frame();
    if (!m_scene.map || !own) return std::nullopt;
    constexpr double kApart = 40.0;  // pixels: from drivers, heads and the axis
    for (const core::Spot& spot : m_scene.map->spots) {
        const QPointF at = m_view.at(spot.frame.at_m);
        const bool free = std::none_of(m_scene.drivers.begin(), m_scene.drivers.end(), [&](const AimDriver& one) {
            return away(at, m_view.at(one.frame.at_m)) < kApart;
        });
        if (free && away(at, axisHead()) > kApart && m_view.area.contains(at)) return at;
    }
    return std::nullopt;
}

core::DeviceId AimDrawing::driverAt(const QPointF& pixel) const
{
    core::DeviceId nearest{};
    double best = m_theme.px(kReach);
    for (const AimDriver& one : m_scene.drivers) {
        if (!m_view.shows(one.frame.at_m.y)) continue;
        const double off = away(pixel, m_view.at(one.frame.at_m));
        if (off >= best) continue;
        best = off;
        nearest = one.device;
    }
    return nearest;
}

void AimDrawing::mousePressEvent(QMouseEvent* event)
{
    if (!m_scene.snapshot || event->button() != Qt::LeftButton) return;
    if (m_hand == Hand::Keys) letGo(true);
    m_pressedAt = event->position();
    if (shapedSurface() && takeCorner(m_pressedAt)) return update();
    if (const core::DeviceId device = driverAt(m_pressedAt)) {
        m_hand = Hand::Takes;
        m_grip = m_view.at(m_scene.driver(device)->frame.at_m) - m_pressedAt;
        if (device != m_scene.held) emit picked(device);
        return;
    }
    if (frame() && away(m_pressedAt, axisHead()) < m_theme.px(kReach)) {
        m_hand = Hand::Turns;
        return update();
    }
    for (const auto& [id, listener] : m_scene.snapshot->plan.listeners)
        if (m_view.shows(listener.head_m.y) && away(m_pressedAt, m_view.at(listener.head_m)) < m_theme.px(kReach))
            return emit seatChosen(id);
    if (!m_scene.map) return;
    const core::Spot* nearest = nullptr;
    double best = m_theme.px(8);
    for (const core::Spot& spot : m_scene.map->spots)
        for (const core::Vec3& at : {spot.frame.at_m, core::mirrored(spot.frame).at_m}) {
            const double off = away(m_pressedAt, m_view.at(at));
            if (!m_view.shows(at.y) || off >= best) continue;
            best = off;
            nearest = &spot;
        }
    if (nearest) emit spotTried(core::Spot(*nearest));
}

void AimDrawing::mouseMoveEvent(QMouseEvent* event)
{
    if (m_hand == Hand::Corner) return moveCorner(event->position() + m_grip);
    const core::Frame* own = frame();
    if (!own || m_hand == Hand::Empty || m_hand == Hand::Keys) return;
    if (m_hand == Hand::Turns) return turnTo(event->position());
    if (m_hand == Hand::Takes && away(event->position(), m_pressedAt) < kDragStarts) return;
    m_hand = Hand::Moves;
    emit moved({m_view.put(event->position() + m_grip, own->at_m), own->facing});
}

void AimDrawing::mouseReleaseEvent(QMouseEvent*)
{
    if (m_hand == Hand::Corner) {
        m_hand = Hand::Empty;
        return emit shapePut();
    }
    const bool moved = m_hand == Hand::Moves || m_hand == Hand::Turns;
    if (m_hand != Hand::Keys) m_hand = Hand::Empty;
    if (moved) emit putDown();
    update();
}

// Towards a point of this view; what the view does not show of the axis is kept.
void AimDrawing::turnTo(const QPointF& pixel)
{
    const core::Frame now = *frame();
    const core::Vec3 to = m_view.put(pixel, now.at_m) - now.at_m;
    core::Aim aim = core::aimOf(now);
    if (m_from == From::Above) {
        if (std::hypot(to.x, to.y) < 0.01) return;
        aim.in_deg = core::aimOf({now.at_m, {to.x, to.y, 0.0}}).in_deg;
    } else {
        const double level = std::cos(core::kDegree_rad * aim.in_deg) >= 0.0 ? -to.x : to.x;
        aim.up_deg = std::clamp(std::atan2(to.z, std::max(level, 0.001)) / core::kDegree_rad, -90.0, 90.0);
    }
    emit moved(core::aimed(now.at_m, aim));
}

void AimDrawing::turn(double degrees)
{
    const core::Frame* own = frame();
    if (!own) return;
    core::Aim aim = core::aimOf(*own);
    if (m_from == From::Above)
        aim.in_deg = std::remainder(aim.in_deg + degrees, 360.0);
    else
        aim.up_deg = std::clamp(aim.up_deg + degrees, -90.0, 90.0);
    emit moved(core::aimed(own->at_m, aim));
    say();
}

void AimDrawing::wheelEvent(QWheelEvent* event)
{
    if (!hasFocus() || !frame()) return event->ignore();  // only after it was picked
    const bool fine = event->modifiers().testFlag(Qt::ShiftModifier);
    const int delta = event->angleDelta().y() != 0 ? event->angleDelta().y() : event->angleDelta().x();
    if (delta == 0) return;
    turn(std::copysign(fine ? kFineTurn_deg : kTurn_deg, delta));
    if (m_hand != Hand::Keys) emit putDown();
    event->accept();
}

void AimDrawing::step(const QPointF& direction, bool fine)
{
    const core::Frame* own = frame();
    const double by = (fine ? kFineStep_m : kStep_m) * m_view.scale;
    emit moved({m_view.put(m_view.at(own->at_m) + by * direction, own->at_m), own->facing});
    say();
}

void AimDrawing::letGo(bool keep)
{
    m_hand = Hand::Empty;
    if (keep)
        emit putDown();
    else
        emit returned();
    update();
}

void AimDrawing::keyPressEvent(QKeyEvent* event)
{
    if (!frame()) return QWidget::keyPressEvent(event);
    const bool fine = event->modifiers().testFlag(Qt::ShiftModifier);
    if (shapedSurface() && cornerKey(event->key(), fine)) return;
    const std::optional<QPointF> direction = arrowOf(event->key());
    const bool enter = event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter;
    if (direction || event->key() == Qt::Key_R) {
        m_hand = Hand::Keys;
        if (!direction)
            turn(fine ? -kTurn_deg : kTurn_deg);
        else
            step(*direction, fine);
        return update();
    }
    if (enter) {
        if (m_hand == Hand::Keys) return letGo(true);
        m_hand = Hand::Keys;
        return update();
    }
    if (event->key() == Qt::Key_Escape && m_hand != Hand::Empty) return letGo(false);
    QWidget::keyPressEvent(event);
}

bool AimDrawing::focusNextPrevChild(bool next)
{
    if (shapedSurface()) return nextCorner(next) || QWidget::focusNextPrevChild(next);
    const auto& all = m_scene.drivers;
    const auto at = std::find_if(all.begin(), all.end(), [&](const AimDriver& one) { return one.device == m_scene.held; });
    if (m_hand == Hand::Keys) letGo(true);
    if (at == all.end() || (next ? at + 1 == all.end() : at == all.begin())) return QWidget::focusNextPrevChild(next);
    emit picked((next ? at + 1 : at - 1)->device);
    say();
    return true;
}

void AimDrawing::focusInEvent(QFocusEvent* event)
{
    QWidget::focusInEvent(event);
    update();
}

void AimDrawing::focusOutEvent(QFocusEvent* event)
{
    if (m_hand == Hand::Keys) letGo(true);
    QWidget::focusOutEvent(event);
    update();
}

// What is held is in the hands of the drawing: Esc and R are no shortcuts meanwhile.
bool AimDrawing::event(QEvent* event)
{
    if (event->type() == QEvent::ShortcutOverride) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Escape ? m_hand != Hand::Empty || shapedSurface() : key == Qt::Key_R) {
            event->accept();
            return true;
        }
    }
    return QWidget::event(event);
}

void AimDrawing::say()
{
    const core::Frame* own = frame();
    if (!own) return;
    const core::Aim aim = core::aimOf(*own);
    setAccessibleDescription(tr("%1: x %2, y %3, z %4 m, %5, %6")
                                 .arg(words::nameOf(core::Subject{m_scene.held}, m_scene.snapshot->after().used),
                                      words::fixedNumber(own->at_m.x, 3), words::fixedNumber(own->at_m.y, 3),
                                      words::fixedNumber(own->at_m.z, 3))
                                 .arg(words::inText(aim), words::upText(aim)));
    QAccessibleEvent change(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&change);
}

}  // namespace app
