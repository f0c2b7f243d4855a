#include "core/design/spot_judge.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/base/angle.h"
#include "core/evaluate/cabin_of.h"
#include "core/physics/air.h"
#include "core/physics/directivity.h"
#include "core/physics/interaural.h"
#include "core/physics/level.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

constexpr double kOnSurface_m = 0.03;
constexpr double kShadowAt_hz = 4000.0, kBehind_deg = 90.0;

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

bool isOn(const FlatPanel& panel, const Vec3& at)
{
    const Vec3 normal = unitNormal(panel);
    const double away = dot(at - panel.corner_m, normal);
    return std::abs(away) < kOnSurface_m &&
           crossing(panel, at + kOnSurface_m * normal, at - kOnSurface_m * normal).has_value();
}

auto nearerTo(const Vec3& at_m)
{
    return [at_m](const Vec3& a, const Vec3& b) { return distance(a, at_m) < distance(b, at_m); };
}

}  // namespace

SpotWeights usualWeights(const Practice& practice)
{
    return {practice[PracticeKey::SpotOffAxis_points], practice[PracticeKey::SpotEvenness_points],
            practice[PracticeKey::SpotImage_points],   practice[PracticeKey::SpotWidth_points],
            practice[PracticeKey::SpotHeight_points],  practice[PracticeKey::SpotShadow_points]};
}

SpotJudge::SpotJudge(const StageResult& stage, const Practice& practice, DeviceId device,
                     const std::vector<ListenerId>& seats)
    : m_practice(practice), m_cabin(stage.cabin)
{
    const RunResult& run = *findRunOfDevice(stage, device);
    m_radius_m = std::sqrt(run.driver.sd_m2 / std::numbers::pi);
    m_offAxisAt_hz = offAxisAt_hz(run.driver);
    m_field = soundField(bandOf(run.driver), stage.cabin.gain);
    const SoundSource& standing = stage.ways[static_cast<size_t>(&run - stage.runs.data())].source;
    m_standing = {standing.at_m, standing.axis};
    for (const auto& [id, listener] : stage.used.listeners)
        if (seats.empty() || std::find(seats.begin(), seats.end(), id) != seats.end()) {
            m_seats.push_back({listener.head_m, listener.facing, earsOf(listener)});
            m_middle = m_middle + listener.head_m;
        }
    m_middle = (1.0 / static_cast<double>(std::max<size_t>(1, m_seats.size()))) * m_middle;
}

Spot SpotJudge::judge(SurfaceId surface, const Frame& frame, const SpotWeights& weights)
{
    Spot spot{.surface = surface, .frame = frame};
    SpotFaults& faults = spot.faults;
    const SoundSource own = source(frame), twin = source(mirrored(frame));
    const double share = 1.0 / static_cast<double>(m_seats.size());
    for (const Seat& seat : m_seats) {
        const Eigen::ArrayXd here = heard(own, seat), there = heard(twin, seat);
        const double later_s = (distance(twin.at_m, seat.head_m) - distance(own.at_m, seat.head_m)) / kSoundSpeed_m_s;
        const double louder_db = powerDecibels(here.mean() / there.mean());
        faults.unevenness_db += 0.5 * share * (unevenness_db(here) + unevenness_db(there));
        faults.image += share * std::abs(imageShift(later_s, louder_db, imagePractice(m_practice)));
        const Vec3 way = own.at_m - seat.head_m;
        if (dot(way, seat.facing) < 0.0) {
            faults.height_deg += share * kBehind_deg;  // and its width is none of a stage
        } else {
            faults.height_deg += share * std::abs(elevation_rad(way)) / kDegree_rad;
            faults.width_deg += share * angleBetween_rad(way, twin.at_m - seat.head_m) / kDegree_rad;
        }
        for (const SoundSource& side : {own, twin})
            for (const Vec3& ear : seat.ears) addWay(faults, side, ear, 0.25 * share);
    }
    spot.points = pointsOf(faults, weights);
    return spot;
}

Vec3 SpotJudge::nearestEar(const Vec3& at_m) const
{
    const std::vector<Vec3> ears = this->ears();
    return *std::min_element(ears.begin(), ears.end(), nearerTo(at_m));
}

Vec3 SpotJudge::furthestEar(const Vec3& at_m) const
{
    const std::vector<Vec3> ears = this->ears();
    return *std::max_element(ears.begin(), ears.end(), nearerTo(at_m));
}

std::vector<Vec3> SpotJudge::ears() const
{
    std::vector<Vec3> all;
    for (const Seat& seat : m_seats) all.insert(all.end(), seat.ears.begin(), seat.ears.end());
    return all;
}

bool SpotJudge::isBehind(const Vec3& at_m) const
{
    return std::all_of(m_seats.begin(), m_seats.end(),
                       [&](const Seat& seat) { return dot(at_m - seat.head_m, seat.facing) < 0.0; });
}

SoundSource SpotJudge::source(const Frame& frame) const
{
    return {.at_m = frame.at_m, .axis = frame.facing, .radius_m = m_radius_m};
}

// What one ear loses of the direct sound.
void SpotJudge::addWay(SpotFaults& faults, const SoundSource& source, const Vec3& ear, double share)
{
    const std::vector<FlatPanel>& panels = prepared(source.at_m).panels;
    const WayReport way = reportWay(source, ear, panels);
    faults.offAxis_db += share * pistonLoss_db(m_radius_m, way.angle_rad, m_offAxisAt_hz);
    faults.shadow_db += share * shadow_db(way, panels, Eigen::ArrayXd::Constant(1, kShadowAt_hz))(0);
}

double SpotJudge::pointsOf(const SpotFaults& faults, const SpotWeights& weights) const
{
    const double enough_deg = m_practice[PracticeKey::SpotWidthEnough_deg];
    const auto left = [](double weight, double fault, double full) {
        return weight * (1.0 - std::min(1.0, fault / full));
    };
    return left(weights.offAxis, faults.offAxis_db, m_practice[PracticeKey::SpotOffAxisFull_db]) +
           left(weights.evenness, faults.unevenness_db, m_practice[PracticeKey::SpotEvennessFull_db]) +
           left(weights.image, faults.image, 1.0) +
           left(weights.width, std::max(0.0, enough_deg - faults.width_deg), enough_deg) +
           left(weights.height, faults.height_deg, m_practice[PracticeKey::SpotHeightFull_deg]) +
           left(weights.shadow, faults.shadow_db, m_practice[PracticeKey::SpotShadowFull_db]);
}

// The cabin without the surfaces that a spot is on: a mounted driver's half space is in the driver itself.
const PreparedCabin& SpotJudge::prepared(const Vec3& at)
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

// Mean square over the two ears.
Eigen::ArrayXd SpotJudge::heard(const SoundSource& from, const Seat& seat)
{
    const PreparedCabin& cabin = prepared(from.at_m);
    return 0.5 * (wayTo(from, seat.ears[0], cabin).abs2() + wayTo(from, seat.ears[1], cabin).abs2());
}

}  // namespace core
