// Energy in whole circuits of a plan, for every driver of the shelf and every way of wiring it.
#include <gtest/gtest.h>

#include <cmath>

#include "core/base/grid.h"
#include "core/evaluate/circuit.h"
#include "core/fitout/resolve.h"
#include "core/physics/bands.h"
#include "core/physics/part_stress.h"
#include "core/physics/programme.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

struct Solved {
    Circuit circuit{};
    NetworkSolution solution{};
};

Solved solvedCircuit(const Plan& plan, const Port& channel)
{
    auto circuit = circuitOf(resolve(plan, plan.job.goal), channel, shippedShop().practice);
    EXPECT_TRUE(circuit);
    auto solution = solveNetwork(circuit->network, frequencyGrid_hz());
    EXPECT_TRUE(solution);
    return {std::move(*circuit), std::move(solution->value)};
}

std::vector<Plan> plansOfTheShelf()
{
    std::vector<Plan> plans{tests::demoPlan(), tests::troublePlan()};
    const Shop shop = shippedShop();
    for (const Part* part : shop.shelf.of(PartKind::Driver)) {
        const Part& driver = *part;
        plans.push_back(tests::withDriver(tests::demoPlan(), driver));
        plans.push_back(apply(plans.back(), bypass(plans.back(), {tests::kLeftPlug, "C"})).plan);
    }
    return plans;
}

// Source: conservation of energy: what leaves the source is what all resistances take, at every frequency.
TEST(CircuitEnergy, WhatLeavesTheSourceEndsInItsParts)
{
    for (const Plan& plan : plansOfTheShelf()) {
        const auto [circuit, solution] = solvedCircuit(plan, {tests::kRadio, "RL"});
        Eigen::ArrayXd taken = Eigen::ArrayXd::Zero(kGridSize);
        for (size_t i = 0; i < circuit.network.elements.size(); ++i)
            if (circuit.network.elements[i].kind == NetworkKind::Resistor)
                taken += elementCurrent_a(circuit.network, solution, i).abs2() * circuit.network.elements[i].value;
        const Eigen::ArrayXd given = -elementCurrent_a(circuit.network, solution, circuit.source).real();
        EXPECT_LT((taken / given - 1.0).abs().maxCoeff(), 1e-9) << plan.body.name;
    }
}

// Two roads to the watts in a coil: its terminal voltage on its impedance formula, as evaluate has it, and the heat of
// its resistors in the network.
TEST(CircuitEnergy, ACoilsProgrammeIsTheHeatOfItsResistors)
{
    const Practice practice = shippedShop().practice;
    for (const Plan& plan : plansOfTheShelf()) {
        const Evaluation evaluation = evaluateJob(plan, practice);
        const StageResult& stage = *evaluation.stages.at(plan.job.goal);
        const auto [circuit, solution] = solvedCircuit(plan, {tests::kRadio, "RL"});
        const CircuitResult& channel = *findCircuit(stage, {tests::kRadio, "RL"});
        const Eigen::ArrayXd weight = spectrumWeights(frequencyGrid_hz(), programmeWeight({}, frequencyGrid_hz()));
        const double limit_v = channel.sourceLimit_v.minCoeff();
        double heat_w = 0.0;
        for (size_t i = 0; i < circuit.network.elements.size(); ++i) {
            const std::string& name = circuit.network.elements[i].name;
            if (!name.starts_with("Re_d12") && !name.starts_with("Res_d12")) continue;
            heat_w += limit_v * limit_v * programmeShare(practice[PracticeKey::CrestFactor_db]) *
                      partStress(circuit.network, solution, i, weight, channel.gain).programme_w_v2;
        }
        double programme_w = 0.0;  // a coaxial has two coils, a subwoofer may have
        for (const RunResult& run : stage.runs)
            if (run.run.id.coil.device == tests::kLeftSpeaker) programme_w += run.programme_w;
        EXPECT_NEAR(programme_w / heat_w, 1.0, 1e-9);
    }
}

}  // namespace
}  // namespace core
