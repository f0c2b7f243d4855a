// What the build alone cannot hold: the direction of includes, and what is shipped.
#include <gtest/gtest.h>

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <map>
#include <regex>
#include <set>
#include <vector>

namespace {

namespace fs = std::filesystem;

std::vector<fs::path> sourcesOf(const std::string& folder)
{
    std::vector<fs::path> sources;
    for (const auto& entry : fs::recursive_directory_iterator(fs::path(SOURCE_FOLDER) / folder))
        if (entry.path().extension() == ".h" || entry.path().extension() == ".cpp") sources.push_back(entry.path());
    return sources;
}

// Includes in `folder` that match any of the patterns, as "file: line".
std::string includesOf(const std::string& folder, const std::regex& forbidden)
{
    std::string found;
    for (const fs::path& source : sourcesOf(folder)) {
        std::ifstream in(source);
        for (std::string line; std::getline(in, line);)
            if (line.starts_with("#include") && std::regex_search(line, forbidden))
                found += source.string() + ": " + line + "\n";
    }
    return found;
}

// Each room of the house and those it may look into; a room that is not here, or a look that is not, is a mistake. A
// row names only rooms above it, so that no arrow can run back.
using Room = std::pair<std::string, std::set<std::string>>;
const std::vector<Room> kRooms{
    {"core/base", {}},
    {"core/shipped", {}},
    {"core/physics", {"core/base"}},
    {"core/practice", {"core/base", "core/physics"}},
    {"core/model", {"core/base", "core/physics", "core/practice"}},
    {"core/fitout", {"core/base", "core/physics", "core/practice", "core/model"}},
    {"core/picture", {"core/base", "core/practice", "core/model"}},
    {"core/fit", {"core/base", "core/physics", "core/practice", "core/model", "core/fitout"}},
    {"core/evaluate", {"core/base", "core/physics", "core/practice", "core/model", "core/fitout", "core/fit"}},
    {"core/netlist", {"core/base", "core/physics", "core/model", "core/evaluate"}},
    {"core/spread", {"core/base", "core/physics", "core/practice", "core/model", "core/fitout", "core/evaluate"}},
    {"core/survey", {"core/base", "core/physics", "core/practice", "core/model", "core/fitout", "core/evaluate"}},
    {"core/limits", {"core/base", "core/physics", "core/practice", "core/model"}},
    {"core/edits",
     {"core/base", "core/physics", "core/practice", "core/model", "core/fitout", "core/fit", "core/evaluate",
      "core/survey"}},
    {"core/advice",
     {"core/base", "core/physics", "core/practice", "core/model", "core/fitout", "core/fit", "core/evaluate",
      "core/limits"}},
    {"core/judgement",
     {"core/base", "core/physics", "core/practice", "core/model", "core/fitout", "core/fit", "core/evaluate",
      "core/spread", "core/survey", "core/edits", "core/advice", "core/limits"}},
    {"core/design",
     {"core/base", "core/physics", "core/practice", "core/model", "core/fitout", "core/fit", "core/evaluate",
      "core/survey", "core/edits", "core/judgement", "core/limits"}},
    {"core/job",
     {"core/base", "core/physics", "core/practice", "core/model", "core/fitout", "core/fit", "core/evaluate",
      "core/spread", "core/survey"}},
    {"core/io", {"core/base", "core/physics", "core/practice", "core/model", "core/shipped"}},
    {"core/intake",
     {"core/base", "core/physics", "core/practice", "core/model", "core/fitout", "core/edits", "core/io"}},
    {"core/calc",
     {"core/base", "core/physics", "core/practice", "core/model", "core/fitout", "core/fit", "core/evaluate",
      "core/netlist", "core/io"}},
    {"core/slate", {"core/base", "core/physics", "core/practice", "core/calc"}},
    {"words", {"core"}},
    {"card", {"core", "words"}},
    {"cli", {"core", "words", "card"}},
    {"app/theme", {"words", "card"}},
    {"app/session", {"core", "words"}},
    {"app/widgets", {"core", "words", "app/theme", "app/session"}},
    {"app/asks", {"core", "words", "app/theme", "app/session", "app/widgets"}},
    {"app/stations", {"core", "words", "card", "app/theme", "app/session", "app/widgets", "app/asks"}},
    {"app/shell", {"core", "words", "card", "app/theme", "app/session", "app/widgets", "app/stations"}},
    {"app", {"core", "words", "app/theme", "app/session", "app/shell"}},
};

// The row of a folder: its own, or that of the nearest folder around it (a station's own lies in app/stations).
const Room* roomOf(std::string folder)
{
    while (true) {
        for (const Room& room : kRooms)
            if (room.first == folder) return &room;
        const auto cut = folder.rfind('/');
        // Around core and app lies no room: a new folder of theirs is a new room and has to be named.
        if (cut == std::string::npos || cut == folder.find('/')) return nullptr;
        folder.resize(cut);
    }
}

bool maySee(const Room& room, const std::string& folder)
{
    return std::any_of(room.second.begin(), room.second.end(), [&](const std::string& allowed) {
        return folder == allowed || folder.starts_with(allowed + "/");
    });
}

// Stations stand side by side: none looks into another's folder.
bool isAnotherStation(const std::string& from, const std::string& to)
{
    const std::string stations = "app/stations/";
    return from != to && from.starts_with(stations) && to.starts_with(stations);
}

TEST(Structure, EveryArrowIsInTheTable)
{
    const std::regex include("^#include \"((core|words|card|cli|app|tests)/.*)\"");
    std::string wrong;
    for (const char* top : {"core", "words", "card", "cli", "app"})
        for (const fs::path& source : sourcesOf(top)) {
            const std::string from = source.parent_path().lexically_relative(SOURCE_FOLDER).generic_string();
            const Room* room = roomOf(from);
            if (!room) {
                wrong += from + " is no room\n";
                continue;
            }
            std::ifstream in(source);
            std::smatch found;
            for (std::string line; std::getline(in, line);) {
                if (!std::regex_search(line, found, include)) continue;
                const std::string to = fs::path(found[1].str()).parent_path().generic_string();
                const bool own = roomOf(to) == room && !isAnotherStation(from, to);
                if (!own && !maySee(*room, to)) wrong += source.string() + ": " + line + "\n";
            }
        }
    EXPECT_EQ(wrong, "");
}

TEST(Structure, NoRowOfTheTableLooksBack)
{
    std::set<std::string> above;
    for (const auto& [room, seen] : kRooms) {
        for (const std::string& other : seen)
            EXPECT_TRUE(above.contains(other) ||
                        std::any_of(above.begin(), above.end(),
                                    [&](const std::string& one) { return one.starts_with(other + "/"); }))
                << room << " looks into " << other;
        above.insert(room);
    }
}

TEST(Structure, EveryRoomIsThere)
{
    for (const auto& [room, seen] : kRooms) EXPECT_TRUE(fs::is_directory(fs::path(SOURCE_FOLDER) / room)) << room;
}

// A name is said once: whoever looks for it finds one place.
TEST(Structure, NoTwoFilesShareAName)
{
    std::map<std::string, fs::path> names;
    for (const char* top : {"core", "words", "card", "cli", "app", "tests", "benchmarks"})
        for (const fs::path& source : sourcesOf(top)) {
            if (source.filename() == "main.cpp") continue;
            const auto [at, fresh] = names.emplace(source.filename().string(), source);
            EXPECT_TRUE(fresh) << source << " and " << at->second;
        }
}

TEST(Structure, CoreIncludesNoQtHeader)
{
    EXPECT_EQ(includesOf("core", std::regex("<Q[A-Z]")), "");
}
TEST(Structure, WordsUseOnlyTheCoreOfQt)
{
    EXPECT_EQ(includesOf("words", std::regex("<Q(Widget|Application|Paint|Label)")), "");
}
TEST(Structure, TheCardKnowsNoWindow)
{
    EXPECT_EQ(includesOf("card", std::regex("<Q(Widget|Application|Label)")), "");
}
// A label that guesses would take a name for markup and open what it names.
TEST(Structure, EveryLabelIsPlain)
{
    std::string found;
    for (const fs::path& source : sourcesOf("app")) {
        std::ifstream in(source);
        for (std::string line; std::getline(in, line);)
            if (line.find("new QLabel(") != std::string::npos ||
                line.find("setTextFormat(Qt::Rich") != std::string::npos)
                found += source.string() + ": " + line + "\n";
    }
    EXPECT_EQ(found, "");
}
TEST(Structure, FewFilesHoldTheJsonLibrary)
{
    const std::string found = includesOf("core", std::regex("<nlohmann/json"));
    EXPECT_LE(std::count(found.begin(), found.end(), '\n'), 3) << found;
}

TEST(Structure, NoFileIsLongerThanFiveHundredLines)
{
    for (const char* folder : {"core", "words", "card", "cli", "app", "tests", "benchmarks"}) {
        for (const fs::path& source : sourcesOf(folder)) {
            std::ifstream in(source);
            EXPECT_LE(std::count(std::istreambuf_iterator<char>(in), {}, '\n'), 500) << source;
        }
    }
}

TEST(Structure, LicencesAreShipped)
{
    for (const char* file : {"LICENSE", "data/fonts/OFL.txt", "data/README.md"})
        EXPECT_TRUE(fs::exists(fs::path(SOURCE_FOLDER) / file)) << file;
}

}  // namespace
