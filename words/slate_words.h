#pragma once

#include <QString>
#include <QStringList>

#include "core/slate/slate.h"

namespace words {

struct SlateText {
    QString headline{};   // the answer
    QString formula{};    // in letters
    QStringList steps{};  // the same with the figures in it, then what else is worth knowing
};

[[nodiscard]] SlateText textOf(const core::SlateAnswer& answer);
[[nodiscard]] const char* unitOf(core::SlateFigure figure);  // SI, for JSON
[[nodiscard]] const char* keyOf(core::SlateFigure figure);

}  // namespace words
