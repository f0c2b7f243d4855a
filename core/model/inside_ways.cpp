#include "core/model/inside_ways.h"

namespace core {

void addWay(Part& driver, const std::string& driverClass, const Known& capacitance)
{
    const Element first = driver.inside.at(firstOf(driver, ElementKind::Coil));
    std::string name = driver.inside.contains("tweeter") ? "mid" : "tweeter";
    while (driver.inside.contains(name)) name += "2";
    const std::string inner = "before " + name;
    driver.inside[name + "C"] = {
        .kind = ElementKind::Capacitor, .a = first.a, .b = inner, .figures = {{Quantity::Capacitance_f, capacitance}}};
    driver.inside[name] = {.kind = ElementKind::Coil, .a = inner, .b = first.b, .driverClass = driverClass};
}

Known usualWayCapacitance(const std::string& driverClass, const Practice& practice)
{
    const bool tweeter = driverClass.find("Tweeter") != std::string::npos;
    return {practice[tweeter ? PracticeKey::TweeterCapacitor_f : PracticeKey::MidCapacitor_f], {Origin::ClassGuess}};
}

void addUsualWays(Part& driver, const Practice& practice)
{
    const auto found = practice.classes.find(driver.driverClass);
    if (found == practice.classes.end() || !waysOf(driver).empty()) return;
    for (const std::string& way : found->second.ways) addWay(driver, way, usualWayCapacitance(way, practice));
}

void setDriverClass(Part& driver, const std::string& driverClass, const Practice& practice)
{
    driver.driverClass = driverClass;
    for (const std::string& coil : waysOf(driver)) {
        driver.inside.erase(wayCapacitorOf(driver, coil));
        driver.inside.erase(coil);
    }
    addUsualWays(driver, practice);
}

std::vector<std::string> waysOf(const Part& driver)
{
    std::vector<std::string> ways;
    for (const auto& [name, element] : driver.inside)
        if (element.kind == ElementKind::Coil && !element.driverClass.empty()) ways.push_back(name);
    return ways;
}

std::string ownCapacitorOf(const Part& driver)
{
    const auto coil = driver.inside.find(firstOf(driver, ElementKind::Coil));
    if (coil == driver.inside.end()) return {};
    for (const std::string& node : {coil->second.a, coil->second.b}) {
        if (driver.terminals.contains(node)) continue;
        for (const std::string& name : allOf(driver, ElementKind::Capacitor)) {
            const Element& capacitor = driver.inside.at(name);
            if ((capacitor.a == node && driver.terminals.contains(capacitor.b)) ||
                (capacitor.b == node && driver.terminals.contains(capacitor.a)))
                return name;
        }
    }
    return {};
}

std::string wayCapacitorOf(const Part& driver, const std::string& coil)
{
    const Element& tweeter = driver.inside.at(coil);
    for (const std::string& name : allOf(driver, ElementKind::Capacitor)) {
        const Element& capacitor = driver.inside.at(name);
        if (!driver.terminals.contains(tweeter.a) && (capacitor.a == tweeter.a || capacitor.b == tweeter.a))
            return name;
    }
    return {};
}

}  // namespace core
