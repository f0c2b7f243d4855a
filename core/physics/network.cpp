#include "core/physics/network.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>

#include "core/physics/network_matrix.h"
#include "core/physics/network_sweep.h"

namespace core {
namespace {

// Nodes joined so far, each pointing towards the head of its group.
class NodeGroups {
public:
    explicit NodeGroups(size_t nodes) : m_parent(nodes) { std::iota(m_parent.begin(), m_parent.end(), 0); }

    int headOf(int node) const
    {
        while (m_parent[static_cast<size_t>(node)] != node) node = m_parent[static_cast<size_t>(node)];
        return node;
    }
    bool join(int a, int b)  // false: they were joined already
    {
        const int from = headOf(a), to = headOf(b);
        m_parent[static_cast<size_t>(from)] = to;
        return from != to;
    }

private:
    std::vector<int> m_parent;
};

std::optional<ModelError> checkValues(const Network& network)
{
    for (const NetworkElement& element : network.elements) {
        if (!std::isfinite(element.value) || !std::isfinite(element.phase_deg))
            return ModelError{ErrorCode::NotFinite, element.name, element.value, "finite"};
        const bool passive = element.kind == NetworkKind::Resistor || element.kind == NetworkKind::Inductor ||
                             element.kind == NetworkKind::Capacitor;
        if (passive && element.value < 0.0)
            return ModelError{ErrorCode::OutOfDomain, element.name, element.value, ">= 0"};
    }
    return std::nullopt;
}

// Nodes that nothing ties to ground, whose voltage nothing decides.
std::optional<ModelError> checkFloating(const Network& network)
{
    NodeGroups groups(network.nodeNames.size());
    for (const NetworkElement& element : network.elements) {
        const bool ties =
            element.kind != NetworkKind::CurrentSource && element.kind != NetworkKind::VoltageControlledCurrent;
        if (ties && !(element.kind == NetworkKind::Capacitor && element.value == 0.0))
            groups.join(element.plus, element.minus);
    }
    std::string floating;
    for (int node = 1; node < static_cast<int>(network.nodeNames.size()); ++node)
        if (groups.headOf(node) != groups.headOf(0))
            floating += (floating.empty() ? "" : ", ") + network.nodeNames[static_cast<size_t>(node)];
    if (floating.empty()) return std::nullopt;
    return ModelError{ErrorCode::Singular, "nodes " + floating, 0.0, "every node tied to ground"};
}

// Voltage sources and shorts that close a loop leave their currents undecided.
std::optional<ModelError> checkLoops(const Network& network)
{
    NodeGroups groups(network.nodeNames.size());
    for (const NetworkElement& element : network.elements) {
        if (!isBranch(element) || element.kind == NetworkKind::VoltageControlledVoltage) continue;
        if (!groups.join(element.plus, element.minus))
            return ModelError{ErrorCode::Singular, "loop through " + element.name, 0.0,
                              "no loop of voltage sources, zero-ohm parts and L = 0"};
    }
    return std::nullopt;
}

}  // namespace

int addNode(Network& network, std::string name)
{
    network.nodeNames.push_back(std::move(name));
    return static_cast<int>(network.nodeNames.size()) - 1;
}

std::optional<int> findNode(const Network& network, const std::string& name)
{
    const auto found = std::find(network.nodeNames.begin(), network.nodeNames.end(), name);
    if (found == network.nodeNames.end()) return std::nullopt;
    return static_cast<int>(found - network.nodeNames.begin());
}

std::optional<size_t> findElement(const Network& network, const std::string& name)
{
    const auto found = std::find_if(network.elements.begin(), network.elements.end(),
                                    [&](const NetworkElement& element) { return element.name == name; });
    if (found == network.elements.end()) return std::nullopt;
    return static_cast<size_t>(found - network.elements.begin());
}

std::optional<ModelError> checkNetwork(const Network& network)
{
    if (auto error = checkValues(network)) return error;
    if (auto error = checkFloating(network)) return error;
    return checkLoops(network);
}

Outcome<NetworkSolution> solveNetwork(const Network& network, const Eigen::ArrayXd& frequency_hz)
{
    if (!frequency_hz.isFinite().all())
        return tl::unexpected(ModelError{ErrorCode::NotFinite, "frequency_hz", 0.0, "finite"});
    if ((frequency_hz <= 0.0).any())
        return tl::unexpected(ModelError{ErrorCode::OutOfDomain, "frequency_hz", frequency_hz.minCoeff(), "> 0"});
    if (const auto error = checkNetwork(network)) return tl::unexpected(*error);
    auto solution = NetworkSweep(network).solve(network, frequency_hz);
    if (!solution) return tl::unexpected(solution.error());
    return Answer<NetworkSolution>{std::move(*solution), {}};
}

Eigen::ArrayXcd voltageBetween_v(const NetworkSolution& solution, int plus, int minus)
{
    return solution.voltage_v.col(plus) - solution.voltage_v.col(minus);
}

Eigen::ArrayXcd elementCurrent_a(const Network& network, const NetworkSolution& solution, size_t element)
{
    using Complex = std::complex<double>;
    const NetworkElement& e = network.elements[element];
    if (const int branch = solution.branchOf[element]; branch >= 0) return solution.branch_a.col(branch);
    const Eigen::ArrayXcd across_v = voltageBetween_v(solution, e.plus, e.minus);
    const Eigen::ArrayXd angular = 2.0 * std::numbers::pi * solution.frequency_hz;
    switch (e.kind) {
        case NetworkKind::Resistor:
            return across_v / e.value;
        case NetworkKind::Capacitor:
            return across_v * (Complex{0.0, e.value} * angular.cast<Complex>());
        case NetworkKind::Inductor:
            return across_v / (Complex{0.0, e.value} * angular.cast<Complex>());
        case NetworkKind::CurrentSource:
            return Eigen::ArrayXcd::Constant(angular.size(), sourceValue(e));
        case NetworkKind::VoltageControlledCurrent:
            return e.value * voltageBetween_v(solution, e.controlPlus, e.controlMinus);
        case NetworkKind::VoltageSource:
        case NetworkKind::VoltageControlledVoltage:
            break;  // branches, answered above
    }
    return Eigen::ArrayXcd::Zero(angular.size());
}

}  // namespace core
