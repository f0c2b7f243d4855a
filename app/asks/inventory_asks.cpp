#include "app/asks/asks.h"
#include "app/asks/continuity_view.h"
#include "words/source_words.h"

namespace app {

Asks makeInventoryAsks(const Theme& theme, QWidget* parent)
{
    auto* form = new AskForm(parent);
    auto* view = new ContinuityView(form);
    QObject::connect(view, &ContinuityView::edited, form, &AskForm::edited);
    form->addWidget(view, [view](const Survey& survey) { view->present(survey); });
    auto* ask = new Ask(
        theme, QStringLiteral("askContinuity"), AskForm::tr("Does every wire go through?"),
        [](const Survey& s) {
            return words::stateOf(
                core::continuityList(s.plan(), core::kFound, s.snapshot->before(), s.snapshot->evaluation.practice));
        },
        form, parent);
    return {ask};
}

}  // namespace app
