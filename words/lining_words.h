#pragma once

#include <QString>

#include "core/fitout/lining.h"
#include "core/job/step.h"
#include "words/figures.h"

namespace words {

[[nodiscard]] QString nameOf(core::KeepOut keepOut);
// What it is for: "damper", "decoupler", "barrier".      requires isLining(what)
[[nodiscard]] QString nameOfLining(core::AlterationKind what);

// "0.4 m²", in the card's units too
[[nodiscard]] QString areaText(double area_m2, UnitSystem units);
// "0.8 m² of steel, 0.7 m² of it free; by its kind"
[[nodiscard]] QString skinText(const core::Skin& skin, UnitSystem units);

struct LiningShown {
    const core::LiningAt& there;
    const core::Fitout& fitout;
    const core::Practice& practice;
    UnitSystem units = UnitSystem::Metric;
    QString currency{};
    int sides = 1;  // that are lined alike
};
// "damper 0.4 m², 1.3 kg"; empty where nothing lies there
[[nodiscard]] QString liningLine(const LiningShown& shown);
// What it weighs and costs, what it keeps out by its mass, and what nobody can promise of it.
[[nodiscard]] QString liningText(const LiningShown& shown);

// What is done to the metal; nothing for any other step.
[[nodiscard]] QString liningStep(const core::Step& step, const core::Fitout& to, const QString& place);

}  // namespace words
