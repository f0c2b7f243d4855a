#pragma once

#include <QString>

#include "core/design/edge_measure.h"
#include "core/design/habits.h"
#include "core/model/aim.h"
#include "core/model/driver_aim.h"
#include "words/job_words.h"

namespace words {

[[nodiscard]] QString notchText(const core::Reflection& mirror);    // "3.7 kHz notch, −15 dB"
[[nodiscard]] QString mirrorText(const core::Reflection& mirror);   // "off the windscreen, 0.14 m longer"
[[nodiscard]] QString shortMirror(const core::Reflection& mirror);  // "side glass: 3.7 kHz, −9 dB"
[[nodiscard]] QString obstacleText(const core::Obstacle& obstacle);  // "the knee in the way: −6 dB at 8 kHz"
[[nodiscard]] QString wayText(double way_m);                        // "0.77 m", or in inches
[[nodiscard]] QString laterText(double longer_m);                   // "1.55 ms later"
// "the right one 1.55 ms later, 4.9 dB quieter; image 86 % to the left, by estimate"
[[nodiscard]] QString sidesText(const core::SidesAim& sides, std::optional<double> image);
[[nodiscard]] QString inText(const core::Aim& aim);                 // "34° in"
[[nodiscard]] QString upText(const core::Aim& aim);                 // "11° up"
[[nodiscard]] QString nameOf(const core::Habit& habit);             // "sail, to the far ear"
[[nodiscard]] QString briefFaultsOf(const core::SpotFaults& faults);
[[nodiscard]] QString faultsOf(const core::SpotFaults& faults);     // what takes its points
[[nodiscard]] QString whyClosed(const core::Closed& why);
[[nodiscard]] QString nameOf(core::RestraintZone zone);
[[nodiscard]] QString nameOf(core::MountStyle style);
[[nodiscard]] QString nameOf(core::FromEdge edge);  // "down from the top edge"
[[nodiscard]] QString nameOf(core::Backing backing);
// Where each driver goes that was put somewhere, as it is marked: the edges, which way it looks, its hole.
// mounts  those in force: mountsOf
[[nodiscard]] Table spotTable(const core::StageResult& stage, const std::map<core::SurfaceId, core::Surface>& mounts,
                              const core::Practice& practice);
// What the points weigh, for whoever asks.
[[nodiscard]] QString weighedBy(const core::SpotWeights& weights);

}  // namespace words
