#pragma once

#include "core/base/outcome.h"

namespace core {

// Setting an amplifier's gain with a meter and a sine.
struct GainTask {
    double amplifierPower_w = 0.0;   // at load_ohm
    double driverPower_w = 0.0;      // rated
    double load_ohm = 4.0;           // resistive
    double sourceFullScale_v = 2.0;  // rms of a full-scale sine
    double tone_dbfs = 0.0;          // level of the test tone, re a full-scale sine: 0, or below as overlap
};

struct GainSetting {
    double target_v = 0.0;       // at the output, with the tone playing
    double power_w = 0.0;        // that this is into the load
    double tone_dbfs = 0.0;      // what was really used
    double sensitivity_v = 0.0;  // input voltage for the target
    double gain_db = 0.0;
    double fullScaleDemand_v = 0.0;  // what a full-scale sine would ask for
    double fullScalePower_w = 0.0;   // what it gets: no more than the amplifier has
    double overlapPower_w = 0.0;     // what an ignored overlap would have given, unclipped
};

// target = sqrt(P R), P the smaller power; sensitivity = V_FS 10^(L/20); gain = 20 log(target / sensitivity). Overlap
// holds only where the amplifier is the smaller of the two: otherwise nothing would clip.
// requires all > 0, tone <= 0      warnings  OverlapIgnored      source  common practice, no source
[[nodiscard]] Answer<GainSetting> gainSetting(const GainTask& task);

}  // namespace core
