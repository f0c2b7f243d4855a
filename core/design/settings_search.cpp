#include "core/design/settings_search.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>

#include "core/base/threshold.h"
#include "core/design/split_measure.h"
#include "core/edits/named_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/hearing.h"
#include "core/evaluate/solve_circuit.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/limits/sound_limits.h"
#include "core/limits/split_limits.h"
#include "core/physics/preferred_values.h"

namespace core {
namespace {

constexpr double kFirstCorner_hz = 315.0, kLastCorner_hz = 10000.0;  // of a corner between two drivers of one side
constexpr double kMostLevel_db = 6.0, kLevelStep_db = 1.0;
constexpr FilterShape kShapes[]{{FilterFamily::Butterworth, 2},   {FilterFamily::Butterworth, 3},
                                {FilterFamily::Butterworth, 4},   {FilterFamily::LinkwitzRiley, 2},
                                {FilterFamily::LinkwitzRiley, 4}, {FilterFamily::Bessel, 4}};

class SettingsSearcher {
public:
    SettingsSearcher(const Plan& plan, const Evaluation& evaluation, const SplitPair& pair,
                     const std::vector<ListenerId>& seats, const SplitTarget& target)
        : m_plan(plan),
          m_stage(*evaluation.stages.at(plan.job.goal)),
          m_practice(evaluation.practice),
          m_pair(pair),
          m_seats(seats),
          m_measure(evaluation.frequency_hz, target),
          m_low(m_stage.runs[pair.low].run.id.channel),
          m_high(m_stage.runs[pair.high].run.id.channel),
          m_lowSetting(settingOf(m_stage.used, m_low)),
          m_highSetting(settingOf(m_stage.used, m_high)),
          m_beaming_hz(beamsOver_hz(m_stage.runs[pair.low]))
    {
        for (const Port& channel : {m_low, m_high})
            m_least_ohm = std::min(m_least_ohm, findCircuit(m_stage, channel)->least_ohm);
        for (const size_t run : {pair.low, pair.high})
            for (const ListenerId seat : seats) {
                Ears<Eigen::ArrayXcd> ears = runAt(m_stage, run, seat);
                for (Eigen::ArrayXcd& ear : ears) ear = SplitMeasure::coarse(ear);
                m_now[run][seat] = std::move(ears);
            }
        for (size_t run = 0; run < m_stage.runs.size(); ++run) {
            const RunResult& one = m_stage.runs[run];
            const bool isOfPair = run == pair.low || run == pair.high;
            if (one.run.id.channel == m_high && (run == pair.high || (!isOfPair && isTweeter(one, m_practice))))
                m_tweeters.push_back(run);
        }
    }

    std::optional<SplitSearch> run(const std::stop_token& stop, const std::function<void(double)>& progress)
    {
        SplitSearch search{.pair = m_pair, .now = *splitSum(m_stage, m_pair, m_seats.front())};
        search.answers.push_back(answer(SplitKind::NoNewParts, standing()));
        const bool levels =
            mayHave(m_stage.used, m_low, Control::ChannelGain) && mayHave(m_stage.used, m_high, Control::ChannelGain);
        std::vector<double> levels_db{0.0};
        if (levels)
            for (double level_db = kLevelStep_db; level_db <= kMostLevel_db; level_db += kLevelStep_db)
                levels_db.insert(levels_db.end(), {-level_db, level_db});
        std::optional<SplitCandidate> one, even;
        double done = 0.0;
        for (const FilterShape& shape : kShapes) {
            const std::vector<Leg> lows = legs(m_pair.low, shape), highs = legs(m_pair.high, shape);
            const size_t each = 2 * lows.size() * levels_db.size();
            for (const Leg& high : highs) {
                if (stop.stop_requested()) return std::nullopt;
                if (progress) progress(done);
                done += 1.0 / static_cast<double>(std::size(kShapes) * highs.size());
                search.tried += each;
                if (!high.spares) {
                    search.refused += each;
                    continue;
                }
                for (const Leg& low : lows)
                    for (const double level_db : levels_db)
                        tryBoth(low, high, level_db, level_db == 0.0 && low.filter == high.filter ? one : even);
            }
        }
        if (one) search.answers.push_back(answer(SplitKind::OneCorner, *one));
        if (even && (!one || even->even_db < one->even_db))
            search.answers.push_back(answer(SplitKind::MostEven, *even));
        return search;
    }

private:
    struct Leg {
        Filter filter{};
        bool spares = true;
        std::vector<Ears<Eigen::ArrayXcd>> at{};  // pressure at each seat per source volt
        Eigen::ArrayXd square{};                  // of both ears of the first one
    };

