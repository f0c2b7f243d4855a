#include <fmt/format.h>
#include <cmath>

#include "core/io/json_text.h"
#include "core/io/plan_description.h"
#include "core/io/plan_json.h"

namespace core {
namespace {

// What stands there, short enough for one line.
std::string shown(const Json& node)
{
    constexpr size_t kMost = 40;
    if (node.is_object()) return "an object";
    if (node.is_array()) return "a list";
    std::string text = node.dump(-1, ' ', false, Json::error_handler_t::replace);
    if (text.size() > kMost) text = text.substr(0, kMost) + "...";
    return text;
}

// Keeps the first thing that is wrong and reads on without it.
class Reader {
public:
    Reader(const Json& node, std::string pointer, std::optional<InputError>& error)
        : m_node(node), m_pointer(std::move(pointer)), m_error(error)
    {
    }

    template <class T, class M>
    void always(const char* name, T& item, M T::*member)
    {
        if (!m_node.contains(name)) return fail(m_pointer, fmt::format("lacks '{}'", name));
        field(name, item, member);
    }
    template <class T, class M>
    void field(const char* name, T& item, M T::*member)
    {
        if (const auto found = m_node.find(name); found != m_node.end())
            read(*found, childPointer(m_pointer, name), item.*member);
    }
    void stages(Plan& plan)
    {
        const auto found = m_node.find("stages");
        if (found == m_node.end()) return fail(m_pointer, "lacks 'stages'");
        const std::string pointer = childPointer(m_pointer, "stages");
        plan.stages.clear();
        read(*found, pointer, plan.stages);
        if (!found->is_object()) return;
        for (const auto& [text, stage] : found->items()) {
            StageId id{};
            if (!keyFromText(text, id) || !stage.is_object()) continue;
            eachLayer(plan, [&, &node = stage, &key = text](const char* name, auto& table) {
                if (const auto layer = node.find(name); layer != node.end())
                    readLayer(*layer, childPointer(childPointer(pointer, key), name), table, id);
            });
        }
    }

private:
    void fail(const std::string& pointer, const std::string& message)
    {
        if (!m_error) m_error = InputError{{}, pointer.empty() ? "/" : pointer, message};
    }
    void expected(const Json& node, const std::string& pointer, const std::string& what)
    {
        fail(pointer, "found " + shown(node) + ", expected " + what);
    }

    template <class Key, class Item>
    void readLayer(const Json& layer, const std::string& pointer, Layered<Key, Item>& table, StageId stage)
    {
        if (!layer.is_object()) return expected(layer, pointer, "an object");
        for (const auto& [text, node] : layer.items()) {
            Key key{};
            if (!keyFromText(text, key)) continue;
            auto& entry = table[{stage, key}];
            if (node.is_null()) continue;
            read(node, childPointer(pointer, text), entry.emplace());
        }
    }

