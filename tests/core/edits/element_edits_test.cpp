// One part of a filter: another value, taken out, the channel's knobs; each one step for both sides.
#include "core/edits/element_edits.h"

#include <gtest/gtest.h>

#include <map>

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

constexpr DeviceId kWoofer{28}, kTweeter{37}, kRightTweeter{40};

class ElementEdits : public testing::Test {
protected:
    Plan m_plan = readPlanText(std::string(shippedDemoText()), "demo.reed")->plan;
    const BoardParts m_parts = tests::partsOf({.wooferCoil_h = 0.68e-3,
                                               .wooferShunt_f = 18e-6,
                        .tweeterSeries_f = 8.2e-6,
                        .tweeterShunt_h = 0.33e-3,
                        .tweeterPad_ohm = 1.5});
    Plan m_board = apply(m_plan, fitMadeNetwork(m_plan, tests::onBoard(kWoofer, kTweeter), m_parts)).plan;

    static std::vector<DeviceId> boardsOf(const Plan& plan)
    {
        std::vector<DeviceId> boards;
        for (const auto& [id, device] : resolve(plan, plan.job.goal).devices)
            if (isTwoWay(plan.parts.at(device.part))) boards.push_back(id);
        return boards;
    }
    static const Part& partIn(const Plan& plan, DeviceId device)
    {
        return plan.parts.at(resolve(plan, plan.job.goal).devices.at(device).part);
    }
};

TEST_F(ElementEdits, AValueOnTheBoardIsChangedOnBothSides)
{
    ASSERT_EQ(boardsOf(m_board).size(), 2U);
    const struct {
        const char* element;
        Quantity what;
        double value;
    } rows[]{{"Ct", Quantity::Capacitance_f, 10e-6},
             {"Lt", Quantity::Inductance_h, 0.22e-3},
             {"Rt", Quantity::Resistance_ohm, 2.2}};
    for (const DeviceId named : boardsOf(m_board))  // whichever side is named
        for (const auto& row : rows) {
            const Edit edit = setPartValue(m_board, {named, row.element}, row.value);
            const Applied done = apply(m_board, edit);
            for (const DeviceId board : boardsOf(done.plan)) {
                const Part& part = partIn(done.plan, board);
                EXPECT_DOUBLE_EQ(*valueOf(figuresOf(part, row.element), row.what), row.value) << row.element;
                EXPECT_TRUE(isMade(part));
                EXPECT_EQ(part.name, "network to be made");
            }
            EXPECT_EQ(apply(done.plan, done.inverse).plan, m_board);
        }
}

TEST_F(ElementEdits, ABoughtBoardBecomesOneThatIsMade)
{
    Part bought = boardOf(m_parts, "Wend 2");
    bought.shelfKey = "wend-2";
    const Plan plan = apply(m_plan, fitNetwork(m_plan, tests::onBoard(kWoofer, kTweeter), bought)).plan;
    const Plan after = apply(plan, setPartValue(plan, {boardsOf(plan).front(), "Ct"}, 10e-6)).plan;
    EXPECT_TRUE(isMade(partIn(after, boardsOf(after).front())));
    EXPECT_EQ(partIn(after, boardsOf(after).front()).name, "network to be made");
}

// A link that is there already is enough, on whichever side.
TEST_F(ElementEdits, ABridgeIsLaidOnce)
{
    const Plan once = apply(m_plan, bypass(m_plan, {kTweeter, "C"})).plan;
    EXPECT_TRUE(bypass(once, {kTweeter, "C"}).changes.empty());
    EXPECT_TRUE(bypass(once, {kRightTweeter, "C"}).changes.empty());
    const Plan none = apply(once, takeBridgeOut(once, {kRightTweeter, "C"})).plan;
    for (const DeviceId tweeter : {kTweeter, kRightTweeter})
        EXPECT_FALSE(filterOf(resolve(none, none.job.goal), tweeter).bridged);
}

// What the old coil's wire had of ohms says nothing of another coil's.
TEST_F(ElementEdits, AnotherCoilHasOtherWire)
{
    Part bought = boardOf(m_parts, "Wend 2");
    bought.inside.at("Lw").figures[Quantity::SeriesResistance_ohm] = Known{0.6};
    const Plan plan = apply(m_plan, fitNetwork(m_plan, tests::onBoard(kWoofer, kTweeter), bought)).plan;
    const DeviceId board = boardsOf(plan).front();
    const Plan after = apply(plan, setPartValue(plan, {board, "Lw"}, 0.47e-3)).plan;
    EXPECT_FALSE(figuresOf(partIn(after, board), "Lw").contains(Quantity::SeriesResistance_ohm));
    EXPECT_TRUE(figuresOf(partIn(plan, board), "Lw").contains(Quantity::SeriesResistance_ohm));
}

