#include "core/picture/body_shape.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "core/picture/body_profile.h"

namespace core {
namespace {

class Sketcher {
public:
    Sketcher(const Body& body, const UsualVehicles& vehicles)
        : m_body(body),
          m_profile(bodyProfile(body)),
          m_seats(usualSeats(body, vehicles)),
          m_height_m(bodyHeight_m(body, vehicles)),
          m_wheelbase_m(wheelbase_m(body, vehicles))
    {
    }

    BodyShape run()
    {
        for (const ProfileLine& line : m_profile.flank) addFlank(line);
        for (const ProfileLine& line : m_profile.above) addAbove(line);
        for (const auto& [seat, head_m] : m_seats) addSeat(head_m);
        if (m_profile.wheel_m > 0.0) addWheels();
        return std::move(m_shape);
    }

private:
    [[nodiscard]] double xOf(double share) const { return m_body.frontAxle_m - share * m_body.length_m; }

    void addFlank(const ProfileLine& line)
    {
        ShapeLine drawn{line.kind, {}, line.closed, line.round_m};
        for (const auto& [along, up] : line.points) drawn.points.push_back({xOf(along), 0.0, up * m_height_m});
        m_shape.flank.push_back(std::move(drawn));
    }

    // A line of the left half and its mirror image; one that begins and ends on the centre line closes over it.
    void addAbove(const ProfileLine& line)
    {
        const double half_m = 0.5 * m_body.width_m;
        ShapeLine drawn{line.kind, {}, line.closed, line.round_m};
        for (const auto& [along, out] : line.points) drawn.points.push_back({xOf(along), out * half_m, 0.0});
        ShapeLine image = drawn;
        for (Vec3& point : image.points) point.y = -point.y;
        if (line.mirrored) {
            m_shape.above.push_back(std::move(drawn));
            m_shape.above.push_back(std::move(image));
            return;
        }
        for (auto point = image.points.rbegin(); point != image.points.rend(); ++point)
            if (std::abs(point->y) > 1e-9) drawn.points.push_back(*point);
        m_shape.above.push_back(std::move(drawn));
    }

    void addSeat(const Vec3& head_m)
    {
        const double wide = m_profile.saddle ? 0.14 : 0.24;  // half
        const double fore = 0.25, aft = 0.3;
        m_shape.above.push_back({ShapeKind::Seat,
                                 {{head_m.x + fore, head_m.y + wide, 0.0},
                                  {head_m.x + fore, head_m.y - wide, 0.0},
                                  {head_m.x - aft, head_m.y - wide, 0.0},
                                  {head_m.x - aft, head_m.y + wide, 0.0}},
                                 true,
                                 0.08});
        if (head_m.y < -1e-9 || m_profile.saddle) return;  // a flank shows the seats of its own side
        const double hip = head_m.z - 0.62, foot = head_m.z - 0.82;
        m_shape.flank.push_back({ShapeKind::Seat,
                                 {{head_m.x + 0.42, 0.0, hip + 0.05},
                                  {head_m.x - 0.02, 0.0, hip},
                                  {head_m.x - 0.14, 0.0, head_m.z + 0.02},
                                  {head_m.x - 0.26, 0.0, head_m.z + 0.02},
                                  {head_m.x - 0.18, 0.0, foot},
                                  {head_m.x + 0.36, 0.0, foot}},
                                 true,
                                 0.05});
    }

    void addWheels()
    {
        constexpr int kCorners = 24;
        const double radius = m_profile.wheel_m;
        for (const double axle : {0.0, -m_wheelbase_m}) {
            ShapeLine wheel{ShapeKind::Wheel, {}, true, 0.0};
            for (int i = 0; i < kCorners; ++i) {
                const double angle = 2.0 * std::numbers::pi * i / kCorners;
                wheel.points.push_back({axle + radius * std::cos(angle), 0.0, radius * (1.0 + std::sin(angle))});
            }
            m_shape.flank.push_back(std::move(wheel));
            if (!m_profile.openWheels) continue;
            const double half = 0.5 * m_profile.wheelWidth_m;
            const double out = m_profile.saddle ? 0.0 : 0.5 * m_body.width_m - half;
            for (const double y : {out, -out}) {
                m_shape.above.push_back({ShapeKind::Wheel,
                                         {{axle + radius, y + half, 0.0},
                                          {axle + radius, y - half, 0.0},
                                          {axle - radius, y - half, 0.0},
                                          {axle - radius, y + half, 0.0}},
                                         true,
                                         half * 0.6});
                if (out == 0.0) break;
            }
        }
    }

    const Body& m_body;
    const BodyProfile& m_profile;
    std::map<Seat, Vec3> m_seats;
    double m_height_m, m_wheelbase_m;
    BodyShape m_shape{};
};

}  // namespace

BodyShape bodyShape(const Body& body, const UsualVehicles& vehicles)
{
    return Sketcher(body, vehicles).run();
}

}  // namespace core
