#include "app/stations/walk/walk_card.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

#include "app/stations/walk/answer_dots.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"

namespace app {
namespace {

constexpr int kRoomForTopics = 560;  // of height, from which they stay in sight under the questions

// The widgets inside one, in the order in which Tab goes through them now.
std::vector<QWidget*> insideInTabOrder(QWidget* area)
{
    std::vector<QWidget*> inside;
    for (QWidget* next = area->nextInFocusChain(); next != area; next = next->nextInFocusChain())
        if (area->isAncestorOf(next)) inside.push_back(next);
    return inside;
}

}  // namespace

WalkCard::WalkCard(const Theme& theme, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_where(new PlainLabel(this)),
      m_verdict(new PlainLabel(this)),
      m_dots(new AnswerDots(theme, this)),
      m_vehicle(new QPushButton(tr("vehicle"), this)),
      m_scroll(new QScrollArea(this)),
      m_askColumn(new QVBoxLayout),
      m_layout(new QVBoxLayout(this))
{
    build();
    connect(&theme, &Theme::changed, this, &WalkCard::arrange);
}

void WalkCard::build()
{
    m_where->setObjectName(QStringLiteral("surveyHead"));
    m_where->setProperty("role", "quiet");
    m_where->setWordWrap(true);
    m_verdict->setObjectName(QStringLiteral("surveyVerdict"));
    m_verdict->setWordWrap(true);
    m_vehicle->setObjectName(QStringLiteral("showVehicle"));
    m_vehicle->setToolTip(tr("The vehicle alone; Z on it comes back"));
    m_vehicle->hide();
    connect(m_vehicle, &QPushButton::clicked, this, &WalkCard::vehicleAsked);
    auto* head = new QHBoxLayout;
    head->setContentsMargins(4, 0, 12, 0);
    head->addWidget(m_where, 1);
    head->addWidget(m_dots);
    head->addWidget(m_vehicle);
    auto* page = new QWidget;
    page->setObjectName(QStringLiteral("stationPage"));
    page->setLayout(m_askColumn);
    m_askColumn->setContentsMargins(0, 0, 10, 8);
    m_askColumn->setSpacing(0);
    m_askColumn->addStretch();
    m_scroll->setWidget(page);
    m_scroll->setWidgetResizable(true);
    m_scroll->setObjectName(QStringLiteral("surveyCard"));
    m_scroll->setFocusPolicy(Qt::NoFocus);
    m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_stageRow = makeStageRow();
    m_topicLines = makeTopicLines();
    m_steps = makeSteps();
    m_layout->setContentsMargins(0, 0, 0, 0);
    m_layout->setSpacing(4);
    m_layout->addLayout(head);
    m_layout->addWidget(m_verdict);
    m_layout->addWidget(m_stageRow);
    m_layout->addWidget(m_scroll, 1);
    m_layout->addWidget(m_topicLines);
    m_layout->addWidget(m_steps);
}

// What the factory made goes onto a vehicle sheet; what somebody did to this one does not.
QWidget* WalkCard::makeStageRow()
{
    auto* row = new QWidget(this);
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(4, 0, 0, 0);
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
        connect(m_stages[i], &QPushButton::clicked, this, [this, stage = stage] { emit stageAsked(stage); });
        layout->addWidget(m_stages[i]);
    }
    layout->addStretch();
    return row;
}

QWidget* WalkCard::makeTopicLines()
{
    auto* lines = new QWidget(this);
    auto* layout = new QVBoxLayout(lines);
    layout->setContentsMargins(0, 0, 10, 0);
    layout->setSpacing(0);
    const std::tuple<WalkTopic, QString, const char*> topics[] = {
        {WalkTopic::Vehicle, tr("vehi&cle"), "topicVehicle"},
        {WalkTopic::Customer, tr("custo&mer"), "topicCustomer"},
        {WalkTopic::Sources, tr("what pla&ys"), "topicSources"},
        {WalkTopic::Inventory, tr("every&thing"), "topicInventory"},
    };
    for (const auto& [topic, text, name] : topics) {
        auto* line = new AnswerLine(m_theme, lines);
        line->setObjectName(QLatin1String(name));
        line->setText(text);
        line->setCheckable(true);
        m_topics[static_cast<size_t>(topic)] = line;
        connect(line, &AnswerLine::clicked, this, [this, topic = topic] { emit topicAsked(topic); });
        layout->addWidget(line);
    }
    return lines;
}

QWidget* WalkCard::makeSteps()
{
    auto* row = new QWidget(this);
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    for (const auto& [text, name, step] :
         {std::tuple{tr("Back"), "bayBack", -1}, std::tuple{tr("Next"), "bayNext", 1}}) {
        auto* button = new QPushButton(text, row);
        button->setObjectName(QLatin1String(name));
        connect(button, &QPushButton::clicked, this, [this, step = step] { emit stepAsked(step); });
        layout->addWidget(button);
    }
    row->hide();
    return row;
}

void WalkCard::addAsks(WalkTopic topic, const Asks& asks)
{
    for (Ask* ask : asks) {
        m_asks[static_cast<size_t>(topic)].push_back(ask);
        m_askColumn->insertWidget(m_askColumn->count() - 1, ask);
        connect(ask, &Ask::edited, this, &WalkCard::edited);
        connect(ask, &Ask::openAsked, this, [this, ask](bool on) { open(ask, on); });
    }
}

void WalkCard::addList(QWidget* list)
{
    m_list = list;
    m_askColumn->insertWidget(0, list);
}

QString WalkCard::answerOf(WalkTopic topic, const Survey& survey) const
{
    return m_asks[static_cast<size_t>(topic)].front()->summary(survey);
}

void WalkCard::present(const Survey& survey, WalkTopic topic, const QString& where)
{
    m_survey = survey;
    m_topic = topic;
    m_where->setText(where);
    const QString verdict = topic == WalkTopic::Place ? placeVerdict(survey) : QString();
    m_verdict->setText(verdict);
    m_verdict->setVisible(!m_findingsBeside && !verdict.isEmpty());
    for (size_t i = 0; i < m_stages.size(); ++i)
        m_stages[i]->setChecked(i == 2
                                    ? survey.planning()
                                    : !survey.planning() && survey.stage == (i == 0 ? core::kFactory : core::kFound));
    m_stageRow->setVisible(topic != WalkTopic::Vehicle && topic != WalkTopic::Customer);
    for (size_t i = 0; i < m_topics.size(); ++i) m_topics[i]->setChecked(static_cast<size_t>(topic) == i);
    m_topics[0]->setAnswer(answerOf(WalkTopic::Vehicle, survey));
    m_topics[1]->setAnswer(answerOf(WalkTopic::Customer, survey));
    m_topics[2]->setAnswer(sourcesLine(survey));
    const int places = static_cast<int>(survey.plan().places.size());
    m_topics[3]->setAnswer(places == 0 ? tr("no places") : tr("%n place(s)", nullptr, places));
    if (m_list) m_list->setVisible(topic == WalkTopic::Inventory);
    std::vector<AnswerDots::Dot> dots;
    for (const Asks& asks : m_asks)
        for (Ask* ask : asks) {
            const bool applies = &asks == &asksNow() && ask->applies(survey);
            const bool shown = applies && (!m_bay || ask->isOpen());
            ask->setVisible(shown);
            if (shown) ask->present(survey);
            const Answer answer = applies ? ask->said(survey).mark : Answer::None;
            if (answer != Answer::None) dots.push_back({answer, ask->isOpen()});
        }
    m_dots->show(dots.size() > 1 ? dots : std::vector<AnswerDots::Dot>{});
}

Asks WalkCard::asksThatApply() const
{
    Asks asks;
    std::copy_if(asksNow().begin(), asksNow().end(), std::back_inserter(asks),
                 [this](const Ask* ask) { return ask->applies(m_survey); });
    return asks;
}

void WalkCard::openOne()
{
    if (m_topic == WalkTopic::Inventory && !m_bay) return;  // the list comes first there
    const Asks asks = asksThatApply();
    const auto isOpen = [](const Ask* ask) { return ask->isOpen(); };
    if (!asks.empty() && std::none_of(asks.begin(), asks.end(), isOpen))
        for (Ask* ask : asksNow()) ask->setOpen(ask == asks.front());
    orderTabs();
}

void WalkCard::open(Ask* ask, bool on)
{
    for (Ask* one : asksNow()) one->setOpen(one == ask && on);
    orderTabs();
    emit opened();
    if (!on) return;
    ask->focusForm();
    scrollToTop();
}

// The question comes first on the page, and so it does for the keys; then the others in their own order.
void WalkCard::orderTabs()
{
    Asks order = asksNow();
    std::stable_partition(order.begin(), order.end(), [](const Ask* ask) { return ask->isOpen(); });
    const int first = m_list ? 1 : 0;
    QWidget* before = m_list && m_topic == WalkTopic::Inventory ? insideInTabOrder(m_list).back() : m_stages.back();
    for (size_t i = 0; i < order.size(); ++i) {
        m_askColumn->removeWidget(order[i]);
        m_askColumn->insertWidget(first + static_cast<int>(i), order[i]);
        for (QWidget* inside : insideInTabOrder(order[i])) {
            setTabOrder(before, inside);
            before = inside;
        }
    }
    for (AnswerLine* line : m_topics) {
        setTabOrder(before, line);
        before = line;
    }
}

bool WalkCard::goOn(int step)
{
    const Asks asks = asksThatApply();
    const auto open = std::find_if(asks.begin(), asks.end(), [](const Ask* ask) { return ask->isOpen(); });
    const auto next = (open == asks.end() ? 0 : open - asks.begin()) + step;
    if (next < 0 || next >= std::ssize(asks)) return false;
    this->open(asks[static_cast<size_t>(next)], true);
    return true;
}

void WalkCard::focusQuestion()
{
    const Asks asks = asksThatApply();
    for (Ask* ask : asks)
        if (ask->isOpen()) return ask->focusForm();
    if (!asks.empty()) open(asks.front(), true);
}

void WalkCard::closeAll()
{
    for (const Asks& asks : m_asks)
        for (Ask* ask : asks) ask->setOpen(false);
}

void WalkCard::scrollToTop()
{
    m_scroll->ensureVisible(0, 0);
    // Once the page has its height.
    QTimer::singleShot(0, m_scroll, [this] { m_scroll->ensureVisible(0, 0); });
}

void WalkCard::setBay(bool on)
{
    m_bay = on;
    m_steps->setVisible(on);
    arrange();
}

void WalkCard::offerVehicle(bool on)
{
    m_vehicle->setVisible(on);
}

void WalkCard::setFindingsBeside(bool beside)
{
    m_findingsBeside = beside;
    m_topics[static_cast<size_t>(WalkTopic::Customer)]->setVisible(!beside);
    m_verdict->setVisible(!beside && !m_verdict->text().isEmpty());
}

void WalkCard::setTabAfter(QWidget* before)
{
    for (QWidget* next : {static_cast<QWidget*>(m_vehicle), static_cast<QWidget*>(m_stages[0]),
                          static_cast<QWidget*>(m_stages[1]), static_cast<QWidget*>(m_stages[2])}) {
        setTabOrder(before, next);
        before = next;
    }
}

// Under the questions where there is height for both, else after them on the same page.
void WalkCard::arrange()
{
    const bool under = height() >= m_theme.px(kRoomForTopics) && !m_bay;
    if (under == (m_layout->indexOf(m_topicLines) >= 0)) return;
    if (under) {
        m_askColumn->removeWidget(m_topicLines);
        m_layout->insertWidget(m_layout->indexOf(m_scroll) + 1, m_topicLines);
    } else {
        m_layout->removeWidget(m_topicLines);
        m_askColumn->addWidget(m_topicLines);
    }
}

void WalkCard::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    arrange();
}

}  // namespace app
