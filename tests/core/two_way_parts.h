#pragma once

#include <optional>

#include "core/edits/network_edits.h"

namespace tests {

// What a common board is made of, by the name of each place on it.
struct TwoWay {
    std::optional<double> wooferCoil_h{}, wooferShunt_f{};
    std::optional<double> tweeterSeries_f{}, tweeterShunt_h{}, tweeterPad_ohm{};
};

inline core::BoardParts partsOf(const TwoWay& values)
{
    using core::ElementKind;
    core::BoardParts parts{{core::Leg::Woofer, {}}, {core::Leg::Tweeter, {}}};
    const auto add = [&](core::Leg leg, ElementKind kind, bool series, const std::optional<double>& value) {
        if (value) parts[leg].push_back({kind, series, *value});
    };
    add(core::Leg::Woofer, ElementKind::Inductor, true, values.wooferCoil_h);
    add(core::Leg::Woofer, ElementKind::Capacitor, false, values.wooferShunt_f);
    add(core::Leg::Tweeter, ElementKind::Capacitor, true, values.tweeterSeries_f);
    add(core::Leg::Tweeter, ElementKind::Inductor, false, values.tweeterShunt_h);
    add(core::Leg::Tweeter, ElementKind::Resistor, true, values.tweeterPad_ohm);
    return parts;
}

inline core::BoardSpeakers onBoard(core::DeviceId woofer, core::DeviceId tweeter)
{
    return {{core::Leg::Woofer, woofer}, {core::Leg::Tweeter, tweeter}};
}

// F, H or ohm; nothing where it is not there.
inline std::optional<double> valueOf(const core::BoardParts& parts, core::Leg leg, core::ElementKind kind, bool series)
{
    const core::LegPart* part = core::findPart(parts, leg, kind, series);
    return part ? std::optional(part->value) : std::nullopt;
}

inline std::optional<double> tweeterSeries_f(const core::BoardParts& parts)
{
    return valueOf(parts, core::Leg::Tweeter, core::ElementKind::Capacitor, true);
}

}  // namespace tests
