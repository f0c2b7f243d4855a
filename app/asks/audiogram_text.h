#pragma once

#include <QString>
#include <optional>
#include <vector>

#include "core/model/curve.h"

namespace app {

// An audiogram as a line of six numbers, one for each frequency of core::kAudiogram_hz. Nothing for anything else.
[[nodiscard]] std::optional<std::vector<double>> audiogramFromText(const QString& text);
[[nodiscard]] QString audiogramText(const core::Curve& audiogram);

}  // namespace app
