#include "core/evaluate/aim_report.h"

#include <algorithm>
#include <cmath>

#include "core/base/angle.h"
#include "core/base/grid.h"
#include "core/evaluate/cabin_of.h"
#include "core/evaluate/hearing.h"
#include "core/evaluate/ways.h"
#include "core/physics/air.h"
#include "core/physics/directivity.h"
#include "core/physics/level.h"
#include "core/physics/reflection.h"

namespace core {
namespace {

constexpr double kMostRead_db = -kLowestReadOut_db;
// Of its middle, a third octave is so wide: notches that lie closer are one to the ear.
// source  E. Zwicker, H. Fastl, "Psychoacoustics": critical bands, about a third octave above 500 Hz
constexpr double kThirdOctave_ratio = 0.2316;

double directivity(double radius_m, double angle_rad, double frequency_hz)
{
    return std::abs(pistonDirectivity(pistonArgument(radius_m, angle_rad, frequency_hz)));
}

// Where the straight line between two points meets a panel's plane.
Vec3 onPlane(const FlatPanel& panel, const Vec3& from, const Vec3& to)
{
    const Vec3 normal = unitNormal(panel);
    const double a = dot(panel.corner_m - from, normal), b = dot(to - from, normal);
    return std::abs(b) > 0.0 ? from + (a / b) * (to - from) : from;
}

struct EarAim {
    double distance_m = 0.0, offAxis_deg = 0.0, offAxis_db = 0.0;
    std::vector<Reflection> reflections{};
    std::vector<Obstacle> obstacles{};
    [[nodiscard]] double notch_db() const { return reflections.empty() ? 0.0 : reflections.front().notch_db; }
    [[nodiscard]] double loss_db() const { return obstacles.empty() ? 0.0 : obstacles.front().loss_db; }
};

class EarReader {
public:
    EarReader(const StageResult& stage, const SoundSource& source, const PlayedBand& band, double offAxisAt_hz,
              const Practice& practice)
        : m_cabin(stage.cabin), m_source(source), m_band(band), m_offAxisAt_hz(offAxisAt_hz), m_practice(practice)
    {
    }

    [[nodiscard]] EarAim read(const Vec3& ear) const
    {
        const WayReport way = reportWay(m_source, ear, m_cabin.panels);
        EarAim aim{.distance_m = way.distance_m,
                   .offAxis_deg = way.angle_rad / kDegree_rad,
                   .offAxis_db = pistonLoss_db(m_source.radius_m, way.angle_rad, m_offAxisAt_hz)};
        for (const auto& [panel, mirror] : way.mirrors) aim.reflections.push_back(reflection(way, panel, mirror, ear));
        for (const auto& [panel, edge] : way.screens) aim.obstacles.push_back(obstacle(panel, edge, ear));
        std::stable_sort(aim.reflections.begin(), aim.reflections.end(),
                         [](const Reflection& a, const Reflection& b) { return a.notch_db > b.notch_db; });
        std::stable_sort(aim.obstacles.begin(), aim.obstacles.end(),
                         [](const Obstacle& a, const Obstacle& b) { return a.loss_db > b.loss_db; });
        std::erase_if(aim.obstacles, [](const Obstacle& one) { return !(one.loss_db > 0.0); });
        return aim;
    }

private:
    [[nodiscard]] Reflection reflection(const WayReport& way, size_t panel, const MirrorWay& mirror,
                                        const Vec3& ear) const
    {
        const FlatPanel& flat = m_cabin.panels[panel];
        const Vec3 image = imageOf(m_source.at_m, flat.corner_m, unitNormal(flat));
        Reflection found{.surface = m_cabin.names[panel],
                         .at_m = onPlane(flat, image, ear),
                         .longer_m = mirror.distance_m - way.distance_m};
        if (!(found.longer_m > 0.0)) return found;
        found.first_hz = kSoundSpeed_m_s / (2.0 * found.longer_m);
        const double apart_hz = 2.0 * found.first_hz, resolved_hz = apart_hz / kThirdOctave_ratio;
        for (double f = found.first_hz; f <= std::min(m_band.high_hz, resolved_hz); f += apart_hz) {
            if (f < m_band.low_hz) continue;
            const Eigen::ArrayXd at = Eigen::ArrayXd::Constant(1, f);
            const double share = mirrorShare(absorptionAt(m_practice[absorptionOf(m_cabin.materials[panel])], at),
                                             smallerSide_m(flat), at)(0);
            const double direct = directivity(m_source.radius_m, way.angle_rad, f) *
                                  ratioOf(-shadow_db(way, m_cabin.panels, at)(0)) / way.distance_m;
            const double back = share * directivity(m_source.radius_m, mirror.angle_rad, f) / mirror.distance_m;
            const double left = std::abs(direct - back) / std::max(direct, 1e-9);
            const double depth_db = std::clamp(-decibels(std::max(left, 1e-6)), 0.0, kMostRead_db);
            if (depth_db > found.notch_db) {
                found.notch_db = depth_db;
                found.notch_hz = f;
            }
        }
        return found;
    }

