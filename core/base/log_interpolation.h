#pragma once

#include <algorithm>
#include <cmath>
#include <cstddef>

namespace core {

// Where a frequency lies between rising ones: share of the way from one to the next, in log f; held beyond the ends.
struct LogPosition {
    size_t below = 0;
    double share = 0.0;  // 0 at the one below, 1 at the one above

    // The value there of what is known at each of them.     at(i) of the i-th
    template <class At>
    [[nodiscard]] double of(At at) const
    {
        const double first = at(below);
        return share == 0.0 ? first : first + share * (at(below + 1) - first);
    }
};

// count  of the rising frequencies, at least 1;  at_hz(i) the i-th of them
template <class At>
[[nodiscard]] LogPosition positionInLog(size_t count, At at_hz, double frequency_hz)
{
    size_t above = 0;
    for (size_t length = count; length > 0;) {  // the first that lies above
        const size_t half = length / 2;
        if (at_hz(above + half) <= frequency_hz) {
            above += half + 1;
            length -= half + 1;
        } else {
            length = half;
        }
    }
    if (above == 0) return {};
    if (above == count) return {count - 1, 0.0};
    const double low_hz = at_hz(above - 1);
    return {above - 1, std::log(frequency_hz / low_hz) / std::log(at_hz(above) / low_hz)};
}

}  // namespace core
