#pragma once

#include <optional>
#include <vector>

#include "core/model/evaluation.h"
#include "core/model/linings.h"

namespace core {

// What is laid on the metal behind a place: how much of it there is, what it weighs, what it keeps out.

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
    double sheet_kg_m2 = 0.0;
    double share = 0.0;  // of the whole skin, in all layers
    double mass_kg = 0.0;
};
struct LiningAt {
    Skin skin{};
    std::vector<Lining> linings{};  // in the order they go on
    double mass_kg = 0.0;
    double gain_db = 0.0;  // of all together, by mean mass; damping is not in it
};
[[nodiscard]] LiningAt liningAt(const Fitout& fitout, PlaceId place, const Practice& practice);

// Something to be laid: so much of it in each of its layers.
struct LiningWanted {
    Part material{};
    double covered_m2 = 0.0;
    int layers = 1;
};
// So much of the skin, as far as it is free; what is more than all of it goes into a second layer.
// requires 0 < share <= 2
[[nodiscard]] LiningWanted coverOf(const Skin& skin, const Part& material, double share);
// Of the skin, as people begin: some of it with a damper, all that is free with anything else.
[[nodiscard]] double usualCover(AlterationKind what, const Practice& practice);
// As it lies there; nothing where there is none, or nobody said of what.
[[nodiscard]] std::optional<LiningWanted> liningThere(const Fitout& fitout, PlaceId place, AlterationKind what,
                                                      const Practice& practice);

// Sheets to buy for so much area, offcuts included.      requires covered_m2 >= 0
[[nodiscard]] int sheetsFor(const Part& material, double covered_m2, const Practice& practice);

}  // namespace core
