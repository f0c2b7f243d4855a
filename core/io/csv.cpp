#include "core/io/csv.h"

#include <csv.h>

#include <algorithm>
#include <ostream>

namespace core {
namespace {

struct CsvSink {
    std::vector<CsvRow> rows{};
    CsvRow current{};
    int line = 1;
};

constexpr int kRowNotBegun = 0;  // libcsv's own first state

int noSpace(unsigned char)
{
    return 0;
}

void takeCell(void* data, size_t size, void* sink)
{
    static_cast<CsvSink*>(sink)->current.cells.emplace_back(static_cast<const char*>(data), size);
}

void takeRow(int, void* sink)
{
    auto* into = static_cast<CsvSink*>(sink);
    into->current.line = into->line;
    into->rows.push_back(std::move(into->current));
    into->current = {};
}

}  // namespace

std::string withoutByteOrderMark(const std::string& text)
{
    constexpr std::string_view kByteOrderMark = "\xEF\xBB\xBF";
    return text.starts_with(kByteOrderMark) ? text.substr(kByteOrderMark.size()) : text;
}

Result<std::vector<CsvRow>> readCsv(const std::string& text, const std::string& file)
{
    csv_parser parser{};
    if (csv_init(&parser, CSV_STRICT | CSV_STRICT_FINI) != 0)
        return tl::unexpected(InputError{file, {}, "no memory to read it"});
    csv_set_space_func(&parser, noSpace);  // blanks are part of a cell, as RFC 4180 has it
    CsvSink sink;
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
    return std::move(sink.rows);
}

void writeCsvRow(std::ostream& out, const std::vector<std::string>& cells)
{
    for (size_t i = 0; i < cells.size(); ++i) {
        std::string quoted(2 * cells[i].size() + 2, '\0');
        const bool plain = cells[i].find_first_of(",\"\r\n") == std::string::npos;
        if (!plain) quoted.resize(csv_write(quoted.data(), quoted.size(), cells[i].data(), cells[i].size()));
        out << (i > 0 ? "," : "") << (plain ? cells[i] : quoted);
    }
    out << "\r\n";
}

}  // namespace core
