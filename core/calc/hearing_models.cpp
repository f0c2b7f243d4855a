#include <fmt/format.h>

#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/io/curve_file.h"
#include "core/physics/air.h"
#include "core/physics/amplifier.h"
#include "core/physics/bands.h"
#include "core/physics/clean_voltage.h"
#include "core/physics/ear_path.h"
#include "core/physics/level.h"
#include "core/physics/loudness.h"
#include "core/physics/radiation.h"
#include "core/physics/smoothing.h"
#include "core/physics/thermal.h"
#include "core/physics/travel_limit.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

Outcome<MeasuredCurve> curveOf(const CalcArguments& in)
{
    auto curve = readCurveFile(in.text("curve"), CurveFileKind::Response, "curve");
    if (!curve) return refuseCurve(curve.error());
    if (curve->curve.frequency_hz.size() < 2)
        return refuse(ErrorCode::OutOfDomain, "curve", static_cast<double>(curve->curve.frequency_hz.size()),
                      "two points or more");
    return Answer<MeasuredCurve>{std::move(curve->curve), {}};
}

Outcome<CalcResults> smoothModel(const CalcArguments& in)
{
    const auto curve = curveOf(in);
    if (!curve) return tl::unexpected(curve.error());
    const Eigen::ArrayXd at = in.numbers("frequency_hz");
    const bool list = in.isList("frequency_hz");
    const Eigen::ArrayXd& f = curve->value.frequency_hz;
    const double perOctave = in.number("perOctave"), side = std::exp2(1.0 / (2.0 * perOctave));
    if (at.minCoeff() < f(0) || at.maxCoeff() > f(f.size() - 1))
        return refuse(ErrorCode::OutOfDomain, "frequency_hz", at(0), "within the curve");
    Answer<CalcResults> answer;
    answer.value.set("level_db", smoothed_db(f, curve->value.magnitude, perOctave, at), list)
        .set("raw_db", readCurve(curve->value, at).magnitude, list);
    constexpr Eigen::Index kLeastSamples = 3;
    for (const double middle : at)
        if ((f >= middle / side && f <= middle * side).count() < kLeastSamples && answer.warnings.empty())
            answer.warnings.emplace_back(WarningKind::FewPoints, "level_db");
    return answer;
}

Outcome<CalcResults> bandsModel(const CalcArguments& in)
{
    const auto curve = curveOf(in);
    if (!curve) return tl::unexpected(curve.error());
    const Eigen::ArrayXd& f = curve->value.frequency_hz;
    CalcResults results;
    std::vector<Warning> warnings;
    const char* names[] = {"lowBass_db", "midBass_db", "mid_db", "treble_db"};
    for (const BandEdges& band : kBands) {
        const auto inside = (f >= band.low_hz && f <= band.high_hz).count();
        const char* name = names[static_cast<size_t>(band.band)];
        if (f(f.size() - 1) <= band.low_hz || f(0) >= band.high_hz) continue;
        if (inside < 2) warnings.emplace_back(WarningKind::FewPoints, name);
        results.set(name, bandMean_db(f, curve->value.magnitude, band.low_hz, band.high_hz));
    }
    Eigen::ArrayXd centres(10), octaves(10);
    Eigen::Index count = 0;
    for (int k = -5; k <= 4; ++k) {
        const double centre = 1000.0 * std::exp2(k);
        const double low = centre / std::numbers::sqrt2, high = centre * std::numbers::sqrt2;
        if (f(f.size() - 1) <= low || f(0) >= high) continue;
        centres(count) = centre;
        if ((f >= low && f <= high).count() < 2)
            warnings.emplace_back(WarningKind::FewPoints, fmt::format("octave_db[{}]", count));
        octaves(count++) = bandMean_db(f, curve->value.magnitude, low, high);
    }
    results.set("octave_hz", centres.head(count).eval()).set("octave_db", octaves.head(count).eval());
    return Answer<CalcResults>{std::move(results), std::move(warnings)};
}

