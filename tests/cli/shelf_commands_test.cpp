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

TEST_F(Cli, AnAmplifierIsAddedAndThenItsFuse)
{
    const std::string first = file("amplifier.reed"), second = file("supply.reed");
    ASSERT_EQ(run("add " + file("demo.reed") + " -o " + first + " --amplifier amp-burn-4").code, 0);
    const Json bare = run("check --json " + first, "2>/dev/null").json();
    const auto stops = [](const Json& answer) { return answer.dump().find("LOAD14") != std::string::npos; };
    EXPECT_TRUE(stops(bare)) << bare.dump(1);
    std::string amplifier;
    std::ifstream in(first);
    const Json stages = Json::parse(in).at("stages");
    for (const Json& entry : stages) {
        const Json devices = entry.value("devices", Json::object());
        for (const auto& [id, device] : devices.items())
            if (device.value("label", "") == "Burn four-channel 45") amplifier = id;
    }
    const std::string supply = "add " + first + " -o " + second + " --fuse fuse-15 --cable-area 6e-6 --supply ";
    ASSERT_EQ(run(supply + amplifier).code, 0) << amplifier;
    EXPECT_FALSE(stops(run("check --json " + second, "2>/dev/null").json()));
    const Ran none = run("add " + first + " -o " + second + " --fuse cap-10 --supply " + amplifier);
    EXPECT_EQ(none.code, 2);
    EXPECT_NE(none.out.find("is no fuse on the shelf"), std::string::npos) << none.out;
    EXPECT_EQ(run(supply + "d12").code, 2) << "a driver";
}

TEST_F(Cli, AnAmplifierComesWithItsFuseAndNothingTypedIsDropped)
{
    const std::string out = file("whole.reed"), add = "add " + file("demo.reed") + " -o " + out;
    EXPECT_EQ(run(add + " --amplifier amp-burn-4 --fuse fuse-15 --cable-area 6e-6").code, 0);
    EXPECT_EQ(run("check --json " + out, "2>/dev/null").json().dump().find("LOAD14"), std::string::npos);
    for (const auto& [arguments, why] :
         {std::pair{" --fuse fuse-15", "--fuse without --supply or --amplifier"},
          std::pair{" --amplifier amp-burn-4 --supply d10", "--supply without --fuse"},
          std::pair{" --amplifier amp-burn-4 --cable-length 4", "without --to or --fuse"},
          std::pair{" --amplifier amp-burn-4 --as d12", "--as without --set or --network"}}) {
        const Ran wrong = run(add + arguments);
        EXPECT_EQ(wrong.code, 2) << arguments;
        EXPECT_NE(wrong.out.find(why), std::string::npos) << wrong.out;
    }
}

TEST_F(Cli, ANetworkIsAddedBeforeAWoofer)
{
    const std::string out = file("network.reed");
    EXPECT_EQ(run("add " + file("shipped.reed") + " -o " + out + " --network net-orchid --as d28").code, 0);
    for (const auto& [arguments, why] : {std::pair{" --network cap-10 --as d28", "is no two-way network"},
                                         std::pair{" --network net-orchid --as d10", "is no driver"},
                                         std::pair{" --network net-orchid", "is no driver"}}) {
        const Ran wrong = run("add " + file("shipped.reed") + " -o " + out + arguments);
        EXPECT_EQ(wrong.code, 2) << arguments;
        EXPECT_NE(wrong.out.find(why), std::string::npos) << wrong.out;
    }
    const Ran bare = run("add " + file("shipped.reed") + " -o " + out + " --to d46");
    EXPECT_EQ(bare.code, 2);
    EXPECT_NE(bare.out.find("needs --cable-area"), std::string::npos) << bare.out;
}

// Source: IEC 60028 copper and 2 % lay: 2 x 4 m of 1.5 mm2 are 0.0938 ohm.
TEST_F(Cli, ANewCableIsAddedToADriver)
{
    const std::string out = file("cable.reed");
    EXPECT_EQ(run("add " + file("shipped.reed") + " -o " + out + " --to d46 --cable-area 1.5e-6 --cable-length 4").code,
              0);
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
