#pragma once

#include <string>

#include "core/base/result.h"
#include "core/model/shelf.h"

namespace core {

// What a shelf file gave: its good lines, and what was wrong with the others.
struct ShelfFile {
    Shelf shelf{};
    std::vector<InputError> errors{};
};

// CSV with a heading line: key, name, class, then quantities by their keys ("re_ohm"), SI, empty for unknown. Columns
// in any order; unknown columns are passed over. An error only where nothing can be read at all.
[[nodiscard]] Result<ShelfFile> readShelf(const std::string& text, const std::string& file);

}  // namespace core
