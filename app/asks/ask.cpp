#include "app/asks/ask.h"

#include <QVBoxLayout>

#include "app/theme/theme.h"

namespace app {

Ask::Ask(const Theme& theme, const QString& name, AskWords words, Summary summary, AskForm* form, QWidget* parent,
         Said said)
    : QWidget(parent),
      m_theme(theme),
      m_words(std::move(words)),
      m_summary(std::move(summary)),
      m_said(std::move(said)),
      m_line(new AnswerLine(theme, this)),
      m_form(form)
{
    setObjectName(name + QStringLiteral("Ask"));
    m_line->setObjectName(name);
    m_line->setText(m_words.about);
    m_line->setAccessibleName(m_words.question);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_line);
    layout->addWidget(form);
    form->hide();
    const auto inset = [this] { m_form->setContentsMargins(m_theme.px(4), m_theme.px(2), 0, m_theme.px(10)); };
    connect(m_line, &AnswerLine::clicked, this, [this] { emit openAsked(!m_open); });
    connect(form, &AskForm::edited, this, &Ask::edited);
    connect(&theme, &Theme::changed, this, inset);
    inset();
}

void Ask::present(const Survey& survey)
{
    m_line->setAnswer(m_summary(survey), said(survey));
    if (m_open) m_form->present(survey);
}

void Ask::setOpen(bool open)
{
    m_open = open;
    m_form->setVisible(open);
    m_line->setQuestion(open ? m_words.question : QString());
}

void Ask::focusForm()
{
    for (QWidget* child : m_form->findChildren<QWidget*>())
        if (child->focusPolicy() != Qt::NoFocus && child->isVisibleTo(this) && child->isEnabled())
            return child->setFocus(Qt::TabFocusReason);
}

}  // namespace app
