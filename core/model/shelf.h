#pragma once

#include <vector>

#include "core/model/part.h"

namespace core {

// The parts a plan can choose from.
struct Shelf {
    std::vector<Part> drivers{};
    bool operator==(const Shelf&) const = default;
};

}  // namespace core
