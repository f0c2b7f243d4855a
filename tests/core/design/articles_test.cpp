// What is bought for a made part, and which bracket of the shelf joins a driver to a vehicle's holes.
#include <gtest/gtest.h>

#include "core/design/choose_bracket.h"
#include "core/design/shelf_facts.h"
#include "core/edits/set_edits.h"
#include "core/survey/expected_ohms.h"
#include "tests/core/demo_plan.h"
#include "tests/core/judgement/fitting.h"

namespace core {
namespace {

Part capacitor(const std::string& key, double farads, double price)
{
    Part part{.kind = PartKind::Network, .name = key, .shelfKey = key};
    part.figures = {{Quantity::Capacitance_f, Known{farads}}, {Quantity::Price, Known{price}}};
    part.inside["C"] = {.kind = ElementKind::Capacitor, .a = "i", .b = "o"};
    return part;
}

TEST(ArticleFor, IsTheCheapestCapacitorOfTheValue)
{
    const Shelf shelf{{capacitor("dear", 100e-6, 9.0), capacitor("cheap", 101.9e-6, 5.0),
                       capacitor("too far", 102.1e-6, 1.0), capacitor("other", 68e-6, 1.0)}};
    EXPECT_EQ(articleFor(capacitor("made", 100e-6, 0.0), shelf)->shelfKey, "cheap");
    EXPECT_EQ(articleFor(capacitor("made", 47e-6, 0.0), shelf), nullptr);
    EXPECT_EQ(articleFor(tests::driverPart("driver", {{Quantity::Capacitance_f, 100e-6}}), shelf), nullptr);
}

TEST(ArticleFor, KnowsTheShelfThatShips)
{
    const Shelf shelf = shippedShop().shelf;
    const Part* article = articleFor(capacitor("made", 120e-6, 0.0), shelf);
    ASSERT_NE(article, nullptr);
    EXPECT_GE(valueOf(article->figures, Quantity::RatedVoltage_v).value_or(0.0), 63.0);
}

// Source: geometry: circles that differ by less than twice the tolerance meet, in every hole.
TEST(ChooseBracket, TakesTheFlattestThatMeetsBothAndLeavesRoom)
{
    tests::Fitting fitting;
    tests::room({{Quantity::ScrewCount, 3.0}, {Quantity::ScrewCircle_m, 0.130}, {Quantity::Depth_m, 0.060}})(fitting);
    const Plan plan = tests::planOf(fitting);
    const auto bracket = [](const char* key, double thick_m, double circle_m) {
        Part part{.kind = PartKind::Spacer, .name = key, .shelfKey = key};
        part.figures = {{Quantity::Thickness_m, Known{thick_m}}, {Quantity::ScrewCount, Known{4.0}},
                        {Quantity::ScrewCircle_m, Known{0.102}}, {Quantity::ScrewStart_deg, Known{45.0}},
                        {Quantity::OuterScrewCount, Known{3.0}}, {Quantity::OuterScrewCircle_m, Known{circle_m}},
                        {Quantity::Cutout_m, Known{0.096}}};
        return part;
    };
    const Practice practice = shippedShop().practice;
    const auto chosen = [&](const Shelf& shelf) {
        const auto edit = chooseBracket(plan, practice, shelf, tests::kLeftSpeaker);
        if (!edit) return std::string("none");
        const Plan planned = apply(plan, *edit).plan;
        return planned.parts.at(planned.mounts.at({planned.job.goal, tests::kLeftSpeaker})->spacer).shelfKey;
    };
    EXPECT_EQ(chosen({{bracket("thick", 0.012, 0.130), bracket("flat", 0.006, 0.130)}}), "flat");
    EXPECT_EQ(chosen({{bracket("for others", 0.006, 0.140), bracket("thick", 0.012, 0.130)}}), "thick");
    EXPECT_EQ(chosen({{bracket("for others", 0.006, 0.140)}}), "none");
    EXPECT_EQ(chosen({}), "none");
}

TEST(ComponentSets, HoldAWooferATweeterAndWhatPartsThem)
{
    const Shop shop = shippedShop();
    EXPECT_GE(shop.shelf.of(PartKind::ArticleSet).size(), 3U);
    for (const Part* set : shop.shelf.of(PartKind::ArticleSet)) {
        const auto contents = contentsOf(shop.shelf, *set, shop.practice);
        ASSERT_TRUE(contents) << set->name;
        EXPECT_NE(contents->network, nullptr) << set->name;
        EXPECT_EQ(setWith(shop.shelf, contents->woofer->shelfKey), set);
    }
    Part lone{.kind = PartKind::ArticleSet, .shelfKey = "lone", .contents = {"no such key"}};
    EXPECT_FALSE(contentsOf(shop.shelf, lone, shop.practice));
    EXPECT_EQ(setWith(shop.shelf, "wb-alder-4"), nullptr);
}

// The wide window is 0.6 to 1.0 of nominal; a reading is doubted a tenth beyond it.
TEST(ExpectedOhms, AreThoseOfTheStatedNominal)
{
    const Practice practice = shippedShop().practice;
    const auto range = expectedOhms(tests::driverPart("stated", {{Quantity::Nominal_ohm, 4.0}}), "1", practice);
    ASSERT_TRUE(range);
    EXPECT_NEAR(range->low, 4.0 * 0.6 * 0.9, 1e-12);
    EXPECT_NEAR(range->high, 4.0 * 1.1, 1e-12);
    EXPECT_FALSE(expectedOhms(tests::driverPart("unknown", {}), "1", practice));
}

}  // namespace
}  // namespace core
