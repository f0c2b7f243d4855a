// The way from a channel to its coils as it lies on the bench.
#include "core/survey/bench_way.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <complex>
#include <numbers>

#include "core/design/split_search.h"
#include "core/edits/element_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/network_edits.h"
#include "core/fitout/resolve.h"
#include "core/fitout/wiring_graph.h"
#include "core/io/plan_file.h"
#include "core/shipped/shipped.h"
#include "tests/core/demo_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

Plan shippedDemo()
{
    return readPlanText(std::string(shippedDemoText()), "demo.reed")->plan;
}

int countParts(const BenchChain& chain)
{
    int count = static_cast<int>(chain.parts.size() + chain.beside.size());
    for (const BenchChain& next : chain.next) count += countParts(next);
    return count;
}

std::vector<Port> coilsOf(const std::vector<BenchChain>& chains)
{
    std::vector<Port> coils;
    for (const BenchChain& chain : chains) {
        coils.insert(coils.end(), chain.coils.begin(), chain.coils.end());
        const std::vector<Port> more = coilsOf(chain.next);
        coils.insert(coils.end(), more.begin(), more.end());
    }
    return coils;
}

// The pair of the left front: woofer d28, tweeter d37 of the shipped demo.
constexpr DeviceId kWoofer{28}, kTweeter{37};

const RunResult& runOf(const StageResult& stage, DeviceId device)
{
    return *findRunOfDevice(stage, device);
}

// Its impedance by adding up what lies in a row and what lies side by side: ideal parts, no cable.
std::complex<double> impedanceOf(const std::vector<BenchChain>& chains, const StageResult& stage, double hz)
{
    const std::complex<double> s{0.0, 2.0 * std::numbers::pi * hz};
    const auto ofPart = [&](const Port& port) -> std::complex<double> {
        const Part& part = stage.used.parts.at(stage.used.devices.at(port.device).part);
        const Figures figures = figuresOf(part, port.element);
        switch (part.inside.at(port.element).kind) {
            case ElementKind::Capacitor:
                return 1.0 / (s * *valueOf(figures, Quantity::Capacitance_f));
            case ElementKind::Inductor:
                return s * *valueOf(figures, Quantity::Inductance_h);
            default:
                return *valueOf(figures, Quantity::Resistance_ohm);
        }
    };
    std::complex<double> admittance = 0.0;
    for (const BenchChain& chain : chains) {
        std::complex<double> sum = 0.0;
        for (const Port& part : chain.parts) sum += ofPart(part);
        for (const Port& coil : chain.coils)
            for (const RunResult& run : stage.runs)
                if (run.run.id.coil == coil) {
                    Eigen::ArrayXd one(1);
                    one << hz;
                    sum += impedance_ohm(run.driver, one)(0);
                }
        if (!chain.across && !chain.next.empty()) sum += impedanceOf(chain.next, stage, hz);
        if (chain.across || !chain.next.empty()) admittance += 1.0 / sum;
    }
    return 1.0 / admittance;
}

TEST(BenchWay, ALoopThroughIsTwoRowsWithTheTweetersCapacitorBeforeIt)
{
    const Plan plan = shippedDemo();
    const Fitout fitout = resolve(plan, kFound);
    const Evaluation evaluation = tests::evaluated(plan);
    const Port channel = runOf(*evaluation.stages.at(kFound), kWoofer).run.id.channel;
    const BenchWay way = benchWay(fitout, channel);
    ASSERT_EQ(way.chains.size(), 2U);
    const auto tweeter = std::find_if(way.chains.begin(), way.chains.end(), [](const BenchChain& chain) {
        return chain.coils == std::vector<Port>{{kTweeter, "1"}};
    });
    ASSERT_NE(tweeter, way.chains.end());
    EXPECT_EQ(tweeter->parts, (std::vector<Port>{{kTweeter, "C"}}));
    EXPECT_TRUE(tweeter->across && tweeter->next.empty() && tweeter->bridged.empty());
    EXPECT_TRUE(way.apart.empty());
}

TEST(BenchWay, WhatIsBridgedLiesBesideItsCoil)
{
    const Plan plan = shippedDemo();
    const Plan after = apply(plan, setPartValue(plan, {kTweeter, "C"}, 8.2e-6)).plan;
    const Fitout fitout = resolve(after, after.job.goal);
    const BenchWay way =
        benchWay(fitout, runOf(*tests::evaluated(after).stages.at(after.job.goal), kTweeter).run.id.channel);
    for (const BenchChain& chain : way.chains) {
        if (chain.coils.front().device != kTweeter) continue;
        EXPECT_EQ(chain.bridged, (std::vector<Port>{{kTweeter, "C"}}));
        ASSERT_EQ(chain.parts.size(), 1U);
        const Part& part = fitout.parts.at(fitout.devices.at(chain.parts[0].device).part);
        EXPECT_NEAR(*valueOf(figuresOf(part, chain.parts[0].element), Quantity::Capacitance_f), 8.2e-6, 1e-18);
    }
}

