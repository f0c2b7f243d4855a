#include "app/shell/notice_bar.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace app {

NoticeBar::NoticeBar(QWidget* parent) : QFrame(parent), m_text(new QLabel(this)), m_choices(new QHBoxLayout)
{
    setProperty("role", "notice");
    setObjectName(QStringLiteral("noticeBar"));
    m_text->setObjectName(QStringLiteral("noticeText"));
    m_text->setWordWrap(true);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(12, 4, 12, 4);
    layout->addWidget(m_text, 1);
    layout->addLayout(m_choices);
    hide();
}

void NoticeBar::say(const QString& text, const std::vector<Choice>& choices)
{
    while (QLayoutItem* item = m_choices->takeAt(0)) {
        item->widget()->hide();
        item->widget()->deleteLater();
        delete item;
    }
    m_text->setText(text);
    setAccessibleName(text);
    const auto addButton = [&](const QString& label, const QString& name, const std::function<void()>& act) {
        auto* button = new QPushButton(label, this);
        button->setObjectName(name);
        m_choices->addWidget(button);
        connect(button, &QPushButton::clicked, this, [this, act] {
            hide();
            if (act) act();
        });
    };
    for (const Choice& choice : choices) addButton(choice.text, choice.objectName, choice.act);
    if (choices.empty()) addButton(tr("Close"), QStringLiteral("noticeClose"), {});
    show();
}

}  // namespace app
