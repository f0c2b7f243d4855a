#pragma once

#include <iosfwd>
#include <map>
#include <string>

#include "core/base/result.h"
#include "core/model/plan.h"

namespace core {

inline constexpr int kPlanVersion = 1;

// A plan with the fields of its file that this version does not know: JSON pointer -> JSON text. They are written back
// while the object that holds them exists.
struct Document {
    Plan plan{};
    std::map<std::string, std::string> unknown{};
    bool operator==(const Document&) const = default;
};

// Reads a .reed file. The error names the line and column of broken JSON, or the JSON pointer of a wrong value.
[[nodiscard]] Result<Document> readPlanText(const std::string& text, const std::string& file);

// The body alone, for lists of sheets: what else is in the file is not looked at.
[[nodiscard]] Result<Body> readBodyFile(const std::string& path, const std::string& name);

// requires validate(document.plan) to be empty
void writePlan(std::ostream& out, const Document& document);

// The same by path. name: what errors call the file.
[[nodiscard]] Result<Document> readPlanFile(const std::string& path, const std::string& name);
[[nodiscard]] std::string planText(const Document& document);
// Atomically, keeping copies.
[[nodiscard]] Result<void> writePlanFile(const std::string& path, const Document& document);

// The JSON schema (draft 7) of a .reed file, made from the same description of fields that reads and writes it.
[[nodiscard]] std::string planSchemaText();

}  // namespace core
