#include "core/physics/port.h"

#include <cassert>
#include <cmath>
#include <numbers>

#include "core/physics/air.h"

namespace core {
namespace {

double radius_m(const BoxPort& port)
{
    return std::sqrt(port.area_m2 / std::numbers::pi);
}

}  // namespace

double endCorrection(PortEnds ends, double slot)
{
    constexpr double kFlanged = 0.85, kFree = 0.613;
    switch (ends) {
        case PortEnds::OneFlanged:
            return kFlanged + kFree;
        case PortEnds::BothFlanged:
            return 2.0 * kFlanged;
        case PortEnds::BothFree:
            return 2.0 * kFree;
        case PortEnds::Slot:
            return slot;
    }
    return slot;
}

Outcome<PortLength> portLength(const BoxPort& port, double box_m3, double tuning_hz, double boxLength_m)
{
    assert(port.area_m2 > 0.0 && port.count >= 1 && box_m3 > 0.0 && tuning_hz > 0.0);
    const double w = 2.0 * std::numbers::pi * tuning_hz;
    const double effective = port.count * port.area_m2 * kSoundSpeed_m_s * kSoundSpeed_m_s / (w * w * box_m3);
    const double length = effective - port.correction * radius_m(port);
    if (!(length > 0.0))
        return refuse(ErrorCode::PortTooSmall, "tuning_hz", tuning_hz, "lower, or a larger port or box");
    Answer<PortLength> answer{{effective, length, kSoundSpeed_m_s / (2.0 * effective)}, {}};
    if (boxLength_m > 0.0 && length > boxLength_m) answer.warnings.emplace_back(WarningKind::PortFolds);
    return answer;
}

double portTuning_hz(const BoxPort& port, double box_m3, double length_m)
{
    const double effective = length_m + port.correction * radius_m(port);
    return kSoundSpeed_m_s / (2.0 * std::numbers::pi) * std::sqrt(port.count * port.area_m2 / (box_m3 * effective));
}

double portSpeed_m_s(const BoxPort& port, double flow_m3_s)
{
    return std::numbers::sqrt2 * flow_m3_s / (port.count * port.area_m2);
}

}  // namespace core
