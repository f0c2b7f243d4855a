#pragma once

#include <array>
#include <optional>
#include <span>
#include <stop_token>
#include <vector>

#include "core/design/damage.h"
#include "core/limits/verdict.h"
#include "core/model/evaluation.h"
#include "core/model/shelf.h"
#include "core/survey/variant.h"

namespace core {

// What a candidate can lose points by; how many there are is practice's.
enum class Criterion { Depth, Front, Hole, Screws, Load, Level, Bands, Heat, Travel, Cost, Weight };
[[nodiscard]] std::span<const Criterion> criteria();
[[nodiscard]] PracticeKey weightOf(Criterion criterion);
// All that can be had together.
[[nodiscard]] double pointsOf(const Practice& practice);

// Points that a candidate lost, and the figure that cost them.
struct LostPoints {
    Criterion by{};
    double points = 0.0;
    Quantity what{};
    std::optional<double> figure{};  // nothing: nobody knows it
    std::optional<Verdict> stop{};   // it cannot work, or would break something: the finding it would get
};

// A driver of the shelf tried in one role.
struct Candidate {
    Part part{};
    bool fitted = false;  // it is the one that stands there at the goal
    DriverFit fit{};
    bool connected = false;       // the rest is known only where a channel plays it:
    double least_ohm = 0.0;       // what the channel would see
    double levelChange_db = 0.0;  // on axis, 250 Hz-4 kHz (a subwoofer's: 20-250 Hz), at equal source volts
    std::optional<std::array<double, kBandCount>>
        bands_db{};                         // change of each band on axis; nothing: none played before
    double bandChange_db = 0.0;             // the worse of 60-250 Hz and 4-20 kHz, as far as the place plays them
    double heat_ratio = 0.0;                // programme watts over its rating
    double travel_ratio = 0.0;              // travel with programme at the source's limit over Xmax
    std::optional<double> corner_hz{};      // of the capacitor in front of it, into its nominal impedance
    std::vector<LostPoints> lost{};         // most first
    std::vector<Damage> damage{};           // what fitting it does to the vehicle
    std::optional<VariantSign> heldBack{};  // to be looked for before it is ordered
    double points = 0.0;                    // what is left

    [[nodiscard]] bool stops() const;
    [[nodiscard]] bool cuts() const;  // something of it is permanent
};

// What the ranking looks through.
enum class RankScope {
    WhatSuits,  // drivers that can do the place's work
    Everything
};

// The drivers of the shelf in this role: those that nothing stops first, then by points. Several at a time, each on
// every fourth frequency of the grid: loads within half a per cent, levels within 0.1 dB, travel (which may peak
// between two of them) within a tenth of the plan's own.
// last  evaluation of the plan, found and goal; requires that the device is there at the goal
// stop  asked before each driver; what comes back after that is no ranking
[[nodiscard]] std::vector<Candidate> rankDrivers(const Plan& plan, const Shelf& shelf, DeviceId device,
                                                 const Evaluation& last, RankScope scope = RankScope::WhatSuits,
                                                 const std::stop_token& stop = {});

}  // namespace core
