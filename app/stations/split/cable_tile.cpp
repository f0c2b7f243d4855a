#include "app/stations/split/cable_tile.h"

#include <QPainter>
#include <algorithm>

#include "app/theme/theme.h"
#include "words/figures.h"

namespace app {

void CableTile::show(const core::CableTo& cable, const core::CircuitResult* circuit, const QRect& room)
{
    const auto said = [](core::Quantity what, const std::optional<core::Known>& figure) {
        return figure ? words::fieldText(what, figure->value, words::spokenUnits()) : QStringLiteral("?");
    };
    m_known = cable.length_m && cable.area_m2;
    QStringList lines;
    if (cable.length_m || cable.area_m2)
        lines << said(core::Quantity::Length_m, cable.length_m) << said(core::Quantity::Area_m2, cable.area_m2);
    else
        lines << tr("cable") << QStringLiteral("?");
    if (m_known && circuit) {
        const double loss_db = core::cableLoss_db(cable, circuit->least_ohm);
        lines << words::decibelChange(-loss_db);
        setToolTip(tr("The cable, one way and of each core; it loses %1 where the channel sees least")
                       .arg(words::decibels(loss_db)));
    } else {
        setToolTip(tr("How long the cable is, one way, and how thick each core: nobody said"));
    }
    const QFontMetrics metrics(m_theme.small());
    const int line = metrics.height(), edge = m_theme.px(3);
    // One under another where there is room for that, else in one line.
    const bool stacked = room.height() >= static_cast<int>(lines.size()) * line + 2 * edge;
    setText(lines.join(stacked ? QStringLiteral("\n") : QStringLiteral(", ")));
    int wide = 0;
    for (const QString& one : text().split(QLatin1Char('\n'))) wide = std::max(wide, metrics.horizontalAdvance(one));
    setGeometry(room.left(), room.top(), wide + 2 * edge + 2,
                (stacked ? static_cast<int>(lines.size()) : 1) * line + 2 * edge);
    setAccessibleName(tr("cable: %1").arg(lines.join(QStringLiteral(", "))));
    QWidget::show();
    update();
}

void CableTile::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    const bool lit = hasFocus() || underMouse();
    QPen edge(lit ? tokens.goldText : m_known ? tokens.ink2 : tokens.rust, hasFocus() ? 2.0 : 1.0);
    if (!m_known) edge.setStyle(Qt::DotLine);
    painter.setPen(edge);
    painter.setBrush(tokens.raised);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 2, 2);
    painter.setFont(m_theme.small());
    painter.setPen(m_known ? tokens.ink : tokens.rust);
    painter.drawText(rect(), Qt::AlignCenter, text());
}

}  // namespace app
