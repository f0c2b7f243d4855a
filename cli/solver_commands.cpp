#include "cli/solver_commands.h"

#include <fmt/format.h>

#include <QStringList>
#include <array>
#include <iostream>

#include "card/hole_template.h"
#include "card/paper.h"
#include "cli/plan_input.h"
#include "cli/seats.h"
#include "core/design/align.h"
#include "core/design/hole_outline.h"
#include "core/design/mount_surfaces.h"
#include "core/design/spots.h"
#include "core/edits/aim_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/resolve.h"
#include "core/io/atomic_file.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"
#include "core/model/names.h"
#include "core/physics/air.h"
#include "words/figures.h"
#include "words/name_words.h"
#include "words/tr.h"

namespace cli {

using namespace core;
using words::Words;

namespace {

constexpr double kSampleRate_hz = 48000.0;
constexpr size_t kShownSpots = 5;

// The plan with an answer in it, if somebody asked for that.
Result<void> keep(Document document, const Edit& edit, const std::string& path)
{
    if (path.empty()) return {};
    document.plan = apply(std::move(document.plan), edit).plan;
    return writePlanFile(path, document);
}

Json seatJson(const SeatScore& score)
{
    Json json{{"loss", quantity(score.loss_db, "dB")},
              {"sideLoss", quantity(score.sideLoss_db, "dB")},
              {"apart", quantity(score.apart_s, "s")},
              {"sides", quantity(score.sides_db, "dB")}};
    if (score.image) json["image"] = quantity(*score.image, "");
    return json;
}

Json alignmentJson(const Alignment& found)
{
    Json json{{"channels", Json::array()}, {"seats", Json::object()}};
    for (const ChannelAlignment& channel : found.channels)
        json["channels"].push_back({{"channel", core::textOf(channel.channel)},
                                    {"delay", quantity(channel.now.delay_s, "s")},
                                    {"gain", quantity(channel.now.gain_db, "dB")},
                                    {"reversed", channel.now.reversed},
                                    {"delayKnown", channel.delayKnown},
                                    {"mostDelay", quantity(channel.mostDelay_s, "s")}});
    for (size_t i = 0; i < found.before.size(); ++i)
        json["seats"][core::textOf(found.before[i].seat)] = {{"before", seatJson(found.before[i])},
                                                             {"after", seatJson(found.after[i])}};
    return json;
}

QString milliseconds(double value_s)
{
    return Words::tr("%1 ms").arg(words::fixedNumber(1e3 * value_s, 2));
}

QString seatText(const SeatScore& score)
{
    const QString image = score.image ? words::fixedNumber(*score.image, 2) : Words::tr("none");
    return Words::tr(
               "image %1 (+ left), sides %2 and %3 apart; lost to cancellation: %4 in 60-300 Hz, %5 within the sides")
        .arg(image, milliseconds(score.apart_s), words::decibelChange(score.sides_db), words::decibels(score.loss_db),
             words::decibels(score.sideLoss_db));
}

QStringList alignmentLines(const Alignment& found, const Fitout& fitout)
{
    QStringList lines;
    bool unknown = false;
    for (const ChannelAlignment& channel : found.channels) {
        lines << Words::tr("  %1: delay %2 (%3 cm, %4 samples at 48 kHz), level %5, %6")
                     .arg(words::nameOf(Subject{channel.channel}, fitout), milliseconds(channel.now.delay_s),
                          words::fixedNumber(100.0 * kSoundSpeed_m_s * channel.now.delay_s, 0))
                     .arg(std::lround(kSampleRate_hz * channel.now.delay_s))
                     .arg(words::decibelChange(channel.now.gain_db),
                          channel.now.reversed ? Words::tr("reversed") : Words::tr("not reversed"));
        unknown = unknown || !channel.delayKnown;
    }
    if (!found.canDelay)
        lines << Words::tr("  Nothing in this chain can delay: level and polarity only. A better place does the rest.");
    else if (unknown)
        lines << Words::tr("  Nobody has stated what these channels can delay: look it up before relying on it.");
    for (size_t i = 0; i < found.before.size(); ++i) {
        lines << Words::tr("  %1, as it stands: %2")
                     .arg(words::nameOf(Subject{found.before[i].seat}, fitout), seatText(found.before[i]))
              << Words::tr("    as set here: %1").arg(seatText(found.after[i]));
    }
    lines << Words::tr("  The image is an estimate.");
    return lines;
}

std::map<SurfaceId, Surface> mountsIn(const Plan& plan)
{
    const Shop& shop = shippedShop();
    return mountsOf(resolve(plan, plan.job.goal), shop.vehicles, withChanges(shop.practice, plan.practice));
}

Json vectorJson(const Vec3& at)
{
    return Json::array({at.x, at.y, at.z});
}

Json spotJson(const Spot& spot, const std::map<SurfaceId, Surface>& surfaces)
{
    const auto vector = vectorJson;
    const auto surface = surfaces.find(spot.surface);
    return {{"at_m", vector(spot.frame.at_m)},
            {"facing", vector(spot.frame.facing)},
            {"surface", spot.surface ? core::textOf(spot.surface) : std::string()},
            {"on", surface == surfaces.end() ? std::string() : surface->second.name},
            {"points", spot.points},
            {"offAxis", quantity(spot.faults.offAxis_db, "dB")},
            {"unevenness", quantity(spot.faults.unevenness_db, "dB")},
            {"image", quantity(spot.faults.image, "")},
            {"width", quantity(spot.faults.width_deg, "deg")},
            {"height", quantity(spot.faults.height_deg, "deg")},
            {"shadow", quantity(spot.faults.shadow_db, "dB")}};
}

QString spotText(const Spot& spot)
{
    const auto metres = [](double value) { return words::fixedNumber(value, 2); };
    const Vec3& at = spot.frame.at_m;
    return Words::tr("%1 points at x %2, y %3, z %4 m: %5 off axis, %6 uneven, image %7 aside, %8° wide, %9° off eye level, %10 in shadow")
        .arg(words::fixedNumber(spot.points, 0), metres(at.x), metres(at.y), metres(at.z),
             words::decibels(spot.faults.offAxis_db), words::decibels(spot.faults.unevenness_db),
             metres(spot.faults.image), words::fixedNumber(spot.faults.width_deg, 0),
             words::fixedNumber(spot.faults.height_deg, 0), words::decibels(spot.faults.shadow_db));
}

}  // namespace

int alignPlan(const SolverRequest& request)
{
    auto document = readPlanFile(request.plan, request.plan);
    if (!document) return report(document.error(), request.json);
    auto seats = seatsOf(document->plan, request.plan, request.seats);
    if (!seats) return report(seats.error(), request.json);
    if (seats->empty() && !document->plan.listeners.empty()) seats->push_back(document->plan.listeners.begin()->first);
    if (seats->empty() || seats->size() > 2)
        return report({request.plan, "--seat", "wants one listener of the plan, or two"}, request.json);
    const auto found = align(document->plan, shippedShop().practice, *seats);
    if (!found) return report({request.plan, "", "fewer than two channels play: nothing to align"}, request.json);
    if (const auto kept = keep(*document, found->edit, request.output); !kept)
        return report(kept.error(), request.json);
    if (request.json) {
        print(alignmentJson(*found));
    } else {
        const Plan& plan = document->plan;
        std::cout << alignmentLines(*found, resolve(plan, plan.job.goal)).join('\n').toStdString() << '\n';
    }
    return kDone;
}

int mapPlanSpots(const SolverRequest& request)
{
    auto document = readPlanFile(request.plan, request.plan);
    if (!document) return report(document.error(), request.json);
    const Plan& plan = document->plan;
    const auto seats = seatsOf(plan, request.plan, request.seats);
    if (!seats) return report(seats.error(), request.json);
    const Evaluation evaluation = evaluate(plan, shippedShop().practice, std::array{plan.job.goal});
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    const auto device = idFromText<DeviceId>(request.device);
    if (!device || !findRunOfDevice(stage, *device)) {
        std::string playing;
        for (const RunResult& run : stage.runs)
            playing += (playing.empty() ? "" : ", ") + core::textOf(run.run.id.coil.device);
        return report(
            {request.plan, request.device,
             fmt::format("is no driver that plays in this plan; these do: {}", playing.empty() ? "none" : playing)},
            request.json);
    }
    if (plan.listeners.empty()) return report({request.plan, "", "nobody listens in this plan"}, request.json);
    const std::map<SurfaceId, Surface> surfaces = mountsIn(plan);
    const auto map = mapSpots(stage, evaluation.practice,
                              {.device = *device, .seats = *seats, .count = request.count, .surfaces = surfaces});
    const std::vector<Spot> best = map->best(kShownSpots);
    if (best.empty())
        return report({request.plan, "surfaces", "no surface is marked \"mountable\": nothing to try"}, request.json);
    if (const auto kept = keep(*document, putDriverOn(plan, *device, best.front().frame, surfaces.at(best.front().surface)), request.output); !kept)
        return report(kept.error(), request.json);
    if (request.json) {
        Json json{{"weights",
                   {{"offAxis", map->weights.offAxis},
                    {"evenness", map->weights.evenness},
                    {"image", map->weights.image},
                    {"width", map->weights.width},
                    {"height", map->weights.height},
                    {"shadow", map->weights.shadow},
                    {"sum", map->weights.sum()}}},
                  {"now", spotJson(*map->now, surfaces)},
                  {"tried", map->spots.size()},
                  {"best", Json::array()}};
        for (const Spot& spot : best) json["best"].push_back(spotJson(spot, surfaces));
        print(json);
        return kDone;
    }
    const auto points = [](double value) { return words::fixedNumber(value, 0); };
    const SpotWeights& weights = map->weights;
    QStringList lines;
    lines << Words::tr("%1 spots tried for %2, of %3 points: %4 off axis, %5 evenness, %6 image, %7 width, %8 height, %9 shadow")
                 .arg(map->spots.size())
                 .arg(words::nameOf(Subject{*device}, stage.used), points(weights.sum()), points(weights.offAxis),
                      points(weights.evenness), points(weights.image), points(weights.width), points(weights.height),
                      points(weights.shadow));
    lines << Words::tr("  now: %1").arg(spotText(*map->now));
    for (const Spot& spot : best)
        lines << Words::tr("  %1: %2").arg(QString::fromStdString(surfaces.at(spot.surface).name), spotText(spot));
    lines << Words::tr(
        "  The map knows nothing of what is behind a surface. Look before you cut, keep clear of every "
        "restraint and of its path, and follow the vehicle maker's data.");
    std::cout << lines.join(QLatin1Char('\n')).toStdString() << '\n';
    return kDone;
}

int listSurfaces(const SolverRequest& request)
{
    const auto document = readPlanFile(request.plan, request.plan);
    if (!document) return report(document.error(), request.json);
    const Plan& plan = document->plan;
    const Shop& shop = shippedShop();
    const Practice practice = withChanges(shop.practice, plan.practice);
    const Fitout fitout = resolve(plan, plan.job.goal);
    const std::map<SurfaceId, Surface> mounts = mountsIn(plan);
    const auto closed = [&](const Surface& one) { return closedAt(fitout, one.kind, middleOf(one), practice); };
    if (request.json) {
        Json json{{"surfaces", Json::array()}};
        for (const auto& [id, one] : mounts)
            json["surfaces"].push_back({{"name", one.name},
                                        {"kind", std::string(core::textOf(one.kind))},
                                        {"middle_m", vectorJson(middleOf(one))},
                                        {"along_m", vectorJson(one.along_m)},
                                        {"across_m", vectorJson(one.across_m)},
                                        {"backing", std::string(core::textOf(one.backing))},
                                        {"origin", std::string(core::textOf(one.basis.origin))},
                                        {"closed", closed(one).has_value()}});
        print(json);
        return kDone;
    }
    const auto millimetres = [](const Vec3& edge) { return words::fixedNumber(1000.0 * length(edge), 0); };
    QStringList lines;
    bool usual = false;
    for (const auto& [id, one] : mounts) {
        usual = usual || one.basis.origin == Origin::ClassGuess;
        const QString line = Words::tr("%1: %2 by %3 mm, %4")
                                 .arg(QString::fromStdString(one.name), millimetres(one.along_m),
                                      millimetres(one.across_m), QString::fromUtf8(core::textOf(one.backing)));
        const auto why = closed(one);
        lines << (!why ? line
                  : std::holds_alternative<InSight>(*why)
                      ? Words::tr("%1; closed: before the dials or the road").arg(line)
                      : Words::tr("%1; closed: a bag may unfold there, until the vehicle maker\u2019s data clears it")
                            .arg(line));
    }
    lines << (usual ? Words::tr("Usual sizes of this kind of vehicle; measure before you cut, and look behind.")
                    : Words::tr("Look behind before you cut."));
    std::cout << lines.join(QLatin1Char('\n')).toStdString() << '\n';
    return kDone;
}

int writeTemplate(const SolverRequest& request)
{
    const auto document = readPlanFile(request.plan, request.plan);
    if (!document) return report(document.error(), request.json);
    const Plan& plan = document->plan;
    const Evaluation evaluation = evaluate(plan, shippedShop().practice, std::array{plan.job.goal});
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    const std::map<SurfaceId, Surface> mounts = mountsIn(plan);
    const auto device = idFromText<DeviceId>(request.device);
    std::vector<HoleOutline> sides;
    if (device && stage.used.devices.contains(*device))
        for (const DeviceId one : {*device, acrossFrom(stage.used, *device)})
            if (const auto outline = one ? holeOutline(stage, one, mounts, evaluation.practice) : std::nullopt) sides.push_back(*outline);
    if (sides.empty())
        return report({request.plan, request.device, "is no driver that stands on a surface of this vehicle"}, request.json);
    const card::HolePage page{words::nameOf(Subject{*device}, stage.used)};
    const QString path = QString::fromStdString(request.output);
    QByteArray bytes;
    if (path.endsWith(QStringLiteral(".svg"), Qt::CaseInsensitive)) {
        bytes = card::holeSvg(sides, page);
    } else if (path.endsWith(QStringLiteral(".pdf"), Qt::CaseInsensitive)) {
        card::loadFonts();
        bytes = card::holePdf(sides, page);
    } else {
        return report({request.output, "--output", "wants a name that ends in .svg or .pdf"}, request.json);
    }
    if (const auto done = writeAtomically(request.output, bytes.toStdString(), 0); !done)
        return report(done.error(), request.json);
    if (request.json) print({{"written", request.output}});
    return kDone;
}

}  // namespace cli
