#pragma once

#include <functional>
#include <iosfwd>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"

namespace core {

struct CsvRow {
    int line = 0;  // where it starts in the file, from 1
    std::vector<std::string> cells{};
};

// Without the mark that table programs put before their CSV.
[[nodiscard]] std::string_view withoutByteOrderMark(std::string_view text);

// A cell that is a number and nothing else; blanks round it do no harm.
[[nodiscard]] std::optional<double> numberIn(std::string_view cell);

// RFC 4180, read with libcsv: commas, quotes doubled inside quotes, any line ends. Blank lines are skipped.
[[nodiscard]] Result<void> eachCsvRow(std::string_view text, const std::string& file,
                                      const std::function<void(CsvRow&&)>& take);
[[nodiscard]] Result<std::vector<CsvRow>> readCsv(std::string_view text, const std::string& file);

// One row, quoted where it must be, ended with CR LF as RFC 4180 has it.
//
// A table program takes a cell that begins with = + - @, a tab or a line end for a formula and runs it, quoted or not
// (OWASP, "CSV Injection"). Such a text is written with an apostrophe before it, and reading takes one off again, so
// that a text which itself begins with apostrophes and then one of these comes back too. Numbers and a sign by itself
// stay as they are.
void writeCsvRow(std::ostream& out, const std::vector<std::string>& cells);

}  // namespace core
