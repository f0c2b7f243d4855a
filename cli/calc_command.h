#pragma once

#include <string>
#include <vector>

namespace cli {

// `calc`: without a model the list of all; with one, runs it on name=value pairs and a JSON file of inputs. A value
// @file is the text of that file. Prints JSON, or the list as text unless `json`. Returns 0, or 2 on an error.
struct CalcRequest {
    std::string model{};  // plain name or section
    std::vector<std::string> inputs{};
    std::string file{};                 // JSON object of inputs; empty: none
    std::vector<std::string> spread{};  // name=relative uncertainty
    bool json = false;
};
int calc(const CalcRequest& request);

}  // namespace cli
