#pragma once

#include <optional>
#include <set>
#include <vector>

#include "core/model/computed.h"
#include "core/model/quantity.h"
#include "core/physics/cutout.h"
#include "core/physics/mounting_depth.h"
#include "core/physics/oval.h"
#include "core/physics/screw_pattern.h"

namespace core {

// What a driver's rotation should do, the most important first.
enum class TurnWish { TerminalsDown, TowardsWire, AwayFromGlass, BadgeUpright };

struct TurnChoice {
    double turn_deg = 0.0;  // of the driver, counter-clockwise as seen from the front
    std::vector<TurnWish> kept{}, givenUp{};
    bool operator==(const TurnChoice&) const = default;
};

// The opening at a place against what the driver needs.
struct HoleFit {
    CutoutLimits limits{};
    CutoutPlan plan{};
    Origin worst = Origin::Measured;
    std::optional<double> there_m{};  // the hole as it is, or as it is planned to be cut
    bool ring = false;                // it is too wide for the driver's screws
    std::optional<double> ringInside_m{}, ringOutside_m{};
    bool cut = false;               // it is too small
    std::optional<Oval> ovalCut{};  // half axes of the opening that an oval body needs
};

// What a driver is lifted by at its place, and what was cleared for it.
struct Seating {
    double spacer_m = 0.0;
    double stump_m = 0.0;        // what stands up under its flange besides
    double obstruction_m = 0.0;  // of the depth, that was cut free for it
};

// Lengths that are left, each with the worst origin of what it rests on; nothing where too little is known.
struct RoomLeft {
    std::optional<Computed> depthMargin_m{};    // from its back to what lies behind, glass down
    std::optional<Computed> glassUpMargin_m{};  // the same with the glass up
    std::optional<Computed> frontMargin_m{};    // from its surround at full travel, or its flange, to the cover
    std::optional<Computed> screwMargin_m{};    // from the screws' points to what lies behind them
    double wantedDepth_m = 0.0;                 // margins that practice asks for
    double wantedFront_m = 0.0;
};

struct SpacerNeed {
    std::optional<double> spacerNeeded_m{};  // to come by the wanted margins behind, or clear a panel from below
    std::optional<SpacerStack> spacers{};    // that do it and leave room in front; nothing: none does
};

struct ScrewFit {
    std::optional<PatternMatch> screws{};       // at the turn that was chosen
    int screwCount = 0;                         // holes of the driver, those in its tabs while it has them
    std::optional<double> screwReach{};         // of its farthest hole against its flange: 1 at the edge of what holds
    double screwsAcross_m = 0.0;                // diameter through that hole
    std::optional<PatternMatch> withoutTabs{};  // the same once the tabs are broken off, where it has any
    std::optional<TurnChoice> turn{};           // what rotation to give it
};

// A bracket's outer holes, or those in its tabs, against the vehicle's.
struct BracketFit {
    std::optional<PatternMatch> bracket{};
    int bracketCount = 0;
    bool bracketTabsOff = false;  // the holes that fit are not those in its tabs
};

// How a driver stands at its place.
struct DriverFit : Seating, RoomLeft, SpacerNeed, ScrewFit, BracketFit {
    Figures body{};                      // of the driver, completed
    std::optional<HoleFit> hole{};       // nothing where no hole fits its own screws
    double coverLoss_db = 0.0;           // mean over 4-20 kHz
    std::optional<Computed> fixing_n{};  // on each screw in a shock
};

}  // namespace core
