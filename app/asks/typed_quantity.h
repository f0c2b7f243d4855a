#pragma once

#include <QString>
#include <tl/expected.hpp>

#include "core/model/quantity.h"

namespace app {

// What was typed into the field of a quantity, SI; or one sentence about what is wrong with it and what is allowed.
[[nodiscard]] tl::expected<double, QString> typedQuantity(const QString& text, core::Quantity quantity);

}  // namespace app
