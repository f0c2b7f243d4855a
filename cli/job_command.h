#pragma once

#include <string>

namespace cli {

struct JobRequest {
    std::string plan{};
    std::string output{};  // of --pdf and --csv
    bool pdf = false, csv = false, letter = false, json = false;
};
// The job card of a plan: printed, or written as the window writes it.
int writeJob(const JobRequest& request);

}  // namespace cli
