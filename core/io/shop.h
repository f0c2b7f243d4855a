#pragma once

#include "core/model/shelf.h"
#include "core/model/usual_vehicle.h"
#include "core/practice/practice.h"

namespace core {

// What a shop brings to every plan.
struct Shop {
    Practice practice{};
    Shelf shelf{};
    UsualVehicles vehicles{};
};

// As it ships. requires the files of data/ to be in order, which a test checks
[[nodiscard]] Shop shippedShop();

}  // namespace core
