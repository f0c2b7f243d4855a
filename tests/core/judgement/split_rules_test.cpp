// Rules about crossovers, each on both sides of its limit. Limits: common practice, no source; where a cone beams: L.
// E. Kinsler et al., "Fundamentals of Acoustics" (a piston of 65.5 mm is 6 dB down at 45 degrees from 2612 Hz).
#include <gtest/gtest.h>

#include <algorithm>
#include <numbers>

#include "core/base/grid.h"
#include "core/edits/filter_edits.h"
#include "core/edits/aim_edits.h"
#include "core/edits/named_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/split_sum.h"
#include "core/limits/split_limits.h"
#include "core/physics/preferred_values.h"
#include "tests/core/mends_help.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::after;
using tests::driverAt;
using tests::findingOf;
using tests::goalOf;

Part domeOf(double fs_hz)
{
    Part dome = tests::driverPart("dome", {{Quantity::Re_ohm, 3.3},
                                           {Quantity::Le_h, 0.03e-3},
                                           {Quantity::Fs_hz, fs_hz},
                                           {Quantity::Qms, 2.0},
                                           {Quantity::Qes, 1.5},
                                           {Quantity::Nominal_ohm, 4.0}});
    dome.driverClass = "domeTweeter25";
    return dome;
}

// An added tweeter in the sail, behind one capacitor, whose resonance is a share of where that capacitor begins.
struct Sail {
    Plan plan{};
    DeviceId tweeter{};
};
Sail behindCapacitor(double fs_hz, double capacitance_f)
{
    Sail job{.plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"})};
    job.tweeter = driverAt(job.plan, "left sail");
    job.plan = after(job.plan, fitPart(job.plan, job.tweeter, domeOf(fs_hz)));
    const FilterFound found = filterOf(resolve(job.plan, job.plan.job.goal), job.tweeter);
    job.plan = found.capacitor.device ? after(job.plan, setPartValue(job.plan, found.capacitor, capacitance_f))
                                      : after(job.plan, addCapacitor(job.plan, job.tweeter, capacitance_f));
    return job;
}

TEST(Split4, AFirstOrderBeginsThreeTimesOverTheResonance)
{
    bool fires = false, silent = false;
    for (const double fs_hz : {1000.0, 1200.0, 1400.0, 1600.0, 1800.0, 2000.0, 2200.0}) {
        const Sail job = behindCapacitor(fs_hz, 10e-6);  // 4 kHz into 4 ohm
        const Evaluation evaluation = tests::evaluated(job.plan);
        const RunResult& run = *findRunOfDevice(goalOf(evaluation, job.plan), job.tweeter);
        ASSERT_EQ(highPassOrder(run, evaluation.frequency_hz), 1);
        const auto findings = judge(job.plan, evaluation);
        const Finding* finding = findingOf(findings, RuleId::SplitNearResonance);
        const double begins_hz = *highPassCorner_hz(run.transfer.abs(), evaluation.frequency_hz);
        const bool near = begins_hz < 3.0 * fs_hz;
        EXPECT_EQ(finding != nullptr, near) << fs_hz << ": " << begins_hz;
        (near ? fires : silent) = true;
        if (!finding) continue;
        EXPECT_EQ(finding->severity, finding->couldBe ? Severity::Care : Severity::Stop);
        EXPECT_EQ(splitNearLimit(run, evaluation.frequency_hz, evaluation.practice)->severity, Severity::Stop);
        EXPECT_DOUBLE_EQ(*finding->evidence.front().limit, 3.0 * fs_hz);
        // Its capacitor is small enough: the finding goes with it.
        const Plan mended = apply(job.plan, std::get<Edit>(finding->mends.front().act)).plan;
        EXPECT_EQ(finding->mends.front().name, MendName::ReplaceCapacitor);
        const auto then = judge(mended, tests::evaluated(mended));
        EXPECT_EQ(findingOf(then, RuleId::SplitNearResonance), nullptr) << fs_hz;
    }
    EXPECT_TRUE(fires && silent);
}

TEST(Split4, ASecondOrderHasAnOctaveMore)
{
    std::set<std::optional<Severity>> seen;
    for (const double ratio : {1.1, 1.19, 1.21, 1.6, 1.99, 2.02, 2.4}) {
        tests::SetInDoors job = tests::setInDoors();
        Evaluation evaluation = tests::evaluated(job.plan);
        RunResult run = *findRunOfDevice(goalOf(evaluation, job.plan), job.sail);
        ASSERT_EQ(highPassOrder(run, evaluation.frequency_hz), 2);
        run.driver.fs_hz = *highPassCorner_hz(run.transfer.abs(), evaluation.frequency_hz) / ratio;
        const auto verdict = splitNearLimit(run, evaluation.frequency_hz, evaluation.practice);
        const std::optional<Severity> severity = verdict ? std::optional(verdict->severity) : std::nullopt;
        EXPECT_EQ(severity, ratio < 1.2   ? std::optional(Severity::Stop)
                            : ratio < 2.0 ? std::optional(Severity::Care)
                                          : std::nullopt)
            << ratio;
        seen.insert(severity);
    }
    EXPECT_EQ(seen.size(), 3U);
}

TEST(Split4, WhatTheFactoryMadeIsNobodysChoice)
{
    const Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    const auto findings = judge(plan, tests::evaluated(plan));
    EXPECT_EQ(findingOf(findings, RuleId::SplitNearResonance), nullptr);
    EXPECT_EQ(findingOf(findings, RuleId::HoleAtSplit), nullptr);
}

// A driver that is moved is somebody's choice, though the same reaches it.
TEST(Split6, ATweeterThatIsMovedIsJudged)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    const DeviceId sail = driverAt(plan, "left sail");
    plan.practice[PracticeKey::SplitHoleCare_db] = 2.0;  // the least that may be asked: whatever there is, is said
    plan.practice[PracticeKey::SplitOffCare_db] = 20.0;  // and not as a gap
    const auto standing = judge(plan, tests::evaluated(plan));
    EXPECT_EQ(findingOf(standing, RuleId::HoleAtSplit), nullptr);
    bool said = false;
    for (const double back_m : {0.1, 0.2, 0.3, 0.4, 0.5}) {
        Frame frame = plan.places.at(tests::placeNamed(plan, "left sail")).frame;
        frame.at_m.x -= back_m;
        const Plan moved = after(plan, placeDriver(plan, sail, frame));
        const Evaluation evaluation = tests::evaluated(moved);
        const StageResult& goal = goalOf(evaluation, moved);
        const auto pair = splitPairOf(goal, sail, evaluation.practice);
        if (!pair) continue;
        const auto sum = splitSum(goal, *pair, goal.used.listeners.begin()->first);
        const auto findings = judge(moved, evaluation);
        const bool deep = sum && sum->at_hz && sum->wired.hole_db > 2.0;
        EXPECT_EQ(findingOf(findings, RuleId::HoleAtSplit) != nullptr, deep) << back_m;
        said = said || deep;
    }
    EXPECT_TRUE(said);
}

