#pragma once

#include "core/physics/driver.h"

namespace core {

// Identical drivers working as one.
//   side by side  Sd, Vas, Mms x n, fs and Q unchanged; in series Re x n, Bl x n; in parallel Re / n
//   isobaric      pairs of one cone behind another: each pair has the area of one, Mms x 2, Cms / 2, so Vas / 2
// source  Small (1972); H. F. Olson, "Acoustical Engineering" (1957)
enum class CoilWiring { Parallel, Series };

struct DriverGroup {
    int cones = 1;          // radiating areas: an isobaric pair counts once
    bool isobaric = false;  // each area is a pair
    CoilWiring wiring = CoilWiring::Parallel;
    [[nodiscard]] int coils() const { return cones * (isobaric ? 2 : 1); }
};

// The one driver that behaves as the group.      requires cones >= 1
[[nodiscard]] DriverParameters groupAsOne(const DriverParameters& one, const DriverGroup& group);

// 20 log n + 20 log(V_coil / V), re one driver at the same source voltage.
[[nodiscard]] double groupLevel_db(const DriverGroup& group);

}  // namespace core
