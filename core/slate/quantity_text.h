#pragma once

#include <optional>
#include <string>
#include <string_view>

#include "core/base/result.h"
#include "core/base/unit.h"

namespace core {

// A quantity as people write it, in SI: a gauge stays its number (0 for 1/0, -1 for 2/0).
struct TypedQuantity {
    double value = 0.0;
    Dimension dimension = Dimension::Number;
    bool operator==(const TypedQuantity&) const = default;
};

// Understands 5 5/8 in, 143 mm, 2k2, 4R7, 0R33, 0.1 mF, 47 MFD, 16 ga, 1/0 awg, a decimal comma and k, u, m, M, n, p
// before a unit. `1,200` is asked about, never guessed. With `expected`, a bare number takes that dimension's usual
// unit (ohm, uF, W, Hz, mm) and another dimension is refused; on a capacitor 47/50 is 47 uF, 50 V.
[[nodiscard]] Result<TypedQuantity> parseQuantity(std::string_view text,
                                                  std::optional<Dimension> expected = std::nullopt);

// Reads one quantity from the front of `text` and cuts it off.
[[nodiscard]] Result<TypedQuantity> scanQuantity(std::string_view& text);

}  // namespace core
