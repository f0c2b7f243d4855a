#pragma once

#include <Eigen/Core>
#include <array>
#include <map>
#include <optional>
#include <vector>

#include "core/model/address.h"
#include "core/physics/bands.h"

// What values that nobody measured could do to the results. Draws are uniform between a value less and plus its spread;
// the n-th draw of a value is the same in every stage, so that figures of two stages may be compared draw by draw.
namespace core {

// From 2.5 to 97.5 % of the draws.
struct Range {
    double low = 0.0, high = 0.0;
    bool operator==(const Range&) const = default;
};

struct CurveRange {
    Eigen::ArrayXd low_db{}, high_db{};
};

// One value that could be otherwise, and what hangs on it.
struct UncertainInput {
    Address what{};                      // of an element inside a part, or of a place
    Known value{};                       // as completed
    double spread = 0.0;                 // +- share of the value; dB for a sensitivity
    std::map<Address, double> shifts{};  // half the way each figure goes when it goes from one end to the other
    std::map<ListenerId, std::array<double, kBandCount>> reach_db{};  // the same for the loudest clean level
};

struct HeardSpread {
    CurveRange level_db{};  // as HearingResult::level_db; what the model of a closed cabin leaves out is in it
    std::array<Range, kBandCount> reach_db{}, balance_db{};
    std::optional<Range> image{};
    double reachSquare_db2 = 0.0;  // variance of the draws of reach_db, all bands together
};

struct StageSpread {
    std::map<Address, Eigen::ArrayXd> draws{};
    std::map<ListenerId, HeardSpread> hearing{};
    std::vector<UncertainInput> inputs{};
    bool allShifted =
        true;  // each unmeasured one was shifted by itself; in a very large plan only the most telling are
};

}  // namespace core
