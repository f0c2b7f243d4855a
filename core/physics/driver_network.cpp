#include "core/physics/driver_network.h"

#include <cassert>

namespace core {
namespace {

// A chain of two-terminal parts from one node on, with new nodes between them.
class Chain {
public:
    Chain(Network& network, std::string name, int from) : m_network(network), m_name(std::move(name)), m_at(from) {}

    // The part ends at a new node, or at `to` if it is given.
    Chain& add(NetworkKind kind, const std::string& part, double value, std::optional<int> to = {})
    {
        const int next = to ? *to : addNode(m_network, part + "_" + m_name + "_n");
        m_network.elements.push_back({kind, part + "_" + m_name, m_at, next, value});
        m_at = next;
        return *this;
    }
    // Beside the part that was added last.
    Chain& beside(NetworkKind kind, const std::string& part, double value)
    {
        const NetworkElement& last = m_network.elements.back();
        m_network.elements.push_back({kind, part + "_" + m_name, last.plus, last.minus, value});
        return *this;
    }
    [[nodiscard]] int at() const { return m_at; }

private:
    Network& m_network;
    std::string m_name;
    int m_at;
};

void addBox(Network& network, const std::string& name, int motion, int minus, const BoxElements& box)
{
    const bool vented = box.port_f > 0.0;
    const auto end = [&](bool last) { return last ? std::optional(minus) : std::nullopt; };
    Chain chain(network, name, motion);
    chain.add(NetworkKind::Inductor, "Lbox", box.spring_h, end(!vented && box.leak_ohm == 0.0));
    if (box.leak_ohm > 0.0) chain.add(NetworkKind::Resistor, "Rbox", box.leak_ohm, end(!vented));
    if (!vented) return;
    chain.add(NetworkKind::Capacitor, "Cport", box.port_f, minus);
    if (box.portLoss_ohm > 0.0) chain.beside(NetworkKind::Resistor, "Rport", box.portLoss_ohm);
}

// The resonance and the box between two nodes.
void addMotion(Network& network, const std::string& name, int plus, int minus, const DriverParameters& driver,
               const std::optional<Box>& box)
{
    const MotionalElements motion = motionalElements(driver);
    Chain(network, name, plus)
        .add(NetworkKind::Resistor, "Res", motion.res_ohm, minus)
        .beside(NetworkKind::Capacitor, "Cmes", motion.cmes_f)
        .beside(NetworkKind::Inductor, "Lces", motion.lces_h);
    if (box) addBox(network, name, plus, minus, boxElements(driver, *box));
}

}  // namespace

void addDriver(Network& network, const std::string& name, int plus, int minus, const DriverParameters& driver,
               const std::optional<Box>& box, const CoilLoss& loss)
{
    assert(loss.k == 0.0);
    Chain coil(network, name, plus);
    coil.add(NetworkKind::Resistor, "Re", driver.re_ohm);
    if (driver.le_h > 0.0) coil.add(NetworkKind::Inductor, "Le", driver.le_h);
    if (loss.l2_h > 0.0)
        coil.add(NetworkKind::Inductor, "L2", loss.l2_h).beside(NetworkKind::Resistor, "R2", loss.r2_ohm);
    addMotion(network, name, coil.at(), minus, driver, box);
}

std::vector<size_t> addCone(Network& network, const std::string& name, const std::vector<ConeCoil>& coils,
                            const DriverParameters& cone, double coupling, const std::optional<Box>& box)
{
    assert(!coils.empty() && coupling >= 0.0 && coupling <= 1.0);
    const auto count = static_cast<double>(coils.size());
    const double le_h = count * cone.le_h / (1.0 + (count - 1.0) * coupling);  // of one coil, the others open
    const int moved = addNode(network, "cone_" + name);
    std::vector<size_t> resistors;
    for (const ConeCoil& one : coils) {
        Chain coil(network, one.name, one.plus);
        coil.add(NetworkKind::Resistor, "Re", one.re_ohm);
        resistors.push_back(network.elements.size() - 1);
        const int afterRe = coil.at();
        if (const double own_h = (1.0 - coupling) * le_h; own_h > 0.0) coil.add(NetworkKind::Inductor, "Le", own_h);
        network.elements.push_back({.kind = NetworkKind::VoltageControlledVoltage,
                                    .name = "Emf_" + one.name,
                                    .plus = coil.at(),
                                    .minus = one.minus,
                                    .value = one.sign,
                                    .controlPlus = moved});
        network.elements.push_back({.kind = NetworkKind::VoltageControlledCurrent,
                                    .name = "Gforce_" + one.name,
                                    .plus = 0,
                                    .minus = moved,
                                    .value = one.sign / one.re_ohm,
                                    .controlPlus = one.plus,
                                    .controlMinus = afterRe});
    }
    Chain shared(network, name, moved);
    if (const double common_h = coupling * le_h; common_h > 0.0) shared.add(NetworkKind::Inductor, "Le", common_h);
    addMotion(network, name, shared.at(), 0, cone, box);
    return resistors;
}

}  // namespace core
