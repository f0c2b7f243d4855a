#include <cmath>
#include <numbers>

#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/evaluate/cabin_of.h"
#include "core/fitout/cover_takes.h"
#include "core/physics/air.h"
#include "core/physics/cabin.h"
#include "core/physics/directivity.h"
#include "core/physics/interaural.h"
#include "core/physics/level.h"
#include "core/physics/obstruction.h"
#include "core/physics/panel.h"
#include "core/physics/path.h"
#include "core/physics/reflection.h"
#include "core/physics/stereo.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

Outcome<CalcResults> pathModel(const CalcArguments& in)
{
    const Eigen::ArrayXcd path = directPath(in.number("distance_m"), in.numbers("frequency_hz"));
    const bool list = in.isList("frequency_hz");
    Answer<CalcResults> answer{{}, nearness(in.number("distance_m"))};
    answer.value.set("level_db", levels_db(path.abs()), list)
        .set("phase_deg", phases_deg(path), list)
        .set("arrival_s", in.number("distance_m") / kSoundSpeed_m_s);
    return answer;
}

Outcome<CalcResults> alignModel(const CalcArguments& in)
{
    const Eigen::ArrayXd distances = in.numbers("distance_m");
    const Air air = airAt(in.number("temperature_degc"));
    const std::vector<double> delays =
        alignmentDelays_s(std::vector<double>(distances.begin(), distances.end()), air.soundSpeed_m_s);
    const Eigen::ArrayXd delay = Eigen::Map<const Eigen::ArrayXd>(delays.data(), std::ssize(delays));
    const double rate = in.number("sampleRate_hz");
    const Eigen::ArrayXd samples = (delay * rate).round();
    Answer<CalcResults> answer{{}, nearness(distances.minCoeff())};
    answer.value.set("delay_s", delay)
        .set("samples", samples)
        .set("residual_s", (delay - samples / rate).eval())
        .set("level_db", (20.0 * (distances.maxCoeff() / distances).log10()).eval())
        .set("arrival_s", (distances / air.soundSpeed_m_s).eval());
    return answer;
}

Outcome<CalcResults> phaseModel(const CalcArguments& in)
{
    const double turn = -360.0 * in.number("frequency_hz") * in.number("difference_m") / kSoundSpeed_m_s;
    return Answer<CalcResults>{CalcResults().set("phase_deg", wrappedDegrees(turn)).set("unwrapped_deg", turn), {}};
}

Outcome<CalcResults> imageModel(const CalcArguments& in)
{
    const double left = in.number("left_m"), right = in.number("right_m");
    const double later = (right - left) / kSoundSpeed_m_s + in.number("rightDelay_s") - in.number("leftDelay_s");
    const double louder = decibels(right / left) + in.number("leftLouder_db");
    return Answer<CalcResults>{CalcResults()
                                   .set("shift", imageShift(later, louder, imagePractice(in.practice())))
                                   .set("rightLater_s", later)
                                   .set("leftLouder_db", louder),
                               {{WarningKind::Estimate}}};
}

Outcome<CalcResults> directivityModel(const CalcArguments& in)
{
    const Eigen::ArrayXd f = in.numbers("frequency_hz");
    const bool list = in.isList("frequency_hz");
    const double radius = in.number("radius_m"), angle = radians(in.number("angle_deg"));
    const double other = in.numberOr("otherRadius_m", radius);
    const OvalPiston oval{radius, other};
    const Eigen::ArrayXd d =
        pistonDirectivity((f * ovalArgument(oval, angle, radians(in.number("phi_deg")), 1.0)).eval());
    CalcResults results;
    results.set("directivity", d, list)
        .set("level_db", levels_db(d).max(kLowestReadOut_db).eval(), list)
        .set("phase_deg", phases_deg(d.cast<std::complex<double>>()), list);
    if (!in.has("otherRadius_m")) {
        results.set("beaming_hz", beaming_hz(radius))
            .set("index_db", f.unaryExpr([&](double one) { return directivityIndex_db(radius, one); }).eval(), list);
        if (angle > 0.0) results.set("halfPressure_hz", halfPressure_hz(radius, angle));
    }
    Answer<CalcResults> answer{std::move(results), {}};
    if (angle > 0.5 * std::numbers::pi) answer.warnings.emplace_back(WarningKind::BehindTheBaffle);
    return answer;
}

