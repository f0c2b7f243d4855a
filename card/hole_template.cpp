#include "card/hole_template.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QPainter>
#include <QPdfWriter>
#include <QXmlStreamWriter>
#include <algorithm>

#include "card/sheet_text.h"
#include "words/aim_words.h"
#include "words/fit_words.h"
#include "words/made_names.h"

namespace card {
namespace {

constexpr double kPageEdge_mm = 10.0, kPageHead_mm = 40.0;

struct HoleTemplate {
    Q_DECLARE_TR_FUNCTIONS(card::HoleTemplate)
};

// What lies on one page, millimetres from its upper left corner.
struct Sheet {
    struct Circle {
        QPointF centre{};
        double across = 0.0;
        bool cut = false;  // else a help line
    };
    struct Line {
        QPointF from{}, to{};
        double wide = 0.12;
    };
    struct Text {
        QPointF at{};
        double high = 3.6;
        QString text{};
    };
    std::vector<Circle> circles{};
    std::vector<Line> lines{};
    std::vector<Text> texts{};

    void cross(const QPointF& at, double half)
    {
        lines.push_back({at - QPointF(half, 0.0), at + QPointF(half, 0.0)});
        lines.push_back({at - QPointF(0.0, half), at + QPointF(0.0, half)});
    }
};

QString mm(double value_m)
{
    return words::marginText(value_m, words::UnitSystem::Metric);
}

void drawHead(Sheet& sheet, const core::HoleOutline& one, const QString& title)
{
    const double left = kPageEdge_mm, top = kPageEdge_mm;
    const QString side = one.left ? HoleTemplate::tr("left side of the vehicle, from the seats")
                                  : HoleTemplate::tr("right side of the vehicle, from the seats");
    sheet.texts.push_back({{left, top + 5.0}, 5.0, HoleTemplate::tr("%1, %2").arg(title, side)});
    const QString cut = one.sawn ? HoleTemplate::tr("Hole %1 by saw").arg(mm(one.hole_m))
                                 : HoleTemplate::tr("Hole %1 by this template").arg(mm(one.hole_m));
    sheet.texts.push_back({{left, top + 11.0}, 3.6,
                           HoleTemplate::tr("%1, flange %2, body %3. Print at 100 %.")
                               .arg(cut, mm(one.flange_m), mm(one.body_m))});
    sheet.texts.push_back({{left, top + 16.0}, 3.6,
                           HoleTemplate::tr("%1 %2; %3 %4.")
                               .arg(mm(one.down.from_m), words::nameOf(one.down.edge), mm(one.across.from_m),
                                    words::nameOf(one.across.edge))});
    if (one.worst == core::Origin::ClassGuess)
        sheet.texts.push_back({{left, top + 21.0}, 3.6,
                               HoleTemplate::tr("It rests on usual sizes: hold it on the vehicle and on the speaker before you cut.")});
    const double bar = top + 28.0;
    sheet.lines.push_back({{left, bar}, {left + 100.0, bar}, 0.25});
    for (const double x : {0.0, 50.0, 100.0}) sheet.lines.push_back({{left + x, bar - 2.0}, {left + x, bar + 2.0}, 0.25});
    sheet.texts.push_back({{left + 103.0, bar + 1.0}, 3.6, HoleTemplate::tr("100 mm: measure this first")});
}

// The hole in the middle of what is left of the page, or as near to the edges as they allow.
Sheet sheetOf(const core::HoleOutline& one, const HolePage& page, const QSizeF& size)
{
    Sheet sheet;
    drawHead(sheet, one, page.title);
    const QRectF room(kPageEdge_mm, kPageEdge_mm + kPageHead_mm, size.width() - 2.0 * kPageEdge_mm,
                      size.height() - 2.0 * kPageEdge_mm - kPageHead_mm);
    const QPointF centre = room.center();
    sheet.circles.push_back({centre, 1000.0 * one.hole_m, true});
    sheet.circles.push_back({centre, 1000.0 * one.flange_m, false});
    sheet.cross(centre, 6.0);
    const double down = 1000.0 * one.down.from_m, across = 1000.0 * one.across.from_m;
    // Each edge as a line where it lies on the page, with the way to it; else an arrow that says how far it is.
    const double edgeY = centre.y() - down, edgeX = centre.x() + (one.fromLeft ? -across : across);
    const bool showsTop = edgeY >= room.top(), showsSide = edgeX >= room.left() && edgeX <= room.right();
    const double toY = std::max(edgeY, room.top()), toX = std::clamp(edgeX, room.left(), room.right());
    sheet.lines.push_back({centre, {centre.x(), toY}});
    sheet.lines.push_back({centre, {toX, centre.y()}});
    if (showsTop) sheet.lines.push_back({{room.left(), edgeY}, {room.right(), edgeY}, 0.5});
    if (showsSide) sheet.lines.push_back({{edgeX, room.top()}, {edgeX, room.bottom()}, 0.5});
    // Between the edge and the flange, where there is room.
    const double ring = 500.0 * one.flange_m, out = one.fromLeft ? -ring : ring;
    sheet.texts.push_back({{centre.x() + 2.0, 0.5 * (centre.y() - ring + toY) + 1.5}, 3.6, mm(one.down.from_m)});
    sheet.texts.push_back({{0.5 * (centre.x() + out + toX) - 5.0, centre.y() - 2.0}, 3.6, mm(one.across.from_m)});
    const QPointF arrow(room.right() - 12.0, room.bottom() - 6.0), tip = arrow - QPointF(0.0, 24.0);
    sheet.lines.push_back({arrow, tip, 0.5});
    for (const double aside : {-3.0, 3.0}) sheet.lines.push_back({tip, tip + QPointF(aside, 5.0), 0.5});
    sheet.texts.push_back({tip + QPointF(-5.0, -2.0), 4.0,
                           one.down.edge == core::FromEdge::Top ? HoleTemplate::tr("UP") : HoleTemplate::tr("AHEAD")});
    return sheet;
}

QSizeF pageOf(const HolePage& page)
{
    return page.letterPaper ? QSizeF(215.9, 279.4) : QSizeF(210.0, 297.0);
}

QString number(double value)
{
    return QString::number(value, 'f', 3);
}

}  // namespace

QByteArray holePdf(const std::vector<core::HoleOutline>& sides, const HolePage& page)
{
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setTitle(page.title);
    writer.setResolution(kTemplateDots);
    writer.setPageSize(QPageSize(page.letterPaper ? QPageSize::Letter : QPageSize::A4));
    writer.setPageMargins(QMarginsF());
    QPainter painter(&writer);
    for (size_t i = 0; i < sides.size(); ++i) {
        if (i > 0) writer.newPage();
        painter.resetTransform();
        painter.scale(kTemplateDots_mm, kTemplateDots_mm);
        painter.setBrush(Qt::NoBrush);
        const Sheet sheet = sheetOf(sides[i], page, pageOf(page));
        for (const Sheet::Line& one : sheet.lines) {
            painter.setPen(QPen(Qt::black, one.wide));
            painter.drawLine(one.from, one.to);
        }
        for (const Sheet::Circle& one : sheet.circles) {
            painter.setPen(QPen(Qt::black, one.cut ? 0.35 : 0.12, one.cut ? Qt::SolidLine : Qt::DashLine));
            painter.drawEllipse(one.centre, 0.5 * one.across, 0.5 * one.across);
        }
        for (const Sheet::Text& one : sheet.texts) writeOutlined(painter, one.at, one.high, one.text);
    }
    painter.end();
    return bytes;
}

QByteArray holeSvg(const std::vector<core::HoleOutline>& sides, const HolePage& page)
{
    const QSizeF size = pageOf(page);
    const double wide = size.width() * static_cast<double>(sides.size());
    QByteArray bytes;
    QXmlStreamWriter xml(&bytes);
    xml.setAutoFormatting(true);
    xml.writeStartDocument();
    xml.writeStartElement(QStringLiteral("svg"));
    xml.writeAttribute(QStringLiteral("xmlns"), QStringLiteral("http://www.w3.org/2000/svg"));
    xml.writeAttribute(QStringLiteral("width"), number(wide) + QStringLiteral("mm"));
    xml.writeAttribute(QStringLiteral("height"), number(size.height()) + QStringLiteral("mm"));
    xml.writeAttribute(QStringLiteral("viewBox"), QStringLiteral("0 0 %1 %2").arg(number(wide), number(size.height())));
    for (size_t i = 0; i < sides.size(); ++i) {
        const Sheet sheet = sheetOf(sides[i], page, size);
        xml.writeStartElement(QStringLiteral("g"));
        xml.writeAttribute(QStringLiteral("transform"), QStringLiteral("translate(%1 0)").arg(number(size.width() * static_cast<double>(i))));
        const auto stroke = [&](double width, bool dashed) {
            xml.writeAttribute(QStringLiteral("fill"), QStringLiteral("none"));
            xml.writeAttribute(QStringLiteral("stroke"), QStringLiteral("black"));
            xml.writeAttribute(QStringLiteral("stroke-width"), number(width));
            if (dashed) xml.writeAttribute(QStringLiteral("stroke-dasharray"), QStringLiteral("1 1"));
        };
        for (const Sheet::Line& one : sheet.lines) {
            xml.writeEmptyElement(QStringLiteral("line"));
            xml.writeAttribute(QStringLiteral("x1"), number(one.from.x()));
            xml.writeAttribute(QStringLiteral("y1"), number(one.from.y()));
            xml.writeAttribute(QStringLiteral("x2"), number(one.to.x()));
            xml.writeAttribute(QStringLiteral("y2"), number(one.to.y()));
            stroke(one.wide, false);
        }
        for (const Sheet::Circle& one : sheet.circles) {
            xml.writeEmptyElement(QStringLiteral("circle"));
            xml.writeAttribute(QStringLiteral("cx"), number(one.centre.x()));
            xml.writeAttribute(QStringLiteral("cy"), number(one.centre.y()));
            xml.writeAttribute(QStringLiteral("r"), number(0.5 * one.across));
            stroke(one.cut ? 0.35 : 0.12, !one.cut);
        }
        for (const Sheet::Text& one : sheet.texts) {
            xml.writeStartElement(QStringLiteral("text"));
            xml.writeAttribute(QStringLiteral("x"), number(one.at.x()));
            xml.writeAttribute(QStringLiteral("y"), number(one.at.y()));
            xml.writeAttribute(QStringLiteral("font-family"), QStringLiteral("Lato, sans-serif"));
            xml.writeAttribute(QStringLiteral("font-size"), number(one.high));
            xml.writeCharacters(one.text);
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }
    xml.writeEndElement();
    xml.writeEndDocument();
    return bytes;
}

}  // namespace card
