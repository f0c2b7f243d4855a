#pragma once

#include <algorithm>

#include "core/model/evaluation.h"
#include "core/physics/ear_path.h"

namespace core {

// A cabin made ready for many ways of sound: what each of its surfaces mirrors at each frequency.
struct PreparedCabin {
    SoundField field{};
    std::vector<FlatPanel> panels{};
    std::vector<Eigen::ArrayXd> mirrored{};  // r_m beta of each panel; of one that mirrors nothing none
};
[[nodiscard]] PreparedCabin prepareCabin(const Cabin& cabin, const SoundField& field, const Practice& practice);

// Left, then right.
[[nodiscard]] Ears<Vec3> earsOf(const Listener& listener);

// Pressure at a point over the pressure on axis at 1 m:
//   C (O D(t) r^-beta exp(-jkr) + beta sum over mirrors O_m r_m D(t_m) d_m^-beta exp(-jk d_m))
// Cover and screen take level from the direct sound, the cover from the mirrors too; a mirror whose legs are not free
// is not there.      source  as the parts; beta is an engineering rule
[[nodiscard]] Eigen::ArrayXcd wayTo(const SoundSource& source, const Vec3& ear, const PreparedCabin& cabin);

// What is between a source and an ear, for whoever asks why.
struct WayReport {
    double distance_m = 0.0, angle_rad = 0.0;
    std::vector<std::pair<size_t, MirrorWay>> mirrors{};  // by panel
    std::vector<std::pair<size_t, Detour>> screens{};     // panels that block, in or near the line
};
// What the straight sound loses behind them at each frequency, >= 0: the larger of several, not their sum.
[[nodiscard]] Eigen::ArrayXd shadow_db(const WayReport& way, std::span<const FlatPanel> panels,
                                       const Eigen::ArrayXd& frequency_hz);
// Where directions are compared: at 8 kHz, or at the driver's own top.   source  common practice, no source
inline constexpr double kOffAxisAt_hz = 8000.0;
[[nodiscard]] inline double offAxisAt_hz(const DriverParameters& driver)
{
    return std::min(kOffAxisAt_hz, driver.topCorner_hz);
}
[[nodiscard]] WayReport reportWay(const SoundSource& source, const Vec3& ear, std::span<const FlatPanel> panels);

}  // namespace core
