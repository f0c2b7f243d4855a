#include "words/lining_words.h"

#include <QStringList>

#include "core/fitout/resolve.h"
#include "words/fit_words.h"
#include "words/made_names.h"
#include "words/quantity_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

// What must stay free there; all that could be where nobody has looked.
QString keepClear(const Place& place)
{
    if (place.keepOuts.empty()) return Words::tr("glass, rods, drains and sensors");
    QStringList names;
    for (const KeepOut one : place.keepOuts) names << nameOf(one);
    return names.join(Words::tr(", "));
}

QString materialAt(const Fitout& fitout, PlaceId place, AlterationKind what)
{
    const Alteration* there = alterationAt(fitout, place, what);
    const auto part = there ? fitout.parts.find(there->material) : fitout.parts.end();
    return part == fitout.parts.end() ? nameOfLining(what) : named(part->second.name);
}

QString laying(const Step& step, const Fitout& to, const QString& place)
{
    const double area_m2 = step.has(StepFigure::Laid_m2) ? step[StepFigure::Laid_m2] : 0.0;
    const double layers = step.has(StepFigure::Layers) ? step[StepFigure::Layers] : 1.0;
    const QString material = materialAt(to, step.place, step.alteration);
    const QString what =
        area_m2 > 0.0 ? Words::tr("%1 of %2").arg(areaText(area_m2, spokenUnits()), material) : material;
    QString clear = Words::tr("Clear of %1.").arg(keepClear(to.places.at(step.place)));
    if (layers > 1.0) clear += QLatin1Char(' ') + Words::tr("In %1 layers, joints apart.").arg(fixedNumber(layers, 0));
    if (step.alteration == AlterationKind::Decoupler)
        return Words::tr("Put %1 between trim and metal at %2, where it touches no cone and nothing that moves. %3")
            .arg(what, place, clear);
    if (step.alteration == AlterationKind::Barrier)
        return Words::tr(
                   "Hang %1 behind the trim at %2, every joint lapped and taped, holes for plugs and clips cut "
                   "again. %3")
            .arg(what, place, clear);
    return Words::tr("Lay %1 on the bare skin behind %2, rolled from the middle until its pattern is flat. %3")
        .arg(what, place, clear);
}

}  // namespace

QString nameOf(KeepOut keepOut)
{
    switch (keepOut) {
        case KeepOut::Glass:
            return Words::tr("glass and its rails");
        case KeepOut::Rods:
            return Words::tr("rods and cables");
        case KeepOut::Drains:
            return Words::tr("drain holes");
        case KeepOut::Sensors:
            return Words::tr("side-impact sensor");
        case KeepOut::Vents:
            return Words::tr("vents");
    }
    return {};
}

QString nameOfLining(AlterationKind what)
{
    if (what == AlterationKind::Mat) return Words::tr("damper");
    if (what == AlterationKind::Decoupler) return Words::tr("decoupler");
    if (what == AlterationKind::Barrier) return Words::tr("barrier");
    return {};  // nothing that is laid on the metal
}

QString areaText(double area_m2, UnitSystem units)
{
    return fieldText(Quantity::Covered_m2, area_m2, units)
        .replace(QLatin1String("m2"), QStringLiteral("m²"))
        .replace(QLatin1String("ft2"), QStringLiteral("ft²"));
}

QString skinText(const Skin& skin, UnitSystem units)
{
    const QString whole = areaText(skin.whole_m2, units);
    const QString area = skin.free_m2 < skin.whole_m2
                             ? Words::tr("%1 of skin, %2 of it free").arg(whole, areaText(skin.free_m2, units))
                             : Words::tr("%1 of skin").arg(whole);
    const QString mass = Words::tr("%1 kg/m²").arg(plainNumber(skin.mass_kg_m2));
    return skin.measured ? Words::tr("%1, %2.").arg(area, mass)
                         : Words::tr("%1, %2, by the kind of place: measure it.").arg(area, mass);
}

QString liningLine(const LiningShown& shown)
{
    QStringList parts;
    for (const Lining& one : shown.there.linings)
        parts << (one.covered_m2 > 0.0 ? Words::tr("%1 %2").arg(nameOfLining(one.what),
                                                                areaText(one.covered_m2 * one.layers, shown.units))
                                       : nameOfLining(one.what));
    if (shown.there.mass_kg > 0.0) parts << grams(shown.there.mass_kg);
    return joinedKnown(parts);
}

QString liningText(const LiningShown& shown)
{
    if (shown.there.linings.empty()) return {};
    int sheets = 0;
    double cost = 0.0, largest_m2 = 0.0;
    for (const Lining& one : shown.there.linings) {
        largest_m2 = std::max(largest_m2, one.covered_m2);
        const auto material = shown.fitout.parts.find(one.material);
        if (material == shown.fitout.parts.end()) continue;
        const int count = sheetsFor(material->second, shown.sides * one.covered_m2 * one.layers, shown.practice);
        sheets += count;
        cost += count * valueOf(material->second.figures, Quantity::Price).value_or(0.0);
    }
    QStringList parts{grams(shown.sides * shown.there.mass_kg), Words::tr("%n sheet(s)", nullptr, sheets)};
    if (cost > 0.0) parts << moneyText(cost, shown.currency);
    QStringList lines{
        shown.sides > 1 ? Words::tr("Both sides: %1.").arg(joinedKnown(parts))
                        : Words::tr("%1.").arg(joinedKnown(parts)),
        Words::tr("%1 less noise from outside, by mass alone. That it rings less is heard, and no figure tells it.")
            .arg(decibels(shown.there.gain_db))};
    if (largest_m2 > shown.there.skin.free_m2 + 1e-9)
        lines.prepend(
            Words::tr("More than the %1 that are free.").arg(areaText(shown.there.skin.free_m2, shown.units)));
    return lines.join(QLatin1Char(' '));
}

QString liningStep(const Step& step, const Fitout& to, const QString& place)
{
    if (step.kind == StepKind::StripSkin)
        return Words::tr("Warm the old %1 behind %2, lift it off and take what sticks off the metal.")
            .arg(nameOfLining(step.alteration), place);
    if (step.kind == StepKind::CleanSkin)
        return Words::tr(
                   "Behind %1: wash, degrease, let dry. Skin and sheets hand-warm, 20 °C or more; cold, nothing "
                   "sticks.")
            .arg(place);
    if (step.kind == StepKind::LineSkin) return laying(step, to, place);
    return Words::tr(
               "Behind %1: tap for hollows and roll them down; a cup of water runs out of the drains; glass, lock "
               "and rods move free; holes for clips are open again.")
        .arg(place);
}

}  // namespace words
