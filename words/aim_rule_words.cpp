// What the rules about where a driver stands and looks say.
#include <cmath>

#include "words/figures.h"
#include "words/fit_words.h"
#include "words/rule_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

QString degrees(double value)
{
    return Words::tr("%1°").arg(fixedNumber(value, 0));
}

QString milliseconds(double value_s)
{
    return Words::tr("%1 ms").arg(fixedNumber(1e3 * value_s, 2));
}

}  // namespace

FindingText sayWaysApart(const Finding& f)
{
    const Evidence& way = f.evidence.front();
    return {Words::tr("Tweeter and woofer are too far apart"),
            Words::tr("Ways %1 apart; half a wave is %2 at the hand-over, %3.")
                .arg(length(std::abs(way.figure.value)), length(way.limit.value_or(0.0)),
                     frequency(figureOf(f, Quantity::SplitAt_hz))),
            Words::tr("What the two play together arrives after more than half a wave: no polarity is right for it. "
                      "Delay the nearer one, or bring them together.")};
}

FindingText sayOffAxis(const Finding& f)
{
    return {Words::tr("It looks past the ears"),
            Words::tr("%1 lost at 8 kHz, %2 off its axis; noted from %3.")
                .arg(decibels(f.evidence.front().figure.value), degrees(figureOf(f, Quantity::OffAxis_deg)),
                     decibels(f.evidence.front().limit.value_or(0.0))),
            Words::tr("The smaller the wave, the narrower its beam. Turn it: that costs nothing before the hole is cut.")};
}

FindingText sayCombNotch(const Finding& f)
{
    return {Words::tr("A reflection takes a notch"),
            Words::tr("%1 at %2; noted from %3.")
                .arg(decibels(f.evidence.front().figure.value), frequency(figureOf(f, Quantity::Notch_hz)),
                     decibels(f.evidence.front().limit.value_or(0.0))),
            Words::tr("The straight sound and its mirror image in glass or trim arrive half a wave apart. What sounds "
                      "airy is a comb. Turn it away from the surface, or move it.")};
}

FindingText sayInTheWay(const Finding& f)
{
    return {Words::tr("Something stands in its way"),
            Words::tr("%1 lost at %2; noted from %3.")
                .arg(decibels(f.evidence.front().figure.value), frequency(figureOf(f, Quantity::AtFrequency_hz)),
                     decibels(f.evidence.front().limit.value_or(0.0))),
            Words::tr("A leg, the wheel, a seat or the edge of the dash throws a shadow for short waves. Higher up it "
                      "is seen freely.")};
}

FindingText saySidesApart(const Finding& f)
{
    const Evidence& first = f.evidence.front();
    const bool byTime = first.what.what == Quantity::SidesApart_s;
    const double later_s = figureOf(f, Quantity::SidesApart_s);
    const double louder_db = figureOf(f, Quantity::SidesApart_db);
    const double quieter_db = later_s >= 0.0 ? louder_db : -louder_db;  // of the one that comes late
    const QString limit = byTime ? milliseconds(first.limit.value_or(0.0)) : decibels(first.limit.value_or(0.0));
    return {later_s >= 0.0 ? Words::tr("The right one comes late") : Words::tr("The left one comes late"),
            Words::tr("%1, %2 quieter; %3 wanted.")
                .arg(milliseconds(std::abs(later_s)), decibels(quieter_db), limit),
            Words::tr("All is heard from the nearer side, and what both play combs. Delay and turn down the nearer "
                      "one where something can; else turn both to the far ear.")};
}

FindingText sayRestraintPath(const Finding&)
{
    return {Words::tr("In the path of an airbag or a belt"),
            Words::tr("Closed until the vehicle maker\u2019s data clears it."),
            Words::tr("What is mounted there becomes a missile, or keeps the bag from unfolding. No distance is safe to "
                      "guess: read the maker\u2019s data and record it, or take another spot.")};
}

FindingText sayNoRoomForCup(const Finding& f)
{
    const Evidence& room = f.evidence.front();
    return {Words::tr("No room behind the cup"),
            Words::tr("%1 needed, %2 there.").arg(spokenLength(room.figure.value), spokenLength(room.limit.value_or(0.0))),
            Words::tr("A cup that turns its driver reaches further back. Let it in flush, put it in a pod, or take "
                      "another spot.")};
}

FindingText sayNotMirrored(const Finding& f)
{
    const Evidence& apart = f.evidence.front();
    const bool bySpot = apart.what.what == Quantity::MirrorApart_m;
    const auto say = [&](double value) { return bySpot ? spokenLength(value) : degrees(value); };
    return {Words::tr("The two sides are not alike"),
            (bySpot ? Words::tr("%1 from the mirrored spot; noted from %2.")
                    : Words::tr("%1 from the mirrored way; noted from %2."))
                .arg(say(apart.figure.value), say(apart.limit.value_or(0.0))),
            Words::tr("One side sounds different and looks it. Mark both from the same edges.")};
}

FindingText sayImagePulled(const Finding& f)
{
    const double shift = f.evidence.front().figure.value;
    return {shift >= 0.0 ? Words::tr("The image is pulled to the left") : Words::tr("The image is pulled to the right"),
            Words::tr("%1 of the way, by estimate; noted from %2.")
                .arg(percent(std::abs(shift)), percent(f.evidence.front().limit.value_or(0.0))),
            Words::tr("Whatever plays on both sides is heard beside the nearer one. Only a delay, or a seat in the "
                      "middle, brings it back.")};
}

}  // namespace words
