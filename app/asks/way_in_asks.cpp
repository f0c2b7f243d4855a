#include "app/asks/asks.h"
#include "app/asks/way_in_editor.h"

namespace app {

Asks makeWayInAsks(const Theme& theme, QWidget* parent)
{
    auto* form = new AskForm(parent);
    auto* editor = new WayInEditor(form);
    QObject::connect(editor, &WayInEditor::edited, form, &AskForm::edited);
    form->addWidget(editor, [editor](const Survey& survey) { editor->present(survey); });
    return {new Ask(
        theme, QStringLiteral("askWayIn"), {AskForm::tr("way in"), AskForm::tr("How does one get in?")},
        WayInEditor::lineOf, form, parent, [](const Survey& survey) {
            const core::Place* place = survey.placeThere();
            if (!place) return AnswerSaid{};
            return place->wayIn.empty() ? AnswerSaid{Answer::Open, {}} : AnswerSaid{Answer::Given, AskForm::tr("seen")};
        })};
}

}  // namespace app
