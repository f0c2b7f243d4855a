#include <fmt/format.h>

#include <algorithm>
#include <charconv>
#include <cmath>
#include <map>
#include <set>

#include "core/base/text.h"
#include "core/netlist/netlist_file.h"

namespace core {
namespace {

std::string lower(std::string_view text)
{
    std::string result(text);
    for (char& c : result)
        if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
    return result;
}

std::vector<std::string_view> fieldsOf(std::string_view line)
{
    std::vector<std::string_view> fields;
    size_t at = 0;
    while (at < line.size()) {
        while (at < line.size() && isBlank(line[at])) ++at;
        const size_t start = at;
        while (at < line.size() && !isBlank(line[at])) ++at;
        if (at > start) fields.push_back(line.substr(start, at - start));
    }
    return fields;
}

struct NetlistNumber {
    double value = 0.0;
    bool bareFemto = false;  // 1F: people mean farad
};

// A float, a scale, and letters that say nothing.
Result<NetlistNumber> netlistNumber(std::string_view text)
{
    const auto wrong = [&] {
        return tl::unexpected(
            InputError{{}, {}, fmt::format("found '{}', expected a number such as 4.7, 10u, 0.42mH or 1MEG", text)});
    };
    const std::string_view digits = text.starts_with('+') ? text.substr(1) : text;
    double value = 0.0;
    const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), value);
    if (error != std::errc{} || !std::isfinite(value) || digits.starts_with("inf") || digits.starts_with("nan"))
        return wrong();
    const std::string rest = lower(digits.substr(static_cast<size_t>(end - digits.data())));
    if (!std::all_of(rest.begin(), rest.end(), [](char c) { return c >= 'a' && c <= 'z'; })) return wrong();
    static constexpr std::pair<std::string_view, double> kScales[] = {
        {"meg", 1e6}, {"mil", 25.4e-6}, {"t", 1e12}, {"g", 1e9},   {"k", 1e3},
        {"m", 1e-3},  {"u", 1e-6},      {"n", 1e-9}, {"p", 1e-12}, {"f", 1e-15}};
    for (const auto& [letters, scale] : kScales)
        if (rest.starts_with(letters)) return NetlistNumber{value * scale, rest == "f"};
    return NetlistNumber{value, false};
}

constexpr size_t kMostElements = 2000;  // a crossover has some tens; far more would only hang the solver

class NetlistReader {
public:
    explicit NetlistReader(const std::string& file) : m_file(file) {}

    Result<Netlist> read(std::string_view text)
    {
        // Continuations are joined first; an element is where its first line stands.
        struct Line {
            int number = 0;
            std::string text{};
        };
        std::vector<Line> lines;
        int number = 0;
        for (size_t at = 0; at <= text.size();) {
            const size_t end = std::min(text.find('\n', at), text.size());
            std::string_view line = text.substr(at, end - at);
            at = end + 1;
            ++number;
            if (number == 1) {
                if (line.ends_with('\r')) line.remove_suffix(1);
                m_result.title = line;
                continue;
            }
            if (line.starts_with('*')) {
                line.remove_prefix(1);
                while (!line.empty() && isBlank(line.front())) line.remove_prefix(1);
                while (!line.empty() && isBlank(line.back())) line.remove_suffix(1);
                m_result.comments.emplace_back(line);
                continue;
            }
            line = line.substr(0, line.find(';'));
            if (line.starts_with('+')) {
                if (lines.empty()) return wrong(number, "continues a line, and there is none before it");
                lines.back().text += ' ';
                lines.back().text += line.substr(1);
                continue;
            }
            lines.push_back({number, std::string(line)});
        }
        for (const Line& line : lines) {
            const auto fields = fieldsOf(line.text);
            if (fields.empty()) continue;
            if (lower(fields.front()) == ".end") break;
            if (const auto error =
                    fields.front().starts_with('.') ? card(line.number, fields.front()) : element(line.number, fields))
                return tl::unexpected(*error);
        }
        if (m_result.network.elements.empty()) return wrong(number, "holds no element");
        if (!m_grounded) return wrong(number, "no element is tied to ground, which is node 0 or gnd");
        return std::move(m_result);
    }

private:
    using Error = std::optional<InputError>;

    InputError at(int line, const std::string& message) const
    {
        return {m_file, fmt::format("line {}", line), message};
    }
    tl::unexpected<InputError> wrong(int line, const std::string& message) const
    {
        return tl::unexpected(at(line, message));
    }