// Levels that are made: a flat line with a trough about 2 kHz; its width is known.
TEST(Split9, HowWideASumLeavesItsLine)
{
    const Eigen::ArrayXd hz = frequencyGrid_hz();
    const auto trough = [&](double wide_octave, double off_db) {
        return Eigen::ArrayXd(
            ((hz / 2000.0).log().abs() <= 0.5 * wide_octave * std::log(2.0))
                .select(Eigen::ArrayXd::Constant(hz.size(), 80.0 + off_db), Eigen::ArrayXd::Constant(hz.size(), 80.0)));
    };
    const double grid_octave = std::log2(hz(1) / hz(0));
    for (const double wide : {0.4, 0.8, 1.6}) {
        const OffLine gap = offLine(trough(wide, -7.0), 2000.0, -6.0);
        EXPECT_NEAR(gap.wide_octave, wide, 2.0 * grid_octave);
        EXPECT_NEAR(gap.most_db, -7.0, 1e-9);
        EXPECT_EQ(offLine(trough(wide, -7.0), 2000.0, 6.0).wide_octave, 0.0) << "the other way";
        EXPECT_NEAR(offLine(trough(wide, 7.0), 2000.0, 6.0).most_db, 7.0, 1e-9);
        EXPECT_EQ(offLine(trough(wide, -5.9), 2000.0, -6.0).wide_octave, 0.0);
        EXPECT_EQ(offLine(trough(wide, -7.0), 2000.0 * std::exp2(0.6 * wide), -6.0).wide_octave, 0.0) << "beside it";
    }
}

