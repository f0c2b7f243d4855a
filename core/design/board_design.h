#pragma once

#include <array>
#include <optional>
#include <vector>

#include "core/edits/network_edits.h"
#include "core/evaluate/split_sum.h"
#include "core/model/wiring.h"

namespace core {

// What a board is to do, and the parts that do it by the book.

// The ohms that a leg is made for: as its speaker is sold, those it really has where its filter begins, or all of them:
// the values that come nearest to the filter's curve from two octaves below to two above it.
enum class LegLoad { Stated, AtCorner, WholeCurve };

struct BoardWish {
    // Of several speakers where each takes over from the one before it, from the lowest up; of one alone what its
    // high-pass and its low-pass are.
    std::array<std::optional<Filter>, 2> filters{};
    LegLoad load = LegLoad::Stated;
    double pad_db = 0.0;    // how much quieter the highest one is made, 0 to kMostPad_db
    bool keepsLoad = true;  // by two resistors, so that its ohms stay; else by one in series
    bool operator==(const BoardWish&) const = default;
};

// More than that is another speaker's task. Ours, no source.
inline constexpr double kMostPad_db = 24.0;
// Orders that are wound and soldered.
inline constexpr int kMostBoardOrder = 4;
// The shapes of these orders that a board is made in.
[[nodiscard]] std::vector<FilterShape> boardShapes();

// Ladders from the input on, the high-pass before the low-pass, then the pad, each value the nearest of E12. Ladders
// are exact for a resistance; what the speaker makes of them the plan shows.
// requires a run of the stage for each leg's speaker, orders up to four, corners > 0
// source  A. I. Zverev, "Handbook of Filter Synthesis" (1967), singly terminated; pad as in physics/pad.h
[[nodiscard]] BoardParts designBoard(const StageResult& stage, const BoardSpeakers& speakers, const BoardWish& wish);

// What a board can be made for about a speaker: all three of its side, the pair it is in, each of those alone.
[[nodiscard]] std::vector<BoardSpeakers> boardChoices(const StageResult& stage, DeviceId speaker,
                                                      const Practice& practice);
// What it is begun with: Linkwitz-Riley of second order where one takes over from the other; of one alone a tweeter's
// high-pass or a larger one's low-pass there.
[[nodiscard]] BoardWish startingWish(const StageResult& stage, const BoardSpeakers& speakers,
                                     const Practice& practice);

}  // namespace core
