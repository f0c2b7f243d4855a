// What a plan says of a driver's surroundings, and what physics is told of it.
#include <gtest/gtest.h>

#include <array>
#include <numbers>

#include "core/evaluate/cabin_of.h"
#include "core/evaluate/driver_mounting.h"
#include "core/evaluate/evaluate.h"
#include "core/evaluate/hearing.h"
#include "core/evaluate/ways.h"
#include "core/fitout/complete.h"
#include "core/fitout/resolve.h"
#include "core/model/names.h"
#include "core/model/validate.h"
#include "core/physics/closed_box.h"
#include "core/physics/radiation.h"
#include "core/practice/practice_shapes.h"
#include "tests/core/demo_plan.h"
#include "tests/core/twelve_runs.h"

namespace core {
namespace {

// One driver at one place, whose figures a test sets.
struct OnePlace {
    Plan plan = tests::demoPlan();
    Place& place = plan.places.at({3});
    const Practice practice = shippedShop().practice;

    [[nodiscard]] MountedDriver mounted() const
    {
        const Fitout fitout = resolve(plan, plan.job.goal);
        const Part& part = fitout.parts.at(fitout.devices.at(tests::kLeftSpeaker).part);
        return mountedDriver(fitout, {tests::kLeftSpeaker, "1"}, complete(part, "1", practice), practice);
    }
    [[nodiscard]] SoundSource source() const
    {
        return soundSource(resolve(plan, plan.job.goal), {tests::kLeftSpeaker, "1"}, 55e-4, practice);
    }
    [[nodiscard]] const StageResult& result()
    {
        evaluation = tests::evaluated(plan);
        return *evaluation.stages.at(plan.job.goal);
    }
    Evaluation evaluation{};
};

TEST(Mounting, APanelLeaksByAGuessUntilItIsSealed)
{
    OnePlace one;
    ASSERT_TRUE(one.mounted().mounting.leak);
    EXPECT_EQ(one.mounted().mounting.leak->coupling, one.practice[PracticeKey::UnsealedLeak_ratio]);
    EXPECT_EQ(one.mounted().worst, Origin::ClassGuess);
    one.plan.alterations[{one.plan.job.goal, drawId<AlterationId>(one.plan)}] =
        Alteration{.place = {3}, .what = AlterationKind::Seal};
    EXPECT_EQ(one.mounted().mounting.leak->coupling, one.practice[PracticeKey::SealedLeak_ratio]);
}

TEST(Mounting, WhatIsStatedOfALeakCountsMore)
{
    OnePlace one;
    one.place.room[Quantity::LeakCoupling] = Known{0.3, Basis{Origin::Measured}};
    one.place.room[Quantity::FrontBack_m] = Known{0.4, Basis{Origin::Measured}};
    EXPECT_EQ(one.mounted().mounting.leak, (BaffleLeak{0.4, 0.3}));
    EXPECT_EQ(one.mounted().worst, Origin::Measured);
}

TEST(Mounting, ADoorIsABoxOrALeakNeverBoth)
{
    OnePlace one;
    one.place.kind = PlaceKind::Door;
    one.place.room[Quantity::BoxVolume_m3] = Known{0.03};
    one.place.room[Quantity::LeakQ] = Known{5.0};
    one.place.room[Quantity::LeaksOutdoors] = Known{1.0};
    EXPECT_FALSE(one.mounted().mounting.leak);
    EXPECT_EQ(one.mounted().mounting.box, (Box{0.03, {}, 5.0, {}, true}));
}

TEST(Mounting, ATweeterOnTheDashLeaksNothing)
{
    OnePlace one;
    one.place.kind = PlaceKind::DashTop;
    EXPECT_EQ(one.mounted().mounting, Mounting{});
    one.place.kind = PlaceKind::Fairing;
    EXPECT_EQ(one.mounted().mounting.podWidth_m, one.practice[PracticeKey::PodWidth_m]);
}

// Source: Small (1972-73), E1's check values: S in 20 l, filled by 15 %, Qmc 4: Qtc 0.706605.
TEST(Mounting, AFilledBoxHasMoreAirAndMoreLoss)
{
    OnePlace one;
    one.plan = tests::withDriver(one.plan, tests::driverPart("S", {{Quantity::Re_ohm, 3.3},
                                                                   {Quantity::Fs_hz, 32.0},
                                                                   {Quantity::Qms, 6.0},
                                                                   {Quantity::Qes, 0.55},
                                                                   {Quantity::Vas_m3, 33e-3},
                                                                   {Quantity::Sd_m2, 335e-4}}));
    Place& place = one.plan.places.at({3});
    place.room[Quantity::BoxVolume_m3] = Known{20e-3};
    place.room[Quantity::FillGain] = Known{0.15};
    const MountedDriver mounted = one.mounted();
    EXPECT_NEAR(mounted.mounting.box->volume_m3, 23e-3, 1e-12);
    const DriverParameters& d = mounted.driver;
    const ClosedBox box =
        closedBox(d.fs_hz, d.qms * d.qes / (d.qms + d.qes), d.vas_m3, mounted.mounting.box->volume_m3);
    EXPECT_NEAR(box.totalQ, 0.706605, 5e-7);
}

// Two identical drivers share an enclosure's air: each finds half of it, so that both together are one of twice the
// area.
TEST(Mounting, TwoDriversShareAnEnclosure)
{
    OnePlace one;
    const PartId part = drawId<PartId>(one.plan);
    one.plan.parts[part] = {.kind = PartKind::Enclosure, .name = "box"};
    one.plan.parts[part].figures[Quantity::BoxVolume_m3] = Known{0.02};
    const DeviceId box = drawId<DeviceId>(one.plan);
    one.plan.devices[{one.plan.job.goal, box}] = Device{.part = part};
    const auto mount = [&](DeviceId device) { one.plan.mounts[{one.plan.job.goal, device}] = Mount{.behind = box}; };
    mount(tests::kLeftSpeaker);
    EXPECT_NEAR(one.mounted().mounting.box->volume_m3, 0.02, 1e-12);
    mount(tests::kRightSpeaker);
    EXPECT_NEAR(one.mounted().mounting.box->volume_m3, 0.01, 1e-12);
    EXPECT_TRUE(validate(one.plan).empty());
    EXPECT_EQ(one.result().circuits.size(), 2U);
}

// Source: a boxed coil's resonance rises by sqrt(1 + Vas/Vb); Small (1972-73). What the amplifier sees shows it.
TEST(Mounting, TheAmplifierSeesTheBox)
{
    OnePlace one;
    one.plan = apply(one.plan, bypass(one.plan, {tests::kLeftPlug, "C"})).plan;
    Place& place = one.plan.places.at({3});
    const auto peak_hz = [&] {
        const StageResult& result = one.result();
        Eigen::Index at = 0;
        const Eigen::ArrayXd load = findCircuit(result, {tests::kRadio, "RL"})->load_ohm.abs();
        load.head(300).maxCoeff(&at);
        return one.evaluation.frequency_hz(at);
    };
    const double open_hz = peak_hz();
    const double vas = findRunOfDevice(one.result(), tests::kLeftSpeaker)->driver.vas_m3;
    place.room[Quantity::BoxVolume_m3] = Known{vas / 3.0};  // alpha 3: twice the resonance
    EXPECT_NEAR(peak_hz() / open_hz, 2.0, 0.03);            // a step of the grid is 1.4 %
}

TEST(SoundSource, TheMountsFrameComesBeforeThePlaces)
{
    OnePlace one;
    EXPECT_EQ(one.source().at_m, one.place.frame.at_m);
    EXPECT_NEAR(one.source().radius_m, std::sqrt(55e-4 / std::numbers::pi), 1e-12);
    const Frame frame{{-2.0, 0.6, 0.9}, {1.0, 0.0, 0.0}};
    one.plan.mounts[{one.plan.job.goal, tests::kLeftSpeaker}] = Mount{.frame = frame};
    EXPECT_EQ(one.source().at_m, frame.at_m);
    EXPECT_EQ(one.source().axis, frame.facing);
}

TEST(SoundSource, CoversPlatesAndSeatsAreTaken)
{
    OnePlace one;
    one.place.cover = Cover::ThickCloth;
    EXPECT_EQ(one.source().cover.at4k_db, 1.5);  // the shipped table, common practice
    EXPECT_FALSE(one.source().plate);
    one.place.room[Quantity::GrilleThickness_m] = Known{1e-3};
    one.place.room[Quantity::GrilleHole_m] = Known{2e-3};
    one.place.room[Quantity::GrillePitch_m] = Known{3e-3};
    EXPECT_EQ(one.source().plate, (PerforatedPlate{1e-3, 2e-3, 3e-3}));
    one.place.kind = PlaceKind::CargoSide;
    EXPECT_EQ(one.source().loss_db, 0.0);  // an estate is open to its cargo
    one.plan.body.kind = BodyKind::Saloon;
    EXPECT_EQ(one.source().loss_db, one.practice[PracticeKey::BootLoss_db]);
}

TEST(Cabin, AnOpenVehicleHasNoneOfItsHelpOrHarm)
{
    const Practice practice = shippedShop().practice;
    Fitout fitout;
    for (const BodyKind kind :
         {BodyKind::Motorcycle, BodyKind::OpenSideBySide, BodyKind::OpenTwoSeater, BodyKind::Boat}) {
        fitout.body.kind = kind;
        EXPECT_EQ(cabinOf(fitout, practice), Cabin{}) << static_cast<int>(kind);
    }
    fitout.body.kind = BodyKind::Van;
    EXPECT_EQ(cabinOf(fitout, practice).worst, Origin::ClassGuess);
    EXPECT_TRUE(cabinOf(fitout, practice).gain);
}

TEST(Cabin, OwnSurfacesAndMeasuresTakeTheGuessesPlace)
{
    const Practice practice = shippedShop().practice;
    Fitout fitout;
    fitout.surfaces[{1}] = {.material = SurfaceMaterial::Carpet, .name = "floor"};
    fitout.body.cabin[Quantity::CabinLength_m] = Known{2.4, Basis{Origin::Measured}};
    fitout.body.cabin[Quantity::CabinLeak_hz] = Known{25.0, Basis{Origin::Measured}};
    const Cabin cabin = cabinOf(fitout, practice);
    EXPECT_EQ(cabin.panels.size(), 1U);
    EXPECT_EQ(cabin.worst, Origin::Measured);
    EXPECT_NEAR(cabin.gain->zone_hz, 71.5030, 5e-5);  // source: F6's check, c / (2 x 2.4 m)
}

// The usual surfaces are alike on both sides, and every head of the demo sits between them.
TEST(Cabin, UsualSurfacesAreSymmetric)
{
    const Practice practice = shippedShop().practice;
    for (const auto& name : enumNames<BodyKind>()) {
        double sum = 0.0;
        for (const auto& [id, surface] : usualSurfaces({.kind = name.value}, practice)) {
            const Vec3 middle = surface.corner_m + 0.5 * surface.along_m + 0.5 * surface.across_m;
            sum += middle.y;
            EXPECT_NEAR(dot(surface.along_m, surface.across_m), 0.0, 1e-9) << name.text << surface.name;
        }
        EXPECT_NEAR(sum, 0.0, 1e-9) << name.text;
    }
}

// A seat back in the line takes level from the treble, nearly none from the deep bass, and more is never heard with it.
TEST(Ways, ASeatBackStandsInTheWay)
{
    Cabin open, seated;
    seated.panels.push_back({{-1.2, -0.4, 0.4}, {0.0, 0.8, 0.0}, {0.0, 0.0, 0.9}, true});
    seated.materials.push_back(SurfaceMaterial::ClothSeat);
    const Practice practice = shippedShop().practice;
    const SoundSource source{.at_m = {-2.2, 0.0, 0.8}, .axis = {1.0, 0.0, 0.0}, .radius_m = 1e-6};
    const Vec3 ear{-0.5, 0.0, 0.9};
    const Eigen::ArrayXd free = wayTo(source, ear, prepareCabin(open, gridField({}), practice)).abs();
    const Eigen::ArrayXd behind = wayTo(source, ear, prepareCabin(seated, gridField({}), practice)).abs();
    EXPECT_TRUE((behind <= free * (1.0 + 1e-12)).all());
    EXPECT_LT(20.0 * std::log10(free(0) / behind(0)), 1.0);
    EXPECT_GT(20.0 * std::log10(free(400) / behind(400)), 12.0);
}

TEST(Ways, EarsLieLeftAndRightOfWhereTheHeadFaces)
{
    const Ears<Vec3> ahead = earsOf({.head_m = {-1.0, 0.3, 1.2}});
    EXPECT_NEAR(ahead[0].y, 0.3 + kHeadRadius_m, 1e-12);
    const Ears<Vec3> back = earsOf({.head_m = {-1.0, 0.3, 1.2}, .facing = {-1.0, 0.0, 0.0}});
    EXPECT_NEAR(back[0].y, 0.3 - kHeadRadius_m, 1e-12);
    EXPECT_NEAR(distance(back[0], back[1]), 2.0 * kHeadRadius_m, 1e-12);
}

// Adding an identical driver in phase beside the first moves each cone no more than before: where travel ruled, reach
// rises by the 6.02 dB of twice the area. Source: Olson (1957); the stiff source feeds both alike.
TEST(Hearing, AnIdenticalDriverBesideTheFirstNeverLowersReach)
{
    tests::TwelveRuns twelve;
    const Evaluation one = evaluate(twelve.plan, shippedShop().practice, std::array{kFound});
    StageResult alone = *one.stages.at(kFound);
    alone.runs.resize(1);
    alone.ways.resize(1);
    StageResult pair = alone;
    pair.runs.push_back(pair.runs.front());
    pair.ways.push_back(pair.ways.front());
    const GridTables tables = gridTables(one.practice);
    for (StageResult* stage : {&alone, &pair}) {
        stage->cones.assign(stage->runs.size(), stage->cones.front());
        for (size_t i = 0; i < stage->runs.size(); ++i) stage->cones[i].runs = {i};
        setCleanVoltage(*stage, one.practice, tables);
    }
    EXPECT_TRUE((alone.clean.most_v == pair.clean.most_v).all());
    const auto single = hear(alone, twelve.driver, one.practice, tables);
    const auto both = hear(pair, twelve.driver, one.practice, tables);
    for (size_t band = 0; band < kBandCount; ++band)
        EXPECT_NEAR(both->bands[band].reach_db - single->bands[band].reach_db, 20.0 * std::log10(2.0), 1e-9);
}

// One channel's own level is the sum of its ways; all channels' pressures add up to what the ear gets in the bass.
TEST(Hearing, ChannelsAddUpToTheWhole)
{
    const tests::TwelveRuns twelve;
    const Evaluation one = evaluate(twelve.plan, shippedShop().practice, std::array{kFound});
    const StageResult& stage = *one.stages.at(kFound);
    Eigen::ArrayXcd sum = Eigen::ArrayXcd::Zero(one.frequency_hz.size());
    for (const CircuitResult& circuit : stage.circuits) sum += channelAt(stage, circuit.channel, twelve.driver)[0];
    const Eigen::ArrayXd level = levelOf_db(sum.abs2());
    EXPECT_LT((level - levelOf_db(stage.hearing.at(twelve.driver).ear_pa2[0])).head(180).abs().maxCoeff(),
              1e-9);  // up to 260 Hz
}

// Source: E4, v = sqrt2 |Up|/(n Sp), peak: half the area makes twice the speed; the flow is that of the port's box.
TEST(Mounting, APortsAirSpeedIsThatOfItsFlow)
{
    OnePlace one;
    one.place.room[Quantity::BoxVolume_m3] = Known{2e-3};
    EXPECT_FALSE(one.result().runs.front().portSpeed_m_s);
    one.place.room[Quantity::Tuning_hz] = Known{90.0};
    one.place.room[Quantity::PortDiameter_m] = Known{0.04};
    const RunResult single = one.result().runs.front();
    ASSERT_TRUE(single.portSpeed_m_s);
    const PistonMotion motion =
        pistonMotion(single.driver, one.evaluation.frequency_hz, 0.0, one.mounted().mounting.box);
    const double limit_v = findCircuit(one.result(), single.run.id.channel)->sourceLimit_v.minCoeff();
    const double most_m3_s = limit_v * (motion.portFlow_m3_s_v.abs() * single.transfer.abs()).maxCoeff();
    EXPECT_NEAR(*single.portSpeed_m_s, std::numbers::sqrt2 * most_m3_s / (0.25 * std::numbers::pi * 0.04 * 0.04), 1e-9);
    one.place.room[Quantity::PortCount] = Known{2.0};
    EXPECT_NEAR(*one.result().runs.front().portSpeed_m_s, 0.5 * *single.portSpeed_m_s, 1e-9);
    one.place.room[Quantity::PortDiameter_m] = Known{0.01};
    EXPECT_EQ(one.result().runs.front().marks, std::vector<Warning>{{WarningKind::PortSpeed}});
}

}  // namespace
}  // namespace core
