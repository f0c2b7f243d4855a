#pragma once

#include "core/judgement/judging.h"

namespace core {

// What covers a driver, what seals it and what holds it.
[[nodiscard]] std::vector<Finding> judgeCoverSwallows(const Judging& judging);    // FIT8
[[nodiscard]] std::vector<Finding> judgeHeavyOnAdhesive(const Judging& judging);  // FIT9
[[nodiscard]] std::vector<Finding> judgeSealMissing(const Judging& judging);      // FIT10
[[nodiscard]] std::vector<Finding> judgeFixingOverload(const Judging& judging);   // FIT13
[[nodiscard]] std::vector<Finding> judgePlasticAnchors(const Judging& judging);   // FIT13

}  // namespace core
