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

// What follows from the parameters. All inputs > 0 (asserted; complete() sees to it).
//   Cms = Vas / (rho c^2 Sd^2)   Mms = 1 / ((2 pi fs)^2 Cms)   Rms = 2 pi fs Mms / Qms   Bl = sqrt(2 pi fs Mms Re /
//   Qes) Res = Re Qms / Qes   Cmes = Qes / (ws Re)   Lces = Re / (ws Qes)
// source  R. H. Small, "Direct-radiator loudspeaker system analysis", J. Audio Eng. Soc. 20 (1972)
struct DriverMechanics {
    double cms_m_n = 0.0, mms_kg = 0.0, rms_kg_s = 0.0, bl_tm = 0.0;
    double res_ohm = 0.0, cmes_f = 0.0, lces_h = 0.0;
};
[[nodiscard]] DriverMechanics mechanics(const DriverParameters& driver);

// Z(w) = Re + jwLe + 1 / (1/Res + jwCmes + 1/(jwLces)), free air or infinite baffle; n values, each f > 0
[[nodiscard]] Eigen::ArrayXcd impedance_ohm(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz);

// Half-space level at 1 m with 2.83 V (sqrt(8) V) from eta0 = 4 pi^2 fs^3 Vas / (c^3 Qes), in dB re 20 uPa.
// source  Small (1972)
[[nodiscard]] double sensitivity_db(const DriverParameters& driver);

// The Vas that gives this 2.83 V sensitivity: the inverse of the above.
[[nodiscard]] double vasFromSensitivity_m3(double sensitivity_db, const DriverParameters& driver);

}  // namespace core
