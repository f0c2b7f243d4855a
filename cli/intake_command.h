#pragma once

#include <string>

namespace cli {

struct IntakeRequest {
    std::string file{};
    std::string plan{};    // that takes it in; empty: the shelf does
    std::string as{};      // a key of core::importers(); empty: by its ending and first line
    std::string onto{};    // the device it goes onto, such as d10
    std::string output{};  // the plan, or the shelf with its parts
    bool json = false;
};
// Exit 0 all of it was taken, 1 some lines were left out, 2 nothing could be.
int takeIn(const IntakeRequest& request);

}  // namespace cli
