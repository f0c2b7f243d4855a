#include "core/evaluate/solve_circuit.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>
#include <set>

#include "core/evaluate/burdens.h"
#include "core/evaluate/cone_results.h"
#include "core/evaluate/driver_mounting.h"
#include "core/evaluate/loaded_curve.h"
#include "core/fitout/complete.h"
#include "core/physics/air.h"
#include "core/physics/equaliser.h"
#include "core/physics/filter.h"
#include "core/physics/level.h"
#include "core/physics/network_sweep.h"
#include "core/physics/port.h"
#include "core/physics/radiation.h"
#include "core/physics/series_capacitor.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

using Complex = std::complex<double>;

constexpr double kOpen_a = 1e-12;    // per volt: what flows through less than this is open
constexpr double kLeastGain = 1e-6;  // a channel turned down this far plays nothing

Origin worstOfCoil(const Figures& coil)
{
    return worstOrigin(coil, {Quantity::Re_ohm, Quantity::Le_h, Quantity::Fs_hz, Quantity::Qms, Quantity::Qes});
}

NetworkSolution solved(const NetworkSweep& sweep, const Circuit& circuit, const Eigen::ArrayXd& frequency_hz)
{
    auto solution = sweep.solve(circuit.network, frequency_hz);
    assert(solution);  // circuitOf makes no network without a solution
    return std::move(*solution);
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

// Watts in the coil with the source at its limit: the worst sine, and programme that just touches the limit.
// perVolt_w  per square source volt
void addWatts(RunResult& result, const Eigen::ArrayXd& perVolt_w, double sourceLimit_v, const GridTables& tables,
              double crestFactor_db)
{
    const Eigen::ArrayXd& f = tables.frequency_hz;
    const double square_v2 = sourceLimit_v * sourceLimit_v;
    Eigen::Index worst = 0;
    result.sine_w = square_v2 * perVolt_w.maxCoeff(&worst);
    result.sine_hz = f(worst);
    const Eigen::ArrayXd programme_w = square_v2 * programmeShare(crestFactor_db) * tables.programme * perVolt_w;
    result.programme_w = programme_w.sum();
    for (const BandEdges& edges : kBands)
        result.programmeBand_w[static_cast<size_t>(edges.band)] =
            (f >= edges.low_hz && f < edges.high_hz).select(programme_w, 0.0).sum();
    const Eigen::ArrayXd passed = result.transfer.abs();
    result.heat_w_v2 = perVolt_w;
    result.most_v = sourceLimit_v * passed.maxCoeff(&worst);
    result.mostAt_hz = f(worst);
}

Eigen::ArrayXd singleCoilHeat_w_v2(const RunResult& run, const std::optional<Box>& box,
                                   const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXcd load_ohm =
        box ? boxedImpedance_ohm(run.driver, *box, frequency_hz) : impedance_ohm(run.driver, frequency_hz);
    return run.transfer.abs2() * load_ohm.real() / load_ohm.abs2();
}

// What the channel does to each of its cones with several coils.
std::vector<ConeShare> coneShares(const Circuit& circuit, const NetworkSolution& solution,
                                  const Eigen::ArrayXcd& active)
{
    std::vector<ConeShare> shares;
    for (const CircuitCone& cone : circuit.cones) {
        ConeShare share{.device = circuit.taps[cone.taps.front()].element.device,
                        .drive = Eigen::ArrayXcd::Zero(active.size()),
                        .motion_a = elementCurrent_a(circuit.network, solution, cone.loss) * active,
                        .suspension_ohm = circuit.network.elements[cone.loss].value};
        for (size_t i = 0; i < cone.taps.size(); ++i) {
            const CircuitTap& tap = circuit.taps[cone.taps[i]];
            share.coils.push_back(tap.element.element);
            share.re_ohm.push_back(circuit.network.elements[tap.part].value);
            share.current_a.emplace_back(elementCurrent_a(circuit.network, solution, tap.part) * active);
            share.drive += cone.signs[i] / static_cast<double>(cone.taps.size()) * across(solution, tap) * active;
        }
        shares.push_back(std::move(share));
    }
    return shares;
}

// The cone of several coils that this coil moves, and its place among them.
struct SharedCoil {
    const ConeShare* cone = nullptr;
    size_t coil = 0;
};
SharedCoil sharedCoil(const std::vector<ConeShare>& cones, const Port& coil)
{
    for (const ConeShare& cone : cones)
        for (size_t i = 0; i < cone.coils.size(); ++i)
            if (cone.device == coil.device && cone.coils[i] == coil.element) return {&cone, i};
    return {};
}

// How fast the air goes in the ports of its box with the source at its limit.
void addPortSpeed(RunResult& result, const Mounting& mounting, const Eigen::ArrayXcd& drive, double sourceLimit_v,
                  const Practice& practice, const Eigen::ArrayXd& frequency_hz)
{
    if (!mounting.portArea_m2) return;
    const PistonMotion motion = pistonMotion(result.driver, frequency_hz, 0.0, mounting.box);
    const Eigen::ArrayXd flow_m3_s = sourceLimit_v * motion.portFlow_m3_s_v.abs() * drive.abs();
    Eigen::Index worst = 0;
    const double most_m3_s = flow_m3_s.maxCoeff(&worst);
    result.portSpeed_m_s = portSpeed_m_s({.area_m2 = *mounting.portArea_m2}, most_m3_s);
    result.portSpeedAt_hz = frequency_hz(worst);
    if (*result.portSpeed_m_s > practice[PracticeKey::PortSpeed_m_s]) result.marks.emplace_back(WarningKind::PortSpeed);
}

// A measured response over the model; where it holds the low end in another box, as it would be in this one.
void blendMeasured(RunResult& result, const CoilInputs& coil, Eigen::ArrayXcd& perCoilVolt, const Practice& practice,
                   const Eigen::ArrayXd& frequency_hz)
{
    const Curve& curve = *coil.response;
    Eigen::ArrayXcd pressure = measuredPressure_pa_v(measuredResponse(curve), frequency_hz) * result.driver.polarity;
    if (!curve.box.empty()) {
        const auto flow = [&](const std::optional<Box>& box) {
            return pistonMotion(result.driver, frequency_hz, 0.0, box).flow_m3_s_v;
        };
        pressure *= flow(coil.mounted.mounting.box) / flow(boxOf(curve.box));
    }
    const BlendedSource blend =
        blended(perCoilVolt, pressure, curve.frequency_hz.front(), curve.frequency_hz.back(), frequency_hz);
    perCoilVolt = blend.pressure_pa_v;
    result.blendStep_db = blend.step_db;
    if (std::abs(blend.step_db) > practice[PracticeKey::MostBlendStep_db])
        result.marks.emplace_back(WarningKind::BlendStep);
}

// drive  what moves the cone: a coil's volts, or the mean of several coils'
void addSound(RunResult& result, const CoilInputs& coil, const Eigen::ArrayXcd& drive, const Practice& practice,
              const GridTables& tables)
{
    constexpr double kTestVoltage_v = 2.0 * std::numbers::sqrt2;
    const Radiation radiation = radiate(result.driver, coil.mounted.mounting, tables.frequency_hz,
                                        practice[PracticeKey::AcousticInductanceFade_hz]);
    Eigen::ArrayXcd perCoilVolt = radiation.pressure_pa_v;
    if (coil.response) blendMeasured(result, coil, perCoilVolt, practice, tables.frequency_hz);
    result.pressure_pa_v = (coil.backwards ? -1.0 : 1.0) * perCoilVolt * drive;
    result.excursion_m_v = radiation.excursion_m_v * drive.abs();
    const double scale = kTestVoltage_v / kReferencePressure_pa;
    result.midLevel_db = bandLevel_db(tables, Band::Mid, scale * scale * result.pressure_pa_v.abs2());
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
        out.marks.emplace_back(WarningKind::RatingsContradict);
    }
    assert(limits);  // the quantities' own ranges see to it
    out.limits = limits->value;
    out.marks.insert(out.marks.end(), limits->warnings.begin(), limits->warnings.end());
}

}  // namespace

