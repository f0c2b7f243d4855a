// What is made at the bench, as it stands on the card.
#include "words/making_words.h"

#include <gtest/gtest.h>

#include "core/edits/filter_edits.h"
#include "core/io/plan_file.h"
#include "core/shipped/shipped.h"
#include "tests/core/demo_plan.h"
#include "tests/core/two_way_parts.h"
#include "words/figures.h"
#include "words/part_value.h"

namespace words {
namespace {

class Making : public testing::Test {
protected:
    static constexpr core::DeviceId kDoor{28}, kSail{37};

    [[nodiscard]] static Table tableOf(const core::Plan& plan)
    {
        const core::Evaluation evaluation = tests::evaluated(plan);
        return makingTable(*evaluation.stages.at(plan.job.goal), evaluation.practice);
    }
    const core::Plan m_plan = core::readPlanText(std::string(core::shippedDemoText()), "demo.reed")->plan;
};

TEST_F(Making, HasNothingWhereNothingIsMade)
{
    EXPECT_EQ(tableOf(m_plan).size(), 1U) << "a heading";
}

// A row a part, from the input on, once for both sides; what it has to bear as it is computed.
TEST_F(Making, HasARowAPart)
{
    const core::Plan plan =
        core::apply(m_plan, core::fitMadeNetwork(m_plan, tests::onBoard(kDoor, kSail),
                                                 tests::partsOf({0.68e-3, 18e-6, 8.2e-6, 0.33e-3, 1.5})))
            .plan;
    const Table table = tableOf(plan);
    ASSERT_EQ(table.size(), 6U);
    const QString names[]{"coil", "capacitor", "capacitor", "coil", "resistor"};
    const QString between[]{"in + and woofer +", "woofer + and woofer \u2212", "in + and point 1",
                            "point 1 and tweeter \u2212", "point 1 and tweeter +"};
    const core::Evaluation evaluation = tests::evaluated(plan);
    const core::StageResult& stage = *evaluation.stages.at(plan.job.goal);
    const core::DeviceId board = core::networkOf(stage.used, kDoor);
    const char* elements[]{"Lw", "Cw", "Ct", "Lt", "Rt"};
    for (size_t i = 0; i < 5; ++i) {
        const std::vector<QString>& row = table[i + 1];
        ASSERT_EQ(row.size(), table.front().size());
        EXPECT_EQ(row[0], "left woofer, left front door; left tweeter, left sail");
        EXPECT_EQ(row[1], "2 \u00D7");
        EXPECT_TRUE(row[2].startsWith(names[i])) << row[2].toStdString();
        EXPECT_TRUE(row[2].endsWith(partValue(partOf(stage.used, board), elements[i]))) << row[2].toStdString();
        EXPECT_EQ(row[3], between[i]);
        for (const core::CircuitResult& circuit : stage.circuits)
            for (const core::PartBurden& burden : circuit.burdens) {
                const bool its = burden.element == core::Port{board, elements[i]};
                EXPECT_TRUE(!its || row[4].contains(leastRating(burden))) << row[4].toStdString();
            }
    }
    EXPECT_TRUE(table[2][4].startsWith("non-polar, ")) << table[2][4].toStdString();
    // A twentieth of 4 ohm.   source  common practice, no source
    EXPECT_TRUE(table[1][4].endsWith("its wire up to " + ohms(0.2))) << table[1][4].toStdString();
    EXPECT_TRUE(table[5][4].endsWith("W")) << table[5][4].toStdString();
}

TEST_F(Making, NamesThePointsOfWhatLiesInALeadAndAcross)
{
    core::Plan plan = core::apply(m_plan, core::addResistor(m_plan, kDoor, 1.0)).plan;
    plan = core::apply(plan, core::addAcross(plan, kDoor, {3.9, 0.0, 22e-6})).plan;
    std::vector<QString> between;
    for (const auto& row : tableOf(plan)) between.push_back(row[3]);
    EXPECT_NE(std::find(between.begin(), between.end(), "source side and speaker side"), between.end());
    EXPECT_NE(std::find(between.begin(), between.end(), "speaker + and point 1"), between.end());
    EXPECT_NE(std::find(between.begin(), between.end(), "point 1 and speaker \u2212"), between.end());
}

}  // namespace
}  // namespace words
