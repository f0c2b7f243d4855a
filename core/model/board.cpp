#include "core/model/board.h"

#include <algorithm>
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

void addLeg(Part& board, Leg leg, const LegParts& parts)
{
    const std::string end = terminalOf(leg, '+'), minus = terminalOf(leg, '-');
    const std::string own(1, letterOf(leg));
    board.terminals[end] = board.terminals[minus] = "";
    board.inside["link-" + own] = {.kind = ElementKind::Link, .a = "in-", .b = minus};
    auto left = std::count_if(parts.begin(), parts.end(), [](const LegPart& one) { return one.series; });
    if (left == 0) board.inside["pass-" + own] = {.kind = ElementKind::Link, .a = "in+", .b = end};
    std::string at = left == 0 ? end : "in+";
    std::map<ElementKind, int> counts;
    int node = 0;
    for (const LegPart& one : parts) {
        std::string name = letterOf(one.kind) + own;
        if (const int number = ++counts[one.kind]; number > 1) name += std::to_string(number);
        std::string to = minus;
        if (one.series) to = --left == 0 ? end : own + "n" + std::to_string(++node);
        board.inside[name] = {
            .kind = one.kind, .a = at, .b = to, .figures = {{boughtBy(one.kind).value(), Known{one.value}}}};
        if (one.series) at = to;
    }
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

std::vector<std::string> partsFromInput(const Part& board)
{
    std::vector<std::string> names;
    for (const Leg leg : legsOf(board)) {
        const std::string minus = terminalOf(leg, '-');
        std::string at = "in+", next;
        const auto take = [&](bool across) {
            for (const auto& [name, element] : board.inside) {
                if (name.size() < 2 || name[1] != letterOf(leg) || element.a != at || (element.b == minus) != across)
                    continue;
                if (boughtBy(element.kind)) names.push_back(name);
                if (!across) next = element.b;
            }
        };
        for (; !at.empty(); at = std::exchange(next, {})) {
            take(true);
            take(false);
        }
    }
    return names;
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
