#include "core/io/json_text.h"
#include "core/io/plan_description.h"
#include "core/io/plan_file.h"
#include "core/io/plan_json.h"

namespace core {
namespace {

using Schema = nlohmann::json;

class SchemaMaker {
public:
    Schema out{{"type", "object"}, {"properties", Schema::object()}};

    template <class T, class M>
    void always(const char* name, const T& item, M T::*member)
    {
        field(name, item, member);
        out["required"].push_back(name);
    }
    template <class T, class M>
    void field(const char* name, const T& item, M T::*member)
    {
        out["properties"][name] = schema(item.*member);
    }
    void stages(Plan& plan)
    {
        Schema stage = schema(Stage{});
        eachLayer(plan, [&](const char* name, const auto& table) { addLayer(stage, name, table); });
        out["properties"]["stages"] = table(StageId{}, stage);
        out["properties"]["stages"]["required"] = {textOf(kFactory), textOf(kFound)};
        out["required"].push_back("stages");
    }

private:
    template <class Key>
    static Schema table(const Key& key, const Schema& item)
    {
        return {{"type", "object"}, {"patternProperties", {{keyPattern(key), item}}}};
    }
    template <class Key, class Item>
    static void addLayer(Schema& stage, const char* name, const Layered<Key, Item>&)
    {
        stage["properties"][name] = table(Key{}, {{"anyOf", {{{"type", "null"}}, schema(Item{})}}});
    }
    template <class Names>
    static Schema oneOf(const Names& names)
    {
        Schema allowed = Schema::array();
        for (const auto& name : names) allowed.push_back(std::string(name.text));
        return {{"enum", allowed}};
    }

    static Schema schema(double) { return {{"type", "number"}}; }
    static Schema schema(int) { return {{"type", "integer"}, {"minimum", 0}, {"maximum", 999999999}}; }
    static Schema schema(bool) { return {{"type", "boolean"}}; }
    static Schema schema(const std::string&) { return {{"type", "string"}}; }
    static Schema schema(const Vec3&)
    {
        return {{"type", "array"}, {"items", {{"type", "number"}}}, {"minItems", 3}, {"maxItems", 3}};
    }
    static Schema schema(const std::vector<double>&) { return {{"type", "array"}, {"items", {{"type", "number"}}}}; }
    static Schema schema(const Port&) { return {{"type", "string"}, {"pattern", "^d[1-9][0-9]{0,8}\\.[^.:>]+$"}}; }
    static Schema schema(const Pin&) { return {{"type", "string"}, {"pattern", "^d[1-9][0-9]{0,8}\\.[^.:>]+$"}}; }
    static Schema schema(const Address&) { return {{"type", "string"}, {"pattern", "^.*:[A-Za-z_0-9]+$"}}; }
    template <class Enum>
    requires std::is_enum_v<Enum>
    static Schema schema(Enum) { return oneOf(enumNames<Enum>()); }
    template <char Letter>
    static Schema schema(Id<Letter> id)
    {
        return {{"type", "string"}, {"pattern", keyPattern(id)}};
    }
    template <class T>
    static Schema schema(const std::optional<T>&)
    {
        return schema(T{});
    }
    static Schema schema(const Figures&)
    {
        Schema properties = Schema::object();
        for (const QuantityRow& limits : quantities()) {
            Schema known = schema(Known{});
            known["properties"]["value"] = {
                {"type", "number"}, {"minimum", limits.least}, {"maximum", limits.greatest}};
            if (!limits.unit.empty()) known["description"] = std::string(limits.unit);
            properties[std::string(limits.key)] = std::move(known);
        }
        return {{"type", "object"}, {"properties", properties}};
    }
    static Schema schema(const std::map<PracticeKey, double>&)
    {
        Schema properties = Schema::object();
        for (const auto& name : enumNames<PracticeKey>()) properties[std::string(name.text)] = schema(0.0);
        return {{"type", "object"}, {"properties", properties}};
    }
    template <class Enum>
    static Schema schema(const std::set<Enum>&)
    {
        return {{"type", "array"}, {"items", schema(Enum{})}};
    }
    template <char Letter>
    static Schema schema(const std::vector<Id<Letter>>&)
    {
        return {{"type", "array"}, {"items", schema(Id<Letter>{})}};
    }
    static Schema schema(const std::vector<EqualiserBand>&)
    {
        return {{"type", "array"}, {"items", schema(EqualiserBand{})}, {"maxItems", kMostBands}};
    }
    // A list; in older files an object by where they are.
    static Schema schema(const std::vector<Fastener>&)
    {
        const Schema one = schema(Fastener{});
        return {{"anyOf", {{{"type", "array"}, {"items", one}}, {{"type", "object"}, {"additionalProperties", one}}}}};
    }
    template <class Key, class Item>
    static Schema schema(const std::map<Key, Item>&)
    {
        return table(Key{}, schema(Item{}));
    }
    template <class T>
    requires std::is_class_v<T>
    static Schema schema(const T& item)
    {
        SchemaMaker maker;
        T copy = item;
        describe(maker, copy);
        return std::move(maker.out);
    }
};

}  // namespace

nlohmann::json planSchema()
{
    SchemaMaker maker;
    Plan blank;
    describe(maker, blank);
    Schema schema = std::move(maker.out);
    schema["$schema"] = "http://json-schema.org/draft-07/schema#";
    schema["title"] = "A plan of Golden Reed (.reed)";
    schema["properties"]["format"] = {{"const", "reed"}};
    schema["properties"]["version"] = {{"const", kPlanVersion}};
    schema["required"].push_back("format");
    schema["required"].push_back("version");
    return schema;
}

std::string planSchemaText()
{
    return planSchema().dump(2) + "\n";
}

}  // namespace core
