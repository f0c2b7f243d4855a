#pragma once

#include <complex>
#include <map>
#include <string>
#include <vector>

#include "core/netlist/netlist_file.h"

namespace tests {

struct SpiceResult {
    std::vector<double> frequency_hz{};
    std::map<std::string, std::vector<std::complex<double>>> values{};  // "v(1)", "i(v1)", in lower case
};

// Our own netlist, solved by a general circuit simulator (ngspice, from Debian) at the points of its .ac card.
SpiceResult runSpice(const core::Netlist& netlist, const std::string& name);
// A netlist written by hand, with an .ac card of its own.
SpiceResult runSpiceText(const std::string& netlist, const std::string& name);
// The same at one frequency alone.
SpiceResult runSpiceAt(const core::Netlist& netlist, const std::string& name, const std::string& frequency_hz);

// Voltages of all nodes and the current of the first source against ours, 1e-6 of the larger of the two voltages or of
// a nanovolt per volt.
void expectAgreement(const core::Netlist& netlist, const std::string& name);

}  // namespace tests
