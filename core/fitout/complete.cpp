#include "core/fitout/complete.h"

#include <algorithm>
#include <cmath>

#include "core/physics/rated_impedance.h"

namespace core {
namespace {

void fill(Figures& figures, Quantity quantity, double value, Origin origin)
{
    figures.try_emplace(quantity, Known{value, Basis{origin}});
}

double at(const Figures& figures, Quantity quantity)
{
    return figures.at(quantity).value;
}

// The class values are for a nominal 4 ohm coil.
constexpr double kClassNominal_ohm = 4.0;

double nominalNear(double re_ohm, double reOfNominal)
{
    double best = kClassNominal_ohm;
    for (const double nominal : kRatedImpedances_ohm)
        if (std::abs(std::log(re_ohm / (reOfNominal * nominal))) < std::abs(std::log(re_ohm / (reOfNominal * best))))
            best = nominal;
    return best;
}

// What a coil's nominal impedance is taken for: by its own resistance, else a tweeter inside a driver for what that is.
double usualNominal(const Figures& figures, const Part& part, const std::string& element, double reOfNominal)
{
    if (const auto re = valueOf(figures, Quantity::Re_ohm)) return nominalNear(*re, reOfNominal);
    if (!isWay(part, element)) return kClassNominal_ohm;
    if (const auto nominal = valueOf(part.figures, Quantity::Nominal_ohm)) return *nominal;
    const auto re = valueOf(part.figures, Quantity::Re_ohm);
    return re ? nominalNear(*re, reOfNominal) : kClassNominal_ohm;
}

void completeCoil(Figures& figures, const Part& part, const std::string& element, const Practice& practice)
{
    const DriverClass& usual = practice.driverClass(driverClassOf(part, element));
    const double reOfNominal = practice[PracticeKey::ReOfNominal_ratio];
    const auto coils = static_cast<double>(coilsOfCone(part, element).size());
    fill(figures, Quantity::Nominal_ohm, usualNominal(figures, part, element, reOfNominal), Origin::ClassGuess);
    fill(figures, Quantity::Re_ohm, at(figures, Quantity::Nominal_ohm) * reOfNominal, Origin::ClassGuess);
    fill(figures, Quantity::Le_h,
         usual.le_h * at(figures, Quantity::Re_ohm) / (kClassNominal_ohm * reOfNominal) / coils, Origin::ClassGuess);
    fill(figures, Quantity::Fs_hz, usual.fs_hz, Origin::ClassGuess);
    fill(figures, Quantity::Qms, usual.qms, Origin::ClassGuess);
    fill(figures, Quantity::Qes, usual.qes, Origin::ClassGuess);
    fill(figures, Quantity::Sd_m2, usual.sd_m2, Origin::ClassGuess);
    fill(figures, Quantity::Xmax_m, usual.xmax_m, Origin::ClassGuess);
    fill(figures, Quantity::Power_w, usual.power_w, Origin::ClassGuess);
    fill(figures, Quantity::Polarity, 1.0, Origin::CommonPractice);
    if (!figures.contains(Quantity::Vas_m3)) {
        if (const auto sensitivity = figures.find(Quantity::Sensitivity_db); sensitivity != figures.end()) {
            const double vas =
                vasFromSensitivity_m3(sensitivity->second.value, driverParameters(figures, part, element, practice));
            const Origin origin =
                worstOrigin(figures, {Quantity::Sensitivity_db, Quantity::Fs_hz, Quantity::Qes, Quantity::Re_ohm});
            fill(figures, Quantity::Vas_m3, vas, origin);
        } else {
            fill(figures, Quantity::Vas_m3, usual.vas_m3, Origin::ClassGuess);
        }
    }
    const double computed = sensitivity_db(driverParameters(figures, part, element, practice));
    fill(figures, Quantity::Sensitivity_db, computed,
         worstOrigin(figures, {Quantity::Vas_m3, Quantity::Fs_hz, Quantity::Qes, Quantity::Re_ohm}));
}

}  // namespace

Origin worstOrigin(const Figures& figures, std::initializer_list<Quantity> of)
{
    Origin worst = Origin::Measured;
    for (const Quantity quantity : of)
        if (const auto found = figures.find(quantity); found != figures.end())
            worst = std::max(worst, found->second.basis.origin);
    return worst;
}

Figures complete(const Part& part, const std::string& element, const Practice& practice)
{
    Figures figures = figuresOf(part, element);
    const auto found = part.inside.find(element);
    if (found == part.inside.end()) return figures;
    switch (found->second.kind) {
        case ElementKind::Coil:
            completeCoil(figures, part, element, practice);
            break;
        case ElementKind::Output:
            fill(figures, Quantity::RatedPower_w, practice[PracticeKey::HeadUnitPower_w], Origin::ClassGuess);
            fill(figures, Quantity::RatedLoad_ohm, kClassNominal_ohm, Origin::ClassGuess);
            fill(figures, Quantity::LeastLoad_ohm, practice[PracticeKey::HeadUnitLeastLoad_ohm], Origin::ClassGuess);
            fill(figures, Quantity::OutputResistance_ohm, practice[PracticeKey::OutputResistance_ohm],
                 Origin::CommonPractice);
            break;
        case ElementKind::Capacitor:
            fill(figures, Quantity::Capacitance_f, practice[PracticeKey::SeriesCapacitor_f], Origin::ClassGuess);
            fill(figures, Quantity::SeriesResistance_ohm, 0.0, Origin::CommonPractice);
            break;
        case ElementKind::Inductor:
            fill(figures, Quantity::Inductance_h, 0.0, Origin::ClassGuess);
            fill(figures, Quantity::SeriesResistance_ohm, 0.0, Origin::CommonPractice);
            break;
        case ElementKind::Resistor:
            fill(figures, Quantity::Resistance_ohm, 0.0, Origin::ClassGuess);
            break;
        case ElementKind::Input:
        case ElementKind::Link:
            break;
    }
    return figures;
}

DriverParameters driverParameters(const Figures& completed, const Part& part, const std::string& element,
                                  const Practice& practice)
{
    DriverParameters driver;
    const auto take = [&](double& into, Quantity quantity) {
        if (const auto value = valueOf(completed, quantity)) into = *value;
    };
    take(driver.re_ohm, Quantity::Re_ohm);
    take(driver.le_h, Quantity::Le_h);
    take(driver.fs_hz, Quantity::Fs_hz);
    take(driver.qms, Quantity::Qms);
    take(driver.qes, Quantity::Qes);
    take(driver.vas_m3, Quantity::Vas_m3);
    take(driver.sd_m2, Quantity::Sd_m2);
    take(driver.xmax_m, Quantity::Xmax_m);
    take(driver.power_w, Quantity::Power_w);
    take(driver.nominal_ohm, Quantity::Nominal_ohm);
    take(driver.polarity, Quantity::Polarity);
    driver.polarity = driver.polarity < 0.0 ? -1.0 : 1.0;
    if (const auto coils = static_cast<double>(coilsOfCone(part, element).size()); coils > 1.0) {
        const double coupling = practice[PracticeKey::CoilCoupling_ratio];
        driver.re_ohm /= coils;
        driver.nominal_ohm /= coils;
        driver.le_h *= (1.0 + (coils - 1.0) * coupling) / coils;
        driver.polarity = 1.0;  // each coil has its own, in what drives the cone
    }
    driver.topCorner_hz = practice.driverClass(driverClassOf(part, element)).topCorner_hz;
    return driver;
}

}  // namespace core
