#include "app/widgets/section_drawing.h"

#include <QPainter>
#include <QStringList>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "app/widgets/severity_mark.h"
#include "words/fit_words.h"

namespace app {
namespace {

using What = core::SectionPiece::What;

constexpr double kAround_m = 0.012;  // of free paper before and behind

}  // namespace

SectionDrawing::SectionDrawing(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setMinimumHeight(theme.px(150));
    setAccessibleName(tr("The place cut through the middle"));
    connect(&theme, &Theme::changed, this, qOverload<>(&QWidget::update));
}

QSize SectionDrawing::sizeHint() const
{
    return {m_theme.px(320), m_theme.px(150)};
}

void SectionDrawing::present(const core::FitSection& section, bool underPanel)
{
    m_section = section;
    m_underPanel = underPanel;
    m_empty = false;
    describe();
    update();
}

void SectionDrawing::clear()
{
    m_empty = true;
    setAccessibleDescription({});
    update();
}

// The same for who does not see it.
void SectionDrawing::describe()
{
    QStringList lines;
    for (const core::SectionMeasure& measure : m_section.measures)
        lines << tr("%1: %2").arg(words::measureName(measure.what),
                                  words::marginText(measure.figure.value, m_theme.units()));
    setAccessibleDescription(lines.join(tr("; ")));
    setToolTip(lines.join(QLatin1Char('\n')));
}

double SectionDrawing::scale() const
{
    const double wide_m = m_section.back_m - m_section.front_m + 2.0 * kAround_m;
    const double room = height() - m_theme.px(42);  // the words stand above and below
    return std::min(width() / wide_m, room / m_section.radius_m);
}

double SectionDrawing::axisY() const
{
    return height() - m_theme.px(21);
}

double SectionDrawing::xOf(double along_m) const
{
    const double middle_m = 0.5 * (m_section.front_m + m_section.back_m);
    return 0.5 * width() + (along_m - middle_m) * scale();
}

void SectionDrawing::paintPiece(QPainter& painter, const core::SectionPiece& piece) const
{
    const Tokens& tokens = m_theme.tokens();
    const double axis = axisY();
    const double from = xOf(piece.from_m), to = xOf(piece.to_m);
    const double inner = piece.inner_m * scale(), outer = piece.outer_m * scale();
    painter.setPen(QPen(tokens.ink, 1.2));
    painter.setBrush(tokens.raised);
    const auto ring = [&](double x0, double x1, double r0, double r1) {
        painter.drawRect(QRectF(x0, axis - r1, x1 - x0, r1 - r0));
    };
    switch (piece.what) {
        case What::Panel:
            painter.setBrush(tokens.ink2);
            return ring(from, std::max(to, from + 2.0), inner, outer);
        case What::Spacer:
            painter.setBrush(tokens.goldTint);
            painter.setPen(QPen(tokens.goldText, 1.2));
            return ring(from, to, inner, outer);
        case What::Flange:
            return ring(from, to, inner, outer);
        case What::Basket: {
            QPolygonF shape;
            shape << QPointF(from, axis - outer) << QPointF(to, axis - inner) << QPointF(to, axis)
                  << QPointF(from, axis);
            painter.drawPolygon(shape);
            return;
        }
        case What::Magnet:
            painter.setBrush(tokens.rule);
            painter.drawRect(QRectF(from, axis - outer, to - from, outer));
            return;
        case What::Surround:
            painter.drawPie(QRectF(from, axis - outer, 2.0 * (to - from), outer - inner), 90 * 16, 180 * 16);
            return;
        case What::Travel:
            painter.setBrush(Qt::NoBrush);
            painter.setPen(QPen(tokens.goldText, 1.0, Qt::DashLine));
            return ring(from, to, inner, outer);
        case What::Screw:
            painter.setPen(QPen(tokens.ink, 2.0));
            painter.drawLine(QPointF(from, axis - 0.5 * (inner + outer)), QPointF(to, axis - 0.5 * (inner + outer)));
            painter.drawLine(QPointF(from, axis - outer), QPointF(from, axis - inner));
            return;
        case What::Cover:
            painter.setPen(QPen(tokens.ink2, 2.0, Qt::DotLine));
            painter.drawLine(QPointF(to, axis - outer), QPointF(to, axis));
            return;
        case What::Behind:
        case What::GlassUp:
            painter.setBrush(tokens.glass);
            painter.setPen(QPen(tokens.slate, 1.4, piece.what == What::Behind ? Qt::SolidLine : Qt::DashLine));
            painter.drawRect(QRectF(from, axis - outer, to - from, outer));
            return;
    }
}

// A dimension line between two real edges: what is left, or in rust how far one reaches into the other.
void SectionDrawing::paintMeasure(QPainter& painter, const core::SectionMeasure& measure, double y) const
{
    const Tokens& tokens = m_theme.tokens();
    const double value = measure.figure.value;
    const bool meets = value < 0.0, tight = measure.wanted_m && value < *measure.wanted_m - 1e-9;
    const QColor colour = meets ? tokens.rust : tight ? tokens.clay : tokens.river;
    const double from = xOf(measure.from_m), to = xOf(measure.to_m);
    painter.setPen(QPen(colour, 1.6));
    painter.drawLine(QPointF(from, y), QPointF(to, y));
    for (const double x : {from, to}) painter.drawLine(QPointF(x, y - 5.0), QPointF(x, y + 5.0));
    const QString text = words::marginText(value, m_theme.units());
    painter.setFont(m_theme.strong());
    const QFontMetricsF metrics(m_theme.strong());
    const double mark = m_theme.px(11), room = metrics.horizontalAdvance(text) + mark + 6.0;
    double left = 0.5 * (from + to) - 0.5 * room;
    left = std::clamp(left, 2.0, std::max(2.0, width() - room - 2.0));
    const QRectF box(left, y - metrics.height() - 6.0, room, metrics.height() + 2.0);
    QColor ground = tokens.paper;
    ground.setAlpha(225);
    painter.fillRect(box, ground);
    if (meets || tight)
        drawSeverity(painter, QRectF(left, box.center().y() - 0.5 * mark, mark, mark),
                     meets ? core::Severity::Stop : core::Severity::Care, tokens);
    painter.setPen(tokens.ink);
    painter.drawText(box.adjusted(mark + 4.0, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter, text);
}

void SectionDrawing::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    painter.setFont(m_theme.small());
    painter.setPen(tokens.ink2);
    if (m_empty) {
        painter.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                         tr("No driver stands at this place: nothing to draw."));
        return;
    }
    const QRectF words = QRectF(rect()).adjusted(4, 0, -4, 0);
    painter.drawText(words, Qt::AlignLeft | Qt::AlignTop, m_underPanel ? tr("above the panel") : tr("cabin"));
    painter.drawText(words, Qt::AlignRight | Qt::AlignTop, m_underPanel ? tr("below") : tr("behind the panel"));
    painter.drawText(words, Qt::AlignHCenter | Qt::AlignBottom, tr("half of it cut through the axis, to scale"));
    for (const core::SectionPiece& piece : m_section.pieces) paintPiece(painter, piece);
    painter.setPen(QPen(tokens.ink2, 1.0, Qt::DashDotLine));
    painter.drawLine(QPointF(xOf(m_section.front_m) - 8.0, axisY()), QPointF(xOf(m_section.back_m) + 8.0, axisY()));
    // Each on a height of its own, so that no figure lies on another.
    const double high = m_section.radius_m * scale();
    double share = 0.9 / (static_cast<double>(m_section.measures.size()) + 1.0);
    const double step = share;
    for (const core::SectionMeasure& measure : m_section.measures) {
        paintMeasure(painter, measure, axisY() - share * high);
        share += step;
    }
}

}  // namespace app
