#include "app/stations/walk/walk_view.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/stations/walk/circuit_bar.h"
#include "app/stations/walk/customer_card.h"
#include "app/stations/walk/inventory_view.h"
#include "app/theme/theme.h"
#include "app/widgets/circuit_view.h"
#include "app/widgets/vehicle_drawing.h"
#include "core/edits/layers.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"
#include "words/figures.h"
#include "words/made_names.h"
#include "words/name_words.h"

namespace app {

WalkView::WalkView(const Theme& theme, Workbench& bench, QWidget* parent)
    : Station({.name = QStringLiteral("Walk"),
               .title = tr("Walk-round"),
               .menuText = tr("&Walk-round"),
               .digit = 1,
               .keys = tr("On the drawing: Tab and arrows choose, Enter adds what is offered or takes hold, arrows "
                          "move, Shift finely, Ctrl up and down, Enter puts down, Esc returns it; N new place, Delete "
                          "removes, Space opens its questions, V both sides, Z the vehicle alone."),
               .tracesFolded = true},
              parent),
      m_theme(theme),
      m_drawing(new VehicleDrawing(theme, this)),
      m_circuit(new CircuitView(theme, this)),
      m_bar(new CircuitBar(theme, this)),
      m_inventory(new InventoryView(this)),
      m_customer(new CustomerCard(theme, this)),
      m_card(new WalkCard(theme, this)),
      m_left(new QWidget(this)),
      m_sides(new QPushButton(tr("sides"), m_drawing)),
      m_question(new QPushButton(tr("question"), m_drawing))
{
    setObjectName(QStringLiteral("stationPage"));
    m_survey.bench = &bench;
    m_customer->hide();  // until somebody takes it in
    build();
    connectDrawing();
    connectCard();
    connect(&theme, &Theme::changed, this, &WalkView::arrange);
    showTopic(WalkTopic::Vehicle);
}

void WalkView::build()
{
    m_drawing->setObjectName(QStringLiteral("surveyDrawing"));
    auto* left = new QVBoxLayout(m_left);
    left->setContentsMargins(0, 0, 0, 0);
    left->addWidget(m_drawing, 3);
    left->addWidget(m_circuit, 2);
    m_sides->setObjectName(QStringLiteral("showSides"));
    m_sides->setToolTip(tr("The vehicle from both sides too (V)"));
    m_sides->setCheckable(true);
    m_question->setObjectName(QStringLiteral("showQuestion"));
    m_question->setToolTip(tr("Back to the question (Z)"));
    auto* corner = new QVBoxLayout(m_drawing);
    corner->setContentsMargins(0, 0, 0, 0);
    corner->addWidget(m_sides, 0, Qt::AlignRight);
    corner->addWidget(m_question, 0, Qt::AlignRight);
    corner->addStretch();
    m_card->addList(m_inventory);
    m_card->addAsks(WalkTopic::Vehicle, makeVehicleAsks(m_theme, m_card));
    m_card->addAsks(WalkTopic::Customer, makeCustomerAsks(m_theme, m_card));
    m_card->addAsks(WalkTopic::Sources, makeSourceAsks(m_theme, m_card));
    m_card->addAsks(WalkTopic::Inventory, makeInventoryAsks(m_theme, m_card));
    m_card->addAsks(WalkTopic::Place, makePlaceAsks(m_theme, m_card));
    const Asks wiring = makeWiringAsks(m_theme, m_card);
    m_wires = wiring.front();
    m_card->addAsks(WalkTopic::Place, wiring);
    m_card->addAsks(WalkTopic::Place, makeWayInAsks(m_theme, m_card));
    m_card->addAsks(WalkTopic::Place,
                    {makeSpotAsk(m_theme, QStringLiteral("askNearby"), SpotList::Reach::NearThePlace, m_card)});
    m_card->addAsks(WalkTopic::Fresh, makeFreshAsks(m_theme, m_card));
    auto* beside = new QHBoxLayout;
    beside->setSpacing(12);
    beside->addWidget(m_left, 1);
    beside->addWidget(m_card);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 6, 4, 2);
    layout->setSpacing(2);
    layout->addLayout(beside, 1);
    layout->addWidget(m_bar);
    // Tab goes from the drawing over what lies on it to the questions, in the order in which the eye does.
    setTabOrder(m_drawing, m_sides);
    setTabOrder(m_sides, m_question);
    m_circuit->setTabAfter(m_question);
    m_card->setTabAfter(m_question);
}

