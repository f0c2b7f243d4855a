#include "core/evaluate/driver_mounting.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/evaluate/cabin_of.h"
#include "core/fitout/complete.h"
#include "core/fitout/cover_takes.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

bool leaksByNature(PlaceKind kind)
{
    return kind == PlaceKind::Door || kind == PlaceKind::KickPanel || kind == PlaceKind::Quarter ||
           kind == PlaceKind::RearDeck;
}

bool isPod(PlaceKind kind)
{
    return kind == PlaceKind::Fairing || kind == PlaceKind::BagLid || kind == PlaceKind::RollBar;
}

// This driver's part of an enclosure's air.
double shareOf(const Fitout& fitout, const Port& coil, DeviceId enclosure, const Practice& practice)
{
    double own = 0.0, all = 0.0;
    for (const auto& [device, mount] : fitout.mounts) {
        const auto entry = fitout.devices.find(device);
        if (mount.behind != enclosure || entry == fitout.devices.end()) continue;
        const Part& part = fitout.parts.at(entry->second.part);
        for (const auto& [name, element] : part.inside) {
            if (element.kind != ElementKind::Coil || !element.driverClass.empty()) continue;
            const std::vector<std::string> cone = coilsOfCone(part, name);
            if (cone.front() != name) continue;  // counted with the first coil of its cone
            const double vas = complete(part, name, practice).at(Quantity::Vas_m3).value;
            all += vas;
            if (device == coil.device && std::find(cone.begin(), cone.end(), coil.element) != cone.end()) own = vas;
        }
    }
    return all > 0.0 ? own / all : 1.0;
}

struct Value {
    double value = 0.0;
    Origin origin = Origin::Measured;
};

Value valueOr(const Figures& figures, Quantity quantity, double usual)
{
    const auto found = figures.find(quantity);
    return found == figures.end() ? Value{usual, Origin::ClassGuess}
                                  : Value{found->second.value, found->second.basis.origin};
}

// A pod has no half space before it.
void addPod(MountedDriver& out, const Place* place, const Figures& figures, const Practice& practice)
{
    if (!place || (!isPod(place->kind) && !figures.contains(Quantity::PodWidth_m))) return;
    const Value width = valueOr(figures, Quantity::PodWidth_m, practice[PracticeKey::PodWidth_m]);
    out.mounting.podWidth_m = width.value;
    out.worst = std::max(out.worst, width.origin);
}

}  // namespace

std::optional<Box> boxOf(const Figures& figures)
{
    const auto volume = valueOf(figures, Quantity::BoxVolume_m3);
    if (!volume) return std::nullopt;
    Box box{.volume_m3 = *volume,
            .tuning_hz = valueOf(figures, Quantity::Tuning_hz),
            .leakQ = valueOf(figures, Quantity::LeakQ),
            .portQ = valueOf(figures, Quantity::PortQ),
            .leaksOutdoors = valueOf(figures, Quantity::LeaksOutdoors).value_or(0.0) > 0.5};
    if (!box.tuning_hz) box.volume_m3 *= 1.0 + valueOf(figures, Quantity::FillGain).value_or(0.0);
    return box;
}

MountedDriver mountedDriver(const Fitout& fitout, const Port& coil, const Figures& completed, const Practice& practice)
{
    const Part& part = fitout.parts.at(fitout.devices.at(coil.device).part);
    MountedDriver out{driverParameters(completed, part, coil.element, practice), {}, Origin::Measured};
    const Place* place = placeOf(fitout, coil.device);
    const auto enclosure = fitout.devices.find(mountOf(fitout, coil.device).behind);
    static const Figures kNothing;
    const Figures& figures = enclosure != fitout.devices.end() ? fitout.parts.at(enclosure->second.part).figures
                             : place                           ? place->room
                                                               : kNothing;
    // A driver inside a driver is closed at its back.
    const bool inside = isWay(part, coil.element);
    if (!inside) out.mounting.box = boxOf(figures);
    if (out.mounting.box) {
        const double share =
            enclosure != fitout.devices.end() ? shareOf(fitout, coil, enclosure->first, practice) : 1.0;
        out.mounting.box->volume_m3 *= share;
        if (const auto port_m = valueOf(figures, Quantity::PortDiameter_m); port_m && out.mounting.box->tuning_hz)
            out.mounting.portArea_m2 = share * valueOf(figures, Quantity::PortCount).value_or(1.0) * 0.25 *
                                       std::numbers::pi * *port_m * *port_m;
        const bool filled = valueOf(figures, Quantity::FillGain).value_or(0.0) > 0.0;
        const auto boxQ = valueOf(figures, Quantity::BoxQ);
        if (!out.mounting.box->tuning_hz && (boxQ || filled))
            out.driver = withBoxLosses(out.driver, out.mounting.box->volume_m3,
                                       boxQ.value_or(practice[PracticeKey::FilledBoxQ]));
        out.worst = worstOrigin(figures, {Quantity::BoxVolume_m3, Quantity::Tuning_hz, Quantity::LeakQ});
    } else if (!inside && place && (leaksByNature(place->kind) || figures.contains(Quantity::LeakCoupling))) {
        const Value path = valueOr(figures, Quantity::FrontBack_m, practice[PracticeKey::FrontBackPath_m]);
        const Value coupling =
            valueOr(figures, Quantity::LeakCoupling,
                    practice[isAltered(fitout, fitout.devices.at(coil.device).at, AlterationKind::Seal)
                                 ? PracticeKey::SealedLeak_ratio
                                 : PracticeKey::UnsealedLeak_ratio]);
        out.mounting.leak = BaffleLeak{path.value, coupling.value};
        out.worst = std::max(path.origin, coupling.origin);
    }
    addPod(out, place, figures, practice);
    return out;
}

SoundSource soundSource(const Fitout& fitout, const Port& coil, double sd_m2, const Practice& practice)
{
    SoundSource source{.radius_m = std::sqrt(sd_m2 / std::numbers::pi)};
    const DeviceId device = coil.device;
    const Mount mount = mountOf(fitout, device);
    const Place* place = placeOf(fitout, device);
    const Part& part = fitout.parts.at(fitout.devices.at(device).part);
    const bool inside = isWay(part, coil.element);
    const auto take = [&](const Frame& frame) {
        source.axis = frame.facing;
        const double ahead_m = inside ? practice[PracticeKey::TweeterAhead_m] : 0.0;
        source.at_m = frame.at_m + ahead_m / std::max(length(frame.facing), 1e-9) * frame.facing;
    };
    if (mount.frame)
        take(*mount.frame);
    else if (place)
        take(place->frame);
    if (!place) return source;
    if (isBehindSeats(fitout.body, place->kind, practice)) source.loss_db = practice[PracticeKey::BootLoss_db];
    if (isAltered(fitout, fitout.devices.at(device).at, AlterationKind::OpenCover)) return source;
    source.plate = plateOf(*place);
    source.cover = coverLoss(practice, place->cover);
    return source;
}

}  // namespace core
