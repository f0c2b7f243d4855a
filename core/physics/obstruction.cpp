#include "core/physics/obstruction.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/physics/air.h"

namespace core {

Outcome<double> plateMass_kg_m2(const PerforatedPlate& plate)
{
    if (!(plate.pitch_m > plate.hole_m))
        return refuse(ErrorCode::Inconsistent, "pitch_m", plate.pitch_m, "above hole_m");
    const double e = plate.hole_m / plate.pitch_m;
    const double open = std::numbers::pi / 4.0 * e * e;
    const double thick = plate.thickness_m + 0.85 * plate.hole_m * (1.0 - 1.13 * e - 0.09 * e * e + 0.27 * e * e * e);
    return Answer<double>{kAirDensity_kg_m3 * thick / open, {}};
}

Eigen::ArrayXd plateLoss_db(double mass_kg_m2, const Eigen::ArrayXd& frequency_hz)
{
    const double scale = std::numbers::pi * mass_kg_m2 / (kAirDensity_kg_m3 * kSoundSpeed_m_s);
    return 10.0 * (1.0 + (scale * frequency_hz).square()).log10();
}

Eigen::ArrayXd coverLoss_db(const CoverLoss& cover, const Eigen::ArrayXd& frequency_hz)
{
    const double first = std::log(4.0), second = std::log(2.5);
    return frequency_hz.unaryExpr([&](double f) {
        const double x = std::log(f / 1000.0);
        if (x <= first) return cover.at1k_db + (cover.at4k_db - cover.at1k_db) * std::max(0.0, x) / first;
        return cover.at4k_db + (cover.at10k_db - cover.at4k_db) * std::min(1.0, (x - first) / second);
    });
}

double fresnelNumber(const ScreenEdge& edge, double frequency_hz)
{
    return (edge.blocked ? 2.0 : -2.0) * edge.longer_m * frequency_hz / kSoundSpeed_m_s;
}

Eigen::ArrayXd screenLoss_db(const ScreenEdge& edge, const Eigen::ArrayXd& frequency_hz)
{
    constexpr double kMost_db = 24.0;
    const Eigen::ArrayXd number = frequency_hz * fresnelNumber(edge, 1.0);
    Eigen::ArrayXd loss = (10.0 * (3.0 + 20.0 * number).max(1.0).log10()).min(kMost_db);
    if (edge.side_m > 0.0) loss *= (frequency_hz * (edge.side_m / (2.0 * kSoundSpeed_m_s))).min(1.0);
    return loss;
}

}  // namespace core
