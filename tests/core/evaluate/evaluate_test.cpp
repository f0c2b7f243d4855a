#include "core/evaluate/evaluate.h"
#include "core/evaluate/hearing.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>
#include <numbers>

#include "core/advice/run_change.h"
#include "core/evaluate/hearing.h"
#include "core/fitout/complete.h"
#include "core/io/shop.h"
#include "core/model/names.h"
#include "core/model/validate.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

const RunResult& leftRun(const StageResult& stage)
{
    return *findRunOfDevice(stage, tests::kLeftSpeaker);
}

const Part kFourOhm = tests::driverPart("four", {{Quantity::Nominal_ohm, 4.0}, {Quantity::Re_ohm, 3.3}});

TEST(Evaluate, TheKeptCapacitorCutsHigherIntoFewerOhms)
{
    // Source: f = 1 / (2 pi R C), closed form.
    const Evaluation evaluation = tests::evaluated(tests::withDriver(tests::demoPlan(), kFourOhm));
    EXPECT_NEAR(*leftRun(*evaluation.stages.at(kFound)).idealCorner_hz, 390.09, 0.01);
    EXPECT_NEAR(*leftRun(*evaluation.stages.rbegin()->second).idealCorner_hz, 585.13, 0.01);
}

TEST(Evaluate, EqualVoltsIntoFourInsteadOfSixOhm)
{
    // Source: 10 log(6 / 4) = 1.76 dB, closed form; 102 uF and the nearest preferred values, IEC 60063.
    const Evaluation evaluation = tests::evaluated(tests::withDriver(tests::demoPlan(), kFourOhm));
    const RunChange change =
        runChange(*evaluation.stages.at(kFound), *evaluation.stages.rbegin()->second, tests::kLeftSpeaker);
    EXPECT_NEAR(change.equalVolts_db, 1.7609, 5e-5);
    EXPECT_NEAR(change.restoring->exact_f, 102e-6, 1e-9);
    EXPECT_DOUBLE_EQ(change.restoring->e6_f, 100e-6);
    EXPECT_DOUBLE_EQ(change.restoring->e12_f, 100e-6);
}

TEST(Evaluate, AtHalfPowerThePartsTakeWhatTheSourceGives)
{
    // Energy: with one lossless capacitor all the power that leaves the terminals ends in the coil.
    const Plan plan = tests::withDriver(tests::demoPlan(), kFourOhm);
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    const RunResult& run = leftRun(stage);
    const CircuitResult& circuit = *findCircuit(stage, run.run.id.channel);
    const double rout = circuit.output.at(Quantity::OutputResistance_ohm).value;
    const Eigen::ArrayXcd coil_ohm = impedance_ohm(run.driver, evaluation.frequency_hz);
    for (Eigen::Index i = 0; i < evaluation.frequency_hz.size(); ++i) {
        const std::complex<double> current = 1.0 / (circuit.load_ohm(i) + rout);
        const double given = std::norm(current) * circuit.load_ohm(i).real();
        const double taken = std::norm(run.transfer(i)) * (1.0 / coil_ohm(i)).real();
        EXPECT_NEAR(taken / given, 1.0, 1e-9);
    }
}

TEST(Evaluate, TheLeastLoadIsTheLeastOnTheGridAndNotUnderRe)
{
    const Plan plan = tests::withDriver(tests::demoPlan(), kFourOhm);
    const Evaluation evaluation = tests::evaluated(plan);
    const CircuitResult& circuit = evaluation.stages.at(plan.job.goal)->circuits.front();
    EXPECT_DOUBLE_EQ(circuit.least_ohm, circuit.load_ohm.abs().minCoeff());
    EXPECT_GE(circuit.least_ohm, 3.3);
    // Source: a 16 W channel into 4 ohm holds 8 V down to 0.8 of it: V0 = sqrt(16 x 4), IEC 60268-3 and -5.
    EXPECT_NEAR(circuit.clip_v, 8.0, 1e-9);
    EXPECT_NEAR(circuit.clip_a, 8.0 / circuit.least_ohm, 1e-9);
}

TEST(Evaluate, BypassingTheCapacitorGivesTheBassBack)
{
    const Plan plan = tests::demoPlan();
    const Plan without = apply(plan, bypass(plan, {tests::kLeftPlug, "C"})).plan;
    const Evaluation evaluation = tests::evaluated(without);
    const auto& before = evaluation.stages.at(kFound)->hearing.at({5});
    const auto& after = evaluation.stages.at(without.job.goal)->hearing.at({5});
    EXPECT_GT(after.level_db(0), before.level_db(0) + 10.0);
    EXPECT_NEAR(after.level_db(480), before.level_db(480), 0.5);
}

