#include "app/widgets/curve_line.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"

namespace app {

CurveLine::CurveLine(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    connect(&theme, &Theme::changed, this, qOverload<>(&QWidget::update));
}

QSize CurveLine::sizeHint() const
{
    return {m_theme.px(200), m_theme.px(30)};
}

void CurveLine::present(const QVector<double>& hz, const QVector<double>& before, const QVector<double>& after)
{
    m_hz = hz;
    m_before = before;
    m_after = after;
    m_low = 1e9;
    m_high = -1e9;
    for (const QVector<double>* curve : {&m_before, &m_after})
        for (const double value : *curve) {
            m_low = std::min(m_low, value);
            m_high = std::max(m_high, value);
        }
    constexpr double kLeast = 20.0;  // a flat one stays flat
    m_low = std::min(m_low, m_high - kLeast);
    update();
}

QPointF CurveLine::at(double hz, double value) const
{
    if (m_hz.size() < 2) return {};
    const double along = std::log(hz / m_hz.front()) / std::log(m_hz.back() / m_hz.front());
    const double up = (value - m_low) / (m_high - m_low);
    return {along * width(), height() - 2.0 - up * (height() - 4.0)};
}

void CurveLine::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    const auto draw = [&](const QVector<double>& curve, const QPen& pen) {
        if (curve.size() != m_hz.size() || curve.size() < 2) return;
        // A point every few pixels: a dashed line costs by its points, and a drag paints this in each frame.
        constexpr qsizetype kApart = 5;
        const qsizetype step = std::max<qsizetype>(1, kApart * m_hz.size() / std::max(1, width()));
        QPolygonF line;
        for (qsizetype i = 0; i < curve.size(); i += step) line << at(m_hz[i], curve[i]);
        line << at(m_hz.back(), curve.back());
        painter.setPen(pen);
        painter.drawPolyline(line);
    };
    draw(m_before, QPen(tokens.ink2, 1.3, Qt::DashLine));
    draw(m_after, QPen(tokens.goldText, 1.8));
}

}  // namespace app
