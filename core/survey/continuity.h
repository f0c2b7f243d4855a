#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/model/evaluation.h"

namespace core {

enum class Continuity { NotRead, AsExpected, Open, Short, Other };

// One channel, checked with an ohmmeter at the source's end before anything is ordered: one reading proves both wires
// and every coil between them.
struct ContinuityRow {
    Port channel{};
    Pin plus{}, minus{};  // of the source; its plug is off
    std::string plusColour{}, minusColour{};
    std::vector<Port> coils{};             // what the reading goes through
    std::optional<double> expected_ohm{};  // nothing: no direct current flows, a capacitor lies between
    Origin worst = Origin::Measured;       // of what is expected
    ReadingId reading{};                   // the last one at this channel
    std::optional<double> read_ohm{};      // with the leads taken off
    Continuity verdict = Continuity::NotRead;
};

// Every channel of a stage that something hangs on.
[[nodiscard]] std::vector<ContinuityRow> continuityList(const Plan& plan, StageId at, const StageResult& stage,
                                                        const Practice& practice);

}  // namespace core
