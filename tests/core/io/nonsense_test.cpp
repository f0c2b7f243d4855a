// What no plan can mean is refused with its path; what a newer program may mean is kept and named.
#include <gtest/gtest.h>

#include "core/edits/network_edits.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/resolve.h"
#include "core/io/plan_file.h"
#include "core/io/plan_json.h"
#include "core/io/shop.h"
#include "core/shipped/shipped.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

Result<Document> readWith(const char* pointer, const Json& value)
{
    Json plan = Json::parse(shippedTroubleText());
    plan[Json::json_pointer(pointer)] = value;
    return readPlanText(plan.dump(), "plan.reed");
}

struct Nonsense {
    const char* pointer;
    Json value;
    std::string where;
    const char* message;
};
void PrintTo(const Nonsense& row, std::ostream* out)
{
    *out << row.pointer << " = " << row.value.dump();
}
class NonsenseInAPlan : public testing::TestWithParam<Nonsense> {};

TEST_P(NonsenseInAPlan, IsRefusedWithItsPath)
{
    const auto document = readWith(GetParam().pointer, GetParam().value);
    ASSERT_FALSE(document);
    EXPECT_EQ(document.error().where, GetParam().where);
    EXPECT_NE(document.error().message.find(GetParam().message), std::string::npos) << document.error().message;
}

const Json kReading{{"of", "d12.1:re_ohm"}, {"stage", "s2"}, {"by", "ohmmeter"}, {"value", 5.1}, {"leads_ohm", 0.2}};
Json readingWith(const char* name, double value)
{
    Json reading = kReading;
    reading[name] = value;
    return reading;
}

INSTANTIATE_TEST_SUITE_P(
    Table, NonsenseInAPlan,
    testing::Values(
        // ids of another table's kind, padded with noughts, or none
        Nonsense{"/places/d5", {{"kind", "door"}}, "/places/d5", "\"p1\""},
        Nonsense{"/places/p05", {{"kind", "door"}}, "/places/p05", "\"p1\""},
        Nonsense{"/stages/s1/wires/16", Json::object(), "/stages/s1/wires/16", "\"w1\""},
        Nonsense{"/stages/s27/settings/d10", Json::object(), "/stages/s27/settings/d10", "\"d10.FL\""},
        // a wire from a thing to itself, or to where nothing is
        Nonsense{"/stages/s1/wires/w16/b", "d10.RL+", "/stages/s1/wires/w16", "to itself"},
        Nonsense{"/stages/s1/wires/w16/b", "d11.x+", "/stages/s1/wires/w16/b", "d11.x+, which none of its parts has"},
        Nonsense{"/stages/s1/wires/w16/a", "d99.1+", "/stages/s1/wires/w16/a", "d99, which no stage has"},
        // what can only be counted
        Nonsense{"/parts/t7/inside/RL/figures/highPassOrder/value", 2.5, "/parts/t7/inside/RL/figures/highPassOrder",
                 "found 2.5, allowed 1 to 8, whole numbers"},
        Nonsense{"/parts/t9/figures/screwCount", {{"value", 3.1}}, "/parts/t9/figures/screwCount", "whole numbers"},
        Nonsense{"/practice/leastHoles_count", 2.5, "/practice/leastHoles_count", "allowed 1 to 12, whole numbers"},
        // lengths, readings, leads and spreads below nothing
        Nonsense{"/body/length_m", -4.0, "/body/length_m", "more than 0"},
        Nonsense{"/body/width_m", 0, "/body/width_m", "more than 0"},
        Nonsense{"/body/frontAxle_m", -0.1, "/body/frontAxle_m", "allowed 0 to 100 m"},
        Nonsense{"/readings/r35", readingWith("value", -0.1), "/readings/r35/value", "is no reading"},
        Nonsense{"/readings/r35", readingWith("leads_ohm", -0.1), "/readings/r35/leads_ohm", "0 to 1000 ohm"},
        Nonsense{"/readings/r35", readingWith("leads_ohm", 1000.1), "/readings/r35/leads_ohm", "0 to 1000 ohm"},
        Nonsense{"/parts/t9/figures/nominal_ohm/spread", -0.01, "/parts/t9/figures/nominal_ohm/spread", "0 to 1"},
        Nonsense{"/parts/t9/figures/nominal_ohm/spread", 1.01, "/parts/t9/figures/nominal_ohm/spread", "0 to 1"},
        Nonsense{"/stages/s1/wires/w16/reading", "r35", "/stages/s1/wires/w16", "not in the plan"},
        Nonsense{"/stages/s1/devices/d10/reading", "r35", "/stages/s1/devices/d10", "not in the plan"},
        Nonsense{"/lastId", -1, "/lastId", "0 to 999999999"},
        Nonsense{"/lastId", 1000000000, "/lastId", "up to 999999999"}));

