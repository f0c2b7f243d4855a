// What lies on the metal behind a place, and what is to be laid there.
#include <algorithm>
#include <cmath>

#include "app/stations/walk/asks.h"
#include "app/widgets/return_curve.h"
#include "core/edits/lining_edits.h"
#include "core/edits/place_edits.h"
#include "core/evaluate/driver_mounting.h"
#include "core/evaluate/lining.h"
#include "core/evaluate/sides.h"
#include "core/physics/mass_law.h"
#include "words/lining_words.h"
#include "words/name_words.h"
#include "words/quantity_words.h"

namespace app {
namespace {

using core::AlterationKind;

constexpr double kUsualShare = 0.25;  // of the skin, where somebody has only picked a stuff
constexpr double kMoreThanOne = 1.0 + 1e-9;

const core::Alteration* laidThere(const Survey& survey, AlterationKind what)
{
    for (const auto& [id, one] : survey.fitout().alterations)
        if (one.place == survey.place && one.what == what) return &one;
    return nullptr;
}

core::LiningAt liningHere(const Survey& survey)
{
    return core::liningAt(survey.fitout(), survey.place, survey.shop->practice);
}

const core::Part* materialHere(const Survey& survey, AlterationKind what)
{
    const core::Alteration* laid = laidThere(survey, what);
    const auto part = laid ? survey.fitout().parts.find(laid->material) : survey.fitout().parts.end();
    return part == survey.fitout().parts.end() ? nullptr : &part->second;
}

double weightOf(const core::Part& part)
{
    return core::valueOf(part.figures, core::Quantity::AreaMass_kg_m2).value_or(0.0);
}

// So much of the skin, in one layer or, over all of it, in two.
core::Edit cover(const Survey& survey, AlterationKind what, const core::Part& material, double share)
{
    const core::Skin skin = core::skinOf(*survey.placeThere(), survey.shop->practice);
    const int layers = share > kMoreThanOne ? 2 : 1;
    const double covered_m2 = std::min(share / layers * skin.whole_m2, std::max(skin.free_m2, 0.01 * skin.whole_m2));
    return core::linePlace(survey.plan(), survey.stage, survey.place, what, {material, covered_m2, layers});
}

void addMaterial(AskForm* form, AlterationKind what, const char* name)
{
    form->addList(
        {.name = QLatin1String(name),
         .label = words::nameOfLining(what),
         .choices =
             [what](const Survey& survey) {
                 std::vector<std::pair<QString, QString>> choices{{QString(), tr("none")}};
                 for (const core::Part* part : survey.shop->shelf.of(core::materialOf(what)))
                     choices.emplace_back(QString::fromStdString(part->shelfKey), QString::fromStdString(part->name));
                 const core::Part* there = materialHere(survey, what);  // the shelf may have lost it since
                 if (there && !survey.shop->shelf.find(there->shelfKey))
                     choices.emplace_back(QString::fromStdString(there->shelfKey), QString::fromStdString(there->name));
                 return choices;
             },
         .read =
             [what](const Survey& survey) {
                 const core::Part* there = materialHere(survey, what);
                 return there ? QString::fromStdString(there->shelfKey) : QString();
             },
         .write =
             [what](const Survey& survey, const QString& key) {
                 const core::Part* part = survey.shop->shelf.find(key.toStdString());
                 const core::Part* there = materialHere(survey, what);
                 if (key.isEmpty() || (!part && !there))
                     return core::takeLiningOut(survey.plan(), survey.stage, survey.place, what);
                 if (!part) part = there;
                 if (!there) return cover(survey, what, *part, what == AlterationKind::Mat ? kUsualShare : 1.0);
                 const core::Alteration* laid = laidThere(survey, what);
                 return core::linePlace(
                     survey.plan(), survey.stage, survey.place, what,
                     {*part, core::valueOf(laid->figures, core::Quantity::Covered_m2).value_or(0.0),
                      static_cast<int>(core::valueOf(laid->figures, core::Quantity::Layers).value_or(1.0))});
             }});
}

void addFigure(AskForm* form, AlterationKind what, const char* name, core::Quantity quantity)
{
    form->addQuantity(
        {.name = QLatin1String(name),
         .label = words::labelOf(quantity),
         .quantity = quantity,
         .figures = [what](const Survey& survey) -> const core::Figures* {
             const core::Alteration* laid = laidThere(survey, what);
             return laid ? &laid->figures : nullptr;
         },
         .write =
             [what, quantity](const Survey& survey, const std::optional<core::Known>& known) {
                 if (!known) return core::takeLiningOut(survey.plan(), survey.stage, survey.place, what);
                 core::Figures figures = laidThere(survey, what)->figures;
                 figures[quantity] = *known;
                 return core::linePlace(
                     survey.plan(), survey.stage, survey.place, what,
                     {*materialHere(survey, what), core::valueOf(figures, core::Quantity::Covered_m2).value_or(0.0),
                      static_cast<int>(std::lround(core::valueOf(figures, core::Quantity::Layers).value_or(1.0)))});
             },
         .concerns = [what](const Survey& survey) { return materialHere(survey, what) != nullptr; }});
}

void addCurve(AskForm* form, const Theme& theme)
{
    auto* curve = new ReturnCurve(theme, form);
    auto shown = std::make_shared<Survey>();
    form->addWidget(curve, [curve, shown](const Survey& survey) {
        *shown = survey;
        const core::Part* mat = survey.placeThere() ? materialHere(survey, AlterationKind::Mat) : nullptr;
        curve->setVisible(mat != nullptr);
        if (!mat) return;
        const core::LiningAt there = liningHere(survey);
        const core::Lining& lining = there.linings.front();
        curve->present(there.skin.mass_kg_m2, weightOf(*mat), lining.share * lining.layers);
    });
    QObject::connect(curve, &ReturnCurve::picked, form, [form, shown](double share) {
        const core::Part* mat = shown->placeThere() ? materialHere(*shown, AlterationKind::Mat) : nullptr;
        if (mat) emit form->edited(cover(*shown, AlterationKind::Mat, *mat, share));
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
    const bool alike = mate && core::liningAt(survey.fitout(), mate, survey.shop->practice).mass_kg == there.mass_kg;
    QString text = words::liningText(
        {there, survey.fitout(), survey.shop->practice, survey.units, survey.currency, alike ? 2 : 1});
    const bool leaks = !survey.result().fits.empty() && survey.driver &&
                       !core::isAltered(survey.fitout(), survey.place, AlterationKind::Seal);
    if (!text.isEmpty() && leaks)
        text += QLatin1Char(' ') + tr("Nothing seals the frame yet: that does more for the bass, and comes first.");
    return text;
}

}  // namespace

Ask* makeLiningAsk(const Theme& theme, QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addSentence(QStringLiteral("skinSaid"), [](const Survey& survey) {
        return survey.placeThere()
                   ? words::skinText(core::skinOf(*survey.placeThere(), survey.shop->practice), survey.units)
                   : QString();
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
        theme, QStringLiteral("askLining"), tr("What damps it?"),
        [](const Survey& survey) {
            if (!survey.placeThere()) return QString();
            const core::LiningAt there = liningHere(survey);
            const QString line =
                words::liningLine({there, survey.fitout(), survey.shop->practice, survey.units, survey.currency});
            return line.isEmpty() ? tr("bare") : line;
        },
        form, parent);
    ask->onlyWhere(
        [](const Survey& survey) { return survey.placeThere() && core::hasSkin(survey.placeThere()->kind); });
    return ask;
}

}  // namespace app
