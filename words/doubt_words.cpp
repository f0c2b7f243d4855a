#include "words/doubt_words.h"

#include "words/figures.h"
#include "words/name_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

QString valueText(Quantity what, double value)
{
    switch (what) {
        case Quantity::Re_ohm:
        case Quantity::Resistance_ohm:
            return ohms(value);
        case Quantity::Fs_hz:
            return frequency(value);
        case Quantity::Power_w:
        case Quantity::RatedPower_w:
            return watts(value);
        case Quantity::Xmax_m:
            return length(value);
        case Quantity::Capacitance_f:
            return farads(value);
        case Quantity::Sensitivity_db:
            return decibels(value);
        case Quantity::Le_h:
        case Quantity::Inductance_h:
            return Words::tr("%1 mH").arg(plainNumber(1e3 * value));
        case Quantity::Vas_m3:
        case Quantity::BoxVolume_m3:
            return Words::tr("%1 l").arg(plainNumber(1e3 * value));
        case Quantity::Sd_m2:
            return Words::tr("%1 cm²").arg(plainNumber(1e4 * value));
        default:
            return plainNumber(value);
    }
}

QString titleOf(Quantity what, const QString& of)
{
    switch (what) {
        case Quantity::Re_ohm:
            return Words::tr("Put an ohmmeter on %1").arg(of);
        case Quantity::Fs_hz:
        case Quantity::Qms:
        case Quantity::Qes:
        case Quantity::Vas_m3:
        case Quantity::Le_h:
            return Words::tr("Take an impedance sweep of %1").arg(of);
        case Quantity::Sd_m2:
            return Words::tr("Measure across the cone of %1, to the middle of its surround").arg(of);
        case Quantity::Capacitance_f:
        case Quantity::Inductance_h:
        case Quantity::Resistance_ohm:
            return Words::tr("Read or measure the part %1").arg(of);
        case Quantity::BoxVolume_m3:
            return Words::tr("Measure the box: %1").arg(of);
        case Quantity::LeakCoupling:
            return Words::tr("Look behind the panel: %1. Sealing it settles more than measuring").arg(of);
        default:
            return Words::tr("Find the sheet or the label of %1").arg(of);
    }
}

}  // namespace

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
    switch (measurable) {
        case Quantity::Re_ohm:
            return Words::tr("the DC resistance");
        case Quantity::Le_h:
            return Words::tr("the coil's inductance");
        case Quantity::Fs_hz:
            return Words::tr("the resonance");
        case Quantity::Qms:
        case Quantity::Qes:
            return Words::tr("the Q of the resonance");
        case Quantity::Vas_m3:
            return Words::tr("the air as stiff as its suspension");
        case Quantity::Sd_m2:
            return Words::tr("the cone's area");
        case Quantity::Xmax_m:
            return Words::tr("the travel of the coil");
        case Quantity::Power_w:
            return Words::tr("what the coil is rated for");
        case Quantity::Sensitivity_db:
            return Words::tr("the sensitivity");
        case Quantity::RatedPower_w:
            return Words::tr("the rated power");
        case Quantity::Capacitance_f:
            return Words::tr("the capacitance");
        case Quantity::Inductance_h:
            return Words::tr("the inductance");
        case Quantity::Resistance_ohm:
            return Words::tr("the resistance");
        case Quantity::BoxVolume_m3:
            return Words::tr("the box's volume");
        case Quantity::LeakCoupling:
            return Words::tr("the share that goes round the panel");
        default:
            return QString::fromUtf8(row(measurable).key.data(), static_cast<qsizetype>(row(measurable).key.size()));
    }
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
    return {titleOf(what, of),
            Words::tr("%1 is taken as %2, give or take %3 (%4); %5.")
                .arg(name, valueText(what, next.value.value), off, nameOf(next.value.basis), hangs),
            with};
}

}  // namespace words
