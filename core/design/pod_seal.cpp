#include "core/design/pod_seal.h"

#include <cmath>

#include "core/physics/level.h"

namespace core {

std::optional<PodSeal> podSeal(const RunResult& run, const Place& place, const Practice& practice)
{
    const auto volume = place.room.find(Quantity::BoxVolume_m3);
    if (volume == place.room.end() || place.room.contains(Quantity::Tuning_hz)) return std::nullopt;
    const auto coil = [&](Quantity what) { return run.coil.at(what).value; };
    const double box_m3 = volume->second.value, vas_m3 = coil(Quantity::Vas_m3), fs_hz = coil(Quantity::Fs_hz);
    const double qms = coil(Quantity::Qms), qes = coil(Quantity::Qes);
    const double leakQ = valueOf(place.room, Quantity::LeakQ).value_or(practice[PracticeKey::BoxLeakQ]);
    const double tightQ = qms * std::sqrt(1.0 + vas_m3 / box_m3);
    PodSeal seal{.tight = lossyClosedBox(fs_hz, qes, vas_m3, box_m3, tightQ),
                 .leaking = lossyClosedBox(fs_hz, qes, vas_m3, box_m3, 1.0 / (1.0 / tightQ + 1.0 / leakQ))};
    seal.lost_db = decibels(seal.tight.totalQ / seal.leaking.totalQ);
    seal.worst = volume->second.basis.origin;
    for (const Quantity what : {Quantity::Vas_m3, Quantity::Fs_hz, Quantity::Qms, Quantity::Qes})
        seal.worst = std::max(seal.worst, run.coil.at(what).basis.origin);
    return seal;
}

}  // namespace core