// 3 dB more than either where both are equally loud; the louder one alone where the other is silent.
TEST(Split9, EnergiesAddWhateverThePhase)
{
    SplitSum sum;
    sum.low_db = Eigen::Array2d{70.0, 70.0};
    sum.high_db = Eigen::Array2d{70.0, 20.0};
    EXPECT_NEAR(sum.energy_db()(0), 73.0103, 1e-4);
    EXPECT_NEAR(sum.energy_db()(1), 70.0, 1e-4);
}

// Door and sail on channels of their own, their filters three octaves apart: nobody plays what lies between.
TEST(Split9, FiltersThatDoNotMeetLeaveAGap)
{
    const tests::TwoChannels job = tests::twoChannels();
    const auto findings = [&](double low_hz, double high_hz) {
        Plan set = after(job.plan, setFilter(job.plan, kFactory, job.sail, FilterPlace::None, {}));
        set = after(set, setChannel(set, job.doorChannel, {.lowPass = Filter{low_hz, 4}}));
        set = after(set, setChannel(set, job.sailChannel, {.highPass = Filter{high_hz, 4}}));
        return judge(set, tests::evaluated(set));
    };
    const auto apart = findings(1000.0, 8000.0);
    const Finding* gap = findingOf(apart, RuleId::GapOrOverlap);
    ASSERT_NE(gap, nullptr);
    EXPECT_EQ(gap->severity, Severity::Care);
    EXPECT_GT(gap->evidence.front().figure.value, 0.5);
    EXPECT_LT(gap->evidence[1].figure.value, -6.0);
    EXPECT_EQ(findingOf(apart, RuleId::HoleAtSplit), nullptr) << "a gap says it";
    ASSERT_FALSE(gap->mends.empty());
    EXPECT_EQ(gap->mends.front().name, MendName::FindSplit) << "each has a channel of its own: settings are searched";
    const auto together = findings(3000.0, 3000.0);
    EXPECT_EQ(findingOf(together, RuleId::GapOrOverlap), nullptr);
}

TEST(Split5, AConeBeamsFromItsSizeOn)
{
    RunResult low;
    low.driver.sd_m2 = std::numbers::pi * 0.0655 * 0.0655;
    low.coil[Quantity::Sd_m2] = Known{low.driver.sd_m2};
    EXPECT_FALSE(beamingLimit(2612.0, low));
    const auto verdict = beamingLimit(2613.0, low);
    ASSERT_TRUE(verdict);
    EXPECT_NEAR(*verdict->limit, 2612.47, 0.01);
    EXPECT_EQ(verdict->severity, Severity::Care);
}

