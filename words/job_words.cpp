#include "words/job_words.h"

#include <QStringList>

#include "core/design/shelf_facts.h"
#include "core/evaluate/supply.h"
#include "core/model/inside_ways.h"
#include "words/figures.h"
#include "words/fit_words.h"
#include "words/name_words.h"
#include "words/survey_words.h"
#include "words/tr.h"
#include "words/use_words.h"

namespace words {

using namespace core;

namespace {

template <class Items, class Say>
QString joined(const Items& items, const QString& between, Say say)
{
    QStringList texts;
    for (const auto& item : items) texts << say(item);
    return texts.join(between);
}

}  // namespace

QString nameOf(const Part& part)
{
    const QString name = QString::fromStdString(part.name);
    for (const auto& [element, inside] : part.inside) {
        if (inside.kind != ElementKind::Capacitor) continue;
        if (part.kind == PartKind::Driver && element != ownCapacitorOf(part)) continue;
        if (const auto value = valueOf(figuresOf(part, element), Quantity::Capacitance_f))
            return Words::tr("%1, %2").arg(name, farads(*value));
    }
    return name;
}

namespace {

// What comes off on the way to a place, as the survey noted it.
QString wayInText(PlaceId id, const QString& name, const Fitout& fitout)
{
    const auto place = fitout.places.find(id);
    const QString general =
        Words::tr("Open the trim at %1: find every screw and clip first, then lift it off and support it.").arg(name);
    if (place == fitout.places.end() || place->second.wayIn.empty()) return general;
    QStringList panels;
    for (const PanelId panel : place->second.wayIn) {
        const Panel& one = fitout.panels.at(panel);
        QStringList fasteners;
        for (const auto& [where, fastener] : one.fasteners) fasteners << textOf(fastener, where);
        QString line = fasteners.isEmpty() ? QString::fromStdString(one.name)
                                           : Words::tr("%1 (%2)").arg(QString::fromStdString(one.name),
                                                                      fasteners.join(Words::tr("; ")));
        if (!one.leave.empty()) line += Words::tr(", leave alone: %1").arg(QString::fromStdString(one.leave));
        panels << line;
    }
    return Words::tr("%1 In this order: %2.").arg(general, panels.join(Words::tr(", then ")));
}

QString closingText(PlaceId id, const QString& name, const Fitout& fitout)
{
    const QString general =
        Words::tr("Close the trim at %1: no wire behind a clip, clips and screws counted.").arg(name);
    const auto place = fitout.places.find(id);
    QStringList labels;
    if (place != fitout.places.end())
        for (const PanelId panel : place->second.wayIn)
            if (const std::string& stuck = fitout.panels.at(panel).labels; !stuck.empty())
                labels << Words::tr("%1 on %2")
                              .arg(QString::fromStdString(stuck), QString::fromStdString(fitout.panels.at(panel).name));
    return labels.isEmpty() ? general
                            : Words::tr("%1 Has to be there again: %2.").arg(general, labels.join(Words::tr("; ")));
}

QString alterationText(AlterationKind what, double figure, const QString& place)
{
    switch (what) {
        case AlterationKind::Hole:
            return Words::tr("For good: cut the hole at %1. Look behind first, mask, deburr, and paint the edge.")
                .arg(place);
        case AlterationKind::Seal:
            return Words::tr(
                       "Seal all round the frame at %1, so that no air goes from the front of the cone to its back.")
                .arg(place);
        case AlterationKind::Mat:
            return Words::tr("Damp the outer skin at %1, clear of glass, drains, rods and sensors.").arg(place);
        case AlterationKind::Foam:
            return Words::tr("Put foam in place at %1, where it touches no moving part and no cone.").arg(place);
        case AlterationKind::OpenCover:
            return Words::tr("Open the cover at %1, or put a grille there that lets sound through.").arg(place);
        case AlterationKind::ScrewHoles:
            return Words::tr(
                       "For good: new pilot holes of %1 at %2. Mark from the driver, look behind, stop collar on the "
                       "drill, paint the edges.")
                .arg(marginText(figure, UnitSystem::Metric), place);
        case AlterationKind::WireHole:
            return Words::tr("A hole of %1 with a bush for the cable in the spacer at %2.")
                .arg(marginText(figure, UnitSystem::Metric), place);
        case AlterationKind::CutObstruction:
            return Words::tr(
                       "For good: cut away what stands in the way behind %1, in small bites, edges smooth. Driver out, "
                       "magnet covered, every chip out again.")
                .arg(place);
    }
    return {};
}

QString cableLength(double length_m)
{
    constexpr double kFoot_m = 0.3048;
    return Words::tr("%1 m (%2 ft)").arg(plainNumber(length_m), plainNumber(length_m / kFoot_m));
}

}  // namespace

QString textOf(const Step& step, const Fitout& from, const Fitout& to)
{
    const QString place = nameOf(Subject{step.place}, to);
    const auto part = [&](const Fitout& fitout) {
        const auto device = fitout.devices.find(step.device);
        return device == fitout.devices.end() ? QString() : nameOf(fitout.parts.at(device->second.part));
    };
    switch (step.kind) {
        case StepKind::Note:
            return Words::tr(
                "Try everything and note faults that are there already; photograph trim, plugs and wire colours before "
                "touching them.");
        case StepKind::PowerDown:
            return Words::tr(
                "Ignition off, key away. Negative battery terminal off and covered; wait as long as the vehicle's "
                "maker says.");
        case StepKind::OpenTrim:
            return wayInText(step.place, place, to);
        case StepKind::RemoveDriver:
            return Words::tr("Unplug and take out %1 at %2; keep it, its screws and its foam.").arg(part(from), place);
        case StepKind::MakeLead:
            return Words::tr(
                       "At the bench, make %1 for %2: bipolar capacitor, insulated and held firm; write + and − on "
                       "both ends.")
                .arg(part(to), place);
        case StepKind::Alter:
            return alterationText(step.alteration, step.figure, place);
        case StepKind::LinkAcross:
            return Words::tr("Join the two pins of the capacitor in %1 at %2 with an insulated link.")
                .arg(part(to), place);
        case StepKind::JoinCoils:
            return Words::tr(
                       "Join the coils of %1 at %2 by the wiring table, then the ohmmeter across its leads: expect "
                       "%3. A cell of 1.5 V across them must move the cone.")
                .arg(part(to), place, ohms(step.figure));
        case StepKind::InsertPart:
            return Words::tr("Put %1 in the plus lead of %2, insulated and held firm.").arg(part(to), place);
        case StepKind::MountSource:
            return step.place
                       ? Words::tr("Fix %1 at %2, its openings free; look behind before a hole.").arg(part(to), place)
                       : Words::tr("Find the place for %1, fix it, its openings free; look behind before a hole.")
                             .arg(part(to));
        case StepKind::LaySupply:
            return Words::tr(
                       "Lay the supply cable from the battery to %1%2: bush in every hole, away from heat, edges and "
                       "what moves; ground as thick, to bare metal. It stays open at the battery.")
                .arg(part(to), step.figure > 0.0 ? Words::tr(", %1").arg(cableLength(step.figure)) : QString());
        case StepKind::SwapLead:
            return Words::tr("Put %1 in place of %2 at %3; keep the old plug.").arg(part(to), part(from), place);
        case StepKind::PlugLead:
            return Words::tr("Plug %1 into the vehicle's plug at %2; nothing is cut, the lead comes off again.")
                .arg(part(to), place);
        case StepKind::Retain:
            return Words::tr("Give the cable at %1 a new hold: a tie on a base or an edge clip, clear of the magnet.")
                .arg(place);
        case StepKind::Protect:
            return protectionAgainst(step.demand);
        case StepKind::ProveInUse:
            return proofAgainst(step.demand);
        case StepKind::KeepOriginals:
            return Words::tr(
                "Bag the old parts with their screws, write vehicle and place on each: with them the vehicle goes back "
                "to what it was.");
        case StepKind::Connect:
            return Words::tr("Connect %1 at %2 by the wiring table, plus to plus; pull gently at each terminal.")
                .arg(part(to), place);
        case StepKind::CheckResistance:
            return Words::tr("Ohmmeter across the tabs of %1 before it is connected: expect %2, leads taken off.")
                .arg(part(to), ohms(step.figure));
        case StepKind::FitDriver:
            return Words::tr("Gasket on, fit %1 at %2: all screws by hand first, then evenly.").arg(part(to), place);
        case StepKind::PowerUpTrial:
            return Words::tr(
                "Every restraint plug closed again, then the battery, through a small trial fuse where the source has "
                "its own feed.");
        case StepKind::TrySound:
            return Words::tr(
                "Before any trim goes back: each speaker alone, quietly; fade and balance; nothing rubs, nothing "
                "buzzes.");
        case StepKind::FitFuse:
            return Words::tr(
                       "The holder within %1 of cable from the battery, then %2 in it: the last thing that closes the "
                       "supply.")
                .arg(length(kFuseWithin_m), part(to));
        case StepKind::CloseTrim:
            return closingText(step.place, place, to);
        case StepKind::Record:
            return Words::tr("Write down readings and settings, photograph the result, hand the old parts back.");
    }
    return {};
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
            return Words::tr("drill or saw, stop collar");
        case Tool::Vacuum:
            return Words::tr("vacuum cleaner");
    }
    return {};
}

