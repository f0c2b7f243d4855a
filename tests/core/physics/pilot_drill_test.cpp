#include "core/physics/pilot_drill.h"

#include <gtest/gtest.h>

#include "core/io/shop.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

double pilot(double screw_m, Bites bites, std::optional<double> sheet_m = {})
{
    static const Shop kShop = shippedShop();
    return pilotDrill_m(screw_m, bites, sheet_m, pilotPractice(kShop.practice));
}

struct CoreRow {
    double screw_m, core_m;
};
class Iso1478Core : public testing::TestWithParam<CoreRow> {};
// Source: ISO 1478:1999, greatest outer and core diameters of ST2.9, ST3.5, ST4.2, ST4.8, ST6.3; from memory.
TEST_P(Iso1478Core, IsTheStandards)
{
    EXPECT_NEAR(coreDiameter_m(GetParam().screw_m), GetParam().core_m, 1e-9);
}
INSTANTIATE_TEST_SUITE_P(Sizes, Iso1478Core,
                         testing::Values(CoreRow{0.00290, 0.00218}, CoreRow{0.00353, 0.00264},
                                         CoreRow{0.00422, 0.00310}, CoreRow{0.00480, 0.00358},
                                         CoreRow{0.00625, 0.00488}));

TEST(CoreDiameter, LiesBetweenItsNeighbours)
{
    EXPECT_NEAR(coreDiameter_m(0.0042), 0.00292 + 0.00018 * 0.29 / 0.31, 1e-9);
    EXPECT_NEAR(coreDiameter_m(0.008), 0.008 * 0.00488 / 0.00625, 1e-12) << "above the table by its ratio";
    EXPECT_NEAR(coreDiameter_m(0.001), 0.001 * 0.00163 / 0.00224, 1e-12) << "and below it";
}

// A drill of 3.7 mm for a 4.2 mm screw in thin sheet leaves half of its thread; common practice, no source.
TEST(PilotDrill, FollowsTheSheet)
{
    EXPECT_NEAR(pilot(0.0042, Bites::Sheet, 0.0009), 0.0032, 1e-9);
    EXPECT_NEAR(pilot(0.0042, Bites::Sheet), 0.0032, 1e-9) << "nobody measured it: thin";
    EXPECT_NEAR(pilot(0.0042, Bites::Sheet, 0.0010), 0.0032, 1e-9);
    EXPECT_NEAR(pilot(0.0042, Bites::Sheet, 0.0011), 0.0034, 1e-9);
    EXPECT_NEAR(pilot(0.0042, Bites::Sheet, 0.0025), 0.0035, 1e-9);
    EXPECT_NEAR(pilot(0.0042, Bites::Sheet, 0.0026), 0.0037, 1e-9);
}

TEST(PilotDrill, FollowsWhatItBitesIn)
{
    EXPECT_NEAR(pilot(0.0042, Bites::Plastic, 0.0009), 0.0034, 1e-9) << "common practice, no source: 80 %";
    EXPECT_NEAR(pilot(0.0042, Bites::Wood), 0.0029, 1e-9) << "EN 1995-1-1, 10.4.5: 70 %";
}

// Source: ISO 2306, drills for tapping: M3 2.5, M4 3.3, M5 4.2, M6 5.0, M8 6.8 mm (with the pitches of ISO 261).
TEST(TapDrill, IsTheThreadLessItsPitch)
{
    for (const auto& [thread_m, drill_m] :
         {std::pair{0.003, 0.0025}, std::pair{0.004, 0.0033}, std::pair{0.005, 0.0042}, std::pair{0.006, 0.0050},
          std::pair{0.008, 0.0068}})
        EXPECT_NEAR(*tapDrill_m(thread_m), drill_m, 1e-9);
    EXPECT_FALSE(tapDrill_m(0.0042));
}

// Common practice, no source.
TEST(RivetDrill, LeavesATenthAndARivetNutItsBody)
{
    EXPECT_NEAR(rivetDrill_m(0.0048), 0.0049, 1e-9);
    EXPECT_EQ(*rivetNutDrill_m(0.005), 0.007);
    EXPECT_FALSE(rivetNutDrill_m(0.0045));
}

}  // namespace
}  // namespace core
