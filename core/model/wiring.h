#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/model/part.h"
#include "core/model/vehicle.h"
#include "core/physics/equaliser.h"
#include "core/physics/filter.h"

namespace core {

// A terminal of a device: "d3.1+". A pin may carry several wires.
struct Pin {
    DeviceId device{};
    std::string terminal{};
    auto operator<=>(const Pin&) const = default;
};

// An element of a device, a channel or a coil: "d1.RL".
struct Port {
    DeviceId device{};
    std::string element{};
    auto operator<=>(const Port&) const = default;
};

// A role that a part plays. Another driver in the same door is the same device with another part.
struct Device {
    PartId part{};
    PlaceId at{};
    std::string label{};
    Basis basis{};                       // is it really this part?
    PlaceKind site = PlaceKind::Hidden;  // of a network: where it sits; Hidden: nobody said
    bool operator==(const Device&) const = default;
};

// What holds a driver.
enum class Fixing { Screws, Adhesive, Clip, Ring, Bracket };

// How a driver sits in what it is put on: let in flush, let in with a cup that turns it, in a pod upon it, or in the
// vehicle's own plate that is reworked.
enum class MountStyle { Flush, Cup, Pod, Plate };

struct Mount {
    std::optional<Frame> frame{};  // if not as the place
    DeviceId behind{};             // the enclosure whose air it shares; else the place's own
    bool backwards = false;
    PartId spacer{};                   // or ring, between its flange and the panel
    std::optional<double> turn_deg{};  // seen from the front, counter-clockwise; if not as screws and wishes have it
    Fixing fixing = Fixing::Screws;
    MountStyle style = MountStyle::Flush;
    bool apart = false;  // aimed by itself: its twin on the other side does not follow
    Figures figures{};   // of its screws
    bool operator==(const Mount&) const = default;
};

struct Filter {
    double frequency_hz = 0.0;
    int order = 2;
    FilterFamily family = FilterFamily::Butterworth;
    [[nodiscard]] FilterShape shape() const { return {family, order}; }
    bool operator==(const Filter&) const = default;
};

inline constexpr size_t kMostBands = 31;     // an equaliser of third-octaves has so many
inline constexpr int kSlopePerOrder_db = 6;  // an octave

// The knobs of one port.
struct Setting {
    std::optional<Filter> highPass{}, lowPass{};
    std::vector<EqualiserBand> bands{};
    double gain_db = 0.0;
    double delay_s = 0.0;
    bool reversed = false;
    bool operator==(const Setting&) const = default;
};

struct Wire {
    Pin a{}, b{};
    std::string colour{};
    Figures figures{};  // length_m and area_m2 make it a resistance; without them it is a contact or a link
    Basis basis{};
    bool operator==(const Wire&) const = default;
};

// Whether it goes from one end of an element to the other: a link round it.
[[nodiscard]] inline bool liesAcross(const Wire& wire, DeviceId device, const Element& element)
{
    const Pin a{device, element.a}, b{device, element.b};
    return (wire.a == a && wire.b == b) || (wire.a == b && wire.b == a);
}

// What is laid on the metal, in the order it goes on, serves three purposes: a mat damps the outer skin so that it does
// not ring, a decoupler keeps trim from touching metal, a barrier is heavy and limp.
enum class AlterationKind {
    Hole,
    Seal,
    Mat,
    Foam,  // round the edge of a driver
    OpenCover,
    ScrewHoles,
    WireHole,
    CutObstruction,
    Decoupler,
    Barrier
};

struct Alteration {
    PlaceId place{};
    AlterationKind what = AlterationKind::Seal;
    PartId material{};  // of what is laid on the metal
    Figures figures{};  // of it: covered_m2 and layers
    bool operator==(const Alteration&) const = default;
};

enum class StageKind { Factory, Found, Planned, Built };

struct Stage {
    StageKind kind = StageKind::Planned;
    StageId on{};
    std::string name{};
    bool operator==(const Stage&) const = default;
};

inline constexpr StageId kFactory{1}, kFound{2};  // every plan has both

// Key of a layered entry: an entry at a stage shines through every later stage that does not decide it anew.
template <class Key>
struct In {
    StageId stage{};
    Key key{};
    auto operator<=>(const In&) const = default;
};

// table[{stage, key}] = item: so from here on; = std::nullopt: taken out here; no entry: as in the stage below.
template <class Key, class Item>
using Layered = std::map<In<Key>, std::optional<Item>>;

}  // namespace core
