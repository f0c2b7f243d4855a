#include "core/judgement/house_order.h"

#include <algorithm>

#include "core/practice/house_rules.h"

namespace core {
namespace {

std::optional<PracticeKey> ruleOf(RuleId rule)
{
    switch (rule) {
        case RuleId::KeptCapacitor:
        case RuleId::CapacitorOnFilteredOutput:
        case RuleId::HighPassLost:
            return PracticeKey::SmallDriver_school;
        case RuleId::StackedHighPasses:
        case RuleId::NetworkOnFilteredLine:
            return PracticeKey::FactoryAmplifier_school;
        default:
            return std::nullopt;
    }
}

bool prefers(SmallDriverSchool school, MendName mend)
{
    switch (school) {
        case SmallDriverSchool::KeepHighPass:
            return false;  // the usual order
        case SmallDriverSchool::KeepAsFound:
            return mend == MendName::TakeBridgeOut || mend == MendName::ChooseDriver;
        case SmallDriverSchool::LargerCapacitor:
            return mend == MendName::ReplaceCapacitor || mend == MendName::AddCapacitor;
        case SmallDriverSchool::FullNetwork:
            return mend == MendName::FindSplit;
        case SmallDriverSchool::LeaveOff:
            return mend == MendName::BypassCapacitor;
    }
    return false;
}

bool prefers(FactoryAmplifierSchool school, MendName mend)
{
    switch (school) {
        case FactoryAmplifierSchool::Bypass:
            return mend == MendName::FeedFullRange;
        case FactoryAmplifierSchool::Keep:
        case FactoryAmplifierSchool::AddTo:
            return mend == MendName::DropHighPass || mend == MendName::BypassCapacitor;
        case FactoryAmplifierSchool::JobByJob:
        case FactoryAmplifierSchool::RadioOnly:
            break;
    }
    return false;
}

}  // namespace

void followHouse(Finding& finding, const Practice& practice)
{
    const auto rule = ruleOf(finding.rule);
    if (!rule) return;
    const size_t school = schoolOf(practice, *rule);
    finding.house = FollowedSchool{*rule, school};
    const auto first = [&](const Mend& mend) {
        return *rule == PracticeKey::SmallDriver_school
                   ? prefers(static_cast<SmallDriverSchool>(school), mend.name)
                   : prefers(static_cast<FactoryAmplifierSchool>(school), mend.name);
    };
    std::stable_partition(finding.mends.begin(), finding.mends.end(), first);
}

}  // namespace core
