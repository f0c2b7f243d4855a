#include "card/sheet_text.h"

#include <QFont>

namespace card {

void writeOutlined(QPainter& painter, const QPointF& at, double high_mm, const QString& text)
{
    QFont font(QStringLiteral("Lato"));
    font.setPixelSize(100);  // scaled down, so that letters are outlines at any size
    // None to the eye, but without ligatures, which a search of the PDF would miss.
    font.setLetterSpacing(QFont::AbsoluteSpacing, 0.5);
    painter.save();
    painter.translate(at);
    painter.scale(high_mm / 100.0, high_mm / 100.0);
    painter.setFont(font);
    painter.setPen(Qt::black);
    painter.drawText(QPointF(0, 0), text);
    painter.restore();
}

}  // namespace card
