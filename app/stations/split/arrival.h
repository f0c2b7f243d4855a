#pragma once

#include <QString>
#include <optional>

#include "core/model/evaluation.h"

namespace app {

// One length against a limit: 1 reaches it.
struct ArrivalBar {
    double share = 0.0;
    QString text{};  // "38 of 80 W"
    bool operator==(const ArrivalBar&) const = default;
};

// What reaches a speaker with the source at its limit: programme, which is what people play.
struct Arrival {
    QString name{};
    QString volts{};
    ArrivalBar heat{}, travel{};
    bool turned = false;
    bool operator==(const Arrival&) const = default;
};

// Nothing for coils that no channel plays.
[[nodiscard]] std::optional<Arrival> arrivalAt(const core::StageResult& stage, const core::Port& coil);

}  // namespace app
