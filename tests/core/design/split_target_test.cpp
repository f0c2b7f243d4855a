// What a search comes near: a line, or a curve of the plan's own.
#include <gtest/gtest.h>

#include <cmath>

#include "core/design/split_measure.h"
#include "core/design/split_search.h"
#include "core/edits/target_edits.h"
#include "core/intake/target_curve.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::after;

// Straight in log f between its points, held past them, and 0 at 1 kHz: by hand.
TEST(SplitTargets, ACurveIsReadByItsShape)
{
    const SplitTarget target{.curve = Curve{.frequency_hz = {100.0, 10000.0}, .level_db = {86.0, 80.0}}};
    Eigen::ArrayXd hz(5);
    hz << 20.0, 100.0, 1000.0, 10000.0, 20000.0;
    const Eigen::ArrayXd at_db = target.at_db(hz);
    const double expected_db[]{3.0, 3.0, 0.0, -3.0, -3.0};
    for (Eigen::Index i = 0; i < hz.size(); ++i) EXPECT_NEAR(at_db(i), expected_db[i], 1e-12) << hz(i);
    const SplitTarget line{.slope_db_octave = -1.0};
    EXPECT_NEAR(line.at_db(Eigen::ArrayXd::Constant(1, 4000.0))(0), -2.0, 1e-12);
}

TEST(SplitTargets, ThePlansOwnUnlessALineIsAskedFor)
{
    const Plan plan = tests::setInDoors().plan;
    const Curve curve{.name = "wanted", .frequency_hz = {100.0, 10000.0}, .level_db = {0.0, -6.0}};
    EXPECT_FALSE(splitTarget(plan, {}).curve);
    EXPECT_EQ(splitTarget(plan, {}).slope_db_octave, 0.0);
    const Plan own = after(plan, setTarget(plan, curve));
    ASSERT_TRUE(splitTarget(own, {}).curve);
    EXPECT_EQ(splitTarget(own, {}).curve->kind, CurveKind::Target);
    EXPECT_FALSE(splitTarget(own, -1.0).curve);
    // Another one takes its place, and none is left over.
    const Plan other = after(own, setTarget(own, Curve{.frequency_hz = {50.0, 500.0}, .level_db = {1.0, 2.0}}));
    EXPECT_EQ(other.curves.size(), own.curves.size());
    const Plan none = after(other, setTarget(other, {}));
    EXPECT_EQ(none.curves, plan.curves);
    EXPECT_FALSE(none.job.target);
}

// A curve that falls by 1 dB an octave is the same wish as the line that does.
TEST(SplitTargets, ACurveAndItsLineFindTheSame)
{
    const tests::SetInDoors job = tests::setInDoors();
    const double octaves = std::log2(20000.0 / 20.0);
    const Curve curve{.frequency_hz = {20.0, 20000.0}, .level_db = {90.0, 90.0 - octaves}};
    const Plan own = after(job.plan, setTarget(job.plan, curve));
    const auto line =
        searchSplits(job.plan, tests::evaluated(job.plan), {.tweeter = job.sail, .slope_db_octave = -1.0});
    const auto found = searchSplits(own, tests::evaluated(own), {.tweeter = job.sail});
    const auto flat = searchSplits(own, tests::evaluated(own), {.tweeter = job.sail, .slope_db_octave = 0.0});
    ASSERT_TRUE(line && found && flat);
    ASSERT_EQ(line->answers.size(), found->answers.size());
    for (size_t i = 0; i < line->answers.size(); ++i) {
        EXPECT_EQ(line->answers[i].found.parts, found->answers[i].found.parts);
        EXPECT_NEAR(line->answers[i].found.even_db, found->answers[i].found.even_db, 1e-9);
    }
    EXPECT_NE(flat->answers.back().found.even_db, found->answers.back().found.even_db);
}

TEST(SplitTargets, AFileIsTakenOrItsFaultIsNamed)
{
    const Plan plan = tests::setInDoors().plan;
    const auto taken = takeTarget(plan, "20 3\n1000 0\n20000 -4\n", "wanted.frd");
    ASSERT_TRUE(taken);
    const Plan own = after(plan, *taken);
    const Curve& curve = own.curves.at(own.job.target);
    EXPECT_EQ(curve.name, "wanted.frd");
    EXPECT_EQ(curve.level_db, (std::vector<double>{3.0, 0.0, -4.0}));
    for (const char* text : {"", "1000 0\n", "20 3\n1000 banana\n", "20 3\n1e6 0\n"}) {
        const auto refused = takeTarget(plan, text, "wanted.frd");
        ASSERT_FALSE(refused) << text;
        EXPECT_EQ(refused.error().file, "wanted.frd");
        EXPECT_FALSE(refused.error().message.empty());
    }
}

}  // namespace
}  // namespace core
