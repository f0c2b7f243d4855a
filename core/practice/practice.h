#pragma once

#include <array>
#include <cmath>
#include <map>
#include <optional>
#include <set>
#include <string>
#include <string_view>
#include <vector>

#include "core/practice/practice_key.h"

namespace core {

struct PracticeEntry {
    double value = 0.0, least = 0.0, greatest = 0.0;
    std::string unit{}, source{};
    bool whole = false;  // a count, or the rank of a choice
    std::vector<std::string> choices{};  // of a house rule: its schools, the usual one first
    [[nodiscard]] bool allows(double found) const
    {
        return found >= least && found <= greatest && (!whole || found == std::round(found));
    }
    bool operator==(const PracticeEntry&) const = default;
};

// Generic mid-values of one class of driver, for a nominal 4 ohm coil with Re 3.3 ohm. Whatever comes from here is a
// class guess.
struct DriverClass {
    std::string source{};
    double size_m = 0.0;  // nominal frame size, for finding the class of a driver that states only its size
    double fs_hz = 0.0, qms = 0.0, qes = 0.0, vas_m3 = 0.0, sd_m2 = 0.0, xmax_m = 0.0, le_h = 0.0, power_w = 0.0;
    double topCorner_hz = 0.0;  // where its own radiation falls off
    double depth_m = 0.0, basket_m = 0.0, flange_m = 0.0, flangeThickness_m = 0.0, surround_m = 0.0, magnet_m = 0.0;
    double mass_kg = 0.0;
    std::vector<std::string> ways{};  // the classes of other drivers before its cone
    bool operator==(const DriverClass&) const = default;
};

// Usual inside measures of one kind of vehicle. Whatever comes from here is a class guess.
struct BodyClass {
    std::string source{};
    bool cabin = true;  // closed: an open vehicle gets none of a cabin's help or harm
    double length_m = 0.0, width_m = 0.0, height_m = 0.0;
    double floor_m = 0.0;  // above the ground
    double front_m = 0.0;  // where the dash ends the cabin, ahead of the front axle
    double leak_hz = 0.0;
    bool separateBoot = false;  // a boot behind seats
    bool operator==(const BodyClass&) const = default;
};

// What a vehicle's use does to what is built into it.
enum class Demand { Wind, Water, Vibration, Heat, Theft };

// What one use of a vehicle asks of it.
struct UseClass {
    std::string source{};
    std::array<double, 4> noise_db{};  // at the ear, one for each band of hearing
    std::array<double, 4> worn_db{};   // what is worn over the ears takes from what plays outside it
    double shock_ratio = 0.0;          // of the fall's acceleration, on what is fixed
    std::set<Demand> demands{};
    bool operator==(const UseClass&) const = default;
};

struct PracticeValues {
    std::vector<double> values{};
    std::string source{};
    bool operator==(const PracticeValues&) const = default;
};

struct Practice {
    std::map<PracticeKey, PracticeEntry> entries{};
    std::map<PracticeList, PracticeValues> lists{};
    std::map<std::string, DriverClass> classes{};
    std::map<std::string, BodyClass> bodies{};  // by kind
    std::map<std::string, UseClass> uses{};     // by use
    std::string usualClass{};                   // taken where a driver names no class
    bool operator==(const Practice&) const = default;

    // requires that the key has an entry (the reader of practice.json sees to it)
    [[nodiscard]] double operator[](PracticeKey key) const { return entries.at(key).value; }
    [[nodiscard]] const std::vector<double>& operator[](PracticeList list) const { return lists.at(list).values; }
    // the named class, or the usual one
    [[nodiscard]] const DriverClass& driverClass(const std::string& name) const;
};

// The classes that a driver at a place can be, the smallest first; before them those as big as what is usual there. A
// coaxial's tweeter is in no place by itself.
// usual  a class; empty or unknown: none comes first
[[nodiscard]] std::vector<std::string> classesFor(const Practice& practice, const std::string& usual);

// The shop's practice with what one plan changes in it.
[[nodiscard]] Practice withChanges(Practice practice, const std::map<PracticeKey, double>& changes);

// The first of them that lies outside what practice allows for its entry, or is no number.
struct PracticeOutside {
    PracticeKey key{};
    double found = 0.0;
    PracticeEntry entry{};
};
[[nodiscard]] std::optional<PracticeOutside> outsidePractice(const Practice& practice,
                                                             const std::map<PracticeKey, double>& changes);

}  // namespace core
