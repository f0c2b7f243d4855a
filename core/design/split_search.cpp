#include "core/design/split_search.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>
#include <set>

#include "core/base/grid.h"
#include "core/base/threshold.h"
#include "core/design/settings_search.h"
#include "core/design/split_measure.h"
#include "core/edits/element_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/solve_circuit.h"
#include "core/evaluate/split_sum.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/fitout/wiring_graph.h"
#include "core/limits/sound_limits.h"
#include "core/limits/split_limits.h"
#include "core/physics/driver.h"
#include "core/physics/preferred_values.h"

namespace core {
namespace {

// What is sold and fits under a door card; common practice, no source.
constexpr double kPads_ohm[] = {0.0, 1.0, 1.5, 2.2, 3.3, 4.7, 6.8};
constexpr double kCapacitors_f[] = {1.5e-6, 47e-6}, kShunts_h[] = {0.1e-3, 1.0e-3}, kCoils_h[] = {0.1e-3, 1.5e-3},
                 kWooferShunts_f[] = {2.2e-6, 33e-6};
constexpr double kButterworth3 = 3.0;  // the second capacitor of a third-order high-pass over its first (Zverev)

// The values of a series from the least to the greatest.
std::vector<double> valuesBetween(const double (&range)[2], PreferredSeries series)
{
    std::vector<double> values;
    for (double value = range[1] * 1.001; value >= range[0];) {
        value = preferredBelow(value, series)->value;
        if (value >= range[0] * 0.999) values.push_back(value);
    }
    return values;
}

// One leg: what its driver gets, and what it adds to the load.
struct Tried {
    LegParts parts{};
    Eigen::ArrayXcd admittance_s{};
    std::vector<Ears<Eigen::ArrayXcd>> at{};  // pressure at each seat per source volt
    Eigen::ArrayXd square{};                  // of both ears of the first one
};

class Searcher {
public:
    Searcher(const Plan& plan, const Evaluation& evaluation, const SplitPair& pair, std::vector<ListenerId> seats,
             double slope_db_octave)
        : m_plan(plan),
          m_stage(*evaluation.stages.at(plan.job.goal)),
          m_practice(evaluation.practice),
          m_pair(pair),
          m_seats(std::move(seats)),
          m_measure(evaluation.frequency_hz, slope_db_octave),
          m_hz(m_measure.hz()),
          m_low_ohm(impedance_ohm(low().driver, m_hz)),
          m_high_ohm(impedance_ohm(high().driver, m_hz)),
          m_active(Eigen::ArrayXcd::Ones(m_hz.size()))
    {
        for (const ChannelInputs& inputs : m_stage.inputs)
            if (inputs.channel == low().run.id.channel) m_active = channelResponse(inputs, m_hz);
        for (const ListenerId seat : m_seats) {
            m_lowAt.push_back(SplitMeasure::perCoilVolt(m_stage, m_pair.low, seat));
            m_highAt.push_back(SplitMeasure::perCoilVolt(m_stage, m_pair.high, seat));
        }
        const CircuitResult& circuit = *findCircuit(m_stage, low().run.id.channel);
        m_leastAllowed_ohm = m_practice[PracticeKey::LoadCare_ratio] * circuit.output.at(Quantity::LeastLoad_ohm).value;
        m_beaming_hz = beamsOver_hz(low());
    }

    std::optional<SplitSearch> run(const std::stop_token& stop, const std::function<void(double)>& progress)
    {
        SplitSearch search{.pair = m_pair, .now = *splitSum(m_stage, m_pair, m_seats.front())};
        const std::vector<Tried> lows = lowLegs(), highs = highLegs(search.refused);
        std::optional<SplitCandidate> fewest, even;
        for (size_t i = 0; i < highs.size(); ++i) {
            if (stop.stop_requested()) return std::nullopt;
            if (progress) progress(static_cast<double>(i) / static_cast<double>(highs.size()));
            for (const Tried& low : lows) {
                search.tried += 2;
                const double least_ohm = leastOf(low, highs[i]);
                if (under(least_ohm, m_leastAllowed_ohm)) {
                    search.refused += 2;
                    continue;
                }
                for (const bool turned : {false, true}) {
                    SplitCandidate found{.turned = turned, .least_ohm = least_ohm};
                    std::optional<SplitCandidate>& best =
                        low.parts.size() + highs[i].parts.size() == 1 ? fewest : even;
                    judge(found, low, highs[i], best ? best->cost_db : std::numeric_limits<double>::max());
                    if (best && found.cost_db >= best->cost_db) continue;
                    found.parts = {{Leg::Woofer, low.parts}, {Leg::Tweeter, highs[i].parts}};
                    best = std::move(found);
                }
            }
        }
        addStanding(search);
        if (fewest) search.answers.push_back(answer(SplitKind::FewestParts, *fewest));
        // More parts are worth a word only where they make it more even.
        if (even && (!fewest || even->even_db < fewest->even_db))
            search.answers.push_back(answer(SplitKind::MostEven, *even));
        return search;
    }

