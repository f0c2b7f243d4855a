#include "core/job/class_cautions.h"

#include "core/model/names.h"

namespace core {
namespace {

// A traction battery's cables may run anywhere.
void addHighVoltage(const Body& body, std::vector<Caution>& cautions)
{
    if (body.drive != Drive::Combustion) cautions.insert(cautions.begin(), Caution::HighVoltage);
}

}  // namespace

std::vector<Caution> powerDownCautions(const Body& body)
{
    std::vector<Caution> cautions{Caution::BatteryFirst, Caution::ShortCircuit};
    addHighVoltage(body, cautions);
    if (body.kind == BodyKind::Motorcycle) cautions.push_back(Caution::HotParts);
    return cautions;
}

std::vector<Caution> openingCautions(const Body& body)
{
    return hasRestraints(body) ? std::vector{Caution::Restraints, Caution::ClipsCounted}
                               : std::vector{Caution::ClipsCounted};
}

std::vector<Caution> cuttingCautions(const Body& body, std::vector<Caution> more)
{
    more.insert(more.begin(), Caution::LookBehind);
    addHighVoltage(body, more);
    return more;
}

std::vector<Caution> trialCautions(const Body& body)
{
    return hasRestraints(body) ? std::vector{Caution::RestraintPlugsOpen, Caution::TrialFuse}
                               : std::vector{Caution::TrialFuse};
}

Caution hearingCaution(const Body& body, const Practice& practice)
{
    return practice.bodies.at(std::string(textOf(body.kind))).cabin ? Caution::HearingStartLow
                                                                    : Caution::HearingInTheOpen;
}

}  // namespace core
