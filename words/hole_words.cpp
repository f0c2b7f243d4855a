#include "words/hole_words.h"

#include <QStringList>

#include "words/figures.h"
#include "words/fit_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString sawsText(const HoleOutline& hole)
{
    constexpr int kMost = 2;  // that fit: the smallest play is what is wanted
    QStringList all;
    int fits = 0;
    for (const SawFit& saw : hole.saws) {
        const QString size = spokenLength(saw.saw_m);
        switch (saw.verdict) {
            case SawFit::Verdict::TooTight:
                all << Words::tr("%1 too tight").arg(size);
                break;
            case SawFit::Verdict::Fits:
                if (++fits <= kMost) all << Words::tr("%1 fits, %2 play").arg(size, spokenLength(saw.play_m));
                break;
            case SawFit::Verdict::Shows:
                if (fits == 0) all << Words::tr("%1 would show").arg(size);
                break;
        }
    }
    if (fits == 0) all << Words::tr("by template");
    return all.join(QStringLiteral("; "));
}

QString roomText(const HoleOutline& hole)
{
    const QString needed = spokenLength(hole.needed_m);
    QStringList all{hole.behind_m ? Words::tr("%1 behind it, %2 needed").arg(spokenLength(*hole.behind_m), needed)
                                  : Words::tr("%1 needed behind it, nobody measured").arg(needed)};
    all << (hole.toEdge_m > 0.0 ? Words::tr("%1 to the edge").arg(spokenLength(hole.toEdge_m))
                                : Words::tr("over the edge"));
    if (hole.gap_m) all << Words::tr("the old opening shows by %1").arg(spokenLength(*hole.gap_m));
    return all.join(QStringLiteral("; "));
}

QString heldText(const HeldBy& way)
{
    return Words::tr("%1, bears %2×").arg(nameOf(way.fixing), fixedNumber(way.margin_ratio(), 1));
}

QString whyHeld(const HeldBy& way, double wanted_ratio)
{
    const bool force = way.fixing != Fixing::Clip && way.fixing != Fixing::Adhesive;
    const auto figure = [&](double value) {
        return force ? Words::tr("%1 N on each fixing").arg(fixedNumber(value, 0))
                     : Words::tr("%1 g").arg(fixedNumber(1000.0 * value, 0));
    };
    return QStringList{Words::tr("Asked for: %1. It bears %2 in this use, in the sun there and as it hangs: %3 times that, "
                                 "%4 are wanted.")
                           .arg(figure(way.asked), figure(way.bears), fixedNumber(way.margin_ratio(), 1),
                                fixedNumber(wanted_ratio, 1)),
                       way.comesOff ? Words::tr("It comes off again and leaves no trace.")
                                    : Words::tr("It leaves a trace.")}
        .join(QLatin1Char(' '));
}

}  // namespace words
