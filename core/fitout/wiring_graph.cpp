#include "core/fitout/wiring_graph.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <set>

#include "core/physics/network.h"

namespace core {
namespace {

bool isLink(const GraphEdge& edge)
{
    return edge.kind == ElementKind::Link;
}

// What lies on the simple ways from a channel's plus to its minus that pass through one coil.
struct CoilWays {
    std::set<int> onAny{}, onEvery{};  // edges
};

// Walks every simple way from a channel's plus to its minus, other outputs open.
class RunWalk {
public:
    RunWalk(const WiringGraph& graph, const GraphEdge& channel) : m_graph(graph), m_target(channel.b)
    {
        m_visited.assign(graph.pins.size(), false);
        m_visited[static_cast<size_t>(channel.a)] = true;
        step(channel.a);
    }

    [[nodiscard]] const std::map<int, CoilWays>& coils() const { return m_coils; }

private:
    // Bounds for a wiring that is nothing but loops; no circuit of a vehicle comes near them.
    static constexpr int kMostSteps = 20000;
    static constexpr size_t kLongestWay = 400;

    void step(int pin)
    {
        if (pin == m_target) return keepWay();
        if (m_way.size() >= kLongestWay) return;
        for (const int index : m_graph.edgesAt[static_cast<size_t>(pin)]) {
            if (++m_steps > kMostSteps) return;
            const GraphEdge& edge = m_graph.edges[static_cast<size_t>(index)];
            if (edge.kind == ElementKind::Output || edge.kind == ElementKind::Input) continue;
            const int next = edge.a == pin ? edge.b : edge.a;
            if (m_visited[static_cast<size_t>(next)]) continue;
            m_visited[static_cast<size_t>(next)] = true;
            m_way.push_back(index);
            step(next);
            m_way.pop_back();
            m_visited[static_cast<size_t>(next)] = false;
        }
    }

    void keepWay()
    {
        const std::set<int> way(m_way.begin(), m_way.end());
        for (const int index : way) {
            if (m_graph.edges[static_cast<size_t>(index)].kind != ElementKind::Coil) continue;
            const auto [coil, first] = m_coils.try_emplace(index, CoilWays{way, way});
            if (first) continue;
            coil->second.onAny.insert(way.begin(), way.end());
            std::erase_if(coil->second.onEvery, [&](int edge) { return !way.contains(edge); });
        }
    }

    const WiringGraph& m_graph;
    int m_target;
    int m_steps = 0;
    std::vector<bool> m_visited{};
    std::vector<int> m_way{};
    std::map<int, CoilWays> m_coils{};
};

// Which way round the coils stand to a channel: the sign of their voltage with every passive part taken as one ohm.
class CoilSigns {
public:
    CoilSigns(const WiringGraph& graph, const GraphEdge& channel) : m_net(nets(graph, isLink))
    {
        if (netOf(channel.a) == netOf(channel.b)) return;
        Network network;
        m_nodeOf[netOf(channel.b)] = 0;
        std::vector<int> reached;
        const auto node = [&](int pin) {
            const auto [entry, fresh] = m_nodeOf.try_emplace(netOf(pin), 0);
            if (fresh) {
                entry->second = addNode(network, "n");
                reached.push_back(netOf(pin));
            }
            return entry->second;
        };
        network.elements.push_back({NetworkKind::VoltageSource, "V", node(channel.a), 0, 1.0});
        std::vector<bool> taken(graph.edges.size(), false);
        for (size_t i = 0; i < reached.size(); ++i) {  // grows while it runs
            for (size_t e = 0; e < graph.edges.size(); ++e) {
                const GraphEdge& edge = graph.edges[e];
                if (taken[e] || edge.kind == ElementKind::Output || edge.kind == ElementKind::Input || isLink(edge))
                    continue;
                if ((netOf(edge.a) != reached[i] && netOf(edge.b) != reached[i]) || netOf(edge.a) == netOf(edge.b))
                    continue;
                taken[e] = true;
                network.elements.push_back({NetworkKind::Resistor, "R", node(edge.a), node(edge.b), 1.0});
            }
        }
        if (const auto solution = solveNetwork(network, Eigen::ArrayXd::Constant(1, 1.0)))
            m_voltage = solution->value.voltage_v.row(0).real();
    }

    [[nodiscard]] int of(const GraphEdge& coil) const
    {
        const auto plus = m_nodeOf.find(netOf(coil.a));
        const auto minus = m_nodeOf.find(netOf(coil.b));
        if (m_voltage.size() == 0 || plus == m_nodeOf.end() || minus == m_nodeOf.end()) return 0;
        const double across = m_voltage(plus->second) - m_voltage(minus->second);
        return std::abs(across) < 1e-9 ? 0 : (across > 0.0 ? 1 : -1);
    }

private:
    [[nodiscard]] int netOf(int pin) const { return m_net[static_cast<size_t>(pin)]; }

