#include "core/io/csv.h"

#include <csv.h>
#include <utf8.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <ostream>

namespace core {
namespace {

struct CsvSink {
    const std::function<void(CsvRow&&)>& give;
    CsvRow current{};
    int line = 1;
};

// After any apostrophes, that is: those that stand there already must not be mistaken for ours.
bool beginsAsFormula(std::string_view text)
{
    text.remove_prefix(std::min(text.find_first_not_of('\''), text.size()));
    return !text.empty() && std::string_view("=+-@\t\r\n").find(text.front()) != std::string_view::npos;
}

bool wantsApostrophe(std::string_view text)
{
    if (!beginsAsFormula(text) || text == "+" || text == "-") return false;
    const auto number = numberIn(text.starts_with('+') ? text.substr(1) : text);
    return !number || !std::isfinite(*number);
}

constexpr int kRowNotBegun = 0;  // libcsv's own first state

int noSpace(unsigned char)
{
    return 0;
}

void takeCell(void* data, size_t size, void* sink)
{
    std::string_view text(static_cast<const char*>(data), size);
    if (text.starts_with('\'') && beginsAsFormula(text)) text.remove_prefix(1);
    static_cast<CsvSink*>(sink)->current.cells.emplace_back(text);
}

void takeRow(int, void* sink)
{
    auto* into = static_cast<CsvSink*>(sink);
    into->current.line = into->line;
    into->give(std::move(into->current));
    into->current = {};
}

}  // namespace

std::string_view withoutByteOrderMark(std::string_view text)
{
    constexpr std::string_view kByteOrderMark = "\xEF\xBB\xBF";
    return text.starts_with(kByteOrderMark) ? text.substr(kByteOrderMark.size()) : text;
}

std::optional<double> numberIn(std::string_view cell)
{
    cell.remove_prefix(std::min(cell.find_first_not_of(' '), cell.size()));
    cell = cell.substr(0, cell.find_last_not_of(' ') + 1);
    double value = 0.0;
    const auto [end, error] = std::from_chars(cell.data(), cell.data() + cell.size(), value);
    if (error != std::errc{} || end != cell.data() + cell.size()) return std::nullopt;
    return value;
}

Result<void> eachCsvRow(std::string_view text, const std::string& file, const std::function<void(CsvRow&&)>& take)
{
    const auto valid = utf8::find_invalid(text.begin(), text.end());
    if (valid != text.end())
        return tl::unexpected(InputError{file, "line " + std::to_string(1 + std::count(text.begin(), valid, '\n')),
                                         "is not UTF-8 text from here on; save the table as UTF-8"});
    csv_parser parser{};
    if (csv_init(&parser, CSV_STRICT | CSV_STRICT_FINI) != 0)
        return tl::unexpected(InputError{file, {}, "no memory to read it"});
    csv_set_space_func(&parser, noSpace);  // blanks are part of a cell, as RFC 4180 has it
    CsvSink sink{take};
    // Line by line, so that every row knows where it began; a quoted cell may run over several.
    size_t start = 0;
    int line = 1;
    bool failed = false;
    while (start < text.size() && !failed) {
        const size_t end = std::min(text.find('\n', start), text.size() - 1) + 1;
        if (parser.pstate == kRowNotBegun) sink.line = line;
        failed = csv_parse(&parser, text.data() + start, end - start, takeCell, takeRow, &sink) != end - start;
        start = end;
        ++line;
    }
    if (!failed) failed = csv_fini(&parser, takeCell, takeRow, &sink) != 0;
    csv_free(&parser);
    if (failed)
        return tl::unexpected(
            InputError{file, "line " + std::to_string(line - 1), "a quote stands where none may, or is never closed"});
    return {};
}

Result<std::vector<CsvRow>> readCsv(std::string_view text, const std::string& file)
{
    std::vector<CsvRow> rows;
    if (const auto read = eachCsvRow(text, file, [&](CsvRow&& row) { rows.push_back(std::move(row)); }); !read)
        return tl::unexpected(read.error());
    return rows;
}

void writeCsvRow(std::ostream& out, const std::vector<std::string>& cells)
{
    for (size_t i = 0; i < cells.size(); ++i) {
        const std::string cell = (wantsApostrophe(cells[i]) ? "'" : "") + cells[i];
        std::string quoted(2 * cell.size() + 2, '\0');
        const bool plain = cell.find_first_of(",\"\r\n") == std::string::npos;
        if (!plain) quoted.resize(csv_write(quoted.data(), quoted.size(), cell.data(), cell.size()));
        out << (i > 0 ? "," : "") << (plain ? cell : quoted);
    }
    out << "\r\n";
}

}  // namespace core
