#include "core/practice/practice.h"

#include <algorithm>
#include <cmath>
#include <tuple>

namespace core {

const DriverClass& Practice::driverClass(const std::string& name) const
{
    const auto found = classes.find(name);
    return found != classes.end() ? found->second : classes.at(usualClass);
}

std::vector<std::string> classesFor(const Practice& practice, const std::string& usual)
{
    std::set<std::string> inside;
    for (const auto& [key, one] : practice.classes) inside.insert(one.ways.begin(), one.ways.end());
    const auto there = practice.classes.find(usual);
    const auto order = [&](const std::string& key) {
        const double size_m = practice.classes.at(key).size_m;
        const bool likely = there != practice.classes.end() &&
                            std::abs(size_m / there->second.size_m - 1.0) <= practice[PracticeKey::SameSize_ratio];
        return std::tuple(key != usual, !likely, size_m, key);
    };
    std::vector<std::string> keys;
    for (const auto& [key, one] : practice.classes)
        if (!inside.contains(key)) keys.push_back(key);
    std::sort(keys.begin(), keys.end(),
              [&](const std::string& a, const std::string& b) { return order(a) < order(b); });
    return keys;
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
        if (!entry.allows(value)) return PracticeOutside{key, value, entry};
    }
    return std::nullopt;
}

}  // namespace core
