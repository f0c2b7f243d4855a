#include "cli/commands.h"

#include <fmt/format.h>

#include <algorithm>
#include <iostream>
#include <sstream>

#include "cli/results_csv.h"
#include "cli/results_json.h"
#include "cli/results_text.h"
#include "core/evaluate/circuit.h"
#include "core/evaluate/evaluate.h"
#include "core/evaluate/resolve.h"
#include "core/io/atomic_file.h"
#include "core/io/circuit_netlist.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"
#include "core/judgement/judge.h"
#include "core/model/names.h"
#include "core/shipped/shipped.h"
#include "core/slate/slate.h"

namespace cli {

using namespace core;

namespace {

constexpr int kDone = 0, kStopStands = 1, kUnreadable = 2;

int report(const InputError& error, bool json)
{
    if (json)
        std::cout << Json{{"error", {{"file", error.file}, {"where", error.where}, {"message", error.message}}}}.dump(2)
                  << '\n';
    std::cerr << oneLine(error) << '\n';
    return kUnreadable;
}

Result<Plan> loadPlan(const std::string& path)
{
    const auto text = readWholeFile(path);
    if (!text) return tl::unexpected(text.error());
    auto document = readPlanText(*text, path);
    if (!document) return tl::unexpected(document.error());
    return std::move(document->plan);
}

void print(const Json& json)
{
    std::cout << json.dump(2, ' ', false, Json::error_handler_t::replace) << '\n';
}

}  // namespace

int evaluatePlan(const std::string& path, bool json, bool csv)
{
    const auto plan = loadPlan(path);
    if (!plan) return report(plan.error(), json);
    const Evaluation evaluation = evaluateJob(*plan, shippedShop().practice);
    if (csv)
        std::cout << evaluationCsv(*plan, evaluation);
    else if (json)
        print(evaluationJson(*plan, evaluation));
    else
        std::cout << evaluationText(*plan, evaluation) << '\n';
    return kDone;
}

int checkPlan(const std::string& path, bool json)
{
    const auto plan = loadPlan(path);
    if (!plan) return report(plan.error(), json);
    const Evaluation evaluation = evaluateJob(*plan, shippedShop().practice);
    const std::vector<Finding> findings = judge(*plan, evaluation);
    if (json)
        print({{"findings", findingsJson(findings)}});
    else
        std::cout << findingsText(*plan, evaluation, findings) << '\n';
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
    const Fitout fitout = resolve(*plan, stage == "found" ? kFound : plan->job.goal);
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

}  // namespace cli
