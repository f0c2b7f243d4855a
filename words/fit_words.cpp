#include "words/fit_words.h"

#include <QStringList>
#include <algorithm>
#include <cmath>

#include "core/physics/fixing.h"
#include "words/name_words.h"
#include "words/quantity_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

const Evidence& first(const Finding& finding)
{
    return finding.evidence.front();
}
double second(const Finding& finding)
{
    return finding.evidence.size() > 1 ? finding.evidence[1].figure.value : 0.0;
}
QString mm(double value_m)
{
    return marginText(value_m, UnitSystem::Metric);
}
QString grams(double value_kg)
{
    return value_kg < 1.0 ? Words::tr("%1 g").arg(plainNumber(1000.0 * value_kg))
                          : Words::tr("%1 kg").arg(plainNumber(value_kg));
}

FindingText depth(const Finding& f)
{
    const double left = first(f).figure.value;
    const QString title = left < 0.0 ? Words::tr("%1 too deep for its place").arg(mm(-left))
                                     : Words::tr("Only %1 left behind the magnet").arg(mm(left));
    const QString numbers = f.evidence.size() > 1
                                ? Words::tr("%1 left, wanted %2: that takes a spacer of %3.")
                                      .arg(mm(left), mm(first(f).limit.value_or(0.0)), mm(second(f)))
                                : Words::tr("%1 left, wanted %2.").arg(mm(left), mm(first(f).limit.value_or(0.0)));
    return {title, numbers,
            f.severity == Severity::Stop
                ? Words::tr("No spacer one can buy brings it clear and still leaves room in front.")
                : Words::tr("What lies behind moves, swells and rattles; a magnet that touches it is heard.")};
}

FindingText window(const Finding& f)
{
    if (first(f).what.what == Quantity::Depth_m)
        return {Words::tr("Nobody knows where the window runs"),
                Words::tr("The driver is %1 deep; how far the glass is behind its face was not measured.")
                    .arg(mm(first(f).figure.value)),
                Words::tr("Wind it up and down and try the glass before anything is cut or closed.")};
    const double left = first(f).figure.value;
    const QString what = measureName(first(f).what.what);
    return {left < 0.0 ? Words::tr("The window meets the driver") : Words::tr("The window passes very close"),
            left < 0.0 ? Words::tr("%1: %2 into it.").arg(what, mm(-left))
                       : Words::tr("%1: %2 left, wanted %3.").arg(what, mm(left), mm(first(f).limit.value_or(0.0))),
            Words::tr("Glass breaks, or the lift tears the cable, after the panel is on.")};
}

FindingText frontOf(const Finding& f, const QString& what)
{
    const double left = first(f).figure.value;
    return {left < 0.0 ? Words::tr("The cone strikes %1").arg(what) : Words::tr("The cone comes close to %1").arg(what),
            Words::tr("%1 left at full travel, wanted %2; surround %3.")
                .arg(mm(left), mm(first(f).limit.value_or(0.0)), mm(second(f))),
            Words::tr("A pressed surround buzzes or falls silent while the tweeter still plays.")};
}

FindingText cutout(const Finding& f)
{
    if (f.severity == Severity::Stop)
        return {Words::tr("The screws would hang in air"),
                Words::tr("The hole is %1 wide, this flange and its screws take at most %2.")
                    .arg(mm(first(f).figure.value), mm(first(f).limit.value_or(0.0))),
                Words::tr("An adapter ring gives them something to bite in and closes the gap.")};
    return {Words::tr("No saw cuts this hole"),
            Words::tr("The hole is %1, it needs %2; no saw lies between its limits.")
                .arg(mm(first(f).figure.value), mm(first(f).limit.value_or(0.0))),
            Words::tr("Mark it from a template and cut by hand, file to the line.")};
}

FindingText dome(const Finding& f)
{
    return {Words::tr("The dome's size stands where the hole belongs"),
            Words::tr("Hole %1, dome %2; a body of this kind is about %3.")
                .arg(mm(first(f).figure.value), mm(first(f).limit.value_or(0.0)), mm(second(f))),
            Words::tr("A tweeter is sold by its dome; the body behind the flange is nearly twice as wide.")};
}

FindingText screwHoles(const Finding& f)
{
    return {
        Words::tr("%1 of %2 screw holes line up").arg(first(f).figure.value).arg(second(f)),
        Words::tr("At the best turn %1 meet, wanted %2.").arg(first(f).figure.value).arg(first(f).limit.value_or(0.0)),
        Words::tr("Fewer than that hold a driver crooked; new pilot holes are for good.")};
}

FindingText cover(const Finding& f)
{
    return {Words::tr("What covers it swallows %1").arg(decibels(first(f).figure.value)),
            Words::tr("Mean of 4–20 kHz; noted from %1.").arg(decibels(first(f).limit.value_or(0.0))),
            Words::tr("Treble that stays in cloth or carpet was paid for and is not heard.")};
}

