#include "app/asks/asks.h"
#include "core/edits/supply_edits.h"
#include "core/evaluate/supply.h"
#include "words/figures.h"
#include "words/quantity_words.h"

namespace app {
namespace {

core::Supply supplyHere(const Survey& survey)
{
    return survey.partOf(survey.source) ? core::supplyOf(survey.fitout(), survey.source, survey.practice())
                                        : core::Supply{};
}

const core::Wire* cableHere(const Survey& survey)
{
    const core::Supply supply = supplyHere(survey);
    return supply.fuse ? &survey.fitout().wires.at(supply.cable) : nullptr;
}

QString keyOf(double fuse_a)
{
    return QString::number(fuse_a);
}

std::optional<double> valueOf(const core::Part& fuse)
{
    return core::valueOf(fuse.figures, core::Quantity::Fuse_a);
}

// Those of the shelf, and the one that is there.
std::vector<std::pair<QString, QString>> fuses(const Survey& survey)
{
    if (!survey.partOf(survey.source)) return {};
    std::vector<std::pair<QString, QString>> choices{{QString(), tr("none noted")}};
    const auto there = supplyHere(survey).fuse_a;
    bool listed = !there;
    for (const core::Part* part : survey.shop().shelf.of(core::PartKind::Fuse))
        if (const auto value = valueOf(*part)) {
            listed = listed || *value == *there;
            choices.emplace_back(keyOf(*value), words::amperes(*value));
        }
    if (!listed) choices.emplace_back(keyOf(*there), words::amperes(*there));
    return choices;
}

core::Edit takeFuse(const Survey& survey, const QString& key)
{
    for (const core::Part* part : survey.shop().shelf.of(core::PartKind::Fuse))
        if (const auto value = valueOf(*part); value && keyOf(*value) == key)
            return core::setFuse(survey.plan(), survey.stage, survey.source, part);
    return key.isEmpty() ? core::setFuse(survey.plan(), survey.stage, survey.source, nullptr) : core::Edit{};
}

AskForm::QuantityLine supplyCableLine(core::Quantity what, const char* name, const QString& label)
{
    return {.name = QLatin1String(name),
            .label = label,
            .quantity = what,
            .figures = [](const Survey& survey) -> const core::Figures* {
                const core::Wire* cable = cableHere(survey);
                return cable ? &cable->figures : nullptr;
            },
            .write =
                [what](const Survey& survey, const std::optional<core::Known>& value) {
                    return core::noteSupplyCable(survey.plan(), survey.stage, survey.source, what, value);
                }};
}

QString needSaid(const Survey& survey)
{
    const core::Supply supply = supplyHere(survey);
    if (!survey.partOf(survey.source)) return {};
    if (!supply.draw_a) return tr("What it draws follows from its power a channel, which nobody has noted.");
    const auto fuse_a = core::fuseFor_a(supply, survey.practice());
    const QString draws = tr("Draws about %1 at full drive, taken for class AB").arg(words::amperes(*supply.draw_a));
    return fuse_a ? tr("%1: fuse %2.").arg(draws, words::amperes(*fuse_a))
                  : tr("%1: no fuse carries that and protects this cable.").arg(draws);
}

QString cableSaid(const Survey& survey)
{
    const core::Supply supply = supplyHere(survey);
    if (!supply.ampacity_a) return {};
    const QString carries = tr("The cable carries at least %1").arg(words::amperes(*supply.ampacity_a));
    return supply.drop_v ? tr("%1 and takes %2 of the supply.").arg(carries, words::volts(*supply.drop_v))
                         : tr("%1.").arg(carries);
}

AskForm* supplyForm(QWidget* parent)
{
    auto* form = new AskForm(parent);
    form->addSentence(QStringLiteral("supplyNeed"), needSaid);
    form->addList({.name = QStringLiteral("fuse"),
                   .label = tr("Fuse"),
                   .choices = fuses,
                   .read =
                       [](const Survey& survey) {
                           const auto there = supplyHere(survey).fuse_a;
                           return there ? keyOf(*there) : QString();
                       },
                   .write = takeFuse});
    form->addQuantity(supplyCableLine(core::Quantity::Area_m2, "supplyArea", tr("Supply cable")));
    form->addQuantity(supplyCableLine(core::Quantity::Length_m, "supplyLength", tr("From the fuse on")));
    form->addSentence(QStringLiteral("supplyCable"), cableSaid);
    form->addSentence(QStringLiteral("supplyCaution"), [](const Survey& survey) -> QString {
        return survey.partOf(survey.source)
                   ? tr("The fuse protects the cable: within %1 of the battery, fitted last, battery off until then. "
                        "Orange cables are never touched; makers' and local rules come first.")
                         .arg(words::length(core::kFuseWithin_m, survey.units))
                   : QString();
    });
    return form;
}

QString supplyLine(const Survey& survey)
{
    const core::Supply supply = supplyHere(survey);
    if (!supply.fuse) return tr("no fuse noted");
    return joined({supply.fuse_a ? words::amperes(*supply.fuse_a) : QString(),
                   said(cableHere(survey)->figures, core::Quantity::Area_m2, survey.units),
                   said(cableHere(survey)->figures, core::Quantity::Length_m, survey.units)},
                  {});
}

}  // namespace

Asks makeSupplyAsks(const Theme& theme, QWidget* parent)
{
    auto* ask = new Ask(theme, QStringLiteral("askSupply"), {tr("supply"), tr("Fuse and cable?")}, supplyLine,
                        supplyForm(parent), parent);
    ask->onlyWhere([](const Survey& survey) { return survey.partOf(survey.source) != nullptr; });
    return {ask};
}

}  // namespace app
