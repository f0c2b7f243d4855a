// A whole vehicle's sound: what must hold whatever the model's constants are.
#include <gtest/gtest.h>

#include <algorithm>
#include <rapidcheck/gtest.h>

#include <array>
#include <sstream>

#include "core/advice/boundary_advice.h"
#include "core/evaluate/evaluate.h"
#include "core/evaluate/hearing.h"
#include "core/evaluate/ways.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"
#include "core/model/validate.h"
#include "core/physics/path.h"
#include "tests/core/random_values.h"
#include "tests/core/twelve_runs.h"

namespace core {
namespace {

const StageResult& found(const Evaluation& evaluation)
{
    return *evaluation.stages.at(kFound);
}

Evaluation evaluated(const Plan& plan, const Evaluation& last = {})
{
    return evaluate(plan, shippedShop().practice, std::array{kFound}, last);
}

void expectSame(const StageResult& a, const StageResult& b)
{
    ASSERT_EQ(a.hearing.size(), b.hearing.size());
    ASSERT_EQ(a.runs.size(), b.runs.size());
    for (const auto& [id, heard] : a.hearing) {
        const HearingResult& other = b.hearing.at(id);
        EXPECT_TRUE((heard.level_db == other.level_db).all());
        EXPECT_TRUE((loudest_db(a, id) == loudest_db(b, id)).all());
        for (size_t band = 0; band < kBandCount; ++band)
            EXPECT_EQ(heard.bands[band].reach_db, other.bands[band].reach_db);
        EXPECT_EQ(heard.image, other.image);
    }
}

TEST(Acoustics, TwelveRunsSoundAtFourEars)
{
    const tests::TwelveRuns twelve;
    ASSERT_TRUE(validate(twelve.plan).empty());
    const Evaluation evaluation = evaluated(twelve.plan);
    EXPECT_EQ(found(evaluation).runs.size(), 12U);
    const Cabin& cabin = found(evaluation).cabin;
    EXPECT_EQ(std::count_if(cabin.panels.begin(), cabin.panels.end(), [](const auto& one) { return one.mirrors; }), 6);
    // And in the way, of two in one row: a wheel, two legs each of two pieces, a back each.
    EXPECT_EQ(cabin.panels.size(), 6U + 1U + 2U * 4U + 2U);
    EXPECT_EQ(cabin.names.size(), cabin.panels.size());
    for (const auto& [id, heard] : found(evaluation).hearing) {
        EXPECT_TRUE(heard.level_db.isFinite().all());
        EXPECT_TRUE(levelOf_db(heard.ear_pa2[0]).isFinite().all() && levelOf_db(heard.ear_pa2[1]).isFinite().all());
    }
}

// The plan is the same on both sides, so the passenger hears what the driver hears, ears and sides exchanged.
TEST(Acoustics, SymmetricListenersAgree)
{
    tests::TwelveRuns twelve;
    twelve.plan.listeners.at(twelve.driver).seat = Seat::FrontPassenger;  // the wheel is on one side alone
    const Evaluation evaluation = evaluated(twelve.plan);
    const HearingResult& driver = found(evaluation).hearing.at(twelve.driver);
    const HearingResult& passenger = found(evaluation).hearing.at(twelve.passenger);
    EXPECT_LT((driver.level_db - passenger.level_db).abs().maxCoeff(), 1e-6);
    EXPECT_LT((levelOf_db(driver.ear_pa2[0]) - levelOf_db(passenger.ear_pa2[1])).abs().maxCoeff(), 1e-6);
    EXPECT_LT((levelOf_db(driver.left_pa2) - levelOf_db(passenger.right_pa2)).abs().maxCoeff(), 1e-6);
    EXPECT_NEAR(*driver.image, -*passenger.image, 1e-9);
}

TEST(Acoustics, WithoutCabinAndSurfacesItIsTheFreeField)
{
    SoundSource source{.at_m = {-1.0, 0.5, 0.6}, .axis = {0.0, -1.0, 0.0}, .radius_m = 1e-8};
    const Vec3 ear{-1.5, 0.3, 1.2};
    const PreparedCabin open = prepareCabin({}, gridField({}), shippedShop().practice);
    const Eigen::ArrayXcd free = directPath(distance(source.at_m, ear), open.field.frequency_hz);
    EXPECT_LT((wayTo(source, ear, open) - free).abs().maxCoeff(), 1e-10);
}

// Reciprocity: without directivity a source and an ear may change places, mirrors and all.
TEST(Acoustics, SourceAndEarMayChangePlaces)
{
    const tests::TwelveRuns twelve;
    const Practice practice = shippedShop().practice;
    const Evaluation evaluation = evaluated(twelve.plan);
    const Cabin& cabin = found(evaluation).cabin;
    const PreparedCabin prepared = prepareCabin(cabin, gridField(cabin.gain), practice);
    const Vec3 a{-0.7, 0.6, 1.1}, b{-1.45, 0.37, 1.2};
    const Eigen::ArrayXcd there = wayTo({.at_m = a, .radius_m = 1e-7}, b, prepared);
    const Eigen::ArrayXcd back = wayTo({.at_m = b, .radius_m = 1e-7}, a, prepared);
    EXPECT_LT(((there - back).abs() / there.abs()).maxCoeff(), 1e-9);
    EXPECT_FALSE(reportWay({.at_m = a}, b, cabin.panels).mirrors.empty());
}

TEST(Acoustics, LastOnlySavesTimeAfterEveryKindOfEdit)
{
    const tests::TwelveRuns twelve;
    const Evaluation last = evaluated(twelve.plan);
    std::vector<Plan> edited(6, twelve.plan);
    edited[0].listeners.at(twelve.driver).head_m.x -= 0.1;
    edited[1].places.begin()->second.frame.at_m.z += 0.1;
    edited[2].settings[{kFactory, {twelve.amplifier, "FL"}}] = Setting{.gain_db = -3.0, .delay_s = 1e-3};
    edited[3].places.begin()->second.cover = Cover::ThickCloth;
    edited[4].body.cabin[Quantity::CabinLength_m] = Known{2.2};
    edited[5].parts.rbegin()->second.figures[Quantity::Fs_hz] = Known{70.0};
    for (const Plan& plan : edited) {
        ASSERT_TRUE(validate(plan).empty());
        const Evaluation fresh = evaluated(plan);
        expectSame(found(fresh), found(evaluated(plan, last)));
    }
}

TEST(Acoustics, RemovingACoverNeverLowersALevel)
{
    tests::TwelveRuns covered;
    for (auto& [id, place] : covered.plan.places) place.cover = Cover::ClothUnderLeather;
    const Evaluation under = evaluated(covered.plan), bare = evaluated(tests::TwelveRuns().plan);
    for (size_t run = 0; run < found(bare).ways.size(); ++run)
        for (size_t ear = 0; ear < 2; ++ear)
            EXPECT_TRUE((found(bare).ways[run].ears.at(covered.driver)->at(ear).abs() >=
                         found(under).ways[run].ears.at(covered.driver)->at(ear).abs() * (1.0 - 1e-9))
                            .all());
}

// Source: as a definition, a curve measured at the head stands for everything between coil and ear.
TEST(Acoustics, ACurveMeasuredInPlaceIsTaken)
{
    tests::TwelveRuns twelve;
    const Evaluation before = evaluated(twelve.plan);
    const RunResult& run = found(before).runs.front();
    const CurveId id = drawId<CurveId>(twelve.plan);
    twelve.plan.curves[id] = Curve{.kind = CurveKind::InPlace,
                                   .frequency_hz = {100.0, 1000.0},
                                   .level_db = {80.0, 80.0},
                                   .phase_deg = {0.0, 0.0},
                                   .voltage_v = 1.0,
                                   .coil = run.run.id.coil,
                                   .listener = twelve.driver};
    ASSERT_TRUE(validate(twelve.plan).empty());
    StageResult alone = found(evaluated(twelve.plan));
    alone.runs.resize(1);
    const Eigen::ArrayXd level = channelLevel_db(alone, run.run.id.channel, twelve.driver);
    EXPECT_NEAR(level(160), 80.0 + 20.0 * std::log10(std::abs(alone.runs[0].transfer(160))), 1e-9);  // 200 Hz
    EXPECT_NE(level(400), 80.0);  // 6.3 kHz: the model
}

TEST(Acoustics, NewTablesSurviveTheFile)
{
    tests::TwelveRuns twelve;
    const SurfaceId surface = drawId<SurfaceId>(twelve.plan);
    twelve.plan.surfaces[surface] = {.material = SurfaceMaterial::ClothSeat, .name = "seat back", .blocks = true};
    const CurveId curve = drawId<CurveId>(twelve.plan);
    twelve.plan.curves[curve] = {.frequency_hz = {20.0, 30.0}, .level_db = {80.0, 81.5}};
    twelve.plan.body.cabin[Quantity::CabinLeak_hz] = Known{22.0};
    std::ostringstream text;
    writePlan(text, {twelve.plan, {}});
    const auto back = readPlanText(text.str(), "plan.reed");
    ASSERT_TRUE(back) << oneLine(back.error());
    EXPECT_TRUE(back->plan == twelve.plan);
}

struct BadAcoustics {
    const char* from;
    const char* to;
    const char* where;
};
class BadAcousticsText : public testing::TestWithParam<BadAcoustics> {};
TEST_P(BadAcousticsText, IsRefusedWithItsPlace)
{
    tests::TwelveRuns twelve;
    twelve.plan.lastId = 100;
    twelve.plan.surfaces[{90}] = {.material = SurfaceMaterial::Carpet, .name = "floor"};
    twelve.plan.curves[{91}] = {.kind = CurveKind::InPlace,
                                .frequency_hz = {20.0, 30.0},
                                .level_db = {80.0, 81.5},
                                .coil = {{5}, "1"},
                                .listener = twelve.driver};
    std::ostringstream out;
    writePlan(out, {twelve.plan, {}});
    std::string text = out.str();
    const size_t at = text.find(GetParam().from);
    ASSERT_NE(at, std::string::npos);
    text.replace(at, std::string(GetParam().from).size(), GetParam().to);
    const auto read = readPlanText(text, "plan.reed");
    ASSERT_FALSE(read);
    EXPECT_EQ(read.error().where, GetParam().where) << oneLine(read.error());
}
INSTANTIATE_TEST_SUITE_P(Each, BadAcousticsText,
                         testing::Values(BadAcoustics{"\"carpet\"", "\"felt\"", "/surfaces/z90/material"},
                                         BadAcoustics{"\"inPlace\"", "\"somewhere\"", "/curves/c91/kind"},
                                         BadAcoustics{"81.5", "\"loud\"", "/curves/c91/level_db/1"},
                                         BadAcoustics{"\"d5.1\"", "\"the left one\"", "/curves/c91/coil"},
                                         BadAcoustics{"\"listener\": \"e3\"", "\"listener\": 7",
                                                      "/curves/c91/listener"}));

TEST(Acoustics, ImpossibleSurfacesAndCurvesAreNamed)
{
    tests::TwelveRuns twelve;
    const auto problems = [&](auto change) {
        Plan plan = twelve.plan;
        plan.lastId += 2;
        change(plan);
        return validate(plan).size();
    };
    const SurfaceId z{twelve.plan.lastId + 1};
    const CurveId c{twelve.plan.lastId + 2};
    EXPECT_EQ(problems([&](Plan& p) { p.surfaces[z] = {.across_m = {2.0, 0.0, 0.0}}; }), 1U);
    EXPECT_EQ(problems([&](Plan& p) { p.surfaces[z] = {.across_m = {}}; }), 1U);
    EXPECT_EQ(problems([&](Plan& p) { p.curves[c] = {}; }), 1U);
    EXPECT_EQ(problems([&](Plan& p) { p.curves[c] = {.frequency_hz = {30, 20}, .level_db = {1, 2}}; }), 1U);
    EXPECT_EQ(problems([&](Plan& p) { p.parts.begin()->second.inside.begin()->second.curve = c; }), 1U);
    EXPECT_EQ(problems([&](Plan& p) { p.body.cabin[Quantity::CabinLength_m] = Known{900.0}; }), 1U);
}

RC_GTEST_PROP(AcousticsProperty, EveryValidPlanGivesFiniteLevels, ())
{
    tests::TwelveRuns twelve;
    twelve.plan.body.kind = static_cast<BodyKind>(*rc::gen::inRange(0, 13));
    for (auto& [id, place] : twelve.plan.places) {
        place.kind = static_cast<PlaceKind>(*rc::gen::inRange(0, 15));
        place.frame.at_m = {tests::between(0.1, 4.0) - 3.5, tests::between(0.1, 2.0) - 1.0, tests::between(0.2, 1.6)};
        if (*rc::gen::arbitrary<bool>()) place.room[Quantity::BoxVolume_m3] = Known{tests::between(1e-4, 0.2)};
        if (*rc::gen::arbitrary<bool>()) place.room[Quantity::Tuning_hz] = Known{tests::between(20.0, 100.0)};
    }
    RC_ASSERT(validate(twelve.plan).empty());
    const Evaluation evaluation = evaluated(twelve.plan);
    for (const auto& [id, heard] : found(evaluation).hearing) {
        RC_ASSERT(heard.level_db.isFinite().all() && loudest_db(found(evaluation), id).isFinite().all());
        for (const BandFigures& band : heard.bands) RC_ASSERT(std::isfinite(band.reach_db));
    }
}

// Source: Waterhouse (1958), F5: planes at 0.2, 0.3 and 0.5 m, 7.83596 dB at 80 Hz, so more at 50 Hz.
TEST(BoundaryAdvice, TakesTheSurfacesAtRightAnglesNearby)
{
    Cabin corner;
    corner.panels = {{{0.0, 0.0, 0.0}, {3.0, 0.0, 0.0}, {0.0, 2.0, 0.0}},   // floor
                     {{0.0, 0.0, 0.0}, {3.0, 0.0, 0.0}, {0.0, 0.0, 1.5}},   // side
                     {{0.0, 0.0, 0.0}, {0.0, 2.0, 0.0}, {0.0, 0.0, 1.5}},   // end
                     {{0.0, 0.0, 1.5}, {3.0, 0.0, 0.0}, {0.0, 2.0, 0.0}}};  // roof: the floor is nearer
    const auto advice = boundaryAdvice({.at_m = {0.5, 0.3, 0.2}}, corner, shippedShop().practice);
    ASSERT_TRUE(advice);
    ASSERT_EQ(advice->distances_m.size(), 3U);
    EXPECT_NEAR(advice->distances_m[0], 0.2, 1e-12);
    EXPECT_NEAR(advice->distances_m[2], 0.5, 1e-12);
    EXPECT_GT(advice->gainAt50_db, 7.83596);
    EXPECT_LT(advice->gainAt50_db, 9.0309);  // three planes at no distance: 10 log 8
    EXPECT_LT(advice->dip_db, 0.2);          // 0.153116 dB at 300 Hz already
    EXPECT_LE(advice->dip_hz, 300.0);
    EXPECT_FALSE(boundaryAdvice({.at_m = {0.5, 0.3, 0.2}}, Cabin{}, shippedShop().practice));
    const tests::TwelveRuns twelve;
    const Evaluation evaluation = evaluated(twelve.plan);
    for (size_t i = 0; i < 12; ++i)
        EXPECT_EQ(boundaryAdvice(found(evaluation), i, evaluation.practice).has_value(),
                  found(evaluation).runs[i].driver.fs_hz < 1000.0);
    const auto onFloor = boundaryAdvice({.at_m = {0.5, 0.3, 0.01}}, corner, shippedShop().practice);
    ASSERT_EQ(onFloor->distances_m.size(), 3U);  // the roof instead: the floor is its half space
    EXPECT_NEAR(onFloor->distances_m[2], 1.49, 1e-12);
}

}  // namespace
}  // namespace core
