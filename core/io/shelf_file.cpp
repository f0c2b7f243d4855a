#include "core/io/shelf_file.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <array>
#include <map>
#include <optional>
#include <ostream>
#include <set>
#include <sstream>
#include <unordered_set>

#include "core/io/csv.h"
#include "core/model/board.h"
#include "core/model/inside_ways.h"
#include "core/model/names.h"

namespace core {
namespace {

std::string kindNames()
{
    std::vector<std::string_view> names;
    for (const auto& name : enumNames<PartKind>()) names.push_back(name.text);
    return fmt::format("{}", fmt::join(names, ", "));
}

constexpr std::array<std::string_view, 18> kWords{"key",
                                                  "name",
                                                  "kind",
                                                  "class",
                                                  "plug",
                                                  "mate",
                                                  "coils",
                                                  "channels",
                                                  "tweeter",
                                                  "tweeterCapacitor_f",
                                                  "mid",
                                                  "midCapacitor_f",
                                                  "wooferCoil_h",
                                                  "wooferShunt_f",
                                                  "tweeterSeries_f",
                                                  "tweeterShunt_h",
                                                  "tweeterPad_ohm",
                                                  "contents"};

// The parts of a two-way network, by the column that gives their value, from the input on.
struct NetworkPart {
    std::string_view column, name;
    Quantity quantity;
    Leg leg;
    ElementKind kind;
    bool series;
};
constexpr NetworkPart kNetworkParts[] = {
    {"wooferCoil_h", "Lw", Quantity::Inductance_h, Leg::Woofer, ElementKind::Inductor, true},
    {"wooferShunt_f", "Cw", Quantity::Capacitance_f, Leg::Woofer, ElementKind::Capacitor, false},
    {"tweeterSeries_f", "Ct", Quantity::Capacitance_f, Leg::Tweeter, ElementKind::Capacitor, true},
    {"tweeterShunt_h", "Lt", Quantity::Inductance_h, Leg::Tweeter, ElementKind::Inductor, false},
    {"tweeterPad_ohm", "Rt", Quantity::Resistance_ohm, Leg::Tweeter, ElementKind::Resistor, true}};
constexpr int kMostCoils = 4;

void addCoil(Part& part, const std::string& name, const std::string& plug, int cone)
{
    const std::string plus = name + "+", minus = name + "-";
    part.terminals[plus] = part.terminals[minus] = plug;
    part.inside[name] = Element{.kind = ElementKind::Coil, .a = plus, .b = minus, .cone = cone};
}

// What a row says of the drivers inside a driver; one that says nothing has what its class usually has.
void addWays(Part& part, const std::map<std::string, std::string>& words, const Practice& practice)
{
    const auto word = [&](const char* name) {
        const auto found = words.find(name);
        return found == words.end() ? std::string() : found->second;
    };
    if (word("tweeter").empty() && word("mid").empty()) return addUsualWays(part, practice);
    for (const std::string name : {"tweeter", "mid"}) {
        const std::string driverClass = word(name.c_str());
        if (driverClass.empty()) continue;
        const std::string stated = word((name + "Capacitor_f").c_str());
        addWay(part, driverClass,
               stated.empty() ? usualWayCapacitance(driverClass, practice) : Known{*numberIn(stated)});
    }
}

// One part alone is a capacitor in a lead, from i to o; with any of its columns a two-way network, from in to w, the
// woofer, and t, the tweeter.
void addNetwork(Part& part, const std::map<std::string, std::string>& words)
{
    const auto word = [&](std::string_view name) {
        const auto found = words.find(std::string(name));
        return found == words.end() ? std::string() : found->second;
    };
    const bool twoWay = std::any_of(std::begin(kNetworkParts), std::end(kNetworkParts),
                                    [&](const NetworkPart& one) { return !word(one.column).empty(); });
    if (!twoWay) {
        const auto capacitance = part.figures.find(Quantity::Capacitance_f);
        if (capacitance == part.figures.end()) return;
        part.terminals = {{"i", ""}, {"o", ""}};
        part.inside["C"] = {.kind = ElementKind::Capacitor,
                            .a = "i",
                            .b = "o",
                            .figures = {{Quantity::Capacitance_f, capacitance->second}}};
        return;
    }
    const auto value = [&](std::string_view column) {
        const std::string text = word(column);
        return text.empty() ? std::nullopt : std::optional(*numberIn(text));
    };
    BoardParts parts{{Leg::Woofer, {}}, {Leg::Tweeter, {}}};
    for (const NetworkPart& one : kNetworkParts)
        if (const auto number = value(one.column)) parts[one.leg].push_back({one.kind, one.series, *number});
    const Part made = boardOf(parts, part.name);
    part.terminals = made.terminals;
    part.inside = made.inside;
}

// A coil between the tabs "1+" and "1-" in every driver, so that one takes another's place in the wiring; a lead goes
// from the vehicle's side h to the speaker's side s.
void addTerminals(Part& part, const std::map<std::string, std::string>& words, const Practice& practice)
{
    const auto word = [&](const char* name) {
        const auto found = words.find(name);
        return found == words.end() ? std::string() : found->second;
    };
    switch (part.kind) {
        case PartKind::Driver:
            for (int coil = 1, count = word("coils").empty() ? 1 : std::stoi(word("coils")); coil <= count; ++coil)
                addCoil(part, std::to_string(coil), word("plug").empty() ? "tabs" : word("plug"), count > 1 ? 1 : 0);
            addWays(part, words, practice);
            break;
        case PartKind::Lead:
            for (const char* pole : {"+", "-"}) {
                const std::string in = std::string("h") + pole, out = std::string("s") + pole;
                part.terminals[in] = word("plug");
                part.terminals[out] = word("mate");
                part.inside[std::string("link") + pole] = Element{.kind = ElementKind::Link, .a = in, .b = out};
            }
            break;
        case PartKind::Radio:
        case PartKind::Amplifier:
        case PartKind::Adaptor: {
            std::istringstream names(word("channels"));
            std::vector<std::string> channels;
            for (std::string name; names >> name;) channels.push_back(name);
            addChannels(part, channels);
            break;
        }
        case PartKind::Network:
            addNetwork(part, words);
            break;
        case PartKind::ArticleSet: {
            std::istringstream keys(word("contents"));
            for (std::string key; keys >> key;) part.contents.push_back(key);
            break;
        }
        case PartKind::Plug:
        case PartKind::Cable:
        case PartKind::Enclosure:
        case PartKind::Fuse:
        case PartKind::Spacer:
        case PartKind::Mat:
        case PartKind::FoamSheet:
        case PartKind::BarrierMat:
            break;
    }
}

Result<Part> readRow(const CsvRow& cells, const std::vector<std::string>& heading, const std::string& file,
                     const Practice& practice)
{
    const auto wrong = [&](size_t column, const std::string& message) {
        return tl::unexpected(
            InputError{file, fmt::format("line {}, column {} ({})", cells.line, column + 1, heading[column]), message});
    };
    if (cells.cells.size() != heading.size())
        return tl::unexpected(
            InputError{file, fmt::format("line {}", cells.line),
                       fmt::format("found {} cells, expected {}", cells.cells.size(), heading.size())});
    Part part;
    std::map<std::string, std::string> words;
    for (size_t column = 0; column < heading.size(); ++column) {
        const std::string& cell = cells.cells[column];
        if (std::find(kWords.begin(), kWords.end(), heading[column]) != kWords.end()) {
            words[heading[column]] = cell;
            if (heading[column] == "kind" && !cell.empty()) {
                const auto kind = enumFromText<PartKind>(cell);
                if (!kind) return wrong(column, fmt::format("found '{}', expected one of {}", cell, kindNames()));
                part.kind = *kind;
            }
            if (heading[column] == "coils" && !cell.empty() &&
                !(cell.size() == 1 && cell[0] >= '1' && cell[0] <= '0' + kMostCoils))
                return wrong(column, fmt::format("found '{}', expected 1 to {}", cell, kMostCoils));
            if ((heading[column] == "tweeter" || heading[column] == "mid") && !cell.empty() &&
                !practice.classes.contains(cell))
                return wrong(column, fmt::format("found '{}', which is no class of driver", cell));
            if (heading[column].ends_with("Capacitor_f") && !cell.empty() &&
                !allows(Quantity::Capacitance_f, numberIn(cell).value_or(0.0)))
                return wrong(column, fmt::format("found '{}', expected farads such as 4.7e-06", cell));
            for (const NetworkPart& one : kNetworkParts) {
                if (heading[column] != one.column || cell.empty()) continue;
                const auto value = numberIn(cell);
                if (!value || !allows(one.quantity, *value))
                    return wrong(column, fmt::format("found '{}', {}", cell, allowedText(one.quantity)));
            }
            if (heading[column] == "channels" && cell.find_first_of(".:>") != std::string::npos)
                return wrong(column, fmt::format("found '{}', expected names such as FL FR", cell));
        } else if (const auto quantity = quantityFromKey(heading[column]); quantity && !cell.empty()) {
            const auto value = numberIn(cell);
            if (!value) return wrong(column, fmt::format("found '{}', expected a number such as 3.3", cell));
            if (!allows(*quantity, *value))
                return wrong(column, fmt::format("found {}, {}", cell, allowedText(*quantity)));
            part.figures[*quantity] = Known{*value};
        }
    }
    part.shelfKey = words["key"];
    part.name = words["name"];
    part.driverClass = words["class"];
    if (part.shelfKey.empty() || part.name.empty())
        return tl::unexpected(InputError{file, fmt::format("line {}", cells.line), "needs a key and a name"});
    addTerminals(part, words, practice);
    return part;
}

std::string wordOf(const Part& part, std::string_view word)
{
    const auto connector = [&](const char* terminal) {
        const auto found = part.terminals.find(terminal);
        return found == part.terminals.end() ? std::string() : found->second;
    };
    if (word == "key") return part.shelfKey;
    if (word == "name") return part.name;
    if (word == "kind") return std::string(textOf(part.kind));
    if (word == "class") return part.driverClass;
    if (word == "plug") return connector(part.kind == PartKind::Lead ? "h+" : "1+");
    if (word == "mate") return connector("s+");
    if (word == "contents") return fmt::format("{}", fmt::join(part.contents, " "));
    for (const NetworkPart& one : kNetworkParts) {
        if (word != one.column) continue;
        const auto element = part.inside.find(std::string(one.name));
        if (part.kind != PartKind::Network || element == part.inside.end()) return {};
        const auto value = valueOf(element->second.figures, one.quantity);
        return value ? fmt::format("{}", *value) : std::string();
    }
    const auto all = [&](ElementKind kind) { return allOf(part, kind); };
    if (word == "coils")
        return part.kind == PartKind::Driver
                   ? std::to_string(coilsOfCone(part, firstOf(part, ElementKind::Coil)).size())
                   : std::string();
    for (const std::string way : {"tweeter", "mid"}) {
        if (!std::string_view(word).starts_with(way)) continue;
        const auto coil = part.inside.find(way);
        if (coil == part.inside.end()) return {};
        if (word == way) return coil->second.driverClass;
        const Known& farads = part.inside.at(wayCapacitorOf(part, way)).figures.at(Quantity::Capacitance_f);
        return farads.basis.origin == Origin::ClassGuess ? std::string() : fmt::format("{}", farads.value);
    }
    return fmt::format("{}", fmt::join(all(ElementKind::Output), " "));
}

bool isOurs(std::string_view column)
{
    return std::find(kWords.begin(), kWords.end(), column) != kWords.end() || quantityFromKey(column);
}

std::string cellOf(const Part& part, const std::string& column, const std::map<std::string, std::string>* own)
{
    if (std::find(kWords.begin(), kWords.end(), column) != kWords.end()) return wordOf(part, column);
    if (const auto quantity = quantityFromKey(column)) {
        const auto value = valueOf(part.figures, *quantity);
        return value ? fmt::format("{}", *value) : std::string();
    }
    const auto found = own ? own->find(column) : std::map<std::string, std::string>::const_iterator();
    return own && found != own->end() ? found->second : std::string();
}

}  // namespace

Result<ShelfFile> readShelf(std::string_view text, const std::string& file, const Practice& practice)
{
    ShelfFile result;
    // Room for all of them at once: no part moves any more, so that the keys seen so far can be looked at where they
    // lie.
    const auto ends = [&](char end) { return static_cast<size_t>(std::count(text.begin(), text.end(), end)); };
    result.shelf.parts.reserve(std::min(std::max(ends('\n'), ends('\r')) + 1, kMostShelfRows));
    std::vector<std::string>& heading = result.rest.heading;
    std::optional<InputError> refused;
    std::vector<size_t> own;  // columns that are none of ours
    std::unordered_set<std::string_view> keys;
    const auto takeHeading = [&](CsvRow&& row) {
        heading = std::move(row.cells);
        for (size_t i = 0; i < heading.size(); ++i)
            if (!isOurs(heading[i])) own.push_back(i);
        const auto lacks = [&](const char* name) {
            return std::find(heading.begin(), heading.end(), name) == heading.end();
        };
        if (lacks("key") || lacks("name"))
            refused = InputError{file, "line 1", "the heading needs the columns key and name, parted by commas"};
    };
    const auto read = eachCsvRow(withoutByteOrderMark(text), file, [&](CsvRow&& row) {
        if (refused) return;
        if (heading.empty()) return takeHeading(std::move(row));
        if (result.shelf.parts.size() + result.errors.size() == kMostShelfRows) {
            refused = InputError{file, fmt::format("line {}", row.line),
                                 fmt::format("is more than {} parts: take it apart", kMostShelfRows)};
            return;
        }
        auto part = readRow(row, heading, file, practice);
        if (part && keys.contains(part->shelfKey))
            part = tl::unexpected(InputError{file, fmt::format("line {}", row.line),
                                             fmt::format("the key '{}' stands here a second time", part->shelfKey)});
        if (!part) {
            result.errors.push_back(part.error());
            result.rest.unread.push_back(std::move(row.cells));
            return;
        }
        for (const size_t column : own)
            if (!row.cells[column].empty())
                result.rest.own[part->shelfKey][heading[column]] = std::move(row.cells[column]);
        result.shelf.parts.push_back(std::move(*part));
        keys.insert(result.shelf.parts.back().shelfKey);
    });
    if (!read) return tl::unexpected(read.error());
    if (heading.empty())
        return tl::unexpected(InputError{file, {}, "is empty; expected a heading line with key and name"});
    if (refused) return tl::unexpected(*refused);
    return result;
}

void writeShelf(std::ostream& out, const Shelf& shelf, const ShelfRest& rest)
{
    std::set<Quantity> used;
    for (const Part& part : shelf.parts)
        for (const auto& [quantity, known] : part.figures) used.insert(quantity);
    std::vector<std::string> heading = rest.heading;
    const auto want = [&](std::string_view name) {
        if (std::find(rest.heading.begin(), rest.heading.end(), name) == rest.heading.end()) heading.emplace_back(name);
    };
    for (const std::string_view word : kWords) want(word);
    for (const Quantity quantity : used) want(row(quantity).key);
    writeCsvRow(out, heading);
    std::vector<std::string> cells;
    for (const Part& part : shelf.parts) {
        cells.clear();
        const auto own = rest.own.find(part.shelfKey);
        for (const std::string& column : heading)
            cells.push_back(cellOf(part, column, own == rest.own.end() ? nullptr : &own->second));
        writeCsvRow(out, cells);
    }
    // A line with too many cells keeps them past the columns that came in.
    for (std::vector<std::string> unread : rest.unread) {
        if (unread.size() > rest.heading.size())
            unread.insert(unread.begin() + static_cast<std::ptrdiff_t>(rest.heading.size()),
                          heading.size() - rest.heading.size(), {});
        else if (unread.size() == rest.heading.size())
            unread.resize(heading.size());
        writeCsvRow(out, unread);
    }
}

}  // namespace core
