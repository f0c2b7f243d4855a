#include "core/design/rank_drivers.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/advice/amplifier_risk.h"
#include "core/advice/deviations.h"
#include "core/advice/family.h"
#include "core/design/shelf_facts.h"
#include "core/evaluate/grid_tables.h"
#include "core/fitout/driver_work.h"
#include "core/model/inside_ways.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

class Ranking : public testing::Test {
protected:
    [[nodiscard]] std::vector<Candidate> rank(const Plan& asked) const
    {
        return rankDrivers(asked, shop.shelf, tests::kLeftSpeaker, tests::evaluated(asked));
    }
    [[nodiscard]] static const Candidate& named(const std::vector<Candidate>& candidates, const std::string& key)
    {
        return *std::find_if(candidates.begin(), candidates.end(),
                             [&](const Candidate& candidate) { return candidate.part.shelfKey == key; });
    }
    const Shop shop = shippedShop();
    const Plan plan = tests::demoPlan();
    const std::vector<Candidate> ranked = rank(plan);
};

// A place for a full-range driver is offered full-range drivers: no dome, no woofer without its treble, no subwoofer.
// The others are there for whoever asks.
TEST_F(Ranking, OffersWhatCanDoThePlacesWork)
{
    const auto all = rankDrivers(plan, shop.shelf, tests::kLeftSpeaker, tests::evaluated(plan), RankScope::Everything);
    EXPECT_EQ(all.size(), shop.shelf.of(PartKind::Driver).size());
    EXPECT_GT(ranked.size(), 30U);
    EXPECT_LT(ranked.size(), all.size());
    for (const Candidate& candidate : ranked)
        for (const char* other : {"domeTweeter", "subwoofer", "componentWoofer", "midBass", "midrange"})
            EXPECT_FALSE(candidate.part.driverClass.starts_with(other)) << candidate.part.name;
    EXPECT_TRUE(canDo(DriverWork::FullRange, DriverWork::Woofer));
    EXPECT_FALSE(canDo(DriverWork::Woofer, DriverWork::FullRange));
    EXPECT_FALSE(canDo(DriverWork::Bass, DriverWork::Woofer));
    EXPECT_FALSE(canDo(DriverWork::Woofer, DriverWork::Bass));
}

TEST_F(Ranking, TriesEachOfThem)
{
    for (const Candidate& candidate : ranked) EXPECT_GT(candidate.least_ohm, 0.0) << candidate.part.name;
}

TEST_F(Ranking, WhatNothingStopsComesFirstThenMostPoints)
{
    for (size_t i = 0; i + 1 < ranked.size(); ++i) {
        ASSERT_LE(ranked[i].stops(), ranked[i + 1].stops());
        if (ranked[i].stops() == ranked[i + 1].stops()) {
            EXPECT_GE(ranked[i].points, ranked[i + 1].points);
        }
    }
}

// Every point is accounted for: what is left and what was lost make up what there was.
TEST_F(Ranking, EveryLostPointHasItsReason)
{
    double weights = 0.0;
    for (const Criterion criterion : criteria()) weights += shop.practice[weightOf(criterion)];
    EXPECT_EQ(weights, 100.0);
    EXPECT_EQ(pointsOf(shop.practice), weights);
    for (const Candidate& candidate : ranked) {
        double sum = candidate.points;
        for (const LostPoints& lost : candidate.lost) {
            sum += lost.points;
            // A band that is gone costs more than its points: it does not stand in the middle of the list.
            if (lost.by != Criterion::Bands) {
                EXPECT_LE(lost.points, shop.practice[weightOf(lost.by)] + 1e-9) << candidate.part.name;
            }
        }
        EXPECT_NEAR(sum, weights, 1e-9);
    }
}