QString textOf(Caution caution)
{
    switch (caution) {
        case Caution::BatteryFirst:
            return Words::tr("Battery: negative off first, on last. The maker's instructions come before this card.");
        case Caution::ShortCircuit:
            return Words::tr("No jewellery; bridge nothing with a tool; cover the post.");
        case Caution::Restraints:
            return Words::tr(
                "Airbags and side sensors may lie behind this trim: never probe or unplug anything yellow; leave their "
                "openings as built.");
        case Caution::RestraintPlugsOpen:
            return Words::tr("Ignition and battery stay off while any seat, belt, bag or sensor plug is open.");
        case Caution::ClipsCounted:
            return Words::tr("Count clips and screws out and in; do not close on a miscount.");
        case Caution::HotSolder:
            return Words::tr("Hot tool, fumes: ventilate, and keep heat off restraint parts and fuel.");
        case Caution::ConeGuard:
            return Words::tr("Hand between screwdriver and cone; low clutch.");
        case Caution::HearingStartLow:
            return Words::tr("Start low: no full-power tone with somebody in the closed car.");
        case Caution::TrialFuse:
            return Words::tr("A small fuse for the first try; the main fuse comes last.");
        case Caution::LookBehind:
            return Words::tr("Look behind first: glass, tank, harness, bags. Nothing is cut that cannot be seen.");
        case Caution::MaskMagnet:
            return Words::tr("Chips stay out of the magnet's gap: cover it, work away from it, vacuum.");
    }
    return {};
}

