#include "app/stations/split/split_window.h"

#include <QPainter>
#include <QStringList>
#include <algorithm>

#include "app/theme/theme.h"
#include "app/widgets/severity_mark.h"
#include "words/figures.h"

namespace app {

SplitWindow::SplitWindow(const Theme& theme, std::function<double(double)> xOf, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_xOf(std::move(xOf))
{
    setObjectName(QStringLiteral("splitWindow"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    connect(&theme, &Theme::changed, this, [this] {
        updateGeometry();
        update();
    });
}

QSize SplitWindow::sizeHint() const
{
    return {m_theme.px(200), m_theme.px(38)};
}

void SplitWindow::present(const Room& room)
{
    m_room = room;
    QStringList sentences{tr("The larger one beams over %1.").arg(words::frequency(room.beamsOver_hz))};
    if (room.sparedFrom_hz) {
        const QString wants = words::frequency(*room.sparedFrom_hz);
        sentences << (room.begins_hz ? tr("The tweeter wants %1 and more; its filter begins at %2.")
                                           .arg(wants, words::frequency(*room.begins_hz))
                                     : tr("The tweeter wants %1 and more; nothing keeps the lows from it.").arg(wants));
    }
    const QString said = sentences.join(QLatin1Char(' '));
    setAccessibleName(said);
    setToolTip(said);
    update();
}

void SplitWindow::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(m_theme.small());
    const Tokens& tokens = m_theme.tokens();
    const QFontMetricsF metrics(m_theme.small());
    const double line = m_theme.px(18), left = m_xOf(200.0), right = m_xOf(20000.0), gap = m_theme.px(5);
    const auto within = [&](double hz) { return std::clamp(m_xOf(hz), left, right); };
    // A length to a tick, its words on whichever side of that has room.
    const auto bar = [&](double from, double to, double tick, double top, const QString& text,
                         const std::optional<core::Severity>& said) {
        const QColor ink = said ? colourOf(*said, tokens) : tokens.ink;
        const double middle = top + 0.5 * line;
        painter.setPen(QPen(ink, 1.6));
        painter.drawLine(QPointF(from, middle), QPointF(to, middle));
        painter.drawLine(QPointF(tick, middle - 4), QPointF(tick, middle + 4));
        const double wide = metrics.horizontalAdvance(text);
        const double freeLeft = tick == from ? tick : left, freeRight = tick == from ? right : tick;
        QRectF words;
        if (tick == to && tick + gap + wide <= width())
            words = {tick + gap, top, wide + 1, line};
        else if (tick == from && tick - gap - wide >= 0.0)
            words = {tick - gap - wide, top, wide + 1, line};
        else  // on the line itself, on paper
            words = {tick == from ? tick + gap : tick - gap - wide, top, wide + 1, line};
        if (words.left() < freeRight && words.right() > freeLeft && words.intersects({from, top, to - from, line}))
            painter.fillRect(words.adjusted(-2, 2, 2, -2), tokens.paper);
        painter.drawText(words, Qt::AlignVCenter | Qt::AlignLeft, text);
    };
    const double beams = within(m_room.beamsOver_hz);
    if (m_room.sparedFrom_hz && *m_room.sparedFrom_hz < m_room.beamsOver_hz) {
        const double spared = within(*m_room.sparedFrom_hz);
        painter.fillRect(QRectF(spared, 0.0, beams - spared, 2.0 * line), tokens.goldTint);
    }
    bar(left, beams, beams, 0.0, tr("beams over %1").arg(words::frequency(m_room.beamsOver_hz)), m_room.beaming);
    if (!m_room.sparedFrom_hz) return;
    const double spared = within(*m_room.sparedFrom_hz);
    bar(spared, right, spared, line, tr("tweeter wants %1").arg(words::frequency(*m_room.sparedFrom_hz)), m_room.near);
    if (!m_room.begins_hz) return;
    const double begins = within(*m_room.begins_hz), middle = 1.5 * line;
    painter.setPen(QPen(m_room.near ? colourOf(*m_room.near, tokens) : tokens.goldText, 1.4));
    painter.setBrush(m_room.near ? colourOf(*m_room.near, tokens) : tokens.gold);
    painter.drawPolygon(QPolygonF({{begins - 5, middle + 6}, {begins + 5, middle + 6}, {begins, middle - 2}}));
}

}  // namespace app
