// Eight whole jobs as sequences of edits, each held against figures that were worked out beforehand.
// Source of the figures: circuit theory (series and parallel of Re + jwLe + Res || Cmes || Lces and 1/jwC), evaluated
// by an independent script on the grid of 481 frequencies; R. H. Small, "Closed-box loudspeaker systems" (1972);
// geometry. Vehicles, people and parts are invented.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/advice/run_change.h"
#include "core/design/choose_bracket.h"
#include "core/edits/coil_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/fit_edits.h"
#include "core/edits/layers.h"
#include "core/edits/place_edits.h"
#include "core/edits/set_edits.h"
#include "core/edits/source_edits.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/wiring_graph.h"
#include "core/survey/unplug.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::after;
using tests::driverAt;

// Re, Le, fs, Qms, Qes, stated; the rest is the class's.
struct Coil {
    double re_ohm, le_h, fs_hz, qms, qes, nominal_ohm;
};
Part driverOf(const std::string& name, const char* driverClass, const Coil& coil)
{
    Part part = tests::driverPart(name, {{Quantity::Re_ohm, coil.re_ohm},
                                         {Quantity::Le_h, coil.le_h},
                                         {Quantity::Fs_hz, coil.fs_hz},
                                         {Quantity::Qms, coil.qms},
                                         {Quantity::Qes, coil.qes},
                                         {Quantity::Nominal_ohm, coil.nominal_ohm}});
    part.driverClass = driverClass;
    return part;
}

Plan withFound(const Plan& plan, DeviceId device, const Part& part)
{
    return after(plan, changePart(plan, kFactory, device, part));
}

using tests::goalOf;

const CircuitResult& circuitOfDriver(const StageResult& stage, DeviceId device)
{
    return *findCircuit(stage, findRunOfDevice(stage, device)->run.id.channel);
}

bool speaks(const std::vector<Finding>& findings, RuleId rule)
{
    return std::any_of(findings.begin(), findings.end(), [&](const Finding& one) { return one.rule == rule; });
}

const Finding& theFinding(const std::vector<Finding>& findings, RuleId rule)
{
    static const Finding kNone{};
    const auto found =
        std::find_if(findings.begin(), findings.end(), [&](const Finding& one) { return one.rule == rule; });
    EXPECT_NE(found, findings.end()) << code(rule);
    return found == findings.end() ? kNone : *found;
}

double transferAt_db(const Evaluation& evaluation, const RunResult& run, double hz)
{
    Eigen::Index nearest = 0;
    (evaluation.frequency_hz - hz).abs().minCoeff(&nearest);
    return 20.0 * std::log10(std::abs(run.transfer(nearest)));
}

// Moor hatchback, Nell Ashby: wide-bands in the rear doors behind 68 uF in the vehicle's plug.
TEST(WholeJob, AWideBandWithACapacitorInItsPlug)
{
    Plan plan = tests::withSpots(BodyKind::Hatchback, {"rear door"});
    const DeviceId left = driverAt(plan, "left rear door");
    plan = withFound(plan, left, driverOf("old paper", "wideBand100", {5.1, 0.0002, 112, 4.2, 1.05, 6}));
    plan = after(plan, setFilter(plan, kFactory, left, FilterPlace::Plug, Known{68e-6}));
    plan = after(plan, fitPart(plan, left, driverOf("Moorhen", "wideBand100", {3.4, 0.00018, 104, 4.4, 0.9, 4})));
    EXPECT_EQ(filterOf(resolve(plan, plan.job.goal), left).place, FilterPlace::Plug) << "the plug stays in the car";
    Evaluation evaluation = tests::evaluated(plan);
    const RunResult* run = findRunOfDevice(goalOf(evaluation, plan), left);
    EXPECT_NEAR(*findRunOfDevice(*evaluation.stages.at(kFound), left)->idealCorner_hz, 390.086, 0.01);
    EXPECT_NEAR(*run->idealCorner_hz, 585.128, 0.01);
    EXPECT_NEAR(transferAt_db(evaluation, *run, 200.0), -10.204, 0.15);
    EXPECT_NEAR(transferAt_db(evaluation, *run, 1000.0), -0.7156, 0.05);
    const Finding kept = theFinding(judge(plan, evaluation), RuleId::KeptCapacitor);
    EXPECT_EQ(kept.severity, Severity::Care);
    // 100 uF is the nearest that puts the corner back: 0.029 of an octave off.
    const auto mend = std::find_if(kept.mends.begin(), kept.mends.end(),
                                   [](const Mend& one) { return one.name == MendName::ReplaceCapacitor; });
    ASSERT_NE(mend, kept.mends.end());
    plan = after(plan, std::get<Edit>(mend->act));
    evaluation = tests::evaluated(plan);
    EXPECT_NEAR(*findRunOfDevice(goalOf(evaluation, plan), left)->idealCorner_hz, 397.887, 0.01);
    EXPECT_FALSE(speaks(judge(plan, evaluation), RuleId::KeptCapacitor));
    EXPECT_FALSE(speaks(judge(plan, evaluation), RuleId::HighPassLost));
    const Plan bare = after(plan, bypass(plan, filterOf(resolve(plan, plan.job.goal), left).capacitor));
    EXPECT_TRUE(speaks(judge(bare, tests::evaluated(bare)), RuleId::HighPassLost));
}

