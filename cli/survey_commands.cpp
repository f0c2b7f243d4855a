#include "cli/survey_commands.h"

#include <fmt/format.h>

#include <iostream>

#include "cli/plan_input.h"
#include "core/design/complaints.h"
#include "core/design/remedies.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/io/pin_file.h"
#include "core/io/plan_file.h"
#include "core/io/shop.h"
#include "core/model/names.h"
#include "core/survey/channel_map.h"
#include "core/survey/continuity.h"
#include "core/survey/pin_table.h"
#include "words/customer_words.h"
#include "words/source_words.h"
#include "words/survey_words.h"

namespace cli {

using namespace core;

namespace {

template <class Enum>
std::string allowed()
{
    std::string names;
    for (const auto& name : enumNames<Enum>()) names += (names.empty() ? "" : ", ") + std::string(name.text);
    return "is none of " + names;
}

std::string_view textOf(Gap gap)
{
    switch (gap) {
        case Gap::Driver:
            return "driver";
        case Gap::Wires:
            return "wires";
        case Gap::Colours:
            return "colours";
        case Gap::Ohms:
            return "ohms";
        case Gap::Depth:
            return "depth";
        case Gap::WayIn:
            return "wayIn";
    }
    return {};
}

Json inventoryJson(const ChannelMap& map)
{
    Json rows = Json::array();
    for (const MapRow& row : map.rows) {
        Json one{{"plus", row.plusColour}, {"minus", row.minusColour}, {"polarity", row.sign}};
        one["place"] = row.place ? Json(core::textOf(row.place)) : Json();
        one["coil"] = row.coil.device ? Json(core::textOf(row.coil)) : Json();
        one["channels"] = Json::array();
        for (const Port& channel : row.channels) one["channels"].push_back(core::textOf(channel));
        if (row.from_hz && row.to_hz) {
            one["from"] = quantity(*row.from_hz, "Hz");
            one["to"] = quantity(*row.to_hz, "Hz");
        }
        one["open"] = Json::array();
        for (const Gap gap : row.gaps) one["open"].push_back(std::string(textOf(gap)));
        rows.push_back(std::move(one));
    }
    Json json{{"complete", map.complete()}, {"rows", std::move(rows)}};
    json["idleChannels"] = Json::array();
    for (const Port& channel : map.idleChannels) json["idleChannels"].push_back(core::textOf(channel));
    json["looseWires"] = Json::array();
    for (const WireId wire : map.loose) json["looseWires"].push_back(core::textOf(wire));
    return json;
}

}  // namespace

int newPlanOf(const std::string& kind, const std::string& output, bool json)
{
    const auto found = enumFromText<BodyKind>(kind);
    if (!found) return report({"", kind, allowed<BodyKind>()}, json);
    return writeTo(newPlan(*found, shippedShop().vehicles), output, json);
}

int printInventory(const std::string& path, bool json)
{
    const auto document = readPlanFile(path, path);
    if (!document) return report(document.error(), json);
    const Evaluation evaluation = evaluateJob(document->plan, shippedShop().practice);
    const StageResult& found = *evaluation.stages.at(kFound);
    const ChannelMap map = channelMap(found, evaluation.frequency_hz);
    if (json) {
        print(inventoryJson(map));
        return kDone;
    }
    for (const MapRow& row : map.rows) std::cout << words::textOf(row, found.used).toStdString() << '\n';
    std::cout << words::stateOf(map).toStdString() << '\n';
    return kDone;
}

int printContinuity(const std::string& path, bool json)
{
    const auto document = readPlanFile(path, path);
    if (!document) return report(document.error(), json);
    const Evaluation evaluation = evaluateJob(document->plan, shippedShop().practice);
    const StageResult& found = *evaluation.stages.at(kFound);
    const auto rows = continuityList(document->plan, kFound, found, evaluation.practice);
    if (!json) {
        for (const ContinuityRow& row : rows) std::cout << words::textOf(row, found.used).toStdString() << '\n';
        std::cout << words::stateOf(rows).toStdString() << '\n';
        return kDone;
    }
    Json all = Json::array();
    for (const ContinuityRow& row : rows) {
        Json one{{"channel", core::textOf(row.channel)},
                 {"plus", row.plusColour},
                 {"minus", row.minusColour},
                 {"verdict", words::nameOf(row.verdict).toStdString()},
                 {"coils", Json::array()}};
        for (const Port& coil : row.coils) one["coils"].push_back(core::textOf(coil));
        one["expected"] = row.expected_ohm ? known(*row.expected_ohm, "ohm", row.worst) : Json("open");
        if (row.read_ohm) one["read"] = quantity(*row.read_ohm, "ohm");
        all.push_back(std::move(one));
    }
    print({{"channels", std::move(all)}});
    return kDone;
}

int printPins(const std::string& path, const std::string& device, bool json)
{
    const auto document = readPlanFile(path, path);
    if (!document) return report(document.error(), json);
    const auto id = idFromText<DeviceId>(device);
    const Fitout found = resolve(document->plan, kFound);
    const auto there = id ? found.devices.find(*id) : found.devices.end();
    if (there == found.devices.end() || !isSource(found.parts.at(there->second.part)))
        return report({path, device, "is no radio or amplifier of this plan"}, json);
    const auto rows = pinTable(found, *id);
    if (!json) {
        writePins(std::cout, rows);
        return kDone;
    }
    Json all = Json::array();
    for (const PinRow& row : rows)
        all.push_back({{"terminal", row.terminal},
                       {"plug", row.plug},
                       {"pin", row.number},
                       {"colour", row.colour},
                       {"origin", std::string(core::textOf(row.known.origin))},
                       {"toConfirm", row.known.toConfirm}});
    print({{"pins", std::move(all)}});
    return kDone;
}

int printRemedies(const std::string& path, const std::string& complaint, const std::string& seat, bool json)
{
    const auto document = readPlanFile(path, path);
    if (!document) return report(document.error(), json);
    const Plan& plan = document->plan;
    const auto asked = enumFromText<Complaint>(complaint);
    if (!asked) return report({path, complaint, allowed<Complaint>()}, json);
    const auto listener = std::find_if(plan.listeners.begin(), plan.listeners.end(), [&](const auto& entry) {
        return seat.empty() || core::textOf(entry.first) == seat || core::textOf(entry.second.seat) == seat;
    });
    if (listener == plan.listeners.end()) return report({path, seat, "nobody sits there in this plan"}, json);
    const Shop shop = shippedShop();
    const Evaluation evaluation = evaluateJob(plan, shop.practice);
    const auto found = remedies(plan, shop.practice, shop.shelf, shop.vehicles, evaluation, *asked, listener->first);
    const Fitout& used = evaluation.stages.at(plan.job.goal)->used;
    if (json) {
        Json all = Json::array();
        for (const Remedy& remedy : found)
            all.push_back({{"what", words::textOf(remedy, used).toStdString()},
                           {"place", remedy.place ? core::textOf(remedy.place) : remedy.spot},
                           {"level", quantity(remedy.level_db, "dB")},
                           {"balance", quantity(remedy.balance_db, "dB")},
                           {"reach", quantity(remedy.reach_db, "dB")}});
        print({{"complaint", complaint},
               {"from", quantity(rowOf(*asked).from_hz, "Hz")},
               {"to", quantity(rowOf(*asked).to_hz, "Hz")},
               {"remedies", std::move(all)}});
        return kDone;
    }
    std::cout << words::textOf(rowOf(*asked)).toStdString() << '\n';
    for (const Remedy& remedy : found) std::cout << words::textOf(remedy, used).toStdString() << '\n';
    if (found.empty()) std::cout << "Nothing that can be computed changes it by half a decibel or more.\n";
    return kDone;
}

}  // namespace cli
