#pragma once

#include <QCoreApplication>
#include <vector>

#include "app/asks/ask.h"
#include "app/asks/spot_list.h"
#include "core/model/names.h"
#include "words/figures.h"

namespace app {

// The questions of a walk-round, by what was picked. The texts and the edits of each stand together in one file.
using Asks = std::vector<Ask*>;
// What stands bare in this namespace is gathered under its name.
[[nodiscard]] inline QString tr(const char* text)
{
    return QCoreApplication::translate("app", text);
}
[[nodiscard]] Asks makeVehicleAsks(const Theme& theme, QWidget* parent);
[[nodiscard]] Asks makeCustomerAsks(const Theme& theme, QWidget* parent);
[[nodiscard]] Asks makeSourceAsks(const Theme& theme, QWidget* parent);
[[nodiscard]] Asks makeSupplyAsks(const Theme& theme, QWidget* parent);  // of a source
[[nodiscard]] Asks makeInventoryAsks(const Theme& theme, QWidget* parent);
// Usual spots to add; of a place: those within its reach.
[[nodiscard]] Ask* makeSpotAsk(const Theme& theme, const QString& name, SpotList::Reach reach, QWidget* parent);
[[nodiscard]] Asks makePlaceAsks(const Theme& theme, QWidget* parent);
[[nodiscard]] Ask* makeLiningAsk(const Theme& theme, QWidget* parent);   // of a place
[[nodiscard]] Asks makeWiringAsks(const Theme& theme, QWidget* parent);  // of a place
[[nodiscard]] Asks makeWayInAsks(const Theme& theme, QWidget* parent);   // of a place
[[nodiscard]] Asks makeFreshAsks(const Theme& theme, QWidget* parent);   // of a spot that is nothing yet

// Every one of an enumeration, with its name, for a line of choices.
template <class Enum>
[[nodiscard]] std::vector<std::pair<int, QString>> choicesOf(QString (*name)(Enum))
{
    std::vector<std::pair<int, QString>> choices;
    for (const auto& one : core::enumNames<Enum>()) choices.emplace_back(static_cast<int>(one.value), name(one.value));
    return choices;
}

// A line for something measured at the place.
void addRoom(AskForm* form, const char* name, core::Quantity quantity);

// A figure of a part or a place as the summary of an ask says it; empty if nobody knows it.
[[nodiscard]] inline QString said(const core::Figures& figures, core::Quantity quantity, words::UnitSystem units)
{
    const auto known = core::valueOf(figures, quantity);
    return known ? words::fieldText(quantity, *known, units) : QString();
}

// What the customer hears, in his own words too; what he wants; what must stay. Empty: he has not said.
[[nodiscard]] QString hearsLine(const core::Job& job);
[[nodiscard]] QString wantsLine(const core::Job& job);
[[nodiscard]] QString keepsLine(const core::Job& job);
// Every source by name.
[[nodiscard]] QString sourcesLine(const Survey& survey);

// How sure something is that rests on this.
[[nodiscard]] AnswerSaid saidOf(const core::Basis& basis);
// The same of a figure; open while nobody knows it.
[[nodiscard]] AnswerSaid saidOf(const core::Figures& figures, core::Quantity quantity);

// The known ones of several, or what is said where none is.
[[nodiscard]] inline QString joined(QStringList parts, const QString& none)
{
    const QString known = words::joinedKnown(std::move(parts));
    return known.isEmpty() ? none : known;
}

}  // namespace app
