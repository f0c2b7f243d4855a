#include "words/slate_words.h"

#include <QLocale>

#include "core/base/unit.h"
#include "core/physics/level.h"
#include "core/physics/wire.h"
#include "words/calc_words.h"
#include "words/figures.h"
#include "words/named_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

double result(const SlateAnswer& answer, SlateFigure figure)
{
    for (const SlateResult& one : answer.results)
        if (one.figure == figure) return one.value;
    return 0.0;
}

double input(const SlateAnswer& answer, size_t index)
{
    return answer.inputs.at(index).value;
}

SlateText capacitorCorner(const SlateAnswer& a)
{
    const QString corner = frequency(result(a, SlateFigure::Corner_hz));
    return {Words::tr("%1 into %2 cuts at %3").arg(farads(input(a, 0)), ohms(input(a, 1)), corner),
            QStringLiteral("f = 1 / (2π · R · C)"),
            {QStringLiteral("f = 1 / (2π · %1 · %2) = %3").arg(ohms(input(a, 1)), farads(input(a, 0)), corner),
             Words::tr("−3 dB there and 6 dB an octave below, on a plain resistance; a real driver moves it.")}};
}

SlateText capacitorForCorner(const SlateAnswer& a)
{
    const QString exact = farads(result(a, SlateFigure::Capacitance_f));
    return {Words::tr("%1 into %2 wants %3").arg(frequency(input(a, 0)), ohms(input(a, 1)), exact),
            QStringLiteral("C = 1 / (2π · f · R)"),
            {QStringLiteral("C = 1 / (2π · %1 · %2) = %3").arg(frequency(input(a, 0)), ohms(input(a, 1)), exact),
             Words::tr("To buy: %1")
                 .arg(preferredFarads(result(a, SlateFigure::PreferredE6_f), result(a, SlateFigure::PreferredE12_f),
                                      result(a, SlateFigure::PreferredE24_f)))}};
}

SlateText powerIntoLoad(const SlateAnswer& a)
{
    const QString voltage = volts(result(a, SlateFigure::Voltage_v));
    const QString current = amperes(result(a, SlateFigure::Current_a));
    return {Words::tr("%1 into %2 is %3 and %4").arg(watts(input(a, 0)), ohms(input(a, 1)), voltage, current),
            QStringLiteral("U = √(P · R),  I = √(P / R)"),
            {QStringLiteral("U = √(%1 · %2) = %3").arg(watts(input(a, 0)), ohms(input(a, 1)), voltage),
             QStringLiteral("I = √(%1 / %2) = %3").arg(watts(input(a, 0)), ohms(input(a, 1)), current)}};
}

SlateText voltageIntoLoad(const SlateAnswer& a)
{
    const QString power = watts(result(a, SlateFigure::Power_w));
    const QString current = amperes(result(a, SlateFigure::Current_a));
    return {Words::tr("%1 across %2 is %3 and %4").arg(volts(input(a, 0)), ohms(input(a, 1)), power, current),
            QStringLiteral("P = U² / R,  I = U / R"),
            {QStringLiteral("P = %1² / %2 = %3").arg(volts(input(a, 0)), ohms(input(a, 1)), power),
             QStringLiteral("I = %1 / %2 = %3").arg(volts(input(a, 0)), ohms(input(a, 1)), current)}};
}

SlateText seriesParallel(const SlateAnswer& a)
{
    return {Words::tr("%1 together").arg(ohms(result(a, SlateFigure::Load_ohm))),
            QStringLiteral("R + R in series,  1 / (1/R + 1/R) in parallel"),
            {Words::tr("%1 = %2").arg(QString::fromStdString(a.text), ohms(result(a, SlateFigure::Load_ohm)))}};
}

SlateText severalCoils(const SlateAnswer& a)
{
    const double series = result(a, SlateFigure::SeriesLoad_ohm);
    const double parallel = result(a, SlateFigure::ParallelLoad_ohm);
    SlateText text{Words::tr("%1 in series, %2 in parallel").arg(ohms(series), ohms(parallel)),
                   QStringLiteral("n · R in series,  R / n in parallel"),
                   {QStringLiteral("%1 · %2 = %3").arg(plainNumber(input(a, 0)), ohms(input(a, 1)), ohms(series)),
                    QStringLiteral("%1 / %2 = %3").arg(ohms(input(a, 1)), plainNumber(input(a, 0)), ohms(parallel))}};
    if (a.inputs.size() < 3) return text;
    const auto verdict = [&](SlateFigure figure) {
        return result(a, figure) > 0.0 ? Words::tr("not below the minimum of %1").arg(ohms(input(a, 2)))
                                       : Words::tr("below the minimum of %1").arg(ohms(input(a, 2)));
    };
    text.steps << Words::tr("Series: %1. Parallel: %2.")
                      .arg(verdict(SlateFigure::SeriesAllowed), verdict(SlateFigure::ParallelAllowed));
    return text;
}

