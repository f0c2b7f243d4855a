// Two drivers with a channel each: what their filters can do, against a brute force over the plans themselves.
#include "core/design/settings_search.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/edits/filter_edits.h"
#include "core/edits/named_edits.h"
#include "core/edits/turn_edits.h"
#include "core/limits/split_limits.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::after;

class SettingsSearch : public testing::Test {
protected:
    [[nodiscard]] static SplitSearch search(const Plan& plan, DeviceId tweeter)
    {
        const auto found = searchSplits(plan, tests::evaluated(plan), {.tweeter = tweeter});
        EXPECT_TRUE(found);
        return found.value_or(SplitSearch{});
    }
    [[nodiscard]] static const SplitAnswer* answerOf(const SplitSearch& search, SplitKind kind)
    {
        for (const SplitAnswer& one : search.answers)
            if (one.kind == kind) return &one;
        return nullptr;
    }
    // Of the plan itself, as it is evaluated.
    [[nodiscard]] double handOver_hz(const Plan& plan) const
    {
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult& goal = tests::goalOf(evaluation, plan);
        const auto pair = splitPairOf(goal, m_car.sail, evaluation.practice);
        return splitSum(goal, *pair, plan.listeners.begin()->first)->at_hz.value_or(0.0);
    }

    tests::TwoChannels m_car = tests::twoChannels();
};