    [[nodiscard]] Obstacle obstacle(size_t panel, const Detour& edge, const Vec3& ear) const
    {
        const FlatPanel& flat = m_cabin.panels[panel];
        const double top_hz = std::min(m_band.high_hz, m_offAxisAt_hz);
        return {m_cabin.names[panel], onPlane(flat, m_source.at_m, ear), edge.blocked,
                screenLoss_db({edge.longer_m, edge.blocked, smallerSide_m(flat)},
                              Eigen::ArrayXd::Constant(1, top_hz))(0),
                top_hz};
    }

    const Cabin& m_cabin;
    const SoundSource& m_source;
    PlayedBand m_band;
    double m_offAxisAt_hz;
    const Practice& m_practice;
};

const RunWays& waysOf(const StageResult& stage, const RunResult& run)
{
    return stage.ways[static_cast<size_t>(&run - stage.runs.data())];
}

}  // namespace

PlayedBand playedBand(const RunResult& run, const Eigen::ArrayXd& frequency_hz)
{
    constexpr double kWithin_db = 6.0;
    const Eigen::ArrayXd got = run.transfer.abs();
    const double least = got.maxCoeff() * ratioOf(-kWithin_db);
    PlayedBand band{run.driver.topCorner_hz, run.driver.fs_hz};
    for (Eigen::Index i = 0; i < frequency_hz.size(); ++i) {
        const double f = frequency_hz(i);
        if (got(i) < least || f < run.driver.fs_hz || f > run.driver.topCorner_hz) continue;
        band.low_hz = std::min(band.low_hz, f);
        band.high_hz = std::max(band.high_hz, f);
    }
    return band;
}

std::optional<DriverAim> aimReport(const StageResult& stage, DeviceId device, const Practice& practice,
                                   std::optional<ListenerId> only)
{
    const RunResult* run = findRunOfDevice(stage, device);
    if (!run) return std::nullopt;
    const SoundSource& source = waysOf(stage, *run).source;
    DriverAim report{.device = device,
                     .frame = {source.at_m, source.axis},
                     .radius_m = source.radius_m,
                     .offAxisAt_hz = offAxisAt_hz(run->driver),
                     .band = playedBand(*run, frequencyGrid_hz())};
    const EarReader reader(stage, source, report.band, report.offAxisAt_hz, practice);
    for (const auto& [id, listener] : stage.used.listeners) {
        if (only && *only != id) continue;
        const Ears<Vec3> ears = earsOf(listener);
        std::array<EarAim, 2> heard{reader.read(ears[0]), reader.read(ears[1])};
        const size_t better = heard[0].offAxis_db <= heard[1].offAxis_db ? 0 : 1;
        SeatAim seat{.seat = id,
                     .distance_m = distance(source.at_m, listener.head_m),
                     .ear_m = {heard[0].distance_m, heard[1].distance_m},
                     .offAxis_deg = heard[better].offAxis_deg,
                     .offAxis_db = heard[better].offAxis_db,
                     .height_deg = elevation_rad(source.at_m - listener.head_m) / kDegree_rad};
        seat.reflections = heard[heard[0].notch_db() >= heard[1].notch_db() ? 0 : 1].reflections;
        seat.obstacles = heard[heard[0].loss_db() >= heard[1].loss_db() ? 0 : 1].obstacles;
        report.seats.push_back(std::move(seat));
    }
    return report;
}

SidesAim sidesAt(const StageResult& stage, DeviceId left, DeviceId right, ListenerId seat)
{
    const RunResult &one = *findRunOfDevice(stage, left), &other = *findRunOfDevice(stage, right);
    const Vec3& head = stage.used.listeners.at(seat).head_m;
    const auto arrival_s = [&](const RunResult& run) {
        return distance(waysOf(stage, run).source.at_m, head) / kSoundSpeed_m_s +
               delayOf(stage, run.run.id.channel);
    };
    const PlayedBand band = playedBand(one, frequencyGrid_hz());
    const auto power = [&](const RunResult& run) {
        const Ears<Eigen::ArrayXcd> heard = runAt(stage, static_cast<size_t>(&run - stage.runs.data()), seat);
        const Eigen::ArrayXd f = frequencyGrid_hz();
        double sum = 0.0;
        for (Eigen::Index i = 0; i < f.size(); ++i)
            if (band.holds(f(i))) sum += std::norm(heard[0](i)) + std::norm(heard[1](i));
        return std::max(sum, 1e-30);
    };
    return {arrival_s(other) - arrival_s(one), powerDecibels(power(one) / power(other)),
            angleBetween_rad(waysOf(stage, one).source.at_m - head, waysOf(stage, other).source.at_m - head) / kDegree_rad};
}

}  // namespace core
