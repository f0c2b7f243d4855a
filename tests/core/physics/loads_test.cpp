// Laws of loads, amplifiers and cables, whatever the figures.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <array>
#include <cmath>
#include <numeric>

#include "core/physics/amplifier.h"
#include "core/physics/coil_arrangements.h"
#include "core/physics/crest.h"
#include "core/physics/efficiency.h"
#include "core/physics/fuse.h"
#include "core/physics/gain.h"
#include "core/physics/programme.h"
#include "core/physics/speaker_cable.h"
#include "core/physics/wire.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

using tests::between;
using Complex = std::complex<double>;

std::vector<Complex> randomCoils()
{
    std::vector<Complex> coils;
    for (int count = *rc::gen::inRange(1, 6); count > 0; --count)
        coils.emplace_back(between(1.0, 16.0), *rc::gen::arbitrary<bool>() ? between(0.1, 10.0) : 0.0);
    return coils;
}

RC_GTEST_PROP(CoilProperty, SharesAddUpToOne, ())
{
    const auto coils = randomCoils();
    const auto all = coilArrangements(coils);
    RC_ASSERT(all.has_value());
    for (const CoilArrangement& one : all->value)
        RC_ASSERT(std::abs(std::accumulate(one.share.begin(), one.share.end(), 0.0) - 1.0) < 1e-12);
}

// All in parallel is the least load of all resistances, all in series the greatest.
RC_GTEST_PROP(CoilProperty, LoadsLieBetweenAllParallelAndAllSeries, ())
{
    std::vector<Complex> coils = randomCoils();
    double sum = 0.0, admittance = 0.0;
    for (Complex& coil : coils) {
        coil = coil.real();
        sum += coil.real();
        admittance += 1.0 / coil.real();
    }
    const auto all = coilArrangements(coils);
    for (const CoilArrangement& one : all->value) {
        RC_ASSERT(one.load_ohm.real() <= sum * (1.0 + 1e-12));
        RC_ASSERT(one.load_ohm.real() >= (1.0 - 1e-12) / admittance);
    }
}

RC_GTEST_PROP(CoilProperty, TextReadsBackAsTheSameTree, ())
{
    const auto coils = randomCoils();
    const auto all = coilArrangements(coils);
    const auto& one = all->value[static_cast<size_t>(*rc::gen::inRange(0, static_cast<int>(all->value.size())))];
    const auto back = coilTreeFromText(textOf(one.tree), coils.size());
    RC_ASSERT(back.has_value());
    RC_ASSERT(back->value == one.tree);
}

RC_GTEST_PROP(CoilProperty, NoiseIsReadOrRefused, (const std::string& noise))
{
    const auto tree = coilTreeFromText(noise, 3);
    RC_ASSERT(tree.has_value() || tree.error().code == ErrorCode::Unreadable);
}

// No arrangement comes twice: every text is its own.
TEST(CoilArrangements, AreAllDifferent)
{
    const auto all = coilArrangements({1.0, 2.0, 3.0, 4.0, 5.0});
    std::set<std::string> texts;
    for (const CoilArrangement& one : all->value) EXPECT_TRUE(texts.insert(textOf(one.tree)).second);
}

OutputLimits limitsOf(double highest_w, double lowest_w)
{
    const std::array<AmplifierRating, 2> ratings{AmplifierRating{highest_w, 4.0}, AmplifierRating{lowest_w, 2.0}};
    return outputLimits(ratings, {})->value;
}
double powerInto(const OutputLimits& limits, double load_ohm)
{
    const double v = largestVoltage_v(limits, Eigen::ArrayXd::Constant(1, load_ohm), 1.0)(0);
    return v * v / load_ohm;
}

RC_GTEST_PROP(AmplifierProperty, GivesItsRatingsAtTheirLoads, ())
{
    const double highest = between(20.0, 500.0);
    const double lowest = highest * (1.0 + 0.95 * (*rc::gen::inRange(1, 100)) / 100.0);
    const OutputLimits limits = limitsOf(highest, lowest);
    RC_ASSERT(std::abs(powerInto(limits, 4.0) / highest - 1.0) < 1e-9);
    RC_ASSERT(std::abs(powerInto(limits, 2.0) / lowest - 1.0) < 1e-9);
}

RC_GTEST_PROP(AmplifierProperty, VoltageNeverFallsAndCurrentNeverRisesWithTheLoad, ())
{
    const double highest = between(20.0, 500.0);
    const OutputLimits limits = limitsOf(highest, highest * between(1.3, 1.99));
    const double load = between(0.5, 100.0);
    const Eigen::ArrayXd v = largestVoltage_v(limits, Eigen::Array2d(load, load * 1.05), 1.0);
    RC_ASSERT(v(1) >= v(0) * (1.0 - 1e-12));
    RC_ASSERT(v(1) / (load * 1.05) <= v(0) / load * (1.0 + 1e-12));
}

// Source: circuit theory: each half of a bridge sees half the load and carries its current.
RC_GTEST_PROP(AmplifierProperty, ABridgeGivesTwiceAChannelIntoHalfTheLoad, ())
{
    const double highest = between(20.0, 500.0);
    const OutputLimits channel = limitsOf(highest, highest * between(1.3, 1.99));
    const double load = between(1.0, 60.0);
    RC_ASSERT(std::abs(powerInto(bridged(channel), load) / (2.0 * powerInto(channel, load / 2.0)) - 1.0) < 1e-9);
}

