#include "core/physics/pilot_drill.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>
#include <utility>

namespace core {
namespace {

using Sizes = std::pair<double, double>;

double toTenth_m(double length_m)
{
    constexpr double kStep_m = 1e-4;
    return std::round(length_m / kStep_m) * kStep_m;
}

// The second of the pair whose first is this size.
template <size_t N>
std::optional<double> lookUp(const std::array<Sizes, N>& table, double size_m)
{
    for (const auto& [size, found_m] : table)
        if (std::abs(size - size_m) < 1e-6) return found_m;
    return std::nullopt;
}

}  // namespace

double coreDiameter_m(double screw_m)
{
    assert(screw_m > 0.0);
    constexpr std::array<Sizes, 8> kThreads{{{0.00224, 0.00163},
                                             {0.00290, 0.00218},
                                             {0.00353, 0.00264},
                                             {0.00391, 0.00292},
                                             {0.00422, 0.00310},
                                             {0.00480, 0.00358},
                                             {0.00546, 0.00417},
                                             {0.00625, 0.00488}}};
    const auto above = std::find_if(kThreads.begin(), kThreads.end(),
                                    [&](const Sizes& thread) { return thread.first >= screw_m - 1e-9; });
    if (above == kThreads.begin()) return screw_m * above->second / above->first;
    if (above == kThreads.end()) return screw_m * kThreads.back().second / kThreads.back().first;
    const auto& [low_m, lowCore_m] = *(above - 1);
    const auto& [high_m, highCore_m] = *above;
    return lowCore_m + (highCore_m - lowCore_m) * (screw_m - low_m) / (high_m - low_m);
}

double pilotDrill_m(double screw_m, Bites bites, std::optional<double> sheet_m, const PilotPractice& practice)
{
    if (bites == Bites::Plastic) return toTenth_m(screw_m * practice.plastic_ratio);
    if (bites == Bites::Wood) return toTenth_m(screw_m * practice.wood_ratio);
    assert(practice.threadShare.size() == practice.sheet_m.size() + 1);
    const auto step = std::find_if(practice.sheet_m.begin(), practice.sheet_m.end(),
                                   [&](double upTo_m) { return sheet_m.value_or(0.0) <= upTo_m + 1e-9; });
    const double share = practice.threadShare[static_cast<size_t>(step - practice.sheet_m.begin())];
    const double core_m = coreDiameter_m(screw_m);
    return toTenth_m(core_m + share * (screw_m - core_m));
}

std::optional<double> tapDrill_m(double thread_m)
{
    constexpr std::array<Sizes, 5> kPitches{
        {{0.003, 0.0005}, {0.004, 0.0007}, {0.005, 0.0008}, {0.006, 0.001}, {0.008, 0.00125}}};
    const auto pitch_m = lookUp(kPitches, thread_m);
    return pitch_m ? std::optional(toTenth_m(thread_m - *pitch_m)) : std::nullopt;
}

double rivetDrill_m(double rivet_m)
{
    constexpr double kPlay_m = 1e-4;
    return toTenth_m(rivet_m + kPlay_m);
}

std::optional<double> rivetNutDrill_m(double thread_m)
{
    constexpr std::array<Sizes, 3> kNuts{{{0.004, 0.006}, {0.005, 0.007}, {0.006, 0.009}}};
    return lookUp(kNuts, thread_m);
}

}  // namespace core
