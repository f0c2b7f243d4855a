#pragma once

#include <map>
#include <set>
#include <string>
#include <vector>

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

// Of a pickup: how many rows of seats it has room for.
enum class Cab { Single, Extended, Double };

enum class Drive { Combustion, Hybrid, Electric };

// What one can see or measure that tells one variant of a model from another.
enum class VariantSign { SubLevelControl, SystemBadge, SeparateAmplifier, LowOhms, MoreDrivers, EmptyTweeterPlug };

// Where airbags unfold and belts run: closed to speakers and leads, wholly, until the vehicle maker's data clears it.
enum class RestraintZone { Pillar, DashBag, RoofEdge };

struct Body {
    BodyKind kind = BodyKind::Estate;
    std::string name{};
    bool wheelOnLeft = true;
    Cab cab = Cab::Double;
    Drive drive = Drive::Combustion;
    double length_m = 4.7, width_m = 1.82, frontAxle_m = 0.9;  // frontAxle: nose to front axle
    Figures cabin{};  // height, wheelbase, inside measures, its leakage frequency; what is absent comes from the kind
    Figures feeds{};  // what lies ready for a source: constant and switched feed, turn-on lead, ground
    std::map<VariantSign, bool> signs{};   // what was looked for; absent: nobody has looked
    std::set<RestraintZone> cleared{};     // somebody read that in the vehicle maker's data and recorded it
    std::map<VariantSign, bool> learnt{};  // the same on the vehicle that the sheet was made from
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

// What the depth of a place ends at.
enum class Behind { Unknown, Glass, Regulator, SheetMetal, FuelTank, Harness, OpenAir };

// What the screws at a place bite in.
enum class Anchor { Unknown, Metal, Plastic, Wood, CaptiveNut, Rivet };

enum class FastenerKind { Screw, Bolt, Nut, Clip, PushPin, Rivet, Hook };

struct Fastener {
    FastenerKind kind = FastenerKind::Screw;
    std::string size{};  // as its tool is called: "T25", "8 mm", "3/16 in hex"
    int count = 1;
    bool hidden = false;  // under a cap, a cup or a strip
    std::string where{};  // "behind the handle cup"
    bool operator==(const Fastener&) const = default;
};

// Something that comes off on the way to a place.
struct Panel {
    std::string name{};
    PanelId pair{};                     // the same on the vehicle's other side
    bool followsPair = false;           // an edit of the pair is made here too
    std::vector<Fastener> fasteners{};  // in the order they come out
    std::string leave{};                // what must not be pulled or unplugged there
    std::string undo{};                 // what hangs on it and is undone: plugs, cables, rods
    std::string labels{};               // what is stuck on it and has to be there again afterwards
    bool membrane = false;              // a film behind it keeps the water out
    bool operator==(const Panel&) const = default;
};

// Airbags and belt tighteners may lie behind its trim; common practice, no source.
[[nodiscard]] inline bool hasRestraints(const Body& body)
{
    return body.kind != BodyKind::Motorcycle && body.kind != BodyKind::Boat && body.kind != BodyKind::Classic &&
           body.kind != BodyKind::OpenSideBySide;
}

// Where nothing may be laid on the skin behind a place.
enum class KeepOut { Glass, Rods, Drains, Sensors, Vents };

// A spot in the vehicle that holds or could hold a driver, an amplifier or a network.
struct Place {
    PlaceKind kind = PlaceKind::Door;
    std::string name{};
    Frame frame{};
    PlaceId pair{};            // the same spot on the other side
    bool followsPair = false;  // an edit of the pair is made here too
    Cover cover = Cover::None;
    Behind behind = Behind::Unknown;
    Anchor anchor = Anchor::Unknown;
    bool underPanel = false;    // a driver is clamped to it from below
    std::string obstruction{};  // what takes some of its depth and could be cut away
    Figures room{};
    std::set<KeepOut> keepOuts{};  // empty: nobody has looked
    std::vector<PanelId> wayIn{};  // in the order they come off
    std::vector<Fastener> held{};  // what holds the driver that was found there
    bool operator==(const Place&) const = default;
};

enum class SurfaceMaterial { Glass, HardTrim, SoftDash, Carpet, ClothSeat, LeatherSeat, Headliner };

// What is cut or drilled for a driver.
enum class Backing { Metal, Plastic, Cloth };

// A flat rectangle of the vehicle that mirrors sound: a corner and the two edges that leave it. One that blocks also
// stands in the way: a dash, a seat back.
struct Surface {
    SurfaceMaterial material = SurfaceMaterial::Glass;
    std::string name{};
    Vec3 corner_m{}, along_m{1.0, 0.0, 0.0}, across_m{0.0, 1.0, 0.0};
    bool blocks = false;
    bool mirrors = true;     // else too small for that, or told of as part of another one
    bool mountable = false;  // a driver may be put on it; what follows is of such a one
    PlaceKind kind = PlaceKind::Hidden;  // that a driver on it would have
    Backing backing = Backing::Plastic;
    Basis basis{};
    bool operator==(const Surface&) const = default;
};

[[nodiscard]] inline Vec3 middleOf(const Surface& surface)
{
    return surface.corner_m + 0.5 * surface.along_m + 0.5 * surface.across_m;
}

enum class Seat { Driver, FrontPassenger, RearLeft, RearRight };

struct Listener {
    Seat seat = Seat::Driver;
    Vec3 head_m{};               // the head's centre
    Vec3 facing{1.0, 0.0, 0.0};  // its ears are to the left and right of this
    bool operator==(const Listener&) const = default;
};

enum class Goal { Improve, Restore, Replace };

// What an owner says is wrong.
enum class Complaint { Dull, Thin, NoBass, Harsh, NotLoud, Buzz, OneSided, CutsOut };

// What the owner does not give up.
enum class Keep { NoCutting, Looks, Radio, Badge, LoadSpace };

enum class Use { FamilyCar, WorkVan, WindAndHelmet, OpenCab, SummerCruiser };

// What else the owner wants with it, each a line of the parts list.
enum class Extra { Tethers, TamperProofBolts, Badges, LightController };

struct Job {
    std::string customer{};
    std::string complaint{};  // in the owner's words
    std::set<Complaint> complaints{};
    Goal goalKind = Goal::Improve;
    std::set<Keep> keep{};
    Use use = Use::FamilyCar;
    std::set<Extra> extras{};
    double budget = 0.0;  // in `currency`; 0: not said
    std::string currency{};
    double hours_h = 0.0;                   // that may go into it; 0: not said
    CurveId hearingLeft{}, hearingRight{};  // what each ear needs more than a young one does
    CurveId target{};                       // what a sum is to come near; none: a line
    StageId goal{2};                        // "after" is this stage; "before" is what was found
    bool operator==(const Job&) const = default;
};

}  // namespace core
