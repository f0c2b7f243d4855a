#pragma once

#include <optional>

#include "core/model/edit.h"

namespace core {

// A measured response of a coil's driver, used from now on where it reaches; its twin's too where it follows, as
// changePlayed has it. Nothing: by the model again. A curve that nothing uses any more goes with the edit.
// requires a coil of that name, and a curve of a response
[[nodiscard]] Edit setResponse(const Plan& plan, StageId stage, const Port& coil, const std::optional<Curve>& curve);

}  // namespace core
