// What a file can be that is no file of ours, and what can happen to one that is being written.
#include <gtest/gtest.h>
#include <signal.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

#include <algorithm>
#include <array>
#include <chrono>
#include <filesystem>
#include <fstream>
#include <thread>

#include "core/io/atomic_file.h"
#include "core/io/plan_file.h"
#include "core/io/strict_json.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

namespace fs = std::filesystem;

class HostileFiles : public testing::Test {
protected:
    void SetUp() override { fs::create_directories(m_path); }
    void TearDown() override { fs::remove_all(m_path); }
    [[nodiscard]] std::string folder() const { return m_path.string(); }
    [[nodiscard]] std::string file(const std::string& name) const { return (m_path / name).string(); }
    [[nodiscard]] std::vector<std::string> names() const
    {
        std::vector<std::string> all;
        for (const auto& entry : fs::directory_iterator(m_path)) all.push_back(entry.path().filename().string());
        std::sort(all.begin(), all.end());
        return all;
    }

private:
    fs::path m_path = fs::temp_directory_path() / ("golden-reed-hostile-" + std::to_string(::getpid()));
};

// None of these hangs or fills the memory: each is refused by what it is.
TEST_F(HostileFiles, APipeAFolderAndADeviceAreNoFiles)
{
    ASSERT_EQ(::mkfifo(file("pipe").c_str(), 0600), 0);
    EXPECT_EQ(oneLine(readWholeFile(file("pipe")).error()), file("pipe") + ": is a pipe: name a file");
    EXPECT_EQ(readWholeFile(folder()).error().message, "is a folder: name a file");
    EXPECT_EQ(readWholeFile("/dev/zero").error().message, "is a device or a socket: name a file");
    for (const std::string& target : {file("pipe"), std::string("/dev/null"), folder()})
        EXPECT_FALSE(writeAtomically(target, "new")) << target;
    EXPECT_EQ(writeAtomically("", "new").error().message, "has no name: say where to write");
    EXPECT_EQ(names(), std::vector<std::string>{"pipe"}) << "nothing was touched, nothing is left";
}

TEST_F(HostileFiles, ALoopOfLinksIsRefused)
{
    fs::create_symlink(file("b"), file("a"));
    fs::create_symlink(file("a"), file("b"));
    EXPECT_EQ(writeAtomically(file("a"), "new").error().message, "is a link that leads nowhere: take another name");
    EXPECT_EQ(names(), (std::vector<std::string>{"a", "b"}));
}

TEST_F(HostileFiles, MoreThan64MegabytesAreRefused)
{
    std::ofstream(file("large")) << 'x';
    fs::resize_file(file("large"), 64U << 20U);
    EXPECT_TRUE(readWholeFile(file("large")));
    fs::resize_file(file("large"), (64U << 20U) + 1);
    EXPECT_TRUE(readWholeFile(file("large")).error().message.starts_with("is larger than 64 MB"));
}

// A file that only its owner may read stays so; a new one is what the user's mask makes it.
TEST_F(HostileFiles, TheModeIsKept)
{
    const auto mode = [&] {
        struct stat about {};
        EXPECT_EQ(::stat(file("new").c_str(), &about), 0);
        return about.st_mode & 07777U;
    };
    const mode_t mask = ::umask(0027);
    ASSERT_TRUE(writeAtomically(file("new"), "1", 0));
    EXPECT_EQ(mode(), 0640U);
    ::umask(mask);
    for (const mode_t one : {0600U, 0664U}) {
        ASSERT_EQ(::chmod(file("new").c_str(), one), 0);
        ASSERT_TRUE(writeAtomically(file("new"), "2"));
        EXPECT_EQ(mode(), one);
    }
}

