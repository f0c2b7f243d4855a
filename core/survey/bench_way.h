#pragma once

#include <vector>

#include "core/model/evaluation.h"

namespace core {

// What follows one another between two points of a channel's circuit, as it lies on the bench: capacitors, coils of
// wire and resistors first, then the speaker's coils.
struct BenchChain {
    std::vector<Port> parts{};       // in series, from the source on
    std::vector<Port> beside{};      // side by side with them, from the same point to the same one
    std::vector<Port> coils{};       // in series
    std::vector<Port> bridged{};     // parts on the way to these coils that a link goes round
    bool across = false;             // ends at the channel's minus; else goes on to `next`, or hangs loose
    std::vector<BenchChain> next{};  // what begins where it ends
    bool operator==(const BenchChain&) const = default;
};

// The way from a channel to its coils: what follows what, what lies across. Wires and links are points, not parts.
struct BenchWay {
    Port channel{};
    std::vector<BenchChain> chains{};  // from the channel's plus
    std::vector<Port> apart{};         // parts of a bridge between two chains: no row of them shows how they lie
    bool operator==(const BenchWay&) const = default;
};

// requires a channel of the fitout
[[nodiscard]] BenchWay benchWay(const Fitout& fitout, const Port& channel);

// Whether a speaker's coil is in this chain or behind it.
[[nodiscard]] bool feedsCoil(const BenchChain& chain);

}  // namespace core
