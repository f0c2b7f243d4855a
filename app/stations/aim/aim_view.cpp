#include "app/stations/aim/aim_view.h"

#include <QBoxLayout>
#include <QLabel>
#include <QTimer>
#include <iterator>
#include <utility>

#include "app/session/workbench.h"
#include "app/stations/aim/aim_drawing.h"
#include "app/stations/aim/habit_list.h"
#include "app/stations/aim/hole_panel.h"
#include "app/stations/aim/seat_row.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/save_path.h"
#include "app/widgets/waiting_line.h"
#include "core/design/mount_surfaces.h"
#include "core/design/noise.h"
#include "core/model/names.h"
#include "core/fitout/surface_under.h"
#include "core/edits/aim_edits.h"
#include "core/edits/fit_edits.h"
#include "core/evaluate/aim_report.h"
#include "core/fitout/sides.h"
#include "words/aim_words.h"
#include "words/name_words.h"
#include "words/use_words.h"

namespace app {
namespace {

constexpr int kRest_ms = 250;             // between two frames of a drag lies less; ours, no source
constexpr double kTwoAbreast = 620.0, kLeastAbove = 300.0, kLeastSide = 250.0;  // units of normal zoom

}  // namespace

AimView::AimView(const Theme& theme, Workbench& bench, QWidget* parent)
    : Station({.name = QStringLiteral("Aim"),
               .title = tr("Aim"),
               .menuText = tr("&Aim"),
               .digit = 5,
               .keys = tr("On the cabin: Tab goes from speaker to speaker, arrows move the picked one by 5 mm, with "
                          "Shift by 1 mm, R turns it by 5 degrees, Shift+R back; Enter puts it down, Escape returns "
                          "it. The wheel turns it once the cabin has the keys. While a surface is shaped Tab goes "
                          "round its corners, arrows move one, Escape leaves it."),
               .rules = {"AIM"},
               .scrolls = true,
               .tracesFolded = true},
              parent),
      m_theme(theme),
      m_bench(bench),
      m_above(new AimDrawing(theme, AimDrawing::From::Above, this)),
      m_side(new AimDrawing(theme, AimDrawing::From::Side, this)),
      m_habits(new HabitList(theme, this)),
      m_hole(new HolePanel(theme, this)),
      m_none(new PlainLabel(this)),
      m_time(new PlainLabel(this)),
      m_seatRow(new SeatRow(this)),
      m_rest(new QTimer(this)),
      m_columns(new QBoxLayout(QBoxLayout::LeftToRight))
{
    setObjectName(QStringLiteral("stationPage"));
    build();
    m_rest->setSingleShot(true);
    m_rest->setInterval(kRest_ms);
    connect(m_rest, &QTimer::timeout, this, &AimView::askMap);
    connectDrawing(m_above);
    connectDrawing(m_side);
    connect(m_habits, &HabitList::taken, this,
            [this](const core::Habit& habit) { put(habit.spot.frame, habit.surface); });
    connect(m_habits, &HabitList::cleared, this, &AimView::clearZone);
    connect(m_hole, &HolePanel::moved, this, [this](const core::Frame& to) {
        emit edited(core::placeDriver(m_snapshot->plan, m_scene.held, to));
    });
    connect(m_hole, &HolePanel::styleChosen, this, [this](core::MountStyle style) {
        emit edited(core::setMountStyle(m_snapshot->plan, m_scene.held, style));
    });
    connect(m_hole, &HolePanel::freed, this, [this] { emit edited(core::freeAim(m_snapshot->plan, m_scene.held)); });
    connect(m_hole, &HolePanel::mirrored, this,
            [this] { emit edited(core::mirrorAim(m_snapshot->plan, m_scene.held)); });
    connect(m_hole, &HolePanel::templateAsked, this, [this] {
        const QString path = askSavePath(this, tr("The hole at 1:1"), tr("hole.pdf"), tr("PDF or SVG (*.pdf *.svg)"),
                                         QStringLiteral("pdf"));
        if (!path.isEmpty()) writeTemplate(path);
    });
    connect(m_hole, &HolePanel::said, this, &AimView::said);
    connect(m_hole, &HolePanel::held, this, [this](core::Fixing fixing) {
        emit edited(core::fixDriver(m_snapshot->plan, m_scene.held, fixing));
    });
    connect(m_hole, &HolePanel::shaping, this, &AimView::shape);
    connect(m_hole, &HolePanel::shaped, this, [this](const core::Surface& surface) { shapeAs(surface, true); });
    connect(m_habits, &HabitList::unfolded, this, &AimView::show);
    connect(m_seatRow, &SeatRow::seatPicked, this, [this](core::ListenerId seat) {
        m_all = false;
        if (seat == m_listener) return show();
        emit seatChosen(seat);
    });
    connect(m_seatRow, &SeatRow::allPicked, this, [this] {
        m_all = true;
        show();
    });
    connect(m_seatRow, &SeatRow::alignAsked, this, &AimView::askAlign);
    connect(m_seatRow, &SeatRow::weightsAsked, this, &AimView::askWeights);
    connect(m_seatRow, &SeatRow::zoneClosed, this, [this](core::RestraintZone zone) {
        emit edited(core::clearZone(m_snapshot->plan, zone, false));
    });
    connect(&theme, &Theme::changed, this, &AimView::arrange);
}

void AimView::build()
{
    m_above->setObjectName(QStringLiteral("aimAbove"));
    m_side->setObjectName(QStringLiteral("aimSide"));
    m_hole->setObjectName(QStringLiteral("aimHole"));
    m_habits->setObjectName(QStringLiteral("aimHabits"));
    m_none->setObjectName(QStringLiteral("aimNone"));
    m_none->setWordWrap(true);
    m_time->setObjectName(QStringLiteral("aimTime"));
    m_time->setWordWrap(true);
    auto* left = new QVBoxLayout;
    left->setSpacing(6);
    left->addWidget(m_above, 10);
    left->addWidget(m_hole);
    auto* right = new QVBoxLayout;
    right->setSpacing(4);
    right->addWidget(m_side, 10);
    auto* waiting = new WaitingLine(m_bench, this, mapping(), this);
    connect(waiting, &WaitingLine::askedAgain, this, &AimView::askMap);
    right->addWidget(waiting);
    right->addWidget(m_habits);
    right->addWidget(m_seatRow);
    right->addWidget(m_time);
    auto* aligning = new WaitingLine(m_bench, this, AimView::aligning(), this);
    connect(aligning, &WaitingLine::askedAgain, this, &AimView::askAlign);
    right->addWidget(aligning);
    m_columns->setSpacing(14);
    m_columns->addLayout(left, 53);
    m_columns->addLayout(right, 47);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->addWidget(m_none);
    layout->addLayout(m_columns, 1);
    arrange();
}

void AimView::arrange()
{
    m_above->setMinimumHeight(m_theme.px(kLeastAbove));  // else a hand finds nothing on it: the station scrolls
    m_side->setMinimumHeight(m_theme.px(kLeastSide));
    m_columns->setDirection(width() >= m_theme.px(kTwoAbreast) ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    showScene();
}

void AimView::resizeEvent(QResizeEvent* event)
{
    Station::resizeEvent(event);
    arrange();
}

void AimView::connectDrawing(AimDrawing* drawing)
{
    connect(drawing, &AimDrawing::picked, this, [this](core::DeviceId device) {
        m_picked = device;
        show();
        emit chosen();
    });
    connect(drawing, &AimDrawing::moved, this, &AimView::move);
    connect(drawing, &AimDrawing::putDown, this, &AimView::putDown);
    connect(drawing, &AimDrawing::returned, this, &AimView::giveBack);
    connect(drawing, &AimDrawing::spotTried, this,
            [this](const core::Spot& spot) { put(spot.frame, spot.surface); });
    connect(drawing, &AimDrawing::seatChosen, this, &AimView::seatChosen);
    connect(drawing, &AimDrawing::shaped, this, [this](const core::Surface& surface) { shapeAs(surface, false); });
    connect(drawing, &AimDrawing::shapePut, this, [this] { emit dragEnded(true); });
    connect(drawing, &AimDrawing::shapeLeft, this, [this] { shape(false); });
}

void AimView::present(const SharedSnapshot& snapshot, core::ListenerId listener)
{
    m_snapshot = snapshot;
    m_listener = listener;
    show();
}

void AimView::startAfresh()
{
    m_picked = {};
    m_all = false;
    m_shaped.reset();
    m_map.reset();
    m_mapped = {};
    for (const QString& subject : {mapping(), aligning()}) m_bench.drop(this, subject);
}

void AimView::setShop(const ShopSettings& shop)
{
    m_letterPaper = shop.letterPaper;
}

QString AimView::owed(const Snapshot& snapshot) const
{
    return ownFindings(snapshot);
}

core::PlaceId AimView::place() const
{
    if (!m_snapshot) return {};
    const auto& devices = m_snapshot->after().used.devices;
    const auto device = devices.find(m_scene.held);
    return device == devices.end() ? core::PlaceId{} : device->second.at;
}

// A place without a driver that plays changes nothing here.
void AimView::takePlace(core::PlaceId place)
{
    if (!m_snapshot || place == this->place()) return;
    for (const AimDriver& one : m_scene.drivers) {
        const auto device = m_snapshot->after().used.devices.find(one.device);
        if (device != m_snapshot->after().used.devices.end() && device->second.at == place) m_picked = one.device;
    }
}

std::vector<QWidget*> AimView::areas()
{
    return {m_above, m_side, m_habits, m_hole};
}

std::vector<core::ListenerId> AimView::seats() const
{
    return m_all || !m_snapshot->plan.listeners.contains(m_listener) ? std::vector<core::ListenerId>{}
                                                                     : std::vector{m_listener};
}

void AimView::show()
{
    if (!m_snapshot) return;
    m_scene = aimScene(m_snapshot, m_listener, m_picked, seats(), m_weights);
    m_scene.ranked = m_habits->mostRanks();
    if (m_shaped && *m_shaped < std::ssize(m_scene.mounts)) m_scene.shaped = std::next(m_scene.mounts.begin(), *m_shaped)->first;
    m_picked = m_scene.held;
    if (!(mappedNow() == m_mapped)) m_rest->start();
    m_scene.map = m_map && mappedNow() == m_mapped ? m_map : nullptr;
    const bool any = m_scene.held && !m_snapshot->plan.listeners.empty();
    m_none->setVisible(!any);
    m_none->setText(m_scene.held ? tr("Nobody listens in this plan. Walk-round says who sits where.")
                                 : tr("No speaker plays here. Walk-round adds what is fitted, Match what is planned."));
    for (QWidget* one : std::initializer_list<QWidget*>{m_above, m_side, m_habits, m_hole, m_seatRow, m_time})
        one->setVisible(any);
    if (!any) return;
    m_seatRow->present(m_scene, m_all);
    m_habits->present(m_scene);
    m_hole->present(m_scene);
    showTime();
    showScene();
}

// How the two sides come to this head, and over what noise where no cabin keeps it out.
void AimView::showTime()
{
    QStringList lines;
    if (m_scene.other) {
        const bool left = m_scene.own->frame.at_m.y >= 0.0;
        lines << words::sidesText(core::sidesAt(m_snapshot->after(), left ? m_scene.held : m_scene.other->device,
                                                       left ? m_scene.other->device : m_scene.held, m_listener),
                                         m_snapshot->after().hearing.at(m_listener).image);
    }
    const core::Practice& practice = m_snapshot->practice();
    const core::Use use = m_snapshot->plan.job.use;
    if (practice.uses.at(std::string(core::textOf(use))).demands.contains(core::Demand::Wind))
        if (const auto bands = core::overNoise(m_snapshot->after(), m_listener, use, practice))
            lines << words::briefOf(*bands);
    m_time->setVisible(!lines.isEmpty());
    m_time->setText(lines.join(QLatin1Char('\n')));
}

// Both views at one scale.
void AimView::showScene()
{
    if (!m_scene.snapshot) return;
    if (m_above->inHand() || m_side->inHand()) {
        for (AimDrawing* drawing : {m_above, m_side}) drawing->present(m_scene, m_scale);
        return;
    }
    for (AimDrawing* drawing : {m_above, m_side}) drawing->present(m_scene, m_scale);
    m_scale = std::min(m_above->bestScale(), m_side->bestScale());
    for (AimDrawing* drawing : {m_above, m_side}) drawing->setScale(m_scale);
}

// Again and again while it is moved.
void AimView::move(const core::Frame& to)
{
    m_moved = true;
    emit dragged(core::placeDriver(m_snapshot->plan, m_scene.held, to));
}

// Over a surface it stands on that: at its own place or at another one, whichever is there; one step to undo.
void AimView::putDown()
{
    if (!std::exchange(m_moved, false)) return;
    const AimDriver* own = m_scene.driver(m_scene.held);
    const core::Frame frame = own ? own->frame : core::Frame{};
    const core::SurfaceId under = own ? core::surfaceUnder(m_scene.mounts, frame.at_m) : core::SurfaceId{};
    if (!under) return emit dragEnded(true);
    emit dragEnded(false);
    put(frame, under);
}

void AimView::giveBack()
{
    m_moved = false;
    emit dragEnded(false);
}

void AimView::put(const core::Frame& frame, core::SurfaceId surface)
{
    const bool left = m_scene.driver(m_scene.held)->frame.at_m.y >= 0.0;
    const core::Frame own = left == (frame.at_m.y >= 0.0) ? frame : core::mirrored(frame);
    emit edited(core::putDriverOn(m_snapshot->plan, m_scene.held, own, m_scene.mounts.at(surface)));
}

AimView::Mapped AimView::mappedNow() const
{
    const core::StageResult& stage = m_snapshot->after();
    const auto device = stage.used.devices.find(m_scene.held);
    if (device == stage.used.devices.end()) return {};
    return {m_scene.held, device->second.part, seats(), stage.cabin, stage.used.body, m_scene.mounts,
            m_scene.driver(m_scene.held)->frame.at_m.y >= 0.0, m_scene.weights};
}

}  // namespace app
