#include "core/model/branch_across.h"

#include <algorithm>
#include <string>
#include <vector>

namespace core {

Part partAcross(const SeriesBranch& branch)
{
    Part part{.kind = PartKind::Network, .name = kPartsAcross, .shelfKey = kMade};
    for (const char* terminal : {"in+", "in-", "out+", "out-"}) part.terminals[terminal] = "";
    for (const std::string pole : {"+", "-"})
        part.inside["link" + pole] = {.kind = ElementKind::Link, .a = "in" + pole, .b = "out" + pole};
    struct Row {
        const char* name;
        ElementKind kind;
        Quantity what;
        double value;
    };
    std::vector<Row> rows{{"R", ElementKind::Resistor, Quantity::Resistance_ohm, branch.r_ohm},
                          {"L", ElementKind::Inductor, Quantity::Inductance_h, branch.l_h},
                          {"C", ElementKind::Capacitor, Quantity::Capacitance_f, branch.c_f}};
    std::erase_if(rows, [](const Row& row) { return row.value == 0.0; });
    std::string from = "out+";
    for (const Row& row : rows) {
        const bool last = &row == &rows.back();
        const std::string to = last ? "out-" : std::string("n") + row.name;
        part.inside[row.name] = {.kind = row.kind, .a = from, .b = to, .figures = {{row.what, Known{row.value}}}};
        from = to;
    }
    return part;
}

bool isBranchAcross(const Part& part)
{
    const auto passes = [&](const std::string& pole) {
        return std::any_of(part.inside.begin(), part.inside.end(), [&](const auto& entry) {
            const Element& element = entry.second;
            return element.kind == ElementKind::Link && element.a == "in" + pole && element.b == "out" + pole;
        });
    };
    return part.kind == PartKind::Network && passes("+") && passes("-");
}

}  // namespace core
