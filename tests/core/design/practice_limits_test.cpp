// Common practice without a rule of its own: each value on both sides of where it turns, or the figure that rests on it
// worked out once more here. The numbers are practice.json's; common practice, no source.
#include <gtest/gtest.h>

#include <array>
#include <cmath>
#include <numbers>

#include "core/advice/boundary_advice.h"
#include "core/advice/deviations.h"
#include "core/base/grid.h"
#include "core/design/align.h"
#include "core/design/remedies.h"
#include "core/design/seat_sound.h"
#include "core/edits/lead_edits.h"
#include "core/edits/place_edits.h"
#include "core/evaluate/hearing.h"
#include "core/fit/fit_of.h"
#include "core/fitout/driver_work.h"
#include "core/fitout/sides.h"
#include "core/judgement/judge.h"
#include "core/shipped/shipped.h"
#include "tests/core/demo_plan.h"
#include "tests/core/twelve_runs.h"

namespace core {
namespace {

const Shop& limitsShop()
{
    static const Shop shipped = shippedShop();
    return shipped;
}

// Where a driver plays between 250 Hz and 16 kHz, not more than 10 dB under its loudest there.
struct Playing {
    double level_db = 0.0, centre_octave = 0.0;
};
Playing playing(const RunResult& run)
{
    const Eigen::ArrayXd hz = frequencyGrid_hz();
    const Eigen::ArrayXd level_db = 20.0 * run.pressure_pa_v.abs().log10();
    double loudest_db = -1e9, count = 0.0;
    const auto inside = [&](Eigen::Index i) { return hz(i) >= 250.0 && hz(i) <= 16000.0; };
    for (Eigen::Index i = 0; i < hz.size(); ++i)
        if (inside(i)) loudest_db = std::max(loudest_db, level_db(i));
    Playing result;
    for (Eigen::Index i = 0; i < hz.size(); ++i) {
        if (!inside(i) || !(level_db(i) > loudest_db - 10.0)) continue;
        result.level_db += level_db(i);
        result.centre_octave += std::log2(hz(i));
        count += 1.0;
    }
    return {result.level_db / count, result.centre_octave / count};
}

// Two bands of one side: said where their middles are two octaves apart or more, and their levels over 1.5 dB.
TEST(Mismatch, OfTwoWaysIsTheDifferenceWhereEachPlays)
{
    Plan plan = readPlanText(std::string(shippedDemoText()), "demo").value().plan;
    const Evaluation evaluation = tests::evaluated(plan);
    DeviceId woofer, tweeter;
    for (const auto& [id, device] : evaluation.stages.at(plan.job.goal)->used.devices) {
        const Place* place = placeOf(evaluation.stages.at(plan.job.goal)->used, id);
        if (place && place->name == "left front door") woofer = id;
        if (place && place->name == "left sail") tweeter = id;
    }
    ASSERT_TRUE(woofer && tweeter);
    int said = 0, oneBand = 0;
    for (const Part* part : limitsShop().shelf.of(PartKind::Driver)) {
        const Plan tried = apply(plan, fitPluggedIn(plan, woofer, *part, nullptr)).plan;
        const Evaluation after = tests::evaluated(tried);
        const StageResult& goal = *after.stages.at(tried.job.goal);
        const RunResult *low = findRunOfDevice(goal, woofer), *high = findRunOfDevice(goal, tweeter);
        if (!low || !high) continue;
        const Playing a = playing(*low), b = playing(*high);
        const double apart_db = std::abs(a.level_db - b.level_db);
        const double apart_octave = std::abs(a.centre_octave - b.centre_octave);
        std::optional<double> found_db;
        for (const Finding& finding : judge(tried, after))
            if (finding.rule == RuleId::LevelMismatch && finding.where.size() == 2 &&
                std::set<Subject>(finding.where.begin(), finding.where.end()) ==
                    std::set<Subject>{Subject{woofer}, Subject{tweeter}})
                found_db = figureOf(finding, Quantity::Mismatch_db);
        EXPECT_EQ(found_db.has_value(), apart_octave >= 2.0 && apart_db > 1.5) << part->shelfKey << " " << apart_octave;
        if (found_db) {
            EXPECT_NEAR(*found_db, apart_db, 1e-9) << part->shelfKey;
        }
        said += found_db && apart_octave < 2.5;
        oneBand += apart_octave < 2.0 && apart_octave > 1.5 && apart_db > 1.5;
    }
    EXPECT_GE(said, 1) << "just over two octaves";
    EXPECT_GE(oneBand, 1) << "just under";
}

// Two alike drivers in the open, on a channel each.
struct Pair {
    Plan plan = tests::demoPlan();
    const ListenerId driver{5};
    const Port left{tests::kRadio, "RL"}, right{tests::kRadio, "RR"};

