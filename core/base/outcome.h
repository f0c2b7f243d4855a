#pragma once

#include <string>
#include <tl/expected.hpp>
#include <vector>

namespace core {

enum class ErrorCode { NotFinite, OutOfDomain, Inconsistent, Singular, Open, Underdetermined };

// A model that was asked something it cannot answer: which quantity, what was found, what is allowed.
struct ModelError {
    ErrorCode code = ErrorCode::OutOfDomain;
    std::string quantity{};
    double found = 0.0;
    std::string allowed{};
    bool operator==(const ModelError&) const = default;
};

template <class T>
struct Answer {
    T value{};
    std::vector<std::string> warnings{};  // names of warnings, as in "BelowRatedLoad"
};

// What a checked entry of a model returns: a value with warnings, or one typed error; never NaN, never a silent clamp.
template <class T>
using Outcome = tl::expected<Answer<T>, ModelError>;

}  // namespace core
