#pragma once

#include <string>

#include "core/model/address.h"
#include "core/model/evaluation.h"

namespace core {

// The figures that an address names one of; none where nothing of that name is there, nor of a run or a seat, which
// have none of their own. Without a subject: what lies ready in the vehicle for a source.
[[nodiscard]] const Figures* figuresAt(const Fitout& fitout, const Subject& subject);
[[nodiscard]] Figures* figuresAt(Fitout& fitout, const Subject& subject);

// Of a part itself or, with a name, of the element inside it; none where it has no such element.
[[nodiscard]] Figures* figuresIn(Part& part, const std::string& element);

}  // namespace core
