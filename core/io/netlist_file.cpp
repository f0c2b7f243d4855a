#include "core/io/netlist_file.h"

#include <fmt/format.h>

#include <numbers>
#include <ostream>

#include "core/model/names.h"

namespace core {
namespace {

// Names start with the letter of their kind, as the format asks, and hold only letters, digits and '_'.
std::string elementName(const NetworkElement& element)
{
    char letter = 'R';
    switch (element.kind) {
        case NetworkKind::Resistor:
            letter = 'R';
            break;
        case NetworkKind::Inductor:
            letter = 'L';
            break;
        case NetworkKind::Capacitor:
            letter = 'C';
            break;
        case NetworkKind::VoltageSource:
            letter = 'V';
            break;
        case NetworkKind::CurrentSource:
            letter = 'I';
            break;
        case NetworkKind::VoltageControlledVoltage:
            letter = 'E';
            break;
        case NetworkKind::VoltageControlledCurrent:
            letter = 'G';
            break;
    }
    std::string name;
    for (const char c : element.name) {
        const bool plain = (c >= '0' && c <= '9') || (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || c == '_';
        name += plain ? c : '_';
    }
    if (name.empty() || name.front() != letter) name.insert(name.begin(), letter);
    return name;
}

std::string plainTitle(const std::string& title)
{
    std::string plain;
    for (const char c : title) plain += (c >= ' ' && c <= '~') ? c : ' ';
    return plain;
}

}  // namespace

void writeNetlist(std::ostream& out, const Circuit& circuit, const std::string& title)
{
    // Nodes go by number: names of terminals hold signs that the format has other uses for.
    out << plainTitle(title) << '\n';
    out << fmt::format("* channel {}: node {} is its plus, node 0 its minus\n", textOf(circuit.channel),
                       circuit.terminal);
    for (const CircuitTap& tap : circuit.taps)
        out << fmt::format("* {} {} between nodes {} and {}\n", textOf(tap.kind), textOf(tap.element), tap.plus,
                           tap.minus);
    for (const NetworkElement& element : circuit.network.elements) {
        out << fmt::format("{} {} {} ", elementName(element), element.plus, element.minus);
        const bool source = element.kind == NetworkKind::VoltageSource || element.kind == NetworkKind::CurrentSource;
        const bool controlled = element.kind == NetworkKind::VoltageControlledVoltage ||
                                element.kind == NetworkKind::VoltageControlledCurrent;
        if (source)
            out << fmt::format("AC {} {}\n", element.value, element.phase_rad * 180.0 / std::numbers::pi);
        else if (controlled)
            out << fmt::format("{} {} {}\n", element.controlPlus, element.controlMinus, element.value);
        else
            out << fmt::format("{}\n", element.value);
    }
    out << ".ac dec 160 20 20k\n.end\n";
}

}  // namespace core