// Fen saloon, Oskar Lund: 8 ohm door speakers, 4 ohm ones planned on a source of which nobody knows the least load.
TEST(WholeJob, ADriverOfOtherOhmsThanBefore)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door"});
    const DeviceId left = driverAt(plan, "left front door");
    plan = withFound(plan, left, driverOf("old 8 ohm", "componentWoofer165", {6.6, 0.0005, 75, 4.8, 0.9, 8}));
    plan = after(plan, fitPart(plan, left, driverOf("Fenland", "componentWoofer165", {3.1, 0.0003, 70, 4.5, 0.8, 4})));
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& goal = goalOf(evaluation, plan);
    EXPECT_NEAR(runChange(*evaluation.stages.at(kFound), goal, left).equalVolts_db, 3.0103, 1e-4);
    EXPECT_NEAR(circuitOfDriver(goal, left).least_ohm, 3.12787, 0.002);
    EXPECT_NEAR(circuitOfDriver(goal, left).least_hz, 416.66, 6.1);  // a point of the grid
    const Finding lower = theFinding(judge(plan, evaluation), RuleId::LowerLoadOnFactory);
    EXPECT_EQ(lower.severity, Severity::Stop);  // 0.47 of the old resistance, and the amplifier is unknown
    EXPECT_NEAR(lower.evidence.front().figure.value / lower.evidence.front().limit.value_or(1.0), 3.1 / (0.7 * 6.6),
                0.36);
    // The other way round nothing is said of the load, only of the level.
    Plan back = tests::withSpots(BodyKind::Saloon, {"front door"});
    back = withFound(back, left, driverOf("old 4 ohm", "componentWoofer165", {3.1, 0.0003, 70, 4.5, 0.8, 4}));
    back = after(back, fitPart(back, left, driverOf("Highmoor", "componentWoofer165", {6.6, 0.0005, 75, 4.8, 0.9, 8})));
    const std::vector<Finding> findings = judge(back, tests::evaluated(back));
    EXPECT_FALSE(speaks(findings, RuleId::LowerLoadOnFactory));
    EXPECT_TRUE(speaks(findings, RuleId::LessLevel));
}

