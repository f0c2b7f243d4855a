#include "words/split_words.h"

#include <QStringList>

#include "words/calc_words.h"
#include "words/figures.h"
#include "words/finding_words.h"
#include "words/fit_words.h"
#include "words/name_words.h"
#include "words/part_value.h"
#include "words/settings_words.h"
#include "words/survey_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString nameOf(const SplitAnswer& answer)
{
    switch (answer.kind) {
        case SplitKind::NoNewParts:
            return Words::tr("no new parts");
        case SplitKind::FewestParts:
            return Words::tr("%n part(s)", nullptr, answer.parts);
        case SplitKind::MostEven:
            return Words::tr("most even");
        case SplitKind::OneCorner:
            return Words::tr("one corner for both");
    }
    return {};
}

namespace {

QString saidOf(SiteFault fault)
{
    switch (fault) {
        case SiteFault::Wet:
            return Words::tr("wet at times");
        case SiteFault::Hot:
            return Words::tr("hot in the sun");
        case SiteFault::Feet:
            return Words::tr("in reach of feet");
        case SiteFault::BehindTrim:
            return Words::tr("behind trim");
    }
    return {};
}

// What the channels are set to: each filter that parts the two, level where it is not the others', polarity.
QString settingsOf(const SplitCandidate& found)
{
    QStringList set;
    if (const auto& filter = found.low->lowPass)
        set << Words::tr("lower one to %1, %2").arg(frequency(filter->frequency_hz), nameOf(filter->shape()));
    if (const auto& filter = found.high->highPass)
        set << Words::tr("higher one from %1, %2").arg(frequency(filter->frequency_hz), nameOf(filter->shape()));
    if (const double level_db = found.high->gain_db - found.low->gain_db; level_db != 0.0)
        set << Words::tr("the higher one %1 against the lower").arg(decibelChange(level_db));
    if (found.turned) set << Words::tr("the higher one turned over");
    return set.isEmpty() ? Words::tr("as it stands") : set.join(QStringLiteral("; "));
}

QString onLeg(Leg leg, const LegPart& part)
{
    const QString value = partValue(part.kind, part.value);
    const auto named = [&](const QString& capacitor, const QString& coil, const QString& resistor) {
        return (part.kind == ElementKind::Capacitor  ? capacitor
                : part.kind == ElementKind::Inductor ? coil
                                                     : resistor)
            .arg(value);
    };
    switch (leg) {
        case Leg::Woofer:
            return named(Words::tr("woofer capacitor %1"), Words::tr("woofer coil %1"),
                         Words::tr("woofer resistor %1"));
        case Leg::Mid:
            return named(Words::tr("mid capacitor %1"), Words::tr("mid coil %1"), Words::tr("mid resistor %1"));
        case Leg::Tweeter:
            return named(Words::tr("tweeter capacitor %1"), Words::tr("tweeter coil %1"),
                         Words::tr("tweeter resistor %1"));
    }
    return {};
}

QStringList turnedOf(const SplitCandidate& found)
{
    QStringList turned;
    if (found.middle && found.middle->turned) turned << Words::tr("mid turned over");
    if (found.turned) turned << Words::tr("tweeter turned over");
    return turned;
}

}  // namespace

QString partsOf(const SplitCandidate& found)
{
    if (found.low && found.high) return settingsOf(found);
    QStringList parts;
    for (const auto& [leg, own] : found.parts)
        for (const LegPart& part : own) parts << onLeg(leg, part);
    if (parts.isEmpty()) parts << Words::tr("as it stands");
    return (parts + turnedOf(found)).join(QStringLiteral(", "));
}

QString jottedParts(const SplitCandidate& found)
{
    if (found.low && found.high) return settingsOf(found);
    const QString jotted = jottedBoard(found.parts);
    const QStringList turned = turnedOf(found);
    if (jotted.isEmpty()) return turned.isEmpty() ? Words::tr("as it stands") : turned.join(QStringLiteral("; "));
    const auto tweeter = found.parts.find(Leg::Tweeter);
    if (!found.middle && found.turned && tweeter != found.parts.end() && !tweeter->second.empty())
        return Words::tr("%1, turned over").arg(jotted);
    return (QStringList{jotted} + turned).join(QStringLiteral("; "));
}

