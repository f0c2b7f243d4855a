#include "core/limits/fit_limits.h"

#include <algorithm>
#include <cmath>

#include "core/base/threshold.h"

namespace core {
namespace {

PracticeKey depthKey(const Place& place)
{
    return place.behind == Behind::Regulator ? PracticeKey::RegulatorMargin_m : PracticeKey::DepthMargin_m;
}

}  // namespace

bool behindGlass(const Place& place)
{
    return place.behind == Behind::Glass || place.behind == Behind::Regulator;
}

std::optional<Verdict> depthLimit(const Place& place, const DriverFit& fit)
{
    const auto& margin = fit.depthMargin_m;
    if (!margin || !(margin->value < fit.wantedDepth_m - kLengthSlack_m)) return std::nullopt;
    if (behindGlass(place) && fit.spacers) return std::nullopt;  // the glass has its own rule
    const bool touches = !fit.spacers && margin->value < -kLengthSlack_m;
    return Verdict{RuleId::DepthAndSpacer,  touches ? Severity::Stop : Severity::Care,
                   Quantity::DepthMargin_m, *margin,
                   fit.wantedDepth_m,       depthKey(place)};
}

std::optional<Verdict> windowLimit(const Place& place, const DriverFit& fit)
{
    if (!behindGlass(place)) return std::nullopt;
    const std::pair<Quantity, const std::optional<Computed>*> margins[] = {
        {Quantity::DepthMargin_m, &fit.depthMargin_m},
        {Quantity::GlassMargin_m, &fit.glassUpMargin_m},
        {Quantity::ScrewMargin_m, &fit.screwMargin_m}};
    Quantity what{};
    const Computed* least = nullptr;
    for (const auto& [quantity, margin] : margins) {
        if (!*margin || (least && !((*margin)->value < least->value))) continue;
        what = quantity;
        least = &**margin;
    }
    const bool meets = least && least->value < -kLengthSlack_m;
    if (!fit.depthMargin_m && !meets) {
        const Known& depth = fit.body.at(Quantity::Depth_m);
        return Verdict{
            RuleId::WindowTravel, Severity::Care, Quantity::Depth_m, {depth.value, depth.basis.origin, {}}, {}, {}};
    }
    if (!meets && !(least->value < fit.wantedDepth_m - kLengthSlack_m)) return std::nullopt;
    return Verdict{RuleId::WindowTravel,
                   meets ? Severity::Stop : Severity::Care,
                   what,
                   *least,
                   meets ? 0.0 : fit.wantedDepth_m,
                   meets ? std::nullopt : std::optional(depthKey(place))};
}

std::optional<Verdict> frontLimit(const Place& place, const DriverFit& fit)
{
    const auto& margin = fit.frontMargin_m;
    if (!margin || !(margin->value < fit.wantedFront_m - kLengthSlack_m)) return std::nullopt;
    const bool touches = margin->value < -kLengthSlack_m;
    return Verdict{place.underPanel ? RuleId::UnderPanel : RuleId::FrontClearance,
                   touches ? Severity::Stop : Severity::Care,
                   Quantity::FrontMargin_m,
                   *margin,
                   touches ? 0.0 : fit.wantedFront_m,
                   touches ? std::nullopt : std::optional(PracticeKey::FrontMargin_m)};
}

std::optional<Verdict> screwReachLimit(const DriverFit& fit)
{
    const auto& margin = fit.screwMargin_m;
    if (!margin || !(margin->value < -kLengthSlack_m)) return std::nullopt;
    return Verdict{RuleId::ScrewReaches, Severity::Stop, Quantity::ScrewMargin_m, *margin, 0.0, {}};
}

std::optional<Verdict> holeLimit(const Place& place, const DriverFit& fit, bool noCutting)
{
    const auto& hole = fit.hole;
    if (!hole || !hole->there_m || (!hole->ring && !hole->cut)) return std::nullopt;
    const auto measured = place.room.find(Quantity::Cutout_m);
    const Origin there = measured == place.room.end() ? Origin::Stated : measured->second.basis.origin;
    return Verdict{RuleId::CutoutAndRing,
                   hole->ring || noCutting ? Severity::Stop : Severity::Care,
                   Quantity::Cutout_m,
                   {*hole->there_m, std::max(there, hole->worst), {}},
                   hole->ring ? hole->limits.most_m : hole->limits.least_m,
                   {}};
}

std::optional<Verdict> domeLimit(const Part& driver)
{
    constexpr double kSame_m = 0.0005;
    const auto dome = driver.figures.find(Quantity::Dome_m), cutout = driver.figures.find(Quantity::Cutout_m);
    if (dome == driver.figures.end() || cutout == driver.figures.end() ||
        std::abs(dome->second.value - cutout->second.value) > kSame_m)
        return std::nullopt;
    return Verdict{RuleId::DomeTakenForHole, Severity::Stop,
                   Quantity::Cutout_m,       {cutout->second.value, cutout->second.basis.origin, {}},
                   dome->second.value,       {}};
}

std::optional<Verdict> flangeLimit(const DriverFit& fit)
{
    const Known& flange = fit.body.at(Quantity::Flange_m);
    if (!fit.screwReach || !over(*fit.screwReach, 1.0) || flange.basis.origin == Origin::ClassGuess)
        return std::nullopt;
    return Verdict{RuleId::ScrewOutsideFlange,
                   Severity::Stop,
                   Quantity::ScrewCircle_m,
                   {fit.screwsAcross_m, flange.basis.origin, {}},
                   fit.screwsAcross_m / std::sqrt(*fit.screwReach),
                   {}};
}

Verdict plugCutLimit(Origin seen)
{
    return {RuleId::CutAgainstWish, Severity::Stop, Quantity::Cuts, {1.0, seen, {}}, {}, {}};
}

}  // namespace core
