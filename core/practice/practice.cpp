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

std::optional<PracticeOutside> outsidePractice(const Practice& practice, const std::map<PracticeKey, double>& changes)
{
    for (const auto& [key, value] : changes) {
        const PracticeEntry& entry = practice.entries.at(key);
        if (!(value >= entry.least && value <= entry.greatest)) return PracticeOutside{key, value, entry};
    }
    return std::nullopt;
}

}  // namespace core
