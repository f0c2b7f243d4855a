#include "app/asks/asks.h"
#include "app/asks/pin_view.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/complete.h"
#include "core/model/names.h"
#include "core/survey/source_gaps.h"
#include "words/made_names.h"
#include "words/name_words.h"
#include "words/quantity_words.h"
#include "words/source_words.h"
#include "words/survey_words.h"

namespace app {
namespace {

QStringList channelNames(const core::Part& part)
{
    QStringList names;
    for (const std::string& name : core::allOf(part, core::ElementKind::Output)) names << QString::fromStdString(name);
    return names;
}

std::optional<core::Known> meanwhile(const Survey& survey, core::Quantity quantity)
{
    const core::Part* part = survey.partOf(survey.source);
    const std::string output = part ? core::firstOf(*part, core::ElementKind::Output) : std::string();
    if (output.empty()) return std::nullopt;
    const core::Figures figures = core::complete(*part, output, survey.practice());
    const auto found = figures.find(quantity);
    return found == figures.end() ? std::nullopt : std::optional(found->second);
}

void addFigure(AskForm* form, const char* name, core::Quantity quantity)
{
    form->addQuantity({.name = QLatin1String(name),
                       .label = words::labelOf(quantity),
                       .quantity = quantity,
                       .of = [](const Survey& survey) { return core::Subject{survey.source}; },
                       .meanwhile = [quantity](const Survey& survey) { return meanwhile(survey, quantity); }});
}

core::Edit withChannels(const Survey& survey, const QString& text)
{
    core::Part part = *survey.partOf(survey.source);
    std::vector<std::string> fresh;
    for (const QString& name : text.split(QLatin1Char(' '), Qt::SkipEmptyParts))
        if (!part.inside.contains(name.toStdString())) fresh.push_back(name.toStdString());
    core::addChannels(part, fresh);
    return partNow(survey, survey.source, part);
}

AskForm* whatForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addChoice({.name = QStringLiteral("sourceKind"),
                     .label = {},
                     .choices = {{static_cast<int>(core::PartKind::Radio), tr("radio")},
                                 {static_cast<int>(core::PartKind::Amplifier), tr("amplifier of its own")}},
                     .read =
                         [](const Survey& survey) {
                             const core::Part* part = survey.partOf(survey.source);
                             return part ? static_cast<int>(part->kind) : -1;
                         },
                     .write =
                         [](const Survey& survey, int id) {
                             core::Part part = *survey.partOf(survey.source);
                             part.kind = static_cast<core::PartKind>(id);
                             return partNow(survey, survey.source, part);
                         }});
    form->addText({.name = QStringLiteral("sourceName"),
                   .label = tr("Name"),
                   .read =
                       [](const Survey& survey) {
                           const core::Part* part = survey.partOf(survey.source);
                           return part ? words::named(part->name) : QString();
                       },
                   .write =
                       [](const Survey& survey, const QString& text) {
                           core::Part part = *survey.partOf(survey.source);
                           part.name = text.toStdString();
                           return partNow(survey, survey.source, part);
                       }});
    form->addText(
        {.name = QStringLiteral("channelNames"),
         .label = tr("Channels"),
         .hint = tr("FL FR RL RR"),
         .read =
             [](const Survey& survey) {
                 const core::Part* part = survey.partOf(survey.source);
                 return part ? channelNames(*part).join(QLatin1Char(' ')) : QString();
             },
         .write = withChannels,
         .refuse = [](const QString& text) -> QString {
             return text.contains(QLatin1Char('.')) || text.contains(QLatin1Char(':')) ||
                            text.contains(QLatin1Char('>'))
                        ? tr("A channel's name holds no dot, colon or arrow; type names with spaces between, FL FR.")
                        : QString();
         }});
    form->addList({.name = QStringLiteral("sourcePlace"),
                   .label = tr("Where it is"),
                   .choices =
                       [](const Survey& survey) {
                           std::vector<std::pair<QString, QString>> choices{{QString::number(0), tr("not found yet")}};
                           for (const auto& [id, place] : survey.plan().places)
                               choices.emplace_back(QString::number(id.number), words::named(place.name));
                           return choices;
                       },
                   .read =
                       [](const Survey& survey) {
                           const auto found = survey.fitout().devices.find(survey.source);
                           return found == survey.fitout().devices.end() ? QString()
                                                                         : QString::number(found->second.at.number);
                       },
                   .write =
                       [](const Survey& survey, const QString& key) {
                           return core::putSource(survey.plan(), survey.stage, survey.source, {key.toInt()});
                       }});
    form->addSentence(QStringLiteral("whereToLook"), [](const Survey& survey) -> QString {
        const core::Part* part = survey.partOf(survey.source);
        if (!part || part->kind != core::PartKind::Amplifier) return {};
        return tr(
            "Look under the seats, behind the load-space trim and under the dash; nothing there is pulled that is "
            "yellow or orange.");
    });
    form->addButton(
        {.name = QStringLiteral("removeSource"),
         .text = tr("It is not there"),
         .enabled = {},
         .write = [](const Survey& survey) { return core::removeSource(survey.plan(), survey.stage, survey.source); }});
    return form;
}

AskForm* powerForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    addFigure(form, "ratedPower", core::Quantity::RatedPower_w);
    addFigure(form, "ratedLoad", core::Quantity::RatedLoad_ohm);
    addFigure(form, "leastLoad", core::Quantity::LeastLoad_ohm);
    addFigure(form, "leastBridged", core::Quantity::LeastBridged_ohm);
    return form;
}

