#pragma once

#include <string>
#include <vector>

namespace cli {

struct BandsRequest {
    std::string plan{};
    std::vector<std::string> seats{};  // one: whose ears; none: the first listener's
    bool json = false;
};
// Who plays what: each driver's band, gaps, overlaps, doubled filters, what a subwoofer relieves.
int printBands(const BandsRequest& request);

}  // namespace cli
