#include "app/widgets/answer_line.h"

#include <QEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>

#include "app/theme/theme.h"

namespace app {
namespace {

constexpr int kWrapped = Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap;
constexpr int kLeastHigh = 32, kInset = 4, kMark = 16;
constexpr int kTall = 10'000;  // no limit to a text's height

}  // namespace

void drawAnswer(QPainter& painter, const QRectF& box, Answer answer, const Theme& theme)
{
    const Tokens& tokens = theme.tokens();
    painter.setBrush(Qt::NoBrush);
    switch (answer) {
        case Answer::None:
            break;
        case Answer::Open: {
            QPen dashed(tokens.clay, 1.4);
            dashed.setDashPattern({2.5, 2.0});
            painter.setPen(dashed);
            painter.drawRoundedRect(box.adjusted(1, 1, -1, -1), 3, 3);
            painter.setPen(tokens.clay);
            painter.setFont(theme.small());
            painter.drawText(box, Qt::AlignCenter, QStringLiteral("?"));
            break;
        }
        case Answer::Assumed:
            painter.setPen(tokens.ink2);
            painter.setFont(theme.strong());
            painter.drawText(box, Qt::AlignCenter, QStringLiteral("≈"));
            break;
        case Answer::Cue:
            painter.setPen(Qt::NoPen);
            painter.setBrush(tokens.slate);
            painter.drawEllipse(box.center(), 0.3 * box.width(), 0.3 * box.width());
            break;
        case Answer::Given: {
            painter.setPen(QPen(tokens.river, 2.0, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            QPainterPath tick(box.topLeft() + QPointF(0.15 * box.width(), 0.55 * box.height()));
            tick.lineTo(box.topLeft() + QPointF(0.4 * box.width(), 0.8 * box.height()));
            tick.lineTo(box.topLeft() + QPointF(0.85 * box.width(), 0.2 * box.height()));
            painter.drawPath(tick);
            break;
        }
    }
}

AnswerLine::AnswerLine(const Theme& theme, QWidget* parent) : QAbstractButton(parent), m_theme(theme)
{
    setFocusPolicy(Qt::StrongFocus);
    setAttribute(Qt::WA_Hover);
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Minimum);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
    connect(&theme, &Theme::changed, this, [this] { updateGeometry(); });
}

void AnswerLine::setAnswer(const QString& answer, const AnswerSaid& said)
{
    setAccessibleDescription(said.from.isEmpty() ? answer : tr("%1, %2").arg(answer, said.from));
    if (answer == m_answer && said.mark == m_said.mark && said.from == m_said.from) return;
    m_answer = answer;
    m_said = said;
    updateGeometry();
    update();
}

void AnswerLine::setQuestion(const QString& question)
{
    if (question == m_question) return;
    m_question = question;
    updateGeometry();
    update();
}

void AnswerLine::setLabelWidth(int pixels)
{
    m_label = pixels;
    updateGeometry();
}

int AnswerLine::endWidth() const
{
    if (m_said.mark == Answer::None) return 0;
    const int words = QFontMetrics(m_theme.small()).horizontalAdvance(m_said.from);
    return words + m_theme.px(kMark + 3 * kInset);
}

QRect AnswerLine::answerArea(int width) const
{
    const int left = m_theme.px(m_label);
    return {left, 0, std::max(m_theme.px(60), width - left - endWidth()), kTall};
}

int AnswerLine::heightForWidth(int width) const
{
    const int least = m_theme.px(kLeastHigh);
    if (!m_question.isEmpty()) {
        const QRect area(0, 0, width - m_theme.px(2 * kInset), kTall);
        return std::max(least, QFontMetrics(m_theme.title()).boundingRect(area, kWrapped, m_question).height() +
                                   m_theme.px(2 * kInset));
    }
    const int tall = QFontMetrics(m_theme.strong()).boundingRect(answerArea(width), kWrapped, m_answer).height();
    return std::max(least, tall + m_theme.px(3 * kInset));
}

QSize AnswerLine::sizeHint() const
{
    const int wide = std::max(width(), m_theme.px(240));
    return {m_theme.px(240), heightForWidth(wide)};
}

QSize AnswerLine::minimumSizeHint() const
{
    return {m_theme.px(180), m_theme.px(kLeastHigh)};
}

void AnswerLine::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Tokens& tokens = m_theme.tokens();
    const int inset = m_theme.px(kInset);
    if (isChecked() || (underMouse() && isEnabled())) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(isChecked() || isDown() ? tokens.goldTint : tokens.raised);
        painter.drawRoundedRect(rect(), 4, 4);
    }
    if (m_question.isEmpty()) {
        painter.setPen(QPen(tokens.rule, 1));
        painter.drawLine(0, 0, width(), 0);
    }
    if (!m_question.isEmpty()) {
        painter.setFont(m_theme.title());
        painter.setPen(tokens.ink);
        painter.drawText(rect().adjusted(inset, 0, -inset, 0), kWrapped, m_question);
    } else {
        painter.setFont(m_theme.text());
        // On the gold tint the second ink is under 4.5:1.
        painter.setPen(isChecked() ? tokens.ink : tokens.ink2);
        painter.drawText(QRect(inset, 0, m_theme.px(m_label) - inset, height()),
                         Qt::AlignLeft | Qt::AlignVCenter | Qt::TextShowMnemonic, text());
        painter.setFont(m_said.mark == Answer::Open ? m_theme.text() : m_theme.strong());
        painter.setPen(m_said.mark == Answer::Open ? tokens.ink2 : tokens.ink);
        QRect area = answerArea(width());
        area.setHeight(height());
        painter.drawText(area, kWrapped, m_answer);
        if (m_said.mark != Answer::None) {
            const int mark = m_theme.px(kMark);
            painter.setFont(m_theme.small());
            painter.setPen(tokens.ink2);
            painter.drawText(QRect(0, 0, width() - mark - 2 * inset, height()), Qt::AlignRight | Qt::AlignVCenter,
                             m_said.from);
            drawAnswer(painter, QRectF(width() - mark - inset, 0.5 * (height() - mark), mark, mark), m_said.mark,
                       m_theme);
        }
    }
    if (!hasFocus()) return;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(tokens.goldText, 2));
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 4, 4);
}

}  // namespace app
