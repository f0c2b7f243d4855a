#include "core/evaluate/solve_circuit.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>

#include "core/evaluate/burdens.h"
#include "core/evaluate/circuit.h"
#include "core/evaluate/complete.h"
#include "core/evaluate/practice_shapes.h"
#include "core/physics/air.h"
#include "core/physics/equaliser.h"
#include "core/physics/filter.h"
#include "core/physics/level.h"
#include "core/physics/radiation.h"
#include "core/physics/series_capacitor.h"

namespace core {
namespace {

using Complex = std::complex<double>;

constexpr double kOpen_a = 1e-12;    // per volt: what flows through less than this is open
constexpr double kLeastGain = 1e-6;  // a channel turned down this far plays nothing

Origin worstOfCoil(const Figures& coil)
{
    return worstOrigin(coil, {Quantity::Re_ohm, Quantity::Le_h, Quantity::Fs_hz, Quantity::Qms, Quantity::Qes});
}

NetworkSolution solved(const Circuit& circuit, const Eigen::ArrayXd& frequency_hz)
{
    auto solution = solveNetwork(circuit.network, frequency_hz);
    assert(solution);  // circuitOf makes no network without a solution
    return std::move(solution->value);
}

const CircuitTap* tapOf(const Circuit& circuit, const Port& element)
{
    const auto found = std::find_if(circuit.taps.begin(), circuit.taps.end(),
                                    [&](const CircuitTap& tap) { return tap.element == element; });
    return found == circuit.taps.end() ? nullptr : &*found;
}

Eigen::ArrayXcd across(const NetworkSolution& solution, const CircuitTap& tap)
{
    return voltageBetween_v(solution, tap.plus, tap.minus);
}

// Capacitors one after another on a run count as one.
void addSeriesCapacitor(RunResult& result, const Fitout& fitout, const Practice& practice)
{
    double elastance = 0.0;
    for (const Port& port : result.run.seriesCapacitors) {
        const Part& part = fitout.parts.at(fitout.devices.at(port.device).part);
        const Known capacitance = complete(part, port.element, practice).at(Quantity::Capacitance_f);
        elastance += 1.0 / capacitance.value;
        result.worst = std::max(result.worst, capacitance.basis.origin);
    }
    if (elastance <= 0.0) return;
    result.seriesCapacitance_f = 1.0 / elastance;
    if (const auto corner = seriesCapacitorCorner_hz(1.0 / elastance, result.driver.nominal_ohm))
        result.idealCorner_hz = corner->value;
}

// Watts in the coil with the source at its limit: the worst sine, and programme that just touches the limit.
void addWatts(RunResult& result, const Eigen::ArrayXcd& coilLoad_ohm, double sourceLimit_v, const Practice& practice,
              const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXd perVolt_w = result.transfer.abs2() * coilLoad_ohm.inverse().real();
    const double square_v2 = sourceLimit_v * sourceLimit_v;
    Eigen::Index worst = 0;
    result.sine_w = square_v2 * perVolt_w.maxCoeff(&worst);
    result.sine_hz = frequency_hz(worst);
    const Eigen::ArrayXd weight = programmeWeight(programmeShape(practice), frequency_hz);
    const double mean = weightedMean(frequency_hz, weight, perVolt_w);
    const double programme_v2 = square_v2 * programmeShare(practice[PracticeKey::CrestFactor_db]);
    result.programme_w = programme_v2 * mean;
    for (const BandEdges& edges : kBands) {
        const Eigen::ArrayXd inside =
            (frequency_hz >= edges.low_hz && frequency_hz < edges.high_hz).cast<double>() * perVolt_w;
        result.programmeBand_w[static_cast<size_t>(edges.band)] =
            programme_v2 * weightedMean(frequency_hz, weight, inside);
    }
    result.most_v = sourceLimit_v * result.transfer.abs().maxCoeff(&worst);
    result.mostAt_hz = frequency_hz(worst);
}

void addSound(RunResult& result, const Fitout& fitout, const Practice& practice, const Eigen::ArrayXd& frequency_hz)
{
    constexpr double kTestVoltage_v = 2.0 * std::numbers::sqrt2;
    const Radiation radiation = radiate(result.driver, frequency_hz, practice[PracticeKey::AcousticInductanceFade_hz]);
    const auto mount = fitout.mounts.find(result.run.id.coil.device);
    const double facing = mount != fitout.mounts.end() && mount->second.backwards ? -1.0 : 1.0;
    result.pressure_pa_v = facing * radiation.pressure_pa_v * result.transfer;
    result.excursion_m_v = radiation.excursion_m_v * result.transfer.abs();
    const Eigen::ArrayXd level_db =
        20.0 * (result.pressure_pa_v.abs() * (kTestVoltage_v / kReferencePressure_pa)).max(1e-15).log10();
    const BandEdges& mid = kBands[static_cast<size_t>(Band::Mid)];
    result.midLevel_db = bandMean_db(frequency_hz, level_db, mid.low_hz, mid.high_hz);
}

// Both ratings where there are two. Ratings that contradict each other leave the first one to count, and a mark.
void setLimits(CircuitResult& out, const Practice& practice)
{
    std::vector<AmplifierRating> ratings{
        {out.output.at(Quantity::RatedPower_w).value, out.output.at(Quantity::RatedLoad_ohm).value}};
    const auto power = valueOf(out.output, Quantity::SecondPower_w);
    const auto load = valueOf(out.output, Quantity::SecondLoad_ohm);
    if (power && load) ratings.push_back({*power, *load});
    auto limits = outputLimits(ratings, ratingPractice(practice));
    if (!limits) {
        ratings.pop_back();
        limits = outputLimits(ratings, ratingPractice(practice));
        out.marks.emplace_back("RatingsContradict");
    }
    assert(limits);  // the quantities' own ranges see to it
    out.limits = limits->value;
    out.marks.insert(out.marks.end(), limits->warnings.begin(), limits->warnings.end());
}

}  // namespace

Eigen::ArrayXcd channelResponse(const Fitout& fitout, const Port& channel, const Figures& output,
                                const Eigen::ArrayXd& frequency_hz)
{
    Eigen::ArrayXcd response = Eigen::ArrayXcd::Ones(frequency_hz.size());
    const auto pass = [&](FilterSide side, double corner_hz, int order) {
        response *= filterResponse({FilterFamily::Butterworth, order}, side, corner_hz, frequency_hz);
    };
    const auto builtIn = [&](FilterSide side, Quantity corner, Quantity order) {
        if (const auto hz = valueOf(output, corner))
            pass(side, *hz, static_cast<int>(std::lround(valueOf(output, order).value_or(2.0))));
    };
    builtIn(FilterSide::HighPass, Quantity::HighPass_hz, Quantity::HighPassOrder);
    builtIn(FilterSide::LowPass, Quantity::LowPass_hz, Quantity::LowPassOrder);
    const auto found = fitout.settings.find(channel);
    if (found == fitout.settings.end()) return response;
    const Setting& setting = found->second;
    if (setting.highPass) pass(FilterSide::HighPass, setting.highPass->frequency_hz, setting.highPass->order);
    if (setting.lowPass) pass(FilterSide::LowPass, setting.lowPass->frequency_hz, setting.lowPass->order);
    response *= (setting.reversed ? -1.0 : 1.0) * ratioOf(setting.gain_db);
    if (setting.delay_s != 0.0) response *= delayResponse(setting.delay_s, frequency_hz);
    return response;
}

std::optional<SolvedCircuit> solveCircuit(const Fitout& fitout, const Port& channel, std::span<const Run> runs,
                                          const Practice& practice, const Eigen::ArrayXd& frequency_hz)
{
    SolvedCircuit result;
    CircuitResult& out = result.circuit;
    const Part& part = fitout.parts.at(fitout.devices.at(channel.device).part);
    out.channel = channel;
    out.output = complete(part, channel.element, practice);
    out.worst = worstOrigin(out.output, {Quantity::RatedPower_w, Quantity::RatedLoad_ohm, Quantity::SecondPower_w,
                                         Quantity::SecondLoad_ohm});
    setLimits(out, practice);
    const auto setting = fitout.settings.find(channel);
    out.filteredLow = out.output.contains(Quantity::HighPass_hz) ||
                      (setting != fitout.settings.end() && setting->second.highPass.has_value());

    const Eigen::ArrayXcd active = channelResponse(fitout, channel, out.output, frequency_hz);
    out.gain = active.abs();
    const auto circuit = circuitOf(fitout, channel, practice);
    if (!circuit) {  // a dead short
        out.load_ohm = Eigen::ArrayXcd::Zero(frequency_hz.size());
        return result;
    }
    if (circuit->taps.empty()) return std::nullopt;

    const NetworkSolution solution = solved(*circuit, frequency_hz);
    const Eigen::ArrayXcd terminal_v = solution.voltage_v.col(circuit->terminal);
    const Eigen::ArrayXcd source_a = -elementCurrent_a(circuit->network, solution, circuit->source);
    if (source_a.abs().maxCoeff() < kOpen_a) return std::nullopt;  // parts hang on it, but nothing leads back
    out.load_ohm = terminal_v / (source_a.abs() < kOpen_a).select(kOpen_a, source_a);
    Eigen::Index least = 0;
    out.least_ohm = out.load_ohm.abs().minCoeff(&least);
    out.least_hz = frequency_hz(least);
    const Eigen::ArrayXd limit_v =
        largestVoltage_v(out.limits, out.load_ohm.abs(), practice[PracticeKey::ComplexLoad_ratio]);
    out.sourceLimit_v = limit_v / out.gain.max(kLeastGain);
    out.clip_v = limit_v(least);
    out.clip_a = out.clip_v / out.least_ohm;
    out.clip_w = out.clip_v * out.clip_v * (1.0 / out.load_ohm(least)).real();

    for (const Run& run : runs) {
        const CircuitTap* tap = run.id.channel == channel ? tapOf(*circuit, run.id.coil) : nullptr;
        if (!tap) continue;
        const Part& driverPart = fitout.parts.at(fitout.devices.at(run.id.coil.device).part);
        RunResult one{.run = run, .coil = complete(driverPart, run.id.coil.element, practice)};
        one.driver = driverParameters(one.coil, driverPart, practice);
        one.worst = std::max(worstOfCoil(one.coil), out.worst);
        const Eigen::ArrayXcd passive = across(solution, *tap);
        one.transfer = passive * active;
        addSeriesCapacitor(one, fitout, practice);
        if (!run.seriesCapacitors.empty()) {
            const auto magnitudeAt = [&](double f) {
                return std::abs(across(solved(*circuit, Eigen::ArrayXd::Constant(1, f)), *tap)(0));
            };
            one.halfPower_hz = halfPowerCrossings_hz(frequency_hz, passive.abs(), magnitudeAt);
        }
        const Eigen::ArrayXcd coilLoad_ohm = impedance_ohm(one.driver, frequency_hz);
        addWatts(one, coilLoad_ohm, out.sourceLimit_v.minCoeff(), practice, frequency_hz);
        addSound(one, fitout, practice, frequency_hz);
        Eigen::Index widest = 0;
        one.travel_m = out.sourceLimit_v.minCoeff() * one.excursion_m_v.maxCoeff(&widest);
        one.travelAt_hz = frequency_hz(widest);
        out.worst = std::max(out.worst, worstOfCoil(one.coil));
        result.runs.push_back(std::move(one));
    }
    out.burdens = partBurdens(*circuit, solution, out, fitout, practice);
    return result;
}

}  // namespace core