    void read(const Json& node, const std::string& pointer, double& value)
    {
        if (!node.is_number()) return expected(node, pointer, "a number");
        value = node.get<double>();
        if (!std::isfinite(value)) expected(node, pointer, "a finite number");
    }
    void read(const Json& node, const std::string& pointer, int& value)
    {
        constexpr double kMost = 999999999.0;
        if (!node.is_number_integer() || std::abs(node.get<double>()) > kMost)
            return expected(node, pointer, "a whole number up to 999999999");
        value = node.get<int>();
    }
    void read(const Json& node, const std::string& pointer, bool& value)
    {
        if (!node.is_boolean()) return expected(node, pointer, "true or false");
        value = node.get<bool>();
    }
    void read(const Json& node, const std::string& pointer, std::string& value)
    {
        constexpr size_t kLongest = 10000;  // bytes
        if (!node.is_string()) return expected(node, pointer, "a text");
        if (node.get_ref<const std::string&>().size() > kLongest)
            return fail(pointer, "is longer than 10000 characters");
        value = node.get<std::string>();
    }
    void read(const Json& node, const std::string& pointer, Vec3& point)
    {
        const bool three =
            node.is_array() && node.size() == 3 && node[0].is_number() && node[1].is_number() && node[2].is_number();
        if (!three) return expected(node, pointer, "three numbers [x, y, z]");
        point = {node[0].get<double>(), node[1].get<double>(), node[2].get<double>()};
    }
    void read(const Json& node, const std::string& pointer, Pin& pin)
    {
        const auto found = node.is_string() ? pinFromText(node.get<std::string>()) : std::nullopt;
        if (!found) return expected(node, pointer, "a pin such as \"d9.RL+\"");
        pin = *found;
    }
    void read(const Json& node, const std::string& pointer, Port& port)
    {
        const auto found = node.is_string() ? portFromText(node.get<std::string>()) : std::nullopt;
        if (!found) return expected(node, pointer, "a coil such as \"d11.1\"");
        port = *found;
    }
    void read(const Json& node, const std::string& pointer, std::vector<double>& values)
    {
        if (!node.is_array()) return expected(node, pointer, "a list of numbers");
        values.resize(node.size());
        for (size_t i = 0; i < values.size(); ++i) read(node[i], childPointer(pointer, std::to_string(i)), values[i]);
    }
    void read(const Json& node, const std::string& pointer, Address& address)
    {
        const auto found = node.is_string() ? addressFromText(node.get<std::string>()) : std::nullopt;
        if (!found) return expected(node, pointer, "an address such as \"d11.1:re_ohm\"");
        address = *found;
    }
    template <class Enum>
    requires std::is_enum_v<Enum>
    void read(const Json& node, const std::string& pointer, Enum& value)
    {
        if (const auto found = node.is_string() ? enumFromText<Enum>(node.get<std::string>()) : std::nullopt) {
            value = *found;
            return;
        }
        std::string allowed;
        for (const auto& name : enumNames<Enum>()) allowed += (allowed.empty() ? "" : ", ") + std::string(name.text);
        expected(node, pointer, "one of " + allowed);
    }
    template <char Letter>
    void read(const Json& node, const std::string& pointer, Id<Letter>& id)
    {
        if (!node.is_string() || !keyFromText(node.get<std::string>(), id))
            expected(node, pointer, fmt::format("an id such as \"{}1\"", Letter));
    }
    template <class T>
    void read(const Json& node, const std::string& pointer, std::optional<T>& value)
    {
        read(node, pointer, value.emplace());
    }
    void read(const Json& node, const std::string& pointer, Figures& figures)
    {
        readTable(node, pointer, figures);
        for (const auto& [quantity, known] : figures) {
            const QuantityRow& limits = row(quantity);
            if (known.value < limits.least || known.value > limits.greatest)
                fail(childPointer(pointer, std::string(limits.key)),
                     fmt::format("found {:g}, allowed {:g} to {:g} {}", known.value, limits.least, limits.greatest,
                                 limits.unit));
        }
    }
    template <class Enum>
    void read(const Json& node, const std::string& pointer, std::set<Enum>& items)
    {
        if (!node.is_array()) return expected(node, pointer, "a list of names");
        for (size_t i = 0; i < node.size(); ++i) {
            Enum item{};
            read(node[i], childPointer(pointer, std::to_string(i)), item);
            items.insert(item);
        }
    }
    template <char Letter>
    void read(const Json& node, const std::string& pointer, std::vector<Id<Letter>>& ids)
    {
        if (!node.is_array()) return expected(node, pointer, "a list of ids");
        ids.resize(node.size());
        for (size_t i = 0; i < ids.size(); ++i) read(node[i], childPointer(pointer, std::to_string(i)), ids[i]);
    }
    // In older files by where they are.
    void read(const Json& node, const std::string& pointer, std::vector<Fastener>& fasteners)
    {
        if (!node.is_array() && !node.is_object()) return expected(node, pointer, "a list of fasteners");
        for (const auto& [key, child] : node.items()) {
            Fastener& one = fasteners.emplace_back();
            if (node.is_object()) one.where = key;
            read(child, childPointer(pointer, key), one);
        }
    }
    template <class Key, class Item>
    void read(const Json& node, const std::string& pointer, std::map<Key, Item>& table)
    {
        readTable(node, pointer, table);
    }
    template <class Key, class Item>
    void readTable(const Json& node, const std::string& pointer, std::map<Key, Item>& table)
    {
        if (!node.is_object()) return expected(node, pointer, "an object");
        for (const auto& [text, child] : node.items()) {
            Key key{};
            if (keyFromText(text, key)) read(child, childPointer(pointer, text), table[key]);
        }
    }
    template <class T>
    requires std::is_class_v<T>
    void read(const Json& node, const std::string& pointer, T& item)
    {
        if (!node.is_object()) return expected(node, pointer, "an object");
        Reader reader(node, pointer, m_error);
        describe(reader, item);
    }

    const Json& m_node;
    std::string m_pointer;
    std::optional<InputError>& m_error;
};

}  // namespace

std::string childPointer(const std::string& pointer, const std::string& key)
{
    std::string escaped;
    for (const char c : key) escaped += c == '~' ? "~0" : c == '/' ? "~1" : std::string(1, c);
    return pointer + "/" + escaped;
}

Result<Body> bodyFromJson(const Json& json, const std::string& file)
{
    std::optional<InputError> error;
    struct Sheet {
        Body body{};
    } sheet;
    Reader(json, {}, error).field("body", sheet, &Sheet::body);
    if (!error) return sheet.body;
    error->file = file;
    return tl::unexpected(*error);
}

Result<Plan> planFromJson(const Json& json, const std::string& file)
{
    std::optional<InputError> error;
    Plan plan;
    Reader reader(json, {}, error);
    describe(reader, plan);
    if (!error) return plan;
    error->file = file;
    return tl::unexpected(*error);
}

}  // namespace core
