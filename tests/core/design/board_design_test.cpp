// A board by the book: which parts, for which ohms.
#include "core/design/board_design.h"

#include <gtest/gtest.h>

#include <cmath>
#include <complex>
#include <numbers>

#include "core/edits/coil_edits.h"
#include "core/edits/named_edits.h"
#include "core/base/grid.h"
#include "core/design/tried_leg.h"
#include "core/fitout/coil_wiring.h"
#include "core/physics/driver.h"
#include "core/shipped/shipped.h"
#include "tests/core/demo_plan.h"
#include "tests/core/surveyed_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

class BoardDesign : public testing::Test {
protected:
    static constexpr double kHalfStep = 0.119;  // the nearest of E12 lies within so much: sqrt(1.5 / 1.2)
    static constexpr DeviceId kWoofer{28}, kTweeter{37};
    const Plan m_plan = readPlanText(std::string(shippedDemoText()), "demo.reed")->plan;
    const Evaluation m_evaluation = tests::evaluated(m_plan);
    const StageResult& m_stage = *m_evaluation.stages.at(m_plan.job.goal);
    const double m_tweeter_ohm = findRunOfDevice(m_stage, kTweeter)->driver.nominal_ohm;

    [[nodiscard]] LegParts tweeterLeg(const BoardWish& wish) const
    {
        return designBoard(m_stage, {{Leg::Tweeter, kTweeter}}, wish).at(Leg::Tweeter);
    }
};

// Singly terminated Butterworth of third and fourth order, from the source on: g = 1.5, 1.3333, 0.5 and 1.5307, 1.5772,
// 1.0824, 0.3827.   source  A. I. Zverev, "Handbook of Filter Synthesis" (1967), tables of singly terminated
// Butterworth; from memory
TEST_F(BoardDesign, ThirdAndFourthOrderAreThoseOfTheTables)
{
    constexpr double kAt_hz = 3000.0;
    const double w = 2.0 * std::numbers::pi * kAt_hz;
    const std::vector<double> third{1.5, 4.0 / 3.0, 0.5}, fourth{1.5307, 1.5772, 1.0824, 0.3827};
    for (const std::vector<double>& g : {third, fourth}) {
        const LegParts leg = tweeterLeg({.filters = {Filter{kAt_hz, static_cast<int>(g.size())}}});
        ASSERT_EQ(leg.size(), g.size());
        for (size_t i = 0; i < g.size(); ++i) {
            const bool series = i % 2 == 0;
            EXPECT_EQ(leg[i].series, series);
            EXPECT_EQ(leg[i].kind, series ? ElementKind::Capacitor : ElementKind::Inductor);
            const double book = series ? 1.0 / (g[i] * m_tweeter_ohm * w) : m_tweeter_ohm / (g[i] * w);
            EXPECT_NEAR(leg[i].value / book, 1.0, kHalfStep) << i;
        }
    }
}

// Into the resistance it is made for, by the chain of its parts worked out here, every shape lies by its formula as near
// as preferred values allow.
TEST_F(BoardDesign, EveryShapeFollowsItsFormula)
{
    using Complex = std::complex<double>;
    constexpr double kAt_hz = 2500.0;
    const auto transferOf = [&](const LegParts& leg, double hz) {
        const Complex s(0.0, 2.0 * std::numbers::pi * hz);
        Complex volts = 1.0, amperes = 1.0 / m_tweeter_ohm;  // from the speaker back to the input
        for (auto part = leg.rbegin(); part != leg.rend(); ++part) {
            const Complex ohm = part->kind == ElementKind::Capacitor  ? 1.0 / (s * part->value)
                                : part->kind == ElementKind::Inductor ? s * part->value
                                                                      : Complex(part->value);
            if (part->series)
                volts += amperes * ohm;
            else
                amperes += volts / ohm;
        }
        return 1.0 / volts;
    };
    for (const FilterShape& shape : boardShapes())
        for (const FilterSide side : {FilterSide::HighPass, FilterSide::LowPass}) {
            BoardWish wish;
            wish.filters[side == FilterSide::HighPass ? 0 : 1] = Filter{kAt_hz, shape.order, shape.family};
            const LegParts leg = tweeterLeg(wish);
            ASSERT_EQ(leg.size(), static_cast<size_t>(shape.order));
            for (const double hz : {0.5 * kAt_hz, kAt_hz, 2.0 * kAt_hz}) {
                const Eigen::ArrayXcd book = filterResponse(shape, side, kAt_hz, Eigen::ArrayXd::Constant(1, hz));
                EXPECT_NEAR(20.0 * std::log10(std::abs(transferOf(leg, hz)) / std::abs(book(0))), 0.0, 1.9)
                    << int(shape.family) << " " << shape.order << " " << hz;
            }
        }
    EXPECT_EQ(boardShapes().size(), 9U) << "Butterworth 1 to 4, Linkwitz-Riley 2 and 4, Bessel 2 to 4";
}

