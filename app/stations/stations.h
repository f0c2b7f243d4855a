#pragma once

#include <vector>

#include "app/stations/station.h"

namespace app {

class Theme;
class Workbench;

// A stop on the path from the first look to the last: a station, or the name of one that is not built yet.
struct Stop {
    Station* station = nullptr;
    QString notYet{};
};
// In the order of the path; who calls owns them.
[[nodiscard]] std::vector<Stop> makeStations(const Theme& theme, Workbench& bench);

}  // namespace app
