#include "core/fit/screw_holes.h"

#include <cmath>

#include "core/base/angle.h"

namespace core {
namespace {

// Which quantities describe a pattern.
struct PatternNames {
    Quantity count{}, circle{};
    std::optional<Quantity> width{}, height{}, start{};
};

std::optional<ScrewPattern> patternBy(const Figures& figures, const PatternNames& names)
{
    const auto value = [&](const std::optional<Quantity>& name) {
        return name ? valueOf(figures, *name) : std::nullopt;
    };
    const auto width = value(names.width), height = value(names.height);
    const auto circle = value(names.circle), count = value(names.count);
    std::optional<ScrewPattern> pattern;
    if (width && height)
        pattern = rectanglePattern(*width, *height);
    else if (circle && count && *count >= 2.0)
        pattern = circlePattern(static_cast<int>(std::lround(*count)), *circle,
                                value(names.start).value_or(0.0) * kDegree_rad);
    if (pattern) pattern->slot_m = valueOf(figures, Quantity::ScrewSlot_m).value_or(0.0);
    return pattern;
}

}  // namespace

std::optional<ScrewPattern> patternOf(const Figures& figures)
{
    return patternBy(figures, {Quantity::ScrewCount, Quantity::ScrewCircle_m, Quantity::ScrewWidth_m,
                               Quantity::ScrewHeight_m, Quantity::ScrewStart_deg});
}

std::optional<ScrewPattern> outerPatternOf(const Figures& figures)
{
    return patternBy(figures, {Quantity::OuterScrewCount, Quantity::OuterScrewCircle_m, Quantity::OuterScrewWidth_m,
                               Quantity::OuterScrewHeight_m, Quantity::OuterScrewStart_deg});
}

std::optional<ScrewPattern> tabPatternOf(const Figures& figures)
{
    return patternBy(figures, {.count = Quantity::TabCount, .circle = Quantity::TabCircle_m});
}

}  // namespace core
