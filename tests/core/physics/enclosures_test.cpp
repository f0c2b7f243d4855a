// Boxes against the whole electro-mechano-acoustic circuit, solved by a general circuit simulator; and their limits.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/physics/air.h"
#include "core/physics/closed_box.h"
#include "core/physics/driver_group.h"
#include "core/physics/mounting.h"
#include "core/physics/port.h"
#include "core/physics/radiation.h"
#include "core/physics/vented_alignment.h"
#include "tests/core/random_values.h"
#include "tests/core/spice.h"

namespace core {
namespace {

using Complex = std::complex<double>;
using std::numbers::pi;

// Driver S of the check values, with its coil's inductance.
const DriverParameters kBoxed{
    .re_ohm = 3.3, .le_h = 1.6e-3, .fs_hz = 32.0, .qms = 6.0, .qes = 0.55, .vas_m3 = 33e-3, .sd_m2 = 335e-4};

// Three domains as one netlist, drawn by hand from Newton, Faraday and the gas law, not from our formulas: the coil,
// the cone (force as volts, velocity as amperes) and the air (pressure as volts, flow as amperes). What joins two
// domains is a gyrator of two controlled sources; cone to air takes two of them.
struct BoxedDriverCircuit {
    Netlist netlist{.title = "a driver in its box"};
    int electrical = 0, force = 0, pressure = 0;
    double cab = 0.0, ral = 0.0, map = 0.0, rap = 0.0;  // ral, map: 0 for none

