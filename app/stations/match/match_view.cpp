#include "app/stations/match/match_view.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QItemSelectionModel>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>

#include "app/session/workbench.h"
#include "app/stations/match/candidate_reasons.h"
#include "app/stations/match/compare_view.h"
#include "app/stations/match/fit_panel.h"
#include "app/stations/match/place_figures.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/candidate_row.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/figure_table.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/ohmmeter_line.h"
#include "app/widgets/rank_list.h"
#include "app/widgets/waiting_line.h"
#include "core/edits/lead_edits.h"
#include "core/edits/named_edits.h"
#include "words/fit_words.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/survey_words.h"

namespace app {
MatchView::MatchView(const Theme& theme, Workbench& bench, QWidget* parent)
    : Station({.name = QStringLiteral("Match"),
               .title = tr("Match"),
               .menuText = tr("&Match"),
               .digit = 3,
               .keys = tr("On the shelf: arrows choose, Enter plans it, Space holds it against others, C lays the held "
                          "ones side by side, + and − the spacer. The large figures open what they rest on. In the "
                          "ohmmeter field: Enter "
                          "settles Re."),
               .rules = {"FIT", "LOAD", "POL", "LOWS", "JOB"},
               .scrolls = true,
               .tracesFolded = true},
              parent),
      m_theme(theme),
      m_bench(bench),
      m_fit(new FitPanel(theme, this)),
      m_places(new QWidget(this)),
      m_placeRow(new FlowLayout(6)),
      m_showFit(new QPushButton(tr("The c&ut"), this)),
      m_right(new QWidget(this)),
      m_change(new ChangeFigures(theme, this)),
      m_figures(new FigureTable(theme, this)),
      m_ohmmeter(new OhmmeterLine(this)),
      m_search(new QLineEdit(this)),
      m_goesIn(new QPushButton(tr("goes in"), this)),
      m_whole(new QPushButton(tr("nothing cut"), this)),
      m_otherKinds(new QPushButton(tr("other kinds"), this)),
      m_hold(new QPushButton(tr("Hol&d"), this)),
      m_compare(new QPushButton(tr("&Compare"), this)),
      m_plan(new QPushButton(tr("Plan &this one"), this)),
      m_planSet(new QPushButton(tr("Plan the whole set"), this)),
      m_stack(new QStackedWidget(this)),
      m_list(new RankList(this)),
      m_header(new CandidateHeader(theme, *m_list, QStringLiteral("order"), this)),
      m_empty(new PlainLabel(this)),
      m_detail(new QWidget(this)),
      m_candidates(new CandidateModel(theme, this)),
      m_compared(new CompareView(theme, bench, this)),
      m_reasons(new PlainLabel(this))
{
    setObjectName(QStringLiteral("stationPage"));
    build();
    connect(m_fit, &FitPanel::edited, this, &MatchView::edited);
    connect(m_fit, &FitPanel::said, this, &MatchView::said);
    connect(m_ohmmeter, &OhmmeterLine::edited, this, &MatchView::edited);
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this, &MatchView::showReasons);
    connect(m_search, &QLineEdit::textChanged, this, &MatchView::takeFilter);
    connect(m_header, &CandidateHeader::chosen, this, &MatchView::takeFilter);
    connect(m_change, &QAbstractButton::toggled, this, &MatchView::showCompared);
    for (QPushButton* flag : {m_goesIn, m_whole}) connect(flag, &QPushButton::toggled, this, &MatchView::takeFilter);
    connect(m_otherKinds, &QPushButton::toggled, this, [this] {
        if (m_snapshot) showCandidates();
    });
    connect(m_plan, &QPushButton::clicked, this, &MatchView::fitChosen);
    connect(m_planSet, &QPushButton::clicked, this, &MatchView::fitSetOfChosen);
    connect(m_hold, &QPushButton::clicked, this, &MatchView::holdChosen);
    connect(m_compare, &QPushButton::toggled, this, &MatchView::showCompared);
    connect(m_compared, &CompareView::askedAgain, this, &MatchView::showCompared);
    connect(&theme, &Theme::changed, this, [this] {
        arrange();
        m_list->doItemsLayout();
        m_list->fitDetail();
    });
}

core::DeviceId MatchView::chosenDevice() const
{
    if (!m_snapshot) return {};
    const core::Fitout& used = m_snapshot->after().used;
    for (const auto& [id, device] : used.devices)
        if (device.at == m_place && used.parts.at(device.part).kind == core::PartKind::Driver) return id;
    return {};
}

void MatchView::present(const SharedSnapshot& snapshot, core::ListenerId listener)
{
    m_snapshot = snapshot;
    m_listener = listener;
    const auto& places = snapshot->plan.places;
    if (!places.contains(m_place)) m_place = places.empty() ? core::PlaceId{} : places.begin()->first;
    showPlaces();
    showCandidates();
    showPlace();
}

void MatchView::goTo(core::DeviceId device)
{
    if (const auto found = m_snapshot->after().used.devices.find(device);
        found != m_snapshot->after().used.devices.end())
        choosePlace(found->second.at);
}

