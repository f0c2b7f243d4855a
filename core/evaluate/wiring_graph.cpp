#include "core/evaluate/wiring_graph.h"

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

// Walks every simple way from one pin to another, other outputs open, and keeps what lies on those through one coil.
class RunWalk {
public:
    RunWalk(const WiringGraph& graph, const GraphEdge& channel, int coil)
        : m_graph(graph), m_target(channel.b), m_coil(coil)
    {
        m_visited.assign(graph.pins.size(), false);
        m_visited[static_cast<size_t>(channel.a)] = true;
        step(channel.a);
    }

    [[nodiscard]] bool found() const { return m_ways > 0; }
    [[nodiscard]] const std::set<int>& onAny() const { return m_onAny; }
    [[nodiscard]] const std::set<int>& onEvery() const { return m_onEvery; }

private:
    static constexpr int kMostSteps = 20000;  // bounds the walk in a wiring that is nothing but loops

    void step(int pin)
    {
        if (pin == m_target) {
            if (std::find(m_way.begin(), m_way.end(), m_coil) != m_way.end()) keepWay();
            return;
        }
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
        if (m_ways++ == 0)
            m_onEvery = way;
        else
            std::erase_if(m_onEvery, [&](int edge) { return !way.contains(edge); });
        m_onAny.insert(way.begin(), way.end());
    }

    const WiringGraph& m_graph;
    int m_target;
    int m_coil;
    int m_ways = 0;
    int m_steps = 0;
    std::vector<bool> m_visited{};
    std::vector<int> m_way{};
    std::set<int> m_onAny{}, m_onEvery{};
};

// Which way round a coil stands to its channel: the sign of its voltage with every passive part taken as one ohm.
int signOfCoil(const WiringGraph& graph, const GraphEdge& channel, const GraphEdge& coil)
{
    const std::vector<int> net = nets(graph, isLink);
    const auto netOf = [&](int pin) { return net[static_cast<size_t>(pin)]; };
    if (netOf(channel.a) == netOf(channel.b)) return 0;
    Network network;
    std::map<int, int> nodeOf{{netOf(channel.b), 0}};
    std::vector<int> reached{netOf(channel.a)};
    const auto node = [&](int pin) {
        const auto [entry, fresh] = nodeOf.try_emplace(netOf(pin), 0);
        if (fresh) {
            entry->second = addNode(network, "n");
            reached.push_back(netOf(pin));
        }
        return entry->second;
    };
    network.elements.push_back({NetworkKind::VoltageSource, "V", node(channel.a), 0, 1.0});
    for (size_t i = 0; i < reached.size(); ++i) {  // grows while it runs
        for (const GraphEdge& edge : graph.edges) {
            if (edge.kind == ElementKind::Output || edge.kind == ElementKind::Input || isLink(edge)) continue;
            if (netOf(edge.a) != reached[i] && netOf(edge.b) != reached[i]) continue;
            if (netOf(edge.a) == netOf(edge.b)) continue;
            network.elements.push_back({NetworkKind::Resistor, "R", node(edge.a), node(edge.b), 1.0});
        }
    }
    if (!nodeOf.contains(netOf(coil.a)) || !nodeOf.contains(netOf(coil.b))) return 0;
    const auto solution = solveNetwork(network, Eigen::ArrayXd::Constant(1, 1.0));
    if (!solution) return 0;
    const auto& voltage = solution->value.voltage_v;
    const double across = voltage(nodeOf.at(netOf(coil.a)), 0).real() - voltage(nodeOf.at(netOf(coil.b)), 0).real();
    return std::abs(across) < 1e-9 ? 0 : (across > 0.0 ? 1 : -1);
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
    const WiringGraph graph = wiringGraph(fitout);
    std::vector<Run> found;
    for (const GraphEdge& channel : graph.edges) {
        if (channel.kind != ElementKind::Output) continue;
        for (size_t i = 0; i < graph.edges.size(); ++i) {
            const GraphEdge& coil = graph.edges[i];
            if (coil.kind != ElementKind::Coil) continue;
            const RunWalk walk(graph, channel, static_cast<int>(i));
            if (!walk.found()) continue;
            Run run{.id = {channel.element, coil.element}, .sign = signOfCoil(graph, channel, coil)};
            std::set<DeviceId> along;
            for (const int index : walk.onAny()) {
                const GraphEdge& edge = graph.edges[static_cast<size_t>(index)];
                if (edge.element.device) along.insert(edge.element.device);
            }
            run.along.assign(along.begin(), along.end());
            for (const int index : walk.onEvery()) {
                const GraphEdge& edge = graph.edges[static_cast<size_t>(index)];
                if (edge.kind == ElementKind::Capacitor) run.seriesCapacitors.push_back(edge.element);
            }
            found.push_back(std::move(run));
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