FindingText adhesive(const Finding& f)
{
    return {Words::tr("%1 on adhesive alone").arg(grams(first(f).figure.value)),
            Words::tr("Adhesive is trusted to %1 here.").arg(grams(first(f).limit.value_or(0.0))),
            Words::tr("In the sun it softens and lets go; a bracket or a ring holds.")};
}

FindingText slack(const Finding& f)
{
    const double left = first(f).figure.value;
    const bool loose = left > first(f).limit.value_or(0.0);
    return {f.severity == Severity::Stop ? Words::tr("A loop hangs where the window runs")
            : loose                      ? Words::tr("Too much slack in the door")
                                         : Words::tr("Too little slack in the door"),
            Words::tr("%1 over the way it takes; wanted %2 %3.")
                .arg(mm(left), loose ? Words::tr("at most") : Words::tr("at least"), mm(first(f).limit.value_or(0.0))),
            Words::tr("Too short tears at service, too long catches the glass. Tie it low, terminals down.")};
}

FindingText mismatch(const Finding& f)
{
    return {Words::tr("%1 apart in level").arg(decibels(first(f).figure.value)),
            Words::tr("Each in the band it plays, at the same volts; noted from %1.")
                .arg(decibels(first(f).limit.value_or(0.0))),
            Words::tr("The louder one pulls the image towards it. Turn it down, or pad it.")};
}

}  // namespace

QString marginText(double value_m, UnitSystem units)
{
    constexpr double kInch_m = 0.0254;
    if (units == UnitSystem::Imperial) return Words::tr("%1 in").arg(fixedNumber(value_m / kInch_m, 2));
    const double value_mm = 1000.0 * value_m;
    const bool whole = std::abs(value_mm - std::round(value_mm)) < 0.05;
    return Words::tr("%1 mm").arg(fixedNumber(value_mm, whole ? 0 : 1));
}

QString measureName(Quantity what)
{
    switch (what) {
        case Quantity::DepthMargin_m:
            return Words::tr("behind the magnet");
        case Quantity::GlassMargin_m:
            return Words::tr("behind it, window closed");
        case Quantity::FrontMargin_m:
            return Words::tr("before the cone at full travel");
        case Quantity::ScrewMargin_m:
            return Words::tr("behind the screws");
        default:
            return labelOf(what);
    }
}

FindingText fitText(const Finding& f)
{
    switch (f.rule) {
        case RuleId::DepthAndSpacer:
            return depth(f);
        case RuleId::WindowTravel:
            return window(f);
        case RuleId::CutoutAndRing:
            return cutout(f);
        case RuleId::DomeTakenForHole:
            return dome(f);
        case RuleId::ScrewHoles:
            return screwHoles(f);
        case RuleId::FrontClearance:
            return frontOf(f, Words::tr("what covers it"));
        case RuleId::UnderPanel:
            return frontOf(f, Words::tr("the panel it is clamped under"));
        case RuleId::CoverSwallows:
            return cover(f);
        case RuleId::HeavyOnAdhesive:
            return adhesive(f);
        case RuleId::SealMissing:
            return {Words::tr("Nothing seals the edge of the driver"),
                    Words::tr("A strip of %1 round the flange closes it.").arg(mm(first(f).figure.value)),
                    Words::tr("Air that gets past the edge takes the bass with it; factory foam goes back or is "
                              "replaced.")};
        case RuleId::PinchedCable:
            return {Words::tr("The spacer has no way out for the cable"),
                    Words::tr("No notch; a hole of %1 with a bush gives it one.").arg(mm(first(f).limit.value_or(0.0))),
                    Words::tr("A cable clamped under a ring is cut through by the first bumps.")};
        case RuleId::WireSlack:
            return slack(f);
        case RuleId::PlasticAnchors:
            return {Words::tr("The screws go into plastic"),
                    Words::tr("Start them all by hand, then evenly, low clutch."),
                    Words::tr("A stripped boss holds nothing and is not replaced.")};
        case RuleId::NeedlessCut:
            return {Words::tr("The cut is not needed"),
                    Words::tr("%1 are left with it whole, wanted %2.")
                        .arg(mm(first(f).figure.value), mm(first(f).limit.value_or(0.0))),
                    Words::tr("What holds a cable holds it better as it was made; a cut is for good.")};
        case RuleId::FixingOverload:
            return {Words::tr("Heavy for its screws"),
                    Words::tr("%1 N on each in a shock, such a fixing is trusted with %2 N.")
                        .arg(plainNumber(first(f).figure.value), plainNumber(first(f).limit.value_or(0.0))),
                    Words::tr("It works loose, then rattles, then falls. More screws or a ring behind the panel share "
                              "it.")};
        case RuleId::CountsOpen:
            return {Words::tr("A count is still open on the way in"),
                    Words::tr("%1 to come off with no fastener counted.")
                        .arg(counted(static_cast<qsizetype>(std::lround(first(f).figure.value)), Words::tr("%1 panel"),
                                     Words::tr("%1 panels"))),
                    Words::tr("Pull only when the count of fasteners left is zero.")};
        case RuleId::ScrewReaches:
            return {Words::tr("The screws reach too far"),
                    Words::tr("Their points are %1 past what lies behind.").arg(mm(-first(f).figure.value)),
                    Words::tr("They meet glass, cable or tank. Shorter screws, and a stop on the drill.")};
        case RuleId::ClipsEarly:
            return {Words::tr("The source clips long before this coil is tired"),
                    Words::tr("It gives up to %1; the coil is rated %2, that is %3 over it.")
                        .arg(watts(second(f)), watts(f.evidence.back().figure.value), decibels(first(f).figure.value)),
                    Words::tr("A rating is heat, not loudness. Mark where it still plays clean on the volume knob.")};
        case RuleId::LevelMismatch:
            return mismatch(f);
        default:
            return {};
    }
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
            return Words::tr("mat");
        case PartKind::Enclosure:
            return Words::tr("box");
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
    }
    return {};
}

