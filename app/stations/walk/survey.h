#pragma once

#include "app/snapshot.h"
#include "core/edits/source_edits.h"
#include "core/io/shop.h"
#include "words/figures.h"

namespace app {

// What the asks of a walk-round look at: the plan, the stage it is written to, and what was picked.
struct Survey {
    const Snapshot* snapshot = nullptr;
    const core::Shop* shop = nullptr;
    core::StageId stage = core::kFactory;
    core::ListenerId listener{};
    core::PlaceId place{};
    core::DeviceId driver{};  // at that place
    core::DeviceId source{};
    words::UnitSystem units = words::UnitSystem::Metric;
    QString currency{};                                  // of the shop
    std::optional<core::Vec3> fresh_m{};                 // a spot that was pointed at and is nothing yet
    bool freshFromAbove = false, freshFromSide = false;  // how it was pointed at; neither: by keys

    [[nodiscard]] const core::Plan& plan() const { return snapshot->plan; }
    // What stands there as found: what the factory made shines through. Edits find the stage that has it.
    [[nodiscard]] const core::Fitout& fitout() const { return snapshot->before().used; }
    [[nodiscard]] const core::Place* placeThere() const
    {
        const auto found = plan().places.find(place);
        return found == plan().places.end() ? nullptr : &found->second;
    }
    [[nodiscard]] const core::Part* partOf(core::DeviceId device) const
    {
        const auto found = fitout().devices.find(device);
        return found == fitout().devices.end() ? nullptr : &fitout().parts.at(found->second.part);
    }
};

}  // namespace app
