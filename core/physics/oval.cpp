#include "core/physics/oval.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>

namespace core {
namespace {

constexpr double kRounding_m = 1e-9;
constexpr int kFullTurn_deg = 360;

// The point of an oval's edge at this parameter and its outward normal.
struct EdgePoint {
    double u_m = 0.0, v_m = 0.0, normalU = 0.0, normalV = 0.0;
};

EdgePoint edgeAt(const Oval& oval, int degree)
{
    const double t = degree * std::numbers::pi / 180.0;
    const double u = std::cos(t) / oval.long_m, v = std::sin(t) / oval.short_m;
    const double length = std::hypot(u, v);
    return {oval.long_m * std::cos(t), oval.short_m * std::sin(t), u / length, v / length};
}

// From a point in a direction to an oval's edge: the root of |p + s n|^2 = 1 in its own measure that lies ahead, or the
// nearer one behind where the point is outside.
double wayToEdge_m(const Oval& oval, const EdgePoint& from)
{
    const double a2 = oval.long_m * oval.long_m, b2 = oval.short_m * oval.short_m;
    const double qa = from.normalU * from.normalU / a2 + from.normalV * from.normalV / b2;
    const double qb = from.u_m * from.normalU / a2 + from.v_m * from.normalV / b2;
    const double qc = from.u_m * from.u_m / a2 + from.v_m * from.v_m / b2 - 1.0;
    const double root = qb * qb - qa * qc;
    if (root < 0.0) return -std::hypot(from.u_m, from.v_m);  // the normal misses it altogether
    return (-qb + std::sqrt(root)) / qa;
}

}  // namespace

bool passes(const Oval& body, const Oval& opening)
{
    constexpr double kRoom_m = 0.001;
    return opening.long_m >= body.long_m + kRoom_m - kRounding_m &&
           opening.short_m >= body.short_m + kRoom_m - kRounding_m;
}

double overlap_m(const Oval& opening, const Oval& flange)
{
    assert(opening.short_m > 0.0 && flange.short_m > 0.0);
    double least = flange.long_m;
    for (int degree = 0; degree < kFullTurn_deg; ++degree)
        least = std::min(least, wayToEdge_m(flange, edgeAt(opening, degree)));
    return least;
}

double metalTo_m(const Oval& opening, double u_m, double v_m)
{
    double nearest = std::hypot(u_m, v_m) + opening.long_m;
    for (int tenth = 0; tenth < 10 * kFullTurn_deg; ++tenth) {
        const double t = tenth * std::numbers::pi / 1800.0;
        nearest =
            std::min(nearest, std::hypot(u_m - opening.long_m * std::cos(t), v_m - opening.short_m * std::sin(t)));
    }
    const double inside =
        u_m * u_m / (opening.long_m * opening.long_m) + v_m * v_m / (opening.short_m * opening.short_m);
    return inside < 1.0 ? -nearest : nearest;
}

double perimeter_m(const Oval& oval)
{
    const double a = oval.long_m, b = oval.short_m;
    return std::numbers::pi * (3.0 * (a + b) - std::sqrt((3.0 * a + b) * (a + 3.0 * b)));
}

double screwReach(const Oval& flange, double u_m, double v_m, double holeRadius_m)
{
    const double edge_m = 1.5 * holeRadius_m;
    if (edge_m >= flange.short_m) return std::pow((std::hypot(u_m, v_m) + edge_m) / flange.short_m, 2);
    const double a = flange.long_m - edge_m, b = flange.short_m - edge_m;
    return u_m * u_m / (a * a) + v_m * v_m / (b * b);
}

}  // namespace core
