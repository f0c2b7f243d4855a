#include "words/settings_words.h"

#include <QStringList>
#include <algorithm>
#include <cmath>

#include "core/fitout/resolve.h"
#include "core/physics/air.h"
#include "words/figures.h"
#include "words/name_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

constexpr double kSampleRate_hz = 48000.0;  // of the samples; common practice, no source

QString speakersOf(const StageResult& stage, const Port& channel)
{
    std::vector<Subject> played;
    for (const RunResult& run : stage.runs) {
        const Subject device = run.run.id.coil.device;
        if (run.run.id.channel == channel && std::find(played.begin(), played.end(), device) == played.end())
            played.push_back(device);
    }
    return namesOf(played, stage.used);
}

QString typeOf(const std::optional<Filter>& filter)
{
    return filter ? nameOf(filter->shape()) : Words::tr("off");
}

// A number that is typed elsewhere has a plain minus.
QString typed(double value, int decimals)
{
    return fixedNumber(value, decimals).replace(QChar(0x2212), QLatin1Char('-'));
}

QString bandsOf(const Setting& setting, const QString& between)
{
    QStringList bands;
    for (const EqualiserBand& band : setting.bands) bands << nameOf(band).replace(QChar(0x2212), QLatin1Char('-'));
    return bands.join(between);
}

QString cornerOf(double corner_hz)
{
    constexpr double kWhole_hz = 100.0;  // from here on a tenth of a hertz is nothing
    return typed(corner_hz, corner_hz < kWhole_hz ? 1 : 0);
}

// As it is set; else what the channel has built in, which nobody types but everybody has to know.
struct SheetFilter {
    QString type{}, corner{};
};
SheetFilter filterOf(const StageResult& stage, const Port& channel, const std::optional<Filter>& set, Quantity builtIn)
{
    if (set) return {typeOf(set), cornerOf(set->frequency_hz)};
    const auto corner_hz = valueOf(figuresOf(partOf(stage.used, channel.device), channel.element), builtIn);
    if (corner_hz) return {Words::tr("built in"), cornerOf(*corner_hz)};
    return {typeOf(set), {}};
}

}  // namespace

QString nameOf(const FilterShape& shape)
{
    const int slope_db = kSlopePerOrder_db * shape.order;
    switch (shape.family) {
        case FilterFamily::Butterworth:
            return Words::tr("Butterworth, %1 dB/octave").arg(slope_db);
        case FilterFamily::LinkwitzRiley:
            return Words::tr("Linkwitz-Riley, %1 dB/octave").arg(slope_db);
        case FilterFamily::Bessel:
            return Words::tr("Bessel, %1 dB/octave").arg(slope_db);
    }
    return {};
}

QString nameOf(BandKind kind)
{
    switch (kind) {
        case BandKind::Peak:
            return Words::tr("bell");
        case BandKind::LowShelf:
            return Words::tr("low shelf");
        case BandKind::HighShelf:
            return Words::tr("high shelf");
        case BandKind::AllPass1:
            return Words::tr("all-pass, first order");
        case BandKind::AllPass2:
            return Words::tr("all-pass, second order");
    }
    return {};
}

QString nameOf(const EqualiserBand& band)
{
    const QString at = frequency(band.corner_hz), q = fixedNumber(band.q, 2);
    switch (band.kind) {
        case BandKind::AllPass1:
            return Words::tr("%1 %2").arg(nameOf(band.kind), at);
        case BandKind::AllPass2:
            return Words::tr("%1 %2, Q %3").arg(nameOf(band.kind), at, q);
        case BandKind::Peak:
        case BandKind::LowShelf:
        case BandKind::HighShelf:
            break;
    }
    return Words::tr("%1 %2, %3, Q %4").arg(nameOf(band.kind), at, decibelChange(band.gain_db), q);
}

bool hasSettings(const StageResult& stage)
{
    return std::any_of(stage.circuits.begin(), stage.circuits.end(), [&](const CircuitResult& circuit) {
        return settingOf(stage.used, circuit.channel) != Setting{};
    });
}

Table settingsTable(const StageResult& stage)
{
    Table table{{Words::tr("Channel"), Words::tr("Plays"), Words::tr("High-pass"), Words::tr("Hz"),
                 Words::tr("Low-pass"), Words::tr("Hz"), Words::tr("Level, dB"), Words::tr("Delay, ms"),
                 Words::tr("Delay, cm"), Words::tr("Delay, samples at 48 kHz"), Words::tr("Polarity"),
                 Words::tr("Equaliser")}};
    for (const CircuitResult& circuit : stage.circuits) {
        const Setting setting = settingOf(stage.used, circuit.channel);
        const SheetFilter high = filterOf(stage, circuit.channel, setting.highPass, Quantity::HighPass_hz),
                          low = filterOf(stage, circuit.channel, setting.lowPass, Quantity::LowPass_hz);
        table.push_back({nameOf(Subject{circuit.channel}, stage.used), speakersOf(stage, circuit.channel), high.type,
                         high.corner, low.type, low.corner, typed(setting.gain_db, 1), typed(1e3 * setting.delay_s, 2),
                         typed(1e2 * setting.delay_s * kSoundSpeed_m_s, 1), typed(setting.delay_s * kSampleRate_hz, 0),
                         setting.reversed ? Words::tr("turned over") : Words::tr("as marked"),
                         bandsOf(setting, QStringLiteral("; "))});
    }
    return table;
}

Table settingsOnPaper(const StageResult& stage)
{
    Table table{{Words::tr("Channel"), Words::tr("High-pass"), Words::tr("Low-pass"), Words::tr("Level and polarity"),
                 Words::tr("Delay"), Words::tr("Equaliser")}};
    const auto filter = [](const std::optional<Filter>& one) {
        return one ? Words::tr("%1, %2").arg(frequency(one->frequency_hz), typeOf(one)) : typeOf(one);
    };
    for (const CircuitResult& circuit : stage.circuits) {
        const Setting setting = settingOf(stage.used, circuit.channel);
        if (setting == Setting{}) continue;
        table.push_back(
            {nameOf(Subject{circuit.channel}, stage.used), filter(setting.highPass), filter(setting.lowPass),
             Words::tr("%1, %2").arg(decibelChange(setting.gain_db),
                                     setting.reversed ? Words::tr("turned over") : Words::tr("as marked")),
             Words::tr("%1 ms, %2 cm, %3 samples at 48 kHz")
                 .arg(fixedNumber(1e3 * setting.delay_s, 2), fixedNumber(1e2 * setting.delay_s * kSoundSpeed_m_s, 1),
                      fixedNumber(setting.delay_s * kSampleRate_hz, 0)),
             setting.bands.empty() ? Words::tr("flat") : bandsOf(setting, QStringLiteral("; "))});
    }
    return table;
}

}  // namespace words
