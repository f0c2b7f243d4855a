#pragma once

#include <string>

namespace cli {

// Each prints its answer and returns the exit code: 0 done, 2 something asked for is not there or cannot be read.

// An empty job on a vehicle of this kind ("estate"), written to `output`.
int newPlanOf(const std::string& kind, const std::string& output, bool json);
// Every driver and empty place of what was found: channel, colours, band, and what nobody has said yet.
int printContinuity(const std::string& path, bool json);
int printPins(const std::string& path, const std::string& device, bool json);
int printInventory(const std::string& path, bool json);
// What would help against a complaint ("dull") at one seat, each by itself.
int printRemedies(const std::string& path, const std::string& complaint, const std::string& seat, bool json);

}  // namespace cli
