#pragma once

namespace core {

// Limits pass within this share: 0.8 x 3 is not exact in binary.
inline constexpr double kLimitSlack = 1e-9;

[[nodiscard]] inline bool under(double value, double limit)
{
    return value < limit * (1.0 - kLimitSlack);
}
[[nodiscard]] inline bool over(double value, double limit)
{
    return value > limit * (1.0 + kLimitSlack);
}

}  // namespace core