// The limit is set to either side of the hole that the sum itself has; turned over, what it would be is its mend.
TEST(Split6, TurnsAtItsLimit)
{
    const tests::SetInDoors job = tests::setInDoors();
    for (const bool turned : {false, true}) {
        Plan plan = turned ? after(job.plan, planTurnOver(job.plan, job.sail)) : job.plan;
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult& goal = goalOf(evaluation, plan);
        const auto pair = splitPairOf(goal, job.sail, evaluation.practice);
        ASSERT_TRUE(pair);
        EXPECT_EQ(goal.runs[pair->low].run.id.coil.device, job.door);
        const auto sum = splitSum(goal, *pair, goal.used.listeners.begin()->first);
        ASSERT_TRUE(sum && sum->at_hz);
        ASSERT_GT(sum->wired.hole_db, 2.0);
        for (const double step : {0.01, -0.01}) {
            plan.practice[PracticeKey::SplitHoleCare_db] = sum->wired.hole_db - step;
            const auto findings = judge(plan, tests::evaluated(plan));
            const auto own = std::find_if(findings.begin(), findings.end(), [&](const Finding& one) {
                return one.rule == RuleId::HoleAtSplit && one.where.front() == Subject{job.sail};
            });
            const Finding* finding = own == findings.end() ? nullptr : &*own;
            EXPECT_EQ(finding != nullptr, step > 0.0);
            if (!finding) continue;
            EXPECT_NEAR(finding->evidence.front().figure.value, sum->wired.hole_db, 1e-9);
            const bool closes = sum->turned.hole_db < sum->wired.hole_db - step;
            EXPECT_EQ(!finding->mends.empty() && finding->mends.front().name == MendName::TurnOver, closes);
        }
    }
}

// The search that a finding offers leaves less to say against the plan than there was, and is one edit; where it
// cannot, it answers nothing.
TEST(Split6, ItsSearchLeavesLessToSay)
{
    const tests::SetInDoors job = tests::setInDoors();
    const Practice practice = tests::shop().practice;
    const auto serious = [](const std::vector<Finding>& findings) {
        return std::count_if(findings.begin(), findings.end(),
                             [](const Finding& one) { return one.severity != Severity::Note; });
    };
    int answered = 0;
    for (Plan plan : {job.plan, after(job.plan, planTurnOver(job.plan, job.sail))})
        for (const double limit_db : {2.0, 3.0, 4.0, 5.0, 6.0}) {
            plan.practice[PracticeKey::SplitHoleCare_db] = limit_db;
            const auto findings = judge(plan, tests::evaluated(plan));
            const Finding* finding = findingOf(findings, RuleId::HoleAtSplit);
            if (!finding) continue;
            const auto mend = std::find_if(finding->mends.begin(), finding->mends.end(),
                                           [](const Mend& one) { return one.name == MendName::FindSplit; });
            ASSERT_NE(mend, finding->mends.end());
            const auto& request = std::get<SolverRequest>(mend->act);
            EXPECT_EQ(request.device, job.sail);
            const auto edit = answer(request, plan, practice, tests::shop().shelf);
            if (!edit) continue;
            ++answered;
            const Plan mended = after(plan, *edit);
            EXPECT_LT(serious(judge(mended, tests::evaluated(mended))), serious(findings)) << limit_db;
        }
    EXPECT_GT(answered, 0);
}

TEST(Split7, StackedWithinTwoOctaves)
{
    const Practice practice = tests::shop().practice;
    for (const double apart : {0.0, 1.0, 1.999})
        EXPECT_TRUE(stackedLimit(100.0, 100.0 * std::exp2(apart), Origin::Stated, practice)) << apart;
    for (const double apart : {-2.001, 2.001, 3.0})
        EXPECT_FALSE(stackedLimit(100.0, 100.0 * std::exp2(apart), Origin::Stated, practice)) << apart;
    // In a plan: the channel's goes, or what it stands on is not said twice.
    const Sail job = behindCapacitor(1500.0, 4.7e-6);
    const Evaluation evaluation = tests::evaluated(job.plan);
    const Port channel = findRunOfDevice(goalOf(evaluation, job.plan), job.tweeter)->run.id.channel;
    const Plan stacked = after(job.plan, setHighPass(job.plan, channel, {4000.0, 2}));
    const auto findings = judge(stacked, tests::evaluated(stacked));
    const Finding* finding = findingOf(findings, RuleId::StackedHighPasses);
    ASSERT_NE(finding, nullptr);
    ASSERT_EQ(finding->mends.front().name, MendName::DropHighPass);
    const Plan mended = after(stacked, std::get<Edit>(finding->mends.front().act));
    const auto then = judge(mended, tests::evaluated(mended));
    EXPECT_EQ(findingOf(then, RuleId::StackedHighPasses), nullptr);
    EXPECT_EQ(resolve(mended, mended.job.goal).settings, resolve(job.plan, job.plan.job.goal).settings);
}