    [[nodiscard]] const Port& channelOf(size_t run) const { return m_stage.runs[run].run.id.channel; }

    // As it stands, or with another filter of its channel in the place of the one that parts the two.
    [[nodiscard]] Leg legOf(size_t run, const std::optional<Filter>& filter) const
    {
        Leg leg{.filter = filter.value_or(Filter{})};
        Eigen::ArrayXcd change = Eigen::ArrayXcd::Ones(m_measure.hz().size());
        for (ChannelInputs inputs : m_stage.inputs) {
            if (inputs.channel != channelOf(run) || !filter) continue;
            change /= channelResponse(inputs, m_measure.hz());
            inputs.setting = with(run, *filter);
            change *= channelResponse(inputs, m_measure.hz());
        }
        for (const ListenerId seat : m_seats) {
            Ears<Eigen::ArrayXcd> ears;
            for (size_t ear = 0; ear < ears.size(); ++ear) ears[ear] = m_now.at(run).at(seat)[ear] * change;
            leg.at.push_back(std::move(ears));
        }
        leg.square = leg.at.front()[0].abs2() + leg.at.front()[1].abs2();
        if (run == m_pair.high)
            leg.spares = std::all_of(m_tweeters.begin(), m_tweeters.end(),
                                     [&](size_t tweeter) { return isSpared(tweeter, change); });
        return leg;
    }

    [[nodiscard]] bool isSpared(size_t tweeter, const Eigen::ArrayXcd& change) const
    {
        const RunResult& run = m_stage.runs[tweeter];
        const Eigen::ArrayXcd transfer = SplitMeasure::coarse(run.transfer) * change;
        const auto begins_hz = highPassCorner_hz(transfer.abs(), m_measure.hz());
        return begins_hz && !under(*begins_hz, m_practice[PracticeKey::SplitNear_ratio] * run.driver.fs_hz);
    }

    // Whoever else is fed by a channel that is set anew.
    [[nodiscard]] std::vector<DeviceId> othersBy(const SplitCandidate& found) const
    {
        std::vector<DeviceId> others;
        for (const RunResult& one : m_stage.runs) {
            const DeviceId device = one.run.id.coil.device;
            const bool isSet = (one.run.id.channel == m_low && *found.low != m_lowSetting) ||
                               (one.run.id.channel == m_high && *found.high != m_highSetting);
            const bool isOfPair = device == m_stage.runs[m_pair.low].run.id.coil.device ||
                                  device == m_stage.runs[m_pair.high].run.id.coil.device;
            if (isSet && !isOfPair && std::find(others.begin(), others.end(), device) == others.end())
                others.push_back(device);
        }
        return others;
    }

    [[nodiscard]] Setting with(size_t run, const Filter& filter) const
    {
        Setting setting = run == m_pair.low ? m_lowSetting : m_highSetting;
        (run == m_pair.low ? setting.lowPass : setting.highPass) = filter;
        return setting;
    }

    [[nodiscard]] std::vector<Leg> legs(size_t run, const FilterShape& shape) const
    {
        std::vector<Leg> legs;
        for (double hz = kFirstCorner_hz; hz <= kLastCorner_hz; hz = cornerStep(hz, 1)->value)
            legs.push_back(legOf(run, Filter{hz, shape.order, shape.family}));
        return legs;
    }