// Between the highest and the lowest load the model is a prediction: a sheet that agrees within a tenth is not doubted.
TEST(AmplifierRatings, AMiddleOneIsDoubtedFromATenthOn)
{
    const std::array<AmplifierRating, 2> ends{AmplifierRating{50.0, 4.0}, AmplifierRating{120.0, 1.0}};
    const double predicted_w = powerInto(outputLimits(ends, {})->value, 2.0);
    const auto doubted = [&](double rated_w) {
        const std::array<AmplifierRating, 3> all{ends[0], AmplifierRating{rated_w, 2.0}, ends[1]};
        const auto limits = outputLimits(all, {});
        return std::any_of(limits->warnings.begin(), limits->warnings.end(),
                           [](const Warning& one) { return one.kind == WarningKind::MiddleRatingOff; });
    };
    for (const double off : {0.901, 0.95, 1.0, 1.05, 1.099}) EXPECT_FALSE(doubted(predicted_w / off)) << off;
    for (const double off : {0.899, 1.101}) EXPECT_TRUE(doubted(predicted_w / off)) << off;
}

TEST(Efficiency, HasNoJumps)
{
    for (const OutputStage stage : {OutputStage::ClassB, OutputStage::TwoRail}) {
        for (const double crest : {kSineCrest_db, kProgrammeCrest_db}) {
            const double below = programmeEfficiency(stage, crest - 1e-6, 0.5).value;
            const double above = programmeEfficiency(stage, crest + 1e-6, 0.5).value;
            EXPECT_NEAR(below, above, 1e-5) << crest;
        }
        EXPECT_NEAR(programmeEfficiency(stage, 0.0, 0.5).value, 1.0, 1e-9);  // a square wave
    }
    EXPECT_NEAR(sineEfficiency(OutputStage::TwoRail, 0.5 + 1e-9, 0.5), sineEfficiency(OutputStage::TwoRail, 0.5, 0.5),
                1e-4);
}

// Source: the integral of a Gaussian cut off, by a plain sum over its density.
TEST(Crest, OfClippedProgrammeIsWhatASumOverTheDensityGives)
{
    const double clip = std::pow(10.0, (12.0 - 9.0) / 20.0);
    double square = 0.0, weight = 0.0;
    for (double x = -8.0; x <= 8.0; x += 1e-4) {
        const double density = std::exp(-0.5 * x * x);
        const double cut = std::min(std::abs(x), clip);
        square += density * cut * cut;
        weight += density;
    }
    EXPECT_NEAR(clippedProgramme(12.0, 9.0).rms_ratio, std::sqrt(square / weight) / clip, 1e-6);
}

RC_GTEST_PROP(CrestProperty, HarderClippingLowersTheCrestFactor, ())
{
    const double drive = between(0.1, 20.0);
    RC_ASSERT(clippedSine(drive * 1.1).crest_db < clippedSine(drive).crest_db);
    RC_ASSERT(clippedSine(drive).lowering_db < kSineCrest_db);
    RC_ASSERT(clippedProgramme(12.0, drive * 1.1).crest_db < clippedProgramme(12.0, drive).crest_db);
}

RC_GTEST_PROP(GainProperty, NeverAsksForMoreThanTheSmallerOfTheTwo, ())
{
    const GainTask task{between(5.0, 500.0), between(5.0, 500.0), between(1.0, 8.0), between(0.5, 10.0),
                        -static_cast<double>(*rc::gen::inRange(0, 11))};
    const GainSetting setting = gainSetting(task).value;
    RC_ASSERT(std::abs(setting.power_w - std::min(task.amplifierPower_w, task.driverPower_w)) < 1e-9);
    RC_ASSERT(setting.fullScalePower_w <= task.amplifierPower_w * (1.0 + 1e-12));
    if (task.driverPower_w < task.amplifierPower_w)
        RC_ASSERT(setting.fullScalePower_w <= task.driverPower_w * (1.0 + 1e-12));
}

RC_GTEST_PROP(FuseProperty, CarriesTheLoadAndProtectsTheCable, ())
{
    const std::array<double, 6> standard{10.0, 15.0, 20.0, 30.0, 40.0, 60.0};
    const FuseTask task{between(1.0, 60.0), 1.25, between(5.0, 100.0)};
    const auto fuse = fuse_a(task, standard);
    if (fuse) {
        RC_ASSERT(fuse->value >= task.factor * task.load_a * (1.0 - 1e-9));
        RC_ASSERT(fuse->value <= task.ampacity_a * (1.0 + 1e-9));
    } else {
        const bool tooSmall = fuse.error().code == ErrorCode::CableTooSmall;
        RC_ASSERT(tooSmall || task.factor * task.load_a > 60.0 * (1.0 - 1e-9));
    }
}

RC_GTEST_PROP(CableProperty, MoreCableLosesMore, ())
{
    const Complex load{between(1.0, 16.0), between(0.1, 10.0)};
    const double wire = between(0.01, 2.0);
    const auto shorter = cableEffect({wire, 0.02, 4.0}, load);
    const auto longer = cableEffect({wire * 1.1, 0.02, 4.0}, load);
    RC_ASSERT(longer->value.change_db < shorter->value.change_db);
    RC_ASSERT(longer->value.wireShare > shorter->value.wireShare);
    RC_ASSERT(longer->value.dampingFactor < shorter->value.dampingFactor);
}

// Source: ASTM B258: six gauges halve or double the diameter within 0.5 %, three the area within 1 %.
TEST(Wire, SixGaugesDoubleTheDiameter)
{
    for (int gauge = 0; gauge <= 30; ++gauge) {
        EXPECT_NEAR(awgDiameter_m(gauge) / awgDiameter_m(gauge + 6), 2.0, 0.01);
        EXPECT_NEAR(awgArea_m2(gauge) / awgArea_m2(gauge + 3), 2.0, 0.02);
    }
}

}  // namespace
}  // namespace core
