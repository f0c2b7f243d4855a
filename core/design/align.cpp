#include "core/design/align.h"

#include <nlopt.h>

#include <algorithm>
#include <array>
#include <bit>
#include <cmath>

#include "core/edits/named_edits.h"
#include "core/evaluate/evaluate.h"

namespace core {
namespace {

constexpr double kWorthIt = 1e-3;  // of the cost: nobody hears less

// The search's variables: a delay for each channel in ms, then half the level difference of each pair of twins in dB.
class Search {
public:
    // mostDifference_db  between twins
    Search(const SeatSound& sound, double mostDifference_db, const std::stop_token& stop)
        : m_sound(sound), m_mostDifference_db(mostDifference_db), m_stop(stop)
    {
        for (size_t i = 0; i < sound.channels().size(); ++i)
            if (sound.twinOf(i) > i) m_pairs.push_back(i);
    }

    // Every way to set polarity, the first channel's as it stands; then the best few refined from this start.
    std::vector<Knobs> best(const std::vector<Knobs>& start)
    {
        std::vector<std::pair<double, unsigned>> polarities;
        const size_t count = std::min<size_t>(start.size(), kMostFlips);
        for (unsigned flips = 0; flips < 1U << (count - 1); ++flips) {
            std::vector<Knobs> knobs = flipped(start, flips);
            polarities.emplace_back(m_sound.cost(knobs) + kLeastReason * std::popcount(flips), flips);
        }
        std::sort(polarities.begin(), polarities.end());
        polarities.resize(std::min<size_t>(polarities.size(), kRefined));
        std::vector<Knobs> least;
        for (const auto& [cost, flips] : polarities) {
            std::vector<Knobs> refined = refine(flipped(start, flips));
            if (least.empty() || m_sound.cost(refined) < m_sound.cost(least)) least = std::move(refined);
        }
        return least;
    }

private:
    static constexpr size_t kMostFlips = 10, kRefined = 2;
    static constexpr double kLeastReason = 1e-6;  // of two that are as good, the one with fewer flips

    static std::vector<Knobs> flipped(std::vector<Knobs> knobs, unsigned flips)
    {
        for (size_t i = 1; i < knobs.size() && i < kMostFlips; ++i)
            if (flips >> (i - 1) & 1U) knobs[i].reversed = !knobs[i].reversed;
        return knobs;
    }

    [[nodiscard]] std::vector<Knobs> knobsAt(const double* x) const
    {
        std::vector<Knobs> knobs = m_start;
        for (size_t i = 0; i < knobs.size(); ++i) knobs[i].delay_s = 1e-3 * x[i];
        for (size_t p = 0; p < m_pairs.size(); ++p) {
            const double difference_db = x[knobs.size() + p];
            const size_t i = m_pairs[p];
            (difference_db > 0.0 ? knobs[i] : knobs[m_sound.twinOf(i)]).gain_db -= std::abs(difference_db);
        }
        return knobs;
    }

    std::vector<Knobs> refine(std::vector<Knobs> start)
    {
        m_start = std::move(start);
        const size_t delays = m_start.size();
        std::vector<double> x(delays + m_pairs.size(), 0.0), low(x.size(), 0.0), high(x.size(), 0.0), step(x.size());
        for (size_t i = 0; i < delays; ++i) {
            high[i] = 1e3 * m_sound.channels()[i].mostDelay_s;
            x[i] = std::clamp(1e3 * m_start[i].delay_s, 0.0, high[i]);
            step[i] = 0.25;
        }
        for (size_t p = 0; p < m_pairs.size(); ++p) {
            low[delays + p] = -m_mostDifference_db;
            high[delays + p] = m_mostDifference_db;
            step[delays + p] = 1.0;
        }
        for (size_t i = 0; i < x.size(); ++i) high[i] = std::max(high[i], low[i] + 1e-9);
        const auto objective = [](unsigned, const double* at, double*, void* self) {
            const Search& search = *static_cast<const Search*>(self);
            if (search.m_stop.stop_requested()) nlopt_force_stop(search.m_running);
            // Of two that are as good, the one that delays and turns down less.
            double little = 0.0;
            for (size_t i = 0; i < search.m_start.size() + search.m_pairs.size(); ++i) little += at[i] * at[i];
            return search.m_sound.cost(search.knobsAt(at)) + 1e-5 * little;
        };
        nlopt_opt search = nlopt_create(NLOPT_LN_SBPLX, static_cast<unsigned>(x.size()));
        m_running = search;
        nlopt_set_min_objective(search, objective, this);
        nlopt_set_lower_bounds(search, low.data());
        nlopt_set_upper_bounds(search, high.data());
        nlopt_set_initial_step(search, step.data());
        nlopt_set_xtol_rel(search, 1e-4);
        nlopt_set_maxeval(search, 2000);
        double least = 0.0;
        nlopt_optimize(search, x.data(), &least);
        nlopt_destroy(search);
        return knobsAt(x.data());
    }