    // level_db  of the higher against the lower one; whichever is louder goes down
    void tryBoth(const Leg& low, const Leg& high, double level_db, std::optional<SplitCandidate>& best) const
    {
        for (const bool turned : {false, true}) {
            SplitCandidate found{.turned = turned, .least_ohm = m_least_ohm};
            const double factor = std::pow(10.0, level_db / 20.0);
            judge(found, low, high, turned ? -factor : factor, best ? best->cost_db : kNoBound);
            if (best && found.cost_db >= best->cost_db) continue;
            found.low = with(m_pair.low, low.filter);
            found.high = with(m_pair.high, high.filter);
            found.low->gain_db -= std::max(0.0, level_db);
            found.high->gain_db += std::min(0.0, level_db);
            if (turned) found.high->reversed = !found.high->reversed;
            best = std::move(found);
        }
    }

    // The cost, or as much of it as is over the bound: the rest is not looked at then.
    void judge(SplitCandidate& found, const Leg& low, const Leg& high, double factor, double bound_db) const
    {
        for (size_t seat = 0; seat < m_seats.size(); ++seat) {
            const Eigen::ArrayXd square = (low.at[seat][0] + factor * high.at[seat][0]).abs2() +
                                          (low.at[seat][1] + factor * high.at[seat][1]).abs2();
            found.even_db = std::max(found.even_db, m_measure.unevenness_db(square));
        }
        found.cost_db = found.even_db;
        if (found.cost_db >= bound_db) return;
        found.at_hz = m_measure.handOver_hz(low.square, factor * factor * high.square);
        found.beyond_octave = found.at_hz > m_beaming_hz ? std::log2(found.at_hz / m_beaming_hz) : 0.0;
        found.cost_db += m_practice[PracticeKey::SplitBeaming_db] * found.beyond_octave;
    }

    [[nodiscard]] SplitCandidate standing() const
    {
        const Leg low = legOf(m_pair.low, {}), high = legOf(m_pair.high, {});
        std::optional<SplitCandidate> best;
        for (const bool turned : {false, true}) {
            SplitCandidate found{.turned = turned, .least_ohm = m_least_ohm};
            judge(found, low, high, turned ? -1.0 : 1.0, kNoBound);
            if (best && found.cost_db >= best->cost_db) continue;
            found.low = m_lowSetting;
            found.high = m_highSetting;
            if (turned) found.high->reversed = !found.high->reversed;
            best = std::move(found);
        }
        return *best;
    }

    [[nodiscard]] SplitAnswer answer(SplitKind kind, const SplitCandidate& found) const
    {
        Plan after = m_plan;
        if (*found.low != m_lowSetting) after = apply(after, setChannel(after, m_low, *found.low)).plan;
        Setting high = *found.high;
        const bool switches = mayHave(m_stage.used, m_high, Control::Polarity);
        if (found.turned && !switches) high.reversed = m_highSetting.reversed;  // at the tweeter's wires instead
        if (high != m_highSetting) after = apply(after, setChannel(after, m_high, high)).plan;
        if (found.turned && !switches)
            after = apply(after, planTurnOver(after, mates(m_stage.used, m_stage.runs[m_pair.high].run.id.coil.device)))
                        .plan;
        return {.kind = kind,
                .found = found,
                .others = othersBy(found),
                .edit = difference(EditName::SetChannel, m_plan, after)};
    }

    static constexpr double kNoBound = std::numeric_limits<double>::max();
    const Plan& m_plan;
    const StageResult& m_stage;
    const Practice& m_practice;
    SplitPair m_pair;
    const std::vector<ListenerId>& m_seats;
    SplitMeasure m_measure;
    Port m_low, m_high;
    Setting m_lowSetting, m_highSetting;
    // Runs on the higher one's channel that its high-pass has to spare: its own, and other tweeters.
    std::vector<size_t> m_tweeters{};
    double m_beaming_hz = 0.0, m_least_ohm = std::numeric_limits<double>::max();
    std::map<size_t, std::map<ListenerId, Ears<Eigen::ArrayXcd>>> m_now{};  // by run: what each seat gets as it stands
};

}  // namespace

std::optional<SplitSearch> searchSettings(const Plan& plan, const Evaluation& evaluation, const SplitPair& pair,
                                          const std::vector<ListenerId>& seats, const SplitTarget& target,
                                          const std::stop_token& stop, const std::function<void(double)>& progress)
{
    return SettingsSearcher(plan, evaluation, pair, seats, target).run(stop, progress);
}

}  // namespace core
