#include "words/label_words.h"

#include "words/figures.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

// By the ends' own names: a driver's coil ends are plus and minus like a screw.
QString poleOf(const WireRow& wire)
{
    for (const Pin& end : {wire.from, wire.to}) {
        if (end.terminal.ends_with('+')) return QStringLiteral(" +");
        if (end.terminal.ends_with('-')) return QStringLiteral(" \u2212");
    }
    return {};
}

}  // namespace

bool isLaid(const WireRow& wire)
{
    return (wire.state == WireState::New || wire.state == WireState::NewEnd) && wire.from.device != wire.to.device;
}

QString labelOf(const WireRow& wire)
{
    return QStringLiteral("w%1").arg(wire.id.number) + poleOf(wire);
}

Table labelTable(const JobPlan& job, const Fitout& to)
{
    Table table{{Words::tr("Label"), Words::tr("This end"), Words::tr("The other end"), Words::tr("Colour"),
                 Words::tr("Length")}};
    for (const WireRow& wire : job.wires) {
        if (!isLaid(wire)) continue;
        const QString label = labelOf(wire);
        const auto length_m = valueOf(to.wires.at(wire.id).figures, Quantity::Length_m);
        for (const auto& [here, there] : {std::pair{wire.from, wire.to}, {wire.to, wire.from}})
            table.push_back({label, nameOf(here, to), nameOf(there, to), QString::fromStdString(wire.colour),
                             length_m ? fieldText(Quantity::Length_m, *length_m, spokenUnits()) : QString()});
    }
    return table;
}

}  // namespace words