SlateText conversion(const SlateAnswer& a)
{
    const double value = input(a, 0);
    const auto other = [&](double factor, const QString& unit, int decimals) {
        return QStringLiteral("%1 %2").arg(QLocale().toString(value * factor, 'f', decimals), unit);
    };
    SlateText text;
    switch (a.inputs.at(0).dimension) {
        case Dimension::Length:
            text = {length(value),
                    QStringLiteral("1 in = 25.4 mm"),
                    {other(1.0 / 0.3048, QStringLiteral("ft"), 3), other(1.0, QStringLiteral("m"), 4)}};
            break;
        case Dimension::Capacitance:
            text = {farads(value), {}, {other(1e6, QStringLiteral("µF"), 3)}};
            break;
        case Dimension::Resistance:
            text = {ohms(value), {}, {}};
            break;
        case Dimension::Power:
            text = {watts(value), QStringLiteral("10 · log P"), {}};
            if (value > 0.0) text.steps << figure(powerDecibels(value), "dBW");
            break;
        case Dimension::Voltage:
            text = {volts(value), QStringLiteral("20 · log U"), {}};
            if (value > 0.0) text.steps << figure(core::decibels(value), "dBV");
            break;
        case Dimension::Current:
            text = {amperes(value), {}, {}};
            break;
        case Dimension::Frequency:
            text = {frequency(value), {}, {}};
            break;
        case Dimension::Level:
            text = {decibels(value), {}, {}};
            break;
        case Dimension::Inductance:
            text = {other(1e3, QStringLiteral("mH"), 4), {}, {}};
            break;
        case Dimension::Time:
            text = {other(1e3, QStringLiteral("ms"), 4), {}, {}};
            break;
        case Dimension::Gauge:
            text = {Words::tr("AWG %1 is %2 mm²").arg(plainNumber(value), plainNumber(1e6 * awgArea_m2(value))),
                    QStringLiteral("d = 0.127 mm · 92^((36 − n) / 39)"),
                    {}};
            break;
        case Dimension::Number:
        case Dimension::Area:
        case Dimension::Volume:
        case Dimension::Mass:
        case Dimension::Temperature:
        case Dimension::Octaves:
        case Dimension::Charge:
            text = {figure(value, unitOf(a.inputs.at(0).dimension)), {}, {}};
            break;
    }
    return text;
}

}  // namespace

SlateText textOf(const SlateAnswer& answer)
{
    switch (answer.kind) {
        case SlateKind::CapacitorCorner:
            return capacitorCorner(answer);
        case SlateKind::CapacitorForCorner:
            return capacitorForCorner(answer);
        case SlateKind::PowerIntoLoad:
            return powerIntoLoad(answer);
        case SlateKind::VoltageIntoLoad:
            return voltageIntoLoad(answer);
        case SlateKind::SeriesParallel:
            return seriesParallel(answer);
        case SlateKind::SeveralCoils:
            return severalCoils(answer);
        case SlateKind::Conversion:
            return conversion(answer);
        case SlateKind::Named:
            return namedText(answer);
        case SlateKind::Help:
            return slateHelp();
    }
    return {};
}

const char* unitOf(SlateFigure figure)
{
    switch (figure) {
        case SlateFigure::Corner_hz:
            return "Hz";
        case SlateFigure::Capacitance_f:
        case SlateFigure::PreferredE6_f:
        case SlateFigure::PreferredE12_f:
        case SlateFigure::PreferredE24_f:
            return "F";
        case SlateFigure::Voltage_v:
            return "V";
        case SlateFigure::Current_a:
            return "A";
        case SlateFigure::Power_w:
            return "W";
        case SlateFigure::Load_ohm:
        case SlateFigure::SeriesLoad_ohm:
        case SlateFigure::ParallelLoad_ohm:
            return "ohm";
        case SlateFigure::SeriesAllowed:
        case SlateFigure::ParallelAllowed:
        case SlateFigure::Value:
            return "";
    }
    return "";
}

const char* keyOf(SlateFigure figure)
{
    switch (figure) {
        case SlateFigure::Corner_hz:
            return "corner";
        case SlateFigure::Capacitance_f:
            return "capacitance";
        case SlateFigure::PreferredE6_f:
            return "preferredE6";
        case SlateFigure::PreferredE12_f:
            return "preferredE12";
        case SlateFigure::PreferredE24_f:
            return "preferredE24";
        case SlateFigure::Voltage_v:
            return "voltage";
        case SlateFigure::Current_a:
            return "current";
        case SlateFigure::Power_w:
            return "power";
        case SlateFigure::Load_ohm:
            return "load";
        case SlateFigure::SeriesLoad_ohm:
            return "seriesLoad";
        case SlateFigure::ParallelLoad_ohm:
            return "parallelLoad";
        case SlateFigure::SeriesAllowed:
            return "seriesAllowed";
        case SlateFigure::ParallelAllowed:
            return "parallelAllowed";
        case SlateFigure::Value:
            return "value";
    }
    return "";
}

}  // namespace words
