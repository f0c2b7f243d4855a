// Where the pieces of Split stand: places and channels at the left, the bench beside them; under it load, pair,
// answers.
#include <QBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <tuple>

#include "app/session/workbench.h"
#include "app/stations/split/band_chart.h"
#include "app/stations/split/load_plot.h"
#include "app/stations/split/others_row.h"
#include "app/stations/split/pair_plot.h"
#include "app/stations/split/split_answers.h"
#include "app/stations/split/split_view.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/place_plan.h"
#include "app/widgets/waiting_line.h"

namespace app {
namespace {

constexpr double kThreeAbreast = 760.0, kTwoAbreast = 710.0, kLeftColumn = 204.0;  // units of normal zoom

}  // namespace

void SplitView::build()
{
    m_title->setObjectName(QStringLiteral("splitPlace"));
    m_none->setObjectName(QStringLiteral("splitNone"));
    m_none->setWordWrap(true);
    m_follows->setProperty("role", "quiet");
    auto* left = new QVBoxLayout(m_left);
    left->setContentsMargins(0, 0, 0, 0);
    left->setSpacing(4);
    left->addWidget(m_title);
    left->addWidget(m_follows);
    left->addWidget(m_places, 1);
    left->addWidget(m_card);
    m_actions->setLayout(m_actionRow);
    auto* bench = new QVBoxLayout;
    bench->setSpacing(4);
    m_allBands->setObjectName(QStringLiteral("allBands"));
    m_allBands->setCheckable(true);
    m_allBands->setProperty("role", "topic");
    m_allBands->setMinimumWidth(m_theme.px(88));
    m_site->setObjectName(QStringLiteral("boardSite"));
    m_site->setProperty("role", "topic");
    m_site->setToolTip(tr("Where the crossover board sits in the vehicle"));
    m_files->setObjectName(QStringLiteral("splitFiles"));
    m_files->setProperty("role", "topic");
    m_files->setToolTip(tr("Netlist and curves, for other programs"));
    m_allBands->setToolTip(tr("Every speaker on one scale from 20 Hz to 20 kHz"));
    auto* heading = new QHBoxLayout;
    heading->addWidget(m_wayTitle, 1);
    heading->addWidget(m_site);
    heading->addWidget(m_files);
    heading->addWidget(m_allBands);
    bench->addLayout(heading);
    bench->addWidget(m_none);
    bench->addWidget(m_drawing, 1);
    bench->addWidget(m_bands, 1);
    bench->addWidget(m_actions);
    bench->addWidget(m_others);
    m_top->setSpacing(14);
    m_top->addWidget(m_left);
    m_top->addLayout(bench, 1);
    auto* findTitle = new PlainLabel(tr("ways to split"), m_find);
    findTitle->setObjectName(QStringLiteral("findTitle"));
    auto* waiting = new WaitingLine(m_bench, this, searching(), m_find);
    connect(waiting, &WaitingLine::askedAgain, this, [this] { showAnswers(true); });
    auto* find = new QVBoxLayout(m_find);
    find->setContentsMargins(0, 0, 0, 0);
    find->setSpacing(4);
    for (const auto& [button, name, help] :
         {std::tuple{m_target, "splitTarget", tr("What the sum is to come near")},
          {m_forSeats, "splitSeats", tr("For the chosen seat alone, or for all who listen")}}) {
        button->setObjectName(QLatin1String(name));
        button->setProperty("role", "topic");
        button->setToolTip(help);
    }
    m_forSeats->setCheckable(true);
    showTarget();
    auto* findHead = new QHBoxLayout;
    findHead->addWidget(findTitle, 1);
    findHead->addWidget(m_target);
    findHead->addWidget(m_forSeats);
    find->addLayout(findHead);
    find->addWidget(waiting);
    find->addWidget(m_answers, 1);
    m_bottom->setSpacing(14);
    m_bottom->addWidget(m_load, 19);
    m_bottom->addWidget(m_pairPlot, 38);
    m_bottom->addWidget(m_find, 36);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(8);
    layout->addLayout(m_top, 100 - kLowerHalf);
    layout->addLayout(m_bottom, kLowerHalf);
    arrange();
}

void SplitView::resizeEvent(QResizeEvent* event)
{
    Station::resizeEvent(event);
    arrange();
}

// Side by side where there is room; else one under the other.
void SplitView::arrange()
{
    for (QLabel* title : {m_title, m_wayTitle, m_find->findChild<QLabel*>(QStringLiteral("findTitle"))})
        title->setFont(m_theme.title());
    m_follows->setFont(m_theme.small());
    const bool three = width() >= m_theme.px(kThreeAbreast), two = width() >= m_theme.px(kTwoAbreast);
    m_bottom->setDirection(three ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    m_top->setDirection(two ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    m_left->setMaximumWidth(two ? m_theme.px(kLeftColumn) : QWIDGETSIZE_MAX);
    m_left->setMinimumWidth(two ? m_theme.px(kLeftColumn) : 0);
}

}  // namespace app
