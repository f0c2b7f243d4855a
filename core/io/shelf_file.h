#pragma once

#include <iosfwd>
#include <string>

#include "core/base/result.h"
#include "core/model/shelf.h"
#include "core/practice/practice.h"

namespace core {

// What a shelf file gave: its good lines, and what was wrong with the others.
struct ShelfFile {
    Shelf shelf{};
    std::vector<InputError> errors{};
};

// CSV with a heading line: key and name; kind (empty: driver), class, plug, mate (the other end of a lead), coils (of a
// driver, on one cone: 1 to 4), channels (of a source: "FL FR"), tweeter and mid (classes of drivers inside a driver,
// empty: what its class usually has) with tweeterCapacitor_f and midCapacitor_f; of a network wooferCoil_h,
// wooferShunt_f, tweeterSeries_f, tweeterShunt_h and tweeterPad_ohm; of a set its contents by their keys; then
// quantities by their keys ("re_ohm"), SI, empty for unknown. Columns in any order; unknown columns are passed over. An
// error only where nothing can be read at all.
[[nodiscard]] Result<ShelfFile> readShelf(const std::string& text, const std::string& file, const Practice& practice);

// The same, with a column for every quantity that some part has.
void writeShelf(std::ostream& out, const Shelf& shelf);

}  // namespace core
