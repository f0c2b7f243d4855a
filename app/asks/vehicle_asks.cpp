#include "app/asks/asks.h"
#include "core/edits/branch_edits.h"
#include "core/edits/survey_edits.h"
#include "core/model/names.h"
#include "core/model/usual_vehicle.h"
#include "core/slate/quantity_text.h"
#include "core/survey/variant.h"
#include "words/name_words.h"
#include "words/quantity_words.h"
#include "words/survey_words.h"

namespace app {
namespace {

core::Edit withBody(const Survey& survey, const core::Body& body)
{
    return core::setBody(survey.plan(), body, survey.shop().vehicles);
}

bool hasWheel(const Survey& survey)
{
    return survey.plan().body.kind != core::BodyKind::Motorcycle;
}

AskForm* kindForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addChoice({.name = QStringLiteral("bodyKind"),
                     .label = {},
                     .choices = choicesOf<core::BodyKind>(words::nameOf),
                     .read = [](const Survey& survey) { return static_cast<int>(survey.plan().body.kind); },
                     .write =
                         [](const Survey& survey, int id) {
                             core::Body body = survey.plan().body;
                             body.kind = static_cast<core::BodyKind>(id);
                             return withBody(survey, body);
                         }});
    form->addChoice(
        {.name = QStringLiteral("cab"),
         .label = tr("Of a pickup"),
         .choices = choicesOf<core::Cab>(words::nameOf),
         .read =
             [](const Survey& survey) {
                 const core::Body& body = survey.plan().body;
                 return body.kind == core::BodyKind::Pickup ? static_cast<int>(body.cab) : -1;
             },
         .write =
             [](const Survey& survey, int id) {
                 core::Body body = survey.plan().body;
                 body.cab = static_cast<core::Cab>(id);
                 return withBody(survey, body);
             },
         .concerns = [](const Survey& survey) { return survey.plan().body.kind == core::BodyKind::Pickup; }});
    form->addChoice({.name = QStringLiteral("wheelSide"),
                     .label = tr("The wheel is"),
                     .choices = {{1, tr("on the left")}, {0, tr("on the right")}},
                     .read = [](const Survey& survey) { return survey.plan().body.wheelOnLeft ? 1 : 0; },
                     .write =
                         [](const Survey& survey, int id) {
                             core::Body body = survey.plan().body;
                             body.wheelOnLeft = id == 1;
                             return withBody(survey, body);
                         },
                     .concerns = hasWheel});
    form->addText({.name = QStringLiteral("bodyName"),
                   .label = tr("Make and model"),
                   .read = [](const Survey& survey) { return QString::fromStdString(survey.plan().body.name); },
                   .write =
                       [](const Survey& survey, const QString& text) {
                           core::Body body = survey.plan().body;
                           body.name = text.toStdString();
                           return withBody(survey, body);
                       }});
    return form;
}

void addOuter(AskForm* form, const char* name, const QString& label, double core::Body::*measure, double least_m)
{
    form->addText(
        {.name = QLatin1String(name),
         .label = label,
         .read =
             [measure](const Survey& survey) {
                 return words::fieldText(core::Quantity::Wheelbase_m, survey.plan().body.*measure, survey.units);
             },
         .write =
             [measure](const Survey& survey, const QString& text) {
                 core::Body body = survey.plan().body;
                 body.*measure = core::parseQuantity(text.toUtf8().toStdString(), core::Dimension::Length)->value;
                 return withBody(survey, body);
             },
         .refuse = [least_m](const QString& text) -> QString {
             const auto typed = core::parseQuantity(text.toUtf8().toStdString(), core::Dimension::Length);
             if (!typed) return QString::fromStdString(core::oneLine(typed.error()));
             return typed->value >= least_m && typed->value <= 20.0
                        ? QString()
                        : tr("%1 cannot be: allowed %2 to 20 m.").arg(text).arg(least_m);
         }});
}

void addCabin(AskForm* form, const char* name, core::Quantity quantity,
              double (*usual)(const core::Body&, const core::UsualVehicles&))
{
    form->addQuantity(
        {.name = QLatin1String(name),
         .label = words::labelOf(quantity),
         .quantity = quantity,
         .figures = [](const Survey& survey) -> const core::Figures* { return &survey.plan().body.cabin; },
         .meanwhile =
             [usual](const Survey& survey) {
                 return std::optional(core::Known{usual(survey.plan().body, survey.shop().vehicles)});
             },
         .write =
             [quantity](const Survey& survey, const std::optional<core::Known>& known) {
                 core::Body body = survey.plan().body;
                 core::put(body.cabin, quantity, known);
                 return withBody(survey, body);
             }});
}

AskForm* measureForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    addOuter(form, "bodyLength", tr("length"), &core::Body::length_m, 1.0);
    addOuter(form, "bodyWidth", tr("width"), &core::Body::width_m, 0.3);
    addOuter(form, "frontAxle", tr("nose to front axle"), &core::Body::frontAxle_m, 0.0);
    addCabin(form, "bodyHeight", core::Quantity::BodyHeight_m, core::bodyHeight_m);
    addCabin(form, "wheelbase", core::Quantity::Wheelbase_m, core::wheelbase_m);
    form->addSentence(QStringLiteral("seatsSaid"), [](const Survey&) {
        return tr("Seats are moved on the drawing: drag a head, or Enter, arrows, Enter.");
    });
    return form;
}

