#include "core/io/shelf_file.h"

#include <fmt/format.h>

#include <charconv>
#include <optional>
#include <set>

#include "core/io/csv.h"

namespace core {
namespace {

// Blanks round a number do no harm.
std::optional<double> number(std::string text)
{
    text.erase(0, text.find_first_not_of(' '));
    text.erase(text.find_last_not_of(' ') + 1);
    double value = 0.0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc{} || end != text.data() + text.size()) return std::nullopt;
    return value;
}

// Every driver of a shelf has one coil between the tabs "1+" and "1-", so that one takes another's place in the wiring.
Part blankDriver()
{
    Part part{.kind = PartKind::Driver};
    part.terminals = {{"1+", "tabs"}, {"1-", "tabs"}};
    part.inside["1"] = Element{.kind = ElementKind::Coil, .a = "1+", .b = "1-"};
    return part;
}

Result<Part> readRow(const CsvRow& cells, const std::vector<std::string>& heading, const std::string& file)
{
    const auto wrong = [&](size_t column, const std::string& message) {
        return tl::unexpected(
            InputError{file, fmt::format("line {}, column {} ({})", cells.line, column + 1, heading[column]), message});
    };
    if (cells.cells.size() != heading.size())
        return tl::unexpected(
            InputError{file, fmt::format("line {}", cells.line),
                       fmt::format("found {} cells, expected {}", cells.cells.size(), heading.size())});
    Part part = blankDriver();
    for (size_t column = 0; column < heading.size(); ++column) {
        const std::string& cell = cells.cells[column];
        if (heading[column] == "key")
            part.shelfKey = cell;
        else if (heading[column] == "name")
            part.name = cell;
        else if (heading[column] == "class")
            part.driverClass = cell;
        else if (const auto quantity = quantityFromKey(heading[column]); quantity && !cell.empty()) {
            const auto value = number(cell);
            const QuantityRow& limits = row(*quantity);
            if (!value) return wrong(column, fmt::format("found '{}', expected a number such as 3.3", cell));
            if (!(*value >= limits.least && *value <= limits.greatest))
                return wrong(column, fmt::format("found {}, allowed {:g} to {:g} {}", cell, limits.least,
                                                 limits.greatest, limits.unit));
            part.figures[*quantity] = Known{*value};
        }
    }
    if (part.shelfKey.empty() || part.name.empty())
        return tl::unexpected(InputError{file, fmt::format("line {}", cells.line), "needs a key and a name"});
    return part;
}

}  // namespace

Result<ShelfFile> readShelf(const std::string& text, const std::string& file)
{
    const auto rows = readCsv(text, file);
    if (!rows) return tl::unexpected(rows.error());
    if (rows->empty())
        return tl::unexpected(InputError{file, {}, "is empty; expected a heading line with key and name"});
    const std::vector<std::string>& heading = rows->front().cells;
    const std::set<std::string> columns(heading.begin(), heading.end());
    if (!columns.contains("key") || !columns.contains("name"))
        return tl::unexpected(InputError{file, "line 1", "the heading needs the columns key and name"});
    ShelfFile result;
    std::set<std::string> keys;
    for (size_t i = 1; i < rows->size(); ++i) {
        auto part = readRow((*rows)[i], heading, file);
        if (part && !keys.insert(part->shelfKey).second)
            part = tl::unexpected(InputError{file, fmt::format("line {}", (*rows)[i].line),
                                             fmt::format("the key '{}' stands here a second time", part->shelfKey)});
        if (part)
            result.shelf.drivers.push_back(std::move(*part));
        else
            result.errors.push_back(part.error());
    }
    return result;
}

}  // namespace core
