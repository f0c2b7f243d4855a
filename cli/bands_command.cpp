#include "cli/bands_command.h"

#include <QStringList>
#include <iostream>

#include "cli/plan_input.h"
#include "cli/seats.h"
#include "core/advice/band_plan.h"
#include "core/evaluate/evaluate.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"
#include "core/model/names.h"
#include "words/band_words.h"

namespace cli {

using namespace core;

namespace {

Json stretchJson(const BandStretch& stretch)
{
    return {{"from", quantity(stretch.from_hz, "Hz")}, {"to", quantity(stretch.to_hz, "Hz")}};
}

Json rowJson(const BandRow& row)
{
    Json json{
        {"coil", core::textOf(row.run.coil)}, {"channel", core::textOf(row.run.channel)}, {"doubled", row.doubled}};
    json["carries"] = Json::array();
    for (const BandStretch& one : row.carries) json["carries"].push_back(stretchJson(one));
    if (row.channelHighPass_hz) json["channelHighPass"] = quantity(*row.channelHighPass_hz, "Hz");
    if (row.ownHighPass_hz) json["ownHighPass"] = quantity(*row.ownHighPass_hz, "Hz");
    if (row.travel_ratio) json["travel"] = *row.travel_ratio;
    if (row.before_ratio) json["travelBefore"] = *row.before_ratio;
    return json;
}

}  // namespace

int printBands(const BandsRequest& request)
{
    const auto document = readPlanFile(request.plan, request.plan);
    if (!document) return report(document.error(), request.json);
    const Plan& plan = document->plan;
    const auto seats = seatsOf(plan, request.plan, request.seats);
    if (!seats) return report(seats.error(), request.json);
    const ListenerId seat = !seats->empty()          ? seats->front()
                            : plan.listeners.empty() ? ListenerId{}
                                                     : plan.listeners.begin()->first;
    const Evaluation evaluation = evaluateJob(plan, shippedShop().practice);
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    const auto bands =
        bandPlan(stage, *evaluation.stages.at(kFound), seat, evaluation.practice, evaluation.frequency_hz);
    if (!bands) return report({request.plan, "", "nobody hears anything in this plan"}, request.json);
    if (!request.json) {
        std::cout << words::linesOf(*bands, stage).join(QLatin1Char('\n')).toStdString() << '\n';
        return kDone;
    }
    Json json{{"plays", stretchJson(bands->plays)},
              {"rows", Json::array()},
              {"gaps", Json::array()},
              {"overlaps", Json::array()},
              {"relief", Json::array()}};
    for (const BandRow& row : bands->rows) json["rows"].push_back(rowJson(row));
    for (const BandStretch& gap : bands->gaps) json["gaps"].push_back(stretchJson(gap));
    for (const BandOverlap& one : bands->overlaps)
        json["overlaps"].push_back({{"low", core::textOf(bands->rows[one.low].run.coil)},
                                    {"high", core::textOf(bands->rows[one.high].run.coil)},
                                    {"where", stretchJson(one.where)}});
    for (const BandRelief& one : bands->relief)
        json["relief"].push_back({{"coil", core::textOf(bands->rows[one.row].run.coil)},
                                  {"before", one.before_ratio},
                                  {"after", one.after_ratio},
                                  {"relieved", one.relieved()}});
    print(json);
    return kDone;
}

}  // namespace cli
