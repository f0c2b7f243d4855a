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

}  // namespace

void addDriver(Network& network, const std::string& name, int plus, int minus, const DriverParameters& driver,
               const std::optional<Box>& box, const CoilLoss& loss)
{
    assert(loss.k == 0.0);
    const MotionalElements motion = motionalElements(driver);
    Chain coil(network, name, plus);
    coil.add(NetworkKind::Resistor, "Re", driver.re_ohm);
    if (driver.le_h > 0.0) coil.add(NetworkKind::Inductor, "Le", driver.le_h);
    if (loss.l2_h > 0.0)
        coil.add(NetworkKind::Inductor, "L2", loss.l2_h).beside(NetworkKind::Resistor, "R2", loss.r2_ohm);
    const int middle = coil.at();
    coil.add(NetworkKind::Resistor, "Res", motion.res_ohm, minus)
        .beside(NetworkKind::Capacitor, "Cmes", motion.cmes_f)
        .beside(NetworkKind::Inductor, "Lces", motion.lces_h);
    if (box) addBox(network, name, middle, minus, boxElements(driver, *box));
}

}  // namespace core
