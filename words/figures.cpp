#include "words/figures.h"

#include <QLocale>
#include <array>
#include <cmath>
#include <utility>
#include <vector>

#include "words/tr.h"

namespace words {
namespace {

struct Prefix {
    double factor;
    const char* text;
};
constexpr std::array kPrefixes{Prefix{1e6, "M"},       Prefix{1e3, "k"},  Prefix{1.0, ""},   Prefix{1e-3, "m"},
                               Prefix{1e-6, "\u00b5"}, Prefix{1e-9, "n"}, Prefix{1e-12, "p"}};

constexpr double kPanel_m2 = 0.1;  // from here on as panels are measured, below as cones are
constexpr double kSquareFoot_m2 = 0.09290304;

// Three significant digits without an exponent.
QString significant(double value)
{
    if (value == 0.0) return QLocale().toString(0);
    const int magnitude = static_cast<int>(std::floor(std::log10(std::abs(value)) + 1e-9));
    const int decimals = std::max(0, 2 - magnitude);
    QString text = QLocale().toString(value, 'f', decimals);
    if (decimals == 0) return text;
    while (text.endsWith(QLatin1Char('0'))) text.chop(1);
    if (!text.isEmpty() && !text.back().isDigit()) text.chop(1);
    return text;
}

QString withPrefix(double value, const QString& unit, double largest, double smallest)
{
    if (value == 0.0) return QStringLiteral("0") + QChar(0x202F) + unit;
    for (const Prefix& prefix : kPrefixes) {
        if (prefix.factor > largest || prefix.factor < smallest) continue;
        // 999.6 would round to 1000: it goes to the next prefix below its rounding
        if (std::abs(value) >= prefix.factor * 0.9995 || prefix.factor <= smallest)
            return significant(value / prefix.factor) + QChar(0x202F) + QString::fromUtf8(prefix.text) + unit;
    }
    return significant(value) + QChar(0x202F) + unit;
}

QString fixed(double value, int decimals, const QString& unit)
{
    if (std::abs(value) < 0.5 * std::pow(10.0, -decimals)) value = 0.0;  // no "-0.0"
    return QLocale().toString(value, 'f', decimals) + QChar(0x202F) + unit;
}

}  // namespace

QString frequency(double value_hz)
{
    return withPrefix(value_hz, QStringLiteral("Hz"), 1e3, 1.0);
}
QString ohms(double value_ohm)
{
    return withPrefix(value_ohm, QStringLiteral("Ω"), 1e6, 1e-3);
}
QString farads(double value_f)
{
    return withPrefix(value_f, QStringLiteral("F"), 1e-6, 1e-12);
}
QString preferredFarads(double e6_f, double e12_f, double e24_f)
{
    std::vector<std::pair<QString, QStringList>> values;
    for (const auto& [value_f, series] : {std::pair{e6_f, "E6"}, {e12_f, "E12"}, {e24_f, "E24"}}) {
        if (values.empty() || values.back().first != farads(value_f))
            values.emplace_back(farads(value_f), QStringList());
        values.back().second << QLatin1String(series);
    }
    QStringList texts;
    for (const auto& [value, series] : values)
        texts << QStringLiteral("%1 (%2)").arg(value, series.join(QStringLiteral(", ")));
    return texts.join(QStringLiteral(", "));
}

QString volts(double value_v)
{
    return withPrefix(value_v, QStringLiteral("V"), 1.0, 1e-3);
}
QString watts(double value_w)
{
    return withPrefix(value_w, QStringLiteral("W"), 1.0, 1e-3);
}
QString amperes(double value_a)
{
    return withPrefix(value_a, QStringLiteral("A"), 1.0, 1e-3);
}
QString decibels(double value_db)
{
    return fixed(value_db, 1, QStringLiteral("dB"));
}

QString decibelChange(double value_db, int decimals)
{
    const QString text = fixed(std::abs(value_db), decimals, QStringLiteral("dB"));
    if (std::abs(value_db) < 0.5 * std::pow(10.0, -decimals)) return QStringLiteral("±") + text;
    return (value_db > 0.0 ? QStringLiteral("+") : QStringLiteral("−")) + text;
}

QString octaves(double value_octave)
{
    return Words::tr("%1 octave").arg(QLocale().toString(std::abs(value_octave), 'f', 2));
}
QString percent(double ratio)
{
    return fixed(100.0 * ratio, 0, QStringLiteral("%"));
}

QString minutes(double value_min)
{
    const int whole = static_cast<int>(std::lround(value_min));
    if (whole < 60) return Words::tr("%1 min").arg(whole);
    return Words::tr("%1 h %2 min").arg(whole / 60).arg(whole % 60, 2, 10, QLatin1Char('0'));
}

namespace {

UnitSystem spoken = UnitSystem::Metric;

}  // namespace

void speakIn(UnitSystem units)
{
    spoken = units;
}

UnitSystem spokenUnits()
{
    return spoken;
}

QString length(double value_m, UnitSystem first)
{
    const QString metric = Words::tr("%1 mm").arg(significant(1e3 * value_m));
    const QString imperial = Words::tr("%1 in").arg(QLocale().toString(value_m / 0.0254, 'f', 2));
    return first == UnitSystem::Metric ? Words::tr("%1 (%2)").arg(metric, imperial)
                                       : Words::tr("%1 (%2)").arg(imperial, metric);
}

QString fieldText(core::Quantity quantity, double value, UnitSystem units)
{
    const std::string_view unit = core::row(quantity).unit;
    QString text;
    if (unit == "m" && units == UnitSystem::Imperial)
        text = Words::tr("%1 in").arg(QLocale().toString(value / 0.0254, 'f', 2));
    else if (unit == "m")
        text = std::abs(value) >= 1.0 ? Words::tr("%1 m").arg(QLocale().toString(value, 'f', 2))
                                      : Words::tr("%1 mm").arg(significant(1e3 * value));
    else if (unit == "m3")
        text = Words::tr("%1 l").arg(significant(1e3 * value));
    else if (unit == "m2" && units == UnitSystem::Imperial && std::abs(value) >= kPanel_m2)
        text = Words::tr("%1 ft2").arg(significant(value / kSquareFoot_m2));
    else if (unit == "m2" && std::abs(value) >= kPanel_m2)
        text = Words::tr("%1 m2").arg(significant(value));
    else if (unit == "m2" && std::abs(value) < 1e-4)
        text = Words::tr("%1 mm2").arg(significant(1e6 * value));
    else if (unit == "m2")
        text = Words::tr("%1 cm2").arg(significant(1e4 * value));
    else if (unit == "ohm")
        text = ohms(value).replace(QStringLiteral("Ω"), QStringLiteral("ohm"));
    else if (unit == "F")
        text = farads(value);
    else if (unit == "Hz")
        text = frequency(value);
    else if (unit == "W")
        text = watts(value);
    else if (unit == "V")
        text = volts(value);
    else if (unit == "kg")
        text = Words::tr("%1 kg").arg(significant(value));
    else
        text = significant(value);
    return text.replace(QChar(0x202F), QLatin1Char(' ')).replace(QChar(0x00B5), QLatin1Char('u'));
}

QString joinedKnown(QStringList parts, const QString& between)
{
    parts.removeAll(QString());
    return parts.join(between);
}

QString fixedNumber(double value, int decimals)
{
    const bool negative = value <= -0.5 * std::pow(10.0, -decimals);
    return (negative ? QStringLiteral("−") : QString()) + QLocale().toString(std::abs(value), 'f', decimals);
}

QString plainNumber(double value)
{
    return significant(value);
}

QString asKnown(const QString& figure, core::Origin worst)
{
    return worst == core::Origin::ClassGuess ? Words::tr("about %1, class guess").arg(figure) : figure;
}

QString signedAsKnown(const QString& figure, core::Origin worst)
{
    return worst == core::Origin::ClassGuess ? QChar(0x2248) + QString(QChar(0x202F)) + figure : figure;
}

}  // namespace words