// Beck coupe, Maud Ellery: tweeters added to the doors' pairs; what was found stays as it was.
TEST(WholeJob, AnAddedTweeter)
{
    Plan plan = tests::withSpots(BodyKind::Coupe, {"front door"});
    const DeviceId door = driverAt(plan, "left front door");
    plan = withFound(plan, door, driverOf("old woofer", "componentWoofer165", {3.3, 0.0004, 60, 4.8, 0.62, 4}));
    const Plan found = plan;
    const StageId goal = plannedGoal(plan);
    const int before = plan.lastId;
    plan = after(plan, addSpeakers(plan, goal, tests::spotOf(plan, "sail"), tests::shop().practice));
    DeviceId tweeter;
    for (const auto& [id, device] : resolve(plan, goal).devices)
        if (id.number > before && resolve(plan, goal).parts.at(device.part).kind == PartKind::Driver && !tweeter)
            tweeter = id;
    ASSERT_TRUE(tweeter);
    Part dome = driverOf("Beckside dome", "domeTweeter25", {3.4, 0.00003, 1450, 2.0, 1.3, 4});
    setOwnCapacitor(dome, Known{4.7e-6});
    plan = after(plan, fitPart(plan, tweeter, dome));
    const Evaluation evaluation = tests::evaluated(plan);
    EXPECT_EQ(evaluation.stages.at(kFound)->runs.size(), tests::evaluated(found).stages.at(kFound)->runs.size());
    EXPECT_EQ(goalOf(evaluation, plan).runs.size(), 2 * evaluation.stages.at(kFound)->runs.size());
    EXPECT_NEAR(circuitOfDriver(*evaluation.stages.at(kFound), door).least_ohm, 3.33034, 0.002);
    EXPECT_NEAR(circuitOfDriver(goalOf(evaluation, plan), door).least_ohm, 3.32563, 0.002);
    const RunResult* run = findRunOfDevice(goalOf(evaluation, plan), tweeter);
    ASSERT_NE(run, nullptr);
    EXPECT_NEAR(transferAt_db(evaluation, *run, 1000.0), -15.03, 0.2);
    EXPECT_NEAR(transferAt_db(evaluation, *run, 5000.0), -6.56, 0.1);
    EXPECT_FALSE(speaks(judge(plan, evaluation), RuleId::TweeterUnprotected));
    setOwnCapacitor(dome, std::nullopt);
    const Plan bare = after(plan, fitPart(plan, tweeter, dome));
    EXPECT_EQ(theFinding(judge(bare, tests::evaluated(bare)), RuleId::TweeterUnprotected).severity, Severity::Stop);
}

// Marsh saloon, Tove Quill: sail tweeters go on from the door woofers' terminals, and stay so whatever is changed.
TEST(WholeJob, ALoopThroughPair)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    const DeviceId door = driverAt(plan, "left front door"), sail = driverAt(plan, "left sail");
    plan = withFound(plan, door, driverOf("old woofer", "componentWoofer165", {3.6, 0.00035, 72, 4.2, 0.8, 4}));
    Part dome = driverOf("old dome", "domeTweeter25", {3.2, 0.00002, 1700, 1.9, 1.4, 4});
    setOwnCapacitor(dome, Known{5.6e-6});
    plan = withFound(plan, sail, dome);
    plan = after(plan, loopThrough(plan, kFactory, sail, door));
    plan =
        after(plan, fitPart(plan, door, driverOf("Marshwren", "componentWoofer165", {3.2, 0.0004, 58, 5.0, 0.6, 4})));
    plan = after(plan, fitPart(plan, sail, dome));
    const Evaluation evaluation = tests::evaluated(plan);
    EXPECT_NEAR(circuitOfDriver(*evaluation.stages.at(kFound), sail).least_ohm, 3.16403, 0.003);
    EXPECT_NEAR(circuitOfDriver(goalOf(evaluation, plan), sail).least_ohm, 3.17681, 0.003);
    // One pair feeds both at every stage, and pulling the door's plug silences the tweeter as found.
    for (const StageId stage : {kFound, plan.job.goal}) {
        const StageResult& result = *evaluation.stages.at(stage);
        EXPECT_EQ(findRunOfDevice(result, door)->run.id.channel, findRunOfDevice(result, sail)->run.id.channel);
    }
    const Fitout off = unplug(resolve(plan, kFound), door, "tabs");
    for (const auto& run : runs(off)) EXPECT_NE(run.id.coil.device, sail);
}

