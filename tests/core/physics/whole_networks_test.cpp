// Whole networks with complex and boxed driver loads, each solved by ngspice from the netlist that we write.
#include <gtest/gtest.h>

#include <functional>

#include "core/io/atomic_file.h"
#include "core/physics/compensation.h"
#include "core/physics/driver_network.h"
#include "core/physics/ladder.h"
#include "core/physics/pad.h"
#include "tests/core/physics/reference_networks.h"
#include "tests/core/spice.h"

namespace core {
namespace {

const DriverParameters kWoofer{
    .re_ohm = 3.3, .le_h = 0.4e-3, .fs_hz = 62, .qms = 5, .qes = 0.55, .vas_m3 = 12e-3, .sd_m2 = 135e-4};
const DriverParameters kSubwoofer{
    .re_ohm = 3.3, .le_h = 1.6e-3, .fs_hz = 32, .qms = 6, .qes = 0.55, .vas_m3 = 33e-3, .sd_m2 = 335e-4};
const DriverParameters kTweeter{
    .re_ohm = 3.3, .le_h = 0.03e-3, .fs_hz = 1500, .qms = 2, .qes = 1.3, .vas_m3 = 1.92e-6, .sd_m2 = 6.5e-4};

// A one-volt source behind 0.1 ohm, and the node behind that.
struct DrivenNetwork {
    Network network{};
    int terminal = 0;
};
DrivenNetwork driven()
{
    DrivenNetwork d;
    const int source = addNode(d.network, "in");
    d.terminal = addNode(d.network, "s");
    d.network.elements = {{NetworkKind::VoltageSource, "V1", source, 0, 1.0},
                          {NetworkKind::Resistor, "Rs", source, d.terminal, 0.1}};
    return d;
}

// A leg of a crossover with losses in its coils and capacitors; returns the node of its load.
int addLeg(Network& network, const std::string& name, int from, const std::vector<LadderPart>& parts)
{
    int at = from, number = 0;
    for (const LadderPart& part : parts) {
        const std::string id = name + std::to_string(++number);
        const int middle = addNode(network, "m" + id);
        const int end = part.series ? addNode(network, "n" + id) : 0;
        network.elements.push_back({part.inductor ? NetworkKind::Inductor : NetworkKind::Capacitor,
                                    (part.inductor ? "L" : "C") + id, at, middle, part.value});
        network.elements.push_back({NetworkKind::Resistor, "R" + id, middle, end, part.inductor ? 0.2 : 0.03});
        if (part.series) at = end;
    }
    return at;
}

Network boxed(const DriverParameters& driver, const Box& box, const CoilLoss& loss = {})
{
    DrivenNetwork d = driven();
    addDriver(d.network, "d", d.terminal, 0, driver, box, loss);
    return d.network;
}

Network twoWay()
{
    DrivenNetwork d = driven();
    const FilterShape shape{FilterFamily::LinkwitzRiley, 4};
    const int low = addLeg(d.network, "a", d.terminal, ladder(shape, FilterSide::LowPass, 2500, 3.3));
    addDriver(d.network, "w", low, 0, kWoofer, Box{.volume_m3 = 20e-3, .leakQ = 4.0});
    const SeriesBranch zobel = inductanceCompensation(kWoofer.re_ohm, kWoofer.le_h);
    const int middle = addNode(d.network, "z");
    d.network.elements.push_back({NetworkKind::Resistor, "Rz", low, middle, zobel.r_ohm});
    d.network.elements.push_back({NetworkKind::Capacitor, "Cz", middle, 0, zobel.c_f});
    const int high = addLeg(d.network, "b", d.terminal, ladder(shape, FilterSide::HighPass, 2500, 3.3));
    const int behindPad = addNode(d.network, "t");
    const Pad attenuator = pad(4.0, 3.3);
    d.network.elements.push_back({NetworkKind::Resistor, "Rp", high, behindPad, attenuator.series_ohm});
    d.network.elements.push_back({NetworkKind::Resistor, "Rq", behindPad, 0, *attenuator.shunt_ohm});
    addDriver(d.network, "t", behindPad, 0, kTweeter);
    return d.network;
}

Network twoSubwoofersBehindACoil()
{
    DrivenNetwork d = driven();
    const int after =
        addLeg(d.network, "a", d.terminal, ladder({FilterFamily::Bessel, 3}, FilterSide::LowPass, 90, 1.65));
    const Box shared{.volume_m3 = 45e-3, .tuning_hz = 33.0, .leakQ = 7.0, .portQ = 60.0};
    addDriver(d.network, "p", after, 0, kSubwoofer, shared);
    addDriver(d.network, "q", after, 0, kSubwoofer, shared);
    return d.network;
}

Network driversInSeries()
{
    DrivenNetwork d = driven();
    const int middle = addNode(d.network, "mid");
    addDriver(d.network, "w", d.terminal, middle, kWoofer, Box{.volume_m3 = 12e-3});
    addDriver(d.network, "t", middle, 0, kTweeter, {}, {.l2_h = 0.2e-3, .r2_ohm = 6.0});
    return d.network;
}

// A current source into a driver, sensed by a voltage-controlled source with a load of its own, and one that feeds
// back.
Network controlled()
{
    Network network;
    const int a = addNode(network, "a"), b = addNode(network, "b"), c = addNode(network, "c");
    network.elements.push_back(
        {.kind = NetworkKind::CurrentSource, .name = "I1", .plus = 0, .minus = a, .value = 0.5, .phase_deg = 30.0});
    addDriver(network, "w", a, 0, kWoofer, Box{.volume_m3 = 12e-3});
    network.elements.push_back(
        {.kind = NetworkKind::VoltageControlledVoltage, .name = "E1", .plus = b, .value = 2.0, .controlPlus = a});
    network.elements.push_back({NetworkKind::Capacitor, "C1", b, c, 22e-6});
    network.elements.push_back({NetworkKind::Resistor, "R1", c, 0, 8.0});
    network.elements.push_back(
        {.kind = NetworkKind::VoltageControlledCurrent, .name = "G1", .plus = a, .value = 0.05, .controlPlus = c});
    return network;
}

struct Whole {
    const char* name;
    std::function<Network()> make;
};
void PrintTo(const Whole& whole, std::ostream* out)
{
    *out << whole.name;
}
class WholeNetwork : public testing::TestWithParam<Whole> {};

TEST_P(WholeNetwork, AgreesWithTheCircuitSimulator)
{
    tests::expectAgreement(Netlist{.title = GetParam().name, .network = GetParam().make()}, GetParam().name);
}

INSTANTIATE_TEST_SUITE_P(
    Ngspice, WholeNetwork,
    testing::Values(
        Whole{"N1", [] { return tests::referenceNetwork("N1"); }},
        Whole{"N2", [] { return tests::referenceNetwork("N2"); }},
        Whole{"N3", [] { return tests::referenceNetwork("N3"); }},
        Whole{"N4", [] { return tests::referenceNetwork("N4"); }},
        Whole{"N5", [] { return tests::referenceNetwork("N5"); }},
        Whole{"sevenNodes",
              [] {
                  return readNetlist(*readWholeFile(SOURCE_FOLDER "/benchmarks/seven_nodes.cir"), "seven_nodes.cir")
                      ->network;
              }},
        Whole{"closedBox", [] { return boxed(kWoofer, {.volume_m3 = 12e-3}); }},
        Whole{"leakyBox",
              [] { return boxed(kWoofer, {.volume_m3 = 30e-3, .leakQ = 2.0}, {.l2_h = 0.5e-3, .r2_ohm = 6.0}); }},
        Whole{"ventedBox", [] { return boxed(kSubwoofer, {.volume_m3 = 45e-3, .tuning_hz = 33.0, .leakQ = 7.0}); }},
        Whole{"twoWay", twoWay}, Whole{"twoSubwoofers", twoSubwoofersBehindACoil}, Whole{"inSeries", driversInSeries},
        Whole{"controlled", controlled}),
    [](const auto& whole) { return std::string(whole.param.name); });

// Source: the closed forms of the same circuits (Small 1972, 1973): what the network's elements make of a driver is
// what its formula says.
TEST(DriverElements, AreTheImpedanceOfTheFormula)
{
    const Box box{.volume_m3 = 45e-3, .tuning_hz = 33.0, .leakQ = 7.0, .portQ = 60.0};
    const CoilLoss loss{.l2_h = 0.5e-3, .r2_ohm = 6.0};
    Network network;
    const int in = addNode(network, "in");
    network.elements.push_back({NetworkKind::VoltageSource, "V1", in, 0, 1.0});
    addDriver(network, "d", in, 0, kSubwoofer, box, loss);
    const Eigen::ArrayXd f = Eigen::ArrayXd::LinSpaced(200, 10.0, 2000.0);
    const auto solution = solveNetwork(network, f);
    const Eigen::ArrayXcd input = -elementCurrent_a(network, solution->value, 0).inverse();
    EXPECT_LT(((input - boxedImpedance_ohm(kSubwoofer, box, f, loss)) / input).abs().maxCoeff(), 1e-12);
}

}  // namespace
}  // namespace core
