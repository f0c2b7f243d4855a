#include "core/io/shop.h"

#include <cassert>
#include <string>

#include "core/io/practice_file.h"
#include "core/io/shelf_file.h"
#include "core/io/vehicles_file.h"
#include "core/shipped/shipped.h"

namespace core {

Shop shippedShop()
{
    auto practice = readPractice(std::string(shippedPracticeText()), "practice.json");
    auto shelf = readShelf(std::string(shippedShelfText()), "shelf.csv", practice ? *practice : Practice{});
    auto vehicles = readVehicles(std::string(shippedVehiclesText()), "vehicles.json");
    assert(practice && shelf && shelf->errors.empty() && vehicles);
    return {std::move(*practice), std::move(shelf->shelf), std::move(*vehicles)};
}

}  // namespace core