Eigen::ArrayXcd channelResponse(const ChannelInputs& channel, const Eigen::ArrayXd& frequency_hz)
{
    Eigen::ArrayXcd response = Eigen::ArrayXcd::Ones(frequency_hz.size());
    const auto pass = [&](FilterSide side, double corner_hz, const FilterShape& shape) {
        response *= filterResponse(shape, side, corner_hz, frequency_hz);
    };
    const auto builtIn = [&](FilterSide side, Quantity corner, Quantity order) {
        if (const auto hz = valueOf(channel.output, corner))
            pass(side, *hz, {.order = static_cast<int>(std::lround(valueOf(channel.output, order).value_or(2.0)))});
    };
    builtIn(FilterSide::HighPass, Quantity::HighPass_hz, Quantity::HighPassOrder);
    builtIn(FilterSide::LowPass, Quantity::LowPass_hz, Quantity::LowPassOrder);
    if (!channel.setting) return response;
    const Setting& setting = *channel.setting;
    if (setting.highPass) pass(FilterSide::HighPass, setting.highPass->frequency_hz, setting.highPass->shape());
    if (setting.lowPass) pass(FilterSide::LowPass, setting.lowPass->frequency_hz, setting.lowPass->shape());
    for (const EqualiserBand& band : setting.bands) response *= bandResponse(band, frequency_hz);
    response *= (setting.reversed ? -1.0 : 1.0) * ratioOf(setting.gain_db);
    if (setting.delay_s != 0.0) response *= delayResponse(setting.delay_s, frequency_hz);
    return response;
}

