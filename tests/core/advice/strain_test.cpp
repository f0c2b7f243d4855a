// What a screen says of watts and travel is what the rules say.
#include "core/advice/strain.h"

#include <gtest/gtest.h>

#include "core/edits/element_edits.h"
#include "core/fitout/sides.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

// On the demos and with the capacitors bridged: a cone has a mark if and only if the rule has a finding of it, and the
// mark is no milder (a finding about what nobody measured is softened).
TEST(Strain, SaysWhatTheRulesSay)
{
    int marked = 0;
    for (const Plan& plan : {tests::demoPlan(), tests::troublePlan(),
                             apply(tests::demoPlan(), bypass(tests::demoPlan(), {tests::kLeftPlug, "C"})).plan}) {
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult &found = *evaluation.stages.at(kFound), &goal = *evaluation.stages.at(plan.job.goal);
        const std::vector<Finding> findings = judge(plan, evaluation);
        const auto findingOf = [&](RuleId rule, DeviceId device) -> const Finding* {
            for (const Finding& finding : findings)
                if (finding.rule == rule && finding.where.front() == Subject{device}) return &finding;
            return nullptr;
        };
        for (const RunResult& run : goal.runs) {
            if (run.sameCone || repeatsLeader(goal, run.run.id.coil.device)) continue;
            const Strain strain = strainOf(goal, run, found, evaluation.practice);
            for (const auto& [said, rule] : {std::pair{strain.heat, RuleId::CoilOverRating},
                                             std::pair{strain.travel, RuleId::TravelWithProgramme}}) {
                const Finding* finding = findingOf(rule, run.run.id.coil.device);
                EXPECT_EQ(said.has_value(), finding != nullptr) << code(rule);
                if (!said || !finding) continue;
                ++marked;
                EXPECT_GE(static_cast<int>(*said), static_cast<int>(finding->severity)) << code(rule);
            }
        }
    }
    EXPECT_GT(marked, 0);
}

}  // namespace
}  // namespace core
