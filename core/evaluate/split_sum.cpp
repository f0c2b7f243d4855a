#include "core/evaluate/split_sum.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/evaluate/hearing.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/model/board.h"
#include "core/physics/path.h"
#include "core/physics/smoothing.h"

namespace core {
namespace {

constexpr double kThird = 3.0;       // of an octave
constexpr double kFirst_hz = 100.0;  // no hand-over is looked for below
// Ours, no source:
constexpr double kFarUnder_db = 20.0;  // a crossing so far under the loudest is of two silent ends
constexpr double kLarger_ratio = 1.5;  // of the cone's area: what a driver takes over from
constexpr double kOctaves = 1.0;       // about the hand-over: what is looked at
constexpr double kOffOctaves = 2.0;    // the same for a band that is missing or stands out

Eigen::ArrayXd smooth_db(const Ears<Eigen::ArrayXcd>& pressure_pa_v, const Eigen::ArrayXd& hz)
{
    const Eigen::ArrayXd level_db = levelOf_db(0.5 * (pressure_pa_v[0].abs2() + pressure_pa_v[1].abs2()));
    return smoothed_db(hz, level_db, kThird, hz);
}

// Two legs of one board lead to them.
bool shareBoard(const StageResult& stage, const Run& one, const Run& other)
{
    return std::any_of(one.along.begin(), one.along.end(), [&](DeviceId id) {
        return legsOf(partOf(stage.used, id)).size() > 1 &&
               std::find(other.along.begin(), other.along.end(), id) != other.along.end();
    });
}

// Which of the larger ones it takes over from: of its own device before one on its board, then of its row, then of its
// channel; nothing: out of reach.
std::optional<int> nearness(const StageResult& stage, size_t low, size_t high, const Practice& practice)
{
    const RunResult &a = stage.runs[low], &b = stage.runs[high];
    if (a.run.id.coil.device == b.run.id.coil.device) return 0;
    const Vec3 &one = stage.ways[low].source.at_m, &other = stage.ways[high].source.at_m;
    if (sideOf(stage.ways[low].source) != sideOf(stage.ways[high].source)) return std::nullopt;
    if (distance(one, other) > practice[PracticeKey::SplitReach_m]) return std::nullopt;
    if (shareBoard(stage, a.run, b.run)) return 1;
    return (inOneRow(one, other) ? 2 : 4) + (a.run.id.channel == b.run.id.channel ? 0 : 1);
}

// The mean level of a band, by its third-octaves.
double meanBetween_db(const Eigen::ArrayXd& level_db, const Eigen::ArrayXd& hz, double from_hz, double to_hz)
{
    double sum = 0.0;
    int count = 0;
    for (Eigen::Index i = 0; i < hz.size(); ++i)
        if (hz(i) >= from_hz && hz(i) <= to_hz) {
            sum += level_db(i);
            ++count;
        }
    return count > 0 ? sum / count : level_db(hz.size() - 1);
}

// Over the line from the middle of the octave below those that are looked at, `octaves` either way of the hand-over, to
// that of the octave above; each frequency between with what it is off.
template <class Use>
void againstLine(const Eigen::ArrayXd& level_db, const Eigen::ArrayXd& hz, double at_hz, double octaves, Use use)
{
    const double wide = std::exp2(octaves);
    const double below_db = meanBetween_db(level_db, hz, at_hz / (wide * 2.0), at_hz / wide);
    const double above_db = meanBetween_db(level_db, hz, at_hz * wide, at_hz * wide * 2.0);
    const double from = -octaves - 0.5, to = octaves + 0.5;  // octaves from the hand-over
    for (Eigen::Index i = 0; i < hz.size(); ++i) {
        const double octave = std::log2(hz(i) / at_hz);
        if (std::abs(octave) > octaves) continue;
        use(hz(i), level_db(i) - (below_db + (above_db - below_db) * (octave - from) / (to - from)));
    }
}

SplitTogether together(const Ears<Eigen::ArrayXcd>& sum_pa_v, const Eigen::ArrayXd& hz, std::optional<double> at_hz)
{
    SplitTogether result{.level_db = smooth_db(sum_pa_v, hz)};
    if (!at_hz) return result;
    againstLine(result.level_db, hz, *at_hz, kOctaves, [&](double one_hz, double off_db) {
        result.even_db = std::max(result.even_db, std::abs(off_db));
        if (-off_db <= result.hole_db) return;
        result.hole_db = -off_db;
        result.holeAt_hz = one_hz;
    });
    return result;
}

// Where the higher one takes over, loudest first counts; how often they are equally loud.
void findCrossings(SplitSum& sum, const Eigen::ArrayXd& hz)
{
    const Eigen::ArrayXd over_db = sum.high_db - sum.low_db;
    const double loudest_db = std::max(sum.low_db.maxCoeff(), sum.high_db.maxCoeff());
    double best_db = -1e300, meet_db = -1e300;
    for (Eigen::Index i = 1; i < hz.size(); ++i) {
        if (hz(i) < kFirst_hz || (over_db(i - 1) < 0.0) == (over_db(i) < 0.0)) continue;
        const double share = over_db(i - 1) / (over_db(i - 1) - over_db(i));
        const double level_db = sum.low_db(i - 1) + share * (sum.low_db(i) - sum.low_db(i - 1));
        const double at_hz = hz(i - 1) * std::pow(hz(i) / hz(i - 1), share);
        if (over_db(i) >= 0.0 && level_db > meet_db) {
            meet_db = level_db;
            sum.meet_hz = at_hz;
        }
        if (level_db < loudest_db - kFarUnder_db) continue;
        ++sum.crossings;
        if (over_db(i) < 0.0 || level_db <= best_db) continue;
        best_db = level_db;
        sum.at_hz = at_hz;
    }
    if (!sum.at_hz) return;
    const auto beside = [&](Eigen::Index i) { return std::abs(over_db(i)) <= kEquallyLoud_db; };
    Eigen::Index from = 0;
    (hz - *sum.at_hz).abs().minCoeff(&from);
    Eigen::Index to = from;
    while (from > 0 && beside(from - 1)) --from;
    while (to + 1 < hz.size() && beside(to + 1)) ++to;
    sum.sideBySide_octave = std::log2(hz(to) / hz(from));
}

}  // namespace

std::vector<SplitPair> splitPairs(const StageResult& stage, const Practice& practice)
{
    std::vector<SplitPair> pairs;
    for (size_t high = 0; high < stage.runs.size(); ++high) {
        if (stage.runs[high].sameCone) continue;
        const double area_m2 = stage.runs[high].driver.sd_m2;
        struct Choice {
            int nearness = 0;
            double area_m2 = 0.0, distance_m = 0.0;
            size_t run = 0;
            auto operator<=>(const Choice&) const = default;
        };
        std::optional<Choice> best;
        for (size_t low = 0; low < stage.runs.size(); ++low) {
            if (low == high || stage.runs[low].sameCone || stage.runs[low].driver.sd_m2 < kLarger_ratio * area_m2)
                continue;
            const auto near = nearness(stage, low, high, practice);
            if (!near) continue;
            const Choice choice{*near, stage.runs[low].driver.sd_m2,
                                distance(stage.ways[low].source.at_m, stage.ways[high].source.at_m), low};
            if (!best || choice < *best) best = choice;
        }
        if (best) pairs.push_back({best->run, high});
    }
    return pairs;
}

bool canBeParted(const StageResult& stage, const SplitPair& pair)
{
    const RunId &low = stage.runs[pair.low].run.id, &high = stage.runs[pair.high].run.id;
    return low.channel == high.channel && low.coil.device != high.coil.device;
}

bool canBeSet(const StageResult& stage, const SplitPair& pair)
{
    const RunId &low = stage.runs[pair.low].run.id, &high = stage.runs[pair.high].run.id;
    return low.channel != high.channel && low.coil.device != high.coil.device &&
           mayHave(stage.used, low.channel, Control::LowPass) && mayHave(stage.used, high.channel, Control::HighPass);
}

std::optional<SplitPair> splitPairOf(const StageResult& stage, DeviceId high, const Practice& practice)
{
    for (const SplitPair& pair : splitPairs(stage, practice))
        if (stage.runs[pair.high].run.id.coil.device == high) return pair;
    return std::nullopt;
}

OffLine offLine(const Eigen::ArrayXd& level_db, double at_hz, double off_db)
{
    const Eigen::ArrayXd hz = frequencyGrid_hz();
    OffLine about, now;
    double from_hz = 0.0;
    againstLine(level_db, hz, at_hz, kOffOctaves, [&](double one_hz, double one_db) {
        if (off_db < 0.0 ? one_db >= off_db : one_db <= off_db) {
            from_hz = 0.0;
            return;
        }
        if (from_hz == 0.0) {
            from_hz = one_hz;
            now = {};
        }
        now.wide_octave = std::log2(one_hz / from_hz);
        if (std::abs(one_db) > std::abs(now.most_db)) {
            now.most_db = one_db;
            now.most_hz = one_hz;
        }
        if (from_hz <= at_hz && one_hz >= at_hz) about = now;
    });
    return about;
}

Eigen::ArrayXd SplitSum::energy_db() const
{
    const double nepers = std::numbers::ln10 / 10.0;
    return ((nepers * low_db).exp() + (nepers * high_db).exp()).log() / nepers;
}

SplitSum splitSumOf(const Ears<Eigen::ArrayXcd>& low_pa_v, const Ears<Eigen::ArrayXcd>& high_pa_v)
{
    const Eigen::ArrayXd hz = frequencyGrid_hz();
    SplitSum sum{.low_db = smooth_db(low_pa_v, hz), .high_db = smooth_db(high_pa_v, hz)};
    findCrossings(sum, hz);
    sum.wired = together({low_pa_v[0] + high_pa_v[0], low_pa_v[1] + high_pa_v[1]}, hz, sum.at_hz);
    sum.turned = together({low_pa_v[0] - high_pa_v[0], low_pa_v[1] - high_pa_v[1]}, hz, sum.at_hz);
    if (!sum.at_hz) return sum;
    Eigen::Index at = 0;
    (hz - *sum.at_hz).abs().minCoeff(&at);
    const size_t ear = std::abs(high_pa_v[1](at)) > std::abs(high_pa_v[0](at)) ? 1 : 0;
    sum.phase_deg = std::arg(high_pa_v[ear](at) / low_pa_v[ear](at)) * 180.0 / std::numbers::pi;
    return sum;
}

std::optional<SplitSum> splitSum(const StageResult& stage, const SplitPair& pair, ListenerId listener)
{
    constexpr double kSilent_pa_v = 1e-12;
    const auto hears = [&](size_t run) { return stage.ways[run].ears.contains(listener); };
    if (!hears(pair.low) || !hears(pair.high)) return std::nullopt;
    const Ears<Eigen::ArrayXcd> low = runAt(stage, pair.low, listener), high = runAt(stage, pair.high, listener);
    if (low[0].abs().maxCoeff() < kSilent_pa_v || high[0].abs().maxCoeff() < kSilent_pa_v) return std::nullopt;
    return splitSumOf(low, high);
}

SeatsOfSplit seatsOf(const StageResult& stage, const SplitPair& pair)
{
    SeatsOfSplit seats;
    for (const auto& [listener, heard] : stage.hearing)
        if (const auto sum = splitSum(stage, pair, listener))
            (sum->turned.even_db < sum->wired.even_db ? seats.turned : seats.wired).push_back(listener);
    return seats;
}

}  // namespace core
