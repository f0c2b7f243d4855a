// Where the pieces of Match stand: the cut at the left; figures, filters and the ranked shelf at the right.
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/session/workbench.h"
#include "app/stations/match/compare_view.h"
#include "app/stations/match/fit_panel.h"
#include "app/stations/match/match_view.h"
#include "app/theme/theme.h"
#include "app/widgets/candidate_row.h"
#include "app/widgets/change_figures.h"
#include "app/widgets/figure_table.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/ohmmeter_line.h"
#include "app/widgets/rank_list.h"
#include "app/widgets/waiting_line.h"

namespace app {

void MatchView::build()
{
    m_places->setLayout(m_placeRow);
    auto* right = new QVBoxLayout(m_right);
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(6);
    m_change->setObjectName(QStringLiteral("showFigures"));
    m_change->setToolTip(tr("What these rest on, and an ohmmeter's reading"));
    for (QWidget* more : std::initializer_list<QWidget*>{m_figures, m_ohmmeter}) more->hide();
    right->addWidget(m_change);
    right->addWidget(m_figures);
    right->addWidget(m_ohmmeter);
    right->addWidget(buildShelf(), 1);
    m_showFit->setObjectName(QStringLiteral("showFit"));
    m_showFit->setCheckable(true);
    m_showFit->setToolTip(tr("The cut and its measures in the shelf's place"));
    connect(m_showFit, &QPushButton::toggled, this, &MatchView::arrange);
    auto* top = new QHBoxLayout;
    top->addWidget(m_places, 1);
    top->addWidget(m_showFit, 0, Qt::AlignTop);
    auto* both = new QHBoxLayout;
    both->setSpacing(14);
    both->addWidget(m_fit, 33);
    both->addWidget(m_right, 67);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(6);
    layout->addLayout(top);
    layout->addLayout(both, 1);
}

QWidget* MatchView::buildFilters()
{
    m_search->setObjectName(QStringLiteral("candidateSearch"));
    m_search->installEventFilter(this);
    m_search->setPlaceholderText(tr("words"));
    m_search->setAccessibleName(tr("Search the drivers by name, key or kind"));
    m_search->setMaximumWidth(m_theme.px(110));
    m_goesIn->setObjectName(QStringLiteral("filterGoesIn"));
    m_goesIn->setToolTip(tr("Only what nothing stops"));
    m_whole->setObjectName(QStringLiteral("filterWhole"));
    m_whole->setToolTip(tr("Only what leaves the vehicle whole: no hole, no plug is cut"));
    m_otherKinds->setObjectName(QStringLiteral("filterOtherKinds"));
    m_otherKinds->setToolTip(tr("Also what is made for another part of the sound than this place plays"));
    for (QPushButton* flag : {m_goesIn, m_whole, m_otherKinds, m_compare}) flag->setCheckable(true);
    m_compare->setObjectName(QStringLiteral("compareCandidates"));
    auto* shelf = new QPushButton(tr("Shelf…"), this);
    shelf->setObjectName(QStringLiteral("openShelf"));
    connect(shelf, &QPushButton::clicked, this, &MatchView::shelfAsked);
    auto* filters = new QWidget(this);
    auto* row = new FlowLayout(6);
    filters->setLayout(row);
    for (QWidget* one : std::initializer_list<QWidget*>{m_search, m_goesIn, m_whole, m_otherKinds, m_compare, shelf})
        row->addWidget(one);
    return filters;
}

// What is said of the chosen one and done with it lies in its own row.
void MatchView::buildDetail()
{
    m_hold->setObjectName(QStringLiteral("holdCandidate"));
    m_hold->setToolTip(tr("Against others, up to three; Space on the list does the same"));
    m_plan->setObjectName(QStringLiteral("fitCandidate"));
    m_plan->setToolTip(tr("Enter on the list does the same"));
    m_plan->setProperty("role", "mend");
    m_planSet->setObjectName(QStringLiteral("fitSet"));
    m_planSet->setToolTip(tr("With its tweeters and networks, as they are sold together"));
    m_reasons->setObjectName(QStringLiteral("candidateReasons"));
    m_reasons->setWordWrap(true);
    m_reasons->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_reasons->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* buttons = new QHBoxLayout;
    for (QPushButton* button : {m_plan, m_hold, m_planSet}) buttons->addWidget(button);
    buttons->addStretch();
    auto* layout = new QVBoxLayout(m_detail);
    layout->setContentsMargins(m_theme.px(10), 0, m_theme.px(10), m_theme.px(6));
    layout->setSpacing(4);
    layout->addWidget(m_reasons);
    layout->addLayout(buttons);
}

QWidget* MatchView::buildShelf()
{
    m_list->setObjectName(QStringLiteral("candidateList"));
    m_list->setAccessibleName(tr("Drivers of the shelf for this place, best first"));
    m_list->setModel(m_candidates);
    m_list->setItemDelegate(new CandidateRow(m_theme, *m_list));
    m_list->setMinimumHeight(m_theme.px(140));
    m_list->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);  // it takes what is left, and asks for no more
    m_list->installEventFilter(this);
    buildDetail();
    m_list->setDetail(m_detail);
    m_empty->setObjectName(QStringLiteral("shelfEmpty"));
    m_empty->setWordWrap(true);
    auto* page = new QWidget(this);
    auto* under = new QVBoxLayout(page);
    under->setContentsMargins(0, 0, 0, 0);
    under->setSpacing(2);
    auto* waiting = new WaitingLine(m_bench, this, ranking(), page);
    connect(waiting, &WaitingLine::askedAgain, this, &MatchView::showCandidates);
    under->addWidget(waiting);
    under->addWidget(m_header);
    under->addWidget(m_empty);
    under->addWidget(m_list, 1);
    m_stack->addWidget(page);
    m_stack->addWidget(m_compared);
    auto* box = new QWidget(this);
    auto* layout = new QVBoxLayout(box);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(buildFilters());
    layout->addWidget(m_stack, 1);
    return box;
}

}  // namespace app
