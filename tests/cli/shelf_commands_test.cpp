// The shelf without a screen: shelf, rank.
#include "tests/cli/cli_fixture.h"

namespace {

using tests::Cli;
using tests::Json;
using tests::Ran;
using tests::run;

TEST_F(Cli, AShelfWithBadLinesNamesThemAndKeepsTheRest)
{
    std::ofstream(file("s.csv")) << "key,name,re_ohm\na,A,3.3\nb,B,three\n";
    const Ran mixed = run("shelf " + file("s.csv") + " 2>&1");
    EXPECT_EQ(mixed.code, 1);
    EXPECT_NE(mixed.out.find("line 3, column 3 (re_ohm)"), std::string::npos) << mixed.out;
    EXPECT_NE(mixed.out.find("1 driver"), std::string::npos);
    std::ofstream(file("t.csv")) << "key,name,kind,plug,mate\na,A,driver,,\nl,L,lead,flat,tabs\n";
    const Json good = run("shelf --json " + file("t.csv"), "").json();
    EXPECT_EQ(good.at("parts").at("lead"), 1);
    EXPECT_TRUE(good.at("errors").empty());
    EXPECT_EQ(run("shelf " + file("none.csv")).code, 2);
}

TEST_F(Cli, RankGivesAReasonForEachLostPoint)
{
    const Json ranked = run("rank --json " + file("demo.reed") + " d12 --count 5", "").json();
    EXPECT_EQ(ranked.at("of"), 100.0);
    ASSERT_EQ(ranked.at("candidates").size(), 5U);
    for (const Json& candidate : ranked.at("candidates")) {
        double sum = candidate.at("points");
        for (const Json& lost : candidate.at("lost")) {
            sum += lost.at("points").get<double>();
            EXPECT_FALSE(lost.at("reason").get<std::string>().empty());
        }
        EXPECT_NEAR(sum, 100.0, 1e-9);
    }
    std::ofstream(file("t.csv")) << "key,name,class,re_ohm\nonly,Only one,wideBand100,5\n";
    const Ran own = run("rank " + file("demo.reed") + " d12 --no-cutting --shelf " + file("t.csv"));
    EXPECT_EQ(own.code, 0);
    EXPECT_NE(own.out.find("Only one"), std::string::npos) << own.out;
    EXPECT_EQ(run("rank " + file("demo.reed") + " d99").code, 2);
}

// Source: IEC 60028 copper and 2 % lay: 2 x 4 m of 1.5 mm2 are 0.0938 ohm.
TEST_F(Cli, ANewCableIsAddedToADriver)
{
    const std::string out = file("cable.reed");
    EXPECT_EQ(run("add " + file("shipped.reed") + " -o " + out + " --to d46 --cable-area 1.5e-6 --cable-length 4").code, 0);
    const auto least = [&](const char* stage) {
        const Json answer = run("evaluate --json " + out, "2>/dev/null").json();
        for (const Json& circuit : answer.at(stage).at("circuits"))
            if (circuit.at("channel") == "d10.ML") return circuit.at("leastLoad").at("value").get<double>();
        return 0.0;
    };
    EXPECT_NEAR(least("after") - least("before"), 0.0938, 0.002) << "the least load lies at another frequency by then";
    const Ran far = run("add " + file("shipped.reed") + " -o " + out + " --to d46 --cable-length 400");
    EXPECT_EQ(far.code, 2);
    EXPECT_NE(far.out.find("allowed 0 to 30 m"), std::string::npos) << far.out;
    EXPECT_EQ(run("add " + file("shipped.reed") + " -o " + out + " --to d10 --cable-length 4").code, 2);
}

}  // namespace
