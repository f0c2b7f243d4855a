#include "core/evaluate/ways.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/evaluate/cabin_of.h"
#include "core/physics/interaural.h"
#include "core/physics/reflection.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

constexpr double kLeastDistance_m = 0.05;  // a place inside the head is a slip, not a level

Eigen::ArrayXd ratiosOf(const Eigen::ArrayXd& loss_db)
{
    return (loss_db * (-std::numbers::ln10 / 20.0)).exp();
}

// What the driver's own cover lets through, in every direction.
Eigen::ArrayXd throughCover(const SoundSource& source, const Eigen::ArrayXd& frequency_hz)
{
    if (source.cover == CoverLoss{} && !source.plate && source.loss_db == 0.0)
        return Eigen::ArrayXd::Ones(frequency_hz.size());
    Eigen::ArrayXd loss_db = Eigen::ArrayXd::Constant(frequency_hz.size(), source.loss_db);
    if (!(source.cover == CoverLoss{})) loss_db += coverLoss_db(source.cover, frequency_hz);
    if (source.plate)
        if (const auto mass = plateMass_kg_m2(*source.plate)) loss_db += plateLoss_db(mass->value, frequency_hz);
    return ratiosOf(loss_db);
}

}  // namespace

PreparedCabin prepareCabin(const Cabin& cabin, const SoundField& field, const Practice& practice)
{
    PreparedCabin prepared{field, cabin.panels, {}};
    for (size_t i = 0; i < cabin.panels.size(); ++i) {
        if (!cabin.panels[i].mirrors) {
            prepared.mirrored.emplace_back();
            continue;
        }
        const Eigen::ArrayXd absorption = absorptionAt(practice[absorptionOf(cabin.materials[i])], field.frequency_hz);
        prepared.mirrored.push_back(mirrorShare(absorption, smallerSide_m(cabin.panels[i]), field.frequency_hz) *
                                    field.distanceShare);
    }
    return prepared;
}

Ears<Vec3> earsOf(const Listener& listener)
{
    const Vec3 up{0.0, 0.0, 1.0};
    Vec3 left = cross(up, listener.facing);
    const double size = length(left);
    left = size > 0.0 ? (1.0 / size) * left : Vec3{0.0, 1.0, 0.0};
    return {listener.head_m + kHeadRadius_m * left, listener.head_m - kHeadRadius_m * left};
}

WayReport reportWay(const SoundSource& source, const Vec3& ear, std::span<const FlatPanel> panels)
{
    WayReport report;
    report.distance_m = std::max(kLeastDistance_m, distance(source.at_m, ear));
    report.angle_rad = angleBetween_rad(source.axis, ear - source.at_m);
    for (size_t i = 0; i < panels.size(); ++i) {
        if (const auto mirror = panels[i].mirrors ? mirrorWay(source.at_m, source.axis, ear, i, panels) : std::nullopt)
            report.mirrors.emplace_back(i, *mirror);
        if (!panels[i].blocks) continue;
        if (const auto way = detour(panels[i], source.at_m, ear)) report.screens.emplace_back(i, *way);
    }
    return report;
}

Eigen::ArrayXd shadow_db(const WayReport& way, std::span<const FlatPanel> panels, const Eigen::ArrayXd& frequency_hz)
{
    Eigen::ArrayXd loss_db = Eigen::ArrayXd::Zero(frequency_hz.size());
    for (const auto& [panel, edge] : way.screens)
        loss_db =
            loss_db.max(screenLoss_db({edge.longer_m, edge.blocked, smallerSide_m(panels[panel])}, frequency_hz));
    return loss_db;
}

Eigen::ArrayXcd wayTo(const SoundSource& source, const Vec3& ear, const PreparedCabin& cabin)
{
    const Eigen::ArrayXd& f = cabin.field.frequency_hz;
    const WayReport way = reportWay(source, ear, cabin.panels);
    const Eigen::ArrayXd open = throughCover(source, f);
    Eigen::ArrayXcd sum = Eigen::ArrayXcd::Zero(f.size());
    const Eigen::ArrayXd direct = way.screens.empty() ? open : (open * ratiosOf(shadow_db(way, cabin.panels, f))).eval();
    addArrival(sum, cabin.field, source.radius_m, {way.distance_m, way.angle_rad}, direct);
    for (const auto& [panel, mirror] : way.mirrors)
        addArrival(sum, cabin.field, source.radius_m, {std::max(kLeastDistance_m, mirror.distance_m), mirror.angle_rad},
                   open * cabin.mirrored[panel]);
    return sum * cabin.field.gain;
}

}  // namespace core
