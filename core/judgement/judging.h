#pragma once

#include <algorithm>
#include <vector>

#include "core/base/threshold.h"
#include "core/fitout/sides.h"
#include "core/limits/sound_limits.h"
#include "core/model/finding.h"

namespace core {

// What every rule looks at: the plan, its two stages and the limits, so that a rule is a loop and a comparison.
struct Judging {
    const Plan& plan;
    const Practice& practice;
    const StageResult& found;
    const StageResult& goal;
    StageId goalId{};
    const StageSpread* foundSpread = nullptr;  // nothing until the spread is known
    const StageSpread* goalSpread = nullptr;
    const GridTables* tables = nullptr;  // of the evaluation

    // Nothing is planned yet: what is found is the goal.
    [[nodiscard]] bool nothingPlanned() const { return &goal == &found; }

    // The runs of the goal, without those that only repeat the leading side of a pair.
    [[nodiscard]] std::vector<const RunResult*> leadingRuns() const
    {
        std::vector<const RunResult*> leading;
        for (const RunResult& run : goal.runs)
            if (!repeatsLeader(goal, run.run.id.coil.device)) leading.push_back(&run);
        return leading;
    }

    // A cone of the goal, and the run that stands for it.
    struct LeadingCone {
        const ConeResult* cone = nullptr;
        const RunResult* run = nullptr;
    };
    // The same for cones: one entry each, however many coils and channels move it.
    [[nodiscard]] std::vector<LeadingCone> leadingCones() const
    {
        std::vector<LeadingCone> leading;
        for (const ConeResult& cone : goal.cones) {
            const RunResult& run = goal.runs[cone.runs.front()];
            if (!repeatsLeader(goal, run.run.id.coil.device)) leading.push_back({&cone, &run});
        }
        return leading;
    }

    // The driver is the one that was found, and the same reaches it: nobody chose it.
    [[nodiscard]] bool stood(const RunResult& run) const { return isAsFound(found, run); }

    // The draws of one figure at the goal or as found.
    [[nodiscard]] static std::optional<Eigen::ArrayXd> draws(const StageSpread* spread, const Address& figure)
    {
        if (!spread) return std::nullopt;
        const auto found = spread->draws.find(figure);
        return found == spread->draws.end() ? std::nullopt : std::optional(found->second);
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

// How far the figure of a finding can be trusted, and the limit it is held against.
struct Doubt {
    Origin worst = Origin::Measured;         // of all that the figure rests on
    std::optional<Eigen::ArrayXd> figure{};  // its draws, once they are known
    std::optional<Eigen::ArrayXd> limit{};   // the limit's, if it has any
    bool limitGuessed = false;               // a class guess that no draw stands for
    std::vector<Lean> leans{};               // what the figure hangs on
};

// A limit inside the spread of what nobody measured: at most Care, and it says so. Until the spread is known, whatever
// rests on a class guess counts as such.
void soften(Finding& finding, Doubt doubt);

// An ohmmeter on this device.
[[nodiscard]] Mend ohmmeterMend(DeviceId device, StageId stage);
// Before every other mend; one that stands there already moves up.
void offerFirst(Finding& finding, Mend mend);

// Where it is the coil's resistance that nobody knows, an ohmmeter comes before every other mend; once the spread is
// known, judge() finds the reading that settles most instead.
inline void offerOhmmeter(Finding& finding, const RunResult& run, StageId stage)
{
    if (!finding.couldBe || finding.evidence.front().figure.could ||
        run.coil.at(Quantity::Re_ohm).basis.origin != Origin::ClassGuess)
        return;
    offerFirst(finding, ohmmeterMend(run.run.id.coil.device, stage));
}

[[nodiscard]] inline Mend chooseDriverMend(DeviceId device)
{
    return {.name = MendName::ChooseDriver, .act = SolverRequest{SolverRequest::Kind::ChooseDriver, device, {}}};
}

}  // namespace core
