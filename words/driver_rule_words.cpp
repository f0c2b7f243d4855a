// What the rules about coils, protection, travel and polarity say.
#include "words/rule_words.h"

#include "words/figures.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

bool has(const Finding& finding, Quantity quantity, StageId stage)
{
    for (const Evidence& evidence : finding.evidence)
        if (evidence.what.what == quantity && evidence.stage == stage) return true;
    return false;
}

}  // namespace

FindingText sayCoilsFight(const Finding& f)
{
    QStringList figures{Words::tr("%1 of travel, up to %2 of heat.")
                            .arg(length(figureOf(f, Quantity::Travel_m)), watts(figureOf(f, Quantity::SinePower_w)))};
    if (has(f, Quantity::SeenOhm_ohm, f.stage))
        figures << Words::tr("The meter reads %1 all the same.").arg(ohms(figureOf(f, Quantity::SeenOhm_ohm)));
    return {Words::tr("One coil pushes against the other"), figures.join(QLatin1Char(' ')),
            Words::tr("No ohmmeter shows it: the cone stands still and the coils burn. A battery touched to the leads "
                      "must move the cone.")};
}

FindingText sayCoilOpen(const Finding& f)
{
    return {Words::tr("A coil of it is left open"),
            Words::tr("%1 of its coils has nothing on it.").arg(figureOf(f, Quantity::CoilCount)),
            Words::tr("It works with part of its motor: less level, a softer hold on its resonance, and the rating of "
                      "the coils in use alone.")};
}

FindingText sayDriverUnfed(const Finding&)
{
    return {Words::tr("Nothing feeds it"), Words::tr("No channel reaches its terminals."),
            Words::tr("It is planned and would stay silent. Choose what feeds it in Walk-round, Which wires?")};
}

FindingText sayTweeterUnprotected(const Finding& f)
{
    return {
        Words::tr("Nothing keeps the lows from this tweeter"),
        Words::tr("At %1 it gets %2 of its highest level; %3 of programme, %4 of travel for %5.")
            .arg(frequency(figureOf(f, Quantity::AtFrequency_hz)), decibelChange(figureOf(f, Quantity::LevelChange_db)),
                 watts(figureOf(f, Quantity::ProgrammePower_w)), length(figureOf(f, Quantity::ProgrammeTravel_m)),
                 length(figureOf(f, Quantity::Xmax_m))),
        Words::tr("A dome has no travel for bass and no coil for its heat. Prove the filter before power, start "
                  "low.")};
}

FindingText sayHighPassLost(const Finding& f)
{
    QStringList figures;
    if (has(f, Quantity::Corner_hz, *f.from))
        figures << Words::tr("It held back below %1.")
                       .arg(frequency(evidenceOf(f, Quantity::Corner_hz, *f.from).figure.value));
    figures << Words::tr("Now nothing does: %1 of travel with programme, it has %2.")
                   .arg(length(figureOf(f, Quantity::ProgrammeTravel_m)), length(figureOf(f, Quantity::Xmax_m)));
    return {Words::tr("What kept the lows from it is gone"), figures.join(QLatin1Char(' ')),
            Words::tr("The maker put it there for this place. More bass comes, and more travel; a filter of its own "
                      "keeps both in hand.")};
}

FindingText sayTravelWithProgramme(const Finding& f)
{
    return {Words::tr("Music asks more travel than it has"),
            Words::tr("%1 with programme at the source's limit; it has %2.")
                .arg(length(figureOf(f, Quantity::ProgrammeTravel_m)), length(figureOf(f, Quantity::Xmax_m))),
            Words::tr("Beyond its travel the coil leaves the gap: it distorts, then strikes. Less bass, or less level, "
                      "keeps it inside.")};
}

FindingText saySubwooferTravel(const Finding& f)
{
    return {Words::tr("A low note drives it past its travel"),
            Words::tr("%1 at %2 with the source at its limit; it has %3.")
                .arg(length(figureOf(f, Quantity::Travel_m)), frequency(figureOf(f, Quantity::AtFrequency_hz)),
                     length(figureOf(f, Quantity::Xmax_m))),
            Words::tr("Organ, synthesiser and film play single low notes. Box, filter or level has to hold the cone.")};
}

FindingText sayPairTurnedOver(const Finding& f)
{
    return {Words::tr("One side is turned over against the other"),
            Words::tr("Turned like its twin: %1 in 60–250 Hz at the first seat.")
                .arg(decibelChange(-figureOf(f, Quantity::BandChange_db))),
            Words::tr("Two schools: correct it, bass of both sides adds up; keep it, where the maker did it on purpose "
                      "for one seat. The polarity test tells what is there.")};
}

FindingText sayBassLostByFlip(const Finding& f)
{
    return {Words::tr("The turned side takes the bass away"),
            Words::tr("%1 in 60–250 Hz at the first seat, against both sides alike; noted from %2.")
                .arg(decibelChange(figureOf(f, Quantity::BandChange_db)),
                     decibels(-evidenceOf(f, Quantity::BandChange_db, f.stage).limit.value_or(0.0))),
            Words::tr("Where the two sides arrive alike and turned, they cancel.")};
}

FindingText saySubAgainstDoors(const Finding& f)
{
    return {Words::tr("Subwoofer and doors work against each other"),
            Words::tr("%1 of what both have is lost about %2, where one takes over from the other; noted from %3.")
                .arg(decibels(figureOf(f, Quantity::SplitHole_db)), frequency(figureOf(f, Quantity::SplitAt_hz)),
                     decibels(evidenceOf(f, Quantity::SplitHole_db, f.stage).limit.value_or(0.0))),
            Words::tr("They arrive out of step at the first seat. Turning the subwoofer over costs nothing; where that "
                      "does not do it, the doors wait for it.")};
}

}  // namespace words