QString jottedBoard(const BoardParts& board)
{
    QStringList legs;
    for (const auto& [leg, parts] : board) {
        QStringList values;
        for (const LegPart& part : parts) values << partValue(part.kind, part.value);
        if (values.isEmpty()) continue;
        const QString all = values.join(QStringLiteral(", "));
        switch (leg) {
            case Leg::Woofer:
                legs << Words::tr("woofer %1").arg(all);
                break;
            case Leg::Mid:
                legs << Words::tr("mid %1").arg(all);
                break;
            case Leg::Tweeter:
                legs << Words::tr("tweeter %1").arg(all);
                break;
        }
    }
    return legs.join(QStringLiteral("; "));
}

QString textOf(const WhyNot& why)
{
    QStringList said;
    QStringList titles;
    for (const Finding& finding : why.against) titles << textOf(finding).title;
    titles.removeDuplicates();
    said << (titles.isEmpty() ? Words::tr("Nothing stands against it that is not there now.")
                              : Words::tr("Against it: %1.").arg(titles.join(QStringLiteral("; "))));
    if (why.uneven_db && why.best_db)
        said << Words::tr("Uneven by %1; the most even one found by %2.")
                    .arg(decibels(*why.uneven_db), decibels(*why.best_db));
    else if (why.uneven_db)
        said << Words::tr("Uneven by %1.").arg(decibels(*why.uneven_db));
    return said.join(QLatin1Char(' '));
}

QString lineOf(const NetworkSite& site)
{
    if (site.closed) return Words::tr("%1: closed, the driver's feet work there").arg(nameOf(site.kind));
    QStringList said{Words::tr("%1 of leads").arg(fieldText(Quantity::Length_m, site.leads_m, spokenUnits()))};
    for (const SiteFault fault : site.faults) said << saidOf(fault);
    return Words::tr("%1: %2").arg(nameOf(site.kind), said.join(QStringLiteral(", ")));
}

QString weighedBy(const Practice& practice, const QString& currency)
{
    constexpr double kMoney = 10.0;
    return Words::tr(
               "Weighed by how uneven the sum is. One part more has to save %1, %2 more %3; each octave past "
               "where the larger one beams costs %4.")
        .arg(decibels(practice[PracticeKey::SplitPart_db]), moneyText(kMoney, currency),
             decibels(kMoney * practice[PracticeKey::SplitMoney_db]), decibels(practice[PracticeKey::SplitBeaming_db]));
}

QString headOf(const SplitSearch& search, const StageResult& stage)
{
    const auto name = [&](size_t run) { return nameOf(Subject{stage.runs[run].run.id.coil.device}, stage.used); };
    return Words::tr("%1 over from %2: %3 tried, %4 refused for the tweeter or the load")
        .arg(name(search.pair.high), name(search.pair.low))
        .arg(search.tried)
        .arg(search.refused);
}

QString lineOf(const SplitSum& now)
{
    const QString holes = Words::tr("hole %1, with the tweeter turned over %2")
                              .arg(decibels(now.wired.hole_db), decibels(now.turned.hole_db));
    return now.clear() ? Words::tr("  now: hand-over %1, %2").arg(frequency(*now.at_hz), holes)
                       : Words::tr("  now: no clear split; %1").arg(holes);
}

QString handOverOf(const SplitCandidate& found)
{
    if (found.at_hz <= 0.0) return Words::tr("no hand-over");
    if (!found.middle || found.middle->from_hz <= 0.0) return Words::tr("hand-over %1").arg(frequency(found.at_hz));
    return Words::tr("hand-overs %1 and %2").arg(frequency(found.middle->from_hz), frequency(found.at_hz));
}

QString othersOf(const SplitAnswer& answer, const StageResult& stage)
{
    if (answer.others.empty()) return {};
    return Words::tr("changes %1, too").arg(namesOf({answer.others.begin(), answer.others.end()}, stage.used));
}

QString lineOf(const SplitAnswer& answer, const StageResult& stage)
{
    const SplitCandidate& found = answer.found;
    const QString line =
        Words::tr("  %1: %2, uneven by %3, load %4 at least: %5")
            .arg(nameOf(answer), handOverOf(found), decibels(found.even_db), ohms(found.least_ohm), partsOf(found));
    const QString others = othersOf(answer, stage);
    return others.isEmpty() ? line : line + QStringLiteral("; ") + others;
}

}  // namespace words
