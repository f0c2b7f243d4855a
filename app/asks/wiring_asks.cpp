#include <algorithm>

#include "app/asks/asks.h"
#include "core/edits/coil_edits.h"
#include "core/edits/lead_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/circuit.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/sides.h"
#include "core/model/names.h"
#include "core/survey/lead_back.h"
#include "words/figures.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/survey_words.h"

namespace app {
namespace {

const QString kThrough = QStringLiteral(">");  // before the id of a driver whose terminals the wires come from

std::optional<core::Leads> leadsHere(const Survey& survey)
{
    return survey.partOf(survey.driver) ? core::feedEnds(survey.fitout(), survey.driver) : std::nullopt;
}

// The lead to one of the driver's two terminals, from what feeds it.
core::LeadBack leadHere(const Survey& survey, bool plus)
{
    const auto leads = leadsHere(survey);
    if (!leads) return {};
    return core::leadBack(survey.fitout(), {survey.driver, plus ? leads->plus : leads->minus});
}

// The wire of that lead whose colour is noted: the one that has a colour, else the one that comes from the source.
core::WireId wireHere(const Survey& survey, bool plus)
{
    const core::LeadBack lead = leadHere(survey, plus);
    for (const core::WireId wire : lead.wires)
        if (!survey.fitout().wires.at(wire).colour.empty()) return wire;
    return lead.wires.empty() ? core::WireId{} : lead.wires.back();
}

std::vector<core::Port> channelsHere(const Survey& survey)
{
    std::vector<core::Port> channels;
    for (const core::RunResult& run : survey.result().runs)
        if (run.run.id.coil.device == survey.driver &&
            std::find(channels.begin(), channels.end(), run.run.id.channel) == channels.end())
            channels.push_back(run.run.id.channel);
    return channels;
}

QString channelName(const Survey& survey, const core::Port& channel)
{
    return words::nameOf(core::Subject{channel}, survey.fitout());
}

// The driver from whose terminals this one's wires come, if they do.
core::DeviceId throughWhom(const Survey& survey)
{
    const core::DeviceId from = leadHere(survey, true).from.device;
    const core::Part* part = survey.partOf(from);
    return part && part->kind == core::PartKind::Driver && from != survey.driver ? from : core::DeviceId{};
}

std::vector<std::pair<QString, QString>> feeds(const Survey& survey)
{
    std::vector<std::pair<QString, QString>> choices;
    if (!survey.driver) return choices;
    for (const core::Port& channel : core::channels(survey.fitout()))
        choices.emplace_back(QString::fromStdString(core::textOf(channel)), channelName(survey, channel));
    for (const auto& [id, device] : survey.fitout().devices)
        if (survey.partOf(id)->kind == core::PartKind::Driver && core::mayFeed(survey.fitout(), id, survey.driver))
            choices.emplace_back(kThrough + QString::number(id.number),
                                 tr("on from %1").arg(words::nameOf(core::Subject{id}, survey.fitout())));
    return choices;
}

QString feedNow(const Survey& survey)
{
    if (const core::DeviceId from = throughWhom(survey)) return kThrough + QString::number(from.number);
    const auto channels = channelsHere(survey);
    return channels.empty() ? QString() : QString::fromStdString(core::textOf(channels.front()));
}

core::Edit feed(const Survey& survey, const QString& key)
{
    if (key.startsWith(kThrough))
        return core::loopThrough(survey.plan(), survey.stage, survey.driver, {key.mid(1).toInt()});
    return core::connectSpeaker(survey.plan(), survey.stage, survey.driver, *core::portFromText(key.toStdString()));
}

// How its coils are joined, each way with what a meter shows there.
core::CoilsAtDriver coilsHere(const Survey& survey)
{
    return survey.partOf(survey.driver) ? core::coilsAtDriver(survey.fitout(), survey.driver, survey.practice())
                                        : core::CoilsAtDriver{};
}

std::vector<std::pair<QString, QString>> joins(const Survey& survey)
{
    if (!survey.partOf(survey.driver)) return {};
    return joinChoices(survey.fitout(), survey.driver, survey.practice());
}

QString coilsSaid(const Survey& survey)
{
    const core::CoilsAtDriver at = coilsHere(survey);
    if (at.coils.size() < 2) return {};
    if (at.reversed)
        return tr("One coil stands against the others: no motion, and the meter reads the same. Turn it over.");
    if (!at.idle.empty()) return tr("A coil with nothing on it gives part of the motor away.");
    return at.leads_ohm ? tr("A meter at the leads, plug off, must show %1.").arg(words::ohms(*at.leads_ohm))
                        : QString();
}

// Which way its cone goes for a plus at the channel.
bool isTurnedOver(const Survey& survey)
{
    for (const core::RunResult& run : survey.result().runs)
        if (run.run.id.coil.device == survey.driver) return run.run.sign < 0;
    return false;
}

// Others that hang on the same channel.
QString sharedSaid(const Survey& survey)
{
    QStringList names;
    for (const core::Port& channel : channelsHere(survey))
        for (const core::RunResult& run : survey.result().runs)
            if (run.run.id.channel == channel && run.run.id.coil.device != survey.driver && !run.sameCone)
                names << words::nameOf(core::Subject{run.run.id.coil.device}, survey.fitout());
    names.removeDuplicates();  // a coaxial plays two coils
    return names.isEmpty() ? QString() : tr("Shares its pair of wires with %1.").arg(names.join(tr("; ")));
}

AskForm::TextLine colourLine(bool plus)
{
    return {.name = plus ? QStringLiteral("plusColour") : QStringLiteral("minusColour"),
            .label = plus ? AskForm::tr("Colour of plus") : AskForm::tr("Colour of minus"),
            .hint = plus ? AskForm::tr("grey") : AskForm::tr("grey/black"),
            .read =
                [plus](const Survey& survey) {
                    const core::WireId wire = wireHere(survey, plus);
                    return wire ? QString::fromStdString(survey.fitout().wires.at(wire).colour) : QString();
                },
            .write =
                [plus](const Survey& survey, const QString& colour) {
                    const core::WireId wire = wireHere(survey, plus);
                    return wire ? core::colourWire(survey.plan(), survey.stage, wire, colour.toStdString())
                                : core::Edit{};
                }};
}

// What the cable is, each core of it, and how long; with both the loss in it counts.
AskForm::QuantityLine cableLine(core::Quantity what, const char* name, const QString& label)
{
    return {.name = QLatin1String(name),
            .label = label,
            .quantity = what,
            .figures = [](const Survey& survey) -> const core::Figures* {
                const core::LeadBack lead = leadHere(survey, true);
                return lead.wires.empty() ? nullptr : &survey.fitout().wires.at(lead.wires.back()).figures;
            },
            .write =
                [what](const Survey& survey, const std::optional<core::Known>& value) {
                    return core::noteCable(survey.plan(), survey.stage, survey.driver, what, value);
                }};
}

// The tweeter that a network planned here would feed, too; none while one looks at what was found.
core::DeviceId tweeterFor(const Survey& survey)
{
    const bool asked = survey.planning() && survey.partOf(survey.driver);
    return asked ? core::tweeterBeside(survey.fitout(), survey.driver, survey.practice()) : core::DeviceId{};
}

std::vector<std::pair<QString, QString>> networks(const Survey& survey)
{
    if (!tweeterFor(survey)) return {};
    std::vector<std::pair<QString, QString>> choices{{QString(), tr("none")}};
    for (const core::Part* part : survey.shop().shelf.of(core::PartKind::Network))
        if (core::isTwoWay(*part))
            choices.emplace_back(QString::fromStdString(part->shelfKey), words::named(part->name));
    return choices;
}

AskForm::ListLine networkLine()
{
    return {.name = QStringLiteral("network"),
            .label = AskForm::tr("Network"),
            .choices = networks,
            .read =
                [](const Survey& survey) {
                    const core::Part* there = survey.partOf(core::networkOf(survey.fitout(), survey.driver));
                    return there ? QString::fromStdString(there->shelfKey) : QString();
                },
            .write =
                [](const Survey& survey, const QString& key) {
                    const core::Part* part = survey.shop().shelf.find(key.toStdString());
                    return part ? core::fitNetwork(survey.plan(),
                                                     {{core::Leg::Woofer, survey.driver},
                                                      {core::Leg::Tweeter, tweeterFor(survey)}},
                                                     *part)
                                : core::removeNetwork(survey.plan(), survey.driver);
                },
            .onlyWhereAny = true};
}

AskForm* wiringForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addList(
        {.name = QStringLiteral("channel"), .label = tr("Fed by"), .choices = feeds, .read = feedNow, .write = feed});
    form->addList({.name = QStringLiteral("coilJoin"),
                   .label = tr("Its coils"),
                   .choices = joins,
                   .read = [](const Survey& s) { return QString::number(static_cast<int>(coilsHere(s).join)); },
                   .write =
                       [](const Survey& s, const QString& key) {
                           return core::connectCoils(s.plan(), s.stage, s.driver,
                                                     static_cast<core::CoilJoin>(key.toInt()));
                       },
                   .onlyWhereAny = true});
    form->addSentence(QStringLiteral("coilsSaid"), coilsSaid);
    form->addList(networkLine());
    form->addChoice({.name = QStringLiteral("polarity"),
                     .label = tr("Its plus tab is on"),
                     .choices = {{0, tr("plus")}, {1, tr("minus: turned over")}},
                     .read = [](const Survey& s) { return isTurnedOver(s) ? 1 : 0; },
                     .write =
                         [](const Survey& s, int turned) {
                             return (turned == 1) == isTurnedOver(s) ? core::Edit{}
                                                                     : core::turnOver(s.plan(), s.stage, s.driver);
                         }});
    form->addText(colourLine(true));
    form->addText(colourLine(false));
    form->addQuantity(cableLine(core::Quantity::Area_m2, "cableArea", tr("Cable, each core")));
    form->addQuantity(cableLine(core::Quantity::Length_m, "cableLength", tr("Cable, one way")));
    form->addText({.name = QStringLiteral("plug"),
                   .label = tr("Plug"),
                   .hint = tr("flat, two pins"),
                   .read =
                       [](const Survey& survey) {
                           const auto leads = leadsHere(survey);
                           return leads
                                      ? QString::fromStdString(survey.partOf(survey.driver)->terminals.at(leads->plus))
                                      : QString();
                       },
                   .write =
                       [](const Survey& survey, const QString& text) {
                           const core::Part* there = survey.partOf(survey.driver);
                           if (!there) return core::Edit{};
                           core::Part part = *there;
                           for (auto& [terminal, connector] : part.terminals) connector = text.toStdString();
                           return partNow(survey, survey.driver, part);
                       }});
    form->addSentence(QStringLiteral("sharedPair"), sharedSaid);
    form->addSentence(QStringLiteral("cuesSaid"), [](const Survey& survey) -> QString {
        return survey.driver ? tr("A colour or a wider tab is a cue for plus, not a proof: only a reading settles it.")
                             : QString();
    });
    return form;
}

QString wiringLine(const Survey& survey)
{
    QStringList names;
    for (const core::Port& channel : channelsHere(survey)) names << QString::fromStdString(channel.element);
    const core::WireId plus = wireHere(survey, true), minus = wireHere(survey, false);
    const auto colour = [&](core::WireId wire) {
        return wire ? QString::fromStdString(survey.fitout().wires.at(wire).colour) : QString();
    };
    const QString colours = colour(plus).isEmpty() && colour(minus).isEmpty()
                                ? QString()
                                : tr("+ %1, − %2").arg(colour(plus), colour(minus));
    return joined(
        {names.isEmpty() ? QString() : tr("channel %1").arg(names.join(tr(", "))), colours, sharedSaid(survey)},
        tr("nothing feeds it"));
}

// A colour is a cue; which pair it is, only a reading proves.
AnswerSaid wiringAnswer(const Survey& survey)
{
    if (!survey.driver || channelsHere(survey).empty()) return {Answer::Open, {}};
    for (const bool plus : {true, false})
        if (const core::WireId wire = wireHere(survey, plus); wire && !survey.fitout().wires.at(wire).colour.empty())
            return {Answer::Cue, tr("a cue, no proof")};
    return {Answer::Open, {}};
}

// What the two sides have different, and how to make them alike.
AskForm* sidesForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    const auto paired = [](const Survey& survey) {
        const core::Place* place = survey.placeThere();
        return place && place->pair;
    };
    form->addText({.name = QStringLiteral("placeName"),
                   .label = tr("Name"),
                   .read =
                       [](const Survey& survey) {
                           const core::Place* place = survey.placeThere();
                           return place ? words::named(place->name) : QString();
                       },
                   .write =
                       [](const Survey& survey, const QString& text) {
                           core::Place place = *survey.placeThere();
                           place.name = text.toStdString();
                           return core::changePlace(survey.plan(), survey.place, place);
                       }});
    form->addList({.name = QStringLiteral("placeKind"),
                   .label = tr("Kind of place"),
                   .choices =
                       [](const Survey&) {
                           std::vector<std::pair<QString, QString>> choices;
                           for (const auto& [id, text] : choicesOf<core::PlaceKind>(words::nameOf))
                               choices.emplace_back(QString::number(id), text);
                           return choices;
                       },
                   .read =
                       [](const Survey& survey) {
                           const core::Place* place = survey.placeThere();
                           return place ? QString::number(static_cast<int>(place->kind)) : QString();
                       },
                   .write =
                       [](const Survey& survey, const QString& key) {
                           core::Place place = *survey.placeThere();
                           place.kind = static_cast<core::PlaceKind>(key.toInt());
                           return core::changePlace(survey.plan(), survey.place, place);
                       }});
    form->addSentence(QStringLiteral("sideDifferences"), [paired](const Survey& survey) -> QString {
        if (!paired(survey)) return tr("It stands alone.");
        QStringList lines;
        for (const core::SideDifference& difference : core::sideDifferences(survey.fitout(), survey.place))
            lines << words::textOf(difference, survey.plan(), survey.units);
        return lines.isEmpty() ? tr("Both sides are alike.") : tr("The other side: %1.").arg(lines.join(tr("; ")));
    });
    form->addButton(
        {.name = QStringLiteral("copySide"),
         .text = tr("Make the other side like this one"),
         .enabled = [paired](const Survey& survey) { return paired(survey); },
         .write = [](const Survey& survey) { return core::copySide(survey.plan(), survey.stage, survey.place); }});
    form->addButton({.name = QStringLiteral("freeSides"),
                     .text = tr("Each side for itself"),
                     .enabled =
                         [paired](const Survey& survey) {
                             return paired(survey) && core::mateOf(survey.plan().places, survey.place);
                         },
                     .write = [](const Survey& survey) { return core::freeSides(survey.plan(), survey.place); }});
    form->addButton({.name = QStringLiteral("removePlace"),
                     .text = tr("Remove this place"),
                     .enabled = {},
                     .write = [](const Survey& survey) { return core::removePlace(survey.plan(), survey.place); }});
    return form;
}

QString sidesLine(const Survey& survey)
{
    const core::Place* place = survey.placeThere();
    if (!place || !place->pair) return tr("alone");
    const auto differences = core::sideDifferences(survey.fitout(), survey.place);
    const QString kept =
        core::mateOf(survey.plan().places, survey.place) ? tr("both sides are kept alike") : tr("each side for itself");
    if (differences.empty()) return kept;
    return tr("%1 · %2").arg(kept, AskForm::tr("%n difference(s)", nullptr, static_cast<int>(differences.size())));
}

}  // namespace

Asks makeWiringAsks(const Theme& theme, QWidget* parent)
{
    return {new Ask(theme, QStringLiteral("askWires"), {tr("wires"), tr("Which wires?")}, wiringLine,
                    wiringForm(parent), parent, wiringAnswer),
            new Ask(theme, QStringLiteral("askSides"), {tr("sides"), tr("Left and right")}, sidesLine,
                    sidesForm(parent), parent)};
}

}  // namespace app
