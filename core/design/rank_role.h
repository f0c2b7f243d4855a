#pragma once

#include <array>

#include "core/evaluate/grid_tables.h"
#include "core/fitout/driver_work.h"
#include "core/model/evaluation.h"
#include "core/model/shelf.h"

namespace core {

// All that is the same for every candidate.
struct RankRole {
    const Practice& practice;
    const Shelf& shelf;
    GridTables tables;  // of every fourth frequency
    const StageResult& goal;
    const StageResult& found;
    DeviceId device{};
    const Place* place = nullptr;
    Mount mount{};
    const Part* spacer = nullptr;
    std::vector<const Alteration*> alterations{};
    const RunResult* run = nullptr;     // at the goal
    const RunResult* before = nullptr;  // as found
    bool factorySource = false, minimumGuessed = false;
    double least_ohm = 0.0;  // stable minimum of the channel
    std::array<double, kBandCount> bandsBefore_db{};
    DriverWork work = DriverWork::FullRange;
    std::string factoryPlug{};
    double dearest = 0.0, heaviest_kg = 0.0;
    std::string fittedKey{};
    std::optional<Known> usualHole{};  // what the driver that stood there tells of it
    bool noCutting = false;
    bool stood = false;                // the part of the goal is the one that was found, mounted as it was
    Origin plugSeen = Origin::Stated;  // how what the vehicle has there is known
    Eigen::ArrayXcd loadBefore_ohm{};  // of the channel as found, of every fourth frequency
    Known reBefore{};                  // at the leads of what was found
    Eigen::ArrayXcd transferBefore{};  // of the run as found, the same
    Body body{};
    Figures output{};  // of the channel that plays it
};

[[nodiscard]] RankRole rankRole(const Plan& plan, const Shelf& shelf, DeviceId device, const Evaluation& last);

// Enough to rank by: figures within half a per cent of the plan's own, at a fourth of the work.
template <class Array>
Array everyFourth(const Array& values)
{
    constexpr Eigen::Index kStep = 4;
    Array fewer((values.size() + kStep - 1) / kStep);
    for (Eigen::Index i = 0; i < fewer.size(); ++i) fewer(i) = values(kStep * i);
    return fewer;
}

// On axis, all that a device plays together: a coaxial's cone and its tweeter.
[[nodiscard]] Eigen::ArrayXcd soundOf(const std::vector<RunResult>& runs, DeviceId device);

}  // namespace core