TEST_F(Ranking, SaysWhatThePlanWouldSayWithIt)
{
    for (const Candidate& candidate : ranked) {
        const Plan tried = tests::withDriver(plan, candidate.part);
        const Evaluation evaluation = tests::evaluated(tried);
        const StageResult& goal = *evaluation.stages.at(tried.job.goal);
        const RunResult& run = *findRunOfDevice(goal, tests::kLeftSpeaker);
        EXPECT_NEAR(candidate.least_ohm / goal.circuits.front().least_ohm, 1.0, 0.005) << candidate.part.name;
        EXPECT_EQ(candidate.corner_hz, run.idealCorner_hz);
        EXPECT_NEAR(candidate.travel_ratio / (run.travel.programme_m / run.driver.xmax_m), 1.0, 0.01);
        const RunResult& before = *findRunOfDevice(*evaluation.stages.at(kFound), tests::kLeftSpeaker);
        // As the whole plan has it, on all of the grid.
        for (const Band band : {Band::MidBass, Band::Mid, Band::Treble}) {
            const auto level = [&](const StageResult& stage) {
                Eigen::ArrayXcd sum = Eigen::ArrayXcd::Zero(evaluation.frequency_hz.size());
                for (const RunResult& one : stage.runs)
                    if (one.run.id.coil.device == tests::kLeftSpeaker && !one.sameCone) sum += one.pressure_pa_v;
                return bandLevel_db(*evaluation.tables, band, Eigen::ArrayXd(sum.abs2()));
            };
            EXPECT_NEAR(candidate.bands_db.value()[static_cast<size_t>(band)],
                        level(goal) - level(*evaluation.stages.at(kFound)), 0.15)
                << candidate.part.name;
        }
        // A coaxial's tweeter plays in the middle too; of the others the cone is all there is.
        if (waysOf(candidate.part).empty()) {
            EXPECT_NEAR(candidate.levelChange_db, run.midLevel_db - before.midLevel_db, 0.1);
        }
        EXPECT_EQ(candidate.fit.depthMargin_m, goal.fits.at(tests::kLeftSpeaker)->depthMargin_m);
    }
}

TEST_F(Ranking, MarksTheOneThatIsPlanned)
{
    EXPECT_TRUE(
        std::none_of(ranked.begin(), ranked.end(), [](const Candidate& candidate) { return candidate.fitted; }));
    for (const Candidate& candidate : rank(tests::withShelfDriver(plan, "wb-juniper-4")))
        EXPECT_EQ(candidate.fitted, candidate.part.shelfKey == "wb-juniper-4");
}

TEST_F(Ranking, AnEmptyShelfHasNoAnswer)
{
    const SolverRequest request{SolverRequest::Kind::ChooseDriver, tests::kLeftSpeaker, {}, {}};
    EXPECT_FALSE(answer(request, plan, shop.practice, Shelf{}));
    EXPECT_TRUE(rankDrivers(plan, Shelf{}, tests::kLeftSpeaker, tests::evaluated(plan)).empty());
}

TEST_F(Ranking, AnUnwiredPlaceIsRankedByFitAlone)
{
    Plan loose = plan;
    for (const int wire : {16, 17, 18, 19}) loose.wires[{loose.job.goal, {wire}}] = std::nullopt;
    const auto unwired = rank(loose);
    EXPECT_EQ(unwired.size(), ranked.size());
    for (const Candidate& candidate : unwired)
        for (const LostPoints& lost : candidate.lost) EXPECT_NE(lost.by, Criterion::Load);
}

// The order of the shelf and how the work is shared out do not show.
TEST_F(Ranking, IsTheSameFromAShelfTurnedRound)
{
    Shop turned = shop;
    std::reverse(turned.shelf.parts.begin(), turned.shelf.parts.end());
    const auto other = rankDrivers(plan, turned.shelf, tests::kLeftSpeaker, tests::evaluated(plan));
    ASSERT_EQ(other.size(), ranked.size());
    // Which candidate of a shape came first decides the order of elimination, and with it the last digits.
    for (size_t i = 0; i < ranked.size(); ++i) EXPECT_NEAR(other[i].points, ranked[i].points, 1e-6);
    Shelf three;
    for (const char* key : {"wb-alder-4", "cx165-oak-4", "dc165-thrush-4"})
        three.parts.push_back(*shop.shelf.find(key));
    for (const Candidate& candidate : rankDrivers(plan, three, tests::kLeftSpeaker, tests::evaluated(plan))) {
        EXPECT_NEAR(candidate.least_ohm, named(ranked, candidate.part.shelfKey).least_ohm, 1e-9);
        EXPECT_NEAR(candidate.levelChange_db, named(ranked, candidate.part.shelfKey).levelChange_db, 1e-6);
    }
}

