#pragma once

#include <Eigen/Core>
#include <complex>
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
    double phase_rad = 0.0;                 // sources only
    int controlPlus = 0, controlMinus = 0;  // controlled sources only
};

// Any linear network. Node 0 is ground; nodes 1.. are nodeNames[1]..
struct Network {
    std::vector<std::string> nodeNames{"0"};
    std::vector<NetworkElement> elements{};
};

// Adds a node and returns its number.
int addNode(Network& network, std::string name);

struct NetworkSolution {
    Eigen::ArrayXXcd voltage_v{};  // nodes x frequencies; row 0 (ground) is zero
    Eigen::ArrayXXcd current_a{};  // elements x frequencies, from plus through the element to minus
};

// Modified nodal analysis: x = node voltages and one branch current for each voltage source, inductor, zero-ohm
// resistor and voltage-controlled voltage source; Y x = b solved with partial pivoting after row scaling at each
// frequency. frequency_hz  any length, each > 0 errors        OutOfDomain (f <= 0, negative L, C or R), NotFinite,
// Singular (floating nodes by name, or a loop of sources and shorts) source        Ho, Ruehli, Brennan, "The modified
// nodal approach to network analysis", IEEE Trans. CAS 22 (1975)
[[nodiscard]] Outcome<NetworkSolution> solveNetwork(const Network& network, const Eigen::ArrayXd& frequency_hz);

}  // namespace core
