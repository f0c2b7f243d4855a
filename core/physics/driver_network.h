#pragma once

#include <optional>
#include <string>

#include "core/physics/driver.h"
#include "core/physics/driver_box.h"
#include "core/physics/network.h"

namespace core {

// Adds a driver between two nodes as elements of the network: Re, Le and, where it has one, L2 with R2 across it in
// series with Res, Cmes and Lces in parallel; a box adds its chain across those. A semi-inductance has no such
// elements. requires loss.k == 0
void addDriver(Network& network, const std::string& name, int plus, int minus, const DriverParameters& driver,
               const std::optional<Box>& box = {}, const CoilLoss& loss = {});

}  // namespace core