AskForm* variantForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addSentence(QStringLiteral("variantSaid"), [](const Survey& survey) {
        const core::VariantReading reading = core::readVariant(survey.plan().body);
        QStringList lines{reading.variant == core::Variant::Unknown
                              ? tr("Not told apart yet. Order nothing that fits only one variant.")
                              : tr("So far: %1.").arg(words::nameOf(reading.variant))};
        if (reading.because) lines << words::meaningOf(*reading.because);
        if (reading.ask) lines << tr("Look next: %1").arg(words::questionOf(*reading.ask));
        if (!reading.unlike.empty())
            lines << tr(
                "Another variant than the one the sheet was made from: nothing of its sources holds until it "
                "is looked at.");
        return lines.join(QLatin1Char(' '));
    });
    for (const auto& sign : core::enumNames<core::VariantSign>())
        form->addChoice({.name = QStringLiteral("sign%1").arg(static_cast<int>(sign.value)),
                         .label = words::questionOf(sign.value),
                         .choices = {{1, tr("yes")}, {0, tr("no")}, {-1, tr("not looked")}},
                         .read =
                             [sign = sign.value](const Survey& survey) {
                                 const auto& signs = survey.plan().body.signs;
                                 const auto found = signs.find(sign);
                                 return found == signs.end() ? -1 : found->second ? 1 : 0;
                             },
                         .write =
                             [sign = sign.value](const Survey& survey, int id) {
                                 core::Body body = survey.plan().body;
                                 body.signs.erase(sign);
                                 if (id >= 0) body.signs[sign] = id == 1;
                                 return withBody(survey, body);
                             }});
    form->addButton(
        {.name = QStringLiteral("branchVariant"),
         .text = tr("Plan for the other answer beside it"),
         .enabled = [](const Survey& survey) { return core::readVariant(survey.plan().body).ask.has_value(); },
         .write =
             [](const Survey& survey) { return core::branchWay(survey.plan(), tr("if amplified").toStdString()); }});
    form->addSentence(QStringLiteral("branchSaid"), [](const Survey& survey) {
        const auto ways = core::planWays(survey.plan());
        return ways.size() < 2
                   ? QString()
                   : tr("%1 ways stand beside each other; Plan, Ways chooses the one that is shown.").arg(ways.size());
    });
    return form;
}

AskForm* hazardForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addChoice({.name = QStringLiteral("drive"),
                     .label = {},
                     .choices = choicesOf<core::Drive>(words::nameOf),
                     .read = [](const Survey& survey) { return static_cast<int>(survey.plan().body.drive); },
                     .write =
                         [](const Survey& survey, int id) {
                             core::Body body = survey.plan().body;
                             body.drive = static_cast<core::Drive>(id);
                             return withBody(survey, body);
                         }});
    form->addSentence(QStringLiteral("hazardsSaid"), [](const Survey& survey) {
        QStringList lines{words::powerDownOf(survey.plan().body)};
        lines << words::hazardsOf(survey.plan().body, survey.practice());
        return lines.join(QLatin1Char('\n'));
    });
    return form;
}

}  // namespace

Asks makeVehicleAsks(const Theme& theme, QWidget* parent)
{
    return {new Ask(
                theme, QStringLiteral("askKind"), {tr("came in"), tr("What came in?")},
                [](const Survey& s) {
                    const core::Body& body = s.plan().body;
                    return joined({QString::fromStdString(body.name), words::nameOf(body.kind),
                                   !hasWheel(s)       ? QString()
                                   : body.wheelOnLeft ? tr("wheel on the left")
                                                      : tr("wheel on the right")},
                                  {});
                },
                kindForm(parent), parent),
            new Ask(
                theme, QStringLiteral("askMeasures"), {tr("size"), tr("How big is it?")},
                [](const Survey& s) {
                    const core::Body& body = s.plan().body;
                    return tr("%1 long, %2 wide")
                        .arg(words::fieldText(core::Quantity::Wheelbase_m, body.length_m, s.units),
                             words::fieldText(core::Quantity::Wheelbase_m, body.width_m, s.units));
                },
                measureForm(parent), parent),
            new Ask(
                theme, QStringLiteral("askVariant"), {tr("variant"), tr("Which variant?")},
                [](const Survey& s) { return words::nameOf(core::readVariant(s.plan().body).variant); },
                variantForm(parent), parent),
            new Ask(
                theme, QStringLiteral("askHazards"), {tr("driven by"), tr("What drives it, what to mind?")},
                [](const Survey& s) { return words::nameOf(s.plan().body.drive); }, hazardForm(parent), parent)};
}

}  // namespace app
