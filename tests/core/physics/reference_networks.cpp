#include "tests/core/physics/reference_networks.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/io/atomic_file.h"
#include "core/netlist/netlist_file.h"
#include "tests/core/reference_csv.h"

namespace tests {

int nodeOf(const core::Network& network, const std::string& name)
{
    return core::findNode(network, name).value();
}

std::vector<NetworkRow> networkRows()
{
    std::vector<NetworkRow> rows;
    for (const auto& row : referenceRows("networks.csv"))
        rows.push_back({row.at("network"), row.at("node"), number(row, "frequency_hz"), number(row, "level_db"),
                        number(row, "phase_deg"), number(row, "input_ohm")});
    return rows;
}

core::Network referenceNetwork(const std::string& name)
{
    std::string file = name;
    std::transform(file.begin(), file.end(), file.begin(), [](char c) { return static_cast<char>(std::tolower(c)); });
    const auto text = core::readWholeFile(std::string(TEST_FOLDER) + "/data/" + file + ".cir");
    EXPECT_TRUE(text) << file;
    auto netlist = core::readNetlist(*text, file);
    EXPECT_TRUE(netlist) << core::oneLine(netlist.error());
    return std::move(netlist->network);
}

}  // namespace tests