TEST(Evaluate, TheReadingSettlesReAndItsOriginInEveryStage)
{
    const Plan plan = tests::demoPlan();
    EXPECT_EQ(leftRun(*tests::evaluated(plan).stages.at(kFound)).coil.at(Quantity::Re_ohm).basis.origin,
              Origin::ClassGuess);
    const Plan read = apply(plan, readResistance(plan, kFound, {tests::kLeftSpeaker, "1"}, 5.3, 0.2)).plan;
    const Evaluation evaluation = tests::evaluated(read);
    for (const auto& [id, stage] : evaluation.stages) {
        const Known re = leftRun(*stage).coil.at(Quantity::Re_ohm);
        EXPECT_NEAR(re.value, 5.1, 1e-12);
        EXPECT_EQ(re.basis.origin, Origin::Measured);
        EXPECT_EQ((stage->expected.at({Port{tests::kLeftSpeaker, "1"}, Quantity::Re_ohm})),
                  (Computed{re.value, Origin::Measured}));
    }
}

TEST(Evaluate, NearnessCounts)
{
    // Source: free field, 20 log of the ratio of distances. The source is one speaker, so the other one is unplugged.
    Plan plan = tests::demoPlan();
    for (const int wire : {22, 23}) plan.wires[{kFound, {wire}}] = std::nullopt;
    plan.body.kind = BodyKind::Motorcycle;  // no cabin
    plan.places[{3}].frame.facing = {1.0, 0.0, 0.0};
    // One at a time, looking at it: nobody's back stands in the way.
    const auto heard_db = [&](double away_m) {
        Plan alone = plan;
        alone.listeners = {{{5}, {.head_m = {-2.45 + away_m, 0.66, 0.78}, .facing = {-1.0, 0.0, 0.0}}}};
        return tests::evaluated(alone).stages.at(kFound)->hearing.at({5}).level_db(200);
    };
    const double far_m = std::hypot(2.0, 0.0875);
    const double near_m = std::hypot(1.0, 0.0875);
    EXPECT_NEAR(heard_db(1.0) - heard_db(2.0), 20.0 * std::log10(far_m / near_m), 1e-3);
}

TEST(Evaluate, AMirroredVehicleGivesMirroredResults)
{
    const Plan plan = tests::withDriver(tests::demoPlan(), kFourOhm);
    Plan mirrored = plan;
    for (auto& [id, place] : mirrored.places) {
        place.frame.at_m.y *= -1.0;
        place.frame.facing.y *= -1.0;
    }
    for (auto& [id, listener] : mirrored.listeners) listener.head_m.y *= -1.0;
    const Evaluation one = tests::evaluated(plan);
    const Evaluation other = tests::evaluated(mirrored);
    for (const auto& [id, heard] : one.stages.at(plan.job.goal)->hearing)
        EXPECT_TRUE(heard.level_db.isApprox(other.stages.at(plan.job.goal)->hearing.at(id).level_db, 1e-9));
}

TEST(Evaluate, ReversingOneSideTakesBassAway)
{
    Plan plan = tests::demoPlan();
    plan.settings[{plan.job.goal, {tests::kRadio, "RR"}}] = Setting{.reversed = true};
    plan.listeners[{5}].head_m.y = 0.0;
    const Evaluation evaluation = tests::evaluated(plan);
    EXPECT_LT(evaluation.stages.at(plan.job.goal)->hearing.at({5}).level_db(100),
              evaluation.stages.at(kFound)->hearing.at({5}).level_db(100) - 6.0);
}

TEST(Evaluate, LastOnlySavesTime)
{
    const Plan plan = tests::withDriver(tests::demoPlan(), kFourOhm);
    const Practice practice = shippedShop().practice;
    const Evaluation fresh = evaluateJob(plan, practice);
    const Evaluation again = evaluateJob(plan, practice, evaluateJob(tests::demoPlan(), practice));
    for (const auto& [id, stage] : fresh.stages) {
        ASSERT_EQ(stage->runs.size(), again.stages.at(id)->runs.size());
        for (size_t i = 0; i < stage->runs.size(); ++i)
            EXPECT_TRUE((stage->runs[i].transfer == again.stages.at(id)->runs[i].transfer).all());
        EXPECT_TRUE((loudest_db(*stage, {5}) == loudest_db(*again.stages.at(id), {5})).all());
    }
    EXPECT_EQ(evaluateJob(plan, practice, fresh).stages.at(kFound), fresh.stages.at(kFound))
        << "an unchanged stage is the very same";
}

TEST(Evaluate, ThePlansOwnPracticeCounts)
{
    Plan plan = tests::demoPlan();
    plan.practice[PracticeKey::ReOfNominal_ratio] = 0.9;
    EXPECT_NEAR(leftRun(*tests::evaluated(plan).stages.at(kFound)).driver.re_ohm, 5.4, 1e-12);
}

TEST(Evaluate, AnEmptyPlanGivesNothingAndNoTrouble)
{
    const Evaluation evaluation = tests::evaluated(Plan{});
    EXPECT_TRUE(evaluation.stages.at(kFound)->runs.empty());
    EXPECT_TRUE(evaluation.stages.at(kFound)->hearing.empty());
}

