#include "card/job_card.h"

#include <QCoreApplication>
#include <QStringList>

#include "card/pin_drawing.h"
#include "core/advice/run_change.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/practice/house_rules.h"
#include "words/aim_words.h"
#include "words/customer_words.h"
#include "words/figures.h"
#include "words/finding_words.h"
#include "words/house_words.h"
#include "words/job_words.h"
#include "words/label_words.h"
#include "words/making_words.h"
#include "words/name_words.h"
#include "words/settings_words.h"

namespace card {
namespace {

struct JobCard {
    Q_DECLARE_TR_FUNCTIONS(JobCard)
};

// A figure stays with its unit: HTML takes the narrow blank between them for one that a line may end at.
QString escaped(const QString& text)
{
    return text.toHtmlEscaped().replace(QChar(0x202F), QStringLiteral("&nbsp;"));
}

class Pieces {
public:
    Pieces(const Job& card, const Inks& inks) : m_card(card), m_inks(inks) {}

    std::vector<QString> take()
    {
        m_heading = QStringLiteral("<h2>%1</h2>").arg(escaped(JobCard::tr("Job card: %1").arg(vehicle())));
        add(quiet(job()));
        if (const QString shop = shopLine(); !shop.isEmpty()) add(quiet(shop));
        if (m_card.job.steps.empty()) {
            add(QStringLiteral("<p>%1</p>")
                    .arg(escaped(JobCard::tr("Nothing is planned yet: what is planned is what was found. Choose a "
                                             "speaker in Match, and its steps appear here."))));
            return std::move(m_pieces);
        }
        head(JobCard::tr("House rules that are not the usual ones"));
        for (const core::PracticeKey rule : core::houseRules(m_card.evaluation.practice))
            if (core::departs(m_card.evaluation.practice, rule)) addPoint(houseLine(rule));
        head(JobCard::tr("Still open"));
        addOpenFindings();
        head(JobCard::tr("What it gives"));
        addFigures();
        head(JobCard::tr("Steps"));
        int number = 0;
        for (const core::Step& step : m_card.job.steps) add(stepHtml(step, ++number));
        if (const words::Table spots = words::spotTable(m_card.after(), m_card.mounts(), m_card.evaluation.practice); spots.size() > 1) {
            head(JobCard::tr("Where the speakers go"));
            addTable(spots, {28, 38, 20, 14});
            add(quiet(JobCard::tr("Mark both sides from the same edges; look behind, and keep clear of every restraint.")));
        }
        head(JobCard::tr("Wiring"));
        addTable(words::wireTable(m_card.job, m_card.before().used, m_card.after().used), {8, 28, 28, 20, 16});
        const words::Table labels = words::labelTable(m_card.job, m_card.after().used);
        if (labels.size() > 1) {
            head(JobCard::tr("Labels for both ends"));
            addTable(labels, {10, 32, 32, 14, 12});
            for (const QString& plug : pinDrawings(m_card.job, m_card.after().used)) add(plug);
        }
        if (words::hasSettings(m_card.after())) {
            head(JobCard::tr("Settings"));
            addTable(words::settingsOnPaper(m_card.after()), {24, 20, 20, 16, 20});
        }
        const words::Table made = words::makingTable(m_card.after(), m_card.evaluation.practice);
        if (made.size() > 1) {
            head(JobCard::tr("To be made"));
            addTable(made, {26, 6, 20, 24, 24});
        }
        head(JobCard::tr("Parts"));
        addTable(words::partTable(m_card.job, m_card.after().used, &m_card.shelf), {8, 52, 40});
        add(
            quiet(JobCard::tr("The vehicle maker's instructions, local codes and licensed practice come before this "
                              "card. It says what was computed and checked, no more.")));
        return std::move(m_pieces);
    }

private:
    // A heading stands with what comes first under it, and not at all over nothing.
    void head(const QString& text) { m_heading = QStringLiteral("<h3>%1</h3>").arg(escaped(text)); }
    void add(const QString& html)
    {
        m_pieces.push_back(m_heading + html);
        m_heading.clear();
    }

