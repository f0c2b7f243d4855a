#include "core/io/plan_file.h"
#include "core/edits/fit_edits.h"
#include "core/edits/place_edits.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <sstream>

#include "core/io/atomic_file.h"
#include "core/io/shop.h"
#include "core/model/names.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

std::string written(const Document& document)
{
    std::ostringstream out;
    writePlan(out, document);
    return out.str();
}

std::string replaced(std::string text, const std::string& from, const std::string& to)
{
    const size_t at = text.find(from);
    EXPECT_NE(at, std::string::npos) << from;
    return text.replace(at, from.size(), to);
}

const std::string kDemo = readWholeFile(TEST_FOLDER "/data/plans/quarter-pair.reed").value_or("");

TEST(PlanFile, WriteThenReadGivesAnEqualPlan)
{
    for (Plan plan : {tests::demoPlan(), tests::troublePlan(), Plan{}}) {
        plan.settings[{kFound, {{10}, "RL"}}] =
            Setting{.highPass = Filter{80.0, 4, FilterFamily::LinkwitzRiley},
                    .bands = {{BandKind::Peak, 250.0, 2.0, -4.0}, {BandKind::HighShelf, 8000.0, 0.7, 3.0}},
                    .gain_db = -3.0,
                    .reversed = true};
        plan.mounts[{kFound, {12}}] = Mount{.frame = Frame{{1, 2, 3}, {0, 1, 0}}, .backwards = true};
        plan.alterations[{kFound, {1}}] = Alteration{.place = {3}};
        plan.practice[PracticeKey::CrestFactor_db] = 12.0;
        const auto again = readPlanText(written({plan, {}}), "x.reed");
        if (!plan.places.contains({3})) continue;  // the empty plan has no place for the alteration
        ASSERT_TRUE(again) << oneLine(again.error());
        EXPECT_EQ(again->plan, plan);
        EXPECT_TRUE(again->unknown.empty());
    }
}

// A plan's own practice keeps to the ranges of the practice that ships: what lies outside is said, with both ends.
TEST(PlanFile, HoldsItsOwnPracticeToTheShopsRanges)
{
    for (const char* value : {"0", "-1", "1e308", "5e-324"}) {
        const std::string text =
            replaced(kDemo, "\"version\": 1,",
                     "\"version\": 1, \"practice\": {\"reOfNominal_ratio\": " + std::string(value) + "},");
        const auto document = readPlanText(text, "x.reed");
        ASSERT_FALSE(document) << value;
        EXPECT_EQ(document.error().where, "/practice/reOfNominal_ratio");
        EXPECT_NE(document.error().message.find("allowed"), std::string::npos) << document.error().message;
    }
    Plan least = tests::demoPlan(), greatest = least;
    for (const auto& [key, entry] : shippedShop().practice.entries) {
        least.practice[key] = entry.least;
        greatest.practice[key] = entry.greatest;
    }
    for (const Plan& plan : {least, greatest}) {
        const auto back = readPlanText(written({plan, {}}), "x.reed");
        ASSERT_TRUE(back) << oneLine(back.error());
        EXPECT_EQ(back->plan.practice, plan.practice);
    }
}

