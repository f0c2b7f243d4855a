#include <algorithm>
#include <cmath>

#include "core/base/angle.h"
#include "core/base/threshold.h"
#include "core/calc/calc_inputs.h"
#include "core/calc/model_groups.h"
#include "core/fit/screw_holes.h"
#include "core/physics/cutout.h"
#include "core/physics/fixing.h"
#include "core/physics/mass_law.h"
#include "core/physics/mounting_depth.h"
#include "core/physics/oval.h"
#include "core/physics/pilot_drill.h"
#include "core/physics/screw_pattern.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

constexpr double kNothing_m = 1e-9;  // 68 + 5 - 73 is not exact in binary

DriverFront frontOf(const CalcArguments& in)
{
    return {in.number("flange_m"), in.number("surround_m"), in.number("travel_m")};
}

// Sets what is needed and what stock there is for it; the sum of the stock, or the need where none reaches.
double setStack(CalcResults& results, const Practice& practice, double needed_m)
{
    results.set("spacer_m", needed_m);
    const auto stack = spacerStack(needed_m, practice[PracticeList::Spacer_m],
                                   static_cast<int>(practice[PracticeKey::MostSpacers_count]));
    if (!stack) return needed_m;
    results.set("stock_m", stack->sum_m);
    const std::vector<double>& pieces = stack->pieces_m;
    results.set("pieces_m", Eigen::ArrayXd(Eigen::Map<const Eigen::ArrayXd>(pieces.data(),
                                                                            static_cast<Eigen::Index>(pieces.size()))));
    return stack->sum_m;
}

// "fits", "fits with a spacer", "does not fit": by the spacers there are, and by what is left on the other side.
void setVerdict(CalcResults& results, double needed_m, const char* left, const std::optional<double>& left_m)
{
    if (left_m) results.set(left, *left_m);
    const bool stock = results.find("stock_m") != nullptr, room = !left_m || !under(*left_m, 0.0);
    if (left_m && !room) results.set("shortfall_m", -*left_m);
    results.set("verdict", std::string(!stock || !room              ? "does not fit"
                                       : over(needed_m, kNothing_m) ? "fits with a spacer"
                                                                    : "fits"));
}

