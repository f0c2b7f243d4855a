#pragma once

#include <Eigen/Core>
#include <array>

#include "core/physics/bands.h"
#include "core/practice/practice.h"

namespace core {

// What depends on the grid and on practice alone, worked out once for a whole evaluation.
struct GridTables {
    Eigen::ArrayXd frequency_hz{};
    Eigen::ArrayXd programme{};                      // spectrum weights, sum 1
    std::array<Eigen::ArrayXd, kBandCount> bands{};  // band weights, each sum 1
    Eigen::ArrayXd random{};                         // share of left and right that adds by power, 0 to 1
};
[[nodiscard]] GridTables gridTables(const Practice& practice);
// On other frequencies than the grid's.      requires two or more, rising
[[nodiscard]] GridTables gridTables(const Practice& practice, const Eigen::ArrayXd& frequency_hz);

// 10 log(mean of |H|^2) over a band.
[[nodiscard]] double bandLevel_db(const GridTables& tables, Band band, const Eigen::ArrayXd& square);

}  // namespace core
