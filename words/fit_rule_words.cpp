// What the rules about fit and about levels say.
#include <QStringList>
#include <algorithm>
#include <cmath>

#include "words/fit_words.h"
#include "words/name_words.h"
#include "words/quantity_words.h"
#include "words/rule_words.h"
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

FindingText frontOf(const Finding& f, const QString& what)
{
    const double left = first(f).figure.value;
    return {left < 0.0 ? Words::tr("The cone strikes %1").arg(what) : Words::tr("The cone comes close to %1").arg(what),
            Words::tr("%1 left at full travel, wanted %2; surround %3.")
                .arg(spokenLength(left), spokenLength(first(f).limit.value_or(0.0)), spokenLength(second(f))),
            Words::tr("A pressed surround buzzes or falls silent while the tweeter still plays.")};
}

}  // namespace

FindingText sayDepthAndSpacer(const Finding& f)
{
    const double left = first(f).figure.value;
    const QString title = left < 0.0 ? Words::tr("%1 too deep for its place").arg(spokenLength(-left))
                                     : Words::tr("Only %1 left behind the magnet").arg(spokenLength(left));
    const QString numbers =
        f.evidence.size() > 1
            ? Words::tr("%1 left, wanted %2: that takes a spacer of %3.")
                  .arg(spokenLength(left), spokenLength(first(f).limit.value_or(0.0)), spokenLength(second(f)))
            : Words::tr("%1 left, wanted %2.").arg(spokenLength(left), spokenLength(first(f).limit.value_or(0.0)));
    return {title, numbers,
            f.severity == Severity::Stop
                ? Words::tr("No spacer one can buy brings it clear and still leaves room in front.")
                : Words::tr("What lies behind moves, swells and rattles; a magnet that touches it is heard.")};
}

FindingText sayWindowTravel(const Finding& f)
{
    if (first(f).what.what == Quantity::Depth_m)
        return {Words::tr("Nobody knows where the window runs"),
                Words::tr("The driver is %1 deep; how far the glass is behind its face was not measured.")
                    .arg(spokenLength(first(f).figure.value)),
                Words::tr("Wind it up and down and try the glass before anything is cut or closed.")};
    const double left = first(f).figure.value;
    const QString what = labelOf(first(f).what.what);
    return {left < 0.0 ? Words::tr("The window meets the driver") : Words::tr("The window passes very close"),
            left < 0.0 ? Words::tr("%1: %2 into it.").arg(what, spokenLength(-left))
                       : Words::tr("%1: %2 left, wanted %3.")
                             .arg(what, spokenLength(left), spokenLength(first(f).limit.value_or(0.0))),
            Words::tr("Glass breaks, or the lift tears the cable, after the panel is on.")};
}

FindingText sayCutoutAndRing(const Finding& f)
{
    const QString there = spokenLength(first(f).figure.value), limit = spokenLength(first(f).limit.value_or(0.0));
    if (first(f).figure.value > first(f).limit.value_or(0.0))
        return {Words::tr("The screws would hang in air"),
                Words::tr("The hole is %1 wide, this flange and its screws take at most %2.").arg(there, limit),
                Words::tr("An adapter ring gives them something to bite in and closes the gap.")};
    if (f.evidence.size() > 1 && f.evidence.back().what.what == Quantity::CutoutShort_m)
        return {Words::tr("The hole has to be cut oval"),
                Words::tr("It is %1 the long way; the body needs an opening of %2 by %3.")
                    .arg(there, limit, spokenLength(f.evidence.back().figure.value)),
                Words::tr("An oval never goes through a round hole of its short way. Mark it from a template and cut "
                          "by hand, or use an adapter plate.")};
    const bool noSaw = std::any_of(f.mends.begin(), f.mends.end(),
                                   [](const Mend& mend) { return mend.name == MendName::CutByTemplate; });
    return {Words::tr("The hole has to be cut wider"), Words::tr("It is %1, this body needs %2.").arg(there, limit),
            noSaw ? Words::tr("No saw lies between its limits: mark it from a template, cut by hand, file to the "
                              "line. A cut is for good.")
                  : Words::tr("A cut is for good: look behind it first, paint the edge, get every chip out.")};
}

FindingText sayCutAgainstWish(const Finding& f)
{
    QStringList cuts;
    for (const Evidence& one : f.evidence) {
        const Quantity what = one.what.what;
        cuts << (what == Quantity::Cutout_m        ? Words::tr("a hole of %1").arg(spokenLength(one.figure.value))
                 : what == Quantity::ScrewCount    ? Words::tr("new screw holes")
                 : what == Quantity::Obstruction_m ? Words::tr("what stands in the way cut off")
                                                   : Words::tr("the vehicle's plug cut off"));
    }
    return {Words::tr("Cut for good, where nothing may be cut"),
            Words::tr("Planned: %1.").arg(cuts.join(Words::tr(", "))),
            Words::tr("The owner wants no cutting. Take it back, choose what fits, or let the owner agree to it.")};
}

FindingText sayDomeTakenForHole(const Finding& f)
{
    return {Words::tr("The dome's size stands where the hole belongs"),
            Words::tr("Hole %1, dome %2; a body of this kind is about %3.")
                .arg(spokenLength(first(f).figure.value), spokenLength(first(f).limit.value_or(0.0)),
                     spokenLength(second(f))),
            Words::tr("A tweeter is sold by its dome; the body behind the flange is nearly twice as wide.")};
}

FindingText sayScrewHoles(const Finding& f)
{
    return {
        Words::tr("%1 of %2 screw holes line up").arg(first(f).figure.value).arg(second(f)),
        Words::tr("At the best turn %1 meet, wanted %2.").arg(first(f).figure.value).arg(first(f).limit.value_or(0.0)),
        Words::tr("Fewer than that hold a driver crooked; new pilot holes are for good.")};
}