std::optional<SolvedCircuit> solveCircuit(const ChannelInputs& channel, const Practice& practice,
                                          const GridTables& tables, const SolveOptions& options)
{
    const Eigen::ArrayXd& frequency_hz = tables.frequency_hz;
    SolvedCircuit result;
    CircuitResult& out = result.circuit;
    out.channel = channel.channel;
    out.output = channel.output;
    out.worst = worstOrigin(out.output, {Quantity::RatedPower_w, Quantity::RatedLoad_ohm, Quantity::SecondPower_w,
                                         Quantity::SecondLoad_ohm});
    setLimits(out, practice);
    out.filteredLow = out.output.contains(Quantity::HighPass_hz) || (channel.setting && channel.setting->highPass);

    const Eigen::ArrayXcd active = channelResponse(channel, frequency_hz);
    out.gain = active.abs();
    if (!channel.circuit) {  // a dead short
        out.load_ohm = Eigen::ArrayXcd::Zero(frequency_hz.size());
        return result;
    }
    const Circuit& circuit = *channel.circuit;
    if (circuit.taps.empty()) return std::nullopt;

    std::optional<NetworkSweep> own;
    if (!options.sweep) own.emplace(circuit.network);
    const NetworkSweep& sweep = options.sweep ? *options.sweep : *own;
    const NetworkSolution solution = solved(sweep, circuit, frequency_hz);
    const Eigen::ArrayXcd terminal_v = solution.voltage_v.col(circuit.terminal);
    const Eigen::ArrayXcd source_a = -elementCurrent_a(circuit.network, solution, circuit.source);
    if (source_a.abs().maxCoeff() < kOpen_a) return std::nullopt;  // parts hang on it, but nothing leads back
    out.load_ohm = terminal_v / (source_a.abs() < kOpen_a).select(kOpen_a, source_a);
    const Eigen::ArrayXd load_ohm = out.load_ohm.abs();
    Eigen::Index least = 0;
    out.least_ohm = load_ohm.minCoeff(&least);
    out.least_hz = frequency_hz(least);
    const Eigen::ArrayXd limit_v = largestVoltage_v(out.limits, load_ohm, practice[PracticeKey::ComplexLoad_ratio]);
    out.sourceLimit_v = limit_v / out.gain.max(kLeastGain);
    out.clip_v = limit_v(least);
    out.clip_a = out.clip_v / out.least_ohm;
    out.clip_w = out.clip_v * out.clip_v * (1.0 / out.load_ohm(least)).real();

    const double limitLeast_v = out.sourceLimit_v.minCoeff();
    out.cones = coneShares(circuit, solution, active);
    std::set<const ConeShare*> spokenFor;
    for (const CoilInputs& coil : channel.coils) {
        const CircuitTap* tap = tapOf(circuit, coil.run.id.coil);
        if (!tap) continue;
        RunResult one{.run = coil.run, .driver = coil.mounted.driver, .coil = coil.coil};
        one.worst = std::max(coil.worst, out.worst);
        one.seriesCapacitance_f = coil.seriesCapacitance_f;
        if (coil.seriesCapacitance_f)
            if (const auto corner = seriesCapacitorCorner_hz(*coil.seriesCapacitance_f, one.driver.nominal_ohm))
                one.idealCorner_hz = corner->value;
        const Eigen::ArrayXcd passive = across(solution, *tap);
        one.transfer = passive * active;
        if (!coil.run.seriesCapacitors.empty()) {
            const auto magnitudeAt = [&](double f) {
                return std::abs(across(solved(sweep, circuit, Eigen::ArrayXd::Constant(1, f)), *tap)(0));
            };
            one.halfPower_hz = halfPowerCrossings_hz(frequency_hz, passive.abs(), magnitudeAt);
        }
        const SharedCoil shared = sharedCoil(out.cones, coil.run.id.coil);
        const Eigen::ArrayXcd& drive = shared.cone ? shared.cone->drive : one.transfer;
        one.sameCone = shared.cone && !spokenFor.insert(shared.cone).second;
        addSound(one, coil, drive, practice, tables);
        one.travel = travelOf(one.excursion_m_v, limitLeast_v, tables, practice);
        addWatts(one,
                 shared.cone ? coilHeat_w_v2(*shared.cone, shared.coil)
                             : singleCoilHeat_w_v2(one, coil.mounted.mounting.box, frequency_hz),
                 limitLeast_v, tables, practice[PracticeKey::CrestFactor_db]);
        addPortSpeed(one, coil.mounted.mounting, drive, limitLeast_v, practice, frequency_hz);
        out.worst = std::max(out.worst, worstOfCoil(one.coil));
        result.runs.push_back(std::move(one));
    }
    if (options.burdens) out.burdens = partBurdens(circuit, solution, out, tables, practice);
    return result;
}

}  // namespace core
