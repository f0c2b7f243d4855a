#pragma once

#include <iosfwd>
#include <string>
#include <vector>

#include "core/base/result.h"

namespace core {

struct CsvRow {
    int line = 0;  // where it starts in the file, from 1
    std::vector<std::string> cells{};
};

// Without the mark that table programs put before their CSV.
[[nodiscard]] std::string withoutByteOrderMark(const std::string& text);

// RFC 4180, read with libcsv: commas, quotes doubled inside quotes, any line ends. Blank lines are skipped.
[[nodiscard]] Result<std::vector<CsvRow>> readCsv(const std::string& text, const std::string& file);

// One row, quoted where it must be, ended with CR LF as RFC 4180 has it.
void writeCsvRow(std::ostream& out, const std::vector<std::string>& cells);

}  // namespace core
