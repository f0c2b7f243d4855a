#include "app/asks/asks.h"
#include "app/asks/continuity_view.h"
#include "words/made_names.h"
#include "words/source_words.h"

namespace app {

Ask* makeSpotAsk(const Theme& theme, const QString& name, SpotList::Reach reach, QWidget* parent)
{
    auto* form = new AskForm(parent);
    auto* list = new SpotList(reach, form);
    QObject::connect(list, &SpotList::edited, form, &AskForm::edited);
    form->addWidget(list, [list](const Survey& survey) { list->present(survey); });
    auto* ask = new Ask(
        theme, name, {AskForm::tr("add"), AskForm::tr("What else is there?")},
        [reach](const Survey& survey) {
            QStringList names;
            for (const core::UsualSpot& spot : spotsFor(survey, reach)) names << words::named(spot.name);
            return names.join(AskForm::tr(", "));
        },
        form, parent);
    ask->onlyWhere([reach](const Survey& survey) { return survey.snapshot && !spotsFor(survey, reach).empty(); });
    return ask;
}

Asks makeInventoryAsks(const Theme& theme, QWidget* parent)
{
    auto* form = new AskForm(parent);
    auto* view = new ContinuityView(form);
    QObject::connect(view, &ContinuityView::edited, form, &AskForm::edited);
    form->addWidget(view, [view](const Survey& survey) { view->present(survey); });
    auto* ask = new Ask(
        theme, QStringLiteral("askContinuity"), {AskForm::tr("wires"), AskForm::tr("Does every wire go through?")},
        [](const Survey& s) {
            return words::stateOf(
                core::continuityList(s.plan(), core::kFound, s.snapshot->before(), s.snapshot->evaluation.practice));
        },
        form, parent);
    return {ask, makeSpotAsk(theme, QStringLiteral("askSpots"), SpotList::Reach::Everywhere, parent)};
}

}  // namespace app