// The radio with two more channels, that nothing hangs on.
Plan withRear(const Plan& plan, DeviceId source)
{
    Part radio = partOf(resolve(plan, kFound), source);
    addChannels(radio, {"RL", "RR"});
    return after(plan, changePart(plan, kFactory, source, radio));
}

// The radio with this high-pass built into a channel and its twin.
Plan builtIn(const Plan& plan, const Port& channel, double from_hz)
{
    Part radio = partOf(resolve(plan, kFound), channel.device);
    for (const std::string& name : {channel.element, radio.inside.at(channel.element).twin}) {
        radio.inside.at(name).figures[Quantity::HighPass_hz] = Known{from_hz};
        radio.inside.at(name).figures[Quantity::HighPassOrder] = Known{2.0};
    }
    return after(plan, changePart(plan, kFactory, channel.device, radio));
}

// What is built in stays; the tweeter's own capacitor may go where that spares it as a first order has to.
TEST(Split7, WhereTheChannelsIsBuiltInTheCapacitorMayGo)
{
    const Sail job = behindCapacitor(1500.0, 4.7e-6);
    const Evaluation evaluation = tests::evaluated(job.plan);
    const Port channel = findRunOfDevice(goalOf(evaluation, job.plan), job.tweeter)->run.id.channel;
    for (const auto& [from_hz, spares] : {std::pair{4400.0, false}, {4600.0, true}}) {
        const Plan plan = builtIn(job.plan, channel, from_hz);
        const auto findings = judge(plan, tests::evaluated(plan));
        const Finding* finding = findingOf(findings, RuleId::StackedHighPasses);
        ASSERT_NE(finding, nullptr) << from_hz;
        ASSERT_EQ(finding->mends.size(), spares ? 1U : 0U) << from_hz;
        if (!spares) continue;
        EXPECT_EQ(finding->mends.front().name, MendName::BypassCapacitor);
        const Plan mended = after(plan, std::get<Edit>(finding->mends.front().act));
        const auto then = judge(mended, tests::evaluated(mended));
        EXPECT_EQ(findingOf(then, RuleId::StackedHighPasses), nullptr);
        EXPECT_EQ(findingOf(then, RuleId::SplitNearResonance), nullptr);
    }
}

TEST(Split10, ACapacitorHasHalfAsMuchToSpare)
{
    const PartBurden burden{.kind = ElementKind::Capacitor,
                            .voltage_v = 20.0,
                            .rating = 1.5 * std::numbers::sqrt2 * 20.0,  // 42.4 V
                            .worst = Origin::Stated};
    const auto severity = [&](double rating_v) {
        const auto verdict = partLimit(burden, Known{rating_v});
        return verdict ? std::optional(verdict->severity) : std::nullopt;
    };
    EXPECT_EQ(severity(42.5), std::nullopt);
    EXPECT_EQ(severity(42.4), Severity::Care);
    EXPECT_EQ(severity(28.3), Severity::Care);  // sqrt 2 x 20 = 28.28
    EXPECT_EQ(severity(28.2), Severity::Stop);
    PartBurden coil = burden;
    coil.kind = ElementKind::Inductor;
    EXPECT_FALSE(partLimit(coil, Known{1.0}));
}