    Error card(int line, std::string_view name) const
    {
        if (const std::string card = lower(name); card == ".ac" || card == ".options") return std::nullopt;
        return at(line, fmt::format("found '{}', expected an element, .ac, .options or .end", name));
    }

    int node(std::string_view name)
    {
        std::string key = lower(name);
        if (key == "gnd") key = "0";
        m_grounded |= key == "0";
        const auto [entry, fresh] = m_nodes.try_emplace(key, 0);
        if (fresh) entry->second = key == "0" ? 0 : addNode(m_result.network, std::string(name));
        return entry->second;
    }

    Error number(int line, std::string_view text, double& into)
    {
        const auto value = netlistNumber(text);
        if (!value) return at(line, value.error().message);
        into = value->value;
        if (value->bareFemto)
            m_result.warnings.emplace_back(WarningKind::ReaderNote,
                                           fmt::format("line {}: {} is femto, {:g}", line, text, into));
        return std::nullopt;
    }

    // [[DC] v] [AC [magnitude [phase]]]
    Error source(int line, const std::vector<std::string_view>& fields, NetworkElement& element)
    {
        size_t next = 3;
        double direct = 0.0;
        if (next < fields.size() && lower(fields[next]) == "dc") {
            if (++next >= fields.size()) return at(line, "DC is followed by nothing, expected its volts or amperes");
            if (const auto error = number(line, fields[next++], direct)) return error;
        } else if (next < fields.size() && lower(fields[next]) != "ac") {
            if (const auto error = number(line, fields[next++], direct)) return error;
        }
        if (next >= fields.size()) return std::nullopt;
        if (lower(fields[next]) != "ac") return extra(line, fields[next]);
        element.value = 1.0;
        for (double* part : {&element.value, &element.phase_deg})
            if (++next < fields.size())
                if (const auto error = number(line, fields[next], *part)) return error;
        if (++next < fields.size()) return extra(line, fields[next]);
        return std::nullopt;
    }

    Error extra(int line, std::string_view field) const
    {
        return at(line, fmt::format("found '{}' after the last field; a value and its unit are written together, as in "
                                    "10uF",
                                    field));
    }

    Error element(int line, const std::vector<std::string_view>& fields)
    {
        static const std::map<char, NetworkKind> kKinds{{'r', NetworkKind::Resistor},
                                                        {'c', NetworkKind::Capacitor},
                                                        {'l', NetworkKind::Inductor},
                                                        {'v', NetworkKind::VoltageSource},
                                                        {'i', NetworkKind::CurrentSource},
                                                        {'e', NetworkKind::VoltageControlledVoltage},
                                                        {'g', NetworkKind::VoltageControlledCurrent}};
        const std::string key = lower(fields[0]);
        const auto kind = kKinds.find(key.front());
        if (kind == kKinds.end())
            return at(line, fmt::format("found '{}', expected an element R, C, L, V, I, E or G", fields[0]));
        if (!m_names.insert(key).second) return at(line, fmt::format("{} is here twice", fields[0]));
        NetworkElement element{.kind = kind->second, .name = std::string(fields[0])};
        const bool source = element.kind == NetworkKind::VoltageSource || element.kind == NetworkKind::CurrentSource;
        const bool controlled = element.kind == NetworkKind::VoltageControlledVoltage ||
                                element.kind == NetworkKind::VoltageControlledCurrent;
        const size_t needed = controlled ? 6 : (source ? 3 : 4);
        if (fields.size() < needed)
            return at(line, fmt::format("{} has {} fields, expected {}", fields[0], fields.size(),
                                        controlled ? "name n+ n- nc+ nc- gain" : "name n1 n2 value"));
        element.plus = node(fields[1]);
        element.minus = node(fields[2]);
        if (source) {
            if (const auto error = this->source(line, fields, element)) return error;
        } else {
            if (fields.size() > needed) return extra(line, fields[needed]);
            if (controlled) {
                element.controlPlus = node(fields[3]);
                element.controlMinus = node(fields[4]);
            }
            if (const auto error = number(line, fields[needed - 1], element.value)) return error;
        }
        if (m_result.network.elements.size() >= kMostElements)
            return at(line, fmt::format("more than {} elements", kMostElements));
        m_result.network.elements.push_back(std::move(element));
        return std::nullopt;
    }

    const std::string& m_file;
    Netlist m_result{};
    std::map<std::string, int> m_nodes{};
    std::set<std::string> m_names{};
    bool m_grounded = false;
};

}  // namespace

Result<Netlist> readNetlist(std::string_view text, const std::string& file)
{
    return NetlistReader(file).read(text);
}

}  // namespace core
