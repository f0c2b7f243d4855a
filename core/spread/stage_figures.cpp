#include "core/spread/stage_figures.h"

namespace core {

std::map<Address, double> figuresOf(const StageResult& stage)
{
    std::map<Address, double> figures;
    for (const CircuitResult& circuit : stage.circuits)
        figures[{circuit.channel, Quantity::LeastImpedance_ohm}] = circuit.least_ohm;
    for (const RunResult& run : stage.runs) {
        const Port& coil = run.run.id.coil;
        figures[{coil, Quantity::Re_ohm}] = run.coil.at(Quantity::Re_ohm).value;
        figures[{coil, Quantity::Power_w}] = run.driver.power_w;
        figures[{coil, Quantity::Xmax_m}] = run.driver.xmax_m;
        const auto add = [&](Quantity what, double value) { figures[{run.run.id, what}] = value; };
        add(Quantity::Level_db, run.midLevel_db);
        add(Quantity::ProgrammePower_w, run.programme_w);
        add(Quantity::SinePower_w, run.sine_w);
        add(Quantity::Travel_m, run.travel.sine_m);
        add(Quantity::ProgrammeTravel_m, run.travel.programme_m);
        if (run.idealCorner_hz) add(Quantity::Corner_hz, *run.idealCorner_hz);
        if (run.portSpeed_m_s) add(Quantity::PortSpeed_m_s, *run.portSpeed_m_s);
    }
    return figures;
}

}  // namespace core
