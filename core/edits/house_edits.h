#pragma once

#include <map>

#include "core/model/edit.h"
#include "core/practice/practice.h"

namespace core {

// The plan follows these schools; what is the usual one is not kept, and what is no school is passed over.
// chosen  house rules and the rank of a choice
// shipped  practice as it comes, without the plan's own
[[nodiscard]] Edit followSchools(const Plan& plan, const std::map<PracticeKey, size_t>& chosen,
                                 const Practice& shipped);

}  // namespace core
