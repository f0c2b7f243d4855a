#include "core/model/board.h"

#include <algorithm>
#include <set>
#include <utility>

#include "core/model/quantity.h"

namespace core {
namespace {

char letterOf(Leg leg)
{
    switch (leg) {
        case Leg::Woofer:
            return 'w';
        case Leg::Mid:
            return 'm';
        case Leg::Tweeter:
            break;
    }
    return 't';
}

char letterOf(ElementKind kind)
{
    if (kind == ElementKind::Capacitor) return 'C';
    return kind == ElementKind::Inductor ? 'L' : 'R';
}

// Whether an element is called after this leg: Ct, Lw2.
bool isOn(Leg leg, const std::string& element)
{
    return element.size() > 1 && element[1] == letterOf(leg);
}

std::string passNameOf(Leg leg)
{
    return std::string("pass-") + letterOf(leg);
}

// What they are called, in their order.
std::vector<std::string> addLeg(Part& board, Leg leg, const LegParts& parts)
{
    const std::string end = terminalOf(leg, '+'), minus = terminalOf(leg, '-');
    const std::string own(1, letterOf(leg));
    board.terminals[end] = board.terminals[minus] = "";
    board.inside["link-" + own] = {.kind = ElementKind::Link, .a = "in-", .b = minus};
    auto left = std::count_if(parts.begin(), parts.end(), [](const LegPart& one) { return one.series; });
    if (left == 0) board.inside[passNameOf(leg)] = {.kind = ElementKind::Link, .a = "in+", .b = end};
    std::string at = left == 0 ? end : "in+";
    std::map<ElementKind, int> counts;
    std::vector<std::string> names;
    int node = 0;
    for (const LegPart& one : parts) {
        std::string name = letterOf(one.kind) + own;
        if (const int number = ++counts[one.kind]; number > 1) name += std::to_string(number);
        std::string to = minus;
        if (one.series) to = --left == 0 ? end : own + "n" + std::to_string(++node);
        board.inside[name] = {
            .kind = one.kind, .a = at, .b = to, .figures = {{boughtBy(one.kind).value(), Known{one.value}}}};
        if (one.series) at = to;
        names.push_back(std::move(name));
    }
    return names;
}

}  // namespace

std::string terminalOf(Leg leg, char pole)
{
    return {letterOf(leg), pole};
}

int countOf(const BoardParts& parts)
{
    int count = 0;
    for (const auto& [leg, own] : parts) count += static_cast<int>(own.size());
    return count;
}

const LegPart* findPart(const BoardParts& parts, Leg leg, ElementKind kind, bool series)
{
    const auto found = parts.find(leg);
    if (found == parts.end()) return nullptr;
    const auto part = std::find_if(found->second.begin(), found->second.end(),
                                   [&](const LegPart& one) { return one.kind == kind && one.series == series; });
    return part == found->second.end() ? nullptr : &*part;
}

Part boardOf(const BoardParts& parts, const std::string& name)
{
    Part board{.kind = PartKind::Network, .name = name, .terminals = {{"in+", ""}, {"in-", ""}}};
    for (const auto& [leg, own] : parts) addLeg(board, leg, own);
    return board;
}

std::vector<std::string> partsFromInput(const Part& board, Leg leg)
{
    std::vector<std::string> names;
    const std::string minus = terminalOf(leg, '-');
    std::string at = "in+", next;
    const auto take = [&](bool across) {
        for (const auto& [name, element] : board.inside) {
            if (!isOn(leg, name) || element.a != at || (element.b == minus) != across) continue;
            if (boughtBy(element.kind)) names.push_back(name);
            if (!across) next = element.b;
        }
    };
    std::set<std::string> passed;  // a file may have led a lead back to where it came from
    for (; !at.empty() && passed.insert(at).second; at = std::exchange(next, {})) {
        take(true);
        take(false);
    }
    return names;
}

std::vector<std::string> partsFromInput(const Part& board)
{
    std::vector<std::string> names;
    for (const Leg leg : legsOf(board))
        for (std::string& name : partsFromInput(board, leg)) names.push_back(std::move(name));
    return names;
}

std::optional<LegParts> partsOn(const Part& board, Leg leg)
{
    LegParts parts;
    for (const std::string& name : partsFromInput(board, leg)) {
        const Element& element = board.inside.at(name);
        const auto value = valueOf(figuresOf(board, name), *boughtBy(element.kind));
        if (!value) return std::nullopt;
        parts.push_back({element.kind, element.b != terminalOf(leg, '-'), *value});
    }
    return parts;
}

std::vector<std::string> putLeg(Part& board, Leg leg, const LegParts& parts, const std::vector<Figures>& figures)
{
    std::erase_if(board.inside, [&](const auto& entry) { return isOn(leg, entry.first); });
    board.inside.erase(passNameOf(leg));
    std::vector<std::string> names = addLeg(board, leg, parts);
    for (size_t i = 0; i < std::min(names.size(), figures.size()); ++i)
        board.inside.at(names[i]).figures.insert(figures[i].begin(), figures[i].end());
    return names;
}

std::optional<Leg> legWith(const Part& board, const std::string& element)
{
    for (const Leg leg : legsOf(board)) {
        const std::vector<std::string> names = partsFromInput(board, leg);
        if (std::find(names.begin(), names.end(), element) != names.end()) return leg;
    }
    return std::nullopt;
}

std::optional<double> madeFor_ohm(const Part& board, Leg leg)
{
    for (const std::string& name : partsFromInput(board, leg))
        if (const auto load_ohm = valueOf(figuresOf(board, name), Quantity::RatedLoad_ohm)) return load_ohm;
    return std::nullopt;
}

void sayMadeFor(Part& board, Leg leg, double load_ohm)
{
    for (const std::string& name : partsFromInput(board, leg))
        board.inside.at(name).figures[Quantity::RatedLoad_ohm] = Known{load_ohm};
}

std::vector<Leg> legsOf(const Part& part)
{
    std::vector<Leg> legs;
    if (part.kind != PartKind::Network || !part.terminals.contains("in+")) return legs;
    for (const Leg leg : kLegs)
        if (part.terminals.contains(terminalOf(leg, '+'))) legs.push_back(leg);
    return legs;
}

bool isTwoWay(const Part& part)
{
    return legsOf(part) == std::vector{Leg::Woofer, Leg::Tweeter};
}

}  // namespace core
