#include "core/job/fit_steps.h"

#include <algorithm>
#include <cctype>
#include <cmath>

#include "core/base/angle.h"
#include "core/fitout/resolve.h"
#include "core/model/aim.h"

namespace core {
namespace {

const Part* spacerOf(const FitAt& at)
{
    const auto spacer = at.to.parts.find(at.mount.spacer);
    return spacer == at.to.parts.end() ? nullptr : &spacer->second;
}

double thicknessOf(const Part& spacer)
{
    return valueOf(spacer.figures, Quantity::Thickness_m).value_or(0.0);
}

ToolUse turnerOf(Anchor anchor)
{
    if (anchor == Anchor::CaptiveNut) return {Tool::Socket, {}};
    if (anchor == Anchor::Rivet) return {Tool::RivetTool, {}};
    return {Tool::CrossHead, {}};
}

void noteScrews(Step& step, const ScrewChoice& screws)
{
    step.figures[StepFigure::Screw_m] = screws.across_m;
    if (screws.length_m) step.figures[StepFigure::ScrewLength_m] = *screws.length_m;
    step.figures[StepFigure::Screws_count] = screws.count;
    if (screws.tooShort_m > 0.0) step.figures[StepFigure::ScrewTooShort_m] = screws.tooShort_m;
}

// Screws of its own hold a spacer to the vehicle: so many; none where the driver's go through it.
int ownScrewsOf(const FitAt& at)
{
    if (at.fit.bracketCount > 0) return at.fit.bracketCount;
    if (!at.outline || at.outline->oneScrew) return 0;
    return static_cast<int>(std::count_if(at.outline->holes.begin(), at.outline->holes.end(),
                                          [](const OutlineHole& hole) { return !hole.pilot; }));
}

std::optional<double> turnOf(const FitAt& at)
{
    if (at.mount.turn_deg) return at.mount.turn_deg;
    if (at.outline) return at.outline->turn_deg;
    return at.fit.turn ? std::optional(at.fit.turn->turn_deg) : std::nullopt;
}

// "T25" is a star, "10 mm" of a screw, bolt or nut a socket, anything with "hex", "key" or "allen" a hex key.
ToolUse toolFor(const Fastener& fastener)
{
    std::string size = fastener.size;
    std::transform(size.begin(), size.end(), size.begin(), [](unsigned char c) { return std::tolower(c); });
    const auto says = [&](const char* word) { return size.find(word) != std::string::npos; };
    switch (fastener.kind) {
        case FastenerKind::Clip:
        case FastenerKind::PushPin:
            return {Tool::PlasticPry, {}};
        case FastenerKind::Hook:
            return {Tool::Hook, fastener.size};
        case FastenerKind::Rivet:
            return {Tool::Drill, fastener.size};
        case FastenerKind::Screw:
        case FastenerKind::Bolt:
        case FastenerKind::Nut:
            if (says("hex") || says("key") || says("allen")) return {Tool::HexKey, fastener.size};
            if (size.starts_with('t') && size.size() > 1 && std::isdigit(static_cast<unsigned char>(size[1])))
                return {Tool::StarDriver, fastener.size};
            // A thread is no tool's size.
            if (size.starts_with('m') && size.size() > 1 && std::isdigit(static_cast<unsigned char>(size[1])))
                return {Tool::Socket, {}};
            if (fastener.kind == FastenerKind::Screw && !says("mm") && !says("in"))
                return {Tool::CrossHead, fastener.size};
            return {Tool::Socket, fastener.size};
    }
    return {Tool::CrossHead, fastener.size};
}

}  // namespace

FitsAt fitsAt(const JobWork& work, const Fitout& from, const StageResult& goal, const Practice& practice)
{
    const Fitout& to = goal.used;
    FitsAt fits;
    for (const auto& [place, there] : work.places)
        for (const DeviceId driver : there.fitted()) {
            const auto fit = goal.fits.find(driver);
            if (fit == goal.fits.end()) continue;
            FitAt at{driver,       from,    to, to.places.at(to.devices.at(driver).at), mountOf(to, driver),
                     *fit->second, practice};
            if (const Part* spacer = spacerOf(at); spacer && isMade(*spacer))
                at.outline = spacerOutline(at.place, at.mount, at.fit, thicknessOf(*spacer), practice);
            fits.emplace(driver, std::move(at));
        }
    return fits;
}

std::vector<ToolUse> toolsFor(const std::vector<Fastener>& fasteners)
{
    std::vector<ToolUse> tools;
    for (const Fastener& fastener : fasteners) {
        const ToolUse tool = toolFor(fastener);
        if (std::find(tools.begin(), tools.end(), tool) == tools.end()) tools.push_back(tool);
    }
    return tools;
}

std::optional<ScrewChoice> screwsAt(const FitAt& at)
{
    if (at.mount.fixing == Fixing::Clip || at.mount.fixing == Fixing::Adhesive) return std::nullopt;
    if (ownScrewsOf(at) == 0) return screwChoice(at.place, at.mount, mountOf(at.from, at.driver), at.fit, at.practice);
    // Into the ring, not through it.
    const int count = at.fit.screwCount > 0 ? at.fit.screwCount : kUsualScrews;
    return screwsThrough(at.fit.bracketCount > 0 ? Anchor::Unknown : Anchor::Plastic,
                         at.fit.body.at(Quantity::FlangeThickness_m).value, count, at.practice);
}

std::optional<ScrewChoice> spacerScrewsAt(const FitAt& at)
{
    const int count = ownScrewsOf(at);
    if (count == 0 || !newSpacer(at.from, at.to, at.driver)) return std::nullopt;
    return screwsThrough(at.place.anchor,
                         thicknessOf(*spacerOf(at)) + valueOf(at.place.room, Quantity::Sheet_m).value_or(0.0), count,
                         at.practice);
}

void addSpacerMaking(StepList& steps, const FitAt& at)
{
    const auto& outline = at.outline;
    if (!outline || !newSpacer(at.from, at.to, at.driver)) return;
    Step& step = steps.add(StepKind::MakeSpacer, PracticeKey::MakeSpacer_min);
    step.place = at.to.devices.at(at.driver).at;
    step.device = at.driver;
    step.tools = {{Tool::Jigsaw, {}}, {Tool::Drill, {}}};
    step.figures = {{StepFigure::Thickness_m, outline->thickness_m},
                    {StepFigure::Inside_m, outline->inside_m},
                    {StepFigure::Outside_m, outline->outside_m},
                    {StepFigure::Notch_m, outline->wire_m},
                    {StepFigure::Wire_deg, outline->wire_deg}};
}

void addSpacerFitting(StepList& steps, const FitAt& at)
{
    const Part* spacer = spacerOf(at);
    if (!spacer || !newSpacer(at.from, at.to, at.driver)) return;
    Step& step = steps.add(StepKind::FitSpacer, PracticeKey::FitSpacer_min);
    step.place = at.to.devices.at(at.driver).at;
    step.device = at.driver;
    step.tools = {turnerOf(at.place.anchor)};
    step.figures[StepFigure::Thickness_m] = thicknessOf(*spacer);
    step.figures[StepFigure::Wire_deg] = valueOf(at.place.room, Quantity::WireExit_deg).value_or(270.0);
    if (const auto own = spacerScrewsAt(at)) {
        step.figures[StepFigure::OwnScrews_count] = own->count;
        noteScrews(step, *own);
    }
    if (at.fit.bracket) step.figures[StepFigure::Turn_deg] = at.fit.bracket->turn_rad / kDegree_rad;
    if (at.fit.bracket && at.fit.bracketTabsOff) step.figures[StepFigure::TabsOff] = 1.0;
}

void addDriverFitting(StepList& steps, const FitAt& at)
{
    Step& step = steps.add(StepKind::FitDriver, PracticeKey::StepSwap_min, 0.5);
    step.place = at.to.devices.at(at.driver).at;
    step.device = at.driver;
    step.fixing = at.mount.fixing;
    step.style = at.mount.style;
    if (at.mount.frame) {
        const Aim aim = aimOf(*at.mount.frame);
        step.figures[StepFigure::AimIn_deg] = aim.in_deg;
        step.figures[StepFigure::AimUp_deg] = aim.up_deg;
    }
    if (const auto turn = turnOf(at)) step.figures[StepFigure::Turn_deg] = std::remainder(*turn, 360.0);
    if (valueOf(at.mount.figures, Quantity::TabsOff).value_or(0.0) > 0.0) step.figures[StepFigure::TabsOff] = 1.0;
    switch (at.mount.fixing) {
        case Fixing::Clip:
            return;
        case Fixing::Adhesive: {
            step.tools = {{Tool::Cleaner, {}}};
            Step& wait = steps.add(StepKind::LetSet, PracticeKey::AdhesiveSet_min, 0.0);
            wait.place = at.to.devices.at(at.driver).at;
            wait.device = at.driver;
            wait.figures[StepFigure::Wait_min] = at.practice[PracticeKey::AdhesiveSet_min];
            return;
        }
        case Fixing::Screws:
        case Fixing::Ring:
        case Fixing::Bracket:
            step.tools = {turnerOf(at.place.anchor)};
            step.cautions = {Caution::ConeGuard};
            noteScrews(step, *screwsAt(at));
            return;
    }
}

}  // namespace core
