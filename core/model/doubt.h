#pragma once

#include <span>
#include <string_view>

#include "core/model/address.h"
#include "core/practice/practice_key.h"

namespace core {

// A quantity that results lean on and nobody may have measured; doubts.def has a row for each.
struct DoubtRow {
    Quantity quantity{};
    Instrument by{};            // what settles it
    PracticeKey classSpread{};  // how far a class guess of it may be off
    std::string_view name{};    // in English, for whoever puts it into words
    std::string_view ask{};     // what is to be done, %1 for whose it is
};

[[nodiscard]] std::span<const DoubtRow> doubts();
// requires one of doubts()
[[nodiscard]] const DoubtRow& doubtOf(Quantity quantity);

}  // namespace core
