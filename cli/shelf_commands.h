#pragma once

#include <string>

namespace cli {

// A shelf file read: what is on it, and each line that is wrong. Exit 0 all good, 1 some lines are not, 2 unreadable.
int checkShelf(const std::string& path, bool json);

struct RankRequest {
    std::string plan{};
    std::string device{};  // such as d12
    std::string shelf{};   // a CSV file; empty: the one that ships
    int count = 0;         // so many of the best; 0: all
    bool noCutting = false;
    bool otherKinds = false;  // also what cannot do the place's work
    bool json = false;
};
// Every driver of the shelf in one role, best first, with the reason for each lost point.
int rankForPlace(const RankRequest& request);

}  // namespace cli
