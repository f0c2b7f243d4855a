#include "cli/add_command.h"

#include <fmt/format.h>

#include <algorithm>

#include "cli/plan_input.h"
#include "core/edits/filter_edits.h"
#include "core/edits/layers.h"
#include "core/edits/lead_edits.h"
#include "core/edits/named_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/set_edits.h"
#include "core/edits/source_edits.h"
#include "core/edits/supply_edits.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/circuit.h"
#include "core/fitout/sides.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"
#include "core/model/names.h"
#include "core/model/usual_vehicle.h"

namespace cli {

using namespace core;

namespace {

// Works on the plan step by step; the first thing that is not there ends it.
class Adding {
public:
    Adding(Plan plan, const AddRequest& request) : m_plan(std::move(plan)), m_request(request)
    {
        m_goal = plannedGoal(m_plan);
    }

    tl::expected<Plan, InputError> run()
    {
        if (!m_request.amplifier.empty() && !addAmplifier()) return tl::unexpected(m_error);
        if (!m_request.set.empty() && !addSet()) return tl::unexpected(m_error);
        if (!m_request.network.empty() && !addNetwork()) return tl::unexpected(m_error);
        if (!m_request.spot.empty() && !addSpeaker()) return tl::unexpected(m_error);
        if (!m_request.fuse.empty() && !addSupply()) return tl::unexpected(m_error);
        if (!m_request.to.empty() && !addCable()) return tl::unexpected(m_error);
        return std::move(m_plan);
    }

private:
    void take(const Edit& edit) { m_plan = apply(std::move(m_plan), edit).plan; }
    bool fail(const std::string& what, const std::string& why)
    {
        m_error = {m_request.plan, what, why};
        return false;
    }

    bool addAmplifier()
    {
        const Part* part = m_shop.shelf.find(m_request.amplifier);
        if (!part || !isSource(*part)) return fail(m_request.amplifier, "is no source on the shelf");
        const Fitout before = resolve(m_plan, m_goal);
        take(addSource(m_plan, m_goal, *part, {}));
        m_added = newSource(resolve(m_plan, m_goal), before);
        return true;
    }

    std::optional<DeviceId> driverOf(const std::string& option, const std::string& text)
    {
        const auto driver = idFromText<DeviceId>(text);
        const Fitout fitout = resolve(m_plan, m_goal);
        if (driver && fitout.devices.contains(*driver) && partOf(fitout, *driver).kind == PartKind::Driver)
            return driver;
        fail(option + " " + text, "is no driver of the plan");
        return std::nullopt;
    }

    bool addNetwork()
    {
        const Part* part = m_shop.shelf.find(m_request.network);
        if (!part || !isTwoWay(*part)) return fail(m_request.network, "is no two-way network on the shelf");
        const auto woofer = driverOf("--as", m_request.as);
        if (!woofer) return false;
        const DeviceId tweeter = tweeterBeside(resolve(m_plan, m_goal), *woofer, m_shop.practice);
        if (!tweeter) return fail("--as " + m_request.as, "has no tweeter on its channel for a network to feed");
        take(fitNetwork(m_plan, {{Leg::Woofer, *woofer}, {Leg::Tweeter, tweeter}}, *part));
        return true;
    }

    // Calls `note` with each figure that was asked for; one out of its range ends it.
    template <class Note>
    bool noteCableFigures(Note note)
    {
        for (const auto& [what, value, option] : {std::tuple{Quantity::Area_m2, m_request.cableArea_m2, "--cable-area"},
                                                  {Quantity::Length_m, m_request.cableLength_m, "--cable-length"}}) {
            if (!value) continue;
            if (!allows(what, *value)) return fail(option, fmt::format("found {:g}, {}", *value, allowedText(what)));
            take(note(what, Known{*value}));
        }
        return true;
    }

    bool addSupply()
    {
        const auto source = m_request.supply.empty() ? m_added : idFromText<DeviceId>(m_request.supply);
        const Fitout fitout = resolve(m_plan, m_goal);
        if (!source || !fitout.devices.contains(*source) || !isSource(partOf(fitout, *source)))
            return fail("--supply " + m_request.supply, "is no source of the plan");
        const Part* part = m_shop.shelf.find(m_request.fuse);
        if (!part || part->kind != PartKind::Fuse) return fail("--fuse " + m_request.fuse, "is no fuse on the shelf");
        take(setFuse(m_plan, m_goal, *source, part));
        if (!m_request.to.empty()) return true;  // the cable that is described is a speaker's
        return noteCableFigures(
            [&](Quantity what, const Known& value) { return noteSupplyCable(m_plan, m_goal, *source, what, value); });
    }