void MatchView::askForReading(core::DeviceId device, core::StageId stage)
{
    goTo(device);
    m_change->setChecked(true);
    m_ohmmeter->ask(stage);
}

void MatchView::askForMeasure(core::DeviceId device, core::Quantity what)
{
    goTo(device);
    m_fit->ask(what);
}

QString MatchView::owed(const Snapshot& snapshot) const
{
    const auto stops = std::count_if(snapshot.findings.begin(), snapshot.findings.end(), [this](const core::Finding& f) {
        return isOwn(f) && f.severity == core::Severity::Stop;
    });
    return stops > 0 ? tr("%n Stop(s)", nullptr, static_cast<int>(stops)) : ownFindings(snapshot);
}

void MatchView::setShop(const ShopSettings& shop)
{
    m_candidates->setCurrency(shop.currency);
    m_header->setCurrency(shop.currency);
    m_compared->setCurrency(shop.currency);
    m_fit->setPaper(shop.letterPaper);
}

void MatchView::startAfresh()
{
    m_place = {};
    m_bench.drop(this, ranking());
    m_fitWhenRanked.clear();
    m_search->clear();  // words meant for another place
    m_ohmmeter->startAfresh();
    m_change->setChecked(false);
    m_compare->setChecked(false);
    m_candidates->letGo();
    m_candidates->setCandidates({});
}

void MatchView::takePlace(core::PlaceId place)
{
    if (place != m_place) startAfresh();
    m_place = place;
}

void MatchView::choosePlace(core::PlaceId place)
{
    takePlace(place);
    present(m_snapshot, m_listener);
    emit placeChosen();
}

// For keys and screen readers as for the mouse.
void MatchView::showPlaces()
{
    const KeepFocus keys(*m_places);
    clearLayout(*m_placeRow);
    for (const auto& [id, place] : m_snapshot->plan.places) {
        if (place.followsPair && id != m_place) continue;  // its leader speaks for both
        const bool leads = place.pair && m_snapshot->plan.places.at(place.pair).followsPair;
        const QString name = words::named(place.name);
        auto* button = new QPushButton(leads ? tr("%1, both sides").arg(name) : name, m_places);
        button->setObjectName(QStringLiteral("place_p%1").arg(id.number));
        button->setCheckable(true);
        button->setChecked(id == m_place);
        connect(button, &QPushButton::clicked, this, [this, id = id] { choosePlace(id); });
        m_placeRow->addWidget(button);
    }
}

void MatchView::showPlace()
{
    m_change->present(placeFigures(*m_snapshot, chosenDevice()));
    m_figures->present(*m_snapshot, chosenDevice());
    m_ohmmeter->present(m_snapshot, chosenDevice());
    showFit();
}

void MatchView::showFit()
{
    const core::Candidate* candidate = current();
    m_fit->present({.snapshot = m_snapshot,
                    .bench = &m_bench,
                    .stage = m_snapshot->plan.job.goal,
                    .listener = m_listener,
                    .place = m_place,
                    .driver = chosenDevice(),
                    .units = m_theme.units()},
                   candidate && !candidate->fitted ? candidate : nullptr);
}

const core::Candidate* MatchView::current() const
{
    const int row = m_list->currentIndex().row();
    return row < 0 || row >= m_candidates->rowCount() ? nullptr : &m_candidates->candidate(row);
}

// What was ranked stands until the bench has ranked anew.
void MatchView::showCandidates()
{
    const core::DeviceId device = chosenDevice();
    if (!device) {
        m_bench.drop(this, ranking());
        m_fitWhenRanked.clear();
        return takeRanking({});
    }
    const auto scope = m_otherKinds->isChecked() ? core::RankScope::Everything : core::RankScope::WhatSuits;
    m_bench.ask(this, ranking(), m_snapshot->revision,
                [this, shown = m_snapshot, device, scope](const std::stop_token& stop) {
                    return [this, ranked = core::rankDrivers(shown->plan, shown->shop->shelf, device, shown->evaluation,
                                                             scope, stop)] { takeRanking(ranked); };
                });
}

void MatchView::takeRanking(std::vector<core::Candidate> ranked)
{
    const std::string key = current() ? current()->part.shelfKey : std::string();
    m_candidates->setCandidates(std::move(ranked));
    chooseRow(key);
    showCompared();
    const std::string wanted = std::exchange(m_fitWhenRanked, {});
    if (!wanted.empty() && current() && current()->part.shelfKey == wanted) fitChosen();
}

void MatchView::takeFilter()
{
    const std::string key = current() ? current()->part.shelfKey : std::string();
    m_candidates->setFilter({m_search->text(), m_whole->isChecked(), m_goesIn->isChecked(), m_header->order()});
    if (m_snapshot) chooseRow(key);
}

