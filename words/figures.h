#pragma once

#include <QString>
#include <QStringList>

#include "core/model/evaluation.h"

namespace words {

enum class UnitSystem { Metric, Imperial };

// Which system sentences put first, as a language: set by whoever shows them, metric until then.
void speakIn(UnitSystem units);
[[nodiscard]] UnitSystem spokenUnits();

// Figures as people read them: three significant digits, the unit with its prefix, SI in.
[[nodiscard]] QString frequency(double value_hz);
[[nodiscard]] QString ohms(double value_ohm);
[[nodiscard]] QString farads(double value_f);
// The nearest of each series, one value once: "47 µF (E6, E12), 51 µF (E24)".
[[nodiscard]] QString preferredFarads(double e6_f, double e12_f, double e24_f);
[[nodiscard]] QString volts(double value_v);
[[nodiscard]] QString watts(double value_w);
[[nodiscard]] QString amperes(double value_a);
[[nodiscard]] QString decibels(double value_db);                         // one decimal, no sign
[[nodiscard]] QString decibelChange(double value_db, int decimals = 1);  // with its sign: "+1.8 dB"
[[nodiscard]] QString octaves(double value_octave);                      // two decimals, no sign
[[nodiscard]] QString percent(double ratio);
[[nodiscard]] QString minutes(double value_min);  // "45 min", "2 h 10 min"
// Both systems, the preferred one first.
[[nodiscard]] QString length(double value_m, UnitSystem first = spokenUnits());
// A figure that rests on a class guess looks like one: "about 4 Ω". For narrow places the sign alone: "≈ 4 Ω".
[[nodiscard]] QString asKnown(const QString& figure, core::Origin worst);
[[nodiscard]] QString signedAsKnown(const QString& figure, core::Origin worst);
// As it stands in a field and can be typed there again: "143 mm", "4 ohm", in the preferred system.
[[nodiscard]] QString fieldText(core::Quantity quantity, double value, UnitSystem units);
// What is not empty, in one line.
[[nodiscard]] QString joinedKnown(QStringList parts, const QString& between = QStringLiteral(" · "));
[[nodiscard]] QString fixedNumber(double value, int decimals);  // with a true minus, never "-0.0"
[[nodiscard]] QString plainNumber(double value);                // three significant digits

}  // namespace words
