#pragma once

#include <vector>

#include "core/practice/practice.h"

namespace core {

// What a shop decides once where people of the trade differ. Each is an entry of practice with named choices, whose
// first is the usual one; a plan keeps what departs from it, so that it stays with the job.

// A capacitor before a small speaker.
enum class SmallDriverSchool { KeepHighPass, KeepAsFound, LargerCapacitor, FullNetwork, LeaveOff };
// An amplifier that came with the vehicle.
enum class FactoryAmplifierSchool { JobByJob, Keep, Bypass, AddTo, RadioOnly };

// In the order of practice.
[[nodiscard]] std::vector<PracticeKey> houseRules(const Practice& practice);
// Which of its choices is taken.       requires a house rule
[[nodiscard]] size_t schoolOf(const Practice& practice, PracticeKey rule);
// Whether it is another than the usual one.
[[nodiscard]] bool departs(const Practice& practice, PracticeKey rule);

}  // namespace core
