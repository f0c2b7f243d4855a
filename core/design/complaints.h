#pragma once

#include <span>
#include <vector>

#include "core/model/vehicle.h"

namespace core {

enum class Cause {
    NoTweeter,
    Covered,
    DeadDriver,
    SmallWoofer,
    AirLeak,
    HighPassed,
    SidesReversed,
    NoSubwoofer,
    TooMuchTreble,
    Reflection,
    WeakSource,
    HigherOhms,
    TornSurround,
    LooseTrim,
    BrokenWire,
    LoadTooLow,
    HotAmplifier
};

// What tells the causes of a complaint apart before anything is ordered.
enum class TellingTest {
    ListenAtEachTweeter,
    PressRoundTheFrame,
    FlipOneSide,
    SweepSlowly,
    CompareSides,
    TurnUpAndRead,
    ReadTheLoad,
    MoveTheBalance
};

// A complaint as something that can be checked: the band it lives in, what may be behind it (likeliest first), and the
// test. Source: common practice, no source.
struct ComplaintRow {
    Complaint complaint{};
    double from_hz = 0.0, to_hz = 0.0;
    std::vector<Cause> causes{};
    TellingTest test{};
};
[[nodiscard]] std::span<const ComplaintRow> complaintRows();
[[nodiscard]] const ComplaintRow& rowOf(Complaint complaint);

}  // namespace core
