#pragma once

#include <iosfwd>
#include <map>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/model/shelf.h"
#include "core/practice/practice.h"

namespace core {

// What a shelf file holds beside its parts: columns of the shop's own, and the lines that could not be read. Writing
// the shelf puts them back, so that nothing is lost before somebody mends it.
struct ShelfRest {
    std::vector<std::string> heading{};                               // as it stood; empty: of no file
    std::map<std::string, std::map<std::string, std::string>> own{};  // by a part's key, then by column
    std::vector<std::vector<std::string>> unread{};
};

// What a shelf file gave: its good lines, and what was wrong with the others.
struct ShelfFile {
    Shelf shelf{};
    std::vector<InputError> errors{};
    ShelfRest rest{};
};

inline constexpr size_t kMostShelfRows = 200'000;

// CSV with a heading line: key and name; kind (empty: driver), class, plug, mate (the other end of a lead), coils (of a
// driver, on one cone: 1 to 4), channels (of a source: "FL FR"), tweeter and mid (classes of drivers inside a driver,
// empty: what its class usually has) with tweeterCapacitor_f and midCapacitor_f; of a network wooferCoil_h,
// wooferShunt_f, tweeterSeries_f, tweeterShunt_h and tweeterPad_ohm; of a set its contents by their keys; then
// quantities by their keys ("re_ohm"), SI, empty for unknown. Columns in any order; unknown columns are kept as they
// are. An error only where nothing can be read at all, or there are more than kMostShelfRows.
[[nodiscard]] Result<ShelfFile> readShelf(std::string_view text, const std::string& file, const Practice& practice);

// The same, with a column for every quantity that some part has.
void writeShelf(std::ostream& out, const Shelf& shelf, const ShelfRest& rest = {});

}  // namespace core
