#include "words/job_words.h"

#include <QStringList>

#include "core/design/shelf_facts.h"
#include "core/edits/network_edits.h"
#include "core/model/branch_across.h"
#include "core/model/inside_ways.h"
#include "words/calc_words.h"
#include "words/figures.h"
#include "words/fit_words.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/part_value.h"
#include "words/step_words.h"
#include "words/survey_words.h"
#include "words/tr.h"

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

namespace {

// Of a network that nobody sells: what it is made of, from the input on.
QString contentsOf(const Part& network)
{
    QStringList parts;
    for (const std::string& name : isBranchAcross(network) ? std::vector<std::string>{"R", "L", "C"}
                                                            : partsFromInput(network))
        if (network.inside.contains(name)) parts << partName(network, name);
    return joinedKnown(parts, QStringLiteral(", "));
}

}  // namespace

QString nameOf(const Part& part)
{
    const QString name = named(part.name);
    if (isMade(part) && (!legsOf(part).empty() || isBranchAcross(part)))
        return Words::tr("%1: %2").arg(name, contentsOf(part));
    for (const auto& [element, inside] : part.inside) {
        if (inside.kind == ElementKind::Resistor && part.kind == PartKind::Network && isMade(part))
            if (const auto value_ohm = valueOf(figuresOf(part, element), Quantity::Resistance_ohm))
                return Words::tr("%1, %2").arg(name, ohms(*value_ohm));
        if (inside.kind != ElementKind::Capacitor) continue;
        if (part.kind == PartKind::Driver && element != ownCapacitorOf(part)) continue;
        const Figures figures = figuresOf(part, element);
        const auto value = valueOf(figures, Quantity::Capacitance_f);
        const auto rating = isMade(part) ? valueOf(figures, Quantity::RatedVoltage_v) : std::nullopt;
        if (value)
            return Words::tr("%1, %2").arg(
                name, joinedKnown({farads(*value), rating ? volts(*rating) : QString()}, QStringLiteral(", ")));
    }
    return name;
}

QString nameOf(WireState state)
{
    switch (state) {
        case WireState::Kept:
            return Words::tr("stays");
        case WireState::NewEnd:
            return Words::tr("new end");
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
        case SmallPart::Screws:
            return Words::tr("screws");
        case SmallPart::BackingRing:
            return Words::tr("backing ring behind the panel");
        case SmallPart::Adhesive:
            return Words::tr("assembly adhesive and cleaner");
        case SmallPart::Splices:
            return Words::tr("crimp splices with a sealing sleeve");
        case SmallPart::RustPaint:
            return Words::tr("paint against rust, for cut edges");
        case SmallPart::FilmSealant:
            return Words::tr("sealing cord for the film behind the panel");
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
    if (row.part == SmallPart::Screws) return screwText(row.anchor, row.across_m, row.length_m);
    if (row.part == SmallPart::Gasket) return Words::tr("%1, %2 in all").arg(nameOf(row.part), length(row.length_m));
    const QString area = row.area_m2 > 0.0 ? fieldText(Quantity::Area_m2, row.area_m2, spokenUnits())
                                           : Words::tr("cross-section not said");
    return Words::tr("%1, %2, %3").arg(nameOf(row.part), area, cableLength(row.length_m));
}

QString nameOf(const Pin& pin, const Fitout& fitout)
{
    const bool inside = !fitout.parts.at(fitout.devices.at(pin.device).part).terminals.contains(pin.terminal);
    return Words::tr("%1 · %2").arg(nameOf(Subject{pin.device}, fitout),
                                    inside ? Words::tr("behind its capacitor") : QString::fromStdString(pin.terminal));
}

Table stepTable(const JobPlan& job, const Fitout& from, const Fitout& to)
{
    Table table{
        {Words::tr("Step"), Words::tr("What to do"), Words::tr("Tools"), Words::tr("Caution"), Words::tr("Minutes")}};
    int number = 0;
    for (const Step& step : job.steps)
        table.push_back(
            {QString::number(++number), textOf(step, from, to),
             joined(step.tools, QStringLiteral(", "), [](const ToolUse& tool) { return nameOf(tool); }),
             joined(step.cautions, QStringLiteral(" "), [&](Caution caution) { return textOf(caution, to.body); }),
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