// Its mend is the same value for more volts, on both sides; and another value no longer claims what the old one bore.
TEST(Split10, ItsMendBearsIt)
{
    Sail job = behindCapacitor(1200.0, 6.8e-6);
    const Port capacitor = filterOf(resolve(job.plan, job.plan.job.goal), job.tweeter).capacitor;
    const Plan weak = after(job.plan, rateCapacitor(job.plan, capacitor, 6.3));
    const auto findings = judge(weak, tests::evaluated(weak));
    const Finding* finding = findingOf(findings, RuleId::PartOverRating);
    ASSERT_NE(finding, nullptr);
    EXPECT_EQ(finding->where.size(), 2U) << "both sides";
    ASSERT_EQ(finding->mends.size(), 1U);
    EXPECT_EQ(finding->mends.front().name, MendName::HigherRating);
    EXPECT_EQ(tests::expectMendsHelp(weak, *finding), 1);
    const Plan mended = after(weak, std::get<Edit>(finding->mends.front().act));
    const Fitout fitout = resolve(mended, mended.job.goal);
    const Figures figures = figuresOf(partOf(fitout, capacitor.device), capacitor.element);
    EXPECT_EQ(valueOf(figures, Quantity::RatedVoltage_v), finding->mends.front().figure);
    EXPECT_EQ(valueOf(figures, Quantity::Capacitance_f), 6.8e-6);
    const Plan other = after(mended, setPartValue(mended, capacitor, 4.7e-6));
    const Fitout then = resolve(other, other.job.goal);
    EXPECT_FALSE(figuresOf(partOf(then, capacitor.device), capacitor.element).contains(Quantity::RatedVoltage_v));
}

TEST(RatedVoltage, IsTheNextOfItsSeries)
{
    for (const auto& [least_v, rated_v] :
         {std::pair{6.3, 6.3}, {6.4, 10.0}, {42.4, 63.0}, {63.1, 100.0}, {100.0, 100.0}, {101.0, 160.0}, {0.11, 0.16}})
        EXPECT_NEAR(ratedVoltageFor(least_v)->value, rated_v, 1e-12) << least_v;
    EXPECT_FALSE(ratedVoltageFor(0.0));
}

TEST(Split11, ANetworkWantsTheWholeLine)
{
    const tests::SetInDoors job = tests::setInDoors();
    const Evaluation evaluation = tests::evaluated(job.plan);
    const Port channel = findRunOfDevice(goalOf(evaluation, job.plan), job.door)->run.id.channel;
    for (const auto& [from_hz, said] : {std::pair{149.0, false}, {151.0, true}}) {
        const Plan plan = after(job.plan, setHighPass(job.plan, channel, {from_hz, 2}));
        const auto findings = judge(plan, tests::evaluated(plan));
        const Finding* finding = findingOf(findings, RuleId::NetworkOnFilteredLine);
        ASSERT_EQ(finding != nullptr, said) << from_hz;
        if (!finding) continue;
        const Plan mended = after(plan, std::get<Edit>(finding->mends.front().act));
        const auto then = judge(mended, tests::evaluated(mended));
        EXPECT_EQ(findingOf(then, RuleId::NetworkOnFilteredLine), nullptr);
    }
}

