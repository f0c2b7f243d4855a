#pragma once

#include <Eigen/Core>

namespace core {

// One voice coil with its cone, complete: nothing absent any more. SI.
struct DriverParameters {
    double re_ohm = 3.3;
    double le_h = 0.0;  // 0 allowed
    double fs_hz = 60.0;
    double qms = 5.0;
    double qes = 0.6;
    double vas_m3 = 0.01;
    double sd_m2 = 0.013;
    double xmax_m = 0.003;  // one way, peak
    double power_w = 50.0;  // long-term, on the nominal impedance
    double nominal_ohm = 4.0;
    double topCorner_hz = 5000.0;  // second-order fall of its own radiation
    double polarity = 1.0;         // -1: really made the other way round
    bool operator==(const DriverParameters&) const = default;
};

// All functions below: inputs > 0 but le_h >= 0 (asserted; complete() and the models' entries see to it).
// source  R. H. Small, "Direct-radiator loudspeaker system analysis", J. Audio Eng. Soc. 20 (1972)

// Cms = Vas / (rho c^2 Sd^2), Mms = 1 / ((2 pi fs)^2 Cms), Rms = 2 pi fs Mms / Qms, Bl = sqrt(2 pi fs Mms Re / Qes)
struct DriverMechanics {
    double cms_m_n = 0.0, mms_kg = 0.0, rms_kg_s = 0.0, bl_tm = 0.0;
};
[[nodiscard]] DriverMechanics mechanics(const DriverParameters& driver);

// The resonance as the coil shows it, three parts in parallel: Res = Re Qms / Qes, Cmes = Qes / (ws Re),
// Lces = Re / (ws Qes)
struct MotionalElements {
    double res_ohm = 0.0, cmes_f = 0.0, lces_h = 0.0;
};
[[nodiscard]] MotionalElements motionalElements(const DriverParameters& driver);

// What a real coil has beside Re and Le. Either a second inductance L2 with R2 across it, or a semi-inductance
// K (jw)^n, which then stands instead of Le.
// source  J. R. Wright, "An empirical model for loudspeaker motor impedance", J. Audio Eng. Soc. 38 (1990);
//         J. Vanderkooy, "A model of loudspeaker driver impedance incorporating eddy currents", same, 37 (1989)
struct CoilLoss {
    double l2_h = 0.0, r2_ohm = 0.0;
    double k = 0.0, exponent = 0.7;  // K in ohm s^n, 0.5 <= n <= 1
};

// Z(w) = Re + jwLe [+ R2 jwL2 / (R2 + jwL2)] + 1 / (1/Res + jwCmes + 1/(jwLces)), free air or infinite baffle;
// n values, each f > 0
[[nodiscard]] Eigen::ArrayXcd impedance_ohm(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz,
                                            const CoilLoss& loss = {});
// Its part that does not move: Re and the coil.
[[nodiscard]] Eigen::ArrayXcd blockedImpedance_ohm(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz,
                                                   const CoilLoss& loss = {});

// eta0 = 4 pi^2 fs^3 Vas / (c^3 Qes)
[[nodiscard]] double referenceEfficiency(const DriverParameters& driver);

// Half-space level at 1 m of one electrical watt: 10 log(eta0 rho c / (2 pi (20e-6)^2)), dB re 20 uPa; and back.
[[nodiscard]] double oneWattLevel_db(double efficiency);
[[nodiscard]] double efficiencyOfLevel(double oneWatt_db);

// The same with 2.83 V (sqrt(8) V) at the coil.
[[nodiscard]] double sensitivity_db(const DriverParameters& driver);

// The Vas that gives this 2.83 V sensitivity: the inverse of the above.
[[nodiscard]] double vasFromSensitivity_m3(double sensitivity_db, const DriverParameters& driver);

}  // namespace core
