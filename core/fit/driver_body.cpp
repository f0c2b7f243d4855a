#include "core/fit/driver_body.h"

#include <algorithm>

namespace core {

Figures bodyFigures(const Part& driver, const Practice& practice)
{
    Figures figures = driver.figures;
    const std::string coil = firstOf(driver, ElementKind::Coil);
    if (!coil.empty())
        for (const auto& [quantity, known] : driver.inside.at(coil).figures) figures[quantity] = known;
    const DriverClass& usual = practice.driverClass(driver.driverClass);
    const auto fill = [&](Quantity quantity, double value) {
        figures.try_emplace(quantity, Known{value, Basis{Origin::ClassGuess}});
    };
    fill(Quantity::Depth_m, usual.depth_m);
    fill(Quantity::Flange_m, usual.flange_m);
    fill(Quantity::FlangeThickness_m, usual.flangeThickness_m);
    fill(Quantity::Surround_m, usual.surround_m);
    fill(Quantity::Magnet_m, usual.magnet_m);
    fill(Quantity::Mass_kg, usual.mass_kg);
    // A sheet that states the hole states the body, but for its slack.
    if (const auto cutout = figures.find(Quantity::Cutout_m); cutout != figures.end())
        figures.try_emplace(Quantity::Basket_m,
                            Known{std::max(0.005, cutout->second.value - 0.001), cutout->second.basis});
    fill(Quantity::Basket_m, usual.basket_m);
    fill(Quantity::Xmax_m, usual.xmax_m);
    figures.try_emplace(Quantity::MostTravel_m, figures.at(Quantity::Xmax_m));
    return figures;
}

}  // namespace core
