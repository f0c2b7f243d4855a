#include "words/making_words.h"

#include <QStringList>
#include <algorithm>
#include <limits>

#include "core/fitout/coil_wiring.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/model/board.h"
#include "words/figures.h"
#include "words/name_words.h"
#include "words/part_value.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

// A point of a board as its maker finds it: a screw by what comes there, an inner one by its number.
QString pointName(const Part& part, const std::string& node)
{
    const QString pole = node.ends_with('-') ? QStringLiteral("\u2212") : QStringLiteral("+");
    if (part.terminals.contains(node)) {
        if (node == "i") return Words::tr("source side");
        if (node == "o") return Words::tr("speaker side");
        if (node.starts_with("in")) return Words::tr("in %1").arg(pole);
        if (node.starts_with("out")) return Words::tr("speaker %1").arg(pole);
        if (node.starts_with('w')) return Words::tr("woofer %1").arg(pole);
        if (node.starts_with('m')) return Words::tr("mid %1").arg(pole);
        if (node.starts_with('t')) return Words::tr("tweeter %1").arg(pole);
    }
    std::vector<std::string> inner;
    for (const auto& [name, element] : part.inside)
        for (const std::string& one : {element.a, element.b})
            if (!part.terminals.contains(one) && std::find(inner.begin(), inner.end(), one) == inner.end())
                inner.push_back(one);
    const auto number = std::find(inner.begin(), inner.end(), node) - inner.begin() + 1;
    return Words::tr("point %1").arg(number);
}

std::vector<std::string> partsOf(const Part& part)
{
    std::vector<std::string> names = partsFromInput(part);
    if (names.empty())
        for (const auto& [name, element] : part.inside)
            if (boughtBy(element.kind)) names.push_back(name);
    return names;
}

// The speakers behind it.
std::vector<const RunResult*> fedBy(const StageResult& stage, DeviceId device)
{
    std::vector<const RunResult*> fed;
    for (const RunResult& run : stage.runs)
        if (!run.sameCone && std::find(run.run.along.begin(), run.run.along.end(), device) != run.run.along.end())
            fed.push_back(&run);
    return fed;
}

const PartBurden* burdenOf(const StageResult& stage, const Port& element)
{
    for (const CircuitResult& circuit : stage.circuits)
        for (const PartBurden& burden : circuit.burdens)
            if (burden.element == element) return &burden;
    return nullptr;
}

QString wantedOf(const PartBurden& burden, const std::vector<const RunResult*>& fed, const Fitout& used,
                 const Practice& practice)
{
    if (burden.kind == ElementKind::Capacitor) return Words::tr("non-polar, %1").arg(leastRating(burden));
    if (burden.kind == ElementKind::Resistor || fed.empty()) return leastRating(burden);
    double least_ohm = std::numeric_limits<double>::max();
    for (const RunResult* run : fed)
        least_ohm = std::min(least_ohm, run->driver.nominal_ohm * leadsOverCone(used, run->run.id.coil));
    return Words::tr("%1, its wire up to %2")
        .arg(leastRating(burden), ohms(practice[PracticeKey::CoilWire_ratio] * least_ohm));
}

}  // namespace

QString leastRating(const PartBurden& burden)
{
    if (burden.kind == ElementKind::Capacitor) return Words::tr("%1 direct").arg(volts(burden.rating));
    if (burden.kind == ElementKind::Inductor) return Words::tr("%1 of saturation").arg(amperes(burden.rating));
    return watts(burden.rating);
}

Table makingTable(const StageResult& stage, const Practice& practice)
{
    Table table{
        {Words::tr("For"), Words::tr("Made"), Words::tr("Part"), Words::tr("Between"), Words::tr("Buy at least")}};
    const Fitout& used = stage.used;
    for (const auto& [id, device] : used.devices) {
        const Part& part = used.parts.at(device.part);
        if (part.kind != PartKind::Network || !isMade(part)) continue;
        const auto isAlike = [&](DeviceId one) { return used.devices.at(one).part == device.part; };
        if (const DeviceId leader = leaderOf(used, id); leader && isAlike(leader)) continue;
        const std::vector<DeviceId> both = mates(used, id);
        const auto made = std::count_if(both.begin(), both.end(), isAlike);
        const std::vector<const RunResult*> fed = fedBy(stage, id);
        std::vector<Subject> speakers;
        for (const RunResult* run : fed)
            if (const Subject one = run->run.id.coil.device;
                std::find(speakers.begin(), speakers.end(), one) == speakers.end())
                speakers.push_back(one);
        for (const std::string& name : partsOf(part)) {
            const Element& element = part.inside.at(name);
            const PartBurden* burden = burdenOf(stage, {id, name});
            table.push_back({speakers.empty() ? nameOf(Subject{id}, used) : namesOf(speakers, used),
                             QStringLiteral("%1 \u00D7").arg(made), partName(part, name),
                             Words::tr("%1 and %2").arg(pointName(part, element.a), pointName(part, element.b)),
                             burden ? wantedOf(*burden, fed, used, practice) : QString()});
        }
    }
    return table;
}

}  // namespace words
