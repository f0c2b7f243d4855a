#include "words/warning_words.h"

#include <QHash>

#include "words/tr.h"

namespace words {

QString sentenceOfWarning(const std::string& warning)
{
    const QHash<QString, QString> known{
        {QStringLiteral("BelowRatedLoad"), Words::tr("That load is below what the amplifier is rated for.")},
        {QStringLiteral("RatingsFlat"),
         Words::tr("The ratings hardly rise towards the lower load: a regulated or current-limited stage.")},
        {QStringLiteral("RatingMoreThanDoubles"),
         Words::tr("The power more than doubles towards the lower load; the voltage is taken from the higher one.")},
        {QStringLiteral("MiddleRatingOff"), Words::tr("A rating between the others is more than 10 % off.")},
        {QStringLiteral("NoCandidate"),
         Words::tr("No nominal impedance fits: a short, coils in parallel or in series, or a part in circuit.")},
        {QStringLiteral("UnlikeInSeries"),
         Words::tr("Unlike coils in series share the voltage by their impedance, which changes with frequency.")},
        {QStringLiteral("OverlapIgnored"),
         Words::tr("The driver bears less than the amplifier gives, so the tone counts as 0 dB.")},
        {QStringLiteral("GainOutOfRange"), Words::tr("That is outside what a gain control usually spans, 0.2 to 5 V.")},
        {QStringLiteral("ClippedProgramme"), Words::tr("So low a crest factor means clipping.")},
        {QStringLiteral("OutsideTable"),
         Words::tr("The size is outside the table; this is a heat balance, and rough.")},
        {QStringLiteral("ClassGuess"), Words::tr("Guessed from the size of its frame.")},
        {QStringLiteral("NoResistance"), Words::tr("No resistance at all: no loss.")},
        {QStringLiteral("CentreOff"), Words::tr("The flanks do not lie evenly round the peak; read them again.")},
        {QStringLiteral("QtsOutside"),
         Words::tr("Its Qts lies outside 0.2 to 0.65, where vented boxes are usual: try a closed one.")},
        {QStringLiteral("PortFolds"),
         Words::tr("The port is longer than the box inside: fold it, or take a smaller one.")},
        {QStringLiteral("PortSpeed"),
         Words::tr("The air in the port goes fast enough to be heard: take a larger port, several, or less power.")},
        {QStringLiteral("NearField"),
         Words::tr("That is nearer than 5 cm: close to a driver level does not follow distance.")},
        {QStringLiteral("BehindTheBaffle"),
         Words::tr("More than 90 degrees off the axis: the value at 90 degrees is taken.")},
        {QStringLiteral("OtherSide"),
         Words::tr("Source and ear are not on the same side of the surface: there is no mirror image.")},
        {QStringLiteral("BlendStep"),
         Words::tr("The measured response and the model differ by more than 3 dB where they are joined: check the "
                   "voltage and the distance it was measured with.")},
        {QStringLiteral("RatingsContradict"),
         Words::tr(
             "The two power ratings contradict each other: only the first one counts. Check them against the sheet.")},
        {QStringLiteral("NoCrossing"), Words::tr("It never crosses that level.")},
        {QStringLiteral("SeveralCrossings"), Words::tr("It crosses that level more than once.")},
        {QStringLiteral("IllConditioned"),
         Words::tr("The network is close to having no single solution: check its values.")},
        {QStringLiteral("OutsideCurve"), Words::tr("A frequency lies outside the curve: nothing is said of it.")},
        {QStringLiteral("RangeNotCovered"),
         Words::tr("The curve does not cover 20 Hz to 20 kHz: the least value may lie outside it.")},
        {QStringLiteral("BelowEightyPercent"), Words::tr("The least impedance is under 80 % of the stated one.")},
        {QStringLiteral("SharedCone"), Words::tr("Coils of one cone do not share evenly that way: wire them alike.")},
        {QStringLiteral("AboveRating"),
         Words::tr("That is more than the driver is rated for: cross higher, or turn down.")},
        {QStringLiteral("InputOverload"),
         Words::tr("That is more than the input takes: tap a lower level, or turn down.")},
        {QStringLiteral("NothingToCompensate"), Words::tr("No inductance: nothing to take away.")},
        {QStringLiteral("NoSignal"), Words::tr("Nothing has no level.")},
        {QStringLiteral("CoilTooHot"),
         Words::tr("That is over what the coil bears: it burns before it gets there. Less voltage, or a filter.")},
        {QStringLiteral("Estimate"), Words::tr("An estimate: only a measurement in the vehicle can settle it.")},
        {QStringLiteral("Null(coherent_db)"), Words::tr("Together they cancel.")},
        {QStringLiteral("Null(rise_db)"), Words::tr("Together they cancel.")},
        {QStringLiteral("Null(same_db)"), Words::tr("With like polarity the two legs cancel.")},
        {QStringLiteral("Null(inverted_db)"), Words::tr("With one leg inverted the two cancel.")},
    };
    const QString plain = QString::fromStdString(warning);
    if (plain.startsWith(QStringLiteral("Differs(")))
        return Words::tr("What was typed for %1 differs from what follows from the rest: one of them is wrong.")
            .arg(plain.mid(8).chopped(1));
    if (plain.startsWith(QStringLiteral("Unused(")))
        return Words::tr("What was given for %1 has no part in this answer.").arg(plain.mid(7).chopped(1));
    if (plain.startsWith(QStringLiteral("FewPoints(")))
        return Words::tr("Too few points of the curve lie there to say much: %1.").arg(plain.mid(10).chopped(1));
    return known.value(plain, plain);
}

}  // namespace words