Outcome<CalcResults> mirrorModel(const CalcArguments& in)
{
    Vec3 v[4];
    const char* names[] = {"source_m", "onPlane_m", "normal", "ear_m"};
    for (size_t i = 0; i < 4; ++i) {
        const auto read = vectorOf(in, names[i]);
        if (!read) return tl::unexpected(read.error());
        v[i] = read->value;
    }
    const double size = length(v[2]);
    if (!(size > 0.0)) return refuse(ErrorCode::OutOfDomain, "normal", size, "a direction of some length");
    const Vec3 normal = (1.0 / size) * v[2];
    const double here = dot(v[0] - v[1], normal);
    if (here == 0.0) return refuse(ErrorCode::OutOfDomain, "source_m", here, "off the plane");
    const Vec3 image = imageOf(v[0], v[1], normal);
    const double direct = distance(v[0], v[3]), way = distance(image, v[3]);
    Answer<CalcResults> answer;
    answer.value.set("image_m", Eigen::ArrayXd(Eigen::Array3d{image.x, image.y, image.z}))
        .set("direct_m", direct)
        .set("mirrored_m", way);
    if (here * dot(v[3] - v[1], normal) <= 0.0)
        answer.warnings.emplace_back(WarningKind::OtherSide);
    else if (way > direct)
        answer.value.set("firstNotch_hz", kSoundSpeed_m_s / (2.0 * (way - direct)));
    return answer;
}

