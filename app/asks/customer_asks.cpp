#include "app/asks/asks.h"
#include "app/asks/audiogram_text.h"
#include "app/asks/remedies_view.h"
#include "app/widgets/typed_number.h"
#include "core/design/noise.h"
#include "core/edits/survey_edits.h"
#include "core/model/names.h"
#include "words/customer_words.h"
#include "words/use_words.h"

namespace app {
namespace {

core::Edit withJob(const Survey& survey, const core::Job& job)
{
    return core::setJob(survey.plan(), job);
}

AskForm* complaintForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addText({.name = QStringLiteral("customer"),
                   .label = tr("Customer"),
                   .read = [](const Survey& survey) { return QString::fromStdString(survey.plan().job.customer); },
                   .write =
                       [](const Survey& survey, const QString& text) {
                           core::Job job = survey.plan().job;
                           job.customer = text.toStdString();
                           return withJob(survey, job);
                       }});
    form->addText({.name = QStringLiteral("complaint"),
                   .label = tr("In own words"),
                   .read = [](const Survey& survey) { return QString::fromStdString(survey.plan().job.complaint); },
                   .write =
                       [](const Survey& survey, const QString& text) {
                           core::Job job = survey.plan().job;
                           job.complaint = text.toStdString();
                           return withJob(survey, job);
                       }});
    form->addFlags(
        {.name = QStringLiteral("complaintKind"),
         .label = tr("It sounds"),
         .choices = choicesOf<core::Complaint>(words::nameOf),
         .read = [](const Survey& survey,
                    int id) { return survey.plan().job.complaints.contains(static_cast<core::Complaint>(id)); },
         .write =
             [](const Survey& survey, int id, bool on) {
                 core::Job job = survey.plan().job;
                 const auto complaint = static_cast<core::Complaint>(id);
                 if (on)
                     job.complaints.insert(complaint);
                 else
                     job.complaints.erase(complaint);
                 return withJob(survey, job);
             }});
    form->addSentence(QStringLiteral("complaintSaid"), [](const Survey& survey) {
        QStringList lines;
        for (const core::Complaint complaint : survey.plan().job.complaints)
            lines << tr("%1: %2").arg(words::nameOf(complaint), words::textOf(core::rowOf(complaint)));
        return lines.join(QStringLiteral("\n"));
    });
    auto* remedies = new RemediesView(form);
    QObject::connect(remedies, &RemediesView::edited, form, &AskForm::edited);
    form->addWidget(remedies, [remedies](const Survey& survey) { remedies->present(survey); });
    return form;
}

AskForm* wishForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addChoice({.name = QStringLiteral("goalKind"),
                     .label = tr("It shall be"),
                     .choices = choicesOf<core::Goal>(words::nameOf),
                     .read = [](const Survey& survey) { return static_cast<int>(survey.plan().job.goalKind); },
                     .write =
                         [](const Survey& survey, int id) {
                             core::Job job = survey.plan().job;
                             job.goalKind = static_cast<core::Goal>(id);
                             return withJob(survey, job);
                         }});
    form->addFlags({.name = QStringLiteral("keep"),
                    .label = tr("What must stay"),
                    .choices = choicesOf<core::Keep>(words::nameOf),
                    .read = [](const Survey& survey,
                               int id) { return survey.plan().job.keep.contains(static_cast<core::Keep>(id)); },
                    .write =
                        [](const Survey& survey, int id, bool on) {
                            core::Job job = survey.plan().job;
                            if (on)
                                job.keep.insert(static_cast<core::Keep>(id));
                            else
                                job.keep.erase(static_cast<core::Keep>(id));
                            return withJob(survey, job);
                        }});
    form->addChoice({.name = QStringLiteral("use"),
                     .label = tr("It is used as"),
                     .choices = choicesOf<core::Use>(words::nameOf),
                     .read = [](const Survey& survey) { return static_cast<int>(survey.plan().job.use); },
                     .write =
                         [](const Survey& survey, int id) {
                             core::Job job = survey.plan().job;
                             job.use = static_cast<core::Use>(id);
                             return withJob(survey, job);
                         }});
    form->addSentence(QStringLiteral("useSaid"),
                      [](const Survey& survey) { return words::meaningOf(survey.plan().job.use); });
    form->addSentence(QStringLiteral("noiseSaid"), [](const Survey& survey) {
        const auto over =
            core::overNoise(survey.snapshot->after(), survey.listener, survey.plan().job.use, survey.practice());
        return over ? words::textOf(*over) : QString();
    });
    form->addFlags({.name = QStringLiteral("extras"),
                    .label = tr("And with it"),
                    .choices = choicesOf<core::Extra>(words::nameOf),
                    .read = [](const Survey& survey,
                               int id) { return survey.plan().job.extras.contains(static_cast<core::Extra>(id)); },
                    .write =
                        [](const Survey& survey, int id, bool on) {
                            core::Job job = survey.plan().job;
                            if (on)
                                job.extras.insert(static_cast<core::Extra>(id));
                            else
                                job.extras.erase(static_cast<core::Extra>(id));
                            return withJob(survey, job);
                        }});
    const auto number = [form](const char* name, const QString& label, const QString& hint, double core::Job::*member,
                               double most) {
        form->addText(
            {.name = QLatin1String(name),
             .label = label,
             .hint = hint,
             .read =
                 [member](const Survey& survey) {
                     const double value = survey.plan().job.*member;
                     return value > 0.0 ? words::plainNumber(value) : QString();
                 },
             .write =
                 [member](const Survey& survey, const QString& text) {
                     core::Job job = survey.plan().job;
                     job.*member = typedNumber(text).value_or(0.0);
                     if (job.currency.empty()) job.currency = survey.currency.toStdString();
                     return withJob(survey, job);
                 },
             .refuse = [most](const QString& text) -> QString {
                 const auto value = typedNumber(text);
                 return text.isEmpty() || (value && *value >= 0.0 && *value <= most)
                            ? QString()
                            : tr("Found '%1', expected a plain number up to %2, such as 640.").arg(text).arg(most);
             }});
    };
    number("budget", tr("May cost"), tr("640"), &core::Job::budget, 1e6);
    number("hours", tr("Hours"), tr("6"), &core::Job::hours_h, 1000.0);
    return form;
}