void WalkView::connectCard()
{
    connect(m_inventory, &InventoryView::placeChosen, this, &WalkView::choosePlace);
    connect(m_card, &WalkCard::edited, this, &WalkView::take);
    connect(m_card, &WalkCard::topicAsked, this, &WalkView::showTopic);
    connect(m_card, &WalkCard::opened, this, &WalkView::refresh);
    connect(m_card, &WalkCard::stepAsked, this, &WalkView::goOn);
    connect(m_card, &WalkCard::vehicleAsked, this, [this] { showVehicleAlone(true); });
    connect(m_card, &WalkCard::stageAsked, this, [this](core::StageId stage) {
        m_planning = !stage;
        m_survey.stage = stage;
        refresh();
    });
    connect(m_customer, &CustomerCard::asked, this, [this](size_t number) {
        showTopic(WalkTopic::Customer);
        m_card->openNumber(number);
    });
    connect(m_customer, &CustomerCard::shown, m_card, &WalkCard::setFindingsBeside);
    connect(m_bar, &CircuitBar::opened, this, [this] { m_card->open(m_wires, true); });
    connect(m_question, &QPushButton::clicked, this, [this] { showVehicleAlone(false); });
    connect(m_sides, &QPushButton::clicked, this, [this](bool on) {
        m_flanks = on;
        refresh();
    });
}

QWidget* WalkView::aside()
{
    return m_customer;
}

void WalkView::connectDrawing()
{
    connect(m_drawing, &VehicleDrawing::placeChosen, this, &WalkView::choosePlace);
    connect(m_drawing, &VehicleDrawing::sourceChosen, this, [this](core::DeviceId source) {
        m_survey.source = source;
        showTopic(WalkTopic::Sources);
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
        showTopic(WalkTopic::Fresh);
    });
    connect(m_drawing, &VehicleDrawing::moved, this, &WalkView::moveThing);
    connect(m_drawing, &VehicleDrawing::putDown, this, [this] { emit dragEnded(true); });
    connect(m_drawing, &VehicleDrawing::returned, this, [this] {
        if (m_topic == WalkTopic::Fresh) {
            m_survey.fresh_m.reset();
            showTopic(WalkTopic::Place);
        }
        emit dragEnded(false);
    });
    connect(m_drawing, &VehicleDrawing::removalAsked, this,
            [this](core::PlaceId place) { take(core::removePlace(m_survey.plan(), place)); });
    connect(m_drawing, &VehicleDrawing::formAsked, this, [this] {
        showVehicleAlone(false);
        m_card->focusQuestion();
    });
    connect(m_drawing, &VehicleDrawing::wholeAsked, this, [this] { showVehicleAlone(!m_alone); });
    connect(m_drawing, &VehicleDrawing::sidesAsked, m_sides, &QPushButton::click);
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
    const int places = static_cast<int>(snapshot.plan.places.size());
    return places == 0 ? tr("nothing noted yet") : tr("%n place(s)", nullptr, places);
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
    m_alone = false;
    m_card->closeAll();  // what was asked of the last vehicle says nothing of this one
    m_topic = WalkTopic::Vehicle;
    showTopic(WalkTopic::Vehicle);
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
    if (m_topic == WalkTopic::Place && !m_survey.place)
        m_topic = plan.places.empty() ? WalkTopic::Vehicle : WalkTopic::Inventory;
    if (m_topic == WalkTopic::Fresh && !m_survey.fresh_m) m_topic = WalkTopic::Vehicle;
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
    DrawingFocus focus{.listener = m_survey.listener, .fresh_m = m_survey.fresh_m, .survey = true, .flanks = m_flanks};
    if (m_topic == WalkTopic::Place) focus.place = m_survey.place;
    if (m_topic == WalkTopic::Sources) focus.source = m_survey.source;
    m_drawing->present(m_survey.snapshot, focus);
    if (m_topic == WalkTopic::Inventory) m_inventory->present(*m_survey.snapshot, m_survey.place);
    m_card->present(m_survey, m_topic, headNow());
    m_customer->present(m_survey);
    const bool ofADriver = m_topic == WalkTopic::Place && m_survey.driver;
    const bool wires = ofADriver && m_wires->isOpen();
    m_circuit->setVisible(wires);
    constexpr int kRoomForBoth = 420;  // in a low window the circuit stands in the drawing's place
    const bool high = height() >= m_theme.px(kRoomForBoth);
    m_drawing->setVisible(!wires || high);
    if (wires) m_circuit->present(m_survey.snapshot, m_survey.driver, m_planning);
    m_bar->setVisible(ofADriver && !wires && !m_bay && high);
    if (ofADriver && !wires) m_bar->present(m_survey.result(), m_survey.driver);
}