Outcome<CalcResults> contourModel(const CalcArguments& in)
{
    const auto level = equalLoudness_db(in.number("phon"), in.numbers("frequency_hz"));
    if (!level) return refuse(ErrorCode::OutOfDomain, "phon", in.number("phon"), "20 to 90");
    return Answer<CalcResults>{CalcResults().set("level_db", *level, in.isList("frequency_hz")), {}};
}

Outcome<CalcResults> exposureModel(const CalcArguments& in)
{
    return Answer<CalcResults>{CalcResults().set("exposure_s", dailyExposure_s(in.number("level_db"))), {}};
}

// One driver, its box, its way to one ear.
struct EarCase {
    DriverParameters driver{};
    Mounting mounting{};
    SoundField field{};
    Eigen::ArrayXcd source{}, untopped{};  // at 1 m, per volt, on axis; the second without the fall at the top
    Eigen::ArrayXd excursion_m_v{};
    Eigen::ArrayXcd ear{};  // per volt
};

// What the model takes on trust, or takes for something else.
std::vector<Warning> earWarnings(const CalcArguments& in)
{
    std::vector<Warning> warnings = nearness(in.number("distance_m"));
    warnings.emplace_back(WarningKind::Estimate);
    bool behind = in.number("angle_deg") > 90.0;
    if (in.has("mirror_m") && in.has("mirrorAngle_deg")) behind |= in.numbers("mirrorAngle_deg").maxCoeff() > 90.0;
    if (behind) warnings.emplace_back(WarningKind::BehindTheBaffle);
    return warnings;
}

Outcome<EarCase> earCase(const CalcArguments& in)
{
    EarCase one;
    const Eigen::ArrayXd f = in.numbers("frequency_hz");
    one.driver = driverOf(in);
    one.driver.topCorner_hz = 1e12;
    one.mounting = {boxOf(in), {}, in.maybe("podWidth_m")};
    if (in.has("leakPath_m") && one.mounting.box)
        return refuse(ErrorCode::Inconsistent, "leakPath_m", in.number("leakPath_m"),
                      "either a box or a way from front to back, never both");
    if (in.has("leakPath_m")) one.mounting.leak = BaffleLeak{in.number("leakPath_m"), in.number("leakCoupling")};
    std::optional<CabinGain> cabin;
    if (in.has("longest_m")) {
        const auto gain = cabinGain(in.number("longest_m"), in.number("leak_hz"));
        if (!gain) return tl::unexpected(gain.error());
        cabin = gain->value;
    }
    one.field = soundField(f, cabin);
    const Radiation sound = radiate(one.driver, one.mounting, f, in.practice()[PracticeKey::AcousticInductanceFade_hz]);
    one.untopped = sound.pressure_pa_v;
    one.source = sound.pressure_pa_v * topFall(in.number("topCorner_hz"), f);
    one.excursion_m_v = sound.excursion_m_v;

    const double radius = std::sqrt(one.driver.sd_m2 / std::numbers::pi);
    const Eigen::ArrayXd open = Eigen::ArrayXd::Constant(f.size(), ratioOf(-in.number("loss_db")));
    Eigen::ArrayXcd path = Eigen::ArrayXcd::Zero(f.size());
    addArrival(path, one.field, radius, {in.number("distance_m"), radians(in.number("angle_deg"))}, open);
    if (in.has("mirror_m")) {
        const Eigen::ArrayXd way = in.numbers("mirror_m");
        const Eigen::ArrayXd angle =
            in.has("mirrorAngle_deg") ? in.numbers("mirrorAngle_deg") : Eigen::ArrayXd::Zero(way.size()).eval();
        const Eigen::ArrayXd share =
            in.has("mirrorShare") ? in.numbers("mirrorShare") : Eigen::ArrayXd::Ones(way.size()).eval();
        if (angle.size() != way.size() || share.size() != way.size())
            return refuse(ErrorCode::Inconsistent, "mirror_m", static_cast<double>(way.size()),
                          "as many as mirrorAngle_deg and mirrorShare");
        for (Eigen::Index m = 0; m < way.size(); ++m)
            addArrival(path, one.field, radius, {way(m), radians(angle(m))}, open * share(m) * one.field.distanceShare);
    }
    one.ear = one.source * path * one.field.gain;
    return Answer<EarCase>{std::move(one), {}};
}