// Heath pickup, Ivo Marsh: a 165 mm coaxial where the vehicle has three screws.
TEST(WholeJob, ACoaxialOnABracket)
{
    Plan plan = tests::withSpots(BodyKind::Pickup, {"rear door"});
    const DeviceId left = driverAt(plan, "left rear door");
    const PlaceId at = tests::placeNamed(plan, "left rear door");
    Place place = plan.places.at(at);
    for (const auto& [what, value] : {std::pair{Quantity::ScrewCount, 3.0},
                                      {Quantity::ScrewCircle_m, 0.172},
                                      {Quantity::ScrewStart_deg, 90.0},
                                      {Quantity::Cutout_m, 0.150},
                                      {Quantity::Depth_m, 0.070},
                                      {Quantity::FrontClearance_m, 0.060}})
        place.room[what] = Known{value, {Origin::Measured}};
    plan = after(plan, changePlace(plan, at, place));
    Part coaxial = driverOf("Heathcock", "coaxial165", {3.4, 0.0003, 80, 4.5, 0.8, 4});
    for (const auto& [what, value] : {std::pair{Quantity::ScrewCount, 4.0},
                                      {Quantity::ScrewCircle_m, 0.159},
                                      {Quantity::ScrewStart_deg, 45.0},
                                      {Quantity::Basket_m, 0.141},
                                      {Quantity::Flange_m, 0.172},
                                      {Quantity::Depth_m, 0.060}})
        coaxial.figures[what] = Known{value};
    plan = after(plan, fitPart(plan, left, coaxial));
    Evaluation evaluation = tests::evaluated(plan);
    const double depth_m = goalOf(evaluation, plan).fits.at(left)->depthMargin_m->value;
    EXPECT_NEAR(depth_m, 0.010, 1e-9);
    const Finding holes = theFinding(judge(plan, evaluation), RuleId::ScrewHoles);
    EXPECT_EQ(holes.severity, Severity::Care);
    ASSERT_GE(holes.mends.size(), 2U);
    EXPECT_EQ(holes.mends.front().name, MendName::FitBracket);
    EXPECT_EQ(holes.mends.back().name, MendName::NewScrewHoles);
    const auto edit =
        answer(std::get<SolverRequest>(holes.mends.front().act), plan, tests::shop().practice, tests::shop().shelf);
    ASSERT_TRUE(edit);
    plan = after(plan, *edit);
    evaluation = tests::evaluated(plan);
    const DriverFit& fit = *goalOf(evaluation, plan).fits.at(left);
    EXPECT_EQ(fit.bracket->matched, 3);                            // the three of the vehicle
    EXPECT_EQ(fit.screws->matched, 4);                             // the four of the driver
    EXPECT_NEAR(fit.depthMargin_m->value - depth_m, 0.012, 1e-9);  // as thick as the bracket
    EXPECT_FALSE(speaks(judge(plan, evaluation), RuleId::ScrewHoles));
}

// Ridge van, Edda Moss: a subwoofer with two 2 ohm coils on an amplifier of its own, added as planned.
TEST(WholeJob, AnAddedSubwooferOnAnAddedAmplifier)
{
    Plan plan = tests::withSpots(BodyKind::Van, {"front door"});
    const Plan found = plan;
    const StageId goal = plannedGoal(plan);
    int before = plan.lastId;
    const auto fresh = [&](PartKind kind) {
        const Fitout fitout = resolve(plan, goal);
        for (const auto& [id, device] : fitout.devices)
            if (id.number > before && fitout.parts.at(device.part).kind == kind) return id;
        return DeviceId{};
    };
    plan = after(plan, addSource(plan, goal, *tests::shop().shelf.find("amp-tarn-1"), {}));
    const DeviceId amplifier = fresh(PartKind::Amplifier);
    before = plan.lastId;
    plan = after(plan, addSpeakers(plan, goal, tests::spotOf(plan, "own box"), tests::shop().practice));
    const DeviceId sub = fresh(PartKind::Driver);
    ASSERT_TRUE(amplifier && sub);
    plan = after(plan, connectSpeaker(plan, goal, sub, {amplifier, "S1"}));
    Place box = plan.places.at(resolve(plan, goal).devices.at(sub).at);
    box.room[Quantity::BoxVolume_m3] = Known{0.028, {Origin::Measured}};
    plan = after(plan, changePlace(plan, resolve(plan, goal).devices.at(sub).at, box));
    Part twin = driverOf("Ridgeway 250", "subwoofer250", {1.9, 0.001, 33, 6.0, 0.55, 2});
    twin.figures[Quantity::Vas_m3] = Known{0.040};
    twin.terminals["2+"] = twin.terminals["2-"] = "tabs";
    twin.inside["1"].cone = 1;
    twin.inside["2"] = Element{.kind = ElementKind::Coil, .a = "2+", .b = "2-", .cone = 1};
    plan = after(plan, fitPart(plan, sub, twin));
    // In series: Re 3.8, Le 4 mH; in parallel Re 0.95, Le 1 mH; alpha 40/28.
    for (const auto& [join, least_ohm, stops] :
         {std::tuple{CoilJoin::Series, 3.96730, false}, {CoilJoin::Parallel, 0.991825, true}}) {
        const Plan wired = after(plan, planCoils(plan, sub, join));
        const Evaluation evaluation = tests::evaluated(wired);
        EXPECT_NEAR(circuitOfDriver(goalOf(evaluation, wired), sub).least_ohm / least_ohm, 1.0, 0.005);
        const std::vector<Finding> findings = judge(wired, evaluation);
        EXPECT_EQ(speaks(findings, RuleId::LoadUnderMinimum), stops) << "the amplifier's least load is 2 ohm";
        EXPECT_EQ(evaluation.stages.at(kFound)->runs.size(), tests::evaluated(found).stages.at(kFound)->runs.size());
    }
}

