#pragma once

#include <QString>
#include <optional>

#include "core/slate/quantity_text.h"

namespace app {

// A bare number as it is typed in any language: 640, 1.5 or 1,5; nothing for what is none, or may be two.
[[nodiscard]] inline std::optional<double> typedNumber(const QString& text)
{
    QString plain = text.trimmed();
    plain.replace(QChar(0x2212), QLatin1Char('-'));
    const auto typed = core::parseQuantity(plain.toUtf8().toStdString(), core::Dimension::Number);
    return typed ? std::optional(typed->value) : std::nullopt;
}

}  // namespace app
