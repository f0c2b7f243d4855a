#include "app/widgets/return_curve.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <array>
#include <cmath>

#include "app/theme/theme.h"
#include "core/physics/mass_law.h"
#include "words/figures.h"

namespace app {
namespace {

constexpr double kTwice = 2.0;
constexpr double kStep = 0.05;  // of the skin, that a click takes
constexpr std::array kMarks{0.25, 0.5, 1.0, 2.0};

}  // namespace

ReturnCurve::ReturnCurve(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setObjectName(QStringLiteral("returnCurve"));
    setMinimumHeight(theme.px(110));
    setCursor(Qt::PointingHandCursor);
    setAccessibleName(tr("What more of it brings"));
    connect(&theme, &Theme::changed, this, qOverload<>(&QWidget::update));
}

QSize ReturnCurve::sizeHint() const
{
    return {m_theme.px(280), m_theme.px(110)};
}

void ReturnCurve::present(double skin_kg_m2, double sheet_kg_m2, std::optional<double> covered)
{
    m_skin_kg_m2 = skin_kg_m2;
    m_sheet_kg_m2 = sheet_kg_m2;
    m_covered = covered;
    QStringList lines;
    for (const double mark : kMarks) lines << tr("%1: %2").arg(words::percent(mark), words::decibels(gain_db(mark)));
    setAccessibleDescription(lines.join(tr("; ")));
    update();
}

double ReturnCurve::gain_db(double covered) const
{
    return core::massLawGain_db(m_skin_kg_m2, covered * m_sheet_kg_m2);
}

QRectF ReturnCurve::plot() const
{
    const QFontMetricsF metrics(m_theme.small());
    return QRectF(rect()).adjusted(4.0, metrics.height() + 10.0, -metrics.horizontalAdvance(QStringLiteral("200 %")),
                                   -metrics.height() - 4.0);
}

double ReturnCurve::xOf(double covered) const
{
    return plot().left() + covered / kTwice * plot().width();
}

QPointF ReturnCurve::at(double covered) const
{
    const double most_db = std::max(gain_db(kTwice), 1e-6);
    return {xOf(covered), plot().bottom() - gain_db(covered) / most_db * plot().height()};
}

void ReturnCurve::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    const QRectF area = plot();
    painter.setPen(QPen(tokens.rule, 1.0));
    painter.drawLine(area.bottomLeft(), area.bottomRight());
    QPainterPath path(at(0.0));
    for (double covered = kStep; covered < kTwice + 0.5 * kStep; covered += kStep) path.lineTo(at(covered));
    painter.setPen(QPen(tokens.goldText, 2.0));
    painter.drawPath(path);
    painter.setFont(m_theme.small());
    const QFontMetricsF metrics(m_theme.small());
    for (const double mark : kMarks) {
        const QPointF point = at(mark);
        painter.setPen(QPen(tokens.rule, 1.0));
        painter.drawLine(QPointF(point.x(), area.bottom()), point);
        painter.setPen(tokens.ink2);
        const QRectF under(point.x() - 40.0, area.bottom() + 2.0, 80.0, metrics.height());
        painter.drawText(under, Qt::AlignHCenter | Qt::AlignTop, words::percent(mark));
        const QRectF over(point.x() - 40.0, point.y() - metrics.height() - 6.0, 80.0, metrics.height());
        painter.drawText(over, Qt::AlignHCenter | Qt::AlignBottom, words::decibels(gain_db(mark)));
    }
    if (!m_covered) return;
    painter.setPen(QPen(tokens.ink, 1.5));
    painter.setBrush(tokens.goldTint);
    painter.drawEllipse(at(std::min(*m_covered, kTwice)), 5.0, 5.0);
}

void ReturnCurve::mousePressEvent(QMouseEvent* event)
{
    if (event->button() != Qt::LeftButton) return;
    const double covered = (event->position().x() - plot().left()) / plot().width() * kTwice;
    emit picked(std::clamp(std::round(covered / kStep) * kStep, kStep, kTwice));
}

}  // namespace app