AskForm* bandForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    addFigure(form, "outputHighPass", core::Quantity::HighPass_hz);
    addFigure(form, "outputLowPass", core::Quantity::LowPass_hz);
    form->addChoice({.name = QStringLiteral("outputGround"),
                     .label = tr("Its minus wires"),
                     .choices = choicesOf<core::OutputGround>(words::nameOf),
                     .read =
                         [](const Survey& survey) {
                             const core::Part* part = survey.partOf(survey.source);
                             return part ? static_cast<int>(part->ground) : 0;
                         },
                     .write =
                         [](const Survey& survey, int id) {
                             core::Part part = *survey.partOf(survey.source);
                             part.ground = static_cast<core::OutputGround>(id);
                             return partNow(survey, survey.source, part);
                         }});
    form->addSentence(QStringLiteral("groundCaution"), [](const Survey& survey) -> QString {
        const core::Part* part = survey.partOf(survey.source);
        if (!part || part->ground == core::OutputGround::Shared) return {};
        return tr("Until it is measured none of them may touch the chassis or another output.");
    });
    return form;
}

// A figure of what lies ready behind the source's place.
void addFeed(AskForm* form, const char* name, core::Quantity quantity)
{
    form->addQuantity(
        {.name = QLatin1String(name), .label = words::labelOf(quantity), .quantity = quantity, .of = [](const Survey&) {
             return core::Subject{};
         }});
}

AskForm* outputsForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    addFigure(form, "lineOutputs", core::Quantity::LineOutputs);
    addFigure(form, "lineOutputVolts", core::Quantity::LineOutput_v);
    addFigure(form, "mostDelay", core::Quantity::MostDelay_s);
    form->addFlags({.name = QStringLiteral("control"),
                    .label = tr("It can be set in"),
                    .choices = choicesOf<core::Control>(words::nameOf),
                    .read =
                        [](const Survey& survey, int id) {
                            const core::Part* part = survey.partOf(survey.source);
                            const auto control = static_cast<core::Control>(id);
                            return part && part->controls.contains(control) && part->controls.at(control);
                        },
                    .write =
                        [](const Survey& survey, int id, bool on) {
                            core::Part part = *survey.partOf(survey.source);
                            if (on)
                                part.controls[static_cast<core::Control>(id)] = true;
                            else
                                part.controls.erase(static_cast<core::Control>(id));
                            return partNow(survey, survey.source, part);
                        }});
    form->addButton({.name = QStringLiteral("noOtherControl"),
                     .text = tr("Nothing else, I have looked"),
                     .enabled =
                         [](const Survey& survey) {
                             const core::Part* part = survey.partOf(survey.source);
                             return part && part->controls.size() < core::enumNames<core::Control>().size();
                         },
                     .write =
                         [](const Survey& survey) {
                             core::Part part = *survey.partOf(survey.source);
                             for (const auto& control : core::enumNames<core::Control>())
                                 part.controls.try_emplace(control.value, false);
                             return partNow(survey, survey.source, part);
                         }});
    form->addSentence(QStringLiteral("sourceOpen"), [](const Survey& survey) {
        return survey.partOf(survey.source) ? words::textOf(core::sourceGaps(survey.fitout(), survey.source))
                                            : QString();
    });
    return form;
}

