#include "core/physics/amplifier.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/base/threshold.h"

namespace core {
namespace {

double voltageAt(const AmplifierRating& rating)
{
    return std::sqrt(rating.power_w * rating.load_ohm);
}
double currentAt(const AmplifierRating& rating)
{
    return std::sqrt(rating.power_w / rating.load_ohm);
}
double powerInto(const OutputLimits& limits, double load_ohm)
{
    const double voltage_v = largestVoltage_v(limits, Eigen::ArrayXd::Constant(1, load_ohm), 1.0)(0);
    return voltage_v * voltage_v / load_ohm;
}

}  // namespace

Outcome<OutputLimits> outputLimits(std::span<const AmplifierRating> ratings, const RatingPractice& practice)
{
    if (ratings.empty()) return refuse(ErrorCode::OutOfDomain, "ratedPower_w", 0.0, "at least one rating");
    for (const AmplifierRating& rating : ratings) {
        for (const auto& [value, name] :
             {std::pair{rating.power_w, "ratedPower_w"}, std::pair{rating.load_ohm, "ratedLoad_ohm"}}) {
            if (!std::isfinite(value)) return refuse(ErrorCode::NotFinite, name, value, "finite");
            if (value <= 0.0) return refuse(ErrorCode::OutOfDomain, name, value, "> 0");
        }
    }
    for (size_t i = 0; i < ratings.size(); ++i)
        for (size_t k = 0; k < i; ++k)
            if (ratings[i].load_ohm == ratings[k].load_ohm && ratings[i].power_w != ratings[k].power_w)
                return refuse(ErrorCode::Inconsistent, "ratedLoad_ohm", ratings[i].load_ohm, "one power for each load");
    const auto byLoad = [](const AmplifierRating& a, const AmplifierRating& b) { return a.load_ohm < b.load_ohm; };
    const auto [lowest, highest] = std::minmax_element(ratings.begin(), ratings.end(), byLoad);
    const double highest_v = voltageAt(*highest), highest_a = currentAt(*highest);
    const double lowest_v = voltageAt(*lowest), lowest_a = currentAt(*lowest);
    Answer<OutputLimits> answer;
    OutputLimits& limits = answer.value;
    limits.current_a = lowest_a;
    limits.highestLoad_ohm = highest->load_ohm;
    limits.lowestLoad_ohm = lowest->load_ohm;
    limits.voltage_v = highest_v;
    limits.cap_v = practice.mostRise_ratio * highest_v;
    limits.cap_w = highest->power_w;
    if (highest->load_ohm == lowest->load_ohm) return answer;
    if (lowest_a <= highest_a)
        return refuse(ErrorCode::Inconsistent, "ratedPower_w", lowest->power_w,
                      "power that falls no faster than the load");
    if (lowest_v >= highest_v) {
        if (over(lowest_v, highest_v)) answer.warnings.emplace_back(WarningKind::RatingMoreThanDoubles);
    } else {
        limits.sag_ohm = (highest_v - lowest_v) / (lowest_a - highest_a);
        limits.voltage_v = highest_v + limits.sag_ohm * highest_a;
    }
    const double flat = std::pow(highest->load_ohm / lowest->load_ohm, practice.flatExponent_ratio);
    if (under(lowest->power_w / highest->power_w, flat)) {
        limits.cap_v = highest_v;
        answer.warnings.emplace_back(WarningKind::RatingsFlat);
    }
    constexpr double kMiddleTolerance = 0.10;
    for (const AmplifierRating& rating : ratings)
        if (std::abs(powerInto(limits, rating.load_ohm) / rating.power_w - 1.0) > kMiddleTolerance &&
            rating.load_ohm > lowest->load_ohm && rating.load_ohm < highest->load_ohm)
            answer.warnings.emplace_back(WarningKind::MiddleRatingOff);
    return answer;
}

OutputLimits bridged(const OutputLimits& channel, const AmplifierRating& rating)
{
    OutputLimits pair = channel;
    pair.voltage_v *= 2.0;
    pair.sag_ohm *= 2.0;
    pair.highestLoad_ohm *= 2.0;
    pair.lowestLoad_ohm *= 2.0;
    pair.cap_v *= 2.0;
    pair.cap_w *= 2.0;
    if (rating.power_w <= 0.0) return pair;
    const double scale = std::min(1.0, std::sqrt(rating.power_w / powerInto(pair, rating.load_ohm)));
    pair.voltage_v *= scale;
    pair.current_a *= scale;
    pair.cap_v *= scale;
    pair.cap_w *= scale * scale;
    return pair;
}

OutputLimits onSupply(OutputLimits limits, double supplyRatio)
{
    limits.voltage_v *= supplyRatio;
    limits.current_a *= supplyRatio;
    limits.cap_v *= supplyRatio;
    limits.cap_w *= supplyRatio * supplyRatio;
    return limits;
}

Eigen::ArrayXd largestVoltage_v(const OutputLimits& limits, const Eigen::ArrayXd& magnitude_ohm, double complexLoad)
{
    const Eigen::ArrayXd sagging = limits.voltage_v * (magnitude_ohm / (magnitude_ohm + limits.sag_ohm));
    const Eigen::ArrayXd limited = sagging.min(magnitude_ohm * (limits.current_a / complexLoad));
    if (limits.sag_ohm == 0.0) return limited;  // one voltage at every load: nothing rises beyond the highest rated one
    const Eigen::ArrayXd capped = limited.min(limits.cap_v).min((limits.cap_w * magnitude_ohm).sqrt());
    return (magnitude_ohm > limits.highestLoad_ohm).select(capped, limited);
}

LoadVerdict loadVerdict(double leastSeen_ohm, double minimum_ohm, double care, double stop)
{
    if (under(leastSeen_ohm, stop * minimum_ohm)) return LoadVerdict::Stop;
    return under(leastSeen_ohm, care * minimum_ohm) ? LoadVerdict::Care : LoadVerdict::Silent;
}

}  // namespace core
