#pragma once

#include <vector>

#include "core/model/evaluation.h"

namespace core {

// How alike two places sound on their axes.
struct FamilyMatch {
    DeviceId other{};
    double level_db = 0.0;  // the other's mean over this one's, 250 Hz-4 kHz
    double shape_db = 0.0;  // mean difference of the third-octave curves once the level is taken out, 250 Hz-8 kHz
    double angle_db = 0.0;  // the same of what 45 degrees off axis costs: how the room hears them
};

// Whether an ear takes it for another voice: under 1 dB of colour or spread no, under 3 hardly; common practice, no
// source.
enum class Heard { No, Hardly, Plainly };
[[nodiscard]] Heard heardAs(const FamilyMatch& match);

// Every other driver of the stage that plays the middle, nearest in kind first.
[[nodiscard]] std::vector<FamilyMatch> familyOf(const StageResult& stage, DeviceId device);

}  // namespace core
