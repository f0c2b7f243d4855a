// What is typed into a processor, by command and on the card.
#include "tests/cli/cli_fixture.h"

namespace {

using tests::Cli;
using tests::Json;
using tests::run;

// A high-pass, a level and a delay set in the file: the sheet gives them in every unit that a processor may ask for.
// 1 ms is 34.3 cm in air of 20 degrees and 48 samples at 48 kHz (arithmetic).
TEST_F(Cli, SettingsAreTypedIntoAnyProcessor)
{
    Json plan = Json::parse(std::ifstream(file("shipped.reed")));
    const std::string goal = plan.at("job").at("goal");
    plan["stages"][goal]["settings"]["d10.FL"] = {
        {"highPass", {{"frequency_hz", 80.0}, {"order", 4}, {"family", "linkwitzRiley"}}},
        {"bands", {{{"corner_hz", 250.0}, {"gain_db", -4.0}, {"q", 2.0}}}},
        {"gain_db", -3.5},
        {"delay_s", 0.001},
        {"reversed", true}};
    const std::string set = file("set.reed");
    std::ofstream(set) << plan.dump();
    const auto sheet = run("settings " + set + " --csv");
    ASSERT_EQ(sheet.code, 0) << sheet.out;
    EXPECT_NE(
        sheet.out.find("channel FL\",\"left woofer, left front door; left tweeter, left sail\",\"Linkwitz-Riley, 24 "
                       "dB/octave\",80.0,off,,-3.5,1.00,34.3,48,turned over,\"bell 250\u202FHz, "
                       "-4.0\u202FdB, Q 2.00\""),
        std::string::npos)
        << sheet.out;
    const Json channels = run("settings " + set + " --json").json().at("channels");
    const auto left =
        std::find_if(channels.begin(), channels.end(), [](const Json& one) { return one.at("channel") == "d10.FL"; });
    ASSERT_NE(left, channels.end());
    EXPECT_EQ(left->at("highPass").at("frequency").at("value"), 80.0);
    EXPECT_EQ(left->at("highPass").at("family"), "linkwitzRiley");
    EXPECT_EQ(left->at("bands").at(0).at("kind"), "peak");
    EXPECT_EQ(left->at("bands").at(0).at("gain").at("value"), -4.0);
    EXPECT_EQ(left->at("delay").at("unit"), "s");
    EXPECT_FALSE(left->contains("lowPass"));
    EXPECT_NE(run("job " + set).out.find("dB/octave"), std::string::npos) << "it is on the card";
    EXPECT_EQ(run("job " + file("shipped.reed")).out.find("dB/octave"), std::string::npos) << "nothing is set there";
    EXPECT_EQ(run("settings " + file("nowhere.reed")).code, 2);
}

// Who plays what, in words and as data: every driver's band, what lies on its way, and how much of its travel it uses.
TEST_F(Cli, WhoPlaysWhat)
{
    const Json bands = run("bandplan " + file("shipped.reed") + " --json").json();
    const auto row = [&](const char* coil) {
        for (const Json& one : bands.at("rows"))
            if (one.at("coil") == coil) return one;
        ADD_FAILURE() << coil;
        return Json();
    };
    EXPECT_LT(bands.at("plays").at("from").at("value"), 100.0);
    EXPECT_GT(bands.at("plays").at("to").at("value"), 10000.0);
    EXPECT_GT(row("d28.1").at("travel"), 0.0);
    EXPECT_FALSE(row("d37.1").contains("travel")) << "a tweeter's is not looked at";
    // 4.7 uF into 4 ohm: 1 / (2 pi R C).
    EXPECT_NEAR(row("d37.1").at("ownHighPass").at("value"), 8466.0, 1.0);
    EXPECT_GT(row("d37.1").at("carries").at(0).at("from").at("value"),
              row("d28.1").at("carries").at(0).at("from").at("value"));
    const auto said = run("bandplan " + file("shipped.reed"));
    EXPECT_EQ(said.code, 0);
    EXPECT_NE(said.out.find("of its travel"), std::string::npos) << said.out;
    EXPECT_EQ(run("bandplan " + file("nowhere.reed")).code, 2);
    EXPECT_EQ(run("bandplan " + file("shipped.reed") + " --seat roof").code, 2);
}

}  // namespace
