#include "core/design/three_way_search.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "core/base/threshold.h"
#include "core/design/others_load.h"
#include "core/design/part_price.h"
#include "core/design/push_together.h"
#include "core/design/split_measure.h"
#include "core/design/tried_leg.h"
#include "core/edits/network_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/solve_circuit.h"
#include "core/fitout/sides.h"
#include "core/limits/sound_limits.h"
#include "core/limits/split_limits.h"
#include "core/physics/ladder.h"
#include "core/physics/preferred_values.h"

namespace core {
namespace {

// Where three drivers of a car hand over, and what is put before them; common practice, no source.
constexpr double kLower_hz[] = {250.0, 1250.0}, kUpper_hz[] = {1600.0, 6300.0};
constexpr FilterShape kLadders[]{{FilterFamily::Butterworth, 1},
                                 {FilterFamily::Butterworth, 2},
                                 {FilterFamily::LinkwitzRiley, 2},
                                 {FilterFamily::Butterworth, 3}};
constexpr double kMidPads_ohm[] = {0.0, 1.5, 3.3}, kTweeterPads_ohm[] = {0.0, 1.5, 3.3, 6.8};
constexpr size_t kBoth = 2;                 // ways round
constexpr double kLeastMiddle_ratio = 2.0;  // from one hand-over to the other. Ours, no source

struct HandOver {
    double hz = 0.0;
    FilterShape shape{};
};

std::vector<HandOver> handOvers(const double (&range_hz)[2])
{
    std::vector<HandOver> all;
    for (double hz = range_hz[0]; hz <= 1.001 * range_hz[1]; hz = cornerStep(hz, 1)->value)
        for (const FilterShape& shape : kLadders) all.push_back({hz, shape});
    return all;
}

class ThreeSearcher {
public:
    ThreeSearcher(const Plan& plan, const Evaluation& evaluation, const SplitThree& three,
                  const std::vector<ListenerId>& seats, const SplitTarget& target)
        : m_plan(plan),
          m_stage(*evaluation.stages.at(plan.job.goal)),
          m_practice(evaluation.practice),
          m_measure(evaluation.frequency_hz, target),
          m_seats(seats.size()),
          m_low(m_stage, three.low, seats, m_measure, m_practice),
          m_mid(m_stage, three.mid, seats, m_measure, m_practice),
          m_high(m_stage, three.high, seats, m_measure, m_practice),
          m_others_s(SplitMeasure::coarse(othersOnChannel_s(plan, evaluation, {three.low, three.mid, three.high})))
    {
        const CircuitResult& circuit = *findCircuit(m_stage, m_low.run().run.id.channel);
        m_standing_ohm = circuit.least_ohm;
        m_leastAllowed_ohm = m_practice[PracticeKey::LoadCare_ratio] * circuit.output.at(Quantity::LeastLoad_ohm).value;
    }

    std::optional<SplitSearch> run(SplitSearch search, const std::stop_token& stop,
                                   const std::function<void(double)>& progress)
    {
        const std::vector<HandOver> lower = handOvers(kLower_hz), upper = handOvers(kUpper_hz);
        const TriedLeg open = m_low.with({});
        std::vector<std::vector<TriedLeg>> highs;  // by upper hand-over
        for (const HandOver& over : upper) highs.push_back(highLegs(over, search.refused));
        double done = 0.0;
        for (const HandOver& below : lower) {
            if (stop.stop_requested()) return std::nullopt;
            if (progress) progress(done / static_cast<double>(lower.size()));
            ++done;
            const TriedLeg closed = m_low.with(filterLeg(m_low, FilterSide::LowPass, below, 0.0));
            for (const double pad_ohm : kMidPads_ohm) {
                const TriedLeg unlimited = midLeg(below, nullptr, pad_ohm);
                for (size_t i = 0; i < upper.size(); ++i) {
                    const TriedLeg limited = midLeg(below, &upper[i], pad_ohm);
                    for (const TriedLeg* mid : {&unlimited, &limited})
                        for (const TriedLeg* low : {&open, &closed}) tryHighs(search, *low, *mid, highs[i]);
                }
            }
        }
        addStanding(search);
        if (m_fewest) search.answers.push_back(answer(SplitKind::FewestParts, *m_fewest));
        // More parts are worth a word only where they make it more even.
        if (m_even && (!m_fewest || m_even->even_db < m_fewest->even_db))
            search.answers.push_back(answer(SplitKind::MostEven, *m_even));
        return search;
    }

private:
    // Made for what the driver has there and the resistor before it.
    static LegParts filterLeg(const LegTrial& driver, FilterSide side, const HandOver& over, double pad_ohm)
    {
        LegParts parts;
        for (const LadderPart& one : ladder(over.shape, side, over.hz, driver.ohmAt(over.hz) + pad_ohm))
            parts.push_back({one.inductor ? ElementKind::Inductor : ElementKind::Capacitor, one.series,
                             nearestPreferred(one.value, PreferredSeries::E12)->value});
        return parts;
    }

