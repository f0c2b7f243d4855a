#include "app/stations/split/split_view.h"

#include <QBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QTimer>
#include <algorithm>

#include "app/session/shop_settings.h"
#include "app/session/workbench.h"
#include "app/stations/split/band_chart.h"
#include "app/stations/split/bench_actions.h"
#include "app/stations/split/load_plot.h"
#include "app/stations/split/others_row.h"
#include "app/stations/split/pair_plot.h"
#include "app/stations/split/split_answers.h"
#include "app/stations/split/value_picker.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/place_plan.h"
#include "core/edits/element_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/turn_edits.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/part_value.h"

namespace app {
namespace {

constexpr int kRest_ms = 250;  // between two notches of a wheel lies less; ours, no source

// What a bridge from one row to another is made of: no row shows how it lies.
QString partsApart(const std::vector<core::BenchWay>& ways, const core::Fitout& fitout)
{
    QStringList names;
    for (const core::BenchWay& way : ways)
        for (const core::Port& port : way.apart) names << words::partName(partOf(fitout, port.device), port.element);
    return names.join(QStringLiteral(", "));
}

}  // namespace

SplitView::SplitView(const Theme& theme, Workbench& bench, QWidget* parent)
    : Station(
          {.name = QStringLiteral("Split"),
           .title = tr("Split"),
           .menuText = tr("Spl&it"),
           .digit = 4,
           .keys = tr("On the bench: Tab and arrows go from thing to thing, Enter opens a value, arrows up and down "
                      "or the wheel step it, Enter keeps, Escape returns it. R turns a speaker over, Delete takes a "
                      "part out, Ctrl+Left and Ctrl+Right carry it along its lead on a board."),
           .rules = {"SPLIT"},
           .scrolls = true,
           .tracesFolded = true},
          parent),
      m_theme(theme),
      m_bench(bench),
      m_title(new PlainLabel(this)),
      m_follows(new PlainLabel(this)),
      m_places(new PlacePlan(theme, this)),
      m_left(new QWidget(this)),
      m_card(new ChannelCard(this)),
      m_wayTitle(new PlainLabel(tr("the way there, as it lies on the bench"), this)),
      m_site(new QPushButton(this)),
      m_files(new QPushButton(tr("files\u2026"), this)),
      m_allBands(new QPushButton(tr("all bands"), this)),
      m_bands(new BandChart(theme, this)),
      m_drawing(new BenchDrawing(theme, this)),
      m_none(new PlainLabel(this)),
      m_actions(new QWidget(this)),
      m_others(new OthersRow(theme, this)),
      m_actionRow(new FlowLayout(6)),
      m_load(new LoadPlot(theme, this)),
      m_pairPlot(new PairPlot(theme, this)),
      m_find(new QWidget(this)),
      m_target(new QPushButton(m_find)),
      m_forSeats(new QPushButton(m_find)),
      m_answers(new SplitAnswers(theme, this)),
      m_picker(new ValuePicker(theme, this)),
      m_rest(new QTimer(this)),
      m_top(new QBoxLayout(QBoxLayout::LeftToRight)),
      m_bottom(new QBoxLayout(QBoxLayout::LeftToRight))
{
    setObjectName(QStringLiteral("stationPage"));
    build();
    m_rest->setSingleShot(true);
    m_rest->setInterval(kRest_ms);
    connect(m_rest, &QTimer::timeout, this, &SplitView::askBand);
    connect(m_places, &PlacePlan::picked, this, &SplitView::choosePlace);
    connect(m_drawing, &BenchDrawing::chosen, this, &SplitView::pick);
    connect(m_drawing, &BenchDrawing::turnAsked, this, &SplitView::turnOver);
    connect(m_drawing, &BenchDrawing::cableAsked, this, &SplitView::openCable);
    connect(m_drawing, &BenchDrawing::moveAsked, this, &SplitView::movePart);
    connect(m_drawing, &BenchDrawing::removeAsked, this, &SplitView::remove);
    connect(m_card, &ChannelCard::asked, this, [this](Knob knob) { openKnob(m_card->channel(), knob); });
    connect(m_card, &ChannelCard::shapeAsked, this,
            [this](Knob knob, const core::FilterShape& shape) { setShape(m_card->channel(), knob, shape); });
    connect(m_site, &QPushButton::clicked, this, &SplitView::offerSites);
    connect(m_files, &QPushButton::clicked, this, &SplitView::offerFiles);
    connect(m_allBands, &QPushButton::toggled, this, [this] {
        leaveValue();
        if (m_snapshot) show();
        if (m_snapshot) showAnswers();
    });
    connect(m_others, &OthersRow::placeChosen, this, &SplitView::choosePlace);
    connect(m_bands, &BandChart::placeChosen, this, &SplitView::openBand);
    connect(m_target, &QPushButton::clicked, this, &SplitView::offerTargets);
    connect(m_forSeats, &QPushButton::toggled, this, [this] {
        showTarget();
        if (m_snapshot) showAnswers();
    });
    connect(m_answers, &SplitAnswers::taken, this, [this](const core::Edit& edit) {
        if (m_answered == m_snapshot->revision) return emit edited(edit);
        emit said(tr("That was found for the plan as it was; what suits it now is being searched."));
    });
    connect(m_picker, &ValuePicker::tried, this, &SplitView::tryValue);
    connect(m_picker, &ValuePicker::kept, this, [this](double value, bool off) {
        const core::Edit edit = editTo(value, off);
        leaveValue();
        m_drawing->focusPicked();
        emit edited(edit);
    });
    connect(m_picker, &ValuePicker::returned, this, [this] {
        leaveValue();
        show();
        m_drawing->focusPicked();
    });
    connect(&theme, &Theme::changed, this, &SplitView::arrange);
}

void SplitView::present(const SharedSnapshot& snapshot, core::ListenerId listener)
{
    m_snapshot = snapshot;
    m_listener = listener;
    leaveValue();
    findPair();
    showPlaces();
    show();
    showAnswers();
}

void SplitView::setShop(const ShopSettings& shop)
{
    m_answers->setCurrency(shop.currency);
}

void SplitView::startAfresh()
{
    m_place = {};
    m_picked = {};
    m_slope_db_octave.reset();  // the next plan may have a target of its own
    showTarget();
    leaveValue();
    m_bench.drop(this, searching());
    m_searched = {};
    m_answers->presentNone({});
}

void SplitView::takePlace(core::PlaceId place)
{
    if (place == m_place) return;
    m_place = place;
    m_picked = {};
    leaveValue();
}

void SplitView::choosePlace(core::PlaceId place)
{
    takePlace(place);
    present(m_snapshot, m_listener);
    emit placeChosen();
}

void SplitView::openBand(core::PlaceId place)
{
    m_allBands->setChecked(false);
    choosePlace(place);
}

core::DeviceId SplitView::chosenDevice() const
{
    if (!m_snapshot) return {};
    if (m_picked.speaker && m_snapshot->after().used.devices.contains(m_picked.port.device))
        return m_picked.port.device;
    for (const auto& [id, device] : m_snapshot->after().used.devices)
        if (device.at == m_place && partOf(m_snapshot->after().used, id).kind == core::PartKind::Driver) return id;
    return {};
}

QString SplitView::owed(const Snapshot& snapshot) const
{
    return ownFindings(snapshot);
}

std::vector<QWidget*> SplitView::areas()
{
    if (m_allBands->isChecked()) return {m_places, m_bands};
    return {m_places, m_drawing, m_actions, m_answers};
}

// The pair that the place's speaker is in, either way round; a place without one shows its own channel alone.
void SplitView::findPair()
{
    const core::StageResult& stage = m_snapshot->after();
    const auto& places = m_snapshot->plan.places;
    const std::vector<core::SplitPair> pairs = core::splitPairs(stage, m_snapshot->practice());
    const auto placeOfRun = [&](size_t run) { return stage.used.devices.at(stage.runs[run].run.id.coil.device).at; };
    if (!places.contains(m_place)) {
        m_place = !pairs.empty()        ? placeOfRun(pairs.front().high)
                  : !stage.runs.empty() ? placeOfRun(0)
                  : places.empty()      ? core::PlaceId{}
                                        : places.begin()->first;
    }
    m_pair.reset();
    for (const core::SplitPair& pair : pairs)
        if (placeOfRun(pair.high) == m_place || (!m_pair && placeOfRun(pair.low) == m_place)) m_pair = pair;
}

core::DeviceId SplitView::high() const
{
    const core::StageResult& stage = m_snapshot->after();
    return m_pair ? stage.runs[m_pair->high].run.id.coil.device : chosenDevice();
}

void SplitView::showPlaces()
{
    std::vector<core::PlaceId> shown;
    const core::Fitout& used = m_snapshot->after().used;
    for (const auto& [id, device] : used.devices)
        if (device.at && used.parts.at(device.part).kind == core::PartKind::Driver &&
            std::find(shown.begin(), shown.end(), device.at) == shown.end())
            shown.push_back(device.at);
    m_places->present(m_snapshot->plan, m_snapshot->shop->vehicles, shown, m_place);
    const auto place = m_snapshot->plan.places.find(m_place);
    m_title->setText(place == m_snapshot->plan.places.end() ? tr("no place yet") : words::named(place->second.name));
    const core::PlaceId mate =
        place == m_snapshot->plan.places.end() ? core::PlaceId{} : core::mateOf(m_snapshot->plan.places, m_place);
    m_follows->setText(mate ? tr("the other side follows") : QString());
    m_follows->setVisible(static_cast<bool>(mate));
}

// What is tried stands in the place of what is planned until it is kept or returned.
void SplitView::show()
{
    const std::shared_ptr<const core::StageResult> stage = shownStage();
    const bool all = m_allBands->isChecked();
    m_wayTitle->setText(all ? tr("who plays what, at this seat") : tr("the way there, as it lies on the bench"));
    m_bands->setVisible(all);
    static_cast<QBoxLayout*>(layout())->setStretch(1, all ? 0 : kLowerHalf);  // what is hidden would keep its share
    if (all) m_bands->present(*m_snapshot, *stage, m_listener);
    m_pairPlot->setVisible(!all);
    m_files->setVisible(!all);
    if (!m_tried) showSite();  // no value moves it
    showOne(stage);
}

std::shared_ptr<const core::StageResult> SplitView::shownStage() const
{
    return m_tried ? m_tried : m_snapshot->evaluation.stages.at(m_snapshot->plan.job.goal);
}

std::optional<core::SplitPair> SplitView::shownPair(const core::StageResult& stage) const
{
    return m_tried && m_pair ? core::splitPairOf(stage, high(), m_snapshot->practice()) : m_pair;
}

void SplitView::showOne(const std::shared_ptr<const core::StageResult>& stage)
{
    std::vector<core::Port> channels;
    const core::DeviceId chosen = chosenDevice();
    for (const core::RunResult& run : stage->runs) {
        const core::DeviceId device = run.run.id.coil.device;
        const bool ofPair = m_pair && (device == m_snapshot->after().runs[m_pair->low].run.id.coil.device ||
                                       device == m_snapshot->after().runs[m_pair->high].run.id.coil.device);
        if ((ofPair || device == chosen) &&
            std::find(channels.begin(), channels.end(), run.run.id.channel) == channels.end())
            channels.push_back(run.run.id.channel);
    }
    const std::vector<core::BenchWay> ways = benchWays(stage->used, channels);
    const bool any = !ways.empty();
    const QString apart = partsApart(ways, stage->used);
    m_none->setText(any      ? tr("Not drawn, since it joins two rows: %1. Its wires are in Walk-round.").arg(apart)
                    : chosen ? tr("Nothing feeds this speaker. Walk-round says where its wires go.")
                             : tr("No speaker here. Walk-round adds what is fitted, Match what is planned."));
    const bool here = !m_allBands->isChecked();
    m_none->setVisible(here && (!any || !apart.isEmpty()));
    m_wayTitle->setVisible(any || !here);
    for (QWidget* one : std::initializer_list<QWidget*>{m_drawing, m_load}) one->setVisible(any && here);
    if (here) m_drawing->present(m_snapshot, stage, ways, m_picked);
    m_card->setVisible(any);
    if (any) {
        const core::Port channel = channelOf(*stage, channels);
        m_card->present(*stage, channel);
        if (here) m_load->present(*m_snapshot, *stage, channel);
    }
    if (here) m_pairPlot->present(*m_snapshot, *stage, shownPair(*stage), m_listener);
    m_bench.drop(this, band());
    m_rest->start();
    std::vector<core::DeviceId> shown;  // whoever hangs on these channels is drawn
    for (const core::RunResult& run : stage->runs)
        if (std::find(channels.begin(), channels.end(), run.run.id.channel) != channels.end())
            shown.push_back(run.run.id.coil.device);
    if (!here)
        m_others->hide();
    else if (!m_tried)
        m_others->present(*stage, shown);
    if (!m_tried) showActions(*stage);  // what can be done is about the plan, not about what is tried
}

// Of those that are shown the one that what is picked hangs on; nothing picked: the tweeter's.
core::Port SplitView::channelOf(const core::StageResult& stage, const std::vector<core::Port>& channels) const
{
    const core::DeviceId device = m_picked ? m_picked.port.device : high();
    for (const core::RunResult& run : stage.runs) {
        const bool along = std::find(run.run.along.begin(), run.run.along.end(), device) != run.run.along.end();
        if (along && std::find(channels.begin(), channels.end(), run.run.id.channel) != channels.end())
            return run.run.id.channel;
    }
    return channels.front();
}

void SplitView::showActions(const core::StageResult& stage)
{
    const KeepFocus keys(*m_actions);
    clearLayout(*m_actionRow);
    const bool all = m_allBands->isChecked();  // there only what is open can be kept or returned
    m_actions->setVisible(!all || m_open.port.device);
    if (!m_snapshot || stage.runs.empty()) return;
    if (m_open.port.device) {
        const auto offer = [&](const char* name, const QString& text, auto then) {
            auto* button = new QPushButton(text, m_actions);
            button->setObjectName(QLatin1String(name));
            connect(button, &QPushButton::clicked, m_picker, then);
            m_actionRow->addWidget(button);
        };
        offer("keepValue", tr("Keep it (Enter)"), &ValuePicker::keep);
        offer("returnValue", tr("As it was (Esc)"), &ValuePicker::giveBack);
    }
    if (m_open.knob || all) return;
    for (const BenchAction& action : benchActions(*m_snapshot, m_picked, m_pair, chosenDevice()))
        addAction(action);
    const core::DeviceId speaker = m_picked.speaker ? m_picked.port.device : high();
    if ((m_picked && !m_picked.speaker) || !core::findRunOfDevice(stage, speaker)) return;
    auto* board = new QPushButton(tr("A board\u2026"), m_actions);
    board->setObjectName(QStringLiteral("makeBoard"));
    connect(board, &QPushButton::clicked, this, [this, speaker] { openBoard(speaker); });
    m_actionRow->addWidget(board);
}

void SplitView::addAction(const BenchAction& action)
{
    auto* button = new QPushButton(action.text, m_actions);
    button->setObjectName(action.name);
    button->setToolTip(action.more);
    connect(button, &QPushButton::clicked, this, [this, edit = action.edit, along = action.along] {
        if (along) return movePart(m_picked, *along);
        emit edited(edit);
    });
    m_actionRow->addWidget(button);
}

// A value that is tried is kept first; the part stays picked where it is then.
void SplitView::movePart(BenchPick part, core::Along along)
{
    if (part.speaker) return;
    if (m_tried) {
        const core::Edit edit = m_triedEdit;
        leaveValue();
        emit edited(edit);
    }
    const auto moved = core::movePart(m_snapshot->plan, part.port, along);
    if (!moved) return;
    leaveValue();
    m_picked = {moved->now, false};
    emit edited(moved->edit);
    m_drawing->focusPicked();
}

void SplitView::pick(const BenchPick& picked)
{
    if (m_tried) {  // going on to another thing keeps what was tried
        const core::Edit edit = m_triedEdit;
        m_picked = picked;
        leaveValue();
        emit edited(edit);
        return;
    }
    leaveValue();
    m_picked = picked;
    show();
    if (picked && !picked.speaker) openPart(picked.port);
    emit chosen();
}

void SplitView::turnOver(const BenchPick& pick)
{
    if (pick.speaker)
        emit edited(core::planTurnOver(m_snapshot->plan, core::mates(m_snapshot->after().used, pick.port.device)));
}

void SplitView::remove(const BenchPick& pick)
{
    if (!pick.speaker && !core::isBridged(m_snapshot->after().used, pick.port))
        emit edited(core::takePartOut(m_snapshot->plan, pick.port));
}

}  // namespace app