// Its owner said that nobody writes it: a folder that lets everybody in changes nothing about that.
TEST_F(HostileFiles, AFileThatMayNotBeWrittenStaysAsItIs)
{
    constexpr uid_t kNobody = 65534;
    ASSERT_TRUE(writeAtomically(file("plan"), "old"));
    ASSERT_EQ(::chmod(file("plan").c_str(), 0444), 0);
    ASSERT_EQ(::chmod(folder().c_str(), 0777), 0);
    const pid_t child = ::fork();
    ASSERT_GE(child, 0);
    if (child == 0) {
        if (::geteuid() == 0 && ::setuid(kNobody) != 0) ::_exit(2);
        ::_exit(writeAtomically(file("plan"), "new") ? 1 : 0);
    }
    int status = 0;
    ASSERT_EQ(::waitpid(child, &status, 0), child);
    EXPECT_EQ(WEXITSTATUS(status), 0);
    EXPECT_EQ(*readWholeFile(file("plan")), "old");
    EXPECT_EQ(names(), std::vector<std::string>{"plan"});
}

// A link that somebody laid where a temporary could go is not followed.
TEST_F(HostileFiles, NobodysFileIsWrittenInstead)
{
    std::ofstream(file("precious")) << "kept";
    fs::create_symlink(file("precious"), file("plan.writing"));
    ASSERT_TRUE(writeAtomically(file("plan"), "new"));
    EXPECT_EQ(*readWholeFile(file("precious")), "kept");
    EXPECT_EQ(*readWholeFile(file("plan")), "new");
}

// Many programs save one file at once: it is whole at every moment, and so is each earlier copy; nothing is left over.
TEST_F(HostileFiles, ManyWhoSaveOneFileEachLeaveItWhole)
{
    constexpr int kWriters = 6, kSaves = 40;
    constexpr size_t kSize = 200'000;
    const std::string path = file("plan");
    ASSERT_TRUE(writeAtomically(path, std::string(kSize, 'z')));
    for (int writer = 0; writer < kWriters; ++writer) {
        const pid_t child = ::fork();
        ASSERT_GE(child, 0);
        if (child == 0) {
            int failures = 0;
            for (int i = 0; i < kSaves; ++i)
                failures += writeAtomically(path, std::string(kSize, static_cast<char>('a' + writer))) ? 0 : 1;
            ::_exit(failures);
        }
    }
    const auto whole = [](const std::string& text) {
        return text.size() == kSize && text.find_first_not_of(text.front()) == std::string::npos;
    };
    int running = kWriters, seen = 0;
    while (running > 0) {
        const auto text = readWholeFile(path);
        ASSERT_TRUE(text) << "at no moment is there none";
        EXPECT_TRUE(whole(*text));
        ++seen;
        int status = 0;
        if (::waitpid(-1, &status, WNOHANG) > 0) {
            --running;
            EXPECT_EQ(WEXITSTATUS(status), 0);
        }
    }
    EXPECT_GT(seen, kWriters);
    for (const std::string& name : names()) {
        EXPECT_TRUE(name == "plan" || (name.size() == 6 && name.starts_with("plan~"))) << name;
        EXPECT_TRUE(whole(*readWholeFile(file(name)))) << name;
    }
}

// A program that is killed while it saves leaves the old or the new file; between two calls of the system a name of the
// new one may stay, whole too.
TEST_F(HostileFiles, AKillLeavesAWholeFile)
{
    const std::string path = file("plan"), before(300'000, 'a'), after(300'000, 'b');
    for (int i = 0; i < 1000; ++i) {
        ASSERT_TRUE(writeAtomically(path, before, 0));
        const pid_t child = ::fork();
        ASSERT_GE(child, 0);
        while (child == 0) static_cast<void>(writeAtomically(path, after, 0));
        std::this_thread::sleep_for(std::chrono::microseconds(50 * (i % 60)));
        ::kill(child, SIGKILL);
        ::waitpid(child, nullptr, 0);
        for (const std::string& name : names()) {
            const auto text = readWholeFile(file(name));
            ASSERT_TRUE(text);
            EXPECT_TRUE(*text == before || *text == after) << name;
            if (name != "plan") fs::remove(file(name));
        }
    }
}

