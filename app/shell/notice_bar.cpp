#include "app/shell/notice_bar.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QShortcut>
#include <algorithm>

#include "app/theme/plain_label.h"

namespace app {

NoticeBar::NoticeBar(QWidget* parent)
    : QFrame(parent),
      m_text(new PlainLabel(this)),
      m_choices(new QHBoxLayout),
      m_close(new QShortcut(Qt::Key_Escape, this))
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
    m_close->setEnabled(false);
    connect(m_close, &QShortcut::activated, this, &QWidget::hide);
}

QString NoticeBar::text() const
{
    return m_text->text();
}

void NoticeBar::lieOver(QWidget* area)
{
    m_area = area;
    area->installEventFilter(this);
    place();
}

void NoticeBar::place()
{
    if (!m_area || !parentWidget()) return;
    const QRect room(m_area->mapTo(parentWidget(), QPoint(0, 0)), m_area->size());
    const int high = std::max(sizeHint().height(), heightForWidth(room.width()));
    setGeometry(room.left(), room.bottom() + 1 - high, room.width(), high);
    raise();
}

bool NoticeBar::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::Resize || event->type() == QEvent::Move) place();
    return QFrame::eventFilter(watched, event);
}

void NoticeBar::showEvent(QShowEvent* event)
{
    QFrame::showEvent(event);
    place();
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
    m_close->setEnabled(choices.empty());
    if (choices.empty()) addButton(tr("Close"), QStringLiteral("noticeClose"), {});
    show();
    place();
}

}  // namespace app
