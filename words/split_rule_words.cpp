// What the rules about crossovers say.
#include <cmath>

#include "words/figures.h"
#include "words/rule_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

FindingText saySplitNearResonance(const Finding& f)
{
    const Evidence& corner = evidenceOf(f, Quantity::Corner_hz, f.stage);
    return {Words::tr("The tweeter is asked to play too low"),
            Words::tr("From %1, it resonates at %2; wanted %3.")
                .arg(frequency(corner.figure.value), frequency(figureOf(f, Quantity::Fs_hz)),
                     frequency(corner.limit.value_or(0.0))),
            Words::tr("Near its resonance a dome moves most and its filter holds least: it distorts, then tears. Cross "
                      "higher or more steeply.")};
}

FindingText saySplitAboveBeaming(const Finding& f)
{
    const Evidence& at = f.evidence.front();
    return {Words::tr("The woofer plays on where it beams"),
            Words::tr("Handed over at %1; from %2 it is 6 dB down at 45°.")
                .arg(frequency(at.figure.value), frequency(at.limit.value_or(0.0))),
            Words::tr("Off its axis the voice is dull between the two. Cross lower, or a smaller cone.")};
}

FindingText sayHoleAtSplit(const Finding& f)
{
    return {Words::tr("A hole where the two take over"),
            Words::tr("%1 deep at %2, noted from %3; handed over at %4.")
                .arg(decibels(f.evidence.front().figure.value), frequency(figureOf(f, Quantity::AtFrequency_hz)),
                     decibels(f.evidence.front().limit.value_or(0.0)), frequency(figureOf(f, Quantity::SplitAt_hz))),
            Words::tr("Woofer and tweeter push against each other at this seat. Turn the tweeter over, or move it.")};
}

FindingText sayGapOrOverlap(const Finding& f)
{
    const double off_db = figureOf(f, Quantity::SplitOff_db);
    const QString said = off_db < 0.0 ? Words::tr("%1 too little at %2, over %3; noted from %4.")
                                      : Words::tr("%1 too much at %2, over %3; noted from %4.");
    return {off_db < 0.0 ? Words::tr("A gap between the two") : Words::tr("The two play the same band"),
            said.arg(decibels(std::abs(off_db)), frequency(figureOf(f, Quantity::AtFrequency_hz)),
                     octaves(f.evidence.front().figure.value), octaves(f.evidence.front().limit.value_or(0.0))),
            off_db < 0.0 ? Words::tr("One ends before the other begins. Bring their filters together.")
                         : Words::tr("Both are loud in it. Part their filters, or take level from one.")};
}

FindingText sayStackedHighPasses(const Finding& f)
{
    return {
        Words::tr("Two filters take the same lows"),
        Words::tr("The channel from %1, the part before the speaker from %2: %3 apart.")
            .arg(frequency(figureOf(f, Quantity::HighPass_hz)), frequency(figureOf(f, Quantity::Corner_hz)),
                 octaves(f.evidence.front().figure.value)),
        Words::tr("Each was meant to be the only one: together they cut more steeply and turn the phase. Leave one.")};
}

FindingText sayPartOverRating(const Finding& f)
{
    const Evidence& volts = f.evidence.front();
    return {
        f.severity == Severity::Stop ? Words::tr("The capacitor gets more than it bears")
                                     : Words::tr("The capacitor has little to spare"),
        f.severity == Severity::Stop
            ? Words::tr("Up to %1 at %2, it bears %3.")
                  .arg(words::volts(volts.figure.value), frequency(figureOf(f, Quantity::AtFrequency_hz)),
                       words::volts(volts.limit.value_or(0.0)))
            : Words::tr("It wants one of %1, it bears %2.")
                  .arg(words::volts(volts.figure.value), words::volts(volts.limit.value_or(0.0))),
        Words::tr("With the source at its limit. A capacitor that breaks down is a short: the tweeter gets it all.")};
}

FindingText sayNetworkBackwards(const Finding&)
{
    return {Words::tr("The network is wired backwards"),
            Words::tr("What comes from the source arrives at its screws for a speaker."),
            Words::tr("So nothing parts the two: a tweeter gets the bass and the source sees both at once. The source "
                      "goes to the input, each speaker to its own pair.")};
}

FindingText sayNetworkAtPedals(const Finding&)
{
    return {Words::tr("The network sits at the pedals"), Words::tr("In the kick panel on the driver\u2019s side."),
            Words::tr("What works loose there, or hangs by its leads, gets under a pedal. It goes to the dry side, off the "
                      "driver\u2019s feet, and every lead is tied.")};
}

FindingText sayNetworkForOtherOhms(const Finding& f)
{
    return {Words::tr("The network is made for other ohms"),
            Words::tr("Made for %1, the speaker is sold as %2: %3 at %4.")
                .arg(ohms(figureOf(f, Quantity::RatedLoad_ohm)), ohms(figureOf(f, Quantity::Nominal_ohm)),
                     decibelChange(figureOf(f, Quantity::LevelChange_db)),
                     frequency(figureOf(f, Quantity::AtFrequency_hz))),
            Words::tr("A filter of coils and capacitors knows only the load it was reckoned for: into more ohms it "
                      "humps and hands over elsewhere, into fewer it sags.")};
}

FindingText sayNetworkOnFilteredLine(const Finding& f)
{
    const Evidence& from = f.evidence.front();
    return {Words::tr("A network on a line that lacks its lows"),
            Words::tr("Its channel begins at %1; a network wants all from %2 on.")
                .arg(frequency(from.figure.value), frequency(from.limit.value_or(0.0))),
            Words::tr("What the channel has taken no network gives back. Feed it from a full-range pair.")};
}

}  // namespace words
