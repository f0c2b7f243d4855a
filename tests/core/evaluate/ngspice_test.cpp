// The program's own netlist, solved by a general circuit simulator (ngspice, from Debian), against the program's own
// solution.
#include <gtest/gtest.h>

#include "core/evaluate/circuit.h"
#include "core/evaluate/resolve.h"
#include "core/io/circuit_netlist.h"
#include "core/model/validate.h"
#include "tests/core/demo_plan.h"
#include "tests/core/spice.h"

namespace core {
namespace {

void expectAgreement(const Plan& plan, StageId stage, const Port& channel, const std::string& name)
{
    const auto circuit = circuitOf(resolve(plan, stage), channel, shippedShop().practice);
    ASSERT_TRUE(circuit);
    tests::expectAgreement(circuitNetlist(*circuit, name), name);
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
