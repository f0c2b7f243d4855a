#include "core/spread/uncertain_inputs.h"

#include <algorithm>

#include "core/evaluate/driver_mounting.h"
#include "core/fitout/complete.h"
#include "core/fitout/figures_at.h"
#include "core/model/doubt.h"

namespace core {
namespace {

// A sheet that states a sensitivity and no Vas: the sensitivity is what may be off, and Vas follows.
bool followsSensitivity(const Figures& known)
{
    return known.contains(Quantity::Sensitivity_db) && !known.contains(Quantity::Vas_m3);
}

std::vector<Quantity> valuesOf(ElementKind kind, const Figures& known)
{
    switch (kind) {
        case ElementKind::Coil:
            return {Quantity::Re_ohm, Quantity::Le_h,
                    Quantity::Fs_hz,  Quantity::Qms,
                    Quantity::Qes,    followsSensitivity(known) ? Quantity::Sensitivity_db : Quantity::Vas_m3,
                    Quantity::Sd_m2,  Quantity::Xmax_m,
                    Quantity::Power_w};
        case ElementKind::Output:
            return {Quantity::RatedPower_w};
        case ElementKind::Capacitor:
            return {Quantity::Capacitance_f};
        case ElementKind::Inductor:
            return {Quantity::Inductance_h};
        case ElementKind::Resistor:
            return {Quantity::Resistance_ohm};
        case ElementKind::Input:
        case ElementKind::Link:
            break;
    }
    return {};
}

double classSpread(Quantity quantity, const Figures& figures, const Practice& practice)
{
    PracticeKey key = doubtOf(quantity).classSpread;
    if (quantity == Quantity::Re_ohm) {  // of a nominal that is stated, or of one that is a guess itself
        const auto nominal = figures.find(Quantity::Nominal_ohm);
        const bool guessed = nominal == figures.end() || nominal->second.basis.origin == Origin::ClassGuess;
        if (guessed) key = PracticeKey::ClassReSpread_ratio;
    }
    return practice[key];
}

// What the way round a panel is taken for, by the place it is at.
std::map<PlaceId, Known> leaksOf(const Fitout& fitout, const Practice& practice)
{
    std::map<PlaceId, Known> leaks;
    for (const auto& [id, device] : fitout.devices) {
        const auto place = fitout.places.find(device.at);
        if (place == fitout.places.end()) continue;
        const Part& part = fitout.parts.at(device.part);
        for (const auto& [name, element] : part.inside) {
            if (element.kind != ElementKind::Coil) continue;
            const MountedDriver mounted = mountedDriver(fitout, {id, name}, complete(part, name, practice), practice);
            if (!mounted.mounting.leak) continue;
            const auto known = place->second.room.find(Quantity::LeakCoupling);
            leaks[device.at] = known == place->second.room.end()
                                   ? Known{mounted.mounting.leak->coupling, Basis{Origin::ClassGuess}}
                                   : known->second;
        }
    }
    return leaks;
}

}  // namespace

double spreadOf(Quantity quantity, const Figures& figures, const Practice& practice)
{
    const Known& known = figures.at(quantity);
    const bool level = quantity == Quantity::Sensitivity_db;
    if (known.spread > 0.0) return level ? known.spread * known.value : known.spread;
    if (level) return practice[PracticeKey::SensitivitySpread_db];
    if (known.basis.origin == Origin::Measured) return practice[PracticeKey::MeasuredSpread_ratio];
    if (known.basis.origin == Origin::ClassGuess) return classSpread(quantity, figures, practice);
    return practice[quantity == Quantity::Re_ohm  ? PracticeKey::ReSpread_ratio
                    : quantity == Quantity::Fs_hz ? PracticeKey::FsSpread_ratio
                                                  : PracticeKey::StatedSpread_ratio];
}

Fitout settled(const Fitout& fitout, const Practice& practice)
{
    Fitout whole = fitout;
    for (auto& [id, part] : whole.parts) {
        const Part& asKnown = fitout.parts.at(id);
        for (auto& [name, element] : part.inside) {
            element.figures = complete(asKnown, name, practice);
            if (element.kind == ElementKind::Coil && followsSensitivity(figuresOf(asKnown, name)))
                element.figures.erase(Quantity::Vas_m3);
        }
    }
    for (const auto& [place, coupling] : leaksOf(fitout, practice))
        whole.places.at(place).room[Quantity::LeakCoupling] = coupling;
    return whole;
}

std::vector<UncertainInput> uncertainInputs(const Fitout& fitout, const Practice& practice)
{
    std::vector<UncertainInput> inputs;
    const auto add = [&](const Subject& of, Quantity what, Figures figures) {
        const auto known = figures.find(what);
        if (known == figures.end() || known->second.value == 0.0) return;
        // Measured on another vehicle of its kind is no more than stated of this one.
        Basis& basis = known->second.basis;
        if (basis.toConfirm) basis.origin = std::max(basis.origin, Origin::Stated);
        inputs.push_back({.what = {of, what}, .value = known->second, .spread = spreadOf(what, figures, practice)});
    };
    for (const auto& [id, part] : fitout.parts) {
        for (const auto& [name, element] : part.inside) {
            const Figures figures = complete(part, name, practice);
            for (const Quantity what : valuesOf(element.kind, figuresOf(part, name)))
                add(Inside{id, name}, what, figures);
        }
        if (part.kind == PartKind::Enclosure) add(id, Quantity::BoxVolume_m3, part.figures);
    }
    for (const auto& [id, place] : fitout.places) add(id, Quantity::BoxVolume_m3, place.room);
    for (const auto& [id, coupling] : leaksOf(fitout, practice))
        add(id, Quantity::LeakCoupling, {{Quantity::LeakCoupling, coupling}});
    std::sort(inputs.begin(), inputs.end(),
              [](const UncertainInput& a, const UncertainInput& b) { return a.what < b.what; });
    return inputs;
}

void shift(Fitout& settled, const UncertainInput& input, double share)
{
    const Quantity what = input.what.what;
    const double value = what == Quantity::Sensitivity_db ? input.value.value + share * input.spread
                                                          : input.value.value * (1.0 + share * input.spread);
    (*figuresAt(settled, input.what.of))[what].value = std::clamp(value, row(what).least, row(what).greatest);
}

}  // namespace core
