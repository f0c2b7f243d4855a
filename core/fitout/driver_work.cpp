#include "core/fitout/driver_work.h"

#include <array>
#include <utility>

#include "core/fitout/complete.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"

namespace core {

DriverWork workOf(const std::string& driverClass)
{
    constexpr std::array<std::pair<const char*, DriverWork>, 6> kKinds{{{"coaxialTweeter", DriverWork::Treble},
                                                                        {"domeTweeter", DriverWork::Treble},
                                                                        {"midrange", DriverWork::Middle},
                                                                        {"componentWoofer", DriverWork::Woofer},
                                                                        {"midBass", DriverWork::Woofer},
                                                                        {"subwoofer", DriverWork::Bass}}};
    for (const auto& [kind, work] : kKinds)
        if (driverClass.starts_with(kind)) return work;
    return DriverWork::FullRange;
}

DriverWork workOf(const Fitout& fitout, const Port& coil)
{
    return workOf(driverClassOf(partOf(fitout, coil.device), coil.element));
}

bool isTweeter(const Part& part, const Practice& practice)
{
    const std::string coil = firstOf(part, ElementKind::Coil);
    return !coil.empty() &&
           complete(part, coil, practice).at(Quantity::Sd_m2).value < practice[PracticeKey::LargestTweeter_m2];
}

bool canDo(DriverWork driver, DriverWork place)
{
    return driver == place || (place == DriverWork::Woofer && driver == DriverWork::FullRange) ||
           (place == DriverWork::Middle && driver == DriverWork::FullRange);
}

namespace {

// A tweeter on the same side and in the same row plays the treble for this one.
bool hasTweeterBeside(const Fitout& fitout, DeviceId device)
{
    const Place* own = placeOf(fitout, device);
    if (!own) return false;
    const Vec3& here = own->frame.at_m;
    for (const auto& [id, other] : fitout.devices) {
        const Part& part = fitout.parts.at(other.part);
        const Place* place = placeOf(fitout, id);
        if (id == device || !place || part.kind != PartKind::Driver || workOf(part.driverClass) != DriverWork::Treble)
            continue;
        const Vec3& there = place->frame.at_m;
        if (here.y * there.y > 0.0 && inOneRow(here, there)) return true;
    }
    return false;
}

}  // namespace

DriverWork workOfPlace(const StageResult& found, const StageResult& goal, DeviceId device)
{
    DriverWork work = DriverWork::FullRange;
    for (const StageResult* stage : {&goal, &found})  // what was found tells more than what was tried
        if (const auto there = stage->used.devices.find(device); there != stage->used.devices.end())
            work = workOf(stage->used.parts.at(there->second.part).driverClass);
    return work == DriverWork::FullRange && hasTweeterBeside(goal.used, device) ? DriverWork::Woofer : work;
}

}  // namespace core
