#include "core/design/split_search.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/base/threshold.h"
#include "core/design/others_load.h"
#include "core/design/part_price.h"
#include "core/design/push_together.h"
#include "core/design/settings_search.h"
#include "core/design/split_measure.h"
#include "core/design/three_way_search.h"
#include "core/design/tried_leg.h"
#include "core/edits/element_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/solve_circuit.h"
#include "core/evaluate/split_sum.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/limits/split_limits.h"
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

class Searcher {
public:
    Searcher(const Plan& plan, const Evaluation& evaluation, const SplitPair& pair,
             const std::vector<ListenerId>& seats, const SplitTarget& target)
        : m_plan(plan),
          m_stage(*evaluation.stages.at(plan.job.goal)),
          m_practice(evaluation.practice),
          m_pair(pair),
          m_seats(seats),
          m_measure(evaluation.frequency_hz, target),
          m_lowTrial(m_stage, pair.low, seats, m_measure, m_practice),
          m_highTrial(m_stage, pair.high, seats, m_measure, m_practice),
          m_others_s(SplitMeasure::coarse(othersOnChannel_s(plan, evaluation, {pair.low, pair.high}))),
          m_beaming_hz(beamsOver_hz(low()))
    {
        const CircuitResult& circuit = *findCircuit(m_stage, low().run.id.channel);
        m_leastAllowed_ohm = m_practice[PracticeKey::LoadCare_ratio] * circuit.output.at(Quantity::LeastLoad_ohm).value;
    }

