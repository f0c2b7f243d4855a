#pragma once

#include <string>
#include <utility>
#include <vector>

#include "card/job_card.h"

namespace card {

// What is typed into a processor, a row a channel, as CSV.
[[nodiscard]] std::string settingsCsv(const core::StageResult& stage);

// Steps, wiring, parts and, where there are any, spots, labels, what is made and settings as CSV, each with what its
// file's name ends in: "-steps.csv".
[[nodiscard]] std::vector<std::pair<std::string, std::string>> csvOf(const Job& job);

}  // namespace card
