#pragma once

#include <Eigen/Core>
#include <optional>

#include "core/physics/driver_box.h"

namespace core {

// The way round the edge of a baffle or through its holes, from the back of the cone to the front. A door is either
// this or a box with a leak, never both.
//   H = 1 - g exp(-jkD);  above c/(4D) g falls linearly in log2 f to 0 at c/D
// source  H. F. Olson, "Acoustical Engineering" (1957), two-source model; the fade is an engineering rule: the bare
//         comb does not exist in a real door
struct BaffleLeak {
    double path_m = 0.3;    // D
    double coupling = 0.0;  // g, 0 tight to 1 open
    bool operator==(const BaffleLeak&) const = default;
};
// n values; requires path > 0, 0 <= coupling <= 1
[[nodiscard]] Eigen::ArrayXcd baffleLeakResponse(const BaffleLeak& leak, const Eigen::ArrayXd& frequency_hz);
// without the fade
[[nodiscard]] Eigen::ArrayXcd bareLeakResponse(const BaffleLeak& leak, const Eigen::ArrayXd& frequency_hz);

// A free-standing pod, fairing or roll-bar housing has no half space behind its front: (1 + 2jy) / (2 + 2jy),
// y = f B / 163, so -6 dB low and -3 dB at 115/B.      requires width_m > 0; source  engineering rule
[[nodiscard]] Eigen::ArrayXcd podResponse(double width_m, const Eigen::ArrayXd& frequency_hz);

// What is behind and around a driver. Nothing of it: an infinite baffle.
struct Mounting {
    std::optional<Box> box{};
    std::optional<BaffleLeak> leak{};
    std::optional<double> podWidth_m{};
    std::optional<double> portArea_m2{};  // this driver's share of all ports of its box
    bool operator==(const Mounting&) const = default;
};

}  // namespace core
