#include "core/advice/deviations.h"

#include <array>
#include <cmath>

#include "core/fit/driver_body.h"
#include "core/fit/fit_of.h"
#include "core/fitout/complete.h"
#include "core/fitout/plug_cut.h"

namespace core {
namespace {

// All that is known or assumed of a driver: its coil and its body.
Figures allOf(const Part& part, const Practice& practice)
{
    Figures figures = bodyFigures(part, practice);
    const std::string coil = firstOf(part, ElementKind::Coil);
    if (coil.empty()) return figures;
    figures.merge(complete(part, coil, practice));
    figures[Quantity::TopCorner_hz] = {practice.driverClass(driverClassOf(part, coil)).topCorner_hz,
                                       {Origin::ClassGuess}};
    return figures;
}

bool differs(Quantity what, double a, double b, const Practice& practice)
{
    if (what == Quantity::Sensitivity_db) return std::abs(a - b) > practice[PracticeKey::Deviation_db];
    return std::abs(a - b) > practice[PracticeKey::Deviation_ratio] * std::max(std::abs(a), std::abs(b));
}

}  // namespace

std::vector<Deviation> deviationsFrom(const Part& original, const Part& part, const Practice& practice)
{
    constexpr std::array kOrder{Quantity::Nominal_ohm, Quantity::Re_ohm,        Quantity::Sensitivity_db,
                                Quantity::Fs_hz,       Quantity::TopCorner_hz,  Quantity::Power_w,
                                Quantity::Depth_m,     Quantity::Basket_m,      Quantity::Flange_m,
                                Quantity::ScrewCount,  Quantity::ScrewCircle_m, Quantity::Mass_kg};
    std::vector<Deviation> deviations;
    const Figures before = allOf(original, practice), after = allOf(part, practice);
    for (const Quantity what : kOrder) {
        const auto old = before.find(what), now = after.find(what);
        if (old == before.end() || now == after.end()) continue;
        const bool differentClass = original.driverClass != part.driverClass;
        if (old->second.basis.origin == Origin::ClassGuess && now->second.basis.origin == Origin::ClassGuess &&
            !differentClass)
            continue;
        if (!differs(what, old->second.value, now->second.value, practice)) continue;
        deviations.push_back({what,
                              old->second.value,
                              now->second.value,
                              std::max(old->second.basis.origin, now->second.basis.origin),
                              {},
                              {}});
    }
    if (const std::string was = plugOf(original), is = plugOf(part); !was.empty() && was != is)
        deviations.push_back({{}, {}, {}, Origin::Stated, was, is});
    return deviations;
}

}  // namespace core
