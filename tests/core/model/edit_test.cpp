#include "core/model/edit.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include "tests/core/demo_plan.h"

namespace core {
namespace {

Edit renamed(const Plan& plan, const std::string& customer)
{
    Plan after = plan;
    after.job.customer = customer;
    return difference(EditName::SetJob, plan, after);
}

TEST(Edit, UndoGivesAnEqualPlan)
{
    const Plan plan = tests::demoPlan();
    const Applied applied =
        apply(plan, fitPart(plan, tests::kLeftSpeaker, tests::driverPart("x", {{Quantity::Re_ohm, 3.3}})));
    EXPECT_NE(applied.plan, plan);
    EXPECT_EQ(apply(applied.plan, applied.inverse).plan, plan);
}

TEST(Edit, RedoGivesTheSamePlanAgain)
{
    const Plan plan = tests::demoPlan();
    const Edit edit = readResistance(plan, kFound, {tests::kLeftSpeaker, "1"}, 5.3, 0.2);
    const Applied once = apply(plan, edit);
    const Applied again = apply(apply(once.plan, once.inverse).plan, edit);
    EXPECT_EQ(again.plan, once.plan);
}

TEST(Edit, DifferenceHoldsOnlyWhatChanged)
{
    const Plan plan = tests::demoPlan();
    EXPECT_TRUE(difference(EditName::Unnamed, plan, plan).changes.empty());
    const Edit edit = renamed(plan, "somebody else");
    ASSERT_EQ(edit.changes.size(), 1U);
    EXPECT_EQ(std::get<Whole<&Plan::job>>(edit.changes[0]).now.customer, "somebody else");
}

TEST(Edit, ThatDrewIdsFitsOnlyThePlanItCameFrom)
{
    const Plan plan = tests::demoPlan();
    const Edit reading = readResistance(plan, kFound, {tests::kLeftSpeaker, "1"}, 5.3, 0.2);
    EXPECT_TRUE(fits(plan, reading));
    const Plan later = apply(plan, reading).plan;
    EXPECT_FALSE(fits(later, reading));
    EXPECT_TRUE(fits(later, renamed(later, "x")));
}

TEST(Edit, OfTheSameEntriesMergesIntoTheEarlierOne)
{
    const Plan plan = tests::demoPlan();
    Edit drag = renamed(plan, "a");
    EXPECT_TRUE(mergeInto(drag, renamed(plan, "ab")));
    EXPECT_EQ(apply(plan, drag).plan.job.customer, "ab");
}

TEST(Edit, OfOtherEntriesDoesNotMerge)
{
    const Plan plan = tests::demoPlan();
    Edit name = renamed(plan, "a");
    EXPECT_FALSE(mergeInto(name, readResistance(plan, kFound, {tests::kLeftSpeaker, "1"}, 5.3, 0.2)));
    EXPECT_EQ(name, renamed(plan, "a"));
}

// Any two plans are one edit apart, there and back.
RC_GTEST_PROP(EditProperty, DifferenceAppliedGivesTheOtherPlan, ())
{
    const auto anyPlan = [] {
        Plan plan = tests::demoPlan();
        plan.job.customer = *rc::gen::string<std::string>();
        for (const int number : *rc::gen::container<std::vector<int>>(rc::gen::inRange(1, 12))) {
            const StageId stage = *rc::gen::element(kFactory, kFound, plan.job.goal);
            if (*rc::gen::arbitrary<bool>())
                plan.devices[{stage, DeviceId{number}}] = Device{.part = {7}, .label = std::to_string(number)};
            else
                plan.devices[{stage, DeviceId{number}}] = std::nullopt;
            if (*rc::gen::arbitrary<bool>()) plan.parts.erase(PartId{number});
        }
        return plan;
    };
    const Plan before = anyPlan();
    const Plan after = anyPlan();
    const Applied applied = apply(before, difference(EditName::Unnamed, before, after));
    RC_ASSERT(applied.plan == after);
    RC_ASSERT(apply(applied.plan, applied.inverse).plan == before);
}

}  // namespace
}  // namespace core
