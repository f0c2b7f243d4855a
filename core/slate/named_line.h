#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/practice/practice.h"
#include "core/slate/slate.h"

namespace core {

// A calculation that a line can name: `pad 3 dB 4 ohm`. One row of a table: which model, and what goes where.
struct LineInput {
    std::string_view input;   // of the model: "attenuation_db"
    std::string_view symbol;  // in its formula: "A"
    Dimension dimension = Dimension::Number;
    std::string_view keyword = {};  // stands before the quantity: "min 2 ohm"; without one, quantities go by dimension
    bool list = false;              // takes all that are left of its dimension
};
struct LineWord {  // a word that chooses: `drop ... chassis`
    std::string_view word, input, choice;
};
struct NamedLine {
    std::vector<std::string_view> names;  // the first is its own
    std::string_view model;               // calc name
    std::vector<LineInput> inputs;
    std::vector<LineWord> words{};
    std::vector<std::string_view> shown;  // outputs, the answer first
    std::string_view example;
};

[[nodiscard]] const std::vector<NamedLine>& namedLines();

[[nodiscard]] tl::unexpected<InputError> refuseLine(const std::string& message);

// Nothing if the line begins with no name of the table.
[[nodiscard]] std::optional<Result<SlateAnswer>> answerNamedLine(std::string_view text, const Practice& practice);

}  // namespace core
