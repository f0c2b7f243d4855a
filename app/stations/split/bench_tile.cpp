#include "app/stations/split/bench_tile.h"

#include <QPainter>
#include <algorithm>

#include "app/theme/theme.h"

namespace app {

void BenchTile::show(const Look& look)
{
    QWidget::show();
    if (m_look == look) return;
    m_look = look;
    update();
}

QPen BenchTile::edge() const
{
    const Tokens& tokens = m_theme.tokens();
    const bool lit = m_look.picked || hasFocus() || underMouse();
    QPen pen(lit ? tokens.goldText : tokens.ink, hasFocus() || m_look.picked ? 2.4 : 1.4);
    if (m_look.onSpeaker || m_look.bridged) pen.setStyle(Qt::DashLine);
    return pen;
}

void BenchTile::write(QPainter& painter, const QRectF& area)
{
    painter.setPen(m_look.bridged ? m_theme.tokens().ink2 : m_theme.tokens().ink);
    QFont font = m_theme.strong();
    QString value = m_look.value;
    if (QFontMetricsF(font).horizontalAdvance(value) > area.width()) {
        font.setPixelSize(m_theme.px(12));
        const bool stacked = area.height() >= 2.0 * QFontMetricsF(font).height();  // its unit under it
        if (!stacked) font.setPixelSize(m_theme.px(11));
        for (QChar& one : value)
            if (stacked && one.isSpace()) one = QLatin1Char('\n');
    }
    painter.setFont(font);
    painter.drawText(area, Qt::AlignCenter, value);
}

// A can lying on its side, with the band near its end.
void BenchTile::paintCapacitor(QPainter& painter, const QRectF& area)
{
    const Tokens& tokens = m_theme.tokens();
    painter.setPen(edge());
    painter.setBrush(m_look.picked ? tokens.goldTint : tokens.raised);
    painter.drawRoundedRect(area, m_theme.px(7), m_theme.px(7));
    painter.setPen(QPen(tokens.ink2, 1));
    const double band = m_theme.px(m_look.upright ? 4 : 6);
    if (m_look.upright)
        painter.drawLine(QPointF(area.left() + 3, area.bottom() - band), QPointF(area.right() - 3, area.bottom() - band));
    else
        painter.drawLine(QPointF(area.right() - band, area.top() + 3), QPointF(area.right() - band, area.bottom() - 3));
    write(painter, m_look.upright ? area.adjusted(2, 0, -2, -band) : area.adjusted(2, 0, -band, 0));
}

// Wire wound flat, seen from above.
void BenchTile::paintInductor(QPainter& painter, const QRectF& area)
{
    const Tokens& tokens = m_theme.tokens();
    painter.setPen(edge());
    painter.setBrush(m_look.picked ? tokens.goldTint : tokens.raised);
    const double round = 0.5 * std::min(area.width(), area.height());
    painter.drawRoundedRect(area, round, round);
    painter.setPen(QPen(tokens.clay, 1.2));
    painter.setBrush(Qt::NoBrush);
    const bool flat = area.height() < m_theme.px(34);  // no room for turns and a value one inside the other
    for (const double turn : {2.5, 4.5}) {
        if (flat && turn > 3.0) break;
        const double inset = m_theme.px(turn);
        const QRectF inner = area.adjusted(inset, inset, -inset, -inset);
        painter.drawRoundedRect(inner, 0.5 * std::min(inner.width(), inner.height()),
                                0.5 * std::min(inner.width(), inner.height()));
    }
    write(painter, flat ? area.adjusted(3, 2, -3, -2) : area.adjusted(7, 5, -7, -5));
}

// A ceramic block.
void BenchTile::paintResistor(QPainter& painter, const QRectF& area)
{
    const Tokens& tokens = m_theme.tokens();
    painter.setPen(edge());
    painter.setBrush(m_look.picked ? tokens.goldTint : tokens.raised);
    painter.drawRect(area);
    painter.setPen(QPen(tokens.ink2, 1));
    const double foot = m_theme.px(4);
    if (!m_look.upright)
        for (const double x : {area.left() + foot, area.right() - foot})
            painter.drawLine(QPointF(x, area.top() + 2), QPointF(x, area.bottom() - 2));
    write(painter, area.adjusted(2, 0, -2, 0));
}

// From the front: rim, surround, dust cap; a second coil is a second ring.
void BenchTile::paintSpeaker(QPainter& painter, const QRectF& area)
{
    const Tokens& tokens = m_theme.tokens();
    const QPointF centre = area.center();
    const double radius = 0.5 * std::min(area.width(), area.height()) - 2.0;
    painter.setPen(edge());
    painter.setBrush(m_look.picked ? tokens.goldTint : tokens.raised);
    painter.drawEllipse(centre, radius, radius);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(tokens.ink2, 1));
    painter.drawEllipse(centre, 0.82 * radius, 0.82 * radius);
    painter.setPen(QPen(tokens.ink, 1.2));
    for (int coil = 0; coil < m_look.coils; ++coil) {
        const double ring = 0.3 * radius + 0.16 * radius * coil;
        painter.drawEllipse(centre, ring, ring);
    }
}

void BenchTile::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF area = QRectF(rect()).adjusted(1.5, 1.5, -1.5, -1.5);
    switch (m_look.kind) {
        case core::ElementKind::Capacitor:
            paintCapacitor(painter, area);
            break;
        case core::ElementKind::Inductor:
            paintInductor(painter, area);
            break;
        case core::ElementKind::Coil:
            paintSpeaker(painter, area);
            break;
        case core::ElementKind::Resistor:
        case core::ElementKind::Link:
        case core::ElementKind::Output:
        case core::ElementKind::Input:
            paintResistor(painter, area);
            break;
    }
    if (!m_look.bridged) return;  // a link goes round it
    painter.setPen(QPen(m_theme.tokens().rust, 2.0));
    painter.setBrush(Qt::NoBrush);
    const double low = area.bottom() - 1.0;
    painter.drawPolyline(QPolygonF({{area.left(), area.center().y()},
                                    {area.left(), low},
                                    {area.right(), low},
                                    {area.right(), area.center().y()}}));
}

}  // namespace app
