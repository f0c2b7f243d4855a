#include "core/physics/bands.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/physics/ohmmeter.h"
#include "core/physics/series_capacitor.h"

namespace core {
namespace {

// Source: the ripple L(f) = 6 sin(2 pi log2(f/100)/1.5) dB on 1201 points of 20 Hz-20 kHz, means computed
// independently.
TEST(Bands, MeanOfARippleIsThePrintedOne)
{
    const Eigen::ArrayXd frequency_hz = 20.0 * (Eigen::ArrayXd::LinSpaced(1201, 0.0, 1.0) * std::log(1000.0)).exp();
    const Eigen::ArrayXd level_db =
        6.0 * ((frequency_hz / 100.0).log() / std::numbers::ln2 * (2.0 * std::numbers::pi / 1.5)).sin();
    const std::array<double, 4> printed{1.81535, 0.881977, 2.27057, 0.828955};
    for (const BandEdges& edges : kBands)
        EXPECT_NEAR(bandMean_db(frequency_hz, level_db, edges.low_hz, edges.high_hz),
                    printed[static_cast<size_t>(edges.band)], 1e-4);
}

TEST(Bands, MeanOfAFlatLineIsItsLevel)
{
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    EXPECT_NEAR(bandMean_db(grid, Eigen::ArrayXd::Constant(grid.size(), 91.5), 60.0, 250.0), 91.5, 1e-12);
}

// Source: closed form, B1 high-pass: a single crossing at its corner.
TEST(HalfPowerCrossings, FindTheCornerOfAFirstOrderHighPass)
{
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    const auto magnitude = [](double f) { return f / 390.0 / std::sqrt(1.0 + f / 390.0 * f / 390.0); };
    const auto crossings = halfPowerCrossings_hz(grid, grid.unaryExpr(magnitude), magnitude);
    ASSERT_EQ(crossings.size(), 1U);
    EXPECT_NEAR(crossings[0], 390.0, 1e-6);
}

struct OhmmeterRow {
    double reading_ohm = 0.0;
    std::vector<NominalCandidate> candidates{};
    bool likely = false;
};
void PrintTo(const OhmmeterRow& row, std::ostream* out)
{
    *out << row.reading_ohm << " ohm";
}
class Ohmmeter : public testing::TestWithParam<OhmmeterRow> {};

// Windows of 0.70-0.90 (core) and 0.60-1.00 (wide) of nominal: common practice, no source. Ratios are plain division.
TEST_P(Ohmmeter, ListsTheNominalValuesItSpeaksFor)
{
    const auto guess = nominalFromReading({GetParam().reading_ohm, 0.0, 0.0}, {});
    ASSERT_TRUE(guess);
    EXPECT_EQ(guess->value.likely, GetParam().likely);
    ASSERT_EQ(guess->value.candidates.size(), GetParam().candidates.size());
    for (size_t i = 0; i < guess->value.candidates.size(); ++i) {
        EXPECT_EQ(guess->value.candidates[i].nominal_ohm, GetParam().candidates[i].nominal_ohm);
        EXPECT_NEAR(guess->value.candidates[i].ratio, GetParam().candidates[i].ratio, 5e-7);
        EXPECT_EQ(guess->value.candidates[i].core, GetParam().candidates[i].core);
    }
}
INSTANTIATE_TEST_SUITE_P(Readings, Ohmmeter,
                         testing::Values(OhmmeterRow{3.2, {{4, 0.800000, true}}, true},
                                         OhmmeterRow{2.7, {{3, 0.900000, true}, {4, 0.675000, false}}},
                                         OhmmeterRow{3.8, {{4, 0.950000, false}, {6, 0.633333, false}}},
                                         OhmmeterRow{5.2, {{6, 0.866667, true}, {8, 0.650000, false}}},
                                         OhmmeterRow{1.9, {{2, 0.950000, false}, {3, 0.633333, false}}},
                                         OhmmeterRow{1.0, {}}, OhmmeterRow{12.0, {}}));

TEST(Ohmmeter, TellsAnOpenReadingFromAWrongLeadValue)
{
    EXPECT_EQ(nominalFromReading({75.0, 0.2, 0.0}, {}).error().code, ErrorCode::Open);
    EXPECT_EQ(nominalFromReading({0.2, 0.3, 0.0}, {}).error().code, ErrorCode::Inconsistent);
    EXPECT_EQ(nominalFromReading({NAN, 0.0, 0.0}, {}).error().code, ErrorCode::NotFinite);
    EXPECT_EQ(nominalFromReading({3.3, -0.1, 0.0}, {}).error().code, ErrorCode::OutOfDomain);
}

}  // namespace
}  // namespace core
