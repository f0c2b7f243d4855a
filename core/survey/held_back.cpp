#include "core/survey/held_back.h"

#include "core/fitout/complete.h"

namespace core {

std::optional<VariantSign> heldBack(const Body& body, const Part& driver, const Figures& output,
                                    const Practice& practice)
{
    const std::string coil = firstOf(driver, ElementKind::Coil);
    if (driver.kind != PartKind::Driver || coil.empty()) return std::nullopt;
    const auto least = output.find(Quantity::LeastLoad_ohm);
    if (least != output.end() && least->second.basis.origin <= Origin::Stated) return std::nullopt;
    const Figures figures = complete(driver, coil, practice);
    const double plainLeast_ohm = practice[PracticeKey::HeadUnitLeastLoad_ohm] * practice[PracticeKey::LoadCare_ratio];
    if (figures.at(Quantity::Nominal_ohm).value >= plainLeast_ohm) return std::nullopt;
    const VariantReading reading = readVariant(body);
    return reading.variant == Variant::Unknown ? reading.ask : std::nullopt;
}

}  // namespace core
