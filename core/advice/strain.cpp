#include "core/advice/strain.h"

#include <algorithm>

#include "core/fitout/driver_work.h"
#include "core/fitout/resolve.h"
#include "core/limits/sound_limits.h"

namespace core {

Strain strainOf(const StageResult& stage, const RunResult& run, const StageResult& found, const Practice& practice)
{
    const ConeResult& cone = coneOf(stage, run);
    const Known& rating = run.coil.at(Quantity::Power_w);
    const CircuitResult* circuit = findCircuit(stage, run.run.id.channel);
    const bool highPass = !run.run.seriesCapacitors.empty() || (circuit && circuit->filteredLow);
    Strain strain{.programme_w = cone.programme_w,
                  .rating_w = rating.value,
                  .travel_m = cone.travel.programme_m,
                  .xmax_m = run.driver.xmax_m};
    if (const auto verdict = heatLimit({cone.sine_w, cone.programme_w, rating, highPass, cone.worst}, practice))
        strain.heat = verdict->severity;
    if (workOf(stage.used, run.run.id.coil) == DriverWork::Bass) return strain;
    if (const auto verdict = travelLimit(
            {.travel_m = strain.travel_m, .xmax_m = strain.xmax_m, .stood = isAsFound(found, run), .worst = cone.worst},
            practice))
        strain.travel = verdict->severity;
    return strain;
}

}  // namespace core
