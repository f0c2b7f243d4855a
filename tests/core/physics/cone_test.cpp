// Several coils on one cone: the printed table, a circuit simulator with coils coupled by their flux, and laws.
#include <fmt/format.h>
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <array>
#include <cmath>
#include <numbers>

#include "core/physics/driver_network.h"
#include "core/physics/network.h"
#include "core/physics/radiation.h"
#include "tests/core/spice.h"

namespace core {
namespace {

constexpr double kRe_ohm = 3.4, kLe_h = 1e-3;  // of one coil

DriverParameters coneOf(double coupling)
{
    return {.re_ohm = kRe_ohm / 2.0,
            .le_h = kLe_h * (1.0 + coupling) / 2.0,
            .fs_hz = 32.0,
            .qms = 6.0,
            .qes = 0.55,
            .vas_m3 = 33e-3,
            .sd_m2 = 335e-4};
}

// Nodes of the two coils: 1 is the source, 2 the joint of a series, 3 an open end, 0 ground.
struct ConeRow {
    const char* wiring;
    std::array<int, 2> plus, minus;
    double coupling;
    std::array<double, 3> load_ohm;   // at 20, 32, 100 Hz
    std::array<double, 2> travel_mm;  // at 20, 32 Hz, 10 V
    double level_db;                  // at 100 Hz, 1 m; 0: none
};
void PrintTo(const ConeRow& row, std::ostream* out)
{
    *out << row.wiring;
}

struct Driven {
    double load_ohm = 0.0, travel_m = 0.0, level_db = -1e9;
};

Driven driven(const ConeRow& row, double hz)
{
    Network network;
    for (const char* name : {"in", "joint", "open"}) addNode(network, name);
    network.elements.push_back({NetworkKind::VoltageSource, "V1", 1, 0, 10.0});
    network.elements.push_back({NetworkKind::Resistor, "Rjoint", 2, 0, 1e9});  // ties what a wiring leaves out
    network.elements.push_back({NetworkKind::Resistor, "Ropen", 3, 0, 1e9});
    const DriverParameters cone = coneOf(row.coupling);
    addCone(network, "c", {{"a", row.plus[0], row.minus[0], kRe_ohm}, {"b", row.plus[1], row.minus[1], kRe_ohm}}, cone,
            row.coupling);
    const Eigen::ArrayXd f = Eigen::ArrayXd::Constant(1, hz);
    const auto solution = solveNetwork(network, f);
    EXPECT_TRUE(solution);
    const auto volts = [&](int from, int to) { return voltageBetween_v(solution->value, from, to)(0); };
    const std::complex<double> drive = 0.5 * (volts(row.plus[0], row.minus[0]) + volts(row.plus[1], row.minus[1]));
    const double amperes = std::abs(elementCurrent_a(network, solution->value, 0)(0));
    const double travel_m = pistonMotion(cone, f).excursion_m_v(0) * std::abs(drive);
    return {10.0 / amperes, travel_m, 20.0 * std::log10(pistonPressure_pa(hz, cone.sd_m2, travel_m) / 20e-6)};
}

class SharedCone : public testing::TestWithParam<ConeRow> {};

// Source: the design reference's table, by a circuit simulator with the coils coupled.
TEST_P(SharedCone, AgreesWithTheTable)
{
    const ConeRow& row = GetParam();
    const auto near = [](double value, double printed) {
        EXPECT_NEAR(value, printed, 6e-6 * std::abs(printed) + 1e-9);
    };
    constexpr std::array kHz{20.0, 32.0, 100.0};
    for (size_t i = 0; i < kHz.size(); ++i)
        if (row.load_ohm[i] > 0.0) near(driven(row, kHz[i]).load_ohm, row.load_ohm[i]);
    for (size_t i = 0; i < 2; ++i)
        if (row.travel_mm[i] >= 0.0) near(1000.0 * driven(row, kHz[i]).travel_m, row.travel_mm[i]);
    if (row.level_db > 0.0) near(driven(row, 100.0).level_db, row.level_db);
}
constexpr double kNot = -1.0;
INSTANTIATE_TEST_SUITE_P(
    Table, SharedCone,
    testing::Values(
        ConeRow{"parallel", {1, 1}, {0, 0}, 1.0, {3.90317, 20.2465, 1.82667}, {10.4630, 7.48192}, 102.987},
        ConeRow{"series", {1, 2}, {2, 0}, 1.0, {15.6127, 80.9858, 7.30669}, {5.23149, 3.74096}, 96.9662},
        ConeRow{"one, other open", {1, 3}, {0, 0}, 1.0, {5.06901, 21.9464, 3.49694}, {8.05655, 6.90239}, 97.3462},
        ConeRow{"one, other shorted", {1, 0}, {0, 0}, 1.0, {5.23604, 6.27329, 3.55207}, {5.23149, 3.74096}, 96.9662},
        ConeRow{"parallel, one reversed", {1, 0}, {0, 1}, 1.0, {1.70000, 1.70000, 1.70000}, {0.0, 0.0}, 0.0},
        ConeRow{"parallel, looser", {1, 1}, {0, 0}, 0.9, {kNot, kNot, 1.83500}, {10.4768, kNot}, 0.0},
        ConeRow{"reversed, looser", {1, 0}, {0, 1}, 0.9, {kNot, kNot, 1.70029}, {kNot, kNot}, 0.0}));

// An independent route: a general circuit simulator (ngspice) with two coils coupled by their flux (K), each in series
// with the voltage of one motional branch that carries the sum of their currents. D1's identities give that branch.
TEST(SharedConeAgainstSpice, CoilsCoupledByTheirFlux)
{
    constexpr double kCoupling = 0.9;
    const double w = 2.0 * std::numbers::pi * 32.0, re = kRe_ohm / 2.0;
    const std::string motion =
        fmt::format("Rm m 0 {}\nCm m 0 {}\nLm m 0 {}\n", re * 6.0 / 0.55, 0.55 / (w * re), re / (w * 0.55));
    const auto coil = [](const char* name, const char* plus, const char* minus) {
        return fmt::format(
            "Vs{0} {1} s{0} 0\nR{0} s{0} r{0} {3}\nL{0} r{0} l{0} {4}\nE{0} l{0} {2} m 0 1\nF{0} 0 m Vs{0} 1\n", name,
            plus, minus, kRe_ohm, kLe_h);
    };
    const std::tuple<const char*, ConeRow, std::string> wirings[] = {
        {"parallel", {"", {1, 1}, {0, 0}, kCoupling, {}, {}, 0.0}, coil("a", "in", "0") + coil("b", "in", "0")},
        {"series", {"", {1, 2}, {2, 0}, kCoupling, {}, {}, 0.0}, coil("a", "in", "j") + coil("b", "j", "0")},
        {"reversed", {"", {1, 0}, {0, 1}, kCoupling, {}, {}, 0.0}, coil("a", "in", "0") + coil("b", "0", "in")}};
    for (const auto& [name, row, coils] : wirings) {
        const auto spice = tests::runSpiceText("two coils\nV1 in 0 AC 1\n" + coils + motion +
                                                   fmt::format("K1 La Lb {}\n.ac dec 5 20 20k\n.end\n", kCoupling),
                                               std::string("coils-") + name);
        ASSERT_GT(spice.frequency_hz.size(), 10U);
        for (size_t i = 0; i < spice.frequency_hz.size(); ++i) {
            const double theirs_ohm = 1.0 / std::abs(spice.values.at("i(v1)")[i]);
            EXPECT_NEAR(driven(row, spice.frequency_hz[i]).load_ohm / theirs_ohm, 1.0, 1e-6) << name;
        }
    }
}

// With all coils in parallel and no leakage between them it is one driver of half the ohms, whatever its figures.
RC_GTEST_PROP(SharedConeLaw, InParallelItIsTheOneDriver, ())
{
    DriverParameters cone = coneOf(1.0);
    cone.fs_hz = *rc::gen::inRange(20, 200);
    cone.qes = *rc::gen::inRange(20, 200) / 100.0;
    const auto count = static_cast<size_t>(*rc::gen::inRange(1, 5));
    const Eigen::ArrayXd f = Eigen::ArrayXd::LinSpaced(9, std::log(20.0), std::log(20000.0)).exp();
    Network several, one;
    for (Network* network : {&several, &one}) {
        addNode(*network, "in");
        network->elements.push_back({NetworkKind::VoltageSource, "V1", 1, 0, 1.0});
    }
    std::vector<ConeCoil> coils;
    for (size_t i = 0; i < count; ++i)
        coils.push_back({std::string(1, static_cast<char>('a' + i)), 1, 0, cone.re_ohm * static_cast<double>(count)});
    addCone(several, "c", coils, cone, 1.0);
    addDriver(one, "d", 1, 0, cone);
    const auto a = solveNetwork(several, f), b = solveNetwork(one, f);
    RC_ASSERT(a && b);
    const Eigen::ArrayXcd ratio = elementCurrent_a(several, a->value, 0) / elementCurrent_a(one, b->value, 0);
    RC_ASSERT((ratio - 1.0).abs().maxCoeff() < 1e-9);
}

}  // namespace
}  // namespace core
