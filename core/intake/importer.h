#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <utility>
#include <variant>
#include <vector>

#include "core/base/result.h"
#include "core/base/warning.h"
#include "core/io/shop.h"
#include "core/model/edit.h"
#include "core/model/evaluation.h"

namespace core {

// What a file is to be taken into.
struct IntakeTarget {
    const Plan* plan = nullptr;  // none: only the shop's shelf can take one in
    StageId stage = kFound;
    DeviceId device{};
};

// What came of a file: an edit of the plan, or parts for the shelf.
struct Intake {
    std::variant<Edit, Shelf> gives{};
    size_t rows = 0;                        // that were taken
    std::optional<std::pair<double, double>> band_hz{};  // of a curve: where it begins and ends
    std::vector<std::string> passedOver{};  // headings of columns that are not known here
    std::vector<std::string> homeless{};    // rows of what the target does not have: terminals
    std::vector<InputError> errors{};       // lines that were left out
    std::vector<Warning> warnings{};
};

// A kind of file that can be taken in. The command line, the one dialog and a file dropped on the window go by these
// rows; another kind is another row.
struct Importer {
    std::string_view key;      // "pins", as the command line calls it
    std::string_view endings;  // of its files: "csv txt"
    // Whether its first lines are of this kind, where several kinds have one ending.
    bool (*looksLikeIt)(std::string_view text);
    // Whether it can be taken onto this part; nullptr: it goes onto no device.
    bool (*mayGoOnto)(const Part& part);
    // An error only where nothing of it can be taken. requires a target that mayGoOnto allows, where there is one
    Result<Intake> (*read)(std::string_view text, const std::string& file, const IntakeTarget& target,
                           const Shop& shop);
};

[[nodiscard]] std::span<const Importer> importers();
[[nodiscard]] const Importer* importerByKey(std::string_view key);
// The one whose ending this file has and that its first lines look like; nullptr: none.
[[nodiscard]] const Importer* importerFor(std::string_view file, std::string_view text);

// A file by its path. name: what errors call it.
[[nodiscard]] Result<Intake> takeFile(const Importer& importer, const std::string& path, const std::string& name,
                                      const IntakeTarget& target, const Shop& shop);

// The devices of that stage which can take it, in the order of their ids.
[[nodiscard]] std::vector<DeviceId> targetsOf(const Importer& importer, const Fitout& fitout);

}  // namespace core
