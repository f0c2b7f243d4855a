// A pod with its strip and without, against Small's closed box by hand.
#include "core/design/pod_seal.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>

#include "tests/core/demo_plan.h"

namespace core {
namespace {

RunResult runOf(double fs_hz, double qms, double qes, double vas_m3)
{
    RunResult run;
    run.coil = {{Quantity::Fs_hz, Known{fs_hz}},
                {Quantity::Qms, Known{qms}},
                {Quantity::Qes, Known{qes}},
                {Quantity::Vas_m3, Known{vas_m3}}};
    return run;
}

Place podOf(double volume_m3)
{
    Place place;
    place.room[Quantity::BoxVolume_m3] = Known{volume_m3};
    return place;
}

// Qts 0.5 and Vas 20 l in 10 l and in 30 l give Qtc 0.87 and 0.65, from memory of the usual worked example:
// Qts sqrt(1 + Vas/Vb). Qms 5 and Qes 0.5556 make Qts 0.5.
TEST(PodSeal, TightPodsHaveTheQOfTheirVolume)
{
    const Practice practice = shippedShop().practice;
    const RunResult run = runOf(60.0, 5.0, 5.0 / 9.0, 0.020);
    EXPECT_NEAR(podSeal(run, podOf(0.010), practice)->tight.totalQ, 0.87, 0.005);
    EXPECT_NEAR(podSeal(run, podOf(0.030), practice)->tight.totalQ, 0.65, 0.005);
    EXPECT_NEAR(podSeal(run, podOf(0.010), practice)->tight.resonance_hz, 60.0 * std::sqrt(3.0), 1e-9);
}

// 1/Qtc = 1/Qec + 1/Qmc, and 1/QL beside it once the strip is off.
TEST(PodSeal, ALeakIsAnotherLoss)
{
    const Practice practice = shippedShop().practice;
    Place pod = podOf(0.010);
    pod.room[Quantity::LeakQ] = Known{5.0};
    const auto seal = podSeal(runOf(60.0, 5.0, 5.0 / 9.0, 0.020), pod, practice);
    ASSERT_TRUE(seal);
    EXPECT_NEAR(1.0 / seal->leaking.totalQ, 1.0 / seal->tight.totalQ + 1.0 / 5.0, 1e-12);
    EXPECT_NEAR(seal->lost_db, 20.0 * std::log10(1.0 + seal->tight.totalQ / 5.0), 1e-9);
    EXPECT_DOUBLE_EQ(seal->leaking.resonance_hz, seal->tight.resonance_hz);
}

TEST(PodSeal, IsNothingWhereTheAirIsNotItsOwn)
{
    const Practice practice = shippedShop().practice;
    const RunResult run = runOf(60.0, 5.0, 0.5, 0.020);
    EXPECT_FALSE(podSeal(run, Place{}, practice));
    Place vented = podOf(0.010);
    vented.room[Quantity::Tuning_hz] = Known{45.0};
    EXPECT_FALSE(podSeal(run, vented, practice));
}

RC_GTEST_PROP(PodSealProperty, AWorseLeakLosesMore, ())
{
    const Practice practice = shippedShop().practice;
    const RunResult run = runOf(*rc::gen::inRange(30, 300), *rc::gen::inRange(20, 90) / 10.0,
                                *rc::gen::inRange(3, 20) / 10.0, *rc::gen::inRange(1, 40) / 1000.0);
    Place pod = podOf(*rc::gen::inRange(1, 30) / 1000.0);
    const double leakQ = *rc::gen::inRange(10, 300) / 10.0;
    const auto lost = [&](double q) {
        pod.room[Quantity::LeakQ] = Known{q};
        return podSeal(run, pod, practice)->lost_db;
    };
    RC_ASSERT(lost(leakQ) > lost(leakQ + 0.5));
    RC_ASSERT(lost(leakQ + 0.5) > 0.0);
}

}  // namespace
}  // namespace core
