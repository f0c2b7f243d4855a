#pragma once

#include <gtest/gtest.h>

#include "core/design/try_driver.h"
#include "core/edits/element_edits.h"
#include "core/edits/named_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"
#include "core/judgement/judge.h"
#include "core/shipped/shipped.h"

// Small whole plans for tests that need one: a pair of wide-bands behind their capacitors, and the same with two wrong
// drivers. Expected values never come from them.
namespace tests {

inline core::Plan planFromFolder(const char* path, const char* name)
{
    auto document = core::readPlanFile(path, name);
    EXPECT_TRUE(document) << core::oneLine(document.error());
    return document->plan;
}
inline core::Plan demoPlan()
{
    return planFromFolder(TEST_FOLDER "/data/plans/quarter-pair.reed", "quarter-pair.reed");
}
inline core::Plan troublePlan()
{
    return planFromFolder(TEST_FOLDER "/data/plans/quarter-trouble.reed", "quarter-trouble.reed");
}

inline constexpr core::DeviceId kRadio{10}, kLeftPlug{11}, kLeftSpeaker{12}, kRightSpeaker{14};
inline constexpr core::PlaceId kLeft{3}, kRight{4};
inline const core::RunId kLeftRun{{kRadio, "RL"}, {kLeftSpeaker, "1"}};
inline constexpr core::ReadingId kNoReading{};

// A driver with just these figures, all stated.
inline core::Part driverPart(const std::string& name, std::initializer_list<std::pair<core::Quantity, double>> figures)
{
    core::Part part{.kind = core::PartKind::Driver, .name = name, .shelfKey = name};
    for (const auto& [quantity, value] : figures) part.figures[quantity] = core::Known{value};
    part.terminals = {{"1+", "tabs"}, {"1-", "tabs"}};
    part.inside["1"] = core::Element{.kind = core::ElementKind::Coil, .a = "1+", .b = "1-"};
    return part;
}

inline core::Plan withDriver(const core::Plan& plan, const core::Part& part)
{
    return core::apply(plan, core::fitPart(plan, kLeftSpeaker, part)).plan;
}

inline core::Plan withShelfDriver(const core::Plan& plan, const std::string& key)
{
    const core::Shop shop = core::shippedShop();
    if (const core::Part* part = shop.shelf.find(key)) return withDriver(plan, *part);
    ADD_FAILURE() << "no " << key << " on the shelf";
    return plan;
}

inline core::Evaluation evaluated(const core::Plan& plan)
{
    return core::evaluateJob(plan, core::shippedShop().practice);
}

inline const core::StageResult& goalOf(const core::Evaluation& evaluation, const core::Plan& plan)
{
    return *evaluation.stages.at(plan.job.goal);
}

// The first of this rule.
inline const core::Finding* findingOf(const std::vector<core::Finding>& findings, core::RuleId rule)
{
    const auto found =
        std::find_if(findings.begin(), findings.end(), [&](const auto& one) { return one.rule == rule; });
    return found == findings.end() ? nullptr : &*found;
}

}  // namespace tests
