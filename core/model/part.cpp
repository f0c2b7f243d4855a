#include "core/model/part.h"

#include <algorithm>

namespace core {

Figures figuresOf(const Part& part, const std::string& element)
{
    const auto found = part.inside.find(element);
    if (found == part.inside.end()) return part.figures;
    if (!found->second.driverClass.empty()) return found->second.figures;
    Figures figures = part.figures;
    for (const auto& [quantity, known] : found->second.figures) figures.insert_or_assign(quantity, known);
    return figures;
}

std::vector<std::string> coilsOfCone(const Part& part, const std::string& coil)
{
    const auto found = part.inside.find(coil);
    const int cone = found == part.inside.end() ? 0 : found->second.cone;
    if (cone == 0) return {coil};
    std::vector<std::string> coils;
    for (const auto& [name, element] : part.inside)
        if (element.kind == ElementKind::Coil && element.cone == cone) coils.push_back(name);
    return coils;
}

bool isWay(const Part& part, const std::string& coil)
{
    const auto found = part.inside.find(coil);
    return found != part.inside.end() && !found->second.driverClass.empty();
}

const std::string& driverClassOf(const Part& part, const std::string& element)
{
    const auto found = part.inside.find(element);
    return isWay(part, element) ? found->second.driverClass : part.driverClass;
}

bool hasNode(const Part& part, const std::string& node)
{
    return part.terminals.contains(node) || std::any_of(part.inside.begin(), part.inside.end(), [&](const auto& entry) {
               return entry.second.a == node || entry.second.b == node;
           });
}

std::vector<std::string> terminalsFrom(const Part& part, const std::string& node, const std::string& without)
{
    std::vector<std::string> reached{node}, terminals;
    for (size_t i = 0; i < reached.size(); ++i) {
        if (part.terminals.contains(reached[i])) terminals.push_back(reached[i]);
        if (i > 0 && part.terminals.contains(reached[i])) continue;
        for (const auto& [name, element] : part.inside) {
            if (name == without || element.kind == ElementKind::Coil || element.kind == ElementKind::Output) continue;
            for (const auto& [from, to] : {std::pair{element.a, element.b}, {element.b, element.a}})
                if (from == reached[i] && std::find(reached.begin(), reached.end(), to) == reached.end()) {
                    reached.push_back(to);
                    break;
                }
        }
    }
    return terminals;
}

std::optional<Leads> leadsOf(const Part& part, const std::string& element)
{
    const auto found = part.inside.find(element);
    if (found == part.inside.end()) return std::nullopt;
    const auto plus = terminalsFrom(part, found->second.a, element),
               minus = terminalsFrom(part, found->second.b, element);
    if (plus.empty() || minus.empty()) return std::nullopt;
    return Leads{plus.front(), minus.front()};
}

std::vector<std::string> allOf(const Part& part, ElementKind kind)
{
    std::vector<std::string> names;
    for (const auto& [name, element] : part.inside)
        if (element.kind == kind) names.push_back(name);
    return names;
}

std::optional<Quantity> boughtBy(ElementKind kind)
{
    switch (kind) {
        case ElementKind::Capacitor:
            return Quantity::Capacitance_f;
        case ElementKind::Inductor:
            return Quantity::Inductance_h;
        case ElementKind::Resistor:
            return Quantity::Resistance_ohm;
        case ElementKind::Output:
        case ElementKind::Input:
        case ElementKind::Coil:
        case ElementKind::Link:
            return std::nullopt;
    }
    return std::nullopt;
}

std::string firstOf(const Part& part, ElementKind kind)
{
    const std::vector<std::string> names = allOf(part, kind);
    const auto main = std::find_if(names.begin(), names.end(),
                                   [&](const std::string& name) { return part.inside.at(name).driverClass.empty(); });
    return main != names.end() ? *main : names.empty() ? std::string() : names.front();
}

void addChannels(Part& source, const std::vector<std::string>& channels)
{
    for (const std::string& name : channels) {
        source.terminals[name + "+"] = "speakers";
        source.terminals[name + "-"] = "speakers";
        source.inside[name] = {.kind = ElementKind::Output, .a = name + "+", .b = name + "-"};
    }
    for (auto& [name, element] : source.inside) {
        if (element.kind != ElementKind::Output || !element.twin.empty() || name.empty()) continue;
        const std::string stem = name.substr(0, name.size() - 1);
        const std::string twin = name.back() == 'L' ? stem + "R" : name.back() == 'R' ? stem + "L" : std::string();
        if (source.inside.contains(twin)) element.twin = twin;
    }
}

}  // namespace core
