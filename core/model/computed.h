#pragma once

#include <optional>

#include "core/model/quantity.h"
#include "core/model/spread.h"

namespace core {

struct Computed {
    double value = 0.0;
    Origin worst = Origin::Measured;  // the worst origin of what it rests on
    std::optional<Range> could{};     // where it can lie, once that is known
    bool operator==(const Computed&) const = default;
};

}  // namespace core
