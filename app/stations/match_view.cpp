#include "app/stations/match_view.h"

#include <QHBoxLayout>
#include <QItemSelectionModel>
#include <QKeyEvent>
#include <QLabel>
#include <QListView>
#include <QPushButton>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

#include "app/stations/figure_table.h"
#include "app/stations/ohmmeter_line.h"
#include "app/theme/theme.h"
#include "app/widgets/candidate_model.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/vehicle_drawing.h"
#include "core/edits/named_edits.h"
#include "words/finding_words.h"
#include "words/name_words.h"

namespace app {

MatchView::MatchView(const Theme& theme, const core::Shop& shop, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_shop(shop),
      m_drawing(new VehicleDrawing(theme, shop.vehicles, this)),
      m_places(new QWidget(this)),
      m_placeRow(new FlowLayout(6)),
      m_figures(new FigureTable(theme, this)),
      m_ohmmeter(new OhmmeterLine(shop.practice, this)),
      m_shelfTitle(new QLabel(this)),
      m_list(new QListView(this)),
      m_candidates(new CandidateModel(theme, this)),
      m_fit(new QPushButton(tr("Plan &this one here"), this)),
      m_reasons(new QLabel(this))
{
    setObjectName(QStringLiteral("stationPage"));
    m_drawing->setObjectName(QStringLiteral("vehicleDrawing"));
    m_places->setLayout(m_placeRow);
    m_list->setObjectName(QStringLiteral("candidateList"));
    m_list->setAccessibleName(tr("Drivers of the shelf for this place, best first"));
    m_list->setModel(m_candidates);
    m_list->setItemDelegate(new CandidateDelegate(theme, m_list));
    m_list->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    m_list->setMinimumHeight(theme.px(100));
    m_list->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);  // it takes what is left, and asks for no more
    m_list->installEventFilter(this);
    m_fit->setObjectName(QStringLiteral("fitCandidate"));
    m_fit->setToolTip(tr("Enter on the list does the same"));
    m_reasons->setObjectName(QStringLiteral("candidateReasons"));
    m_reasons->setProperty("role", "quiet");
    m_reasons->setWordWrap(true);
    auto* shelfHead = new QHBoxLayout;
    shelfHead->addWidget(m_shelfTitle, 1);
    shelfHead->addWidget(m_fit);
    auto* right = new QVBoxLayout;
    right->setSpacing(6);
    right->addWidget(m_places);
    right->addWidget(m_figures);
    right->addWidget(m_ohmmeter);
    right->addLayout(shelfHead);
    right->addWidget(m_list, 1);
    right->addWidget(m_reasons);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->addWidget(m_drawing, 3);
    layout->addLayout(right, 7);
    connect(m_drawing, &VehicleDrawing::placeChosen, this, &MatchView::choosePlace);
    connect(m_drawing, &VehicleDrawing::seatChosen, this, &MatchView::seatChosen);
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this, &MatchView::showReasons);
    connect(m_fit, &QPushButton::clicked, this, &MatchView::fitChosen);
    connect(m_ohmmeter, &OhmmeterLine::edited, this, &MatchView::edited);
    connect(&theme, &Theme::changed, this, [this, &theme] { m_shelfTitle->setFont(theme.title()); });
    m_shelfTitle->setFont(theme.title());
}

core::DeviceId MatchView::chosenDevice() const
{
    if (!m_snapshot) return {};
    const core::Fitout& used = m_snapshot->after().used;
    for (const auto& [id, device] : used.devices)
        if (device.at == m_place && used.parts.at(device.part).kind == core::PartKind::Driver) return id;
    return {};
}

void MatchView::present(const Snapshot& snapshot, core::ListenerId listener)
{
    m_snapshot = &snapshot;
    m_listener = listener;
    if (!snapshot.plan.places.contains(m_place))
        m_place = snapshot.plan.places.empty() ? core::PlaceId{} : snapshot.plan.places.begin()->first;
    showPlaces();
    showPlace();
    showCandidates();
}

