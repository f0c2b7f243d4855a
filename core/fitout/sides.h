#pragma once

#include <cmath>
#include <vector>

#include "core/model/evaluation.h"

namespace core {

// Where a device is; nothing for one that is nowhere.
[[nodiscard]] const Place* placeOf(const Fitout& fitout, DeviceId device);

// At one row of seats: less apart along the vehicle than the way from one row to the next.
// source  common practice, no source
[[nodiscard]] inline bool inOneRow(const Vec3& a, const Vec3& b)
{
    constexpr double kRow_m = 0.8;
    return std::abs(a.x - b.x) < kRow_m;
}

// Devices that do the same at the places that follow this device's place: same kind of part, in the same order of id.
[[nodiscard]] std::vector<DeviceId> followersOf(const Fitout& fitout, DeviceId device);

// The device whose place this one's place follows, if there is one.
[[nodiscard]] DeviceId leaderOf(const Fitout& fitout, DeviceId device);

// This device first, then those of the other side that are kept like it: its followers, or the one it follows.
[[nodiscard]] std::vector<DeviceId> mates(const Fitout& fitout, DeviceId device);

// The place of the other side that is kept like this one; none where each side may differ.
[[nodiscard]] PlaceId mateOf(const std::map<PlaceId, Place>& places, PlaceId place);

// The driver's feet are on its side: of who sits in the middle on both, and on either where nobody says who drives.
// requires a device with a place
[[nodiscard]] bool isOnDriversSide(const Fitout& fitout, DeviceId device);

// True for a device that follows another with the same part, the same run and the same numbers: showing both says
// nothing new.
[[nodiscard]] bool repeatsLeader(const StageResult& stage, DeviceId device);

}  // namespace core
