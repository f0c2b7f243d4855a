#include "app/stations/match/spacer_template.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QPainter>
#include <QPdfWriter>
#include <QStringList>
#include <cmath>
#include <numbers>
#include <vector>

#include "card/sheet_text.h"
#include "words/fit_words.h"

namespace app {
namespace {

constexpr double kMargin_mm = 10.0, kHead_mm = 34.0, kOverlap_mm = 15.0;

struct Template {
    Q_DECLARE_TR_FUNCTIONS(app::Template)
};

QPointF at_mm(double u_m, double v_m)
{
    return {1000.0 * u_m, -1000.0 * v_m};
}

void circle(QPainter& painter, const QPointF& centre_mm, double across_mm)
{
    painter.drawEllipse(centre_mm, 0.5 * across_mm, 0.5 * across_mm);
}

void cross(QPainter& painter, const QPointF& at, double half_mm)
{
    painter.drawLine(at - QPointF(half_mm, 0.0), at + QPointF(half_mm, 0.0));
    painter.drawLine(at - QPointF(0.0, half_mm), at + QPointF(0.0, half_mm));
}

// Millimetres, the centre of the opening at the origin.
void drawOutline(QPainter& painter, const core::SpacerOutline& outline)
{
    const QPen cut(Qt::black, 0.25), help(Qt::black, 0.12, Qt::DashLine);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(cut);
    circle(painter, {}, 1000.0 * outline.outside_m);
    circle(painter, {}, 1000.0 * outline.inside_m);
    for (const core::OutlineHole& hole : outline.holes) {
        const QPointF centre = at_mm(hole.u_m, hole.v_m);
        circle(painter, centre, 1000.0 * hole.across_m);
        painter.setPen(help);
        cross(painter, centre, 500.0 * hole.across_m + 1.5);
        painter.setPen(cut);
        if (!hole.pilot) circle(painter, centre, 1000.0 * hole.across_m + 2.0);  // right through: a second ring
    }
    // The cable's way out: a slot from the opening to the rim.
    painter.save();
    painter.rotate(-outline.wire_deg);
    const double half_mm = 500.0 * outline.wire_m;
    for (const double side : {-half_mm, half_mm})
        painter.drawLine(QPointF(500.0 * outline.inside_m, side), QPointF(500.0 * outline.outside_m, side));
    painter.restore();
    painter.setPen(help);
    cross(painter, {}, 6.0);
    const QPointF up(0.0, -500.0 * outline.inside_m + 12.0);
    painter.drawLine(QPointF(0.0, -500.0 * outline.inside_m), up);
    card::writeOutlined(painter, up + QPointF(-4.0, 5.0), 4.0, Template::tr("UP"));
}

// What is drilled how wide, and where the driver's screws end.
QString holesText(const core::SpacerOutline& outline)
{
    const auto mm = [](double value_m) { return words::marginText(value_m, words::UnitSystem::Metric); };
    const auto across = [&](bool pilot) {
        for (const core::OutlineHole& hole : outline.holes)
            if (hole.pilot == pilot) return mm(hole.across_m);
        return QString();
    };
    QStringList lines;
    if (const QString pilot = across(true); !pilot.isEmpty())
        lines << Template::tr("One ring: drill %1, for the driver's screws.").arg(pilot);
    if (const QString through = across(false); !through.isEmpty())
        lines << (outline.oneScrew ? Template::tr("Two rings: drill %1 right through, one long screw for both.")
                                   : Template::tr("Two rings: drill %1 right through, into the vehicle."))
                     .arg(through);
    if (outline.relief_m > 0.0) lines << Template::tr("Cut free %1 underneath.").arg(mm(outline.relief_m));
    return lines.join(QLatin1Char(' '));
}

void drawHead(QPainter& painter, const core::SpacerOutline& outline, const QString& title, const QString& side)
{
    card::writeOutlined(painter, {0.0, 5.0}, 5.0, side.isEmpty() ? title : Template::tr("%1, %2").arg(title, side));
    const auto mm = [](double value_m) { return words::marginText(value_m, words::UnitSystem::Metric); };
    card::writeOutlined(painter, {0.0, 11.0}, 3.6,
          Template::tr("This face to you, UP at the mark; %1 thick, %2 outside, %3 inside, cable %4. Print at 100 %.")
              .arg(mm(outline.thickness_m), mm(outline.outside_m), mm(outline.inside_m), mm(outline.wire_m)));
    card::writeOutlined(painter, {0.0, 16.0}, 3.6, holesText(outline));
    painter.setPen(QPen(Qt::black, 0.25));
    painter.drawLine(QPointF(0.0, 22.0), QPointF(100.0, 22.0));
    for (const double x : {0.0, 50.0, 100.0}) painter.drawLine(QPointF(x, 20.0), QPointF(x, 24.0));
    card::writeOutlined(painter, {103.0, 23.0}, 3.6, Template::tr("100 mm: measure this first"));
}

struct Sheet {
    const core::SpacerOutline* outline = nullptr;
    QString side{};
    double left_mm = 0.0, top_mm = 0.0;  // of the drawing, from its centre
};

}  // namespace

QByteArray spacerPdf(const core::SpacerOutline& outline, bool bothSides, const TemplatePage& page)
{
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setResolution(card::kTemplateDots);
    writer.setPageSize(QPageSize(page.letterPaper ? QPageSize::Letter : QPageSize::A4));
    writer.setPageMargins(QMarginsF(0, 0, 0, 0));
    writer.setTitle(page.title);
    const QSizeF paper_mm = writer.pageLayout().pageSize().size(QPageSize::Millimeter);
    const double wide_mm = paper_mm.width() - 2.0 * kMargin_mm;
    const double high_mm = paper_mm.height() - 2.0 * kMargin_mm - kHead_mm;
    const core::SpacerOutline other = core::mirrored(outline);
    const double across_mm = 1000.0 * outline.outside_m + 2.0;
    std::vector<Sheet> sheets;
    const auto sheetsOf = [&](const core::SpacerOutline& one, const QString& side) {
        const auto count = [&](double room_mm) {
            return across_mm <= room_mm
                       ? 1
                       : 1 + static_cast<int>(std::ceil((across_mm - room_mm) / (room_mm - kOverlap_mm)));
        };
        const int columns = count(wide_mm), rows = count(high_mm);
        for (int row = 0; row < rows; ++row)
            for (int column = 0; column < columns; ++column) {
                Sheet sheet{&one, side, -0.5 * wide_mm, -0.5 * high_mm};
                if (columns > 1) sheet.left_mm = -0.5 * across_mm + column * (wide_mm - kOverlap_mm);
                if (rows > 1) sheet.top_mm = -0.5 * across_mm + row * (high_mm - kOverlap_mm);
                sheets.push_back(sheet);
            }
    };
    const QString left = Template::tr("left side of the vehicle"), right = Template::tr("right side of the vehicle");
    const QString here = page.leftward_m > 0.0 ? left : page.leftward_m < 0.0 ? right : QString();
    sheetsOf(outline, here);
    if (bothSides) sheetsOf(other, here == left ? right : left);
    QPainter painter(&writer);
    for (size_t i = 0; i < sheets.size(); ++i) {
        if (i > 0) writer.newPage();
        painter.resetTransform();
        painter.scale(card::kTemplateDots_mm, card::kTemplateDots_mm);
        painter.translate(kMargin_mm, kMargin_mm);
        drawHead(painter, *sheets[i].outline, page.title, sheets[i].side);
        painter.translate(0.0, kHead_mm);
        painter.save();
        painter.setClipRect(QRectF(0.0, 0.0, wide_mm, high_mm));
        painter.translate(-sheets[i].left_mm, -sheets[i].top_mm);
        drawOutline(painter, *sheets[i].outline);
        painter.restore();
    }
    painter.end();
    return bytes;
}

}  // namespace app
