// Laws of the supply models, run as everybody runs them: by calc name.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>

#include "core/calc/calc_model.h"
#include "core/io/shop.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

using tests::between;

class Calc {
public:
    explicit Calc(const char* model) : m_model(*findCalcModel(model, {})) {}

    Calc& with(const std::string& name, double value)
    {
        m_inputs[name] = {.numbers = {value}};
        return *this;
    }
    Calc& with(const std::string& name, const char* choice)
    {
        m_inputs[name] = {.texts = {choice}};
        return *this;
    }
    [[nodiscard]] double operator[](const char* output) const
    {
        const auto answer = calculate(m_model, m_inputs, m_practice);
        return answer && answer->value.find(output) ? answer->value.find(output)->numbers.front().real() : NAN;
    }

private:
    const CalcModel& m_model;
    std::map<std::string, CalcValue> m_inputs{};
    Practice m_practice = shippedShop().practice;
};

// The table itself comes back at its own sizes, temperature and insulation.
TEST(Ampacity, IsTheTableAtItsOwnSizes)
{
    const Practice practice = shippedShop().practice;
    const auto& gauges = practice[PracticeList::AmpacityGauge_awg];
    const auto& currents = practice[PracticeList::Ampacity_a];
    for (size_t i = 0; i < gauges.size(); ++i)
        EXPECT_NEAR(Calc("ampacity").with("gauge_awg", gauges[i]).with("insulation_degc", 105.0)["ampacity_a"],
                    currents[i], 1e-9);
}

RC_GTEST_PROP(SupplyProperty, ThickerCableCarriesMoreAndDropsLess, ())
{
    const double area = between(1e-6, 80e-6);
    const auto carries = [&](double a) { return Calc("ampacity").with("area_m2", a)["ampacity_a"]; };
    RC_ASSERT(carries(area * 1.2) > carries(area));
    const auto drop = [&](double a) {
        return Calc("voltage-drop").with("area_m2", a).with("current_a", 5.0).with("length_m", 4.0)["drop_v"];
    };
    RC_ASSERT(drop(area * 1.2) < drop(area));
}

RC_GTEST_PROP(SupplyProperty, HeatAndBundlesCostCurrent, ())
{
    const double area = between(1e-6, 80e-6);
    const auto base = [&] { return Calc("ampacity").with("area_m2", area).with("insulation_degc", 105.0); };
    const double alone = base()["ampacity_a"];
    RC_ASSERT(base().with("engineSpace", 1.0)["ampacity_a"] < alone);
    RC_ASSERT(base().with("conductors", 3.0)["ampacity_a"] < alone);
    RC_ASSERT(base().with("conductors", 7.0)["ampacity_a"] < base().with("conductors", 4.0)["ampacity_a"]);
    RC_ASSERT(base().with("material", "clad10")["ampacity_a"] < base().with("material", "clad15")["ampacity_a"]);
}

// Source: Ohm: a chassis return of the feed's own resistance is a second wire.
RC_GTEST_PROP(SupplyProperty, AChassisOfTheFeedsResistanceIsASecondWire, ())
{
    const double area = between(5e-6, 80e-6), length = between(0.5, 8.0);
    const double feed = Calc("conductor")
                            .with("area_m2", area)
                            .with("temperature_degc", 50.0)
                            .with("length_m", length)["resistance_ohm"];
    const auto drop = [&] {
        return Calc("voltage-drop").with("area_m2", area).with("length_m", length).with("current_a", 10.0);
    };
    RC_ASSERT(std::abs(drop().with("return", "chassis").with("chassis_ohm", feed)["drop_v"] / drop()["drop_v"] - 1.0) <
              1e-9);
}

// Source: conservation: what comes from the supply is what plays and what heats.
RC_GTEST_PROP(SupplyProperty, DrawIsMusicAndHeat, ())
{
    const double power = between(10.0, 500.0), crest = between(4.0, 20.0);
    for (const char* stage : {"classB", "twoRail", "switching"}) {
        const Calc draw =
            Calc("supply-current").with("ratedPower_w", power).with("crestFactor_db", crest).with("stage", stage);
        const double supplied = draw["current_a"] * 13.8;
        RC_ASSERT(std::abs(supplied / (draw["averagePower_w"] + draw["heat_w"]) - 1.0) < 1e-9);
        RC_ASSERT(draw["heat_w"] > 0.0);
    }
}

// At idle the battery lasts as long as its usable charge divided by what is missing.
RC_GTEST_PROP(SupplyProperty, ABatteryLastsLongerWithLessDrawn, ())
{
    const auto lasts = [](double audio) {
        return Calc("alternator-headroom")
            .with("rated_a", 0.0)
            .with("vehicle_a", 0.0)
            .with("audio_a", audio)
            .with("battery_ah", 60.0)["time_s"];
    };
    const double audio = between(1.0, 100.0);
    RC_ASSERT(std::abs(lasts(audio) * audio / (3600.0 * 60.0 * 0.5) - 1.0) < 1e-9);
}

}  // namespace
}  // namespace core