QString WalkView::headNow() const
{
    switch (m_topic) {
        case WalkTopic::Vehicle:
            return tr("The vehicle");
        case WalkTopic::Customer:
            return tr("The customer");
        case WalkTopic::Sources: {
            const core::Part* source = m_survey.partOf(m_survey.source);
            return source ? words::nameOf(core::Subject{m_survey.source}, m_survey.fitout()) : tr("Sources");
        }
        case WalkTopic::Inventory:
            return tr("What is where");
        case WalkTopic::Place:
            return words::named(m_survey.placeThere()->name);
        case WalkTopic::Fresh:
            return tr("A new place");
    }
    return {};
}

void WalkView::choosePlace(core::PlaceId place)
{
    m_survey.place = place;
    m_survey.fresh_m.reset();
    showTopic(WalkTopic::Place);
    emit chosen();
}

void WalkView::showTopic(WalkTopic topic)
{
    if (topic != WalkTopic::Fresh) m_survey.fresh_m.reset();
    const bool other = topic != m_topic;
    m_topic = topic;
    refresh();
    if (m_survey.snapshot) {
        m_card->openOne();
        refresh();
    }
    if (other) m_card->scrollToTop();
}

void WalkView::goOn(int step)
{
    // Through the questions of what is picked, then on to the next place.
    if (m_card->goOn(step)) return;
    const auto& places = m_survey.plan().places;
    if (places.empty()) return;
    auto place = places.find(m_survey.place);
    if (m_topic != WalkTopic::Place || place == places.end())
        place = places.begin();
    else if (step > 0)
        place = std::next(place) == places.end() ? places.begin() : std::next(place);
    else
        place = place == places.begin() ? std::prev(places.end()) : std::prev(place);
    choosePlace(place->first);
    if (step > 0)
        m_card->openFirst();
    else
        m_card->openLast();
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
    sayWhatWent(before);
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

// Both sides go together where they are kept alike: nobody should have to find that out later.
void WalkView::sayWhatWent(const core::Fitout& before)
{
    QStringList gone;
    for (const auto& [id, place] : before.places)
        if (!m_survey.snapshot->plan.places.contains(id)) gone << words::named(place.name);
    if (!gone.isEmpty()) emit said(tr("Removed: %1. Ctrl+Z brings back what went.").arg(gone.join(tr(", "))));
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
    m_card->setBay(on);
    if (on && m_survey.snapshot) m_card->openOne();
    arrange();
    refresh();
}

void WalkView::showVehicleAlone(bool alone)
{
    if (alone == m_alone) return;
    m_alone = alone;
    arrange();
    if (alone)
        m_drawing->setFocus();
    else
        m_card->focusQuestion();
}

// Where there is no room for both, or one question is to fill the station, they take turns.
void WalkView::arrange()
{
    constexpr int kCardLeast = 300, kCardMost = 460, kBoth = 560;
    const bool both = !m_bay && width() >= m_theme.px(kBoth);
    m_left->setVisible(both || m_alone);
    m_card->setVisible(!m_alone);
    m_card->offerVehicle(!both);
    m_question->setVisible(m_alone);
    m_sides->setVisible(height() >= m_theme.px(kBoth));
    const int half = std::clamp(49 * width() / 100, m_theme.px(kCardLeast), m_theme.px(kCardMost));
    m_card->setMinimumWidth(both ? half : 0);
    m_card->setMaximumWidth(both ? half : QWIDGETSIZE_MAX);
}

void WalkView::resizeEvent(QResizeEvent* event)
{
    Station::resizeEvent(event);
    arrange();
}

}  // namespace app
