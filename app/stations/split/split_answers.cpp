#include "app/stations/split/split_answers.h"

#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>
#include <array>
#include <cmath>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/painted_button.h"
#include "words/figures.h"
#include "words/fit_words.h"
#include "words/split_words.h"

namespace app {
namespace {

// One answer: its kind, four figures at four spots, and what it takes in one line.
class AnswerCard : public PaintedButton {
public:
    AnswerCard(const Theme& theme, const core::StageResult& stage, const core::SplitAnswer& answer,
               const QString& currency, QWidget* parent)
        : PaintedButton(theme, parent)
    {
        const core::SplitCandidate& found = answer.found;
        m_what = answer.kind;
        m_kind = words::nameOf(answer);
        m_parts = words::jottedParts(found);
        const QString others = words::othersOf(answer, stage);
        if (!others.isEmpty()) m_parts += QStringLiteral("; ") + others;
        const QString price = words::moneyText(std::round(answer.price), currency);
        m_figures = {{{found.at_hz > 0.0 ? words::frequency(found.at_hz) : QStringLiteral("\u2013"),
                       SplitAnswers::tr("hand-over")},
                      {words::decibels(found.even_db), SplitAnswers::tr("uneven")},
                      {words::ohms(found.least_ohm), SplitAnswers::tr("least load")},
                      {answer.price > 0.0 ? QStringLiteral("\u2248") + price : price,
                      SplitAnswers::tr("%n part(s)", nullptr, answer.parts)}}};
        if (found.middle && found.middle->from_hz > 0.0 && found.at_hz > 0.0) {
            m_figures[0] = {SplitAnswers::tr("%1, %2").arg(words::frequency(found.middle->from_hz),
                                                           words::frequency(found.at_hz)),
                            SplitAnswers::tr("hand-overs")};
            m_shares = {0.43, 0.17, 0.18, 0.22};  // of the width
        }
        m_planned = answer.edit.changes.empty();
        setObjectName(QStringLiteral("answer_") + QString::number(static_cast<int>(answer.kind)));
        QStringList said{m_kind};
        for (const auto& [figure, name] : m_figures) said << name + QLatin1Char(' ') + figure;
        said << words::partsOf(found);
        setAccessibleName(said.join(QStringLiteral(", ")));
        setToolTip(answer.parts > 0 ? SplitAnswers::tr("%1. Parts and price are of one side.").arg(words::partsOf(found))
                                    : words::partsOf(found));
        setMinimumHeight(theme.px(70));
        setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
        setMaximumHeight(theme.px(96));
        setEnabled(!m_planned);
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const Tokens& tokens = m_theme.tokens();
        const bool lit = hasFocus() || underMouse();
        painter.setPen(QPen(lit || m_planned ? tokens.goldText : tokens.rule, hasFocus() ? 2 : 1));
        painter.setBrush(m_planned ? tokens.goldTint : tokens.raised);
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 3, 3);
        const double edge = m_theme.px(8), line = m_theme.px(16), sketch = m_theme.px(44);
        paintSketch(painter, QRectF(edge, 0.5 * height() - 0.5 * sketch, sketch, sketch));
        const QRectF inner = QRectF(rect()).adjusted(2 * edge + sketch, m_theme.px(4), -edge, -m_theme.px(4));
        painter.setPen(tokens.ink);
        painter.setFont(m_theme.strong());
        const QString kind = m_planned ? SplitAnswers::tr("%1: this is how it is").arg(m_kind) : m_kind;
        painter.drawText(QRectF(inner.left(), inner.top(), inner.width(), line), Qt::AlignVCenter, kind);
        double x = inner.left();
        for (size_t i = 0; i < m_figures.size(); ++i) {
            const bool last = i + 1 == m_figures.size();
            const double column = inner.width() * m_shares[i] + (last ? m_theme.px(6) : 0.0);
            painter.setFont(m_theme.strong());
            painter.setPen(tokens.ink);
            painter.drawText(QRectF(x, inner.top() + line, column, line), Qt::AlignVCenter, m_figures[i].first);
            painter.setFont(m_theme.small());
            painter.setPen(m_planned ? tokens.ink : tokens.ink2);
            painter.drawText(QRectF(x, inner.top() + 2 * line - 1, column, line), Qt::AlignVCenter,
                             painter.fontMetrics().elidedText(m_figures[i].second, Qt::ElideRight, int(column)));
            x += column;
        }
        const QRectF foot(inner.left(), inner.top() + 3 * line - 1, inner.width(),
                          inner.bottom() - inner.top() - 3 * line);
        if (foot.height() >= painter.fontMetrics().height() - 2)
            painter.drawText(foot, Qt::AlignTop | Qt::TextWordWrap, m_parts);
    }

private:
    // What it takes, as it would lie there: a switch, a capacitor in a lead, a board with its parts.
    void paintSketch(QPainter& painter, const QRectF& area)
    {
        const Tokens& tokens = m_theme.tokens();
        const double middle = area.center().y(), unit = area.width() / 44.0;
        painter.setPen(QPen(tokens.ink, 1.3));
        painter.setBrush(tokens.paper);
        switch (m_what) {
            case core::SplitKind::NoNewParts:
            case core::SplitKind::OneCorner:
                painter.drawRoundedRect(QRectF(area.left() + 6 * unit, middle - 8 * unit, 32 * unit, 16 * unit),
                                        8 * unit, 8 * unit);
                painter.setBrush(tokens.ink);
                painter.drawEllipse(QPointF(area.left() + 30 * unit, middle), 5 * unit, 5 * unit);
                break;
            case core::SplitKind::FewestParts:
                painter.setPen(QPen(tokens.rust, 1.8));
                painter.drawLine(QPointF(area.left(), middle), QPointF(area.right(), middle));
                painter.setPen(QPen(tokens.ink, 1.3));
                painter.drawRoundedRect(QRectF(area.left() + 10 * unit, middle - 8 * unit, 24 * unit, 16 * unit),
                                        4 * unit, 4 * unit);
                break;
            case core::SplitKind::MostEven:
                painter.setBrush(tokens.goldTint);
                painter.drawRect(area.adjusted(2 * unit, 4 * unit, -2 * unit, -4 * unit));
                painter.setBrush(tokens.paper);
                painter.drawRoundedRect(QRectF(area.left() + 6 * unit, middle - 12 * unit, 16 * unit, 9 * unit),
                                        3 * unit, 3 * unit);
                painter.drawEllipse(QPointF(area.left() + 32 * unit, middle - 7 * unit), 6 * unit, 6 * unit);
                painter.drawEllipse(QPointF(area.left() + 14 * unit, middle + 8 * unit), 6 * unit, 6 * unit);
                break;
        }
    }

