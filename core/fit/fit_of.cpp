#include "core/fit/fit_of.h"

#include <algorithm>
#include <cmath>

#include "core/fit/driver_body.h"
#include "core/fit/hole_fit.h"
#include "core/fit/room_left.h"
#include "core/fit/screw_fit.h"
#include "core/fitout/cover_takes.h"

namespace core {
namespace {

// Mean over the treble of what stands before the driver.
double meanCoverLoss_db(const FitQuestion& question, const Practice& practice)
{
    if (question.done(AlterationKind::OpenCover)) return 0.0;
    if (question.place.cover == Cover::None && !question.place.room.contains(Quantity::GrilleHole_m)) return 0.0;
    constexpr double kLow_hz = 4000.0, kHigh_hz = 20000.0;
    constexpr int kPoints = 24;
    const Eigen::ArrayXd hz = Eigen::ArrayXd::LinSpaced(kPoints, std::log(kLow_hz), std::log(kHigh_hz)).exp();
    return coverTakes_db(question.place, practice, hz).mean();
}

}  // namespace

DriverFit fitOf(const FitQuestion& question, const Practice& practice)
{
    Figures body = bodyFigures(question.driver, practice);
    const Seating seating = seatingOf(question);
    const RoomLeft left = roomLeft(question, body, seating, practice);
    const SpacerNeed need = spacerNeed(question, body, seating, left, practice);
    const ScrewFit screws = screwFit(question, body, practice);
    const auto force_n = fixingForce_n(screws, body, practice);
    auto hole = holeFit(question, body, practice);
    return {seating,
            left,
            need,
            screws,
            bracketFit(question, practice),
            std::move(body),
            std::move(hole),
            meanCoverLoss_db(question, practice),
            force_n};
}

namespace {

// All that the fit of one driver follows from, as far as it lies in the fitout.
struct FitInputs {
    const Part* driver = nullptr;
    const Place* place = nullptr;
    const Mount* mount = nullptr;
    const Part* spacer = nullptr;
    std::vector<const Alteration*> alterations{};
    std::optional<Known> usualHole{};
};

std::optional<FitInputs> inputsOf(const Fitout& fitout, DeviceId id)
{
    static const Mount kUsual;
    const auto device = fitout.devices.find(id);
    if (device == fitout.devices.end()) return std::nullopt;
    const auto place = fitout.places.find(device->second.at);
    const Part& part = fitout.parts.at(device->second.part);
    if (part.kind != PartKind::Driver || place == fitout.places.end()) return std::nullopt;
    const auto mount = fitout.mounts.find(id);
    FitInputs inputs{&part, &place->second, mount == fitout.mounts.end() ? &kUsual : &mount->second};
    if (const auto spacer = fitout.parts.find(inputs.mount->spacer); spacer != fitout.parts.end())
        inputs.spacer = &spacer->second;
    for (const auto& [alteration, item] : fitout.alterations)
        if (item.place == device->second.at) inputs.alterations.push_back(&item);
    if (const auto hole = fitout.usualHoles.find(device->second.at); hole != fitout.usualHoles.end())
        inputs.usualHole = hole->second;
    return inputs;
}

bool sameValue(const Part* a, const Part* b)
{
    return a == b || (a && b && *a == *b);
}

bool alike(const FitInputs& a, const FitInputs& b)
{
    return *a.place == *b.place && *a.mount == *b.mount && sameValue(a.driver, b.driver) &&
           sameValue(a.spacer, b.spacer) && a.usualHole == b.usualHole &&
           std::equal(a.alterations.begin(), a.alterations.end(), b.alterations.begin(), b.alterations.end(),
                      [](const Alteration* x, const Alteration* y) { return *x == *y; });
}

}  // namespace

DriverFits fitsOf(const Fitout& fitout, const Practice& practice, const std::vector<const StageResult*>& known)
{
    const auto knownFit = [&](DeviceId id, const FitInputs& inputs) -> std::shared_ptr<const DriverFit> {
        for (const StageResult* last : known) {
            const auto fit = last->fits.find(id);
            if (fit == last->fits.end()) continue;
            const auto before = inputsOf(last->used, id);
            if (before && alike(*before, inputs)) return fit->second;
        }
        return nullptr;
    };
    DriverFits fits;
    for (const auto& [id, device] : fitout.devices) {
        const auto inputs = inputsOf(fitout, id);
        if (!inputs) continue;
        auto fit = knownFit(id, *inputs);
        if (!fit)
            fit = std::make_shared<const DriverFit>(fitOf({*inputs->driver, *inputs->place, *inputs->mount,
                                                           inputs->spacer, inputs->alterations, inputs->usualHole},
                                                          practice));
        fits.emplace(id, std::move(fit));
    }
    return fits;
}

}  // namespace core
