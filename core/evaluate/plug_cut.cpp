#include "core/evaluate/plug_cut.h"

#include <algorithm>

namespace core {
namespace {

// The connector that takes a driver's own pair; empty: nobody knows.
std::string plugAt(const Fitout& fitout, DeviceId driver)
{
    const auto device = fitout.devices.find(driver);
    if (device == fitout.devices.end()) return {};
    const Part& part = fitout.parts.at(device->second.part);
    return part.terminals.empty() ? std::string() : part.terminals.begin()->second;
}

// The same way on the vehicle: what its wires lead to by a lead that is bought or made for it.
bool hasLead(const Fitout& from, const Fitout& to, DeviceId driver)
{
    const auto leads = [&](const Pin& pin) {
        const auto device = to.devices.find(pin.device);
        if (device == to.devices.end()) return false;
        const PartKind kind = to.parts.at(device->second.part).kind;
        return (kind == PartKind::Lead || kind == PartKind::Plug) && !samePartAsBefore(from, to, pin.device);
    };
    return std::any_of(to.wires.begin(), to.wires.end(), [&](const auto& entry) {
        const Wire& wire = entry.second;
        return (wire.a.device == driver && leads(wire.b)) || (wire.b.device == driver && leads(wire.a));
    });
}

}  // namespace

bool samePartAsBefore(const Fitout& from, const Fitout& to, DeviceId device)
{
    const auto before = from.devices.find(device);
    return before != from.devices.end() && before->second.part == to.devices.at(device).part;
}

bool plugIsCut(const Fitout& from, const Fitout& to, DeviceId driver)
{
    const std::string before = plugAt(from, driver), after = plugAt(to, driver);
    return !before.empty() && !after.empty() && before != after && !hasLead(from, to, driver);
}

}  // namespace core
