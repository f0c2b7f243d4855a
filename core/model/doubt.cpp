#include "core/model/doubt.h"

#include <algorithm>
#include <array>
#include <cassert>

namespace core {

std::span<const DoubtRow> doubts()
{
    static constexpr auto kRows = std::to_array<DoubtRow>({
#define DOUBT(quantity, by, spread, name, ask) {Quantity::quantity, Instrument::by, PracticeKey::spread, name, ask},
#include "core/model/doubts.def"
    });
    return kRows;
}

const DoubtRow& doubtOf(Quantity quantity)
{
    const auto row =
        std::find_if(doubts().begin(), doubts().end(), [&](const DoubtRow& one) { return one.quantity == quantity; });
    assert(row != doubts().end());
    return *row;
}

}  // namespace core
