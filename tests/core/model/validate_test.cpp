#include "core/model/validate.h"

#include <gtest/gtest.h>

#include <cmath>
#include <functional>

#include "core/edits/element_edits.h"
#include "core/edits/named_edits.h"
#include "core/fitout/resolve.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

TEST(Validate, AcceptsTheDemoPlansAndAnEmptyOne)
{
    EXPECT_TRUE(validate(tests::demoPlan()).empty());
    EXPECT_TRUE(validate(tests::troublePlan()).empty());
    EXPECT_TRUE(validate(Plan{}).empty());
}

// A link across a capacitor that sits on its speaker ends inside it.
TEST(Validate, AcceptsEveryCapacitorBypassed)
{
    const auto document = readPlanText(std::string(shippedDemoText()), "demo.reed");
    ASSERT_TRUE(document);
    const Plan& plan = document->plan;
    const Fitout fitout = resolve(plan, plan.job.goal);
    int onSpeakers = 0;
    for (const auto& [id, device] : fitout.devices)
        for (const auto& [name, element] : fitout.parts.at(device.part).inside) {
            if (element.kind != ElementKind::Capacitor) continue;
            onSpeakers += fitout.parts.at(device.part).kind == PartKind::Driver ? 1 : 0;
            EXPECT_TRUE(validate(apply(plan, bypass(plan, {id, name})).plan).empty()) << name;
        }
    EXPECT_EQ(onSpeakers, 4) << "the sail tweeters and what is inside the rear coaxials";
}

struct InvalidRow {
    const char* what;
    std::function<void(Plan&)> breakIt;
    const char* where;
};
void PrintTo(const InvalidRow& row, std::ostream* out)
{
    *out << row.what;
}
class BrokenPlan : public testing::TestWithParam<InvalidRow> {};

TEST_P(BrokenPlan, IsRefusedWithItsPlace)
{
    Plan plan = tests::demoPlan();
    GetParam().breakIt(plan);
    const std::vector<Problem> problems = validate(plan);
    ASSERT_FALSE(problems.empty());
    EXPECT_EQ(problems.front().where, GetParam().where);
    EXPECT_FALSE(problems.front().message.empty());
}