// 6 dB into 4 ohm: 2 and 4 ohm keep the load, 4 ohm in series alone doubles it.   source  circuit theory: k = 0.501,
// Z (1 - k) = 1.995, Z k / (1 - k) = 4.02, Z (1 / k - 1) = 3.98
TEST_F(BoardDesign, APadKeepsTheLoadOrRaisesIt)
{
    ASSERT_DOUBLE_EQ(m_tweeter_ohm, 4.0);
    const LegParts two = tweeterLeg({.pad_db = 6.0}), one = tweeterLeg({.pad_db = 6.0, .keepsLoad = false});
    EXPECT_EQ(two, (LegParts{{ElementKind::Resistor, true, 2.2}, {ElementKind::Resistor, false, 3.9}}));
    EXPECT_EQ(one, (LegParts{{ElementKind::Resistor, true, 3.9}}));
    EXPECT_TRUE(tweeterLeg({}).empty());
    // The filter before one in series is made for both together.
    const double first_f = tweeterLeg({.filters = {Filter{3000.0, 1}}}).front().value;
    const double padded_f = tweeterLeg({.filters = {Filter{3000.0, 1}}, .pad_db = 6.0, .keepsLoad = false}).front().value;
    EXPECT_NEAR(padded_f / first_f, 0.5, 0.1);
    EXPECT_EQ(tweeterLeg({.filters = {Filter{3000.0, 1}}, .pad_db = 6.0}).front().value, first_f);
}

// A woofer of 4 ohm whose coil rises has more where it hands over, and its coil of wire grows with it.
TEST_F(BoardDesign, TheOhmsAreThoseOnTheLabelOrThoseAtTheCorner)
{
    constexpr double kAt_hz = 3000.0;
    const RunResult& woofer = *findRunOfDevice(m_stage, kWoofer);
    const auto coil_h = [&](LegLoad load) {
        return tests::valueOf(designBoard(m_stage, {{Leg::Woofer, kWoofer}},
                                          {.filters = {std::nullopt, Filter{kAt_hz, 1}}, .load = load}),
                              Leg::Woofer, ElementKind::Inductor, true)
            .value();
    };
    const double w = 2.0 * std::numbers::pi * kAt_hz;
    const double real_ohm = std::abs(impedance_ohm(woofer.driver, Eigen::ArrayXd::Constant(1, kAt_hz))(0));
    ASSERT_GT(real_ohm, 1.5 * woofer.driver.nominal_ohm);
    EXPECT_NEAR(coil_h(LegLoad::Stated) / (woofer.driver.nominal_ohm / w), 1.0, kHalfStep);
    EXPECT_NEAR(coil_h(LegLoad::AtCorner) / (real_ohm / w), 1.0, kHalfStep);
}

// Made for all that the speaker has, a leg follows the filter more closely than made for its label or its corner.
TEST_F(BoardDesign, MadeForTheWholeCurveComesNearest)
{
    const Filter filter{2500.0, 2};
    const RunResult& woofer = *findRunOfDevice(m_stage, kWoofer);
    const Eigen::ArrayXd hz = Eigen::ArrayXd::LinSpaced(60, std::log(625.0), std::log(10000.0)).exp();
    const Eigen::ArrayXcd wanted = filterResponse(filter.shape(), FilterSide::LowPass, filter.frequency_hz, hz);
    const auto miss = [&](LegLoad load) {
        const BoardParts board = designBoard(m_stage, {{Leg::Woofer, kWoofer}}, {.filters = {std::nullopt, filter}, .load = load});
        const LegResponse leg = legResponse(board.at(Leg::Woofer), impedance_ohm(woofer.driver, hz), laplace(hz));
        return (leg.transfer - wanted).abs2().mean();
    };
    EXPECT_LT(miss(LegLoad::WholeCurve), miss(LegLoad::AtCorner));
    EXPECT_LT(miss(LegLoad::WholeCurve), miss(LegLoad::Stated));
    // Behind its pad, too; a resistance alone leaves the book's values.
    BoardWish padded{.filters = {filter}, .load = LegLoad::WholeCurve, .pad_db = 6.0};
    EXPECT_EQ(tweeterLeg(padded).size(), 4U);
    padded.filters = {};
    EXPECT_EQ(tweeterLeg(padded).size(), 2U) << "nothing to fit";
}

