#include "words/step_words.h"

#include <cmath>

#include "words/figures.h"
#include "words/fit_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString cableLength(double length_m)
{
    constexpr double kFoot_m = 0.3048;
    const QString metres = plainNumber(length_m), feet = plainNumber(length_m / kFoot_m);
    return spokenUnits() == UnitSystem::Metric ? Words::tr("%1 m (%2 ft)").arg(metres, feet)
                                               : Words::tr("%1 ft (%2 m)").arg(feet, metres);
}

QString turnText(double turn_deg)
{
    if (std::abs(turn_deg) < 0.5) return {};
    return turn_deg > 0.0 ? Words::tr("%1° to the left").arg(fixedNumber(turn_deg, 0))
                          : Words::tr("%1° to the right").arg(fixedNumber(-turn_deg, 0));
}

QString screwText(Anchor anchor, double across_m, std::optional<double> length_m)
{
    const QString across = fixedNumber(1000.0 * across_m, anchor == Anchor::CaptiveNut ? 0 : 1);
    const QString size =
        length_m ? Words::tr("%1\u202f×\u202f%2").arg(across, marginText(*length_m, UnitSystem::Metric)) : across;
    switch (anchor) {
        case Anchor::Metal:
            return Words::tr("sheet-metal screw %1").arg(size);
        case Anchor::Plastic:
            return Words::tr("screw for plastic %1").arg(size);
        case Anchor::Wood:
            return Words::tr("wood screw %1").arg(size);
        case Anchor::CaptiveNut:
            return Words::tr("machine screw M%1").arg(size);
        case Anchor::Rivet:
            return Words::tr("blind rivet %1").arg(size);
        case Anchor::Unknown:
            return Words::tr("screw %1, its kind by what it bites in").arg(size);
    }
    return {};
}

QString nameOf(const ToolUse& use)
{
    const QString size = QString::fromStdString(use.size);
    return size.isEmpty() ? nameOf(use.tool) : Words::tr("%1 %2").arg(nameOf(use.tool), size);
}

QString nameOf(Tool tool)
{
    switch (tool) {
        case Tool::PlasticPry:
            return Words::tr("plastic pry set");
        case Tool::CrossHead:
            return Words::tr("cross-head driver");
        case Tool::Ohmmeter:
            return Words::tr("ohmmeter");
        case Tool::Camera:
            return Words::tr("camera");
        case Tool::SolderOrCrimp:
            return Words::tr("crimp tool or iron");
        case Tool::SideCutter:
            return Words::tr("side cutter");
        case Tool::HexBattery:
            return Words::tr("10 mm spanner");
        case Tool::Tape:
            return Words::tr("cloth tape");
        case Tool::Drill:
            return Words::tr("drill, stop collar");
        case Tool::Vacuum:
            return Words::tr("vacuum cleaner");
        case Tool::HoleSaw:
            return Words::tr("hole saw");
        case Tool::Jigsaw:
            return Words::tr("jigsaw and file");
        case Tool::StarDriver:
            return Words::tr("star driver");
        case Tool::HexKey:
            return Words::tr("hex key");
        case Tool::Socket:
            return Words::tr("socket or spanner");
        case Tool::RivetTool:
            return Words::tr("blind-rivet tool");
        case Tool::Hook:
            return Words::tr("hook");
        case Tool::Paint:
            return Words::tr("paint, brush");
        case Tool::Cleaner:
            return Words::tr("cleaner, cloth");
        case Tool::Roller:
            return Words::tr("roller");
        case Tool::HotAir:
            return Words::tr("hot-air gun");
        case Tool::Knife:
            return Words::tr("knife, shears");
    }
    return {};
}

QString textOf(Caution caution, const Body& body)
{
    switch (caution) {
        case Caution::BatteryFirst:
            return Words::tr("Battery: negative off first, on last. The maker's instructions come before this card.");
        case Caution::HighVoltage:
            return Words::tr(
                "High voltage: touch nothing orange, drill nowhere the maker's data does not clear; only people "
                "trained for it isolate the traction battery.");
        case Caution::HotParts:
            return Words::tr("Engine and exhaust cold; nothing is tied to what gets hot or moves.");
        case Caution::ShortCircuit:
            return Words::tr("No jewellery; bridge nothing with a tool; cover the post.");
        case Caution::Restraints:
            return Words::tr(
                "Airbags and side sensors may lie behind this trim: never probe or unplug anything yellow; leave "
                "their openings as built.");
        case Caution::RestraintPlugsOpen:
            return Words::tr("Ignition and battery stay off while any seat, belt, bag or sensor plug is open.");
        case Caution::ClipsCounted:
            return Words::tr("Count clips and screws out and in; do not close on a miscount.");
        case Caution::WaterFilm:
            return Words::tr("The film keeps water out: no tear, no hole that stays open.");
        case Caution::HotSolder:
            if (!hasRestraints(body)) return Words::tr("Hot tool, fumes: ventilate, and keep heat off fuel.");
            return body.drive == Drive::Electric
                       ? Words::tr("Hot tool, fumes: ventilate, and keep heat off restraint parts.")
                       : Words::tr("Hot tool, fumes: ventilate, and keep heat off restraint parts and fuel.");
        case Caution::ConeGuard:
            return Words::tr("Hand between screwdriver and cone; low clutch.");
        case Caution::HearingStartLow:
            return Words::tr("Start low: no full-power tone with somebody in the closed car.");
        case Caution::HearingInTheOpen:
            return Words::tr("Start low: no full-power tone near anybody's ears.");
        case Caution::TrialFuse:
            return Words::tr("A small fuse for the first try; the main fuse comes last.");
        case Caution::LookBehind:
            return Words::tr("Look behind first: glass, tank, harness, bags. Nothing is cut that cannot be seen.");
        case Caution::MaskMagnet:
            return Words::tr("Chips stay out of the magnet's gap: cover it, work away from it, vacuum.");
        case Caution::CuttingEdges:
            return Words::tr("Gloves and eye protection: sheet edges and foil cut.");
    }
    return {};
}

}  // namespace words
