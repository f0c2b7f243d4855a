// Laws of drivers: what completes, what is recovered, what boxes and heat do.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>

#include "core/base/grid.h"
#include "core/physics/driver_box.h"
#include "core/physics/driver_set.h"
#include "core/physics/impedance_fit.h"
#include "core/physics/level.h"
#include "core/physics/measured_curve.h"
#include "core/physics/radiation.h"
#include "core/physics/thermal.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

using tests::between;

DriverParameters randomDriver()
{
    return {.re_ohm = between(1.5, 14.0),
            .le_h = between(5e-5, 2e-3),
            .fs_hz = between(25.0, 120.0),
            .qms = between(2.0, 9.0),
            .qes = between(0.3, 1.2),
            .vas_m3 = between(1e-3, 0.1),
            .sd_m2 = between(3e-3, 0.08)};
}

KnownDriver coreOf(const DriverParameters& d)
{
    KnownDriver known;
    known.fs_hz = d.fs_hz;
    known.re_ohm = d.re_ohm;
    known.sd_m2 = d.sd_m2;
    known.le_h = d.le_h;
    return known;
}

// Every way to state two of the Q and one of Vas's relatives leads to the same driver.
RC_GTEST_PROP(DriverSetProperty, AnyMinimalSetGivesTheSameDriver, ())
{
    const DriverParameters d = randomDriver();
    const DriverMechanics m = mechanics(d);
    const double qts = d.qms * d.qes / (d.qms + d.qes);
    for (int q = 0; q < 4; ++q) {
        for (int v = 0; v < 5; ++v) {
            KnownDriver known = coreOf(d);
            if (q == 0 || q == 1) known.qms = d.qms;
            if (q == 0 || q == 2 || q == 3) known.qes = d.qes;
            if (q == 1 || q == 2) known.qts = qts;
            if (q == 3) known.maxImpedance_ohm = d.re_ohm * (1.0 + d.qms / d.qes);
            if (v == 0) known.vas_m3 = d.vas_m3;
            if (v == 1) known.cms_m_n = m.cms_m_n;
            if (v == 2) known.mms_kg = m.mms_kg;
            if (v == 3) known.bl_tm = m.bl_tm;
            if (v == 4) known.sensitivity_db = sensitivity_db(d);
            if (v == 4 && !(*known.sensitivity_db > 0.0)) continue;
            const auto completed = completeDriver(known);
            RC_ASSERT(completed.has_value());
            RC_ASSERT(completed->warnings.empty());
            const DriverParameters& found = completed->value.parameters;
            RC_ASSERT(std::abs(found.qms / d.qms - 1.0) < 1e-6);
            RC_ASSERT(std::abs(found.qes / d.qes - 1.0) < 1e-6);
            RC_ASSERT(std::abs(found.vas_m3 / d.vas_m3 - 1.0) < 1e-6);
        }
    }
}

// Source: Small (1972): eta0 = rho Bl^2 Sd^2 / (2 pi c Re Mms^2), the other formula of the same efficiency.
RC_GTEST_PROP(DriverProperty, BothFormulasOfTheEfficiencyAgree, ())
{
    const DriverParameters d = randomDriver();
    const DriverMechanics m = mechanics(d);
    const double other = 1.2040847588826422 * m.bl_tm * m.bl_tm * d.sd_m2 * d.sd_m2 /
                         (2.0 * 3.14159265358979324 * 343.21462268256795 * d.re_ohm * m.mms_kg * m.mms_kg);
    RC_ASSERT(std::abs(referenceEfficiency(d) / other - 1.0) < 1e-9);
}

MeasuredCurve sweepOf(const DriverParameters& d, bool withPhase)
{
    const Eigen::ArrayXd f = d.fs_hz * (Eigen::ArrayXd::LinSpaced(60, std::log(0.25), std::log(20.0))).exp();
    const Eigen::ArrayXcd z = impedance_ohm(d, f);
    MeasuredCurve curve;
    curve.frequency_hz = f;
    curve.magnitude = z.abs();
    curve.phase_deg = withPhase ? z.unaryExpr([](const auto& v) { return degreesOf(v); }).eval()
                                : Eigen::ArrayXd::Zero(f.size()).eval();
    curve.hasPhase = withPhase;
    return curve;
}

// Noise free, any driver comes back to a thousandth, with and without phase.
RC_GTEST_PROP(ImpedanceFitProperty, RecoversADriverFromItsOwnSweep, ())
{
    const DriverParameters d = randomDriver();
    const bool withPhase = *rc::gen::arbitrary<bool>();
    const auto fit = fitImpedance(sweepOf(d, withPhase), d.re_ohm * 1.02, CoilModel::Inductance);
    RC_ASSERT(fit.has_value());
    const DriverParameters& found = fit->value.parameters;
    RC_ASSERT(std::abs(found.fs_hz / d.fs_hz - 1.0) < 1e-3);
    RC_ASSERT(std::abs(found.re_ohm / d.re_ohm - 1.0) < 1e-3);
    RC_ASSERT(std::abs(found.qms / d.qms - 1.0) < 1e-3);
    RC_ASSERT(std::abs(found.qes / d.qes - 1.0) < 1e-3);
    RC_ASSERT(fit->value.residual_ratio < 1e-5);
}

