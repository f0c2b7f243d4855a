#include "core/fit/usual_holes.h"

#include "core/fit/driver_body.h"
#include "core/fit/fit_of.h"
#include "core/fitout/resolve.h"

namespace core {

std::map<PlaceId, Known> usualHoles(const Plan& plan, const Practice& practice)
{
    std::map<PlaceId, Known> holes;
    for (const auto& [key, item] : plan.devices) {
        const auto device = itemAt(plan, &Plan::devices, kFound, key.key);
        if (!device || holes.contains(device->at)) continue;
        const auto place = plan.places.find(device->at);
        const Part& part = plan.parts.at(device->part);
        if (part.kind != PartKind::Driver || place == plan.places.end() ||
            place->second.room.contains(Quantity::Cutout_m))
            continue;
        const double body_m = bodyFigures(part, practice).at(Quantity::Basket_m).value;
        holes[device->at] = Known{body_m + practice[PracticeKey::BodySlack_m], {Origin::ClassGuess}};
    }
    return holes;
}

}  // namespace core
