#pragma once

#include <string>
#include <vector>

namespace cli {

struct SolverRequest {
    std::string plan{};                // the .reed file
    std::string device{};              // of spots: such as d12
    std::vector<std::string> seats{};  // driver, frontPassenger; none: the first listener, of spots all
    std::string output{};              // where the plan with the answer in it goes; empty: nowhere
    int count = 2000;                  // of spots
    bool json = false;
};

// Each prints its answer and returns the exit code: 0 done, 2 the plan could not be read or asks for nothing.
int alignPlan(const SolverRequest& request);
int mapPlanSpots(const SolverRequest& request);
int listSurfaces(const SolverRequest& request);
int writeTemplate(const SolverRequest& request);  // of a driver's hole, to its output: an .svg or a .pdf

}  // namespace cli
