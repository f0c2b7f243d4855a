#pragma once

#include <map>

#include "core/model/address.h"
#include "core/model/curve.h"
#include "core/practice/practice_key.h"

namespace core {

// Everything people decided or read about one vehicle's job, and nothing that can be computed from it.
struct Plan {
    int lastId = 2;  // drawn for any table; the next one is drawn after it
    Job job{};
    Body body{};
    std::map<PlaceId, Place> places{};
    std::map<PanelId, Panel> panels{};
    std::map<SurfaceId, Surface> surfaces{};  // none: those that the kind of vehicle has
    std::map<ListenerId, Listener> listeners{};
    std::map<PartId, Part> parts{};
    std::map<CurveId, Curve> curves{};
    std::map<StageId, Stage> stages{{kFactory, {StageKind::Factory, {}, "factory"}},
                                    {kFound, {StageKind::Found, kFactory, "found"}}};
    Layered<DeviceId, Device> devices{};
    Layered<DeviceId, Mount> mounts{};
    Layered<Port, Setting> settings{};
    Layered<WireId, Wire> wires{};
    Layered<AlterationId, Alteration> alterations{};
    std::map<ReadingId, Reading> readings{};
    std::map<PracticeKey, double> practice{};  // only what differs from the shop's
    bool operator==(const Plan&) const = default;
};

inline constexpr int kMostId = 999'999'999;

// The next number that no table uses; the caller's plan remembers that it is taken. After the last one it begins again.
[[nodiscard]] int drawNumber(Plan& plan);

template <class AnyId>
[[nodiscard]] AnyId drawId(Plan& plan)
{
    return AnyId{drawNumber(plan)};
}

}  // namespace core
