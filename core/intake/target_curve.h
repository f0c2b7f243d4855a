#pragma once

#include <string>
#include <string_view>

#include "core/base/result.h"
#include "core/model/edit.h"

namespace core {

// A curve file as what the sum is to come near (setTarget); its level counts for nothing, only its shape does.
// errors  as readCurveFile; fewer than two points, or such as no plan holds
[[nodiscard]] Result<Edit> takeTarget(const Plan& plan, std::string_view text, const std::string& file);

}  // namespace core
