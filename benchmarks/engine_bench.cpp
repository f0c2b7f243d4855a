// How fast the electrical engine is, paired with general tools on the same network in the same run.
#include <benchmark/benchmark.h>

#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <sstream>

#include "core/base/grid.h"
#include "core/io/atomic_file.h"
#include "core/netlist/netlist_file.h"
#include "core/physics/network.h"
#include "core/physics/network_sweep.h"

namespace {

using namespace core;
namespace fs = std::filesystem;

const std::string kNetlist = std::string(SOURCE_FOLDER) + "/benchmarks/seven_nodes.cir";

Network sevenNodes()
{
    return readNetlist(*readWholeFile(kNetlist), kNetlist)->network;
}

// Real multiplications and additions that one frequency takes, from the order of elimination.
double operationsPerFrequency(const Elimination& elimination)
{
    constexpr double kMultiplyAdd = 8.0, kMultiply = 6.0, kInvert = 6.0, kWatch = 8.0;
    double operations = 0.0;
    for (const Elimination::Step& step : elimination.steps) {
        operations += kInvert + kMultiply;  // pivot, unknown
        operations += kMultiply * static_cast<double>(step.multipliers.size());
        operations += kMultiplyAdd * static_cast<double>(step.updates.size() + step.rightUpdates.size());
        operations += (kMultiplyAdd + kWatch) * static_cast<double>(step.uppers.size());
    }
    return operations;
}

void countOperations(benchmark::State& state, const Network& network, int frequencies)
{
    const double each = operationsPerFrequency(NetworkSweep(network).elimination());
    state.counters["operations"] = each * frequencies;
    state.counters["operations/s"] =
        benchmark::Counter(each * frequencies, benchmark::Counter::kIsIterationInvariantRate);
}

// One seven-node network with complex driver loads at 481 frequencies, from the list of elements to all voltages.
void Network7Node481(benchmark::State& state)
{
    const Network network = sevenNodes();
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    for (auto _ : state) benchmark::DoNotOptimize(solveNetwork(network, grid));
    countOperations(state, network, kGridSize);
}
BENCHMARK(Network7Node481)->Unit(benchmark::kMicrosecond);

// The same with the order of elimination at hand, as for a dragging hand: only the values are new.
void Network7Node481SameShape(benchmark::State& state)
{
    const Network network = sevenNodes();
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    const NetworkSweep sweep(network);
    for (auto _ : state) benchmark::DoNotOptimize(sweep.solve(network, grid));
    countOperations(state, network, kGridSize);
}
BENCHMARK(Network7Node481SameShape)->Unit(benchmark::kMicrosecond);

// numpy.linalg.solve over all frequencies at once, its matrices made beforehand; its voltages must be ours.
void Network7Node481Numpy(benchmark::State& state)
{
    const Network network = sevenNodes();
    const auto solution = solveNetwork(network, frequencyGrid_hz());
    const fs::path out = fs::temp_directory_path() / "golden-reed-numpy.txt";
    const std::string command =
        "/usr/bin/python3 " SOURCE_FOLDER "/benchmarks/numpy_solve.py " + kNetlist + " > " + out.string();
    for (auto _ : state) {
        if (std::system(command.c_str()) != 0) return state.SkipWithError("python3-numpy is not there");
        std::ifstream in(out);
        double seconds = 0.0;
        in >> seconds;
        state.SetIterationTime(seconds);
        double worst = 0.0;
        for (std::string name; in >> name;) {
            const int node = *findNode(network, name);
            for (Eigen::Index i = 0; i < kGridSize; ++i) {
                double re = 0.0, im = 0.0;
                in >> re >> im;
                const std::complex<double> theirs{re, im};
                worst = std::max(
                    worst, std::abs(solution->value.voltage_v(i, node) - theirs) / std::max(1e-9, std::abs(theirs)));
            }
        }
        if (!(worst < 1e-9)) return state.SkipWithError("numpy has other voltages");
        state.counters["difference"] = worst;
    }
    fs::remove(out);
}
BENCHMARK(Network7Node481Numpy)->Unit(benchmark::kMicrosecond)->UseManualTime()->Iterations(3);

// ngspice as a batch, the whole process. (Its voltages are held against ours in the tests.)
void Network7Node481Ngspice(benchmark::State& state)
{
    const fs::path raw = fs::temp_directory_path() / "golden-reed-ngspice.raw";
    const std::string command = "ngspice -b -r " + raw.string() + " " + kNetlist + " > /dev/null 2>&1";
    for (auto _ : state)
        if (std::system(command.c_str()) != 0) return state.SkipWithError("ngspice is not there");
    fs::remove(raw);
}
BENCHMARK(Network7Node481Ngspice)->Unit(benchmark::kMicrosecond)->UseRealTime();

}  // namespace