    [[nodiscard]] std::vector<Tried> lowLegs() const
    {
        std::vector<Tried> legs;
        const Eigen::ArrayXcd s = laplace(m_hz);
        const auto add = [&](std::optional<double> coil_h, std::optional<double> shunt_f) {
            Tried leg;
            if (coil_h) leg.parts.push_back({ElementKind::Inductor, true, *coil_h});
            if (shunt_f) leg.parts.push_back({ElementKind::Capacitor, false, *shunt_f});
            const Eigen::ArrayXcd load_s = m_low_ohm.inverse() + (shunt_f ? *shunt_f : 0.0) * s;
            const Eigen::ArrayXcd whole_ohm = load_s.inverse() + (coil_h ? *coil_h : 0.0) * s;
            leg.admittance_s = whole_ohm.inverse();
            hear(leg, m_active / (load_s * whole_ohm), m_lowAt);
            legs.push_back(std::move(leg));
        };
        add({}, {});
        for (const double coil_h : valuesBetween(kCoils_h, PreferredSeries::E12)) {
            add(coil_h, {});
            for (const double shunt_f : valuesBetween(kWooferShunts_f, PreferredSeries::E6)) add(coil_h, shunt_f);
        }
        return legs;
    }

    // Those that spare the tweeter; the others are counted.
    [[nodiscard]] std::vector<Tried> highLegs(size_t& refused) const
    {
        std::vector<Tried> legs;
        const Eigen::ArrayXcd s = laplace(m_hz);
        const auto add = [&](double series_f, std::optional<double> shunt_h, std::optional<double> second_f,
                             double pad_ohm) {
            Tried leg{{{ElementKind::Capacitor, true, series_f}}};
            if (shunt_h) leg.parts.push_back({ElementKind::Inductor, false, *shunt_h});
            if (second_f) leg.parts.push_back({ElementKind::Capacitor, true, *second_f});
            if (pad_ohm > 0.0) leg.parts.push_back({ElementKind::Resistor, true, pad_ohm});
            Eigen::ArrayXcd branch_ohm = m_high_ohm + pad_ohm;
            if (second_f) branch_ohm += (*second_f * s).inverse();
            Eigen::ArrayXcd node_s = branch_ohm.inverse();
            if (shunt_h) node_s += (*shunt_h * s).inverse();
            const Eigen::ArrayXcd whole_ohm = node_s.inverse() + (series_f * s).inverse();
            const Eigen::ArrayXcd transfer = m_active * m_high_ohm / branch_ohm / (node_s * whole_ohm);
            if (!sparesTweeter(transfer.abs(), second_f ? 3 : shunt_h ? 2 : 1)) {
                ++refused;
                return;
            }
            leg.admittance_s = whole_ohm.inverse();
            hear(leg, transfer, m_highAt);
            legs.push_back(std::move(leg));
        };
        for (const double series_f : valuesBetween(kCapacitors_f, PreferredSeries::E12)) {
            const double second_f = nearestPreferred(kButterworth3 * series_f, PreferredSeries::E12)->value;
            for (const double pad_ohm : kPads_ohm) add(series_f, {}, {}, pad_ohm);
            for (const double shunt_h : valuesBetween(kShunts_h, PreferredSeries::E6))
                for (const double pad_ohm : kPads_ohm) {
                    add(series_f, shunt_h, {}, pad_ohm);
                    add(series_f, shunt_h, second_f, pad_ohm);
                }
        }
        return legs;
    }

private:
    [[nodiscard]] const RunResult& low() const { return m_stage.runs[m_pair.low]; }
    [[nodiscard]] const RunResult& high() const { return m_stage.runs[m_pair.high]; }

    [[nodiscard]] bool sparesTweeter(const Eigen::ArrayXd& magnitude, int order) const
    {
        const PracticeKey key = order < 2 ? PracticeKey::SplitNearFirst_ratio : PracticeKey::SplitNear_ratio;
        const auto corner_hz = highPassCorner_hz(magnitude, m_hz);
        return corner_hz && !under(*corner_hz, m_practice[key] * high().driver.fs_hz);
    }

    using PerVolt = std::vector<Ears<Eigen::ArrayXcd>>;  // by seat

    static void hear(Tried& leg, const Eigen::ArrayXcd& transfer, const PerVolt& perCoilVolt)
    {
        for (const Ears<Eigen::ArrayXcd>& ears : perCoilVolt)
            leg.at.push_back({transfer * ears[0], transfer * ears[1]});
        leg.square = leg.at.front()[0].abs2() + leg.at.front()[1].abs2();
    }

    // Of both side by side.
    static double leastOf(const Tried& low, const Tried& high)
    {
        return 1.0 / std::sqrt((low.admittance_s + high.admittance_s).abs2().maxCoeff());
    }

