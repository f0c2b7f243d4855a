#pragma once

#include <string>
#include <vector>

#include "core/physics/network.h"

// The reference networks of tests/data/n1.cir to n5.cir and the values printed for them in
// tests/reference/networks.csv.
namespace tests {

struct NetworkRow {
    std::string network{}, node{};
    double frequency_hz = 0.0, level_db = 0.0, phase_deg = 0.0, input_ohm = 0.0;
};
inline void PrintTo(const NetworkRow& row, std::ostream* out)
{
    *out << row.network << " V(" << row.node << ") at " << row.frequency_hz << " Hz";
}

[[nodiscard]] std::vector<NetworkRow> networkRows();
[[nodiscard]] core::Network referenceNetwork(const std::string& name);
[[nodiscard]] int nodeOf(const core::Network& network, const std::string& name);

}  // namespace tests
