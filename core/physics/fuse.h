#pragma once

#include <span>
#include <string>

#include "core/base/outcome.h"

namespace core {

struct FuseTask {
    double load_a = 0.0;
    double factor = 1.25;     // 1.0 where the load is the sum of on-board fuses, which carry the margin already
    double ampacity_a = 0.0;  // of the cable that the fuse protects
};

// The smallest standard value that carries the load and still protects the cable: k I_load <= I_fuse <= ampacity.
// standard_a  rising
// errors  CableTooSmall (the fuse needed exceeds the cable; found is the fuse), OutOfDomain (load not > 0; no standard
//         value is large enough)
// source  ISO 8820; ABYC E-11
[[nodiscard]] Outcome<double> fuse_a(const FuseTask& task, std::span<const double> standard_a);

}  // namespace core
