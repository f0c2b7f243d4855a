#pragma once

#include <string>

#include "cli/results_json.h"
#include "core/base/result.h"
#include "core/model/plan.h"

namespace cli {

inline constexpr int kDone = 0, kStopStands = 1, kUnreadable = 2;

// One line for people, and as JSON for programs; the exit code.
int report(const core::InputError& error, bool json);
void print(const Json& json);
// A plan written to a new file, and its name printed.
int writeTo(const core::Plan& plan, const std::string& output, bool json);

}  // namespace cli
