#pragma once

#include <iosfwd>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/base/warning.h"
#include "core/physics/network.h"

namespace core {

struct Netlist {
    std::string title{};
    std::vector<std::string> comments{};  // lines of their own, without the star
    Network network{};
    std::vector<Warning> warnings{};  // such as "line 7: 1F is femto, 1e-15"
    bool operator==(const Netlist&) const = default;
};

// The part of the circuit simulators' public netlist convention that linear networks need: R, L, C, V, I, E and G, one
// a line; the first line is the title, * begins a comment, ; ends a line, + continues one; case does not matter; node 0
// or gnd is ground; numbers with t g meg k m u n p f and mil, letters after them ignored. `.ac` and `.options` are
// passed over, `.end` ends; everything else is refused. A source's direct voltage is read and left out of the network.
// At most 2000 elements.
// errors  line and what was expected: an unknown kind or card, a missing or extra field, a bad number, a duplicate
//         name, no ground
[[nodiscard]] Result<Netlist> readNetlist(std::string_view text, const std::string& file);

// The same back: title, comments, one element a line, values as the shortest text that reads back equal,
// `.ac dec 160 20 20k` (the 481 points of the grid), `.end`. A network without a source gets `V1` of one volt between
// its first node and ground.
void writeNetlist(std::ostream& out, const Netlist& netlist);

}  // namespace core