TEST(BenchWay, ABoardIsTwoRowsWithWhatLiesAcrossThem)
{
    const Plan plan = shippedDemo();
    const BoardParts parts = tests::partsOf({.wooferCoil_h = 0.68e-3,
                            .wooferShunt_f = 18e-6,
                            .tweeterSeries_f = 8.2e-6,
                            .tweeterShunt_h = 0.33e-3,
                            .tweeterPad_ohm = 1.5});
    const Plan after = apply(plan, fitMadeNetwork(plan, tests::onBoard(kWoofer, kTweeter), parts)).plan;
    const Evaluation evaluation = tests::evaluated(after);
    const StageResult& stage = *evaluation.stages.at(after.job.goal);
    const BenchWay way = benchWay(stage.used, runOf(stage, kWoofer).run.id.channel);
    ASSERT_EQ(way.chains.size(), 2U);
    int count = 0;
    for (const BenchChain& chain : way.chains) {
        count += countParts(chain);
        EXPECT_FALSE(chain.across);
        EXPECT_EQ(chain.parts.size(), 1U);
        ASSERT_EQ(chain.next.size(), 2U) << "what lies across, and the speaker";
        EXPECT_EQ(std::count_if(chain.next.begin(), chain.next.end(), feedsCoil), 1);
    }
    EXPECT_EQ(count, 5) << "the tweeter's own capacitor is bridged";
}

// Adding up the rows gives the load that the solver finds, but for cable and losses of the parts.
TEST(BenchWay, TheRowsAddUpToTheLoad)
{
    const Plan plan = shippedDemo();
    std::vector<Plan> plans{plan};
    plans.push_back(apply(plan, addResistor(plan, kTweeter, 3.3)).plan);
    plans.push_back(apply(plan, setPartValue(plan, {kTweeter, "C"}, 12e-6)).plan);
    const BoardParts parts = tests::partsOf({.wooferCoil_h = 0.82e-3, .wooferShunt_f = 10e-6, .tweeterSeries_f = 12e-6});
    plans.push_back(apply(plan, fitMadeNetwork(plan, tests::onBoard(kWoofer, kTweeter), parts)).plan);
    for (const Plan& one : plans) {
        const Evaluation evaluation = tests::evaluated(one);
        const StageResult& stage = *evaluation.stages.at(one.job.goal);
        const Port channel = runOf(stage, kWoofer).run.id.channel;
        const BenchWay way = benchWay(stage.used, channel);
        for (const double hz : {500.0, 2000.0, 8000.0}) {
            Eigen::Index at = 0;
            (evaluation.frequency_hz - hz).abs().minCoeff(&at);
            const double load_ohm = std::abs(findCircuit(stage, channel)->load_ohm(at));
            const double added_ohm = std::abs(impedanceOf(way.chains, stage, evaluation.frequency_hz(at)));
            EXPECT_NEAR(added_ohm / load_ohm, 1.0, 0.12) << hz;
        }
    }
}

// A part that joins two rows is in none of them; one beside another is with it.
TEST(BenchWay, ABridgeAndTwoPartsSideBySideAreTold)
{
    const Plan plan = shippedDemo();
    const BoardParts parts = tests::partsOf({.wooferCoil_h = 0.82e-3, .tweeterSeries_f = 12e-6, .tweeterPad_ohm = 1.0});
    Plan made = apply(plan, fitMadeNetwork(plan, tests::onBoard(kWoofer, kTweeter), parts)).plan;
    const auto wayWith = [&](const char* a, const char* b) {
        Plan other = made;
        for (auto& [id, part] : other.parts)
            if (isTwoWay(part))
                part.inside["X"] = {.kind = ElementKind::Resistor,
                                    .a = a,
                                    .b = b,
                                    .figures = {{Quantity::Resistance_ohm, Known{10.0}}}};
        const Evaluation evaluation = tests::evaluated(other);
        const StageResult& stage = *evaluation.stages.at(other.job.goal);
        return benchWay(stage.used, runOf(stage, kWoofer).run.id.channel);
    };
    const BenchWay bridge = wayWith("t+", "w+");
    ASSERT_EQ(bridge.apart.size(), 1U);
    EXPECT_EQ(bridge.apart.front().element, "X");
    const BenchWay beside = wayWith("in+", "tn1");
    EXPECT_TRUE(beside.apart.empty());
    const auto has = [](const BenchChain& chain, const char* name) {
        return std::any_of(chain.beside.begin(), chain.beside.end(),
                           [&](const Port& port) { return port.element == name; }) ||
               std::any_of(chain.parts.begin(), chain.parts.end(),
                           [&](const Port& port) { return port.element == name; });
    };
    EXPECT_TRUE(std::any_of(beside.chains.begin(), beside.chains.end(),
                            [&](const BenchChain& chain) { return has(chain, "X") && has(chain, "Ct"); }));
}

// Every coil that a channel plays stands in one row, whatever hangs between.
TEST(BenchWay, EveryCoilStandsInOneRow)
{
    for (const Plan& plan : {shippedDemo(), tests::demoPlan(), tests::troublePlan()})
        for (const StageId stage : {kFound, plan.job.goal}) {
            const Fitout fitout = resolve(plan, stage);
            std::map<Port, std::vector<Port>> wanted;
            for (const auto& run : runs(fitout)) wanted[run.id.channel].push_back(run.id.coil);
            for (auto& [channel, coils] : wanted) {
                std::vector<Port> shown = coilsOf(benchWay(fitout, channel).chains);
                std::sort(shown.begin(), shown.end());
                std::sort(coils.begin(), coils.end());
                EXPECT_EQ(shown, coils) << channel.element;
            }
        }
}

}  // namespace
}  // namespace core
