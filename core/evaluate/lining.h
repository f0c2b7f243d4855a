#pragma once

#include <array>
#include <optional>
#include <vector>

#include "core/model/evaluation.h"

namespace core {

// What is laid on the metal behind a place: how much of it there is, what it weighs, what it keeps out.

inline constexpr std::array kLinings{AlterationKind::Mat, AlterationKind::Decoupler, AlterationKind::Barrier};
[[nodiscard]] bool isLining(AlterationKind what);
// What the shelf has for it.      requires isLining(what)
[[nodiscard]] PartKind materialOf(AlterationKind what);

// Whether there is anything behind such a place that could be covered.
[[nodiscard]] bool hasSkin(PlaceKind kind);

struct Skin {
    double whole_m2 = 0.0;
    double free_m2 = 0.0;  // without what is kept clear
    double mass_kg_m2 = 0.0;
    bool measured = false;  // else its area is that of its kind
};
// As it was measured, else by the kind of place.
[[nodiscard]] Skin skinOf(const Place& place, const Practice& practice);

struct Lining {
    AlterationKind what{};
    PartId material{};
    double covered_m2 = 0.0;
    int layers = 1;
    double share = 0.0;  // of the whole skin
    double mass_kg = 0.0;
    double gain_db = 0.0;  // of what lies on it by itself
};
struct LiningAt {
    Skin skin{};
    std::vector<Lining> linings{};  // in the order they go on
    double mass_kg = 0.0;
    double gain_db = 0.0;  // of all together, by mean mass; damping is not in it
};
[[nodiscard]] LiningAt liningAt(const Fitout& fitout, PlaceId place, const Practice& practice);

// Sheets to buy for so much area, offcuts included.      requires covered_m2 >= 0
[[nodiscard]] int sheetsFor(const Part& material, double covered_m2, const Practice& practice);

}  // namespace core
