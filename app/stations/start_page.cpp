#include "app/stations/start_page.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/recent_card.h"
#include "app/widgets/yard.h"

namespace app {

StartPage::StartPage(const Theme& theme, const core::UsualVehicles& vehicles, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_search(new QLineEdit(this)),
      m_sheets(new QVBoxLayout),
      m_vehicles(vehicles),
      m_recent(new FlowLayout(12))
{
    setObjectName(QStringLiteral("stationPage"));
    const auto heading = [this](const QString& text) {
        auto* label = new PlainLabel(text, this);
        label->setFont(m_theme.title());
        connect(&m_theme, &Theme::changed, label, [this, label] { label->setFont(m_theme.title()); });
        return label;
    };
    auto* about = new PlainLabel(tr("Pick it, and the first question comes. Nothing has to be filled in."), this);
    about->setProperty("role", "quiet");
    about->setWordWrap(true);
    m_search->setObjectName(QStringLiteral("sheetSearch"));
    m_search->setAccessibleName(tr("Find a vehicle sheet by name or kind"));
    m_search->setPlaceholderText(tr("one you met before: name or kind"));
    m_search->setMaximumWidth(m_theme.px(380));
    const auto button = [this](const QString& text, const char* name) {
        auto* made = new QPushButton(text, this);
        made->setObjectName(QLatin1String(name));
        return made;
    };
    auto* sheet = button(tr("A vehicle sheet from else&where…"), "startSheet");
    auto* open = button(tr("&Open a plan…"), "startOpen");
    auto* demo = button(tr("Open the &demo plan"), "startDemo");
    auto* others = new QHBoxLayout;
    for (QWidget* one : {open, sheet, demo}) others->addWidget(one);
    others->addStretch();
    auto* yard = new Yard(theme, vehicles, this);
    connect(yard, &Yard::taken, this, &StartPage::newAsked);
    auto* top = new QHBoxLayout;
    top->setSpacing(m_theme.px(20));
    top->addWidget(heading(tr("What came in?")));
    top->addWidget(about, 1);
    top->addWidget(m_search, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(40, 20, 40, 16);
    layout->setSpacing(8);
    layout->addLayout(top);
    layout->addLayout(m_sheets);
    layout->addWidget(yard);
    layout->addWidget(heading(tr("Go on with")));
    layout->addLayout(m_recent);
    layout->addLayout(others);
    layout->addStretch();
    connect(m_search, &QLineEdit::textChanged, this, &StartPage::showSheets);
    connect(demo, &QPushButton::clicked, this, &StartPage::demoAsked);
    connect(open, &QPushButton::clicked, this, &StartPage::openAsked);
    connect(sheet, &QPushButton::clicked, this, &StartPage::sheetAsked);
}

void StartPage::setSheetFolder(const QString& folder)
{
    m_folder = folder;
    if (isVisible()) readSheets();
}

void StartPage::readSheets()
{
    m_known = sheetsIn(m_folder);
    showSheets();
}

void StartPage::showEvent(QShowEvent* event)
{
    QWidget::showEvent(event);
    readSheets();
}

void StartPage::showSheets()
{
    constexpr size_t kMost = 6;
    clearLayout(*m_sheets);
    const auto found = matching(m_known, m_search->text());
    for (size_t i = 0; i < std::min(found.size(), kMost); ++i) {
        auto* button = new QPushButton(nameOf(found[i]), this);
        button->setObjectName(QStringLiteral("sheet%1").arg(i));
        connect(button, &QPushButton::clicked, this, [this, path = found[i].path] { emit sheetChosen(path); });
        m_sheets->addWidget(button, 0, Qt::AlignRight);
    }
    QString said;
    if (found.size() > kMost) said = tr("and %1 more; type a word of the name").arg(found.size() - kMost);
    if (found.empty())
        said = m_search->text().isEmpty()
                   ? tr("No vehicle sheet yet: a surveyed vehicle is saved as one from the Plan menu.")
                   : tr("No sheet with that name.");
    if (said.isEmpty()) return;
    auto* label = new PlainLabel(said, this);
    label->setObjectName(QStringLiteral("noSheets"));
    label->setProperty("role", "quiet");
    m_sheets->addWidget(label, 0, Qt::AlignRight);
}

void StartPage::showRecent(const std::vector<RecentPlan>& plans)
{
    clearLayout(*m_recent);
    for (const RecentPlan& plan : plans) {
        auto* card = new RecentCard(m_theme, plan, m_vehicles, this);
        card->setObjectName(QStringLiteral("recent%1").arg(m_recent->count()));
        m_recent->addWidget(card);
        connect(card, &RecentCard::clicked, this, [this, path = plan.path] { emit recentAsked(path); });
    }
}

}  // namespace app
