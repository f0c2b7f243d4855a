#include "core/job/openings.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

namespace core {
namespace {

// Places in metres to the left, each with its way in.
Fitout fitoutOf(const std::vector<std::pair<double, std::vector<PanelId>>>& places)
{
    Fitout fitout;
    int id = 0;
    for (const auto& [left_m, way] : places) {
        fitout.places[PlaceId{++id}] = {.frame = {.at_m = {0.0, left_m, 0.0}}, .wayIn = way};
        for (const PanelId panel : way) fitout.panels[panel] = {};
    }
    return fitout;
}

std::set<PlaceId> allOf(const Fitout& fitout)
{
    std::set<PlaceId> all;
    for (const auto& [id, place] : fitout.places) all.insert(id);
    return all;
}

constexpr PanelId kCard{1}, kSail{2}, kOtherCard{3}, kFairing{4};

// A door card over a woofer and a tweeter comes off once; the tweeter's cover after or before it, as somebody noted.
TEST(Openings, OnePanelOfTwoPlacesIsOpenedOnce)
{
    const Fitout fitout = fitoutOf({{0.7, {kCard}}, {0.6, {kSail, kCard}}, {-0.7, {kOtherCard}}});
    const auto openings = openingsFor(allOf(fitout), fitout);
    ASSERT_EQ(openings.size(), 2U);
    EXPECT_EQ(openings[0].places, (std::vector<PlaceId>{{1}, {2}}));
    EXPECT_EQ(openings[0].panels, (std::vector<PanelId>{kSail, kCard})) << "the sail before the card";
    EXPECT_EQ(openings[1].panels, std::vector<PanelId>{kOtherCard});
}

TEST(Openings, OneSideIsDoneBeforeTheOther)
{
    const Fitout fitout = fitoutOf({{-0.7, {}}, {0.7, {}}, {0.0, {}}, {-0.6, {}}, {0.6, {}}});
    std::vector<PlaceId> order;
    for (const Opening& opening : openingsFor(allOf(fitout), fitout)) order.push_back(opening.places.front());
    EXPECT_EQ(order, (std::vector<PlaceId>{{2}, {5}, {1}, {4}, {3}})) << "left, right, then the middle";
}

TEST(Openings, AFairingOverBothSidesComesLastAndOnce)
{
    const Fitout fitout = fitoutOf({{-0.2, {kFairing}}, {0.2, {kFairing}}, {-0.5, {kCard}}});
    const auto openings = openingsFor(allOf(fitout), fitout);
    ASSERT_EQ(openings.size(), 2U);
    EXPECT_EQ(openings[0].panels, std::vector<PanelId>{kCard});
    EXPECT_EQ(openings[1].places, (std::vector<PlaceId>{{2}, {1}})) << "its left place first";
}

TEST(Openings, TwoWaysThatContradictEachOtherStillOpenBoth)
{
    const Fitout fitout = fitoutOf({{0.5, {kCard, kSail}}, {0.6, {kSail, kCard}}});
    ASSERT_EQ(openingsFor(allOf(fitout), fitout).size(), 1U);
    EXPECT_EQ(openingsFor(allOf(fitout), fitout)[0].panels.size(), 2U);
}

// Whatever was noted: each place in one opening, each panel off once, and never before one that lies over it.
RC_GTEST_PROP(OpeningsLaw, EveryPanelComesOffOnceInItsOrder, ())
{
    const int count = *rc::gen::inRange(1, 8);
    std::vector<std::pair<double, std::vector<PanelId>>> places;
    for (int i = 0; i < count; ++i) {
        std::vector<PanelId> way;  // rising ids, so that no two ways contradict each other
        for (int panel = 1; panel <= 6; ++panel)
            if (*rc::gen::inRange(0, 3) == 0) way.push_back(PanelId{panel});
        places.emplace_back(*rc::gen::element(-0.7, 0.0, 0.7), way);
    }
    const Fitout fitout = fitoutOf(places);
    std::set<PlaceId> seen;
    std::vector<PanelId> off;
    for (const Opening& opening : openingsFor(allOf(fitout), fitout)) {
        for (const PlaceId place : opening.places) RC_ASSERT(seen.insert(place).second);
        for (const PanelId panel : opening.panels) {
            RC_ASSERT(std::find(off.begin(), off.end(), panel) == off.end());
            off.push_back(panel);
        }
        for (const PlaceId place : opening.places) {
            const auto& way = fitout.places.at(place).wayIn;
            for (size_t i = 1; i < way.size(); ++i)
                RC_ASSERT(std::find(off.begin(), off.end(), way[i - 1]) < std::find(off.begin(), off.end(), way[i]));
        }
    }
    RC_ASSERT(seen.size() == fitout.places.size());
}

}  // namespace
}  // namespace core