Outcome<CalcResults> earModel(const CalcArguments& in)
{
    const auto found = earCase(in);
    if (!found) return tl::unexpected(found.error());
    const EarCase& one = found->value;
    const double voltage = in.number("voltage_v");
    const bool list = in.isList("frequency_hz");
    return Answer<CalcResults>{
        CalcResults()
            .set("level_db", levels_db(voltage / kReferencePressure_pa * one.ear.abs()), list)
            .set("phase_deg", phases_deg(one.ear), list)
            .set("source_db", levels_db(voltage / kReferencePressure_pa * one.untopped.abs()), list)
            .set("sourcePhase_deg", phases_deg(one.untopped), list)
            .set("distanceShare", one.field.distanceShare, list),
        earWarnings(in)};
}

Outcome<CalcResults> loudestModel(const CalcArguments& in)
{
    const auto found = earCase(in);
    if (!found) return tl::unexpected(found.error());
    const EarCase& one = found->value;
    const Practice& practice = in.practice();
    const Eigen::ArrayXd power = in.numbers("ratedPower_w"), load = in.numbers("ratedLoad_ohm");
    if (power.size() != load.size())
        return refuse(ErrorCode::Inconsistent, "ratedLoad_ohm", static_cast<double>(load.size()),
                      "as many as ratedPower_w");
    std::vector<AmplifierRating> ratings;
    for (Eigen::Index i = 0; i < power.size(); ++i) ratings.push_back({power(i), load(i)});
    const auto limits = outputLimits(ratings, ratingPractice(practice));
    if (!limits) return tl::unexpected(limits.error());

    const Eigen::ArrayXd& f = one.field.frequency_hz;
    const Eigen::ArrayXd seen =
        (one.mounting.box ? boxedImpedance_ohm(one.driver, *one.mounting.box, f) : impedance_ohm(one.driver, f)).abs();
    const double ambient = in.number("ambient_degc"), hottest = in.number("limit_degc");
    if (hottest <= ambient) return refuse(ErrorCode::OutOfDomain, "limit_degc", hottest, "above ambient_degc");
    const ThermalLimit heat = thermalLimit(
        {.re_ohm = one.driver.re_ohm, .resistance_k_w = in.number("thermal_k_w"), .ambient_degc = ambient}, hottest);
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    const double heat_v = heatSourceVoltage_v(heat.voltage_v, in.number("crestFactor_db"),
                                              spectrumWeights(grid, programmeWeight(programmeShape(practice), grid)),
                                              Eigen::ArrayXd::Ones(grid.size()));
    CleanVoltage clean = unlimited(f.size());
    limitBy(clean, largestVoltage_v(limits->value, seen, practice[PracticeKey::ComplexLoad_ratio]), Limit::Source);
    const Eigen::ArrayXd amplifier_v = clean.most_v;
    const Eigen::ArrayXd travel_v = travelVoltage_v(in.number("xmax_m"), one.excursion_m_v);
    limitBy(clean, travel_v, Limit::Travel);
    limitBy(clean, Eigen::ArrayXd::Constant(f.size(), heat_v), Limit::Heat);
    std::vector<std::string> names;
    for (const Limit limit : clean.limit)
        names.emplace_back(limit == Limit::Source ? "source" : limit == Limit::Travel ? "travel" : "heat");
    const bool list = in.isList("frequency_hz");
    std::vector<Warning> warnings = earWarnings(in);
    warnOfClipping(warnings, in.number("crestFactor_db"));
    return Answer<CalcResults>{
        CalcResults()
            .set("level_db", levels_db(clean.most_v / kReferencePressure_pa * one.ear.abs()), list)
            .set("phase_deg", phases_deg(one.ear), list)
            .set("limit", names)
            .set("voltage_v", clean.most_v, list)
            .set("amplifier_v", amplifier_v, list)
            .set("travel_v", travel_v, list)
            .set("heat_v", heat_v)
            .set("load_ohm", seen, list),
        std::move(warnings)};
}

}  // namespace

