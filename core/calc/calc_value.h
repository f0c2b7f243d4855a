#pragma once

#include <complex>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"

namespace core {

// What goes into a model or comes out of it: numbers, one or a list, real or complex; or texts.
struct CalcValue {
    std::vector<std::complex<double>> numbers{};
    std::vector<std::string> texts{};
    bool list = false;
    bool isComplex = false;  // by nature, even where it happens to be real
    bool operator==(const CalcValue&) const = default;
};

// A Flag is one number, 1 or 0, typed true or false if one likes.
enum class CalcKind { Number, Numbers, Complex, ComplexNumbers, Flag, Choice, Text };

// A value as typed: 4, 2.2e-6, 3.3+2.2j, [4,8,2], nan, inf; for a text kind, the text as it stands.
// No unit and no scale letter: SI throughout.
[[nodiscard]] Result<CalcValue> calcValueFromText(std::string_view text, CalcKind kind);

// "4", "3.3+2.2j", "[4,8,2]": reads back as the same value.
[[nodiscard]] std::string textOf(const CalcValue& value);

}  // namespace core