    [[nodiscard]] QString quiet(const QString& text) const
    {
        return QStringLiteral("<p style='color:%1'>%2</p>").arg(m_inks.quiet, escaped(text));
    }

    // What nobody named leaves no trace.
    [[nodiscard]] QString vehicle() const
    {
        const core::Body& body = m_card.plan.body;
        return words::joinedKnown({QString::fromStdString(body.name), words::nameOf(body.kind)}, QStringLiteral(", "));
    }

    [[nodiscard]] QString job() const
    {
        const core::JobPlan& work = m_card.job;
        const QString time =
            JobCard::tr("about %1 by estimate, %2 to %3")
                .arg(words::minutes(work.minutes), words::minutes(work.least_min), words::minutes(work.most_min));
        return words::joinedKnown({QString::fromStdString(m_card.plan.job.customer),
                                   QString::fromStdString(m_card.plan.job.complaint),
                                   work.steps.empty() ? QString() : time});
    }

    // The shop's own line: who does it, what the hours cost, what has to be borrowed.
    [[nodiscard]] QString shopLine() const
    {
        const Shop& shop = m_card.shop;
        QStringList parts{shop.name};
        if (shop.hourlyRate > 0.0)
            parts << JobCard::tr("work about %1 %2, by estimate")
                         .arg(words::plainNumber(shop.hourlyRate * m_card.job.minutes / 60.0), shop.currency);
        const core::Job& job = m_card.plan.job;
        if (job.budget > 0.0)
            parts << JobCard::tr("may cost %1 %2")
                         .arg(words::plainNumber(job.budget), QString::fromStdString(job.currency));
        QStringList keep;
        for (const core::Keep one : job.keep) keep << words::nameOf(one);
        parts << keep.join(QStringLiteral(", "));
        std::set<core::Tool> borrowed;
        for (const core::Step& step : m_card.job.steps)
            for (const core::ToolUse& use : step.tools)
                if (shop.missing.contains(use.tool)) borrowed.insert(use.tool);
        QStringList tools;
        for (const core::Tool tool : borrowed) tools << words::nameOf(tool);
        if (!tools.isEmpty()) parts << JobCard::tr("not in the shop: %1").arg(tools.join(QStringLiteral(", ")));
        return words::joinedKnown(parts);
    }

    void addOpenFindings()
    {
        for (const core::Finding& finding : m_card.findings) {
            if (finding.severity == core::Severity::Note) continue;
            const words::FindingText text = words::textOf(finding);
            const QString where = words::namesOf(finding.where, m_card.after().used);
            add(QStringLiteral("<p><span style='color:%1'><b>%2</b></span> %3. %4</p>")
                    .arg(m_inks.caution, escaped(words::nameOf(finding.severity)),
                         escaped(where.isEmpty() ? text.title : JobCard::tr("%1: %2").arg(where, text.title)),
                         escaped(text.numbers)));
        }
    }

    [[nodiscard]] QString houseLine(core::PracticeKey rule) const
    {
        const words::HouseRuleText text = words::textOf(rule);
        const words::SchoolText& school = text.schools.at(core::schoolOf(m_card.evaluation.practice, rule));
        return JobCard::tr("%1: %2 (%3)").arg(text.question, school.name, school.reason);
    }

    void addPoint(const QString& text)
    {
        add(QStringLiteral("<ul style='margin-top:1px; margin-bottom:1px'><li>%1</li></ul>").arg(escaped(text)));
    }

