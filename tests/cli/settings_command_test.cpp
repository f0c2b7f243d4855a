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
    plan["stages"][goal]["settings"]["d10.FL"] = {{"highPass", {{"frequency_hz", 80.0}, {"order", 4}}},
                                                  {"gain_db", -3.5},
                                                  {"delay_s", 0.001},
                                                  {"reversed", true}};
    const std::string set = file("set.reed");
    std::ofstream(set) << plan.dump();
    const auto sheet = run("settings " + set + " --csv");
    ASSERT_EQ(sheet.code, 0) << sheet.out;
    EXPECT_NE(sheet.out.find("channel FL\",\"left woofer, left front door; left tweeter, left sail\",\"Butterworth, 24 "
                             "dB/octave\",80.0,off,,-3.5,1.00,34.3,48,turned over"),
              std::string::npos)
        << sheet.out;
    const Json channels = run("settings " + set + " --json").json().at("channels");
    const auto left =
        std::find_if(channels.begin(), channels.end(), [](const Json& one) { return one.at("channel") == "d10.FL"; });
    ASSERT_NE(left, channels.end());
    EXPECT_EQ(left->at("highPass").at("frequency").at("value"), 80.0);
    EXPECT_EQ(left->at("delay").at("unit"), "s");
    EXPECT_FALSE(left->contains("lowPass"));
    EXPECT_NE(run("job " + set).out.find("dB/octave"), std::string::npos) << "it is on the card";
    EXPECT_EQ(run("job " + file("shipped.reed")).out.find("dB/octave"), std::string::npos) << "nothing is set there";
    EXPECT_EQ(run("settings " + file("nowhere.reed")).code, 2);
}

}  // namespace
