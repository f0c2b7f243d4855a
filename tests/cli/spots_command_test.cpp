// What a driver can be put on, and the map of better spots, from the command line.
#include "tests/cli/cli_fixture.h"

namespace {

using tests::Cli;
using tests::Json;
using tests::Ran;
using tests::run;

TEST_F(Cli, ListsWhatADriverCanBePutOn)
{
    const Json all = run("surfaces --json " + file("demo.reed")).json().at("surfaces");
    const auto named = [&](const std::string& name) {
        for (const Json& one : all)
            if (one.at("name") == name) return one;
        return Json();
    };
    EXPECT_EQ(named("left sail").at("closed"), false);
    EXPECT_EQ(named("left sail").at("backing"), "plastic");
    EXPECT_EQ(named("right pillar").at("closed"), true);
    const Ran text = run("surfaces " + file("demo.reed"));
    EXPECT_EQ(text.code, 0);
    EXPECT_NE(text.out.find("left front door: 500 by 300 mm, metal\n"), std::string::npos) << text.out;
    EXPECT_NE(text.out.find("left pillar: 60 by 250 mm, plastic; closed"), std::string::npos);
    EXPECT_EQ(run("surfaces " + file("none.reed")).code, 2);
    // Those that the plan has itself count alone, here and on the map.
    Json plan = Json::parse(std::ifstream(file("demo.reed")));
    plan["surfaces"]["z90"] = {{"material", "hardTrim"},          {"name", "shelf"},
                               {"corner_m", {-0.5, 0.2, 0.9}},    {"along_m", {0.0, 0.4, 0.0}},
                               {"across_m", {0.1, 0.0, 0.0}},     {"mountable", true}};
    std::ofstream(file("own.reed")) << plan.dump();
    const Json own = run("surfaces --json " + file("own.reed")).json().at("surfaces");
    ASSERT_EQ(own.size(), 1U);
    EXPECT_EQ(own.at(0).at("name"), "shelf");
    // It says no kind: it lies where a dash does, before the dials.
    EXPECT_EQ(run("surfaces " + file("own.reed")).out,
              "shelf: 400 by 100 mm, plastic; closed: before the dials or the road\nLook behind before you cut.\n");
    plan["surfaces"]["z90"]["kind"] = "sail";
    std::ofstream(file("own.reed")) << plan.dump();
    EXPECT_EQ(run("surfaces " + file("own.reed")).out,
              "shelf: 400 by 100 mm, plastic\nLook behind before you cut.\n");
}

TEST_F(Cli, MapsSpotsAndPutsTheDriverThere)
{
    const Json map = run("spots --json --count 200 -o " + file("moved.reed") + " " + file("demo.reed") + " d12").json();
    EXPECT_EQ(map.at("weights").at("sum"), 100.0);
    ASSERT_FALSE(map.at("best").empty());
    EXPECT_FALSE(map.at("best").at(0).at("on").get<std::string>().empty()) << "it says on what";
    const Json again = run("spots --json --count 200 " + file("moved.reed") + " d12").json();
    EXPECT_EQ(again.at("now").at("at_m"), map.at("best").at(0).at("at_m"));
    EXPECT_NEAR(again.at("now").at("points").get<double>(), map.at("best").at(0).at("points").get<double>(), 1e-6);
    const Ran text = run("spots --count 50 " + file("demo.reed") + " d12");
    EXPECT_NE(text.out.find("keep clear of every restraint"), std::string::npos);
    const Ran wrong = run("spots " + file("demo.reed") + " d999");
    EXPECT_EQ(wrong.code, 2);
    EXPECT_NE(wrong.out.find("is no driver that plays in this plan; these do: d12, d14"), std::string::npos);
}

}  // namespace
