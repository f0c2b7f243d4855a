#pragma once

#include <Eigen/Core>
#include <optional>
#include <string>
#include <vector>

#include "core/model/plan.h"
#include "core/physics/cabin.h"
#include "core/physics/driver.h"
#include "core/physics/mounting.h"
#include "core/physics/network.h"
#include "core/physics/obstruction.h"
#include "core/physics/panel.h"

// What enters the computation of each piece of a stage, read off its fitout and complete. A piece whose inputs compare
// equal to last time's is taken over as it is.
namespace core {

// One way from a source channel through a voice coil.
struct Run {
    RunId id{};
    int sign = 0;                   // of the coil's voltage, every passive part taken as one ohm; 0: cannot be told
    std::vector<DeviceId> along{};  // devices on any simple way from the channel's plus through the coil to its minus
    std::vector<Port> seriesCapacitors{};  // capacitors that every such way passes
    bool operator==(const Run&) const = default;
};

// Where a coil or a part stands in a channel's network.
struct CircuitTap {
    Port element{};
    ElementKind kind = ElementKind::Coil;
    int plus = 0, minus = 0;       // nodes
    size_t part = 0;               // the capacitor, inductor, resistor or the coil's wire among the network's elements
    std::optional<size_t> loss{};  // the resistor that stands for its losses
    Origin worst = Origin::Measured;  // of the part's value
    bool operator==(const CircuitTap&) const = default;
};

// The coils of one cone in a channel's network: all of them, also those that this channel does not reach by wire.
struct CircuitCone {
    std::vector<size_t> taps{};   // among the circuit's
    std::vector<double> signs{};  // of each: -1 where it is made the other way round
    size_t loss = 0;              // the resistor of its suspension among the network's elements
    bool operator==(const CircuitCone&) const = default;
};

// One channel as a network: a one-volt source behind its output resistance, everything that its terminals reach, coils
// as their equivalent circuits. Node 0 is the channel's minus; another channel in the same circuit is its output
// resistance.
struct Circuit {
    Port channel{};
    Network network{};
    size_t source = 0;  // the source among the elements
    int terminal = 0;   // the channel's plus, behind the output resistance
    std::vector<CircuitTap> taps{};
    std::vector<CircuitCone> cones{};  // with several coils
    bool operator==(const Circuit&) const = default;
};

// A driver as it is mounted.
struct MountedDriver {
    DriverParameters driver{};  // the losses of its box in it
    Mounting mounting{};
    Origin worst = Origin::Measured;  // of what is known of the mounting
    bool operator==(const MountedDriver&) const = default;
};

struct CoilInputs {
    Run run{};
    Figures coil{};  // completed
    MountedDriver mounted{};
    bool backwards = false;
    std::optional<Curve> response{};  // its driver's own, measured
    std::optional<double> seriesCapacitance_f{};
    Origin worst = Origin::Measured;  // of all that
    bool operator==(const CoilInputs&) const = default;
};

struct ChannelInputs {
    Port channel{};
    Figures output{};  // completed
    std::optional<Setting> setting{};
    std::optional<Circuit> circuit{};  // none: a dead short
    std::vector<CoilInputs> coils{};
    bool operator==(const ChannelInputs&) const = default;
};

// The vehicle as sound meets it.
struct Cabin {
    std::vector<FlatPanel> panels{};
    std::vector<SurfaceMaterial> materials{};  // of each
    std::vector<std::string> names{};          // of each, as people call it
    std::optional<CabinGain> gain{};           // none: open
    Origin worst = Origin::Measured;
    bool operator==(const Cabin&) const = default;
};

// Where a driver stands and looks, and what covers it.
struct SoundSource {
    Vec3 at_m{}, axis{1.0, 0.0, 0.0};
    double radius_m = 0.05;
    CoverLoss cover{};
    std::optional<PerforatedPlate> plate{};
    double loss_db = 0.0;  // of what does not depend on frequency: a boot behind seats
    bool operator==(const SoundSource&) const = default;
};

}  // namespace core
