// A limit inside the spread of what nobody measured, and the reading that would settle it.
#include "core/judgement/measure_next.h"

#include <gtest/gtest.h>

#include "core/fitout/complete.h"
#include "core/fitout/resolve.h"
#include "core/model/doubt.h"
#include "core/spread/widen.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

// A driver of this resistance on the demo's channel, whose stable minimum is 4 ohm: it stops at 2.8, cares at 3.2.
Plan withCoil(double re_ohm, Origin origin)
{
    Part part = tests::driverPart("tried", {{Quantity::Nominal_ohm, 3.0}, {Quantity::Le_h, 0.0}});
    part.driverClass = "wideBand100";
    part.figures[Quantity::Re_ohm] = Known{re_ohm, Basis{origin}};
    Plan plan = tests::withDriver(tests::demoPlan(), part);
    return apply(plan, bypass(plan, {tests::kLeftPlug, "C"})).plan;
}

struct Judged {
    Plan plan{};
    Evaluation evaluation{};
    std::vector<Finding> findings{};

    explicit Judged(Plan judged, bool spread = true) : plan(std::move(judged)), evaluation(tests::evaluated(plan))
    {
        if (spread) evaluation = widen(std::move(evaluation));
        findings = judge(plan, evaluation);
    }
    [[nodiscard]] const Finding& of(RuleId rule) const
    {
        const auto found =
            std::find_if(findings.begin(), findings.end(), [&](const Finding& f) { return f.rule == rule; });
        EXPECT_NE(found, findings.end());
        return *found;
    }
    [[nodiscard]] std::optional<NextReading> next() const { return measureNext(plan, evaluation, findings); }
};

TEST(Doubt, AStatedValueWhoseSpreadHoldsTheLimitIsAtMostCare)
{
    const Judged near{withCoil(2.7, Origin::Stated)};  // give or take 7 %: 2.51 to 2.89, and 2.8 stops
    EXPECT_TRUE(near.of(RuleId::LoadUnderMinimum).couldBe);
    EXPECT_EQ(near.of(RuleId::LoadUnderMinimum).severity, Severity::Care);
    const Range could = *near.of(RuleId::LoadUnderMinimum).evidence.front().figure.could;
    EXPECT_LT(could.low, 2.7);
    EXPECT_GT(could.high, 2.8);
}

TEST(Doubt, TheReadingThatSettlesItIsTheFirstMend)
{
    const Judged near{withCoil(2.7, Origin::Stated)};
    const std::vector<Mend>& mends = near.of(RuleId::LoadUnderMinimum).mends;
    ASSERT_FALSE(mends.empty());
    EXPECT_EQ(mends.front().name, MendName::MeasureRe);
    EXPECT_EQ(std::count_if(mends.begin(), mends.end(), [](const Mend& m) { return m.name == MendName::MeasureRe; }),
              1);
}

TEST(Doubt, FarFromTheLimitItIsSure)
{
    const Judged far{withCoil(2.0, Origin::Stated)};
    EXPECT_FALSE(far.of(RuleId::LoadUnderMinimum).couldBe);
    EXPECT_EQ(far.of(RuleId::LoadUnderMinimum).severity, Severity::Stop);
}

// A class guess too is sure enough where all of its spread lies on one side.
TEST(Doubt, AGuessFarFromTheLimitIsSure)
{
    const Judged guessed{withCoil(1.9, Origin::ClassGuess)};
    EXPECT_FALSE(guessed.of(RuleId::LoadUnderMinimum).couldBe);
    const Judged unknown{withCoil(1.9, Origin::ClassGuess), false};  // as long as nobody knows how far it can be off
    EXPECT_TRUE(unknown.of(RuleId::LoadUnderMinimum).couldBe);
}

TEST(Doubt, WhatIsMeasuredIsNotInDoubt)
{
    const Judged measured{withCoil(2.75, Origin::Measured)};
    for (const Finding& finding : measured.findings) {
        if (finding.evidence.front().figure.worst == Origin::Measured) {
            EXPECT_FALSE(finding.couldBe);
        }
    }
}

TEST(MeasureNext, IsNothingBeforeTheSpreadIsKnown)
{
    EXPECT_FALSE((Judged{withCoil(2.7, Origin::Stated), false}.next()));
}

// Least |Z| of one coil is its resistance, give or take little: an ohmmeter settles it.
TEST(MeasureNext, IsTheResistanceWhereTheLoadIsInDoubt)
{
    const Judged near{withCoil(2.7, Origin::Stated)};
    const auto next = near.next();
    ASSERT_TRUE(next);
    EXPECT_EQ(next->settles, RuleId::LoadUnderMinimum);
    EXPECT_EQ(next->what.what, Quantity::Re_ohm);
    EXPECT_TRUE(next->device == tests::kLeftSpeaker || next->device == tests::kRightSpeaker);
    EXPECT_EQ(next->spread, shippedShop().practice[PracticeKey::ReSpread_ratio]);
    EXPECT_GT(next->share, 0.9);
    EXPECT_LE(next->share, 1.0);
}

