#include "core/design/settings_search.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/base/threshold.h"
#include "core/design/split_measure.h"
#include "core/edits/named_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/solve_circuit.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/limits/split_limits.h"
#include "core/physics/preferred_values.h"

namespace core {
namespace {

constexpr double kLeast_hz = 315.0, kMost_hz = 10000.0;  // of a corner between two drivers of one side
constexpr double kMostLevel_db = 6.0, kLevelStep_db = 1.0;
constexpr FilterShape kShapes[]{{FilterFamily::Butterworth, 2},   {FilterFamily::Butterworth, 3},
                                {FilterFamily::Butterworth, 4},   {FilterFamily::LinkwitzRiley, 2},
                                {FilterFamily::LinkwitzRiley, 4}, {FilterFamily::Bessel, 4}};

bool mayHave(const StageResult& stage, const Port& channel, Control control)
{
    const auto& controls = partOf(stage.used, channel.device).controls;
    const auto found = controls.find(control);
    return found == controls.end() || found->second;
}

class SettingsSearcher {
public:
    SettingsSearcher(const Plan& plan, const Evaluation& evaluation, const SplitPair& pair,
                     const std::vector<ListenerId>& seats, double slope_db_octave)
        : m_plan(plan),
          m_stage(*evaluation.stages.at(plan.job.goal)),
          m_practice(evaluation.practice),
          m_pair(pair),
          m_seats(seats),
          m_measure(evaluation.frequency_hz, slope_db_octave),
          m_low(m_stage.runs[pair.low].run.id.channel),
          m_high(m_stage.runs[pair.high].run.id.channel),
          m_lowSetting(settingOf(m_stage.used, m_low)),
          m_highSetting(settingOf(m_stage.used, m_high)),
          m_beaming_hz(beamsOver_hz(m_stage.runs[pair.low]))
    {
        for (const Port& channel : {m_low, m_high})
            m_least_ohm = std::min(m_least_ohm, findCircuit(m_stage, channel)->least_ohm);
        for (double hz = kLeast_hz; hz <= kMost_hz; hz = cornerStep(hz, 1)->value) m_corners_hz.push_back(hz);
    }

    std::optional<SplitSearch> run(const std::stop_token& stop, const std::function<void(double)>& progress)
    {
        SplitSearch search{.pair = m_pair, .now = *splitSum(m_stage, m_pair, m_seats.front())};
        search.answers.push_back(answer(SplitKind::NoNewParts, standing()));
        const bool levels =
            mayHave(m_stage, m_low, Control::ChannelGain) && mayHave(m_stage, m_high, Control::ChannelGain);
        std::optional<SplitCandidate> one, even;
        double done = 0.0;
        for (const FilterShape& shape : kShapes) {
            const std::vector<Leg> lows = lowLegs(shape), highs = highLegs(shape);
            for (const Leg& high : highs) {
                if (stop.stop_requested()) return std::nullopt;
                done += 1.0 / static_cast<double>(std::size(kShapes) * std::max<size_t>(1, highs.size()));
                if (progress) progress(std::min(1.0, done));
                if (!high.spares) search.refused += 2 * lows.size();
                for (const Leg& low : lows) {
                    search.tried += 2;
                    if (!high.spares) continue;
                    tryBoth(low, high, 0.0, high.corner_hz == low.corner_hz ? one : even);
                    for (double level_db = -kMostLevel_db; levels && level_db <= kMostLevel_db;
                         level_db += kLevelStep_db) {
                        tryBoth(low, high, level_db, even);
                        search.tried += 2;
                    }
                }
            }
        }
        if (one) search.answers.push_back(answer(SplitKind::OneCorner, *one));
        if (even && (!one || even->even_db < one->even_db))
            search.answers.push_back(answer(SplitKind::MostEven, *even));
        return search;
    }

private:
    struct Leg {
        double corner_hz = 0.0;
        FilterShape shape{};
        bool spares = true;
        std::vector<Ears<Eigen::ArrayXcd>> at{};
        Eigen::ArrayXd square{};
    };

