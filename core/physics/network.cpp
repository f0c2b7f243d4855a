#include "core/physics/network.h"

#include <Eigen/LU>
#include <cmath>
#include <numbers>
#include <numeric>
#include <optional>
#include <set>

namespace core {
namespace {

using Complex = std::complex<double>;

bool hasBranchCurrent(const NetworkElement& element)
{
    switch (element.kind) {
        case NetworkKind::VoltageSource:
        case NetworkKind::Inductor:
        case NetworkKind::VoltageControlledVoltage:
            return true;
        case NetworkKind::Resistor:
            return element.value == 0.0;
        case NetworkKind::Capacitor:
        case NetworkKind::CurrentSource:
        case NetworkKind::VoltageControlledCurrent:
            return false;
    }
    return false;
}

std::optional<ModelError> checkElements(const Network& network, const Eigen::ArrayXd& frequency_hz)
{
    if (!frequency_hz.isFinite().all()) return ModelError{ErrorCode::NotFinite, "frequency_hz", 0.0, "finite"};
    if ((frequency_hz <= 0.0).any())
        return ModelError{ErrorCode::OutOfDomain, "frequency_hz", frequency_hz.minCoeff(), "> 0"};
    for (const NetworkElement& element : network.elements) {
        if (!std::isfinite(element.value))
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
    std::vector<int> parent(network.nodeNames.size());
    std::iota(parent.begin(), parent.end(), 0);
    const auto find = [&](int node) {
        while (parent[static_cast<size_t>(node)] != node) node = parent[static_cast<size_t>(node)];
        return node;
    };
    for (const NetworkElement& element : network.elements) {
        const bool ties =
            element.kind != NetworkKind::CurrentSource && element.kind != NetworkKind::VoltageControlledCurrent;
        if (ties && !(element.kind == NetworkKind::Capacitor && element.value == 0.0))
            parent[static_cast<size_t>(find(element.plus))] = find(element.minus);
    }
    std::string floating;
    for (int node = 1; node < static_cast<int>(network.nodeNames.size()); ++node)
        if (find(node) != find(0))
            floating += (floating.empty() ? "" : ", ") + network.nodeNames[static_cast<size_t>(node)];
    if (floating.empty()) return std::nullopt;
    return ModelError{ErrorCode::Singular, "nodes " + floating, 0.0, "every node tied to ground"};
}

// The matrix split by its power of the angular frequency: Y(w) = fixed + jw slope.
struct Stamps {
    Eigen::MatrixXcd fixed{}, slope{};
    Eigen::VectorXcd right{};
    std::vector<int> branchOf{};  // column of the element's current, or -1
};

Stamps stampAll(const Network& network)
{
    const int nodes = static_cast<int>(network.nodeNames.size()) - 1;
    Stamps stamps;
    int size = nodes;
    for (const NetworkElement& element : network.elements)
        stamps.branchOf.push_back(hasBranchCurrent(element) ? size++ : -1);
    stamps.fixed = Eigen::MatrixXcd::Zero(size, size);
    stamps.slope = Eigen::MatrixXcd::Zero(size, size);
    stamps.right = Eigen::VectorXcd::Zero(size);
    const auto add = [](Eigen::MatrixXcd& matrix, int rowNode, int columnNode, double value) {
        if (rowNode > 0 && columnNode > 0) matrix(rowNode - 1, columnNode - 1) += value;
    };
    const auto admittance = [&](Eigen::MatrixXcd& matrix, const NetworkElement& e, double value) {
        add(matrix, e.plus, e.plus, value);
        add(matrix, e.minus, e.minus, value);
        add(matrix, e.plus, e.minus, -value);
        add(matrix, e.minus, e.plus, -value);
    };
    for (size_t index = 0; index < network.elements.size(); ++index) {
        const NetworkElement& e = network.elements[index];
        const int branch = stamps.branchOf[index];
        if (branch >= 0) {
            for (const auto& [node, sign] : {std::pair{e.plus, 1.0}, std::pair{e.minus, -1.0}}) {
                if (node == 0) continue;
                stamps.fixed(node - 1, branch) += sign;
                stamps.fixed(branch, node - 1) += sign;
            }
        }
        switch (e.kind) {
            case NetworkKind::Resistor:
                if (branch < 0) admittance(stamps.fixed, e, 1.0 / e.value);
                break;
            case NetworkKind::Capacitor:
                admittance(stamps.slope, e, e.value);
                break;
            case NetworkKind::Inductor:
                stamps.slope(branch, branch) -= e.value;
                break;
            case NetworkKind::VoltageSource:
                stamps.right(branch) = std::polar(e.value, e.phase_rad);
                break;
            case NetworkKind::CurrentSource:
                if (e.plus > 0) stamps.right(e.plus - 1) -= std::polar(e.value, e.phase_rad);
                if (e.minus > 0) stamps.right(e.minus - 1) += std::polar(e.value, e.phase_rad);
                break;
            case NetworkKind::VoltageControlledVoltage:
                if (e.controlPlus > 0) stamps.fixed(branch, e.controlPlus - 1) -= e.value;
                if (e.controlMinus > 0) stamps.fixed(branch, e.controlMinus - 1) += e.value;
                break;
            case NetworkKind::VoltageControlledCurrent:
                add(stamps.fixed, e.plus, e.controlPlus, e.value);
                add(stamps.fixed, e.plus, e.controlMinus, -e.value);
                add(stamps.fixed, e.minus, e.controlPlus, -e.value);
                add(stamps.fixed, e.minus, e.controlMinus, e.value);
                break;
        }
    }
    return stamps;
}

Complex elementCurrent(const NetworkElement& e, int branch, const Eigen::VectorXcd& x, double angular)
{
    if (branch >= 0) return x(branch);
    const auto at = [&](int node) { return node > 0 ? x(node - 1) : Complex{}; };
    switch (e.kind) {
        case NetworkKind::Resistor:
            return (at(e.plus) - at(e.minus)) / e.value;
        case NetworkKind::Capacitor:
            return (at(e.plus) - at(e.minus)) * Complex{0.0, angular * e.value};
        case NetworkKind::CurrentSource:
            return std::polar(e.value, e.phase_rad);
        case NetworkKind::VoltageControlledCurrent:
            return e.value * (at(e.controlPlus) - at(e.controlMinus));
        default:
            return {};
    }
}

constexpr double kLeastReciprocalCondition = 1e-15;

}  // namespace

int addNode(Network& network, std::string name)
{
    network.nodeNames.push_back(std::move(name));
    return static_cast<int>(network.nodeNames.size()) - 1;
}

Outcome<NetworkSolution> solveNetwork(const Network& network, const Eigen::ArrayXd& frequency_hz)
{
    if (const auto error = checkElements(network, frequency_hz)) return tl::unexpected(*error);
    if (const auto error = checkFloating(network)) return tl::unexpected(*error);
    const Stamps stamps = stampAll(network);
    const auto nodes = static_cast<Eigen::Index>(network.nodeNames.size());
    const auto elements = static_cast<Eigen::Index>(network.elements.size());
    Answer<NetworkSolution> answer;
    answer.value.voltage_v = Eigen::ArrayXXcd::Zero(nodes, frequency_hz.size());
    answer.value.current_a = Eigen::ArrayXXcd::Zero(elements, frequency_hz.size());
    Eigen::MatrixXcd matrix;
    Eigen::VectorXcd right;
    for (Eigen::Index i = 0; i < frequency_hz.size(); ++i) {
        const double angular = 2.0 * std::numbers::pi * frequency_hz(i);
        matrix = stamps.fixed + Complex{0.0, angular} * stamps.slope;
        const Eigen::VectorXd scale = matrix.cwiseAbs().rowwise().maxCoeff();
        if ((scale.array() <= 0.0).any())
            return tl::unexpected(ModelError{ErrorCode::Singular, "a node without elements", 0.0, ""});
        matrix = scale.cwiseInverse().asDiagonal() * matrix;
        right = scale.cwiseInverse().asDiagonal() * stamps.right;
        const Eigen::PartialPivLU<Eigen::MatrixXcd> factors(matrix);
        if (i == 0 && !(factors.rcond() > kLeastReciprocalCondition))
            return tl::unexpected(ModelError{ErrorCode::Singular, "a loop of sources and shorts", 0.0, "one solution"});
        const Eigen::VectorXcd x = factors.solve(right);
        if (!x.allFinite())
            return tl::unexpected(ModelError{ErrorCode::Singular, "the network", frequency_hz(i), "one solution"});
        for (Eigen::Index node = 1; node < nodes; ++node) answer.value.voltage_v(node, i) = x(node - 1);
        for (Eigen::Index e = 0; e < elements; ++e) {
            const auto index = static_cast<size_t>(e);
            answer.value.current_a(e, i) = elementCurrent(network.elements[index], stamps.branchOf[index], x, angular);
        }
    }
    return answer;
}

}  // namespace core