TEST_F(SettingsSearch, AnswersDifferInKindAndNeedNoParts)
{
    const SplitSearch found = search(m_car.plan, m_car.sail);
    EXPECT_GE(found.tried, 50'000U);
    EXPECT_EQ(found.refused, 0U) << "its own capacitor spares the tweeter";
    EXPECT_EQ(found.tried, 6U * 31U * 31U * 2U * 13U) << "shapes, corners of either, ways round, levels";
    const SplitAnswer* standing = answerOf(found, SplitKind::NoNewParts);
    const SplitAnswer* one = answerOf(found, SplitKind::OneCorner);
    const SplitAnswer* even = answerOf(found, SplitKind::MostEven);
    ASSERT_TRUE(standing && one && even);
    EXPECT_EQ(answerOf(found, SplitKind::FewestParts), nullptr);
    EXPECT_EQ(one->found.low->lowPass, one->found.high->highPass) << "one corner, one shape";
    EXPECT_EQ(one->found.low->gain_db, one->found.high->gain_db);
    EXPECT_LT(even->found.even_db, one->found.even_db);
    for (const SplitAnswer* answer : {standing, one, even}) {
        EXPECT_EQ(answer->parts, 0);
        const Plan planned = after(m_car.plan, answer->edit);
        EXPECT_EQ(planned.wires, m_car.plan.wires) << "nothing is cut";
        EXPECT_EQ(planned.parts, m_car.plan.parts);
        const Fitout goal = resolve(planned, planned.job.goal);
        if (answer != standing) {
            EXPECT_EQ(settingOf(goal, m_car.doorChannel), *answer->found.low);
            EXPECT_EQ(settingOf(goal, m_car.sailChannel), *answer->found.high);
        }
        if (answer->found.at_hz > 0.0) {
            EXPECT_NEAR(std::log2(handOver_hz(planned) / answer->found.at_hz), 0.0, 0.1) << int(answer->kind);
        }
    }
}

// Whatever corner and shape is set by hand on both, no plan is more even than the best one corner, as the search
// judges.
TEST_F(SettingsSearch, NoOneCornerIsMoreEven)
{
    const SplitSearch found = search(m_car.plan, m_car.sail);
    const SplitAnswer* one = answerOf(found, SplitKind::OneCorner);
    ASSERT_NE(one, nullptr);
    int compared = 0;
    for (const double corner_hz : {2500.0, 3150.0, 4000.0, 5000.0, 6300.0})
        for (const FilterShape& shape :
             {FilterShape{FilterFamily::Butterworth, 2}, FilterShape{FilterFamily::Butterworth, 3},
              FilterShape{FilterFamily::LinkwitzRiley, 4}})
            for (const bool turned : {false, true}) {
                const Filter filter{corner_hz, shape.order, shape.family};
                Plan plan = after(m_car.plan, setChannel(m_car.plan, m_car.doorChannel, {.lowPass = filter}));
                plan = after(plan, setChannel(plan, m_car.sailChannel, {.highPass = filter, .reversed = turned}));
                // As it stands is judged either way round; this is the better one of the two.
                const SplitSearch there = search(plan, m_car.sail);
                EXPECT_GE(there.answers.front().found.cost_db, one->found.cost_db - 1e-9) << corner_hz;
                ++compared;
            }
    EXPECT_EQ(compared, 30);
}

// What is set there for another reason stays: a door's high-pass, delays, the equaliser.
TEST_F(SettingsSearch, LeavesTheRestOfASetting)
{
    const Setting door{.highPass = Filter{80.0, 4}, .bands = {{BandKind::Peak, 160.0, 2.0, -3.0}}, .delay_s = 0.001};
    const Plan plan = after(m_car.plan, setChannel(m_car.plan, m_car.doorChannel, door));
    const SplitAnswer even = *answerOf(search(plan, m_car.sail), SplitKind::MostEven);
    EXPECT_EQ(even.found.low->highPass, door.highPass);
    EXPECT_EQ(even.found.low->bands, door.bands);
    EXPECT_EQ(even.found.low->delay_s, door.delay_s);
    EXPECT_TRUE(even.found.low->lowPass);
}

TEST_F(SettingsSearch, ASourceWithoutTheFilterIsNotAsked)
{
    const Evaluation evaluation = tests::evaluated(m_car.plan);
    const StageResult& stage = tests::goalOf(evaluation, m_car.plan);
    const SplitPair pair = *splitPairOf(stage, m_car.sail, evaluation.practice);
    EXPECT_TRUE(canBeSet(stage, pair));
    EXPECT_FALSE(canBeParted(stage, pair));
    StageResult without = stage;
    without.used.parts.at(without.used.devices.at(m_car.sailChannel.device).part).controls[Control::HighPass] = false;
    EXPECT_FALSE(canBeSet(without, pair));
}

// Without its capacitor the channel's filter alone spares a tweeter: two octaves of corners are refused, at every
// order.
TEST_F(SettingsSearch, SparesATweeter)
{
    const Plan bare = after(m_car.plan, setFilter(m_car.plan, kFactory, m_car.sail, FilterPlace::None, {}));
    const SplitSearch found = search(bare, m_car.sail);
    EXPECT_GT(found.refused, 0U);
    EXPECT_LT(found.refused, found.tried);
    const Evaluation evaluation = tests::evaluated(bare);
    const double fs_hz = findRunOfDevice(tests::goalOf(evaluation, bare), m_car.sail)->driver.fs_hz;
    for (const SplitKind kind : {SplitKind::OneCorner, SplitKind::MostEven}) {
        const SplitAnswer* answer = answerOf(found, kind);
        ASSERT_NE(answer, nullptr);
        const Plan planned = after(bare, answer->edit);
        const Evaluation then = tests::evaluated(planned);
        const RunResult& run = *findRunOfDevice(tests::goalOf(then, planned), m_car.sail);
        EXPECT_GE(*highPassCorner_hz(run.transfer.abs(), then.frequency_hz), 0.98 * 2.0 * fs_hz) << int(kind);
    }
}

// A source that cannot turn a channel over is left as it is: the tweeter's wires are turned, on both sides.
TEST_F(SettingsSearch, TurnsTheWiresWhereNoSwitchCan)
{
    Plan plan = m_car.plan;
    const Fitout found = resolve(plan, kFound);
    Part radio = partOf(found, m_car.sailChannel.device);
    radio.controls[Control::Polarity] = false;
    plan = after(plan, changePart(plan, kFactory, m_car.sailChannel.device, radio));
    int turned = 0;
    for (const bool wrong : {false, true}) {
        const Plan start = wrong ? after(plan, planTurnOver(plan, mates(found, m_car.sail))) : plan;
        for (const SplitAnswer& answer : search(start, m_car.sail).answers) {
            const Plan planned = after(start, answer.edit);
            const Fitout goal = resolve(planned, planned.job.goal);
            EXPECT_FALSE(settingOf(goal, m_car.sailChannel).reversed);
            const auto signOf = [&](const Fitout& fitout) {
                for (const core::Run& run : runs(fitout))
                    if (run.id.coil.device == m_car.sail) return run.sign;
                return 0;
            };
            EXPECT_EQ(signOf(goal) != signOf(resolve(start, start.job.goal)), answer.found.turned);
            turned += answer.found.turned;
        }
    }
    EXPECT_GT(turned, 0);
}

// Another tweeter on the channel that is set, with a resonance higher up: it is named, and it is spared, too.
TEST_F(SettingsSearch, WhoeverElseHangsThereIsNamedAndSpared)
{
    Plan plan = after(m_car.plan,
                      addSpeakers(m_car.plan, kFactory, tests::spotOf(m_car.plan, "dash top"), tests::shop().practice));
    const DeviceId dash = tests::driverAt(plan, "left dash top");
    const Part* high = nullptr;
    const auto fs_hz = [](const Part& part) {
        return valueOf(figuresOf(part, firstOf(part, ElementKind::Coil)), Quantity::Fs_hz).value_or(0.0);
    };
    for (const Part* part : tests::shop().shelf.of(PartKind::Driver))
        if (!high || fs_hz(*part) > fs_hz(*high)) high = part;
    plan = after(plan, connectSpeaker(plan, kFactory, dash, m_car.sailChannel));
    plan = after(plan, fitPart(plan, dash, *high));
    const double own_hz =
        findRunOfDevice(tests::goalOf(tests::evaluated(m_car.plan), m_car.plan), m_car.sail)->driver.fs_hz;
    ASSERT_GT(fs_hz(*high), own_hz);
    const SplitSearch found = search(plan, m_car.sail), alone = search(m_car.plan, m_car.sail);
    EXPECT_GT(found.refused, alone.refused);
    for (const SplitAnswer& answer : found.answers) {
        const Plan planned = after(plan, answer.edit);
        const bool isSet = settingOf(resolve(planned, planned.job.goal), m_car.sailChannel) !=
                           settingOf(resolve(plan, plan.job.goal), m_car.sailChannel);
        EXPECT_EQ(answer.others, isSet ? std::vector{dash} : std::vector<DeviceId>{});
        if (answer.kind == SplitKind::NoNewParts) continue;
        const Evaluation then = tests::evaluated(planned);
        const RunResult& run = *findRunOfDevice(tests::goalOf(then, planned), dash);
        EXPECT_GE(*highPassCorner_hz(run.transfer.abs(), then.frequency_hz), 0.98 * 2.0 * run.driver.fs_hz);
    }
    for (const SplitAnswer& answer : alone.answers) EXPECT_TRUE(answer.others.empty());
}

TEST_F(SettingsSearch, IsStopped)
{
    std::stop_source stop;
    stop.request_stop();
    EXPECT_FALSE(searchSplits(m_car.plan, tests::evaluated(m_car.plan), {.tweeter = m_car.sail}, stop.get_token()));
}

}  // namespace
}  // namespace core
