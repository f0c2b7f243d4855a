#include <cmath>

#include "core/base/grid.h"
#include "core/calc/model_groups.h"
#include "core/physics/air.h"

namespace core {

void addConventionModels(std::vector<CalcModel>& models)
{
    models.push_back(
        {.section = "0",
         .name = "frequency-grid",
         .purpose = "a point of the grid of every curve",
         .formula = "f_i = 20 Hz * 10^(i/160)",
         .inputs = {within("index", 0.0, kGridSize - 1.0).counted()},
         .outputs = {"frequency_hz"},
         .run = [](const CalcArguments& in) -> Outcome<CalcResults> {
             const double decades = in.number("index") / kGridPerDecade;
             return Answer<CalcResults>{CalcResults().set("frequency_hz", kGridStart_hz * std::pow(10.0, decades)), {}};
         }});
    models.push_back(
        {.section = "0",
         .name = "air",
         .purpose = "speed of sound and density of air",
         .formula = "c = 331.3 sqrt(T_K / 273.15), rho = 101325 / (287.058 T_K)",
         .inputs = {within("temperature_degc", -40.0, 60.0).orElse(20.0)},
         .outputs = {"soundSpeed_m_s", "density_kg_m3"},
         .run = [](const CalcArguments& in) -> Outcome<CalcResults> {
             const Air air = airAt(in.number("temperature_degc"));
             return Answer<CalcResults>{
                 CalcResults().set("soundSpeed_m_s", air.soundSpeed_m_s).set("density_kg_m3", air.density_kg_m3), {}};
         }});
}

}  // namespace core
