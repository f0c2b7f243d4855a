// What is said of a driver of the shelf at a place: why points were lost, what it does to the vehicle, how it sounds
// beside another one.
#include <QStringList>
#include <algorithm>
#include <cmath>

#include "core/fit/screw_choice.h"
#include "words/fit_words.h"
#include "words/name_words.h"
#include "words/quantity_words.h"
#include "words/step_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString grams(double value_kg)
{
    return value_kg < 1.0 ? Words::tr("%1 g").arg(plainNumber(1000.0 * value_kg))
                          : Words::tr("%1 kg").arg(plainNumber(value_kg));
}

QString moneyText(double amount, const QString& currency)
{
    return currency.isEmpty() ? plainNumber(amount) : Words::tr("%1 %2").arg(currency, plainNumber(amount));
}

QString nameOf(PartKind kind)
{
    switch (kind) {
        case PartKind::Driver:
            return Words::tr("driver");
        case PartKind::Radio:
            return Words::tr("radio");
        case PartKind::Amplifier:
            return Words::tr("amplifier");
        case PartKind::Network:
            return Words::tr("network");
        case PartKind::Plug:
            return Words::tr("plug");
        case PartKind::Adaptor:
            return Words::tr("line adaptor");
        case PartKind::Lead:
            return Words::tr("adapter lead");
        case PartKind::Cable:
            return Words::tr("cable");
        case PartKind::Fuse:
            return Words::tr("fuse");
        case PartKind::Spacer:
            return Words::tr("spacer or ring");
        case PartKind::Mat:
            return Words::tr("damping mat");
        case PartKind::FoamSheet:
            return Words::tr("foam sheet");
        case PartKind::BarrierMat:
            return Words::tr("barrier mat");
        case PartKind::Enclosure:
            return Words::tr("box");
        case PartKind::ArticleSet:
            return Words::tr("set");
    }
    return {};
}

QString nameOf(Criterion criterion)
{
    switch (criterion) {
        case Criterion::Depth:
            return Words::tr("depth");
        case Criterion::Front:
            return Words::tr("room in front");
        case Criterion::Hole:
            return Words::tr("hole");
        case Criterion::Screws:
            return Words::tr("screws");
        case Criterion::Load:
            return Words::tr("load");
        case Criterion::Level:
            return Words::tr("level");
        case Criterion::Bands:
            return Words::tr("bass and treble");
        case Criterion::Heat:
            return Words::tr("heat");
        case Criterion::Travel:
            return Words::tr("travel");
        case Criterion::Cost:
            return Words::tr("cost");
        case Criterion::Weight:
            return Words::tr("weight");
    }
    return {};
}

QString nameOf(TurnWish wish)
{
    switch (wish) {
        case TurnWish::TerminalsDown:
            return Words::tr("terminals down");
        case TurnWish::TowardsWire:
            return Words::tr("towards the cable");
        case TurnWish::AwayFromGlass:
            return Words::tr("away from the glass");
        case TurnWish::BadgeUpright:
            return Words::tr("badge upright");
    }
    return {};
}

QString nameOf(Fixing fixing)
{
    switch (fixing) {
        case Fixing::Screws:
            return Words::tr("screws");
        case Fixing::Adhesive:
            return Words::tr("adhesive");
        case Fixing::Clip:
            return Words::tr("clip");
        case Fixing::Ring:
            return Words::tr("ring");
        case Fixing::Bracket:
            return Words::tr("bracket");
    }
    return {};
}

QString nameOf(Anchor anchor)
{
    switch (anchor) {
        case Anchor::Unknown:
            return Words::tr("not looked at");
        case Anchor::Metal:
            return Words::tr("sheet metal");
        case Anchor::Plastic:
            return Words::tr("plastic");
        case Anchor::Wood:
            return Words::tr("wood");
        case Anchor::CaptiveNut:
            return Words::tr("captive nuts");
        case Anchor::Rivet:
            return Words::tr("sheet, riveted");
    }
    return {};
}

