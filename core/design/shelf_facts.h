#pragma once

#include <optional>

#include "core/model/shelf.h"

namespace core {

// How little one figure of a shelf's drivers tells of another: Pearson's r over those that state both.
struct ShelfCorrelation {
    double r = 0.0;
    int drivers = 0;
};
// Nothing under three drivers, or where one figure is the same for all.
[[nodiscard]] std::optional<ShelfCorrelation> correlation(const Shelf& shelf, Quantity a, Quantity b);

// The article of the shelf that a made capacitor is bought as: of its value within 2 %, the cheapest. Nothing for
// another part, or where the shelf has none.
[[nodiscard]] const Part* articleFor(const Part& made, const Shelf& shelf);

}  // namespace core
