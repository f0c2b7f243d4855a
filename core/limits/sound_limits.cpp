#include "core/limits/sound_limits.h"

#include <algorithm>

#include "core/base/threshold.h"
#include "core/physics/level.h"

namespace core {

std::optional<Verdict> loadLimit(const Computed& least_ohm, const Known& minimum, bool came, const Practice& practice)
{
    const double stop_ohm = practice[PracticeKey::LoadStop_ratio] * minimum.value;
    const double care_ohm = practice[PracticeKey::LoadCare_ratio] * minimum.value;
    if (!under(least_ohm.value, care_ohm)) return std::nullopt;
    const bool stop = under(least_ohm.value, stop_ohm);
    return Verdict{RuleId::LoadUnderMinimum,     came ? Severity::Note : stop ? Severity::Stop : Severity::Care,
                   Quantity::LeastImpedance_ohm, {least_ohm.value, std::max(least_ohm.worst, minimum.basis.origin), {}},
                   stop ? stop_ohm : care_ohm,   stop ? PracticeKey::LoadStop_ratio : PracticeKey::LoadCare_ratio};
}

Computed lowerLoadRatio(const Known& now, const Known& old)
{
    return {now.value / old.value, std::max(now.basis.origin, old.basis.origin), {}};
}

std::optional<Verdict> lowerLoadLimit(const Known& now, const Known& old, bool minimumGuessed, const Practice& practice)
{
    const Computed ratio = lowerLoadRatio(now, old);
    if (!under(ratio.value, practice[PracticeKey::LowerLoadCare_ratio])) return std::nullopt;
    const bool stop = minimumGuessed && under(ratio.value, practice[PracticeKey::LowerLoadStop_ratio]);
    const PracticeKey key = stop ? PracticeKey::LowerLoadStop_ratio : PracticeKey::LowerLoadCare_ratio;
    return Verdict{
        RuleId::LowerLoadOnFactory, stop ? Severity::Stop : Severity::Care, Quantity::Ratio, ratio, practice[key], key};
}

std::optional<Verdict> heatLimit(const CoilHeat& heat, const Practice& practice)
{
    const double sineLimit_w = practice[PracticeKey::CoilSine_ratio] * heat.rating.value;
    const Origin worst = std::max(heat.worst, heat.rating.basis.origin);
    if (over(heat.sine_w, sineLimit_w) && !heat.highPass)
        return Verdict{RuleId::CoilOverRating,   Severity::Stop, Quantity::SinePower_w,
                       {heat.sine_w, worst, {}}, sineLimit_w,    PracticeKey::CoilSine_ratio};
    if (!over(heat.programme_w, heat.rating.value)) return std::nullopt;
    return Verdict{RuleId::CoilOverRating,        Severity::Care,    Quantity::ProgrammePower_w,
                   {heat.programme_w, worst, {}}, heat.rating.value, {}};
}

std::optional<Verdict> travelLimit(const ConeTravel& travel, const Practice& practice)
{
    const PracticeKey careKey = travel.subwoofer ? PracticeKey::SubTravelCare_ratio : PracticeKey::TravelCare_ratio;
    const PracticeKey stopKey = travel.subwoofer ? PracticeKey::SubTravelStop_ratio : PracticeKey::TravelStop_ratio;
    const double ratio = travel.travel_m / travel.xmax_m;
    if (!over(ratio, practice[careKey])) return std::nullopt;
    const bool stop = over(ratio, practice[stopKey]);
    const PracticeKey key = stop ? stopKey : careKey;
    return Verdict{travel.subwoofer ? RuleId::SubwooferTravel : RuleId::TravelWithProgramme,
                   travel.stood ? Severity::Note
                   : stop       ? Severity::Stop
                                : Severity::Care,
                   travel.subwoofer ? Quantity::Travel_m : Quantity::ProgrammeTravel_m,
                   {travel.travel_m, travel.worst, {}},
                   practice[key] * travel.xmax_m,
                   key};
}

bool isAsFound(const StageResult& found, const RunResult& run)
{
    const RunResult* before = findRun(found, run.run.id);
    return before && before->driver == run.driver && before->transfer.isApprox(run.transfer, 1e-9);
}

bool isAsFound(const StageResult& found, const CircuitResult& circuit)
{
    const CircuitResult* before = findCircuit(found, circuit.channel);
    return before && before->load_ohm.isApprox(circuit.load_ohm, 1e-9);
}

bool isTweeter(const RunResult& run, const Practice& practice)
{
    return run.driver.sd_m2 < practice[PracticeKey::LargestTweeter_m2];
}

double protectedFrom_hz(const RunResult& run, const Eigen::ArrayXd& frequency_hz, const Practice& practice)
{
    return std::max(practice[PracticeKey::TweeterLows_ratio] * run.driver.fs_hz, frequency_hz(0));
}

double underLargest_db(const RunResult& run, const Eigen::ArrayXd& frequency_hz, double at_hz)
{
    const Eigen::ArrayXd volts = run.transfer.abs();
    Eigen::Index nearest = 0;
    (frequency_hz - at_hz).abs().minCoeff(&nearest);
    constexpr double kNothing = 1e-12;
    return decibels((volts(nearest) + kNothing) / (volts.maxCoeff() + kNothing));
}

std::optional<Verdict> protectionLimit(const RunResult& run, const Eigen::ArrayXd& frequency_hz,
                                       const Practice& practice)
{
    if (!isTweeter(run, practice)) return std::nullopt;
    const double held_db = -underLargest_db(run, frequency_hz, protectedFrom_hz(run, frequency_hz, practice));
    const double limit_db = practice[PracticeKey::TweeterLows_db];
    if (!under(held_db, limit_db)) return std::nullopt;
    return Verdict{RuleId::TweeterUnprotected,
                   Severity::Stop,
                   Quantity::LevelChange_db,
                   {-held_db, run.worst, {}},
                   -limit_db,
                   PracticeKey::TweeterLows_db,
                   true};
}

std::optional<SubwooferSine> subwooferSine(const ConeResult& cone, std::optional<double> tuning_hz,
                                           const Eigen::ArrayXd& frequency_hz, const Practice& practice)
{
    const double perVolt_m = cone.excursion_m_v.maxCoeff();
    if (!(perVolt_m > 0.0)) return std::nullopt;
    const double from_hz = std::max(practice[PracticeKey::SubTravelFrom_hz],
                                    practice[PracticeKey::SubTravelTuning_ratio] * tuning_hz.value_or(0.0));
    Eigen::Index worst = 0;
    const double most_m_v = (frequency_hz >= from_hz * (1.0 - 1e-9)).select(cone.excursion_m_v, 0.0).maxCoeff(&worst);
    return SubwooferSine{cone.travel.sine_m * most_m_v / perVolt_m, frequency_hz(worst)};
}

}  // namespace core
