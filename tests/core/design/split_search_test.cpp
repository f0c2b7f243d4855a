// The search for a crossover: what it says of its answers holds in the plan that it makes of them, and nothing it did
// not choose is better by its own measure.
#include "core/design/split_search.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/base/grid.h"
#include "core/design/others_load.h"
#include "core/edits/coil_edits.h"
#include "core/edits/named_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/set_edits.h"
#include "core/edits/survey_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/solve_circuit.h"
#include "core/evaluate/split_sum.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/resolve.h"
#include "core/io/plan_file.h"
#include "core/limits/split_limits.h"
#include "core/physics/driver.h"
#include "core/shipped/shipped.h"
#include "tests/core/surveyed_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

using tests::after;
using tests::driverAt;
using tests::goalOf;

const SplitAnswer* answerOf(const SplitSearch& search, SplitKind kind)
{
    for (const SplitAnswer& one : search.answers)
        if (one.kind == kind) return &one;
    return nullptr;
}

TEST(SplitSearch, AnswersThreeInKind)
{
    const tests::SetInDoors job = tests::setInDoors();
    const auto search = searchSplits(job.plan, tests::evaluated(job.plan), {.tweeter = job.sail});
    ASSERT_TRUE(search);
    EXPECT_GT(search->tried, 50'000U);
    EXPECT_GT(search->refused, 0U);
    const SplitAnswer* standing = answerOf(*search, SplitKind::NoNewParts);
    const SplitAnswer* fewest = answerOf(*search, SplitKind::FewestParts);
    const SplitAnswer* even = answerOf(*search, SplitKind::MostEven);
    ASSERT_TRUE(standing && fewest && even);
    EXPECT_EQ(standing->parts, 0);
    EXPECT_EQ(fewest->parts, 1);
    EXPECT_GT(even->parts, 1);
    EXPECT_LT(even->found.even_db, fewest->found.even_db);
    EXPECT_LT(even->found.even_db, standing->found.even_db);
}

// What was turned over before anything is searched.
enum class Turned { Nothing, Tweeters, Woofers, OneTweeter };
class SplitFrom : public testing::TestWithParam<Turned> {
protected:
    static tests::SetInDoors turned(Turned what)
    {
        tests::SetInDoors job = tests::setInDoors();
        const DeviceId door = driverAt(job.plan, "right front door"), sail = driverAt(job.plan, "right sail");
        const std::vector<DeviceId> over = what == Turned::Tweeters     ? std::vector{job.sail, sail}
                                           : what == Turned::Woofers    ? std::vector{job.door, door}
                                           : what == Turned::OneTweeter ? std::vector{job.sail}
                                                                        : std::vector<DeviceId>{};
        if (!over.empty()) job.plan = after(job.plan, planTurnOver(job.plan, over));
        return job;
    }
};

// Each answer is one edit, valid, undone whole; in the plan that it makes the hand-over lies where it was said to lie,
// and both push together as they were said to, whatever stood there before.
TEST_P(SplitFrom, WhatIsSaidHoldsInThePlan)
{
    const tests::SetInDoors job = turned(GetParam());
    const auto search = searchSplits(job.plan, tests::evaluated(job.plan), {.tweeter = job.sail});
    ASSERT_TRUE(search);
    for (const SplitAnswer& answer : search->answers) {
        const Plan plan = after(job.plan, answer.edit);
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult& goal = goalOf(evaluation, plan);
        const auto pair = splitPairOf(goal, job.sail, evaluation.practice);
        ASSERT_TRUE(pair);
        const auto sum = splitSum(goal, *pair, goal.used.listeners.begin()->first);
        ASSERT_TRUE(sum && sum->at_hz);
        // The drivers' boxes, the cable and the output's own ohms are in the plan and not in the search.
        EXPECT_NEAR(std::log2(*sum->at_hz / answer.found.at_hz), 0.0, 0.35) << static_cast<int>(answer.kind);
        const auto there = searchSplits(plan, evaluation, {.tweeter = job.sail});
        ASSERT_TRUE(there);
        const SplitCandidate& stands = answerOf(*there, SplitKind::NoNewParts)->found;
        EXPECT_FALSE(stands.turned) << static_cast<int>(answer.kind) << ": it was said to be the better way round";
        EXPECT_NEAR(stands.even_db, answer.found.even_db, 0.6) << static_cast<int>(answer.kind);
        const RunResult& tweeter = goal.runs[pair->high];
        EXPECT_FALSE(splitNearLimit(tweeter, evaluation.frequency_hz, evaluation.practice) &&
                     answer.kind != SplitKind::NoNewParts)
            << "a tweeter that is spared in the search is spared in the plan";
        if (answer.edit.changes.empty()) continue;  // as it stands
        // Both sides alike: each tweeter pushes with its woofer as on the other side.
        const auto sign = [&](DeviceId device) { return findRunOfDevice(goal, device)->run.sign; };
        EXPECT_EQ(sign(job.sail) * sign(job.door),
                  sign(driverAt(job.plan, "right sail")) * sign(driverAt(job.plan, "right front door")));
    }
}

INSTANTIATE_TEST_SUITE_P(Before, SplitFrom,
                         testing::Values(Turned::Nothing, Turned::Tweeters, Turned::Woofers, Turned::OneTweeter));

// The tweeters of the shipped demo have a capacitor of their own: what is answered does not stack another one on it.
TEST(SplitSearch, ATweetersOwnCapacitorIsNotStacked)
{
    const Plan plan = readPlanText(std::string(shippedDemoText()), "demo.reed")->plan;
    constexpr DeviceId kSail{37};
    const auto search = searchSplits(plan, tests::evaluated(plan), {.tweeter = kSail});
    ASSERT_TRUE(search);
    for (const SplitAnswer& answer : search->answers) {
        const Plan done = after(plan, answer.edit);
        const Evaluation evaluation = tests::evaluated(done);
        const StageResult& goal = goalOf(evaluation, done);
        const double carries_f = findRunOfDevice(goal, kSail)->seriesCapacitance_f.value_or(0.0);
        EXPECT_NEAR(carries_f, tests::tweeterSeries_f(answer.found.parts).value_or(carries_f), 1e-12);
        const auto pair = splitPairOf(goal, kSail, evaluation.practice);
        const auto sum = splitSum(goal, *pair, goal.used.listeners.begin()->first);
        ASSERT_TRUE(sum && sum->at_hz);
        EXPECT_NEAR(std::log2(*sum->at_hz / answer.found.at_hz), 0.0, 0.35) << static_cast<int>(answer.kind);
    }
}

// Nothing that could have been built is better: a grid of candidates, each built as a plan and judged by the search on
// what stands there.
TEST(SplitSearch, NoOtherCapacitorAloneIsBetter)
{
    const tests::SetInDoors job = tests::setInDoors();
    const Evaluation evaluation = tests::evaluated(job.plan);
    const auto search = searchSplits(job.plan, evaluation, {.tweeter = job.sail});
    const SplitAnswer* fewest = answerOf(*search, SplitKind::FewestParts);
    ASSERT_TRUE(fewest);
    const double part_db = evaluation.practice[PracticeKey::SplitPart_db];
    for (const double series_f : {2.2e-6, 2.7e-6, 3.3e-6, 3.9e-6, 4.7e-6, 5.6e-6, 6.8e-6, 8.2e-6}) {
        Part board = boardOf(tests::partsOf({.tweeterSeries_f = series_f}), "tried");
        const Plan plan = after(job.plan, fitNetwork(job.plan, tests::onBoard(job.door, job.sail), board));
        const Evaluation tried = tests::evaluated(plan);
        const StageResult& goal = goalOf(tried, plan);
        if (splitNearLimit(*findRunOfDevice(goal, job.sail), tried.frequency_hz, tried.practice)) continue;
        const auto there = searchSplits(plan, tried, {.tweeter = job.sail});
        ASSERT_TRUE(there);
        const SplitCandidate& standing = answerOf(*there, SplitKind::NoNewParts)->found;
        EXPECT_GT(standing.cost_db + part_db, fewest->found.cost_db - 0.3) << series_f;
    }
}

TEST(SplitSearch, StopsAndTellsHowFarItIs)
{
    const tests::SetInDoors job = tests::setInDoors();
    const Evaluation evaluation = tests::evaluated(job.plan);
    double last = -1.0;
    int told = 0;
    std::stop_source stop;
    const auto stopped = searchSplits(job.plan, evaluation, {.tweeter = job.sail}, stop.get_token(), [&](double share) {
        EXPECT_GT(share, last);
        last = share;
        if (++told == 5) stop.request_stop();
    });
    EXPECT_FALSE(stopped);
    EXPECT_EQ(told, 5);
    EXPECT_FALSE(searchSplits(job.plan, evaluation, {.tweeter = job.door})) << "a woofer takes over from nobody";
}

// A target that falls to the highs wants less of the tweeter.
TEST(SplitSearch, AFallingTargetPadsTheTweeter)
{
    const tests::SetInDoors job = tests::setInDoors();
    const Evaluation evaluation = tests::evaluated(job.plan);
    const auto pad = [&](double slope_db) {
        const auto search = searchSplits(job.plan, evaluation, {.tweeter = job.sail, .slope_db_octave = slope_db});
        return tests::valueOf(answerOf(*search, SplitKind::MostEven)->found.parts, Leg::Tweeter, ElementKind::Resistor, true)
            .value_or(0.0);
    };
    EXPECT_GT(pad(-2.0), pad(1.0));
}

// A woofer of two coils is taken as its coils are joined: what the channel would see, and how loud it is.
TEST(SplitSearch, TwoCoilsAreTakenAsTheyAreJoined)
{
    const tests::SetInDoors job = tests::setInDoors();
    const auto parts = tests::shop().shelf.of(PartKind::Driver);
    const auto dual = std::find_if(parts.begin(), parts.end(), [](const Part* part) {
        const std::string coil = firstOf(*part, ElementKind::Coil);
        return coilsOfCone(*part, coil).size() == 2 && valueOf(figuresOf(*part, coil), Quantity::Nominal_ohm) == 4.0;
    });
    ASSERT_NE(dual, parts.end());
    const Plan fitted = after(job.plan, fitPart(job.plan, job.door, **dual));
    int answered = 0;
    for (const CoilJoin join : {CoilJoin::Parallel, CoilJoin::Series, CoilJoin::One}) {
        const Plan plan = after(fitted, connectCoils(fitted, fitted.job.goal, job.door, join));
        const auto search = searchSplits(plan, tests::evaluated(plan), {.tweeter = job.sail});
        ASSERT_TRUE(search);
        for (const SplitAnswer& answer : search->answers) {
            if (answer.kind == SplitKind::NoNewParts) continue;
            ++answered;
            const Plan planned = after(plan, answer.edit);
            const Evaluation evaluation = tests::evaluated(planned);
            const StageResult& goal = goalOf(evaluation, planned);
            EXPECT_NEAR(findCircuit(goal, goal.runs.front().run.id.channel)->least_ohm / answer.found.least_ohm, 1.0, 0.12)
                << static_cast<int>(join);
            const auto there = searchSplits(planned, evaluation, {.tweeter = job.sail});
            EXPECT_NEAR(answerOf(*there, SplitKind::NoNewParts)->found.even_db, answer.found.even_db, 0.8)
                << static_cast<int>(join);
        }
    }
    EXPECT_GE(answered, 2);
}

// Where parts cost nothing, a leg of third order is chosen somewhere; its second capacitor is three times its first, as
// Zverev's singly terminated Butterworth has it (g = 1.5, 4/3, 0.5), the nearest of E12.
TEST(SplitSearch, AThirdOrderIsAButterworth)
{
    int third = 0;
    for (Plan plan : {tests::setInDoors().plan, readPlanText(std::string(shippedDemoText()), "demo.reed")->plan}) {
        plan.practice[PracticeKey::SplitPart_db] = 0.0;
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult& stage = goalOf(evaluation, plan);
        for (const SplitPair& pair : splitPairs(stage, evaluation.practice))
            for (const double slope_db : {0.0, -1.0, -2.0, 1.0}) {
                if (!canBeParted(stage, pair)) continue;
                const DeviceId tweeter = stage.runs[pair.high].run.id.coil.device;
                const auto search =
                    searchSplits(plan, evaluation, {.tweeter = tweeter, .slope_db_octave = slope_db});
                const SplitAnswer* even = search ? answerOf(*search, SplitKind::MostEven) : nullptr;
                if (!even) continue;
                std::vector<double> capacitors_f;
                for (const LegPart& part : even->found.parts.at(Leg::Tweeter))
                    if (part.kind == ElementKind::Capacitor && part.series) capacitors_f.push_back(part.value);
                if (capacitors_f.size() < 2) continue;
                ++third;
                EXPECT_NEAR(capacitors_f[1] / capacitors_f[0], 3.0, 0.36) << "half a step of E12";
            }
    }
    EXPECT_GT(third, 0);
}

// A saloon whose doors and sails play a set, and whose rear doors hang on the same channels.
struct WithRear {
    Plan plan{};
    DeviceId door{}, sail{}, rear{};
};
WithRear setWithRear()
{
    WithRear job{.plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail", "rear door"})};
    job.door = driverAt(job.plan, "left front door");
    job.sail = driverAt(job.plan, "left sail");
    job.rear = driverAt(job.plan, "left rear door");
    const Port channel = findRunOfDevice(goalOf(tests::evaluated(job.plan), job.plan), job.door)->run.id.channel;
    job.plan = after(job.plan, connectSpeaker(job.plan, kFactory, job.rear, channel));
    const auto set =
        contentsOf(tests::shop().shelf, *tests::shop().shelf.find("set-orchid"), tests::shop().practice);
    job.plan = after(job.plan, fitSet(job.plan, job.door, *set, tests::shop().vehicles, tests::shop().practice));
    Part radio = partOf(resolve(job.plan, kFound), channel.device);
    for (auto& [name, element] : radio.inside) element.figures[Quantity::LeastLoad_ohm] = Known{1.0};
    job.plan = after(job.plan, changePart(job.plan, kFactory, channel.device, radio));  // it drives them all
    return job;
}

// What else hangs on the channel draws its share: the least load that is said is that of the plan which comes of it.
TEST(SplitSearch, WhateverElseHangsOnTheChannelCounts)
{
    const WithRear job = setWithRear();
    const auto leastIn = [&](const Plan& plan) {
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult& goal = goalOf(evaluation, plan);
        return findCircuit(goal, findRunOfDevice(goal, job.sail)->run.id.channel)->least_ohm;
    };
    const auto search = searchSplits(job.plan, tests::evaluated(job.plan), {.tweeter = job.sail});
    ASSERT_TRUE(search);
    ASSERT_GT(search->answers.size(), 1U);
    for (const SplitAnswer& answer : search->answers)
        EXPECT_NEAR(leastIn(after(job.plan, answer.edit)) / answer.found.least_ohm, 1.0, 0.1)
            << static_cast<int>(answer.kind);
}

// What hangs there beside the pair is one speaker, at the end of its cable; nothing where nothing else is there.
TEST(OthersLoad, IsTheChannelWithoutThesePlayers)
{
    const WithRear job = setWithRear();
    const Evaluation evaluation = tests::evaluated(job.plan);
    const StageResult& goal = goalOf(evaluation, job.plan);
    const SplitPair pair = *splitPairOf(goal, job.sail, evaluation.practice);
    ASSERT_EQ(goal.runs[pair.low].run.id.coil.device, job.door) << "of its board, not the smaller one behind it";
    const Eigen::ArrayXcd others_s = othersOnChannel_s(job.plan, evaluation, {pair.low, pair.high});
    // A coaxial: its cone, and beside it the tweeter inside behind its capacitor.
    Eigen::ArrayXcd rear_s = Eigen::ArrayXcd::Zero(others_s.size());
    for (const RunResult& run : goal.runs) {
        if (run.run.id.coil.device != job.rear) continue;
        Eigen::ArrayXcd branch_ohm = impedance_ohm(run.driver, evaluation.frequency_hz);
        if (run.seriesCapacitance_f)
            branch_ohm += (laplace(evaluation.frequency_hz) * *run.seriesCapacitance_f).inverse();
        rear_s += branch_ohm.inverse();
    }
    // Two coils of 1000 ohm lie beside it; boxes and cable are in the channel and not here.
    EXPECT_LT(((others_s - rear_s) / rear_s).abs().maxCoeff(), 0.05);
    const tests::SetInDoors alone = tests::setInDoors();
    const Evaluation other = tests::evaluated(alone.plan);
    const SplitPair two = *splitPairOf(goalOf(other, alone.plan), alone.sail, other.practice);
    EXPECT_EQ(othersOnChannel_s(alone.plan, other, {two.low, two.high}).abs().maxCoeff(), 0.0);
}

}  // namespace
}  // namespace core
