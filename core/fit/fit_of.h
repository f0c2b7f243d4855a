#pragma once

#include "core/fit/fit_question.h"
#include "core/model/evaluation.h"

namespace core {

[[nodiscard]] DriverFit fitOf(const FitQuestion& question, const Practice& practice);

using DriverFits = std::map<DeviceId, std::shared_ptr<const DriverFit>>;
// Every driver of a fitout that has a place. known: stages made by the same practice; what one of them has alike is
// taken over.
[[nodiscard]] DriverFits fitsOf(const Fitout& fitout, const Practice& practice,
                                const std::vector<const StageResult*>& known = {});

}  // namespace core
