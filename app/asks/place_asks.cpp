#include "app/asks/asks.h"
#include "app/widgets/ohmmeter_line.h"
#include "core/edits/filter_edits.h"
#include "core/edits/element_edits.h"
#include "core/edits/named_edits.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/driver_mounting.h"
#include "core/fitout/complete.h"
#include "core/fitout/cover_takes.h"
#include "core/fitout/resolve.h"
#include "core/model/inside_ways.h"
#include "core/model/names.h"
#include "words/fit_words.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/quantity_words.h"
#include "words/survey_words.h"

namespace app {
namespace {

// What is known of the driver's coil.
const core::Figures* coilFigures(const Survey& survey)
{
    const core::Part* part = survey.partOf(survey.driver);
    return part ? &part->figures : nullptr;
}

std::optional<core::Known> coilMeanwhile(const Survey& survey, core::Quantity quantity)
{
    const core::Part* part = survey.partOf(survey.driver);
    const std::string coil = part ? core::firstOf(*part, core::ElementKind::Coil) : std::string();
    if (coil.empty()) return std::nullopt;
    const core::Figures figures = core::complete(*part, coil, survey.practice());
    const auto found = figures.find(quantity);
    return found == figures.end() ? std::nullopt : std::optional(found->second);
}

core::UsualSpot usualHere(const Survey& survey)
{
    const core::Place& place = *survey.placeThere();
    core::UsualSpot spot = core::nearestSpot(survey.plan().body, survey.shop().vehicles, place.frame.at_m, false);
    spot.name = core::textOf(place.kind);
    spot.kind = place.kind;
    return spot;
}

AnswerSaid driverSaid(const Survey& survey)
{
    return survey.driver ? saidOf(survey.fitout().devices.at(survey.driver).basis) : AnswerSaid{Answer::Open, {}};
}

// By a measure of the place.
Ask::Said roomSaid(core::Quantity quantity)
{
    return [quantity](const Survey& survey) {
        const core::Place* place = survey.placeThere();
        return place ? saidOf(place->room, quantity) : AnswerSaid{};
    };
}

AnswerSaid waySaid(const Survey& survey)
{
    const core::Place* place = survey.placeThere();
    if (!place) return {};
    if (!place->obstruction.empty()) return {Answer::Given, tr("seen")};
    const AnswerSaid route = saidOf(place->room, core::Quantity::Route_m);
    return route.mark == Answer::Open ? saidOf(place->room, core::Quantity::Stump_m) : route;
}

QString driverLine(const Survey& survey)
{
    const core::Part* part = survey.partOf(survey.driver);
    if (!part) return tr("nothing known to be there");
    const auto nominal = coilMeanwhile(survey, core::Quantity::Nominal_ohm);
    return joined({part->driverClass.empty() ? words::named(part->name) : words::nameOfClass(part->driverClass),
                   nominal ? words::ohms(nominal->value) : QString()},
                  {});
}

core::FilterFound filterHere(const Survey& survey)
{
    return core::filterOf(survey.fitout(), survey.driver);
}

// Nobody has looked yet: it is what is usual there, or came with a sheet.
bool isUnseen(const Survey& survey)
{
    if (!survey.driver || survey.planning()) return false;
    const core::Basis& basis = survey.fitout().devices.at(survey.driver).basis;
    return basis.toConfirm || basis.origin == core::Origin::ClassGuess;
}

// One of several, as it stands at the place itself.
template <class Member>
void addChoiceOf(AskForm* form, const char* name, const QString& label, std::vector<std::pair<int, QString>> choices,
                 Member core::Place::*member)
{
    form->addChoice({.name = QLatin1String(name),
                     .label = label,
                     .choices = std::move(choices),
                     .read =
                         [member](const Survey& survey) {
                             const core::Place* place = survey.placeThere();
                             return place ? static_cast<int>(place->*member) : 0;
                         },
                     .write =
                         [member](const Survey& survey, int id) {
                             core::Place place = *survey.placeThere();
                             place.*member = static_cast<Member>(id);
                             return core::changePlace(survey.plan(), survey.place, place);
                         }});
}

// What keeps the lows from it: where that lives, and its value.
void addFilter(AskForm* form)
{
    form->addList({.name = QStringLiteral("filterPlace"),
                   .label = tr("Held back by"),
                   .choices =
                       [](const Survey& survey) {
                           std::vector<std::pair<QString, QString>> choices;
                           if (!survey.driver) return choices;
                           for (const core::FilterPlace place :
                                {core::FilterPlace::None, core::FilterPlace::Speaker, core::FilterPlace::Plug,
                                 core::FilterPlace::Harness, core::FilterPlace::Amplifier})
                               choices.emplace_back(QString::number(static_cast<int>(place)), words::nameOf(place));
                           return choices;
                       },
                   .read =
                       [](const Survey& survey) {
                           return QString::number(
                               static_cast<int>(survey.driver ? filterHere(survey).place : core::FilterPlace::None));
                       },
                   .write =
                       [](const Survey& survey, const QString& key) {
                           const core::FilterFound there = filterHere(survey);
                           const auto place = static_cast<core::FilterPlace>(key.toInt());
                           const bool both = there.capacitor.device && place != core::FilterPlace::Amplifier;
                           return core::setFilter(survey.plan(), survey.stage, survey.driver, place,
                                                  both ? there.value : std::nullopt);
                       }});
    form->addQuantity({.name = QStringLiteral("ownCapacitor"),
                       .label = words::labelOf(core::Quantity::Capacitance_f),
                       .quantity = core::Quantity::Capacitance_f,
                       .figures = [](const Survey& survey) -> const core::Figures* {
                           static const core::Figures kNone;
                           if (!survey.driver) return nullptr;
                           const core::Port capacitor = filterHere(survey).capacitor;
                           const core::Part* part = survey.partOf(capacitor.device);
                           return part ? &part->inside.at(capacitor.element).figures : &kNone;
                       },
                       .write =
                           [](const Survey& survey, const std::optional<core::Known>& known) {
                               const core::FilterFound there = filterHere(survey);
                               const bool capacitor = static_cast<bool>(there.capacitor.device);
                               return core::setFilter(survey.plan(), survey.stage, survey.driver,
                                                      capacitor ? there.place : core::FilterPlace::Speaker, known);
                           }});
    form->addButton(
        {.name = QStringLiteral("bridgeFilter"),
         .text = tr("Bridge it: leave it in, and round it"),
         .enabled =
             [](const Survey& survey) {
                 return survey.planning() && survey.driver && filterHere(survey).capacitor.device &&
                        !filterHere(survey).bridged;
             },
         .write = [](const Survey& survey) { return core::bypass(survey.plan(), filterHere(survey).capacitor); }});
    form->addButton(
        {.name = QStringLiteral("unbridgeFilter"),
         .text = tr("Take the bridge out"),
         .enabled = [](const Survey& survey) { return survey.driver && filterHere(survey).bridged; },
         .write =
             [](const Survey& survey) { return core::takeBridgeOut(survey.plan(), filterHere(survey).capacitor); }});
    form->addSentence(QStringLiteral("filterSaid"), [](const Survey& survey) -> QString {
        if (!survey.driver) return {};
        const core::FilterFound there = filterHere(survey);
        if (there.bridged) return tr("It is bridged: it stays where it is and holds nothing back.");
        return words::whatGoesWith(there.place);
    });
}

AskForm* driverForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addList({.name = QStringLiteral("driverClass"),
                   .label = tr("Kind and size"),
                   .choices =
                       [](const Survey& survey) {
                           std::vector<std::pair<QString, QString>> choices;
                           if (!survey.driver) return choices;
                           const std::string usual =
                               survey.placeThere() ? usualHere(survey).driverClass : std::string();
                           for (const std::string& key : core::classesFor(survey.practice(), usual))
                               choices.emplace_back(QString::fromStdString(key), words::nameOfClass(key));
                           return choices;
                       },
                   .read =
                       [](const Survey& survey) {
                           const core::Part* part = survey.partOf(survey.driver);
                           return part ? QString::fromStdString(part->driverClass) : QString();
                       },
                   .write =
                       [](const Survey& survey, const QString& key) {
                           core::Part part = *survey.partOf(survey.driver);
                           core::setDriverClass(part, key.toStdString(), survey.practice());
                           return partNow(survey, survey.driver, part, true);
                       }});
    form->addQuantity({.name = QStringLiteral("nominal"),
                       .label = words::labelOf(core::Quantity::Nominal_ohm),
                       .quantity = core::Quantity::Nominal_ohm,
                       .figures = coilFigures,
                       .meanwhile = [](const Survey& s) { return coilMeanwhile(s, core::Quantity::Nominal_ohm); },
                       .write =
                           [](const Survey& survey, const std::optional<core::Known>& known) {
                               core::Part part = *survey.partOf(survey.driver);
                               core::put(part.figures, core::Quantity::Nominal_ohm, known);
                               return partNow(survey, survey.driver, part, true);
                           }});
    addFilter(form);
    auto* ohmmeter = new OhmmeterLine(form, QStringLiteral("surveyOhmmeter"));
    QObject::connect(ohmmeter, &OhmmeterLine::edited, form, &AskForm::edited);
    form->addWidget(ohmmeter, [ohmmeter](const Survey& survey) { ohmmeter->present(survey.snapshot, survey.driver); });
    form->addButton({.name = QStringLiteral("confirmDriver"),
                     .text = tr("Looked: that is what is there"),
                     .enabled = isUnseen,
                     .write = [](const Survey& survey) {
                         return partNow(survey, survey.driver, *survey.partOf(survey.driver), true);
                     }});
    form->addButton({.name = QStringLiteral("addDriver"),
                     .text = tr("Something is fitted here"),
                     .enabled = [](const Survey& survey) { return !survey.driver; },
                     .write =
                         [](const Survey& survey) {
                             return core::addSpeakersAt(survey.plan(), survey.stage, survey.place, usualHere(survey),
                                                        survey.practice());
                         }});
    form->addButton(
        {.name = QStringLiteral("noDriver"),
         .text = tr("Nothing is fitted here"),
         .enabled = [](const Survey& survey) { return static_cast<bool>(survey.driver); },
         .write =
             [](const Survey& survey) { return core::removeSpeaker(survey.plan(), survey.stage, survey.driver); }});
    return form;
}

AskForm* holeForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    addRoom(form, "cutout", core::Quantity::Cutout_m);
    addRoom(form, "cutoutShort", core::Quantity::CutoutShort_m);
    addRoom(form, "screwCount", core::Quantity::ScrewCount);
    addRoom(form, "screwCircle", core::Quantity::ScrewCircle_m);
    addRoom(form, "screwWidth", core::Quantity::ScrewWidth_m);
    addRoom(form, "screwHeight", core::Quantity::ScrewHeight_m);
    addRoom(form, "screwStart", core::Quantity::ScrewStart_deg);
    addRoom(form, "screwRoom", core::Quantity::ScrewRoom_m);
    addRoom(form, "sheet", core::Quantity::Sheet_m);
    addChoiceOf(form, "anchor", tr("Its screws bite in"), choicesOf<core::Anchor>(words::nameOf), &core::Place::anchor);
    return form;
}

