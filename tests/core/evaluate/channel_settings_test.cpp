// What is set at a channel reaches its coils: families of filters and bands of an equaliser against closed forms.
#include <gtest/gtest.h>

#include <cmath>

#include "core/edits/named_edits.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

// How a coil's volts change by a setting, at a frequency, dB: read between the points of the grid.
class ChannelSettings : public testing::Test {
protected:
    [[nodiscard]] double change_db(const Setting& setting, double hz) const
    {
        const Plan set = tests::after(m_car.plan, setChannel(m_car.plan, m_car.doorChannel, setting));
        const Evaluation before = tests::evaluated(m_car.plan), after = tests::evaluated(set);
        const auto volts = [&](const Evaluation& evaluation, const Plan& plan) {
            return findRunOfDevice(tests::goalOf(evaluation, plan), m_car.door)->transfer;
        };
        const Eigen::ArrayXd db = 20.0 * (volts(after, set) / volts(before, m_car.plan)).abs().log10();
        const Eigen::ArrayXd& grid_hz = before.frequency_hz;
        Eigen::Index i = 1;
        while (grid_hz(i) < hz) ++i;
        const double share = std::log(hz / grid_hz(i - 1)) / std::log(grid_hz(i) / grid_hz(i - 1));
        return db(i - 1) + share * (db(i) - db(i - 1));
    }

    tests::TwoChannels m_car = tests::twoChannels();
};

// Source: S. Linkwitz, J. Audio Eng. Soc. 24 (1976): half the volts at the corner; W. E. Thomson, Proc. IEE 96 (1949),
// normalised to half the power there, as Butterworth is. An octave lower: closed forms.
TEST_F(ChannelSettings, FamiliesOfFilters)
{
    const auto high = [](int order, FilterFamily family) { return Setting{.highPass = Filter{500.0, order, family}}; };
    EXPECT_NEAR(change_db(high(4, FilterFamily::Butterworth), 500.0), -3.0103, 0.01);
    EXPECT_NEAR(change_db(high(4, FilterFamily::LinkwitzRiley), 500.0), -6.0206, 0.01);
    EXPECT_NEAR(change_db(high(4, FilterFamily::Bessel), 500.0), -3.0103, 0.01);
    EXPECT_NEAR(change_db(high(4, FilterFamily::LinkwitzRiley), 250.0), -20.0 * std::log10(17.0), 0.02);
    EXPECT_NEAR(change_db(high(4, FilterFamily::Butterworth), 250.0), -10.0 * std::log10(257.0), 0.02);
    EXPECT_NEAR(change_db({.lowPass = Filter{500.0, 2, FilterFamily::LinkwitzRiley}}, 1000.0), -20.0 * std::log10(5.0),
                0.02);
}

// Source: R. Bristow-Johnson, "Cookbook formulae for audio EQ biquad filter coefficients", worked out by hand.
TEST_F(ChannelSettings, BandsOfAnEqualiser)
{
    EXPECT_NEAR(change_db({.bands = {{BandKind::Peak, 1000.0, 1.4, 6.0}}}, 800.0), 4.25472, 0.01);
    EXPECT_NEAR(change_db({.bands = {{BandKind::LowShelf, 100.0, 0.7071, 4.5}}}, 50.0), 4.22540, 0.01);
    EXPECT_NEAR(change_db({.bands = {{BandKind::HighShelf, 6000.0, 0.7071, -3.0}}}, 8000.0), -2.27330, 0.01);
    EXPECT_NEAR(change_db({.bands = {{BandKind::AllPass2, 500.0, 1.0, 0.0}}}, 300.0), 0.0, 1e-9);
    // Two bands that are each other's inverse are none.
    EXPECT_NEAR(change_db({.bands = {{BandKind::Peak, 1000.0, 1.4, 6.0}, {BandKind::Peak, 1000.0, 1.4, -6.0}}}, 900.0),
                0.0, 1e-9);
}

}  // namespace
}  // namespace core
