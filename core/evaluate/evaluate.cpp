#include "core/evaluate/evaluate.h"

#include <array>

#include "core/base/grid.h"
#include "core/evaluate/grid_tables.h"
#include "core/evaluate/make_stage.h"
#include "core/fit/usual_holes.h"
#include "core/fitout/resolve.h"
#include "core/model/names.h"

namespace core {
namespace {

std::shared_ptr<const StageResult> resultFor(const Fitout& fitout, const Evaluation& evaluation)
{
    for (const auto& [id, result] : evaluation.stages)
        if (result->used == fitout) return result;
    return nullptr;
}

}  // namespace

Evaluation evaluate(const Plan& plan, const Practice& practice, std::span<const StageId> wanted, const Evaluation& last)
{
    Evaluation evaluation{.practice = withChanges(practice, plan.practice)};
    // What shakes what is fixed is the use's, unless the plan has its own.
    if (!plan.practice.contains(PracticeKey::Shock_ratio))
        evaluation.practice.entries.at(PracticeKey::Shock_ratio).value =
            evaluation.practice.uses.at(std::string(textOf(plan.job.use))).shock_ratio;
    const bool samePractice = evaluation.practice == last.practice;
    evaluation.tables =
        samePractice && last.tables ? last.tables : std::make_shared<const GridTables>(gridTables(evaluation.practice));
    evaluation.frequency_hz = evaluation.tables->frequency_hz;
    const auto holes = usualHoles(plan, evaluation.practice);
    for (const StageId id : wanted) {
        Fitout fitout = resolve(plan, id);
        fitout.usualHoles = holes;
        // Two stages that amount to the same share one result, now or from last time.
        auto result = samePractice ? resultFor(fitout, last) : nullptr;
        if (!result) result = resultFor(fitout, evaluation);
        if (!result) {
            std::vector<const StageResult*> known;
            if (samePractice && last.stages.contains(id)) known.push_back(last.stages.at(id).get());
            for (const auto& [stage, done] : evaluation.stages) known.push_back(done.get());
            if (samePractice)
                for (const auto& [stage, done] : last.stages)
                    if (stage != id) known.push_back(done.get());
            result = makeStage(std::move(fitout), evaluation.practice, *evaluation.tables, std::move(known));
        }
        if (samePractice)
            for (const auto& [stage, done] : last.stages)
                if (done == result && last.spread.contains(stage)) evaluation.spread[id] = last.spread.at(stage);
        evaluation.stages.emplace(id, std::move(result));
    }
    return evaluation;
}

Evaluation evaluateJob(const Plan& plan, const Practice& practice, const Evaluation& last)
{
    return evaluate(plan, practice, std::array{kFound, plan.job.goal}, last);
}

}  // namespace core