    // What the driver gets with its channel set so, against what it gets now.
    [[nodiscard]] Eigen::ArrayXcd change(const Port& channel, const Setting& setting) const
    {
        for (ChannelInputs inputs : m_stage.inputs) {
            if (inputs.channel != channel) continue;
            const Eigen::ArrayXcd now = channelResponse(inputs, m_measure.hz());
            inputs.setting = setting;
            return channelResponse(inputs, m_measure.hz()) / now;
        }
        return Eigen::ArrayXcd::Ones(m_measure.hz().size());
    }

    [[nodiscard]] Leg legOf(size_t run, const Port& channel, const Setting& setting, double corner_hz,
                            const FilterShape& shape) const
    {
        Leg leg{.corner_hz = corner_hz, .shape = shape};
        const Eigen::ArrayXcd transfer = SplitMeasure::coarse(m_stage.runs[run].transfer) * change(channel, setting);
        for (const ListenerId seat : m_seats) {
            Ears<Eigen::ArrayXcd> ears = SplitMeasure::perCoilVolt(m_stage, run, seat);
            for (Eigen::ArrayXcd& ear : ears) ear *= transfer;
            leg.at.push_back(std::move(ears));
        }
        leg.square = leg.at.front()[0].abs2() + leg.at.front()[1].abs2();
        if (run != m_pair.high) return leg;
        const auto begins_hz = highPassCorner_hz(transfer.abs(), m_measure.hz());
        leg.spares =
            begins_hz && !under(*begins_hz, m_practice[PracticeKey::SplitNear_ratio] * m_stage.runs[run].driver.fs_hz);
        return leg;
    }

    [[nodiscard]] std::vector<Leg> lowLegs(const FilterShape& shape) const
    {
        std::vector<Leg> legs;
        for (const double corner_hz : m_corners_hz) {
            Setting setting = m_lowSetting;
            setting.lowPass = Filter{corner_hz, shape.order, shape.family};
            legs.push_back(legOf(m_pair.low, m_low, setting, corner_hz, shape));
        }
        return legs;
    }

    [[nodiscard]] std::vector<Leg> highLegs(const FilterShape& shape) const
    {
        std::vector<Leg> legs;
        for (const double corner_hz : m_corners_hz) {
            Setting setting = m_highSetting;
            setting.highPass = Filter{corner_hz, shape.order, shape.family};
            legs.push_back(legOf(m_pair.high, m_high, setting, corner_hz, shape));
        }
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
            found.low = m_lowSetting;
            found.high = m_highSetting;
            found.low->lowPass = Filter{low.corner_hz, low.shape.order, low.shape.family};
            found.high->highPass = Filter{high.corner_hz, high.shape.order, high.shape.family};
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
        const Leg low = legOf(m_pair.low, m_low, m_lowSetting, 0.0, {});
        const Leg high = legOf(m_pair.high, m_high, m_highSetting, 0.0, {});
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
        const bool switches = mayHave(m_stage, m_high, Control::Polarity);
        if (found.turned && !switches) high.reversed = m_highSetting.reversed;  // at the tweeter's wires instead
        if (high != m_highSetting) after = apply(after, setChannel(after, m_high, high)).plan;
        if (found.turned && !switches)
            after = apply(after, planTurnOver(after, mates(m_stage.used, m_stage.runs[m_pair.high].run.id.coil.device)))
                        .plan;
        return {kind, found, 0, difference(EditName::SetChannel, m_plan, after)};
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
    double m_beaming_hz = 0.0, m_least_ohm = std::numeric_limits<double>::max();
    std::vector<double> m_corners_hz{};
};

}  // namespace

bool canBeSet(const StageResult& stage, const SplitPair& pair)
{
    const RunId &low = stage.runs[pair.low].run.id, &high = stage.runs[pair.high].run.id;
    return low.channel != high.channel && low.coil.device != high.coil.device &&
           mayHave(stage, low.channel, Control::LowPass) && mayHave(stage, high.channel, Control::HighPass);
}

std::optional<SplitSearch> searchSettings(const Plan& plan, const Evaluation& evaluation, const SplitPair& pair,
                                          const std::vector<ListenerId>& seats, double slope_db_octave,
                                          const std::stop_token& stop, const std::function<void(double)>& progress)
{
    return SettingsSearcher(plan, evaluation, pair, seats, slope_db_octave).run(stop, progress);
}

}  // namespace core
