#include "core/io/pin_file.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <set>

#include "core/io/csv.h"
#include "core/model/names.h"

namespace core {
namespace {

constexpr std::array<const char*, 5> kColumns{"terminal", "plug", "pin", "colour", "known"};

Result<PinRow> readRow(const CsvRow& cells, const std::vector<std::string>& heading, const std::string& file)
{
    const std::string line = fmt::format("line {}", cells.line);
    if (cells.cells.size() != heading.size())
        return tl::unexpected(
            InputError{file, line, fmt::format("found {} cells, expected {}", cells.cells.size(), heading.size())});
    PinRow row;
    for (size_t i = 0; i < heading.size(); ++i) {
        const std::string& cell = cells.cells[i];
        if (heading[i] == "terminal") row.terminal = cell;
        if (heading[i] == "plug") row.plug = cell;
        if (heading[i] == "pin") row.number = cell;
        if (heading[i] == "colour") row.colour = cell;
        if (heading[i] != "known" || cell.empty()) continue;
        const auto known = enumFromText<Origin>(cell);
        if (!known || *known > Origin::Stated)
            return tl::unexpected(InputError{file, fmt::format("{}, column {} (known)", line, i + 1),
                                             fmt::format("found '{}', expected measured, stated or nothing", cell)});
        row.known = {*known};
    }
    if (row.terminal.empty() || row.terminal.find_first_of(".:>") != std::string::npos)
        return tl::unexpected(
            InputError{file, line, fmt::format("found the terminal '{}', expected a name such as FL+", row.terminal)});
    return row;
}

}  // namespace

Result<PinFile> readPins(const std::string& text, const std::string& file)
{
    const auto rows = readCsv(withoutByteOrderMark(text), file);
    if (!rows) return tl::unexpected(rows.error());
    if (rows->empty() ||
        std::find(rows->front().cells.begin(), rows->front().cells.end(), "terminal") == rows->front().cells.end())
        return tl::unexpected(InputError{file, "line 1", "expected a heading line with the column terminal"});
    PinFile result;
    for (const std::string& heading : rows->front().cells)
        if (std::find(kColumns.begin(), kColumns.end(), heading) == kColumns.end()) result.unknown.push_back(heading);
    std::set<std::string> seen;
    for (size_t i = 1; i < rows->size(); ++i) {
        auto row = readRow((*rows)[i], rows->front().cells, file);
        if (row && !seen.insert(row->terminal).second)
            row = tl::unexpected(InputError{file, fmt::format("line {}", (*rows)[i].line),
                                            fmt::format("the terminal '{}' stands here a second time", row->terminal)});
        if (row)
            result.rows.push_back(std::move(*row));
        else
            result.errors.push_back(row.error());
    }
    return result;
}

void writePins(std::ostream& out, const std::vector<PinRow>& rows)
{
    writeCsvRow(out, {kColumns.begin(), kColumns.end()});
    for (const PinRow& row : rows)
        writeCsvRow(out, {row.terminal, row.plug, row.number, row.colour,
                          row.known.origin == Origin::ClassGuess ? "" : std::string(textOf(row.known.origin))});
}

}  // namespace core
