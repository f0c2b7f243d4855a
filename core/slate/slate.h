#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/base/warning.h"
#include "core/calc/calc_value.h"
#include "core/practice/practice.h"
#include "core/slate/quantity_text.h"

namespace core {

enum class SlateKind {
    CapacitorCorner,
    CapacitorForCorner,
    PowerIntoLoad,
    VoltageIntoLoad,
    SeriesParallel,
    SeveralCoils,
    Conversion,
    Named,  // a line that names its calculation
    Help    // the table of those, by an example each
};

enum class SlateFigure {
    Corner_hz,
    Capacitance_f,
    PreferredE6_f,
    PreferredE12_f,
    PreferredE24_f,
    Voltage_v,
    Current_a,
    Power_w,
    Load_ohm,
    SeriesLoad_ohm,
    ParallelLoad_ohm,
    SeriesAllowed,
    ParallelAllowed,
    Value
};

struct SlateResult {
    SlateFigure figure{};
    double value = 0.0;  // SI; Allowed: 1 or 0
    bool operator==(const SlateResult&) const = default;
};

// What a named calculation gave.
struct NamedResult {
    std::string model{};                                         // calc name
    std::string formula{};                                       // in letters
    std::vector<std::string> symbols{};                          // of the typed quantities, as the formula has them
    std::vector<std::pair<std::string, TypedQuantity>> usual{};  // values taken because none was typed, by symbol
    std::vector<std::pair<std::string, CalcValue>> results{};    // the answer first; names end in their units
    std::vector<Warning> warnings{};
    bool operator==(const NamedResult&) const = default;
};

// What Slate made of a line: what was asked, with which quantities, and what came out. Its words live elsewhere.
struct SlateAnswer {
    SlateKind kind{};
    std::string text{};                   // as typed
    std::vector<TypedQuantity> inputs{};  // in the order of the formula
    std::vector<SlateResult> results{};
    NamedResult named{};  // of kind Named only
    bool operator==(const SlateAnswer&) const = default;
};

// A line that begins with a name runs that calculation: `pad 3 dB 4 ohm`, `fuse 60 A cable 160 A anl` (named_line.h has
// the table). Others go by their quantities: `68 uF 4 ohm`, `390 Hz 4 ohm`, `50 W 4 ohm`, `14.1 V 4 ohm`, `4 ohm + 8
// ohm`, `4 ohm || 2 ohm + 4 ohm`, `3x4 ohm min 2`, or one quantity alone, which is shown in its other units. || binds
// tighter than +, brackets are understood.
[[nodiscard]] Result<SlateAnswer> slate(std::string_view text, const Practice& practice);

}  // namespace core
