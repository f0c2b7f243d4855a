#pragma once

#include <string>

#include "core/model/quantity.h"

namespace core {

// Vehicle frame: x ahead, y to the left, z up, metres; y = 0 the centre plane, x = 0 the front axle, z = 0 the ground.
struct Vec3 {
    double x = 0.0, y = 0.0, z = 0.0;
    bool operator==(const Vec3&) const = default;
};

struct Frame {
    Vec3 at_m{};
    Vec3 facing{1.0, 0.0, 0.0};
    bool operator==(const Frame&) const = default;
};

enum class BodyKind {
    Hatchback,
    Saloon,
    Estate,
    Coupe,
    Classic,
    Pickup,
    OffRoad,
    Van,
    Bus,
    OpenTwoSeater,
    OpenSideBySide,
    Motorcycle,
    Boat
};

struct Body {
    BodyKind kind = BodyKind::Estate;
    std::string name{};
    bool wheelOnLeft = true;
    double length_m = 4.7, width_m = 1.82, frontAxle_m = 0.9;  // frontAxle: nose to front axle
    bool operator==(const Body&) const = default;
};

enum class PlaceKind {
    Door,
    DashTop,
    Sail,
    Pillar,
    KickPanel,
    Quarter,
    RearDeck,
    UnderSeat,
    Overhead,
    Fairing,
    BagLid,
    CargoSide,
    RollBar,
    OwnBox,
    Hidden
};

// A spot in the vehicle that holds or could hold a driver, an amplifier or a network.
struct Place {
    PlaceKind kind = PlaceKind::Door;
    std::string name{};
    Frame frame{};
    PlaceId pair{};            // the same spot on the other side
    bool followsPair = false;  // an edit of the pair is made here too
    Figures room{};
    bool operator==(const Place&) const = default;
};

enum class Seat { Driver, FrontPassenger, RearLeft, RearRight };

struct Listener {
    Seat seat = Seat::Driver;
    Vec3 head_m{};  // the head's centre; it looks ahead
    bool operator==(const Listener&) const = default;
};

enum class Goal { Improve, Restore, Replace };

struct Job {
    std::string customer{};
    std::string complaint{};
    Goal goalKind = Goal::Improve;
    bool noCutting = false;
    StageId goal{2};  // "after" is this stage; "before" is what was found
    bool operator==(const Job&) const = default;
};

}  // namespace core
