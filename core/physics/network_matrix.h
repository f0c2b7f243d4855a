#pragma once

#include <Eigen/Core>
#include <vector>

#include "core/physics/network.h"

namespace core {

// Whether the element's current is an unknown of its own.
[[nodiscard]] bool isBranch(const NetworkElement& element);

// Volts or amperes of an independent source.
[[nodiscard]] std::complex<double> sourceValue(const NetworkElement& source);

// One place of the matrix that is not always zero: Y(w) = conductance + j (w capacitance - reciprocalInductance / w).
struct MatrixEntry {
    int row = 0, column = 0;
    double conductance = 0.0, capacitance = 0.0, reciprocalInductance = 0.0;
    double constant = 0.0;  // of the conductance: what comes from no value
    [[nodiscard]] std::complex<double> at(double angular) const
    {
        return {conductance, angular * capacitance - reciprocalInductance / angular};
    }
};

// One part's contribution to one entry: sign x value, or sign / value.
struct MatrixStamp {
    size_t element = 0, entry = 0;
    double MatrixEntry::*into = nullptr;
    double sign = 1.0;
    bool reciprocal = false;
};

// The modified nodal equations of a network, Y x = b, with every entry split by its power of the angular frequency.
// Unknown n is the voltage of node n + 1; the branch currents follow.
struct NetworkMatrix {
    int nodes = 0, size = 0;             // unknown voltages; all unknowns
    std::vector<MatrixEntry> entries{};  // each place once
    Eigen::VectorXcd right{};
    std::vector<bool> driven{};   // rows of the right side that some source reaches
    std::vector<int> branchOf{};  // of each element: its branch, counted from 0, or -1
    std::vector<MatrixStamp> stamps{};
};

[[nodiscard]] NetworkMatrix networkMatrix(const Network& network);

// The same equations with other values of the same elements; what is a branch must stay one.
void restamp(NetworkMatrix& matrix, const Network& network);

// The same at one angular frequency, each row (and its right side) divided by its largest magnitude.
struct ScaledEquations {
    Eigen::MatrixXcd matrix{};
    Eigen::VectorXcd right{};
};
[[nodiscard]] ScaledEquations scaledEquations(const NetworkMatrix& matrix, double angular);

}  // namespace core
