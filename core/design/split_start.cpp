#include "core/design/split_start.h"

#include <algorithm>
#include <cmath>

#include "core/limits/sound_limits.h"
#include "core/limits/split_limits.h"
#include "core/physics/preferred_values.h"
#include "core/physics/series_capacitor.h"

namespace core {
namespace {

double preferred(double value)
{
    return nearestPreferred(value, PreferredSeries::E12)->value;
}

}  // namespace

double startingSplit_hz(const StageResult& stage, const SplitPair& pair, const Practice& practice)
{
    const double spared_hz = practice[PracticeKey::SplitNear_ratio] * stage.runs[pair.high].driver.fs_hz;
    return std::max(spared_hz, std::sqrt(spared_hz * beamsOver_hz(stage.runs[pair.low])));
}

double startingCapacitor_f(const StageResult& stage, const RunResult& run, const std::optional<SplitPair>& pair,
                           const Practice& practice)
{
    const bool takesOver = pair && stage.runs[pair->high].run.id.coil.device == run.run.id.coil.device;
    const double at_hz = takesOver ? startingSplit_hz(stage, *pair, practice) : kStartingHighPass_hz;
    return preferred(seriesCapacitance_f(at_hz, run.driver.nominal_ohm)->value);
}

std::optional<SeriesBranch> startingAcross(const RunResult& run, const Practice& practice)
{
    const DriverParameters& driver = run.driver;
    if (isTweeter(run, practice)) {
        const SeriesBranch trap = resonanceTrap(driver);
        return SeriesBranch{preferred(trap.r_ohm), preferred(trap.l_h), preferred(trap.c_f)};
    }
    if (driver.le_h <= 0.0) return std::nullopt;
    const double r_ohm = preferred(driver.re_ohm);
    return SeriesBranch{r_ohm, 0.0, preferred(driver.le_h / (r_ohm * r_ohm))};
}

double startingValue(ElementKind kind)
{
    switch (kind) {
        case ElementKind::Capacitor:
            return 10e-6;
        case ElementKind::Inductor:
            return 0.47e-3;
        case ElementKind::Resistor:
        case ElementKind::Output:
        case ElementKind::Input:
        case ElementKind::Coil:
        case ElementKind::Link:
            break;
    }
    return kStartingResistor_ohm;
}

}  // namespace core