void addHearingModels(std::vector<CalcModel>& models)
{
    const CalcInput frequencies = positive("frequency_hz").list();
    const CalcInput curve = textInput("curve").meaning("a response as text: Hz, dB and degrees in each line");
    models.push_back({"F8",
                      "smoothing",
                      "a response as the ear sees it",
                      "mean of |H|^2 over ln f, fc 2^(-1/2n) to fc 2^(1/2n)",
                      {curve, positive("perOctave").counted().orElse(3.0), frequencies},
                      {"level_db", "raw_db"},
                      smoothModel});
    models.push_back({"F8",
                      "band-means",
                      "a response in four bands and in octaves",
                      "10 log(mean of |H|^2 over ln f)",
                      {curve},
                      {"lowBass_db", "midBass_db", "mid_db", "treble_db", "octave_hz", "octave_db"},
                      bandsModel});
    models.push_back({"F9",
                      "equal-loudness",
                      "level of a tone that is as loud as one at 1 kHz",
                      "Lp = (10/a) log A - LU + 94",
                      {anyNumber("phon"), frequencies},
                      {"level_db"},
                      contourModel});
    models.push_back({"F9",
                      "daily-exposure",
                      "how long a day the ear bears a level",
                      "8 h at 85 dBA, half for every 3 dB",
                      {within("level_db", 0.0, 200.0)},
                      {"exposure_s"},
                      exposureModel});
    const auto withWay = [](const std::vector<CalcInput>& more) {
        std::vector<CalcInput> inputs{
            positive("topCorner_hz").orElse(1e9).meaning("where its own radiation falls off"),
            positive("podWidth_m").maybe(),
            positive("leakPath_m").maybe(),
            within("leakCoupling", 0.0, 1.0).orElse(0.0),
            positive("distance_m"),
            within("angle_deg", 0.0, 180.0).orElse(0.0),
            notNegative("loss_db").orElse(0.0).meaning("cover and screen"),
            positive("mirror_m").list().maybe().meaning("ways over mirrors"),
            within("mirrorAngle_deg", 0.0, 180.0).list().maybe(),
            within("mirrorShare", 0.0, 1.0).list().maybe(),
            positive("longest_m").maybe().meaning("inside length of the cabin; none without it"),
            positive("leak_hz").orElse(PracticeKey::CabinLeak_hz)};
        inputs.insert(inputs.end(), more.begin(), more.end());
        return inputs;
    };
    models.push_back(
        {"F10",
         "sound-at-ear",
         "one driver in its box, over its ways, in its cabin, at one ear",
         "P = p1 G C, G = O D r^-beta exp(-jkr) + beta sum O r_m D d^-beta exp(-jkd)",
         withBox(withDriver({positive("voltage_v").orElse(2.0 * std::numbers::sqrt2)}), withWay({frequencies})),
         {"level_db", "phase_deg", "source_db", "sourcePhase_deg", "distanceShare"},
         earModel});
    models.push_back(
        {"F11",
         "loudest-at-ear",
         "how loud one driver gets at one ear before something gives",
         "E = min(amplifier, travel, heat)",
         withBox(withDriver({positive("ratedPower_w").list(), positive("ratedLoad_ohm").list(), positive("xmax_m"),
                             positive("thermal_k_w").orElse(PracticeKey::CoilThermal_k_w),
                             within("ambient_degc", -40.0, 120.0).orElse(PracticeKey::CoilAmbient_degc),
                             within("limit_degc", -40.0, 400.0).orElse(PracticeKey::CoilLimit_degc),
                             positive("crestFactor_db").orElse(PracticeKey::CrestFactor_db)}),
                 withWay({frequencies})),
         {"level_db", "phase_deg", "limit", "voltage_v", "amplifier_v", "travel_v", "heat_v", "load_ohm"},
         loudestModel});
}

}  // namespace core
