#pragma once

#include <Eigen/Core>
#include <complex>
#include <optional>
#include <string>
#include <vector>

#include "core/base/outcome.h"

namespace core {

enum class NetworkKind {
    Resistor,
    Inductor,
    Capacitor,
    VoltageSource,
    CurrentSource,
    VoltageControlledVoltage,
    VoltageControlledCurrent
};

// Between nodes plus and minus; a source's current flows from plus through the source to minus.
struct NetworkElement {
    NetworkKind kind = NetworkKind::Resistor;
    std::string name{};
    int plus = 0, minus = 0;
    double value = 0.0;                     // ohm, H, F, gain; sources: rms volts or amperes
    double phase_deg = 0.0;                 // sources only
    int controlPlus = 0, controlMinus = 0;  // controlled sources only
    bool operator==(const NetworkElement&) const = default;
};

// Any linear network. Node 0 is ground; nodes 1.. are nodeNames[1]..
struct Network {
    std::vector<std::string> nodeNames{"0"};
    std::vector<NetworkElement> elements{};
    bool operator==(const Network&) const = default;
};

// Adds a node and returns its number.
int addNode(Network& network, std::string name);
[[nodiscard]] std::optional<int> findNode(const Network& network, const std::string& name);
[[nodiscard]] std::optional<size_t> findElement(const Network& network, const std::string& name);

struct NetworkSolution {
    Eigen::ArrayXd frequency_hz{};
    Eigen::ArrayXXcd voltage_v{};  // frequencies x nodes; column 0 (ground) is zero
    Eigen::ArrayXXcd branch_a{};   // frequencies x branches: currents that are unknowns of their own
    std::vector<int> branchOf{};   // of each element, its column of branch_a, or -1
};

// What is wrong with a network before any frequency is tried: a value that is not finite, a negative R, L or C, nodes
// that nothing ties to ground (by name), a loop of voltage sources, zero-ohm parts and L = 0 (by name).
[[nodiscard]] std::optional<ModelError> checkNetwork(const Network& network);

// Modified nodal analysis: x = node voltages and one branch current for each voltage source, zero-ohm part and
// voltage-controlled voltage source; Y x = b at each frequency. f > 0, so an inductor is an admittance like any other.
// frequency_hz  any length, each > 0
// errors        OutOfDomain (f <= 0, negative L, C or R), NotFinite, Singular (naming what floats or loops)
// source        Ho, Ruehli, Brennan, "The modified nodal approach to network analysis", IEEE Trans. CAS 22 (1975)
[[nodiscard]] Outcome<NetworkSolution> solveNetwork(const Network& network, const Eigen::ArrayXd& frequency_hz);

// Volts from one node to another and amperes through an element, from plus through it to minus; one value a frequency.
[[nodiscard]] Eigen::ArrayXcd voltageBetween_v(const NetworkSolution& solution, int plus, int minus);
[[nodiscard]] Eigen::ArrayXcd elementCurrent_a(const Network& network, const NetworkSolution& solution, size_t element);
[[nodiscard]] inline Eigen::ArrayXcd elementVoltage_v(const Network& network, const NetworkSolution& solution,
                                                      size_t element)
{
    return voltageBetween_v(solution, network.elements[element].plus, network.elements[element].minus);
}

}  // namespace core
