#include "core/physics/screw_pattern.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>

namespace core {
namespace {

constexpr double kTurn = 2.0 * std::numbers::pi;
constexpr double kSameAngle_rad = 1e-9;
constexpr double kSameLength_m = 1e-9;

struct Polar {
    double radius_m = 0.0, angle_rad = 0.0;
};

std::vector<Polar> polar(const ScrewPattern& pattern)
{
    std::vector<Polar> holes;
    for (const ScrewHole& hole : pattern.holes)
        holes.push_back({std::hypot(hole.u_m, hole.v_m), std::atan2(hole.v_m, hole.u_m)});
    return holes;
}

// Into (-pi, pi].
double wrapped(double angle_rad)
{
    const double angle = std::remainder(angle_rad, kTurn);
    return angle <= -std::numbers::pi + kSameAngle_rad ? angle + kTurn : angle;
}

// From a point to a hole that is a slot round the centre: what is left once the slot has taken its share.
double error_m(const Polar& hole, const Polar& target, double turn_rad, double slot_m)
{
    const double apart_rad = std::remainder(target.angle_rad - hole.angle_rad - turn_rad, kTurn);
    const double along_m = target.radius_m * std::sin(apart_rad);
    const double out_m = target.radius_m * std::cos(apart_rad) - hole.radius_m;
    return std::hypot(out_m, std::max(0.0, std::abs(along_m) - slot_m));
}

struct Pair {
    double error_m = 0.0;
    size_t hole = 0, target = 0;
};

// Pairs taken nearest first, each hole once; a pair that finds its hole taken moves the others along where it can.
class Matching {
public:
    Matching(size_t holes, size_t targets) : m_partners(holes), m_targetOf(targets, kNone) {}

    bool add(const Pair& pair)
    {
        m_partners[pair.hole].push_back(pair.target);
        for (size_t hole = 0; hole < m_partners.size(); ++hole) {
            if (std::find(m_targetOf.begin(), m_targetOf.end(), hole) != m_targetOf.end()) continue;
            std::vector<bool> seen(m_targetOf.size(), false);
            if (place(hole, seen)) return true;
        }
        return false;
    }

private:
    static constexpr size_t kNone = static_cast<size_t>(-1);

    bool place(size_t hole, std::vector<bool>& seen)
    {
        for (const size_t target : m_partners[hole]) {
            if (seen[target]) continue;
            seen[target] = true;
            if (m_targetOf[target] == kNone || place(m_targetOf[target], seen)) {
                m_targetOf[target] = hole;
                return true;
            }
        }
        return false;
    }

