#include "core/design/complaints.h"

#include <algorithm>

namespace core {

std::span<const ComplaintRow> complaintRows()
{
    using enum Cause;
    using enum TellingTest;
    static const std::vector<ComplaintRow> kRows{
        {Complaint::Dull, 4000.0, 20000.0, {NoTweeter, Covered, DeadDriver}, ListenAtEachTweeter},
        {Complaint::Thin, 60.0, 250.0, {SmallWoofer, AirLeak, SidesReversed, HighPassed}, PressRoundTheFrame},
        {Complaint::NoBass, 30.0, 100.0, {NoSubwoofer, SidesReversed, AirLeak, HighPassed}, FlipOneSide},
        {Complaint::Harsh, 2000.0, 8000.0, {TooMuchTreble, Reflection, WeakSource}, SweepSlowly},
        {Complaint::NotLoud, 60.0, 20000.0, {WeakSource, HigherOhms, SmallWoofer}, TurnUpAndRead},
        {Complaint::Buzz, 40.0, 400.0, {TornSurround, LooseTrim, WeakSource}, SweepSlowly},
        {Complaint::OneSided, 250.0, 16000.0, {DeadDriver, BrokenWire, Covered}, MoveTheBalance},
        {Complaint::CutsOut, 60.0, 20000.0, {LoadTooLow, HotAmplifier, BrokenWire}, ReadTheLoad},
    };
    return kRows;
}

const ComplaintRow& rowOf(Complaint complaint)
{
    const auto rows = complaintRows();
    return *std::find_if(rows.begin(), rows.end(), [&](const ComplaintRow& row) { return row.complaint == complaint; });
}

}  // namespace core
