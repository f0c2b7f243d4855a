#include "core/design/spots.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "core/evaluate/cabin_of.h"
#include "core/evaluate/ways.h"
#include "core/physics/air.h"
#include "core/physics/directivity.h"
#include "core/physics/level.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

constexpr double kStandOff_m = 0.02;  // of the cone from what it is mounted on
constexpr double kOnSurface_m = 0.03;
constexpr double kOffAxisAt_hz = 8000.0, kShadowAt_hz = 4000.0;
constexpr double kDegrees = 180.0 / std::numbers::pi;
constexpr double kMostOffAxis_db = 40.0;

// Ten points an octave over the driver's band, so that a third octave holds three.
Eigen::ArrayXd bandOf(const DriverParameters& driver)
{
    constexpr double kPointsAnOctave = 10.0, kLeast_hz = 300.0, kTop_hz = 16000.0;
    const double top_hz = std::clamp(driver.topCorner_hz, 4.0 * kLeast_hz, kTop_hz);
    const double low_hz = std::clamp(2.0 * driver.fs_hz, kLeast_hz, 0.25 * top_hz);
    const auto points = static_cast<Eigen::Index>(kPointsAnOctave * std::log2(top_hz / low_hz)) + 1;
    return low_hz * Eigen::pow(2.0, Eigen::ArrayXd::LinSpaced(points, 0.0, double(points - 1)) / kPointsAnOctave);
}

double unevenness_db(const Eigen::ArrayXd& square)
{
    constexpr double kNothing = 1e-30;
    const Eigen::Index thirds = square.size() - 2;
    const Eigen::ArrayXd level_db =
        10.0 * ((square.head(thirds) + square.segment(1, thirds) + square.tail(thirds)) / 3.0 + kNothing).log10();
    return std::sqrt((level_db - level_db.mean()).square().mean());
}

class SpotJudge {
public:
    SpotJudge(const StageResult& stage, const Practice& practice, const SpotTask& task)
        : m_practice(practice), m_cabin(stage.cabin)
    {
        const RunResult& run = *findRunOfDevice(stage, task.device);
        m_radius_m = std::sqrt(run.driver.sd_m2 / std::numbers::pi);
        m_offAxisAt_hz = std::min(kOffAxisAt_hz, run.driver.topCorner_hz);
        m_field = soundField(bandOf(run.driver), stage.cabin.gain);
        for (const auto& [id, listener] : stage.used.listeners)
            if (task.seats.empty() || std::find(task.seats.begin(), task.seats.end(), id) != task.seats.end()) {
                m_seats.push_back({listener.head_m, earsOf(listener)});
                m_middle = m_middle + listener.head_m;
            }
        m_middle = (1.0 / static_cast<double>(std::max<size_t>(1, m_seats.size()))) * m_middle;
    }

    [[nodiscard]] const Vec3& middle() const { return m_middle; }

    Spot judge(SurfaceId surface, const Frame& frame, const SpotWeights& weights)
    {
        Spot spot{.surface = surface, .frame = frame};
        const SoundSource own = source(frame), twin = source(mirrored(frame));
        const double share = 1.0 / static_cast<double>(m_seats.size());
        for (const Seat& seat : m_seats) {
            const Eigen::ArrayXd here = heard(own, seat), there = heard(twin, seat);
            const double later_s =
                (distance(twin.at_m, seat.head_m) - distance(own.at_m, seat.head_m)) / kSoundSpeed_m_s;
            const double louder_db = powerDecibels(here.mean() / there.mean());
            spot.faults.unevenness_db += share * unevenness_db(here);
            spot.faults.image += share * std::abs(imageShift(later_s, louder_db, imagePractice(m_practice)));
            spot.faults.width_deg +=
                share * kDegrees * angleBetween_rad(own.at_m - seat.head_m, twin.at_m - seat.head_m);
            for (const Vec3& ear : seat.ears) addWay(spot.faults, own, ear, 0.5 * share);
        }
        spot.points = pointsOf(spot.faults, weights);
        return spot;
    }

private:
    struct Seat {
        Vec3 head_m{};
        Ears<Vec3> ears{};
    };

