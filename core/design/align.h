#pragma once

#include <optional>
#include <span>
#include <stop_token>
#include <vector>

#include "core/design/seat_sound.h"
#include "core/model/edit.h"

namespace core {

struct ChannelAlignment {
    Port channel{};
    Knobs was{}, now{};
    double mostDelay_s = 0.0;
    bool delayKnown = false;  // false: nobody stated whether it can delay at all
};

// Delays, levels and polarity that put the image in the middle and let the channels add up.
struct Alignment {
    std::vector<ChannelAlignment> channels{};
    std::vector<SeatScore> before{}, after{};
    bool canDelay = false;  // some channel can, or nobody knows
    Edit edit{};            // of the goal's settings
};

// For one seat, or the best compromise for two. Starts from what stands and from the delays that geometry asks for at
// each seat, tries every polarity there and refines the best. Delays stay within what each channel can do, to 0.01 ms;
// the louder of two twins is turned down, to 0.1 dB; levels between pairs are left as they are: they are taste.
// Nothing where fewer than two channels play, and when it is stopped; it may take a second.
// requires one or two listeners of the plan
[[nodiscard]] std::optional<Alignment> align(const Plan& plan, const Practice& practice,
                                             std::span<const ListenerId> seats, const Evaluation& last = {},
                                             const std::stop_token& stop = {});

}  // namespace core
