#include "core/edits/target_edits.h"

namespace core {

Edit setTarget(const Plan& plan, std::optional<Curve> curve)
{
    Plan after = plan;
    after.curves.erase(after.job.target);
    after.job.target = curve ? drawId<CurveId>(after) : CurveId{};
    if (curve) {
        curve->kind = CurveKind::Target;
        after.curves[after.job.target] = std::move(*curve);
    }
    return difference(EditName::SetTarget, plan, after);
}

}  // namespace core
