#include "core/io/practice_file.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/io/plan_json.h"
#include "core/model/names.h"

namespace core {
namespace {

tl::unexpected<InputError> wrong(const std::string& file, const std::string& where, const std::string& message)
{
    return tl::unexpected(InputError{file, where, message});
}

bool readNumbers(const Json& object, std::initializer_list<std::pair<const char*, double*>> into)
{
    for (const auto& [name, value] : into) {
        const auto found = object.find(name);
        if (found == object.end() || !found->is_number()) return false;
        *value = found->get<double>();
    }
    return true;
}

}  // namespace

Result<Practice> readPractice(const std::string& text, const std::string& file)
{
    const Json json = Json::parse(text, nullptr, false);
    if (json.is_discarded() || !json.is_object())
        return wrong(file, "/", "is not JSON; take the file that came with the program");
    if (json.value("format", "") != "reed-practice" || json.value("version", 0) != 1)
        return wrong(file, "/format", "is no practice file of version 1");
    Practice practice;
    const Json entries = json.value("entries", Json::object());
    for (const auto& name : enumNames<PracticeKey>()) {
        const std::string where = "/entries/" + std::string(name.text);
        const auto found = entries.find(std::string(name.text));
        if (found == entries.end() || !found->is_object()) return wrong(file, where, "is missing");
        PracticeEntry entry;
        if (!readNumbers(*found, {{"value", &entry.value}, {"least", &entry.least}, {"greatest", &entry.greatest}}))
            return wrong(file, where, "needs the numbers value, least and greatest");
        for (const Json& choice : found->value("choices", Json::array()))
            if (choice.is_string()) entry.choices.push_back(choice.get<std::string>());
        if (name.text.ends_with("_school") != !entry.choices.empty() ||
            (!entry.choices.empty() &&
             (entry.value != 0.0 || entry.least != 0.0 || entry.greatest + 1.0 != static_cast<double>(entry.choices.size()))))
            return wrong(file, where, "a house rule has choices, from 0, the usual one, to the last one");
        entry.whole = name.text.ends_with("_count") || !entry.choices.empty();
        if (!entry.allows(entry.value))
            return wrong(file, where,
                         fmt::format("found {:g}, allowed {:g} to {:g}", entry.value, entry.least, entry.greatest));
        entry.unit = found->value("unit", "");
        entry.source = found->value("source", "");
        practice.entries[name.value] = entry;
    }
    const Json lists = json.value("lists", Json::object());
    for (const auto& name : enumNames<PracticeList>()) {
        const std::string where = "/lists/" + std::string(name.text);
        const auto found = lists.find(std::string(name.text));
        if (found == lists.end() || !found->is_object()) return wrong(file, where, "is missing");
        PracticeValues& list = practice.lists[name.value];
        list.source = found->value("source", "");
        for (const Json& value : found->value("values", Json::array())) {
            if (!value.is_number()) return wrong(file, where, "holds something that is no number");
            list.values.push_back(value.get<double>());
        }
        if (list.values.size() < 2) return wrong(file, where, "needs at least two values");
        const bool share = name.text.starts_with("absorption");
        if (share && std::any_of(list.values.begin(), list.values.end(), [](double v) { return v < 0.0 || v > 1.0; }))
            return wrong(file, where, "holds a share of absorption outside 0 to 1");
    }
    if (practice[PracticeList::AmpacityGauge_awg].size() != practice[PracticeList::Ampacity_a].size())
        return wrong(file, "/lists/ampacity_a", "needs one value for each gauge");
    if (practice[PracticeList::PilotThread_ratio].size() != practice[PracticeList::PilotSheet_m].size() + 1)
        return wrong(file, "/lists/pilotThread_ratio", "needs one value more than there are thicknesses");
    for (const PracticeList list :
         {PracticeList::CoverThinCloth_db, PracticeList::CoverThickCloth_db, PracticeList::CoverClothUnderLeather_db})
        if (practice[list].size() != 3) return wrong(file, "/lists/" + std::string(textOf(list)), "needs three values");
    for (const auto& [list, count] : {std::pair{PracticeList::SitterLegs, 8u}, {PracticeList::SeatBack, 5u},
                                      {PracticeList::SteeringWheel, 4u}})
        if (practice[list].size() != count)
            return wrong(file, "/lists/" + std::string(textOf(list)), fmt::format("needs {} values", count));
    const Json classes = json.value("classes", Json::object());
    for (const auto& [name, row] : classes.items()) {
        DriverClass one{.source = row.value("source", "")};
        const bool whole = readNumbers(row, {{"size_m", &one.size_m},
                                             {"fs_hz", &one.fs_hz},
                                             {"qms", &one.qms},
                                             {"qes", &one.qes},
                                             {"vas_m3", &one.vas_m3},
                                             {"sd_m2", &one.sd_m2},
                                             {"xmax_m", &one.xmax_m},
                                             {"le_h", &one.le_h},
                                             {"power_w", &one.power_w},
                                             {"topCorner_hz", &one.topCorner_hz},
                                             {"depth_m", &one.depth_m},
                                             {"basket_m", &one.basket_m},
                                             {"flange_m", &one.flange_m},
                                             {"flangeThickness_m", &one.flangeThickness_m},
                                             {"surround_m", &one.surround_m},
                                             {"magnet_m", &one.magnet_m},
                                             {"mass_kg", &one.mass_kg}});
        if (!whole) return wrong(file, "/classes/" + name, "lacks a number");
        for (const double value : {one.size_m, one.fs_hz, one.qms, one.qes, one.vas_m3, one.sd_m2, one.xmax_m,
                                   one.power_w, one.topCorner_hz, one.depth_m, one.basket_m, one.flange_m,
                                   one.flangeThickness_m, one.surround_m, one.magnet_m, one.mass_kg})
            if (!(value > 0.0)) return wrong(file, "/classes/" + name, "holds a number that is not above 0");
        for (const Json& way : row.value("ways", Json::array())) {
            if (!way.is_string() || !classes.contains(way.get<std::string>()))
                return wrong(file, "/classes/" + name + "/ways", "names no class of this file");
            one.ways.push_back(way.get<std::string>());
        }
        practice.classes[name] = one;
    }
    const Json bodies = json.value("bodies", Json::object());
    for (const auto& name : enumNames<BodyKind>()) {
        const std::string where = "/bodies/" + std::string(name.text);
        const auto found = bodies.find(std::string(name.text));
        if (found == bodies.end() || !found->is_object()) return wrong(file, where, "is missing");
        const auto cabin = found->find("cabin"), boot = found->find("separateBoot");
        BodyClass body{.source = found->value("source", "")};
        if (cabin == found->end() || !cabin->is_boolean() || boot == found->end() || !boot->is_boolean())
            return wrong(file, where, "needs true or false for cabin and separateBoot");
        body.cabin = cabin->get<bool>();
        body.separateBoot = boot->get<bool>();
        if (!readNumbers(*found, {{"length_m", &body.length_m},
                                  {"width_m", &body.width_m},
                                  {"height_m", &body.height_m},
                                  {"floor_m", &body.floor_m},
                                  {"front_m", &body.front_m},
                                  {"leak_hz", &body.leak_hz}}))
            return wrong(file, where, "lacks a number");
        for (const double value : {body.length_m, body.width_m, body.height_m, body.leak_hz})
            if (!(value > 0.0)) return wrong(file, where, "holds a number that is not above 0");
        practice.bodies[std::string(name.text)] = body;
    }
    const Json uses = json.value("uses", Json::object());
    for (const auto& name : enumNames<Use>()) {
        const std::string where = "/uses/" + std::string(name.text);
        const auto found = uses.find(std::string(name.text));
        if (found == uses.end() || !found->is_object()) return wrong(file, where, "is missing");
        UseClass use{.source = found->value("source", "")};
        const Json noise = found->value("noise_db", Json::array());
        if (noise.size() != use.noise_db.size() || !readNumbers(*found, {{"shock_ratio", &use.shock_ratio}}) ||
            !std::all_of(noise.begin(), noise.end(), [](const Json& value) { return value.is_number(); }))
            return wrong(file, where, "needs the number shock_ratio and four numbers noise_db");
        std::transform(noise.begin(), noise.end(), use.noise_db.begin(), [](const Json& v) { return v.get<double>(); });
        const Json worn = found->value("worn_db", Json::array());
        if (!worn.empty() && (worn.size() != use.worn_db.size() ||
                              !std::all_of(worn.begin(), worn.end(), [](const Json& value) { return value.is_number(); })))
            return wrong(file, where, "has a worn_db that is not four numbers");
        std::transform(worn.begin(), worn.end(), use.worn_db.begin(), [](const Json& v) { return v.get<double>(); });
        for (const Json& demand : found->value("demands", Json::array())) {
            const auto one = enumFromText<Demand>(demand.is_string() ? demand.get<std::string>() : std::string());
            if (!one) return wrong(file, where, "names a demand that there is not");
            use.demands.insert(*one);
        }
        practice.uses[std::string(name.text)] = use;
    }
    practice.usualClass = json.value("usualClass", "");
    if (!practice.classes.contains(practice.usualClass))
        return wrong(file, "/usualClass", "names no class of this file");
    return practice;
}

}  // namespace core