void MatchView::askForReading(core::DeviceId device, core::StageId stage)
{
    if (const auto found = m_snapshot->after().used.devices.find(device);
        found != m_snapshot->after().used.devices.end())
        choosePlace(found->second.at);
    m_ohmmeter->ask(stage);
}

void MatchView::startAfresh()
{
    m_place = {};
    m_candidates->setCandidates({});
}

// What was chosen stays chosen; at first it is the one that is planned, else the best.
int MatchView::rowToChoose(const std::string& before) const
{
    if (const int row = before.empty() ? -1 : m_candidates->rowOfKey(before); row >= 0) return row;
    for (int row = 0; row < m_candidates->rowCount(); ++row)
        if (m_candidates->candidate(row).fitted) return row;
    return 0;
}

void MatchView::takePlace(core::PlaceId place)
{
    if (place != m_place) startAfresh();
    m_place = place;
}

void MatchView::choosePlace(core::PlaceId place)
{
    if (place != m_place) startAfresh();
    m_place = place;
    present(*m_snapshot, m_listener);
    emit placeChosen();
}

// The list that says the same as the drawing, for keys and screen readers.
void MatchView::showPlaces()
{
    const KeepFocus keys(*m_places);
    clearLayout(*m_placeRow);
    for (const auto& [id, place] : m_snapshot->plan.places) {
        const QString name = QString::fromStdString(place.name);
        auto* button = new QPushButton(place.followsPair ? tr("%1 (follows)").arg(name) : name, m_places);
        button->setObjectName(QStringLiteral("place_p%1").arg(id.number));
        button->setCheckable(true);
        button->setChecked(id == m_place);
        connect(button, &QPushButton::clicked, this, [this, id = id] { choosePlace(id); });
        m_placeRow->addWidget(button);
    }
}

void MatchView::showPlace()
{
    m_drawing->present(*m_snapshot, {.place = m_place, .listener = m_listener});
    m_figures->present(*m_snapshot, chosenDevice());
    m_ohmmeter->present(*m_snapshot, chosenDevice());
}

void MatchView::showCandidates()
{
    const core::DeviceId device = chosenDevice();
    const int current = m_list->currentIndex().row();
    const std::string key = current >= 0 ? m_candidates->candidate(current).part.shelfKey : std::string();
    m_shelfTitle->setText(device ? tr("From the shelf, best first") : tr("No driver stands at this place"));
    m_candidates->setCandidates(
        device ? core::rankDrivers(m_snapshot->plan, m_shop.practice, m_shop.shelf, device, m_snapshot->evaluation)
               : std::vector<core::Candidate>{});
    m_list->setCurrentIndex(m_candidates->index(rowToChoose(key)));
    m_fit->setEnabled(m_candidates->rowCount() > 0);
}

// Where there is no room for both, the drawing gives way: the row of places says the same.
void MatchView::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    constexpr int kBoth = 700;
    m_drawing->setVisible(width() >= m_theme.px(kBoth));
}

void MatchView::showReasons()
{
    const int current = m_list->currentIndex().row();
    QStringList lines;
    if (current >= 0)
        for (const core::Finding& finding : m_candidates->candidate(current).findings)
            lines << tr("%1: %2").arg(words::nameOf(finding.severity), words::textOf(finding).title);
    m_reasons->setText(lines.isEmpty() ? tr("The rules checked so far say nothing against it.")
                                       : lines.join(tr(" · ")));
    // The line may have taken a row's room from the list: the chosen one stays in sight.
    QTimer::singleShot(0, m_list, [this] { m_list->scrollTo(m_list->currentIndex()); });
}

bool MatchView::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == m_list && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Return || key == Qt::Key_Enter) {
            fitChosen();
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

void MatchView::fitChosen()
{
    const int current = m_list->currentIndex().row();
    if (current < 0 || !m_snapshot) return;
    emit edited(core::fitPart(m_snapshot->plan, chosenDevice(), m_candidates->candidate(current).part));
}

}  // namespace app