const StageId kGoal{24};
INSTANTIATE_TEST_SUITE_P(
    Each, BrokenPlan,
    testing::Values(
        InvalidRow{"no factory stage", [](Plan& p) { p.stages.erase(kFactory); }, "/stages/s1"},
        InvalidRow{"found on nothing", [](Plan& p) { p.stages[kFound].on = {}; }, "/stages/s2"},
        InvalidRow{"stage on a stage that is not there", [](Plan& p) { p.stages[kGoal].on = {99}; }, "/stages/s24/on"},
        InvalidRow{"a ring of stages", [](Plan& p) { p.stages[kGoal].on = kGoal; }, "/stages/s24/on"},
        InvalidRow{"no such goal", [](Plan& p) { p.job.goal = {77}; }, "/job/goal"},
        InvalidRow{"a counter below nothing", [](Plan& p) { p.lastId = -1; }, "/lastId"},
        InvalidRow{"a pair that is not mutual", [](Plan& p) { p.places[{3}].pair = {3}; }, "/places/p3/pair"},
        InvalidRow{"a pair that names a third one",
                   [](Plan& p) {
                       p.places[{90}] = p.places.at({4});
                       p.places[{90}].pair = {3};
                   },
                   "/places/p90/pair"},
        InvalidRow{"both follow", [](Plan& p) { p.places[{3}].followsPair = true; }, "/places/p3/followsPair"},
        InvalidRow{"a way in through a panel that is not there", [](Plan& p) { p.places[{3}].wayIn = {{9}}; },
                   "/places/p3/wayIn"},
        InvalidRow{"a panel that is its own other side", [](Plan& p) { p.panels[{9}] = {.pair = {9}}; },
                   "/panels/n9/pair"},
        InvalidRow{"fewer fasteners than none",
                   [](Plan& p) {
                       p.panels[{9}].fasteners = {{}, {.count = -1}};
                   },
                   "/panels/n9/fasteners/1/count"},
        InvalidRow{"a target that is not there", [](Plan& p) { p.job.target = {9}; }, "/job/target"},
        InvalidRow{"an audiogram that is not there", [](Plan& p) { p.job.hearingLeft = {9}; }, "/job"},
        InvalidRow{"a budget below nothing", [](Plan& p) { p.job.budget = -1.0; }, "/job/budget"},
        InvalidRow{"hours without end", [](Plan& p) { p.job.hours_h = INFINITY; }, "/job/hours_h"},
        InvalidRow{"a place on the moon", [](Plan& p) { p.places[{3}].frame.at_m.x = 4e8; }, "/places/p3/frame/at_m"},
        InvalidRow{"a head that is no number", [](Plan& p) { p.listeners[{5}].head_m.z = NAN; },
                   "/listeners/e5/head_m"},
        InvalidRow{"a figure out of its range", [](Plan& p) { p.parts[{9}].figures[Quantity::Re_ohm] = Known{-1.0}; },
                   "/parts/t9/figures/re_ohm"},
        InvalidRow{"a reading that is not there",
                   [](Plan& p) {
                       p.parts[{9}].figures[Quantity::Re_ohm] = Known{5.0, {Origin::Measured, false, {20}}};
                   },
                   "/parts/t9/figures/re_ohm"},
        InvalidRow{"a twin that is not there", [](Plan& p) { p.parts[{7}].inside["RL"].twin = "FL"; },
                   "/parts/t7/inside/RL/twin"},
        InvalidRow{"an element without an end", [](Plan& p) { p.parts[{9}].inside["1"].b.clear(); },
                   "/parts/t9/inside/1"},
        InvalidRow{"a name with a dot",
                   [](Plan& p) {
                       p.parts[{9}].inside["a.b"] = {ElementKind::Coil, "1+", "1-"};
                   },
                   "/parts/t9/inside/a.b"},
        InvalidRow{"a device of no part",
                   [](Plan& p) {
                       p.devices[{kFactory, {12}}]->part = {20};
                   },
                   "/stages/s1/devices/d12/part"},
        InvalidRow{"a device at no place",
                   [](Plan& p) {
                       p.devices[{kFactory, {12}}]->at = {20};
                   },
                   "/stages/s1/devices/d12/at"},
        InvalidRow{"a wire to a device no stage has",
                   [](Plan& p) {
                       p.wires[{kFactory, {16}}]->a.device = {20};
                   },
                   "/stages/s1/wires/w16/a"},
        InvalidRow{"a filter at no frequency",
                   [](Plan& p) {
                       p.settings[{kGoal, {{10}, "RL"}}] = Setting{.highPass = Filter{0.0, 2}};
                   },
                   "/stages/s24/settings/d10.RL"},
        InvalidRow{
            "a filter that nobody makes",
            [](Plan& p) {
                p.settings[{kGoal, {{10}, "RL"}}] = Setting{.lowPass = Filter{80.0, 3, FilterFamily::LinkwitzRiley}};
            },
            "/stages/s24/settings/d10.RL"},
        InvalidRow{"a band that lifts too much",
                   [](Plan& p) {
                       p.settings[{kGoal, {{10}, "RL"}}] = Setting{.bands = {{.gain_db = 24.1}}};
                   },
                   "/stages/s24/settings/d10.RL/bands"},
        InvalidRow{"a band too narrow",
                   [](Plan& p) {
                       p.settings[{kGoal, {{10}, "RL"}}] = Setting{.bands = {{.q = 20.1}}};
                   },
                   "/stages/s24/settings/d10.RL/bands"},
        InvalidRow{"more bands than any equaliser",
                   [](Plan& p) {
                       p.settings[{kGoal, {{10}, "RL"}}] = Setting{.bands = std::vector<EqualiserBand>(32)};
                   },
                   "/stages/s24/settings/d10.RL/bands"},
        InvalidRow{"a reading at no stage",
                   [](Plan& p) {
                       p.readings[{20}] = {.of = {DeviceId{12}, Quantity::Re_ohm}, .stage = {88}, .value = 3.3};
                   },
                   "/readings/r20/stage"},
        InvalidRow{"an alteration at no place",
                   [](Plan& p) {
                       p.alterations[{kGoal, {20}}] = Alteration{.place = {20}};
                   },
                   "/stages/s24/alterations/a20/place"}));

TEST(Validate, ALooseWireIsLegal)
{
    Plan plan = tests::demoPlan();
    plan.devices[{kGoal, {11}}] = std::nullopt;  // the plug is taken out, its wires stay
    EXPECT_TRUE(validate(plan).empty());
}

}  // namespace
}  // namespace core
