#pragma once

#include <array>
#include <string>
#include <vector>

#include "core/model/vehicle.h"

namespace core {

// The band in which a driver is heard: where its coil gets within 6 dB of the most, from its resonance to its top.
struct PlayedBand {
    double low_hz = 0.0, high_hz = 0.0;
    [[nodiscard]] bool holds(double f_hz) const { return f_hz >= low_hz && f_hz <= high_hz; }
};

// A mirror that one ear hears: the same that the sum at the ear has.
struct Reflection {
    std::string surface{};
    Vec3 at_m{};          // where it leaves the surface
    double longer_m = 0.0;  // than the straight way
    double first_hz = 0.0;  // its first notch, wherever that lies
    double notch_hz = 0.0, notch_db = 0.0;  // its deepest inside the driver's band that an ear tells from the next, >= 0; 0: none
};

// Something in or near the straight way.
struct Obstacle {
    std::string name{};
    Vec3 at_m{};  // where the straight way meets its plane
    bool blocked = false;
    double loss_db = 0.0, loss_hz = 0.0;  // the most inside the driver's band
};

// One driver as one head hears it.
struct SeatAim {
    ListenerId seat{};
    double distance_m = 0.0;                 // from the head's middle
    std::array<double, 2> ear_m{};           // left, right
    double offAxis_deg = 0.0, offAxis_db = 0.0;  // of the ear that loses less; at 8 kHz or its own top
    double height_deg = 0.0;                 // over eye level
    std::vector<Reflection> reflections{};   // of the ear that hears it worse, the deepest notch first
    std::vector<Obstacle> obstacles{};       // the one that takes most first
};

// A driver where it stands, with what it hangs together with.
struct DriverAim {
    DeviceId device{};
    Frame frame{};
    double radius_m = 0.0;
    double offAxisAt_hz = 0.0;
    PlayedBand band{};
    std::vector<SeatAim> seats{};  // every listener, or the one that was asked for
};

// The two sides of a pair at one head.
struct SidesAim {
    double later_s = 0.0;    // the right one, with the delays of its channel
    double louder_db = 0.0;  // the left one, in its band
    double width_deg = 0.0;  // between them
};

}  // namespace core
