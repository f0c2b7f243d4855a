#pragma once

#include "core/edits/set_edits.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/resolve.h"
#include "core/fitout/wiring_graph.h"
#include "core/model/validate.h"
#include "tests/core/demo_plan.h"

// A vehicle of which only the kind is known, with speakers at some of its usual spots.
namespace tests {

inline const core::Shop& shop()
{
    static const core::Shop kShop = core::shippedShop();
    return kShop;
}

// The plan after an edit that leaves it valid and can be undone.
inline core::Plan after(const core::Plan& plan, const core::Edit& edit)
{
    const core::Applied applied = core::apply(plan, edit);
    const auto problems = core::validate(applied.plan);
    EXPECT_TRUE(problems.empty()) << problems.front().where << " " << problems.front().message;
    EXPECT_EQ(core::apply(applied.plan, applied.inverse).plan, plan) << "undo";
    return applied.plan;
}

inline core::UsualSpot spotOf(const core::Plan& plan, const std::string& name)
{
    for (const core::UsualSpot& spot : core::usualSpots(plan.body, shop().vehicles))
        if (spot.name == name) return spot;
    ADD_FAILURE() << name;
    return {};
}

inline core::Plan withSpots(core::BodyKind kind, std::initializer_list<const char*> names)
{
    core::Plan plan = core::newPlan(kind, shop().vehicles);
    for (const char* name : names)
        plan = after(plan, core::addSpeakers(plan, core::kFactory, spotOf(plan, name), shop().practice));
    return plan;
}

inline core::PlaceId placeNamed(const core::Plan& plan, const std::string& name)
{
    for (const auto& [id, place] : plan.places)
        if (place.name == name) return id;
    ADD_FAILURE() << name;
    return {};
}

inline core::DeviceId driverAt(const core::Plan& plan, const std::string& name)
{
    const core::PlaceId at = placeNamed(plan, name);
    for (const auto& [id, device] : core::resolve(plan, core::kFound).devices)
        if (device.at == at) return id;
    ADD_FAILURE() << name;
    return {};
}

// A saloon whose doors and sails play a component set of the shelf behind its own network.
struct SetInDoors {
    core::Plan plan{};
    core::DeviceId door{}, sail{};  // on the left
};
inline SetInDoors setInDoors()
{
    SetInDoors job{.plan = withSpots(core::BodyKind::Saloon, {"front door", "sail"})};
    job.door = driverAt(job.plan, "left front door");
    job.sail = driverAt(job.plan, "left sail");
    const auto set = core::contentsOf(shop().shelf, *shop().shelf.find("set-orchid"), shop().practice);
    job.plan = after(job.plan, core::fitSet(job.plan, job.door, *set, shop().vehicles, shop().practice));
    return job;
}

// A saloon whose doors play on the radio's front channels and whose sails on its rear ones.
struct TwoChannels {
    core::Plan plan{};
    core::DeviceId door{}, sail{};  // on the left
    core::Port doorChannel{}, sailChannel{};
};
inline TwoChannels twoChannels()
{
    TwoChannels job{.plan = withSpots(core::BodyKind::Saloon, {"front door", "sail", "rear door"})};
    job.door = driverAt(job.plan, "left front door");
    job.sail = driverAt(job.plan, "left sail");
    const core::DeviceId rear = driverAt(job.plan, "left rear door");
    for (const core::Run& run : core::runs(core::resolve(job.plan, core::kFound))) {
        if (run.id.coil.device == job.door) job.doorChannel = run.id.channel;
        if (run.id.coil.device == rear) job.sailChannel = run.id.channel;
    }
    job.plan = after(job.plan, core::removeSpeaker(job.plan, core::kFactory, rear));
    job.plan = after(job.plan, core::connectSpeaker(job.plan, core::kFactory, job.sail, job.sailChannel));
    return job;
}

// The first radio or amplifier.
inline core::DeviceId sourceOf(const core::Plan& plan)
{
    const core::Fitout found = core::resolve(plan, core::kFound);
    for (const auto& [id, device] : found.devices)
        if (core::isSource(found.parts.at(device.part))) return id;
    ADD_FAILURE() << "no source";
    return {};
}

}  // namespace tests
