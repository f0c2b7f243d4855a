#include "core/practice/practice.h"

namespace core {

const DriverClass& Practice::driverClass(const std::string& name) const
{
    const auto found = classes.find(name);
    return found != classes.end() ? found->second : classes.at(usualClass);
}

Practice withChanges(Practice practice, const std::map<PracticeKey, double>& changes)
{
    for (const auto& [key, value] : changes) practice.entries[key].value = value;
    return practice;
}

}  // namespace core
