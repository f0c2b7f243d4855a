#include "core/design/damage.h"

#include <algorithm>

#include "core/fitout/plug_cut.h"

namespace core {
namespace {

// The adapter lead that joins the vehicle's plug to the driver's.
const Part* leadBetween(const Shelf& shelf, const std::string& vehicle, const std::string& driver)
{
    for (const Part& part : shelf.parts)
        if (part.kind == PartKind::Lead && part.terminals.contains(kLeadIn) && part.terminals.contains(kLeadOut) &&
            part.terminals.at(kLeadIn) == vehicle && part.terminals.at(kLeadOut) == driver)
            return &part;
    return nullptr;
}

}  // namespace

std::vector<Damage> damageOf(const Part& driver, const DriverFit& fit, const std::string& factoryPlug,
                             const Shelf& shelf, const Practice& practice)
{
    std::vector<Damage> damage;
    if (fit.hole && fit.hole->cut)
        damage.push_back({DamageKind::WiderHole, true, practice[PracticeKey::UndoHole_min], {}});
    if (fit.hole && fit.hole->ring)
        damage.push_back({DamageKind::RingAdded, false, practice[PracticeKey::UndoRing_min], {}});
    const int needed = std::min(fit.screwCount, static_cast<int>(practice[PracticeKey::LeastHoles_count]));
    if (fit.screws && fit.screws->matched < needed && !(fit.hole && fit.hole->ring))
        damage.push_back({DamageKind::NewScrewHoles, true, practice[PracticeKey::UndoScrews_min], {}});
    const std::string plug = plugOf(driver);
    if (!factoryPlug.empty() && !plug.empty() && plug != factoryPlug) {
        if (const Part* lead = leadBetween(shelf, factoryPlug, plug))
            damage.push_back({DamageKind::LeadAdded, false, practice[PracticeKey::UndoLead_min], lead->shelfKey});
        else
            damage.push_back({DamageKind::FactoryPlugCut, true, practice[PracticeKey::UndoPlug_min], {}});
    }
    return damage;
}

const Part* leadThatSaves(const std::vector<Damage>& damage, const Shelf& shelf)
{
    for (const Damage& one : damage)
        if (!one.lead.empty()) return shelf.find(one.lead);
    return nullptr;
}

}  // namespace core
