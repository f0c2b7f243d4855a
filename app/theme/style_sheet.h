#pragma once

#include <QString>

namespace app {

class Theme;

// The tokens as a style sheet, for the ordinary widgets; drawings take the tokens themselves.
[[nodiscard]] QString styleSheet(const Theme& theme);

}  // namespace app
