#include "core/survey/expected_ohms.h"

#include "core/practice/practice_shapes.h"

namespace core {

std::optional<Range> expectedOhms(const Part& part, const std::string& element, const Practice& practice)
{
    const Element& coil = part.inside.at(element);
    const Known* nominal = nullptr;
    for (const Figures* figures : {&coil.figures, &part.figures})
        if (const auto found = figures->find(Quantity::Nominal_ohm); found != figures->end() && !nominal)
            nominal = &found->second;
    if (!nominal || nominal->basis.origin == Origin::ClassGuess) return std::nullopt;
    const OhmmeterWindows windows = ohmmeterWindows(practice);
    const double far = practice[PracticeKey::FarReading_ratio];
    return Range{nominal->value * windows.wideLow * (1.0 - far), nominal->value * windows.wideHigh * (1.0 + far)};
}

}  // namespace core
