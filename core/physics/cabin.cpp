#include "core/physics/cabin.h"

#include <cassert>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/physics/air.h"
#include "core/physics/level.h"

namespace core {

Outcome<CabinGain> cabinGain(double longest_m, double leak_hz)
{
    const CabinGain gain{kSoundSpeed_m_s / (2.0 * longest_m), leak_hz};
    if (!(gain.leak_hz < gain.zone_hz))
        return refuse(ErrorCode::OutOfDomain, "leak_hz", leak_hz, "below c / (2 longest_m)");
    return Answer<CabinGain>{gain, {}};
}

Eigen::ArrayXcd cabinGainResponse(const CabinGain& gain, const Eigen::ArrayXd& frequency_hz)
{
    const auto section = [&](double corner_hz) {
        Eigen::ArrayXcd value(frequency_hz.size());
        value.real() = corner_hz * corner_hz - frequency_hz.square();
        value.imag() = std::numbers::sqrt2 * corner_hz * frequency_hz;
        return value;
    };
    return section(gain.zone_hz) / section(gain.leak_hz);
}

Eigen::ArrayXd distanceShare(double zone_hz, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXd square = (frequency_hz / zone_hz).square();
    return square / (1.0 + square);
}

double sealedVolumeGain_db(double volume_m3, double distance_m, double frequency_hz)
{
    const double w = 2.0 * std::numbers::pi * frequency_hz;
    return decibels(2.0 * std::numbers::pi * distance_m * kSoundSpeed_m_s * kSoundSpeed_m_s / (w * w * volume_m3));
}

double boundaryGain_db(std::span<const double> distances_m, double frequency_hz)
{
    assert(distances_m.size() <= 3);
    const double twiceK = 4.0 * std::numbers::pi * frequency_hz / kSoundSpeed_m_s;
    double power = 0.0;
    for (unsigned subset = 0; subset < 1U << distances_m.size(); ++subset) {
        double square = 0.0;
        for (size_t i = 0; i < distances_m.size(); ++i)
            if (subset >> i & 1U) square += distances_m[i] * distances_m[i];
        const double x = twiceK * std::sqrt(square);
        power += x > 0.0 ? std::sin(x) / x : 1.0;
    }
    return powerDecibels(power);
}

}  // namespace core
