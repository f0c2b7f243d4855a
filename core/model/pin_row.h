#pragma once

#include <string>

#include "core/model/quantity.h"

namespace core {

// One pin of a source: what it carries, where it is found, and how that is known.
struct PinRow {
    std::string terminal{};  // "FL+"
    std::string plug{};
    std::string number{};  // on the plug
    std::string colour{};  // of the wire that leaves it
    Basis known{Origin::ClassGuess};
    bool operator==(const PinRow&) const = default;
};

}  // namespace core
