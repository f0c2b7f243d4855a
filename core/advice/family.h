#pragma once

#include <vector>

#include "core/model/evaluation.h"

namespace core {

// Whether an ear takes it for another voice: by what practice says of colour and spread.
enum class Heard { No, Hardly, Plainly };

// How alike two places sound on their axes.
struct FamilyMatch {
    DeviceId other{};
    double level_db = 0.0;  // the other's mean over this one's, 250 Hz-4 kHz
    double shape_db = 0.0;  // mean difference of the third-octave curves once the level is taken out, 250 Hz-8 kHz
    double angle_db = 0.0;  // the same of what 45 degrees off axis costs: how the room hears them
    Heard heard = Heard::No;
};

// By its shape and its spread.
[[nodiscard]] Heard heardAs(const FamilyMatch& match, const Practice& practice);

// Every other driver of the stage that plays the middle, nearest in kind first.
[[nodiscard]] std::vector<FamilyMatch> familyOf(const StageResult& stage, DeviceId device, const Practice& practice);

}  // namespace core