// Sources, pins, feeds, extras and what stands in the way go through a file, and bad ones are said with their place.
TEST(PlanFile, SourcesAndWhatIsInTheWayGoThroughAFile)
{
    Plan plan = tests::demoPlan();
    plan.body.feeds = {{Quantity::ConstantFeed_v, Known{12.6, {Origin::Measured}}},
                       {Quantity::SwitchedFeed_v, Known{0.0, {Origin::Measured}}}};
    plan.job.use = Use::OpenCab;
    plan.job.extras = {Extra::Tethers, Extra::LightController};
    Part& radio = plan.parts.at(plan.devices.at({kFactory, tests::kRadio})->part);
    radio.pins = {{"RL+", {"14", {Origin::Measured}}}, {"RL-", {"15", {Origin::ClassGuess, true}}}};
    radio.controls = {{Control::HighPass, true}, {Control::Equaliser, false}};
    radio.figures[Quantity::LineOutputs] = Known{0.0};
    Place& place = plan.places.at({3});
    place.obstruction = "cable holder";
    place.room[Quantity::Obstruction_m] = Known{0.012};
    place.room[Quantity::Stump_m] = Known{0.003};
    plan.alterations[{kFound, drawId<AlterationId>(plan)}] =
        Alteration{.place = {3}, .what = AlterationKind::CutObstruction};
    const std::string text = written({plan, {}});
    const auto again = readPlanText(text, "x.reed");
    ASSERT_TRUE(again) << oneLine(again.error());
    EXPECT_EQ(again->plan, plan);
    EXPECT_TRUE(again->unknown.empty());
    for (const auto& [from, to] :
         {std::pair{"\"tethers\"", "\"ribbons\""}, std::pair{"\"cutObstruction\"", "\"hammer\""},
          std::pair{"\"openCab\"", "\"spaceship\""}})
        EXPECT_FALSE(readPlanText(replaced(text, from, to), "x.reed")) << to;
    // A key that this version does not know is kept, whatever it means.
    const auto later = readPlanText(replaced(text, "\"highPass\"", "\"loudness\""), "x.reed");
    ASSERT_TRUE(later);
    EXPECT_FALSE(later->unknown.empty());
    EXPECT_NE(written(*later).find("\"loudness\""), std::string::npos);
    plan.parts.at(plan.devices.at({kFactory, tests::kRadio})->part).pins["XX+"] = {"1", {}};
    const auto wrong = readPlanText(written({plan, {}}), "x.reed");
    ASSERT_FALSE(wrong);
    EXPECT_NE(oneLine(wrong.error()).find("pins/XX+: names no terminal of this part"), std::string::npos)
        << oneLine(wrong.error());
}

// Until a list kept their order, fasteners stood under where they are.
TEST(PlanFile, FastenersOfAnOlderFileAreRead)
{
    Plan plan = tests::demoPlan();
    const auto panel = drawId<PanelId>(plan);
    plan.panels[panel] = {.name = "door card", .fasteners = {{FastenerKind::Screw, "T20", 2, true, "at the sill"}}};
    std::string text = written({plan, {}});
    const size_t from = text.find("\"fasteners\": ["), to = text.find(']', from);
    ASSERT_NE(from, std::string::npos);
    text.replace(from, to - from + 1,
                 R"("fasteners": {"at the sill": {"kind": "screw", "size": "T20", "count": 2, "hidden": true}})");
    const auto again = readPlanText(text, "x.reed");
    ASSERT_TRUE(again) << oneLine(again.error());
    EXPECT_EQ(again->plan.panels.at(panel).fasteners.size(), 1U);
    EXPECT_EQ(again->plan.panels.at(panel).fasteners.front().where, "at the sill");
    EXPECT_EQ(again->plan.panels.at(panel).fasteners.front().count, 2);
}

// What a walk-round notes, all of it, goes through a file.
TEST(PlanFile, TheSurveyGoesThroughAFile)
{
    Plan plan = tests::demoPlan();
    plan.body.cab = Cab::Single;
    plan.body.drive = Drive::Hybrid;
    plan.body.signs = {{VariantSign::LowOhms, true}, {VariantSign::SystemBadge, false}};
    plan.body.learnt = {{VariantSign::SystemBadge, true}};
    const auto panel = drawId<PanelId>(plan);
    const auto curve = drawId<CurveId>(plan);
    plan.panels[panel] = {.name = "door card",
                          .fasteners = {{FastenerKind::Screw, "T20", 2, true, "behind the handle cup"},
                                        {FastenerKind::PushPin, "", 8, false, "at the edge"}},
                          .leave = "the yellow plug",
                          .undo = "window switch",
                          .membrane = true};
    plan.places.at({3}).held = {{FastenerKind::Screw, "T25", 4, false, ""}, {FastenerKind::Hook, "", 1, false, ""}};
    plan.places.at({3}).wayIn = {panel};
    plan.places.at({3}).behind = Behind::FuelTank;
    plan.places.at({3}).room[Quantity::ScrewCircle_m] = Known{0.158};
    plan.job.complaints = {Complaint::Dull, Complaint::Buzz};
    plan.job.keep = {Keep::Radio, Keep::NoCutting};
    plan.job.use = Use::WorkVan;
    plan.job.budget = 640.0;
    plan.job.currency = "EUR";
    plan.job.hours_h = 6.5;
    plan.curves[curve] = {.kind = CurveKind::Hearing, .frequency_hz = {250.0, 8000.0}, .level_db = {-5.0, 40.0}};
    plan.job.hearingRight = curve;
    plan.parts.begin()->second.ground = OutputGround::Floating;
    const auto again = readPlanText(written({plan, {}}), "x.reed");
    ASSERT_TRUE(again) << oneLine(again.error());
    EXPECT_EQ(again->plan, plan);
    EXPECT_TRUE(again->unknown.empty());
}