AskForm* depthForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    addRoom(form, "depth", core::Quantity::Depth_m);
    addRoom(form, "depthGlassUp", core::Quantity::DepthGlassUp_m);
    addChoiceOf(form, "behind", tr("It ends at"), choicesOf<core::Behind>(words::nameOf), &core::Place::behind);
    form->addSentence(QStringLiteral("behindCaution"), [](const Survey& survey) -> QString {
        const core::Place* place = survey.placeThere();
        if (!place) return {};
        switch (place->behind) {
            case core::Behind::Glass:
            case core::Behind::Regulator:
                return tr("Measure with the glass all the way down, and run it before the panel goes back.");
            case core::Behind::FuelTank:
                return tr(
                    "No drilling and no self-tapping screw towards the tank; the maker's instructions come first.");
            case core::Behind::Harness:
                return tr("Yellow plugs and wires are never probed or unplugged; orange ones are not touched.");
            case core::Behind::Unknown:
            case core::Behind::SheetMetal:
            case core::Behind::OpenAir:
                return {};
        }
        return {};
    });
    addRoom(form, "frontClearance", core::Quantity::FrontClearance_m);
    addChoiceOf(form, "mounted", tr("It is held"), {{0, tr("from the front")}, {1, tr("under the panel, from below")}},
                &core::Place::underPanel);
    return form;
}

