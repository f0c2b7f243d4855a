#include "core/judgement/measure_next.h"

#include <algorithm>
#include <cmath>

#include "core/judgement/judging.h"

namespace core {
namespace {

struct Weighed {
    StageId stage{};
    const UncertainInput* input = nullptr;
    double shift = 0.0;  // of what is to be narrowed
};

// How far each unmeasured value moves what a finding says; one that two stages share moves both.
std::vector<Weighed> weighed(const Evaluation& evaluation, const std::vector<Lean>& leans)
{
    std::map<Address, Weighed> byValue;
    for (const Lean& lean : leans) {
        const StageSpread* spread = spreadAt(evaluation, lean.stage);
        if (!spread) return {};
        for (const UncertainInput& input : spread->inputs) {
            const auto shift = input.shifts.find(lean.figure);
            if (shift == input.shifts.end()) continue;
            Weighed& one = byValue.try_emplace(input.what, Weighed{lean.stage, &input, 0.0}).first->second;
            one.shift += lean.slope * shift->second;
        }
    }
    std::vector<Weighed> all;
    for (const auto& [what, one] : byValue) all.push_back(one);
    return all;
}

// The same for the loudest clean level, all bands taken together.
std::vector<Weighed> weighedByReach(const Evaluation& evaluation, StageId stage)
{
    const StageSpread* spread = spreadAt(evaluation, stage);
    std::vector<Weighed> all;
    if (!spread) return all;
    for (const UncertainInput& input : spread->inputs) {
        if (input.reach_db.empty()) continue;
        double square = 0.0;
        for (const double band_db : input.reach_db.begin()->second) square += band_db * band_db;
        all.push_back({stage, &input, std::sqrt(square)});
    }
    return all;
}

DeviceId deviceOf(const StageResult& stage, const Address& what)
{
    const auto plays = [&](const Device& device) {
        if (const auto* inside = std::get_if<Inside>(&what.of)) return device.part == inside->part;
        if (const auto* part = std::get_if<PartId>(&what.of)) return device.part == *part;
        return false;
    };
    for (const auto& [id, device] : stage.used.devices)
        if (plays(device)) return id;
    return {};
}

std::optional<NextReading> best(const Evaluation& evaluation, const std::vector<Weighed>& all)
{
    constexpr double kNothing = 1e-6;
    double total = 0.0;
    const Weighed* most = nullptr;
    for (const Weighed& one : all) {
        total += one.shift * one.shift;
        if (!most || std::abs(one.shift) > std::abs(most->shift)) most = &one;
    }
    if (!most || std::abs(most->shift) < kNothing) return std::nullopt;
    const UncertainInput& input = *most->input;
    return NextReading{.what = input.what,
                       .stage = most->stage,
                       .device = deviceOf(*evaluation.stages.at(most->stage), input.what),
                       .value = input.value,
                       .spread = input.spread,
                       .share = most->shift * most->shift / total};
}

}  // namespace

std::optional<Mend> readingMend(const NextReading& next)
{
    if (next.what.what != Quantity::Re_ohm || !next.device) return std::nullopt;
    return ohmmeterMend(next.device, next.stage);
}

std::optional<NextReading> settlingReading(const Evaluation& evaluation, const Finding& finding)
{
    auto reading = best(evaluation, weighed(evaluation, finding.leans));
    if (reading) reading->settles = finding.rule;
    return reading;
}

std::optional<NextReading> measureNext(const Plan& plan, const Evaluation& evaluation,
                                       const std::vector<Finding>& findings)
{
    for (const Finding& finding : findings) {
        if (!finding.couldBe) continue;
        if (auto next = settlingReading(evaluation, finding)) return next;
    }
    return best(evaluation, weighedByReach(evaluation, plan.job.goal));
}

}  // namespace core
