#pragma once

#include <Eigen/Core>
#include <optional>

namespace core {

// For the listener's orientation only; nothing of it enters a design number.

// The level of a pure tone that is as loud as one of so many phon at 1 kHz, linear in log f between the standard's
// frequencies, 20 to 12500 Hz, the ends held. Nothing outside 20 to 90 phon.
// source  ISO 226:2003, table 1, from memory
[[nodiscard]] std::optional<Eigen::ArrayXd> equalLoudness_db(double phon, const Eigen::ArrayXd& frequency_hz);

// How long a day the ear bears it: 8 h at 85 dBA, half for every 3 dB.
// source  NIOSH 98-126 (1998)
[[nodiscard]] double dailyExposure_s(double level_dba);

}  // namespace core
