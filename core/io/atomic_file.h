#pragma once

#include <string>

#include "core/base/result.h"

namespace core {

inline constexpr int kCopiesKept = 5;

// Reads a whole file. The error names the file and what the system said.
[[nodiscard]] Result<std::string> readWholeFile(const std::string& path);

// Writes beside the file, syncs, and renames over it, so that a kill at any moment leaves the old or the new file
// whole. The file that stood there becomes `path~1`, the one before `path~2`, up to `copies`.
[[nodiscard]] Result<void> writeAtomically(const std::string& path, const std::string& content,
                                           int copies = kCopiesKept);

}  // namespace core
