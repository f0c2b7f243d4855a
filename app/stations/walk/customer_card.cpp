#include "app/stations/walk/customer_card.h"

#include <QHideEvent>
#include <QLabel>
#include <QVBoxLayout>

#include "app/asks/asks.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/answer_line.h"

namespace app {

CustomerCard::CustomerCard(const Theme& theme, QWidget* parent)
    : QWidget(parent), m_theme(theme), m_name(new PlainLabel(this))
{
    setObjectName(QStringLiteral("customerCard"));
    m_name->setFont(theme.title());
    m_name->setWordWrap(true);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_name);
    const std::tuple<QString, const char*, size_t> lines[] = {
        {tr("hears"), "customerHears", 0}, {tr("wants"), "customerWants", 1}, {tr("keeps"), "customerKeeps", 1}};
    for (size_t i = 0; i < m_lines.size(); ++i) {
        const auto& [text, name, number] = lines[i];
        m_lines[i] = new AnswerLine(theme, this);
        m_lines[i]->setLabelWidth(56);
        m_lines[i]->setText(text);
        m_lines[i]->setObjectName(QLatin1String(name));
        connect(m_lines[i], &AnswerLine::clicked, this, [this, number = number] { emit asked(number); });
        layout->addWidget(m_lines[i]);
    }
    connect(&theme, &Theme::changed, this, [this] { m_name->setFont(m_theme.title()); });
}

void CustomerCard::present(const Survey& survey)
{
    const core::Job& job = survey.plan().job;
    m_name->setText(job.customer.empty() ? tr("The customer") : QString::fromStdString(job.customer));
    const auto show = [](AnswerLine* line, const QString& said) {
        line->setAnswer(said.isEmpty() ? tr("not said") : said, {said.isEmpty() ? Answer::Open : Answer::None, {}});
    };
    show(m_lines[0], hearsLine(job));
    show(m_lines[1], wantsLine(job));
    show(m_lines[2], keepsLine(job));
}

void CustomerCard::showEvent(QShowEvent* event)
{
    QWidget::showEvent(event);
    emit shown(true);
}

void CustomerCard::hideEvent(QHideEvent* event)
{
    QWidget::hideEvent(event);
    if (!event->spontaneous()) emit shown(false);
}

}  // namespace app
