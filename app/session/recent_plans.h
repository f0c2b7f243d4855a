#pragma once

#include <QString>
#include <array>
#include <optional>

#include "core/io/shop.h"
#include "core/model/evaluation.h"
#include "core/model/finding.h"

namespace app {

// A plan that was open lately, as its card shows it.
struct RecentPlan {
    QString path{};
    core::Body body{};
    QString title{};     // "Tarnwick Sallow, estate"
    QString customer{};  // or in whose words, or nothing
    std::optional<core::Severity> worst{};
    int count = 0;                                     // of the worst
    std::array<double, core::kBandCount> change_db{};  // after against before, with the ears of the plan's first listener
};

// Reads, evaluates and judges it. Nothing where it cannot be read: opening it says what is wrong.
[[nodiscard]] std::optional<RecentPlan> lookAt(const QString& path, const core::Shop& shop);

}  // namespace app