    static void addPad(LegParts& parts, double pad_ohm)
    {
        if (pad_ohm > 0.0) parts.push_back({ElementKind::Resistor, true, pad_ohm});
    }

    [[nodiscard]] TriedLeg midLeg(const HandOver& below, const HandOver* above, double pad_ohm) const
    {
        LegParts parts = filterLeg(m_mid, FilterSide::HighPass, below, pad_ohm);
        if (above)
            for (const LegPart& part : filterLeg(m_mid, FilterSide::LowPass, *above, pad_ohm)) parts.push_back(part);
        addPad(parts, pad_ohm);
        return m_mid.with(std::move(parts));
    }

    // Those that spare the tweeter; the others are counted.
    [[nodiscard]] std::vector<TriedLeg> highLegs(const HandOver& over, size_t& refused) const
    {
        std::vector<TriedLeg> legs;
        for (const double pad_ohm : kTweeterPads_ohm) {
            LegParts parts = filterLeg(m_high, FilterSide::HighPass, over, pad_ohm);
            addPad(parts, pad_ohm);
            TriedLeg leg = m_high.with(std::move(parts));
            if (isTweeter(m_high.run(), m_practice) && !m_high.spares(leg, over.shape.order))
                ++refused;
            else
                legs.push_back(std::move(leg));
        }
        return legs;
    }

    using AtSeats = std::vector<Ears<Eigen::ArrayXcd>>;

    void tryHighs(SplitSearch& search, const TriedLeg& low, const TriedLeg& mid, const std::vector<TriedLeg>& highs)
    {
        const Eigen::ArrayXcd admittance_s = low.admittance_s + mid.admittance_s + m_others_s;
        std::array<AtSeats, kBoth> both{low.at, low.at};
        for (size_t seat = 0; seat < m_seats; ++seat)
            for (size_t ear = 0; ear < 2; ++ear) {
                both[0][seat][ear] += mid.at[seat][ear];
                both[1][seat][ear] -= mid.at[seat][ear];
            }
        for (const TriedLeg& high : highs) {
            search.tried += kBoth * kBoth;
            const double least_ohm = leastOf_ohm(admittance_s + high.admittance_s);
            if (under(least_ohm, m_leastAllowed_ohm)) {
                search.refused += kBoth * kBoth;
                continue;
            }
            const bool few = low.parts.size() + mid.parts.size() + high.parts.size() <= std::size(kLegs);
            std::optional<SplitCandidate>& best = few ? m_fewest : m_even;
            for (const bool midTurned : {false, true})
                for (const bool turned : {false, true}) {
                    SplitCandidate found{.turned = turned, .least_ohm = least_ohm, .middle = MiddleOne{0.0, midTurned}};
                    judge(found, both[midTurned ? 1 : 0], low, mid, high, best ? best->cost_db : kNoBound);
                    if (best && found.cost_db >= best->cost_db) continue;
                    if (found.at_hz < kLeastMiddle_ratio * found.middle->from_hz) continue;
                    found.parts = {{Leg::Woofer, low.parts}, {Leg::Mid, mid.parts}, {Leg::Tweeter, high.parts}};
                    best = std::move(found);
                }
        }
    }

    // The cost, or as much of it as is over the bound: the rest is not looked at then.
    void judge(SplitCandidate& found, const AtSeats& lowAndMid, const TriedLeg& low, const TriedLeg& mid,
               const TriedLeg& high, double bound_db) const
    {
        const double sign = found.turned ? -1.0 : 1.0;
        for (size_t seat = 0; seat < m_seats; ++seat) {
            const Eigen::ArrayXd square = (lowAndMid[seat][0] + sign * high.at[seat][0]).abs2() +
                                          (lowAndMid[seat][1] + sign * high.at[seat][1]).abs2();
            found.even_db = std::max(found.even_db, m_measure.unevenness_db(square));
        }
        found.cost_db = found.even_db + low.cost_db + mid.cost_db + high.cost_db;
        if (found.cost_db >= bound_db) return;
        found.middle->from_hz = m_measure.handOver_hz(low.square, mid.square);
        found.at_hz = m_measure.handOver_hz(mid.square, high.square);
        found.beyond_octave =
            beyond_octave(found.middle->from_hz, m_low.run()) + beyond_octave(found.at_hz, m_mid.run());
        found.cost_db += m_practice[PracticeKey::SplitBeaming_db] * found.beyond_octave;
    }

