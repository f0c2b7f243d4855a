#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/physics/driver.h"
#include "core/physics/driver_box.h"
#include "core/physics/network.h"

namespace core {

// Adds a driver between two nodes as elements of the network: Re, Le and, where it has one, L2 with R2 across it in
// series with Res, Cmes and Lces in parallel; a box adds its chain across those. A semi-inductance has no such
// elements. requires loss.k == 0
void addDriver(Network& network, const std::string& name, int plus, int minus, const DriverParameters& driver,
               const std::optional<Box>& box = {}, const CoilLoss& loss = {});

// One of the coils that move a cone, between two nodes.
struct ConeCoil {
    std::string name{};
    int plus = 0, minus = 0;
    double re_ohm = 0.0;  // its own
    double sign = 1.0;    // -1: made the other way round than its cone
};

// Adds a cone with several coils: one motional branch that carries the sum of all their currents, its voltage in series
// with each of them.
//   V_i = Re_i I_i + jw (1 - kappa) Le I_i + s_i (jw kappa Le + Zm) sum_k s_k I_k
// cone      all its coils in parallel (driverParameters): Le = n le / (1 + (n - 1) kappa), Zm at re = Re_c / n
// coupling  kappa, 0 to 1
// returns   for each coil the place of its resistor among the network's elements
// source    superposition of forces; R. H. Small, "Direct-radiator loudspeaker system analysis" (1972)
std::vector<size_t> addCone(Network& network, const std::string& name, const std::vector<ConeCoil>& coils,
                            const DriverParameters& cone, double coupling, const std::optional<Box>& box = {});

}  // namespace core
