#include "core/judgement/fit_judging.h"

#include "core/edits/fit_edits.h"
#include "core/fitout/resolve.h"

namespace core {
namespace {

const Mount kUsualMount{};

const Mount& usualMountOf(const Fitout& fitout, DeviceId device)
{
    const auto mount = fitout.mounts.find(device);
    return mount == fitout.mounts.end() ? kUsualMount : mount->second;
}

bool stoodThere(const Judging& judging, DeviceId id, const Device& device)
{
    const Fitout& before = judging.found.used;
    const auto old = before.devices.find(id);
    return old != before.devices.end() && old->second.part == device.part && old->second.at == device.at &&
           usualMountOf(before, id) == usualMountOf(judging.goal.used, id);
}

// The same part in the same room, mounted the same way: what is said of the leading side holds here too.
bool repeatsLeadingFit(const Judging& judging, DeviceId id, const Device& device)
{
    const Fitout& used = judging.goal.used;
    const DeviceId leader = leaderOf(used, id);
    if (!leader || !judging.goal.fits.contains(leader)) return false;
    const Device& other = used.devices.at(leader);
    const DriverFit &own = *judging.goal.fits.at(id), &first = *judging.goal.fits.at(leader);
    return other.part == device.part && own.depthMargin_m == first.depthMargin_m &&
           own.glassUpMargin_m == first.glassUpMargin_m && own.frontMargin_m == first.frontMargin_m &&
           own.screwMargin_m == first.screwMargin_m;
}

}  // namespace

std::vector<PlannedDriver> plannedDrivers(const Judging& judging)
{
    std::vector<PlannedDriver> drivers;
    if (judging.nothingPlanned()) return drivers;
    const Fitout& used = judging.goal.used;
    for (const auto& [id, fit] : judging.goal.fits) {
        const Device& device = used.devices.at(id);
        if (stoodThere(judging, id, device) || repeatsLeadingFit(judging, id, device)) continue;
        PlannedDriver driver{
            id, device, used.parts.at(device.part), used.places.at(device.at), usualMountOf(used, id), nullptr, *fit};
        if (const auto spacer = used.parts.find(driver.mount.spacer); spacer != used.parts.end())
            driver.spacer = &spacer->second;
        drivers.push_back(driver);
    }
    return drivers;
}

std::vector<Subject> bothSides(const Judging& judging, DeviceId device)
{
    std::vector<Subject> where{device};
    for (const DeviceId twin : followersOf(judging.goal.used, device)) where.emplace_back(twin);
    return where;
}

Mend measureMend(DeviceId device, StageId stage, Quantity what)
{
    return {MendName::MeasureFit, 0.0, SolverRequest{SolverRequest::Kind::Measure, device, stage, what}};
}

Mend spacerMend(const Judging& judging, const PlannedDriver& driver, double thickness_m)
{
    return {MendName::FitSpacer, thickness_m, fitSpacer(judging.plan, driver.id, thickness_m)};
}

Finding fitFinding(const Judging& judging, const PlannedDriver& driver, RuleId rule, Severity severity,
                   const FitFigure& figure)
{
    Finding finding{.rule = rule, .severity = severity, .stage = judging.goalId};
    finding.where = bothSides(judging, driver.id);
    finding.evidence = {{{driver.id, figure.what}, judging.goalId, figure.figure, figure.limit, figure.limitFrom}};
    soften(finding, {.worst = figure.figure.worst});
    return finding;
}

Finding fitFinding(const Judging& judging, const PlannedDriver& driver, const Verdict& verdict)
{
    return fitFinding(judging, driver, verdict.rule, verdict.severity,
                      {verdict.what, verdict.figure, verdict.limit, verdict.key});
}

}  // namespace core