    BoxedDriverCircuit(const DriverParameters& driver, const Box& box)
    {
        const DriverMechanics m = mechanics(driver);
        cab = box.volume_m3 / (kAirDensity_kg_m3 * kSoundSpeed_m_s * kSoundSpeed_m_s);
        const double wb =
            2.0 * pi * box.tuning_hz.value_or(driver.fs_hz * std::sqrt(1.0 + driver.vas_m3 / box.volume_m3));
        if (box.leakQ) ral = *box.leakQ / (wb * cab);
        if (box.tuning_hz) map = 1.0 / (wb * wb * cab);
        if (box.portQ) rap = wb * map / *box.portQ;

        const int source = node("in"), coil = node("coil"), afterMass = node("m1"), afterSpring = node("m2");
        electrical = node("e");
        force = node("f");
        pressure = node("p");
        const int back = node("m3"), between = node("g");
        add(NetworkKind::VoltageSource, "V1", source, 0, 1.0);
        add(NetworkKind::Resistor, "Re", source, coil, driver.re_ohm);
        add(NetworkKind::Inductor, "Le", coil, electrical, driver.le_h);
        gyrator("1", electrical, force, 1.0 / m.bl_tm);
        add(NetworkKind::Inductor, "Lmms", force, afterMass, m.mms_kg);
        add(NetworkKind::Capacitor, "Ccms", afterMass, afterSpring, m.cms_m_n);
        add(NetworkKind::Resistor, "Rms", afterSpring, back, m.rms_kg_s);
        gyrator("2", back, between, 1.0);  // force Sd p, flow Sd u
        gyrator("3", between, pressure, driver.sd_m2);
        add(NetworkKind::Capacitor, "Cab", pressure, 0, cab);
        if (ral > 0.0) add(NetworkKind::Resistor, "Ral", pressure, 0, ral);
        if (map > 0.0) {
            const int inside = rap > 0.0 ? node("port") : 0;
            add(NetworkKind::Inductor, "Lmap", pressure, inside, map);
            if (rap > 0.0) add(NetworkKind::Resistor, "Rap", inside, 0, rap);
        }
    }

private:
    int node(const std::string& name) { return addNode(netlist.network, name); }
    void add(NetworkKind kind, const std::string& name, int plus, int minus, double value)
    {
        netlist.network.elements.push_back({kind, name, plus, minus, value});
    }
    // Current into the one port is g times the volts of the other, with opposite signs.
    void gyrator(const std::string& name, int one, int other, double g)
    {
        netlist.network.elements.push_back(
            {NetworkKind::VoltageControlledCurrent, "Ga" + name, one, 0, g, 0.0, other, 0});
        netlist.network.elements.push_back(
            {NetworkKind::VoltageControlledCurrent, "Gb" + name, 0, other, g, 0.0, one, 0});
    }
};

class BoxAgainstSpice : public testing::TestWithParam<Box> {};

TEST_P(BoxAgainstSpice, MovesAndSoundsAsTheWholeCircuit)
{
    const Box& box = GetParam();
    const BoxedDriverCircuit circuit(kBoxed, box);
    const auto spice = tests::runSpice(circuit.netlist, "box");
    const Eigen::ArrayXd f = Eigen::Map<const Eigen::ArrayXd>(spice.frequency_hz.data(), kGridSize);
    const PistonMotion ours = pistonMotion(kBoxed, f, 0.0, box);
    const double bl = mechanics(kBoxed).bl_tm;
    const auto agree = [](Complex a, Complex b) {
        return std::abs(a - b) <= 1e-6 * std::max(std::abs(a), std::abs(b));
    };
    for (size_t i = 0; i < spice.frequency_hz.size(); ++i) {
        const auto at = static_cast<Eigen::Index>(i);
        const Complex s{0.0, 2.0 * pi * spice.frequency_hz[i]};
        const Complex pressure = spice.values.at("v(p)")[i];
        ASSERT_TRUE(agree(ours.velocity_m_s_v(at), spice.values.at("v(e)")[i] / bl)) << spice.frequency_hz[i];
        const Complex heard = s * circuit.cab + (box.leaksOutdoors ? 1.0 / circuit.ral : 0.0);
        ASSERT_TRUE(agree(ours.flow_m3_s_v(at), heard * pressure)) << spice.frequency_hz[i];
        if (!box.tuning_hz) continue;
        ASSERT_TRUE(agree(ours.portFlow_m3_s_v(at), pressure / (s * circuit.map + circuit.rap)))
            << spice.frequency_hz[i];
    }
}

INSTANTIATE_TEST_SUITE_P(Boxes, BoxAgainstSpice,
                         testing::Values(Box{20e-3, {}, {}, {}, false}, Box{30e-3, {}, 4.0, {}, false},
                                         Box{30e-3, {}, 2.0, {}, true}, Box{45e-3, 33.0, 7.0, {}, false},
                                         Box{60e-3, 28.0, 7.0, 40.0, false}, Box{60e-3, 28.0, {}, 25.0, false}));

TEST(Enclosures, AVeryLargeBoxIsAnInfiniteBaffle)
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    const PistonMotion baffle = pistonMotion(kBoxed, f),
                       box = pistonMotion(kBoxed, f, 0.0, Box{1e6, {}, {}, {}, false});
    EXPECT_LT(((baffle.flow_m3_s_v - box.flow_m3_s_v).abs() / baffle.flow_m3_s_v.abs()).maxCoeff(), 1e-6);
}

TEST(Enclosures, APortBarelyTunedIsAClosedBoxAboveIt)
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    const PistonMotion closed = pistonMotion(kBoxed, f, 0.0, Box{30e-3, {}, {}, {}, false});
    const PistonMotion vented = pistonMotion(kBoxed, f, 0.0, Box{30e-3, 0.01, {}, {}, false});
    EXPECT_LT(((closed.flow_m3_s_v - vented.flow_m3_s_v).abs() / closed.flow_m3_s_v.abs()).maxCoeff(), 1e-5);
}

