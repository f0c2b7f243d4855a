#pragma once

#include <variant>

#include "core/model/wiring.h"

namespace core {

struct Inside {
    PartId part{};
    std::string element{};
    auto operator<=>(const Inside&) const = default;
};

// The path from one source channel to one voice coil, named by its two ends, which stay the same when what lies between
// changes.
struct RunId {
    Port channel{}, coil{};
    auto operator<=>(const RunId&) const = default;
};

using Subject = std::variant<std::monostate, PartId, Inside, PlaceId, DeviceId, Port, WireId, RunId, ListenerId>;

// Names any figure: readings, expectations, evidence.
struct Address {
    Subject of{};
    Quantity what{};
    auto operator<=>(const Address&) const = default;
};

enum class Instrument { Ohmmeter, Voltmeter, Ruler, Eye, Microphone, SoundCard };

// A raw fact, read at one stage of the vehicle. It settles nothing by itself: an edit makes it believed.
struct Reading {
    Address of{};
    StageId stage{};
    Instrument by = Instrument::Ohmmeter;
    double value = 0.0;      // as the instrument showed it, SI
    double leads_ohm = 0.0;  // what the leads read when held together
    std::string note{};
    bool operator==(const Reading&) const = default;
};

}  // namespace core
