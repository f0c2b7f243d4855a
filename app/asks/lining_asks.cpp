// What lies on the metal behind a place, and what is to be laid there.
#include <cmath>
#include <memory>

#include "app/asks/asks.h"
#include "app/widgets/return_curve.h"
#include "core/edits/lining_edits.h"
#include "core/edits/place_edits.h"
#include "core/evaluate/lacks_seal.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "words/lining_words.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/quantity_words.h"

namespace app {
namespace {

using core::AlterationKind;

core::LiningAt liningHere(const Survey& survey)
{
    return core::liningAt(survey.fitout(), survey.place, survey.practice());
}

std::optional<core::LiningWanted> laidHere(const Survey& survey, AlterationKind what)
{
    if (!survey.placeThere()) return std::nullopt;
    return core::liningThere(survey.fitout(), survey.place, what, survey.practice());
}

core::Edit lay(const Survey& survey, AlterationKind what, const core::LiningWanted& wanted)
{
    return core::linePlace(survey.plan(), survey.stage, survey.place, what, wanted);
}

core::Edit cover(const Survey& survey, AlterationKind what, const core::Part& material, double share)
{
    const core::Skin skin = core::skinOf(*survey.placeThere(), survey.practice());
    return lay(survey, what, core::coverOf(skin, material, share));
}

void addMaterial(AskForm* form, AlterationKind what, const char* name)
{
    form->addList({.name = QLatin1String(name),
                   .label = words::nameOfLining(what),
                   .choices =
                       [what](const Survey& survey) {
                           std::vector<std::pair<QString, QString>> choices{{QString(), tr("none")}};
                           for (const core::Part* part : survey.shop().shelf.of(core::materialOf(what)))
                               choices.emplace_back(QString::fromStdString(part->shelfKey), words::named(part->name));
                           const auto there = laidHere(survey, what);  // the shelf may have lost it since
                           if (there && !survey.shop().shelf.find(there->material.shelfKey))
                               choices.emplace_back(QString::fromStdString(there->material.shelfKey),
                                                    words::named(there->material.name));
                           return choices;
                       },
                   .read =
                       [what](const Survey& survey) {
                           const auto there = laidHere(survey, what);
                           return there ? QString::fromStdString(there->material.shelfKey) : QString();
                       },
                   .write =
                       [what](const Survey& survey, const QString& key) {
                           const core::Part* part = survey.shop().shelf.find(key.toStdString());
                           auto there = laidHere(survey, what);
                           if (key.isEmpty() || (!part && !there))
                               return core::takeLiningOut(survey.plan(), survey.stage, survey.place, what);
                           if (!there) return cover(survey, what, *part, core::usualCover(what, survey.practice()));
                           if (part) there->material = *part;
                           return lay(survey, what, *there);
                       }});
}

void addFigure(AskForm* form, AlterationKind what, const char* name, core::Quantity quantity)
{
    form->addQuantity({.name = QLatin1String(name),
                       .label = words::labelOf(quantity),
                       .quantity = quantity,
                       .figures = [what](const Survey& survey) -> const core::Figures* {
                           const core::Alteration* laid = core::alterationAt(survey.fitout(), survey.place, what);
                           return laid ? &laid->figures : nullptr;
                       },
                       .write =
                           [what, quantity](const Survey& survey, const std::optional<core::Known>& known) {
                               if (!known) return core::takeLiningOut(survey.plan(), survey.stage, survey.place, what);
                               core::LiningWanted wanted = *laidHere(survey, what);
                               if (quantity == core::Quantity::Layers)
                                   wanted.layers = static_cast<int>(std::lround(known->value));
                               else
                                   wanted.covered_m2 = known->value;
                               return lay(survey, what, wanted);
                           },
                       .concerns = [what](const Survey& survey) { return laidHere(survey, what).has_value(); }});
}

void addCurve(AskForm* form, const Theme& theme)
{
    auto* curve = new ReturnCurve(theme, form);
    auto shown = std::make_shared<Survey>();
    form->addWidget(curve, [curve, shown](const Survey& survey) {
        *shown = survey;
        const bool damped = laidHere(survey, AlterationKind::Mat).has_value();
        curve->setVisible(damped);
        if (!damped) return;
        const core::LiningAt there = liningHere(survey);
        const core::Lining& damper = there.linings.front();
        curve->present(there.skin.mass_kg_m2, damper.sheet_kg_m2, damper.share);
    });
    QObject::connect(curve, &ReturnCurve::picked, form, [form, shown](double share) {
        if (const auto laid = laidHere(*shown, AlterationKind::Mat))
            emit form->edited(cover(*shown, AlterationKind::Mat, laid->material, share));
    });
}

void addKeepOuts(AskForm* form)
{
    form->addFlags({.name = QStringLiteral("keepOut"),
                    .label = tr("Kept clear"),
                    .choices = choicesOf<core::KeepOut>(words::nameOf),
                    .read =
                        [](const Survey& survey, int one) {
                            const core::Place* place = survey.placeThere();
                            return place && place->keepOuts.contains(static_cast<core::KeepOut>(one));
                        },
                    .write =
                        [](const Survey& survey, int one, bool on) {
                            core::Place place = *survey.placeThere();
                            if (on)
                                place.keepOuts.insert(static_cast<core::KeepOut>(one));
                            else
                                place.keepOuts.erase(static_cast<core::KeepOut>(one));
                            return core::changePlace(survey.plan(), survey.place, place);
                        }});
}

QString liningSaid(const Survey& survey)
{
    if (!survey.placeThere()) return {};
    const core::LiningAt there = liningHere(survey);
    const core::PlaceId mate = core::mateOf(survey.fitout().places, survey.place);
    const bool alike = mate && core::liningAt(survey.fitout(), mate, survey.practice()).mass_kg == there.mass_kg;
    QString text =
        words::liningText({there, survey.fitout(), survey.practice(), survey.units, survey.currency, alike ? 2 : 1});
    if (!text.isEmpty() && core::lacksSeal(survey.result(), survey.driver, survey.practice()))
        text += QLatin1Char(' ') + tr("Nothing seals the frame yet: that does more for the bass, and comes first.");
    return text;
}

}  // namespace

Ask* makeLiningAsk(const Theme& theme, QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addSentence(QStringLiteral("skinSaid"), [](const Survey& survey) {
        return survey.placeThere()
                   ? words::skinText(core::skinOf(*survey.placeThere(), survey.practice()), survey.units)
                   : QString();
    });
    form->addSentence(QStringLiteral("liningStage"), [](const Survey& survey) {
        return survey.planning()
                   ? QString()
                   : tr("Noted as lying there already, and no work. To lay something, choose 'as planned'.");
    });
    addMaterial(form, AlterationKind::Mat, "damper");
    addCurve(form, theme);
    form->addSentence(QStringLiteral("liningSaid"), liningSaid);
    addFigure(form, AlterationKind::Mat, "damperArea", core::Quantity::Covered_m2);
    addFigure(form, AlterationKind::Mat, "damperLayers", core::Quantity::Layers);
    addMaterial(form, AlterationKind::Decoupler, "decoupler");
    addFigure(form, AlterationKind::Decoupler, "decouplerArea", core::Quantity::Covered_m2);
    addMaterial(form, AlterationKind::Barrier, "barrier");
    addFigure(form, AlterationKind::Barrier, "barrierArea", core::Quantity::Covered_m2);
    addKeepOuts(form);
    addRoom(form, "skin", core::Quantity::Skin_m2);
    addRoom(form, "keptClear", core::Quantity::KeptClear_m2);
    addRoom(form, "skinSheet", core::Quantity::SkinSheet_m);
    auto* ask = new Ask(
        theme, QStringLiteral("askLining"), {tr("damping"), tr("What damps it?")},
        [](const Survey& survey) {
            if (!survey.placeThere()) return QString();
            const core::LiningAt there = liningHere(survey);
            const QString line =
                words::liningLine({there, survey.fitout(), survey.practice(), survey.units, survey.currency});
            return line.isEmpty() ? tr("bare") : line;
        },
        form, parent);
    ask->onlyWhere(
        [](const Survey& survey) { return survey.placeThere() && core::hasSkin(survey.placeThere()->kind); });
    return ask;
}

}  // namespace app