// The circuit's sound without the coil's inductance is the second-order high-pass of the closed box.
TEST(Enclosures, TheClosedBoxIsItsHighPass)
{
    DriverParameters plain = kBoxed;
    plain.le_h = 0.0;
    const Eigen::ArrayXd f = frequencyGrid_hz();
    const double qts = plain.qms * plain.qes / (plain.qms + plain.qes);
    const Eigen::ArrayXcd high = closedBoxResponse(closedBox(plain.fs_hz, qts, plain.vas_m3, 20e-3), f);
    const DriverMechanics m = mechanics(plain);
    const Eigen::ArrayXcd s = Complex{0.0, 2.0 * pi} * f.cast<Complex>();
    const Eigen::ArrayXcd sounded = s * pistonMotion(plain, f, 0.0, Box{20e-3, {}, {}, {}, false}).velocity_m_s_v *
                                    (m.mms_kg * plain.re_ohm / m.bl_tm);
    EXPECT_LT(((sounded - high).abs() / high.abs()).maxCoeff(), 1e-5);
}

// Source: the filter tables define a B4 by flatness: |H|^2 = 1 / (1 + (f3/f)^8).
TEST(Enclosures, TheB4IsMaximallyFlat)
{
    const double leakQ = 7.0, qts = 1.0 / (2.6131259297527531 - 1.0 / leakQ);
    const auto found = ventedAlignment(qts, leakQ);
    ASSERT_TRUE(found);
    const Eigen::ArrayXd x = Eigen::ArrayXd::LinSpaced(60, 0.3, 6.0);
    const Eigen::ArrayXd power = ventedResponse(qts, leakQ, 1.0, found->value.compliance_ratio, x).abs2();
    EXPECT_LT((power - 1.0 / (1.0 + x.pow(-8.0))).abs().maxCoeff(), 1e-6);
}

RC_GTEST_PROP(EnclosureProperty, ClosedBoxesRaiseResonanceAndQ, ())
{
    const double fs = tests::between(20.0, 200.0), qts = tests::between(0.2, 1.0);
    const double vas = tests::between(1e-3, 0.2), volume = tests::between(1e-3, 0.2);
    const ClosedBox smaller = closedBox(fs, qts, vas, volume), larger = closedBox(fs, qts, vas, volume * 1.5);
    RC_ASSERT(smaller.resonance_hz > larger.resonance_hz && larger.resonance_hz > fs);
    RC_ASSERT(std::abs(smaller.totalQ / smaller.resonance_hz - qts / fs) < 1e-9 * qts / fs);
    RC_ASSERT(std::abs(std::abs(closedBoxResponse(smaller, Eigen::ArrayXd::Constant(1, halfPower_hz(smaller)))(0)) -
                       std::sqrt(0.5)) < 1e-9);
    const auto back = closedBoxVolume_m3(vas, qts, smaller.totalQ);
    RC_ASSERT(std::abs(back->value / volume - 1.0) < 1e-9);
}

// Two drivers in one box are each in half of it: the group's formulas against the single driver's, in every wiring.
// Source: Olson (1957); a symmetry, so exact.
TEST(Enclosures, AGroupIsItsMembersEachWithItsShareOfTheAir)
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    const PistonMotion half = pistonMotion(kBoxed, f, 0.0, Box{20e-3, 33.0, 7.0, {}, false});
    for (const CoilWiring wiring : {CoilWiring::Parallel, CoilWiring::Series}) {
        const DriverParameters both = groupAsOne(kBoxed, {2, false, wiring});
        const PistonMotion whole = pistonMotion(both, f, 0.0, Box{40e-3, 33.0, 7.0, {}, false});
        const double volts = wiring == CoilWiring::Series ? 0.5 : 1.0;  // of each coil
        EXPECT_LT((whole.excursion_m_v / half.excursion_m_v - volts).abs().maxCoeff(), 1e-9);
        EXPECT_LT((whole.flow_m3_s_v / half.flow_m3_s_v - 2.0 * volts).abs().maxCoeff(), 1e-9);
        EXPECT_LT((whole.portFlow_m3_s_v / half.portFlow_m3_s_v - 2.0 * volts).abs().maxCoeff(), 1e-9);
    }
}