    std::vector<std::vector<size_t>> m_partners;
    std::vector<size_t> m_targetOf;
};

PatternMatch matchAt(const std::vector<Polar>& driver, double slot_m, const std::vector<Polar>& vehicle,
                     double turn_rad, double tolerance_m)
{
    std::vector<Pair> pairs;
    for (size_t hole = 0; hole < driver.size(); ++hole)
        for (size_t target = 0; target < vehicle.size(); ++target) {
            const double error = error_m(driver[hole], vehicle[target], turn_rad, slot_m);
            if (error <= tolerance_m + kSameLength_m) pairs.push_back({error, hole, target});
        }
    std::sort(pairs.begin(), pairs.end(), [](const Pair& a, const Pair& b) { return a.error_m < b.error_m; });
    PatternMatch match{.turn_rad = turn_rad};
    Matching matching(driver.size(), vehicle.size());
    for (const Pair& pair : pairs) {
        if (!matching.add(pair)) continue;
        ++match.matched;
        match.worst_m = pair.error_m;
    }
    return match;
}

// The turns at which a pair is as near as it comes, and those at which it comes within the tolerance.
struct Arc {
    double centre_rad = 0.0, half_rad = 0.0;
    double radius_m = 0.0, target_m = 0.0;
};

std::vector<Arc> arcsWithin(const std::vector<Polar>& driver, double slot_m, const std::vector<Polar>& vehicle,
                            double tolerance_m)
{
    std::vector<Arc> arcs;
    for (const Polar& hole : driver)
        for (const Polar& target : vehicle) {
            const double reach_m = tolerance_m + slot_m;
            const double product = 2.0 * hole.radius_m * target.radius_m;
            const double squares = hole.radius_m * hole.radius_m + target.radius_m * target.radius_m;
            if (std::abs(hole.radius_m - target.radius_m) > reach_m || product <= 0.0) continue;
            const double cosine = std::clamp((squares - reach_m * reach_m) / product, -1.0, 1.0);
            arcs.push_back({target.angle_rad - hole.angle_rad, std::acos(cosine), hole.radius_m, target.radius_m});
        }
    return arcs;
}

// Where two pairs are equally far off: r1^2 + R1^2 - 2 r1 R1 cos(t - c1) = the same of the other.
void addEquals(std::vector<double>& turns, const Arc& a, const Arc& b)
{
    const double pa = 2.0 * a.radius_m * a.target_m, pb = 2.0 * b.radius_m * b.target_m;
    const double cosine = pa * std::cos(a.centre_rad) - pb * std::cos(b.centre_rad);
    const double sine = pa * std::sin(a.centre_rad) - pb * std::sin(b.centre_rad);
    const double right =
        a.radius_m * a.radius_m + a.target_m * a.target_m - b.radius_m * b.radius_m - b.target_m * b.target_m;
    const double size = std::hypot(cosine, sine);
    if (size < 1e-15 || std::abs(right) > size) return;
    const double middle = std::atan2(sine, cosine), half = std::acos(right / size);
    for (const double turn : {middle + half, middle - half})
        if (std::abs(std::remainder(turn - a.centre_rad, kTurn)) <= a.half_rad + kSameAngle_rad &&
            std::abs(std::remainder(turn - b.centre_rad, kTurn)) <= b.half_rad + kSameAngle_rad)
            turns.push_back(turn);
}

std::vector<double> turnsToTry(const std::vector<Arc>& arcs)
{
    std::vector<double> turns{0.0};
    for (size_t i = 0; i < arcs.size(); ++i) {
        for (const double turn : {0.0, -1.0, 1.0}) turns.push_back(arcs[i].centre_rad + turn * arcs[i].half_rad);
        for (size_t j = i + 1; j < arcs.size(); ++j) addEquals(turns, arcs[i], arcs[j]);
    }
    for (double& turn : turns) turn = wrapped(turn);
    std::sort(turns.begin(), turns.end());
    const auto same = [](double a, double b) { return b - a < kSameAngle_rad; };
    turns.erase(std::unique(turns.begin(), turns.end(), same), turns.end());
    return turns;
}

bool isBetter(const PatternMatch& a, const PatternMatch& b)
{
    if (a.matched != b.matched) return a.matched > b.matched;
    if (std::abs(a.worst_m - b.worst_m) > kSameLength_m) return a.worst_m < b.worst_m;
    const double less = std::abs(b.turn_rad) - std::abs(a.turn_rad);
    return std::abs(less) > kSameAngle_rad ? less > 0.0 : a.turn_rad > b.turn_rad + kSameAngle_rad;
}

}  // namespace

ScrewPattern circlePattern(int count, double diameter_m, double first_rad)
{
    assert(count > 0 && diameter_m > 0.0);
    ScrewPattern pattern;
    for (int i = 0; i < count; ++i) {
        const double angle = first_rad + kTurn * i / count;
        pattern.holes.push_back({0.5 * diameter_m * std::cos(angle), 0.5 * diameter_m * std::sin(angle)});
    }
    return pattern;
}

ScrewPattern rectanglePattern(double width_m, double height_m)
{
    assert(width_m > 0.0 && height_m > 0.0);
    const double u = 0.5 * width_m, v = 0.5 * height_m;
    return {{{u, v}, {-u, v}, {-u, -v}, {u, -v}}, 0.0};
}

double neighbourChord_m(int count, double diameter_m)
{
    assert(count > 0);
    return diameter_m * std::sin(std::numbers::pi / count);
}

ScrewPattern mirrored(ScrewPattern pattern)
{
    for (ScrewHole& hole : pattern.holes) hole.u_m = -hole.u_m;
    return pattern;
}

PatternMatch matchAt(const ScrewPattern& driver, const ScrewPattern& vehicle, double turn_rad, double tolerance_m)
{
    PatternMatch match = matchAt(polar(driver), driver.slot_m, polar(vehicle), turn_rad, tolerance_m);
    match.alsoGood_rad = {turn_rad};
    return match;
}

PatternMatch matchPatterns(const ScrewPattern& driver, const ScrewPattern& vehicle, double tolerance_m)
{
    const std::vector<Polar> holes = polar(driver), targets = polar(vehicle);
    PatternMatch best{.turn_rad = std::numbers::pi};
    std::vector<PatternMatch> tried;
    for (const double turn : turnsToTry(arcsWithin(holes, driver.slot_m, targets, tolerance_m))) {
        tried.push_back(matchAt(holes, driver.slot_m, targets, turn, tolerance_m));
        if (tried.size() == 1 || isBetter(tried.back(), best)) best = tried.back();
    }
    for (const PatternMatch& one : tried)
        if (one.matched == best.matched && one.worst_m <= best.worst_m + kSameLength_m)
            best.alsoGood_rad.push_back(one.turn_rad);
    return best;
}

}  // namespace core
