#include "core/physics/network_matrix.h"

#include <cassert>
#include <map>
#include <numbers>

namespace core {
namespace {

class Stamper {
public:
    explicit Stamper(const Network& network) : m_network(network)
    {
        m_result.nodes = static_cast<int>(network.nodeNames.size()) - 1;
        m_result.size = m_result.nodes;
        for (const NetworkElement& element : network.elements)
            m_result.branchOf.push_back(isBranch(element) ? m_result.size++ - m_result.nodes : -1);
        m_result.right = Eigen::VectorXcd::Zero(m_result.size);
    }

    NetworkMatrix stamp()
    {
        for (size_t index = 0; index < m_network.elements.size(); ++index) {
            const NetworkElement& e = m_network.elements[index];
            if (const int branch = m_result.branchOf[index]; branch >= 0)
                stampBranch(e, m_result.nodes + branch);
            else
                stampAdmittance(e);
        }
        for (auto& [place, entry] : m_entries) m_result.entries.push_back(entry);
        return std::move(m_result);
    }

private:
    MatrixEntry& entry(int row, int column)
    {
        MatrixEntry& found = m_entries[{row, column}];
        found.row = row;
        found.column = column;
        return found;
    }
    void addReal(int row, int column, double value)
    {
        if (row >= 0 && column >= 0) entry(row, column).conductance += value;
    }

    // Rows and columns of a two-terminal part: +y on the diagonal, -y off it.
    void addBetween(const NetworkElement& e, double MatrixEntry::*field, double value)
    {
        for (const auto& [row, column, sign] : {std::tuple{e.plus, e.plus, 1.0},
                                                {e.minus, e.minus, 1.0},
                                                {e.plus, e.minus, -1.0},
                                                {e.minus, e.plus, -1.0}})
            if (row > 0 && column > 0) entry(row - 1, column - 1).*field += sign * value;
    }

    void stampBranch(const NetworkElement& e, int branch)
    {
        for (const auto& [node, sign] : {std::pair{e.plus, 1.0}, std::pair{e.minus, -1.0}}) {
            addReal(node - 1, branch, sign);
            addReal(branch, node - 1, sign);
        }
        if (e.kind == NetworkKind::VoltageSource) m_result.right(branch) = sourceValue(e);
        if (e.kind == NetworkKind::VoltageControlledVoltage) {
            addReal(branch, e.controlPlus - 1, -e.value);
            addReal(branch, e.controlMinus - 1, e.value);
        }
    }

    void stampAdmittance(const NetworkElement& e)
    {
        switch (e.kind) {
            case NetworkKind::Resistor:
                addBetween(e, &MatrixEntry::conductance, 1.0 / e.value);
                break;
            case NetworkKind::Capacitor:
                addBetween(e, &MatrixEntry::capacitance, e.value);
                break;
            case NetworkKind::Inductor:
                addBetween(e, &MatrixEntry::reciprocalInductance, 1.0 / e.value);
                break;
            case NetworkKind::CurrentSource:
                if (e.plus > 0) m_result.right(e.plus - 1) -= sourceValue(e);
                if (e.minus > 0) m_result.right(e.minus - 1) += sourceValue(e);
                break;
            case NetworkKind::VoltageControlledCurrent:
                addReal(e.plus - 1, e.controlPlus - 1, e.value);
                addReal(e.plus - 1, e.controlMinus - 1, -e.value);
                addReal(e.minus - 1, e.controlPlus - 1, -e.value);
                addReal(e.minus - 1, e.controlMinus - 1, e.value);
                break;
            case NetworkKind::VoltageSource:
            case NetworkKind::VoltageControlledVoltage:
                assert(false);  // branches
        }
    }

    const Network& m_network;
    NetworkMatrix m_result{};
    std::map<std::pair<int, int>, MatrixEntry> m_entries{};
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
    return Stamper(network).stamp();
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
