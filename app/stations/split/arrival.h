#pragma once

#include <QString>
#include <optional>

#include "core/model/evaluation.h"
#include "core/model/finding.h"

namespace app {

// One length against a limit: 1 reaches it; and what the rules say of it.
struct ArrivalBar {
    double share = 0.0;
    QString text{};  // "38 of 80 W"
    std::optional<core::Severity> said{};
    bool operator==(const ArrivalBar&) const = default;
};

// What reaches a speaker with the source at its limit: programme, which is what people play.
struct Arrival {
    QString name{};
    QString volts{};
    ArrivalBar heat{}, travel{};
    QString resonance{};  // of a tweeter: how far it is still driven there
    bool turned = false;
    bool operator==(const Arrival&) const = default;
};

// found  what came with the vehicle
// Nothing for coils that no channel plays.
[[nodiscard]] std::optional<Arrival> arrivalAt(const core::StageResult& stage, const core::StageResult& found,
                                               const core::Port& coil, const core::Practice& practice,
                                               const Eigen::ArrayXd& frequency_hz);

}  // namespace app
