#include "core/evaluate/hearing.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/evaluate/loaded_curve.h"
#include "core/evaluate/ways.h"
#include "core/physics/air.h"
#include "core/physics/path.h"
#include "core/physics/stereo.h"
#include "core/physics/travel_limit.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

const Curve* inPlaceCurve(const StageResult& stage, const Port& coil, ListenerId listener)
{
    for (const auto& [id, curve] : stage.used.curves)
        if (curve.kind == CurveKind::InPlace && curve.coil == coil && curve.listener == listener) return &curve;
    return nullptr;
}

// A curve measured at this head stands for everything between the coil and the ear, as far as it reaches.
void takeMeasured(Eigen::ArrayXcd& pressure, const Curve& curve, const RunResult& run, double distance_m)
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    Eigen::ArrayXcd heard = measuredPressure_pa_v(measuredResponse(curve), f) * run.transfer;
    if (curve.phase_deg.empty()) heard *= flight(distance_m, f);
    for (Eigen::Index i = 0; i < f.size(); ++i)
        if (f(i) >= curve.frequency_hz.front() && f(i) <= curve.frequency_hz.back()) pressure(i) = heard(i);
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

// The loudest driver of each side in the middle band leads the ear.
std::optional<double> imageAt(const StageResult& stage, const Vec3& head, const std::array<double, 2>& side_db,
                              const std::array<std::vector<std::pair<double, size_t>>, 2>& runs,
                              const Practice& practice)
{
    std::array<double, 2> arrival_s{};
    for (size_t side = 0; side < 2; ++side) {
        if (runs[side].empty()) return std::nullopt;
        const size_t lead = std::max_element(runs[side].begin(), runs[side].end())->second;
        arrival_s[side] = distance(stage.ways[lead].source.at_m, head) / kSoundSpeed_m_s +
                          delayOf(stage, stage.runs[lead].run.id.channel);
    }
    return imageShift(arrival_s[1] - arrival_s[0], side_db[0] - side_db[1], imagePractice(practice));
}

}  // namespace

double delayOf(const StageResult& stage, const Port& channel)
{
    const auto setting = stage.used.settings.find(channel);
    return setting == stage.used.settings.end() ? 0.0 : setting->second.delay_s;
}

int sideOf(const SoundSource& source)
{
    return source.at_m.y > 0.0 ? 1 : source.at_m.y < 0.0 ? -1 : 0;
}

Eigen::ArrayXd levelOf_db(const Eigen::ArrayXd& meanSquare_pa2)
{
    constexpr double kSilence = 1e-30;
    return (10.0 / std::numbers::ln10) *
           (meanSquare_pa2 * (1.0 / (kReferencePressure_pa * kReferencePressure_pa))).max(kSilence).log();
}

void setCleanVoltage(StageResult& stage, const Practice& practice, const GridTables& tables)
{
    constexpr double kBeyondAll_v = 1e9, kNoTravel_m_v = 1e-12;
    stage.clean = unlimited(tables.frequency_hz.size());
    stage.sourceLeast_v = kBeyondAll_v;
    const double crest_db = practice[PracticeKey::CrestFactor_db];
    for (const RunResult& run : stage.runs) {
        const Eigen::ArrayXd& source_v = findCircuit(stage, run.run.id.channel)->sourceLimit_v;
        // Watts of a sheet stand for a voltage on the nominal impedance.
        const double coil_v = std::sqrt(run.driver.power_w * run.driver.nominal_ohm);
        const double heat_v = heatSourceVoltage_v(coil_v, crest_db, tables.programme, run.transfer.abs2());
        stage.sourceLeast_v = std::min(stage.sourceLeast_v, source_v.minCoeff());
        limitBy(stage.clean, source_v, Limit::Source);
        limitBy(stage.clean, Eigen::ArrayXd::Constant(source_v.size(), heat_v), Limit::Heat);
    }
    for (const ConeResult& cone : stage.cones)
        limitBy(stage.clean,
                travelVoltage_v(stage.runs[cone.runs.front()].driver.xmax_m, cone.excursion_m_v.max(kNoTravel_m_v)),
                Limit::Travel);
}

