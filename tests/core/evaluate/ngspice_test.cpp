// The program's own netlist, solved by a general circuit simulator (ngspice, from Debian), against the program's own
// solution.
#include <gtest/gtest.h>

#include <unistd.h>

#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <sstream>

#include "core/base/grid.h"
#include "core/evaluate/circuit.h"
#include "core/evaluate/resolve.h"
#include "core/io/circuit_netlist.h"
#include "core/model/validate.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

struct SpiceResult {
    std::vector<double> frequency_hz{};
    std::map<std::string, std::vector<std::complex<double>>> values{};  // "v(1)", "i(v1)"
};

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

SpiceResult runSpice(const Circuit& circuit, const std::string& name)
{
    const auto folder =
        std::filesystem::temp_directory_path() / ("golden-reed-spice-" + name + "-" + std::to_string(::getpid()));
    std::filesystem::create_directories(folder);
    const std::string netlist = (folder / "run.cir").string();
    const std::string raw = (folder / "run.raw").string();
    {
        std::ofstream out(netlist);
        writeNetlist(out, circuitNetlist(circuit, name));
    }
    const std::string command = "ngspice -b -r " + raw + " " + netlist + " > " + (folder / "log").string() + " 2>&1";
    EXPECT_EQ(std::system(command.c_str()), 0) << command;
    SpiceResult result = readRaw(raw);
    std::filesystem::remove_all(folder);
    return result;
}

double relativeError(std::complex<double> ours, std::complex<double> theirs)
{
    return std::abs(ours - theirs) / std::abs(theirs);
}

void expectAgreement(const Plan& plan, StageId stage, const Port& channel, const std::string& name)
{
    const Fitout fitout = resolve(plan, stage);
    const auto circuit = circuitOf(fitout, channel, shippedShop().practice);
    ASSERT_TRUE(circuit);
    const SpiceResult spice = runSpice(*circuit, name);
    ASSERT_EQ(spice.frequency_hz.size(), 481U);
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    const auto solution = solveNetwork(circuit->network, grid);
    ASSERT_TRUE(solution);
    const Eigen::ArrayXcd source_a = elementCurrent_a(circuit->network, solution->value, circuit->source);
    const auto voltageAt = [&](int node, size_t i) {
        return node == 0 ? std::complex<double>{} : spice.values.at("v(" + std::to_string(node) + ")")[i];
    };
    int coils = 0;
    for (size_t i = 0; i < spice.frequency_hz.size(); ++i) {
        const auto column = static_cast<Eigen::Index>(i);
        EXPECT_NEAR(grid(column) / spice.frequency_hz[i], 1.0, 1e-9);
        EXPECT_LT(relativeError(source_a(column), spice.values.at("i(v1)")[i]), 1e-6) << grid(column) << " Hz";
        for (const CircuitTap& tap : circuit->taps) {
            if (tap.kind != ElementKind::Coil) continue;
            ++coils;
            const auto ours =
                solution->value.voltage_v(column, tap.plus) - solution->value.voltage_v(column, tap.minus);
            EXPECT_LT(relativeError(ours, voltageAt(tap.plus, i) - voltageAt(tap.minus, i)), 1e-6)
                << grid(column) << " Hz";
        }
    }
    EXPECT_GE(coils, 481);
}

TEST(Spice, AgreesOnTheFactoryRun)
{
    expectAgreement(tests::demoPlan(), kFound, {tests::kRadio, "RL"}, "factory");
}

TEST(Spice, AgreesOnTheNewDriverBehindTheOldCapacitor)
{
    const Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    expectAgreement(plan, plan.job.goal, {tests::kRadio, "RL"}, "new");
}

TEST(Spice, AgreesOnABypassedCapacitor)
{
    const Plan plan = apply(tests::demoPlan(), bypass(tests::demoPlan(), {tests::kLeftPlug, "C"})).plan;
    expectAgreement(plan, plan.job.goal, {tests::kRadio, "RL"}, "bypassed");
}

// Two drivers in parallel on one channel, through wires with resistance, and a lossy coil and capacitor before one of
// them.
TEST(Spice, AgreesOnACircuitWithTwoDriversAndLosses)
{
    Plan plan = tests::demoPlan();
    const StageId goal = plan.job.goal;
    const PartId network = drawId<PartId>(plan);
    const DeviceId box = drawId<DeviceId>(plan);
    Part part{.kind = PartKind::Network, .name = "network"};
    part.terminals = {{"i", ""}, {"o", ""}};
    part.inside["L"] = {ElementKind::Inductor,
                        "i",
                        "m",
                        {{Quantity::Inductance_h, Known{0.47e-3}}, {Quantity::SeriesResistance_ohm, Known{0.28}}}};
    part.inside["C"] = {ElementKind::Capacitor,
                        "m",
                        "o",
                        {{Quantity::Capacitance_f, Known{220e-6}}, {Quantity::SeriesResistance_ohm, Known{0.05}}}};
    part.inside["R"] = {ElementKind::Resistor, "m", "o", {{Quantity::Resistance_ohm, Known{22.0}}}};
    plan.parts[network] = part;
    plan.devices[{goal, box}] = Device{.part = network};
    const auto wire = [&](Pin a, Pin b, double length_m) {
        Wire one{a, b};
        if (length_m > 0.0) one.figures = {{Quantity::Length_m, Known{length_m}}, {Quantity::Area_m2, Known{0.75e-6}}};
        plan.wires[{goal, drawId<WireId>(plan)}] = one;
    };
    wire({tests::kRadio, "RL+"}, {box, "i"}, 4.0);
    wire({box, "o"}, {tests::kRightSpeaker, "1+"}, 1.0);
    wire({tests::kRadio, "RL-"}, {tests::kRightSpeaker, "1-"}, 5.0);
    for (const int old : {22, 23}) plan.wires[{goal, {old}}] = std::nullopt;
    ASSERT_TRUE(validate(plan).empty());
    expectAgreement(plan, goal, {tests::kRadio, "RL"}, "losses");
}

}  // namespace
}  // namespace core
