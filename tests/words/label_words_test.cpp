// Labels for both ends of every lead that a job lays.
#include "words/label_words.h"

#include <gtest/gtest.h>

#include <map>

#include "core/edits/lead_edits.h"
#include "core/io/plan_file.h"
#include "core/shipped/shipped.h"
#include "tests/core/demo_plan.h"
#include "tests/core/two_way_parts.h"

namespace words {
namespace {

class Labels : public testing::Test {
protected:
    static constexpr core::DeviceId kDoor{28}, kSail{37};
    const core::Plan m_plan = core::readPlanText(std::string(core::shippedDemoText()), "demo.reed")->plan;

    struct Made {
        core::JobPlan job{};
        core::Fitout to{};
        Table table{};
    };
    [[nodiscard]] static Made labelsOf(const core::Plan& plan)
    {
        const core::Evaluation evaluation = tests::evaluated(plan);
        Made made{.job = core::planJob(plan, core::kFound, plan.job.goal, evaluation),
                  .to = evaluation.stages.at(plan.job.goal)->used};
        made.table = labelTable(made.job, made.to);
        return made;
    }
};

// Two rows a lead, each the other turned round, with one number and one pole; nothing of what stays as it is.
TEST_F(Labels, StandOnBothEndsOfWhatIsLaid)
{
    const core::Plan plan =
        core::apply(m_plan, core::fitMadeNetwork(m_plan, tests::onBoard(kDoor, kSail),
                                                 tests::partsOf({0.68e-3, 18e-6, 8.2e-6, 0.33e-3, 1.5})))
            .plan;
    const Made made = labelsOf(plan);
    std::map<QString, int> ends;
    for (const core::WireRow& wire : made.job.wires) {
        const bool laid = wire.state == core::WireState::New || wire.state == core::WireState::NewEnd;
        if (!laid || wire.from.device == wire.to.device) continue;
        ++ends[QStringLiteral("w%1").arg(wire.id.number)];
    }
    ASSERT_GE(ends.size(), 12U) << "in, woofer and tweeter, each with its plus and minus, on both sides";
    ASSERT_EQ(made.table.size(), 1 + 2 * ends.size());
    for (size_t i = 1; i < made.table.size(); i += 2) {
        const std::vector<QString>&one = made.table[i], &other = made.table[i + 1];
        EXPECT_EQ(one[0], other[0]);
        EXPECT_EQ(one[1], other[2]);
        EXPECT_EQ(one[2], other[1]);
        EXPECT_NE(one[1], one[2]);
        EXPECT_EQ(ends.count(one[0].section(QLatin1Char(' '), 0, 0)), 1U) << one[0].toStdString();
        const bool plus = one[0].endsWith(QLatin1Char('+'));
        EXPECT_TRUE(plus || one[0].endsWith(QChar(0x2212))) << one[0].toStdString();
        EXPECT_EQ(plus, one[1].endsWith(QLatin1Char('+')) || one[2].endsWith(QLatin1Char('+')));
    }
}

TEST_F(Labels, NoneWhereNothingIsLaid)
{
    core::Plan same = m_plan;
    same.job.goal = core::kFound;
    EXPECT_EQ(labelsOf(same).table.size(), 1U);
}

}  // namespace
}  // namespace words
