#include "app/stations/match/place_figures.h"

#include <QCoreApplication>

#include "core/advice/run_change.h"
#include "words/figures.h"

namespace app {
namespace {

struct PlaceFigures {
    Q_DECLARE_TR_FUNCTIONS(app::PlaceFigures)
};

// The number without its unit, which stands beside it once.
QString number(const QString& figure)
{
    return figure.section(QChar(0x202F), 0, -2);
}
QString unitOf(const QString& figure)
{
    return figure.section(QChar(0x202F), -1);
}

const core::CircuitResult* circuitOf(const core::StageResult& stage, const core::RunResult* run)
{
    return run ? core::findCircuit(stage, run->run.id.channel) : nullptr;
}

ChangeFigure figure(const QString& label, const QString& before, const QString& after, const QString& note)
{
    const QString unit = unitOf(after.isEmpty() ? before : after);
    // Two units, such as Hz and kHz: the one before keeps its own.
    const bool alike = before.isEmpty() || unitOf(before) == unit;
    return {label, alike ? number(before) : before, number(after), unit, note};
}

}  // namespace

std::vector<ChangeFigure> placeFigures(const Snapshot& snapshot, core::DeviceId device)
{
    const core::RunChange change = core::runChange(snapshot.before(), snapshot.after(), device);
    const core::CircuitResult* before = circuitOf(snapshot.before(), change.before);
    const core::CircuitResult* after = circuitOf(snapshot.after(), change.after);
    const auto load = [](const core::CircuitResult* circuit) {
        return circuit ? words::signedAsKnown(words::ohms(circuit->least_ohm), circuit->worst) : QString();
    };
    const auto clip = [](const core::CircuitResult* circuit) {
        return circuit ? words::watts(circuit->clip_w) : QString();
    };
    const auto corner = [](const core::RunResult* run) {
        return run && run->idealCorner_hz ? words::frequency(*run->idealCorner_hz) : QString();
    };
    const auto level = [](const core::RunResult* run) { return run ? words::decibels(run->midLevel_db) : QString(); };
    std::vector<ChangeFigure> figures{
        figure(PlaceFigures::tr("load, least"), load(before), load(after),
               after ? PlaceFigures::tr("at %1").arg(words::frequency(after->least_hz)) : QString()),
        figure(PlaceFigures::tr("loudness, middle"), level(change.before), level(change.after),
               PlaceFigures::tr("2.83 V at 1 m"))};
    const bool capacitor =
        (change.before && change.before->idealCorner_hz) || (change.after && change.after->idealCorner_hz);
    if (capacitor)
        figures.push_back(figure(PlaceFigures::tr("capacitor's corner"), corner(change.before), corner(change.after),
                                 change.after && change.after->seriesCapacitance_f
                                     ? words::farads(*change.after->seriesCapacitance_f)
                                     : PlaceFigures::tr("none any more")));
    figures.push_back(
        figure(PlaceFigures::tr("before it clips"), clip(before), clip(after),
               after ? PlaceFigures::tr("%1, %2").arg(words::volts(after->clip_v), words::amperes(after->clip_a))
                     : QString()));
    return figures;
}

}  // namespace app
