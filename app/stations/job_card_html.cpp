#include "app/stations/job_card_html.h"

#include <QCoreApplication>
#include <QStringList>

#include "core/evaluate/resolve.h"
#include "core/evaluate/run_change.h"
#include "core/evaluate/sides.h"
#include "words/customer_words.h"
#include "words/figures.h"
#include "words/finding_words.h"
#include "words/job_words.h"
#include "words/name_words.h"

namespace app {
namespace {

struct JobCard {
    Q_DECLARE_TR_FUNCTIONS(JobCard)
};

QString escaped(const QString& text)
{
    return text.toHtmlEscaped();
}

QString tableHtml(const words::Table& table)
{
    QString html = QStringLiteral("<table width='100%' cellspacing='0' cellpadding='3'>");
    for (size_t row = 0; row < table.size(); ++row) {
        html += QStringLiteral("<tr>");
        for (const QString& cell : table[row])
            html += row == 0 ? QStringLiteral("<th align='left'>%1</th>").arg(escaped(cell))
                             : QStringLiteral("<td valign='top'>%1</td>").arg(escaped(cell));
        html += QStringLiteral("</tr>");
    }
    return html + QStringLiteral("</table>");
}

// What the change gives, as the customer and the next fitter want to read it.
QString figuresHtml(const Snapshot& snapshot)
{
    QString html = QStringLiteral("<ul>");
    for (const core::RunResult& run : snapshot.after().runs) {
        const core::DeviceId device = run.run.id.coil.device;
        if (core::repeatsLeader(snapshot.after(), device)) continue;
        const core::RunChange change = core::runChange(snapshot.before(), snapshot.after(), device);
        const core::CircuitResult* circuit = core::findCircuit(snapshot.after(), run.run.id.channel);
        // A coaxial's tweeter came with its cone; what the job leaves as it was is no gain.
        if (core::isWay(core::partOf(snapshot.after().used, device), run.run.id.coil.element) ||
            core::isAsItWas(snapshot.before(), snapshot.after(), change))
            continue;
        QString line =
            JobCard::tr("%1: source sees at least %2 at %3; clipping there %4, %5, %6")
                .arg(words::nameOf(core::Subject{device}, snapshot.after().used), words::ohms(circuit->least_ohm),
                     words::frequency(circuit->least_hz), words::volts(circuit->clip_v),
                     words::amperes(circuit->clip_a), words::asKnown(words::watts(circuit->clip_w), circuit->worst));
        if (run.idealCorner_hz)
            line += JobCard::tr("; %1 cuts at %2")
                        .arg(words::farads(*run.seriesCapacitance_f), words::frequency(*run.idealCorner_hz));
        if (change.before)
            line += JobCard::tr("; %1 in 250 Hz–4 kHz against before").arg(words::decibelChange(change.midLevel_db));
        html += QStringLiteral("<li>%1</li>").arg(escaped(line));
    }
    for (const auto& [id, after] : snapshot.after().hearing) {
        const auto before = snapshot.before().hearing.find(id);
        if (before == snapshot.before().hearing.end()) continue;
        QStringList bands;
        for (const core::BandEdges& edges : core::kBands) {
            const auto band = static_cast<size_t>(edges.band);
            bands << JobCard::tr("%1 %2").arg(
                words::nameOf(edges.band),
                words::decibelChange(after.bands[band].reach_db - before->second.bands[band].reach_db));
        }
        html += QStringLiteral("<li>%1</li>")
                    .arg(escaped(JobCard::tr("Reach at the %1: %2")
                                     .arg(words::nameOf(core::Subject{id}, snapshot.after().used),
                                          bands.join(QStringLiteral(", ")))));
    }
    return html + QStringLiteral("</ul>");
}

QString stepsHtml(const Snapshot& snapshot, const QString& quietColour, const QString& cautionColour)
{
    QString html;
    int number = 0;
    for (const core::Step& step : snapshot.job.steps) {
        QStringList tools;
        for (const core::Tool tool : step.tools) tools << words::nameOf(tool);
        // The caution stands before what it is about.
        html += QStringLiteral(
                    "<table width='100%' cellspacing='0' cellpadding='2'><tr><td width='34' "
                    "valign='top'><b>%1</b></td><td>")
                    .arg(++number);
        for (const core::Caution caution : step.cautions)
            html += QStringLiteral("<span style='color:%1'><b>%2</b> %3</span><br>")
                        .arg(cautionColour, escaped(JobCard::tr("Caution:")), escaped(words::textOf(caution)));
        html += QStringLiteral("%1<br><span style='color:%2'>")
                    .arg(escaped(words::textOf(step, snapshot.before().used, snapshot.after().used)), quietColour);
        if (!tools.isEmpty()) html += escaped(tools.join(QStringLiteral(", "))) + QStringLiteral(" · ");
        html += escaped(words::minutes(step.minutes)) + QStringLiteral("</span></td></tr></table>");
    }
    return html;
}

QString openFindingsHtml(const Snapshot& snapshot, const QString& cautionColour)
{
    QString html;
    for (const core::Finding& finding : snapshot.findings) {
        if (finding.severity == core::Severity::Note) continue;
        const words::FindingText text = words::textOf(finding);
        html += QStringLiteral("<p><span style='color:%1'><b>%2</b></span> %3. %4</p>")
                    .arg(cautionColour, escaped(words::nameOf(finding.severity)), escaped(text.title),
                         escaped(text.numbers));
    }
    return html.isEmpty() ? html : QStringLiteral("<h3>%1</h3>").arg(escaped(JobCard::tr("Still open"))) + html;
}

// The shop's own line: who does it, what the hours cost, what has to be borrowed.
QString shopHtml(const Snapshot& snapshot, const ShopSettings& shop, const QString& quietColour)
{
    QStringList parts;
    if (!shop.name.isEmpty()) parts << shop.name;
    if (shop.hourlyRate > 0.0)
        parts << JobCard::tr("work about %1 %2, by estimate")
                     .arg(words::plainNumber(shop.hourlyRate * snapshot.job.minutes / 60.0), shop.currency);
    const core::Job& job = snapshot.plan.job;
    if (job.budget > 0.0)
        parts
            << JobCard::tr("may cost %1 %2").arg(words::plainNumber(job.budget), QString::fromStdString(job.currency));
    QStringList keep;
    for (const core::Keep one : job.keep) keep << words::nameOf(one);
    if (!keep.isEmpty()) parts << keep.join(QStringLiteral(", "));
    std::set<core::Tool> borrowed;
    for (const core::Step& step : snapshot.job.steps)
        for (const core::Tool tool : step.tools)
            if (shop.missing.contains(tool)) borrowed.insert(tool);
    QStringList tools;
    for (const core::Tool tool : borrowed) tools << words::nameOf(tool);
    if (!tools.isEmpty()) parts << JobCard::tr("not in the shop: %1").arg(tools.join(QStringLiteral(", ")));
    return parts.isEmpty() ? QString()
                           : QStringLiteral("<p style='color:%1'>%2</p>")
                                 .arg(quietColour, escaped(parts.join(QStringLiteral(" · "))));
}

}  // namespace

QString jobCardHtml(const Snapshot& snapshot, const ShopSettings& shop, const core::Shelf& shelf,
                    const QString& quietColour, const QString& cautionColour)
{
    const core::Plan& plan = snapshot.plan;
    const auto heading = [](const QString& text) { return QStringLiteral("<h3>%1</h3>").arg(escaped(text)); };
    // What nobody named leaves no trace.
    const QString vehicle = words::joinedKnown({QString::fromStdString(plan.body.name), words::nameOf(plan.body.kind)},
                                               QStringLiteral(", "));
    const QString job =
        words::joinedKnown({QString::fromStdString(plan.job.customer), QString::fromStdString(plan.job.complaint),
                            JobCard::tr("about %1 by estimate").arg(words::minutes(snapshot.job.minutes))});
    QString html = QStringLiteral("<h2>%1</h2>").arg(escaped(JobCard::tr("Job card: %1").arg(vehicle)));
    html += QStringLiteral("<p style='color:%1'>%2</p>").arg(quietColour, escaped(job));
    html += shopHtml(snapshot, shop, quietColour);
    if (snapshot.job.steps.empty())
        return html + QStringLiteral("<p>%1</p>")
                          .arg(escaped(JobCard::tr("Nothing is planned yet: what is planned is what was found. Choose "
                                                   "a speaker in Match, and its steps appear here.")));
    html += openFindingsHtml(snapshot, cautionColour);
    html += heading(JobCard::tr("What it gives")) + figuresHtml(snapshot);
    html += heading(JobCard::tr("Steps")) + stepsHtml(snapshot, quietColour, cautionColour);
    html += heading(JobCard::tr("Wiring")) +
            tableHtml(words::wireTable(snapshot.job, snapshot.before().used, snapshot.after().used));
    html += heading(JobCard::tr("Parts")) + tableHtml(words::partTable(snapshot.job, snapshot.after().used, &shelf));
    return html + QStringLiteral("<p style='color:%1'>%2</p>")
                      .arg(quietColour, escaped(JobCard::tr(
                                            "The vehicle maker's instructions, local codes and licensed practice come "
                                            "before this card. It says what was computed and checked, no more.")));
}

}  // namespace app