QString reasonOf(const LostPoints& lost, UnitSystem units, const QString& currency)
{
    if (lost.stop) return reasonOf(*lost.stop, units);
    const double value = lost.figure.value_or(0.0);
    const QString length = marginText(value, units);
    if (!lost.figure && lost.what == Quantity::Corner_hz) return Words::tr("nothing keeps the lows from it");
    if (!lost.figure) return Words::tr("%1 not known").arg(nameOf(lost.by));
    switch (lost.by) {
        case Criterion::Depth:
            return lost.what == Quantity::SpacerNeeded_m ? Words::tr("needs a spacer of %1").arg(length)
                                                         : Words::tr("%1 behind it, no spacer helps").arg(length);
        case Criterion::Front:
            return Words::tr("%1 in front at full travel").arg(length);
        case Criterion::Hole:
            if (lost.what == Quantity::CutoutMost_m)
                return Words::tr("needs a ring, its screws take a hole of %1 at most").arg(length);
            if (lost.what == Quantity::CutoutLeast_m) return Words::tr("the hole must be cut to %1").arg(length);
            return Words::tr("no hole leaves its own screws their metal");
        case Criterion::Screws:
            return Words::tr("%1 of its screw holes meet").arg(value);
        case Criterion::Load:
            return lost.what == Quantity::Ratio ? Words::tr("%1 of the old resistance").arg(percent(value))
                                                : Words::tr("the channel sees %1").arg(ohms(value));
        case Criterion::Level:
            return Words::tr("%1 where it plays").arg(decibelChange(value));
        case Criterion::Bands:
            return Words::tr("%1 in bass or treble").arg(decibelChange(value));
        case Criterion::Heat:
            return Words::tr("programme takes %1 of its rating").arg(percent(value));
        case Criterion::Travel:
            return Words::tr("music asks %1 of its travel").arg(percent(value));
        case Criterion::Cost:
            return Words::tr("costs %1").arg(moneyText(value, currency));
        case Criterion::Weight:
            return Words::tr("%1 heavy").arg(grams(value));
    }
    return {};
}

// Why it stops; of a rule that says nothing of a single driver its code.
QString reasonOf(const Verdict& stop, UnitSystem units)
{
    const double figure = stop.figure.value, limit = stop.limit.value_or(0.0);
    const QString length = marginText(figure, units);
    if (stop.rule == RuleId::DepthAndSpacer) return Words::tr("%1 behind it, no spacer helps").arg(length);
    if (stop.rule == RuleId::WindowTravel)
        return stop.what == Quantity::ScrewMargin_m ? Words::tr("%1 between its screws and the glass").arg(length)
                                                    : Words::tr("%1 to the glass").arg(length);
    if (stop.rule == RuleId::FrontClearance || stop.rule == RuleId::UnderPanel)
        return Words::tr("%1 in front at full travel").arg(length);
    if (stop.rule == RuleId::ScrewReaches) return Words::tr("%1 behind its screws").arg(length);
    if (stop.rule == RuleId::CutoutAndRing)
        return figure > limit
                   ? Words::tr("the hole is %1, its screws take %2 at most").arg(length, marginText(limit, units))
                   : Words::tr("the hole must be cut to %1").arg(marginText(limit, units));
    if (stop.rule == RuleId::DomeTakenForHole) return Words::tr("its hole is given as its dome");
    if (stop.rule == RuleId::ScrewOutsideFlange) return Words::tr("its screw holes lie outside its flange");
    if (stop.rule == RuleId::HeavyOnAdhesive) return Words::tr("%1 on glue alone").arg(grams(figure));
    if (stop.rule == RuleId::CutAgainstWish) return Words::tr("the vehicle's plug would be cut off");
    if (stop.rule == RuleId::LoadUnderMinimum) return Words::tr("the channel sees %1").arg(ohms(figure));
    if (stop.rule == RuleId::LowerLoadOnFactory) return Words::tr("%1 of the old resistance").arg(percent(figure));
    if (stop.rule == RuleId::CoilOverRating) return Words::tr("a sine puts %1 into it").arg(watts(figure));
    if (stop.rule == RuleId::TravelWithProgramme) return Words::tr("music moves it %1").arg(length);
    if (stop.rule == RuleId::SubwooferTravel) return Words::tr("a sine moves it %1").arg(length);
    if (stop.rule == RuleId::TweeterUnprotected) return Words::tr("nothing keeps the lows from it");
    if (stop.rule == RuleId::SplitNearResonance)
        return Words::tr("plays from %1, too near its resonance").arg(frequency(figure));
    return QString::fromLatin1(code(stop.rule).data());  // whole literals end with a nought
}

QString lineOf(const LostPoints& lost, UnitSystem units, const QString& currency)
{
    const QString reason = reasonOf(lost, units, currency);
    return lost.stop ? Words::tr("Stop: %1").arg(reason) : Words::tr("%1 %2").arg(fixedNumber(-lost.points, 1), reason);
}

QString textOf(const Damage& damage)
{
    const QString undo = minutes(damage.undo_min);
    switch (damage.kind) {
        case DamageKind::WiderHole:
            return Words::tr("For good: a wider hole (%1 and a patch to undo)").arg(undo);
        case DamageKind::NewScrewHoles:
            return Words::tr("For good: new screw holes (%1 to close)").arg(undo);
        case DamageKind::FactoryPlugCut:
            return Words::tr("For good: the factory plug is cut off (%1 to splice another)").arg(undo);
        case DamageKind::RingAdded:
            return Words::tr("Comes off again: an adapter ring (%1)").arg(undo);
        case DamageKind::LeadAdded:
            return Words::tr("Comes off again: an adapter lead, %1 (%2)")
                .arg(QString::fromStdString(damage.lead), undo);
    }
    return {};
}

