// Fifty thousand crossovers for one woofer and one tweeter, each solved with its losses and judged on a coarse grid.
#include <benchmark/benchmark.h>

#include <cmath>
#include <numbers>

#include "core/physics/driver_network.h"
#include "core/physics/ladder.h"
#include "core/physics/network_sweep.h"
#include "core/physics/pad.h"
#include "core/physics/radiation.h"

namespace {

using namespace core;

constexpr int kCandidates = 50000;
constexpr double kLoad_ohm = 3.3;

const DriverParameters kWoofer{.re_ohm = 3.3,
                               .le_h = 0.4e-3,
                               .fs_hz = 62,
                               .qms = 5,
                               .qes = 0.55,
                               .vas_m3 = 12e-3,
                               .sd_m2 = 135e-4,
                               .topCorner_hz = 4000};
const DriverParameters kTweeter{.re_ohm = 3.3,
                                .le_h = 0.03e-3,
                                .fs_hz = 1500,
                                .qms = 2,
                                .qes = 1.3,
                                .vas_m3 = 1.92e-6,
                                .sd_m2 = 6.5e-4,
                                .topCorner_hz = 22000};

// Thirty-one thirds of an octave from 20 Hz.
Eigen::ArrayXd coarseGrid_hz()
{
    return 20.0 * (Eigen::ArrayXd::LinSpaced(31, 0.0, 30.0) / 3.0 * std::log(2.0)).exp();
}

// A network of one shape: both legs with losses in coils and capacitors, a pad before the tweeter, both drivers.
struct TwoWay {
    Network network{};
    std::vector<size_t> low{}, high{};  // parts of the legs, from the amplifier on
    size_t padSeries = 0, padShunt = 0;
    int woofer = 0, tweeter = 0;
};

int addLeg(Network& network, std::vector<size_t>& parts, int from, const FilterShape& shape, FilterSide side)
{
    int at = from;
    for (const LadderPart& part : ladder(shape, side, 2500.0, kLoad_ohm)) {
        const int middle = addNode(network, "m");
        const int end = part.series ? addNode(network, "n") : 0;
        parts.push_back(network.elements.size());
        network.elements.push_back(
            {part.inductor ? NetworkKind::Inductor : NetworkKind::Capacitor, "X", at, middle, part.value});
        network.elements.push_back({NetworkKind::Resistor, "R", middle, end, part.inductor ? 0.2 : 0.03});
        if (part.series) at = end;
    }
    return at;
}

TwoWay twoWay(const FilterShape& shape)
{
    TwoWay two;
    const int in = addNode(two.network, "in"), terminal = addNode(two.network, "s");
    two.network.elements = {{NetworkKind::VoltageSource, "V1", in, 0, 1.0},
                            {NetworkKind::Resistor, "Rs", in, terminal, 0.11}};
    two.woofer = addLeg(two.network, two.low, terminal, shape, FilterSide::LowPass);
    addDriver(two.network, "w", two.woofer, 0, kWoofer);
    const int high = addLeg(two.network, two.high, terminal, shape, FilterSide::HighPass);
    two.tweeter = addNode(two.network, "t");
    two.padSeries = two.network.elements.size();
    two.network.elements.push_back({NetworkKind::Resistor, "Rp", high, two.tweeter, 1.0});
    two.padShunt = two.network.elements.size();
    two.network.elements.push_back({NetworkKind::Resistor, "Rq", two.tweeter, 0, 10.0});
    addDriver(two.network, "t", two.tweeter, 0, kTweeter);
    return two;
}

void setLeg(Network& network, const std::vector<size_t>& parts, const std::vector<double>& g, FilterSide side,
            double corner_hz)
{
    const double w0 = 2.0 * std::numbers::pi * corner_hz;
    for (size_t i = 0; i < parts.size(); ++i) {
        NetworkElement& part = network.elements[parts[i]];
        const double scale = part.kind == NetworkKind::Inductor ? kLoad_ohm : 1.0 / kLoad_ohm;
        part.value = (side == FilterSide::LowPass ? g[i] : 1.0 / g[i]) * scale / w0;
    }
}

// How uneven both legs together are, with the better polarity, from 200 Hz to 10 kHz: rms of the level, dB.
double unevenness(const NetworkSolution& solution, const TwoWay& two, const Eigen::ArrayXcd& low,
                  const Eigen::ArrayXcd& high)
{
    const Eigen::Index from = 10, count = 18;
    double best = 1e9;
    for (const double sign : {1.0, -1.0}) {
        const Eigen::ArrayXd level =
            10.0 * (solution.voltage_v.col(two.woofer) * low + sign * solution.voltage_v.col(two.tweeter) * high)
                       .segment(from, count)
                       .abs2()
                       .max(1e-30)
                       .log10();
        best = std::min(best, std::sqrt((level - level.mean()).square().mean()));
    }
    return best;
}

void Splits50000(benchmark::State& state)
{
    const Eigen::ArrayXd grid = coarseGrid_hz();
    const Eigen::ArrayXcd low = radiate(kWoofer, {}, grid, 300.0).pressure_pa_v;
    const Eigen::ArrayXcd high = radiate(kTweeter, {}, grid, 300.0).pressure_pa_v;
    const FilterShape shapes[] = {{FilterFamily::LinkwitzRiley, 2},
                                  {FilterFamily::Butterworth, 3},
                                  {FilterFamily::LinkwitzRiley, 4},
                                  {FilterFamily::Bessel, 4},
                                  {FilterFamily::Butterworth, 4}};
    constexpr int kCorners = 40, kOffsets = 25, kPads = 10;
    static_assert(std::size(shapes) * kCorners * kOffsets * kPads == kCandidates);
    for (auto _ : state) {
        double best = 1e9;
        for (const FilterShape& shape : shapes) {
            TwoWay two = twoWay(shape);
            const NetworkSweep sweep(two.network);
            const std::vector<double> g = ladderCoefficients(shape);
            for (int corner = 0; corner < kCorners; ++corner) {
                const double low_hz = 1500.0 * std::exp2(corner / 20.0);
                setLeg(two.network, two.low, g, FilterSide::LowPass, low_hz);
                for (int offset = 0; offset < kOffsets; ++offset) {
                    setLeg(two.network, two.high, g, FilterSide::HighPass, low_hz * std::exp2((offset - 6) / 18.0));
                    for (int step = 0; step < kPads; ++step) {
                        const Pad attenuator = pad(0.5 + step, kLoad_ohm);
                        two.network.elements[two.padSeries].value = attenuator.series_ohm;
                        two.network.elements[two.padShunt].value = *attenuator.shunt_ohm;
                        const auto solution = sweep.solve(two.network, grid);
                        best = std::min(best, unevenness(*solution, two, low, high));
                    }
                }
            }
        }
        state.counters["best_db"] = best;
    }
    state.counters["candidates/s"] = benchmark::Counter(kCandidates, benchmark::Counter::kIsIterationInvariantRate);
}
BENCHMARK(Splits50000)->Unit(benchmark::kMillisecond)->Iterations(3);

}  // namespace
