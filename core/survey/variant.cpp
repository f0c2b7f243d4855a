#include "core/survey/variant.h"

#include <array>
#include <utility>

namespace core {

VariantReading readVariant(const Body& body)
{
    VariantReading reading;
    for (const auto& [sign, there] : body.learnt) {
        const auto found = body.signs.find(sign);
        if (found != body.signs.end() && found->second != there) reading.unlike.push_back(sign);
    }
    // In this order: a glance at the menu, a glance at the grilles, one reading, a look under the trim. Source: common
    // practice, no source; a level control for a subwoofer means that a channel for one is there.
    constexpr std::array kTree{
        std::pair{VariantSign::SubLevelControl, Variant::AmplifiedWithBass},
        std::pair{VariantSign::SystemBadge, Variant::Amplified},
        std::pair{VariantSign::LowOhms, Variant::Amplified},
        std::pair{VariantSign::SeparateAmplifier, Variant::Amplified},
    };
    for (const auto& [sign, means] : kTree) {
        const auto found = body.signs.find(sign);
        if (found != body.signs.end() && found->second) {
            reading.variant = means;
            reading.because = sign;
            return reading;
        }
    }
    for (const auto& [sign, means] : kTree)
        if (!body.signs.contains(sign)) {
            reading.ask = sign;
            return reading;
        }
    reading.variant = Variant::Plain;
    return reading;
}

}  // namespace core
