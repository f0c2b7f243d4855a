#include "core/limits/split_limits.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/base/threshold.h"
#include "core/limits/sound_limits.h"
#include "core/physics/directivity.h"

namespace core {

int highPassOrder(const RunResult& run, const Eigen::ArrayXd& frequency_hz)
{
    constexpr double kOrder_db = 6.0206;
    constexpr double kNothing = 1e-15;
    Eigen::Index octave = 0;
    (frequency_hz - 2.0 * frequency_hz(0)).abs().minCoeff(&octave);
    const double octaves = std::log2(frequency_hz(octave) / frequency_hz(0));
    const double rise_db =
        20.0 * std::log10((std::abs(run.transfer(octave)) + kNothing) / (std::abs(run.transfer(0)) + kNothing));
    return std::max(0, static_cast<int>(std::lround(rise_db / octaves / kOrder_db)));
}

std::optional<double> highPassCorner_hz(const Eigen::ArrayXd& magnitude, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::Index last = frequency_hz.size() - 1;
    double sum = 0.0;
    Eigen::Index count = 0;
    for (Eigen::Index i = last; i >= 0 && frequency_hz(i) >= 0.5 * frequency_hz(last); --i, ++count)
        sum += magnitude(i);
    const double half = sum / static_cast<double>(count) * std::numbers::sqrt2 / 2.0;
    for (Eigen::Index i = last; i > 0; --i) {
        if (magnitude(i - 1) >= half || magnitude(i) < half) continue;
        const double share = (half - magnitude(i - 1)) / (magnitude(i) - magnitude(i - 1));
        return frequency_hz(i - 1) * std::pow(frequency_hz(i) / frequency_hz(i - 1), share);
    }
    return std::nullopt;
}

std::optional<Known> channelHighPass(const StageResult& stage, const Port& channel)
{
    const CircuitResult* circuit = findCircuit(stage, channel);
    if (!circuit || !circuit->filteredLow) return std::nullopt;
    const auto setting = stage.used.settings.find(channel);
    if (setting != stage.used.settings.end() && setting->second.highPass)
        return Known{setting->second.highPass->frequency_hz};
    const auto built = circuit->output.find(Quantity::HighPass_hz);
    return built == circuit->output.end() ? std::nullopt : std::optional(built->second);
}

double sparedFrom_hz(const RunResult& run, const Eigen::ArrayXd& frequency_hz, const Practice& practice)
{
    const bool first = highPassOrder(run, frequency_hz) < 2;
    return practice[first ? PracticeKey::SplitNearFirst_ratio : PracticeKey::SplitNear_ratio] * run.driver.fs_hz;
}

double beamsOver_hz(const RunResult& run)
{
    return beaming_hz(std::sqrt(run.driver.sd_m2 / std::numbers::pi));
}

std::optional<Verdict> splitNearLimit(const RunResult& run, const Eigen::ArrayXd& frequency_hz,
                                      const Practice& practice)
{
    const auto corner = isTweeter(run, practice) ? highPassCorner_hz(run.transfer.abs(), frequency_hz) : std::nullopt;
    if (!corner) return std::nullopt;
    const double corner_hz = *corner, fs_hz = run.driver.fs_hz;
    const bool first = highPassOrder(run, frequency_hz) < 2;
    const PracticeKey stopKey = first ? PracticeKey::SplitNearFirst_ratio : PracticeKey::SplitNearStop_ratio;
    const bool stop = under(corner_hz, practice[stopKey] * fs_hz);
    if (!stop && (first || !under(corner_hz, practice[PracticeKey::SplitNear_ratio] * fs_hz))) return std::nullopt;
    const PracticeKey key = stop ? stopKey : PracticeKey::SplitNear_ratio;
    const Origin worst = std::max(run.worst, run.coil.at(Quantity::Fs_hz).basis.origin);
    return Verdict{RuleId::SplitNearResonance, stop ? Severity::Stop : Severity::Care,
                   Quantity::Corner_hz,        {corner_hz, worst, {}},
                   practice[key] * fs_hz,      key};
}

std::optional<Verdict> beamingLimit(double splitAt_hz, const RunResult& low)
{
    const double limit_hz = beamsOver_hz(low);
    if (!over(splitAt_hz, limit_hz)) return std::nullopt;
    const Origin worst = std::max(low.worst, low.coil.at(Quantity::Sd_m2).basis.origin);
    return Verdict{RuleId::SplitAboveBeaming, Severity::Care, Quantity::SplitAt_hz,
                   {splitAt_hz, worst, {}},   limit_hz,       {}};
}

std::optional<Verdict> stackedLimit(double one_hz, double other_hz, Origin worst, const Practice& practice)
{
    const double apart_octave = std::abs(std::log2(one_hz / other_hz));
    const double limit = practice[PracticeKey::StackedFilters_octave];
    if (!under(apart_octave, limit)) return std::nullopt;
    return Verdict{RuleId::StackedHighPasses, Severity::Care, Quantity::FilterDistance_octave,
                   {apart_octave, worst, {}}, limit,          PracticeKey::StackedFilters_octave};
}

std::optional<Verdict> partLimit(const PartBurden& burden, const Known& rating)
{
    if (burden.kind != ElementKind::Capacitor || !over(burden.rating, rating.value)) return std::nullopt;
    const double peak_v = std::numbers::sqrt2 * burden.voltage_v;
    const bool stop = over(peak_v, rating.value);
    return Verdict{
        RuleId::PartOverRating, stop ? Severity::Stop : Severity::Care,
        Quantity::PartVolts_v,  {stop ? peak_v : burden.rating, std::max(burden.worst, rating.basis.origin), {}},
        rating.value,           {}};
}

}  // namespace core
