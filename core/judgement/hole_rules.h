#pragma once

#include "core/judgement/judging.h"

namespace core {

// The opening, and the screws round it.
[[nodiscard]] std::vector<Finding> judgeCutoutAndRing(const Judging& judging);       // FIT3
[[nodiscard]] std::vector<Finding> judgeHoleUnknown(const Judging& judging);         // FIT3
[[nodiscard]] std::vector<Finding> judgeDomeTakenForHole(const Judging& judging);    // FIT4
[[nodiscard]] std::vector<Finding> judgeScrewHoles(const Judging& judging);          // FIT5
[[nodiscard]] std::vector<Finding> judgeScrewOutsideFlange(const Judging& judging);  // FIT5

}  // namespace core
