// What the build alone cannot hold: the direction of includes, and what is shipped.
#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <regex>
#include <set>

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

TEST(Structure, CoreIncludesNoQtHeader)
{
    EXPECT_EQ(includesOf("core", std::regex("<Q[A-Z]|\"(app|words|cli)/")), "");
}
TEST(Structure, WordsUseOnlyTheCoreOfQt)
{
    EXPECT_EQ(includesOf("words", std::regex("\"(app|cli)/|<Q(Widget|Application|Paint|Label)")), "");
}
TEST(Structure, TheCardKnowsNoWindow)
{
    EXPECT_EQ(includesOf("card", std::regex("\"(app|cli)/|<Q(Widget|Application|Label)")), "");
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
TEST(Structure, PhysicsKnowsNoPlan)
{
    EXPECT_EQ(includesOf("core/physics",
                         std::regex("\"core/(model|practice|evaluate|judgement|io|edits|design|job|calc|slate)/")),
              "");
}
TEST(Structure, ModelKnowsNothingThatComputes)
{
    EXPECT_EQ(includesOf("core/model", std::regex("\"core/(evaluate|judgement|io|edits|design|job|slate)/")), "");
}
TEST(Structure, EvaluateDoesNotJudge)
{
    EXPECT_EQ(includesOf("core/evaluate", std::regex("\"core/(judgement|design|job|edits|io|calc|slate)/")), "");
}
TEST(Structure, CalcJudgesNothingAndKnowsNoLine)
{
    EXPECT_EQ(includesOf("core/calc", std::regex("\"core/(judgement|design|job|edits|slate)/")), "");
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
