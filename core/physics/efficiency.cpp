#include "core/physics/efficiency.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>

#include "core/physics/level.h"
#include "core/physics/programme.h"

namespace core {
namespace {

double gaussianEfficiency(OutputStage stage, double crestFactor_db, double lowerRail)
{
    const double rms = ratioOf(-crestFactor_db);
    const double classB = std::sqrt(std::numbers::pi / 2.0) * rms;
    if (stage == OutputStage::ClassB) return classB;
    return classB / (lowerRail + (1.0 - lowerRail) * std::exp(-lowerRail * lowerRail / (2.0 * rms * rms)));
}

}  // namespace

double sineEfficiency(OutputStage stage, double drive, double lowerRail)
{
    assert(drive > 0.0 && drive <= 1.0);
    const double classB = std::numbers::pi / 4.0 * drive;
    if (stage == OutputStage::ClassB) return classB;
    if (drive <= lowerRail) return classB / lowerRail;
    const double cosine = std::cos(std::asin(lowerRail / drive));
    return classB / (lowerRail * (1.0 - cosine) + cosine);
}

Answer<double> programmeEfficiency(OutputStage stage, double crestFactor_db, double lowerRail)
{
    assert(crestFactor_db >= 0.0);
    if (crestFactor_db >= kProgrammeCrest_db) return {gaussianEfficiency(stage, crestFactor_db, lowerRail), {}};
    const double full = sineEfficiency(stage, 1.0, lowerRail);
    if (crestFactor_db >= kSineAsTyped_db) {
        const double way = std::max(0.0, crestFactor_db - kSineCrest_db) / (kProgrammeCrest_db - kSineCrest_db);
        return {full + way * (gaussianEfficiency(stage, kProgrammeCrest_db, lowerRail) - full), {}};
    }
    const double clipped = programmeShare(crestFactor_db) - 1.0;
    return {full + (1.0 - full) * clipped, {{WarningKind::ClippedProgramme}}};
}

}  // namespace core
