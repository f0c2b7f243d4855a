#pragma once

#include <iosfwd>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/model/pin_row.h"

namespace core {

// What a table of pins gave: its good lines, and what was wrong with the others.
struct PinFile {
    std::vector<PinRow> rows{};
    std::vector<InputError> errors{};
    std::vector<std::string> unknown{};  // headings of columns that were passed over
};

// CSV with a heading line: terminal (what the pin carries, "FL+"), plug, pin, colour, known (measured, stated; empty:
// unverified). Columns in any order; unknown ones are passed over, and named. An error only where nothing can be read
// at all.
[[nodiscard]] Result<PinFile> readPins(const std::string& text, const std::string& file);
void writePins(std::ostream& out, const std::vector<PinRow>& rows);

}  // namespace core