AskForm* hearingForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    for (const bool left : {true, false})
        form->addText({.name = left ? QStringLiteral("hearingLeft") : QStringLiteral("hearingRight"),
                       .label = left ? tr("Left ear") : tr("Right ear"),
                       .hint = tr("10 15 20 35 55 60"),
                       .read =
                           [left](const Survey& survey) {
                               const core::Job& job = survey.plan().job;
                               const auto found = survey.plan().curves.find(left ? job.hearingLeft : job.hearingRight);
                               return found == survey.plan().curves.end() ? QString() : audiogramText(found->second);
                           },
                       .write =
                           [left](const Survey& survey, const QString& text) {
                               return core::setHearing(survey.plan(), left,
                                                       audiogramFromText(text).value_or(std::vector<double>{}));
                           },
                       .refuse = [](const QString& text) -> QString {
                           return text.isEmpty() || audiogramFromText(text)
                                      ? QString()
                                      : tr("Found '%1', expected six numbers of dB from −20 to 120.").arg(text);
                       }});
    form->addSentence(QStringLiteral("hearingSaid"), [](const Survey& survey) {
        const QString how =
            tr("What the audiogram says at 250, 500, 1000, 2000, 4000 and 8000 Hz. It is drawn over the "
               "level at the ear; an estimate for planning, no test.");
        const auto heard = core::bandsHeard(survey.plan(), survey.snapshot->evaluation, survey.listener);
        return heard ? how + QLatin1Char('\n') + words::textOf(*heard) : how;
    });
    return form;
}

}  // namespace

QString hearsLine(const core::Job& job)
{
    QStringList parts{QString::fromStdString(job.complaint)};
    for (const core::Complaint complaint : job.complaints) parts << words::nameOf(complaint);
    return joined(parts, {});
}

QString wantsLine(const core::Job& job)
{
    QStringList parts{words::nameOf(job.goalKind)};
    if (job.budget > 0.0)
        parts << tr("up to %1 %2").arg(words::plainNumber(job.budget), QString::fromStdString(job.currency));
    return joined(parts, {});
}

QString keepsLine(const core::Job& job)
{
    QStringList parts;
    for (const core::Keep keep : job.keep) parts << words::nameOf(keep);
    return joined(parts, {});
}

Asks makeCustomerAsks(const Theme& theme, QWidget* parent)
{
    return {new Ask(
                theme, QStringLiteral("askComplaint"), {tr("hears"), tr("Who, and what is wrong?")},
                [](const Survey& s) {
                    const core::Job& job = s.plan().job;
                    return joined({QString::fromStdString(job.customer), hearsLine(job)}, tr("not said"));
                },
                complaintForm(parent), parent,
                [](const Survey& s) {
                    const core::Job& job = s.plan().job;
                    const bool said = !job.customer.empty() || !hearsLine(job).isEmpty();
                    return said ? AnswerSaid{Answer::Given, tr("said")} : AnswerSaid{Answer::Open, {}};
                }),
            new Ask(
                theme, QStringLiteral("askWish"), {tr("wants, keeps"), tr("What is wanted, what must stay?")},
                [](const Survey& s) {
                    return joined({wantsLine(s.plan().job), keepsLine(s.plan().job)}, {});
                },
                wishForm(parent), parent),
            new Ask(
                theme, QStringLiteral("askHearing"), {tr("ears"), tr("How well do the ears hear?")},
                [](const Survey& s) {
                    const core::Job& job = s.plan().job;
                    return job.hearingLeft || job.hearingRight ? tr("audiogram noted") : tr("taken for normal");
                },
                hearingForm(parent), parent)};
}

}  // namespace app
