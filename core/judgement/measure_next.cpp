#include "core/judgement/measure_next.h"

#include <algorithm>
#include <cmath>

#include "core/judgement/judging.h"
#include "core/model/doubt.h"

namespace core {
namespace {

struct Weighed {
    StageId stage{};
    const UncertainInput* input = nullptr;
    double shift = 0.0;  // of what is to be narrowed
};

// What is in doubt, and what it hangs on.
struct Unsure {
    std::vector<Weighed> by{};
    double square = 0.0;  // of all that it hangs on
};

// A value that lies anywhere within +-h has a variance of h^2 / 3. Where not every value was shifted by itself, the
// draws of all of them tell how much there is.
double squareOf(const std::vector<Weighed>& by, double variance)
{
    double square = 0.0;
    for (const Weighed& one : by) square += one.shift * one.shift;
    return std::max(square, 3.0 * variance);
}

// How far each unmeasured value moves what a finding says; one that two stages share moves both.
Unsure weighed(const Evaluation& evaluation, const std::vector<Lean>& leans)
{
    std::map<Address, Weighed> byValue;
    Eigen::ArrayXd drawn;
    bool allShifted = true;
    for (const Lean& lean : leans) {
        const StageSpread* spread = spreadAt(evaluation, lean.stage);
        if (!spread) return {};
        allShifted = allShifted && spread->allShifted;
        if (const auto draws = spread->draws.find(lean.figure); draws != spread->draws.end())
            drawn =
                (drawn.size() > 0 ? drawn : Eigen::ArrayXd::Zero(draws->second.size())) + lean.slope * draws->second;
        for (const UncertainInput& input : spread->inputs) {
            const auto shift = input.shifts.find(lean.figure);
            if (shift == input.shifts.end()) continue;
            Weighed& one = byValue.try_emplace(input.what, Weighed{lean.stage, &input, 0.0}).first->second;
            one.shift += lean.slope * shift->second;
        }
    }
    Unsure unsure;
    for (const auto& [what, one] : byValue) unsure.by.push_back(one);
    const bool told = !allShifted && drawn.size() > 0;
    unsure.square = squareOf(unsure.by, told ? (drawn - drawn.mean()).square().mean() : 0.0);
    return unsure;
}

// The same for the loudest clean level, all bands taken together.
Unsure weighedByReach(const Evaluation& evaluation, StageId stage)
{
    const StageSpread* spread = spreadAt(evaluation, stage);
    Unsure unsure;
    if (!spread) return unsure;
    for (const UncertainInput& input : spread->inputs) {
        if (input.reach_db.empty()) continue;
        double square = 0.0;
        for (const double band_db : input.reach_db.begin()->second) square += band_db * band_db;
        unsure.by.push_back({stage, &input, std::sqrt(square)});
    }
    const bool told = !spread->allShifted && !spread->hearing.empty();
    unsure.square = squareOf(unsure.by, told ? spread->hearing.begin()->second.reachSquare_db2 : 0.0);
    return unsure;
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

double minutesOf(Instrument by, const Practice& practice)
{
    switch (by) {
        case Instrument::Ohmmeter:
            return practice[PracticeKey::OhmmeterReading_min];
        case Instrument::Voltmeter:
            return practice[PracticeKey::VoltmeterReading_min];
        case Instrument::Ruler:
            return practice[PracticeKey::RulerReading_min];
        case Instrument::Eye:
            return practice[PracticeKey::SheetReading_min];
        case Instrument::Microphone:
            return practice[PracticeKey::MicrophoneReading_min];
        case Instrument::SoundCard:
            return practice[PracticeKey::SweepReading_min];
    }
    return 1.0;
}

// What settles most of the doubt a minute. What the bay has no instrument for comes after all that it has one for.
std::optional<NextReading> best(const Evaluation& evaluation, const Unsure& unsure, const Bay& bay)
{
    constexpr double kNothing = 1e-6;
    const Practice& practice = evaluation.practice;
    const double total = unsure.square;
    if (unsure.by.empty() || total < kNothing * kNothing) return std::nullopt;
    const auto has = [&](const Weighed& one) {
        const Instrument by = doubtOf(one.input->what.what).by;
        return by == Instrument::Eye || bay.contains(by);
    };
    const double worth = practice[PracticeKey::WorthReading_ratio] * total;
    const auto rank = [&](const Weighed& one) {
        const double square = one.shift * one.shift;
        const double perMinute = square / minutesOf(doubtOf(one.input->what.what).by, practice);
        return std::pair(has(one) && square >= worth, perMinute);
    };
    const auto most = std::max_element(unsure.by.begin(), unsure.by.end(),
                                       [&](const Weighed& a, const Weighed& b) { return rank(a) < rank(b); });
    const UncertainInput& input = *most->input;
    const Instrument by = doubtOf(input.what.what).by;
    return NextReading{.what = input.what,
                       .stage = most->stage,
                       .device = deviceOf(*evaluation.stages.at(most->stage), input.what),
                       .value = input.value,
                       .spread = input.spread,
                       .share = most->shift * most->shift / total,
                       .by = by,
                       .minutes = minutesOf(by, practice),
                       .lacking = !has(*most)};
}

}  // namespace

std::optional<Mend> readingMend(const NextReading& next)
{
    if (next.what.what != Quantity::Re_ohm || !next.device) return std::nullopt;
    return ohmmeterMend(next.device, next.stage);
}

std::optional<NextReading> settlingReading(const Evaluation& evaluation, const Finding& finding, const Bay& bay)
{
    auto reading = best(evaluation, weighed(evaluation, finding.leans), bay);
    if (reading) reading->settles = finding.rule;
    return reading;
}

std::optional<NextReading> measureNext(const Plan& plan, const Evaluation& evaluation,
                                       const std::vector<Finding>& findings, const Bay& bay)
{
    for (const Finding& finding : findings) {
        if (!finding.couldBe) continue;
        if (auto next = settlingReading(evaluation, finding, bay)) return next;
    }
    return best(evaluation, weighedByReach(evaluation, plan.job.goal), bay);
}

}  // namespace core
