#include "cli/commands.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>
#include <array>
#include <iostream>
#include <sstream>

#include "cli/plan_input.h"
#include "cli/results_csv.h"
#include "cli/results_json.h"
#include "cli/results_text.h"
#include "core/edits/vehicle_sheet.h"
#include "core/evaluate/circuit.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/resolve.h"
#include "core/io/atomic_file.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"
#include "core/judgement/judge.h"
#include "core/judgement/measure_next.h"
#include "core/model/names.h"
#include "core/netlist/circuit_netlist.h"
#include "core/shipped/shipped.h"
#include "core/slate/slate.h"
#include "core/spread/widen.h"
#include "core/survey/unplug.h"
#include "words/file_words.h"

namespace cli {

using namespace core;

namespace {

Result<Plan> loadPlan(const std::string& path)
{
    auto document = readPlanFile(path, path);
    if (!document) return tl::unexpected(document.error());
    return std::move(document->plan);
}

// A stage by its id or its name; "goal" is the plan's own.
Result<StageId> stageOf(const Plan& plan, const std::string& path, const std::string& name)
{
    if (name == "goal") return plan.job.goal;
    std::string known;
    for (const auto& [id, stage] : plan.stages) {
        if (core::textOf(id) == name || stage.name == name) return id;
        known += fmt::format("{}{} ({})", known.empty() ? "" : ", ", core::textOf(id), stage.name);
    }
    return tl::unexpected(InputError{path, name, fmt::format("is no stage of this plan; it has {}", known)});
}

}  // namespace

int evaluatePlan(const EvaluateRequest& request)
{
    auto plan = loadPlan(request.plan);
    if (!plan) return report(plan.error(), request.json);
    const auto stage = stageOf(*plan, request.plan, request.stage);
    if (!stage) return report(stage.error(), request.json);
    plan->job.goal = *stage;
    Evaluation evaluation = evaluateJob(*plan, shippedShop().practice);
    if (request.spread) evaluation = widen(std::move(evaluation));
    if (request.csv)
        std::cout << evaluationCsv(*plan, evaluation);
    else if (request.json)
        print(evaluationJson(*plan, evaluation));
    else
        std::cout << evaluationText(*plan, evaluation) << '\n';
    return kDone;
}

int checkPlan(const std::string& path, bool json)
{
    const auto document = readPlanFile(path, path);
    if (!document) return report(document.error(), json);
    const Plan* const plan = &document->plan;
    const Evaluation evaluation = widen(evaluateJob(*plan, shippedShop().practice));
    const std::vector<Finding> findings = judge(*plan, evaluation);
    const auto next = measureNext(*plan, evaluation, findings);
    if (json) {
        Json answer{{"findings", findingsJson(findings)}};
        for (const auto& [where, value] : document->unknown) answer["unknown"].push_back(where);
        if (next) answer["measureNext"] = nextReadingJson(*next);
        print(answer);
    } else {
        if (!document->unknown.empty()) std::cout << words::unknownText(document->unknown).toStdString() << '\n';
        std::cout << findingsText(*plan, evaluation, findings) << '\n';
        if (next) std::cout << nextReadingText(*next, evaluation.stages.at(next->stage)->used) << '\n';
    }
    return !findings.empty() && findings.front().severity == Severity::Stop ? kStopStands : kDone;
}

int answerSlate(const std::string& text, bool json)
{
    const auto answer = slate(text, shippedShop().practice);
    if (!answer) return report(answer.error(), json);
    if (json)
        print(slateJson(*answer));
    else
        std::cout << slateText(*answer) << '\n';
    return kDone;
}

int printSchema(bool)
{
    std::cout << planSchemaText();
    return kDone;
}

int writeDemo(const std::string& path, bool trouble, bool json)
{
    const auto written = writeAtomically(path, std::string(trouble ? shippedTroubleText() : shippedDemoText()));
    if (!written) return report(written.error(), json);
    if (json) print({{"written", path}});
    return kDone;
}

int printNetlist(const std::string& path, const std::string& channel, const std::string& stage, bool json)
{
    const auto plan = loadPlan(path);
    if (!plan) return report(plan.error(), json);
    const auto port = portFromText(channel);
    const auto at = stageOf(*plan, path, stage);
    if (!at) return report(at.error(), json);
    const Fitout fitout = resolve(*plan, *at);
    const auto ports = channels(fitout);
    if (!port || std::find(ports.begin(), ports.end(), *port) == ports.end()) {
        std::string known;
        for (const Port& one : ports) known += (known.empty() ? "" : ", ") + core::textOf(one);
        return report(
            {path, channel, fmt::format("is no channel of this plan; it has {}", known.empty() ? "none" : known)},
            json);
    }
    const auto circuit = circuitOf(fitout, *port, shippedShop().practice);
    if (!circuit) return report({path, channel, "its terminals are joined: a dead short has no netlist"}, json);
    std::ostringstream out;
    writeNetlist(out, circuitNetlist(*circuit, plan->body.name + ", " + channel));
    if (json)
        print({{"netlist", out.str()}});
    else
        std::cout << out.str();
    return kDone;
}

int writeSheet(const std::string& path, const std::string& output, bool json)
{
    const auto plan = loadPlan(path);
    return plan ? writeTo(vehicleSheet(*plan), output, json) : report(plan.error(), json);
}

int startFromSheet(const std::string& path, const std::string& customer, const std::string& output, bool json)
{
    const auto sheet = loadPlan(path);
    return sheet ? writeTo(planFromSheet(*sheet, customer), output, json) : report(sheet.error(), json);
}

int unplugDevice(const std::string& path, const std::string& device, const std::string& connector,
                 const std::string& stage, bool json)
{
    const auto plan = loadPlan(path);
    if (!plan) return report(plan.error(), json);
    const auto at = stageOf(*plan, path, stage);
    if (!at) return report(at.error(), json);
    const Evaluation evaluation = evaluate(*plan, shippedShop().practice, std::array{*at});
    const StageResult& result = *evaluation.stages.at(*at);
    const auto id = idFromText<DeviceId>(device);
    const std::vector<std::string> plugs = id ? pluggedConnectors(result.used, *id) : std::vector<std::string>{};
    if (plugs.empty()) return report({path, device, "is no device of this stage with a wire on it"}, json);
    const std::string& chosen = connector.empty() && plugs.size() == 1 ? plugs.front() : connector;
    if (std::find(plugs.begin(), plugs.end(), chosen) == plugs.end())
        return report(
            {path, connector, fmt::format("is no plug of {}; it has \"{}\"", device, fmt::join(plugs, "\", \""))},
            json);
    const Unplugged off = whatUnpluggingDoes(result, *id, chosen, evaluation.practice, *evaluation.tables);
    if (json)
        print(unpluggedJson(off));
    else
        std::cout << unpluggedText(off, result.used) << '\n';
    return kDone;
}

}  // namespace cli
