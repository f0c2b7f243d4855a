#include "core/design/customer_hearing.h"

#include <algorithm>
#include <cmath>

#include "core/base/log_interpolation.h"
#include "core/physics/loudness.h"

namespace core {
namespace {

Eigen::ArrayXd lossAt_db(const Curve& audiogram, const Eigen::ArrayXd& frequency_hz)
{
    const std::vector<double>& at_hz = audiogram.frequency_hz;
    return frequency_hz.unaryExpr([&](double f) {
        return positionInLog(
                   at_hz.size(), [&](size_t i) { return at_hz[i]; }, f)
            .of([&](size_t i) { return audiogram.level_db[i]; });
    });
}

// Share of the octaves between the edges in which the level is above the threshold.
double shareAbove(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& level_db, const Eigen::ArrayXd& least_db,
                  const BandEdges& band)
{
    double heard = 0.0, all = 0.0;
    for (Eigen::Index i = 0; i < frequency_hz.size(); ++i) {
        if (frequency_hz(i) < band.low_hz || frequency_hz(i) > band.high_hz) continue;
        all += 1.0;  // the grid is even in octaves
        if (level_db(i) > least_db(i)) heard += 1.0;
    }
    return all > 0.0 ? heard / all : 0.0;
}

}  // namespace

Ears<std::optional<Eigen::ArrayXd>> hearingThresholds_db(const Plan& plan, const Eigen::ArrayXd& frequency_hz)
{
    Ears<std::optional<Eigen::ArrayXd>> least;
    const Ears<CurveId> audiograms{plan.job.hearingLeft, plan.job.hearingRight};
    for (size_t ear = 0; ear < least.size(); ++ear)
        if (const auto curve = plan.curves.find(audiograms[ear]); curve != plan.curves.end())
            least[ear] = hearingThreshold_db(frequency_hz) + lossAt_db(curve->second, frequency_hz);
    return least;
}

std::optional<std::array<BandHeard, kBandCount>> bandsHeard(const Plan& plan, const Evaluation& evaluation,
                                                            ListenerId listener)
{
    const auto least = hearingThresholds_db(plan, evaluation.frequency_hz);
    const auto before = evaluation.stages.at(kFound)->hearing.find(listener);
    const auto after = evaluation.stages.at(plan.job.goal)->hearing.find(listener);
    if ((!least[0] && !least[1]) || before == evaluation.stages.at(kFound)->hearing.end() ||
        after == evaluation.stages.at(plan.job.goal)->hearing.end())
        return std::nullopt;
    std::array<BandHeard, kBandCount> bands;
    for (size_t band = 0; band < kBandCount; ++band)
        for (const auto& ear : least) {
            if (!ear) continue;
            const auto share = [&](const HearingResult& hearing) {
                return shareAbove(evaluation.frequency_hz, hearing.curve_db, *ear, kBands[band]);
            };
            bands[band].before_ratio = std::max(bands[band].before_ratio, share(before->second));
            bands[band].after_ratio = std::max(bands[band].after_ratio, share(after->second));
        }
    return bands;
}

}  // namespace core