    bool addCable()
    {
        const auto driver = driverOf("--to", m_request.to);
        if (!driver) return false;
        if (!m_request.cableArea_m2 && !m_request.cableLength_m)
            return fail("--to " + m_request.to, "needs --cable-area, --cable-length or both");
        return noteCableFigures(
            [&](Quantity what, const Known& value) { return noteCable(m_plan, m_goal, *driver, what, value); });
    }

    bool addSet()
    {
        const Part* part = m_shop.shelf.find(m_request.set);
        const auto set = part ? contentsOf(m_shop.shelf, *part, m_shop.practice) : std::nullopt;
        if (!set) return fail(m_request.set, "is no set on the shelf");
        const auto woofer = driverOf("--as", m_request.as);
        if (!woofer) return false;
        take(fitSet(m_plan, *woofer, *set, m_shop.vehicles, m_shop.practice));
        return true;
    }

    bool addSpeaker()
    {
        const auto spots = usualSpots(m_plan.body, m_shop.vehicles);
        const auto spot =
            std::find_if(spots.begin(), spots.end(), [&](const UsualSpot& one) { return one.name == m_request.spot; });
        if (spot == spots.end()) return fail(m_request.spot, "is no usual spot of this vehicle");
        const Fitout before = resolve(m_plan, m_goal);
        take(addSpeakers(m_plan, m_goal, *spot, m_shop.practice));
        const DeviceId device = newDriver(resolve(m_plan, m_goal), before);
        if (!m_request.driver.empty()) {
            const Part* part = m_shop.shelf.find(m_request.driver);
            if (!part || part->kind != PartKind::Driver) return fail(m_request.driver, "is no driver on the shelf");
            take(fitPart(m_plan, device, *part));
        }
        return feed(device) && protect(device);
    }

    bool feed(DeviceId device)
    {
        const Fitout fitout = resolve(m_plan, m_goal);
        if (!m_request.channel.empty()) {
            const auto port = portFromText(m_request.channel);
            const auto all = channels(fitout);
            if (!port || std::find(all.begin(), all.end(), *port) == all.end())
                return fail(m_request.channel, "is no channel of the plan");
            take(connectSpeaker(m_plan, m_goal, device, *port));
        }
        if (!m_request.onFrom.empty()) {
            const auto from = idFromText<DeviceId>(m_request.onFrom);
            if (!from || !fitout.devices.contains(*from) || !mayFeed(fitout, *from, device))
                return fail(m_request.onFrom, "is no driver that this one could go on from");
            take(loopThrough(m_plan, m_goal, device, *from));
        }
        return true;
    }

    bool protect(DeviceId device)
    {
        if (m_request.capacitance_f == 0.0) return true;
        if (!allows(Quantity::Capacitance_f, m_request.capacitance_f))
            return fail("--capacitor", "is no capacitance: farads, such as 4.7e-6");
        take(addCapacitor(m_plan, device, m_request.capacitance_f));
        return true;
    }

    Plan m_plan;
    const AddRequest& m_request;
    const Shop m_shop = shippedShop();
    StageId m_goal{};
    std::optional<DeviceId> m_added{};  // the amplifier
    InputError m_error{};
};

// An option that says something of what is not asked for.
std::string notUsed(const AddRequest& request)
{
    const bool cable = request.cableArea_m2 || request.cableLength_m;
    if (!request.supply.empty() && request.fuse.empty()) return "--supply without --fuse";
    if (!request.fuse.empty() && request.supply.empty() && request.amplifier.empty())
        return "--fuse without --supply or --amplifier";
    if (cable && request.to.empty() && request.fuse.empty())
        return "--cable-area or --cable-length without --to or --fuse";
    if (!request.as.empty() && request.set.empty() && request.network.empty()) return "--as without --set or --network";
    return {};
}

}  // namespace

int addPlanned(const AddRequest& request)
{
    const auto document = readPlanFile(request.plan, request.plan);
    if (!document) return report(document.error(), request.json);
    if (request.spot.empty() && request.amplifier.empty() && request.set.empty() && request.network.empty() &&
        request.supply.empty() && request.fuse.empty() && request.to.empty() && request.as.empty() &&
        !request.cableArea_m2 && !request.cableLength_m)
        return report({request.plan, {}, "nothing to add: give --spot, --amplifier, --set, --network, --fuse or --to"},
                      request.json);
    if (const std::string unused = notUsed(request); !unused.empty())
        return report({request.plan, unused, "says nothing without what it belongs to"}, request.json);
    const auto added = Adding(document->plan, request).run();
    return added ? writeTo(*added, request.output, request.json) : report(added.error(), request.json);
}

}  // namespace cli