TEST_F(ElementEdits, APlaceOnTheBoardStaysEmpty)
{
    const DeviceId board = boardsOf(m_board).front();
    const Plan noShunt = apply(m_board, takePartOut(m_board, {board, "Lt"})).plan;
    EXPECT_FALSE(partIn(noShunt, board).inside.contains("Lt")) << "what lay across is not there";
    const Plan noSeries = apply(m_board, takePartOut(m_board, {board, "Rt"})).plan;
    EXPECT_EQ(partIn(noSeries, board).inside.at("Rt").kind, ElementKind::Link) << "what lay in series is a link";
    EXPECT_TRUE(partIn(noSeries, board).inside.at("Rt").figures.empty());
    EXPECT_EQ(runs(resolve(noSeries, noSeries.job.goal)).size(), runs(resolve(m_board, m_board.job.goal)).size());
}

TEST_F(ElementEdits, WhatWasPutIntoALeadGoesAndWhatCameIsBridged)
{
    const Plan with = apply(m_plan, addResistor(m_plan, kTweeter, 3.3)).plan;
    DeviceId lead{};
    for (const auto& [id, device] : resolve(with, with.job.goal).devices)
        if (with.parts.at(device.part).name == "resistor in the lead") lead = id;
    ASSERT_TRUE(lead);
    const Plan without = apply(with, takePartOut(with, {lead, "R"})).plan;
    const auto wiringOf = [](const Plan& plan) { return runs(resolve(plan, plan.job.goal)); };
    EXPECT_EQ(wiringOf(without), wiringOf(m_plan));
    EXPECT_FALSE(resolve(without, without.job.goal).devices.contains(lead));
    const Plan bridged = apply(m_plan, takePartOut(m_plan, {kTweeter, "C"})).plan;
    for (const DeviceId tweeter : {kTweeter, kRightTweeter})
        EXPECT_TRUE(filterOf(resolve(bridged, bridged.job.goal), tweeter).bridged);
}

// Whatever lay before the tweeter, one capacitor is left that carries.
TEST_F(ElementEdits, OneCapacitorIsOneWhateverLayThere)
{
    std::vector<Plan> plans{m_plan};
    plans.push_back(apply(m_plan, addCapacitor(m_plan, kTweeter, 10e-6)).plan);
    plans.push_back(apply(m_plan, setPartValue(m_plan, {kTweeter, "C"}, 15e-6)).plan);
    plans.push_back(apply(m_plan, bypass(m_plan, {kTweeter, "C"})).plan);
    for (const Plan& plan : plans) {
        const Applied done = apply(plan, oneCapacitor(plan, kTweeter, 6.8e-6));
        const Evaluation evaluation = tests::evaluated(done.plan);
        const StageResult& goal = *evaluation.stages.at(done.plan.job.goal);
        for (const DeviceId tweeter : {kTweeter, kRightTweeter}) {
            const RunResult& run = *findRunOfDevice(goal, tweeter);
            EXPECT_EQ(run.run.seriesCapacitors.size(), 1U);
            EXPECT_NEAR(run.seriesCapacitance_f.value_or(0.0), 6.8e-6, 1e-15);
        }
        EXPECT_EQ(apply(done.plan, done.inverse).plan, plan);
    }
}

// A board that is made and taken out again leaves the vehicle as it was, from whichever side it is named.
TEST_F(ElementEdits, ABoardThatGoesLeavesWhatWasThere)
{
    const auto carries = [](const Plan& plan) {
        std::map<Port, std::vector<Port>> capacitors;
        for (const auto& run : runs(resolve(plan, plan.job.goal))) capacitors[run.id.coil] = run.seriesCapacitors;
        return capacitors;
    };
    constexpr DeviceId kRightWoofer{31};
    for (const auto& [woofer, tweeter] : {std::pair{kWoofer, kTweeter}, {kRightWoofer, kRightTweeter}}) {
        const Plan made = apply(m_plan, fitMadeNetwork(m_plan, tests::onBoard(woofer, tweeter), m_parts)).plan;
        EXPECT_EQ(boardsOf(made).size(), 2U);
        for (const DeviceId one : {kTweeter, kRightTweeter})
            EXPECT_TRUE(filterOf(resolve(made, made.job.goal), one).bridged);
        const Plan gone = apply(made, removeNetwork(made, woofer)).plan;
        EXPECT_TRUE(boardsOf(gone).empty());
        EXPECT_EQ(carries(gone), carries(m_plan));
    }
}

TEST_F(ElementEdits, AChannelIsSetWithItsTwin)
{
    const auto all = runs(resolve(m_plan, m_plan.job.goal));
    const Port channel = all.front().id.channel;
    const Part& source = partIn(m_plan, channel.device);
    const std::string twin = source.inside.at(channel.element).twin;
    ASSERT_FALSE(twin.empty());
    const Setting wanted{.highPass = Filter{80.0, 3}, .lowPass = Filter{2500.0, 2}, .gain_db = -3.0, .reversed = true};
    const Applied done = apply(m_plan, setChannel(m_plan, channel, wanted));
    const Fitout fitout = resolve(done.plan, done.plan.job.goal);
    for (const std::string& element : {channel.element, twin})
        EXPECT_EQ(fitout.settings.at({channel.device, element}), wanted) << element;
    EXPECT_EQ(apply(done.plan, done.inverse).plan, m_plan);
    EXPECT_FALSE(resolve(apply(done.plan, setChannel(done.plan, channel, {})).plan, done.plan.job.goal)
                     .settings.contains(channel));
}

}  // namespace
}  // namespace core
