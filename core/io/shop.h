#pragma once

#include "core/model/shelf.h"
#include "core/practice/practice.h"

namespace core {

// What a shop brings to every plan.
struct Shop {
    Practice practice{};
    Shelf shelf{};
};

// As it ships. requires the files of data/ to be in order, which a test checks
[[nodiscard]] Shop shippedShop();

}  // namespace core
