#include "core/edits/lining_edits.h"

#include <cassert>

#include "core/edits/layers.h"
#include "core/edits/parts.h"
#include "core/edits/survey_edits.h"

namespace core {

Edit linePlace(const Plan& plan, StageId stage, PlaceId place, AlterationKind what, const LiningWanted& wanted)
{
    assert(isLining(what) && wanted.covered_m2 > 0.0);
    assert(wanted.layers >= 1 && wanted.material.kind == materialOf(what));
    Plan after = apply(plan, alterPlace(plan, stage, place, what, true)).plan;
    const PartId material = copyIn(after, wanted.material);
    const PlaceId mate = mateOf(after.places, place);
    for (const auto& [id, there] : resolve(after, stage).alterations) {
        if (there.what != what || (there.place != place && there.place != mate)) continue;
        Alteration lined = there;
        lined.material = material;
        lined.figures[Quantity::Covered_m2] = Known{wanted.covered_m2};
        lined.figures[Quantity::Layers] = Known{static_cast<double>(wanted.layers)};
        putAt(after, &Plan::alterations, stage, id, lined);
    }
    dropUnused(after);
    Edit edit = difference(EditName::LinePlace, plan, after);
    edit.detail = wanted.material.name;
    return edit;
}

Edit takeLiningOut(const Plan& plan, StageId stage, PlaceId place, AlterationKind what)
{
    Plan after = apply(plan, alterPlace(plan, stage, place, what, false)).plan;
    dropUnused(after);
    return difference(EditName::LinePlace, plan, after);
}

}  // namespace core
