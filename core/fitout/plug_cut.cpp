#include "core/fitout/plug_cut.h"

#include <algorithm>

#include "core/fitout/resolve.h"

namespace core {
namespace {

// A lead that is bought or made for it stands between its own terminals and the vehicle.
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

std::string plugOf(const Part& driver)
{
    return driver.terminals.empty() ? std::string() : driver.terminals.begin()->second;
}

bool samePartAsBefore(const Fitout& from, const Fitout& to, DeviceId device)
{
    const auto before = from.devices.find(device);
    return before != from.devices.end() && before->second.part == to.devices.at(device).part;
}

bool plugIsCut(const Fitout& from, const Fitout& to, DeviceId driver)
{
    if (!from.devices.contains(driver) || !to.devices.contains(driver)) return false;
    const std::string before = plugOf(partOf(from, driver)), after = plugOf(partOf(to, driver));
    return !before.empty() && !after.empty() && before != after && !hasLead(from, to, driver);
}

}  // namespace core
