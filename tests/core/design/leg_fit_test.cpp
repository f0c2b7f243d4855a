// A leg of ideal parts against the filters that it is made for, and its values fitted to what a speaker really has.
#include "core/design/leg_fit.h"

#include <gtest/gtest.h>

#include <cmath>
#include <complex>

#include "core/base/grid.h"
#include "core/design/board_design.h"
#include "core/design/tried_leg.h"
#include "core/physics/driver.h"
#include "core/physics/ladder.h"

namespace core {
namespace {

constexpr double kCorner_hz = 2500.0, kLoad_ohm = 4.0;

Eigen::ArrayXd about(double hz)
{
    return Eigen::ArrayXd::LinSpaced(60, std::log(hz / 4.0), std::log(hz * 4.0)).exp();
}

LegParts ladderOf(const FilterShape& shape, FilterSide side, double ohm)
{
    LegParts parts;
    for (const LadderPart& one : ladder(shape, side, kCorner_hz, ohm))
        parts.push_back({one.inductor ? ElementKind::Inductor : ElementKind::Capacitor, one.series, one.value});
    return parts;
}

double missOf(const LegParts& parts, const Eigen::ArrayXcd& wanted, const Eigen::ArrayXcd& load_ohm,
              const Eigen::ArrayXd& hz)
{
    return std::sqrt((legResponse(parts, load_ohm, laplace(hz)).transfer - wanted).abs2().mean());
}

// Into a resistance a ladder is the filter itself, to rounding, and nothing is left to fit.
TEST(LegFit, IntoAResistanceTheBookIsRight)
{
    const Eigen::ArrayXd hz = about(kCorner_hz);
    const Eigen::ArrayXcd load_ohm = Eigen::ArrayXcd::Constant(hz.size(), kLoad_ohm);
    for (const FilterShape& shape : boardShapes())
        for (const FilterSide side : {FilterSide::LowPass, FilterSide::HighPass}) {
            const LegParts book = ladderOf(shape, side, kLoad_ohm);
            const Eigen::ArrayXcd wanted = filterResponse(shape, side, kCorner_hz, hz);
            EXPECT_LT(missOf(book, wanted, load_ohm, hz), 1e-9) << shape.order;
            const LegParts fitted = fitLeg(book, wanted, load_ohm, hz);
            for (size_t i = 0; i < book.size(); ++i) EXPECT_NEAR(fitted[i].value / book[i].value, 1.0, 1e-6);
        }
}

// What the input of a leg sees: R + 1 / (jwC) in series, R L side by side, by circuit theory.
TEST(LegFit, TheInputSeesWhatLiesBehindIt)
{
    const Eigen::ArrayXd hz = about(1000.0);
    const Eigen::ArrayXcd s = laplace(hz), load_ohm = Eigen::ArrayXcd::Constant(hz.size(), 4.0);
    const LegResponse leg = legResponse({{ElementKind::Capacitor, true, 10e-6},
                                         {ElementKind::Inductor, false, 0.5e-3},
                                         {ElementKind::Resistor, true, 1.5}},
                                        load_ohm, s);
    for (Eigen::Index i = 0; i < hz.size(); i += 7) {
        const std::complex<double> node = 1.0 / (1.0 / (0.5e-3 * s(i)) + 1.0 / 5.5);
        const std::complex<double> whole = node + 1.0 / (10e-6 * s(i));
        EXPECT_NEAR(std::abs(leg.input_ohm(i) - whole), 0.0, 1e-9);
        EXPECT_NEAR(std::abs(leg.transfer(i) - node / whole * 4.0 / 5.5), 0.0, 1e-12);
    }
}

// A woofer whose coil rises, a tweeter whose resonance is near: the fitted values come nearer to the filter than those
// of the label or of the corner, and no value moved alone by a hundredth comes nearer than they do.
TEST(LegFit, ComesNearerIntoWhatASpeakerHas)
{
    DriverParameters woofer{.re_ohm = 3.4, .le_h = 0.6e-3, .fs_hz = 60.0, .qms = 4.0, .qes = 0.6};
    DriverParameters tweeter{.re_ohm = 3.2, .le_h = 0.03e-3, .fs_hz = 1100.0, .qms = 2.5, .qes = 1.2};
    const Eigen::ArrayXd hz = about(kCorner_hz);
    for (const auto& [driver, side] :
         {std::pair{woofer, FilterSide::LowPass}, std::pair{tweeter, FilterSide::HighPass}}) {
        const Eigen::ArrayXcd load_ohm = impedance_ohm(driver, hz);
        const double corner_ohm = std::abs(impedance_ohm(driver, Eigen::ArrayXd::Constant(1, kCorner_hz))(0));
        for (const int order : {2, 3, 4}) {
            const FilterShape shape{FilterFamily::Butterworth, order};
            const Eigen::ArrayXcd wanted = filterResponse(shape, side, kCorner_hz, hz);
            const LegParts book = ladderOf(shape, side, corner_ohm), fitted = fitLeg(book, wanted, load_ohm, hz);
            const double miss = missOf(fitted, wanted, load_ohm, hz);
            EXPECT_LT(miss, missOf(book, wanted, load_ohm, hz));
            EXPECT_LT(miss, missOf(ladderOf(shape, side, kLoad_ohm), wanted, load_ohm, hz));
            const auto cost = [&](const LegParts& parts) {
                double held = 0.0;  // a twentieth of full level for a factor e
                for (size_t i = 0; i < parts.size(); ++i) {
                    const double moved = std::log(parts[i].value / book[i].value);
                    held += 0.05 * 0.05 * moved * moved;
                }
                const double off = missOf(parts, wanted, load_ohm, hz);
                return off * off + held;
            };
            for (size_t i = 0; i < fitted.size(); ++i)
                for (const double factor : {0.99, 1.01}) {
                    LegParts moved = fitted;
                    moved[i].value *= factor;
                    EXPECT_GT(cost(moved), cost(fitted)) << order << ", part " << i;
                }
        }
    }
}

TEST(LegFit, AResistorStays)
{
    const Eigen::ArrayXd hz = about(kCorner_hz);
    const Eigen::ArrayXcd load_ohm = Eigen::ArrayXcd::Constant(hz.size(), 6.0);
    const LegParts start{{ElementKind::Capacitor, true, 10e-6}, {ElementKind::Resistor, true, 2.0}};
    const LegParts fitted = fitLeg(
        start, filterResponse({FilterFamily::Butterworth, 1}, FilterSide::HighPass, kCorner_hz, hz), load_ohm, hz);
    EXPECT_EQ(fitted[1].value, 2.0);
    EXPECT_NE(fitted[0].value, 10e-6);
    const LegParts pad{{ElementKind::Resistor, true, 2.0}};
    EXPECT_EQ(fitLeg(pad, Eigen::ArrayXcd::Ones(hz.size()), load_ohm, hz), pad);
}

}  // namespace
}  // namespace core