    // What the change gives, as the customer and the next fitter want to read it.
    void addFigures()
    {
        const core::StageResult &before = m_card.before(), &after = m_card.after();
        for (const core::RunResult& run : after.runs) {
            const core::DeviceId device = run.run.id.coil.device;
            if (core::repeatsLeader(after, device)) continue;
            const core::RunChange change = core::runChange(before, after, device);
            const core::CircuitResult* circuit = core::findCircuit(after, run.run.id.channel);
            // A coaxial's tweeter came with its cone; what the job leaves as it was is no gain.
            if (core::isWay(core::partOf(after.used, device), run.run.id.coil.element) ||
                core::isAsItWas(before, after, change))
                continue;
            QString line = JobCard::tr("%1: source sees at least %2 at %3; clipping there %4, %5, %6")
                               .arg(words::nameOf(core::Subject{device}, after.used), words::ohms(circuit->least_ohm),
                                    words::frequency(circuit->least_hz), words::volts(circuit->clip_v),
                                    words::amperes(circuit->clip_a),
                                    words::asKnown(words::watts(circuit->clip_w), circuit->worst));
            if (run.idealCorner_hz)
                line += JobCard::tr("; %1, nominal corner %2")
                            .arg(words::farads(*run.seriesCapacitance_f), words::frequency(*run.idealCorner_hz));
            if (change.before)
                line +=
                    JobCard::tr("; %1 in 250 Hz–4 kHz against before").arg(words::decibelChange(change.midLevel_db));
            addPoint(line);
        }
        for (const auto& [id, hearing] : after.hearing) {
            const auto old = before.hearing.find(id);
            if (old == before.hearing.end()) continue;
            QStringList bands;
            for (const core::BandEdges& edges : core::kBands) {
                const auto band = static_cast<size_t>(edges.band);
                bands << JobCard::tr("%1 %2").arg(
                    words::nameOf(edges.band),
                    words::decibelChange(hearing.bands[band].reach_db - old->second.bands[band].reach_db));
            }
            addPoint(JobCard::tr("Reach at the %1: %2")
                         .arg(words::nameOf(core::Subject{id}, after.used), bands.join(QStringLiteral(", "))));
        }
    }

    [[nodiscard]] QString stepHtml(const core::Step& step, int number) const
    {
        // The caution stands before what it is about.
        QString html = QStringLiteral(
                           "<table width='100%' cellspacing='0' cellpadding='2'><tr><td width='34' "
                           "valign='top'><b>%1</b></td><td>")
                           .arg(number);
        for (const core::Caution caution : step.cautions)
            html += QStringLiteral("<span style='color:%1'><b>%2</b> %3</span><br>")
                        .arg(m_inks.caution, escaped(JobCard::tr("Caution:")),
                             escaped(words::textOf(caution, m_card.plan.body)));
        QStringList notes;
        for (const core::ToolUse& tool : step.tools) notes << words::nameOf(tool);
        const QString time = step.minutes > 0.0 ? words::minutes(step.minutes) : QString();
        return html + QStringLiteral("%1<br><span style='color:%2'>%3</span></td></tr></table>")
                          .arg(escaped(words::textOf(step, m_card.before().used, m_card.after().used)), m_inks.quiet,
                               escaped(words::joinedKnown({notes.join(QStringLiteral(", ")), time})));
    }

    // A row a piece, in columns that stand under each other; the heading with the first.
    void addTable(const words::Table& table, const std::vector<int>& percent)
    {
        const auto row = [&](size_t index) {
            QString html;
            for (size_t column = 0; column < table[index].size(); ++column)
                html += QStringLiteral("<%1 align='left' valign='top' width='%2%'>%3</%1>")
                            .arg(index == 0 ? QStringLiteral("th") : QStringLiteral("td"))
                            .arg(percent[column])
                            .arg(escaped(table[index][column]));
            return QStringLiteral("<tr>%1</tr>").arg(html);
        };
        for (size_t index = 1; index < table.size(); ++index)
            add(QStringLiteral("<table width='100%' cellspacing='0' cellpadding='2'>%1%2</table>")
                    .arg(index == 1 ? row(0) : QString(), row(index)));
    }

    const Job& m_card;
    const Inks& m_inks;
    QString m_heading{};
    std::vector<QString> m_pieces{};
};

}  // namespace

std::vector<QString> piecesOf(const Job& job, const Inks& inks)
{
    return Pieces(job, inks).take();
}

QString titleOf(const core::Plan& plan)
{
    return words::joinedKnown({JobCard::tr("Job card"), QString::fromStdString(plan.body.name),
                               words::nameOf(plan.body.kind), QString::fromStdString(plan.job.customer)});
}

}  // namespace card
