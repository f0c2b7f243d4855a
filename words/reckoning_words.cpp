#include "words/reckoning_words.h"

#include <utility>

#include "words/figures.h"
#include "words/name_words.h"
#include "words/quantity_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

QString figureIn(Quantity quantity, double value)
{
    return figureOf(quantity, value).replace(QLatin1Char('-'), QChar(0x2212));
}

}  // namespace

QString formulaOf(Quantity quantity)
{
    const std::pair<Quantity, QString> formulas[] = {
        {Quantity::LeastImpedance_ohm,
         Words::tr("least |Z| of all that hangs on the channel, solved from 20 Hz to 20 kHz")},
        {Quantity::SeenOhm_ohm, Words::tr("coils and resistors as they are joined, at direct current")},
        {Quantity::CornerShift_octave, Words::tr("log₂ (f now ÷ f before), f = 1 ÷ (2π R C)")},
        {Quantity::SinePower_w, Words::tr("U² Re ÷ |Z|² at the worst frequency, the source at its limit")},
        {Quantity::ProgrammePower_w, Words::tr("U² Re ÷ |Z|² over programme whose peaks touch the source’s limit")},
        {Quantity::ProgrammeTravel_m,
         Words::tr("3 × the rms travel with programme at the source’s limit, passed 0.3 % of the time")},
        {Quantity::Travel_m, Words::tr("the largest peak travel of a sine, the source at its limit")},
        {Quantity::Mismatch_db, Words::tr("mean levels of both in the band each plays, at equal volts")},
        {Quantity::BandChange_db, Words::tr("mean level at the ears, as planned less turned over")}};
    for (const auto& [of, text] : formulas)
        if (of == quantity) return text;
    return {};
}

QStringList reckoningOf(const Finding& finding, const Practice& practice)
{
    QStringList lines;
    for (const Evidence& evidence : finding.evidence) {
        const Quantity quantity = evidence.what.what;
        const QString figure = Words::tr("%1 %2").arg(labelOf(quantity), figureIn(quantity, evidence.figure.value));
        const QString stage = evidence.stage == kFound && finding.stage != kFound ? Words::tr("as found") : QString();
        lines << joinedKnown({figure, stage, formulaOf(quantity), nameOf(evidence.figure.worst)});
        if (!evidence.limit) continue;
        const QString against = Words::tr("held against %1").arg(figureIn(quantity, *evidence.limit));
        QString source;
        if (evidence.limitFrom) {
            const std::string& from = practice.entries.at(*evidence.limitFrom).source;
            source = from.starts_with("common practice") ? Words::tr("common practice, no source")
                                                         : QString::fromStdString(from);
        }
        lines << joinedKnown({against, source});
    }
    return lines;
}

}  // namespace words
