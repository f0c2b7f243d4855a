#pragma once

#include <map>
#include <string>
#include <vector>

#include "core/model/quantity.h"

namespace core {

enum class ElementKind { Output, Input, Coil, Capacitor, Inductor, Resistor, Link };

// One thing inside a part, between two of its terminals or inner nodes.
struct Element {
    ElementKind kind = ElementKind::Link;
    std::string a{}, b{};       // a is the plus end
    Figures figures{};          // what differs from the part's own
    std::string twin{};         // the element that does this on the vehicle's other side
    std::string driverClass{};  // of a coil that is of another kind than its part: a coaxial's tweeter
    CurveId curve{};            // of a coil: its driver's measured response
    bool operator==(const Element&) const = default;
};

enum class PartKind { Driver, Radio, Amplifier, Network, Plug, Adaptor, Cable, Enclosure };

// A box with named terminals and a small circuit inside. A filter belongs to its part and leaves with it.
// Copied from the shelf into the plan, so that a changed shelf moves no plan.
struct Part {
    PartKind kind = PartKind::Driver;
    std::string name{};
    std::string shelfKey{};
    std::string
        driverClass{};  // row of Practice::classes that fills what nobody knows; empty: by size or the middle one
    Figures figures{};
    std::map<std::string, std::string> terminals{};  // terminal -> connector
    std::map<std::string, Element> inside{};         // names hold no '.', ':' or '>'
    bool operator==(const Part&) const = default;
};

// What is known of one element: its own figures over its part's.
[[nodiscard]] Figures figuresOf(const Part& part, const std::string& element);
// The class of a coil: its own or its part's.
[[nodiscard]] const std::string& driverClassOf(const Part& part, const std::string& element);

}  // namespace core
