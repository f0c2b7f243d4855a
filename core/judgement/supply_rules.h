#pragma once

#include "core/judgement/judging.h"

namespace core {

// LOAD14, of amplifiers that the plan adds: none without a fuse, none whose fuse is over what its cable carries, under
// the load, or of whose cable nobody said anything. A radio has the vehicle's own fused feed.
// source  ISO 8820; ABYC E-11
[[nodiscard]] std::vector<Finding> judgeFuseAndCable(const Judging& judging);

}  // namespace core
