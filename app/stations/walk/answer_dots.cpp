#include "app/stations/walk/answer_dots.h"

#include <QPainter>
#include <algorithm>

#include "app/theme/theme.h"

namespace app {
namespace {

constexpr int kPitch = 18, kRadius = 5;

}  // namespace

AnswerDots::AnswerDots(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme)
{
    setObjectName(QStringLiteral("answerDots"));
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    connect(&theme, &Theme::changed, this, [this] { updateGeometry(); });
}

void AnswerDots::show(const std::vector<Dot>& dots)
{
    setVisible(!dots.empty());
    if (dots == m_dots) return;
    m_dots = dots;
    const auto answered =
        std::count_if(dots.begin(), dots.end(), [](const Dot& dot) { return isAnswered(dot.answer); });
    setAccessibleName(tr("%1 of %2 answered").arg(answered).arg(dots.size()));
    setToolTip(accessibleName());
    updateGeometry();
    update();
}

QSize AnswerDots::sizeHint() const
{
    return {m_theme.px(kPitch) * static_cast<int>(m_dots.size()), m_theme.px(kPitch)};
}

void AnswerDots::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    const double pitch = m_theme.px(kPitch), radius = m_theme.px(kRadius);
    for (size_t i = 0; i < m_dots.size(); ++i) {
        const Dot& dot = m_dots[i];
        const bool full = isAnswered(dot.answer);
        painter.setPen(QPen(dot.asked ? tokens.goldText : full ? tokens.river : tokens.ink2, 1.4));
        painter.setBrush(dot.asked ? tokens.gold : full ? tokens.river : tokens.paper);
        painter.drawEllipse(QPointF(pitch * (static_cast<double>(i) + 0.5), 0.5 * height()), radius, radius);
    }
}

}  // namespace app
