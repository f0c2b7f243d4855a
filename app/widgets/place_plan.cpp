#include "app/widgets/place_plan.h"

#include <QAbstractButton>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "app/widgets/arrow_step.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/vehicle_painter.h"
#include "words/made_names.h"

namespace app {
namespace {

constexpr double kDot = 15.0, kMargin = 8.0;  // units of normal zoom

class PlaceDot : public QAbstractButton {
public:
    PlaceDot(const Theme& theme, QWidget* parent) : QAbstractButton(parent), m_theme(theme)
    {
        setCheckable(true);
        setFocusPolicy(Qt::StrongFocus);
        setAttribute(Qt::WA_TransparentForMouseEvents);  // the nearest one is picked, not the one that lies on top
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const Tokens& tokens = m_theme.tokens();
        const double inset = isChecked() ? 1.5 : 3.0;
        painter.setPen(QPen(isChecked() || hasFocus() ? tokens.goldText : tokens.ink2, hasFocus() ? 2.4 : 1.4));
        painter.setBrush(isChecked() ? tokens.gold : tokens.raised);
        painter.drawEllipse(QRectF(rect()).adjusted(inset, inset, -inset, -inset));
    }

private:
    const Theme& m_theme;
};

}  // namespace

PlacePlan::PlacePlan(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setObjectName(QStringLiteral("placePlan"));
    setAccessibleName(tr("The places, from above"));
    setCursor(Qt::PointingHandCursor);
    setMinimumSize(theme.px(70), theme.px(110));
    connect(&theme, &Theme::changed, this, &PlacePlan::arrange);
}

QSize PlacePlan::sizeHint() const
{
    return {m_theme.px(90), m_theme.px(140)};
}

void PlacePlan::present(const core::Plan& plan, const core::UsualVehicles& vehicles,
                        const std::vector<core::PlaceId>& shown, core::PlaceId picked)
{
    m_picked = picked;
    if (m_shape.above.empty() || !(m_body == plan.body)) {
        m_body = plan.body;
        m_shape = core::bodyShape(m_body, vehicles);
    }
    m_at_m.clear();
    for (const core::PlaceId place : shown) m_at_m[place] = plan.places.at(place).frame.at_m;
    std::erase_if(m_dots, [&](const auto& entry) {
        if (m_at_m.contains(entry.first)) return false;
        entry.second->hide();
        entry.second->deleteLater();
        return true;
    });
    for (const auto& [place, at_m] : m_at_m) {
        QAbstractButton*& dot = m_dots[place];
        if (!dot) {
            dot = new PlaceDot(m_theme, this);
            dot->setObjectName(QStringLiteral("dot_p%1").arg(place.number));
            dot->installEventFilter(this);
            connect(dot, &QAbstractButton::clicked, this, [this, place = place] { emit this->picked(place); });
            dot->show();
        }
        dot->setAccessibleName(words::named(plan.places.at(place).name));
        dot->setChecked(place == picked);
    }
    arrange();
}

QPointF PlacePlan::at(const core::Vec3& point_m) const
{
    const double length = std::max(0.5, m_body.length_m), width = std::max(0.3, m_body.width_m);
    const double margin = m_theme.px(kMargin);
    const double scale = std::min((height() - 2.0 * margin) / length, (this->width() - 2.0 * margin) / width);
    const double top = 0.5 * (height() - scale * length);
    return {0.5 * this->width() - point_m.y * scale, top + (m_body.frontAxle_m - point_m.x) * scale};
}

void PlacePlan::arrange()
{
    const double size = m_theme.px(kDot);
    for (const auto& [place, dot] : m_dots) {
        const QPointF centre = at(m_at_m.at(place));
        dot->setGeometry(QRectF(centre.x() - 0.5 * size, centre.y() - 0.5 * size, size, size).toRect());
        if (place == m_picked) dot->raise();
    }
    update();
}

void PlacePlan::resizeEvent(QResizeEvent*)
{
    arrange();
}

core::PlaceId PlacePlan::nearest(const QPointF& point) const
{
    core::PlaceId best{};
    double least = 0.0;
    for (const auto& [place, at_m] : m_at_m) {
        const QPointF apart = at(at_m) - point;
        const double far = QPointF::dotProduct(apart, apart);
        if (best && far >= least) continue;
        best = place;
        least = far;
    }
    return best;
}

void PlacePlan::mousePressEvent(QMouseEvent* event)
{
    if (const core::PlaceId place = nearest(event->position())) emit picked(place);
}

// Arrows go to the nearest place that way and pick it.
bool PlacePlan::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() != QEvent::KeyPress) return QWidget::eventFilter(watched, event);
    const auto from =
        std::find_if(m_dots.begin(), m_dots.end(), [&](const auto& dot) { return dot.second == watched; });
    if (from == m_dots.end()) return QWidget::eventFilter(watched, event);
    const auto way = arrowOf(static_cast<QKeyEvent*>(event)->key());
    if (!way) return QWidget::eventFilter(watched, event);
    step(from->first, *way);
    return true;
}

void PlacePlan::step(core::PlaceId from, const QPointF& way)
{
    std::vector<core::PlaceId> places;
    std::vector<QPointF> points;
    for (const auto& [place, at_m] : m_at_m) {
        places.push_back(place);
        points.push_back(at(at_m));
    }
    const auto next = nearestThatWay(at(m_at_m.at(from)), way, points);
    if (!next) return;
    m_dots.at(places[*next])->setFocus();
    emit picked(places[*next]);
}

void PlacePlan::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QPointF origin = at({});
    const double scale = at({0.0, -1.0, 0.0}).x() - origin.x();
    const VehicleView view{.area = QRectF(rect()), .origin = origin, .scale = scale};
    VehiclePainter(painter, m_theme, view).body(m_shape);
    painter.setFont(m_theme.small());
    painter.setPen(m_theme.tokens().ink2);
    const double side = 0.5 * std::max(0.3, m_body.width_m) * scale, mark = m_theme.px(12);
    for (const bool left : {true, false}) {
        const double x = 0.5 * width() + (left ? -side - mark : side);
        painter.drawText(QRectF(x, 0.25 * height(), mark, m_theme.px(16)), Qt::AlignCenter, left ? tr("L") : tr("R"));
    }
}

}  // namespace app
