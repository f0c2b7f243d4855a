#include "core/physics/amplifier.h"

#include <cmath>

namespace core {

Outcome<OutputLimits> outputLimits(const AmplifierRating& rating)
{
    for (const auto& [value, name] : {std::pair{rating.power_w, "power_w"}, std::pair{rating.load_ohm, "load_ohm"}}) {
        if (!std::isfinite(value)) return tl::unexpected(ModelError{ErrorCode::NotFinite, name, value, "finite"});
        if (value <= 0.0) return tl::unexpected(ModelError{ErrorCode::OutOfDomain, name, value, "> 0"});
    }
    return Answer<OutputLimits>{
        {std::sqrt(rating.power_w * rating.load_ohm), std::sqrt(rating.power_w / rating.load_ohm)}, {}};
}

Eigen::ArrayXd largestVoltage_v(const OutputLimits& limits, const Eigen::ArrayXd& magnitude_ohm, double complexLoad)
{
    return (magnitude_ohm * (limits.current_a / complexLoad)).min(limits.voltage_v);
}

}  // namespace core
