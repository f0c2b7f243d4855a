#include "core/evaluate/lead_back.h"

#include <set>
#include <utility>

namespace core {
namespace {

// The other terminal of what lies at this one inside a part.
std::string across(const Part& part, const std::string& terminal)
{
    for (const auto& [name, element] : part.inside) {
        if (element.a == terminal && part.terminals.contains(element.b)) return element.b;
        if (element.b == terminal && part.terminals.contains(element.a)) return element.a;
    }
    return {};
}

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
        const std::string next = across(part, other.terminal);
        Way on = next.empty() ? Way{} : from({other.device, next});
        Way joined = from(other);
        const bool splice = joined.end > on.end;
        if (splice) on = std::move(joined);
        way.end = on.end;
        if (on.back.wires.empty()) return way;
        way.back.wires.insert(way.back.wires.end(), on.back.wires.begin(), on.back.wires.end());
        if (!splice) way.back.arrival = on.back.arrival;
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

}  // namespace core
