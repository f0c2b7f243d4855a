#include "core/io/json_text.h"
#include "core/io/plan_description.h"
#include "core/io/plan_json.h"

namespace core {
namespace {

class Writer {
public:
    Json out = Json::object();

    template <class T, class M>
    void always(const char* name, const T& item, M T::*member)
    {
        out[name] = json(item.*member);
    }
    template <class T, class M>
    void field(const char* name, const T& item, M T::*member)
    {
        static const T kBlank{};
        if (!(item.*member == kBlank.*member)) always(name, item, member);
    }
    void stages(Plan& plan)
    {
        Json all = Json::object();
        for (auto& [id, stage] : plan.stages) {
            Json one = json(stage);
            eachLayer(plan,
                      [&, stageId = id](const char* name, const auto& table) { addLayer(one, name, table, stageId); });
            all[textOf(id)] = std::move(one);
        }
        out["stages"] = std::move(all);
    }

private:
    template <class Key, class Item>
    static void addLayer(Json& stage, const char* name, const Layered<Key, Item>& table, StageId id)
    {
        Json layer = Json::object();
        for (auto entry = table.lower_bound({id, Key{}}); entry != table.end() && entry->first.stage == id; ++entry)
            layer[keyText(entry->first.key)] = entry->second ? json(*entry->second) : Json(nullptr);
        if (!layer.empty()) stage[name] = std::move(layer);
    }

    static Json json(double value) { return value; }
    static Json json(int value) { return value; }
    static Json json(bool value) { return value; }
    static Json json(const std::string& value) { return value; }
    static Json json(const Vec3& point) { return Json::array({point.x, point.y, point.z}); }
    static Json json(const std::vector<double>& values) { return values; }
    static Json json(const Port& port) { return textOf(port); }
    static Json json(const Pin& pin) { return textOf(pin); }
    static Json json(const Address& address) { return textOf(address); }
    template <class Enum>
    requires std::is_enum_v<Enum>
    static Json json(Enum value) { return std::string(textOf(value)); }
    template <char Letter>
    static Json json(Id<Letter> id)
    {
        return textOf(id);
    }
    template <class T>
    static Json json(const std::optional<T>& value)
    {
        return json(*value);  // an empty one has its default and is left out
    }
    template <class Key, class Item>
    static Json json(const std::map<Key, Item>& table)
    {
        Json object = Json::object();
        for (const auto& [key, item] : table) object[keyText(key)] = json(item);
        return object;
    }
    template <class T>
    requires std::is_class_v<T>
    static Json json(const std::vector<T>& items)
    {
        Json array = Json::array();
        for (const T& one : items) array.push_back(json(one));
        return array;
    }
    template <class T>
    static Json list(const T& items)
    {
        Json array = Json::array();
        for (const auto& item : items) array.push_back(keyText(item));
        return array;
    }
    template <class Enum>
    static Json json(const std::set<Enum>& items)
    {
        return list(items);
    }
    template <char Letter>
    static Json json(const std::vector<Id<Letter>>& items)
    {
        return list(items);
    }
    template <class T>
    requires std::is_class_v<T>
    static Json json(const T& item)
    {
        Writer writer;
        T copy = item;
        describe(writer, copy);
        return std::move(writer.out);
    }
};

}  // namespace

Json planToJson(const Plan& plan)
{
    Writer writer;
    writer.out = Json{{"format", "reed"}, {"version", 1}};
    Plan copy = plan;
    describe(writer, copy);
    return std::move(writer.out);
}

}  // namespace core
