#include "app/widgets/seat_plan.h"

#include <QAbstractButton>
#include <QFocusEvent>
#include <QGridLayout>
#include <QPainter>
#include <QSignalBlocker>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "words/name_words.h"

namespace app {
namespace {

// Of the drawing: heads of one row, a head on the centre plane.
constexpr double kSameRow_m = 0.35, kMiddle_m = 0.1;

class SeatTile : public QAbstractButton {
public:
    SeatTile(const Theme& theme, bool steers, QWidget* parent)
        : QAbstractButton(parent), m_theme(theme), m_steers(steers)
    {
        setCheckable(true);
        setAutoExclusive(true);
    }
    [[nodiscard]] QSize sizeHint() const override { return {m_theme.px(24), m_theme.px(22)}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {m_theme.px(24), m_theme.px(16)}; }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const Tokens& tokens = m_theme.tokens();
        const bool lit = isChecked() || hasFocus() || underMouse();
        painter.setPen(QPen(lit ? tokens.goldText : tokens.ink2, hasFocus() ? 2 : 1));
        painter.setBrush(isChecked() ? tokens.goldTint : tokens.raised);
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), m_theme.px(4), m_theme.px(4));
        if (!isChecked() && !m_steers) return;
        const double head = 0.24 * height();
        painter.setPen(QPen(isChecked() ? tokens.goldText : tokens.ink2, 1));
        painter.setBrush(isChecked() ? tokens.raised : tokens.paper);
        if (isChecked()) {  // the head that hears
            painter.drawEllipse(QRectF(rect()).center(), head, head);
            return;
        }
        const double wheel = 0.5 * width() - m_theme.px(6);  // where somebody steers and does not listen
        painter.drawArc(QRectF(0.5 * width() - wheel, m_theme.px(4), 2.0 * wheel, wheel), 20 * 16, 140 * 16);
    }

private:
    const Theme& m_theme;
    bool m_steers;
};

}  // namespace

SeatPlan::SeatPlan(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme), m_grid(new QGridLayout(this))
{
    m_grid->setContentsMargins(6, 5, 6, 5);
    m_grid->setSpacing(3);
    setFocusPolicy(Qt::TabFocus);
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    connect(&theme, &Theme::changed, this, &SeatPlan::rebuild);
}

std::vector<SeatPlan::Spot> SeatPlan::arranged(const std::map<core::ListenerId, core::Listener>& listeners)
{
    std::vector<std::pair<core::ListenerId, core::Listener>> heads(listeners.begin(), listeners.end());
    std::stable_sort(heads.begin(), heads.end(),
                     [](const auto& a, const auto& b) { return a.second.head_m.x > b.second.head_m.x; });
    std::vector<Spot> spots;
    const core::Vec3* first = nullptr;  // of the row
    for (const auto& [id, listener] : heads) {
        const bool next = first && first->x - listener.head_m.x > kSameRow_m;
        const int row = spots.empty() ? 0 : spots.back().row + (next ? 1 : 0);
        if (!first || next) first = &listener.head_m;
        const bool middle = std::abs(listener.head_m.y) < kMiddle_m;
        spots.push_back({id, listener.seat, row, middle || listener.head_m.y > 0.0 ? 0 : 1, middle ? 2 : 1});
    }
    return spots;
}

// Laid out anew only where somebody came, went or changed rows: not while a head is dragged.
void SeatPlan::present(const std::map<core::ListenerId, core::Listener>& listeners)
{
    std::vector<Spot> spots = arranged(listeners);
    if (spots == m_spots) return;
    m_spots = std::move(spots);
    if (!listeners.contains(m_chosen)) m_chosen = listeners.empty() ? core::ListenerId{} : listeners.begin()->first;
    rebuild();
}

void SeatPlan::startAfresh()
{
    m_chosen = {};
    m_spots.clear();
}

QString SeatPlan::chosenName() const
{
    for (const Spot& spot : m_spots)
        if (spot.listener == m_chosen) return words::nameOf(spot.seat);
    return {};
}

void SeatPlan::choose(core::ListenerId listener)
{
    if (listener == m_chosen || !m_seats.contains(listener)) return;
    m_chosen = listener;
    mark();
    emit listenerChosen(listener);
}

void SeatPlan::rebuild()
{
    const bool hadFocus = isAncestorOf(focusWidget()) && focusWidget()->hasFocus();
    for (const auto& [id, tile] : m_seats) {
        tile->hide();
        tile->deleteLater();
    }
    m_seats.clear();
    for (const Spot& spot : m_spots) {
        auto* tile = new SeatTile(m_theme, spot.seat == core::Seat::Driver, this);
        tile->setObjectName(QStringLiteral("seat_e%1").arg(spot.listener.number));
        tile->setAccessibleName(words::nameOf(spot.seat));
        tile->setToolTip(words::nameOf(spot.seat));
        connect(tile, &QAbstractButton::toggled, this, [this, listener = spot.listener](bool on) {
            if (on) choose(listener);
        });
        m_grid->addWidget(tile, spot.row, spot.column, 1, spot.span, Qt::AlignCenter);
        tile->show();
        m_seats[spot.listener] = tile;
    }
    mark();
    if (hadFocus && m_seats.contains(m_chosen)) m_seats.at(m_chosen)->setFocus();
    updateGeometry();
}

void SeatPlan::mark()
{
    for (const auto& [id, tile] : m_seats) {
        const QSignalBlocker quiet(tile);
        tile->setChecked(id == m_chosen);
        tile->setFocusPolicy(id == m_chosen ? Qt::StrongFocus : Qt::ClickFocus);
        tile->update();
    }
    setFocusProxy(m_seats.contains(m_chosen) ? m_seats.at(m_chosen) : nullptr);
    setAccessibleDescription(chosenName());
}

void SeatPlan::focusInEvent(QFocusEvent* event)
{
    if (m_seats.contains(m_chosen)) m_seats.at(m_chosen)->setFocus(event->reason());
}

void SeatPlan::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(m_theme.tokens().rule);
    painter.setBrush(m_theme.tokens().raised);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), m_theme.px(10), m_theme.px(10));
}

}  // namespace app
