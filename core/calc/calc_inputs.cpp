#include "core/calc/calc_inputs.h"

#include <cmath>
#include <numbers>

#include "core/physics/air.h"
#include "core/physics/efficiency.h"
#include "core/physics/level.h"

namespace core {
namespace {

std::vector<CalcInput> joined(std::vector<CalcInput> first, const std::vector<CalcInput>& more)
{
    first.insert(first.end(), more.begin(), more.end());
    return first;
}

}  // namespace

std::vector<CalcInput> withFilterShape(std::vector<CalcInput> more)
{
    return joined({choice("family", {"butterworth", "linkwitzRiley", "bessel"}), within("order", 1.0, 8.0).counted()},
                  more);
}

Outcome<FilterShape> shapeOf(const std::string& family, double order, const char* input)
{
    FilterShape shape{FilterFamily::Butterworth, static_cast<int>(order)};
    if (family == "linkwitzRiley") shape.family = FilterFamily::LinkwitzRiley;
    if (family == "bessel") shape.family = FilterFamily::Bessel;
    if (order != std::floor(order) || !isOffered(shape))
        return refuse(ErrorCode::OutOfDomain, input, order,
                      "Butterworth 1 2 3 4 6 8, Linkwitz-Riley 2 4 8, Bessel 2 3 4");
    return Answer<FilterShape>{shape, {}};
}

Outcome<FilterShape> filterShape(const CalcArguments& in)
{
    return shapeOf(in.text("family"), in.number("order"), "order");
}

FilterSide filterSide(const CalcArguments& in)
{
    return in.text("side") == "highPass" ? FilterSide::HighPass : FilterSide::LowPass;
}

std::vector<CalcInput> withElectricalDriver(std::vector<CalcInput> more)
{
    return joined({positive("fs_hz"), positive("re_ohm"), positive("qms"), positive("qes"),
                   notNegative("le_h").orElse(0.0), notNegative("l2_h").orElse(0.0), notNegative("r2_ohm").orElse(0.0),
                   notNegative("k_ohm_sn").orElse(0.0).meaning("semi-inductance K (jw)^n instead of le_h"),
                   within("exponent", 0.5, 1.0).orElse(0.7)},
                  more);
}

DriverParameters electricalDriver(const CalcArguments& in)
{
    return {.re_ohm = in.number("re_ohm"),
            .le_h = in.number("le_h"),
            .fs_hz = in.number("fs_hz"),
            .qms = in.number("qms"),
            .qes = in.number("qes")};
}

Outcome<CoilLoss> coilLoss(const CalcArguments& in)
{
    CoilLoss loss{.l2_h = in.number("l2_h"), .r2_ohm = in.number("r2_ohm"), .k = in.number("k_ohm_sn")};
    if (loss.k > 0.0) loss.exponent = in.number("exponent");
    if ((loss.r2_ohm > 0.0) != (loss.l2_h > 0.0))
        return refuse(ErrorCode::Inconsistent, "r2_ohm", loss.r2_ohm, "together with l2_h");
    if (loss.k > 0.0 && in.number("le_h") > 0.0)
        return refuse(ErrorCode::Inconsistent, "k_ohm_sn", loss.k, "without le_h, for which it stands");
    return Answer<CoilLoss>{loss, {}};
}

std::vector<CalcInput> withDriver(std::vector<CalcInput> more)
{
    return joined({positive("fs_hz"), positive("re_ohm"), positive("qms"), positive("qes"), positive("vas_m3"),
                   positive("sd_m2"), notNegative("le_h").orElse(0.0)},
                  more);
}

DriverParameters driverOf(const CalcArguments& in)
{
    DriverParameters driver = electricalDriver(in);
    driver.vas_m3 = in.number("vas_m3");
    driver.sd_m2 = in.number("sd_m2");
    return driver;
}

std::vector<CalcInput> withBox(std::vector<CalcInput> first, const std::vector<CalcInput>& more)
{
    first = joined(std::move(first),
                   {positive("box_m3").maybe(), positive("tuning_hz").maybe().meaning("closed without it"),
                    positive("leakQ").maybe(), positive("portQ").maybe(), choice("leakTo", {"listener", "outdoors"})});
    return joined(std::move(first), more);
}

std::optional<Box> boxOf(const CalcArguments& in)
{
    if (!in.has("box_m3")) return std::nullopt;
    Box box{.volume_m3 = in.number("box_m3"), .tuning_hz = in.maybe("tuning_hz"), .leakQ = in.maybe("leakQ")};
    if (box.tuning_hz) box.portQ = in.maybe("portQ");
    if (box.leakQ) box.leaksOutdoors = in.text("leakTo") == "outdoors";
    return box;
}

Eigen::ArrayXd levels_db(const Eigen::ArrayXd& magnitudes)
{
    return 20.0 * magnitudes.abs().max(1e-300).log10();
}

void setResponse(CalcResults& results, const Eigen::ArrayXcd& response, bool list)
{
    results.set("response_db", levels_db(response.abs()), list).set("phase_deg", phases_deg(response), list);
}

Eigen::ArrayXd phases_deg(const Eigen::ArrayXcd& values)
{
    return values.unaryExpr([](const std::complex<double>& value) { return degreesOf(value); });
}

Eigen::ArrayXcd pressureOfFlow_pa(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXcd& flow_m3_s)
{
    return std::complex<double>{0.0, kAirDensity_kg_m3} * frequency_hz.cast<std::complex<double>>() * flow_m3_s;
}

std::vector<Warning> nearness(double distance_m)
{
    if (distance_m < kNear_m) return {{WarningKind::NearField}};
    return {};
}

void warnOfClipping(std::vector<Warning>& warnings, double crestFactor_db)
{
    if (crestFactor_db < kSineAsTyped_db) warnings.emplace_back(WarningKind::ClippedProgramme);
}

std::string verdictText(bool stop, bool care)
{
    return stop ? "stop" : care ? "care" : "silent";
}

double radians(double degrees)
{
    return degrees * std::numbers::pi / 180.0;
}

tl::unexpected<ModelError> refuseCurve(const InputError& error)
{
    const bool comma = error.message.starts_with("AmbiguousComma");
    return comma ? refuse(ErrorCode::AmbiguousComma, "decimalComma", 0.0, oneLine(error))
                 : refuse(ErrorCode::Unreadable, "curve", 0.0, error.where + ": " + error.message);
}

Outcome<Vec3> vectorOf(const CalcArguments& in, const char* input)
{
    const Eigen::ArrayXd values = in.numbers(input);
    if (values.size() != 3)
        return refuse(ErrorCode::OutOfDomain, input, static_cast<double>(values.size()), "three numbers: x, y, z");
    return Answer<Vec3>{{values(0), values(1), values(2)}, {}};
}

}  // namespace core
