#pragma once

#include <string>
#include <utility>
#include <vector>

#include "card/job_card.h"

namespace card {

// Steps, wiring and parts as CSV, each with what its file's name ends in: "-steps.csv".
[[nodiscard]] std::vector<std::pair<std::string, std::string>> csvOf(const Job& job);

}  // namespace card