    std::optional<SplitSearch> run(const std::stop_token& stop, const std::function<void(double)>& progress)
    {
        SplitSearch search{.pair = m_pair, .now = *splitSum(m_stage, m_pair, m_seats.front())};
        const std::vector<TriedLeg> lows = lowLegs(), highs = highLegs(search.refused);
        std::optional<SplitCandidate> fewest, even;
        for (size_t i = 0; i < highs.size(); ++i) {
            if (stop.stop_requested()) return std::nullopt;
            if (progress) progress(static_cast<double>(i) / static_cast<double>(highs.size()));
            const Eigen::ArrayXcd beside_s = m_others_s + highs[i].admittance_s;
            for (const TriedLeg& low : lows) {
                search.tried += 2;
                const double least_ohm = leastOf_ohm(low.admittance_s + beside_s);
                if (under(least_ohm, m_leastAllowed_ohm)) {
                    search.refused += 2;
                    continue;
                }
                for (const bool turned : {false, true}) {
                    SplitCandidate found{.turned = turned, .least_ohm = least_ohm};
                    std::optional<SplitCandidate>& best = low.parts.size() + highs[i].parts.size() == 1 ? fewest : even;
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

    [[nodiscard]] std::vector<TriedLeg> lowLegs() const
    {
        std::vector<TriedLeg> legs{m_lowTrial.with({})};
        for (const double coil_h : valuesBetween(kCoils_h, PreferredSeries::E12)) {
            const LegPart coil{ElementKind::Inductor, true, coil_h};
            legs.push_back(m_lowTrial.with({coil}));
            for (const double shunt_f : valuesBetween(kWooferShunts_f, PreferredSeries::E6))
                legs.push_back(m_lowTrial.with({coil, {ElementKind::Capacitor, false, shunt_f}}));
        }
        return legs;
    }

    // Those that spare the tweeter; the others are counted.
    [[nodiscard]] std::vector<TriedLeg> highLegs(size_t& refused) const
    {
        std::vector<TriedLeg> legs;
        const auto add = [&](LegParts parts, double pad_ohm) {
            const auto order = static_cast<int>(parts.size());
            if (pad_ohm > 0.0) parts.push_back({ElementKind::Resistor, true, pad_ohm});
            TriedLeg leg = m_highTrial.with(std::move(parts));
            if (m_highTrial.spares(leg, order))
                legs.push_back(std::move(leg));
            else
                ++refused;
        };
        for (const double series_f : valuesBetween(kCapacitors_f, PreferredSeries::E12)) {
            const LegPart series{ElementKind::Capacitor, true, series_f};
            const LegPart second{ElementKind::Capacitor, true,
                                 nearestPreferred(kButterworth3 * series_f, PreferredSeries::E12)->value};
            for (const double pad_ohm : kPads_ohm) add({series}, pad_ohm);
            for (const double shunt_h : valuesBetween(kShunts_h, PreferredSeries::E6)) {
                const LegPart shunt{ElementKind::Inductor, false, shunt_h};
                for (const double pad_ohm : kPads_ohm) {
                    add({series, shunt}, pad_ohm);
                    add({series, shunt, second}, pad_ohm);
                }
            }
        }
        return legs;
    }

private:
    [[nodiscard]] const RunResult& low() const { return m_stage.runs[m_pair.low]; }
    [[nodiscard]] const RunResult& high() const { return m_stage.runs[m_pair.high]; }

    // The cost, or as much of it as is over the bound: the rest is not looked at then.
    void judge(SplitCandidate& found, const TriedLeg& low, const TriedLeg& high, double bound_db) const
    {
        const double sign = found.turned ? -1.0 : 1.0;
        for (size_t seat = 0; seat < m_seats.size(); ++seat) {
            const Eigen::ArrayXd square =
                (low.at[seat][0] + sign * high.at[seat][0]).abs2() + (low.at[seat][1] + sign * high.at[seat][1]).abs2();
            found.even_db = std::max(found.even_db, m_measure.unevenness_db(square));
        }
        found.cost_db = found.even_db + low.cost_db + high.cost_db;
        if (found.cost_db >= bound_db) return;
        found.at_hz = m_measure.handOver_hz(low.square, high.square);
        found.beyond_octave = found.at_hz > m_beaming_hz ? std::log2(found.at_hz / m_beaming_hz) : 0.0;
        found.cost_db += m_practice[PracticeKey::SplitBeaming_db] * found.beyond_octave;
    }

    // What is there, either way round.
    void addStanding(SplitSearch& search) const
    {
        const TriedLeg lowLeg = m_lowTrial.standing(), highLeg = m_highTrial.standing();
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
            after =
                apply(after, fitMadeNetwork(after, {{Leg::Woofer, woofer}, {Leg::Tweeter, tweeter}}, found.parts)).plan;
        }
        // New parts are wired plus to plus, whatever was turned over before them.
        if (found.turned || count > 0) after = apply(after, planTurnOver(after, wrongWayRound(after, found))).plan;
        return {.kind = kind,
                .found = found,
                .parts = count,
                .price = priceOf(found.parts, m_practice),
                .edit = difference(EditName::FitNetwork, m_plan, after)};
    }

    // Of the tweeters of both sides those that do not push with their woofer as it was judged here.
    [[nodiscard]] std::vector<DeviceId> wrongWayRound(const Plan& after, const SplitCandidate& found) const
    {
        const int standing = countOf(found.parts) > 0 ? 1 : low().run.sign * high().run.sign;
        const int wanted = found.turned ? -standing : standing;
        return core::wrongWayRound(after, mates(m_stage.used, low().run.id.coil.device),
                                   mates(m_stage.used, high().run.id.coil.device), wanted);
    }

    const Plan& m_plan;
    const StageResult& m_stage;
    const Practice& m_practice;
    SplitPair m_pair;
    const std::vector<ListenerId>& m_seats;
    SplitMeasure m_measure;
    LegTrial m_lowTrial, m_highTrial;
    Eigen::ArrayXcd m_others_s;  // drawn by whatever else hangs on the channel
    double m_beaming_hz, m_leastAllowed_ohm = 0.0;
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
    const SplitTarget target = splitTarget(plan, task.slope_db_octave);
    const auto allHear = [&](const SplitPair& two) {
        return std::all_of(seats.begin(), seats.end(),
                           [&](ListenerId seat) { return splitSum(stage, two, seat).has_value(); });
    };
    if (!allHear(*pair)) return std::nullopt;
    if (!canBeParted(stage, *pair)) return searchSettings(plan, evaluation, *pair, seats, target, stop, progress);
    const auto three = threeOf(stage, *pair, evaluation.practice);
    if (three && allHear({three->low, three->mid}) && allHear({three->mid, three->high}))
        return searchThree(plan, evaluation, *pair, *three, seats, target, stop, progress);
    return Searcher(plan, evaluation, *pair, seats, target).run(stop, progress);
}

}  // namespace core
