#pragma once

#include <QString>

#include "core/advice/amplifier_risk.h"
#include "core/advice/deviations.h"
#include "core/advice/family.h"
#include "core/design/rank_drivers.h"
#include "core/model/finding.h"
#include "words/figures.h"
#include "words/finding_words.h"

namespace words {

[[nodiscard]] QString nameOf(core::PartKind kind);
[[nodiscard]] QString nameOf(core::Criterion criterion);
[[nodiscard]] QString nameOf(core::TurnWish wish);
[[nodiscard]] QString nameOf(core::Fixing fixing);
[[nodiscard]] QString nameOf(core::Anchor anchor);
// Why points were lost, with the figure: "needs a 15 mm spacer".
[[nodiscard]] QString reasonOf(const core::LostPoints& lost, UnitSystem units, const QString& currency);
[[nodiscard]] QString reasonOf(const core::Verdict& stop, UnitSystem units);
// "−3 needs a 15 mm spacer"
[[nodiscard]] QString lineOf(const core::LostPoints& lost, UnitSystem units, const QString& currency);
// "wider hole, for good (90 min and a patch to undo)"
[[nodiscard]] QString textOf(const core::Damage& damage);
[[nodiscard]] QString textOf(const core::Deviation& deviation, UnitSystem units);
[[nodiscard]] QString textOf(const core::AmplifierRisk& risk);
// "410 g", "1.42 kg"
[[nodiscard]] QString grams(double value_kg);
// "EUR 40"; the bare number where nobody said in what
[[nodiscard]] QString moneyText(double amount, const QString& currency);
// a length in millimetres, tenths where they matter, with a true minus; or in inches
[[nodiscard]] QString marginText(double value_m, UnitSystem units);
// Something to be cut, bought or left clear, in sentences: "146 mm"; in inches with the millimetres that saws and
// sheets are marked with.
[[nodiscard]] QString spokenLength(double value_m);
// the same where the unit stands elsewhere
[[nodiscard]] QString marginNumber(double value_m, UnitSystem units);
// "turned 45° left; the badge is not upright then"
[[nodiscard]] QString textOf(const core::TurnChoice& turn);

// Which screws bite there, with the drill for a new one; empty: nobody has looked.
[[nodiscard]] QString screwsFor(const core::Place& place, const core::Practice& practice, UnitSystem units);

// How one place sounds beside another one, and whether that is heard.
[[nodiscard]] QString textOf(const core::FamilyMatch& match, const QString& other);

}  // namespace words
