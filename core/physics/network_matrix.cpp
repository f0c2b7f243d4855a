#include "core/physics/network_matrix.h"

#include <cassert>
#include <map>
#include <numbers>

namespace core {
namespace {

// Which entries each element goes into; the values come afterwards.
class Stamper {
public:
    explicit Stamper(const Network& network) : m_network(network)
    {
        m_result.nodes = static_cast<int>(network.nodeNames.size()) - 1;
        m_result.size = m_result.nodes;
        for (const NetworkElement& element : network.elements)
            m_result.branchOf.push_back(isBranch(element) ? m_result.size++ - m_result.nodes : -1);
    }

    NetworkMatrix stamp()
    {
        for (m_element = 0; m_element < m_network.elements.size(); ++m_element) {
            const NetworkElement& e = m_network.elements[m_element];
            if (const int branch = m_result.branchOf[m_element]; branch >= 0)
                stampBranch(e, m_result.nodes + branch);
            else
                stampAdmittance(e);
        }
        m_result.driven.assign(static_cast<size_t>(m_result.size), false);
        for (size_t i = 0; i < m_network.elements.size(); ++i) markDriven(m_network.elements[i], m_result.branchOf[i]);
        return std::move(m_result);
    }

private:
    void markDriven(const NetworkElement& e, int branch)
    {
        if (e.kind == NetworkKind::VoltageSource) m_result.driven[static_cast<size_t>(m_result.nodes + branch)] = true;
        if (e.kind != NetworkKind::CurrentSource) return;
        for (const int node : {e.plus, e.minus})
            if (node > 0) m_result.driven[static_cast<size_t>(node - 1)] = true;
    }

    size_t entry(int row, int column)
    {
        const auto [place, fresh] = m_places.try_emplace({row, column}, m_result.entries.size());
        if (fresh) m_result.entries.push_back({.row = row, .column = column});
        return place->second;
    }

    // sign x value or sign / value of the current element; rows and columns below 0 are ground.
    void add(int row, int column, double MatrixEntry::*into, double sign, bool reciprocal = false)
    {
        if (row >= 0 && column >= 0) m_result.stamps.push_back({m_element, entry(row, column), into, sign, reciprocal});
    }

    // What does not depend on any value.
    void addConstant(int row, int column, double value)
    {
        if (row >= 0 && column >= 0) m_result.entries[entry(row, column)].constant += value;
    }

    // Rows and columns of a two-terminal part: +y on the diagonal, -y off it.
    void addBetween(const NetworkElement& e, double MatrixEntry::*into, bool reciprocal)
    {
        add(e.plus - 1, e.plus - 1, into, 1.0, reciprocal);
        add(e.minus - 1, e.minus - 1, into, 1.0, reciprocal);
        add(e.plus - 1, e.minus - 1, into, -1.0, reciprocal);
        add(e.minus - 1, e.plus - 1, into, -1.0, reciprocal);
    }

    void stampBranch(const NetworkElement& e, int branch)
    {
        for (const auto& [node, sign] : {std::pair{e.plus, 1.0}, std::pair{e.minus, -1.0}}) {
            addConstant(node - 1, branch, sign);
            addConstant(branch, node - 1, sign);
        }
        if (e.kind == NetworkKind::VoltageControlledVoltage) {
            add(branch, e.controlPlus - 1, &MatrixEntry::conductance, -1.0);
            add(branch, e.controlMinus - 1, &MatrixEntry::conductance, 1.0);
        }
    }

    void stampAdmittance(const NetworkElement& e)
    {
        switch (e.kind) {
            case NetworkKind::Resistor:
                addBetween(e, &MatrixEntry::conductance, true);
                break;
            case NetworkKind::Capacitor:
                addBetween(e, &MatrixEntry::capacitance, false);
                break;
            case NetworkKind::Inductor:
                addBetween(e, &MatrixEntry::reciprocalInductance, true);
                break;
            case NetworkKind::VoltageControlledCurrent:
                add(e.plus - 1, e.controlPlus - 1, &MatrixEntry::conductance, 1.0);
                add(e.plus - 1, e.controlMinus - 1, &MatrixEntry::conductance, -1.0);
                add(e.minus - 1, e.controlPlus - 1, &MatrixEntry::conductance, -1.0);
                add(e.minus - 1, e.controlMinus - 1, &MatrixEntry::conductance, 1.0);
                break;
            case NetworkKind::CurrentSource:
                break;  // on the right side only
            case NetworkKind::VoltageSource:
            case NetworkKind::VoltageControlledVoltage:
                assert(false);  // branches
        }
    }

    const Network& m_network;
    NetworkMatrix m_result{};
    size_t m_element = 0;
    std::map<std::pair<int, int>, size_t> m_places{};
};

}  // namespace

bool isBranch(const NetworkElement& element)
{
    switch (element.kind) {
        case NetworkKind::VoltageSource:
        case NetworkKind::VoltageControlledVoltage:
            return true;
        case NetworkKind::Resistor:
        case NetworkKind::Inductor:
            return element.value == 0.0;
        case NetworkKind::Capacitor:
        case NetworkKind::CurrentSource:
        case NetworkKind::VoltageControlledCurrent:
            return false;
    }
    return false;
}

std::complex<double> sourceValue(const NetworkElement& source)
{
    if (source.phase_deg == 0.0) return source.value;
    return source.value * std::exp(std::complex<double>{0.0, source.phase_deg * std::numbers::pi / 180.0});
}

NetworkMatrix networkMatrix(const Network& network)
{
    NetworkMatrix matrix = Stamper(network).stamp();
    restamp(matrix, network);
    return matrix;
}

void restamp(NetworkMatrix& matrix, const Network& network)
{
    assert(network.elements.size() == matrix.branchOf.size());
    for (MatrixEntry& entry : matrix.entries) {
        entry.conductance = entry.constant;
        entry.capacitance = entry.reciprocalInductance = 0.0;
    }
    for (const MatrixStamp& stamp : matrix.stamps) {
        const double value = network.elements[stamp.element].value;
        matrix.entries[stamp.entry].*stamp.into += stamp.sign * (stamp.reciprocal ? 1.0 / value : value);
    }
    matrix.right = Eigen::VectorXcd::Zero(matrix.size);
    for (size_t i = 0; i < network.elements.size(); ++i) {
        const NetworkElement& e = network.elements[i];
        if (e.kind == NetworkKind::VoltageSource) matrix.right(matrix.nodes + matrix.branchOf[i]) = sourceValue(e);
        if (e.kind != NetworkKind::CurrentSource) continue;
        if (e.plus > 0) matrix.right(e.plus - 1) -= sourceValue(e);
        if (e.minus > 0) matrix.right(e.minus - 1) += sourceValue(e);
    }
}

ScaledEquations scaledEquations(const NetworkMatrix& matrix, double angular)
{
    ScaledEquations result{Eigen::MatrixXcd::Zero(matrix.size, matrix.size), matrix.right};
    for (const MatrixEntry& entry : matrix.entries) result.matrix(entry.row, entry.column) = entry.at(angular);
    for (int row = 0; row < matrix.size; ++row) {
        const double scale = result.matrix.row(row).cwiseAbs().maxCoeff();
        if (scale <= 0.0) continue;
        result.matrix.row(row) /= scale;
        result.right(row) /= scale;
    }
    return result;
}

}  // namespace core