AskForm* feedsForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    addFeed(form, "constantFeed", core::Quantity::ConstantFeed_v);
    addFeed(form, "switchedFeed", core::Quantity::SwitchedFeed_v);
    addFeed(form, "turnOn", core::Quantity::TurnOn_v);
    addFeed(form, "feedGround", core::Quantity::FeedGround_ohm);
    form->addSentence(QStringLiteral("feedsOpen"),
                      [](const Survey& survey) { return words::openFeedsText(survey.plan().body); });
    form->addSentence(QStringLiteral("feedsSaid"), [](const Survey&) {
        return tr(
            "As a voltmeter reads them at the plug, the switched one with the ignition on; 0 where there is none. "
            "Which pole is at the chassis is measured first; nothing is taken from the nearest live wire.");
    });
    return form;
}

AskForm* pinsForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    auto* view = new PinView(form);
    QObject::connect(view, &PinView::edited, form, &AskForm::edited);
    form->addWidget(view, [view](const Survey& survey) { view->present(survey); });
    form->addSentence(QStringLiteral("pinsCaution"), [](const Survey&) {
        return tr("Measured: the meter found it. In papers: this vehicle's own. A colour proves nothing.");
    });
    return form;
}

QString pinsLine(const Survey& survey)
{
    if (!survey.partOf(survey.source)) return {};
    qsizetype measured = 0, stated = 0, open = 0;
    for (const core::PinRow& row : core::pinTable(survey.fitout(), survey.source)) {
        measured += row.known.origin == core::Origin::Measured ? 1 : 0;
        stated += row.known.origin == core::Origin::Stated ? 1 : 0;
        open += row.known.origin == core::Origin::ClassGuess ? 1 : 0;
    }
    return tr("%1 measured, %2 in papers, %3 unverified").arg(measured).arg(stated).arg(open);
}

AskForm* anotherForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    const auto add = [form](const char* name, const QString& text, core::PartKind kind,
                            const std::vector<std::string>& channels) {
        form->addButton(
            {.name = QLatin1String(name), .text = text, .enabled = {}, .write = [kind, channels](const Survey& survey) {
                 return core::addSource(survey.plan(), survey.stage, kind, channels, {});
             }});
    };
    add("addRadio", tr("A radio with four channels"), core::PartKind::Radio, {"FL", "FR", "RL", "RR"});
    add("addAmplifier", tr("An amplifier with four channels"), core::PartKind::Amplifier, {"FL", "FR", "RL", "RR"});
    add("addBassAmplifier", tr("An amplifier for bass alone"), core::PartKind::Amplifier, {"SC"});
    // Planned ones are chosen, not guessed at.
    form->addList({.name = QStringLiteral("shelfSource"),
                   .label = tr("One of the shelf"),
                   .choices =
                       [](const Survey& survey) {
                           std::vector<std::pair<QString, QString>> choices;
                           if (!survey.planning()) return choices;
                           choices.emplace_back(QString(), tr("choose…"));
                           for (const core::Part& part : survey.shop().shelf.parts)
                               if (core::isSource(part))
                                   choices.emplace_back(QString::fromStdString(part.shelfKey), words::named(part.name));
                           return choices;
                       },
                   .read = [](const Survey&) { return QString(); },
                   .write =
                       [](const Survey& survey, const QString& key) {
                           const core::Part* part = survey.shop().shelf.find(key.toStdString());
                           return part ? core::addSource(survey.plan(), survey.stage, *part, {}) : core::Edit{};
                       },
                   .onlyWhereAny = true});
    form->addSentence(QStringLiteral("noSourceSaid"), [](const Survey& survey) -> QString {
        return survey.source ? QString()
                             : tr("A classic may have none at all, nor a feed for one: measure before planning on it.");
    });
    return form;
}

}  // namespace

