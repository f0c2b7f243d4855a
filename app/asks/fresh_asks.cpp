#include "app/asks/asks.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"
#include "words/made_names.h"
#include "words/survey_words.h"

namespace app {
namespace {

// What is usual nearest to where was pointed, moved there.
core::UsualSpot spotHere(const Survey& survey)
{
    const core::Vec3 at_m = survey.fresh_m.value_or(core::Vec3{});
    core::UsualSpot spot = core::nearestSpot(survey.plan().body, survey.shop().vehicles, at_m, survey.freshFromAbove);
    const double usualHeight_m = spot.frame.at_m.z, usualOut_m = spot.frame.at_m.y;
    spot.frame.at_m = at_m;
    if (survey.freshFromAbove)
        spot.frame.at_m.z = usualHeight_m;  // a plan does not say how high
    else if (survey.freshFromSide)
        spot.frame.at_m.y = at_m.y < 0.0 ? -usualOut_m : usualOut_m;
    if (spot.frame.at_m.y < 0.0) spot.frame.facing.y = -spot.frame.facing.y;
    return spot;
}

}  // namespace

Asks makeFreshAsks(const Theme& theme, QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addSentence(QStringLiteral("freshSaid"), [](const Survey& survey) {
        if (!survey.fresh_m) return QString();
        const core::UsualSpot spot = spotHere(survey);
        return AskForm::tr("Nearest to a usual %1, where a %2 would be. Arrows move it while it is held.")
            .arg(words::named(spot.name), words::nameOfClass(spot.driverClass));
    });
    form->addButton({.name = QStringLiteral("addFresh"),
                     .text = AskForm::tr("Add it with what is usually there"),
                     .enabled = {},
                     .write = [](const Survey& survey) {
                         return core::addSpeakers(survey.plan(), survey.stage, spotHere(survey), survey.practice());
                     }});
    form->addButton({.name = QStringLiteral("addFreshEmpty"),
                     .text = AskForm::tr("Add the place alone"),
                     .enabled = {},
                     .write = [](const Survey& survey) {
                         const core::UsualSpot spot = spotHere(survey);
                         return core::addPlaces(survey.plan(), spot.kind, spot.name, spot.frame);
                     }});
    return {new Ask(
        theme, QStringLiteral("askFresh"), {AskForm::tr("here"), AskForm::tr("What is here?")},
        [](const Survey&) { return QString(); }, form, parent)};
}

}  // namespace app
