#include "core/judgement/coil_rules.h"

#include <algorithm>
#include <set>

#include "core/edits/coil_edits.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/circuit.h"
#include "core/fitout/coil_wiring.h"
#include "core/survey/pin_table.h"

namespace core {
namespace {

bool isPlanned(const Judging& judging, DeviceId device)
{
    const auto before = judging.found.used.devices.find(device);
    return before == judging.found.used.devices.end() ||
           before->second.part != judging.goal.used.devices.at(device).part;
}

// Ready joins of the coils that are not the one there is.
void offerJoins(Finding& finding, const Judging& judging, DeviceId device, const CoilsAtDriver& at)
{
    for (const auto& [join, ohm] : coilChoices(judging.goal.used, device, judging.practice)) {
        if (join == at.join || (join != CoilJoin::Series && join != CoilJoin::Parallel)) continue;
        finding.mends.push_back({join == CoilJoin::Series ? MendName::CoilsInSeries : MendName::CoilsInParallel, ohm,
                                 planCoils(judging.plan, device, join)});
    }
}

// The channel that played it before, where it is free, else the first free one.
void offerChannel(Finding& finding, const Judging& judging, DeviceId device)
{
    const Fitout& used = judging.goal.used;
    const auto isFree = [&](const Port& port) {
        const Element& output = used.parts.at(used.devices.at(port.device).part).inside.at(port.element);
        return wiresAt(used, {port.device, output.a}).empty() && wiresAt(used, {port.device, output.b}).empty();
    };
    std::vector<Port> free;
    for (const Port& port : channels(used))
        if (isFree(port)) free.push_back(port);
    if (free.empty()) return;
    const RunResult* before = findRunOfDevice(judging.found, device);
    const auto same = before ? std::find(free.begin(), free.end(), before->run.id.channel) : free.end();
    finding.mends.push_back(
        {MendName::ConnectDriver, 0.0,
         connectSpeaker(judging.plan, judging.goalId, device, same == free.end() ? free.front() : *same)});
}

}  // namespace

std::vector<Finding> judgeCoilsFight(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const auto& [cone, run] : judging.leadingCones()) {
        if (!cone->fights) continue;
        const Port& coil = run->run.id.coil;
        const CoilsAtDriver at = coilsAtDriver(judging.goal.used, coil.device, judging.practice);
        Finding finding{.rule = RuleId::CoilsFight, .severity = Severity::Stop, .stage = judging.goalId};
        finding.where = judging.alike(coil.device);
        finding.evidence = {{{coil, Quantity::CoilCount},
                             judging.goalId,
                             {static_cast<double>(at.coils.size()), Origin::Stated},
                             {},
                             {}},
                            {{coil, Quantity::Travel_m}, judging.goalId, {cone->travel.sine_m, cone->worst}, {}, {}},
                            {{coil, Quantity::SinePower_w}, judging.goalId, {cone->sine_w, cone->worst}, {}, {}}};
        if (at.leads_ohm)
            finding.evidence.push_back(
                {{coil, Quantity::SeenOhm_ohm}, judging.goalId, {*at.leads_ohm, cone->worst}, {}, {}});
        finding.mends = {{MendName::TurnCoil, 0.0, turnCoils(judging.plan, coil.device, judging.practice)}};
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeCoilOpen(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const auto& [cone, run] : judging.leadingCones()) {
        const Port& coil = run->run.id.coil;
        const CoilsAtDriver at = coilsAtDriver(judging.goal.used, coil.device, judging.practice);
        if (cone->idle.empty()) continue;
        Finding finding{.rule = RuleId::CoilOpen, .severity = Severity::Note, .stage = judging.goalId};
        finding.where = judging.alike(coil.device);
        finding.evidence = {{{coil, Quantity::CoilCount},
                             judging.goalId,
                             {static_cast<double>(cone->idle.size()), Origin::Stated},
                             {},
                             {}}};
        offerJoins(finding, judging, coil.device, at);
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeDriverUnfed(const Judging& judging)
{
    std::vector<Finding> findings;
    if (judging.nothingPlanned()) return findings;
    std::set<DeviceId> fed;
    for (const RunResult& run : judging.goal.runs) fed.insert(run.run.id.coil.device);
    for (const auto& [id, device] : judging.goal.used.devices) {
        const Part& part = judging.goal.used.parts.at(device.part);
        if (part.kind != PartKind::Driver || firstOf(part, ElementKind::Coil).empty() || fed.contains(id)) continue;
        const bool wasFed = findRunOfDevice(judging.found, id) != nullptr;
        if (!isPlanned(judging, id) && !wasFed) continue;  // it was found so, and nobody plans anything with it
        const DeviceId leader = leaderOf(judging.goal.used, id);
        if (leader && !fed.contains(leader)) continue;  // said of the leading side
        Finding finding{.rule = RuleId::DriverUnfed, .severity = Severity::Stop, .stage = judging.goalId};
        finding.where = {id};
        for (const DeviceId twin : followersOf(judging.goal.used, id))
            if (!fed.contains(twin)) finding.where.emplace_back(twin);
        finding.evidence = {{{id, Quantity::CoilCount},
                             judging.goalId,
                             {static_cast<double>(allOf(part, ElementKind::Coil).size()), Origin::Stated},
                             {},
                             {}}};
        offerChannel(finding, judging, id);
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
