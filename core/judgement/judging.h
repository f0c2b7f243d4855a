#pragma once

#include <algorithm>
#include <vector>

#include "core/base/threshold.h"
#include "core/evaluate/sides.h"
#include "core/model/finding.h"

namespace core {

// What every rule looks at: the plan, its two stages and the limits, so that a rule is a loop and a comparison.
struct Judging {
    const Plan& plan;
    const Practice& practice;
    const StageResult& found;
    const StageResult& goal;
    StageId goalId{};

    // The runs of the goal, without those that only repeat the leading side of a pair.
    [[nodiscard]] std::vector<const RunResult*> leadingRuns() const
    {
        std::vector<const RunResult*> leading;
        for (const RunResult& run : goal.runs)
            if (!repeatsLeader(goal, run.run.id.coil.device)) leading.push_back(&run);
        return leading;
    }

    // This device and those that repeat it on the other side, as subjects.
    [[nodiscard]] std::vector<Subject> alike(DeviceId device) const
    {
        std::vector<Subject> subjects{device};
        for (const DeviceId twin : followersOf(goal.used, device))
            if (repeatsLeader(goal, twin)) subjects.emplace_back(twin);
        return subjects;
    }
};

// A severity that rests on a class guess is at most Care and says so.
inline void soften(Finding& finding, Origin worst)
{
    if (worst != Origin::ClassGuess) return;
    finding.couldBe = true;
    finding.severity = std::min(finding.severity, Severity::Care);
}

// Where it is the coil's resistance that nobody knows, an ohmmeter comes before every other mend.
inline void offerOhmmeter(Finding& finding, const RunResult& run, StageId stage)
{
    if (!finding.couldBe || run.coil.at(Quantity::Re_ohm).basis.origin != Origin::ClassGuess) return;
    finding.mends.push_back(
        {MendName::MeasureRe, 0.0, SolverRequest{SolverRequest::Kind::TakeReading, run.run.id.coil.device, stage}});
    std::rotate(finding.mends.begin(), finding.mends.end() - 1, finding.mends.end());
}

[[nodiscard]] inline Mend chooseDriverMend(DeviceId device)
{
    return {MendName::ChooseDriver, 0.0, SolverRequest{SolverRequest::Kind::ChooseDriver, device, {}}};
}

}  // namespace core