    const SeatSound& m_sound;
    double m_mostDifference_db = 0.0;
    const std::stop_token& m_stop;
    nlopt_opt m_running = nullptr;
    std::vector<size_t> m_pairs{};  // the first of each two twins
    std::vector<Knobs> m_start{};
};

// Delays that bring all channels to a head at once, as far as each can.
std::vector<Knobs> byGeometry(const SeatSound& sound, size_t seat)
{
    std::vector<Knobs> knobs = sound.standing();
    double last_s = 0.0;
    for (const ChannelSound& channel : sound.channels()) last_s = std::max(last_s, channel.arrival_s[seat]);
    for (size_t i = 0; i < knobs.size(); ++i) {
        const ChannelSound& channel = sound.channels()[i];
        knobs[i].delay_s = std::min(last_s - channel.arrival_s[seat], channel.mostDelay_s);
    }
    return knobs;
}

// To the steps that a processor has; what all delay in common is of no use.
std::vector<Knobs> rounded(std::vector<Knobs> knobs, const Practice& practice)
{
    const double delayStep_s = practice[PracticeKey::DelayStep_s], gainStep_db = practice[PracticeKey::GainStep_db];
    double common_s = knobs.front().delay_s;
    for (const Knobs& one : knobs) common_s = std::min(common_s, one.delay_s);
    for (Knobs& one : knobs) {
        one.delay_s = std::round((one.delay_s - common_s) / delayStep_s) * delayStep_s;
        one.gain_db = std::round(one.gain_db / gainStep_db) * gainStep_db;
    }
    return knobs;
}

}  // namespace

std::optional<Alignment> align(const Plan& plan, const Practice& practice, std::span<const ListenerId> seats,
                               const Evaluation& last, const std::stop_token& stop)
{
    const StageId goal = plan.job.goal;
    const Evaluation evaluation = evaluate(plan, practice, std::array{goal}, last);
    const SeatSound sound(*evaluation.stages.at(goal), evaluation.practice, seats);
    if (sound.channels().size() < 2) return std::nullopt;

    const std::vector<Knobs> standing = sound.standing();
    Search search(sound, evaluation.practice[PracticeKey::TwinDifference_db], stop);
    std::vector<Knobs> best = standing;
    std::vector<std::vector<Knobs>> starts{standing};
    for (size_t seat = 0; seat < seats.size(); ++seat) starts.push_back(byGeometry(sound, seat));
    for (const std::vector<Knobs>& start : starts) {
        std::vector<Knobs> found = rounded(search.best(start), evaluation.practice);
        if (stop.stop_requested()) return std::nullopt;
        if (sound.cost(found) < sound.cost(best) - kWorthIt) best = std::move(found);
    }

    Alignment answer{.before = sound.scores(standing), .after = sound.scores(best)};
    std::map<Port, Setting> settings;
    for (size_t i = 0; i < best.size(); ++i) {
        const ChannelSound& channel = sound.channels()[i];
        answer.channels.push_back({channel.channel, standing[i], best[i], channel.mostDelay_s, channel.delayKnown});
        answer.canDelay = answer.canDelay || channel.mostDelay_s > 0.0;
        Setting setting = channel.setting;
        setting.delay_s = best[i].delay_s;
        setting.gain_db = best[i].gain_db;
        setting.reversed = best[i].reversed;
        if (!(setting == channel.setting)) settings[channel.channel] = setting;
    }
    answer.edit = setChannels(plan, settings);
    return answer;
}

}  // namespace core
