#pragma once

#include <optional>

#include "core/fit/fit_of.h"
#include "core/physics/closed_box.h"

namespace core {

// A driver in the small air of a pod or an enclosed place, with its strip and without: what the strip is there for.
struct PodSeal {
    ClosedBox tight{}, leaking{};
    double lost_db = 0.0;  // at the resonance, through the leak
    Origin worst = Origin::Measured;
};

// Nothing where the place has no air of its own that anybody measured.
// Q_mc of the tight pod is the driver's own, Qms sqrt(1 + Vas/Vb); a leak of QL beside it: 1/Q = 1/Q_mc + 1/QL.
// source  R. H. Small, "Closed-box loudspeaker systems", J. Audio Eng. Soc. 20-21 (1972-73)
[[nodiscard]] std::optional<PodSeal> podSeal(const RunResult& run, const Place& place, const Practice& practice);

}  // namespace core
