#include "core/edits/curve_edits.h"

#include <algorithm>

#include "core/edits/set_figure.h"
#include "core/fitout/resolve.h"

namespace core {

Edit setResponse(const Plan& plan, StageId stage, const Port& coil, const std::optional<Curve>& curve)
{
    Plan with = plan;
    Part part = plan.parts.at(itemAt(plan, &Plan::devices, stage, coil.device)->part);
    CurveId& now = part.inside.at(coil.element).curve;
    const CurveId before = now;
    now = curve ? drawId<CurveId>(with) : CurveId{};
    if (curve) with.curves[now] = *curve;
    Plan after = apply(with, changePlayed(with, stage, coil.device, part)).plan;
    const bool used = std::any_of(after.parts.begin(), after.parts.end(), [&](const auto& one) {
        return std::any_of(one.second.inside.begin(), one.second.inside.end(),
                           [&](const auto& element) { return element.second.curve == before; });
    });
    if (before && !used) after.curves.erase(before);
    return difference(EditName::TakeReading, plan, after);
}

}  // namespace core
