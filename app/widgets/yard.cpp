#include "app/widgets/yard.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "app/widgets/vehicle_painter.h"
#include "core/edits/survey_edits.h"
#include "core/model/names.h"
#include "words/name_words.h"

namespace app {
namespace {

constexpr double kNameRoom = 24.0, kAir = 10.0, kLeastGap = 14.0;  // pixels at normal zoom
constexpr double kMostScale = 48.0, kLeastScale = 19.0;        // pixels a metre

using core::BodyKind;

std::vector<std::vector<BodyKind>> lanes()
{
    return {{BodyKind::Hatchback, BodyKind::Saloon, BodyKind::Estate, BodyKind::Coupe, BodyKind::Classic},
            {BodyKind::Pickup, BodyKind::OffRoad, BodyKind::Van, BodyKind::Bus},
            {BodyKind::Motorcycle, BodyKind::OpenTwoSeater, BodyKind::OpenSideBySide, BodyKind::Boat}};
}

}  // namespace

YardVehicle::YardVehicle(const Theme& theme, BodyKind kind, const core::UsualVehicles& vehicles, QWidget* parent)
    : QAbstractButton(parent), m_theme(theme), m_kind(kind)
{
    m_shape = core::bodyShape(core::newPlan(kind, vehicles).body, vehicles);
    QPolygonF points;
    for (const core::ShapeLine& line : m_shape.flank)
        for (const core::Vec3& point : line.points) points << QPointF(-point.x, point.z);
    m_extent_m = points.boundingRect();
    setText(words::nameOf(kind));
    setObjectName(QStringLiteral("new_%1").arg(QString::fromStdString(std::string(core::textOf(kind)))));
    setAccessibleName(tr("New job: %1").arg(text()));
    setFocusPolicy(Qt::StrongFocus);
}

void YardVehicle::setScale(double pixelsPerMetre)
{
    m_scale = pixelsPerMetre;
    update();
}

QSize YardVehicle::sizeAt(double pixelsPerMetre) const
{
    const int named = QFontMetrics(m_theme.strong()).horizontalAdvance(text()) + m_theme.px(8);
    return {std::max(named, qRound(pixelsPerMetre * m_extent_m.width()) + m_theme.px(kLeastGap)),
            qRound(pixelsPerMetre * m_extent_m.height()) + m_theme.px(kNameRoom + kAir)};
}

void YardVehicle::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    const bool lit = hasFocus() || underMouse();
    if (lit) {
        painter.setPen(QPen(tokens.goldText, hasFocus() ? 2 : 1));
        painter.setBrush(tokens.goldTint);
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), m_theme.px(4), m_theme.px(4));
    }
    VehicleView view;
    view.side = VehicleView::Side::Left;
    view.scale = m_scale;
    const double ground = height() - m_theme.px(kNameRoom);
    view.origin = {0.5 * width() - m_scale * m_extent_m.center().x(), ground};
    view.area = QRectF(rect());
    VehiclePainter(painter, m_theme, view).body(m_shape);
    painter.setFont(lit ? m_theme.strong() : m_theme.text());
    painter.setPen(lit ? tokens.goldText : tokens.ink);
    painter.drawText(QRectF(0, ground, width(), m_theme.px(kNameRoom)), Qt::AlignCenter, text());
}

Yard::Yard(const Theme& theme, const core::UsualVehicles& vehicles, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    for (const std::vector<BodyKind>& kinds : lanes()) {
        Row lane;
        for (const BodyKind kind : kinds) {
            auto* vehicle = new YardVehicle(theme, kind, vehicles, this);
            connect(vehicle, &QAbstractButton::clicked, this, [this, kind] { emit taken(kind); });
            vehicle->installEventFilter(this);
            lane.push_back(vehicle);
        }
        m_lanes.push_back(std::move(lane));
    }
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    connect(&theme, &Theme::changed, this, [this] {
        setFixedHeight(heightForWidth(width()));
        arrange();
    });
}

