#pragma once

#include <string>
#include <vector>

#include "core/model/plan.h"

namespace core {

struct Problem {
    std::string where{};  // JSON pointer
    std::string message{};
    bool operator==(const Problem&) const = default;
};

// What makes a plan impossible, as against unwise. Empty: resolve, evaluate and judge are total for it,
// as long as its own practice keeps to the ranges of the shop's (see practice.h); readers hold it to both.
[[nodiscard]] std::vector<Problem> validate(const Plan& plan);

}  // namespace core
