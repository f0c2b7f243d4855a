#include "cli/split_command.h"

#include <fmt/format.h>

#include <QStringList>
#include <iostream>

#include "cli/plan_input.h"
#include "cli/seats.h"
#include "cli/settings_command.h"
#include "core/design/split_search.h"
#include "core/design/three_way_search.h"
#include "core/evaluate/evaluate.h"
#include "core/evaluate/split_sum.h"
#include "core/fitout/sides.h"
#include "core/intake/target_curve.h"
#include "core/io/atomic_file.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"
#include "core/model/names.h"
#include "words/split_words.h"

namespace cli {

using namespace core;

namespace {

constexpr std::pair<SplitKind, const char*> kKinds[] = {{SplitKind::NoNewParts, "standing"},
                                                        {SplitKind::FewestParts, "fewest"},
                                                        {SplitKind::OneCorner, "oneCorner"},
                                                        {SplitKind::MostEven, "even"}};

const char* nameOf(SplitKind kind)
{
    for (const auto& [one, name] : kKinds)
        if (one == kind) return name;
    return "";
}

std::string nameOf(Leg leg, const LegPart& part)
{
    const std::string whose = leg == Leg::Woofer ? "woofer" : leg == Leg::Mid ? "mid" : "tweeter";
    if (part.kind == ElementKind::Resistor) return whose + "Pad";
    if (!part.series) return whose + "Shunt";
    return whose + (part.kind == ElementKind::Inductor ? "Coil" : "Series");
}

Json answerJson(const SplitAnswer& answer)
{
    Json parts = Json::object();
    for (const auto& [leg, own] : answer.found.parts)
        for (const LegPart& part : own) {
            const std::string kind = nameOf(leg, part);
            std::string name = kind;
            for (int number = 2; parts.contains(name); ++number) name = kind + std::to_string(number);
            parts[name] = quantity(part.value, part.kind == ElementKind::Capacitor  ? "F"
                                               : part.kind == ElementKind::Inductor ? "H"
                                                                                    : "ohm");
        }
    Json json{{"kind", nameOf(answer.kind)},
              {"parts", std::move(parts)},
              {"turned", answer.found.turned},
              {"price", answer.price},
              {"evenness", quantity(answer.found.even_db, "dB")},
              {"leastLoad", quantity(answer.found.least_ohm, "ohm")}};
    if (answer.found.low && answer.found.high)
        json["channels"] = {{"low", settingJson(*answer.found.low)}, {"high", settingJson(*answer.found.high)}};
    if (answer.found.at_hz > 0.0) json["handOver"] = quantity(answer.found.at_hz, "Hz");
    if (const auto& middle = answer.found.middle)
        json["middle"] = {{"handOver", quantity(middle->from_hz, "Hz")}, {"turned", middle->turned}};
    for (const DeviceId other : answer.others) json["others"].push_back(core::textOf(other));
    return json;
}

Result<std::vector<DeviceId>> tweetersOf(const SplitRequest& request, const StageResult& stage,
                                         const Practice& practice)
{
    std::vector<DeviceId> tweeters, set;  // behind a network, or by the channels' settings
    std::string known;
    for (const SplitPair& pair : splitPairs(stage, practice)) {
        const bool parted = canBeParted(stage, pair);
        if (!parted && !canBeSet(stage, pair)) continue;
        const DeviceId device = stage.runs[pair.high].run.id.coil.device;
        known += (known.empty() ? "" : ", ") + core::textOf(device);
        // Of three the highest one stands for all.
        const auto three = threeOf(stage, pair, practice);
        const bool isMiddle = three && three->mid == pair.high;
        if (request.tweeter.empty() ? !repeatsLeader(stage, device) && !isMiddle
                                    : core::textOf(device) == request.tweeter)
            (parted ? tweeters : set).push_back(device);
    }
    if (tweeters.empty()) tweeters = set;
    if (tweeters.empty())
        return tl::unexpected(
            InputError{request.plan, request.tweeter,
                       fmt::format("takes over from no woofer; these do: {}", known.empty() ? "none" : known)});
    return tweeters;
}

}  // namespace

int findSplits(const SplitRequest& request)
{
    auto document = readPlanFile(request.plan, request.plan);
    if (!document) return report(document.error(), request.json);
    const auto wanted = std::find_if(std::begin(kKinds), std::end(kKinds),
                                     [&](const auto& one) { return request.answer == one.second; });
    if (wanted == std::end(kKinds))
        return report(
            {request.plan, "--answer", "found '" + request.answer + "', expected even, fewest, oneCorner or standing"},
            request.json);
    if (!request.target.empty()) {
        const auto text = readWholeFile(request.target);
        if (!text) return report({request.target, {}, text.error().message}, request.json);
        const auto own = takeTarget(document->plan, *text, request.target);
        if (!own) return report(own.error(), request.json);
        document->plan = apply(document->plan, *own).plan;
    }
    const auto seats = seatsOf(document->plan, request.plan, request.seats);
    if (!seats) return report(seats.error(), request.json);
    const Evaluation evaluation = evaluateJob(document->plan, shippedShop().practice);
    const StageResult& stage = *evaluation.stages.at(document->plan.job.goal);
    const auto tweeters = tweetersOf(request, stage, evaluation.practice);
    if (!tweeters) return report(tweeters.error(), request.json);
    Json json = Json::array();
    QStringList lines;
    std::optional<Edit> kept;
    for (const DeviceId tweeter : *tweeters) {
        const auto search = searchSplits(document->plan, evaluation, {tweeter, *seats, request.slope_db});
        if (!search) return report({request.plan, "", "nobody listens in this plan"}, request.json);
        Json answers = Json::array();
        lines << words::headOf(*search, stage) << words::lineOf(search->now);
        for (const SplitAnswer& answer : search->answers) {
            answers.push_back(answerJson(answer));
            lines << words::lineOf(answer, stage);
            if (!kept && answer.kind == wanted->first) kept = answer.edit;
        }
        const SplitSum& now = search->now;
        Json stands{{"clear", now.clear()},
                    {"hole", quantity(now.wired.hole_db, "dB")},
                    {"holeTurnedOver", quantity(now.turned.hole_db, "dB")}};
        if (now.at_hz) {
            stands["handOver"] = quantity(*now.at_hz, "Hz");
            stands["phase"] = quantity(now.phase_deg, "deg");
        }
        json.push_back({{"tweeter", core::textOf(tweeter)},
                        {"woofer", core::textOf(stage.runs[search->pair.low].run.id.coil.device)},
                        {"now", std::move(stands)},
                        {"tried", search->tried},
                        {"refused", search->refused},
                        {"answers", std::move(answers)}});
    }
    if (!request.output.empty() && (!kept || tweeters->size() > 1))
        return report({request.plan, "--output",
                       kept ? "several tweeters take over here: name the one whose answer is wanted"
                            : "there is no answer of the kind '" + request.answer + "' here"},
                      request.json);
    if (!request.output.empty()) {
        document->plan = apply(std::move(document->plan), *kept).plan;
        if (const auto written = writePlanFile(request.output, *document); !written)
            return report(written.error(), request.json);
    }
    if (request.json)
        print({{"splits", std::move(json)}});
    else
        std::cout << lines.join(QLatin1Char('\n')).toStdString() << '\n';
    return kDone;
}

}  // namespace cli
