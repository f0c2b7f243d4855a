#include "core/physics/ohmmeter.h"

#include <algorithm>
#include <cmath>

#include "core/base/threshold.h"
#include "core/physics/rated_impedance.h"

namespace core {

Outcome<NominalGuess> nominalFromReading(const OhmmeterReading& reading, const OhmmeterWindows& windows)
{
    const auto& [reading_ohm, leads_ohm, error_ohm] = reading;
    for (const auto& [value, name] : {std::pair{reading_ohm, "reading_ohm"}, std::pair{leads_ohm, "leads_ohm"},
                                      std::pair{error_ohm, "meterError_ohm"}}) {
        if (!std::isfinite(value)) return tl::unexpected(ModelError{ErrorCode::NotFinite, name, value, "finite"});
        if (value < 0.0) return tl::unexpected(ModelError{ErrorCode::OutOfDomain, name, value, ">= 0"});
    }
    if (reading_ohm <= leads_ohm)
        return tl::unexpected(
            ModelError{ErrorCode::Inconsistent, "reading_ohm", reading_ohm, "above the leads' own reading"});
    if (reading_ohm > windows.open_ohm)
        return tl::unexpected(ModelError{ErrorCode::Open, "reading_ohm", reading_ohm, "a voice coil"});
    Answer<NominalGuess> answer;
    auto& candidates = answer.value.candidates;
    for (const double nominal : kCarSpeakers_ohm) {
        const double ratio = (reading_ohm - leads_ohm) / nominal;
        const auto inside = [&](double low, double high) { return !under(ratio, low) && !over(ratio, high); };
        const double widening = error_ohm / nominal;
        if (inside(windows.wideLow - widening, windows.wideHigh + widening))
            candidates.push_back({nominal, ratio, inside(windows.coreLow, windows.coreHigh)});
    }
    std::sort(candidates.begin(), candidates.end(), [&](const NominalCandidate& a, const NominalCandidate& b) {
        return std::abs(std::log(a.ratio / windows.centre)) < std::abs(std::log(b.ratio / windows.centre));
    });
    answer.value.likely = candidates.size() == 1 && candidates.front().core;
    if (candidates.empty()) answer.warnings.emplace_back(WarningKind::NoCandidate);
    return answer;
}

}  // namespace core