    std::vector<int> m_net;
    std::map<int, int> m_nodeOf{};  // net -> node
    Eigen::ArrayXd m_voltage{};
};

Run runOf(const WiringGraph& graph, const GraphEdge& channel, const GraphEdge& coil, const CoilWays& ways, int sign)
{
    Run run{.id = {channel.element, coil.element}, .sign = sign};
    std::set<DeviceId> along;
    for (const int index : ways.onAny) {
        const GraphEdge& edge = graph.edges[static_cast<size_t>(index)];
        if (edge.element.device) along.insert(edge.element.device);
    }
    run.along.assign(along.begin(), along.end());
    for (const int index : ways.onEvery) {
        const GraphEdge& edge = graph.edges[static_cast<size_t>(index)];
        if (edge.kind == ElementKind::Capacitor) run.seriesCapacitors.push_back(edge.element);
    }
    return run;
}

}  // namespace

WiringGraph wiringGraph(const Fitout& fitout)
{
    WiringGraph graph;
    std::map<Pin, int> number;
    const auto pin = [&](const Pin& name) {
        const auto [entry, fresh] = number.try_emplace(name, static_cast<int>(graph.pins.size()));
        if (fresh) graph.pins.push_back(name);
        return entry->second;
    };
    for (const auto& [id, device] : fitout.devices) {
        for (const auto& [name, element] : fitout.parts.at(device.part).inside) {
            if (element.a == element.b) continue;
            graph.edges.push_back({pin({id, element.a}), pin({id, element.b}), element.kind, {id, name}, {}});
        }
    }
    for (const auto& [id, wire] : fitout.wires) {
        if (wire.a == wire.b) continue;
        graph.edges.push_back({pin(wire.a), pin(wire.b), ElementKind::Link, {}, id});
    }
    graph.edgesAt.resize(graph.pins.size());
    for (size_t i = 0; i < graph.edges.size(); ++i) {
        graph.edgesAt[static_cast<size_t>(graph.edges[i].a)].push_back(static_cast<int>(i));
        graph.edgesAt[static_cast<size_t>(graph.edges[i].b)].push_back(static_cast<int>(i));
    }
    return graph;
}

std::vector<int> nets(const WiringGraph& graph, const std::function<bool(const GraphEdge&)>& joins)
{
    std::vector<int> parent(graph.pins.size());
    std::iota(parent.begin(), parent.end(), 0);
    const auto find = [&](int pin) {
        while (parent[static_cast<size_t>(pin)] != pin) pin = parent[static_cast<size_t>(pin)];
        return pin;
    };
    for (const GraphEdge& edge : graph.edges)
        if (joins(edge)) parent[static_cast<size_t>(find(edge.a))] = find(edge.b);
    std::vector<int> net(graph.pins.size());
    for (size_t pin = 0; pin < net.size(); ++pin) net[pin] = find(static_cast<int>(pin));
    return net;
}

std::vector<Run> runs(const Fitout& fitout)
{
    return runs(wiringGraph(fitout));
}

std::vector<Run> runs(const WiringGraph& graph)
{
    std::vector<Run> found;
    for (const GraphEdge& channel : graph.edges) {
        if (channel.kind != ElementKind::Output) continue;
        const RunWalk walk(graph, channel);
        if (walk.coils().empty()) continue;
        const CoilSigns signs(graph, channel);
        for (const auto& [index, ways] : walk.coils()) {
            const GraphEdge& coil = graph.edges[static_cast<size_t>(index)];
            found.push_back(runOf(graph, channel, coil, ways, signs.of(coil)));
        }
    }
    return found;
}

std::vector<std::pair<Port, Port>> joinedOutputs(const Fitout& fitout)
{
    const WiringGraph graph = wiringGraph(fitout);
    const std::vector<int> net = nets(graph, isLink);
    std::vector<std::pair<Port, Port>> joined;
    for (size_t i = 0; i < graph.edges.size(); ++i) {
        for (size_t j = i + 1; j < graph.edges.size(); ++j) {
            const GraphEdge& one = graph.edges[i];
            const GraphEdge& other = graph.edges[j];
            if (one.kind != ElementKind::Output || other.kind != ElementKind::Output) continue;
            const auto meets = [&](int a, int b) { return net[static_cast<size_t>(a)] == net[static_cast<size_t>(b)]; };
            if (meets(one.a, other.a) || meets(one.a, other.b) || meets(one.b, other.a) || meets(one.b, other.b))
                joined.emplace_back(one.element, other.element);
        }
    }
    return joined;
}

}  // namespace core
