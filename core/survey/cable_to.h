#pragma once

#include <optional>

#include "core/model/evaluation.h"
#include "core/practice/practice.h"

namespace core {

// The cable from a source towards a speaker: the stretch that leaves the source.
struct CableTo {
    std::optional<Known> length_m{}, area_m2{};  // one way, of one core
    double loop_ohm = 0.0;                       // there and back; 0 where length or area is not known
};
// Nothing for a speaker that nothing feeds.
[[nodiscard]] std::optional<CableTo> cableTo(const Fitout& fitout, DeviceId speaker, const Practice& practice);

// What is lost in it where its channel sees least, of all frequencies the most: >= 0.
// least_ohm  with the cable in it
[[nodiscard]] double cableLoss_db(const CableTo& cable, double least_ohm);

}  // namespace core