std::optional<HearingResult> hear(const StageResult& stage, ListenerId listener, const Practice& practice,
                                  const GridTables& tables)
{
    if (stage.runs.empty() || tables.frequency_hz.size() != stage.runs.front().pressure_pa_v.size())
        return std::nullopt;
    const Eigen::Index n = tables.frequency_hz.size();
    const Eigen::ArrayXcd silence = Eigen::ArrayXcd::Zero(n);
    Ears<Eigen::ArrayXcd> left{silence, silence}, right{silence, silence};
    std::array<std::vector<std::pair<double, size_t>>, 2> sideRuns;  // by level in the middle band
    for (size_t i = 0; i < stage.runs.size(); ++i) {
        if (stage.runs[i].sameCone) continue;
        const int side = sideOf(stage.ways[i].source);
        const Ears<Eigen::ArrayXcd> pressure = runAt(stage, i, listener);
        for (size_t ear = 0; ear < 2; ++ear) {
            if (side >= 0) left[ear] += (side > 0 ? 1.0 : 0.5) * pressure[ear];
            if (side <= 0) right[ear] += (side < 0 ? 1.0 : 0.5) * pressure[ear];
        }
        if (side != 0)
            sideRuns[side > 0 ? 0 : 1].emplace_back(
                bandLevel_db(tables, Band::Mid, pressure[0].abs2() + pressure[1].abs2()), i);
    }
    HearingResult result;
    Eigen::ArrayXd square_pa2 = Eigen::ArrayXd::Zero(n);
    for (size_t ear = 0; ear < 2; ++ear) {
        result.ear_pa2[ear] = leftAndRight_pa2(left[ear], right[ear], tables.random);
        square_pa2 += 0.5 * result.ear_pa2[ear];
    }
    result.left_pa2 = 0.5 * (left[0].abs2() + left[1].abs2());
    result.right_pa2 = 0.5 * (right[0].abs2() + right[1].abs2());
    result.level_db = levelOf_db(square_pa2);
    const double curve_db = 20.0 * std::log10(stage.sourceLeast_v) - practice[PracticeKey::CurveBelowLimit_db];
    result.curve_db = result.level_db + curve_db;

    const Eigen::ArrayXd relative = square_pa2 * (1.0 / (kReferencePressure_pa * kReferencePressure_pa));
    const Eigen::ArrayXd loudest = relative * stage.clean.most_v.square();
    const double middle_db = bandLevel_db(tables, Band::Mid, relative);
    result.curveMid_db = middle_db + curve_db;
    for (const BandEdges& edges : kBands) {
        BandFigures& band = result.bands[static_cast<size_t>(edges.band)];
        band.reach_db = bandLevel_db(tables, edges.band, loudest);
        band.limit = rulingLimit(stage.clean, tables.frequency_hz, edges);
        band.balance_db = bandLevel_db(tables, edges.band, relative) - middle_db;
    }
    result.image =
        imageAt(stage, stage.used.listeners.at(listener).head_m,
                {bandLevel_db(tables, Band::Mid, result.left_pa2), bandLevel_db(tables, Band::Mid, result.right_pa2)},
                sideRuns, practice);
    result.worst = stage.cabin.worst;
    for (const RunResult& run : stage.runs) result.worst = std::max(result.worst, run.worst);
    return result;
}

Eigen::ArrayXd loudest_db(const StageResult& stage, ListenerId listener)
{
    return stage.hearing.at(listener).level_db + 20.0 * stage.clean.most_v.log10();
}

Ears<Eigen::ArrayXcd> runAt(const StageResult& stage, size_t run, ListenerId listener)
{
    const RunResult& result = stage.runs[run];
    const Ears<Eigen::ArrayXcd>& ways = *stage.ways[run].ears.at(listener);
    Ears<Eigen::ArrayXcd> pressure{result.pressure_pa_v * ways[0], result.pressure_pa_v * ways[1]};
    if (const Curve* curve = inPlaceCurve(stage, result.run.id.coil, listener)) {
        const Ears<Vec3> ears = earsOf(stage.used.listeners.at(listener));
        for (size_t ear = 0; ear < ears.size(); ++ear)
            takeMeasured(pressure[ear], *curve, result, distance(stage.ways[run].source.at_m, ears[ear]));
    }
    return pressure;
}

Ears<Eigen::ArrayXcd> channelAt(const StageResult& stage, const Port& channel, ListenerId listener)
{
    Ears<Eigen::ArrayXcd> sum;
    for (Eigen::ArrayXcd& ear : sum) ear = Eigen::ArrayXcd::Zero(kGridSize);
    for (size_t i = 0; i < stage.runs.size(); ++i) {
        if (stage.runs[i].run.id.channel != channel || stage.runs[i].sameCone) continue;
        const Ears<Eigen::ArrayXcd> one = runAt(stage, i, listener);
        for (size_t ear = 0; ear < sum.size(); ++ear) sum[ear] += one[ear];
    }
    return sum;
}

Eigen::ArrayXd channelLevel_db(const StageResult& stage, const Port& channel, ListenerId listener)
{
    const Ears<Eigen::ArrayXcd> sum = channelAt(stage, channel, listener);
    return levelOf_db(0.5 * (sum[0].abs2() + sum[1].abs2()));
}

}  // namespace core