    static double beyond_octave(double at_hz, const RunResult& lower)
    {
        const double beams_hz = beamsOver_hz(lower);
        return at_hz > beams_hz ? std::log2(at_hz / beams_hz) : 0.0;
    }

    // What is there, each either way round.
    void addStanding(SplitSearch& search) const
    {
        const TriedLeg low = m_low.standing(), mid = m_mid.standing(), high = m_high.standing();
        std::optional<SplitCandidate> best;
        for (const bool midTurned : {false, true}) {
            AtSeats both = low.at;
            for (size_t seat = 0; seat < m_seats; ++seat)
                for (size_t ear = 0; ear < 2; ++ear) both[seat][ear] += (midTurned ? -1.0 : 1.0) * mid.at[seat][ear];
            for (const bool turned : {false, true}) {
                SplitCandidate found{
                    .turned = turned, .least_ohm = m_standing_ohm, .middle = MiddleOne{0.0, midTurned}};
                judge(found, both, low, mid, high, kNoBound);
                if (!best || found.cost_db < best->cost_db) best = found;
            }
        }
        search.answers.push_back(answer(SplitKind::NoNewParts, *best));
    }

    [[nodiscard]] SplitAnswer answer(SplitKind kind, const SplitCandidate& found) const
    {
        const auto deviceOf = [](const LegTrial& one) { return one.run().run.id.coil.device; };
        const DeviceId woofer = deviceOf(m_low), mid = deviceOf(m_mid), tweeter = deviceOf(m_high);
        const int count = countOf(found.parts);
        Plan after = m_plan;
        if (count > 0)
            after =
                apply(after, fitMadeNetwork(after, {{Leg::Woofer, woofer}, {Leg::Mid, mid}, {Leg::Tweeter, tweeter}},
                                            found.parts))
                    .plan;
        // New parts are wired plus to plus, whatever was turned over before them.
        const auto turn = [&](const LegTrial& one, bool turned) {
            const int standing = count > 0 ? 1 : m_low.run().run.sign * one.run().run.sign;
            const std::vector<DeviceId> wrong = wrongWayRound(
                after, mates(m_stage.used, woofer), mates(m_stage.used, deviceOf(one)), turned ? -standing : standing);
            if (!wrong.empty()) after = apply(after, planTurnOver(after, wrong)).plan;
        };
        if (found.middle->turned || count > 0) turn(m_mid, found.middle->turned);
        if (found.turned || count > 0) turn(m_high, found.turned);
        return {.kind = kind,
                .found = found,
                .parts = count,
                .price = priceOf(found.parts, m_practice),
                .edit = difference(EditName::FitNetwork, m_plan, after)};
    }

    static constexpr double kNoBound = std::numeric_limits<double>::max();
    const Plan& m_plan;
    const StageResult& m_stage;
    const Practice& m_practice;
    SplitMeasure m_measure;
    size_t m_seats;
    LegTrial m_low, m_mid, m_high;
    Eigen::ArrayXcd m_others_s;  // drawn by whatever else hangs on the channel
    double m_standing_ohm = 0.0, m_leastAllowed_ohm = 0.0;
    std::optional<SplitCandidate> m_fewest{}, m_even{};
};

}  // namespace

std::optional<SplitThree> threeOf(const StageResult& stage, const SplitPair& pair, const Practice& practice)
{
    if (!canBeParted(stage, pair)) return std::nullopt;
    for (const SplitPair& other : splitPairs(stage, practice)) {
        if (!canBeParted(stage, other)) continue;
        if (other.low == pair.high) return SplitThree{pair.low, pair.high, other.high};
        if (other.high == pair.low) return SplitThree{other.low, pair.low, pair.high};
    }
    return std::nullopt;
}

std::optional<SplitSearch> searchThree(const Plan& plan, const Evaluation& evaluation, const SplitPair& pair,
                                       const SplitThree& three, const std::vector<ListenerId>& seats,
                                       const SplitTarget& target, const std::stop_token& stop,
                                       const std::function<void(double)>& progress)
{
    const SplitSum now = *splitSum(*evaluation.stages.at(plan.job.goal), pair, seats.front());
    return ThreeSearcher(plan, evaluation, three, seats, target).run({.pair = pair, .now = now}, stop, progress);
}

}  // namespace core