// Two humps, as a vented box makes them (Small 1973), are no single driver.
TEST(ImpedanceFit, SeesThatABoxIsThere)
{
    const DriverParameters d{
        .re_ohm = 3.3, .le_h = 0.0, .fs_hz = 32, .qms = 6, .qes = 0.55, .vas_m3 = 33e-3, .sd_m2 = 335e-4};
    const Eigen::ArrayXd f = frequencyGrid_hz().head(300);
    MeasuredCurve curve;
    curve.frequency_hz = f;
    curve.magnitude = boxedImpedance_ohm(d, {.volume_m3 = 45e-3, .tuning_hz = 50.0, .leakQ = 30.0}, f).abs();
    curve.phase_deg = Eigen::ArrayXd::Zero(f.size());
    curve.hasPhase = false;
    const auto fit = fitImpedance(curve, 3.3, CoilModel::Inductance);
    ASSERT_FALSE(fit);
    EXPECT_EQ(fit.error().code, ErrorCode::MultipleResonances);
}

// Source: Small (1972): an endless box is no box; a closed one moves the resonance to fs sqrt(1 + Vas/Vb).
RC_GTEST_PROP(BoxProperty, AClosedBoxMovesTheResonanceUp, ())
{
    DriverParameters d = randomDriver();
    d.le_h = 0.0;
    const double volume = between(0.002, 0.2);
    const double boxed_hz = d.fs_hz * std::sqrt(1.0 + d.vas_m3 / volume);
    const Eigen::Array3d around(boxed_hz * 0.99, boxed_hz, boxed_hz * 1.01);
    const Eigen::ArrayXd z = boxedImpedance_ohm(d, {.volume_m3 = volume}, around).abs();
    RC_ASSERT(z(1) > z(0) && z(1) > z(2));
    RC_ASSERT(std::abs(z(1) / (d.re_ohm * (1.0 + d.qms / d.qes)) - 1.0) < 1e-6);
    const Eigen::ArrayXd f = frequencyGrid_hz();
    const Eigen::ArrayXcd free = impedance_ohm(d, f);
    RC_ASSERT(((boxedImpedance_ohm(d, {.volume_m3 = 1e6}, f) - free) / free).abs().maxCoeff() < 1e-4);
}

// Source: Small (1973): at its tuning a vented box without losses holds the cone: |Z| falls to Re.
RC_GTEST_PROP(BoxProperty, AVentedBoxHoldsTheConeAtItsTuning, ())
{
    DriverParameters d = randomDriver();
    d.le_h = 0.0;
    const double tuning = between(20.0, 80.0);
    const Box box{.volume_m3 = between(0.01, 0.1), .tuning_hz = tuning};
    const double z = std::abs(boxedImpedance_ohm(d, box, Eigen::ArrayXd::Constant(1, tuning))(0));
    RC_ASSERT(std::abs(z / d.re_ohm - 1.0) < 1e-6);
}

// Source: Small (1972): towards zero frequency the travel is sqrt2 V Bl Cms / Re; far above resonance it falls with
// f^2.
RC_GTEST_PROP(PistonProperty, TravelHasItsTwoEnds, ())
{
    DriverParameters d = randomDriver();
    d.le_h = 0.0;
    const DriverMechanics m = mechanics(d);
    const Eigen::ArrayXd x =
        pistonMotion(d, Eigen::Array3d(d.fs_hz * 1e-4, d.fs_hz * 1e3, d.fs_hz * 2e3)).excursion_m_v;
    RC_ASSERT(std::abs(x(0) / (std::sqrt(2.0) * m.bl_tm * m.cms_m_n / d.re_ohm) - 1.0) < 1e-3);
    RC_ASSERT(std::abs(x(1) / x(2) / 4.0 - 1.0) < 1e-3);
}

// At the voltage of the limit the coil gets as hot as the limit says: the two formulas of D6 are one.
RC_GTEST_PROP(ThermalProperty, TheLimitVoltageHeatsToTheLimit, ())
{
    const VoiceCoilHeat coil{between(1.0, 16.0), between(1.0, 40.0), 40.0};
    const double limit = 60.0 + *rc::gen::inRange(0, 200);
    const ThermalLimit found = thermalLimit(coil, limit);
    const HotCoil hot = hotCoil(coil, found.voltage_v);
    RC_ASSERT(std::abs(hot.rise_k / (limit - 40.0) - 1.0) < 1e-9);
    RC_ASSERT(hotCoil(coil, found.voltage_v * 1.1).loss_db > hot.loss_db);
}

MeasuredCurve twoPoints(double from_deg, double to_deg)
{
    MeasuredCurve curve;
    curve.frequency_hz = Eigen::Array2d(100.0, 400.0);
    curve.magnitude = Eigen::Array2d(4.0, 16.0);
    curve.phase_deg = Eigen::Array2d(from_deg, to_deg);
    return curve;
}

TEST(MeasuredCurve, GoesTheShortWayRoundTheCircle)
{
    const CurveReading reading = readCurve(twoPoints(170.0, -170.0), Eigen::ArrayXd::Constant(1, 200.0));
    EXPECT_NEAR(reading.phase_deg(0), 180.0, 1e-9);
    EXPECT_FALSE(reading.outside);
}

TEST(MeasuredCurve, AnImpedanceIsReadInItsLogarithm)
{
    const ImpedanceReading reading = readImpedance(twoPoints(0.0, 0.0), Eigen::ArrayXd::Constant(1, 200.0));
    EXPECT_NEAR(std::abs(reading.impedance_ohm(0)), 8.0, 1e-9);  // the geometric mean, halfway in ln f
}

TEST(MeasuredCurve, IsHeldBeyondItsEndsAndSaysSo)
{
    const CurveReading reading = readCurve(twoPoints(10.0, 20.0), Eigen::Array2d(50.0, 800.0));
    EXPECT_TRUE(reading.outside);
    EXPECT_EQ(reading.magnitude(0), 4.0);
    EXPECT_EQ(reading.magnitude(1), 16.0);
    EXPECT_EQ(reading.phase_deg(1), 20.0);
}

}  // namespace
}  // namespace core
