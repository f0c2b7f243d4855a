#include <fmt/format.h>

#include <algorithm>
#include <ostream>
#include <set>

#include "core/netlist/netlist_file.h"

namespace core {
namespace {

char letterOf(NetworkKind kind)
{
    switch (kind) {
        case NetworkKind::Resistor:
            return 'R';
        case NetworkKind::Inductor:
            return 'L';
        case NetworkKind::Capacitor:
            return 'C';
        case NetworkKind::VoltageSource:
            return 'V';
        case NetworkKind::CurrentSource:
            return 'I';
        case NetworkKind::VoltageControlledVoltage:
            return 'E';
        case NetworkKind::VoltageControlledCurrent:
            return 'G';
    }
    return 'R';
}

bool drives(const NetworkElement& element)
{
    return element.kind == NetworkKind::VoltageSource || element.kind == NetworkKind::CurrentSource;
}

bool isControlled(const NetworkElement& element)
{
    return element.kind == NetworkKind::VoltageControlledVoltage ||
           element.kind == NetworkKind::VoltageControlledCurrent;
}

// Names start with the letter of their kind, as the format asks, and hold only letters, digits and '_'.
std::string elementName(const NetworkElement& element)
{
    const char letter = letterOf(element.kind);
    std::string name;
    for (const char c : element.name) {
        const bool plain = (c >= '0' && c <= '9') || (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || c == '_';
        name += plain ? c : '_';
    }
    const bool starts = !name.empty() && (name.front() == letter || name.front() == letter - 'A' + 'a');
    return starts ? name : letter + name;
}

// Each its own: what is no letter or digit may have been all that told two apart. Case does not.
std::vector<std::string> elementNames(const Network& network)
{
    std::vector<std::string> names;
    std::set<std::string> used;
    const auto isFree = [&](std::string name) {
        std::transform(name.begin(), name.end(), name.begin(),
                       [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c; });
        return used.insert(name).second;
    };
    for (const NetworkElement& element : network.elements) {
        const std::string plain = elementName(element);
        std::string name = plain;
        for (int n = 2; !isFree(name); ++n) name = fmt::format("{}_{}", plain, n);
        names.push_back(name);
    }
    return names;
}

std::string plainText(const std::string& text)
{
    std::string plain;
    for (const char c : text) plain += (c >= ' ' && c <= '~') ? c : ' ';
    return plain;
}

}  // namespace

void writeNetlist(std::ostream& out, const Netlist& netlist)
{
    out << plainText(netlist.title) << '\n';
    for (const std::string& comment : netlist.comments) out << "* " << plainText(comment) << '\n';
    const Network& network = netlist.network;
    const auto node = [&](int number) { return network.nodeNames[static_cast<size_t>(number)]; };
    const bool driven = std::any_of(network.elements.begin(), network.elements.end(), drives);
    if (!driven && network.nodeNames.size() > 1) out << fmt::format("V1 {} 0 AC 1\n", node(1));
    const std::vector<std::string> names = elementNames(network);
    for (size_t i = 0; i < names.size(); ++i) {
        const NetworkElement& element = network.elements[i];
        out << fmt::format("{} {} {} ", names[i], node(element.plus), node(element.minus));
        if (drives(element) && element.phase_deg == 0.0)
            out << fmt::format("AC {}\n", element.value);
        else if (drives(element))
            out << fmt::format("AC {} {}\n", element.value, element.phase_deg);
        else if (isControlled(element))
            out << fmt::format("{} {} {}\n", node(element.controlPlus), node(element.controlMinus), element.value);
        else
            out << fmt::format("{}\n", element.value);
    }
    out << ".ac dec 160 20 20k\n.end\n";
}

}  // namespace core
