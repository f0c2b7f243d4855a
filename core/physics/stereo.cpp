#include "core/physics/stereo.h"

#include <cmath>

namespace core {

Eigen::ArrayXd randomShare(const Eigen::ArrayXd& frequency_hz, const StereoMix& mix)
{
    const double width = std::log(mix.randomAbove_hz / mix.coherentBelow_hz);
    return ((frequency_hz / mix.coherentBelow_hz).log() / width).max(0.0).min(1.0);
}

Eigen::ArrayXd leftAndRight_pa2(const Eigen::ArrayXcd& left_pa, const Eigen::ArrayXcd& right_pa,
                                const Eigen::ArrayXd& random)
{
    return (1.0 - random) * (left_pa + right_pa).abs2() + random * (left_pa.abs2() + right_pa.abs2());
}

}  // namespace core