// Lowland estate, Ragna Field: another driver with two coils goes into the box that is there.
TEST(WholeJob, ADualCoilDriverInTheBoxThatIsThere)
{
    Plan plan = tests::withSpots(BodyKind::Estate, {"own box"});
    const DeviceId sub = driverAt(plan, "own box");
    const PlaceId at = tests::placeNamed(plan, "own box");
    Place box = plan.places.at(at);
    box.room[Quantity::BoxVolume_m3] = Known{0.028, {Origin::Measured}};
    plan = after(plan, changePlace(plan, at, box));
    plan = withFound(plan, sub, driverOf("old sub", "subwoofer250", {3.3, 0.002, 36, 5.0, 0.6, 4}));
    Part twin = driverOf("Lowland 250", "subwoofer250", {1.9, 0.001, 33, 6.0, 0.55, 2});
    twin.figures[Quantity::Vas_m3] = Known{0.040};
    twin.terminals["2+"] = twin.terminals["2-"] = "tabs";
    twin.inside["1"].cone = 1;
    twin.inside["2"] = Element{.kind = ElementKind::Coil, .a = "2+", .b = "2-", .cone = 1};
    plan = after(plan, fitPart(plan, sub, twin));
    // Where the old one showed 3.3 ohm the two coils are joined in series by themselves: 3.8 ohm at the leads.
    const CoilsAtDriver coils = coilsAtDriver(resolve(plan, plan.job.goal), sub, tests::shop().practice);
    EXPECT_EQ(coils.join, CoilJoin::Series);
    EXPECT_NEAR(*coils.leads_ohm, 3.8, 1e-9);
    const Evaluation evaluation = tests::evaluated(plan);
    // Two of 2 ohm in series are 4 ohm nominal, as the old one was; side by side they are 1 ohm: 10 log 4.
    EXPECT_NEAR(runChange(*evaluation.stages.at(kFound), goalOf(evaluation, plan), sub).equalVolts_db, 0.0, 1e-9);
    const Plan parallel = after(plan, planCoils(plan, sub, CoilJoin::Parallel));
    const Evaluation low = tests::evaluated(parallel);
    EXPECT_NEAR(runChange(*low.stages.at(kFound), goalOf(low, parallel), sub).equalVolts_db, 6.0206, 1e-4);
    const CircuitResult& circuit = circuitOfDriver(goalOf(evaluation, plan), sub);
    // The hump of the impedance stands at fc = fs sqrt(1 + Vas/Vb) = 51.43 Hz; the grid has 1.4 % steps.
    Eigen::Index peak = 0;
    const Eigen::Index last = 160;  // up to 200 Hz
    circuit.load_ohm.abs().head(last).maxCoeff(&peak);
    EXPECT_NEAR(evaluation.frequency_hz(peak) / 51.4268, 1.0, 0.015);
    EXPECT_FALSE(speaks(judge(plan, evaluation), RuleId::CoilsFight));
    EXPECT_FALSE(speaks(judge(plan, evaluation), RuleId::CoilOpen));
}

