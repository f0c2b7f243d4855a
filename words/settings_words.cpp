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
    return filter ? Words::tr("Butterworth, %1 dB/octave").arg(kSlopePerOrder_db * filter->order) : Words::tr("off");
}

// A number that is typed elsewhere has a plain minus.
QString typed(double value, int decimals)
{
    return fixedNumber(value, decimals).replace(QChar(0x2212), QLatin1Char('-'));
}

QString cornerOf(const std::optional<Filter>& filter)
{
    constexpr double kWhole_hz = 100.0;  // from here on a tenth of a hertz is nothing
    return filter ? typed(filter->frequency_hz, filter->frequency_hz < kWhole_hz ? 1 : 0) : QString();
}

}  // namespace

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
                 Words::tr("Delay, cm"), Words::tr("Delay, samples at 48 kHz"), Words::tr("Polarity")}};
    for (const CircuitResult& circuit : stage.circuits) {
        const Setting setting = settingOf(stage.used, circuit.channel);
        table.push_back({nameOf(Subject{circuit.channel}, stage.used), speakersOf(stage, circuit.channel),
                         typeOf(setting.highPass), cornerOf(setting.highPass), typeOf(setting.lowPass),
                         cornerOf(setting.lowPass), typed(setting.gain_db, 1), typed(1e3 * setting.delay_s, 2),
                         typed(1e2 * setting.delay_s * kSoundSpeed_m_s, 1), typed(setting.delay_s * kSampleRate_hz, 0),
                         setting.reversed ? Words::tr("turned over") : Words::tr("as marked")});
    }
    return table;
}

Table settingsOnPaper(const StageResult& stage)
{
    Table table{{Words::tr("Channel"), Words::tr("High-pass"), Words::tr("Low-pass"), Words::tr("Level and polarity"),
                 Words::tr("Delay")}};
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
                      fixedNumber(setting.delay_s * kSampleRate_hz, 0))});
    }
    return table;
}

}  // namespace words
