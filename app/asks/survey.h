#pragma once

#include <memory>

#include "app/session/snapshot.h"
#include "core/edits/source_edits.h"
#include "core/io/shop.h"
#include "words/figures.h"

namespace app {

class Workbench;

// What the asks of a walk-round look at: the plan, the stage it is written to, and what was picked.
struct Survey {
    SharedSnapshot snapshot{};
    Workbench* bench = nullptr;  // where solvers are asked
    core::StageId stage = core::kFactory;
    core::ListenerId listener{};
    core::PlaceId place{};
    core::DeviceId driver{};  // at that place
    core::DeviceId source{};
    words::UnitSystem units = words::UnitSystem::Metric;
    QString currency{};                                  // of the shop
    std::optional<core::Vec3> fresh_m{};                 // a spot that was pointed at and is nothing yet
    std::shared_ptr<const core::Plan> withGoal{};        // while one plans: the plan with a stage to plan in
    bool freshFromAbove = false, freshFromSide = false;  // how it was pointed at; neither: by keys

    [[nodiscard]] const core::Plan& plan() const { return withGoal ? *withGoal : snapshot->plan; }
    [[nodiscard]] const core::Practice& practice() const { return snapshot->practice(); }
    [[nodiscard]] const core::Shop& shop() const { return *snapshot->shop; }
    [[nodiscard]] bool planning() const { return withGoal != nullptr; }
    // What stands there as found, or as planned: what lies below shines through. Edits find the stage that has it.
    [[nodiscard]] const core::StageResult& result() const
    {
        return planning() ? snapshot->after() : snapshot->before();
    }
    [[nodiscard]] const core::Fitout& fitout() const { return result().used; }
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

// Each way to join a driver's coils as a line of a list, with what a meter shows; empty for one with a single coil.
[[nodiscard]] std::vector<std::pair<QString, QString>> joinChoices(const core::Fitout& fitout, core::DeviceId driver,
                                                                   const core::Practice& practice);

// The first thing to be said about the picked place, so that three numbers give an answer; empty: nothing is.
[[nodiscard]] QString placeVerdict(const Survey& survey);

// core::changePlayed at the stage that is looked at.
[[nodiscard]] core::Edit partNow(const Survey& survey, core::DeviceId device, const core::Part& part,
                                 bool seen = false);

}  // namespace app
