// What keeps the lows from a speaker, wherever it lives, and which way round its wires are: set, moved, taken away.
#include <gtest/gtest.h>

#include <cmath>

#include "core/edits/filter_edits.h"
#include "core/edits/layers.h"
#include "core/edits/survey_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/grid_tables.h"
#include "core/fitout/resolve.h"
#include "core/fitout/wiring_graph.h"
#include "core/model/inside_ways.h"
#include "core/model/validate.h"
#include "tests/core/mends_help.h"

namespace core {
namespace {

using tests::kLeftSpeaker;
using tests::kRadio;
using tests::kRightSpeaker;

const RunResult& runAt(const Evaluation& evaluation, StageId stage, DeviceId device)
{
    return *findRunOfDevice(*evaluation.stages.at(stage), device);
}

class FilterAt : public testing::TestWithParam<FilterPlace> {};

// Wherever it is put it is found again, it is what the run passes, and the other side has the same.
TEST_P(FilterAt, IsPutMovedAndTakenAway)
{
    const Plan demo = tests::demoPlan();
    ASSERT_EQ(filterOf(resolve(demo, kFound), kLeftSpeaker).place, FilterPlace::Plug);
    const Plan put = apply(demo, setFilter(demo, kFound, kLeftSpeaker, GetParam(), Known{82e-6})).plan;
    ASSERT_TRUE(validate(put).empty());
    const Fitout fitout = resolve(put, kFound);
    for (const DeviceId driver : {kLeftSpeaker, kRightSpeaker}) {
        const FilterFound found = filterOf(fitout, driver);
        EXPECT_EQ(found.place, GetParam());
        ASSERT_TRUE(found.value);
        EXPECT_NEAR(found.value->value, 82e-6, 1e-15);
    }
    const auto all = runs(fitout);
    for (const auto& run : all)
        if (run.id.coil.device == kLeftSpeaker) {
            EXPECT_EQ(run.seriesCapacitors.size(), 1U);
        }
    const Plan unknown = apply(put, setFilter(put, kFound, kLeftSpeaker, GetParam(), std::nullopt)).plan;
    EXPECT_FALSE(filterOf(resolve(unknown, kFound), kLeftSpeaker).value) << "a value nobody knows is an answer";
    const Plan none = apply(put, setFilter(put, kFound, kLeftSpeaker, FilterPlace::None, std::nullopt)).plan;
    ASSERT_TRUE(validate(none).empty());
    EXPECT_EQ(filterOf(resolve(none, kFound), kLeftSpeaker).place, FilterPlace::None);
    const Evaluation evaluation = tests::evaluated(none);
    EXPECT_FALSE(runAt(evaluation, kFound, kLeftSpeaker).seriesCapacitance_f);
    EXPECT_EQ(runs(resolve(none, kFound)).size(), all.size()) << "nobody was cut off";
}
INSTANTIATE_TEST_SUITE_P(Every, FilterAt,
                         testing::Values(FilterPlace::Speaker, FilterPlace::Plug, FilterPlace::Harness));

TEST(Filter, OfTheAmplifierIsTheChannels)
{
    const Plan demo = tests::demoPlan();
    const Plan put = apply(demo, setFilter(demo, kFound, kLeftSpeaker, FilterPlace::Amplifier, Known{120.0})).plan;
    EXPECT_EQ(filterOf(resolve(put, kFound), kLeftSpeaker).place, FilterPlace::Amplifier);
    EXPECT_TRUE(findCircuit(*tests::evaluated(put).stages.at(kFound), {kRadio, "RL"})->filteredLow);
    const Plan taken = apply(put, setFilter(put, kFound, kLeftSpeaker, FilterPlace::None, std::nullopt)).plan;
    EXPECT_EQ(filterOf(resolve(taken, kFound), kLeftSpeaker).place, FilterPlace::None);
    const Plan moved = apply(put, setFilter(put, kFound, kLeftSpeaker, FilterPlace::Harness, Known{68e-6})).plan;
    EXPECT_FALSE(findCircuit(*tests::evaluated(moved).stages.at(kFound), {kRadio, "RL"})->filteredLow);
}

// As planned it is a knob of the job: the source that was found stays as it was, on both sides.
TEST(Filter, OfTheAmplifierAsPlannedLeavesWhatWasFound)
{
    Plan demo = tests::demoPlan();
    const StageId goal = plannedGoal(demo);
    const Plan put = apply(demo, setFilter(demo, goal, kLeftSpeaker, FilterPlace::Amplifier, Known{120.0})).plan;
    const Evaluation evaluation = tests::evaluated(put);
    for (const char* channel : {"RL", "RR"}) {
        EXPECT_TRUE(findCircuit(*evaluation.stages.at(goal), {kRadio, channel})->filteredLow);
        EXPECT_FALSE(findCircuit(*evaluation.stages.at(kFound), {kRadio, channel})->filteredLow);
    }
    EXPECT_EQ(filterOf(resolve(put, goal), kLeftSpeaker).value->value, 120.0);
    EXPECT_EQ(filterOf(resolve(put, kFound), kLeftSpeaker).place, FilterPlace::Plug);
    const Plan taken = apply(put, setFilter(put, goal, kLeftSpeaker, FilterPlace::None, std::nullopt)).plan;
    EXPECT_EQ(filterOf(resolve(taken, goal), kLeftSpeaker).place, FilterPlace::None);
    // One that is built in is switched off for the job alone.
    const Plan built = apply(demo, setFilter(demo, kFound, kLeftSpeaker, FilterPlace::Amplifier, Known{90.0})).plan;
    const Plan off = apply(built, setFilter(built, goal, kLeftSpeaker, FilterPlace::None, std::nullopt)).plan;
    EXPECT_EQ(filterOf(resolve(off, goal), kLeftSpeaker).place, FilterPlace::None);
    EXPECT_EQ(filterOf(resolve(off, kFound), kLeftSpeaker).value->value, 90.0);
}

// A capacitor added in the lead of a driver from which another goes on: that one keeps its bass.
TEST(Filter, AddedInALeadLeavesTheDriverBeyondAlone)
{
    Plan plan = tests::demoPlan();
    plan = apply(plan, loopThrough(plan, kFound, kRightSpeaker, kLeftSpeaker)).plan;  // refused: its own twin
    EXPECT_EQ(plan, tests::demoPlan());
    plan = apply(plan, setFilter(plan, kFound, kLeftSpeaker, FilterPlace::None, std::nullopt)).plan;
    for (auto& [id, place] : plan.places) place.followsPair = false;
    plan = apply(plan, loopThrough(plan, kFound, kRightSpeaker, kLeftSpeaker)).plan;
    ASSERT_EQ(runs(resolve(plan, kFound)).size(), 2U);
    const Plan added = apply(plan, addCapacitor(plan, kLeftSpeaker, 100e-6)).plan;
    for (const auto& run : runs(resolve(added, added.job.goal)))
        EXPECT_EQ(run.seriesCapacitors.size(), run.id.coil.device == kLeftSpeaker ? 1U : 0U);
}

// Source: 1/(2 pi R C) behind what is there already: the two capacitors are one of their series value.
TEST(Filter, AResistorRaisesTheLoadByItself)
{
    const Plan demo = tests::demoPlan();
    const Plan bare = apply(demo, setFilter(demo, kFound, kLeftSpeaker, FilterPlace::None, std::nullopt)).plan;
    const Plan with = apply(bare, addResistor(bare, kLeftSpeaker, 2.0)).plan;
    const Evaluation before = tests::evaluated(bare), after = tests::evaluated(with);
    EXPECT_NEAR(findCircuit(*after.stages.at(with.job.goal), {kRadio, "RL"})->least_ohm -
                    findCircuit(*before.stages.at(bare.job.goal), {kRadio, "RL"})->least_ohm,
                2.0, 0.01);
}

// Turned over, its cone goes the other way; turned twice, the plan is as before; a driver beyond it keeps its own way.
TEST(TurnOver, CrossesOneDriverAlone)
{
    Plan plan = tests::demoPlan();
    for (auto& [id, place] : plan.places) place.followsPair = false;
    plan = apply(plan, loopThrough(plan, kFound, kRightSpeaker, kLeftSpeaker)).plan;
    const Plan turned = apply(plan, turnOver(plan, kFound, kLeftSpeaker)).plan;
    for (const auto& run : runs(resolve(turned, kFound)))
        EXPECT_EQ(run.sign, run.id.coil.device == kLeftSpeaker ? -1 : 1);
    EXPECT_EQ(apply(turned, turnOver(turned, kFound, kLeftSpeaker)).plan, plan);
}

using tests::findingOf;

// POL1, POL4: one of a pair turned over is said with what it costs in the bass, and its mend gives that back.
TEST(TurnOver, OfOneSideIsSaidWithWhatItCosts)
{
    Plan demo = tests::demoPlan();
    demo.listeners.begin()->second.head_m.y = 0.0;  // as far from both: most is lost there
    EXPECT_FALSE(findingOf(judge(demo, tests::evaluated(demo)), RuleId::PairTurnedOver));
    const Plan turned = apply(demo, planTurnOver(demo, kRightSpeaker)).plan;
    const Evaluation evaluation = tests::evaluated(turned);
    const auto findings = judge(turned, evaluation);
    const Finding* said = findingOf(findings, RuleId::PairTurnedOver);
    ASSERT_TRUE(said);
    EXPECT_EQ(said->severity, Severity::Care);
    EXPECT_EQ(said->where.front(), Subject{kRightSpeaker});
    const ListenerId listener = turned.listeners.begin()->first;
    const auto bass_db = [&](const Evaluation& one, StageId stage) {
        const Eigen::ArrayXd level = one.stages.at(stage)->hearing.at(listener).level_db;
        return bandLevel_db(*one.tables, Band::MidBass, (level * 0.1 * std::log(10.0)).exp());
    };
    const double lost_db = bass_db(evaluation, turned.job.goal) - bass_db(evaluation, kFound);
    EXPECT_NEAR(evidenceOf(*said, Quantity::BandChange_db, turned.job.goal).figure.value, lost_db, 1e-9);
    EXPECT_LT(lost_db, -3.0);
    const Finding* much = findingOf(findings, RuleId::BassLostByFlip);
    EXPECT_EQ(much != nullptr, lost_db < -shippedShop().practice[PracticeKey::FlipBassCare_db]);
    EXPECT_EQ(apply(turned, std::get<Edit>(said->mends.front().act)).plan.wires.size(), turned.wires.size() - 2);
}

// Its own capacitor is one that stands between its terminal and its coil, and no part of a longer network inside.
TEST(OwnCapacitor, LeadsFromATerminalToTheCoil)
{
    Part part = tests::driverPart("one", {});
    const auto element = [&](const char* name, ElementKind kind, const char* a, const char* b) {
        part.inside[name] = Element{.kind = kind, .a = a, .b = b};
    };
    element("1", ElementKind::Coil, "n1", "1-");
    element("c", ElementKind::Capacitor, "1+", "n1");
    EXPECT_EQ(ownCapacitorOf(part), "c");
    element("c", ElementKind::Capacitor, "n1", "1+");
    EXPECT_EQ(ownCapacitorOf(part), "c") << "whichever way round it is written";
    element("c", ElementKind::Capacitor, "n2", "n1");
    element("r", ElementKind::Resistor, "1+", "n2");
    EXPECT_EQ(ownCapacitorOf(part), "") << "a resistor lies before it";
    element("c", ElementKind::Capacitor, "1+", "n2");
    element("r", ElementKind::Resistor, "n2", "n1");
    EXPECT_EQ(ownCapacitorOf(part), "") << "and after it";
    element("c", ElementKind::Capacitor, "1+", "1-");
    EXPECT_EQ(ownCapacitorOf(part), "") << "across the terminals it holds nothing back";
}

}  // namespace
}  // namespace core
