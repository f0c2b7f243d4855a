#pragma once

#include "core/judgement/judging.h"

namespace core {

// SPLIT8: how far music drives a cone with the source at its limit. The travel of a sine is shown, not judged: at 20 Hz
// it passes Xmax in nearly every door that works.
[[nodiscard]] std::vector<Finding> judgeTravelWithProgramme(const Judging& judging);
// LOWS1, its travel: a subwoofer plays sines, and the programme's weight has little down there.
[[nodiscard]] std::vector<Finding> judgeSubwooferTravel(const Judging& judging);

// A high-pass that brings a cone's travel with programme down to Xmax: the lowest whole ten of hertz, up to four times
// its resonance. Nothing where none does.
[[nodiscard]] std::optional<Filter> holdingHighPass(const Judging& judging, const ConeResult& cone, double xmax_m);

}  // namespace core
