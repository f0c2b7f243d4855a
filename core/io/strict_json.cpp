#include "core/io/strict_json.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>
#include <vector>

namespace core {
namespace {

std::string lineAndColumn(const std::string& text, size_t byte)
{
    const std::string_view before = std::string_view(text).substr(0, std::min(byte > 0 ? byte - 1 : 0, text.size()));
    const auto line = 1 + std::count(before.begin(), before.end(), '\n');
    const size_t lastBreak = before.rfind('\n');
    const size_t column = before.size() - (lastBreak == std::string_view::npos ? 0 : lastBreak + 1) + 1;
    return fmt::format("line {}, column {}", line, column);
}

// Ends the parser, whatever is still to come.
struct Objection {
    std::string where{}, message{};
};

// Follows the parser from one bracket to the next.
class Watch {
public:
    bool operator()(Json::parse_event_t event, const Json& parsed)
    {
        using Event = Json::parse_event_t;
        switch (event) {
            case Event::object_start:
            case Event::array_start:
                countItem();
                m_levels.push_back({.list = event == Event::array_start});
                if (m_levels.size() > kDeepest) complain("is nested deeper than 64 levels, which no file of ours is");
                return true;
            case Event::object_end:
            case Event::array_end:
                m_levels.pop_back();
                return true;
            case Event::key:
                takeKey(parsed.get_ref<const std::string&>());
                return true;
            case Event::value:
                countItem();
                return true;
        }
        return true;
    }

private:
    struct Level {
        bool list = false;
        size_t item = 0;  // of a list, from 1
        std::string key{};
        std::set<std::string> keys{};
    };

    void countItem()
    {
        if (!m_levels.empty() && m_levels.back().list) ++m_levels.back().item;
    }

    void takeKey(const std::string& key)
    {
        Level& level = m_levels.back();
        level.key = key;
        if (level.keys.insert(key).second) return;
        complain("stands there twice: take one away");
    }

    [[noreturn]] void complain(const std::string& message) const
    {
        constexpr size_t kEnough = 200;  // characters of a path; nobody reads more
        std::string where;
        for (const Level& level : m_levels) {
            if (level.list && level.item == 0) continue;
            where = childPointer(where, level.list ? std::to_string(level.item - 1) : level.key);
            if (where.size() > kEnough) break;
        }
        throw Objection{where, message};
    }

    std::vector<Level> m_levels{};
};

}  // namespace

Result<Json> parseStrict(const std::string& text, const std::string& file)
{
    if (text.find_first_not_of(" \t\r\n") == std::string::npos)
        return tl::unexpected(InputError{file, {}, "is empty; an earlier copy may lie beside it"});
    Watch watch;
    try {
        return Json::parse(text, [&](int, Json::parse_event_t event, Json& parsed) { return watch(event, parsed); });
    } catch (const Objection& objection) {
        return tl::unexpected(InputError{file, objection.where, objection.message});
    } catch (const Json::parse_error& error) {
        const bool cut = error.byte >= text.size();
        return tl::unexpected(InputError{file, lineAndColumn(text, error.byte),
                                         cut ? "the file ends too early; an earlier copy may lie beside it"
                                             : "is not JSON from here on; correct it or take an earlier copy"});
    } catch (const Json::exception&) {
        return tl::unexpected(InputError{file, {}, "holds a number that is too large to be read"});
    }
}

}  // namespace core
