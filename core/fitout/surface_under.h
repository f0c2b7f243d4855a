#pragma once

#include <map>

#include "core/model/vehicle.h"

namespace core {

// The one that a point lies on, within a hand of its face; none where it hangs in the air.
[[nodiscard]] SurfaceId surfaceUnder(const std::map<SurfaceId, Surface>& surfaces, const Vec3& at_m);

}  // namespace core
