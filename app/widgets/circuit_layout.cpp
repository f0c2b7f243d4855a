#include "app/widgets/circuit_layout.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

#include "words/figures.h"
#include "words/made_names.h"
#include "words/name_words.h"

namespace app {
namespace {

constexpr double kRow = 22.0, kHead = 22.0, kLine = 16.0, kBoxWidth = 132.0;

// How many lines a text of small type takes in a box; rather one too many.
double linesIn(const QString& text, double boxWidth)
{
    constexpr double kLetter = 6.8, kEdges = 12.0;
    return std::max(1.0, std::ceil(kLetter * static_cast<double>(text.size()) / (boxWidth - kEdges)));
}

bool sourceAt(const core::Fitout& fitout, core::DeviceId device)
{
    return core::isSource(fitout.parts.at(fitout.devices.at(device).part));
}

// Devices that hang together with one; of a source only what shares its pins.
std::set<core::DeviceId> together(const core::Fitout& fitout, core::DeviceId device)
{
    std::set<core::DeviceId> found{device};
    std::vector<core::DeviceId> open{device};
    std::set<core::Pin> tapped;  // of sources: whatever else hangs on these shares the pair
    const auto reach = [&](core::DeviceId other) {
        if (found.insert(other).second && !sourceAt(fitout, other)) open.push_back(other);
    };
    while (!open.empty()) {
        const core::DeviceId one = open.back();
        open.pop_back();
        for (const auto& [id, wire] : fitout.wires)
            for (const auto& [own, other] : {std::pair{wire.a, wire.b}, {wire.b, wire.a}}) {
                if (own.device != one) continue;
                reach(other.device);
                if (sourceAt(fitout, other.device)) tapped.insert(other);
            }
        for (const auto& [id, wire] : fitout.wires)
            for (const auto& [own, other] : {std::pair{wire.a, wire.b}, {wire.b, wire.a}})
                if (tapped.contains(own)) reach(other.device);
    }
    return found;
}

// How many wires a device is from a source.
std::map<core::DeviceId, int> columns(const core::Fitout& fitout, const std::set<core::DeviceId>& devices)
{
    std::map<core::DeviceId, int> column;
    for (const core::DeviceId device : devices)
        if (sourceAt(fitout, device)) column[device] = 0;
    for (size_t round = 0; round < devices.size(); ++round)
        for (const auto& [id, wire] : fitout.wires)
            for (const auto& [near, far] : {std::pair{wire.a.device, wire.b.device}, {wire.b.device, wire.a.device}})
                if (column.contains(near) && devices.contains(far) && !column.contains(far) &&
                    column.at(near) <= static_cast<int>(round))
                    column[far] = column.at(near) + 1;
    for (const core::DeviceId device : devices) column.try_emplace(device, 1);  // nothing feeds it
    return column;
}

// A speaker is called by where it is.
QString boxName(const core::Fitout& fitout, core::DeviceId id)
{
    const core::Device& device = fitout.devices.at(id);
    const auto place = fitout.places.find(device.at);
    return fitout.parts.at(device.part).kind == core::PartKind::Driver && place != fitout.places.end()
               ? words::named(place->second.name)
               : words::nameOf(core::Subject{id}, fitout);
}

QStringList insideOf(const core::Part& part)
{
    QStringList lines;
    for (const auto& [name, element] : part.inside) {
        const core::Figures figures = core::figuresOf(part, name);
        const auto value = [&](core::Quantity quantity, QString (*say)(double)) {
            const auto known = core::valueOf(figures, quantity);
            return known ? say(*known) : QCoreApplication::translate("Circuit", "?");
        };
        switch (element.kind) {
            case core::ElementKind::Capacitor:
                lines << QCoreApplication::translate("Circuit", "capacitor %1")
                             .arg(value(core::Quantity::Capacitance_f, words::farads));
                break;
            case core::ElementKind::Coil:
                if (core::valueOf(figures, core::Quantity::Re_ohm))
                    lines << QCoreApplication::translate("Circuit", "coil, Re %1")
                                 .arg(value(core::Quantity::Re_ohm, words::ohms));
                else if (core::valueOf(figures, core::Quantity::Nominal_ohm))
                    lines << QCoreApplication::translate("Circuit", "coil %1")
                                 .arg(value(core::Quantity::Nominal_ohm, words::ohms));
                else
                    lines << QCoreApplication::translate("Circuit", "coil, ohms not known");
                break;
            case core::ElementKind::Resistor:
                lines << QCoreApplication::translate("Circuit", "resistor %1")
                             .arg(value(core::Quantity::Resistance_ohm, words::ohms));
                break;
            case core::ElementKind::Inductor:
                lines << QCoreApplication::translate("Circuit", "choke");
                break;
            case core::ElementKind::Output:
            case core::ElementKind::Input:
            case core::ElementKind::Link:
                break;
        }
    }
    return lines;
}

}  // namespace

bool CircuitLayout::isLeft(const core::Pin& pin) const
{
    for (const CircuitBox& box : boxes)
        if (const auto at = box.terminals.find(pin.terminal); box.device == pin.device && at != box.terminals.end())
            return at->second.x() < box.area.center().x();
    return false;
}

CircuitLayout layOutCircuit(const core::Fitout& fitout, core::DeviceId device, double unit, double width)
{
    CircuitLayout layout;
    if (!fitout.devices.contains(device)) return layout;
    const auto devices = together(fitout, device);
    const auto column = columns(fitout, devices);
    int last = 0;
    for (const auto& [id, at] : column) last = std::max(last, at);
    // Room for the names of the colours, where somebody noted them.
    const bool coloured = std::any_of(fitout.wires.begin(), fitout.wires.end(), [&](const auto& entry) {
        return !entry.second.colour.empty() && devices.contains(entry.second.a.device) &&
               devices.contains(entry.second.b.device);
    });
    const double gap = (coloured ? 72.0 : 40.0) * unit;
    const double boxWidth =
        std::min(kBoxWidth * unit, std::max(70.0 * unit, (width - last * gap - 12.0 * unit) / (last + 1)));
    const double pitch = last > 0 ? std::max(boxWidth + gap, (width - boxWidth - 8.0 * unit) / last) : 0.0;
    double headLines = 1.0;  // the same in all, so that terminals stand on one line
    for (const auto& [id, at] : column) headLines = std::max(headLines, linesIn(boxName(fitout, id), boxWidth / unit));
    std::map<int, double> bottom;  // of each column
    for (const auto& [id, at] : column) {
        const core::Device& entry = fitout.devices.at(id);
        const core::Part& part = fitout.parts.at(entry.part);
        CircuitBox box{.device = id, .name = boxName(fitout, id), .column = at};
        box.inside = insideOf(part);
        std::map<std::string, core::DeviceId> farthest;  // by terminal
        std::map<std::string, bool> outgoing;
        for (const auto& [wireId, wire] : fitout.wires)
            for (const auto& [own, other] : {std::pair{wire.a, wire.b}, {wire.b, wire.a}})
                if (own.device == id && devices.contains(other.device)) {
                    farthest[own.terminal] = std::max(farthest[own.terminal], other.device);
                    outgoing[own.terminal] = outgoing[own.terminal] || column.at(other.device) > at;
                }
        // In the order of what they lead to, which is the order of the boxes: so few wires cross.
        std::vector<std::pair<core::DeviceId, std::string>> terminals;
        for (const auto& [terminal, leadsTo] : farthest) terminals.emplace_back(leadsTo, terminal);
        std::sort(terminals.begin(), terminals.end());
        const double top = bottom.contains(at) ? bottom.at(at) + 12.0 * unit : 4.0 * unit;
        double insideLines = 0.0;
        for (const QString& line : box.inside) insideLines += linesIn(line, boxWidth / unit);
        const double head = kHead + kLine * (headLines - 1.0);
        const double tall =
            (head + kRow * static_cast<double>(std::max<size_t>(1, terminals.size())) + kLine * insideLines + 4.0) *
            unit;
        box.area = {4.0 * unit + pitch * at, top, boxWidth, tall};
        double row = top + (head + 0.5 * kRow) * unit;
        for (const auto& [leadsTo, terminal] : terminals) {
            // A looped terminal has wires on both sides; it stands where they come from.
            const bool right = at == 0 || (outgoing[terminal] && part.kind != core::PartKind::Driver);
            box.terminals[terminal] = {right ? box.area.right() : box.area.left(), row};
            row += kRow * unit;
        }
        bottom[at] = box.area.bottom();
        layout.size = layout.size.expandedTo({box.area.right() + 4.0 * unit, box.area.bottom() + 4.0 * unit});
        layout.boxes.push_back(std::move(box));
    }
    const auto pin = [&](const core::Pin& at) -> std::optional<QPointF> {
        for (const CircuitBox& box : layout.boxes)
            if (box.device == at.device)
                if (const auto found = box.terminals.find(at.terminal); found != box.terminals.end())
                    return found->second;
        return std::nullopt;
    };
    for (const auto& [id, wire] : fitout.wires) {
        const auto from = pin(wire.a), to = pin(wire.b);
        if (from && to) layout.wires.push_back({id, *from, *to, QString::fromStdString(wire.colour), wire.a, wire.b});
    }
    return layout;
}

}  // namespace app
