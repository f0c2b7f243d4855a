#pragma once

#include <map>
#include <optional>
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
    int cone = 0;               // coils of one part with the same number move one cone; 0: a cone of its own
    std::string driverClass{};  // of a coil that is of another kind than its part: a coaxial's tweeter. It is a driver
                                // of its own, and what is known of the part is not known of it
    CurveId curve{};            // of a coil: its driver's measured response
    bool operator==(const Element&) const = default;
};

enum class PartKind {
    Driver,
    Radio,
    Amplifier,
    Network,
    Plug,
    Adaptor,  // from speaker level to line level
    Lead,     // from the vehicle's plug to another one
    Cable,
    Fuse,
    Spacer,      // or a ring or a bracket: between a driver and its panel
    Mat,         // sheets that damp a skin
    FoamSheet,   // a decoupler
    BarrierMat,  // heavy and limp
    Enclosure,
    ArticleSet  // sold as one; only a shelf has it
};

// Whether the minus wires of a source's outputs are its ground. Where they are not, none may touch the chassis.
enum class OutputGround { Unknown, Floating, Shared };

// What a source can be set to, apart from its delay, which is a figure.
enum class Control { HighPass, LowPass, Equaliser, ChannelGain, Polarity };

// A pin of a source's plug, as somebody counted and proved it. A pin that nobody noted is unverified.
struct PinNote {
    std::string number{};  // as it stands on the plug
    Basis basis{};         // measured, or stated in papers; a class guess: unverified
    bool operator==(const PinNote&) const = default;
};

// A box with named terminals and a small circuit inside. A filter belongs to its part and leaves with it.
// Copied from the shelf into the plan, so that a changed shelf moves no plan.
struct Part {
    PartKind kind = PartKind::Driver;
    std::string name{};
    std::string shelfKey{};
    std::string
        driverClass{};  // row of Practice::classes that fills what nobody knows; empty: by size or the middle one
    OutputGround ground = OutputGround::Unknown;
    Figures figures{};
    std::map<std::string, std::string> terminals{};  // terminal -> connector
    std::map<std::string, PinNote> pins{};           // by terminal
    std::map<Control, bool> controls{};              // what was looked for; absent: nobody has looked
    std::map<std::string, Element> inside{};         // names hold no '.', ':' or '>'
    std::vector<std::string> contents{};             // of a set: the shelf keys of what is in it
    bool operator==(const Part&) const = default;
};

// Made for this job, neither found in the vehicle nor bought as it is: its shelf key says so.
inline constexpr const char* kMade = "made";
[[nodiscard]] inline bool isMade(const Part& part)
{
    return part.shelfKey == kMade;
}

// A radio or an amplifier: what runs begin at.
[[nodiscard]] inline bool isSource(const Part& part)
{
    return part.kind == PartKind::Radio || part.kind == PartKind::Amplifier;
}

// What is known of one element: its own figures over its part's; of a coil of another kind its own alone.
[[nodiscard]] Figures figuresOf(const Part& part, const std::string& element);
// A coil of another kind than its part: a driver inside a driver, such as a coaxial's tweeter.
[[nodiscard]] bool isWay(const Part& part, const std::string& coil);
// The class of a coil: its own or its part's.
[[nodiscard]] const std::string& driverClassOf(const Part& part, const std::string& element);

// The coils that move the same cone as this one, itself among them, by name.
[[nodiscard]] std::vector<std::string> coilsOfCone(const Part& part, const std::string& coil);

// The terminals reached from a node without passing another of them, a coil or an output, nearest first; the node
// itself first where it is one. without  an element that is not gone through; empty: none
[[nodiscard]] std::vector<std::string> terminalsFrom(const Part& part, const std::string& node,
                                                     const std::string& without = {});

// Whether this is one of its terminals, or a point between two things inside it.
[[nodiscard]] bool hasNode(const Part& part, const std::string& node);

// The two terminals through which an element is reached, whatever lies between; nothing for one that is not.
struct Leads {
    std::string plus{}, minus{};
    bool operator==(const Leads&) const = default;
};
[[nodiscard]] std::optional<Leads> leadsOf(const Part& part, const std::string& element);
// More channels on a source, each with terminals of its own. Two of which one name ends in L and the other in R are
// twins.
void addChannels(Part& source, const std::vector<std::string>& channels);
// By what an element of this kind is bought: farads, henries, ohms; nothing for another kind.
[[nodiscard]] std::optional<Quantity> boughtBy(ElementKind kind);
// The first element of this kind, by name, a coil of the part's own kind before any other; empty if there is none.
[[nodiscard]] std::string firstOf(const Part& part, ElementKind kind);
[[nodiscard]] std::vector<std::string> allOf(const Part& part, ElementKind kind);

}  // namespace core
