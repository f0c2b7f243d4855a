#include "app/widgets/severity_mark.h"

#include <QPainter>

#include "app/theme/theme.h"
#include "words/name_words.h"

namespace app {

QColor colourOf(core::Severity severity, const Tokens& tokens)
{
    switch (severity) {
        case core::Severity::Stop:
            return tokens.rust;
        case core::Severity::Care:
            return tokens.clay;
        case core::Severity::Note:
            return tokens.slate;
    }
    return tokens.ink;
}

void drawSeverity(QPainter& painter, const QRectF& box, core::Severity severity, const Tokens& tokens)
{
    painter.setPen(Qt::NoPen);
    painter.setBrush(colourOf(severity, tokens));
    switch (severity) {
        case core::Severity::Stop:
            painter.drawRect(box);
            break;
        case core::Severity::Care:
            painter.drawPolygon(QPolygonF{{box.center().x(), box.top()}, box.bottomRight(), box.bottomLeft()});
            break;
        case core::Severity::Note:
            painter.drawEllipse(box);
            break;
    }
}

SeverityMark::SeverityMark(core::Severity severity, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_severity(severity), m_theme(theme)
{
    setFixedSize(theme.px(14), theme.px(14));
    setAccessibleName(words::nameOf(severity));
}

void SeverityMark::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    drawSeverity(painter, QRectF(rect()).adjusted(1, 1, -1, -1), m_severity, m_theme.tokens());
}

}  // namespace app
