#include "app/widgets/section_drawing.h"

#include <QPainter>
#include <QStringList>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "app/widgets/severity_mark.h"
#include "words/fit_words.h"
#include "words/quantity_words.h"

namespace app {
namespace {

using What = core::SectionPiece::What;

constexpr double kAround_m = 0.012;  // of free paper before and behind

}  // namespace

SectionDrawing::SectionDrawing(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setMinimumHeight(theme.px(220));
    setAccessibleName(tr("The place cut through the middle"));
    connect(&theme, &Theme::changed, this, qOverload<>(&QWidget::update));
}

QSize SectionDrawing::sizeHint() const
{
    return {m_theme.px(260), m_theme.px(360)};
}

void SectionDrawing::present(const core::FitSection& section, bool underPanel)
{
    m_section = section;
    m_underPanel = underPanel;
    m_empty = false;
    describe();
    arrangeTags();
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
        lines << tr("%1: %2").arg(words::labelOf(measure.what),
                                  words::marginText(measure.figure.value, m_theme.units()));
    setAccessibleDescription(lines.join(tr("; ")));
    setToolTip(lines.join(QLatin1Char('\n')));
}

QRectF SectionDrawing::scaled() const
{
    const double above = m_theme.px(m_held.empty() ? 20 : 52), below = m_theme.px(m_held.empty() ? 8 : 74);
    return QRectF(rect()).adjusted(m_theme.px(14), above, -m_theme.px(14), -below);
}

double SectionDrawing::scale() const
{
    const double wide_m = m_section.back_m - m_section.front_m + 2.0 * kAround_m;
    return std::min(scaled().width() / wide_m, 0.5 * scaled().height() / m_section.radius_m);
}

double SectionDrawing::axisY() const
{
    return scaled().center().y();
}

double SectionDrawing::xOf(double along_m) const
{
    const double middle_m = 0.5 * (m_section.front_m + m_section.back_m);
    return scaled().center().x() + (along_m - middle_m) * scale();
}

void SectionDrawing::hold(Line line, QWidget* tag)
{
    tag->setParent(this);
    m_held[line] = {tag, false};
}

void SectionDrawing::setKnown(Line line, bool known)
{
    m_held.at(line).known = known;
}

std::optional<core::SectionPiece> SectionDrawing::piece(What what) const
{
    for (const core::SectionPiece& one : m_section.pieces)
        if (one.what == what) return one;
    return std::nullopt;
}

// What nobody measured has its line where it would usually run.
QLineF SectionDrawing::lineOf(Line line) const
{
    const double bottom = height() - m_theme.px(66), second = height() - m_theme.px(32);
    const double face = xOf(0.0);
    const auto across = [&](double radius_m, double x) {
        return QLineF(x, axisY() - radius_m * scale(), x, axisY() + radius_m * scale());
    };
    const auto until = [&](std::optional<core::SectionPiece> edge, double otherwise) {
        return edge ? xOf(edge->from_m) : otherwise;
    };
    const auto flange = piece(What::Flange), magnet = piece(What::Magnet), panel = piece(What::Panel);
    switch (line) {
        case Line::InFront:
            return {until(piece(What::Cover), scaled().left()), bottom, face, bottom};
        case Line::Behind:
            return {face, bottom, until(piece(What::Behind), scaled().right()), bottom};
        case Line::WindowUp:
            return {face, second, until(piece(What::GlassUp), scaled().right()), second};
        case Line::Body:
            return {flange ? xOf(flange->to_m) : face, second, magnet ? xOf(magnet->to_m) : scaled().right(), second};
        case Line::Hole:
            return across(panel ? panel->inner_m : 0.0, width() - m_theme.px(6));
        case Line::Circle:
            return across(flange ? 0.5 * (flange->inner_m + flange->outer_m) : 0.0, m_theme.px(6));
    }
    return {};
}

bool SectionDrawing::isShown(Line line) const
{
    const auto held = m_held.find(line);
    return held != m_held.end() && !held->second.tag->isHidden();
}

// Under its line or, of a line across, at its upper end; two that meet at the face stand on either side of it.
void SectionDrawing::arrangeTags()
{
    for (const auto& [line, held] : m_held) {
        if (held.tag->isHidden()) continue;
        const QSize size = held.tag->sizeHint();
        const QLineF at = lineOf(line);
        double left = 0.5 * (at.x1() + at.x2() - size.width());
        double top = at.y1() + m_theme.px(1);
        if (line == Line::InFront) left = std::min(left, at.x2() - size.width() - m_theme.px(2));
        if (line == Line::Behind) left = std::max(left, at.x1() + m_theme.px(2));
        if (line == Line::WindowUp) left = width() - size.width();
        if (line == Line::Body && isShown(Line::WindowUp))
            left = std::min(left, width() - m_held.at(Line::WindowUp).tag->sizeHint().width() - size.width() - 3.0);
        if (line == Line::Hole || line == Line::Circle) top = m_theme.px(18);
        left = std::clamp(left, 0.0, std::max(0.0, 1.0 * width() - size.width()));
        held.tag->setGeometry(QRect(QPoint(qRound(left), qRound(top)), size));
    }
}

void SectionDrawing::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    arrangeTags();
}

