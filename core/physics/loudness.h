#pragma once

#include <Eigen/Core>
#include <optional>

namespace core {

// For the listener's orientation only; nothing of it enters a design number.

// The level of a pure tone that is as loud as one of so many phon at 1 kHz, linear in log f between the standard's
// frequencies, 20 to 12500 Hz, the ends held. Nothing outside 20 to 90 phon.
// source  ISO 226:2003, table 1, from memory
[[nodiscard]] std::optional<Eigen::ArrayXd> equalLoudness_db(double phon, const Eigen::ArrayXd& frequency_hz);

// The least level of a pure tone that a normal young listener hears in free field, both ears, linear in log f between
// the standard's frequencies, the ends held.
// source  ISO 226:2003, table 1, from memory
[[nodiscard]] Eigen::ArrayXd hearingThreshold_db(const Eigen::ArrayXd& frequency_hz);

// How loud a pure tone is in phon, the inverse of equalLoudness_db at every frequency; nothing outside 20 to 90.
[[nodiscard]] std::optional<double> loudness_phon(double frequency_hz, double level_db);

// How many times as loud a pure tone gets: 2^(phon/10).
// source  ISO 226:2003, equation 2; S. S. Stevens, "The measurement of loudness", J. Acoust. Soc. Am. 27 (1955)
[[nodiscard]] std::optional<double> loudnessRatio(double frequency_hz, double from_db, double to_db);

// How long a day the ear bears it: 8 h at 85 dBA, half for every 3 dB.
// source  NIOSH 98-126 (1998)
[[nodiscard]] double dailyExposure_s(double level_dba);

}  // namespace core
