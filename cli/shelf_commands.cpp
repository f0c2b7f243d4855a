#include "cli/shelf_commands.h"

#include <fmt/format.h>

#include <iostream>

#include "cli/plan_input.h"
#include "core/design/rank_drivers.h"
#include "core/evaluate/evaluate.h"
#include "core/io/atomic_file.h"
#include "core/io/plan_file.h"
#include "core/io/shelf_file.h"
#include "core/io/shop.h"
#include "core/model/names.h"
#include "words/fit_words.h"

namespace cli {

using namespace core;

namespace {

constexpr int kBadLines = 1;

Result<ShelfFile> readShelfAt(const std::string& path, const Practice& practice)
{
    const auto text = readWholeFile(path);
    if (!text) return tl::unexpected(InputError{path, {}, "cannot be read; is the name right?"});
    return readShelf(*text, path, practice);
}

Json candidateJson(const Candidate& candidate)
{
    Json lost = Json::array();
    for (const LostPoints& one : candidate.lost)
        lost.push_back({{"by", words::nameOf(one.by).toStdString()},
                        {"points", one.points},
                        {"stops", one.stop.has_value()},
                        {"reason", words::reasonOf(one, words::UnitSystem::Metric, {}).toStdString()}});
    Json damage = Json::array();
    for (const Damage& one : candidate.damage)
        damage.push_back({{"what", words::textOf(one).toStdString()}, {"permanent", one.permanent}});
    return {{"key", candidate.part.shelfKey},
            {"name", candidate.part.name},
            {"points", candidate.points},
            {"stops", candidate.stops()},
            {"lost", std::move(lost)},
            {"damage", std::move(damage)},
            {"heldBack", candidate.heldBack ? Json(std::string(core::textOf(*candidate.heldBack))) : Json()}};
}

}  // namespace

int checkShelf(const std::string& path, bool json)
{
    const auto file = readShelfAt(path, shippedShop().practice);
    if (!file) return report(file.error(), json);
    if (json) {
        Json errors = Json::array(), counts = Json::object();
        for (const InputError& error : file->errors)
            errors.push_back({{"where", error.where}, {"message", error.message}});
        for (const auto& kind : enumNames<PartKind>())
            if (const size_t count = file->shelf.of(kind.value).size()) counts[std::string(kind.text)] = count;
        print({{"parts", std::move(counts)}, {"errors", std::move(errors)}});
    } else {
        for (const InputError& error : file->errors) std::cerr << oneLine(error) << '\n';
        for (const auto& kind : enumNames<PartKind>())
            if (const size_t count = file->shelf.of(kind.value).size())
                std::cout << fmt::format("{} {}\n", count, kind.text);
    }
    return file->errors.empty() ? kDone : kBadLines;
}

int rankForPlace(const RankRequest& request)
{
    const auto document = readPlanFile(request.plan, request.plan);
    if (!document) return report(document.error(), request.json);
    Shop shop = shippedShop();
    if (!request.shelf.empty()) {
        auto file = readShelfAt(request.shelf, shop.practice);
        if (!file) return report(file.error(), request.json);
        for (const InputError& error : file->errors) std::cerr << oneLine(error) << '\n';
        shop.shelf = std::move(file->shelf);
    }
    const Evaluation evaluation = evaluateJob(document->plan, shop.practice);
    const auto device = idFromText<DeviceId>(request.device);
    const Fitout& used = evaluation.stages.at(document->plan.job.goal)->used;
    if (!device || !used.devices.contains(*device))
        return report({request.plan, request.device, "is no device of the plan's goal"}, request.json);
    std::vector<Candidate> ranked = rankDrivers(document->plan, shop.shelf, *device, evaluation,
                                                request.otherKinds ? RankScope::Everything : RankScope::WhatSuits);
    if (request.noCutting) std::erase_if(ranked, [](const Candidate& candidate) { return candidate.cuts(); });
    if (request.count > 0 && ranked.size() > static_cast<size_t>(request.count))
        ranked.erase(ranked.begin() + request.count, ranked.end());
    if (request.json) {
        Json all = Json::array();
        for (const Candidate& candidate : ranked) all.push_back(candidateJson(candidate));
        print({{"of", pointsOf(evaluation.practice)}, {"candidates", std::move(all)}});
        return kDone;
    }
    for (const Candidate& candidate : ranked) {
        std::cout << fmt::format("{:5.1f}  {}  {}\n", candidate.points, candidate.part.shelfKey, candidate.part.name);
        for (const LostPoints& one : candidate.lost)
            std::cout << "         " << words::lineOf(one, words::UnitSystem::Metric, {}).toStdString() << '\n';
        for (const Damage& one : candidate.damage) std::cout << "         " << words::textOf(one).toStdString() << '\n';
    }
    return kDone;
}

}  // namespace cli
