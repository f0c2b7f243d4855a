#include "cli/results_text.h"

#include <QStringList>
#include <algorithm>

#include "core/advice/boundary_advice.h"
#include "core/advice/run_change.h"
#include "core/model/names.h"
#include "core/spread/widen.h"
#include "words/doubt_words.h"
#include "words/figures.h"
#include "words/finding_words.h"
#include "words/loudness_words.h"
#include "words/making_words.h"
#include "words/name_words.h"
#include "words/slate_words.h"
#include "words/tr.h"
#include "words/warning_words.h"

namespace cli {

using namespace core;
using words::Words;

namespace {

QString knownOhms(const RunResult& run, Quantity quantity)
{
    const Known& known = run.coil.at(quantity);
    return Words::tr("%1 (%2)").arg(words::ohms(known.value), words::nameOf(known.basis));
}

QStringList burdenLines(const CircuitResult& circuit, const Fitout& fitout)
{
    QStringList lines;
    for (const PartBurden& burden : circuit.burdens) {
        lines << Words::tr("    %1 bears %2 at %3 and %4 at %5; buy at least %6")
                     .arg(words::nameOf(Subject{burden.element}, fitout), words::volts(burden.voltage_v),
                          words::frequency(burden.voltageAt_hz), words::amperes(burden.current_a),
                          words::frequency(burden.currentAt_hz), words::leastRating(burden));
        if (burden.sine_w > 0.0)
            lines << Words::tr("      it heats with %1 of programme, %2 of a sine at %3")
                         .arg(words::watts(burden.programme_w), words::watts(burden.sine_w),
                              words::frequency(burden.sineAt_hz));
    }
    return lines;
}

QStringList markLines(const std::vector<core::Warning>& marks)
{
    QStringList lines;
    for (const core::Warning& mark : marks) lines << QStringLiteral("    ") + words::sentenceOf(mark);
    return lines;
}

QStringList circuitLines(const StageResult& stage, const StageSpread* spread)
{
    QStringList lines;
    for (const CircuitResult& circuit : stage.circuits) {
        lines << Words::tr("  %1: least load %2 at %3; there it clips at %4, %5, %6")
                     .arg(words::nameOf(Subject{circuit.channel}, stage.used), words::ohms(circuit.least_ohm),
                          words::frequency(circuit.least_hz), words::volts(circuit.clip_v),
                          words::amperes(circuit.clip_a), words::watts(circuit.clip_w));
        if (spread)
            lines << Words::tr("    could be: least load %1 Ω")
                         .arg(words::rangeText(
                             rangeOf(spread->draws.at({circuit.channel, Quantity::LeastImpedance_ohm})), 2));
        lines << markLines(circuit.marks) << burdenLines(circuit, stage.used);
    }
    return lines;
}

QStringList runLines(const StageResult& stage)
{
    QStringList lines;
    for (const RunResult& run : stage.runs) {
        lines << Words::tr("  %1: nominal %2, Re %3")
                     .arg(words::nameOf(Subject{run.run.id}, stage.used), knownOhms(run, Quantity::Nominal_ohm),
                          knownOhms(run, Quantity::Re_ohm));
        if (run.idealCorner_hz) {
            QStringList crossings;
            for (const double crossing : run.halfPower_hz) crossings << words::frequency(crossing);
            lines << Words::tr("    %1 in series: %2 into its nominal impedance; −3 dB into the driver itself at %3")
                         .arg(words::farads(*run.seriesCapacitance_f), words::frequency(*run.idealCorner_hz),
                              crossings.isEmpty() ? Words::tr("no frequency") : crossings.join(QStringLiteral(", ")));
        }
        lines << Words::tr("    coil at the source's limit: programme %1, a sine up to %2 at %3")
                     .arg(words::watts(run.programme_w), words::watts(run.sine_w), words::frequency(run.sine_hz));
        if (run.portSpeed_m_s)
            lines << Words::tr("    air in its ports up to %1 m/s at %2")
                         .arg(words::fixedNumber(*run.portSpeed_m_s, 1), words::frequency(*run.portSpeedAt_hz));
        lines << Words::tr("    at most %1 at %2; travel up to %3 at %4 (its limit %5)")
                     .arg(words::volts(run.most_v), words::frequency(run.mostAt_hz), words::length(run.travel.sine_m),
                          words::frequency(run.travel.sineAt_hz), words::length(run.driver.xmax_m));
        lines << markLines(run.marks);
    }
    return lines;
}

// Where a bass driver stands: what the surfaces near it do to its power.
QStringList placeLines(const StageResult& stage, const Practice& practice)
{
    QStringList lines;
    for (size_t i = 0; i < stage.runs.size(); ++i) {
        const auto advice = boundaryAdvice(stage, i, practice);
        if (!advice) continue;
        QStringList distances;
        for (const double away_m : advice->distances_m) distances << words::length(away_m);
        lines << Words::tr("  %1: surfaces at %2 give %3 at 50 Hz, and %4 at %5")
                     .arg(words::nameOf(Subject{stage.runs[i].run.id}, stage.used),
                          distances.join(QStringLiteral(", ")), words::decibelChange(advice->gainAt50_db),
                          words::decibelChange(advice->dip_db), words::frequency(advice->dip_hz));
    }
    if (!lines.isEmpty())
        lines.prepend(
            Words::tr("Places of the bass (advice, not part of what follows; nearer than an eighth of a wave helps)"));
    return lines;
}

QStringList changeLines(const StageResult& before, const StageResult& after)
{
    QStringList lines;
    for (const RunResult& run : after.runs) {
        const RunChange change = runChange(before, after, run.run.id.coil.device);
        if (!change.before) continue;
        lines << Words::tr(
                     "  %1: %2 from the load alone at equal volts; %3 in 250 Hz–4 kHz, driver and capacitor included")
                     .arg(words::nameOf(Subject{run.run.id}, after.used), words::decibelChange(change.equalVolts_db, 2),
                          words::decibelChange(change.midLevel_db));
        if (change.restoring)
            lines << Words::tr("    the old corner comes back with %1: %2 (E6), %3 (E12), %4 (E24)")
                         .arg(words::farads(change.restoring->exact_f), words::farads(change.restoring->e6_f),
                              words::farads(change.restoring->e12_f), words::farads(change.restoring->e24_f));
    }
    return lines;
}

QStringList hearingLines(const StageResult& before, const StageResult& after, const StageSpread* spread)
{
    QStringList lines;
    for (const auto& [id, heard] : after.hearing) {
        const auto was = before.hearing.find(id);
        lines << Words::tr("  %1:").arg(words::nameOf(Subject{id}, after.used));
        for (const BandEdges& edges : kBands) {
            const BandFigures& now = heard.bands[static_cast<size_t>(edges.band)];
            QString line =
                Words::tr("    %1 (%2): reach %3, until %4; balance %5")
                    .arg(words::nameOf(edges.band), words::rangeOf(edges.band), words::decibels(now.reach_db),
                         words::nameOf(now.limit), words::decibelChange(now.balance_db));
            if (was != before.hearing.end()) {
                const BandFigures& old = was->second.bands[static_cast<size_t>(edges.band)];
                const double change_db = now.reach_db - old.reach_db;
                line +=
                    Words::tr("; change %1 (balance %2)")
                        .arg(words::decibelChange(change_db), words::decibelChange(now.balance_db - old.balance_db));
                const QString loud = words::loudnessOf(edges.band, change_db);
                if (!loud.isEmpty()) line += Words::tr(", %1").arg(loud);
            }
            lines << line;
            if (!spread) continue;
            const HeardSpread& could = spread->hearing.at(id);
            const auto band = static_cast<size_t>(edges.band);
            QString doubt = Words::tr("      could be: reach %1 dB").arg(words::rangeText(could.reach_db[band], 1));
            if (edges.band != Band::Mid)  // which the others are relative to
                doubt += Words::tr(", balance %1 dB").arg(words::rangeText(could.balance_db[band], 1));
            lines << doubt;
        }
        if (heard.image) {
            lines << Words::tr("    image between the sides: %1 (−1 right, +1 left), an estimate")
                         .arg(words::fixedNumber(*heard.image, 2));
            if (spread && spread->hearing.at(id).image)
                lines << Words::tr("      could be: %1").arg(words::rangeText(*spread->hearing.at(id).image, 2));
        }
    }
    return lines;
}

}  // namespace

std::string evaluationText(const Plan& plan, const Evaluation& evaluation)
{
    const StageResult& before = *evaluation.stages.at(kFound);
    const StageResult& after = *evaluation.stages.at(plan.job.goal);
    QStringList lines;
    lines << Words::tr("Before") << circuitLines(before, spreadAt(evaluation, kFound)) << runLines(before);
    lines << Words::tr("After") << circuitLines(after, spreadAt(evaluation, plan.job.goal)) << runLines(after);
    lines << Words::tr("Change") << changeLines(before, after);
    lines << placeLines(after, evaluation.practice);
    lines << Words::tr("At the ears (an estimate; room modes are not modelled)")
          << hearingLines(before, after, spreadAt(evaluation, plan.job.goal));
    double loudest_db = 0.0;
    for (const auto& [id, heard] : after.hearing)
        for (const BandFigures& band : heard.bands) loudest_db = std::max(loudest_db, band.reach_db);
    if (const QString caution = words::hearingCaution(loudest_db); !caution.isEmpty()) lines << caution;
    return lines.join(QLatin1Char('\n')).toStdString();
}

std::string findingsText(const Plan& plan, const Evaluation& evaluation, const std::vector<Finding>& findings)
{
    if (findings.empty()) return Words::tr("No finding among the rules checked.").toStdString();
    const Fitout& used = evaluation.stages.at(plan.job.goal)->used;
    QStringList lines;
    for (const Finding& finding : findings) {
        const words::FindingText text = words::textOf(finding);
        QStringList mends;
        for (const Mend& mend : finding.mends) mends << words::textOf(mend);
        lines << QStringLiteral("%1  %2  [%3]")
                     .arg(words::nameOf(finding.severity), text.title,
                          QString::fromStdString(std::string(code(finding.rule))));
        lines << QStringLiteral("  %1").arg(words::namesOf(finding.where, used))
              << QStringLiteral("  %1").arg(text.numbers) << QStringLiteral("  %1").arg(text.reason);
        if (!mends.isEmpty()) lines << Words::tr("  Mends: %1").arg(mends.join(QStringLiteral("; ")));
    }
    return lines.join(QLatin1Char('\n')).toStdString();
}

std::string nextReadingText(const NextReading& next, const Fitout& fitout)
{
    const words::ReadingText text = words::textOf(next, fitout);
    return Words::tr("Measure next: %1\n  %2\n  %3").arg(text.title, text.reason, text.with).toStdString();
}

std::string unpluggedText(const Unplugged& off, const Fitout& fitout)
{
    QStringList lines;
    for (const RunId& run : off.dead) lines << Words::tr("goes quiet: %1").arg(words::nameOf(Subject{run}, fitout));
    if (off.dead.empty()) lines << Words::tr("nothing goes quiet");
    for (const LoadChange& load : off.loads)
        lines << Words::tr("%1 sees %2 instead of %3")
                     .arg(words::nameOf(Subject{load.channel}, fitout),
                          load.after_ohm ? words::ohms(*load.after_ohm) : Words::tr("nothing"),
                          words::ohms(load.before_ohm));
    return lines.join(QLatin1Char('\n')).toStdString();
}

std::string slateText(const SlateAnswer& answer)
{
    const words::SlateText text = words::textOf(answer);
    QStringList lines{text.headline};
    if (!text.formula.isEmpty()) lines << QStringLiteral("  ") + text.formula;
    for (const QString& step : text.steps) lines << QStringLiteral("  ") + step;
    return lines.join(QLatin1Char('\n')).toStdString();
}

}  // namespace cli