    [[nodiscard]] SoundSource source(const Frame& frame) const
    {
        return {.at_m = frame.at_m, .axis = frame.facing, .radius_m = m_radius_m};
    }

    // What one ear loses of the direct sound.
    void addWay(SpotFaults& faults, const SoundSource& source, const Vec3& ear, double share)
    {
        const std::vector<FlatPanel>& panels = prepared(source.at_m).panels;
        const WayReport way = reportWay(source, ear, panels);
        const double d = std::abs(pistonDirectivity(pistonArgument(m_radius_m, way.angle_rad, m_offAxisAt_hz)));
        faults.offAxis_db += share * std::min(kMostOffAxis_db, -decibels(std::max(1e-6, d)));
        double shadow_db = 0.0;  // the larger of several, not their sum
        for (const auto& [panel, edge] : way.screens) {
            const ScreenEdge screen{edge.longer_m, edge.blocked, smallerSide_m(panels[panel])};
            shadow_db = std::max(shadow_db, screenLoss_db(screen, Eigen::ArrayXd::Constant(1, kShadowAt_hz))(0));
        }
        faults.shadow_db += share * shadow_db;
    }

    [[nodiscard]] double pointsOf(const SpotFaults& faults, const SpotWeights& weights) const
    {
        const double enough_deg = m_practice[PracticeKey::SpotWidthEnough_deg];
        const auto left = [](double weight, double fault, double full) {
            return weight * (1.0 - std::min(1.0, fault / full));
        };
        return left(weights.offAxis, faults.offAxis_db, m_practice[PracticeKey::SpotOffAxisFull_db]) +
               left(weights.evenness, faults.unevenness_db, m_practice[PracticeKey::SpotEvennessFull_db]) +
               left(weights.image, faults.image, 1.0) +
               left(weights.width, std::max(0.0, enough_deg - faults.width_deg), enough_deg) +
               left(weights.shadow, faults.shadow_db, m_practice[PracticeKey::SpotShadowFull_db]);
    }

    // The cabin without the surfaces that a spot is on: a mounted driver's half space is in the driver itself.
    const PreparedCabin& prepared(const Vec3& at)
    {
        std::vector<bool> left;
        for (const FlatPanel& panel : m_cabin.panels) left.push_back(!isOn(panel, at));
        const auto [found, isNew] = m_prepared.try_emplace(left);
        if (!isNew) return found->second;
        Cabin rest = m_cabin;
        rest.panels.clear();
        rest.materials.clear();
        for (size_t i = 0; i < left.size(); ++i) {
            if (!left[i]) continue;
            rest.panels.push_back(m_cabin.panels[i]);
            rest.materials.push_back(m_cabin.materials[i]);
        }
        found->second = prepareCabin(rest, m_field, m_practice);
        return found->second;
    }

    static bool isOn(const FlatPanel& panel, const Vec3& at)
    {
        const Vec3 normal = unitNormal(panel);
        const double away = dot(at - panel.corner_m, normal);
        return std::abs(away) < kOnSurface_m &&
               crossing(panel, at + kOnSurface_m * normal, at - kOnSurface_m * normal).has_value();
    }

    // Mean square over the two ears.
    Eigen::ArrayXd heard(const SoundSource& from, const Seat& seat)
    {
        const PreparedCabin& cabin = prepared(from.at_m);
        return 0.5 * (wayTo(from, seat.ears[0], cabin).abs2() + wayTo(from, seat.ears[1], cabin).abs2());
    }

    const Practice& m_practice;
    const Cabin& m_cabin;
    double m_radius_m = 0.0;
    double m_offAxisAt_hz = kOffAxisAt_hz;
    SoundField m_field{};
    std::vector<Seat> m_seats{};
    Vec3 m_middle{};
    std::map<std::vector<bool>, PreparedCabin> m_prepared{};
};

using SpotAt = std::pair<SurfaceId, Vec3>;

