#pragma once

#include "core/model/evaluation.h"

namespace core {

// A stage with everything that shines through from the stages below it.
// requires validate(plan) to be empty and the stage to exist
[[nodiscard]] Fitout resolve(const Plan& plan, StageId stage);

// What a device of the fitout is.
[[nodiscard]] inline const Part& partOf(const Fitout& fitout, DeviceId device)
{
    return fitout.parts.at(fitout.devices.at(device).part);
}

// How a device of the fitout is mounted; as usual where nobody decided anything.
[[nodiscard]] inline Mount mountOf(const Fitout& fitout, DeviceId device)
{
    const auto mount = fitout.mounts.find(device);
    return mount == fitout.mounts.end() ? Mount{} : mount->second;
}

// The knobs of a channel; as it comes where nobody set any.
[[nodiscard]] inline Setting settingOf(const Fitout& fitout, const Port& channel)
{
    const auto setting = fitout.settings.find(channel);
    return setting == fitout.settings.end() ? Setting{} : setting->second;
}

// Whether a channel's source has this switch, as far as anybody looked.
[[nodiscard]] inline bool mayHave(const Fitout& fitout, const Port& channel, Control control)
{
    const auto& controls = partOf(fitout, channel.device).controls;
    const auto found = controls.find(control);
    return found == controls.end() || found->second;
}

// What was done to a place; nothing where it was not.
[[nodiscard]] inline const Alteration* alterationAt(const Fitout& fitout, PlaceId place, AlterationKind what)
{
    for (const auto& [id, one] : fitout.alterations)
        if (one.place == place && one.what == what) return &one;
    return nullptr;
}

// Whether this was done to a place at the stage.
[[nodiscard]] inline bool isAltered(const Fitout& fitout, PlaceId place, AlterationKind what)
{
    return alterationAt(fitout, place, what) != nullptr;
}

// The stages from the factory up to this one, in that order.
[[nodiscard]] std::vector<StageId> wayTo(const Plan& plan, StageId stage);

// What stands at a stage for one key of a layered table; nothing if it was never there or was taken out.
template <class Key, class Item>
[[nodiscard]] std::optional<Item> itemAt(const Plan& plan, Layered<Key, Item> Plan::*table, StageId stage,
                                         const Key& key)
{
    for (StageId at = stage; at; at = plan.stages.at(at).on)
        if (const auto found = (plan.*table).find({at, key}); found != (plan.*table).end()) return found->second;
    return std::nullopt;
}

}  // namespace core