TEST_F(Ranking, AHeavierWeightCostsMore)
{
    Plan heavy = plan;
    heavy.practice[PracticeKey::RankCost_points] = 50.0;
    const auto weighed = rank(heavy);
    EXPECT_EQ(pointsOf(tests::evaluated(heavy).practice), 142.0);
    const auto costOf = [](const Candidate& candidate) {
        for (const LostPoints& lost : candidate.lost)
            if (lost.by == Criterion::Cost) return lost.points;
        return 0.0;
    };
    for (const Candidate& candidate : weighed)
        EXPECT_NEAR(costOf(candidate), costOf(named(ranked, candidate.part.shelfKey)) * 50.0 / 8.0, 1e-9);
}

// What a hole of 94 mm and a spacer do: arithmetic on the figures of the row.
TEST_F(Ranking, DamageIsPermanentOnlyWhereSomethingIsCut)
{
    Plan surveyed = plan;
    surveyed.places[{3}].room[Quantity::Cutout_m] = Known{0.080, {Origin::Measured}};
    for (const Candidate& candidate : rank(surveyed)) {
        const double least_m = candidate.fit.hole ? candidate.fit.hole->limits.least_m : 0.0;
        const bool wider = std::any_of(candidate.damage.begin(), candidate.damage.end(),
                                       [](const Damage& one) { return one.kind == DamageKind::WiderHole; });
        EXPECT_EQ(wider, candidate.fit.hole && least_m > 0.080 + 1e-9) << candidate.part.name;
        if (wider) {
            EXPECT_TRUE(candidate.cuts());
        }
    }
}

TEST_F(Ranking, AnAdapterLeadSavesTheFactoryPlug)
{
    Plan surveyed = plan;
    for (auto& [terminal, connector] : surveyed.parts[{9}].terminals) connector = "flat two-pin";
    const auto with = rank(surveyed);
    const auto& damage = named(with, "wb-alder-4").damage;
    const auto lead =
        std::find_if(damage.begin(), damage.end(), [](const Damage& one) { return one.kind == DamageKind::LeadAdded; });
    ASSERT_NE(lead, damage.end());
    EXPECT_EQ(lead->lead, "lead-a");
    EXPECT_FALSE(lead->permanent);
    Shelf drivers;
    for (const Part* part : shop.shelf.of(PartKind::Driver)) drivers.parts.push_back(*part);
    const auto without = rankDrivers(surveyed, drivers, tests::kLeftSpeaker, tests::evaluated(surveyed));
    EXPECT_TRUE(named(without, "wb-alder-4").cuts()) << "no lead: the plug is cut off";
}

TEST(Deviations, OfAPartFromItselfAreNone)
{
    const Shop shop = shippedShop();
    for (const Part* part : shop.shelf.of(PartKind::Driver))
        EXPECT_TRUE(deviationsFrom(*part, *part, shop.practice).empty()) << part->name;
}

TEST(Deviations, ListWhatARestorationHasToAnswerFor)
{
    const Shop shop = shippedShop();
    const Part& original = *shop.shelf.find("wb-dunlin-6");
    Part part = original;
    part.figures[Quantity::Re_ohm].value *= 0.9;          // ten per cent: listed
    part.figures[Quantity::Fs_hz].value *= 1.04;          // four: not
    part.figures[Quantity::Sensitivity_db].value += 0.6;  // over half a dB: listed
    for (auto& [terminal, connector] : part.terminals) connector = "another plug";
    const auto found = deviationsFrom(original, part, shop.practice);
    ASSERT_EQ(found.size(), 3U);
    EXPECT_EQ(found[0].what, Quantity::Re_ohm);
    EXPECT_EQ(found[1].what, Quantity::Sensitivity_db);
    EXPECT_FALSE(found[2].what);
    EXPECT_EQ(found[2].plugIs, "another plug");
}

