#include "core/practice/house_rules.h"

namespace core {

std::vector<PracticeKey> houseRules(const Practice& practice)
{
    std::vector<PracticeKey> rules;
    for (const auto& [key, entry] : practice.entries)
        if (!entry.choices.empty()) rules.push_back(key);
    return rules;
}

size_t schoolOf(const Practice& practice, PracticeKey rule)
{
    return static_cast<size_t>(practice[rule]);
}

bool departs(const Practice& practice, PracticeKey rule)
{
    return schoolOf(practice, rule) != 0;
}

}  // namespace core