AskForm* wayForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    addRoom(form, "between", core::Quantity::Between_m);
    form->addText({.name = QStringLiteral("obstruction"),
                   .label = tr("In the way"),
                   .hint = tr("a plastic cable holder"),
                   .read = [](const Survey& survey) -> QString {
                       const core::Place* place = survey.placeThere();
                       return place ? QString::fromStdString(place->obstruction) : QString();
                   },
                   .write =
                       [](const Survey& survey, const QString& text) {
                           core::Place place = *survey.placeThere();
                           place.obstruction = text.toStdString();
                           return core::changePlace(survey.plan(), survey.place, place);
                       }});
    addRoom(form, "obstructionDepth", core::Quantity::Obstruction_m);
    addRoom(form, "stump", core::Quantity::Stump_m);
    addRoom(form, "wireExit", core::Quantity::WireExit_deg);
    addRoom(form, "glassSide", core::Quantity::GlassSide_deg);
    addRoom(form, "route", core::Quantity::Route_m);
    return form;
}

// What the cover takes in the treble.
QString coverSaid(const Survey& survey)
{
    const core::Place* place = survey.placeThere();
    if (!place) return {};
    Eigen::ArrayXd at_hz(2);
    at_hz << 4000.0, 10000.0;
    const Eigen::ArrayXd loss_db = core::coverTakes_db(*place, survey.practice(), at_hz);
    if (loss_db(1) < 0.05) return tr("Nothing known that swallows sound.");
    return tr("Takes about %1 at 4 kHz and %2 at 10 kHz, by estimate.")
        .arg(words::decibels(loss_db(0)), words::decibels(loss_db(1)));
}

