#pragma once

#include <QString>
#include <vector>

#include "core/model/finding.h"

namespace words {

// One way that people of the trade go, and why.
struct SchoolText {
    QString name{}, reason{};
};
// What a house rule decides, and its schools in their order; the first is the usual one.
struct HouseRuleText {
    QString question{};
    std::vector<SchoolText> schools{};
};
// requires a house rule
[[nodiscard]] HouseRuleText textOf(core::PracticeKey rule);
// "House rule: leave it off (all the bass there is ...)."; marked where it is not the usual one.
[[nodiscard]] QString lineOf(const core::FollowedSchool& followed);

}  // namespace words