QString nameOf(WireState state)
{
    switch (state) {
        case WireState::Kept:
            return Words::tr("stays");
        case WireState::New:
            return Words::tr("new");
        case WireState::Removed:
            return Words::tr("goes");
    }
    return {};
}

QString nameOf(SmallPart part)
{
    switch (part) {
        case SmallPart::Gasket:
            return Words::tr("foam gasket");
        case SmallPart::FrontSeal:
            return Words::tr("foam ring from driver to card");
        case SmallPart::SpareClips:
            return Words::tr("spare trim clips");
        case SmallPart::CableTies:
            return Words::tr("cable ties");
        case SmallPart::SealedPlugs:
            return Words::tr("sealed plugs");
        case SmallPart::Tethers:
            return Words::tr("tethers");
        case SmallPart::LockWashers:
            return Words::tr("sets of lock washers");
        case SmallPart::TamperProofBolts:
            return Words::tr("sets of tamper-proof bolts");
        case SmallPart::Badges:
            return Words::tr("badges");
        case SmallPart::LightController:
            return Words::tr("light controller");
        case SmallPart::FuseHolder:
            return Words::tr("fuse holders, for near the battery");
        case SmallPart::SupplyCable:
            return Words::tr("supply cable");
        case SmallPart::SpeakerCable:
            return Words::tr("speaker cable, two cores");
        case SmallPart::Labels:
            return Words::tr("new labels, where the old ones do not come off whole");
        case SmallPart::OldPartsBag:
            return Words::tr("bags and tags for the old parts");
    }
    return {};
}

// With what it is measured by.
QString nameOf(const SmallPartRow& row)
{
    if (row.length_m == 0.0) return nameOf(row.part);
    if (row.part == SmallPart::Gasket) return Words::tr("%1, %2 in all").arg(nameOf(row.part), length(row.length_m));
    const QString area = row.area_m2 > 0.0 ? fieldText(Quantity::Area_m2, row.area_m2, UnitSystem::Metric)
                                           : Words::tr("cross-section not said");
    return Words::tr("%1, %2, %3").arg(nameOf(row.part), area, cableLength(row.length_m));
}

QString nameOf(const Pin& pin, const Fitout& fitout)
{
    return Words::tr("%1 · %2").arg(nameOf(Subject{pin.device}, fitout), QString::fromStdString(pin.terminal));
}

Table stepTable(const JobPlan& job, const Fitout& from, const Fitout& to)
{
    Table table{
        {Words::tr("Step"), Words::tr("What to do"), Words::tr("Tools"), Words::tr("Caution"), Words::tr("Minutes")}};
    int number = 0;
    for (const Step& step : job.steps)
        table.push_back({QString::number(++number), textOf(step, from, to),
                         joined(step.tools, QStringLiteral(", "), [](Tool tool) { return nameOf(tool); }),
                         joined(step.cautions, QStringLiteral(" "), [](Caution caution) { return textOf(caution); }),
                         plainNumber(step.minutes)});
    return table;
}

Table wireTable(const JobPlan& job, const Fitout& from, const Fitout& to)
{
    Table table{{Words::tr("Wire"), Words::tr("From"), Words::tr("To"), Words::tr("Colour"), Words::tr("State")}};
    for (const WireRow& wire : job.wires) {
        const Fitout& fitout = wire.state == WireState::Removed ? from : to;
        table.push_back({QStringLiteral("w%1").arg(wire.id.number), nameOf(wire.from, fitout), nameOf(wire.to, fitout),
                         wire.colour.empty() ? Words::tr("not noted") : QString::fromStdString(wire.colour),
                         nameOf(wire.state)});
    }
    return table;
}

Table partTable(const JobPlan& job, const Fitout& to, const Shelf* shelf)
{
    Table table{{Words::tr("Count"), Words::tr("Part"), Words::tr("Before ordering")}};
    for (const PartRow& row : job.parts) {
        const Part& part = to.parts.at(row.part);
        const Part* article = shelf ? articleFor(part, *shelf) : nullptr;
        const QString name =
            article ? Words::tr("%1: %2").arg(nameOf(part), QString::fromStdString(article->name)) : nameOf(part);
        table.push_back({QString::number(row.count), name, row.heldBack ? heldBackText(*row.heldBack) : QString()});
    }
    for (const SmallPartRow& row : job.smallParts)
        table.push_back({QString::number(row.count), nameOf(row), QString()});
    return table;
}

}  // namespace words