AskForm* coverForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    addChoiceOf(form, "cover", tr("In front of it"), choicesOf<core::Cover>(words::nameOf), &core::Place::cover);
    form->addSentence(QStringLiteral("coverLoss"), coverSaid);
    addRoom(form, "grilleThickness", core::Quantity::GrilleThickness_m);
    addRoom(form, "grilleHole", core::Quantity::GrilleHole_m);
    addRoom(form, "grillePitch", core::Quantity::GrillePitch_m);
    form->addFlags(
        {.name = QStringLiteral("sealed"),
         .label = tr("Round the frame"),
         .choices = {{0, tr("sealed all round")}},
         .read = [](const Survey& survey,
                    int) { return core::isAltered(survey.fitout(), survey.place, core::AlterationKind::Seal); },
         .write =
             [](const Survey& survey, int, bool on) {
                 return core::alterPlace(survey.plan(), survey.stage, survey.place, core::AlterationKind::Seal, on);
             }});
    addRoom(form, "boxVolume", core::Quantity::BoxVolume_m3);
    addRoom(form, "boxTuning", core::Quantity::Tuning_hz);
    return form;
}

}  // namespace

void addRoom(AskForm* form, const char* name, core::Quantity quantity)
{
    form->addQuantity({.name = QLatin1String(name),
                       .label = words::labelOf(quantity),
                       .quantity = quantity,
                       .of = [](const Survey& survey) { return core::Subject{survey.place}; }});
}

Asks makePlaceAsks(const Theme& theme, QWidget* parent)
{
    using core::Quantity;
    const auto room = [](const Survey& survey, std::initializer_list<Quantity> of, const QString& none) {
        QStringList parts;
        if (const core::Place* place = survey.placeThere())
            for (const Quantity quantity : of) {
                const QString value = said(place->room, quantity, survey.units);
                if (!value.isEmpty()) parts << tr("%1 %2").arg(words::labelOf(quantity), value);
            }
        return joined(parts, none);
    };
    return {
        new Ask(theme, QStringLiteral("askDriver"), {tr("fitted"), tr("What is fitted?")}, driverLine,
                driverForm(parent), parent, driverSaid),
        new Ask(
            theme, QStringLiteral("askHole"), {tr("hole"), tr("How big is the hole?")},
            [room](const Survey& s) {
                return room(s, {Quantity::Cutout_m, Quantity::ScrewCount, Quantity::ScrewCircle_m}, tr("not measured"));
            },
            holeForm(parent), parent, roomSaid(Quantity::Cutout_m)),
        new Ask(
            theme, QStringLiteral("askDepth"), {tr("depth"), tr("How deep, and what lies behind?")},
            [room](const Survey& s) {
                const core::Place* place = s.placeThere();
                return joined(
                    {room(s, {Quantity::Depth_m, Quantity::FrontClearance_m}, {}),
                     place && place->behind != core::Behind::Unknown ? words::nameOf(place->behind) : QString()},
                    tr("not measured"));
            },
            depthForm(parent), parent, roomSaid(Quantity::Depth_m)),
        new Ask(
            theme, QStringLiteral("askWay"), {tr("in the way"), tr("What is in the way, where does the cable come?")},
            [room](const Survey& s) {
                const core::Place* place = s.placeThere();
                return joined({place ? QString::fromStdString(place->obstruction) : QString(),
                               room(s, {Quantity::Stump_m, Quantity::Route_m}, {})},
                              tr("not looked at"));
            },
            wayForm(parent), parent, waySaid),
        new Ask(
            theme, QStringLiteral("askCover"), {tr("cover"), tr("What covers it, is it sealed?")},
            [room](const Survey& s) {
                const core::Place* place = s.placeThere();
                const bool sealed = core::isAltered(s.fitout(), s.place, core::AlterationKind::Seal);
                return joined({place ? words::nameOf(place->cover) : QString(), sealed ? tr("sealed") : QString(),
                               room(s, {Quantity::BoxVolume_m3}, {})},
                              {});
            },
            coverForm(parent), parent),
        makeLiningAsk(theme, parent),
    };
}

}  // namespace app