Outcome<CalcResults> depthModel(const CalcArguments& in)
{
    CalcResults results;
    const double needed_m = spacerForDepth_m(in.number("depth_m"), in.number("margin_m"), in.number("available_m"));
    const double stock_m = setStack(results, in.practice(), needed_m);
    const double need_m = frontNeed_m(frontOf(in), stock_m, in.number("frontMargin_m"));
    results.set("frontNeed_m", need_m);
    const auto free_m = in.maybe("frontFree_m");
    setVerdict(results, needed_m, "frontLeft_m", free_m ? std::optional(*free_m - need_m) : std::nullopt);
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> underPanelModel(const CalcArguments& in)
{
    CalcResults results;
    const double needed_m = spacerBelow_m(frontOf(in), in.number("frontMargin_m"), in.number("between_m"));
    const double stock_m = setStack(results, in.practice(), needed_m);
    const double need_m = depthBelow_m(frontOf(in), in.number("depth_m"), stock_m, in.number("margin_m"));
    results.set("depthNeed_m", need_m);
    const auto free_m = in.maybe("depthFree_m");
    setVerdict(results, needed_m, "depthLeft_m", free_m ? std::optional(*free_m - need_m) : std::nullopt);
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> cutoutModel(const CalcArguments& in)
{
    const DriverHole driver{in.number("basket_m"), in.number("flange_m"), in.maybe("circle_m"), in.number("hole_m")};
    const auto limits = cutoutLimits(driver);
    if (!limits) return tl::unexpected(limits.error());
    const CutoutPlan plan = planCutout(limits->value, in.practice()[PracticeList::HoleSaw_m]);
    CalcResults results;
    results.set("least_m", limits->value.least_m)
        .set("wanted_m", limits->value.wanted_m)
        .set("most_m", limits->value.most_m)
        .setIf("saw_m", plan.saw_m)
        .set("cut_m", plan.cut_m);
    if (const auto there_m = in.maybe("oldCutout_m"); there_m && needsRing(limits->value, *there_m)) {
        OldOpening old{.cutout_m = *there_m, .boltCircle_m = in.maybe("vehicleCircle_m")};
        if (old.boltCircle_m) old.screwHole_m = in.number("vehicleHole_m");
        const auto ring = adapterRing(driver, plan.cut_m, old, in.number("sheet_m"));
        if (!ring) return tl::unexpected(ring.error());
        results.set("ringInside_m", ring->value.inside_m).set("ringOutside_m", ring->value.outside_m);
    }
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> holeSawModel(const CalcArguments& in)
{
    const double hole_m = in.number("hole_m");
    const std::vector<double>& saws = in.practice()[PracticeList::HoleSaw_m];
    CalcResults results;
    const auto over = std::lower_bound(saws.begin(), saws.end(), hole_m * (1.0 - 1e-9));
    if (over != saws.end()) results.set("saw_m", *over).set("play_m", std::max(0.0, *over - hole_m));
    if (over != saws.begin()) results.set("smaller_m", *std::prev(over));
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> ovalModel(const CalcArguments& in)
{
    const Oval body{0.5 * in.number("body_m"), 0.5 * in.number("bodyShort_m")};
    const Oval flange{0.5 * in.number("flange_m"), 0.5 * in.number("flangeShort_m")};
    if (body.short_m > body.long_m)
        return refuse(ErrorCode::OutOfDomain, "bodyShort_m", in.number("bodyShort_m"), "at most body_m");
    if (flange.long_m < body.long_m)
        return refuse(ErrorCode::Inconsistent, "flange_m", in.number("flange_m"), "at least body_m");
    if (flange.short_m < body.short_m)
        return refuse(ErrorCode::Inconsistent, "flangeShort_m", in.number("flangeShort_m"), "at least bodyShort_m");
    CalcResults results;
    results.set("perimeter_m", perimeter_m(body));
    if (const auto hole_m = in.maybe("opening_m")) {
        const Oval opening{0.5 * *hole_m, 0.5 * in.numberOr("openingShort_m", *hole_m)};
        if (opening.short_m > opening.long_m)
            return refuse(ErrorCode::OutOfDomain, "openingShort_m", 2.0 * opening.short_m, "at most opening_m");
        results.set("passes", passes(body, opening) ? 1.0 : 0.0).set("overlap_m", overlap_m(opening, flange));
    }
    const auto width = in.maybe("width_m"), height = in.maybe("height_m");
    if (width && height) {
        const double radius_m = 0.5 * in.number("hole_m");
        if (3.0 * radius_m >= 2.0 * flange.short_m)
            return refuse(ErrorCode::OutOfDomain, "hole_m", in.number("hole_m"), "small against the flange");
        results.set("screwReach", screwReach(flange, 0.5 * *width, 0.5 * *height, radius_m));
    }
    return Answer<CalcResults>{std::move(results), {}};
}

void setHoles(CalcResults& results, const ScrewPattern& pattern)
{
    Eigen::ArrayXd u(static_cast<Eigen::Index>(pattern.holes.size())), v(u.size());
    for (Eigen::Index i = 0; i < u.size(); ++i) {
        u(i) = pattern.holes[static_cast<size_t>(i)].u_m;
        v(i) = pattern.holes[static_cast<size_t>(i)].v_m;
    }
    results.set("u_m", u).set("v_m", v);
}

Outcome<CalcResults> circleModel(const CalcArguments& in)
{
    CalcResults results;
    setHoles(results, circlePattern(in.whole("count"), in.number("circle_m"), in.number("first_deg") * kDegree_rad));
    results.set("chord_m", neighbourChord_m(in.whole("count"), in.number("circle_m")));
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> rectangleModel(const CalcArguments& in)
{
    const ScrewPattern pattern = rectanglePattern(in.number("width_m"), in.number("height_m"));
    CalcResults results;
    results.set("circle_m", 2.0 * std::hypot(pattern.holes.front().u_m, pattern.holes.front().v_m))
        .set("angle_deg", std::atan2(pattern.holes.front().v_m, pattern.holes.front().u_m) / kDegree_rad);
    setHoles(results, pattern);
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<ScrewPattern> patternOf(const CalcArguments& in, const char* u, const char* v)
{
    constexpr Eigen::Index kLeast = 3, kMost = 12;
    const Eigen::ArrayXd us = in.numbers(u), vs = in.numbers(v);
    if (us.size() < kLeast || us.size() > kMost)
        return refuse(ErrorCode::OutOfDomain, u, static_cast<double>(us.size()), "3 to 12 holes");
    if (us.size() != vs.size())
        return refuse(ErrorCode::OutOfDomain, v, static_cast<double>(vs.size()), "as many as the others");
    ScrewPattern pattern;
    for (Eigen::Index i = 0; i < us.size(); ++i) pattern.holes.push_back({us(i), vs(i)});
    return Answer<ScrewPattern>{pattern, {}};
}

Outcome<CalcResults> matchModel(const CalcArguments& in)
{
    constexpr double kAnyDistance_m = 10.0;
    auto driver = patternOf(in, "driverU_m", "driverV_m");
    if (!driver) return tl::unexpected(driver.error());
    const auto vehicle = patternOf(in, "vehicleU_m", "vehicleV_m");
    if (!vehicle) return tl::unexpected(vehicle.error());
    driver->value.slot_m = in.number("slot_m");
    const PatternMatch match = matchPatterns(driver->value, vehicle->value, in.number("tolerance_m"));
    const PatternMatch all = matchPatterns(driver->value, vehicle->value, kAnyDistance_m);
    const bool matches = match.matched >= static_cast<int>(in.practice()[PracticeKey::LeastHoles_count]);
    return Answer<CalcResults>{CalcResults()
                                   .set("turn_deg", match.turn_rad / kDegree_rad)
                                   .set("matched", static_cast<double>(match.matched))
                                   .set("worst_m", match.worst_m)
                                   .set("matches", matches ? 1.0 : 0.0)
                                   .set("allTurn_deg", all.turn_rad / kDegree_rad)
                                   .set("allWorst_m", all.worst_m),
                               {}};
}

Outcome<CalcResults> mirroredPlaceModel(const CalcArguments& in)
{
    CalcResults results;
    if (in.has("point_m")) {
        const auto point = vectorOf(in, "point_m");
        if (!point) return tl::unexpected(point.error());
        Eigen::ArrayXd mirrored(3);
        mirrored << point->value.x, -point->value.y, point->value.z;
        results.set("point_m", mirrored);
    }
    if (in.has("angle_deg")) results.set("angle_deg", 180.0 - in.number("angle_deg"));
    if (results.values().empty())
        return refuse(ErrorCode::Underdetermined, "point_m", 0.0, "point_m, angle_deg or both");
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> fixingModel(const CalcArguments& in)
{
    CalcResults results;
    results.set("force_n", forcePerFixing_n(in.number("mass_kg"), in.number("shock_ratio"), in.whole("fixings")));
    if (const auto screw = in.maybe("screw_m"))
        results.set("pilot_m", pilotDrill_m(*screw, Bites::Sheet, in.maybe("sheet_m"), pilotPractice(in.practice())));
    return Answer<CalcResults>{std::move(results), {}};
}

Outcome<CalcResults> insulationModel(const CalcArguments& in)
{
    const double skin_kg_m2 = in.number("sheet_m") * in.number("density_kg_m3");
    const double added_kg_m2 = in.number("mat_kg_m2") * in.number("cover") * in.whole("layers");
    CalcResults results;
    results.set("gain_db", massLawGain_db(skin_kg_m2, added_kg_m2)).set("skin_kg_m2", skin_kg_m2);
    if (const auto area_m2 = in.maybe("area_m2")) results.set("mass_kg", added_kg_m2 * *area_m2);
    return Answer<CalcResults>{std::move(results), {}};
}

}  // namespace

void addFitModels(std::vector<CalcModel>& models)
{
    const std::vector<CalcInput> front{notNegative("flange_m").orElse(0.0).meaning("thickness"),
                                       notNegative("surround_m"),
                                       notNegative("travel_m").meaning("mechanical limit if known, else Xmax"),
                                       notNegative("frontMargin_m").orElse(PracticeKey::FrontMargin_m),
                                       notNegative("margin_m").orElse(PracticeKey::DepthMargin_m)};
    const auto withFront = [&](std::vector<CalcInput> more) {
        more.insert(more.end(), front.begin(), front.end());
        return more;
    };
    models.push_back({"I1",
                      "fit-depth",
                      "spacer for the depth behind, and what it then needs in front",
                      "s = max(0, depth + margin - available); front = s + max(flange, surround + travel) + margin",
                      withFront({notNegative("depth_m"), notNegative("available_m"),
                                 notNegative("frontFree_m").maybe().meaning("to the grille or trim")}),
                      {"spacer_m", "stock_m", "pieces_m", "frontNeed_m", "frontLeft_m", "shortfall_m", "verdict"},
                      depthModel});
    models.push_back({"I1",
                      "fit-under-panel",
                      "spacer for a driver clamped under a panel, and the depth it then needs",
                      "s = max(0, surround + travel + margin - between); below = s + flange + depth + margin",
                      withFront({notNegative("depth_m"), notNegative("between_m"),
                                 notNegative("depthFree_m").maybe().meaning("under the panel")}),
                      {"spacer_m", "stock_m", "pieces_m", "depthNeed_m", "depthLeft_m", "shortfall_m", "verdict"},
                      underPanelModel});
    models.push_back({"I2",
                      "cutout",
                      "hole, saw and adapter ring for a driver",
                      "basket + 1 mm <= D <= min(bolt circle - hole - 4 mm, flange - 8 mm)",
                      {positive("basket_m"), positive("flange_m"), positive("circle_m").maybe(),
                       positive("hole_m").orElse(kUsualScrewHole_m), positive("oldCutout_m").maybe(),
                       positive("vehicleCircle_m").maybe(),
                       positive("vehicleHole_m").orElse(kUsualScrewHole_m).meaning("its screw holes"),
                       positive("sheet_m").orElse(PracticeKey::RingSheet_m)},
                      {"least_m", "wanted_m", "most_m", "saw_m", "cut_m", "ringInside_m", "ringOutside_m"},
                      cutoutModel});
    models.push_back({"I2",
                      "hole-saw",
                      "which saw makes a hole, and how much play it leaves",
                      "the smallest saw >= D; play = saw - D",
                      {positive("hole_m")},
                      {"saw_m", "play_m", "smaller_m"},
                      holeSawModel});
    models.push_back({"I5",
                      "oval",
                      "an oval driver in a round or oval opening, its strip and its screws",
                      "passes if both half axes are 1 mm over the body's; pi (3(a + b) - sqrt((3a + b)(a + 3b)))",
                      {positive("body_m"), positive("bodyShort_m"), positive("flange_m"), positive("flangeShort_m"),
                       positive("opening_m").maybe(), positive("openingShort_m").maybe(), positive("width_m").maybe(),
                       positive("height_m").maybe(), positive("hole_m").orElse(kUsualScrewHole_m)},
                      {"perimeter_m", "passes", "overlap_m", "screwReach"},
                      ovalModel});
    models.push_back({"I3",
                      "screw-circle",
                      "holes on a circle",
                      "B/2 cos(a0 + 360 i/n), B/2 sin(a0 + 360 i/n); chord B sin(180/n)",
                      {within("count", 3.0, 12.0).counted(), positive("circle_m"), anyNumber("first_deg").orElse(0.0)},
                      {"u_m", "v_m", "chord_m"},
                      circleModel});
    models.push_back({"I3",
                      "screw-rectangle",
                      "holes at the corners of a rectangle",
                      "B = sqrt(w^2 + h^2), b = atan2(h, w)",
                      {positive("width_m"), positive("height_m")},
                      {"circle_m", "angle_deg", "u_m", "v_m"},
                      rectangleModel});
    models.push_back({"I3",
                      "screw-match",
                      "the turn at which most holes of two patterns meet",
                      "most pairs within the tolerance, then least worst error, then least turn",
                      {anyNumber("driverU_m").list(), anyNumber("driverV_m").list(), anyNumber("vehicleU_m").list(),
                       anyNumber("vehicleV_m").list(), notNegative("slot_m").orElse(0.0),
                       notNegative("tolerance_m").orElse(PracticeKey::HoleTolerance_m)},
                      {"turn_deg", "matched", "worst_m", "matches", "allTurn_deg", "allWorst_m"},
                      matchModel});
    models.push_back({"I4",
                      "other-side",
                      "the same on the vehicle's other side",
                      "(x, y, z) -> (x, -y, z); a -> 180 - a",
                      {anyNumber("point_m").list().maybe(), anyNumber("angle_deg").maybe()},
                      {"point_m", "angle_deg"},
                      mirroredPlaceModel});
    models.push_back({"I1",
                      "fixing-force",
                      "what each fixing bears in a shock, and the drill for its screw",
                      "F = m a g/n; pilot in sheet: the core and a share of the thread's depth",
                      {positive("mass_kg"), positive("shock_ratio").orElse(PracticeKey::Shock_ratio),
                       within("fixings", 1.0, 24.0).counted(), positive("screw_m").maybe(),
                       positive("sheet_m").maybe().meaning("thickness; none: thin")},
                      {"force_n", "pilot_m"},
                      fixingModel});
    models.push_back({"I6",
                      "sound-insulation",
                      "how much less noise a skin lets through with mats on it, by mass alone",
                      "20 log((m0 + cover layers m)/m0); how it rings is not in it",
                      {positive("mat_kg_m2"), positive("sheet_m").orElse(PracticeKey::SteelSkin_m),
                       positive("density_kg_m3").orElse(kSteel_kg_m3), within("cover", 0.0, 1.0).orElse(1.0),
                       within("layers", 1.0, 4.0).counted().orElse(1.0), positive("area_m2").maybe()},
                      {"gain_db", "skin_kg_m2", "mass_kg"},
                      insulationModel});
}

}  // namespace core
