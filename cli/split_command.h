#pragma once

#include <string>
#include <vector>

namespace cli {

struct SplitRequest {
    std::string plan{};
    std::string tweeter{};             // the driver that takes over, such as d13; none: every one of a leading side
    std::vector<std::string> seats{};  // whose ears; none: the first listener's
    double slope_db = 0.0;             // of the target, an octave
    std::string output{};              // where to write the plan with an answer in it
    std::string answer = "even";       // which: even, fewest, standing
    bool json = false;
};

// Three crossovers that differ in kind for each tweeter that takes over from a woofer of its channel.
int findSplits(const SplitRequest& request);

}  // namespace cli
