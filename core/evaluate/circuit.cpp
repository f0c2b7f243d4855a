#include "core/evaluate/circuit.h"

#include <algorithm>
#include <set>

#include "core/evaluate/driver_mounting.h"
#include "core/fitout/complete.h"
#include "core/fitout/wiring_graph.h"
#include "core/model/names.h"
#include "core/physics/driver_network.h"
#include "core/physics/wire.h"

namespace core {
namespace {

constexpr double kLeastResistance_ohm = 1e-3;  // of a resistor or a coil's wire: no loop of perfect shorts can arise

class CircuitBuilder {
public:
    CircuitBuilder(const Fitout& fitout, const WiringGraph& graph, const Practice& practice)
        : m_fitout(fitout), m_practice(practice), m_graph(graph), m_net(nets(m_graph, [this](const GraphEdge& edge) {
              return edge.kind == ElementKind::Link && !resistanceOf(edge);
          }))
    {
    }

    std::optional<Circuit> build(const Port& channel)
    {
        const auto output = std::find_if(m_graph.edges.begin(), m_graph.edges.end(),
                                         [&](const GraphEdge& edge) { return edge.element == channel; });
        if (output == m_graph.edges.end() || netOf(output->a) == netOf(output->b)) return std::nullopt;
        m_circuit.channel = channel;
        m_islands = nets(m_graph, [](const GraphEdge& edge) { return edge.kind != ElementKind::Input; });
        ground(output->b);
        m_circuit.terminal = node(output->a);
        const int inner = addNode(m_circuit.network, "emf");
        m_circuit.source = add({NetworkKind::VoltageSource, "V1", inner, 0, 1.0});
        const Figures figures = complete(partOf(channel), channel.element, m_practice);
        add({NetworkKind::Resistor, "Rout", inner, m_circuit.terminal,
             figures.at(Quantity::OutputResistance_ohm).value});
        std::vector<bool>& taken = m_taken;
        taken.assign(m_graph.edges.size(), false);
        taken[static_cast<size_t>(output - m_graph.edges.begin())] = true;
        for (size_t i = 0; i < m_reached.size(); ++i) {  // grows while it runs
            for (size_t e = 0; e < m_graph.edges.size(); ++e) {
                const GraphEdge& edge = m_graph.edges[e];
                if (taken[e] || (netOf(edge.a) != m_reached[i] && netOf(edge.b) != m_reached[i])) continue;
                taken[e] = true;
                if (netOf(edge.a) != netOf(edge.b)) addEdge(edge);
            }
        }
        return std::move(m_circuit);
    }

private:
    [[nodiscard]] int netOf(int pin) const { return m_net[static_cast<size_t>(pin)]; }
    [[nodiscard]] const Part& partOf(const Port& port) const
    {
        return m_fitout.parts.at(m_fitout.devices.at(port.device).part);
    }

    [[nodiscard]] std::optional<double> resistanceOf(const GraphEdge& edge) const
    {
        return edge.wire ? wireResistance_ohm(m_fitout.wires.at(edge.wire), m_practice) : std::nullopt;
    }

    // This pin is node 0 of what hangs together with it by wire.
    void ground(int pin)
    {
        m_nodes[netOf(pin)] = 0;
        m_reached.push_back(netOf(pin));
        m_grounded.insert(m_islands[static_cast<size_t>(pin)]);
    }

    // What only a shared cone joins to the channel has a node 0 of its own: no current flows from one to the other.
    int node(int pin)
    {
        if (!m_grounded.contains(m_islands[static_cast<size_t>(pin)])) {
            ground(pin);
            return 0;
        }
        const auto [entry, fresh] = m_nodes.try_emplace(netOf(pin), 0);
        if (fresh) {
            entry->second = addNode(m_circuit.network, "n" + std::to_string(m_nodes.size() - 1));
            m_reached.push_back(netOf(pin));
        }
        return entry->second;
    }

    size_t add(NetworkElement element)
    {
        m_circuit.network.elements.push_back(std::move(element));
        return m_circuit.network.elements.size() - 1;
    }

    void addEdge(const GraphEdge& edge)
    {
        if (edge.kind == ElementKind::Input) return;  // an amplifier's input takes no power
        const int plus = node(edge.a);
        const int minus = node(edge.b);
        if (edge.wire) {
            add({NetworkKind::Resistor, "R_" + textOf(edge.wire), plus, minus, *resistanceOf(edge)});
            return;
        }
        const std::string name = textOf(edge.element.device) + "_" + edge.element.element;
        const Part& part = partOf(edge.element);
        const Figures figures = complete(part, edge.element.element, m_practice);
        CircuitTap tap{edge.element, edge.kind, plus, minus};
        const auto lossy = [&](NetworkKind kind, const char* letter, double value, double loss) {
            int middle = minus;
            if (loss > 0.0) {
                middle = addNode(m_circuit.network, letter + name + "_i");
                tap.loss = add({NetworkKind::Resistor, "R" + std::string(letter) + name, middle, minus, loss});
            }
            tap.part = add({kind, letter + name, plus, middle, value});
        };
        switch (edge.kind) {
            case ElementKind::Coil:
                if (coilsOfCone(part, edge.element.element).size() > 1) return addSharedCone(edge.element, part);
                tap.part = m_circuit.network.elements.size();  // its wire comes first
                addCoil(edge.element, name, plus, minus, figures);
                break;
            case ElementKind::Capacitor:
                lossy(NetworkKind::Capacitor, "C", figures.at(Quantity::Capacitance_f).value,
                      figures.at(Quantity::SeriesResistance_ohm).value);
                break;
            case ElementKind::Inductor:
                lossy(NetworkKind::Inductor, "L", figures.at(Quantity::Inductance_h).value,
                      std::max(kLeastResistance_ohm, figures.at(Quantity::SeriesResistance_ohm).value));
                break;
            case ElementKind::Resistor:
                tap.part = add({NetworkKind::Resistor, "R" + name, plus, minus,
                                std::max(kLeastResistance_ohm, figures.at(Quantity::Resistance_ohm).value)});
                break;
            case ElementKind::Output:
                add({NetworkKind::Resistor, "Ro" + name, plus, minus,
                     figures.at(Quantity::OutputResistance_ohm).value});
                break;
            case ElementKind::Link:
            case ElementKind::Input:
                break;
        }
        tap.worst = worstOrigin(figures, {Quantity::Capacitance_f, Quantity::Inductance_h, Quantity::Resistance_ohm});
        m_circuit.taps.push_back(tap);
    }