// The source at a pair of screws for a speaker, and that speaker at the input; or a link round the board. Each is said
// once for both sides, and its mend leaves the plan as it was before anybody got it wrong.
TEST(Split13, ABoardWiredBackwardsIsSaid)
{
    const tests::SetInDoors job = tests::setInDoors();
    const auto says = [](const Plan& plan) {
        const auto findings = judge(plan, tests::evaluated(plan));
        const Finding* finding = findingOf(findings, RuleId::NetworkBackwards);
        return finding ? std::optional(*finding) : std::nullopt;
    };
    EXPECT_FALSE(says(job.plan));
    const Fitout goal = resolve(job.plan, job.plan.job.goal);
    const DeviceId left = networkOf(goal, job.door), right = networkOf(goal, driverAt(job.plan, "right front door"));
    const auto swapped = [&](DeviceId board, char leg) {
        Plan plan = job.plan;
        const std::string screw(1, leg);
        for (auto& [key, wire] : plan.wires)
            for (Pin* end : {&wire->a, &wire->b}) {
                if (end->device != board) continue;
                const std::string pole = end->terminal.substr(end->terminal.size() - 1);
                if (end->terminal == "in" + pole)
                    end->terminal = screw + pole;
                else if (end->terminal == screw + pole)
                    end->terminal = "in" + pole;
            }
        return plan;
    };
    for (const char leg : {'w', 't'}) {
        const Plan wrong = swapped(left, leg);
        ASSERT_NE(wrong, job.plan);
        const auto finding = says(wrong);
        ASSERT_TRUE(finding) << leg;
        EXPECT_EQ(finding->severity, Severity::Stop);
        EXPECT_EQ(finding->where, std::vector<Subject>{left}) << "the other side is right";
        ASSERT_EQ(finding->mends.size(), 1U);
        const Plan mended = after(wrong, std::get<Edit>(finding->mends.front().act));
        EXPECT_EQ(resolve(mended, mended.job.goal).wires, goal.wires);
    }
    // A return that is led to another minus screw is the same point.
    Plan shared = job.plan;
    shared.wires[{shared.job.goal, drawId<WireId>(shared)}] = Wire{.a = {left, "in-"}, .b = {left, "t-"}};
    EXPECT_FALSE(says(shared));
    Plan linked = job.plan;
    for (const DeviceId board : {left, right})
        linked.wires[{linked.job.goal, drawId<WireId>(linked)}] = Wire{.a = {board, "in+"}, .b = {board, "t+"}};
    const auto finding = says(linked);
    ASSERT_TRUE(finding);
    EXPECT_EQ(finding->where.size(), 2U) << "both sides";
    const Plan mended = after(linked, std::get<Edit>(finding->mends.front().act));
    EXPECT_EQ(resolve(mended, mended.job.goal).wires, goal.wires);
    EXPECT_FALSE(says(mended));
}

// A line that is filtered for good is left for one that is not, on both sides; with none free nothing is offered.
TEST(Split11, ABuiltInFilterIsLeftForAnotherChannel)
{
    const tests::SetInDoors job = tests::setInDoors();
    const auto channelOf = [](const Plan& plan, DeviceId device) {
        return findRunOfDevice(goalOf(tests::evaluated(plan), plan), device)->run.id.channel;
    };
    const Port left = channelOf(job.plan, job.door);
    const DeviceId rightDoor = driverAt(job.plan, "right front door");
    const Plan plan = withRear(builtIn(job.plan, left, 200.0), left.device);
    const auto findings = judge(plan, tests::evaluated(plan));
    const Finding* finding = findingOf(findings, RuleId::NetworkOnFilteredLine);
    ASSERT_NE(finding, nullptr);
    ASSERT_EQ(finding->mends.size(), 1U);
    EXPECT_EQ(finding->mends.front().name, MendName::FeedFullRange);
    const Plan mended = after(plan, std::get<Edit>(finding->mends.front().act));
    const auto then = judge(mended, tests::evaluated(mended));
    EXPECT_EQ(findingOf(then, RuleId::NetworkOnFilteredLine), nullptr);
    const Fitout goal = resolve(mended, mended.job.goal);
    const Port now = channelOf(mended, job.door);
    EXPECT_NE(now, left);
    EXPECT_EQ(channelOf(mended, job.sail), now) << "tweeter and woofer with their board";
    EXPECT_EQ(channelOf(mended, rightDoor).element, partOf(goal, now.device).inside.at(now.element).twin);
    const auto sign = [](const Plan& one, DeviceId device) {
        return findRunOfDevice(goalOf(tests::evaluated(one), one), device)->run.sign;
    };
    for (const DeviceId device : {job.door, job.sail, rightDoor}) EXPECT_EQ(sign(mended, device), sign(plan, device));
    // With no other channel there is no such mend.
    const Plan two = builtIn(job.plan, left, 200.0);
    const auto said = judge(two, tests::evaluated(two));
    const Finding* again = findingOf(said, RuleId::NetworkOnFilteredLine);
    ASSERT_NE(again, nullptr);
    EXPECT_TRUE(again->mends.empty());
}

}  // namespace
}  // namespace core
