#pragma once

#include <string>

#include "cli/plan_input.h"
#include "core/model/wiring.h"

namespace cli {

struct SettingsRequest {
    std::string plan{};
    bool csv = false;  // what it is without json
    bool json = false;
};

[[nodiscard]] Json settingJson(const core::Setting& setting);

// What is typed into whatever processor is there, a row a channel: as CSV, or as JSON with units.
int printSettings(const SettingsRequest& request);

}  // namespace cli
