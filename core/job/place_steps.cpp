#include "core/job/place_steps.h"

#include <algorithm>
#include <cmath>

#include "core/fitout/backing.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/complete.h"
#include "core/fitout/resolve.h"
#include "core/job/class_cautions.h"
#include "core/job/lining_steps.h"
#include "core/spread/uncertain_inputs.h"

namespace core {
namespace {

// Farads in the one capacitor of a part; 0: it has none, or nobody knows.
double capacitanceOf(const Part& part)
{
    for (const auto& [name, element] : part.inside)
        if (element.kind == ElementKind::Capacitor)
            return valueOf(figuresOf(part, name), Quantity::Capacitance_f).value_or(0.0);
    return 0.0;
}

double countOf(const std::vector<Fastener>& fasteners)
{
    double count = 0.0;
    for (const Fastener& one : fasteners) count += one.count;
    return count;
}

}  // namespace

Step& PlaceSteps::add(StepKind kind, PracticeKey time, double times, PlaceId place, DeviceId device,
                      std::vector<ToolUse> tools, std::vector<Caution> cautions)
{
    Step& step = m_steps.add(kind, time, times);
    step.place = place;
    step.device = device;
    step.tools = std::move(tools);
    step.cautions = std::move(cautions);
    return step;
}

const FitAt* PlaceSteps::fitOf(DeviceId driver) const
{
    const auto fit = m_fits.find(driver);
    return fit == m_fits.end() ? nullptr : &fit->second;
}

void PlaceSteps::addBenchWork(const PlaceWork& work)
{
    for (const DeviceId lead : work.leads) {
        if (partOf(m_to, lead).kind == PartKind::Lead) continue;
        Step& step = add(StepKind::MakeLead, PracticeKey::StepWiring_min, 1.0, m_to.devices.at(lead).at, lead,
                         {{Tool::SolderOrCrimp, {}}, {Tool::Ohmmeter, {}}}, {Caution::HotSolder});
        step.figures[StepFigure::Value_f] = capacitanceOf(partOf(m_to, lead));
    }
    for (const DeviceId driver : work.fitted())
        if (const FitAt* at = fitOf(driver)) addSpacerMaking(m_steps, *at);
}

// A driver by the fasteners that were noted, whatever else hangs there by its plug.
void PlaceSteps::takeOut(PlaceId place, DeviceId device)
{
    static const std::vector<Fastener> kNone;
    const auto there = m_to.places.find(place);
    const bool driver = partOf(m_from, device).kind == PartKind::Driver;
    const auto& held = driver && there != m_to.places.end() ? there->second.held : kNone;
    std::vector<ToolUse> tools = held.empty() ? std::vector<ToolUse>{{Tool::CrossHead, {}}} : toolsFor(held);
    tools.push_back({Tool::Camera, {}});
    const bool drilled =
        std::any_of(held.begin(), held.end(), [](const Fastener& one) { return one.kind == FastenerKind::Rivet; });
    add(StepKind::RemoveDriver, PracticeKey::StepSwap_min, 0.5, place, device, std::move(tools),
        drilled ? cuttingCautions(m_body, {Caution::MaskMagnet}) : std::vector<Caution>{});
}

void PlaceSteps::addHole(PlaceId place, const Alteration& hole, DeviceId driver)
{
    Step& step = add(StepKind::CutHole, PracticeKey::CutHole_min, 1.0, place, driver, {},
                     cuttingCautions(m_body, {Caution::MaskMagnet}));
    auto across_m = valueOf(hole.figures, Quantity::Cutout_m);
    const FitAt* at = fitOf(driver);
    if (!across_m && at && at->fit.hole) across_m = at->fit.hole->plan.cut_m;
    bool sawn = false;
    if (across_m) {
        step.figures[StepFigure::Hole_m] = *across_m;
        for (const double saw_m : m_practice[PracticeList::HoleSaw_m])
            sawn = sawn || std::abs(saw_m - *across_m) < 1e-4;
    }
    if (const auto short_m = valueOf(hole.figures, Quantity::CutoutShort_m);
        short_m && across_m && *short_m < *across_m) {
        step.figures[StepFigure::HoleShort_m] = *short_m;
        sawn = false;
    }
    if (sawn) step.figures[StepFigure::Saw_m] = *across_m;
    step.figures[StepFigure::Pilot_m] = m_practice[PracticeKey::PilotHole_m];
    if (!sawn) step.figures[StepFigure::Blade_m] = m_practice[PracticeKey::BladeHole_m];
    const auto there = m_to.places.find(place);
    step.backing = there == m_to.places.end() ? std::nullopt : backingAt(m_to, there->second);
    step.tools = {{sawn ? Tool::HoleSaw : Tool::Jigsaw, {}}, {Tool::Drill, {}}, {Tool::Tape, {}}, {Tool::Vacuum, {}}};
    if (!step.backing || *step.backing == Backing::Metal) step.tools.push_back({Tool::Paint, {}});
    if (step.backing == Backing::Cloth) step.tools.push_back({Tool::Knife, {}});
}

void PlaceSteps::addAlteration(PlaceId place, const Alteration& alteration, DeviceId driver)
{
    if (alteration.what == AlterationKind::Hole) return addHole(place, alteration, driver);
    const bool obstruction = alteration.what == AlterationKind::CutObstruction;
    const bool screws = alteration.what == AlterationKind::ScrewHoles;
    const bool drills = screws || alteration.what == AlterationKind::WireHole;
    const FitAt* at = fitOf(driver);
    const double holes = screws && at ? std::max(1, at->fit.screwCount) : 1.0;
    Step& step =
        add(StepKind::Alter, screws ? PracticeKey::ScrewHole_min : PracticeKey::StepWiring_min, holes, place, driver);
    step.alteration = alteration.what;
    if (drills) step.tools = {{Tool::Drill, {}}, {Tool::Vacuum, {}}};
    if (screws) step.tools.push_back({Tool::Paint, {}});
    if (obstruction) step.tools = {{Tool::SideCutter, {}}, {Tool::Vacuum, {}}};
    if (!drills && !obstruction) step.tools = {{Tool::Tape, {}}};
    if (screws || obstruction) step.cautions = cuttingCautions(m_body, {Caution::MaskMagnet});
    if (alteration.what == AlterationKind::WireHole)
        step.figures[StepFigure::Drill_m] = m_practice[PracticeKey::WireHole_m];
    if (const auto there = m_to.places.find(place); screws && there != m_to.places.end()) {
        step.figures[StepFigure::Drill_m] = fastenerDrill_m(there->second, m_practice);
        step.figures[StepFigure::Screws_count] = holes;
    }
    // What held the cable went with what was cut away.
    if (obstruction) add(StepKind::Retain, PracticeKey::StepWiring_min, 0.5, place, driver, {{Tool::Tape, {}}});
}

void PlaceSteps::addWiring(PlaceId place, const PlaceWork& work)
{
    for (const DeviceId lead : work.leads) {
        if (partOf(m_to, lead).kind == PartKind::Lead)
            add(StepKind::PlugLead, PracticeKey::StepWiring_min, 0.5, place, lead, {{Tool::Tape, {}}});
        else
            add(StepKind::SwapLead, PracticeKey::StepWiring_min, 1.0, place, lead,
                {{Tool::SideCutter, {}}, {Tool::Tape, {}}});
    }
    for (const DeviceId source : work.sources)
        add(StepKind::MountSource, PracticeKey::StepSwap_min, 1.0, place, source,
            {{Tool::CrossHead, {}}, {Tool::Drill, {}}}, cuttingCautions(m_body, {}));
    const std::vector<ToolUse> joint{{Tool::SolderOrCrimp, {}}, {Tool::Tape, {}}};
    for (const DeviceId insert : work.inserts)
        add(StepKind::InsertPart, PracticeKey::StepWiring_min, 1.0, place, insert, joint, {Caution::HotSolder});
    for (const DeviceId driver : work.coils)
        add(StepKind::JoinCoils, PracticeKey::StepWiring_min, 0.5, place, driver,
            {{Tool::SolderOrCrimp, {}}, {Tool::Ohmmeter, {}}})
            .figures[StepFigure::Reading_ohm] = coilsAtDriver(m_to, driver, m_practice).leads_ohm.value_or(0.0);
    for (const DeviceId link : work.links)
        add(StepKind::LinkAcross, PracticeKey::StepWiring_min, 1.0, place, link, joint, {Caution::HotSolder});
    for (const DeviceId driver : work.drivers)
        if (plugIsCut(m_from, m_to, driver))
            add(StepKind::CutPlug, PracticeKey::Splice_min, kWiresOfPair, place, driver,
                {{Tool::SideCutter, {}}, {Tool::SolderOrCrimp, {}}}, {Caution::HotSolder});
}

// What an ohmmeter should show at the tabs, and how far off it may be.
void PlaceSteps::noteReading(Step& step, DeviceId driver) const
{
    const double re_ohm = coilsAtDriver(m_to, driver, m_practice).leads_ohm.value_or(0.0);
    const Part& own = partOf(m_to, driver);
    const std::string coil = firstOf(own, ElementKind::Coil);
    if (coil.empty()) return;
    const double spread = spreadOf(Quantity::Re_ohm, complete(own, coil, m_practice), m_practice);
    step.figures[StepFigure::Reading_ohm] = re_ohm;
    step.figures[StepFigure::ReadingLow_ohm] = re_ohm * (1.0 - spread);
    step.figures[StepFigure::ReadingHigh_ohm] = re_ohm * (1.0 + spread);
}

void PlaceSteps::addFitting(PlaceId place, const PlaceWork& work)
{
    const std::vector<DeviceId> fitted = work.fitted();
    for (const DeviceId driver : fitted)
        if (m_from.devices.contains(driver) && !isMoved(m_from, m_to, driver)) takeOut(place, driver);
    for (const auto* out : {&work.moved, &work.gone})
        for (const DeviceId driver : *out) takeOut(place, driver);
    for (const Alteration& alteration : work.alterations)
        addAlteration(place, alteration, fitted.empty() ? DeviceId{} : fitted.front());
    addLiningSteps(m_steps, m_body, place, work);
    for (const DeviceId driver : fitted)
        if (const FitAt* at = fitOf(driver)) addSpacerFitting(m_steps, *at);
    addWiring(place, work);
    for (const DeviceId driver : work.drivers) addDriver(place, driver, true);
    for (const DeviceId driver : work.remounted) addDriver(place, driver, false);
}

// fresh  nobody has read it yet
void PlaceSteps::addDriver(PlaceId place, DeviceId driver, bool fresh)
{
    // The reading is taken at the tabs: a capacitor in the lead would read open.
    if (fresh)
        noteReading(
            add(StepKind::CheckResistance, PracticeKey::StepWiring_min, 0.5, place, driver, {{Tool::Ohmmeter, {}}}),
            driver);
    add(StepKind::Connect, PracticeKey::StepWiring_min, 0.5, place, driver);
    if (const FitAt* at = fitOf(driver))
        addDriverFitting(m_steps, *at);
    else
        add(StepKind::FitDriver, PracticeKey::StepSwap_min, 0.5, place, driver, {{Tool::CrossHead, {}}},
            {Caution::ConeGuard});
}

void PlaceSteps::addPanel(StepKind kind, PlaceId place, PanelId id)
{
    const Panel& panel = m_to.panels.at(id);
    Step& step = add(kind, PracticeKey::Panel_min, 1.0, place, {}, toolsFor(panel.fasteners));
    step.panel = id;
    const double fasteners = countOf(panel.fasteners);
    const PracticeEntry& each = m_practice.entries.at(PracticeKey::Fastener_min);
    step.minutes += fasteners * each.value;
    step.least_min += fasteners * each.least;
    step.most_min += fasteners * each.greatest;
    if (kind == StepKind::OpenPanel && panel.fasteners.empty())
        step.tools = {{Tool::PlasticPry, {}}, {Tool::CrossHead, {}}};
    step.cautions = kind == StepKind::OpenPanel ? openingCautions(m_body) : std::vector{Caution::ClipsCounted};
    if (panel.membrane) step.cautions.push_back(Caution::WaterFilm);
}

void PlaceSteps::open(const Opening& opening)
{
    for (const PanelId panel : opening.panels) addPanel(StepKind::OpenPanel, opening.places.front(), panel);
    if (!opening.panels.empty() || !hasTrim(opening, m_to)) return;
    add(StepKind::OpenTrim, PracticeKey::StepTrim_min, 1.0, opening.places.front(), {},
        {{Tool::PlasticPry, {}}, {Tool::CrossHead, {}}}, openingCautions(m_body));
}

void PlaceSteps::tryBeforeClosing(const Opening& opening, const std::map<PlaceId, PlaceWork>& work)
{
    if (!hasTrim(opening, m_to)) return;
    for (const PlaceId place : opening.places) {
        const PlaceWork& there = work.at(place);
        Step& step = add(StepKind::TryBeforeClosing, PracticeKey::FunctionTest_min, 1.0, place,
                         there.drivers.empty() ? DeviceId{} : there.drivers.front());
        if (step.device) noteReading(step, step.device);
        for (size_t i = 1; i < there.drivers.size(); ++i)
            noteReading(add(StepKind::HearDriver, PracticeKey::FunctionTest_min, 0.5, place, there.drivers[i]),
                        there.drivers[i]);
    }
}

void PlaceSteps::close(const Opening& opening)
{
    for (auto panel = opening.panels.rbegin(); panel != opening.panels.rend(); ++panel)
        addPanel(StepKind::ClosePanel, opening.places.front(), *panel);
    if (opening.panels.empty() && hasTrim(opening, m_to))
        add(StepKind::CloseTrim, PracticeKey::StepTrim_min, 1.0, opening.places.front(), {}, {},
            {Caution::ClipsCounted});
}

}  // namespace core
