#include "core/design/rank_role.h"

#include <algorithm>

#include "core/base/grid.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/plug_cut.h"
#include "core/fitout/resolve.h"

namespace core {

Eigen::ArrayXcd soundOf(const std::vector<RunResult>& runs, DeviceId device)
{
    Eigen::ArrayXcd sum;
    for (const RunResult& run : runs) {
        if (run.run.id.coil.device != device || run.sameCone) continue;
        if (sum.size() == 0)
            sum = run.pressure_pa_v;
        else
            sum += run.pressure_pa_v;
    }
    return sum;
}

RankRole rankRole(const Plan& plan, const Shelf& shelf, DeviceId device, const Evaluation& last)
{
    RankRole role{last.practice,
                  shelf,
                  gridTables(last.practice, everyFourth(frequencyGrid_hz())),
                  *last.stages.at(plan.job.goal),
                  *last.stages.at(kFound),
                  device};
    role.body = plan.body;
    const Fitout& used = role.goal.used;
    const Device& own = used.devices.at(device);
    if (const auto place = used.places.find(own.at); place != used.places.end()) role.place = &place->second;
    if (const auto hole = used.usualHoles.find(own.at); hole != used.usualHoles.end()) role.usualHole = hole->second;
    role.mount = mountOf(used, device);
    role.mount.turn_deg.reset();  // each candidate is turned as it wants to be
    if (const auto spacer = used.parts.find(role.mount.spacer); spacer != used.parts.end())
        role.spacer = &spacer->second;
    for (const auto& [id, alteration] : used.alterations)
        if (alteration.place == own.at) role.alterations.push_back(&alteration);
    role.fittedKey = used.parts.at(own.part).shelfKey;
    const StageResult& found = role.found;
    if (const auto old = found.used.devices.find(device); old != found.used.devices.end()) {
        const Part& stood = found.used.parts.at(old->second.part);
        role.factoryPlug = plugOf(stood);
        role.plugSeen = old->second.basis.origin;
        role.stood = old->second.part == own.part && old->second.at == own.at &&
                     mountOf(found.used, device) == mountOf(used, device);
    }
    role.noCutting = plan.job.keep.contains(Keep::NoCutting);
    role.run = findRunOfDevice(role.goal, device);
    if (role.run) {
        role.before = findRun(found, role.run->run.id);
        const Port& channel = role.run->run.id.channel;
        role.output = findCircuit(role.goal, channel)->output;
        const Known& minimum = role.output.at(Quantity::LeastLoad_ohm);
        role.least_ohm = minimum.value;
        role.minimumGuessed = minimum.basis.origin == Origin::ClassGuess;
        const auto factory = itemAt(plan, &Plan::devices, kFactory, channel.device);
        role.factorySource = factory && factory->part == used.devices.at(channel.device).part;
    }
    role.work = workOfPlace(found, role.goal, device);
    if (role.before) {
        role.loadBefore_ohm = everyFourth(findCircuit(found, role.run->run.id.channel)->load_ohm);
        role.transferBefore = everyFourth(role.before->transfer);
        role.reBefore = atLeads(found.used, *role.before, role.practice);
        const Eigen::ArrayXd square = everyFourth(Eigen::ArrayXd(soundOf(found.runs, device).abs2()));
        for (const Band band : {Band::LowBass, Band::MidBass, Band::Mid, Band::Treble})
            role.bandsBefore_db[static_cast<size_t>(band)] = bandLevel_db(role.tables, band, square);
    }
    for (const Part& part : shelf.parts) {
        if (part.kind != PartKind::Driver) continue;
        role.dearest = std::max(role.dearest, valueOf(part.figures, Quantity::Price).value_or(0.0));
        role.heaviest_kg = std::max(role.heaviest_kg, valueOf(part.figures, Quantity::Mass_kg).value_or(0.0));
    }
    return role;
}

}  // namespace core