TEST(PlanFile, AFitGoesThroughAFile)
{
    Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    Place place = plan.places.at({3});
    place.anchor = Anchor::Plastic;
    place.behind = Behind::Regulator;
    place.underPanel = true;
    place.room[Quantity::WireExit_deg] = Known{-30.0};
    plan = apply(plan, changePlace(plan, {3}, place)).plan;
    plan = apply(plan, fitSpacer(plan, tests::kLeftSpeaker, 0.012)).plan;
    plan = apply(plan, turnDriver(plan, tests::kLeftSpeaker, 45.0)).plan;
    plan = apply(plan, fixDriver(plan, tests::kLeftSpeaker, Fixing::Clip)).plan;
    plan = apply(plan, setScrews(plan, tests::kLeftSpeaker, 0.016)).plan;
    plan = apply(plan, cutHole(plan, tests::kLeftSpeaker, 0.098)).plan;
    const auto again = readPlanText(planText({plan, {}}), "fit.reed");
    ASSERT_TRUE(again) << oneLine(again.error());
    EXPECT_EQ(again->plan, plan);
}

TEST(PlanFile, EntryTakenOutIsNullInTheFile)
{
    Plan plan = tests::demoPlan();
    plan.devices[{plan.job.goal, tests::kLeftPlug}] = std::nullopt;
    const std::string text = written({plan, {}});
    EXPECT_NE(text.find("\"d11\": null"), std::string::npos);
    EXPECT_EQ(readPlanText(text, "x")->plan, plan);
}

TEST(PlanFile, UnknownFieldsSurviveARoundTrip)
{
    std::string text = replaced(kDemo, "\"customer\":", "\"mood\": {\"today\": \"good\"}, \"customer\":");
    text = replaced(text, "\"lastId\":", "\"paint\": \"blue\", \"lastId\":");
    text = replaced(text, "\"kind\": \"quarter\"", "\"kind\": \"quarter\", \"smell\": 3");
    const auto document = readPlanText(text, "x.reed");
    ASSERT_TRUE(document) << oneLine(document.error());
    EXPECT_EQ(document->unknown.at("/paint"), "\"blue\"");
    EXPECT_EQ(document->unknown.at("/job/mood"), "{\"today\":\"good\"}");
    const auto again = readPlanText(written(*document), "x.reed");
    ASSERT_TRUE(again);
    EXPECT_EQ(*again, *document);
}

TEST(PlanFile, UnknownFieldGoesWithItsOwner)
{
    auto document =
        *readPlanText(replaced(kDemo, "\"kind\": \"quarter\"", "\"kind\": \"quarter\", \"smell\": 3"), "x.reed");
    EXPECT_NE(written(document).find("smell"), std::string::npos);
    document.plan = Plan{};
    EXPECT_EQ(written(document).find("smell"), std::string::npos);
}

TEST(PlanFile, AnUnknownQuantityIsKept)
{
    const auto document =
        readPlanText(replaced(kDemo, "\"nominal_ohm\":", "\"wobble_hz\": {\"value\": 7}, \"nominal_ohm\":"), "x.reed");
    ASSERT_TRUE(document) << oneLine(document.error());
    EXPECT_NE(written(*document).find("wobble_hz"), std::string::npos);
}

struct BrokenRow {
    const char* what;
    std::string text;
    const char* where;
    const char* message;  // what the message must hold
};
void PrintTo(const BrokenRow& row, std::ostream* out)
{
    *out << row.what;
}
class BrokenFile : public testing::TestWithParam<BrokenRow> {};

TEST_P(BrokenFile, GivesOneClearLine)
{
    const auto document = readPlanText(GetParam().text, "plan.reed");
    ASSERT_FALSE(document);
    EXPECT_EQ(document.error().file, "plan.reed");
    EXPECT_EQ(document.error().where, GetParam().where);
    EXPECT_NE(document.error().message.find(GetParam().message), std::string::npos) << document.error().message;
    EXPECT_EQ(oneLine(document.error()).find('\n'), std::string::npos);
}

