#pragma once

#include <functional>
#include <optional>
#include <stop_token>
#include <vector>

#include "core/evaluate/split_sum.h"
#include "core/model/board.h"
#include "core/model/edit.h"
#include "core/model/evaluation.h"
#include "core/model/shelf.h"

namespace core {

// What a crossover is to be found for: a woofer and the tweeter beside it, the ears that count, what the shelf sells.
struct SplitTask {
    DeviceId tweeter{};               // takes over from the larger one of its side (splitPairs)
    std::vector<ListenerId> seats{};  // whose ears count; none: the first listener's
    // Of the target: 0 flat, -1 falling to the highs; nothing: the plan's own, or flat where it has none.
    std::optional<double> slope_db_octave{};
};

// Of three the one between the others: where it takes over, and whether it is turned over as `turned` is meant.
struct MiddleOne {
    double from_hz = 0.0;
    bool turned = false;
};

// One crossover as it is judged. Figures by the model of the search: the drivers' own impedances behind ideal parts;
// the plan itself, evaluated, has the last word.
struct SplitCandidate {
    BoardParts parts{};                    // of each leg; none at all: what is there stays
    std::optional<Setting> low{}, high{};  // of their channels, where each has one of its own
    bool turned = false;     // the tweeter turned over: of new parts against plus to plus, else against how it is now
    double at_hz = 0.0;      // hand-over
    double even_db = 0.0;    // rms of the third-octaves about the target, 250 Hz to 12 kHz
    double least_ohm = 0.0;  // what the channel would see of these and whatever else hangs on it
    double beyond_octave = 0.0;  // hand-over over where the woofer beams
    double cost_db = 0.0;        // what is minimised: evenness, and what parts, money and beaming cost
    std::optional<MiddleOne> middle{};
};

// FewestParts: of two one alone, of three as many as there are speakers at most.
enum class SplitKind { NoNewParts, FewestParts, MostEven, OneCorner };
struct SplitAnswer {
    SplitKind kind{};
    SplitCandidate found{};
    int parts = 0;                   // to buy, a side
    double price = 0.0;              // of these, about, in the shop's money
    std::vector<DeviceId> others{};  // that hang on the channels whose settings change, and are not of these two
    Edit edit{};                     // both sides where one follows the other
};

struct SplitSearch {
    SplitPair pair{};
    SplitSum now{};                      // as it stands, at the first seat
    size_t tried = 0, refused = 0;       // of these for the tweeter's resonance or the channel's load
    std::vector<SplitAnswer> answers{};  // that differ in kind; none of a kind that nothing fits
};

// Every network of the shelf's preferred values: tweeter behind one capacitor, capacitor and coil, or those and another
// capacitor as a Butterworth of third order has it, with or without a resistor; woofer full, behind one coil, or coil
// and capacitor; either way round. Refused: under what a tweeter's
// resonance asks (split_limits), and under the channel's least load. Of three on one channel all three are parted
// (three_way_search); two that have a channel each are parted by its settings (settings_search). Pure; progress in
// shares of one, nothing comes back when it is stopped, or where this tweeter takes over from nobody or nobody listens.
[[nodiscard]] std::optional<SplitSearch> searchSplits(const Plan& plan, const Evaluation& evaluation,
                                                      const SplitTask& task, const std::stop_token& stop = {},
                                                      const std::function<void(double)>& progress = {});

}  // namespace core