    Pair(double left_m, double right_m)
    {
        plan.body.kind = BodyKind::Motorcycle;
        plan.listeners.at(driver).head_m = {0.0, 0.0, 1.0};
        put(tests::kLeftSpeaker, {0.3, std::sqrt(left_m * left_m - 0.09), 1.0});
        put(tests::kRightSpeaker, {0.3, -std::sqrt(right_m * right_m - 0.09), 1.0});
    }
    void put(DeviceId device, const Vec3& at)
    {
        const Vec3 way = plan.listeners.at(driver).head_m - at;
        plan.mounts[{plan.job.goal, device}] = Mount{.frame = Frame{at, (1.0 / length(way)) * way}};
    }
};

TEST(AlignPractice, BassIsSixtyToThreeHundredAndTheImageTwoFiftyToFourThousand)
{
    Pair pair(0.92, 1.58);
    pair.plan.settings[{pair.plan.job.goal, pair.right}] = Setting{.gain_db = -2.0, .delay_s = 1e-3};
    const Evaluation evaluation = tests::evaluated(pair.plan);
    const StageResult& stage = *evaluation.stages.at(pair.plan.job.goal);
    const SeatSound sound(stage, evaluation.practice, std::array{pair.driver});
    const SeatScore score = sound.scores(sound.standing()).front();
    const Ears<Eigen::ArrayXcd> left = channelAt(stage, pair.left, pair.driver);
    const Ears<Eigen::ArrayXcd> right = channelAt(stage, pair.right, pair.driver);
    const Eigen::ArrayXd hz = frequencyGrid_hz();
    double left2 = 0.0, right2 = 0.0, loss_db = 0.0, count = 0.0;
    for (Eigen::Index i = 0; i < hz.size(); i += 4) {
        const auto square = [i](const auto& of) { return 0.5 * (of(0) + of(1)); };
        if (hz(i) >= 250.0 && hz(i) <= 4000.0) {
            left2 += square([&](size_t ear) { return std::norm(left[ear](i)); });
            right2 += square([&](size_t ear) { return std::norm(right[ear](i)); });
        }
        if (hz(i) < 60.0 || hz(i) > 300.0) continue;
        const double together = square([&](size_t ear) { return std::norm(left[ear](i) + right[ear](i)); });
        const double best =
            square([&](size_t ear) { return std::pow(std::abs(left[ear](i)) + std::abs(right[ear](i)), 2.0); });
        loss_db += 10.0 * std::log10(best / std::max(together, 0.01 * best));
        count += 1.0;
    }
    EXPECT_NEAR(score.sides_db, 10.0 * std::log10(left2 / right2), 1e-9);
    EXPECT_NEAR(score.loss_db, loss_db / count, 1e-9);
    for (const ChannelSound& channel : sound.channels()) {
        EXPECT_EQ(channel.mostDelay_s, 0.02) << "nobody said how far it delays";
        EXPECT_FALSE(channel.delayKnown);
    }
}

TEST(AlignPractice, WhatIsSetHasTheStepsOfAProcessor)
{
    int oddDelays = 0, oddGains = 0;
    for (const double right_m : {1.31, 1.35, 1.44, 1.58}) {
        const Pair pair(0.92, right_m);
        const auto found = align(pair.plan, limitsShop().practice, std::array{pair.driver});
        for (const ChannelAlignment& channel : found->channels) {
            const double delay = channel.now.delay_s / 1e-5, gain = channel.now.gain_db / 0.1;
            EXPECT_NEAR(delay, std::round(delay), 1e-6);
            EXPECT_NEAR(gain, std::round(gain), 1e-6);
            oddDelays += std::lround(delay) % 2 != 0;
            oddGains += std::lround(gain) % 2 != 0;
        }
    }
    EXPECT_GE(oddDelays, 1) << "no coarser step";
    EXPECT_GE(oddGains, 1) << "no coarser step";
}

// From 30 mm on a surface is a boundary; two count as two from a cosine of 0.35 down.
TEST(BoundaryPractice, WhatIsMountedOnAndWhatIsAskewDoNotCount)
{
    const FlatPanel floor{{-5.0, -5.0, 0.0}, {10.0, 0.0, 0.0}, {0.0, 10.0, 0.0}};
    const auto countOf = [&](double above_m, const std::vector<FlatPanel>& panels) {
        Cabin cabin;
        cabin.panels = panels;
        const auto advice = boundaryAdvice({.at_m = {0.0, 0.0, above_m}}, cabin, limitsShop().practice);
        return advice ? advice->distances_m.size() : 0U;
    };
    EXPECT_EQ(countOf(0.0299, {floor}), 0U);
    EXPECT_EQ(countOf(0.0301, {floor}), 1U);
    // A wall 0.5 m away whose normal leans towards the floor's by this cosine.
    const auto wall = [](double cosine) {
        const double sine = std::sqrt(1.0 - cosine * cosine);
        const Vec3 up{-cosine, 0.0, sine};  // along the wall, across its normal (sine, 0, cosine)
        const Vec3 foot = 0.5 * Vec3{sine, 0.0, cosine} + Vec3{0.0, 0.0, 0.2};
        return FlatPanel{foot - 4.0 * up + Vec3{0.0, -4.0, 0.0}, {0.0, 8.0, 0.0}, 8.0 * up};
    };
    EXPECT_EQ(countOf(0.2, {floor, wall(0.349)}), 2U);
    EXPECT_EQ(countOf(0.2, {floor, wall(0.351)}), 1U);
}

TEST(BoundaryPractice, IsSaidOfDriversThatResonateUpTo120Hertz)
{
    const Evaluation evaluation = tests::evaluated(tests::TwelveRuns().plan);
    StageResult stage = *evaluation.stages.at(kFound);
    ASSERT_TRUE(boundaryAdvice(stage.ways[0].source, stage.cabin, evaluation.practice));
    stage.runs[0].driver.fs_hz = 119.9;
    EXPECT_TRUE(boundaryAdvice(stage, 0, evaluation.practice));
    stage.runs[0].driver.fs_hz = 120.1;
    EXPECT_FALSE(boundaryAdvice(stage, 0, evaluation.practice));
}

TEST(DeviationPractice, StartsAtFivePercentOfTheLarger)
{
    const Part& original = *limitsShop().shelf.find("wb-dunlin-6");
    const auto listed = [&](double factor) {
        Part part = original;
        part.figures[Quantity::Re_ohm].value *= factor;
        return !deviationsFrom(original, part, limitsShop().practice).empty();
    };
    EXPECT_FALSE(listed(0.951));
    EXPECT_TRUE(listed(0.949));
    EXPECT_FALSE(listed(1.0 / 0.951));
    EXPECT_TRUE(listed(1.0 / 0.949));
}

// An oval body of 150 x 100 mm under a flange of 180 x 130 mm.
TEST(OvalPractice, LeavesRoomCoversThePanelAndKeepsMetal)
{
    const auto fitWith = [](double opening_m, double circle_m) {
        const Part driver{.kind = PartKind::Driver,
                          .figures = {{Quantity::Basket_m, Known{0.15}},
                                      {Quantity::BasketShort_m, Known{0.10}},
                                      {Quantity::Flange_m, Known{0.18}},
                                      {Quantity::ScrewHole_m, Known{0.005}},
                                      {Quantity::ScrewCount, Known{4.0}},
                                      {Quantity::ScrewCircle_m, Known{circle_m}}}};
        Place place;
        place.room[Quantity::Cutout_m] = Known{opening_m};
        return *fitOf({driver, place, Mount{}}, limitsShop().practice).hole;
    };
    const HoleFit fit = fitWith(0.152, 0.17);
    EXPECT_NEAR(fit.ovalCut->long_m, 0.075 + 0.001, 1e-12);
    EXPECT_NEAR(fit.ovalCut->short_m, 0.05 + 0.001, 1e-12);
    EXPECT_NEAR(fit.limits.most_m, 0.18 - 2.0 * 0.004, 1e-12);
    EXPECT_FALSE(fitWith(0.1720, 0.9).ring) << "4 mm of the flange all round";
    EXPECT_TRUE(fitWith(0.1722, 0.9).ring);
    // Screw holes of 5 mm: their rims are circle/2 - 2.5 mm out, the opening 76 mm, and 2 mm between.
    EXPECT_FALSE(fitWith(0.152, 0.1611).ring);
    EXPECT_TRUE(fitWith(0.152, 0.1609).ring);
}

// A usual spot is taken by whatever is within 30 cm of it.
TEST(RemedyPractice, ASpotThatIsTakenIsNotOffered)
{
    const auto offersTweeters = [](double away_m) {
        Plan plan = tests::demoPlan();
        plan.job.complaints = {Complaint::Dull};
        for (const UsualSpot& spot : usualSpots(plan.body, limitsShop().vehicles)) {
            if (workOf(spot.driverClass) != DriverWork::Treble) continue;
            Place place{.kind = PlaceKind::DashTop, .name = spot.name, .frame = spot.frame};
            place.frame.at_m.x += away_m;
            plan.places[drawId<PlaceId>(plan)] = place;
        }
        const auto found =
            remedies(plan, limitsShop().practice, limitsShop().shelf, limitsShop().vehicles,
                     evaluateJob(plan, limitsShop().practice), Complaint::Dull, plan.listeners.begin()->first);
        return std::any_of(found.begin(), found.end(),
                           [](const Remedy& one) { return one.kind == RemedyKind::AddTweeter; });
    };
    EXPECT_TRUE(offersTweeters(5.0)) << "nothing is near";
    EXPECT_FALSE(offersTweeters(0.29));
    EXPECT_TRUE(offersTweeters(0.31));
}

}  // namespace
}  // namespace core
