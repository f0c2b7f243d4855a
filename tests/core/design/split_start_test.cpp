// What a part is begun with.
#include "core/design/split_start.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/design/board_design.h"
#include "core/design/try_driver.h"
#include "core/edits/network_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/io/plan_file.h"
#include "core/judgement/judge.h"
#include "core/limits/split_limits.h"
#include "core/shipped/shipped.h"
#include "tests/core/demo_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

class SplitStart : public testing::Test {
protected:
    const Plan m_plan = readPlanText(std::string(shippedDemoText()), "demo.reed")->plan;
    const Evaluation m_evaluation = tests::evaluated(m_plan);
    const StageResult& m_stage = *m_evaluation.stages.at(m_plan.job.goal);
    const std::optional<SplitPair> m_pair = splitPairOf(m_stage, DeviceId{37}, m_evaluation.practice);
};

// It never begins where the tweeter is not spared; where there is room it lies in the middle of that, by octaves.
TEST_F(SplitStart, TheSplitIsBegunWhereBothAreSpared)
{
    StageResult stage = m_stage;
    const double ratio = m_evaluation.practice[PracticeKey::SplitNear_ratio];
    const double beams_hz = beamsOver_hz(stage.runs[m_pair->low]);
    stage.runs[m_pair->high].driver.fs_hz = 0.25 * beams_hz / ratio;
    EXPECT_NEAR(startingSplit_hz(stage, *m_pair, m_evaluation.practice), 0.5 * beams_hz, 1e-6);
    stage.runs[m_pair->high].driver.fs_hz = 2.0 * beams_hz / ratio;
    EXPECT_NEAR(startingSplit_hz(stage, *m_pair, m_evaluation.practice), 2.0 * beams_hz, 1e-6);
}

// 1 / (2 pi 80 Hz 4 ohm) = 497 uF, of E12 470 uF; at the split for the one that takes over.
TEST_F(SplitStart, ACapacitorIsBegunWithByWhatItIsFor)
{
    const RunResult &low = m_stage.runs[m_pair->low], &high = m_stage.runs[m_pair->high];
    EXPECT_DOUBLE_EQ(startingCapacitor_f(m_stage, low, m_pair, m_evaluation.practice), 470e-6);
    const double at_hz = startingSplit_hz(m_stage, *m_pair, m_evaluation.practice);
    const double wanted_f = 1.0 / (2.0 * std::numbers::pi * at_hz * high.driver.nominal_ohm);
    EXPECT_NEAR(startingCapacitor_f(m_stage, high, m_pair, m_evaluation.practice) / wanted_f, 1.0, 0.101);
    EXPECT_DOUBLE_EQ(startingValue(ElementKind::Capacitor), 10e-6);
    EXPECT_DOUBLE_EQ(startingValue(ElementKind::Resistor), kStartingResistor_ohm);
    EXPECT_DOUBLE_EQ(startingValue(ElementKind::Inductor), 0.47e-3);
}

// The textbook knows nothing of the coil: the board dips under what the radio bears, and the finding offers a search
// that ends it.
TEST_F(SplitStart, WhatABoardDoesToTheLoadHasItsMend)
{
    const DeviceId woofer = m_stage.runs[m_pair->low].run.id.coil.device;
    const BoardSpeakers speakers = tests::onBoard(woofer, DeviceId{37});
    const BoardParts board = designBoard(m_stage, speakers, startingWish(m_stage, speakers, m_evaluation.practice));
    const Plan made = apply(m_plan, fitMadeNetwork(m_plan, speakers, board)).plan;
    const Practice& practice = shippedShop().practice;
    const auto loadOf = [&](const Plan& plan) {
        std::optional<Finding> load;
        for (Finding& finding : judge(plan, evaluateJob(plan, practice)))
            if (finding.rule == RuleId::LoadUnderMinimum) load = std::move(finding);
        return load;
    };
    const auto load = loadOf(made);
    ASSERT_TRUE(load);
    const auto mend = std::find_if(load->mends.begin(), load->mends.end(),
                                   [](const Mend& one) { return one.name == MendName::FindSplit; });
    ASSERT_NE(mend, load->mends.end());
    EXPECT_EQ(std::count_if(load->mends.begin(), load->mends.end(),
                            [](const Mend& one) { return one.name == MendName::FindSplit; }),
              1);
    const auto edit = answer(std::get<SolverRequest>(mend->act), made, practice, shippedShop().shelf, {});
    ASSERT_TRUE(edit);
    EXPECT_FALSE(loadOf(apply(made, *edit).plan));
}

}  // namespace
}  // namespace core