// Common practice, no source: 0.9 of the old resistance is accepted, under 0.7 it is a high risk.
TEST(AmplifierRisk, IsGradedByOldAndNewResistance)
{
    const auto riskWith = [](double re_ohm) {
        Plan plan = tests::demoPlan();
        plan.parts[{9}].figures[Quantity::Re_ohm] = Known{5.0, {Origin::Measured}};
        plan.parts[{7}].figures.erase(Quantity::LeastLoad_ohm);
        plan = tests::withDriver(plan, tests::driverPart("tried", {{Quantity::Re_ohm, re_ohm}}));
        return amplifierRisk(plan, tests::evaluated(plan), tests::kLeftSpeaker);
    };
    EXPECT_EQ(riskWith(4.5)->grade, RiskGrade::Accepted);
    EXPECT_EQ(riskWith(4.49)->grade, RiskGrade::Some);
    EXPECT_EQ(riskWith(3.5)->grade, RiskGrade::Some);
    EXPECT_EQ(riskWith(3.49)->grade, RiskGrade::High);
    const auto half = riskWith(2.5);
    EXPECT_NEAR(half->ratio, 0.5, 1e-12);
    EXPECT_EQ(half->series_ohm, 2.7);  // 2.5 missing, nearest of the E12 series (IEC 60063)
    EXPECT_NEAR(half->seriesLoss_db, 20.0 * std::log10(5.2 / 2.5), 1e-9);
    EXPECT_EQ(half->nearest_ohm, 6.0);
    EXPECT_FALSE(half->oldUnmeasured);
}

TEST(AmplifierRisk, IsNoneWhereTheMinimumIsKnown)
{
    const Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-heron-2");
    EXPECT_FALSE(amplifierRisk(plan, tests::evaluated(plan), tests::kLeftSpeaker));
}

TEST(Family, TwinsAreAlikeAndLouderOnesAreOnlyLouder)
{
    Plan plan = tests::demoPlan();
    const Evaluation alike = tests::evaluated(plan);
    const auto twins = familyOf(*alike.stages.at(plan.job.goal), tests::kLeftSpeaker, alike.practice);
    ASSERT_EQ(twins.size(), 1U);
    EXPECT_EQ(twins[0].other, tests::kRightSpeaker);
    EXPECT_NEAR(twins[0].level_db, 0.0, 1e-9);
    EXPECT_NEAR(twins[0].shape_db, 0.0, 1e-9);
    plan.settings[{kFound, {tests::kRadio, "RR"}}] = Setting{.gain_db = -4.0};
    const Evaluation quieter = tests::evaluated(plan);
    const auto other = familyOf(*quieter.stages.at(plan.job.goal), tests::kLeftSpeaker, quieter.practice);
    EXPECT_NEAR(other[0].level_db, -4.0, 1e-9);
    EXPECT_NEAR(other[0].shape_db, 0.0, 1e-9);
}

// On both sides of each limit, by colour and by spread.
TEST(Family, IsHeardByTheWorseOfColourAndSpread)
{
    const Practice practice = shippedShop().practice;
    const auto heard = [&](double shape_db, double angle_db) {
        return heardAs({.shape_db = shape_db, .angle_db = angle_db}, practice);
    };
    EXPECT_EQ(heard(0.99, 0.2), Heard::No);
    EXPECT_EQ(heard(1.0, 0.2), Heard::Hardly);
    EXPECT_EQ(heard(0.2, 2.99), Heard::Hardly);
    EXPECT_EQ(heard(0.2, 3.0), Heard::Plainly);
}

// Pearson's r by hand: (1, 2, 3) against (1, 3, 2) is 1/2.
TEST(ShelfFacts, CorrelationIsPearsons)
{
    Shelf shelf;
    for (const auto& [mass, level] : {std::pair{1.0, 81.0}, std::pair{2.0, 83.0}, std::pair{3.0, 82.0}})
        shelf.parts.push_back(tests::driverPart("d", {{Quantity::Mass_kg, mass}, {Quantity::Sensitivity_db, level}}));
    EXPECT_NEAR(correlation(shelf, Quantity::Mass_kg, Quantity::Sensitivity_db)->r, 0.5, 1e-12);
    shelf.parts.pop_back();
    EXPECT_FALSE(correlation(shelf, Quantity::Mass_kg, Quantity::Sensitivity_db));
}

}  // namespace
}  // namespace core