FindingText sayScrewOutsideFlange(const Finding& f)
{
    return {Words::tr("Its screws would hang in air"),
            Words::tr("They stand %1 apart; a flange like that holds them up to %2.")
                .arg(length(first(f).figure.value), length(first(f).limit.value_or(0.0))),
            Words::tr("Pattern and flange are not of one driver: one of its own figures is wrong.")};
}

FindingText sayCoverSwallows(const Finding& f)
{
    return {Words::tr("What covers it swallows %1").arg(decibels(first(f).figure.value)),
            Words::tr("Mean of 4–20 kHz; noted from %1.").arg(decibels(first(f).limit.value_or(0.0))),
            Words::tr("Treble that stays in cloth or carpet was paid for and is not heard.")};
}

FindingText sayHeavyOnAdhesive(const Finding& f)
{
    return {Words::tr("%1 on adhesive alone").arg(grams(first(f).figure.value)),
            Words::tr("Adhesive is trusted to %1 here.").arg(grams(first(f).limit.value_or(0.0))),
            Words::tr("In the sun it softens and lets go; a bracket or a ring holds.")};
}

FindingText sayWireSlack(const Finding& f)
{
    const double left = first(f).figure.value;
    const bool loose = left > first(f).limit.value_or(0.0);
    return {f.severity == Severity::Stop ? Words::tr("A loop hangs where the window runs")
            : loose                      ? Words::tr("Too much slack in the door")
                                         : Words::tr("Too little slack in the door"),
            Words::tr("%1 over the way it takes; wanted %2 %3.")
                .arg(spokenLength(left), loose ? Words::tr("at most") : Words::tr("at least"),
                     spokenLength(first(f).limit.value_or(0.0))),
            Words::tr("Too short tears at service, too long catches the glass. Tie it low, terminals down.")};
}

FindingText sayLevelMismatch(const Finding& f)
{
    return {Words::tr("%1 apart in level").arg(decibels(first(f).figure.value)),
            Words::tr("Each in the band it plays, at the same volts; noted from %1.")
                .arg(decibels(first(f).limit.value_or(0.0))),
            Words::tr("The louder one pulls the image towards it. Turn it down, or pad it.")};
}

FindingText sayHoleUnknown(const Finding& f)
{
    return {Words::tr("Nobody knows of a hole there"),
            Words::tr("It needs one of %1 to %2.")
                .arg(spokenLength(first(f).figure.value), spokenLength(f.evidence.back().figure.value)),
            Words::tr("Look behind the trim: where the vehicle has an opening, measure it; where it has none, one "
                      "is cut for good.")};
}

FindingText sayFrontClearance(const Finding& f)
{
    return frontOf(f, Words::tr("what covers it"));
}

FindingText sayUnderPanel(const Finding& f)
{
    return frontOf(f, Words::tr("the panel it is clamped under"));
}

FindingText saySealMissing(const Finding& f)
{
    return {Words::tr("Nothing seals the edge of the driver"),
            Words::tr("A strip of %1 round the flange closes it.").arg(spokenLength(first(f).figure.value)),
            Words::tr("Air that gets past the edge takes the bass with it; factory foam goes back or is "
                      "replaced.")};
}

FindingText sayPinchedCable(const Finding& f)
{
    return {
        Words::tr("The spacer has no way out for the cable"),
        Words::tr("No notch; a hole of %1 with a bush gives it one.").arg(spokenLength(first(f).limit.value_or(0.0))),
        Words::tr("A cable clamped under a ring is cut through by the first bumps.")};
}

FindingText sayPlasticAnchors(const Finding&)
{
    return {Words::tr("The screws go into plastic"), Words::tr("Start them all by hand, then evenly, low clutch."),
            Words::tr("A stripped boss holds nothing and is not replaced.")};
}

FindingText sayNeedlessCut(const Finding& f)
{
    return {Words::tr("The cut is not needed"),
            Words::tr("%1 are left with it whole, wanted %2.")
                .arg(spokenLength(first(f).figure.value), spokenLength(first(f).limit.value_or(0.0))),
            Words::tr("What holds a cable holds it better as it was made; a cut is for good.")};
}

FindingText sayFixingOverload(const Finding& f)
{
    return {Words::tr("Heavy for its screws"),
            Words::tr("%1 N on each in a shock, such a fixing is trusted with %2 N.")
                .arg(plainNumber(first(f).figure.value), plainNumber(first(f).limit.value_or(0.0))),
            Words::tr("It works loose, then rattles, then falls. More screws or a ring behind the panel share "
                      "it.")};
}

FindingText sayCountsOpen(const Finding& f)
{
    return {Words::tr("A count is still open on the way in"),
            Words::tr("%n panel(s) to come off with no fastener counted.", nullptr,
                      static_cast<int>(std::lround(first(f).figure.value))),
            Words::tr("Pull only when the count of fasteners left is zero.")};
}

FindingText sayScrewReaches(const Finding& f)
{
    return {Words::tr("The screws reach too far"),
            Words::tr("Their points are %1 past what lies behind.").arg(spokenLength(-first(f).figure.value)),
            Words::tr("They meet glass, cable or tank. Shorter screws, and a stop on the drill.")};
}

FindingText sayClipsEarly(const Finding& f)
{
    return {Words::tr("The source clips long before this coil is tired"),
            Words::tr("It gives up to %1; the coil is rated %2, that is %3 over it.")
                .arg(watts(second(f)), watts(f.evidence.back().figure.value), decibels(first(f).figure.value)),
            Words::tr("A rating is heat, not loudness. Mark where it still plays clean on the volume knob.")};
}

}  // namespace words
