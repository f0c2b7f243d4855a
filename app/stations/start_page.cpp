#include "app/stations/start_page.h"

#include <QFileInfo>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/theme/theme.h"

namespace app {

StartPage::StartPage(const Theme& theme, QWidget* parent) : QWidget(parent), m_recent(new QVBoxLayout)
{
    setObjectName(QStringLiteral("stationPage"));
    auto* title = new QLabel(tr("Golden Reed"), this);
    title->setFont(theme.title());
    auto* about = new QLabel(tr("Plan a speaker change before a panel comes off: what the amplifier sees, what the "
                                "ears hear, what to do in which order.\n"
                                "No plan is open. F4 answers a quick question without one."),
                             this);
    about->setWordWrap(true);
    auto* demo = new QPushButton(tr("Open the &demo plan"), this);
    demo->setObjectName(QStringLiteral("startDemo"));
    demo->setProperty("role", "mend");
    auto* open = new QPushButton(tr("&Open a plan…"), this);
    open->setObjectName(QStringLiteral("startOpen"));
    auto* sheet = new QPushButton(tr("New job from a &vehicle sheet…"), this);
    sheet->setObjectName(QStringLiteral("startSheet"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(60, 60, 60, 20);
    layout->setSpacing(12);
    layout->addWidget(title);
    layout->addWidget(about);
    layout->addWidget(demo, 0, Qt::AlignLeft);
    layout->addWidget(open, 0, Qt::AlignLeft);
    layout->addWidget(sheet, 0, Qt::AlignLeft);
    layout->addLayout(m_recent);
    layout->addStretch();
    connect(demo, &QPushButton::clicked, this, &StartPage::demoAsked);
    connect(open, &QPushButton::clicked, this, &StartPage::openAsked);
    connect(sheet, &QPushButton::clicked, this, &StartPage::sheetAsked);
}

void StartPage::showRecent(const QStringList& paths)
{
    while (QLayoutItem* item = m_recent->takeAt(0)) {
        item->widget()->deleteLater();
        delete item;
    }
    for (const QString& path : paths) {
        auto* button = new QPushButton(tr("%1 – %2").arg(QFileInfo(path).fileName(), QFileInfo(path).path()), this);
        m_recent->addWidget(button, 0, Qt::AlignLeft);
        connect(button, &QPushButton::clicked, this, [this, path] { emit recentAsked(path); });
    }
}

}  // namespace app
