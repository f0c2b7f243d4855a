// What parts and coils of a plan bear, held against energy and closed forms.
#include <gtest/gtest.h>

#include <cmath>
#include <numeric>

#include "core/evaluate/evaluate.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

const CircuitResult& factoryCircuit(const Evaluation& evaluation)
{
    return evaluation.stages.at(kFound)->circuits.front();
}

// Source: circuit theory: a capacitor in series carries the coil's current; its voltage is I / (wC).
TEST(Burdens, TheSeriesCapacitorCarriesTheCoilsCurrent)
{
    const Evaluation evaluation = evaluateJob(tests::demoPlan(), shippedShop().practice);
    const CircuitResult& circuit = factoryCircuit(evaluation);
    ASSERT_EQ(circuit.burdens.size(), 1U);
    const PartBurden& capacitor = circuit.burdens.front();
    EXPECT_EQ(capacitor.kind, ElementKind::Capacitor);
    const Eigen::ArrayXd current = circuit.sourceLimit_v.minCoeff() * circuit.gain / circuit.load_ohm.abs();
    EXPECT_NEAR(capacitor.current_a / current.maxCoeff(), 1.0, 0.02);  // the load is behind the output resistance
    const Eigen::ArrayXd volts = current / (2.0 * 3.14159265358979324 * 68e-6 * evaluation.frequency_hz);
    EXPECT_NEAR(capacitor.voltage_v / volts.maxCoeff(), 1.0, 0.02);
    EXPECT_EQ(capacitor.programme_w, 0.0);  // no losses are stated
    EXPECT_NEAR(capacitor.rating, 1.5 * std::sqrt(2.0) * capacitor.voltage_v, 1e-12);
}

TEST(Burdens, ACapacitorsLossesHeat)
{
    Plan plan = tests::demoPlan();
    for (auto& [id, part] : plan.parts)
        if (part.kind == PartKind::Plug)
            for (auto& [name, element] : part.inside)
                if (element.kind == ElementKind::Capacitor)
                    element.figures[Quantity::SeriesResistance_ohm] = Known{0.5};
    const PartBurden capacitor = factoryCircuit(evaluateJob(plan, shippedShop().practice)).burdens.front();
    EXPECT_NEAR(capacitor.sine_w, 0.5 * capacitor.current_a * capacitor.current_a, 0.02 * capacitor.sine_w);
    EXPECT_GT(capacitor.programme_w, 0.0);
    EXPECT_LT(capacitor.programme_w, capacitor.sine_w);
}

TEST(Burdens, TheBandsOfACoilAddUpToItsProgramme)
{
    const Evaluation evaluation = evaluateJob(tests::demoPlan(), shippedShop().practice);
    for (const RunResult& run : evaluation.stages.at(kFound)->runs) {
        const double sum = std::accumulate(run.programmeBand_w.begin(), run.programmeBand_w.end(), 0.0);
        EXPECT_NEAR(sum / run.programme_w, 1.0, 1e-3);
        EXPECT_GT(run.programmeBand_w[static_cast<size_t>(Band::Mid)],
                  run.programmeBand_w[static_cast<size_t>(Band::LowBass)]);
    }
}

// Travel and volts at the coil are those of the curves at the source's limit.
TEST(Burdens, TravelAndVoltsAreTheLargestOfTheirCurves)
{
    const Evaluation evaluation = evaluateJob(tests::demoPlan(), shippedShop().practice);
    const StageResult& stage = *evaluation.stages.at(kFound);
    for (const RunResult& run : stage.runs) {
        const double limit_v = findCircuit(stage, run.run.id.channel)->sourceLimit_v.minCoeff();
        EXPECT_NEAR(run.most_v, limit_v * run.transfer.abs().maxCoeff(), 1e-12);
        EXPECT_NEAR(run.travel.sine_m, limit_v * run.excursion_m_v.maxCoeff(), 1e-15);
    }
}

Plan withSecondRating(double power_w, double load_ohm)
{
    Plan plan = tests::demoPlan();
    for (auto& [id, part] : plan.parts)
        for (auto& [name, element] : part.inside)
            if (element.kind == ElementKind::Output) {
                element.figures[Quantity::RatedPower_w] = Known{75.0};
                element.figures[Quantity::RatedLoad_ohm] = Known{4.0};
                element.figures[Quantity::SecondPower_w] = Known{power_w};
                element.figures[Quantity::SecondLoad_ohm] = Known{load_ohm};
            }
    return plan;
}

// Source: the closed form of two ratings, 75 W into 4 and 120 W into 2 ohm: V0 19.6385 V, r 0.535322 ohm.
TEST(SecondRating, SagsTheOutput)
{
    const Evaluation evaluation = evaluateJob(withSecondRating(120.0, 2.0), shippedShop().practice);
    const CircuitResult& circuit = factoryCircuit(evaluation);
    EXPECT_NEAR(circuit.limits.voltage_v, 19.6385, 5e-5);
    EXPECT_NEAR(circuit.limits.sag_ohm, 0.535322, 5e-7);
    EXPECT_TRUE(circuit.marks.empty());
}

TEST(SecondRating, ThatContradictsLeavesTheFirstAndAMark)
{
    const Evaluation evaluation = evaluateJob(withSecondRating(30.0, 2.0), shippedShop().practice);
    const CircuitResult& circuit = factoryCircuit(evaluation);
    EXPECT_EQ(circuit.limits.sag_ohm, 0.0);
    EXPECT_EQ(circuit.marks, std::vector<Warning>{{WarningKind::RatingsContradict}});
}

}  // namespace
}  // namespace core
