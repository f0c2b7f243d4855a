#pragma once

#include <cmath>

#include "core/base/vec3.h"
#include "core/calc/calc_model.h"
#include "core/model/names.h"
#include "core/physics/driver.h"
#include "core/physics/driver_box.h"
#include "core/physics/filter.h"

namespace core {

// Inputs that several models share, and how they are read.

// family and order first, then what is given
[[nodiscard]] std::vector<CalcInput> withFilterShape(std::vector<CalcInput> more);
// errors  OutOfDomain (an order that the family does not have)
[[nodiscard]] Outcome<FilterShape> filterShape(const CalcArguments& in);
[[nodiscard]] Outcome<FilterShape> shapeOf(const std::string& family, double order, const char* input);
[[nodiscard]] FilterSide filterSide(const CalcArguments& in);

// re, le, fs, qms, qes and the coil's losses first: a driver as far as its coil shows it
[[nodiscard]] std::vector<CalcInput> withElectricalDriver(std::vector<CalcInput> more);
[[nodiscard]] DriverParameters electricalDriver(const CalcArguments& in);
// errors  Inconsistent (r2_ohm without l2_h; le_h beside k_ohm_sn, which stands for it)
[[nodiscard]] Outcome<CoilLoss> coilLoss(const CalcArguments& in);

// and with vas and sd: the whole of it
[[nodiscard]] std::vector<CalcInput> withDriver(std::vector<CalcInput> more);
[[nodiscard]] DriverParameters driverOf(const CalcArguments& in);

// one of an enumeration's names, as files write them
template <class Enum>
[[nodiscard]] CalcInput choiceOf(std::string name)
{
    std::vector<std::string> names;
    for (const EnumName<Enum>& one : enumNames<Enum>()) names.emplace_back(one.text);
    return choice(std::move(name), std::move(names));
}

// the box behind it: closed, leaky or vented; without box_m3 an infinite baffle
[[nodiscard]] std::vector<CalcInput> withBox(std::vector<CalcInput> first, const std::vector<CalcInput>& more);
[[nodiscard]] std::optional<Box> boxOf(const CalcArguments& in);

// 20 log of magnitudes, the floor far below anything heard
[[nodiscard]] Eigen::ArrayXd levels_db(const Eigen::ArrayXd& magnitudes);
// response_db and phase_deg of a transfer
void setResponse(CalcResults& results, const Eigen::ArrayXcd& response, bool list);
// phases in (-180, 180]
[[nodiscard]] Eigen::ArrayXd phases_deg(const Eigen::ArrayXcd& values);
// The pressure of a flow at 1 m, half space, on axis: jw rho U0/(2 pi).
[[nodiscard]] Eigen::ArrayXcd pressureOfFlow_pa(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXcd& flow_m3_s);
// The same driver radiates into full space 20 log 2 lower than into half space, on axis.
inline const double kHalfSpaceGain_db = 20.0 * std::log10(2.0);

// NearField where a distance is within kNear_m of the source: level does not follow distance there.
inline constexpr double kNear_m = 0.05;
[[nodiscard]] std::vector<Warning> nearness(double distance_m);

// A crest factor under a sine's (3.01 dB) is programme that clips.
void warnOfClipping(std::vector<Warning>& warnings, double crestFactor_db);

// "silent", "care", "stop"
[[nodiscard]] std::string verdictText(bool stop, bool care);
[[nodiscard]] double radians(double degrees);

// errors  AmbiguousComma, Unreadable: why a curve's text could not be read
[[nodiscard]] tl::unexpected<ModelError> refuseCurve(const InputError& error);

// three numbers as a point or a direction
// errors  OutOfDomain (not three)
[[nodiscard]] Outcome<Vec3> vectorOf(const CalcArguments& in, const char* input);

}  // namespace core