QString reasonOf(const LostPoints& lost, UnitSystem units, const QString& currency)
{
    const double value = lost.figure.value_or(0.0);
    const QString length = marginText(value, units);
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
            return Words::tr("%1 in the middle").arg(decibelChange(value));
        case Criterion::Bands:
            return Words::tr("%1 in bass or treble").arg(decibelChange(value));
        case Criterion::Heat:
            return Words::tr("programme takes %1 of its rating").arg(percent(value));
        case Criterion::Travel:
            return Words::tr("%1 of its travel").arg(percent(value));
        case Criterion::Cost:
            return Words::tr("costs %1").arg(moneyText(value, currency));
        case Criterion::Weight:
            return Words::tr("%1 heavy").arg(grams(value));
    }
    return {};
}

QString lineOf(const LostPoints& lost, UnitSystem units, const QString& currency)
{
    const QString reason = reasonOf(lost, units, currency);
    return lost.stops ? Words::tr("Stop: %1").arg(reason)
                      : Words::tr("%1 %2").arg(fixedNumber(-lost.points, 1), reason);
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
    if (risk.grade == RiskGrade::Accepted)
        return Words::tr("Amplifier unknown: %1 of the old resistance is accepted practice.").arg(share);
    QStringList ways;
    if (risk.nearest_ohm > 0.0) ways << Words::tr("a driver of %1").arg(ohms(risk.nearest_ohm));
    if (risk.series_ohm)
        ways << Words::tr("%1 in series, which costs %2").arg(ohms(*risk.series_ohm), decibels(risk.seriesLoss_db));
    ways << Words::tr("a warm-up test with a hand on its case");
    return Words::tr("%1 risk for an unknown amplifier: %2 of the old resistance. Ways out: %3.%4")
        .arg(risk.grade == RiskGrade::High ? Words::tr("High") : Words::tr("Some"), share, ways.join(Words::tr("; ")),
             risk.oldUnmeasured ? Words::tr(" An ohmmeter at the old coil settles most.") : QString());
}

QString textOf(const TurnChoice& turn)
{
    const double turn_deg = std::remainder(turn.turn_deg, 360.0);
    const QString how = std::abs(turn_deg) < 0.5 ? Words::tr("not turned")
                        : turn_deg > 0.0         ? Words::tr("turned %1° to the left").arg(fixedNumber(turn_deg, 0))
                                                 : Words::tr("turned %1° to the right").arg(fixedNumber(-turn_deg, 0));
    if (turn.givenUp.empty()) return how;
    QStringList wishes;
    for (const TurnWish wish : turn.givenUp) wishes << nameOf(wish);
    return Words::tr("%1; given up: %2").arg(how, wishes.join(Words::tr(", ")));
}

QString screwsFor(Anchor anchor, const Practice& practice, UnitSystem units)
{
    const double screw_m = practice[PracticeKey::Screw_m];
    const QString screw = marginText(screw_m, units);
    switch (anchor) {
        case Anchor::Metal:
            return Words::tr("Sheet-metal screws of %1, pilot %2; never a machine thread without its nut.")
                .arg(screw, marginText(pilotDrill_m(screw_m, practice[PracticeKey::PilotDrill_ratio]), units));
        case Anchor::Plastic:
            return Words::tr(
                "Screws with a coarse thread for plastic, as thick as the old ones, turned back until they "
                "fall into their thread.");
        case Anchor::Wood:
            return Words::tr("Wood screws of %1, pilot two thirds of that.").arg(screw);
        case Anchor::Unknown:
            return {};
    }
    return {};
}

QString textOf(const FamilyMatch& match, const QString& other)
{
    // A difference in colour of about 1 dB is just heard in one's own room, 3 dB by anybody; common practice, no
    // source.
    constexpr double kJustHeard_db = 1.0, kPlain_db = 3.0;
    const double colour_db = std::max(match.shape_db, match.angle_db);
    const QString heard = colour_db < kJustHeard_db ? Words::tr("not heard as another voice")
                          : colour_db < kPlain_db   ? Words::tr("hardly heard")
                                                    : Words::tr("plainly another voice");
    return Words::tr("Beside %1: %2 in level, %3 apart in colour, %4 in how it spreads; %5.")
        .arg(other, decibelChange(match.level_db), decibels(match.shape_db), decibels(match.angle_db), heard);
}

}  // namespace words
