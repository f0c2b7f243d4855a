#include "core/evaluate/evaluate.h"

#include <array>

#include "core/base/grid.h"
#include "core/evaluate/circuit.h"
#include "core/evaluate/hearing.h"
#include "core/evaluate/resolve.h"
#include "core/evaluate/solve_circuit.h"
#include "core/evaluate/wiring_graph.h"

namespace core {
namespace {

// What an ohmmeter and a polarity test should find.
void expectReadings(StageResult& stage)
{
    for (const RunResult& result : stage.runs) {
        const Known& re = result.coil.at(Quantity::Re_ohm);
        stage.expected[{result.run.id.coil, Quantity::Re_ohm}] = {re.value, re.basis.origin};
        stage.expected[{result.run.id, Quantity::NetPolarity}] = {result.run.sign * result.driver.polarity,
                                                                  result.worst};
    }
}

std::shared_ptr<const StageResult> evaluateStage(Fitout fitout, const Practice& practice,
                                                 const Eigen::ArrayXd& frequency_hz)
{
    auto stage = std::make_shared<StageResult>();
    const std::vector<Run> found = runs(fitout);
    for (const Port& channel : channels(fitout)) {
        if (auto solved = solveCircuit(fitout, channel, found, practice, frequency_hz)) {
            stage->circuits.push_back(std::move(solved->circuit));
            for (RunResult& run : solved->runs) stage->runs.push_back(std::move(run));
        }
    }
    stage->used = std::move(fitout);
    for (const auto& [id, listener] : stage->used.listeners)
        if (auto heard = hear(*stage, listener, practice, frequency_hz)) stage->hearing.emplace(id, std::move(*heard));
    expectReadings(*stage);
    return stage;
}

std::shared_ptr<const StageResult> resultFor(const Fitout& fitout, const Evaluation& evaluation)
{
    for (const auto& [id, result] : evaluation.stages)
        if (result->used == fitout) return result;
    return nullptr;
}

}  // namespace

Evaluation evaluate(const Plan& plan, const Practice& practice, std::span<const StageId> wanted, const Evaluation& last)
{
    Evaluation evaluation{frequencyGrid_hz(), withChanges(practice, plan.practice), {}};
    const bool samePractice = evaluation.practice == last.practice;
    for (const StageId id : wanted) {
        Fitout fitout = resolve(plan, id);
        // Two stages that amount to the same share one result, now or from last time.
        auto result = samePractice ? resultFor(fitout, last) : nullptr;
        if (!result) result = resultFor(fitout, evaluation);
        if (!result) result = evaluateStage(std::move(fitout), evaluation.practice, evaluation.frequency_hz);
        evaluation.stages.emplace(id, std::move(result));
    }
    return evaluation;
}

Evaluation evaluateJob(const Plan& plan, const Practice& practice, const Evaluation& last)
{
    return evaluate(plan, practice, std::array{kFound, plan.job.goal}, last);
}

}  // namespace core
