#include "core/edits/house_edits.h"

#include "core/practice/house_rules.h"

namespace core {

Edit followSchools(const Plan& plan, const std::map<PracticeKey, size_t>& chosen, const Practice& shipped)
{
    Plan after = plan;
    for (const auto& [rule, school] : chosen) {
        const PracticeEntry& entry = shipped.entries.at(rule);
        if (entry.choices.empty() || school >= entry.choices.size()) continue;  // an older program's
        if (school == schoolOf(shipped, rule))
            after.practice.erase(rule);
        else
            after.practice[rule] = static_cast<double>(school);
    }
    return difference(EditName::FollowSchools, plan, after);
}

}  // namespace core
