#pragma once

#include <optional>
#include <string>

#include "core/model/computed.h"
#include "core/model/part.h"
#include "core/practice/practice.h"

namespace core {

// Where an ohmmeter's reading of a coil lies, leads taken off, if its stated nominal impedance is right: the wide
// window of nominal values and a little more. Nothing where nobody stated one.
[[nodiscard]] std::optional<Range> expectedOhms(const Part& part, const std::string& element, const Practice& practice);

}  // namespace core
