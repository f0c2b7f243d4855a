#include "app/asks/survey.h"

#include "app/asks/asks.h"

#include <QCoreApplication>
#include <algorithm>

#include "core/edits/set_figure.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/sides.h"
#include "words/finding_words.h"
#include "words/name_words.h"
#include "words/survey_words.h"

namespace app {

std::vector<std::pair<QString, QString>> joinChoices(const core::Fitout& fitout, core::DeviceId driver,
                                                     const core::Practice& practice)
{
    std::vector<std::pair<QString, QString>> choices;
    for (const auto& [join, ohm] : core::coilChoices(fitout, driver, practice))
        choices.emplace_back(QString::number(static_cast<int>(join)), words::textOf(join, ohm));
    if (!choices.empty() && core::coilsAtDriver(fitout, driver, practice).join == core::CoilJoin::Other)
        choices.emplace_back(QString::number(static_cast<int>(core::CoilJoin::Other)),
                             words::textOf(core::CoilJoin::Other, 0.0));
    return choices;
}

core::Edit partNow(const Survey& survey, core::DeviceId device, const core::Part& part, bool seen)
{
    return core::changePlayed(survey.plan(), survey.stage, device, part, seen);
}

namespace {

struct Verdict {
    Q_DECLARE_TR_FUNCTIONS(app::Verdict)
};

}  // namespace

QString placeVerdict(const Survey& survey)
{
    const std::vector<core::DeviceId> ours =
        survey.driver ? core::mates(survey.fitout(), survey.driver) : std::vector<core::DeviceId>{};
    if (ours.empty()) return {};
    for (const core::Finding& finding : survey.snapshot->findings)
        for (const core::DeviceId device : ours)
            if (std::find(finding.where.begin(), finding.where.end(), core::Subject{device}) != finding.where.end())
                return Verdict::tr("%1: %2").arg(words::nameOf(finding.severity), words::textOf(finding).title);
    return {};
}

AnswerSaid saidOf(const core::Basis& basis)
{
    if (basis.toConfirm) return {Answer::Assumed, Verdict::tr("to confirm")};
    const bool guessed = basis.origin == core::Origin::ClassGuess;
    return {guessed ? Answer::Assumed : Answer::Given, words::nameOf(basis.origin)};
}

AnswerSaid saidOf(const core::Figures& figures, core::Quantity quantity)
{
    const auto found = figures.find(quantity);
    return found == figures.end() ? AnswerSaid{Answer::Open, {}} : saidOf(found->second.basis);
}

}  // namespace app
