#include "app/asks/ask.h"

#include <QLabel>
#include <QToolButton>
#include <QVBoxLayout>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"

namespace app {

Ask::Ask(const Theme& theme, const QString& name, const QString& question, Summary summary, AskForm* form,
         QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_summary(std::move(summary)),
      m_head(new QToolButton(this)),
      m_line(new PlainLabel(this)),
      m_form(form)
{
    setObjectName(name + QStringLiteral("Ask"));
    m_head->setObjectName(name);
    m_head->setProperty("role", "ask");
    m_head->setText(question);
    m_head->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    m_head->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    m_head->setFocusPolicy(Qt::StrongFocus);
    m_line->setObjectName(name + QStringLiteral("Line"));
    m_line->setWordWrap(true);
    m_line->setProperty("role", "quiet");
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(1);
    layout->addWidget(m_head);
    layout->addWidget(m_line);
    layout->addWidget(form);
    form->hide();
    connect(m_head, &QToolButton::clicked, this, [this] { emit openAsked(!m_open); });
    connect(form, &AskForm::edited, this, &Ask::edited);
    connect(&theme, &Theme::changed, this, &Ask::restyle);
    restyle();
}

void Ask::restyle()
{
    m_line->setContentsMargins(m_theme.px(22), 0, 0, m_theme.px(3));
    m_form->setContentsMargins(m_theme.px(22), m_theme.px(2), 0, m_theme.px(8));
    m_head->setArrowType(m_open ? Qt::DownArrow : Qt::RightArrow);
}

void Ask::present(const Survey& survey)
{
    const QString line = m_summary(survey);
    m_line->setText(line);
    m_line->setVisible(!line.isEmpty());
    m_head->setAccessibleName(m_head->text());
    m_head->setAccessibleDescription(line);
    if (m_open) m_form->present(survey);
}

void Ask::setOpen(bool open)
{
    m_open = open;
    m_form->setVisible(open);
    restyle();
}

void Ask::focusForm()
{
    for (QWidget* child : m_form->findChildren<QWidget*>())
        if (child->focusPolicy() != Qt::NoFocus && child->isVisibleTo(this) && child->isEnabled())
            return child->setFocus(Qt::TabFocusReason);
}

}  // namespace app
