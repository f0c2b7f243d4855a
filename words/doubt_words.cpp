#include "words/doubt_words.h"

#include "core/model/doubt.h"
#include "words/figures.h"
#include "words/name_words.h"
#include "words/quantity_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString nameOf(Instrument instrument)
{
    switch (instrument) {
        case Instrument::Ohmmeter:
            return Words::tr("ohmmeter");
        case Instrument::Voltmeter:
            return Words::tr("voltmeter");
        case Instrument::Ruler:
            return Words::tr("tape measure");
        case Instrument::Eye:
            return Words::tr("sheet or stamp");
        case Instrument::Microphone:
            return Words::tr("microphone");
        case Instrument::SoundCard:
            return Words::tr("sound card");
    }
    return {};
}

QString nameOf(Quantity measurable)
{
    return Words::tr(doubtOf(measurable).name.data());  // made of whole literals, so it ends with a nought
}

QString rangeText(const Range& range, int decimals)
{
    return Words::tr("%1 to %2").arg(fixedNumber(range.low, decimals), fixedNumber(range.high, decimals));
}

ReadingText textOf(const NextReading& next, const Fitout& fitout)
{
    const Quantity what = next.what.what;
    const QString of = nameOf(next.device ? Subject{next.device} : next.what.of, fitout);
    const QString off = what == Quantity::Sensitivity_db ? decibels(next.spread) : percent(next.spread);
    const QString hangs =
        next.settles ? Words::tr("it makes %1 of the doubt in %2")
                           .arg(percent(next.share), QString::fromStdString(std::string(code(*next.settles))))
                     : Words::tr("it makes %1 of the doubt in how loud the bands can get").arg(percent(next.share));
    QString name = nameOf(what);
    name[0] = name[0].toUpper();
    const QString with =
        next.lacking ? Words::tr("This bay lacks the %1 for it; nothing it has settles as much.").arg(nameOf(next.by))
                     : Words::tr("With the %1, about %2 min.").arg(nameOf(next.by), plainNumber(next.minutes));
    return {Words::tr(doubtOf(what).ask.data()).arg(of),
            Words::tr("%1 is taken as %2, give or take %3 (%4); %5.")
                .arg(name, figureOf(what, next.value.value), off, nameOf(next.value.basis), hangs),
            with};
}

}  // namespace words
