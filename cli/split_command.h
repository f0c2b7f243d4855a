#pragma once

#include <optional>
#include <string>
#include <vector>

namespace cli {

struct SplitRequest {
    std::string plan{};
    std::string tweeter{};             // the driver that takes over, such as d13; none: every one of a leading side
    std::vector<std::string> seats{};  // whose ears; none: the first listener's
    std::optional<double> slope_db{};  // of the target, an octave; nothing: the plan's own, or flat
    std::string target{};              // a curve file that becomes the plan's own
    std::string output{};              // where to write the plan with an answer in it
    std::string answer = "even";       // which: even, fewest, standing
    bool json = false;
};

// Three crossovers that differ in kind for each tweeter that takes over from a woofer of its channel.
int findSplits(const SplitRequest& request);

}  // namespace cli
