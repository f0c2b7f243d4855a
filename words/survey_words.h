#pragma once

#include <QString>
#include <QStringList>
#include <string>

#include "core/edits/filter_edits.h"
#include "core/edits/place_edits.h"
#include "core/fitout/coil_wiring.h"
#include "core/model/plan.h"
#include "core/model/usual_vehicle.h"
#include "core/practice/practice.h"
#include "core/survey/channel_map.h"
#include "core/survey/unplug.h"
#include "core/survey/variant.h"
#include "words/figures.h"

// What a walk-round asks and answers.
namespace words {

[[nodiscard]] QString nameOf(core::PlaceKind kind);
[[nodiscard]] QString nameOf(core::Cab cab);
[[nodiscard]] QString nameOf(core::Drive drive);
[[nodiscard]] QString nameOf(core::Behind behind);
[[nodiscard]] QString nameOf(core::Cover cover);
[[nodiscard]] QString nameOf(core::OutputGround ground);
[[nodiscard]] QString nameOf(core::FastenerKind kind);
[[nodiscard]] QString nameOf(core::Variant variant);
[[nodiscard]] QString nameOf(core::Gap gap);  // as something to find out
// A row of Practice::classes: "165 mm woofer", "6x9 in oval".
[[nodiscard]] QString nameOfClass(const std::string& driverClass);
[[nodiscard]] QString nameOf(core::FilterPlace place);
// How coils are joined, and what a meter shows at the leads then.
[[nodiscard]] QString textOf(core::CoilJoin join, double leads_ohm);
// What is lost with the speaker, or stays; empty where there is no filter.
[[nodiscard]] QString whatGoesWith(core::FilterPlace place);

// How this vehicle is made dead before anything is unplugged, and what else can hurt in one of its kind.
[[nodiscard]] QString powerDownOf(const core::Body& body);
[[nodiscard]] QStringList hazardsOf(const core::Body& body, const core::Practice& practice);

[[nodiscard]] QString questionOf(core::VariantSign sign);
// What is looked for before a part is ordered that only one variant takes.
[[nodiscard]] QString heldBackText(core::VariantSign sign);
// What a sign that was seen means; or, not seen, leaves open.
[[nodiscard]] QString meaningOf(core::VariantSign sign);

[[nodiscard]] QString textOf(const core::Fastener& fastener);  // "2 × screw T20, behind the handle cup"
// One line about what the two sides have different.
[[nodiscard]] QString textOf(const core::SideDifference& difference, const core::Plan& plan, UnitSystem units);
[[nodiscard]] QString textOf(const core::MapRow& row, const core::Fitout& fitout);
[[nodiscard]] QString stateOf(const core::ChannelMap& map);  // complete, or what is open
[[nodiscard]] QString textOf(const core::Unplugged& unplugged, const core::Fitout& fitout);

}  // namespace words