// The longest lane fits, as long as its vehicles stay large enough to be told apart.
double Yard::scaleFor(int width) const
{
    const double zoom = m_theme.px(100) / 100.0;
    double scale = zoom * kMostScale;
    for (const Row& lane : m_lanes) {
        double length_m = 0.0;
        for (const YardVehicle* vehicle : lane) length_m += vehicle->length_m();
        const double gaps = static_cast<double>(lane.size()) * (m_theme.px(kLeastGap) + 1.0);
        scale = std::min(scale, (width - gaps) / length_m);
    }
    return std::max(zoom * kLeastScale, scale);
}

std::vector<Yard::Row> Yard::rowsFor(int width) const
{
    const double scale = scaleFor(width);
    std::vector<Row> rows;
    for (const Row& lane : m_lanes) {
        int used = width + 1;  // a lane begins a row
        for (YardVehicle* vehicle : lane) {
            const int wide = vehicle->sizeAt(scale).width();
            if (used + wide > width) {
                rows.emplace_back();
                used = 0;
            }
            rows.back().push_back(vehicle);
            used += wide;
        }
    }
    return rows;
}

void Yard::arrange()
{
    const double scale = scaleFor(width());
    m_rows = rowsFor(width());
    m_grounds.clear();
    int top = 0;
    for (const Row& row : m_rows) {
        int high = 0, used = 0;
        for (YardVehicle* vehicle : row) {
            vehicle->setScale(scale);
            high = std::max(high, vehicle->sizeHint().height());
            used += vehicle->sizeHint().width();
        }
        const double gap = std::max(0.0, (width() - used) / static_cast<double>(row.size()));
        double left = 0.0;
        for (YardVehicle* vehicle : row) {
            const QSize size = vehicle->sizeHint();
            vehicle->setGeometry(qRound(left), top + high - size.height(), size.width(), size.height());
            left += size.width() + gap;
        }
        m_grounds.push_back(top + high - m_theme.px(kNameRoom));
        top += high + m_theme.px(4);
    }
    update();
}

QSize Yard::sizeHint() const
{
    return {m_theme.px(900), heightForWidth(m_theme.px(900))};
}

int Yard::heightForWidth(int width) const
{
    const double scale = scaleFor(width);
    int all = 0;
    for (const Row& row : rowsFor(width)) {
        int high = 0;
        for (const YardVehicle* vehicle : row) high = std::max(high, vehicle->sizeAt(scale).height());
        all += high + m_theme.px(4);
    }
    return all;
}

void Yard::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    setFixedHeight(heightForWidth(width()));  // whatever stands round it, it is as high as its rows
    arrange();
}

void Yard::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setPen(QPen(m_theme.tokens().rule, 1));
    for (const int ground : m_grounds) painter.drawLine(0, ground, width(), ground);
}

// Along a row; to the nearest one of the next row, up or down.
void Yard::walk(const YardVehicle* from, int key)
{
    for (size_t at = 0; at < m_rows.size(); ++at) {
        const auto& here = m_rows[at];
        const auto found = std::find(here.begin(), here.end(), from);
        if (found == here.end()) continue;
        if (key == Qt::Key_Left && found != here.begin()) (*std::prev(found))->setFocus();
        if (key == Qt::Key_Right && std::next(found) != here.end()) (*std::next(found))->setFocus();
        if (key == Qt::Key_Left || key == Qt::Key_Right) return;
        const size_t other = key == Qt::Key_Up ? at - 1 : at + 1;  // above the first row there is none
        if (other >= m_rows.size()) return;
        const auto& there = m_rows[other];
        const int x = from->geometry().center().x();
        (*std::min_element(there.begin(), there.end(), [x](const YardVehicle* a, const YardVehicle* b) {
            return std::abs(a->geometry().center().x() - x) < std::abs(b->geometry().center().x() - x);
        }))->setFocus();
        return;
    }
}

bool Yard::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Left || key == Qt::Key_Right || key == Qt::Key_Up || key == Qt::Key_Down) {
            walk(qobject_cast<YardVehicle*>(watched), key);
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

}  // namespace app
