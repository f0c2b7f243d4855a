#pragma once

#include <string_view>

// The files of data/ that the program cannot do without, carried in the library so that it runs from anywhere.
namespace core {

[[nodiscard]] std::string_view shippedPracticeText();
[[nodiscard]] std::string_view shippedShelfText();
[[nodiscard]] std::string_view shippedVehiclesText();
[[nodiscard]] std::string_view shippedDemoText();
[[nodiscard]] std::string_view shippedTroubleText();

}  // namespace core
