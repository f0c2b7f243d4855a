#pragma once

#include <string>
#include <tl/expected.hpp>
#include <vector>

#include "core/base/warning.h"

namespace core {

enum class ErrorCode {
    NotFinite,        // not a number, or infinite
    OutOfDomain,      // violates the stated range
    Inconsistent,     // values contradict each other
    Singular,         // no unique solution
    Open,             // an open circuit where a coil was expected
    Underdetermined,  // something that is needed is missing
    NoResonance,
    MultipleResonances,
    CableTooSmall,
    PortTooSmall,
    NoCutout,
    RingTooLarge,
    Unreadable,      // a text that is not what was expected; allowed says where and what
    AmbiguousComma,  // a decimal comma, or one between fields?
    UnknownName,     // a name that the model does not have
};

// A model that was asked something it cannot answer: which quantity, what was found, what is allowed.
struct ModelError {
    ErrorCode code = ErrorCode::OutOfDomain;
    std::string quantity{};
    double found = 0.0;
    std::string allowed{};
    bool operator==(const ModelError&) const = default;
};

// Whether an error of this kind was about a number that was there.
[[nodiscard]] inline bool hasFound(ErrorCode code)
{
    return code != ErrorCode::Underdetermined && code != ErrorCode::Unreadable && code != ErrorCode::AmbiguousComma &&
           code != ErrorCode::UnknownName;
}

[[nodiscard]] inline tl::unexpected<ModelError> refuse(ErrorCode code, std::string quantity, double found,
                                                       std::string allowed)
{
    return tl::unexpected(ModelError{code, std::move(quantity), found, std::move(allowed)});
}

template <class T>
struct Answer {
    T value{};
    std::vector<Warning> warnings{};
};

// What a checked entry of a model returns: a value with warnings, or one typed error; never NaN, never a silent clamp.
template <class T>
using Outcome = tl::expected<Answer<T>, ModelError>;

}  // namespace core
