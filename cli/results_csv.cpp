#include "cli/results_csv.h"

#include <fmt/format.h>

#include <sstream>

#include "core/evaluate/hearing.h"
#include "core/io/csv.h"
#include "core/model/names.h"
#include "core/physics/level.h"

namespace cli {

using namespace core;

namespace {

struct Column {
    std::string name{};
    Eigen::ArrayXd values{};
};

Eigen::ArrayXd degrees(const Eigen::ArrayXcd& values)
{
    return values.unaryExpr([](const std::complex<double>& value) { return degreesOf(value); });
}

void addStage(std::vector<Column>& columns, const std::string& stage, const StageResult& result,
              const StageSpread* spread)
{
    for (const CircuitResult& circuit : result.circuits) {
        const std::string name = stage + " " + core::textOf(circuit.channel);
        columns.push_back({name + " load_ohm", circuit.load_ohm.abs()});
        columns.push_back({name + " load_deg", degrees(circuit.load_ohm)});
        if (circuit.sourceLimit_v.size() > 0) columns.push_back({name + " sourceLimit_v", circuit.sourceLimit_v});
    }
    for (const RunResult& run : result.runs) {
        const std::string name = stage + " " + core::textOf(Subject{run.run.id});
        columns.push_back({name + " coil_db", 20.0 * run.transfer.abs().max(1e-15).log10()});
        columns.push_back({name + " coil_deg", degrees(run.transfer)});
        columns.push_back({name + " travelPerVolt_m", run.excursion_m_v});
    }
    for (const auto& [id, heard] : result.hearing) {
        const std::string name = stage + " " + core::textOf(id);
        const Eigen::ArrayXd shift_db = heard.curve_db - heard.level_db;  // from a volt to the source under its limit
        columns.push_back({name + " level_db", heard.curve_db});
        columns.push_back({name + " leftEar_db", levelOf_db(heard.ear_pa2[0]) + shift_db});
        columns.push_back({name + " rightEar_db", levelOf_db(heard.ear_pa2[1]) + shift_db});
        columns.push_back({name + " leftSide_db", levelOf_db(heard.left_pa2) + shift_db});
        columns.push_back({name + " rightSide_db", levelOf_db(heard.right_pa2) + shift_db});
        columns.push_back({name + " loudest_db", core::loudest_db(result, id)});
        for (const CircuitResult& circuit : result.circuits)
            columns.push_back({name + " " + core::textOf(circuit.channel) + " channel_db",
                               channelLevel_db(result, circuit.channel, id) + shift_db});
        if (!spread) continue;
        const CurveRange& could = spread->hearing.at(id).level_db;
        columns.push_back({name + " lowest_db", could.low_db + shift_db});
        columns.push_back({name + " highest_db", could.high_db + shift_db});
    }
}

}  // namespace

std::string evaluationCsv(const Plan& plan, const Evaluation& evaluation)
{
    std::vector<Column> columns{{"frequency_hz", evaluation.frequency_hz}};
    addStage(columns, "before", *evaluation.stages.at(kFound), spreadAt(evaluation, kFound));
    addStage(columns, "after", *evaluation.stages.at(plan.job.goal), spreadAt(evaluation, plan.job.goal));
    std::ostringstream out;
    std::vector<std::string> cells;
    for (const Column& column : columns) cells.push_back(column.name);
    writeCsvRow(out, cells);
    for (Eigen::Index i = 0; i < evaluation.frequency_hz.size(); ++i) {
        for (size_t c = 0; c < columns.size(); ++c) cells[c] = fmt::format("{:.9g}", columns[c].values(i));
        writeCsvRow(out, cells);
    }
    return out.str();
}

}  // namespace cli
