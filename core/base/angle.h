#pragma once

#include <numbers>

namespace core {

inline constexpr double kDegree_rad = std::numbers::pi / 180.0;

}  // namespace core
