#pragma once

#include "core/calc/calc_model.h"

namespace core {

// How uncertain a result is for uncertain inputs, taken as uncorrelated: u^2 = sum (S_i u_i)^2 by central differences
// of 0.1 %. Strictly positive numbers get a relative u, with S_i = d ln y / d ln x_i; levels, phases and what may
// change sign an absolute U, with S_i = x_i dy/dx_i.
struct ResultSpread {
    std::string name{};
    double value = 0.0;
    bool relative = true;
};

// relative  of inputs by name, each >= 0
// errors    those of the model, at the values themselves or 0.1 % beside them; UnknownName
[[nodiscard]] Outcome<std::vector<ResultSpread>> resultSpread(const CalcModel& model,
                                                              const std::map<std::string, CalcValue>& inputs,
                                                              const std::map<std::string, double>& relative,
                                                              const Practice& practice);

}  // namespace core