// An even grid of cells of about this edge over everything mountable, their middles a little towards the heads.
std::vector<SpotAt> gridOver(const std::map<SurfaceId, Surface>& surfaces, double step_m, const Vec3& middle)
{
    std::vector<SpotAt> spots;
    for (const auto& [id, surface] : surfaces) {
        if (!surface.mountable) continue;
        const auto cells = [&](const Vec3& edge) { return std::max(1, int(std::lround(length(edge) / step_m))); };
        const int columns = cells(surface.along_m), rows = cells(surface.across_m);
        Vec3 normal = cross(surface.along_m, surface.across_m);
        normal = (1.0 / length(normal)) * normal;
        if (dot(middle - surface.corner_m, normal) < 0.0) normal = -1.0 * normal;
        for (int row = 0; row < rows; ++row)
            for (int column = 0; column < columns; ++column)
                spots.emplace_back(id, surface.corner_m + ((column + 0.5) / columns) * surface.along_m +
                                           ((row + 0.5) / rows) * surface.across_m + kStandOff_m * normal);
    }
    return spots;
}

// About so many of them on the driver's own side; its twin has the other one.
std::vector<SpotAt> spotsOnSide(const std::map<SurfaceId, Surface>& surfaces, int count, bool left, const Vec3& middle)
{
    double area_m2 = 0.0;
    for (const auto& [id, surface] : surfaces)
        if (surface.mountable) area_m2 += length(cross(surface.along_m, surface.across_m));
    if (!(area_m2 > 0.0)) return {};
    const auto onSide = [&](double step_m) {
        std::vector<SpotAt> spots = gridOver(surfaces, step_m, middle);
        std::erase_if(spots, [&](const SpotAt& spot) { return left ? spot.second.y < 0.0 : spot.second.y > 0.0; });
        return spots;
    };
    const double step_m = std::sqrt(area_m2 / std::max(1, count));
    const size_t first = onSide(step_m).size();
    return first == 0 ? onSide(step_m) : onSide(step_m * std::sqrt(double(first) / std::max(1, count)));
}

Frame aimed(const Vec3& at, const Vec3& target)
{
    const Vec3 way = target - at;
    const double size = length(way);
    return {at, size > 0.0 ? (1.0 / size) * way : Vec3{1.0, 0.0, 0.0}};
}

}  // namespace

std::vector<Spot> SpotMap::best(size_t most, double apart_m) const
{
    std::vector<Spot> ranked = spots, chosen;
    std::stable_sort(ranked.begin(), ranked.end(), [](const Spot& a, const Spot& b) { return a.points > b.points; });
    for (const Spot& spot : ranked) {
        if (chosen.size() == most) break;
        const bool far = std::all_of(chosen.begin(), chosen.end(), [&](const Spot& other) {
            return distance(spot.frame.at_m, other.frame.at_m) >= apart_m &&
                   distance(spot.frame.at_m, mirrored(other.frame).at_m) >= apart_m;
        });
        if (far) chosen.push_back(spot);
    }
    return chosen;
}

std::optional<SpotMap> mapSpots(const StageResult& stage, const Practice& practice, const SpotTask& task,
                                const std::stop_token& stop, const std::function<void(double)>& progress)
{
    SpotMap map{.weights = {practice[PracticeKey::SpotOffAxis_points], practice[PracticeKey::SpotEvenness_points],
                            practice[PracticeKey::SpotImage_points], practice[PracticeKey::SpotWidth_points],
                            practice[PracticeKey::SpotShadow_points]}};
    SpotJudge judge(stage, practice, task);
    const SoundSource* standing = nullptr;
    for (const RunWays& ways : stage.ways) {
        const auto index = static_cast<size_t>(&ways - stage.ways.data());
        if (!standing && stage.runs[index].run.id.coil.device == task.device) standing = &ways.source;
    }
    map.now = judge.judge({}, {standing->at_m, standing->axis}, map.weights);
    const auto surfaces = !task.surfaces.empty()           ? task.surfaces
                          : !stage.used.surfaces.empty() ? stage.used.surfaces
                                                         : usualSurfaces(stage.used.body, practice);
    const auto grid = spotsOnSide(surfaces, task.count, standing->at_m.y >= 0.0, judge.middle());
    for (size_t i = 0; i < grid.size(); ++i) {
        if (stop.stop_requested()) return std::nullopt;
        if (progress && i % 50 == 0) progress(static_cast<double>(i) / static_cast<double>(grid.size()));
        map.spots.push_back(judge.judge(grid[i].first, aimed(grid[i].second, judge.middle()), map.weights));
    }
    return map;
}

}  // namespace core
