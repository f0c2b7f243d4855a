#include "app/stations/walk/walk_view.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

#include "app/stations/walk/inventory_view.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/circuit_view.h"
#include "app/widgets/vehicle_drawing.h"
#include "core/edits/layers.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/sides.h"
#include "words/figures.h"
#include "words/name_words.h"
#include "words/survey_words.h"

namespace app {

WalkView::WalkView(const Theme& theme, Workbench& bench, QWidget* parent)
    : Station({.name = QStringLiteral("Walk"),
               .title = tr("Walk-round"),
               .menuText = tr("&Walk-round"),
               .digit = 1,
               .keys = tr("On the drawing: Tab and arrows choose, Enter adds what is offered or takes hold, arrows "
                          "move, Shift finely, Ctrl up and down, Enter puts down, Esc returns it; N new place, Delete "
                          "removes, Space opens its questions."),
               .tracesFolded = true},
              parent),
      m_theme(theme),
      m_drawing(new VehicleDrawing(theme, this)),
      m_circuit(new CircuitView(theme, this)),
      m_inventory(new InventoryView(this)),
      m_left(new QWidget(this)),
      m_card(new QWidget(this)),
      m_head(new PlainLabel(this)),
      m_verdict(new PlainLabel(this)),
      m_scroll(new QScrollArea(this)),
      m_askColumn(new QVBoxLayout)
{
    setObjectName(QStringLiteral("stationPage"));
    m_survey.bench = &bench;
    build();
    connectDrawing();
    connect(m_inventory, &InventoryView::placeChosen, this, &WalkView::choosePlace);
    connect(&theme, &Theme::changed, this, [this] {
        m_head->setFont(m_theme.title());
        arrange();
    });
    showTopic(Topic::Vehicle);
}

void WalkView::build()
{
    m_drawing->setObjectName(QStringLiteral("surveyDrawing"));
    m_head->setObjectName(QStringLiteral("surveyHead"));
    m_head->setFont(m_theme.title());
    m_head->setWordWrap(true);
    m_verdict->setObjectName(QStringLiteral("surveyVerdict"));
    m_verdict->setWordWrap(true);
    m_verdict->setProperty("role", "quiet");
    auto* left = new QVBoxLayout(m_left);
    left->setContentsMargins(0, 0, 0, 0);
    left->addWidget(m_drawing, 3);
    left->addWidget(m_circuit, 2);
    m_stageRow = makeStageRow();
    m_steps = new QWidget(m_card);
    auto* steps = new QHBoxLayout(m_steps);
    steps->setContentsMargins(0, 0, 0, 0);
    for (const auto& [text, name, step] :
         {std::tuple{tr("Back"), "bayBack", -1}, std::tuple{tr("Next"), "bayNext", 1}}) {
        auto* button = new QPushButton(text, m_steps);
        button->setObjectName(QLatin1String(name));
        connect(button, &QPushButton::clicked, this, [this, step = step] { goThroughAsks(step); });
        steps->addWidget(button);
    }
    auto* page = new QWidget;
    page->setObjectName(QStringLiteral("stationPage"));
    page->setLayout(m_askColumn);
    m_askColumn->setContentsMargins(0, 0, 8, 8);
    m_askColumn->setSpacing(4);
    m_askColumn->addWidget(m_inventory);
    addAsks(Topic::Vehicle, makeVehicleAsks(m_theme, page));
    addAsks(Topic::Customer, makeCustomerAsks(m_theme, page));
    addAsks(Topic::Sources, makeSourceAsks(m_theme, page));
    addAsks(Topic::Inventory, makeInventoryAsks(m_theme, page));
    addAsks(Topic::Place, makePlaceAsks(m_theme, page));
    const Asks wiring = makeWiringAsks(m_theme, page);
    m_wires = wiring.front();
    addAsks(Topic::Place, wiring);
    addAsks(Topic::Place, makeWayInAsks(m_theme, page));
    addAsks(Topic::Fresh, makeFreshAsks(m_theme, page));
    m_askColumn->addStretch();
    m_scroll->setWidget(page);
    m_scroll->setWidgetResizable(true);
    m_scroll->setObjectName(QStringLiteral("surveyCard"));
    m_scroll->setFocusPolicy(Qt::NoFocus);
    m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* card = new QVBoxLayout(m_card);
    card->setContentsMargins(0, 0, 0, 0);
    card->setSpacing(4);
    card->addWidget(makeTopicRow());
    card->addWidget(m_head);
    card->addWidget(m_verdict);
    card->addWidget(m_stageRow);
    card->addWidget(m_scroll, 1);
    card->addWidget(m_steps);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(12, 6, 4, 6);
    layout->addWidget(m_left, 1);
    layout->addWidget(m_card);
    // Tab goes from the drawing over the topics to the questions, in the order in which the eye does.
    m_circuit->setTabAfter(m_drawing);
    QWidget* before = m_drawing;
    for (QWidget* next : {m_topics[0], m_topics[1], m_topics[2], m_topics[3], m_stages[0], m_stages[1], m_stages[2]}) {
        setTabOrder(before, next);
        before = next;
    }
}

QWidget* WalkView::makeTopicRow()
{
    auto* row = new QWidget(m_card);
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    const std::tuple<Topic, QString, const char*> topics[] = {
        {Topic::Vehicle, tr("Vehic&le"), "topicVehicle"},
        {Topic::Customer, tr("&Customer"), "topicCustomer"},
        {Topic::Sources, tr("&Sources"), "topicSources"},
        {Topic::Inventory, tr("&Inventory"), "topicInventory"},
    };
    for (const auto& [topic, text, name] : topics) {
        auto* button = new QPushButton(text, row);
        button->setObjectName(QLatin1String(name));
        button->setCheckable(true);
        button->setProperty("role", "topic");
        m_topics[static_cast<size_t>(topic)] = button;
        connect(button, &QPushButton::clicked, this, [this, topic = topic] { showTopic(topic); });
        layout->addWidget(button);
    }
    layout->addStretch();
    return row;
}

// What the factory made goes onto a vehicle sheet; what somebody did to this one does not.
QWidget* WalkView::makeStageRow()
{
    auto* row = new QWidget(m_card);
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    const std::tuple<core::StageId, QString, const char*, QString> stages[] = {
        {core::kFactory, tr("factory"), "stageFactory", tr("As the factory made it; goes onto the vehicle sheet")},
        {core::kFound, tr("as found"), "stageFound",
         tr("Changed on this vehicle, as found here, over what the factory made")},
        {core::StageId{}, tr("as planned"), "stagePlanned",
         tr("Added or changed by this job: before stays as it was found")},
    };
    for (size_t i = 0; i < m_stages.size(); ++i) {
        const auto& [stage, text, name, help] = stages[i];
        m_stages[i] = new QPushButton(text, row);
        m_stages[i]->setObjectName(QLatin1String(name));
        m_stages[i]->setCheckable(true);
        m_stages[i]->setProperty("role", "topic");
        m_stages[i]->setToolTip(help);
        connect(m_stages[i], &QPushButton::clicked, this, [this, stage = stage] {
            m_planning = !stage;
            m_survey.stage = stage;
            refresh();
        });
        layout->addWidget(m_stages[i]);
    }
    layout->addStretch();
    return row;
}

void WalkView::addAsks(Topic topic, const Asks& asks)
{
    for (Ask* ask : asks) {
        m_asks[static_cast<size_t>(topic)].push_back(ask);
        m_askColumn->addWidget(ask);
        connect(ask, &Ask::edited, this, &WalkView::take);
        connect(ask, &Ask::openAsked, this, [this, ask](bool open) { openAsk(ask, open); });
    }
}

void WalkView::connectDrawing()
{
    connect(m_drawing, &VehicleDrawing::placeChosen, this, &WalkView::choosePlace);
    connect(m_drawing, &VehicleDrawing::sourceChosen, this, [this](core::DeviceId source) {
        m_survey.source = source;
        showTopic(Topic::Sources);
        emit chosen();
    });
    connect(m_drawing, &VehicleDrawing::seatChosen, this, &WalkView::seatChosen);
    connect(m_drawing, &VehicleDrawing::spotChosen, this, [this](const core::UsualSpot& spot) {
        take(core::addSpeakers(m_survey.plan(), m_survey.stage, spot, m_survey.practice()));
    });
    connect(m_drawing, &VehicleDrawing::pointChosen, this, [this](const core::Vec3& point_m, DrawnFrom from) {
        m_survey.fresh_m = point_m;
        m_survey.freshFromAbove = from == DrawnFrom::Above;
        m_survey.freshFromSide = from == DrawnFrom::Side;
        showTopic(Topic::Fresh);
    });
    connect(m_drawing, &VehicleDrawing::moved, this, &WalkView::moveThing);
    connect(m_drawing, &VehicleDrawing::putDown, this, [this] { emit dragEnded(true); });
    connect(m_drawing, &VehicleDrawing::returned, this, [this] {
        if (m_topic == Topic::Fresh) {
            m_survey.fresh_m.reset();
            showTopic(Topic::Place);
        }
        emit dragEnded(false);
    });
    connect(m_drawing, &VehicleDrawing::removalAsked, this,
            [this](core::PlaceId place) { take(core::removePlace(m_survey.plan(), place)); });
    connect(m_drawing, &VehicleDrawing::formAsked, this, [this] {
        const Asks asks = asksThatApply();
        for (Ask* ask : asks)
            if (ask->isOpen()) return ask->focusForm();
        if (!asks.empty()) openAsk(asks.front(), true);
    });
}

void WalkView::present(const SharedSnapshot& snapshot, core::ListenerId listener)
{
    const bool first = m_survey.snapshot == nullptr;
    m_survey.snapshot = snapshot;
    m_survey.listener = listener;
    m_survey.units = m_theme.units();
    if (first)
        showTopic(m_topic);
    else
        refresh();
}

QString WalkView::owed(const Snapshot& snapshot) const
{
    const auto places = std::ssize(snapshot.plan.places);
    return places == 0 ? tr("nothing noted yet") : words::counted(places, tr("%1 place"), tr("%1 places"));
}

void WalkView::startAfresh()
{
    m_survey.snapshot.reset();
    m_survey.withGoal.reset();
    m_survey.place = {};
    m_survey.source = {};
    m_survey.fresh_m.reset();
    m_survey.stage = core::kFactory;
    m_planning = false;
    for (const Asks& asks : m_asks)  // what was asked of the last vehicle says nothing of this one
        for (Ask* ask : asks) ask->setOpen(false);
    m_topic = Topic::Vehicle;
    showTopic(Topic::Vehicle);
}

void WalkView::setShop(const ShopSettings& shop)
{
    m_survey.currency = shop.currency;
}

// What is picked has to be there still.
void WalkView::resolveChoice()
{
    const core::Plan& plan = m_survey.plan();
    if (!plan.places.contains(m_survey.place)) m_survey.place = {};
    if (m_topic == Topic::Place && !m_survey.place) m_topic = plan.places.empty() ? Topic::Vehicle : Topic::Inventory;
    if (m_topic == Topic::Fresh && !m_survey.fresh_m) m_topic = Topic::Vehicle;
    m_survey.driver = {};
    const core::Fitout& fitout = m_survey.fitout();
    core::DeviceId first{};
    for (const auto& [id, device] : fitout.devices) {
        const core::Part& part = fitout.parts.at(device.part);
        if (core::isSource(part) && !first) first = id;
        if (device.at == m_survey.place && m_survey.place && part.kind == core::PartKind::Driver && !m_survey.driver)
            m_survey.driver = id;
    }
    const core::Part* source = m_survey.partOf(m_survey.source);
    if (!source || !core::isSource(*source)) m_survey.source = first;
}

void WalkView::refresh()
{
    if (!m_survey.snapshot) return;
    m_survey.withGoal.reset();
    if (m_planning) {
        core::Plan plan = m_survey.snapshot->plan;
        m_survey.stage = core::plannedGoal(plan);
        m_survey.withGoal = std::make_shared<const core::Plan>(std::move(plan));
    }
    resolveChoice();
    DrawingFocus focus{.listener = m_survey.listener, .fresh_m = m_survey.fresh_m, .survey = true};
    if (m_topic == Topic::Place) focus.place = m_survey.place;
    if (m_topic == Topic::Sources) focus.source = m_survey.source;
    m_drawing->present(m_survey.snapshot, focus);
    for (size_t i = 0; i < m_topics.size(); ++i) m_topics[i]->setChecked(static_cast<size_t>(m_topic) == i);
    for (size_t i = 0; i < m_stages.size(); ++i)
        m_stages[i]->setChecked(i == 2       ? m_planning
                                : m_planning ? false
                                             : m_survey.stage == (i == 0 ? core::kFactory : core::kFound));
    m_stageRow->setVisible(m_topic == Topic::Place || m_topic == Topic::Sources || m_topic == Topic::Fresh);
    m_head->setText(headNow());
    const QString verdict = m_topic == Topic::Place ? placeVerdict(m_survey) : QString();
    m_verdict->setText(verdict);
    m_verdict->setVisible(!verdict.isEmpty());
    m_inventory->setVisible(m_topic == Topic::Inventory);
    if (m_topic == Topic::Inventory) m_inventory->present(*m_survey.snapshot, m_survey.place);
    for (const Asks& asks : m_asks)
        for (Ask* ask : asks) {
            const bool shown = &asks == &asksNow() && ask->applies(m_survey) && (!m_bay || ask->isOpen());
            ask->setVisible(shown);
            if (shown) ask->present(m_survey);
        }
    const bool wires = m_topic == Topic::Place && m_wires->isOpen() && m_survey.driver;
    m_circuit->setVisible(wires);
    constexpr int kRoomForBoth = 420;  // in a low window the circuit stands in the drawing's place
    m_drawing->setVisible(!m_circuit->isVisibleTo(m_left) || height() >= m_theme.px(kRoomForBoth));
    if (wires) m_circuit->present(m_survey.snapshot, m_survey.driver, m_planning);
    m_steps->setVisible(m_bay);
}

QString WalkView::headNow() const
{
    switch (m_topic) {
        case Topic::Vehicle:
            return tr("The vehicle");
        case Topic::Customer:
            return tr("The customer");
        case Topic::Sources: {
            const core::Part* source = m_survey.partOf(m_survey.source);
            return source ? words::nameOf(core::Subject{m_survey.source}, m_survey.fitout()) : tr("Sources");
        }
        case Topic::Inventory:
            return tr("What is where");
        case Topic::Place:
            return QString::fromStdString(m_survey.placeThere()->name);
        case Topic::Fresh:
            return tr("A new place");
    }
    return {};
}

void WalkView::choosePlace(core::PlaceId place)
{
    m_survey.place = place;
    m_survey.fresh_m.reset();
    showTopic(Topic::Place);
    emit chosen();
}

void WalkView::showTopic(Topic topic)
{
    if (topic != Topic::Fresh) m_survey.fresh_m.reset();
    const bool other = topic != m_topic;
    m_topic = topic;
    if (m_survey.snapshot) {
        resolveChoice();
        openOne();
    }
    refresh();
    if (other) m_scroll->ensureVisible(0, 0);
}

Asks WalkView::asksThatApply() const
{
    Asks asks;
    std::copy_if(asksNow().begin(), asksNow().end(), std::back_inserter(asks),
                 [this](const Ask* ask) { return ask->applies(m_survey); });
    return asks;
}

// Something is asked: the first question, where none is open.
void WalkView::openOne()
{
    if (m_topic == Topic::Inventory && !m_bay) return;  // the list comes first there
    const Asks asks = asksThatApply();
    if (asks.empty() || std::any_of(asks.begin(), asks.end(), [](const Ask* ask) { return ask->isOpen(); })) return;
    for (Ask* ask : asksNow()) ask->setOpen(ask == asks.front());
}

void WalkView::openAsk(Ask* ask, bool open)
{
    for (Ask* one : asksNow()) one->setOpen(one == ask && open);
    refresh();
    if (!open) return;
    ask->focusForm();
    // Once the page has its height: all of it in sight; where there is too much of it, its head.
    QTimer::singleShot(0, ask, [this, ask] {
        m_scroll->ensureVisible(0, ask->geometry().bottom(), 0, 0);
        m_scroll->ensureVisible(0, ask->y(), 0, 0);
    });
}

void WalkView::goThroughAsks(int step)
{
    // Through the questions of what is picked, then on to the next place.
    const Asks asks = asksThatApply();
    const auto open = std::find_if(asks.begin(), asks.end(), [](const Ask* ask) { return ask->isOpen(); });
    const auto next = (open == asks.end() ? 0 : open - asks.begin()) + step;
    if (next >= 0 && next < std::ssize(asks)) return openAsk(asks[static_cast<size_t>(next)], true);
    const auto& places = m_survey.plan().places;
    if (places.empty()) return;
    auto place = places.find(m_survey.place);
    if (m_topic != Topic::Place || place == places.end())
        place = places.begin();
    else if (step > 0)
        place = std::next(place) == places.end() ? places.begin() : std::next(place);
    else
        place = place == places.begin() ? std::prev(places.end()) : std::prev(place);
    choosePlace(place->first);
    openAsk(step > 0 ? asksThatApply().front() : asksThatApply().back(), true);
}

// Made on the plan with a stage to plan in; the plan itself may not have one yet.
core::Edit WalkView::ofThePlan(const core::Edit& edit) const
{
    if (!m_survey.withGoal) return edit;
    core::Edit whole = core::difference(edit.name, m_survey.snapshot->plan, core::apply(*m_survey.withGoal, edit).plan);
    whole.detail = edit.detail;
    return whole;
}

void WalkView::take(const core::Edit& edit)
{
    if (edit.changes.empty()) return;
    const core::Fitout before = m_survey.fitout();
    emit edited(ofThePlan(edit));
    // What was added is what one goes on with: its left side.
    core::PlaceId added{};
    double left_m = -1e9;
    for (const auto& [id, place] : m_survey.plan().places) {
        if (before.places.contains(id) || place.frame.at_m.y < left_m) continue;
        left_m = place.frame.at_m.y;
        added = id;
    }
    if (added) return choosePlace(added);
    if (const core::DeviceId source = core::newSource(m_survey.fitout(), before)) m_survey.source = source;
    refresh();
}

void WalkView::moveThing(const DrawnThing& thing, const core::Vec3& to_m)
{
    switch (thing.kind) {
        case DrawnThing::Kind::Place: {
            core::Place place = m_survey.plan().places.at({thing.number});
            place.frame.at_m = to_m;
            emit dragged(ofThePlan(core::changePlace(m_survey.plan(), {thing.number}, place)));
            break;
        }
        case DrawnThing::Kind::Seat:
            emit dragged(ofThePlan(core::moveSeat(m_survey.plan(), {thing.number}, to_m)));
            break;
        case DrawnThing::Kind::New:
            m_survey.fresh_m = to_m;
            refresh();
            break;
        case DrawnThing::Kind::Source:
        case DrawnThing::Kind::Spot:
            break;
    }
}

void WalkView::setBay(bool on)
{
    m_bay = on;
    if (on && m_survey.snapshot) openOne();
    arrange();
    refresh();
}

// Where there is no room for both, or one question is to fill the station, the drawing gives way: the inventory says
// the same.
void WalkView::arrange()
{
    constexpr int kCard = 344, kBoth = 560;
    const bool both = !m_bay && width() >= m_theme.px(kBoth);
    m_left->setVisible(both);
    m_card->setMinimumWidth(both ? m_theme.px(kCard) : 0);
    m_card->setMaximumWidth(both ? m_theme.px(kCard) : QWIDGETSIZE_MAX);
}

void WalkView::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    arrange();
}

}  // namespace app