void SectionDrawing::paintLine(QPainter& painter, Line line, const Held& held) const
{
    if (held.tag->isHidden()) return;
    const Tokens& tokens = m_theme.tokens();
    painter.setPen(QPen(held.known ? tokens.ink : tokens.clay, 1.2, held.known ? Qt::SolidLine : Qt::DashLine));
    const QLineF at = lineOf(line);
    painter.drawLine(at);
    painter.setPen(QPen(painter.pen().color(), 1.2));
    const QPointF end = line == Line::Hole || line == Line::Circle ? QPointF(4.0, 0.0) : QPointF(0.0, 4.0);
    for (const QPointF& point : {at.p1(), at.p2()}) painter.drawLine(point - end, point + end);
}

// One side of the axis: outwards is 1 above it, -1 below.
void SectionDrawing::paintHalf(QPainter& painter, const core::SectionPiece& piece, double outwards) const
{
    const Tokens& tokens = m_theme.tokens();
    const double axis = axisY();
    const double from = xOf(piece.from_m), to = xOf(piece.to_m);
    const double inner = piece.inner_m * scale() * outwards, outer = piece.outer_m * scale() * outwards;
    painter.setPen(QPen(tokens.ink, 1.2));
    painter.setBrush(tokens.raised);
    const auto ring = [&](double x0, double x1, double r0, double r1) {
        painter.drawRect(QRectF(QPointF(x0, axis - r1), QPointF(x1, axis - r0)).normalized());
    };
    switch (piece.what) {
        case What::Panel:
            painter.setBrush(tokens.ink2);
            return ring(from, std::max(to, from + 2.0), inner, outer);
        case What::Spacer:
            painter.setBrush(tokens.gold);
            painter.setPen(QPen(tokens.goldText, 1.2));
            return ring(from, to, inner, outer);
        case What::Flange:
            return ring(from, to, inner, outer);
        case What::Basket: {
            QPolygonF shape;
            shape << QPointF(from, axis - outer) << QPointF(to, axis - inner) << QPointF(to, axis)
                  << QPointF(from, axis);
            painter.setPen(Qt::NoPen);
            painter.drawPolygon(shape);
            painter.setPen(QPen(tokens.ink, 1.2));
            painter.drawPolyline(shape.data(), 3);
            return;
        }
        case What::Magnet:
            painter.setBrush(tokens.rule);
            return ring(from, to, 0.0, outer);
        case What::Surround:
            painter.drawPie(
                QRectF(QPointF(from, axis - outer), QPointF(from + 2.0 * (to - from), axis - inner)).normalized(),
                90 * 16, 180 * 16);
            return;
        case What::Travel:
            painter.setBrush(Qt::NoBrush);
            painter.setPen(QPen(tokens.goldText, 1.0, Qt::DashLine));
            return ring(from, to, inner, outer);
        case What::Screw: {
            const double middle = axis - 0.5 * (inner + outer);
            painter.setPen(QPen(tokens.ink, 2.0));
            painter.drawLine(QPointF(from, middle), QPointF(to, middle));
            painter.drawLine(QPointF(from, axis - outer), QPointF(from, axis - inner));
            return;
        }
        case What::Cover:
            painter.setPen(QPen(tokens.ink2, 2.0, Qt::DotLine));
            painter.drawLine(QPointF(to, axis - outer), QPointF(to, axis));
            return;
        case What::Behind:
        case What::GlassUp:
            painter.setBrush(tokens.glass);
            painter.setPen(QPen(tokens.slate, 1.4, piece.what == What::Behind ? Qt::SolidLine : Qt::DashLine));
            return ring(from, to, 0.0, outer);
    }
}

void SectionDrawing::paintPiece(QPainter& painter, const core::SectionPiece& piece) const
{
    for (const double outwards : {1.0, -1.0}) paintHalf(painter, piece, outwards);
}

// A dimension line between two real edges: what is left, or in rust how far one reaches into the other.
void SectionDrawing::paintMeasure(QPainter& painter, const core::SectionMeasure& measure, double y, bool decides) const
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
    const QFont font = decides ? m_theme.figure() : m_theme.strong();
    painter.setFont(font);
    const QFontMetricsF metrics(font);
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
    painter.setPen(decides ? colour : tokens.ink);
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
    for (const core::SectionPiece& piece : m_section.pieces) paintPiece(painter, piece);
    painter.setPen(QPen(tokens.ink2, 1.0, Qt::DashDotLine));
    painter.drawLine(QPointF(xOf(m_section.front_m) - 8.0, axisY()), QPointF(xOf(m_section.back_m) + 8.0, axisY()));
    for (const auto& [line, held] : m_held) paintLine(painter, line, held);
    // Each on a height of its own, so that no figure lies on another; the one that decides is the largest.
    const auto spare = [](const core::SectionMeasure& one) { return one.figure.value - one.wanted_m.value_or(0.0); };
    const auto least = std::min_element(m_section.measures.begin(), m_section.measures.end(),
                                        [&](const auto& a, const auto& b) { return spare(a) < spare(b); });
    const double high = m_section.radius_m * scale();
    double share = 0.9 / (static_cast<double>(m_section.measures.size()) + 1.0);
    const double step = share;
    for (auto measure = m_section.measures.begin(); measure != m_section.measures.end(); ++measure) {
        paintMeasure(painter, *measure, axisY() - share * high, measure == least);
        share += step;
    }
}

}  // namespace app
