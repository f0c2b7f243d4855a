#include "app/widgets/recent_card.h"

#include <QPainter>
#include <algorithm>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/severity_mark.h"
#include "app/widgets/vehicle_painter.h"
#include "words/name_words.h"

namespace app {
namespace {

constexpr int kWide = 248, kHigh = 96, kPicture = 96, kEdge = 10;

}  // namespace

RecentCard::RecentCard(const Theme& theme, const RecentPlan& plan, const core::UsualVehicles& vehicles, QWidget* parent)
    : QAbstractButton(parent), m_theme(theme), m_plan(plan), m_shape(core::bodyShape(plan.body, vehicles))
{
    m_state = plan.worst ? tr("%1 %2").arg(plan.count).arg(words::nameOf(*plan.worst)) : tr("no findings");
    setAccessibleName(tr("Go on with %1").arg(plan.title));
    setAccessibleDescription(tr("%1. %2. %3").arg(plan.customer, m_state, plan.path));
    setToolTip(plainTip(plan.title + QLatin1Char('\n') + plan.path));
    setFocusPolicy(Qt::StrongFocus);
    setAttribute(Qt::WA_Hover);
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    connect(&theme, &Theme::changed, this, [this] { updateGeometry(); });
}

QSize RecentCard::sizeHint() const
{
    return {m_theme.px(kWide), m_theme.px(kHigh)};
}

void RecentCard::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    const bool lit = hasFocus() || underMouse();
    painter.setPen(QPen(lit ? tokens.goldText : tokens.rule, hasFocus() ? 2 : 1));
    painter.setBrush(lit ? tokens.goldTint : tokens.raised);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), m_theme.px(4), m_theme.px(4));
    const int edge = m_theme.px(kEdge), picture = m_theme.px(kPicture);
    // The vehicle on its ground line, as large as its corner lets it.
    const double length_m = std::max(1.0, m_plan.body.length_m), ground = m_theme.px(58);
    VehicleView view{.side = VehicleView::Side::Left, .area = QRectF(0, 0, picture, ground)};
    view.scale = std::min((picture - edge) / length_m, (ground - edge) / 2.8);
    view.origin = {edge + m_plan.body.frontAxle_m * view.scale, ground};
    VehiclePainter(painter, m_theme, view).body(m_shape);
    painter.setPen(QPen(tokens.rule, 1));
    painter.drawLine(QPointF(edge, ground), QPointF(picture, ground));
    // On the tint the second ink is too pale.
    const QRect words(picture + edge, edge, width() - picture - 2 * edge, height() - 2 * edge);
    const auto line = [&](int row, const QFont& font, const QColor& colour, const QString& text, int inset) {
        painter.setFont(font);
        painter.setPen(colour);
        const QRect area = words.adjusted(inset, m_theme.px(20) * row, 0, 0);
        painter.drawText(area, Qt::AlignLeft | Qt::AlignTop,
                         painter.fontMetrics().elidedText(text, Qt::ElideRight, area.width()));
    };
    line(0, m_theme.strong(), tokens.ink, m_plan.title, 0);
    line(1, m_theme.small(), lit ? tokens.ink : tokens.ink2, m_plan.customer, 0);
    if (m_plan.worst) {
        const double mark = m_theme.px(12);
        drawSeverity(painter, QRectF(words.left(), words.top() + m_theme.px(42), mark, mark), *m_plan.worst, tokens);
    }
    line(2, m_theme.text(), tokens.ink, m_state, m_plan.worst ? m_theme.px(18) : 0);
    // What it gains in each band, from one line up or down.
    constexpr double kFull_db = 12.0;
    const double reed = m_theme.px(10), step = m_theme.px(14), tallest = m_theme.px(18);
    const double base = height() - edge - 0.5 * tallest, first = edge + 0.5 * (picture - edge - 4 * step);
    painter.setPen(QPen(tokens.ink2, 1));
    painter.drawLine(QPointF(first - 3, base), QPointF(first + 4 * step, base));
    for (size_t band = 0; band < m_plan.change_db.size(); ++band) {
        const double share = std::clamp(m_plan.change_db[band] / kFull_db, -1.0, 1.0);
        if (std::abs(share) * tallest < 0.5) continue;
        painter.setPen(QPen(tokens.goldText, 1));
        painter.setBrush(share > 0.0 ? tokens.gold : tokens.paper);
        painter.drawRect(
            QRectF(first + step * static_cast<double>(band), base, reed, -0.5 * share * tallest).normalized());
    }
}

}  // namespace app
