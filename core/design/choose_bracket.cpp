#include "core/design/choose_bracket.h"

#include <algorithm>
#include <tuple>

#include "core/base/threshold.h"
#include "core/edits/fit_edits.h"
#include "core/fit/fit_of.h"
#include "core/fit/screw_holes.h"
#include "core/fit/usual_holes.h"
#include "core/fitout/resolve.h"

namespace core {
namespace {

bool isLeft(const std::optional<Computed>& margin)
{
    return !margin || !under(margin->value, 0.0);
}

bool suits(const DriverFit& fit, int least)
{
    const bool outside = fit.bracket && fit.bracket->matched >= std::min(fit.bracketCount, least);
    const bool inside = !fit.screws || fit.screws->matched >= std::min(fit.screwCount, least);
    const bool opening = !fit.hole || (!fit.hole->cut && !fit.hole->ring);
    return outside && inside && opening && isLeft(fit.depthMargin_m) && isLeft(fit.glassUpMargin_m) &&
           isLeft(fit.frontMargin_m);
}

}  // namespace

std::optional<Edit> chooseBracket(const Plan& plan, const Practice& practice, const Shelf& shelf, DeviceId device)
{
    const int least = static_cast<int>(practice[PracticeKey::LeastHoles_count]);
    std::vector<const Part*> brackets;
    for (const Part* part : shelf.of(PartKind::Spacer))
        if (outerPatternOf(part->figures)) brackets.push_back(part);
    std::sort(brackets.begin(), brackets.end(), [](const Part* a, const Part* b) {
        const auto rank = [](const Part* part) {
            return std::tuple(valueOf(part->figures, Quantity::Thickness_m).value_or(0.0),
                              valueOf(part->figures, Quantity::Price).value_or(0.0), part->shelfKey);
        };
        return rank(a) < rank(b);
    });
    for (const Part* bracket : brackets) {
        Edit edit = fitSpacer(plan, device, *bracket);
        const Plan tried = apply(plan, edit).plan;
        Fitout fitout = resolve(tried, tried.job.goal);
        fitout.usualHoles = usualHoles(tried, practice);
        const DriverFits fits = fitsOf(fitout, practice, {});
        if (const auto fit = fits.find(device); fit != fits.end() && suits(*fit->second, least)) return edit;
    }
    return std::nullopt;
}

}  // namespace core
