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

}  // namespace core
