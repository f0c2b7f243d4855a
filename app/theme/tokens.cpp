#include "app/theme/tokens.h"

#include <algorithm>
#include <cmath>

namespace app {
namespace {

// Same hue, lightness turned round: the darkest ground is not black, the lightest ink not white.
QColor turned(const QColor& colour)
{
    float hue = 0.0F;
    float saturation = 0.0F;
    float lightness = 0.0F;
    colour.getHslF(&hue, &saturation, &lightness);
    const float keep = lightness > 0.8F ? 0.35F : 0.8F;  // a pale ground would turn into a loud one
    return QColor::fromHslF(std::max(hue, 0.0F), saturation * keep, 1.0F - 0.92F * lightness);
}

double luminance(const QColor& colour)
{
    const auto linear = [](float channel) {
        const double c = static_cast<double>(channel);
        return c <= 0.04045 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * linear(colour.redF()) + 0.7152 * linear(colour.greenF()) + 0.0722 * linear(colour.blueF());
}

}  // namespace

Tokens darkened(const Tokens& light)
{
    Tokens dark = light;
    for (QColor* colour : {&dark.paper, &dark.raised, &dark.ink, &dark.ink2, &dark.rule, &dark.goldText, &dark.goldTint,
                           &dark.river, &dark.rust, &dark.clay, &dark.slate, &dark.glass})
        *colour = turned(*colour);
    std::swap(dark.paper, dark.raised);  // what is raised is the lighter one, here too
    return dark;
}

double contrast(const QColor& a, const QColor& b)
{
    const double one = luminance(a) + 0.05;
    const double other = luminance(b) + 0.05;
    return std::max(one, other) / std::min(one, other);
}

}  // namespace app