// A pair one behind the other is one cone twice as heavy and half as soft, so it needs half the box for the same sound.
TEST(Enclosures, AnIsobaricPairNeedsHalfTheBox)
{
    const DriverParameters pair = groupAsOne(kBoxed, {1, true, CoilWiring::Parallel});
    const DriverMechanics one = mechanics(kBoxed), two = mechanics(pair);
    EXPECT_NEAR(two.mms_kg / one.mms_kg, 2.0, 1e-12);
    EXPECT_NEAR(two.cms_m_n / one.cms_m_n, 0.5, 1e-12);
    const Eigen::ArrayXd f = frequencyGrid_hz();
    const Eigen::ArrayXd single = pistonMotion(kBoxed, f, 0.0, Box{20e-3, {}, {}, {}, false}).flow_m3_s_v.abs();
    const Eigen::ArrayXd paired = pistonMotion(pair, f, 0.0, Box{10e-3, {}, {}, {}, false}).flow_m3_s_v.abs();
    EXPECT_LT((paired / single - 1.0).abs().maxCoeff(), 1e-9);
}

RC_GTEST_PROP(EnclosureProperty, APortCutToLengthTunesAsAsked, ())
{
    const BoxPort port{tests::between(1e-3, 5e-2), *rc::gen::inRange(1, 5), endCorrection(PortEnds::OneFlanged, 2.2)};
    const double volume = tests::between(5e-3, 0.3), tuning = tests::between(20.0, 80.0);
    const auto length = portLength(port, volume, tuning, 0.0);
    RC_PRE(length.has_value());
    RC_ASSERT(std::abs(portTuning_hz(port, volume, length->value.length_m) / tuning - 1.0) < 1e-9);
    RC_ASSERT(length->value.effective_m > length->value.length_m);
}

RC_GTEST_PROP(EnclosureProperty, SealingNeverLowersTheDeepBass, ())
{
    const double path = tests::between(0.1, 1.0), g = tests::between(0.05, 1.0);
    const Eigen::ArrayXd low = Eigen::ArrayXd::Constant(1, tests::between(5.0, kSoundSpeed_m_s / (7.0 * path)));
    RC_ASSERT(std::abs(baffleLeakResponse({path, 0.5 * g}, low)(0)) >= std::abs(baffleLeakResponse({path, g}, low)(0)));
}

// The stated peak is the highest point of the whole band, wherever the ripple has it.
RC_GTEST_PROP(EnclosureProperty, AnAlignmentsPeakIsTheHighestOfItsBand, ())
{
    const double qts = tests::between(0.41, 1.5), leakQ = tests::between(5.0, 50.0);
    const auto found = ventedAlignment(qts, leakQ);
    RC_PRE(found.has_value() && found->value.kind == AlignmentKind::C4);
    const Eigen::ArrayXd at = Eigen::ArrayXd::LinSpaced(4000, std::log(0.02), std::log(50.0)).exp();
    const double highest =
        ventedResponse(qts, leakQ, found->value.tuning_ratio, found->value.compliance_ratio, at).abs().maxCoeff();
    RC_ASSERT(std::abs(found->value.peak_db - std::max(0.0, 20.0 * std::log10(highest))) < 1e-3);
}

RC_GTEST_PROP(EnclosureProperty, AlignmentsHoldTheirOwnEquations, ())
{
    const double qts = tests::between(0.21, 0.64), leakQ = tests::between(5.0, 50.0);
    const auto found = ventedAlignment(qts, leakQ);
    RC_PRE(found.has_value());
    RC_ASSERT(found->value.tuning_ratio > 0.0 && found->value.compliance_ratio > 0.0);
    const Eigen::ArrayXd at = Eigen::ArrayXd::Constant(1, found->value.halfPower_ratio);
    const double half =
        std::norm(ventedResponse(qts, leakQ, found->value.tuning_ratio, found->value.compliance_ratio, at)(0));
    RC_ASSERT(std::abs(half - 0.5) < 1e-6);
}

}  // namespace
}  // namespace core
