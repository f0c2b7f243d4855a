#pragma once

#include <optional>

#include "core/model/finding.h"

namespace core {

// A figure held against its limit: pure, and the same for a finding, for the ranking and for whoever else asks. Nothing
// is said (nullopt) of a figure that is within it.
struct Verdict {
    RuleId rule{};
    Severity severity = Severity::Note;
    Quantity what{};
    Computed figure{};
    std::optional<double> limit{};
    std::optional<PracticeKey> key{};  // where the limit comes from, if practice has it
    bool plain = false;                // it holds however its figure is known
    bool operator==(const Verdict&) const = default;
};

// Whether it stops the plan until somebody knows more: a class guess alone stops nothing.
[[nodiscard]] inline bool stops(const Verdict& verdict)
{
    return verdict.severity == Severity::Stop && (verdict.plain || verdict.figure.worst != Origin::ClassGuess);
}

}  // namespace core
