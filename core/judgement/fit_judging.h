#pragma once

#include "core/judgement/judging.h"
#include "core/limits/fit_limits.h"

namespace core {

// A driver whose place is judged: it was put there, turned or set on a spacer by the plan.
struct PlannedDriver {
    DeviceId id{};
    const Device& device;
    const Part& part;
    const Place& place;
    const Mount& mount;
    const Part* spacer = nullptr;
    const DriverFit& fit;
};

// Those of the goal that were not there before in the same way, without those that only repeat the leading side.
[[nodiscard]] std::vector<PlannedDriver> plannedDrivers(const Judging& judging);

// One length or count of a fit, held against a limit.
struct FitFigure {
    Quantity what{};
    Computed figure{};
    std::optional<double> limit{};
    std::optional<PracticeKey> limitFrom{};
};

// A finding about this driver and its twin; a figure that rests on a class guess makes it "could be", with the measure
// that would settle it first.
[[nodiscard]] Finding fitFinding(const Judging& judging, const PlannedDriver& driver, RuleId rule, Severity severity,
                                 const FitFigure& figure);
[[nodiscard]] Finding fitFinding(const Judging& judging, const PlannedDriver& driver, const Verdict& verdict);

// This driver and its twin that follows.
[[nodiscard]] std::vector<Subject> bothSides(const Judging& judging, DeviceId device);

// What a ruler would settle, asked at this driver.
[[nodiscard]] Mend measureMend(DeviceId device, StageId stage, Quantity what);
[[nodiscard]] Mend spacerMend(const Judging& judging, const PlannedDriver& driver, double thickness_m);

}  // namespace core
