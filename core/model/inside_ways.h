#pragma once

#include <string>
#include <vector>

#include "core/model/part.h"
#include "core/practice/practice.h"

// Other drivers inside a driver: a coaxial's tweeter, a three-way's middle cone. Each is a coil with a class of its own
// behind its own capacitor, on the first coil's leads and the same way round.
namespace core {

// requires a coil
void addWay(Part& driver, const std::string& driverClass, const Known& capacitance);
// What a driver of its class usually has inside, where it has nothing of the kind yet; capacitors are class guesses.
void addUsualWays(Part& driver, const Practice& practice);
// The driver is of this class now: what was guessed to be inside goes, what the class usually has comes.
void setDriverClass(Part& driver, const std::string& driverClass, const Practice& practice);
// Its usual capacitor.
[[nodiscard]] Known usualWayCapacitance(const std::string& driverClass, const Practice& practice);

// The coils of another kind than the part, by name.
[[nodiscard]] std::vector<std::string> waysOf(const Part& driver);
// The capacitor in front of one of them; empty if there is none.
[[nodiscard]] std::string wayCapacitorOf(const Part& driver, const std::string& coil);
// The capacitor in series with the first coil and with whatever hangs on it; empty if there is none.
[[nodiscard]] std::string ownCapacitorOf(const Part& driver);

}  // namespace core