Outcome<CalcResults> combModel(const CalcArguments& in)
{
    const double direct = in.number("direct_m"), longer = in.number("difference_m"), r = in.number("coefficient");
    const Comb found = comb(direct, longer, r);
    CalcResults results;
    Eigen::ArrayXd notches(3);
    for (Eigen::Index n = 0; n < 3; ++n) notches(n) = (2.0 * static_cast<double>(n) + 1.0) * found.firstNotch_hz;
    results.set("notch_hz", notches).set("firstPeak_hz", found.firstPeak_hz);
    if (r * direct < direct + longer) results.set("depth_db", found.depth_db);
    if (in.has("frequency_hz"))
        setResponse(results, combResponse(direct, longer, r, in.numbers("frequency_hz")), in.isList("frequency_hz"));
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> absorptionModel(const CalcArguments& in)
{
    const PracticeList material = absorptionOf(*enumFromText<SurfaceMaterial>(in.text("material")));
    const Eigen::ArrayXd f = in.numbers("frequency_hz");
    const Eigen::ArrayXd absorption = absorptionAt(in.practice()[material], f);
    const double size = in.numberOr("size_m", 1e9);
    return Answer<CalcResults>{CalcResults()
                                   .set("absorption", absorption, in.isList("frequency_hz"))
                                   .set("mirrored", mirrorShare(absorption, size, f), in.isList("frequency_hz")),
                               {}};
}

Outcome<CalcResults> boundaryModel(const CalcArguments& in)
{
    const Eigen::ArrayXd d = in.numbers("distance_m");
    if (d.size() > 3)
        return refuse(ErrorCode::OutOfDomain, "distance_m", static_cast<double>(d.size()), "at most three planes");
    const std::vector<double> planes(d.begin(), d.end());
    return Answer<CalcResults>{
        CalcResults().set(
            "gain_db",
            in.numbers("frequency_hz").unaryExpr([&](double f) { return boundaryGain_db(planes, f); }).eval(),
            in.isList("frequency_hz")),
        {}};
}

Outcome<CalcResults> cabinModel(const CalcArguments& in)
{
    const auto gain = cabinGain(in.number("longest_m"), in.number("leak_hz"));
    if (!gain) return tl::unexpected(gain.error());
    const Eigen::ArrayXd f = in.numbers("frequency_hz");
    const bool list = in.isList("frequency_hz");
    const Eigen::ArrayXcd response = cabinGainResponse(gain->value, f);
    return Answer<CalcResults>{CalcResults()
                                   .set("gain_db", levels_db(response.abs()), list)
                                   .set("phase_deg", phases_deg(response), list)
                                   .set("distanceShare", distanceShare(gain->value.zone_hz, f), list)
                                   .set("zone_hz", gain->value.zone_hz)
                                   .set("plateau_db", 2.0 * decibels(gain->value.zone_hz / gain->value.leak_hz)),
                               {{WarningKind::Estimate}}};
}

Outcome<CalcResults> sealedModel(const CalcArguments& in)
{
    return Answer<CalcResults>{
        CalcResults().set(
            "gain_db", sealedVolumeGain_db(in.number("volume_m3"), in.number("distance_m"), in.number("frequency_hz"))),
        {}};
}

Outcome<CalcResults> sumModel(const CalcArguments& in)
{
    const Eigen::ArrayXd levels = in.numbers("level_db");
    Eigen::ArrayXd phases = Eigen::ArrayXd::Zero(levels.size());
    if (in.has("phase_deg")) phases = in.numbers("phase_deg");
    if (phases.size() != levels.size())
        return refuse(ErrorCode::Inconsistent, "phase_deg", static_cast<double>(phases.size()), "as many as level_db");
    std::complex<double> together = 0.0;
    double apart = 0.0;
    for (Eigen::Index i = 0; i < levels.size(); ++i) {
        together += std::polar(ratioOf(levels(i)), radians(phases(i)));
        apart += powerRatioOf(levels(i));
    }
    Answer<CalcResults> answer{CalcResults().set("incoherent_db", powerDecibels(apart)), {}};
    if (std::abs(together) > 0.0)
        answer.value.set("coherent_db", decibels(std::abs(together))).set("coherentPhase_deg", degreesOf(together));
    else
        answer.warnings.emplace_back(WarningKind::NullTogether);
    return answer;
}

Outcome<CalcResults> plateModel(const CalcArguments& in)
{
    const auto mass = plateMass_kg_m2({in.number("thickness_m"), in.number("hole_m"), in.number("pitch_m")});
    if (!mass) return tl::unexpected(mass.error());
    return Answer<CalcResults>{
        CalcResults()
            .set("loss_db", plateLoss_db(mass->value, in.numbers("frequency_hz")), in.isList("frequency_hz"))
            .set("mass_kg_m2", mass->value),
        {}};
}

Outcome<CalcResults> coverModel(const CalcArguments& in)
{
    const CoverLoss cover = coverLoss(in.practice(), *enumFromText<Cover>(in.text("cover")));
    return Answer<CalcResults>{
        CalcResults().set("loss_db", coverLoss_db(cover, in.numbers("frequency_hz")), in.isList("frequency_hz")),
        {{WarningKind::Estimate}}};
}

Outcome<CalcResults> screenModel(const CalcArguments& in)
{
    const double longer = in.number("toEdge_m") + in.number("edgeToEar_m") - in.number("direct_m");
    if (longer < 0.0)
        return refuse(ErrorCode::Inconsistent, "direct_m", in.number("direct_m"), "at most toEdge_m + edgeToEar_m");
    const ScreenEdge edge{longer, in.text("line") == "blocked", in.numberOr("side_m", 0.0)};
    const Eigen::ArrayXd f = in.numbers("frequency_hz");
    const bool list = in.isList("frequency_hz");
    return Answer<CalcResults>{
        CalcResults()
            .set("loss_db", screenLoss_db(edge, f), list)
            .set("fresnel", f.unaryExpr([&](double one) { return fresnelNumber(edge, one); }).eval(), list),
        {}};
}

Outcome<CalcResults> stereoModel(const CalcArguments& in)
{
    const Eigen::ArrayXcd left = Eigen::ArrayXcd::Ones(1);
    const Eigen::ArrayXcd right = Eigen::ArrayXcd::Constant(1, std::polar(1.0, radians(in.number("angle_deg"))));
    const double sum =
        leftAndRight_pa2(left, right, randomShare(in.numbers("frequency_hz"), stereoMix(in.practice())))(0);
    Answer<CalcResults> answer;
    if (sum > 0.0)
        answer.value.set("rise_db", powerDecibels(sum));
    else
        answer.warnings.emplace_back(WarningKind::NullRise);
    return answer;
}

}  // namespace

