#include "tests/core/physics/reference_networks.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <fstream>
#include <sstream>

#include "tests/core/reference_csv.h"

namespace tests {
namespace {

// 7.5u, 0.42m: the scale letters that these files use.
double netlistNumber(const std::string& text)
{
    size_t used = 0;
    const double value = std::stod(text, &used);
    const std::string scale = text.substr(used);
    if (scale.empty()) return value;
    EXPECT_TRUE(scale == "u" || scale == "m") << text;
    return value * (scale == "u" ? 1e-6 : 1e-3);
}

int nodeNumber(core::Network& network, const std::string& name)
{
    const auto found = std::find(network.nodeNames.begin(), network.nodeNames.end(), name);
    if (found != network.nodeNames.end()) return static_cast<int>(found - network.nodeNames.begin());
    return core::addNode(network, name);
}

}  // namespace

int nodeOf(const core::Network& network, const std::string& name)
{
    core::Network copy = network;
    return nodeNumber(copy, name);
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
    std::ifstream in(std::string(TEST_FOLDER) + "/data/" + file + ".cir");
    EXPECT_TRUE(in) << file;
    std::string line;
    std::getline(in, line);  // the title
    core::Network network;
    while (std::getline(in, line) && line != ".end") {
        std::istringstream fields(line);
        std::string element, plus, minus, value;
        fields >> element >> plus >> minus >> value;
        const std::map<char, core::NetworkKind> kinds{{'R', core::NetworkKind::Resistor},
                                                      {'L', core::NetworkKind::Inductor},
                                                      {'C', core::NetworkKind::Capacitor},
                                                      {'V', core::NetworkKind::VoltageSource}};
        const int from = nodeNumber(network, plus);
        const int to = nodeNumber(network, minus);
        network.elements.push_back(
            {kinds.at(element[0]), element, from, to, value == "AC" ? 1.0 : netlistNumber(value)});
    }
    return network;
}

}  // namespace tests