QString textOf(const Deviation& deviation, UnitSystem units)
{
    if (!deviation.what)
        return Words::tr("plug: %1 instead of %2")
            .arg(QString::fromStdString(deviation.plugIs), QString::fromStdString(deviation.plugWas));
    const auto text = [&](double value) { return fieldText(*deviation.what, value, units); };
    return Words::tr("%1: %2 instead of %3")
        .arg(labelOf(*deviation.what), text(*deviation.now), text(*deviation.original));
}

QString textOf(const AmplifierRisk& risk)
{
    const QString share = percent(risk.ratio);
    if (risk.grade == RiskGrade::Accepted && risk.worst == Origin::ClassGuess)
        return Words::tr(
                   "Amplifier unknown: about %1 of the old resistance would be accepted practice, but that is a "
                   "class guess. An ohmmeter at the old coil settles it.")
            .arg(share);
    if (risk.grade == RiskGrade::Accepted)
        return Words::tr("Amplifier unknown: %1 of the old resistance is accepted practice.").arg(share);
    QStringList ways;
    if (risk.nearest_ohm > 0.0) ways << Words::tr("a driver of %1").arg(ohms(risk.nearest_ohm));
    if (risk.series_ohm)
        ways << Words::tr("%1 in series, which costs %2").arg(ohms(*risk.series_ohm), decibels(risk.seriesLoss_db));
    ways << Words::tr("a warm-up test with a hand on its case");
    const QString grade =
        risk.grade == RiskGrade::High
            ? Words::tr("High risk for an unknown amplifier: %1 of the old resistance. Ways out: %2.")
            : Words::tr("Some risk for an unknown amplifier: %1 of the old resistance. Ways out: %2.");
    QStringList lines{grade.arg(share, ways.join(Words::tr("; ")))};
    if (risk.oldUnmeasured) lines << Words::tr("An ohmmeter at the old coil settles most.");
    return lines.join(QLatin1Char(' '));
}

QString textOf(const TurnChoice& turn)
{
    const QString by = turnText(std::remainder(turn.turn_deg, 360.0));
    const QString how = by.isEmpty() ? Words::tr("not turned") : Words::tr("turned %1").arg(by);
    if (turn.givenUp.empty()) return how;
    QStringList wishes;
    for (const TurnWish wish : turn.givenUp) wishes << nameOf(wish);
    return Words::tr("%1; given up: %2").arg(how, wishes.join(Words::tr(", ")));
}

QString screwsFor(const Place& place, const Practice& practice, UnitSystem units)
{
    const QString drill = marginText(fastenerDrill_m(place, practice), units);
    switch (place.anchor) {
        case Anchor::Metal:
            return Words::tr("Sheet-metal screws of %1, pilot %2; never a machine thread without its nut.")
                .arg(marginText(practice[PracticeKey::Screw_m], units), drill);
        case Anchor::Plastic:
            return Words::tr(
                       "Screws with a coarse thread for plastic, as thick as the old ones, turned back until they "
                       "fall into their thread; a new hole %1.")
                .arg(drill);
        case Anchor::Wood:
            return Words::tr("Wood screws of %1, pilot %2.")
                .arg(marginText(practice[PracticeKey::Screw_m], units), drill);
        case Anchor::CaptiveNut:
            return Words::tr("Machine screws M%1 into the nuts that are there; a rivet nut wants a hole of %2.")
                .arg(fixedNumber(1000.0 * practice[PracticeKey::MachineScrew_m], 0), drill);
        case Anchor::Rivet:
            return Words::tr("Blind rivets of %1, hole %2; the old ones are drilled out, their stumps flush.")
                .arg(marginText(practice[PracticeKey::Rivet_m], units), drill);
        case Anchor::Unknown:
            return {};
    }
    return {};
}

QString textOf(const FamilyMatch& match, const QString& other)
{
    const QString heard = match.heard == Heard::No       ? Words::tr("not heard as another voice")
                          : match.heard == Heard::Hardly ? Words::tr("hardly heard")
                                                         : Words::tr("plainly another voice");
    return Words::tr("Beside %1: %2 in level, %3 apart in colour, %4 in how it spreads; %5.")
        .arg(other, decibelChange(match.level_db), decibels(match.shape_db), decibels(match.angle_db), heard);
}

}  // namespace words
