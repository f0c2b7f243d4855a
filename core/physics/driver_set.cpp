#include "core/physics/driver_set.h"

#include <cmath>
#include <numbers>

#include "core/physics/air.h"
#include "core/physics/level.h"

namespace core {
namespace {

using Optional = std::optional<double>;

std::optional<ModelError> checkValues(const KnownDriver& known)
{
    const std::pair<Optional, const char*> positive[] = {{known.fs_hz, "fs_hz"},
                                                         {known.re_ohm, "re_ohm"},
                                                         {known.sd_m2, "sd_m2"},
                                                         {known.qms, "qms"},
                                                         {known.qes, "qes"},
                                                         {known.qts, "qts"},
                                                         {known.vas_m3, "vas_m3"},
                                                         {known.cms_m_n, "cms_m_n"},
                                                         {known.mms_kg, "mms_kg"},
                                                         {known.bl_tm, "bl_tm"},
                                                         {known.sensitivity_db, "sensitivity_db"},
                                                         {known.maxImpedance_ohm, "maxImpedance_ohm"}};
    for (const auto& [value, name] : positive) {
        if (!value) continue;
        if (!std::isfinite(*value)) return ModelError{ErrorCode::NotFinite, name, *value, "finite"};
        if (*value <= 0.0) return ModelError{ErrorCode::OutOfDomain, name, *value, "> 0"};
    }
    if (known.le_h && !(*known.le_h >= 0.0)) return ModelError{ErrorCode::OutOfDomain, "le_h", *known.le_h, ">= 0"};
    return std::nullopt;
}

tl::unexpected<ModelError> missing(const std::string& what)
{
    return refuse(ErrorCode::Underdetermined, what, 0.0, "to be known");
}

// fs, Re and Sd are there. Qms and Qes by 1/Qts = 1/Qms + 1/Qes, Qms = Qes (Zmax / Re - 1), or Qes from level and Vas.
std::optional<ModelError> solveQualities(const KnownDriver& known, DriverParameters& driver)
{
    Optional qms = known.qms, qes = known.qes;
    const Optional qts = known.qts;
    if (qts && ((qms && *qts >= *qms) || (qes && *qts >= *qes)))
        return ModelError{ErrorCode::Inconsistent, "qts", *qts, "below qms and below qes"};
    Optional peak;  // Qms / Qes
    if (known.maxImpedance_ohm) {
        if (*known.maxImpedance_ohm <= driver.re_ohm)
            return ModelError{ErrorCode::Inconsistent, "maxImpedance_ohm", *known.maxImpedance_ohm, "above re_ohm"};
        peak = *known.maxImpedance_ohm / driver.re_ohm - 1.0;
    }
    if (!qes && known.vas_m3 && known.sensitivity_db && !(qms && (qts || peak)) && !(qts && peak)) {
        DriverParameters one = driver;
        one.qes = 1.0;
        qes = *known.vas_m3 / vasFromSensitivity_m3(*known.sensitivity_db, one);
    }
    if (!qes && qms && qts) qes = 1.0 / (1.0 / *qts - 1.0 / *qms);
    if (!qes && qms && peak) qes = *qms / *peak;
    if (!qes && qts && peak) qes = *qts * (1.0 + *peak) / *peak;
    if (!qms && qes && qts) qms = 1.0 / (1.0 / *qts - 1.0 / *qes);
    if (!qms && qes && peak) qms = *qes * *peak;
    if (!qms || !qes) return ModelError{ErrorCode::Underdetermined, "two of qms, qes, qts", 0.0, "to be known"};
    if (!(*qms > 0.0) || !(*qes > 0.0))
        return ModelError{ErrorCode::Inconsistent, "qts", qts.value_or(0.0), "below qms and below qes"};
    driver.qms = *qms;
    driver.qes = *qes;
    return std::nullopt;
}

// Vas from whichever of its relatives is known, best first.
Optional volumeOf(const KnownDriver& known, const DriverParameters& driver)
{
    if (known.vas_m3) return known.vas_m3;
    const double ws = 2.0 * std::numbers::pi * driver.fs_hz;
    Optional compliance = known.cms_m_n;
    if (!compliance && known.mms_kg) compliance = 1.0 / (ws * ws * *known.mms_kg);
    if (!compliance && known.bl_tm)
        compliance = driver.re_ohm / (ws * driver.qes * *known.bl_tm * *known.bl_tm);  // Mms = Bl^2 Qes / (ws Re)
    if (compliance)
        return kAirDensity_kg_m3 * kSoundSpeed_m_s * kSoundSpeed_m_s * driver.sd_m2 * driver.sd_m2 * *compliance;
    if (known.sensitivity_db) return vasFromSensitivity_m3(*known.sensitivity_db, driver);
    return std::nullopt;
}

void compare(const KnownDriver& known, const CompletedDriver& found, std::vector<Warning>& warnings)
{
    constexpr double kTolerance = 0.05;
    const DriverParameters& p = found.parameters;
    const MotionalElements motion = motionalElements(p);
    const std::tuple<Optional, double, const char*> pairs[] = {
        {known.qts, found.qts, "qts"},
        {known.maxImpedance_ohm, p.re_ohm + motion.res_ohm, "maxImpedance_ohm"},
        {known.cms_m_n, found.mechanics.cms_m_n, "cms_m_n"},
        {known.mms_kg, found.mechanics.mms_kg, "mms_kg"},
        {known.bl_tm, found.mechanics.bl_tm, "bl_tm"}};
    for (const auto& [stated, computed, name] : pairs)
        if (stated && std::abs(*stated / computed - 1.0) > kTolerance)
            warnings.emplace_back(WarningKind::Differs, name);
    // A level differs by a ratio of pressures.
    if (known.sensitivity_db && std::abs(ratioOf(*known.sensitivity_db - found.sensitivity_db) - 1.0) > kTolerance)
        warnings.emplace_back(WarningKind::Differs, "sensitivity_db");
}

}  // namespace

Outcome<CompletedDriver> completeDriver(const KnownDriver& known)
{
    if (const auto error = checkValues(known)) return tl::unexpected(*error);
    if (!known.fs_hz) return missing("fs_hz");
    if (!known.re_ohm) return missing("re_ohm");
    if (!known.sd_m2) return missing("sd_m2");
    Answer<CompletedDriver> answer;
    DriverParameters& driver = answer.value.parameters;
    driver.fs_hz = *known.fs_hz;
    driver.re_ohm = *known.re_ohm;
    driver.sd_m2 = *known.sd_m2;
    driver.le_h = known.le_h.value_or(0.0);
    if (const auto error = solveQualities(known, driver)) return tl::unexpected(*error);
    const Optional volume = volumeOf(known, driver);
    if (!volume) return missing("one of vas_m3, cms_m_n, mms_kg, bl_tm, sensitivity_db");
    driver.vas_m3 = *volume;
    if (!std::isfinite(driver.vas_m3) || driver.vas_m3 <= 0.0)
        return refuse(ErrorCode::OutOfDomain, "vas_m3", driver.vas_m3, "values of a size that gives a finite result");
    answer.value.qts = driver.qms * driver.qes / (driver.qms + driver.qes);
    answer.value.mechanics = mechanics(driver);
    answer.value.sensitivity_db = sensitivity_db(driver);
    compare(known, answer.value, answer.warnings);
    return answer;
}

double effectiveArea_m2(double diameter_m, double otherDiameter_m)
{
    return std::numbers::pi / 4.0 * diameter_m * otherDiameter_m;
}

AddedMassEffect withAddedMass(double fs_hz, double mms_kg, double added_kg)
{
    const double share = mms_kg / (mms_kg + added_kg);
    return {fs_hz * std::sqrt(share), decibels(share)};
}

}  // namespace core
