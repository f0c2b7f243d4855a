#pragma once

#include "core/limits/verdict.h"

namespace core {

inline constexpr double kLengthSlack_m = 1e-9;  // 68 + 5 - 60 is not exact in binary

// Glass, or the lift that moves it.
[[nodiscard]] bool behindGlass(const Place& place);

// DepthAndSpacer: what is left behind a driver. Contact that no spacer clears is a Stop, a margin that is only thin is
// not; where glass is behind, it is this rule's only once no spacer does.
[[nodiscard]] std::optional<Verdict> depthLimit(const Place& place, const DriverFit& fit);

// WindowTravel: the least that is left to the glass, down, up, and before the screws' points. Where nobody knows where
// the glass runs it is the driver's depth, without a limit.
[[nodiscard]] std::optional<Verdict> windowLimit(const Place& place, const DriverFit& fit);

// FrontClearance, or UnderPanel for a place that is under one.
[[nodiscard]] std::optional<Verdict> frontLimit(const Place& place, const DriverFit& fit);

// ScrewReaches
[[nodiscard]] std::optional<Verdict> screwReachLimit(const DriverFit& fit);

// CutoutAndRing: too wide is a Stop; too small is one only where nothing may be cut.
[[nodiscard]] std::optional<Verdict> holeLimit(const Place& place, const DriverFit& fit, bool noCutting);

// DomeTakenForHole: a tweeter's hole given as its dome.
[[nodiscard]] std::optional<Verdict> domeLimit(const Part& driver);

// ScrewOutsideFlange: the diameter of its own pattern against the one at which its screws are at the flange's edge.
[[nodiscard]] std::optional<Verdict> flangeLimit(const DriverFit& fit);

// CutAgainstWish, of the vehicle's plug alone: cut off where the owner wants no cutting.
// seen  how what the vehicle has there is known
[[nodiscard]] Verdict plugCutLimit(Origin seen);

}  // namespace core