// The same at the edge of what can be.
TEST(SenseInAPlan, IsRead)
{
    for (const auto& [pointer, value] : std::initializer_list<std::pair<const char*, Json>>{
             {"/readings/r35", readingWith("value", 0.0)},
             {"/readings/r35", readingWith("leads_ohm", 1000.0)},
             {"/readings/r35", readingWith("value", 1e7)},  // an open circuit
             {"/parts/t9/figures/nominal_ohm/spread", 1.0},
             {"/parts/t9/figures/screwCount", {{"value", 4}}},
             {"/practice/leastHoles_count", 4},
             {"/lastId", 0},
             {"/lastId", 999999999},
             // another part's terminal: the wire was there before the driver was changed for one with two coils
             {"/stages/s1/wires/w17/b", "d11.s-"}}) {
        const auto document = readWith(pointer, value);
        EXPECT_TRUE(document) << pointer << ": " << (document ? "" : oneLine(document.error()));
    }
}

// A wire outlives a change of the part it goes to.
TEST(SenseInAPlan, AWireToAnEarlierPartIsRead)
{
    Plan plan = tests::troublePlan();
    const DeviceId speaker{12};
    const PartId blank = drawId<PartId>(plan);
    plan.parts[blank] = {.name = "without terminals"};
    plan.devices[{plan.job.goal, speaker}] = Device{.part = blank, .at = {3}};
    EXPECT_TRUE(readPlanText(planText({plan, {}}), "x"));
}

TEST(UnknownNeighbours, AreKeptAndNamed)
{
    Json plan = Json::parse(shippedTroubleText());
    for (const char* pointer : {"/paint", "/body/paint", "/parts/t9/figures/re_ohms", "/stages/s1/wires/w16/gauge",
                                "/stages/s1/colour", "/parts/t9/inside/1/turns", "/practice/notYet"})
        plan[Json::json_pointer(pointer)] = {{"value", 3}};
    plan["panels"]["n40"] = {{"name", "trim"}, {"fasteners", {{{"kind", "clip"}, {"colour", "red"}}}}};
    const auto document = readPlanText(plan.dump(), "x");
    ASSERT_TRUE(document) << oneLine(document.error());
    std::vector<std::string> named;
    for (const auto& [pointer, value] : document->unknown) named.push_back(pointer);
    EXPECT_EQ(named, (std::vector<std::string>{"/body/paint", "/paint", "/panels/n40/fasteners/0/colour",
                                               "/parts/t9/figures/re_ohms", "/parts/t9/inside/1/turns", "/practice",
                                               "/stages/s1/colour", "/stages/s1/wires/w16/gauge"}));
    const Json again = Json::parse(planText(*document));
    for (const std::string& pointer : named) EXPECT_TRUE(again.contains(Json::json_pointer(pointer))) << pointer;
}

// A known field that says what goes without saying is not unknown.
TEST(UnknownNeighbours, ADefaultIsNone)
{
    const auto document = readWith("/stages/s1/devices/d10/toConfirm", false);
    ASSERT_TRUE(document);
    EXPECT_TRUE(document->unknown.empty());
}

// At the end of the numbers those that no table uses are found again, each once; the plan can be read as before.
TEST(LastId, BeginsAgainAtItsEnd)
{
    Plan plan = newPlan(BodyKind::Estate, shippedShop().vehicles);
    plan.lastId = kMostId - 1;
    plan.places = {{{3}, {}}, {{6}, {}}};
    plan.panels = {{{4}, {}}};
    plan.parts = {{{5}, {}}, {{kMostId}, {}}};
    plan.listeners = {{{7}, {}}};
    plan.devices = {{{kFactory, {8}}, Device{.part = {5}}}};
    plan.mounts = {{{kFactory, {9}}, std::nullopt}};
    plan.wires = {{{kFound, {10}}, std::nullopt}};
    plan.alterations = {{{kFound, {11}}, std::nullopt}};
    plan.readings = {{{12}, {}}};
    plan.curves = {{{13}, {}}};
    plan.surfaces = {{{14}, {}}};
    EXPECT_EQ(drawNumber(plan), 15) << "1 and 2 are the stages that every plan has";
    EXPECT_EQ(drawNumber(plan), 16) << "each once, before it is used";
}

TEST(LastId, ASpeakerIsAddedAtItsEnd)
{
    const Shop shop = shippedShop();
    Plan plan = newPlan(BodyKind::Estate, shop.vehicles);
    plan.lastId = kMostId;
    const Fitout before = resolve(plan, kFactory);
    plan = apply(plan, addSpeakers(plan, kFactory, usualSpots(plan.body, shop.vehicles).front(), shop.practice)).plan;
    const DeviceId added = newDriver(resolve(plan, kFactory), before);
    EXPECT_TRUE(added);
    EXPECT_LT(added.number, 100);
    const auto again = readPlanText(planText({plan, {}}), "x");
    ASSERT_TRUE(again) << oneLine(again.error());
    EXPECT_EQ(again->plan, plan);
}

}  // namespace
}  // namespace core