TEST_F(BoardDesign, IsForThePairOrForOneOfThem)
{
    const Practice& practice = m_evaluation.practice;
    const auto choices = boardChoices(m_stage, kTweeter, practice);
    ASSERT_EQ(choices.size(), 3U);
    EXPECT_EQ(choices[0], tests::onBoard(kWoofer, kTweeter));
    EXPECT_EQ(choices[1], (BoardSpeakers{{Leg::Tweeter, kTweeter}}));
    EXPECT_EQ(choices[2], (BoardSpeakers{{Leg::Woofer, kWoofer}}));
    EXPECT_EQ(boardChoices(m_stage, kWoofer, practice).at(1), (BoardSpeakers{{Leg::Woofer, kWoofer}}));
    const BoardWish both = startingWish(m_stage, choices[0], practice), alone = startingWish(m_stage, choices[1], practice),
                    low = startingWish(m_stage, choices[2], practice);
    ASSERT_TRUE(both.filters[0]);
    EXPECT_FALSE(both.filters[1]);
    EXPECT_EQ(alone.filters[0], both.filters[0]) << "the same hand-over is the tweeter's high-pass";
    EXPECT_FALSE(alone.filters[1]);
    EXPECT_FALSE(low.filters[0]);
    EXPECT_EQ(low.filters[1], both.filters[0]) << "and the woofer's low-pass";
    constexpr DeviceId kCoaxial{46};
    const auto coaxial = boardChoices(m_stage, kCoaxial, practice);
    ASSERT_EQ(coaxial.size(), 1U) << "nothing reaches between its two";
    EXPECT_EQ(coaxial[0], (BoardSpeakers{{Leg::Woofer, kCoaxial}}));
}

// Door, dash and sail on one channel: the middle one from where it takes over up to where the tweeter does.
TEST(BoardDesignOfThree, PassesTheMiddleBetweenBothHandOvers)
{
    const Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "dash top", "sail"});
    const DeviceId door = tests::driverAt(plan, "left front door"), dash = tests::driverAt(plan, "left dash top"),
                   sail = tests::driverAt(plan, "left sail");
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    const BoardSpeakers all{{Leg::Woofer, door}, {Leg::Mid, dash}, {Leg::Tweeter, sail}};
    for (const DeviceId one : {door, dash, sail})
        EXPECT_EQ(boardChoices(stage, one, evaluation.practice).front(), all) << one.number;
    const auto choices = boardChoices(stage, dash, evaluation.practice);
    ASSERT_EQ(choices.size(), 6U) << "all, either pair, each alone";
    EXPECT_EQ(choices[1], tests::onBoard(door, dash));
    EXPECT_EQ(choices[2], tests::onBoard(dash, sail));
    EXPECT_EQ(choices[3].begin()->second, dash) << "the one that was asked about first";
    const BoardWish wish = startingWish(stage, all, evaluation.practice);
    ASSERT_TRUE(wish.filters[0] && wish.filters[1]);
    EXPECT_LT(wish.filters[0]->frequency_hz, wish.filters[1]->frequency_hz);
    BoardWish padded = wish;
    padded.pad_db = 3.0;
    const BoardParts board = designBoard(stage, all, padded);
    const LegParts mid = board.at(Leg::Mid);
    EXPECT_EQ(board.at(Leg::Woofer).size(), 2U);
    EXPECT_EQ(board.at(Leg::Tweeter).size(), 4U) << "the pad is the highest one's";
    ASSERT_EQ(mid.size(), 4U);
    using Lies = std::pair<ElementKind, bool>;
    const Lies lies[]{{ElementKind::Capacitor, true},
                      {ElementKind::Inductor, false},
                      {ElementKind::Inductor, true},
                      {ElementKind::Capacitor, false}};
    for (size_t i = 0; i < mid.size(); ++i) EXPECT_EQ(Lies(mid[i].kind, mid[i].series), lies[i]) << i;
}

// Two coils of 4 ohm: in parallel 2, in series 8, one alone 4, and a first-order coil of wire is R / w of that.
TEST(BoardDesignOfTwoCoils, IsMadeForTheOhmsOfThePair)
{
    const Shop& shop = tests::shop();
    const auto parts = shop.shelf.of(PartKind::Driver);
    const auto dual = std::find_if(parts.begin(), parts.end(), [](const Part* part) {
        const Figures figures = figuresOf(*part, firstOf(*part, ElementKind::Coil));
        return coilsOfCone(*part, firstOf(*part, ElementKind::Coil)).size() == 2 &&
               valueOf(figures, Quantity::Nominal_ohm) == 4.0;
    });
    ASSERT_NE(dual, parts.end());
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door"});
    const DeviceId door = tests::driverAt(plan, "left front door");
    plan = tests::after(plan, fitPart(plan, door, **dual));
    for (const auto& [join, ohm] :
         {std::pair{CoilJoin::Parallel, 2.0}, {CoilJoin::Series, 8.0}, {CoilJoin::One, 4.0}}) {
        const Plan joined = tests::after(plan, connectCoils(plan, plan.job.goal, door, join));
        const Evaluation evaluation = tests::evaluated(joined);
        const StageResult& stage = *evaluation.stages.at(joined.job.goal);
        const BoardParts board =
            designBoard(stage, {{Leg::Woofer, door}}, {.filters = {std::nullopt, Filter{200.0, 1}}});
        ASSERT_EQ(board.at(Leg::Woofer).size(), 1U);
        const double book_h = ohm / (2.0 * std::numbers::pi * 200.0);
        EXPECT_NEAR(board.at(Leg::Woofer).front().value / book_h, 1.0, 0.119) << ohm;
    }
}

}  // namespace
}  // namespace core
