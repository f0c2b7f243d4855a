#pragma once

#include <optional>
#include <vector>

#include "core/model/part.h"
#include "core/model/vehicle.h"
#include "core/model/wiring.h"

namespace core {

// How this driver would stand at this place.
struct FitQuestion {
    const Part& driver;
    const Place& place;
    const Mount& mount;
    const Part* spacer = nullptr;
    std::vector<const Alteration*> alterations{};  // what was done to the place
    std::optional<Known> usualHole{};              // taken where nobody measured the hole

    [[nodiscard]] const Alteration* done(AlterationKind what) const
    {
        for (const Alteration* alteration : alterations)
            if (alteration->what == what) return alteration;
        return nullptr;
    }
    [[nodiscard]] double room_m(Quantity quantity) const { return valueOf(place.room, quantity).value_or(0.0); }
};

}  // namespace core
