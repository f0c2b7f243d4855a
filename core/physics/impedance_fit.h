#pragma once

#include <optional>

#include "core/base/outcome.h"
#include "core/physics/driver.h"
#include "core/physics/measured_curve.h"

namespace core {

// The resonance of an impedance curve by three of its points.
struct ImpedancePeak {
    double fs_hz = 0.0, re_ohm = 0.0, maxImpedance_ohm = 0.0;
    double low_hz = 0.0, high_hz = 0.0;  // f1 < fs < f2, where |Z| = Re sqrt(r0), r0 = Zmax / Re
};
struct QualityFactors {
    double peak_ratio = 0.0;  // r0
    double qms = 0.0, qes = 0.0, qts = 0.0;
};

// Qms = fs sqrt(r0) / (f2 - f1), Qes = Qms / (r0 - 1), Qts = Qms / r0
// errors    NoResonance (r0 <= 1.2), Inconsistent (not f1 < fs < f2)
// warnings  CentreOff (sqrt(f1 f2) more than 2 % off fs)
// source    Small (1972); Thiele (1971)
[[nodiscard]] Outcome<QualityFactors> qualityFactors(const ImpedancePeak& peak);

// The peak of a curve: the maximum by a parabola through its three top points in ln f.
// errors  NoResonance (none, or at the edge of the sweep), MultipleResonances (a second peak of more than 20 % of Res:
//         a box, a vent or a leak), Underdetermined (fewer than five points)
[[nodiscard]] Outcome<ImpedancePeak> findPeak(const MeasuredCurve& impedance, double re_ohm);

struct ImpedanceFit {
    DriverParameters parameters{};  // re, le, fs, qms, qes; the rest untouched
    CoilLoss loss{};                // with a semi-inductance: K and n instead of Le
    double qts = 0.0, res_ohm = 0.0;
    double residual_ratio = 0.0;  // rms, relative to |Z|
    // Standard errors, relative.
    double reError_ratio = 0.0, fsError_ratio = 0.0, qmsError_ratio = 0.0, qesError_ratio = 0.0;
};

enum class CoilModel { Inductance, SemiInductance };

// Least squares of the complex curve (of |Z|, where it has no phase) on Re, Le or K and n, Res, fs and Qms, weights
// 1/|Z|, over 0.25 fs to 20 fs, starting from the three points. re_ohm: of an ohmmeter, for the start.
// errors  as findPeak
[[nodiscard]] Outcome<ImpedanceFit> fitImpedance(const MeasuredCurve& impedance, double re_ohm, CoilModel model);

// Mass m added to the cone moves fs to fs':  Mms = m / ((fs / fs')^2 - 1), Vas = rho c^2 Sd^2 Cms.
struct AddedMassTest {
    double fs_hz = 0.0, loaded_hz = 0.0, added_kg = 0.0, sd_m2 = 0.0;
};
struct MovingMass {
    double mms_kg = 0.0, cms_m_n = 0.0, vas_m3 = 0.0;
};
// errors  Inconsistent (fs' not below fs)
[[nodiscard]] Outcome<MovingMass> movingMass(const AddedMassTest& test);

// A closed test box: Vas = Vb (fc Qec / (fs Qes) - 1), free of the air load's error; without the Q, Vb ((fc/fs)^2 - 1).
struct TestBox {
    double volume_m3 = 0.0, fs_hz = 0.0, boxed_hz = 0.0;
    std::optional<double> qes{}, boxedQes{};
};
// errors  Inconsistent (fc not above fs)
[[nodiscard]] Outcome<double> vasFromBox_m3(const TestBox& test);

}  // namespace core