INSTANTIATE_TEST_SUITE_P(
    Each, BrokenFile,
    testing::Values(
        BrokenRow{"empty", " \n", "", "is empty"},
        BrokenRow{"not JSON", "{\n \"format\": reed }", "line 2, column 12", "is not JSON"},
        BrokenRow{"truncated", "{\"format\": \"reed\",\n \"ver", "line 2, column 6", "ends too early"},
        BrokenRow{"a list", "[]", "/format", "no plan"},
        BrokenRow{"another format", R"({"format": "cake"})", "/format", "no plan"},
        BrokenRow{"a later version", replaced(kDemo, "\"version\": 1", "\"version\": 7"), "/version", "found 7"},
        BrokenRow{"version as text", replaced(kDemo, "\"version\": 1", "\"version\": \"1\""), "/version",
                  "whole number"},
        BrokenRow{"a number as text", replaced(kDemo, "\"lastId\": 24", "\"lastId\": \"many\""), "/lastId",
                  "found \"many\", expected a whole number"},
        BrokenRow{"too large a number", replaced(kDemo, "\"lastId\": 24", "\"lastId\": 24000000000"), "/lastId",
                  "up to 999999999"},
        BrokenRow{"a number beyond doubles", replaced(kDemo, "-2.45", "1e999"), "", "too large"},
        BrokenRow{"NaN", replaced(kDemo, "-2.45", "NaN"), "line 21, column 11", "is not JSON"},
        BrokenRow{"an unknown kind", replaced(kDemo, "\"estate\"", "\"hovercraft\""), "/body/kind", "one of hatchback"},
        BrokenRow{"a figure out of range", replaced(kDemo, "\"value\": 6.8e-05", "\"value\": 68"),
                  "/parts/t8/inside/C/figures/capacitance_f", "allowed 1e-10 to 1 F"},
        BrokenRow{"a figure without a value", replaced(kDemo, "\"value\": 6.8e-05", "\"worth\": 1"),
                  "/parts/t8/inside/C/figures/capacitance_f", "lacks 'value'"},
        BrokenRow{"a point of two", replaced(kDemo, "-2.45,", ""), "/places/p3/frame/at_m", "three numbers"},
        BrokenRow{"a pin without a device", replaced(kDemo, "\"d10.RL+\"", "\"RL+\""), "/stages/s1/wires/w16/a",
                  "a pin such as"},
        BrokenRow{"a wire to nowhere", replaced(kDemo, "\"d10.RL+\"", "\"d99.RL+\""), "/stages/s1/wires/w16/a",
                  "which no stage has"},
        BrokenRow{"places as a list", replaced(kDemo, "\"places\": {", "\"places\": [], \"other\": {"), "/places",
                  "an object"},
        BrokenRow{"an id of the wrong letter", replaced(kDemo, "\"pair\": \"p4\"", "\"pair\": \"d4\""),
                  "/places/p3/pair", "an id such as \"p1\""},
        BrokenRow{"no stages", R"({"format": "reed", "version": 1, "lastId": 2})", "/", "lacks 'stages'"},
        BrokenRow{"a goal that is not there", replaced(kDemo, "\"goal\": \"s24\"", "\"goal\": \"s9\""), "/job/goal",
                  "no stage"}));

TEST(PlanFile, ADeepNestIsOneErrorAndNoCrash)
{
    const std::string deep = std::string(200000, '[') + std::string(200000, ']');
    EXPECT_FALSE(readPlanText(deep, "deep.reed"));
}

// A byte changed, lost or doubled anywhere: an error or a plan, never a crash; and what is read can be written and read
// again.
RC_GTEST_PROP(PlanFileProperty, SurvivesADamagedByte, ())
{
    std::string text = kDemo;
    const auto at = static_cast<size_t>(*rc::gen::inRange(0, static_cast<int>(text.size())));
    switch (*rc::gen::inRange(0, 3)) {
        case 0:
            text[at] = *rc::gen::arbitrary<char>();
            break;
        case 1:
            text.erase(at, static_cast<size_t>(*rc::gen::inRange(1, 40)));
            break;
        default:
            text.insert(at, text.substr(at, 30));
            break;
    }
    const auto document = readPlanText(text, "x.reed");
    if (!document) return;
    const auto again = readPlanText(written(*document), "x.reed");
    RC_ASSERT(again.has_value());
    RC_ASSERT(again->plan == document->plan);
}

TEST(PlanSchema, SpeaksDraftSevenAndKnowsTheTables)
{
    const std::string schema = planSchemaText();
    EXPECT_NE(schema.find("draft-07"), std::string::npos);
    for (const char* word : {"\"places\"", "\"stages\"", "\"capacitance_f\"", "\"^w[1-9][0-9]{0,8}$\"", "\"estate\""})
        EXPECT_NE(schema.find(word), std::string::npos) << word;
}

}  // namespace
}  // namespace core
