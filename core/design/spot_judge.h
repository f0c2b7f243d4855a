#pragma once

#include <map>
#include <vector>

#include "core/evaluate/ways.h"

namespace core {

// What can be said for and against a spot and its mirror image, means over the seats and the two sides.
struct SpotFaults {
    double offAxis_db = 0.0;     // lost off the axis at 8 kHz, or where the driver's own top falls off
    double unevenness_db = 0.0;  // rms of third octaves about their mean in the driver's band: combs of the mirrors
    double image = 0.0;          // how far the pair pulls the image aside, 0 to 1
    double width_deg = 0.0;      // between the two sides as the heads see them: too little is a fault
    double height_deg = 0.0;     // over or under the eyes; 90 for what stands behind them
    double shadow_db = 0.0;      // lost behind edges at 4 kHz
};

// The points that each fault can take; a shop sets them, and whoever looks for a spot may weigh anew.
struct SpotWeights {
    double offAxis = 0.0, evenness = 0.0, image = 0.0, width = 0.0, height = 0.0, shadow = 0.0;
    [[nodiscard]] double sum() const { return offAxis + evenness + image + width + height + shadow; }
    bool operator==(const SpotWeights&) const = default;
};
[[nodiscard]] SpotWeights usualWeights(const Practice& practice);

struct Spot {
    SurfaceId surface{};  // none: where the driver is now
    Frame frame{};
    SpotFaults faults{};
    double points = 0.0;  // the weights less what the faults take of each
};

// Judges where one driver could stand, its twin in the mirrored spot, for these heads.
class SpotJudge {
public:
    // seats  none: all that listen.      requires that the device plays at this stage
    SpotJudge(const StageResult& stage, const Practice& practice, DeviceId device,
              const std::vector<ListenerId>& seats);

    [[nodiscard]] Spot judge(SurfaceId surface, const Frame& frame, const SpotWeights& weights);
    [[nodiscard]] const Vec3& middle() const { return m_middle; }  // of the heads
    // Where its driver stands at this stage.
    [[nodiscard]] const Frame& standing() const { return m_standing; }
    // The ear that is nearest to a point, and the one that is furthest.      requires that somebody listens
    [[nodiscard]] Vec3 nearestEar(const Vec3& at_m) const;
    [[nodiscard]] Vec3 furthestEar(const Vec3& at_m) const;
    // Whether it lies behind every head.
    [[nodiscard]] bool isBehind(const Vec3& at_m) const;

private:
    struct Seat {
        Vec3 head_m{}, facing{};
        Ears<Vec3> ears{};
    };
    [[nodiscard]] std::vector<Vec3> ears() const;
    [[nodiscard]] SoundSource source(const Frame& frame) const;
    void addWay(SpotFaults& faults, const SoundSource& source, const Vec3& ear, double share);
    [[nodiscard]] double pointsOf(const SpotFaults& faults, const SpotWeights& weights) const;
    const PreparedCabin& prepared(const Vec3& at);
    [[nodiscard]] Eigen::ArrayXd heard(const SoundSource& from, const Seat& seat);

    const Practice& m_practice;
    const Cabin& m_cabin;
    double m_radius_m = 0.0;
    double m_offAxisAt_hz = 0.0;
    SoundField m_field{};
    std::vector<Seat> m_seats{};
    Vec3 m_middle{};
    Frame m_standing{};
    std::map<std::vector<bool>, PreparedCabin> m_prepared{};
};

}  // namespace core
