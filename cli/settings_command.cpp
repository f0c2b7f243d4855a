#include "cli/settings_command.h"

#include <iostream>

#include "card/tables.h"
#include "cli/plan_input.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/resolve.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"
#include "core/model/names.h"

namespace cli {

using namespace core;

namespace {

Json filterJson(const Filter& filter)
{
    return {{"frequency", quantity(filter.frequency_hz, "Hz")},
            {"order", filter.order},
            {"family", core::textOf(filter.family)}};
}

Json bandJson(const EqualiserBand& band)
{
    return {{"kind", core::textOf(band.kind)},
            {"frequency", quantity(band.corner_hz, "Hz")},
            {"gain", quantity(band.gain_db, "dB")},
            {"q", band.q}};
}

Json channelJson(const StageResult& stage, const Port& channel)
{
    Json json = settingJson(settingOf(stage.used, channel));
    json["channel"] = core::textOf(channel);
    Json plays = Json::array();
    for (const RunResult& run : stage.runs)
        if (run.run.id.channel == channel) plays.push_back(core::textOf(run.run.id.coil));
    json["plays"] = std::move(plays);
    return json;
}

}  // namespace

Json settingJson(const Setting& setting)
{
    Json json{{"level", quantity(setting.gain_db, "dB")},
              {"delay", quantity(setting.delay_s, "s")},
              {"turned", setting.reversed}};
    if (setting.highPass) json["highPass"] = filterJson(*setting.highPass);
    if (setting.lowPass) json["lowPass"] = filterJson(*setting.lowPass);
    for (const EqualiserBand& band : setting.bands) json["bands"].push_back(bandJson(band));
    return json;
}

int printSettings(const SettingsRequest& request)
{
    const auto document = readPlanFile(request.plan, request.plan);
    if (!document) return report(document.error(), request.json);
    const Evaluation evaluation = evaluateJob(document->plan, shippedShop().practice);
    const StageResult& stage = *evaluation.stages.at(document->plan.job.goal);
    if (!request.json) {
        std::cout << card::settingsCsv(stage);
        return kDone;
    }
    Json channels = Json::array();
    for (const CircuitResult& circuit : stage.circuits) channels.push_back(channelJson(stage, circuit.channel));
    print({{"channels", std::move(channels)}});
    return kDone;
}

}  // namespace cli
