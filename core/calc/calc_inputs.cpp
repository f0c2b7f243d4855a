#include "core/calc/calc_inputs.h"

#include <cmath>
#include <numbers>

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
    return joined({choice("family", {"butterworth", "linkwitzRiley", "bessel"}), within("order", 1.0, 8.0)}, more);
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

CoilLoss coilLoss(const CalcArguments& in)
{
    return {in.number("l2_h"), in.number("r2_ohm"), in.number("k_ohm_sn"), in.number("exponent")};
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
    return Box{in.number("box_m3"), in.maybe("tuning_hz"), in.maybe("leakQ"), in.maybe("portQ"),
               in.text("leakTo") == "outdoors"};
}

Eigen::ArrayXd levels_db(const Eigen::ArrayXd& magnitudes)
{
    return 20.0 * magnitudes.abs().max(1e-300).log10();
}

double radians(double degrees)
{
    return degrees * std::numbers::pi / 180.0;
}

Outcome<Vec3> vectorOf(const CalcArguments& in, const char* input)
{
    const Eigen::ArrayXd values = in.numbers(input);
    if (values.size() != 3)
        return refuse(ErrorCode::OutOfDomain, input, static_cast<double>(values.size()), "three numbers: x, y, z");
    return Answer<Vec3>{{values(0), values(1), values(2)}, {}};
}

}  // namespace core
