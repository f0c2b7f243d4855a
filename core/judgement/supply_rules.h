#pragma once

#include "core/judgement/judging.h"

namespace core {

// LOAD14: an added source without a fuse, one whose cable the fuse does not protect, one whose fuse its load blows.
// source  ISO 8820; ABYC E-11
[[nodiscard]] std::vector<Finding> judgeFuseAndCable(const Judging& judging);

}  // namespace core
