#include "app/widgets/quiet_combo.h"

#include <QKeyEvent>
#include <QPainter>
#include <QWheelEvent>

namespace app {

QuietCombo::QuietCombo(QWidget* parent) : QComboBox(parent)
{
    setFocusPolicy(Qt::StrongFocus);
}

void QuietCombo::keyPressEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return showPopup();
    const bool letter = !event->text().isEmpty() && event->text().front().isPrint() && event->key() != Qt::Key_Space;
    if (letter && !event->modifiers().testFlag(Qt::AltModifier) && !event->modifiers().testFlag(Qt::ControlModifier))
        return event->ignore();
    QComboBox::keyPressEvent(event);
}

void QuietCombo::wheelEvent(QWheelEvent* event)
{
    if (hasFocus())
        QComboBox::wheelEvent(event);
    else
        event->ignore();
}

// By the palette that the theme sets: base, its rule and, for what has the keys, the gold of its links.
void QuietCombo::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QPalette& colours = palette();
    const bool lit = hasFocus() || underMouse();
    painter.setPen(QPen(lit ? colours.color(QPalette::Link) : colours.color(QPalette::Mid), hasFocus() ? 2 : 1));
    painter.setBrush(colours.color(QPalette::Base));
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 4, 4);
    const QColor ink = colours.color(isEnabled() ? QPalette::Active : QPalette::Disabled, QPalette::Text);
    const double unit = fontMetrics().height() / 4.0, middle = 0.5 * height();
    const double right = width() - 2.2 * unit;
    painter.setPen(QPen(ink, 1.4));
    painter.setBrush(Qt::NoBrush);
    const QPointF tick[] = {
        {right - unit, middle - 0.5 * unit}, {right, middle + 0.5 * unit}, {right + unit, middle - 0.5 * unit}};
    painter.drawPolyline(tick, 3);
    const QRect room = rect().adjusted(qRound(1.8 * unit), 0, -qRound(4.4 * unit), 0);
    painter.setPen(currentIndex() < 0 ? colours.color(QPalette::PlaceholderText) : ink);
    painter.drawText(
        room, Qt::AlignVCenter | Qt::AlignLeft,
        fontMetrics().elidedText(currentIndex() < 0 ? placeholderText() : currentText(), Qt::ElideRight, room.width()));
}

}  // namespace app
