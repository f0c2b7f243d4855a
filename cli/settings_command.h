#pragma once

#include <string>

namespace cli {

struct SettingsRequest {
    std::string plan{};
    bool csv = false;  // what it is without json
    bool json = false;
};

// What is typed into whatever processor is there, a row a channel: as CSV, or as JSON with units.
int printSettings(const SettingsRequest& request);

}  // namespace cli
