#pragma once

#include <optional>

#include "core/evaluate/supply.h"
#include "core/model/edit.h"

namespace core {

// The fuse near the battery from which a source's supply cable comes; nothing: it goes, with its cable,
// here and at the stages made on this one.
// requires a source and, if any, a part of kind Fuse
[[nodiscard]] Edit setFuse(const Plan& plan, StageId stage, DeviceId source, const Part* fuse);

// The cable from the fuse to the source: its cross-section, or its length; nothing: nobody knows.
// requires what to be Area_m2 or Length_m; without a fuse nothing changes
[[nodiscard]] Edit noteSupplyCable(const Plan& plan, StageId stage, DeviceId source, Quantity what,
                                   const std::optional<Known>& value);

// Both as planned: a fuse of this value, and a cable of this cross-section where one is named.
[[nodiscard]] Edit planSupply(const Plan& plan, DeviceId source, double fuse_a, std::optional<double> area_m2);

// The fuse that what is known of a source's supply asks for, and a cable for it where nobody named one; nothing where
// nobody knows what it draws.
[[nodiscard]] std::optional<Edit> usualSupply(const Plan& plan, DeviceId source, const Supply& supply,
                                              const Practice& practice);

}  // namespace core