// Two programs save one file in the same moment, 250 times: each time it is the one's or the other's, whole.
TEST_F(HostileFiles, TwoHundredAndFiftyPairsLeaveItWhole)
{
    const std::string path = file("plan");
    for (int pair = 0; pair < 250; ++pair) {
        std::array<pid_t, 2> children{};
        for (size_t i = 0; i < 2; ++i) {
            children[i] = ::fork();
            ASSERT_GE(children[i], 0);
            if (children[i] == 0) ::_exit(writeAtomically(path, std::string(50'000, "ab"[i])) ? 0 : 1);
        }
        for (const pid_t child : children) {
            int status = 0;
            ASSERT_EQ(::waitpid(child, &status, 0), child);
            EXPECT_EQ(WEXITSTATUS(status), 0);
        }
        for (const std::string& name : names()) {
            const auto text = readWholeFile(file(name));
            ASSERT_TRUE(text) << name;
            EXPECT_TRUE(*text == std::string(50'000, 'a') || *text == std::string(50'000, 'b')) << name;
            EXPECT_EQ(name.find("writing"), std::string::npos) << name;
        }
    }
}

std::string nested(size_t levels)
{
    return std::string(levels, '[') + std::string(levels, ']');
}

TEST(StrictJson, NestsNoDeeperThanAStackBears)
{
    EXPECT_TRUE(parseStrict(nested(kDeepest), "x"));
    EXPECT_FALSE(parseStrict(nested(kDeepest + 1), "x"));
    const auto deep = parseStrict(R"({"a": [1, {"b": )" + nested(70'000) + "}]}", "x.reed");
    ASSERT_FALSE(deep);
    EXPECT_EQ(deep.error().where.substr(0, 6), "/a/1/b");
    EXPECT_TRUE(deep.error().message.starts_with("is nested deeper"));
    const auto plan = readPlanText(R"({"format": "reed", "version": 1, "of tomorrow": )" + nested(70'000) + "}", "x");
    ASSERT_FALSE(plan);
    EXPECT_EQ(plan.error().where.substr(0, 12), "/of tomorrow");
}

TEST(StrictJson, AKeyStandsOnce)
{
    const auto twice = parseStrict(R"({"a": 1, "b": [0, {"c": 1, "d": 2, "c": 3}]})", "x");
    ASSERT_FALSE(twice);
    EXPECT_EQ(twice.error().where, "/b/1/c");
    EXPECT_EQ(twice.error().message, "stands there twice: take one away");
    EXPECT_TRUE(parseStrict(R"({"a": {"a": 1}, "b": [{"a": 1}, {"a": 2}]})", "x")) << "in another object";
}

TEST(StrictJson, SaysWhereItEnds)
{
    EXPECT_EQ(parseStrict("{\n \"a\": ?}", "x").error().where, "line 2, column 7");
    EXPECT_TRUE(parseStrict("{\"a\": [1,", "x").error().message.starts_with("the file ends too early"));
    EXPECT_TRUE(parseStrict(" \n", "x").error().message.starts_with("is empty"));
}

TEST(PlanFile, ATextOfABookIsRefused)
{
    Plan plan = tests::demoPlan();
    plan.job.customer = std::string(10'000, 'n');
    EXPECT_TRUE(readPlanText(planText({plan, {}}), "x"));
    plan.job.customer = std::string(9'998, 'n') + "é€";
    EXPECT_TRUE(readPlanText(planText({plan, {}}), "x")) << "characters, not bytes";
    plan.job.customer += 'n';
    const auto read = readPlanText(planText({plan, {}}), "x");
    ASSERT_FALSE(read);
    EXPECT_EQ(read.error().where, "/job/customer");
}

TEST(Validate, AFrameLooksSomewhere)
{
    Plan plan = tests::demoPlan();
    plan.places.begin()->second.frame.facing = {0.0, 0.0, 0.0};
    const auto read = readPlanText(planText({plan, {}}), "x");
    ASSERT_FALSE(read);
    EXPECT_TRUE(read.error().where.ends_with("/frame/facing")) << read.error().where;
}

}  // namespace
}  // namespace core
