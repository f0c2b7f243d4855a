#pragma once

#include <QString>
#include <vector>

#include "app/stations/split/bench_drawing.h"
#include "core/evaluate/split_sum.h"

namespace app {

// One thing that can be done about what is picked: one edit.
struct BenchAction {
    QString name{};  // of its button
    QString text{};
    core::Edit edit{};
    QString more{};                      // what it says when asked
    std::optional<core::Along> along{};  // the picked part is carried that way
};

// Of a part: it goes, or its link does, or it lies elsewhere along its lead. Of a speaker, or of the pair's tweeter where nothing is picked: turned over, a
// capacitor or a resistor into its lead, what is made across it, its board out. A value that has to be begun with is the usual one and is
// set where it stands.
[[nodiscard]] std::vector<BenchAction> benchActions(const Snapshot& snapshot, const BenchPick& picked,
                                                    const std::optional<core::SplitPair>& pair, core::DeviceId speaker);

}  // namespace app
