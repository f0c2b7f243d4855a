#pragma once

#include <optional>
#include <vector>

#include "core/model/evaluation.h"
#include "core/physics/preferred_values.h"

namespace core {

// The values to buy that put a series capacitor's corner where it was.
struct RestoringCapacitor {
    double exact_f = 0.0;
    double e6_f = 0.0, e12_f = 0.0, e24_f = 0.0;
    bool operator==(const RestoringCapacitor&) const = default;
};

// Nothing where the corner or the load is no positive number. Source of the series: IEC 60063:2015
[[nodiscard]] std::optional<RestoringCapacitor> restoringCapacitor(double corner_hz, double nominal_ohm);

// The largest value of a series whose corner into this impedance is no lower than asked; nothing where there is none.
[[nodiscard]] std::optional<double> protectingCapacitor_f(double corner_hz, double nominal_ohm, PreferredSeries series);

// One run as it was and as it will be.
struct RunChange {
    const RunResult* before = nullptr;  // nothing: it is new
    const RunResult* after = nullptr;   // nothing: it goes
    double equalVolts_db = 0.0;  // 10 log(old nominal / new nominal): what the load alone gives at the same volts
    double midLevel_db = 0.0;    // what comes out of it in 250 Hz-4 kHz, driver and capacitor included
    std::optional<RestoringCapacitor> restoring{};
};

// Whether the job leaves a run as it was: its level in the middle, and what its source sees at least, to what a figure
// shows of them. A new one is no such run.
[[nodiscard]] bool isAsItWas(const StageResult& before, const StageResult& after, const RunChange& change);

// By the coil's device; the pointers live as long as the two stages.
[[nodiscard]] RunChange runChange(const StageResult& before, const StageResult& after, DeviceId device);

}  // namespace core