    void addCoil(const Port& coil, const std::string& name, int plus, int minus, const Figures& figures)
    {
        const MountedDriver mounted = mountedDriver(m_fitout, coil, figures, m_practice);
        addDriver(m_circuit.network, name, plus, minus, mounted.driver, mounted.mounting.box);
    }

    // All coils of a cone at once: each feels what flows in the others.
    void addSharedCone(const Port& coil, const Part& part)
    {
        const std::vector<std::string> names = coilsOfCone(part, coil.element);
        const MountedDriver mounted =
            mountedDriver(m_fitout, coil, complete(part, coil.element, m_practice), m_practice);
        CircuitCone cone;
        std::vector<ConeCoil> coils;
        for (const std::string& one : names) {
            const Port port{coil.device, one};
            const auto edge = std::find_if(m_graph.edges.begin(), m_graph.edges.end(),
                                           [&](const GraphEdge& any) { return any.element == port; });
            if (edge == m_graph.edges.end()) continue;  // made between one and the same terminal: it is no coil
            m_taken[static_cast<size_t>(edge - m_graph.edges.begin())] = true;
            const Figures figures = complete(part, one, m_practice);
            const int minus = node(edge->b), plus = node(edge->a);
            coils.push_back({textOf(coil.device) + "_" + one, plus, minus, figures.at(Quantity::Re_ohm).value,
                             figures.at(Quantity::Polarity).value < 0.0 ? -1.0 : 1.0});
            cone.taps.push_back(m_circuit.taps.size());
            cone.signs.push_back(coils.back().sign);
            m_circuit.taps.push_back({.element = port,
                                      .kind = ElementKind::Coil,
                                      .plus = plus,
                                      .minus = minus,
                                      .worst = worstOrigin(figures, {Quantity::Re_ohm, Quantity::Le_h})});
        }
        const std::string name = textOf(coil.device) + "_cone" + std::to_string(part.inside.at(coil.element).cone);
        const std::vector<size_t> resistors =
            addCone(m_circuit.network, name, coils, mounted.driver, m_practice[PracticeKey::CoilCoupling_ratio],
                    mounted.mounting.box);
        for (size_t i = 0; i < resistors.size(); ++i) m_circuit.taps[cone.taps[i]].part = resistors[i];
        cone.loss = *findElement(m_circuit.network, "Res_" + name);
        m_circuit.cones.push_back(std::move(cone));
    }

    const Fitout& m_fitout;
    const Practice& m_practice;
    const WiringGraph& m_graph;
    std::vector<int> m_net;
    Circuit m_circuit{};
    std::vector<int> m_islands{};  // of each pin: what it hangs together with by wire
    std::set<int> m_grounded{};    // islands
    std::vector<bool> m_taken{};   // edges
    std::map<int, int> m_nodes{};  // net -> node
    std::vector<int> m_reached{};
};

}  // namespace

std::optional<double> wireResistance_ohm(const Wire& wire, const Practice& practice)
{
    const auto length = valueOf(wire.figures, Quantity::Length_m);
    const auto area = valueOf(wire.figures, Quantity::Area_m2);
    if (!length || !area || *length <= 0.0) return std::nullopt;
    return conductorResistance_ohm(
        {.length_m = *length, .area_m2 = *area, .lay = practice[PracticeKey::WireResistivityLay_ratio]});
}

std::optional<Circuit> circuitOf(const Fitout& fitout, const Port& channel, const Practice& practice)
{
    return circuitOf(fitout, wiringGraph(fitout), channel, practice);
}

std::optional<Circuit> circuitOf(const Fitout& fitout, const WiringGraph& graph, const Port& channel,
                                 const Practice& practice)
{
    return CircuitBuilder(fitout, graph, practice).build(channel);
}

std::vector<Port> channels(const Fitout& fitout)
{
    std::vector<Port> found;
    for (const auto& [id, device] : fitout.devices)
        for (const auto& [name, element] : fitout.parts.at(device.part).inside)
            if (element.kind == ElementKind::Output) found.push_back({id, name});
    return found;
}

}  // namespace core
