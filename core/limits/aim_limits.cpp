#include "core/limits/aim_limits.h"

#include <algorithm>
#include <cmath>

#include "core/base/angle.h"
#include "core/base/threshold.h"
#include "core/physics/air.h"
#include "core/physics/panel.h"

namespace core {
namespace {

// A figure that is noted over one limit and cared for over a second one.
std::optional<Verdict> graded(RuleId rule, Quantity what, const Computed& figure, PracticeKey note, PracticeKey care,
                              const Practice& practice)
{
    if (!over(std::abs(figure.value), practice[note])) return std::nullopt;
    const bool more = over(std::abs(figure.value), practice[care]);
    return Verdict{rule,   more ? Severity::Care : Severity::Note, what,
                   figure, practice[more ? care : note],           more ? care : note};
}

}  // namespace

std::optional<Verdict> waysApartLimit(double longer_m, double handOver_hz, Origin worst)
{
    const double half_m = 0.5 * kSoundSpeed_m_s / handOver_hz;
    if (!over(std::abs(longer_m), half_m)) return std::nullopt;
    return Verdict{RuleId::WaysApart, Severity::Care, Quantity::WayApart_m, {longer_m, worst, {}}, half_m, {}};
}

std::optional<Verdict> offAxisLimit(const DriverAim& aim, const SeatAim& seat, Origin worst, const Practice& practice)
{
    if (!aim.band.holds(aim.offAxisAt_hz)) return std::nullopt;
    return graded(RuleId::OffAxis, Quantity::OffAxis_db, {seat.offAxis_db, worst, {}}, PracticeKey::OffAxisNote_db,
                  PracticeKey::OffAxisCare_db, practice);
}

std::optional<Verdict> notchLimit(const SeatAim& seat, Origin worst, const Practice& practice)
{
    if (seat.reflections.empty()) return std::nullopt;
    return graded(RuleId::CombNotch, Quantity::Notch_db, {seat.reflections.front().notch_db, worst, {}},
                  PracticeKey::NotchNote_db, PracticeKey::NotchCare_db, practice);
}

std::optional<Verdict> inTheWayLimit(const SeatAim& seat, Origin worst, const Practice& practice)
{
    const double limit_db = practice[PracticeKey::InTheWayCare_db];
    if (seat.obstacles.empty() || !over(seat.obstacles.front().loss_db, limit_db)) return std::nullopt;
    return Verdict{RuleId::InTheWay,
                   Severity::Care,
                   Quantity::Shadow_db,
                   {seat.obstacles.front().loss_db, worst, {}},
                   limit_db,
                   PracticeKey::InTheWayCare_db};
}

std::optional<Verdict> sidesApartLimit(const SidesAim& sides, Origin worst, const Practice& practice)
{
    const auto past = [&](double figure, Quantity what, PracticeKey key) -> std::optional<Verdict> {
        if (!over(std::abs(figure), practice[key])) return std::nullopt;
        return Verdict{RuleId::SidesApart, Severity::Care, what, {figure, worst, {}}, practice[key], key};
    };
    const auto time = past(sides.later_s, Quantity::SidesApart_s, PracticeKey::SidesApartCare_s);
    return time ? time : past(sides.louder_db, Quantity::SidesApart_db, PracticeKey::SidesApartCare_db);
}

std::optional<Verdict> mirrorLimit(const Frame& one, const Frame& other, const Practice& practice)
{
    const Frame image = mirrored(other);
    const auto past = [&](double figure, Quantity what, PracticeKey key) -> std::optional<Verdict> {
        if (!over(figure, practice[key])) return std::nullopt;
        return Verdict{RuleId::NotMirrored, Severity::Care, what, {figure, Origin::Stated, {}}, practice[key], key};
    };
    const auto spot =
        past(distance(one.at_m, image.at_m), Quantity::MirrorApart_m, PracticeKey::NotMirroredCare_m);
    return spot ? spot
                : past(angleBetween_rad(one.facing, image.facing) / kDegree_rad, Quantity::MirrorTurned_deg,
                       PracticeKey::NotMirroredCare_deg);
}

std::optional<Verdict> imageLimit(double shift, Origin worst, const Practice& practice)
{
    return graded(RuleId::ImagePulled, Quantity::ImageShift, {shift, worst, {}}, PracticeKey::ImagePulledNote_ratio,
                  PracticeKey::ImagePulledCare_ratio, practice);
}

double cupRoom_m(const CupBody& body, double angle_rad)
{
    const double rim_m = 0.5 * (body.flange_m - body.body_m);
    return std::max(0.0, body.depth_m * std::cos(angle_rad) - rim_m * std::sin(angle_rad));
}

}  // namespace core