// Skerry motorcycle, Sigrun Holt: ovals in bag lids, no cabin round anybody.
TEST(WholeJob, OvalsInAVehicleWithoutACabin)
{
    Plan plan = tests::withSpots(BodyKind::Motorcycle, {"bag lid"});
    const DeviceId left = driverAt(plan, "left bag lid");
    const PlaceId at = tests::placeNamed(plan, "left bag lid");
    Part oval = driverOf("Skerry oval", "ovalCoaxial5x7", {3.4, 0.0003, 72, 4.5, 0.75, 4});
    for (const auto& [what, value] : {std::pair{Quantity::Basket_m, 0.180},
                                      {Quantity::BasketShort_m, 0.130},
                                      {Quantity::Flange_m, 0.204},
                                      {Quantity::FlangeShort_m, 0.154},
                                      {Quantity::ScrewWidth_m, 0.146},
                                      {Quantity::ScrewHeight_m, 0.096},
                                      {Quantity::ScrewHole_m, 0.0045}})
        oval.figures[what] = Known{value};
    const auto inOpening = [&](double long_m, double short_m) {
        Place place = plan.places.at(at);
        place.room[Quantity::Cutout_m] = Known{long_m, {Origin::Measured}};
        place.room[Quantity::CutoutShort_m] = Known{short_m, {Origin::Measured}};
        Plan changed = after(plan, changePlace(plan, at, place));
        return after(changed, fitPart(changed, left, oval));
    };
    // Half axes 1 mm over the body's pass; a round 165 mm hole does not.
    const Plan passes = inOpening(0.182, 0.132), round = inOpening(0.165, 0.165);
    const Evaluation through = tests::evaluated(passes), blocked = tests::evaluated(round);
    EXPECT_FALSE(goalOf(through, passes).fits.at(left)->hole->cut);
    EXPECT_TRUE(goalOf(blocked, round).fits.at(left)->hole->cut);
    EXPECT_FALSE(speaks(judge(passes, through), RuleId::CutoutAndRing));
    EXPECT_EQ(theFinding(judge(round, blocked), RuleId::CutoutAndRing).severity, Severity::Care);
    EXPECT_FALSE(speaks(judge(passes, through), RuleId::ScrewOutsideFlange));
    // (75/98.625)^2 + (50/73.625)^2 = 1.03949: the screws would hang in air.
    oval.figures[Quantity::ScrewWidth_m] = Known{0.150};
    oval.figures[Quantity::ScrewHeight_m] = Known{0.100};
    const Plan outside = inOpening(0.182, 0.132);
    EXPECT_EQ(theFinding(judge(outside, tests::evaluated(outside)), RuleId::ScrewOutsideFlange).severity,
              Severity::Stop);
    // Nothing of a cabin: the wave falls with distance at every frequency, and nothing is gained.
    EXPECT_FALSE(tests::shop().practice.bodies.at("motorcycle").cabin);
    const auto& heard = goalOf(through, passes).hearing.begin()->second;
    const RunResult* run = findRunOfDevice(goalOf(through, passes), left);
    ASSERT_NE(run, nullptr);
    EXPECT_TRUE(heard.level_db.isFinite().all());
}

// Tarn saloon, Bodil Reay: a set planned as one article, woofer and tweeter behind its network on the door's channel.
TEST(WholeJob, AComponentSetBehindItsNetwork)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    const DeviceId door = driverAt(plan, "left front door"), sail = driverAt(plan, "left sail");
    const Shop& shop = tests::shop();
    const auto set = contentsOf(shop.shelf, *shop.shelf.find("set-orchid"), shop.practice);
    ASSERT_TRUE(set && set->network);
    plan = after(plan, fitSet(plan, door, *set, shop.vehicles, shop.practice));
    const Fitout fitout = resolve(plan, plan.job.goal);
    EXPECT_EQ(partOf(fitout, door).shelfKey, set->woofer->shelfKey);
    EXPECT_EQ(partOf(fitout, sail).shelfKey, set->tweeter->shelfKey);
    EXPECT_EQ(runs(fitout).size(), 4U) << "both sides play both ways";
    const Evaluation evaluation = tests::evaluated(plan);
    const RunResult* low = findRunOfDevice(goalOf(evaluation, plan), door);
    const RunResult* high = findRunOfDevice(goalOf(evaluation, plan), sail);
    ASSERT_TRUE(low && high);
    // 6.8 uF and 0.33 mH behind it: far below the split the tweeter's volts fall 12 dB an octave.
    EXPECT_NEAR(transferAt_db(evaluation, *high, 400.0) - transferAt_db(evaluation, *high, 200.0), 12.0, 1.0);
    EXPECT_LT(transferAt_db(evaluation, *low, 12000.0), transferAt_db(evaluation, *low, 500.0) - 3.0);
    EXPECT_FALSE(speaks(judge(plan, evaluation), RuleId::LoadUnderMinimum)) << "a set is made for 4 ohm sources";
    EXPECT_FALSE(speaks(judge(plan, evaluation), RuleId::TweeterUnprotected));
    for (const auto& [id, wire] : fitout.wires) EXPECT_NE(wire.a, wire.b);
}

}  // namespace
}  // namespace core