void addCabinModels(std::vector<CalcModel>& models)
{
    const CalcInput frequencies = positive("frequency_hz").list();
    models.push_back({"F1",
                      "direct-path",
                      "sound over a distance in free field, relative to 1 m",
                      "exp(-jkr)/r",
                      {positive("distance_m"), frequencies},
                      {"level_db", "phase_deg", "arrival_s"},
                      pathModel});
    models.push_back({"F1",
                      "alignment-delay",
                      "delays that let all arrivals meet, and how much louder the nearer ones are",
                      "(max r - r)/c, 20 log(max r/r)",
                      {positive("distance_m").list(), within("temperature_degc", -40.0, 60.0).orElse(20.0),
                       positive("sampleRate_hz").orElse(48000.0)},
                      {"delay_s", "samples", "residual_s", "level_db", "arrival_s"},
                      alignModel});
    models.push_back({"F1",
                      "path-phase",
                      "phase that a longer path costs",
                      "-360 f dr/c",
                      {positive("frequency_hz"), anyNumber("difference_m")},
                      {"phase_deg", "unwrapped_deg"},
                      phaseModel});
    models.push_back(
        {"F2",
         "interaural-delay",
         "how much later the far ear hears a far source",
         "a (t + sin t)/c, a = 87.5 mm",
         {anyNumber("azimuth_deg")},
         {"delay_s"},
         [](const CalcArguments& in) -> Outcome<CalcResults> {
             return Answer<CalcResults>{CalcResults().set("delay_s", interauralDelay_s(in.number("azimuth_deg"))), {}};
         }});
    CalcInput left = positive("left_m"), right = positive("right_m");
    left.least = right.least = kNear_m;
    left.above = right.above = true;
    models.push_back({"F2",
                      "image-shift",
                      "where between a left and a right speaker the image stands: -1 right to +1 left",
                      "clamp(clamp(dt/1 ms) + clamp(dL/15 dB))",
                      {left, right, notNegative("leftDelay_s").orElse(0.0), notNegative("rightDelay_s").orElse(0.0),
                       anyNumber("leftLouder_db").orElse(0.0)},
                      {"shift", "rightLater_s", "leftLouder_db"},
                      imageModel});
    models.push_back({"F3",
                      "directivity",
                      "level of a round or oval piston off its axis",
                      "D = 2 J1(x)/x, x = k a sin t; oval: k sin t sqrt(ax^2 cos^2 phi + ay^2 sin^2 phi)",
                      {positive("radius_m"), within("angle_deg", 0.0, 180.0), frequencies,
                       positive("otherRadius_m").maybe().meaning("of an oval, across"),
                       within("phi_deg", -360.0, 360.0).orElse(0.0).meaning("from the first radius")},
                      {"directivity", "level_db", "phase_deg", "beaming_hz", "halfPressure_hz", "index_db"},
                      directivityModel});
    models.push_back({"F4",
                      "mirror",
                      "the mirror image of a source in a plane, and its way to an ear",
                      "P' = P - 2 ((P - P0).n) n",
                      {anyNumber("source_m").list(), anyNumber("onPlane_m").list(), anyNumber("normal").list(),
                       anyNumber("ear_m").list()},
                      {"image_m", "direct_m", "mirrored_m", "firstNotch_hz"},
                      mirrorModel});
    models.push_back({"F4",
                      "comb",
                      "one reflection against the direct sound",
                      "1 + r (d/d') exp(-jk delta); notches (2n + 1) c/(2 delta)",
                      {positive("difference_m"), positive("direct_m").orElse(1.0),
                       within("coefficient", 0.0, 1.0).orElse(1.0), frequencies.maybe()},
                      {"notch_hz", "firstPeak_hz", "depth_db", "response_db", "phase_deg"},
                      combModel});
    models.push_back(
        {"F4",
         "absorption",
         "what a surface takes and what it mirrors",
         "linear in log2 f between octaves; r = sqrt(1 - a), faded below c/size",
         {choiceOf<SurfaceMaterial>("material"), frequencies, positive("size_m").maybe().meaning("the smaller side")},
         {"absorption", "mirrored"},
         absorptionModel});
    models.push_back({"F5",
                      "boundary-gain",
                      "what hard planes nearby do to the power of a bass source",
                      "10 log sum over subsets of sin(2kR)/(2kR)",
                      {notNegative("distance_m").list(), frequencies},
                      {"gain_db"},
                      boundaryModel});
    models.push_back({"F6",
                      "cabin-gain",
                      "the rise in the bass of a closed cabin",
                      "H = (s^2 + s fz/q + fz^2)/(s^2 + s fl/q + fl^2), fz = c/(2 Lmax)",
                      {positive("longest_m"), positive("leak_hz").orElse(PracticeKey::CabinLeak_hz), frequencies},
                      {"gain_db", "phase_deg", "distanceShare", "zone_hz", "plateau_db"},
                      cabinModel});
    models.push_back({"F6",
                      "sealed-volume-gain",
                      "pressure in a sealed volume against the half space",
                      "2 pi r c^2/(w^2 V)",
                      {positive("volume_m3"), positive("distance_m").orElse(1.0), positive("frequency_hz")},
                      {"gain_db"},
                      sealedModel});
    models.push_back({"F7",
                      "sum-of-levels",
                      "several sounds together",
                      "10 log sum 10^(L/10); 20 log |sum 10^(L/20) exp(j phase)|",
                      {within("level_db", -400.0, 400.0).list(), anyNumber("phase_deg").list().maybe()},
                      {"incoherent_db", "coherent_db", "coherentPhase_deg"},
                      sumModel});
    models.push_back({"F7",
                      "left-and-right",
                      "rise of level when a second, equally loud channel joins at a phase angle",
                      "|p|^2 = (1 - w) |pL + pR|^2 + w (|pL|^2 + |pR|^2)",
                      {positive("frequency_hz"), anyNumber("angle_deg").orElse(0.0)},
                      {"rise_db"},
                      stereoModel});
    models.push_back({"F7",
                      "perforated-plate",
                      "what a grille of round holes on a square pitch takes away",
                      "m = rho te/s, 10 log(1 + (w m/(2 rho c))^2)",
                      {positive("thickness_m"), positive("hole_m"), positive("pitch_m"), frequencies},
                      {"loss_db", "mass_kg_m2"},
                      plateModel});
    models.push_back({"F7",
                      "cover-loss",
                      "what cloth, foam or an old grille takes away",
                      "table at 1, 4, 10 kHz, linear in log f",
                      {choiceOf<Cover>("cover"), frequencies},
                      {"loss_db"},
                      coverModel});
    models.push_back({"F7",
                      "screen",
                      "what an edge in or near the line of sight takes away",
                      "N = 2 (A + B - d) f/c, min(24, 10 log max(1, 3 + 20 N)) min(1, l f/(2c))",
                      {positive("toEdge_m"), positive("edgeToEar_m"), positive("direct_m"), frequencies,
                       choice("line", {"blocked", "clear"}),
                       positive("side_m").maybe().meaning("smaller visible side; a long edge without it")},
                      {"loss_db", "fresnel"},
                      screenModel});
}

}  // namespace core
