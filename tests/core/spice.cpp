#include "tests/core/spice.h"

#include <gtest/gtest.h>

#include <unistd.h>

#include <algorithm>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <sstream>

#include "core/base/grid.h"

namespace tests {
namespace {

// The simulator's raw file: a text heading, then complex doubles point by point.
SpiceResult readRaw(const std::string& path)
{
    std::ifstream in(path, std::ios::binary);
    SpiceResult result;
    std::vector<std::string> names;
    size_t points = 0;
    for (std::string line; std::getline(in, line) && line != "Binary:";) {
        if (line.starts_with("No. Points:")) points = std::stoul(line.substr(11));
        if (!line.starts_with('\t')) continue;
        std::istringstream fields(line);
        std::string index, name;
        fields >> index >> name;
        if (index != "No.") names.push_back(name);
    }
    for (size_t point = 0; point < points; ++point) {
        for (const std::string& name : names) {
            double pair[2] = {0.0, 0.0};
            in.read(reinterpret_cast<char*>(pair), sizeof pair);
            if (name == "frequency")
                result.frequency_hz.push_back(pair[0]);
            else
                result.values[name].emplace_back(pair[0], pair[1]);
        }
    }
    EXPECT_TRUE(in) << path;
    return result;
}

std::string lower(std::string text)
{
    std::transform(text.begin(), text.end(), text.begin(), [](char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

SpiceResult simulated(const std::string& netlist, const std::string& name)
{
    const auto folder =
        std::filesystem::temp_directory_path() / ("golden-reed-spice-" + name + "-" + std::to_string(::getpid()));
    std::filesystem::create_directories(folder);
    const std::string text = (folder / "run.cir").string();
    const std::string raw = (folder / "run.raw").string();
    std::ofstream(text) << netlist;
    const std::string command = "ngspice -b -r " + raw + " " + text + " > " + (folder / "log").string() + " 2>&1";
    EXPECT_EQ(std::system(command.c_str()), 0) << command;
    SpiceResult result = readRaw(raw);
    std::filesystem::remove_all(folder);
    return result;
}

std::string written(const core::Netlist& netlist)
{
    std::ostringstream out;
    core::writeNetlist(out, netlist);
    return out.str();
}

}  // namespace

SpiceResult runSpice(const core::Netlist& netlist, const std::string& name)
{
    return simulated(written(netlist), name);
}

SpiceResult runSpiceText(const std::string& netlist, const std::string& name)
{
    return simulated(netlist, name);
}

SpiceResult runSpiceAt(const core::Netlist& netlist, const std::string& name, const std::string& frequency_hz)
{
    std::string text = written(netlist);
    const size_t card = text.find(".ac");
    EXPECT_NE(card, std::string::npos);
    text.replace(card, text.find('\n', card) - card, ".ac lin 1 " + frequency_hz + " " + frequency_hz);
    return simulated(text, name);
}

void expectAgreement(const core::Netlist& netlist, const std::string& name)
{
    constexpr double kTolerance = 1e-6, kSmallest_v = 1e-9;
    const core::Network& network = netlist.network;
    const SpiceResult spice = runSpice(netlist, name);
    const Eigen::ArrayXd grid = core::frequencyGrid_hz();
    ASSERT_EQ(spice.frequency_hz.size(), static_cast<size_t>(grid.size()));
    const auto solution = core::solveNetwork(network, grid);
    ASSERT_TRUE(solution);
    const auto worst = [&](const Eigen::ArrayXcd& ours, const std::string& key) {
        const auto found = spice.values.find(key);
        if (found == spice.values.end()) return 1.0;
        double error = 0.0;
        for (Eigen::Index i = 0; i < grid.size(); ++i) {
            const std::complex<double> theirs = found->second[static_cast<size_t>(i)];
            error = std::max(error, std::abs(ours(i) - theirs) / std::max(kSmallest_v, std::abs(theirs)));
        }
        return error;
    };
    for (size_t node = 1; node < network.nodeNames.size(); ++node)
        EXPECT_LT(worst(solution->value.voltage_v.col(static_cast<Eigen::Index>(node)),
                        "v(" + lower(network.nodeNames[node]) + ")"),
                  kTolerance)
            << name << ", node " << network.nodeNames[node];
    for (size_t i = 0; i < network.elements.size(); ++i) {
        const core::NetworkElement& element = network.elements[i];
        if (element.kind != core::NetworkKind::VoltageSource) continue;
        EXPECT_LT(worst(core::elementCurrent_a(network, solution->value, i), "i(" + lower(element.name) + ")"),
                  kTolerance)
            << name << ", " << element.name;
    }
}

}  // namespace tests
