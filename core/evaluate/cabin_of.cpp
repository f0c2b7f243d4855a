#include "core/evaluate/cabin_of.h"

#include <algorithm>

#include "core/evaluate/usual_screens.h"
#include "core/model/names.h"

namespace core {
namespace {

const BodyClass& bodyClass(const Body& body, const Practice& practice)
{
    return practice.bodies.at(std::string(textOf(body.kind)));
}

double measure(const Body& body, Quantity quantity, double usual)
{
    return valueOf(body.cabin, quantity).value_or(usual);
}

}  // namespace

std::map<SurfaceId, Surface> usualSurfaces(const Body& body, const Practice& practice)
{
    const BodyClass& kind = bodyClass(body, practice);
    if (!kind.cabin) return {};
    // Shares of a usual cabin, for a first picture: the glass begins at half its height, the windscreen leans back.
    constexpr double kSill_ratio = 0.55, kLean_ratio = 0.24, kDash_ratio = 0.16;
    const double front = measure(body, Quantity::CabinFront_m, kind.front_m);
    const double length = measure(body, Quantity::CabinLength_m, kind.length_m);
    const double width = measure(body, Quantity::CabinWidth_m, kind.width_m);
    const double height = measure(body, Quantity::CabinHeight_m, kind.height_m);
    const double floor = measure(body, Quantity::CabinFloor_m, kind.floor_m);
    const double sill = floor + kSill_ratio * height, roof = floor + height;
    const double lean = kLean_ratio * length, half = 0.5 * width, rear = front - length;
    using enum SurfaceMaterial;
    const Vec3 across{0.0, -width, 0.0}, up{0.0, 0.0, roof - sill};
    const auto windowAlong = Vec3{rear - (front - 0.5 * lean), 0.0, 0.0};
    std::map<SurfaceId, Surface> surfaces;
    int number = 0;
    const auto add = [&](Surface surface) { surfaces[SurfaceId{++number}] = std::move(surface); };
    add({Glass, "windscreen", {front, half, sill}, across, {-lean, 0.0, roof - sill}});
    add({Glass, "left windows", {front - 0.5 * lean, half, sill}, windowAlong, up});
    add({Glass, "right windows", {front - 0.5 * lean, -half, sill}, windowAlong, up});
    add({Headliner, "roof", {front - lean, half, roof}, across, {rear - front + lean, 0.0, 0.0}});
    add({.material = SoftDash,
         .name = "dash",
         .corner_m = {front, half, sill},
         .along_m = across,
         .across_m = {-kDash_ratio * length, 0.0, 0.0},
         .blocks = true});
    add({Carpet, "floor", {front, half, floor}, across, {-length, 0.0, 0.0}});
    return surfaces;
}

Cabin cabinOf(const Fitout& fitout, const Practice& practice)
{
    const Body& body = fitout.body;
    const BodyClass& kind = bodyClass(body, practice);
    Cabin cabin;
    const auto add = [&](const FlatPanel& panel, SurfaceMaterial material, const std::string& name) {
        cabin.panels.push_back(panel);
        cabin.materials.push_back(material);
        cabin.names.push_back(name);
    };
    // What is only told of to put drivers on says nothing of the glass and the roof.
    const bool own = std::any_of(fitout.surfaces.begin(), fitout.surfaces.end(), [](const auto& entry) {
        return entry.second.mirrors || entry.second.blocks;
    });
    for (const auto& [id, surface] : own ? fitout.surfaces : usualSurfaces(body, practice))
        if (surface.mirrors || surface.blocks)
            add({surface.corner_m, surface.along_m, surface.across_m, surface.blocks, surface.mirrors},
                surface.material, surface.name);
    if (!own && !cabin.panels.empty()) cabin.worst = Origin::ClassGuess;
    // Whoever sits there moves: nobody measures legs, and they make no measured cabin a guess.
    for (const Screen& screen : usualScreens(fitout, practice))
        add(screen.panel, SurfaceMaterial::ClothSeat, screen.name);
    if (!kind.cabin) return cabin;
    const double leak_hz = measure(body, Quantity::CabinLeak_hz, kind.leak_hz);
    const double longest_m = measure(body, Quantity::CabinLength_m, kind.length_m);
    if (const auto gain = cabinGain(longest_m, leak_hz)) cabin.gain = gain->value;
    for (const Quantity quantity : {Quantity::CabinLength_m, Quantity::CabinLeak_hz}) {
        const auto found = body.cabin.find(quantity);
        cabin.worst =
            std::max(cabin.worst, found == body.cabin.end() ? Origin::ClassGuess : found->second.basis.origin);
    }
    return cabin;
}

PracticeList absorptionOf(SurfaceMaterial material)
{
    switch (material) {
        case SurfaceMaterial::Glass:
            return PracticeList::AbsorptionGlass;
        case SurfaceMaterial::HardTrim:
            return PracticeList::AbsorptionHardTrim;
        case SurfaceMaterial::SoftDash:
            return PracticeList::AbsorptionSoftDash;
        case SurfaceMaterial::Carpet:
            return PracticeList::AbsorptionCarpet;
        case SurfaceMaterial::ClothSeat:
            return PracticeList::AbsorptionClothSeat;
        case SurfaceMaterial::LeatherSeat:
            return PracticeList::AbsorptionLeatherSeat;
        case SurfaceMaterial::Headliner:
            return PracticeList::AbsorptionHeadliner;
    }
    return PracticeList::AbsorptionGlass;
}

bool isBehindSeats(const Body& body, PlaceKind place, const Practice& practice)
{
    return (place == PlaceKind::CargoSide || place == PlaceKind::OwnBox) && bodyClass(body, practice).separateBoot;
}

}  // namespace core
