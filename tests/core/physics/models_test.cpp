// Every row of tests/reference/models.csv: a model, its inputs, one of its outputs and the printed value, each with its
// source.
#include <gtest/gtest.h>

#include <cmath>
#include <functional>
#include <numbers>

#include "core/base/grid.h"
#include "core/physics/air.h"
#include "core/physics/amplifier.h"
#include "core/physics/driver.h"
#include "core/physics/filter.h"
#include "core/physics/path.h"
#include "core/physics/preferred_values.h"
#include "core/physics/programme.h"
#include "core/physics/radiation.h"
#include "core/physics/series_capacitor.h"
#include "core/physics/stereo.h"
#include "core/physics/wire.h"
#include "tests/core/reference_csv.h"

namespace core {
namespace {

using Inputs = std::map<std::string, double>;
using Outputs = std::map<std::string, double>;

Eigen::ArrayXd one(double value)
{
    return Eigen::ArrayXd::Constant(1, value);
}
double decibels(double ratio)
{
    return 20.0 * std::log10(ratio);
}
double degrees(std::complex<double> value)
{
    return std::arg(value) * 180.0 / std::numbers::pi;
}

Outputs driverOutputs(const Inputs& in)
{
    const DriverParameters driver{.re_ohm = in.at("re_ohm"),
                                  .le_h = in.at("le_h"),
                                  .fs_hz = in.at("fs_hz"),
                                  .qms = in.at("qms"),
                                  .qes = in.at("qes"),
                                  .vas_m3 = in.at("vas_m3"),
                                  .sd_m2 = in.at("sd_m2"),
                                  .topCorner_hz = 1e9};
    const DriverMechanics m = mechanics(driver);
    Outputs out{{"mms_kg", m.mms_kg},     {"cms_m_n", m.cms_m_n},
                {"rms_kg_s", m.rms_kg_s}, {"bl_tm", m.bl_tm},
                {"res_ohm", m.res_ohm},   {"cmes_f", m.cmes_f},
                {"lces_h", m.lces_h},     {"sensitivity_db", sensitivity_db(driver)}};
    if (!in.contains("f")) return out;
    const std::complex<double> z = impedance_ohm(driver, one(in.at("f")))(0);
    out["impedanceReal_ohm"] = z.real();
    out["impedanceImaginary_ohm"] = z.imag();
    out["impedanceMagnitude_ohm"] = std::abs(z);
    const double volts = in.contains("volts") ? in.at("volts") : 1.0;
    const Radiation radiation = radiate(driver, one(in.at("f")), 1e9);
    out["excursion_m"] = volts * radiation.excursion_m_v(0);
    out["levelWithoutTop_db"] = decibels(volts * std::abs(radiation.pressure_pa_v(0)) / kReferencePressure_pa);
    return out;
}

Outputs filterOutputs(FilterSide side, const Inputs& in)
{
    const std::complex<double> h =
        butterworth(side, static_cast<int>(in.at("order")), in.at("corner_hz"), one(in.at("f")))(0);
    return {{"level_db", decibels(std::abs(h))}, {"phase_deg", degrees(h)}};
}

Outputs stereoOutputs(const Inputs& in)
{
    const Eigen::ArrayXcd left = Eigen::ArrayXcd::Ones(1);
    const Eigen::ArrayXcd right =
        Eigen::ArrayXcd::Constant(1, std::polar(1.0, in.at("angle_deg") * std::numbers::pi / 180.0));
    return {{"change_db", 10.0 * std::log10(leftAndRight_pa2(left, right, one(in.at("f")), {})(0))}};
}

const std::map<std::string, std::function<Outputs(const Inputs&)>>& models()
{
    static const std::map<std::string, std::function<Outputs(const Inputs&)>> kModels{
        {"seriesCapacitorCorner",
         [](const Inputs& in) {
             return Outputs{
                 {"corner_hz", seriesCapacitorCorner_hz(in.at("capacitance_f"), in.at("resistance_ohm"))->value}};
         }},
        {"seriesCapacitance",
         [](const Inputs& in) {
             return Outputs{{"capacitance_f", seriesCapacitance_f(in.at("corner_hz"), in.at("resistance_ohm"))->value}};
         }},
        {"preferred",
         [](const Inputs& in) {
             const auto series = in.at("series") == 6    ? PreferredSeries::E6
                                 : in.at("series") == 12 ? PreferredSeries::E12
                                                         : PreferredSeries::E24;
             return Outputs{{"value", nearestPreferred(in.at("value"), series)->value}};
         }},
        {"driver", driverOutputs},
        {"amplifier",
         [](const Inputs& in) {
             return Outputs{{"voltage_v", largestVoltage_v(outputLimits({in.at("power_w"), in.at("load_ohm")})->value,
                                                           one(in.at("magnitude_ohm")), 0.8)(0)}};
         }},
        {"butterworthHighPass", [](const Inputs& in) { return filterOutputs(FilterSide::HighPass, in); }},
        {"butterworthLowPass", [](const Inputs& in) { return filterOutputs(FilterSide::LowPass, in); }},
        {"programmeWeight",
         [](const Inputs& in) {
             const double top = programmeWeight({}, frequencyGrid_hz()).maxCoeff();
             return Outputs{{"relative_db", 10.0 * std::log10(programmeWeight({}, one(in.at("f")))(0) / top)}};
         }},
        {"programmeShare",
         [](const Inputs& in) {
             return Outputs{{"share", programmeShare(in.at("crestFactor_db"))}};
         }},
        {"conductor",
         [](const Inputs& in) {
             return Outputs{{"resistance_ohm",
                             conductorResistance_ohm({.length_m = in.at("length_m"), .area_m2 = in.at("area_m2")})}};
         }},
        {"awg",
         [](const Inputs& in) {
             return Outputs{{"area_m2", awgArea_m2(in.at("gauge"))}};
         }},
        {"stereo", stereoOutputs},
        {"path",
         [](const Inputs& in) {
             const std::complex<double> path = directPath(in.at("r"), one(in.at("f")))(0);
             return Outputs{{"level_db", decibels(std::abs(path))}, {"phase_deg", degrees(path)}};
         }},
    };
    return kModels;
}

class Model : public testing::TestWithParam<tests::ReferenceRow> {};

TEST_P(Model, GivesThePrintedValue)
{
    const tests::ReferenceRow& row = GetParam();
    Inputs inputs;
    std::istringstream fields(row.at("inputs"));
    for (std::string field; fields >> field;)
        inputs[field.substr(0, field.find('='))] = std::stod(field.substr(field.find('=') + 1));
    const Outputs outputs = models().at(row.at("model"))(inputs);
    EXPECT_NEAR(outputs.at(row.at("output")), std::stod(row.at("value")), tests::halfLastDigit(row.at("value")))
        << row.at("inputs") << ", source: " << row.at("source");
}

INSTANTIATE_TEST_SUITE_P(Reference, Model, testing::ValuesIn(tests::referenceRows("models.csv")), [](const auto& row) {
    return row.param.at("model") + "_" + row.param.at("output") + "_" + std::to_string(row.index);
});

// Source: the definition of the grid, 20 x 10^(i/160) Hz.
TEST(Grid, RunsFromTwentyHertzToTwentyKilohertz)
{
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    EXPECT_EQ(grid.size(), 481);
    EXPECT_NEAR(grid(1), 20.2899, 5e-5);
    EXPECT_NEAR(grid(480), 20000.0, 1e-8);
}

TEST(SeriesCapacitor, RefusesWhatIsNoPositiveNumber)
{
    EXPECT_EQ(seriesCapacitorCorner_hz(0.0, 4.0).error().quantity, "capacitance_f");
    EXPECT_EQ(seriesCapacitorCorner_hz(1e-4, -4.0).error().code, ErrorCode::OutOfDomain);
    EXPECT_EQ(seriesCapacitance_f(NAN, 4.0).error().code, ErrorCode::NotFinite);
    EXPECT_EQ(seriesCapacitorCorner_hz(1e-300, 1e-300).error().code, ErrorCode::OutOfDomain);
}

TEST(Amplifier, RefusesARatingWithoutPower)
{
    EXPECT_EQ(outputLimits({0.0, 4.0}).error().quantity, "power_w");
}

// Source: Small (1972); the two formulas of the reference efficiency agree, so one inverts the other.
TEST(Driver, SensitivityAndVasInvertEachOther)
{
    DriverParameters driver{.re_ohm = 3.3, .fs_hz = 110, .qms = 4.5, .qes = 0.95, .vas_m3 = 1.8e-3, .sd_m2 = 55e-4};
    EXPECT_NEAR(vasFromSensitivity_m3(sensitivity_db(driver), driver), 1.8e-3, 1e-12);
}

}  // namespace
}  // namespace core
