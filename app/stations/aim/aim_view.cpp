#include "app/stations/aim/aim_view.h"

#include <QBoxLayout>
#include <QLabel>
#include <QMessageBox>
#include <QPushButton>
#include <QSaveFile>
#include <QTimer>
#include <utility>

#include "app/session/workbench.h"
#include "app/stations/aim/aim_drawing.h"
#include "app/stations/aim/habit_list.h"
#include "app/stations/aim/hole_panel.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/clear_layout.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/save_path.h"
#include "app/widgets/waiting_line.h"
#include "card/hole_template.h"
#include "core/design/align.h"
#include "core/design/mount_surfaces.h"
#include "core/edits/aim_edits.h"
#include "core/evaluate/aim_report.h"
#include "core/fitout/sides.h"
#include "words/aim_words.h"
#include "words/name_words.h"

namespace app {
namespace {

constexpr int kRest_ms = 250;             // between two frames of a drag lies less; ours, no source
constexpr double kTwoAbreast = 620.0, kLeastAbove = 300.0, kLeastSide = 190.0;  // units of normal zoom

}  // namespace

AimView::AimView(const Theme& theme, Workbench& bench, QWidget* parent)
    : Station({.name = QStringLiteral("Aim"),
               .title = tr("Aim"),
               .menuText = tr("&Aim"),
               .digit = 5,
               .keys = tr("On the cabin: Tab goes from speaker to speaker, arrows move the picked one by 5 mm, with "
                          "Shift by 1 mm, R turns it by 5 degrees, Shift+R back; Enter puts it down, Escape returns "
                          "it. The wheel turns it once the cabin has the keys."),
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
      m_habitTitle(new PlainLabel(tr("where people put them, for these ears"), this)),
      m_time(new PlainLabel(this)),
      m_seatRow(new QWidget(this)),
      m_seatButtons(new FlowLayout(6)),
      m_align(new QPushButton(tr("delay and level"), this)),
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
    connect(m_align, &QPushButton::clicked, this, &AimView::askAlign);
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
    m_align->setObjectName(QStringLiteral("aimAlign"));
    m_align->setToolTip(tr("Delays, gains and polarity of all channels for these ears, into the settings sheet"));
    m_seatRow->setLayout(m_seatButtons);
    auto* left = new QVBoxLayout;
    left->setSpacing(6);
    left->addWidget(m_above, 10);
    left->addWidget(m_hole);
    auto* right = new QVBoxLayout;
    right->setSpacing(4);
    right->addWidget(m_side, 10);
    right->addWidget(m_habitTitle);
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
    m_columns->addLayout(left, 50);
    m_columns->addLayout(right, 50);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->addWidget(m_none);
    layout->addLayout(m_columns, 1);
    arrange();
}

void AimView::arrange()
{
    m_habitTitle->setFont(m_theme.title());
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
    m_map.reset();
    m_mapped = {};
    for (const QString& subject : {mapping(), aligning()}) m_bench.drop(this, subject);
}

QString AimView::owed(const Snapshot& snapshot) const
{
    const auto own = [](const core::Finding& finding) { return core::code(finding.rule).starts_with("AIM"); };
    const auto count = std::count_if(snapshot.findings.begin(), snapshot.findings.end(), own);
    return count > 0 ? tr("%n finding(s)", nullptr, static_cast<int>(count)) : tr("no findings");
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
    m_scene = aimScene(m_snapshot, m_listener, m_picked, seats());
    m_picked = m_scene.held;
    if (!(mappedNow() == m_mapped)) m_rest->start();
    m_scene.map = m_map && mappedNow() == m_mapped ? m_map : nullptr;
    const bool any = m_scene.held && !m_snapshot->plan.listeners.empty();
    m_none->setVisible(!any);
    m_none->setText(m_scene.held ? tr("Nobody listens in this plan. Walk-round says who sits where.")
                                 : tr("No speaker plays here. Walk-round adds what is fitted, Match what is planned."));
    for (QWidget* one : std::initializer_list<QWidget*>{m_above, m_side, m_habits, m_hole, m_habitTitle, m_seatRow, m_time})
        one->setVisible(any);
    if (!any) return;
    showSeats();
    m_habitTitle->setToolTip(words::weighedBy(core::usualWeights(m_snapshot->practice())));
    m_habits->present(m_scene);
    m_hole->present(m_scene);
    m_time->setVisible(m_scene.other.has_value());
    if (m_scene.other) {
        const bool left = m_scene.own->frame.at_m.y >= 0.0;
        m_time->setText(words::sidesText(core::sidesAt(m_snapshot->after(), left ? m_scene.held : m_scene.other->device,
                                                       left ? m_scene.other->device : m_scene.held, m_listener),
                                         m_snapshot->after().hearing.at(m_listener).image));
    }
    showScene();
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

void AimView::showSeats()
{
    // Made anew only where something of it has changed: not with each frame of a drag.
    SeatsShown now{.listeners = m_snapshot->plan.listeners,
                   .listener = m_listener,
                   .all = m_all,
                   .cleared = m_snapshot->plan.body.cleared};
    if (now == m_seatsShown) return;
    m_seatsShown = std::move(now);
    const KeepFocus keys(*m_seatRow);
    m_align->setParent(nullptr);
    clearLayout(*m_seatButtons);
    m_seatButtons->addWidget(new PlainLabel(tr("best for"), m_seatRow));
    const auto add = [&](const QString& text, const QString& name, bool on, auto then) {
        auto* button = new QPushButton(text, m_seatRow);
        button->setObjectName(name);
        button->setCheckable(true);
        button->setChecked(on);
        connect(button, &QPushButton::clicked, this, then);
        m_seatButtons->addWidget(button);
    };
    for (const auto& [id, listener] : m_snapshot->plan.listeners)
        add(words::nameOf(listener.seat), QStringLiteral("bestFor_e%1").arg(id.number), !m_all && id == m_listener,
            [this, id = id] {
                m_all = false;
                if (id == m_listener) return show();
                emit seatChosen(id);
            });
    if (m_snapshot->plan.listeners.size() > 1)
        add(tr("all"), QStringLiteral("bestFor_all"), m_all, [this] {
            m_all = true;
            show();
        });
    m_align->setParent(m_seatRow);
    m_seatButtons->addWidget(m_align);
    m_align->show();
    // What was recorded as cleared stays in sight, and can be taken back.
    for (const core::RestraintZone zone : m_snapshot->plan.body.cleared) {
        auto* button = new QPushButton(tr("%1 cleared: close again").arg(words::nameOf(zone)), m_seatRow);
        button->setObjectName(QStringLiteral("closeZone_%1").arg(static_cast<int>(zone)));
        connect(button, &QPushButton::clicked, this,
                [this, zone] { emit edited(core::clearZone(m_snapshot->plan, zone, false)); });
        m_seatButtons->addWidget(button);
    }
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

// Somebody says that he has read it: nothing else opens such a zone.
void AimView::clearZone(core::RestraintZone zone)
{
    auto* box = new QMessageBox(QMessageBox::Warning, tr("Airbags and belts"),
                                tr("%1: has the vehicle maker\u2019s data been read, and does it clear this zone for a speaker "
                                   "and its leads? Nothing else opens it. Disconnect the battery and wait as the maker "
                                   "says before anything there is touched.")
                                    .arg(words::nameOf(zone)),
                                QMessageBox::NoButton, this);
    box->setObjectName(QStringLiteral("clearZone"));
    box->setTextFormat(Qt::PlainText);
    box->setAttribute(Qt::WA_DeleteOnClose);
    QPushButton* yes = box->addButton(tr("It clears it: record that"), QMessageBox::AcceptRole);
    yes->setObjectName(QStringLiteral("recordCleared"));
    box->setDefaultButton(box->addButton(tr("Leave it closed"), QMessageBox::RejectRole));
    connect(box, &QMessageBox::buttonClicked, this, [this, yes, zone](QAbstractButton* pressed) {
        if (pressed == yes) emit edited(core::clearZone(m_snapshot->plan, zone, true));
    });
    box->open();
}

void AimView::setShop(const ShopSettings& shop)
{
    m_letterPaper = shop.letterPaper;
}

bool AimView::writeTemplate(const QString& path)
{
    const core::StageResult& stage = m_snapshot->after();
    std::vector<core::HoleOutline> sides;
    for (const core::DeviceId one : {m_scene.held, m_scene.other ? m_scene.other->device : core::DeviceId{}})
        if (const auto outline = one ? core::holeOutline(stage, one, m_scene.mounts) : std::nullopt)
            sides.push_back(*outline);
    if (sides.empty()) {
        emit said(tr("It stands on no surface: there is no hole to draw."));
        return false;
    }
    const card::HolePage page{words::nameOf(core::Subject{m_scene.held}, stage.used), m_letterPaper};
    const bool svg = path.endsWith(QStringLiteral(".svg"), Qt::CaseInsensitive);
    QSaveFile file(path);
    const bool written = file.open(QIODevice::WriteOnly) &&
                         file.write(svg ? card::holeSvg(sides, page) : card::holePdf(sides, page)) > 0 && file.commit();
    emit said(written ? tr("%1 is written.").arg(path) : tr("%1 cannot be written: %2").arg(path, file.errorString()));
    return written;
}

AimView::Mapped AimView::mappedNow() const
{
    const core::StageResult& stage = m_snapshot->after();
    const auto device = stage.used.devices.find(m_scene.held);
    if (device == stage.used.devices.end()) return {};
    return {m_scene.held, device->second.part, seats(), stage.cabin, stage.used.body, m_scene.mounts,
            m_scene.driver(m_scene.held)->frame.at_m.y >= 0.0};
}

void AimView::askMap()
{
    if (!m_snapshot || !m_scene.held || m_snapshot->plan.listeners.empty()) return;
    const core::SpotTask task{.device = m_scene.held, .seats = seats(), .surfaces = m_scene.mounts};
    m_bench.ask(this, mapping(), m_snapshot->revision,
                [this, shown = m_snapshot, task, of = mappedNow()](const std::stop_token& stop) -> Workbench::Take {
                    auto found = core::mapSpots(shown->after(), shown->practice(), task, stop);
                    return [this, found = std::move(found), of] {
                        if (!found) return;
                        m_map = std::make_shared<const core::SpotMap>(*found);
                        m_mapped = of;
                        show();
                    };
                });
}

void AimView::askAlign()
{
    std::vector<core::ListenerId> seats = this->seats();
    if (seats.empty())
        for (const auto& [id, listener] : m_snapshot->plan.listeners)
            if (seats.size() < 2) seats.push_back(id);
    m_bench.ask(this, aligning(), m_snapshot->revision,
                [this, shown = m_snapshot, seats](const std::stop_token& stop) -> Workbench::Take {
                    auto found = core::align(shown->plan, shown->shop->practice, seats, shown->evaluation, stop);
                    return [this, found = std::move(found)] {
                        if (!found) return emit said(tr("Fewer than two channels play: there is nothing to set."));
                        if (!found->canDelay) emit said(tr("Nothing in this chain can delay: level and polarity only."));
                        if (found->edit.changes.empty()) return emit said(tr("It stands as well as it can be set."));
                        emit edited(found->edit);
                    };
                });
}

}  // namespace app
