#pragma once

#include <string>

#include "core/model/plan.h"

// An estate with six channels and twelve runs, the same on both sides: a woofer and a tweeter behind its capacitor in
// each front door, a pair in each rear door, and in the cargo space a mid-bass and a bass box on each side. For tests
// and benchmarks of whole plans; no expected value comes from it.
namespace tests {

class TwelveRuns {
public:
    core::Plan plan{};
    core::ListenerId driver{}, passenger{};
    core::DeviceId amplifier{};

    TwelveRuns()
    {
        plan.body = {.kind = core::BodyKind::Estate, .name = "Tarnwick Sallow"};
        driver = listener(core::Seat::Driver, {-1.45, 0.37, 1.2});
        passenger = listener(core::Seat::FrontPassenger, {-1.45, -0.37, 1.2});
        amplifier = device(amplifierPart(), {}, "amplifier");
        const core::PartId woofer = driverPart("woofer", "componentWoofer165");
        const core::PartId tweeter = driverPart("tweeter", "domeTweeter25");
        const core::PartId bass = driverPart("bass", "subwoofer250");
        const core::PartId lead = capacitorPart();
        for (const int side : {1, -1}) {
            const std::string letter = side > 0 ? "L" : "R";
            const double y = 0.68 * side;
            const auto inwards = [&](double x, double z) { return core::Vec3{x, -1.0 * side, z}; };
            two("F" + letter, place(core::PlaceKind::Door, {-0.9, y, 0.6}, inwards(0.0, 0.0)), woofer,
                place(core::PlaceKind::Sail, {-0.65, y, 1.0}, inwards(-1.0, 0.2)), tweeter, lead);
            two("R" + letter, place(core::PlaceKind::Door, {-2.0, y, 0.62}, inwards(0.0, 0.0)), woofer,
                place(core::PlaceKind::Door, {-1.8, y, 0.9}, inwards(-0.3, 0.2)), tweeter, lead);
            const core::PlaceId box = place(core::PlaceKind::CargoSide, {-3.0, 0.5 * side, 0.6}, {0.0, 0.0, 1.0});
            plan.places.at(box).room[core::Quantity::BoxVolume_m3] = core::Known{0.03};
            two("B" + letter, place(core::PlaceKind::Quarter, {-2.6, y, 0.75}, inwards(0.0, 0.0)), woofer, box, bass,
                {});
        }
        plan.job.goal = core::drawId<core::StageId>(plan);
        plan.stages[plan.job.goal] = {core::StageKind::Planned, core::kFound, "planned"};
    }

    // A second driver beside each, side by side on the same terminals.
    void doubleRuns()
    {
        const auto devices = plan.devices;
        const auto wires = plan.wires;
        for (const auto& [key, one] : devices) {
            if (plan.parts.at(one->part).kind != core::PartKind::Driver) continue;
            const core::DeviceId twin = device(one->part, one->at, one->label + " too");
            for (const auto& [at, joined] : wires)
                if (joined->b.device == key.key) wire(joined->a.device, joined->a.terminal, twin, joined->b.terminal);
        }
    }

    // So many more woofers on the left front channel, each of a part and at a place of its own.
    void crowd(int count)
    {
        for (int i = 0; i < count; ++i) {
            const std::string name = "extra " + std::to_string(i);
            const core::DeviceId extra =
                device(driverPart(name, "componentWoofer165"),
                       place(core::PlaceKind::Door, {-0.9 - 0.01 * i, 0.68, 0.5}, {0.0, -1.0, 0.0}), name);
            for (const char* pole : {"+", "-"})
                wire(amplifier, std::string("FL") + pole, extra, std::string("1") + pole);
        }
    }

private:
    core::ListenerId listener(core::Seat seat, core::Vec3 head)
    {
        const auto id = core::drawId<core::ListenerId>(plan);
        plan.listeners[id] = {seat, head};
        return id;
    }
    core::PlaceId place(core::PlaceKind kind, core::Vec3 at, core::Vec3 facing)
    {
        const auto id = core::drawId<core::PlaceId>(plan);
        plan.places[id] = {.kind = kind, .name = "place", .frame = {at, facing}};
        return id;
    }
    core::DeviceId device(core::PartId part, core::PlaceId at, const std::string& label)
    {
        const auto id = core::drawId<core::DeviceId>(plan);
        plan.devices[{core::kFactory, id}] = core::Device{.part = part, .at = at, .label = label};
        return id;
    }
    core::PartId part(core::Part made)
    {
        const auto id = core::drawId<core::PartId>(plan);
        plan.parts[id] = std::move(made);
        return id;
    }
    core::PartId amplifierPart()
    {
        core::Part made{.kind = core::PartKind::Amplifier, .name = "six channels"};
        made.figures = {{core::Quantity::RatedPower_w, core::Known{75.0}},
                        {core::Quantity::RatedLoad_ohm, core::Known{4.0}}};
        for (const std::string name : {"FL", "FR", "RL", "RR", "BL", "BR"}) {
            made.terminals[name + "+"] = made.terminals[name + "-"] = "out";
            made.inside[name] = {.kind = core::ElementKind::Output, .a = name + "+", .b = name + "-"};
        }
        return part(made);
    }
    core::PartId driverPart(const std::string& name, const std::string& driverClass)
    {
        core::Part made{.kind = core::PartKind::Driver, .name = name, .driverClass = driverClass};
        made.terminals = {{"1+", "tabs"}, {"1-", "tabs"}};
        made.inside["1"] = {.kind = core::ElementKind::Coil, .a = "1+", .b = "1-"};
        return part(made);
    }
    core::PartId capacitorPart()
    {
        core::Part made{.kind = core::PartKind::Plug, .name = "lead with capacitor"};
        made.terminals = {{"h+", ""}, {"s+", ""}};
        made.inside["C"] = {.kind = core::ElementKind::Capacitor, .a = "h+", .b = "s+"};
        made.inside["C"].figures[core::Quantity::Capacitance_f] = core::Known{6.8e-6};
        return part(made);
    }
    void wire(core::DeviceId a, const std::string& from, core::DeviceId b, const std::string& to)
    {
        plan.wires[{core::kFactory, core::drawId<core::WireId>(plan)}] = core::Wire{{a, from}, {b, to}};
    }
    // Two drivers on one channel, the second behind a part if there is one.
    void two(const std::string& channel, core::PlaceId firstPlace, core::PartId first, core::PlaceId secondPlace,
             core::PartId second, core::PartId between)
    {
        const core::DeviceId one = device(first, firstPlace, channel + " low");
        const core::DeviceId other = device(second, secondPlace, channel + " other");
        wire(amplifier, channel + "+", one, "1+");
        wire(amplifier, channel + "-", one, "1-");
        wire(amplifier, channel + "-", other, "1-");
        if (!between) return wire(amplifier, channel + "+", other, "1+");
        const core::DeviceId lead = device(between, secondPlace, channel + " lead");
        wire(amplifier, channel + "+", lead, "h+");
        wire(lead, "s+", other, "1+");
    }
};

}  // namespace tests
