#pragma once

#include "core/model/evaluation.h"

namespace core {

// What is behind and around a driver: the enclosure it shares, else its place's own air; a door, a kick panel, a
// quarter panel and a deck leak round to the front unless they were sealed; a pod has no half space. Drivers that share
// an enclosure share its volume in proportion to their Vas, which is exact for identical ones.
[[nodiscard]] MountedDriver mountedDriver(const Fitout& fitout, const Port& coil, const Figures& completed,
                                          const Practice& practice);

// Where the driver of a coil stands and looks, and what covers it; a coaxial's tweeter stands before its cone. A device
// without a place is at the origin, ahead.
[[nodiscard]] SoundSource soundSource(const Fitout& fitout, const Port& coil, double sd_m2, const Practice& practice);

// A box as these figures describe it; nothing without a volume.
[[nodiscard]] std::optional<Box> boxOf(const Figures& figures);

}  // namespace core
