// Drivers as they are: two coils on one cone, a coaxial with its tweeter, as a whole plan sees them.
#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

#include "core/edits/coil_edits.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/circuit.h"
#include "core/fitout/resolve.h"
#include "core/model/inside_ways.h"
#include "core/model/validate.h"
#include "core/netlist/circuit_netlist.h"
#include "tests/core/mends_help.h"
#include "tests/core/spice.h"

namespace core {
namespace {

using tests::kLeftSpeaker;
using tests::kRadio;

Part twoCoils(double re_ohm, double nominal_ohm)
{
    Part part = tests::driverPart("two coils", {{Quantity::Re_ohm, re_ohm},
                                                {Quantity::Nominal_ohm, nominal_ohm},
                                                {Quantity::Le_h, 0.0},
                                                {Quantity::Fs_hz, 60.0},
                                                {Quantity::Qms, 5.0},
                                                {Quantity::Qes, 0.5},
                                                {Quantity::Vas_m3, 8e-3},
                                                {Quantity::Sd_m2, 90e-4},
                                                {Quantity::Xmax_m, 4e-3},
                                                {Quantity::Power_w, 75.0}});
    part.terminals["2+"] = part.terminals["2-"] = "tabs";
    part.inside["1"].cone = 1;
    part.inside["2"] = Element{.kind = ElementKind::Coil, .a = "2+", .b = "2-", .cone = 1};
    return part;
}

Plan joined(CoilJoin join)
{
    Plan plan = tests::withDriver(tests::demoPlan(), twoCoils(3.4, 4.0));
    plan = apply(plan, bypass(plan, {tests::kLeftPlug, "C"})).plan;
    return apply(plan, planCoils(plan, kLeftSpeaker, join)).plan;
}

using tests::goalOf;

struct JoinRow {
    CoilJoin join;
    double leads_ohm;  // series 2 Re, parallel Re/2, one Re
    size_t runs;       // of the left speaker
};
void PrintTo(const JoinRow& row, std::ostream* out)
{
    *out << static_cast<int>(row.join);
}
class Joins : public testing::TestWithParam<JoinRow> {};

// Source: series and parallel resistances; what an ohmmeter shows is the same whichever way round a coil stands.
TEST_P(Joins, AreReadOffTheWiresAndMeasureAsTheyShould)
{
    const JoinRow& row = GetParam();
    const Plan plan = joined(row.join);
    ASSERT_TRUE(validate(plan).empty());
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& goal = goalOf(evaluation, plan);
    const CoilsAtDriver at = coilsAtDriver(goal.used, kLeftSpeaker, evaluation.practice);
    EXPECT_EQ(at.join, row.join);
    EXPECT_FALSE(at.reversed);
    ASSERT_TRUE(at.leads_ohm);
    EXPECT_NEAR(*at.leads_ohm, row.leads_ohm, 1e-12);
    const auto runs = std::count_if(goal.runs.begin(), goal.runs.end(),
                                    [](const RunResult& run) { return run.run.id.coil.device == kLeftSpeaker; });
    EXPECT_EQ(static_cast<size_t>(runs), row.runs);
    const ConeResult& cone = coneOf(goal, *findRunOfDevice(goal, kLeftSpeaker));
    EXPECT_FALSE(cone.fights);
    EXPECT_EQ(cone.idle.size(), row.join == CoilJoin::One ? 1U : 0U);
    // The way back is the way there.
    EXPECT_EQ(joined(row.join), plan);
}
INSTANTIATE_TEST_SUITE_P(Every, Joins,
                         testing::Values(JoinRow{CoilJoin::Series, 6.8, 2}, JoinRow{CoilJoin::Parallel, 1.7, 2},
                                         JoinRow{CoilJoin::One, 3.4, 1}, JoinRow{CoilJoin::EachItsChannel, 3.4, 2}));

// Source: 20 log of the volts: in series each coil has half of them, and the same cone.
TEST(Coils, InSeriesTheSameVoltsGiveSixDecibelsLess)
{
    const Plan series = joined(CoilJoin::Series), parallel = joined(CoilJoin::Parallel);
    const Evaluation a = tests::evaluated(series), b = tests::evaluated(parallel);
    const RunResult& slow = *findRunOfDevice(goalOf(a, series), kLeftSpeaker);
    const RunResult& loud = *findRunOfDevice(goalOf(b, parallel), kLeftSpeaker);
    EXPECT_NEAR(loud.midLevel_db - slow.midLevel_db, 20.0 * std::log10(2.0), 0.1);  // the source's own resistance
    EXPECT_NEAR(loud.excursion_m_v(100) / slow.excursion_m_v(100), 2.0, 0.03);
    EXPECT_NEAR(findCircuit(goalOf(a, series), {kRadio, "RL"})->least_ohm /
                    findCircuit(goalOf(b, parallel), {kRadio, "RL"})->least_ohm,
                4.0, 0.01);
}

// Two channels that play one cone push it together: twice the travel of one of them, its other coil on a channel too.
TEST(Coils, OnTwoChannelsMoveOneConeTogether)
{
    const Plan plan = joined(CoilJoin::EachItsChannel);
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& goal = goalOf(evaluation, plan);
    const RunResult& run = *findRunOfDevice(goal, kLeftSpeaker);
    const ConeResult& cone = coneOf(goal, run);
    EXPECT_EQ(cone.runs.size(), 2U);
    EXPECT_NEAR((cone.excursion_m_v / run.excursion_m_v)(100), 2.0, 1e-6);
    const Plan parallel = joined(CoilJoin::Parallel);
    const Evaluation other = tests::evaluated(parallel);
    const RunResult& both = *findRunOfDevice(goalOf(other, parallel), kLeftSpeaker);
    EXPECT_NEAR((cone.excursion_m_v / both.excursion_m_v)(100), 1.0, 0.02) << "the same volts on both coils";
}

// What this program writes for a circuit simulator holds the shared cone, and the simulator agrees.
TEST(Coils, TheNetlistHoldsThemAndSpiceAgrees)
{
    for (const CoilJoin join : {CoilJoin::Series, CoilJoin::Parallel, CoilJoin::One, CoilJoin::EachItsChannel}) {
        const Plan plan = joined(join);
        const auto circuit = circuitOf(resolve(plan, plan.job.goal), {kRadio, "RL"}, shippedShop().practice);
        ASSERT_TRUE(circuit);
        tests::expectAgreement(circuitNetlist(*circuit, "coils"),
                               "plan-coils-" + std::to_string(static_cast<int>(join)));
    }
}

// A parallel pair with one coil crossed: the meter reads the same, nothing moves, and it is a Stop with its mend.
TEST(Coils, AgainstEachOtherAreAStop)
{
    Plan plan = joined(CoilJoin::Parallel);
    for (auto& [key, wire] : plan.wires)
        if (wire && wire->a.device == kLeftSpeaker && wire->b.device == kLeftSpeaker)
            wire->b.terminal = wire->b.terminal == "2+" ? "2-" : "2+";
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& goal = goalOf(evaluation, plan);
    const ConeResult& cone = coneOf(goal, *findRunOfDevice(goal, kLeftSpeaker));
    EXPECT_TRUE(cone.fights);
    EXPECT_LT(cone.excursion_m_v.maxCoeff(), 1e-12);
    const CoilsAtDriver at = coilsAtDriver(goal.used, kLeftSpeaker, evaluation.practice);
    EXPECT_TRUE(at.reversed);
    EXPECT_NEAR(*at.leads_ohm, 1.7, 1e-12);
    const auto findings = judge(plan, evaluation);
    const auto stop =
        std::find_if(findings.begin(), findings.end(), [](const Finding& f) { return f.rule == RuleId::CoilsFight; });
    ASSERT_NE(stop, findings.end());
    EXPECT_EQ(stop->severity, Severity::Stop);
    const Plan mended = apply(plan, std::get<Edit>(stop->mends.front().act)).plan;
    const Evaluation after = tests::evaluated(mended);
    EXPECT_FALSE(coneOf(goalOf(after, mended), *findRunOfDevice(goalOf(after, mended), kLeftSpeaker)).fights);
}

// LOAD4 counts all coils of a driver against its one rating: each gets half, together they get it all.
TEST(Coils, ShareTheRatingOfTheirDriver)
{
    const Plan plan = joined(CoilJoin::Parallel);
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& goal = goalOf(evaluation, plan);
    const RunResult& run = *findRunOfDevice(goal, kLeftSpeaker);
    const ConeResult& cone = coneOf(goal, run);
    EXPECT_NEAR(cone.programme_w / run.programme_w, 2.0, 1e-9);
    EXPECT_NEAR(cone.sine_w / run.sine_w, 2.0, 1e-9);
    // Energy: what the channel gives is what the coils and the suspension take; the source's own 20 milliohm take 1 %.
    const CircuitResult& circuit = *findCircuit(goal, {kRadio, "RL"});
    const Eigen::ArrayXd given = (circuit.load_ohm.abs2().inverse() * circuit.load_ohm.real()) * (run.transfer.abs2());
    EXPECT_LT((cone.heat_w_v2 / given - 1.0).abs().maxCoeff(), 1e-6);
}

// A second coil that nothing is wired to is said, with the ways to use it.
TEST(Coils, LeftOpenAreSaid)
{
    const Plan plan = joined(CoilJoin::One);
    const auto findings = judge(plan, tests::evaluated(plan));
    const auto note =
        std::find_if(findings.begin(), findings.end(), [](const Finding& f) { return f.rule == RuleId::CoilOpen; });
    ASSERT_NE(note, findings.end());
    EXPECT_EQ(note->severity, Severity::Note);
    ASSERT_EQ(note->mends.size(), 2U);
    EXPECT_NEAR(note->mends[0].figure, 6.8, 1e-12);
    EXPECT_NEAR(note->mends[1].figure, 1.7, 1e-12);
}

// The least load of the channel decides how a driver with two coils is joined when it is planned.
TEST(Coils, AreJoinedAsTheChannelWantsThem)
{
    EXPECT_EQ(usualJoin(twoCoils(3.4, 4.0), 4.0, {}), CoilJoin::Series);
    EXPECT_EQ(usualJoin(twoCoils(3.4, 4.0), 2.0, {}), CoilJoin::Parallel);
    EXPECT_EQ(usualJoin(twoCoils(6.8, 8.0), 4.0, {}), CoilJoin::Parallel);
    EXPECT_EQ(usualJoin(twoCoils(3.4, 4.0), {}, 2.2), CoilJoin::Parallel);
    EXPECT_EQ(usualJoin(twoCoils(3.4, 4.0), {}, 6.0), CoilJoin::Series);
    const Plan plan = tests::withDriver(tests::demoPlan(), twoCoils(3.4, 4.0));
    EXPECT_EQ(coilsAtDriver(resolve(plan, plan.job.goal), kLeftSpeaker, shippedShop().practice).join, CoilJoin::Series);
    // Another driver with one coil takes the pair back to itself.
    const Plan back = tests::withShelfDriver(plan, "wb-alder-4");
    EXPECT_TRUE(findRunOfDevice(goalOf(tests::evaluated(back), back), kLeftSpeaker) != nullptr);
}

Plan withCoaxial()
{
    Part part = tests::driverPart("coaxial", {{Quantity::Re_ohm, 3.3},
                                              {Quantity::Le_h, 0.3e-3},
                                              {Quantity::Fs_hz, 70.0},
                                              {Quantity::Qms, 4.5},
                                              {Quantity::Qes, 0.75},
                                              {Quantity::Vas_m3, 11e-3},
                                              {Quantity::Sd_m2, 135e-4}});
    part.driverClass = "coaxial165";
    Practice practice = shippedShop().practice;
    addUsualWays(part, practice);
    Plan plan = tests::withDriver(tests::demoPlan(), part);
    return apply(plan, bypass(plan, {tests::kLeftPlug, "C"})).plan;
}

// Source: the design reference's check values of a 165 mm coaxial: volts at the tweeter against the terminals, load.
TEST(Coaxial, HasItsTweeterBehindItsCapacitor)
{
    const Plan plan = withCoaxial();
    ASSERT_TRUE(validate(plan).empty());
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& goal = goalOf(evaluation, plan);
    const CircuitResult& circuit = *findCircuit(goal, {kRadio, "RL"});
    EXPECT_NEAR(circuit.least_ohm, 3.26830, 2e-5);
    EXPECT_NEAR(circuit.least_hz, 18880.0, 20.0);
    const RunResult* tweeter = findRun(goal, {{kRadio, "RL"}, {kLeftSpeaker, "tweeter"}});
    const RunResult* woofer = findRun(goal, {{kRadio, "RL"}, {kLeftSpeaker, "1"}});
    ASSERT_TRUE(tweeter && woofer);
    EXPECT_EQ(findRunOfDevice(goal, kLeftSpeaker), woofer);
    const auto at = [&](double hz) {
        Eigen::Index i = 0;
        (evaluation.frequency_hz - hz).abs().minCoeff(&i);
        return 20.0 * std::log10(std::abs(tweeter->transfer(i) / woofer->transfer(i)));
    };
    EXPECT_NEAR(at(500.0), -26.03, 0.05);
    EXPECT_NEAR(at(2000.0), -9.42, 0.05);
    EXPECT_NEAR(at(8000.0), -3.70, 0.05);
    EXPECT_EQ(goal.cones.size(), 4U) << "two drivers on each side";
}

// Before it had one its treble was a falling cone's: at 8 kHz the tweeter is what is heard.
TEST(Coaxial, ItsTrebleIsTheTweeters)
{
    const Plan plan = withCoaxial();
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& goal = goalOf(evaluation, plan);
    const RunResult* tweeter = findRun(goal, {{kRadio, "RL"}, {kLeftSpeaker, "tweeter"}});
    const RunResult* woofer = findRun(goal, {{kRadio, "RL"}, {kLeftSpeaker, "1"}});
    Eigen::Index i = 0;
    (evaluation.frequency_hz - 8000.0).abs().minCoeff(&i);
    EXPECT_GT(std::abs(tweeter->pressure_pa_v(i)), 1.4 * std::abs(woofer->pressure_pa_v(i)));
    // It stands before the cone, and radiates from its own small dome.
    EXPECT_NEAR(goal.ways[1].source.radius_m, std::sqrt(2.3e-4 / std::numbers::pi), 1e-6);
    EXPECT_NEAR(distance(goal.ways[0].source.at_m, goal.ways[1].source.at_m), 0.015, 1e-9);
}

// Every coaxial of the shelf and of the classes has one; a plain driver has none.
TEST(Coaxial, OnTheShelfAndAsAClass)
{
    const Shop shop = shippedShop();
    int coaxials = 0;
    for (const Part* part : shop.shelf.of(PartKind::Driver)) {
        const bool coaxial = part->driverClass.find("oaxial") != std::string::npos;
        coaxials += coaxial ? 1 : 0;
        const bool plain = part->driverClass.starts_with("wideBand") || part->driverClass.starts_with("dualCone");
        if (coaxial || plain) {
            EXPECT_EQ(waysOf(*part).empty(), plain) << part->name;
        }
    }
    EXPECT_GE(coaxials, 20);
    EXPECT_EQ(waysOf(*shop.shelf.find("ov-larch-4")).size(), 2U) << "a three-way";
    EXPECT_TRUE(shop.practice.classes.contains("coaxial87"));
    EXPECT_TRUE(shop.practice.classes.contains("dualCone87"));
    Part part = tests::driverPart("any", {});
    setDriverClass(part, "coaxial130", shop.practice);
    EXPECT_EQ(waysOf(part), std::vector<std::string>{"tweeter"});
    setDriverClass(part, "componentWoofer165", shop.practice);
    EXPECT_TRUE(waysOf(part).empty());
    EXPECT_EQ(part.inside.size(), 1U) << "its capacitor left with it";
}

// A capacitor of the whole driver stands before both, and is not the tweeter's.
TEST(Coaxial, TheCapacitorBeforeAllOfItIsAnotherOne)
{
    Part part = tests::driverPart("any", {});
    setDriverClass(part, "coaxial130", shippedShop().practice);
    EXPECT_EQ(ownCapacitorOf(part), "");
    setOwnCapacitor(part, Known{82e-6});
    EXPECT_EQ(ownCapacitorOf(part), "C");
    EXPECT_EQ(wayCapacitorOf(part, "tweeter"), "tweeterC");
    setOwnCapacitor(part, std::nullopt);
    EXPECT_EQ(ownCapacitorOf(part), "");
    EXPECT_EQ(wayCapacitorOf(part, "tweeter"), "tweeterC");
}

}  // namespace
}  // namespace core