// What was chosen stays chosen; at first it is the one that is planned, else the best.
void MatchView::chooseRow(const std::string& before)
{
    int row = before.empty() ? -1 : m_candidates->rowOfKey(before);
    for (int i = 0; row < 0 && i < m_candidates->rowCount(); ++i)
        if (m_candidates->candidate(i).fitted) row = i;
    m_list->setCurrentIndex(m_candidates->index(std::max(0, row)));
    const bool any = m_candidates->rowCount() > 0;
    for (QPushButton* button : {m_plan, m_hold}) button->setEnabled(any);
    m_empty->setText(chosenDevice() ? tr("Nothing of the shelf is left by these words.")
                                    : tr("No driver stands at this place."));
    m_empty->setVisible(!any);
    showReasons();
}

// Where there is no room for both, one stands in the other's place.
void MatchView::arrange()
{
    constexpr int kBoth = 640;
    const int room_px = parentWidget() ? parentWidget()->width() : width();
    const bool both = room_px >= m_theme.px(kBoth);
    m_showFit->setVisible(!both);
    m_fit->setVisible(both || m_showFit->isChecked());
    m_right->setVisible(both || !m_showFit->isChecked());
}

void MatchView::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    arrange();
}

void MatchView::showReasons()
{
    const core::Candidate* candidate = m_snapshot ? current() : nullptr;
    const QStringList lines = candidate ? candidateReasons(*candidate, *m_snapshot, chosenDevice(),
                                                           {m_theme.units(), m_candidates->currency()})
                                        : QStringList();
    m_reasons->setText(lines.join(QLatin1Char('\n')));
    m_reasons->setVisible(!lines.isEmpty());
    m_detail->setProperty("empty", candidate == nullptr);
    m_plan->setVisible(candidate && !candidate->fitted);
    const auto set = setOfChosen();
    m_planSet->setVisible(set && set->woofer->shelfKey == candidate->part.shelfKey);
    m_list->fitDetail();
    if (m_snapshot) showFit();
}

bool MatchView::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == m_list && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Return || key == Qt::Key_Enter) {
            fitChosen();
            return true;
        }
        if (key == Qt::Key_Space) {
            holdChosen();
            return true;
        }
        if (key == Qt::Key_Plus || key == Qt::Key_Minus) {
            m_fit->stepSpacer(key == Qt::Key_Plus ? 1 : -1);
            return true;
        }
        if (key == Qt::Key_C && m_compare->isEnabled()) {
            m_compare->toggle();
            return true;
        }
    }
    // From the search words straight to what they found.
    if (watched == m_search && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Return || key == Qt::Key_Enter) {
            fitChosen();
            return true;
        }
        if (key == Qt::Key_Up || key == Qt::Key_Down || key == Qt::Key_PageUp || key == Qt::Key_PageDown) {
            QApplication::sendEvent(m_list, event);
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

void MatchView::fitChosen()
{
    const core::Candidate* candidate = m_snapshot ? current() : nullptr;
    if (!candidate) return;
    // What it does to the vehicle, and which lead saves a plug, is known once this plan has been ranked.
    m_fitWhenRanked = m_bench.isAsked(ranking()) ? candidate->part.shelfKey : std::string();
    if (!m_fitWhenRanked.empty()) return;
    emit edited(core::fitPluggedIn(m_snapshot->plan, chosenDevice(), candidate->part,
                                   core::leadThatSaves(candidate->damage, m_snapshot->shop->shelf)));
}

std::optional<core::ComponentSet> MatchView::setOfChosen() const
{
    const core::Candidate* candidate = m_snapshot ? current() : nullptr;
    const core::Part* set = candidate ? core::setWith(m_snapshot->shop->shelf, candidate->part.shelfKey) : nullptr;
    return set ? core::contentsOf(m_snapshot->shop->shelf, *set, m_snapshot->practice()) : std::nullopt;
}

void MatchView::fitSetOfChosen()
{
    if (const auto set = setOfChosen(); set && set->woofer->shelfKey == current()->part.shelfKey)
        emit edited(
            core::fitSet(m_snapshot->plan, chosenDevice(), *set, m_snapshot->shop->vehicles, m_snapshot->practice()));
}

void MatchView::holdChosen()
{
    if (current()) m_candidates->toggleHeld(m_list->currentIndex().row());
    showCompared();
}

void MatchView::showCompared()
{
    const auto held = m_candidates->held();
    m_compare->setText(tr("&Compare %1").arg(held.size()));
    m_compare->setEnabled(held.size() >= 2);
    m_compare->setVisible(!held.empty());
    const bool shown = m_compare->isChecked() && held.size() >= 2;
    m_stack->setCurrentIndex(shown ? 1 : 0);
    m_change->setVisible(!shown);
    for (QWidget* other : std::initializer_list<QWidget*>{m_figures, m_ohmmeter})
        other->setVisible(!shown && m_change->isChecked());
    if (!shown || !m_snapshot) return;
    std::vector<core::Candidate> candidates;
    for (const core::Candidate* one : held) candidates.push_back(*one);
    m_compared->present(m_snapshot, chosenDevice(), m_listener, std::move(candidates));
}

}  // namespace app