    // The cost, or as much of it as is over the bound: the rest is not looked at then.
    void judge(SplitCandidate& found, const Tried& low, const Tried& high, double bound_db) const
    {
        const double sign = found.turned ? -1.0 : 1.0;
        for (size_t seat = 0; seat < m_seats.size(); ++seat) {
            const Eigen::ArrayXd square =
                (low.at[seat][0] + sign * high.at[seat][0]).abs2() + (low.at[seat][1] + sign * high.at[seat][1]).abs2();
            found.even_db = std::max(found.even_db, m_measure.unevenness_db(square));
        }
        found.cost_db = found.even_db + m_practice[PracticeKey::SplitPart_db] *
                                          static_cast<double>(low.parts.size() + high.parts.size());
        if (found.cost_db >= bound_db) return;
        found.at_hz = m_measure.handOver_hz(low.square, high.square);
        found.beyond_octave = found.at_hz > m_beaming_hz ? std::log2(found.at_hz / m_beaming_hz) : 0.0;
        found.cost_db += m_practice[PracticeKey::SplitBeaming_db] * found.beyond_octave;
    }

    // What is there, either way round.
    void addStanding(SplitSearch& search) const
    {
        Tried lowLeg, highLeg;
        hear(lowLeg, SplitMeasure::coarse(low().transfer), m_lowAt);
        hear(highLeg, SplitMeasure::coarse(high().transfer), m_highAt);
        std::optional<SplitCandidate> best;
        for (const bool turned : {false, true}) {
            SplitCandidate found{.turned = turned, .least_ohm = findCircuit(m_stage, low().run.id.channel)->least_ohm};
            judge(found, lowLeg, highLeg, std::numeric_limits<double>::max());
            if (!best || found.cost_db < best->cost_db) best = found;
        }
        search.answers.push_back(answer(SplitKind::NoNewParts, *best));
    }

    [[nodiscard]] SplitAnswer answer(SplitKind kind, const SplitCandidate& found) const
    {
        const DeviceId woofer = low().run.id.coil.device, tweeter = high().run.id.coil.device;
        const int count = countOf(found.parts);
        Plan after = m_plan;
        if (count == 1 && !networkOf(resolve(after, after.job.goal), woofer)) {
            after = apply(after, oneCapacitor(after, tweeter, found.parts.at(Leg::Tweeter).front().value)).plan;
        } else if (count > 0) {
            after = apply(after, fitMadeNetwork(after, {{Leg::Woofer, woofer}, {Leg::Tweeter, tweeter}}, found.parts))
                        .plan;
        }
        // New parts are wired plus to plus, whatever was turned over before them.
        if (found.turned || count > 0) after = apply(after, planTurnOver(after, wrongWayRound(after, found))).plan;
        return {kind, found, count, difference(EditName::FitNetwork, m_plan, after)};
    }

    // Of the tweeters of both sides those that do not push with their woofer as it was judged here.
    [[nodiscard]] std::vector<DeviceId> wrongWayRound(const Plan& after, const SplitCandidate& found) const
    {
        const int standing = countOf(found.parts) > 0 ? 1 : low().run.sign * high().run.sign;
        const int wanted = found.turned ? -standing : standing;
        const std::vector<DeviceId> woofers = mates(m_stage.used, low().run.id.coil.device);
        const std::vector<DeviceId> tweeters = mates(m_stage.used, high().run.id.coil.device);
        const auto isOf = [](const std::vector<DeviceId>& devices, const Run& run) {
            return std::find(devices.begin(), devices.end(), run.id.coil.device) != devices.end();
        };
        std::set<DeviceId> wrong;  // a cone may have several coils
        const std::vector<Run> all = runs(resolve(after, after.job.goal));
        for (const Run& one : all)
            for (const Run& other : all)
                if (isOf(tweeters, one) && isOf(woofers, other) && one.id.channel == other.id.channel &&
                    one.sign * other.sign * wanted < 0)
                    wrong.insert(one.id.coil.device);
        return {wrong.begin(), wrong.end()};
    }

    const Plan& m_plan;
    const StageResult& m_stage;
    const Practice& m_practice;
    SplitPair m_pair;
    std::vector<ListenerId> m_seats;
    SplitMeasure m_measure;
    Eigen::ArrayXd m_hz;
    Eigen::ArrayXcd m_low_ohm, m_high_ohm;
    Eigen::ArrayXcd m_active;       // of the channel itself, before both
    PerVolt m_lowAt{}, m_highAt{};  // at the coil
    double m_leastAllowed_ohm = 0.0, m_beaming_hz = 0.0;
};

}  // namespace

std::optional<SplitSearch> searchSplits(const Plan& plan, const Evaluation& evaluation, const SplitTask& task,
                                        const std::stop_token& stop, const std::function<void(double)>& progress)
{
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    std::vector<ListenerId> seats = task.seats;
    if (seats.empty() && !stage.used.listeners.empty()) seats.push_back(stage.used.listeners.begin()->first);
    if (seats.empty()) return std::nullopt;
    const auto pair = splitPairOf(stage, task.tweeter, evaluation.practice);
    if (!pair || !(canBeParted(stage, *pair) || canBeSet(stage, *pair))) return std::nullopt;
    for (const ListenerId seat : seats)
        if (!splitSum(stage, *pair, seat)) return std::nullopt;
    if (!canBeParted(stage, *pair))
        return searchSettings(plan, evaluation, *pair, seats, task.slope_db_octave, stop, progress);
    return Searcher(plan, evaluation, *pair, std::move(seats), task.slope_db_octave).run(stop, progress);
}

}  // namespace core
