#pragma once

#include <optional>
#include <vector>

#include "core/limits/verdict.h"

namespace core {

// What one screw may bear where it bites; nothing where nobody knows what that is.
[[nodiscard]] std::optional<PracticeKey> screwHoldKey(Anchor anchor);

// The most that glue alone holds: in the sun less, hanging from it less, and the less the more this use shakes.
struct AdhesiveMost {
    double mass_kg = 0.0;
    PracticeKey key{};  // where the figure starts from
};
[[nodiscard]] AdhesiveMost adhesiveMost(const Body& body, const Place& place, const Practice& practice);

// HeavyOnAdhesive: a driver that is held by glue alone.
[[nodiscard]] std::optional<Verdict> adhesiveLimit(const Body& body, const Place& place, const Mount& mount,
                                                   const DriverFit& fit, const Practice& practice);

// One way to hold a driver, and what it is asked for against what it bears.
struct HeldBy {
    Fixing fixing{};
    bool comesOff = false;      // later, and leaves no trace
    double asked = 0.0, bears = 0.0;  // N on one screw, else kg
    [[nodiscard]] double margin_ratio() const { return bears / asked; }
};
// Those that can be judged. First what bears the margin that practice asks for, of it what comes off before what stays,
// then by its margin.
// requires a completed body
[[nodiscard]] std::vector<HeldBy> waysToHold(const Body& body, const Place& place, const DriverFit& fit,
                                             const Practice& practice);

}  // namespace core
