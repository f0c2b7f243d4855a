// A save on a disk that fails, one call of the system after the other: the old file or the new one is there, whole, the
// exit code tells which, and nothing is left over. (So SQLite tests what it writes: "How SQLite Is Tested", 3.2, I/O
// error testing.)
#include <algorithm>

#include "core/shipped/shipped.h"
#include "tests/cli/cli_fixture.h"

namespace {

using tests::Ran;

class FailingSaves : public tests::Cli {
protected:
    static constexpr const char* kOld = "the old file";

    // A save over an old file with this call failing.
    Ran save(const std::string& environment)
    {
        tests::fs::remove_all(file("disk"));
        tests::fs::create_directories(file("disk"));
        write("disk/plan.reed", kOld);
        return tests::runShell(
            "ASAN_OPTIONS=verify_asan_link_order=0:detect_leaks=0 LD_PRELOAD=" FAILING_CALLS " FAIL_IN=" +
            file("disk") + " " + environment + " " CLI_PROGRAM " demo -o " + file("disk/plan.reed") + " 2>&1");
    }
    [[nodiscard]] std::string content(const std::string& name) const
    {
        std::ifstream in(file("disk/" + name), std::ios::binary);
        return {std::istreambuf_iterator<char>(in), {}};
    }
    [[nodiscard]] std::vector<std::string> strays() const
    {
        std::vector<std::string> found;
        for (const auto& entry : tests::fs::directory_iterator(file("disk"))) {
            const std::string name = entry.path().filename();
            if (name != "plan.reed" && !name.starts_with("plan.reed~")) found.push_back(name);
        }
        return found;
    }
    static int callsOf(const Ran& ran)
    {
        const size_t at = ran.out.rfind("calls ");
        return at == std::string::npos ? 0 : std::stoi(ran.out.substr(at + 6));
    }
    const std::string kNew{core::shippedDemoText()};
};

TEST_F(FailingSaves, EveryCallInTurn)
{
    const Ran whole = save("FAIL_AT=0");
    ASSERT_EQ(whole.code, 0) << whole.out;
    const int calls = callsOf(whole);
    ASSERT_GE(calls, 8) << "open, mode, owner, write, sync, name, close, rename, sync of the folder";
    int refused = 0;
    for (int call = 1; call <= calls; ++call) {
        const Ran ran = save("FAIL_AT=" + std::to_string(call));
        const std::string after = content("plan.reed");
        EXPECT_TRUE(ran.code == 0 || ran.code == 2) << call << ": " << ran.out;
        EXPECT_EQ(after, ran.code == 0 ? kNew : kOld) << call << ": " << ran.out;
        EXPECT_TRUE(strays().empty()) << call << ": " << strays().front();
        if (ran.code != 2) continue;
        ++refused;
        EXPECT_NE(ran.out.find("Input/output error"), std::string::npos) << call << ": " << ran.out;
    }
    EXPECT_GE(refused, 1) << "the rename has no other way; whatever comes before it is tried once more";
}

// From one call on nothing works any more: what stood there stands, and so it is said.
TEST_F(FailingSaves, ADiskThatGoesAway)
{
    const int calls = callsOf(save("FAIL_AT=0"));
    int refused = 0;
    for (int call = 1; call <= calls; ++call) {
        const Ran ran = save("FAIL_ON=1 FAIL_AT=" + std::to_string(call));
        EXPECT_EQ(content("plan.reed"), ran.code == 0 ? kNew : kOld) << call << ": " << ran.out;
        refused += ran.code == 2 ? 1 : 0;
    }
    EXPECT_GE(refused, calls - 3) << "but for what is done after the rename";
}

// A write may take less than it was given.
TEST_F(FailingSaves, ShortWritesAreGoneOnWith)
{
    const Ran ran = save("FAIL_SHORT=1 FAIL_AT=0");
    EXPECT_EQ(ran.code, 0) << ran.out;
    EXPECT_EQ(content("plan.reed"), kNew);
    const Ran half = save("FAIL_SHORT=1 FAIL_AT=" + std::to_string(callsOf(ran) / 2));
    EXPECT_EQ(content("plan.reed"), half.code == 0 ? kNew : kOld);
    EXPECT_TRUE(strays().empty());
}

}  // namespace
