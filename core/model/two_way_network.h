#pragma once

#include <optional>
#include <string>

#include "core/model/part.h"

namespace core {

// The parts of a two-way network from its input on. Nothing: what lies in series is a link, what lies across is not
// there.
struct TwoWayParts {
    std::optional<double> wooferCoil_h{}, wooferShunt_f{};
    std::optional<double> tweeterSeries_f{}, tweeterShunt_h{}, tweeterPad_ohm{};
    bool operator==(const TwoWayParts&) const = default;
};
[[nodiscard]] int countOf(const TwoWayParts& parts);

// What a network is called that is made for a job.
inline constexpr const char* kNetworkToBeMade = "network to be made";

// From in to w, the woofer, and t, the tweeter, each with its plus and minus.
[[nodiscard]] Part twoWayNetwork(const TwoWayParts& parts, const std::string& name);

}  // namespace core
