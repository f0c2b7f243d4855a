#include "core/survey/lead_back.h"

#include <set>
#include <utility>

namespace core {
namespace {

// Which way round a wire is noted does not tell where it comes from: every way on is tried, and one that ends at a
// source, or at a driver that a source feeds, is the one.
class BackWalk {
public:
    explicit BackWalk(const Fitout& fitout) : m_fitout(fitout) {}

    enum class End { Nowhere, Driver, FedDriver, Source };
    struct Way {
        End end = End::Nowhere;
        LeadBack back{};
    };

    Way from(const Pin& pin)
    {
        Way best{.back = {.arrival = pin, .from = pin}};
        std::pair<End, bool> rank{End::Nowhere, false};  // of the best; among equals the one that is noted to arrive
        if (m_steps++ > kMostSteps || !m_seen.insert(pin).second) return best;
        for (const auto& [id, wire] : m_fitout.wires) {
            if (wire.a != pin && wire.b != pin) continue;
            const bool arrives = wire.b == pin;
            const Pin& other = arrives ? wire.a : wire.b;
            if (m_seen.contains(other) || (other.device == pin.device && isDriver(pin.device))) continue;
            Way way = beyond(id, pin, other);
            if (!arrives && way.end < End::FedDriver) continue;  // it goes on from here to something that nothing feeds
            if (!best.back.wires.empty() && std::pair(way.end, arrives) <= rank) continue;
            rank = {way.end, arrives};
            best = std::move(way);
        }
        m_seen.erase(pin);
        return best;
    }

private:
    static constexpr int kMostSteps = 2000;  // a wiring that is nothing but loops

    [[nodiscard]] bool isDriver(DeviceId device) const
    {
        return m_fitout.parts.at(m_fitout.devices.at(device).part).kind == PartKind::Driver;
    }

    // More than one pair goes in and one out: a network, from which another driver is fed, too.
    [[nodiscard]] bool servesOthers(DeviceId device) const
    {
        std::set<std::string> wired;
        for (const auto& [id, wire] : m_fitout.wires)
            for (const Pin& end : {wire.a, wire.b})
                if (end.device == device) wired.insert(end.terminal);
        return wired.size() > 4;
    }

    Way beyond(WireId wire, const Pin& pin, const Pin& other)
    {
        Way way{.back = {.wires = {wire}, .arrival = pin, .from = other}};
        const Part& part = m_fitout.parts.at(m_fitout.devices.at(other.device).part);
        if (isSource(part)) {
            way.end = End::Source;
            return way;
        }
        if (part.kind == PartKind::Driver) {
            way.end = from(other).end >= End::FedDriver ? End::FedDriver : End::Driver;
            return way;
        }
        // Through what lies between the pins, or by another wire that is joined to this one at the pin.
        Way on;
        for (const std::string& next : terminalsFrom(part, other.terminal)) {
            if (next == other.terminal) continue;
            Way through = from({other.device, next});
            if (on.back.wires.empty() || through.end > on.end) on = std::move(through);
        }
        Way joined = from(other);
        const bool splice = joined.end > on.end;
        if (splice) on = std::move(joined);
        way.end = on.end;
        if (on.back.wires.empty()) return way;
        way.back.wires.insert(way.back.wires.end(), on.back.wires.begin(), on.back.wires.end());
        if (!splice && !servesOthers(other.device)) way.back.arrival = on.back.arrival;
        way.back.from = on.back.from;
        return way;
    }

    const Fitout& m_fitout;
    std::set<Pin> m_seen{};
    int m_steps = 0;
};

}  // namespace

LeadBack leadBack(const Fitout& fitout, const Pin& pin)
{
    return BackWalk(fitout).from(pin).back;
}

std::string leadColour(const Fitout& fitout, const Pin& pin)
{
    for (const WireId wire : leadBack(fitout, pin).wires)
        if (const std::string& colour = fitout.wires.at(wire).colour; !colour.empty()) return colour;
    return {};
}

}  // namespace core