    core::SplitKind m_what{};
    QString m_kind{}, m_parts{};
    std::array<std::pair<QString, QString>, 4> m_figures{};
    std::array<double, 4> m_shares{0.25, 0.25, 0.25, 0.25};
    bool m_planned = false;
};

}  // namespace

SplitAnswers::SplitAnswers(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_rows(new QVBoxLayout), m_why(new PlainLabel(this))
{
    setObjectName(QStringLiteral("splitAnswers"));
    m_why->setWordWrap(true);
    m_why->setProperty("role", "quiet");
    m_why->setObjectName(QStringLiteral("noAnswers"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    m_rows->setSpacing(4);
    layout->addWidget(m_why);
    layout->addLayout(m_rows, 1);
    layout->addStretch();
}

void SplitAnswers::present(const SharedSnapshot& snapshot, std::vector<core::SplitAnswer> answers)
{
    m_snapshot = snapshot;
    m_answers = std::move(answers);
    m_why->clear();
    fill();
}

void SplitAnswers::presentNone(const QString& why)
{
    m_answers.clear();
    m_why->setText(why);
    fill();
}

void SplitAnswers::setCurrency(const QString& currency)
{
    m_currency = currency;
    fill();
}

void SplitAnswers::fill()
{
    const KeepFocus keys(*this);
    m_why->setVisible(!m_why->text().isEmpty());
    clearLayout(*m_rows);
    for (size_t i = 0; i < m_answers.size(); ++i) {
        auto* card = new AnswerCard(m_theme, m_snapshot->after(), m_answers[i], m_currency, this);
        connect(card, &QAbstractButton::clicked, this, [this, i] { emit taken(m_answers[i].edit); });
        m_rows->addWidget(card);
    }
}

}  // namespace app
