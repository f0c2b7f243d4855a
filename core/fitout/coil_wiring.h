#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/model/evaluation.h"
#include "core/practice/practice.h"

namespace core {

// How the coils of one cone are joined at the driver's own terminals.
enum class CoilJoin {
    One,       // one coil is fed, the others are open
    Series,    // one after the other on one pair
    Parallel,  // side by side on one pair
    EachItsChannel,
    Other
};

struct CoilsAtDriver {
    std::vector<std::string> coils{};  // that move the driver's own cone
    CoilJoin join = CoilJoin::One;
    std::vector<std::string> idle{};    // coils that nothing is wired to
    bool reversed = false;              // one of a series or parallel pair stands the other way round
    Leads ends{};                       // where the pair arrives, as far as there is one
    std::optional<double> leads_ohm{};  // what an ohmmeter shows there with the pair off
};

// Read off the wires between the driver's own terminals; wires that leave it feed it. A driver with one coil has One.
// requires a driver of the fitout with a coil
[[nodiscard]] CoilsAtDriver coilsAtDriver(const Fitout& fitout, DeviceId driver, const Practice& practice);

// What an ohmmeter shows of a run's driver and the resistors in its lead: all its coils as they are joined.
[[nodiscard]] Known atLeads(const Fitout& fitout, const RunResult& run, const Practice& practice);

// Each way to join a driver's coils, and what an ohmmeter would show at the leads. Empty for a driver with one coil.
struct CoilChoice {
    CoilJoin join{};
    double leads_ohm = 0.0;
};
[[nodiscard]] std::vector<CoilChoice> coilChoices(const Fitout& fitout, DeviceId driver, const Practice& practice);

// How many times the ohms of one of its coils a driver's pair shows: 2 for two in series, 1/2 side by side; 1 for one,
// or where the coils hang on channels of their own.
[[nodiscard]] double leadsOverCoil(const Fitout& fitout, DeviceId driver);
// The same of all its coils in parallel, as DriverParameters have them.      requires a coil of the driver
[[nodiscard]] double leadsOverCone(const Fitout& fitout, const Port& coil);

// The ohms that its own cone's coils were sold for, as its pair shows them joined; nothing where nobody said.
[[nodiscard]] std::optional<double> soldFor_ohm(const Fitout& fitout, DeviceId driver);

// Where a driver's pair arrives: with its coils in series at the first one's plus and the last one's minus. Nothing for
// a device without a coil that can be reached.
[[nodiscard]] std::optional<Leads> feedEnds(const Fitout& fitout, DeviceId driver);
// Where what comes to one of those ends arrives: the terminal itself, or that of what is made across the speaker.
[[nodiscard]] Pin feedPin(const Fitout& fitout, const Pin& end);

}  // namespace core
