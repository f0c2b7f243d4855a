#pragma once

#include <map>
#include <optional>
#include <span>
#include <string>
#include <string_view>

#include "core/base/id.h"

namespace core {

// What a figure is a figure of; quantities.def has a row for each.
enum class Quantity {
#define QUANTITY(name, key, unit, least, greatest, label) name,
#include "core/model/quantities.def"
};

struct QuantityRow {
    Quantity quantity{};
    std::string_view key;   // as in files: "re_ohm"
    std::string_view unit;  // SI; empty for a ratio or a count
    double least = 0.0;
    double greatest = 0.0;
    bool whole = false;      // a count, an order, a yes or a no
    std::string_view label;  // in English, for whoever puts it into words
};

[[nodiscard]] std::span<const QuantityRow> quantities();
[[nodiscard]] const QuantityRow& row(Quantity quantity);
[[nodiscard]] std::optional<Quantity> quantityFromKey(std::string_view key);
// Within its range, and whole where it is a count. Not a number is not.
[[nodiscard]] bool allows(Quantity quantity, double value);
[[nodiscard]] std::string allowedText(Quantity quantity);  // "allowed 0.05 to 1000 ohm"

// How a figure is known, best first. A computed figure carries the worst origin of its inputs.
enum class Origin { Measured, Stated, CommonPractice, ClassGuess };

struct Basis {
    Origin origin = Origin::Stated;
    bool toConfirm = false;
    ReadingId reading{};  // the reading that settled it, if one did
    bool operator==(const Basis&) const = default;
};

struct Known {
    double value = 0.0;  // SI, in the unit of its quantity
    Basis basis{};
    double spread = 0.0;  // relative; 0: what Practice says for this origin
    bool operator==(const Known&) const = default;
};

// A quantity that is absent is unknown, which is legal everywhere.
using Figures = std::map<Quantity, Known>;

[[nodiscard]] std::optional<double> valueOf(const Figures& figures, Quantity quantity);
// From now on it is this; nothing: nobody knows it.
void put(Figures& figures, Quantity quantity, const std::optional<Known>& known);

}  // namespace core
