#pragma once

#include <optional>

#include "core/model/branch_across.h"
#include "core/model/edit.h"
#include "core/model/evaluation.h"

namespace core {

// What keeps the lows from a speaker: one capacitor, and where it lives.
enum class FilterPlace {
    None,
    Speaker,   // on the driver: leaves with it
    Plug,      // in the plug that reaches it
    Harness,   // somewhere before that
    Amplifier  // the channel itself holds back the lows
};

struct FilterFound {
    FilterPlace place = FilterPlace::None;
    Port capacitor{};              // not with None and Amplifier
    std::optional<Known> value{};  // farads; of an amplifier hertz; nothing: nobody knows
    bool bridged = false;          // it is still there and carries nothing
};
// Whether a link lies across a part.
[[nodiscard]] bool isBridged(const Fitout& fitout, const Port& element);
// The capacitor nearest the driver that every way to its first coil passes, or that a link goes round.
[[nodiscard]] FilterFound filterOf(const Fitout& fitout, DeviceId driver);

// The filter is this one, at a stage; the driver of the other side follows. What was there before goes, or takes the
// new value where it is in the same place; a plug that is there is used. A bridge over it is taken out.
// value  farads, of an amplifier hertz; nothing: nobody knows
[[nodiscard]] Edit setFilter(const Plan& plan, StageId stage, DeviceId driver, FilterPlace place,
                             const std::optional<Known>& value);

// As planned: a capacitor in the driver's plus lead. What goes on from its terminals to another driver goes on before
// it.
[[nodiscard]] Edit addCapacitor(const Plan& plan, DeviceId driver, double capacitance_f);
// The same with a resistor: more load, less level.
[[nodiscard]] Edit addResistor(const Plan& plan, DeviceId driver, double resistance_ohm);
// As planned: resistor, coil and capacitor in series across the driver, both sides; what is there already gets these
// values.
// requires one of the three
[[nodiscard]] Edit addAcross(const Plan& plan, DeviceId driver, const SeriesBranch& branch);
// What is made across a driver; none where nothing is.
[[nodiscard]] DeviceId branchAcross(const Fitout& fitout, DeviceId driver);
// What was put into a lead or across a speaker goes again, both sides.
// requires such a device
[[nodiscard]] Edit takeOutOfLead(const Plan& plan, DeviceId device);
// What was made for a lead or across a speaker and goes on to nothing any more is dropped, at a stage and at those made
// on it; what others hang on stays.
void dropLooseParts(Plan& after, StageId stage);
// The bridge over a capacitor is taken out again, as planned.
[[nodiscard]] Edit takeBridgeOut(const Plan& plan, const Port& capacitor);

}  // namespace core
