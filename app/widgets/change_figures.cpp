#include "app/widgets/change_figures.h"

#include <QPainter>

#include "app/theme/theme.h"

namespace app {

ChangeFigures::ChangeFigures(const Theme& theme, QWidget* parent) : QAbstractButton(parent), m_theme(theme)
{
    setCheckable(true);
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    connect(&theme, &Theme::changed, this, &QWidget::updateGeometry);
}

void ChangeFigures::present(const std::vector<ChangeFigure>& figures)
{
    m_figures = figures;
    QStringList said;
    for (const ChangeFigure& one : figures)
        said << tr("%1: %2 before, %3 %4 after %5").arg(one.label, one.before, one.after, one.unit, one.note);
    setAccessibleName(said.join(tr("; ")));
    update();
}

QSize ChangeFigures::sizeHint() const
{
    return {m_theme.px(420), m_theme.px(58)};
}

QSize ChangeFigures::minimumSizeHint() const
{
    return {m_theme.px(200), m_theme.px(58)};
}

void ChangeFigures::paintFigure(QPainter& painter, const QRect& box, const ChangeFigure& one) const
{
    const Tokens& tokens = m_theme.tokens();
    const auto fitted = [&](const QString& text) {
        return painter.fontMetrics().elidedText(text, Qt::ElideRight, box.width());
    };
    painter.setFont(m_theme.small());
    painter.setPen(tokens.ink2);
    painter.drawText(box, Qt::AlignTop | Qt::AlignLeft, fitted(one.label));
    painter.drawText(box, Qt::AlignBottom | Qt::AlignLeft, fitted(one.note));
    const int base = box.center().y() + m_theme.px(7);
    int x = box.left();
    const auto write = [&](const QString& text, const QFont& font, const QColor& colour) {
        if (text.isEmpty()) return;
        painter.setFont(font);
        painter.setPen(colour);
        painter.drawText(x, base, text);
        x += painter.fontMetrics().horizontalAdvance(text) + m_theme.px(4);
    };
    const bool same = one.before == one.after;
    if (!same && !one.before.isEmpty()) write(one.before, m_theme.text(), tokens.ink2);
    if (!same && !one.before.isEmpty()) write(tr("→"), m_theme.text(), tokens.ink2);
    write(one.after.isEmpty() ? tr("–") : one.after, m_theme.figure(), tokens.ink);
    write(one.unit, m_theme.text(), tokens.ink);
}

void ChangeFigures::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    if (hasFocus() || isChecked() || underMouse()) {
        painter.setPen(QPen(tokens.goldText, hasFocus() ? 2 : 1));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), m_theme.px(4), m_theme.px(4));
    }
    const int count = static_cast<int>(m_figures.size());
    if (count == 0) return;
    const int step = (width() - m_theme.px(12)) / count;
    for (int i = 0; i < count; ++i)
        paintFigure(painter,
                    QRect(m_theme.px(6) + i * step, m_theme.px(4), step - m_theme.px(6), height() - m_theme.px(8)),
                    m_figures[static_cast<size_t>(i)]);
}

}  // namespace app
