// FIT1-FIT15, LOAD5 and LOAD6: each fires, stays silent, and turns exactly at its limit. Limits: common practice, no
// source. The driver of the tests: depth 50 mm, body 94, flange 110, screws 4 on 102 mm, surround 6, strikes at 4.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <algorithm>
#include <cmath>
#include <functional>

#include "core/edits/fit_edits.h"
#include "core/edits/layers.h"
#include "core/edits/survey_edits.h"
#include "core/model/validate.h"
#include "tests/core/judgement/fitting.h"
#include "tests/core/mends_help.h"

namespace core {
namespace {

using namespace tests;

struct FitRow {
    const char* what;
    RuleId rule;
    std::function<void(Fitting&)> change;
    std::optional<Severity> expected;
    bool couldBe = false;
};
void PrintTo(const FitRow& row, std::ostream* out)
{
    *out << row.what;
}

class FitRule : public testing::TestWithParam<FitRow> {};

TEST_P(FitRule, SpeaksAsItsLimitSays)
{
    const FitRow& row = GetParam();
    Fitting fitting;
    row.change(fitting);
    const Plan plan = planOf(fitting);
    const auto findings = judge(plan, tests::evaluated(plan));
    const auto found =
        std::find_if(findings.begin(), findings.end(), [&](const Finding& f) { return f.rule == row.rule; });
    ASSERT_EQ(found != findings.end(), row.expected.has_value());
    if (!row.expected) return;
    EXPECT_EQ(found->severity, *row.expected);
    EXPECT_EQ(found->couldBe, row.couldBe);
    EXPECT_FALSE(found->evidence.empty());
    tests::expectMendsHelp(plan, *found);
}

// 4 holes on 102 mm inside for the driver of the tests; so many on that circle outside.
auto bracket(double count, double circle_m)
{
    return spacer({{Quantity::Thickness_m, 0.006},
                   {Quantity::ScrewCount, 4.0},
                   {Quantity::ScrewCircle_m, 0.102},
                   {Quantity::ScrewStart_deg, 45.0},
                   {Quantity::OuterScrewCount, count},
                   {Quantity::OuterScrewCircle_m, circle_m}});
}
// A body of 180 by 130 mm under a flange of 204 by 154, its screws in a rectangle.
auto oval(double width_m, double height_m)
{
    return all(driver(Quantity::Basket_m, 0.180), driver(Quantity::BasketShort_m, 0.130),
               driver(Quantity::Flange_m, 0.204), driver(Quantity::FlangeShort_m, 0.154),
               driver(Quantity::ScrewHole_m, 0.0045), driver(Quantity::ScrewWidth_m, width_m),
               driver(Quantity::ScrewHeight_m, height_m));
}

using tests::kStop, tests::kCare, tests::kNote;

// 50 mm deep with 5 mm wanted: 55 passes. 25 mm is the thickest of three pieces, so 20 mm of depth still has spacers.
INSTANTIATE_TEST_SUITE_P(
    Fit1, FitRule,
    testing::Values(
        FitRow{"5.0 mm left", RuleId::DepthAndSpacer, room({{Quantity::Depth_m, 0.0550}}), {}},
        FitRow{"4.9 mm left", RuleId::DepthAndSpacer, room({{Quantity::Depth_m, 0.0549}}), kCare},
        FitRow{"too deep, a spacer brings it", RuleId::DepthAndSpacer, room({{Quantity::Depth_m, 0.040}}), kCare},
        FitRow{"too deep, and no room in front for the spacer", RuleId::DepthAndSpacer,
               room({{Quantity::Depth_m, 0.040}, {Quantity::FrontClearance_m, 0.0279}}), kStop},
        FitRow{"just room in front for it", RuleId::DepthAndSpacer,
               room({{Quantity::Depth_m, 0.040}, {Quantity::FrontClearance_m, 0.0280}}), kCare},
        FitRow{"a moving lift wants 10 mm", RuleId::WindowTravel,
               room({{Quantity::Depth_m, 0.0599}}, Behind::Regulator), kCare},
        FitRow{"and has them", RuleId::WindowTravel, room({{Quantity::Depth_m, 0.0600}}, Behind::Regulator), {}},
        FitRow{"depth guessed by its class", RuleId::DepthAndSpacer,
               all(room({{Quantity::Depth_m, 0.010}, {Quantity::FrontClearance_m, 0.010}}),
                   [](Fitting& s) { s.driver.figures.erase(Quantity::Depth_m); }),
               kCare, true}));
INSTANTIATE_TEST_SUITE_P(
    Fit2, FitRule,
    testing::Values(
        FitRow{"5.0 mm to the glass", RuleId::WindowTravel, room({{Quantity::Depth_m, 0.0550}}, Behind::Glass), {}},
        FitRow{"4.9 mm to the glass", RuleId::WindowTravel, room({{Quantity::Depth_m, 0.0549}}, Behind::Glass), kCare},
        FitRow{"touching", RuleId::WindowTravel, room({{Quantity::Depth_m, 0.0500}}, Behind::Glass), kCare},
        FitRow{"meeting it", RuleId::WindowTravel, room({{Quantity::Depth_m, 0.0499}}, Behind::Glass), kStop},
        FitRow{"meeting it closed only", RuleId::WindowTravel,
               room({{Quantity::Depth_m, 0.070}, {Quantity::DepthGlassUp_m, 0.045}}, Behind::Glass), kStop},
        FitRow{"nobody knows", RuleId::WindowTravel, room({}, Behind::Glass), kCare},
        FitRow{"no glass there", RuleId::WindowTravel, room({{Quantity::Depth_m, 0.0300}}), {}}));
// 94 + 1 to min(102 - 4.5 - 4, 110 - 8) = 93.5: no hole leaves this one its screws, so the circle is 106 here: 97.5.
const auto kWideCircle = driver(Quantity::ScrewCircle_m, 0.106);
const auto kNoCutting = [](Fitting& s) { s.also = [](Plan& plan) { plan.job.keep.insert(Keep::NoCutting); }; };
auto alsoDone(AlterationKind what)
{
    return [=](Fitting& s) { s.done.push_back(what); };
}
INSTANTIATE_TEST_SUITE_P(
    Fit3, FitRule,
    testing::Values(
        FitRow{"97.5 mm there", RuleId::CutoutAndRing, all(room({{Quantity::Cutout_m, 0.0975}}), kWideCircle), {}},
        FitRow{"97.6 mm there", RuleId::CutoutAndRing, all(room({{Quantity::Cutout_m, 0.0976}}), kWideCircle), kStop},
        FitRow{"a ring has its hole",
               RuleId::CutoutAndRing,
               all(room({{Quantity::Cutout_m, 0.120}}), kWideCircle,
                   spacer({{Quantity::Thickness_m, 0.009}, {Quantity::Cutout_m, 0.096}})),
               {}},
        FitRow{"too small, no saw between", RuleId::CutoutAndRing,
               all(room({{Quantity::Cutout_m, 0.090}}), kWideCircle), kCare},
        FitRow{"too small, a saw of 98 mm", RuleId::CutoutAndRing,
               all(room({{Quantity::Cutout_m, 0.090}}), driver(Quantity::ScrewCircle_m, 0.1065)), kCare},
        FitRow{"just wide enough", RuleId::CutoutAndRing, all(room({{Quantity::Cutout_m, 0.095}}), kWideCircle), {}},
        FitRow{"a tenth of a millimetre less", RuleId::CutoutAndRing,
               all(room({{Quantity::Cutout_m, 0.0949}}), kWideCircle), kCare},
        FitRow{"the same where nothing may be cut", RuleId::CutoutAndRing,
               all(room({{Quantity::Cutout_m, 0.0949}}), kWideCircle, kNoCutting), kStop}));
// Of the alterations, those that cannot be undone.
INSTANTIATE_TEST_SUITE_P(
    Job6, FitRule,
    testing::Values(
        FitRow{"a cut hole", RuleId::CutAgainstWish, all(kNoCutting, alsoDone(AlterationKind::Hole)), kStop},
        FitRow{"new screw holes", RuleId::CutAgainstWish, all(kNoCutting, alsoDone(AlterationKind::ScrewHoles)), kStop},
        FitRow{"what is in the way", RuleId::CutAgainstWish, all(kNoCutting, alsoDone(AlterationKind::CutObstruction)),
               kStop},
        FitRow{"a seal", RuleId::CutAgainstWish, kNoCutting, {}},
        FitRow{"a hole in the spacer", RuleId::CutAgainstWish, all(kNoCutting, alsoDone(AlterationKind::WireHole)), {}},
        FitRow{"a cut that the owner does not mind", RuleId::CutAgainstWish, alsoDone(AlterationKind::Hole), {}}));
INSTANTIATE_TEST_SUITE_P(Fit4, FitRule,
                         testing::Values(FitRow{"25 for the hole of a 25 mm dome", RuleId::DomeTakenForHole,
                                                all(driver(Quantity::Dome_m, 0.025), driver(Quantity::Cutout_m, 0.025)),
                                                kStop},
                                         FitRow{"45 for it",
                                                RuleId::DomeTakenForHole,
                                                all(driver(Quantity::Dome_m, 0.025), driver(Quantity::Cutout_m, 0.045)),
                                                {}}));
INSTANTIATE_TEST_SUITE_P(
    Fit5, FitRule,
    testing::Values(
        FitRow{"the same circle",
               RuleId::ScrewHoles,
               room({{Quantity::ScrewCount, 4.0}, {Quantity::ScrewCircle_m, 0.102}}),
               {}},
        FitRow{"1.5 mm off each",
               RuleId::ScrewHoles,
               room({{Quantity::ScrewCount, 4.0}, {Quantity::ScrewCircle_m, 0.105}}),
               {}},
        FitRow{"1.6 mm off each", RuleId::ScrewHoles,
               room({{Quantity::ScrewCount, 4.0}, {Quantity::ScrewCircle_m, 0.1052}}), kCare},
        FitRow{"three holes there", RuleId::ScrewHoles,
               room({{Quantity::ScrewCount, 3.0}, {Quantity::ScrewCircle_m, 0.102}}), kCare},
        FitRow{"turned by hand to where they miss", RuleId::ScrewHoles,
               all(room({{Quantity::ScrewCount, 4.0}, {Quantity::ScrewCircle_m, 0.102}}),
                   [](Fitting& s) { s.mount.turn_deg = 10.0; }),
               kCare},
        FitRow{"new pilot holes",
               RuleId::ScrewHoles,
               all(room({{Quantity::ScrewCount, 3.0}, {Quantity::ScrewCircle_m, 0.102}}),
                   [](Fitting& s) { s.done.push_back(AlterationKind::ScrewHoles); }),
               {}},
        FitRow{"a bracket that takes both",
               RuleId::ScrewHoles,
               all(room({{Quantity::ScrewCount, 3.0}, {Quantity::ScrewCircle_m, 0.130}}), bracket(3.0, 0.130)),
               {}},
        FitRow{"a bracket for other holes than these", RuleId::ScrewHoles,
               all(room({{Quantity::ScrewCount, 3.0}, {Quantity::ScrewCircle_m, 0.130}}), bracket(3.0, 0.1332)), kCare},
        FitRow{"a bracket with tabs for these",
               RuleId::ScrewHoles,
               all(room({{Quantity::ScrewCount, 3.0}, {Quantity::ScrewCircle_m, 0.130}}), bracket(4.0, 0.150),
                   [](Fitting& s) {
                       s.spacer.figures[Quantity::TabCount] = Known{3.0};
                       s.spacer.figures[Quantity::TabCircle_m] = Known{0.130};
                   }),
               {}},
        FitRow{"its tabs miss what its own holes meet", RuleId::ScrewHoles,
               all(room({{Quantity::ScrewCount, 4.0}, {Quantity::ScrewCircle_m, 0.102}}),
                   driver(Quantity::TabCount, 4.0), driver(Quantity::TabCircle_m, 0.116)),
               kCare},
        FitRow{"its tabs broken off",
               RuleId::ScrewHoles,
               all(room({{Quantity::ScrewCount, 4.0}, {Quantity::ScrewCircle_m, 0.102}}),
                   driver(Quantity::TabCount, 4.0), driver(Quantity::TabCircle_m, 0.116),
                   [](Fitting& s) { s.mount.figures[Quantity::TabsOff] = Known{1.0}; }),
               {}}));
// Source: geometry; a hole of radius q lies inside a round flange of radius A up to A - 1.5 q from its centre.
INSTANTIATE_TEST_SUITE_P(
    Fit5Flange, FitRule,
    testing::Values(FitRow{"at the edge of what holds",
                           RuleId::ScrewOutsideFlange,
                           all(driver(Quantity::ScrewHole_m, 0.004), driver(Quantity::ScrewCircle_m, 0.104)),
                           {}},
                    FitRow{"beyond it", RuleId::ScrewOutsideFlange,
                           all(driver(Quantity::ScrewHole_m, 0.004), driver(Quantity::ScrewCircle_m, 0.1041)), kStop},
                    FitRow{"a hole wider than the flange has room for", RuleId::ScrewOutsideFlange,
                           all(driver(Quantity::ScrewHole_m, 0.150), driver(Quantity::ScrewCircle_m, 0.104)), kStop},
                    FitRow{"an oval's rectangle inside", RuleId::ScrewOutsideFlange, oval(0.146, 0.096), {}},
                    FitRow{"an oval's rectangle outside", RuleId::ScrewOutsideFlange, oval(0.150, 0.100), kStop}));
// FIT3 of ovals: half axes 1 mm over the body's pass; else what to cut is told.
INSTANTIATE_TEST_SUITE_P(
    Fit3Oval, FitRule,
    testing::Values(
        FitRow{"an opening 1 mm over all round",
               RuleId::CutoutAndRing,
               all(oval(0.146, 0.096), room({{Quantity::Cutout_m, 0.182}, {Quantity::CutoutShort_m, 0.132}})),
               {}},
        FitRow{"0.9 mm over the short way", RuleId::CutoutAndRing,
               all(oval(0.146, 0.096), room({{Quantity::Cutout_m, 0.182}, {Quantity::CutoutShort_m, 0.1318}})), kCare},
        FitRow{"a round hole as wide as its short way", RuleId::CutoutAndRing,
               all(oval(0.146, 0.096), room({{Quantity::Cutout_m, 0.132}})), kCare}));
// Surround and travel reach 10 mm: 13 leaves the 3 that are wanted.
INSTANTIATE_TEST_SUITE_P(
    Fit6, FitRule,
    testing::Values(
        FitRow{"13.0 mm in front", RuleId::FrontClearance, room({{Quantity::FrontClearance_m, 0.0130}}), {}},
        FitRow{"12.9 mm in front", RuleId::FrontClearance, room({{Quantity::FrontClearance_m, 0.0129}}), kCare},
        FitRow{"9.9 mm in front", RuleId::FrontClearance, room({{Quantity::FrontClearance_m, 0.0099}}), kStop},
        FitRow{"a spacer takes it away", RuleId::FrontClearance,
               all(room({{Quantity::FrontClearance_m, 0.0150}, {Quantity::Depth_m, 0.070}}),
                   spacer({{Quantity::Thickness_m, 0.009}})),
               kStop}));
INSTANTIATE_TEST_SUITE_P(
    Fit7, FitRule,
    testing::Values(
        FitRow{"right under the panel", RuleId::UnderPanel, [](Fitting& s) { s.place.underPanel = true; }, kStop},
        FitRow{"13 mm of rings between",
               RuleId::UnderPanel,
               all(room({{Quantity::Between_m, 0.0130}}), [](Fitting& s) { s.place.underPanel = true; }),
               {}},
        FitRow{"12.9 mm of rings between", RuleId::UnderPanel,
               all(room({{Quantity::Between_m, 0.0129}}), [](Fitting& s) { s.place.underPanel = true; }), kCare},
        FitRow{"the hole clears the surround",
               RuleId::UnderPanel,
               all(room({{Quantity::Cutout_m, 0.100}}), [](Fitting& s) { s.place.underPanel = true; }),
               {}}));
INSTANTIATE_TEST_SUITE_P(Fit8, FitRule,
                         testing::Values(FitRow{"nothing before it", RuleId::CoverSwallows, [](Fitting&) {}, {}},
                                         FitRow{"thin cloth, under 1 dB",
                                                RuleId::CoverSwallows,
                                                [](Fitting& s) { s.place.cover = Cover::ThinCloth; },
                                                {}},
                                         FitRow{"thick cloth, under 3 dB", RuleId::CoverSwallows,
                                                [](Fitting& s) { s.place.cover = Cover::ThickCloth; }, kNote},
                                         FitRow{"cloth under leather, over 3 dB", RuleId::CoverSwallows,
                                                [](Fitting& s) { s.place.cover = Cover::ClothUnderLeather; }, kCare},
                                         FitRow{"opened",
                                                RuleId::CoverSwallows,
                                                [](Fitting& s) {
                                                    s.place.cover = Cover::ThickCloth;
                                                    s.done.push_back(AlterationKind::OpenCover);
                                                },
                                                {}}));
const auto kGlued = [](Fitting& s) { s.mount.fixing = Fixing::Adhesive; };
const auto kSunny = [](Fitting& s) { s.place.kind = PlaceKind::DashTop; };
INSTANTIATE_TEST_SUITE_P(
    Fit9, FitRule,
    testing::Values(
        FitRow{"50 g glued", RuleId::HeavyOnAdhesive, all(kGlued, driver(Quantity::Mass_kg, 0.050)), {}},
        FitRow{"51 g glued", RuleId::HeavyOnAdhesive, all(kGlued, driver(Quantity::Mass_kg, 0.051)), kCare},
        FitRow{"150 g glued", RuleId::HeavyOnAdhesive, all(kGlued, driver(Quantity::Mass_kg, 0.150)), kCare},
        FitRow{"151 g glued", RuleId::HeavyOnAdhesive, all(kGlued, driver(Quantity::Mass_kg, 0.151)), kStop},
        FitRow{"51 g glued in the sun", RuleId::HeavyOnAdhesive, all(kGlued, kSunny, driver(Quantity::Mass_kg, 0.051)),
               kStop},
        FitRow{"screwed", RuleId::HeavyOnAdhesive, driver(Quantity::Mass_kg, 0.151), {}}));
INSTANTIATE_TEST_SUITE_P(
    Fit10, FitRule,
    testing::Values(FitRow{"sealed", RuleId::SealMissing, [](Fitting&) {}, {}},
                    FitRow{"not sealed", RuleId::SealMissing, [](Fitting& s) { s.done.clear(); }, kCare},
                    FitRow{
                        "foam put back", RuleId::SealMissing, [](Fitting& s) { s.done = {AlterationKind::Foam}; }, {}},
                    FitRow{"a small dome needs none",
                           RuleId::SealMissing,
                           all(driver(Quantity::Basket_m, 0.045), [](Fitting& s) { s.done.clear(); }),
                           {}}));
INSTANTIATE_TEST_SUITE_P(
    Fit11, FitRule,
    testing::Values(FitRow{"no notch", RuleId::PinchedCable,
                           spacer({{Quantity::Thickness_m, 0.009}, {Quantity::WireNotch_m, 0.0}}), kStop},
                    FitRow{"a notch",
                           RuleId::PinchedCable,
                           spacer({{Quantity::Thickness_m, 0.009}, {Quantity::WireNotch_m, 0.006}}),
                           {}},
                    FitRow{"nobody looked", RuleId::PinchedCable, spacer({{Quantity::Thickness_m, 0.009}}), {}}));
// A new cable of so much over a way of 1 m to the left driver.
const auto kCable = [](double length_m, bool loop) {
    return all(room({{Quantity::Route_m, 1.0}}, Behind::SheetMetal, PlaceKind::Door), [=](Fitting& s) {
        s.also = [=](Plan& plan) {
            Wire wire{{tests::kLeftPlug, "s+"}, {tests::kLeftSpeaker, "1+"}};
            wire.figures[Quantity::Length_m] = Known{length_m};
            if (loop) wire.figures[Quantity::LoopInGlass] = Known{1.0};
            plan.wires[{plan.job.goal, drawId<WireId>(plan)}] = wire;
        };
    });
};
INSTANTIATE_TEST_SUITE_P(Fit12, FitRule,
                         testing::Values(FitRow{"150 mm over", RuleId::WireSlack, kCable(1.150, false), {}},
                                         FitRow{"149 mm over", RuleId::WireSlack, kCable(1.149, false), kCare},
                                         FitRow{"300 mm over", RuleId::WireSlack, kCable(1.300, false), {}},
                                         FitRow{"301 mm over", RuleId::WireSlack, kCable(1.301, false), kCare}));
TEST(FitRuleLoop, NearTheGlassIsAStop)
{
    Fitting fitting;
    kCable(1.2, true)(fitting);
    const Plan plan = planOf(fitting);
    const auto findings = judge(plan, tests::evaluated(plan));
    const auto slack =
        std::find_if(findings.begin(), findings.end(), [](const Finding& f) { return f.rule == RuleId::WireSlack; });
    ASSERT_NE(slack, findings.end());
    EXPECT_EQ(slack->severity, Severity::Stop);
}
INSTANTIATE_TEST_SUITE_P(
    Fit13, FitRule,
    testing::Values(FitRow{"plastic", RuleId::PlasticAnchors, [](Fitting& s) { s.place.anchor = Anchor::Plastic; },
                           kNote},
                    FitRow{"metal", RuleId::PlasticAnchors, [](Fitting& s) { s.place.anchor = Anchor::Metal; }, {}}));
// m a / n with a = 5 g in a family car: 0.4 kg on four screws is 4.9 N; 100 N on each is 8.15 kg.
const auto kHeavy = [](double mass_kg, Anchor anchor) {
    return all(driver(Quantity::Mass_kg, mass_kg), [=](Fitting& s) { s.place.anchor = anchor; });
};
INSTANTIATE_TEST_SUITE_P(
    Fit13Force, FitRule,
    testing::Values(FitRow{"8.15 kg in plastic", RuleId::FixingOverload, kHeavy(8.15, Anchor::Plastic), {}},
                    FitRow{"8.16 kg in plastic", RuleId::FixingOverload, kHeavy(8.16, Anchor::Plastic), kCare},
                    FitRow{"8.16 kg in metal", RuleId::FixingOverload, kHeavy(8.16, Anchor::Metal), {}},
                    FitRow{"12.3 kg in metal", RuleId::FixingOverload, kHeavy(12.3, Anchor::Metal), kCare},
                    FitRow{"9.8 kg in wood", RuleId::FixingOverload, kHeavy(9.8, Anchor::Wood), kCare},
                    FitRow{"nobody knows what they bite in", RuleId::FixingOverload, kHeavy(50.0, Anchor::Unknown), {}},
                    FitRow{"on a bracket",
                           RuleId::FixingOverload,
                           all(kHeavy(50.0, Anchor::Plastic), [](Fitting& s) { s.mount.fixing = Fixing::Bracket; }),
                           {}}));
INSTANTIATE_TEST_SUITE_P(
    Fit1Cut, FitRule,
    testing::Values(FitRow{"55 mm and cut", RuleId::NeedlessCut, withHolder(0.055, true), kNote},
                    FitRow{"54.9 mm and cut", RuleId::NeedlessCut, withHolder(0.0549, true), {}},
                    FitRow{"55 mm, whole", RuleId::NeedlessCut, withHolder(0.055, false), {}},
                    FitRow{"43 mm, whole", RuleId::DepthAndSpacer, withHolder(0.043, false), kCare},
                    FitRow{"43 mm and cut", RuleId::DepthAndSpacer, withHolder(0.043, true), {}},
                    FitRow{"42.9 mm and cut", RuleId::DepthAndSpacer, withHolder(0.0429, true), kCare}));
const auto kPanel = [](bool counted) {
    return [=](Fitting& s) {
        s.also = [=](Plan& plan) {
            const auto id = drawId<PanelId>(plan);
            plan.panels[id] = {.name = "card"};
            if (counted) plan.panels[id].fasteners = {{.count = 6}};
            plan.places.at(kLeft).wayIn = plan.places.at(kRight).wayIn = {id};
        };
    };
};
INSTANTIATE_TEST_SUITE_P(Fit14, FitRule,
                         testing::Values(FitRow{"nothing counted", RuleId::CountsOpen, kPanel(false), kCare},
                                         FitRow{"six counted", RuleId::CountsOpen, kPanel(true), {}}));
INSTANTIATE_TEST_SUITE_P(Fit15, FitRule,
                         testing::Values(FitRow{"11.0 mm there", RuleId::ScrewReaches, withScrewRoom(0.011), {}},
                                         FitRow{"10.9 mm there", RuleId::ScrewReaches, withScrewRoom(0.0109), kStop}));
// The same driver both sides, one channel turned down.
const auto kTurnedDown = [](double gain_db) {
    return [=](Fitting& s) {
        s.also = [=](Plan& plan) {
            plan.settings[{plan.job.goal, {tests::kRadio, "RR"}}] = Setting{.gain_db = gain_db};
        };
    };
};
INSTANTIATE_TEST_SUITE_P(Load6, FitRule,
                         testing::Values(FitRow{"1.5 dB apart", RuleId::LevelMismatch, kTurnedDown(-1.5), {}},
                                         FitRow{"1.6 dB apart", RuleId::LevelMismatch, kTurnedDown(-1.6), kNote},
                                         FitRow{"3.0 dB apart", RuleId::LevelMismatch, kTurnedDown(-3.0), kNote},
                                         FitRow{"3.1 dB apart", RuleId::LevelMismatch, kTurnedDown(-3.1), kCare}));

// A sine at the source's limit puts so many watts into the coil; 6 dB is a factor of 3.981.
TEST(Load5, SpeaksOverSixDecibelsBetweenSourceAndRating)
{
    const auto speaks = [](double rating_w) {
        Fitting fitting;
        fitting.driver.figures[Quantity::Power_w] = Known{rating_w};
        const Plan plan = planOf(fitting);
        const auto findings = judge(plan, tests::evaluated(plan));
        return std::any_of(findings.begin(), findings.end(),
                           [](const Finding& f) { return f.rule == RuleId::ClipsEarly; });
    };
    Fitting fitting;
    const Plan plan = planOf(fitting);
    const Evaluation evaluation = tests::evaluated(plan);
    const double sine_w = findRunOfDevice(*evaluation.stages.at(plan.job.goal), tests::kLeftSpeaker)->sine_w;
    EXPECT_FALSE(speaks(sine_w * 3.980));
    EXPECT_TRUE(speaks(sine_w * 3.983));
}

// What stood there already is nobody's choice now.
TEST(FitRules, SayNothingOfWhatWasNotChanged)
{
    Plan plan = tests::demoPlan();
    for (const PlaceId id : {kLeft, kRight}) plan.places.at(id).room[Quantity::Depth_m] = Known{0.01};
    for (const Finding& finding : judge(plan, tests::evaluated(plan)))
        EXPECT_FALSE(code(finding.rule).starts_with("FIT")) << code(finding.rule);
}

}  // namespace
}  // namespace core
