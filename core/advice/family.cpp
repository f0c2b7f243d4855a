#include "core/advice/family.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/physics/directivity.h"
#include "core/physics/level.h"
#include "core/physics/smoothing.h"

namespace core {
namespace {

constexpr double kFrom_hz = 250.0, kTo_hz = 8000.0, kMidTo_hz = 4000.0;
constexpr double kPerOctave = 3.0;
constexpr double kSilent_pa_v = 1e-9;

struct Voice {
    Eigen::ArrayXd level_db{};  // on axis, third octaves
    Eigen::ArrayXd angle_db{};  // at 45 degrees against that
};

Voice voiceOf(const RunResult& run, const Eigen::ArrayXd& hz)
{
    Voice voice;
    voice.level_db = smoothed_db(
        hz, run.pressure_pa_v.abs().max(kSilent_pa_v).unaryExpr([](double p) { return decibels(p); }), kPerOctave, hz);
    const double radius_m = std::sqrt(run.driver.sd_m2 / std::numbers::pi);
    voice.angle_db = hz.unaryExpr([&](double f) {
        constexpr double kFloor = 1e-3;
        const double x = pistonArgument(radius_m, std::numbers::pi / 4.0, f);
        return decibels(std::max(kFloor, std::abs(pistonDirectivity(x))));
    });
    return voice;
}

// Mean over a band, every point of the grid the same share of an octave.
double meanOver(const Eigen::ArrayXd& values, const Eigen::ArrayXd& hz, double high_hz)
{
    double sum = 0.0, count = 0.0;
    for (Eigen::Index i = 0; i < hz.size(); ++i) {
        if (hz(i) < kFrom_hz || hz(i) > high_hz) continue;
        sum += values(i);
        count += 1.0;
    }
    return sum / count;
}

}  // namespace

Heard heardAs(const FamilyMatch& match, const Practice& practice)
{
    const double colour_db = std::max(match.shape_db, match.angle_db);
    return colour_db < practice[PracticeKey::FamilyJustHeard_db] ? Heard::No
           : colour_db < practice[PracticeKey::FamilyPlain_db]   ? Heard::Hardly
                                                                 : Heard::Plainly;
}

std::vector<FamilyMatch> familyOf(const StageResult& stage, DeviceId device, const Practice& practice)
{
    std::vector<FamilyMatch> matches;
    const RunResult* own = findRunOfDevice(stage, device);
    if (!own) return matches;
    const Eigen::ArrayXd hz = frequencyGrid_hz();
    const Voice mine = voiceOf(*own, hz);
    for (const RunResult& run : stage.runs) {
        const DeviceId other = run.run.id.coil.device;
        if (other == device || findRunOfDevice(stage, other) != &run) continue;
        const Voice theirs = voiceOf(run, hz);
        FamilyMatch match{.other = other};
        const Eigen::ArrayXd apart_db = theirs.level_db - mine.level_db;
        match.level_db = meanOver(apart_db, hz, kMidTo_hz);
        match.shape_db = meanOver((apart_db - match.level_db).abs(), hz, kTo_hz);
        match.angle_db = meanOver((theirs.angle_db - mine.angle_db).abs(), hz, kTo_hz);
        match.heard = heardAs(match, practice);
        matches.push_back(match);
    }
    std::stable_sort(matches.begin(), matches.end(),
                     [](const FamilyMatch& a, const FamilyMatch& b) { return a.shape_db < b.shape_db; });
    return matches;
}

}  // namespace core
