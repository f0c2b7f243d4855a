#pragma once

#include <QStringList>

#include "app/session/snapshot.h"
#include "core/design/rank_drivers.h"
#include "words/figures.h"

namespace app {

struct ReasonWords {
    words::UnitSystem units = words::UnitSystem::Metric;
    QString currency{};
};
// What cost a candidate its points, line by line: Stops first, what it does to the vehicle, how far it is from the
// original, and of the one that is planned what else is to be known.
// chosen  the device it is tried for
[[nodiscard]] QStringList candidateReasons(const core::Candidate& candidate, const Snapshot& snapshot,
                                           core::DeviceId chosen, const ReasonWords& how);

}  // namespace app
