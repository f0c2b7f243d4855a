#pragma once

#include <QString>

#include "core/model/finding.h"

namespace words {

struct FindingText {
    QString title{};    // what is wrong, one line
    QString numbers{};  // the figures it rests on
    QString reason{};   // why it matters
};

[[nodiscard]] FindingText textOf(const core::Finding& finding);
[[nodiscard]] QString textOf(const core::Mend& mend);  // for its button

}  // namespace words