TEST(MeasureNext, IsSomethingElseOnceThatIsMeasured)
{
    const Judged measured{withCoil(2.7, Origin::Measured)};
    const auto next = measured.next();
    ASSERT_TRUE(next);
    EXPECT_NE(next->what.what, Quantity::Re_ohm);
    EXPECT_TRUE(next->device == tests::kLeftSpeaker || next->device == tests::kRightSpeaker)
        << "a figure of the part is read at a device that plays it";
    EXPECT_FALSE(readingMend(*next)) << "there is no field for it yet";
}

// An ohmmeter is asked for where a coil's resistance is the question, and where one knows at which device.
TEST(MeasureNext, OnlyAResistanceAtADeviceIsAskedOfTheOhmmeter)
{
    NextReading reading{};
    reading.device = tests::kLeftSpeaker;
    reading.stage = kFound;
    reading.what.what = Quantity::Re_ohm;
    ASSERT_TRUE(readingMend(reading));
    reading.device = {};
    EXPECT_FALSE(readingMend(reading));
    reading.device = tests::kLeftSpeaker;
    reading.what.what = Quantity::Xmax_m;
    EXPECT_FALSE(readingMend(reading));
}

// Everything measured but the resonance: only a sweep settles it, and a bay without a sound card is told so.
TEST(MeasureNext, IsAskedOfTheInstrumentsInTheBay)
{
    Plan plan = tests::demoPlan();
    const Fitout fitout = resolve(plan, plan.job.goal);
    const Practice practice = shippedShop().practice;
    for (auto& [id, part] : plan.parts)
        for (auto& [name, element] : part.inside) {
            element.figures = complete(part, name, practice);
            for (auto& [quantity, known] : element.figures)
                if (quantity != Quantity::Fs_hz) known.basis.origin = Origin::Measured;
        }
    for (auto& [id, place] : plan.places) place.room[Quantity::LeakCoupling] = Known{0.5, Basis{Origin::Measured}};
    const Judged judged{plan};
    const auto without = judged.next();
    ASSERT_TRUE(without);
    EXPECT_EQ(without->what.what, Quantity::Fs_hz);
    EXPECT_EQ(without->by, Instrument::SoundCard);
    EXPECT_TRUE(without->lacking);
    EXPECT_EQ(without->minutes, practice[PracticeKey::SweepReading_min]);
    const auto with = measureNext(judged.plan, judged.evaluation, judged.findings, {Instrument::SoundCard});
    ASSERT_TRUE(with);
    EXPECT_FALSE(with->lacking);
}

// Of what the bay can read the best for its minutes; an ohmmeter before a sweep.
TEST(MeasureNext, TakesWhatSettlesMostAMinuteWithWhatIsThere)
{
    const Judged judged{tests::troublePlan()};
    const Bay all{Instrument::Ohmmeter, Instrument::Ruler, Instrument::Voltmeter, Instrument::Microphone,
                  Instrument::SoundCard};
    for (const Bay& bay : {Bay{}, kUsualBay, all}) {
        const auto next = measureNext(judged.plan, judged.evaluation, judged.findings, bay);
        ASSERT_TRUE(next);
        EXPECT_EQ(next->by, doubtOf(next->what.what).by);
        EXPECT_EQ(next->lacking, next->by != Instrument::Eye && !bay.contains(next->by));
        EXPECT_GT(next->minutes, 0.0);
    }
    EXPECT_EQ(doubtOf(Quantity::Re_ohm).by, Instrument::Ohmmeter);
    EXPECT_EQ(doubtOf(Quantity::Qms).by, Instrument::SoundCard);
    EXPECT_EQ(doubtOf(Quantity::BoxVolume_m3).by, Instrument::Ruler);
    EXPECT_EQ(doubtOf(Quantity::LeakCoupling).by, Instrument::Microphone);
    EXPECT_EQ(doubtOf(Quantity::Xmax_m).by, Instrument::Eye);
}

TEST(MeasureNext, IsNothingWhereAllIsMeasured)
{
    Plan plan = tests::demoPlan();
    const Fitout fitout = resolve(plan, plan.job.goal);
    const Practice practice = shippedShop().practice;
    for (auto& [id, part] : plan.parts)
        for (auto& [name, element] : part.inside) {
            element.figures = complete(part, name, practice);
            for (auto& [quantity, known] : element.figures) known.basis.origin = Origin::Measured;
        }
    for (auto& [id, place] : plan.places) place.room[Quantity::LeakCoupling] = Known{0.5, Basis{Origin::Measured}};
    EXPECT_FALSE(Judged{plan}.next());
}

}  // namespace
}  // namespace core
