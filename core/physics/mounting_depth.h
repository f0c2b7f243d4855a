#pragma once

#include <optional>
#include <span>
#include <vector>

namespace core {

// Depth and height at a place, from the mounting face: the panel surface that the flange or the spacer touches.
// Rigid parts, all lengths in metres and none negative.      source  geometry

// max(0, depth + margin - available): how far a driver must come forward to clear what lies behind it. Available is
// the lesser one with the glass up and down.
[[nodiscard]] double spacerForDepth_m(double mountingDepth_m, double margin_m, double available_m);

// What stands in front of the face: the flange, or the surround at the end of its travel, whichever is more.
struct DriverFront {
    double flange_m = 0.0;    // its thickness
    double surround_m = 0.0;  // full height of the roll, over the face
    double travel_m = 0.0;    // mechanical limit if known, else Xmax
};
// max(flange, surround + travel)
[[nodiscard]] double frontReach_m(const DriverFront& front);
// spacer + frontReach + margin: the free distance to a grille or trim that it needs
[[nodiscard]] double frontNeed_m(const DriverFront& front, double spacer_m, double margin_m);

// Clamped from below: max(0, surround + travel + margin - between), between the parts that lie between the flange's
// front face and the panel's underside (gasket, ring).
[[nodiscard]] double spacerBelow_m(const DriverFront& front, double margin_m, double between_m);
// spacer + flange + depth + margin: the free depth under the panel that it needs; a spacer pushes the magnet away
[[nodiscard]] double depthBelow_m(const DriverFront& front, double mountingDepth_m, double spacer_m, double margin_m);

// Spacers one can buy, one or several on each other.
struct SpacerStack {
    std::vector<double> pieces_m{};  // thickest first; none: no spacer needed
    double sum_m = 0.0;
    bool operator==(const SpacerStack&) const = default;
};
// The smallest piece that reaches, else the fewest pieces with the smallest sum that does. Nothing where even
// mostPieces of the thickest do not reach.      requires stock in rising order, each > 0
[[nodiscard]] std::optional<SpacerStack> spacerStack(double needed_m, std::span<const double> stock_m, int mostPieces);

}  // namespace core
