#pragma once

#include <map>
#include <optional>
#include <vector>

#include "core/model/vehicle.h"

namespace core {

// How a model was ordered, as far as its sound goes. Unknown is a state of its own: a plan may rest on it.
enum class Variant { Unknown, Plain, Amplified, AmplifiedWithBass };

// What the signs that were looked for say. The tree is short, and each question can be answered by eye, by ear or with
// an ohmmeter before anything is ordered.
struct VariantReading {
    Variant variant = Variant::Unknown;
    std::optional<VariantSign> because{};  // the sign that decided
    std::optional<VariantSign> ask{};      // the next one that tells most; nothing once it is decided
    std::vector<VariantSign> unlike{};     // signs that differ from the vehicle the sheet was made from
};
[[nodiscard]] VariantReading readVariant(const Body& body);

}  // namespace core
