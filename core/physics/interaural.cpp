#include "core/physics/interaural.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/physics/air.h"
#include "core/physics/level.h"

namespace core {

double interauralDelay_s(double azimuth_deg)
{
    const double wrapped = wrappedDegrees(azimuth_deg);
    const double fromFront = std::abs(wrapped) > 90.0 ? 180.0 - std::abs(wrapped) : std::abs(wrapped);
    const double t = fromFront * std::numbers::pi / 180.0;
    return std::copysign(kHeadRadius_m * (t + std::sin(t)) / kSoundSpeed_m_s, wrapped);
}

double imageShift(double rightLater_s, double leftLouder_db, const ImagePractice& practice)
{
    const auto clamp = [](double x) { return std::clamp(x, -1.0, 1.0); };
    return clamp(clamp(rightLater_s / practice.fullTime_s) + clamp(leftLouder_db / practice.fullLevel_db));
}

}  // namespace core
