#include "core/evaluate/hearing.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/evaluate/practice_shapes.h"
#include "core/physics/air.h"
#include "core/physics/path.h"

namespace core {
namespace {

constexpr double kLeastDistance_m = 0.05;  // a place inside the head is a slip, not a level

Vec3 positionOf(const Fitout& fitout, DeviceId device)
{
    if (const auto mount = fitout.mounts.find(device); mount != fitout.mounts.end() && mount->second.frame)
        return mount->second.frame->at_m;
    const auto place = fitout.places.find(fitout.devices.at(device).at);
    return place == fitout.places.end() ? Vec3{} : place->second.frame.at_m;
}

double distance_m(const Vec3& a, const Vec3& b)
{
    return std::max(kLeastDistance_m, std::hypot(a.x - b.x, a.y - b.y, a.z - b.z));
}

// A channel belongs to the side on which its drivers sit; one on the centre plane plays on both.
struct EarPressure {
    Eigen::ArrayXcd left_pa{}, right_pa{};
};

EarPressure pressureAt(const StageResult& stage, const Vec3& ear, const Eigen::ArrayXd& frequency_hz)
{
    EarPressure sum{Eigen::ArrayXcd::Zero(frequency_hz.size()), Eigen::ArrayXcd::Zero(frequency_hz.size())};
    for (const RunResult& run : stage.runs) {
        const Vec3 at = positionOf(stage.used, run.run.id.coil.device);
        const Eigen::ArrayXcd pressure = run.pressure_pa_v * directPath(distance_m(at, ear), frequency_hz);
        if (at.y > 0.0)
            sum.left_pa += pressure;
        else if (at.y < 0.0)
            sum.right_pa += pressure;
        else {
            sum.left_pa += 0.5 * pressure;
            sum.right_pa += 0.5 * pressure;
        }
    }
    return sum;
}

Eigen::ArrayXd levelOf_db(const Eigen::ArrayXd& meanSquare_pa2)
{
    return 10.0 * (meanSquare_pa2 / (kReferencePressure_pa * kReferencePressure_pa)).max(1e-30).log10();
}

// The largest clean source voltage at each frequency, and which limit sets it. All channels hang on one volume control.
struct CleanVoltage {
    Eigen::ArrayXd most_v{};
    std::vector<Limit> limit{};
    double sourceLeast_v = 0.0;
};

CleanVoltage cleanVoltage(const StageResult& stage, const Practice& practice, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::Index n = frequency_hz.size();
    CleanVoltage clean{Eigen::ArrayXd::Constant(n, 1e9), std::vector<Limit>(static_cast<size_t>(n), Limit::Source),
                       1e9};
    const auto lower = [&](Eigen::Index i, double voltage, Limit limit) {
        if (voltage >= clean.most_v(i)) return;
        clean.most_v(i) = voltage;
        clean.limit[static_cast<size_t>(i)] = limit;
    };
    const Eigen::ArrayXd weight = programmeWeight(programmeShape(practice), frequency_hz);
    for (const RunResult& run : stage.runs) {
        const Eigen::ArrayXd& source_v = findCircuit(stage, run.run.id.channel)->sourceLimit_v;
        // Watts of a sheet stand for a voltage on the nominal impedance.
        const double heatTerminal_v = std::sqrt(run.driver.power_w * run.driver.nominal_ohm);
        const double meanSquare = weightedMean(frequency_hz, weight, run.transfer.abs2());
        const double heat_v =
            heatTerminal_v /
            std::sqrt(std::max(1e-12, programmeShare(practice[PracticeKey::CrestFactor_db]) * meanSquare));
        clean.sourceLeast_v = std::min(clean.sourceLeast_v, source_v.minCoeff());
        for (Eigen::Index i = 0; i < n; ++i) {
            lower(i, source_v(i), Limit::Source);
            lower(i, heat_v, Limit::Heat);
            lower(i, run.driver.xmax_m / std::max(1e-12, run.excursion_m_v(i)), Limit::Travel);
        }
    }
    return clean;
}

// The limit that rules over the largest share of ln f; the grid is even in ln f, so its points count.
Limit rulingLimit(const CleanVoltage& clean, const Eigen::ArrayXd& frequency_hz, const BandEdges& edges)
{
    std::array<int, 3> count{};
    for (Eigen::Index i = 0; i < frequency_hz.size(); ++i)
        if (frequency_hz(i) >= edges.low_hz && frequency_hz(i) <= edges.high_hz)
            ++count[static_cast<size_t>(clean.limit[static_cast<size_t>(i)])];
    return static_cast<Limit>(std::max_element(count.begin(), count.end()) - count.begin());
}

}  // namespace

std::optional<HearingResult> hear(const StageResult& stage, const Listener& listener, const Practice& practice,
                                  const Eigen::ArrayXd& frequency_hz)
{
    if (stage.runs.empty()) return std::nullopt;
    const StereoMix mix = stereoMix(practice);
    Eigen::ArrayXd meanSquare_pa2 = Eigen::ArrayXd::Zero(frequency_hz.size());
    for (const double side : {kHeadRadius_m, -kHeadRadius_m}) {
        const Vec3 ear{listener.head_m.x, listener.head_m.y + side, listener.head_m.z};
        const EarPressure pressure = pressureAt(stage, ear, frequency_hz);
        meanSquare_pa2 += 0.5 * leftAndRight_pa2(pressure.left_pa, pressure.right_pa, frequency_hz, mix);
    }
    const CleanVoltage clean = cleanVoltage(stage, practice, frequency_hz);
    HearingResult result;
    result.level_db = levelOf_db(meanSquare_pa2);
    result.loudest_db = result.level_db + 20.0 * clean.most_v.log10();
    result.curve_db =
        result.level_db + 20.0 * std::log10(clean.sourceLeast_v) - practice[PracticeKey::CurveBelowLimit_db];
    const BandEdges& mid = kBands[static_cast<size_t>(Band::Mid)];
    const double middle_db = bandMean_db(frequency_hz, result.level_db, mid.low_hz, mid.high_hz);
    result.curveMid_db = bandMean_db(frequency_hz, result.curve_db, mid.low_hz, mid.high_hz);
    for (const BandEdges& edges : kBands) {
        BandFigures& band = result.bands[static_cast<size_t>(edges.band)];
        band.reach_db = bandMean_db(frequency_hz, result.loudest_db, edges.low_hz, edges.high_hz);
        band.limit = rulingLimit(clean, frequency_hz, edges);
        band.balance_db = bandMean_db(frequency_hz, result.level_db, edges.low_hz, edges.high_hz) - middle_db;
    }
    return result;
}

}  // namespace core