// Whatever a valid plan holds, every figure is finite.
RC_GTEST_PROP(EvaluateProperty, IsFiniteForEveryValidPlan, ())
{
    Plan plan = tests::demoPlan();
    for (auto& [id, part] : plan.parts) {
        for (const QuantityRow& limits : quantities()) {
            if (*rc::gen::inRange(0, 4) != 0) continue;
            const double value = limits.least + (limits.greatest - limits.least) * *rc::gen::inRange(0, 1001) / 1000.0;
            part.figures[limits.quantity] = Known{limits.whole ? std::round(value) : value};
        }
        for (auto& [name, element] : part.inside)
            if (*rc::gen::inRange(0, 3) == 0) element.figures.clear();
    }
    for (const int wire : {16, 17, 18, 19, 20, 21, 22, 23})
        if (*rc::gen::inRange(0, 5) == 0) plan.wires[{kFound, {wire}}] = std::nullopt;
    for (const char* element : {"RL", "RR"})
        plan.settings[{kFound, {tests::kRadio, element}}] =
            Setting{.highPass = Filter{1.0 + *rc::gen::inRange(0, 20000), *rc::gen::inRange(1, 9)},
                    .bands = {{BandKind(*rc::gen::inRange(0, 5)), 1.0 + *rc::gen::inRange(0, 20000),
                               0.1 * *rc::gen::inRange(1, 201), *rc::gen::inRange(-24, 25) * 1.0}},
                    .gain_db = *rc::gen::inRange(-100, 61) * 1.0};
    for (const auto& [key, entry] : shippedShop().practice.entries)
        if (*rc::gen::inRange(0, 10) == 0)
            plan.practice[key] = *rc::gen::arbitrary<bool>() ? entry.least : entry.greatest;
    RC_PRE(validate(plan).empty());
    const Evaluation evaluation = tests::evaluated(plan);
    for (const auto& [id, stage] : evaluation.stages) {
        for (const RunResult& run : stage->runs) {
            RC_ASSERT(run.transfer.isFinite().all());
            RC_ASSERT(run.pressure_pa_v.isFinite().all());
            RC_ASSERT(std::isfinite(run.programme_w) && std::isfinite(run.sine_w) && std::isfinite(run.midLevel_db));
        }
        for (const auto& [listener, heard] : stage->hearing) {
            RC_ASSERT(loudest_db(*stage, listener).isFinite().all());
            for (const BandFigures& band : heard.bands)
                RC_ASSERT(std::isfinite(band.reach_db) && std::isfinite(band.balance_db));
        }
    }
    static_cast<void>(judge(plan, evaluation));
}

// Whatever a plan's own practice may say, it is answered: no end of a range reaches an assertion.
TEST(Evaluate, AnswersAtBothEndsOfEveryPracticeEntry)
{
    const Practice practice = shippedShop().practice;
    // Sixteen at a time, so that each stands at its end beside others that do not; then all of them.
    constexpr int kGroups = 16;
    for (int group = 0; group <= kGroups; ++group) {
        for (const bool least : {true, false}) {
            Plan plan = tests::troublePlan();
            int index = 0;
            for (const auto& [key, entry] : practice.entries)
                if (group == kGroups || index++ % kGroups == group)
                    plan.practice[key] = least ? entry.least : entry.greatest;
            const Evaluation evaluation = evaluateJob(plan, practice);
            for (const RunResult& run : evaluation.stages.at(plan.job.goal)->runs)
                EXPECT_TRUE(std::isfinite(run.programme_w) && run.pressure_pa_v.isFinite().all())
                    << "group " << group << (least ? " least" : " greatest");
            static_cast<void>(judge(plan, evaluation));
        }
    }
}

TEST(Complete, FillsFromTheClassAndSaysSo)
{
    const Practice practice = shippedShop().practice;
    Part part = tests::driverPart("x", {{Quantity::Nominal_ohm, 8.0}});
    part.driverClass = "wideBand100";
    const Figures figures = complete(part, "1", practice);
    // Class values are for 4 ohm; Re and Le go with the nominal impedance.
    EXPECT_NEAR(figures.at(Quantity::Re_ohm).value, 6.6, 1e-12);
    EXPECT_NEAR(figures.at(Quantity::Le_h).value, 0.3e-3, 1e-12);
    EXPECT_EQ(figures.at(Quantity::Fs_hz).basis.origin, Origin::ClassGuess);
    EXPECT_EQ(figures.at(Quantity::Nominal_ohm).basis.origin, Origin::Stated);
}

TEST(Complete, AStatedSensitivityGivesVas)
{
    const Figures figures =
        complete(tests::driverPart("x", {{Quantity::Sensitivity_db, 92.0}}), "1", shippedShop().practice);
    EXPECT_NEAR(sensitivity_db(driverParameters(figures, {}, "1", shippedShop().practice)), 92.0, 1e-9);
}

TEST(Complete, AReadingAloneNamesTheNominalImpedance)
{
    const Figures figures = complete(tests::driverPart("x", {{Quantity::Re_ohm, 3.3}}), "1", shippedShop().practice);
    EXPECT_EQ(figures.at(Quantity::Nominal_ohm).value, 4.0);
    EXPECT_EQ(figures.at(Quantity::Nominal_ohm).basis.origin, Origin::ClassGuess);
}

}  // namespace
}  // namespace core
