#include <fmt/format.h>
#include <cmath>

#include "core/base/utf8.h"
#include "core/io/json_text.h"
#include "core/io/plan_description.h"
#include "core/io/plan_json.h"

namespace core {
namespace {

// What stands there, short enough for one line.
std::string shown(const Json& node)
{
    constexpr int kMost = 40;
    if (node.is_object()) return "an object";
    if (node.is_array()) return "a list";
    return beginningOf(node.dump(), kMost);
}

// What reading found beside the values.
struct Notes {
    std::optional<InputError> error{};             // the first
    std::map<std::string, std::string> unknown{};  // as in Document
};

// Keeps the first thing that is wrong and reads on without it.
class Reader {
public:
    Reader(const Json& node, std::string pointer, Notes& notes)
        : m_node(node), m_pointer(std::move(pointer)), m_notes(notes)
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
        pass(name);
        if (const auto found = m_node.find(name); found != m_node.end())
            read(*found, childPointer(m_pointer, name), item.*member);
    }
    void pass(const char* name) { m_passed.insert(name); }
    // Whatever no field of the description has asked for.
    void keepTheRest()
    {
        for (const auto& [name, node] : m_node.items())
            if (!m_passed.contains(name)) m_notes.unknown[childPointer(m_pointer, name)] = node.dump();
    }
    void stages(Plan& plan)
    {
        pass("stages");
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
        if (!m_notes.error) m_notes.error = InputError{{}, pointer.empty() ? "/" : pointer, message};
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
            if (!readKey(text, node, pointer, key)) continue;
            auto& entry = table[{stage, key}];
            if (node.is_null()) continue;
            read(node, childPointer(pointer, text), entry.emplace());
        }
    }

    // A name that this program does not know may be a newer one's and is kept unread; an id is known or it is nonsense.
    template <class Key>
    bool readKey(const std::string& text, const Json& node, const std::string& pointer, Key& key)
    {
        const bool known = keyFromText(text, key);
        if (!known) m_notes.unknown[childPointer(pointer, text)] = node.dump();
        return known;
    }
    template <char Letter>
    bool readKey(const std::string& text, const Json&, const std::string& pointer, Id<Letter>& id)
    {
        if (keyFromText(text, id)) return true;
        fail(childPointer(pointer, text), fmt::format("is no id of this table: expected such as \"{}1\"", Letter));
        return false;
    }
    bool readKey(const std::string& text, const Json&, const std::string& pointer, Port& port)
    {
        if (keyFromText(text, port)) return true;
        fail(childPointer(pointer, text), "is no output: expected such as \"d10.FL\"");
        return false;
    }

    void read(const Json& node, const std::string& pointer, double& value)
    {
        if (!node.is_number()) return expected(node, pointer, "a number");
        value = node.get<double>();
        if (!std::isfinite(value)) expected(node, pointer, "a finite number");
    }
    void read(const Json& node, const std::string& pointer, int& value)
    {
        if (!node.is_number_integer() || std::abs(node.get<double>()) > kMostId)
            return expected(node, pointer, fmt::format("a whole number up to {}", kMostId));
        value = node.get<int>();
    }
    void read(const Json& node, const std::string& pointer, bool& value)
    {
        if (!node.is_boolean()) return expected(node, pointer, "true or false");
        value = node.get<bool>();
    }
    void read(const Json& node, const std::string& pointer, std::string& value)
    {
        constexpr std::ptrdiff_t kLongest = 10000;
        if (!node.is_string()) return expected(node, pointer, "a text");
        const auto& text = node.get_ref<const std::string&>();
        if (utf8::distance(text.begin(), text.end()) > kLongest)
            return fail(pointer, "is longer than 10000 characters");
        value = text;
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
        for (const auto& [quantity, known] : figures)
            if (!allows(quantity, known.value))
                fail(childPointer(pointer, std::string(row(quantity).key)),
                     fmt::format("found {:g}, {}", known.value, allowedText(quantity)));
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
    void read(const Json& node, const std::string& pointer, std::vector<EqualiserBand>& bands)
    {
        if (!node.is_array()) return expected(node, pointer, "a list of bands");
        bands.resize(node.size());
        for (size_t i = 0; i < bands.size(); ++i) read(node[i], childPointer(pointer, std::to_string(i)), bands[i]);
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
            if (readKey(text, child, pointer, key)) read(child, childPointer(pointer, text), table[key]);
        }
        if (!table.empty()) return;
        // Nothing of it will be written, so there would be nothing to put the rest back into.
        for (const auto& [text, child] : node.items()) m_notes.unknown.erase(childPointer(pointer, text));
        if (!node.empty()) m_notes.unknown[pointer] = node.dump();
    }
    template <class T>
    requires std::is_class_v<T>
    void read(const Json& node, const std::string& pointer, T& item)
    {
        if (!node.is_object()) return expected(node, pointer, "an object");
        Reader reader(node, pointer, m_notes);
        describe(reader, item);
        if constexpr (std::is_same_v<T, Stage>)
            eachLayer(kNoPlan, [&](const char* name, const auto&) { reader.pass(name); });  // read by stages()
        reader.keepTheRest();
    }

    inline static const Plan kNoPlan{};

    const Json& m_node;
    std::string m_pointer;
    Notes& m_notes;
    std::set<std::string_view> m_passed{};
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
    Notes notes;
    struct Sheet {
        Body body{};
    } sheet;
    Reader(json, {}, notes).field("body", sheet, &Sheet::body);
    if (!notes.error) return sheet.body;
    notes.error->file = file;
    return tl::unexpected(*notes.error);
}

Result<Document> documentFromJson(const Json& json, const std::string& file)
{
    Notes notes;
    Document document;
    Reader reader(json, {}, notes);
    for (const char* name : {"format", "version"}) reader.pass(name);
    describe(reader, document.plan);
    reader.keepTheRest();
    document.unknown = std::move(notes.unknown);
    if (!notes.error) return document;
    notes.error->file = file;
    return tl::unexpected(*notes.error);
}

}  // namespace core