QString sourcesLine(const Survey& survey)
{
    QStringList names;
    for (const auto& [id, device] : survey.fitout().devices)
        if (core::isSource(survey.fitout().parts.at(device.part)))
            names << words::nameOf(core::Subject{id}, survey.fitout());
    return names.isEmpty() ? tr("none noted") : names.join(QStringLiteral(" · "));
}

Asks makeSourceAsks(const Theme& theme, QWidget* parent)
{
    using core::Quantity;
    const auto part = [](const Survey& survey) { return survey.partOf(survey.source); };
    Asks asks{new Ask(
                  theme, QStringLiteral("askSource"), {tr("what it is"), tr("What is it, and where?")},
                  [part](const Survey& s) {
                      return part(s)
                                 ? joined({words::named(part(s)->name), channelNames(*part(s)).join(QLatin1Char(' '))},
                                          {})
                                 : QString();
                  },
                  whatForm(parent), parent),
              new Ask(
                  theme, QStringLiteral("askPower"), {tr("power"), tr("What can it drive?")},
                  [part](const Survey& s) {
                      if (!part(s)) return QString();
                      const QString least = said(part(s)->figures, Quantity::LeastLoad_ohm, s.units);
                      return joined({said(part(s)->figures, Quantity::RatedPower_w, s.units),
                                     least.isEmpty() ? QString() : tr("down to %1").arg(least)},
                                    tr("not known, taken for a radio's"));
                  },
                  powerForm(parent), parent,
                  [part](const Survey& s) {
                      return part(s) ? saidOf(part(s)->figures, Quantity::RatedPower_w) : AnswerSaid{};
                  }),
              new Ask(
                  theme, QStringLiteral("askBand"), {tr("outputs"), tr("Full range? Do its outputs float?")},
                  [part](const Survey& s) {
                      if (!part(s)) return QString();
                      const QString above = said(part(s)->figures, Quantity::HighPass_hz, s.units);
                      return joined({above.isEmpty() ? tr("taken for full range") : tr("filtered, from %1").arg(above),
                                     words::nameOf(part(s)->ground)},
                                    {});
                  },
                  bandForm(parent), parent)};
    asks.push_back(new Ask(
        theme, QStringLiteral("askOutputs"), {tr("settings"), tr("Line outputs, settings?")},
        [part](const Survey& s) {
            if (!part(s)) return QString();
            QStringList can;
            for (const auto& [control, there] : part(s)->controls)
                if (there) can << words::nameOf(control);
            if (can.isEmpty() && !part(s)->controls.empty()) can << tr("nothing to set");
            const auto lines = core::valueOf(part(s)->figures, Quantity::LineOutputs);
            if (lines) can.prepend(*lines > 0.0 ? tr("%1 line outputs").arg(*lines) : tr("no line output"));
            return joined(can, tr("nobody has looked"));
        },
        outputsForm(parent), parent,
        [part](const Survey& s) {
            if (!part(s)) return AnswerSaid{};
            const AnswerSaid lines = saidOf(part(s)->figures, Quantity::LineOutputs);
            return lines.mark == Answer::Open && !part(s)->controls.empty() ? AnswerSaid{Answer::Given, tr("seen")}
                                                                            : lines;
        }));
    asks.push_back(new Ask(theme, QStringLiteral("askPins"), {tr("pins"), tr("Which pin is which?")}, pinsLine,
                           pinsForm(parent), parent));
    for (Ask* ask : asks) ask->onlyWhere([part](const Survey& survey) { return part(survey) != nullptr; });
    for (Ask* ask : makeSupplyAsks(theme, parent)) asks.push_back(ask);
    asks.push_back(new Ask(theme, QStringLiteral("askAnother"), {tr("sources"), tr("Is there another one?")},
                           sourcesLine, anotherForm(parent), parent));
    asks.push_back(new Ask(
        theme, QStringLiteral("askFeeds"), {tr("feeds"), tr("What lies ready for a source?")},
        [](const Survey& s) { return joined({words::feedsText(s.plan().body)}, tr("not measured")); },
        feedsForm(parent), parent));
    return asks;
}

}  // namespace app
