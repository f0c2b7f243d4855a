#pragma once

#include <string>

#include "core/base/vec3.h"
#include "core/model/quantity.h"

namespace core {

struct Frame {
    Vec3 at_m{};
    Vec3 facing{1.0, 0.0, 0.0};
    bool operator==(const Frame&) const = default;
};

// The same on the vehicle's other side.
[[nodiscard]] inline Frame mirrored(Frame frame)
{
    frame.at_m.y = -frame.at_m.y;
    frame.facing.y = -frame.facing.y;
    return frame;
}

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
    Figures cabin{};  // inside measures, its leakage frequency; what is absent comes from the kind
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

// What covers a driver; a perforated plate is given by its holes instead, as figures of the place.
enum class Cover { None, ThinCloth, ThickCloth, ClothUnderLeather };

// A spot in the vehicle that holds or could hold a driver, an amplifier or a network.
struct Place {
    PlaceKind kind = PlaceKind::Door;
    std::string name{};
    Frame frame{};
    PlaceId pair{};            // the same spot on the other side
    bool followsPair = false;  // an edit of the pair is made here too
    Cover cover = Cover::None;
    Figures room{};
    bool operator==(const Place&) const = default;
};

enum class SurfaceMaterial { Glass, HardTrim, SoftDash, Carpet, ClothSeat, LeatherSeat, Headliner };

// A flat rectangle of the vehicle that mirrors sound: a corner and the two edges that leave it. One that blocks also
// stands in the way: a dash, a seat back.
struct Surface {
    SurfaceMaterial material = SurfaceMaterial::Glass;
    std::string name{};
    Vec3 corner_m{}, along_m{1.0, 0.0, 0.0}, across_m{0.0, 1.0, 0.0};
    bool blocks = false;
    bool mountable = false;  // a driver may be put on it
    bool operator==(const Surface&) const = default;
};

enum class Seat { Driver, FrontPassenger, RearLeft, RearRight };

struct Listener {
    Seat seat = Seat::Driver;
    Vec3 head_m{};               // the head's centre
    Vec3 facing{1.0, 0.0, 0.0};  // its ears are to the left and right of this
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
