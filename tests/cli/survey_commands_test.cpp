// A survey without a screen: new, inventory, remedies.
#include "tests/cli/cli_fixture.h"

namespace {

using tests::Cli;
using tests::Json;
using tests::Ran;
using tests::run;

TEST_F(Cli, ANewPlanOfEveryKindIsValidAndHasItsSeats)
{
    for (const char* kind : {"estate", "pickup", "motorcycle", "boat"}) {
        ASSERT_EQ(run("new " + std::string(kind) + " -o " + file("new.reed")).code, 0) << kind;
        EXPECT_EQ(run("check " + file("new.reed")).code, 0) << kind;
        const Json plan = Json::parse(std::ifstream(file("new.reed")));
        const std::string written = plan.contains("body") ? plan.at("body").at("kind") : Json("estate");  // the default
        EXPECT_EQ(written, kind);
        EXPECT_EQ(plan.at("listeners").begin()->at("seat"), "driver");
    }
    const Ran wrong = run("new spaceship -o " + file("x.reed"));
    EXPECT_EQ(wrong.code, 2);
    EXPECT_NE(wrong.out.find("spaceship: is none of hatchback"), std::string::npos) << wrong.out;
    EXPECT_EQ(run("new estate -o /nowhere/x.reed").code, 2);
}

TEST_F(Cli, AnEmptyVehicleIsNoCompleteInventory)
{
    ASSERT_EQ(run("new estate -o " + file("new.reed")).code, 0);
    EXPECT_EQ(run("inventory --json " + file("new.reed"), "").json().at("complete"), false);
}

// Added as planned: nothing stands there before, and after it is fed by what was added with it.
TEST_F(Cli, AddsAnAmplifierAndSpeakersAsPlanned)
{
    ASSERT_EQ(run("new estate -o " + file("new.reed")).code, 0);
    ASSERT_EQ(run("add " + file("new.reed") + " --amplifier amp-beck-2 -o " + file("amp.reed")).code, 0);
    ASSERT_EQ(
        run("add " + file("amp.reed") + " --spot 'front door' --driver wf165-cedar-4 -o " + file("both.reed")).code, 0);
    const Json both = run("evaluate --json " + file("both.reed"), "").json();
    EXPECT_EQ(both.at("before").at("runs").size(), 0U);
    EXPECT_EQ(both.at("after").at("runs").size(), 2U);
    const Ran wrong = run("add " + file("amp.reed") + " --spot moon -o " + file("x.reed"));
    EXPECT_EQ(wrong.code, 2);
    EXPECT_NE(wrong.out.find("moon: is no usual spot"), std::string::npos) << wrong.out;
    EXPECT_EQ(run("add " + file("amp.reed") + " -o " + file("x.reed")).code, 2) << "nothing to add";
}

TEST_F(Cli, InventorySaysWhatIsWhereAndWhatIsOpen)
{
    const Json inventory = run("inventory --json " + file("demo.reed"), "").json();
    EXPECT_EQ(inventory.at("complete"), false);
    ASSERT_EQ(inventory.at("rows").size(), 2U);
    const Json& left = inventory.at("rows")[0];
    EXPECT_EQ(left.at("coil"), "d12.1");
    EXPECT_EQ(left.at("channels")[0], "d10.RL");
    EXPECT_EQ(left.at("polarity"), 1);
    EXPECT_EQ(left.at("open"), Json::array({"wayIn"}));
    EXPECT_EQ(left.at("from").at("unit"), "Hz");
    const Ran text = run("inventory " + file("demo.reed"));
    EXPECT_EQ(text.code, 0);
    EXPECT_NE(text.out.find("open: the way in"), std::string::npos) << text.out;
    EXPECT_EQ(run("inventory " + file("none.reed")).code, 2);
}

TEST_F(Cli, RemediesSayWhatEachWouldChange)
{
    const Json thin = run("remedies --json " + file("demo.reed") + " thin", "").json();
    EXPECT_EQ(thin.at("from").at("value"), 60.0);
    ASSERT_FALSE(thin.at("remedies").empty());
    for (const Json& remedy : thin.at("remedies")) EXPECT_EQ(remedy.at("level").at("unit"), "dB");
    const Ran text = run("remedies " + file("demo.reed") + " thin --seat rearLeft");
    EXPECT_EQ(text.code, 0);
    EXPECT_NE(text.out.find("Bypass the capacitor"), std::string::npos) << text.out;
    EXPECT_EQ(run("remedies " + file("demo.reed") + " purple").code, 2);
    EXPECT_EQ(run("remedies " + file("demo.reed") + " thin --seat frontPassenger").code, 2);
}

TEST_F(Cli, ContinuitySaysWhatAMeterShouldRead)
{
    // The demo has a capacitor in each plug: no direct current flows.
    const Json demo = run("continuity --json " + file("demo.reed"), "").json();
    ASSERT_EQ(demo.at("channels").size(), 2U);
    EXPECT_EQ(demo.at("channels")[0].at("channel"), "d10.RL");
    EXPECT_EQ(demo.at("channels")[0].at("expected"), "open");
    EXPECT_EQ(demo.at("channels")[0].at("plus"), "grey");
    EXPECT_EQ(demo.at("channels")[0].at("coils")[0], "d12.1");
    EXPECT_FALSE(demo.at("channels")[0].contains("read"));
    const Ran text = run("continuity " + file("demo.reed"));
    EXPECT_EQ(text.code, 0);
    EXPECT_NE(text.out.find("2 channels to read before anything is ordered."), std::string::npos) << text.out;
    EXPECT_EQ(run("continuity " + file("none.reed")).code, 2);
}

TEST_F(Cli, PinsAreATableThatCanBeKept)
{
    const Ran text = run("pins " + file("demo.reed") + " d10", "");
    EXPECT_EQ(text.code, 0);
    EXPECT_EQ(text.out.substr(0, text.out.find('\r')), "terminal,plug,pin,colour,known");
    EXPECT_NE(text.out.find("RL+,main,,grey,"), std::string::npos) << text.out;
    const Json json = run("pins --json " + file("demo.reed") + " d10", "").json();
    ASSERT_EQ(json.at("pins").size(), 4U);
    EXPECT_EQ(json.at("pins")[0].at("origin"), "classGuess");
    for (const char* wrong : {"d12", "d99", "radio"}) {
        const Ran ran = run("pins " + file("demo.reed") + " " + wrong);
        EXPECT_EQ(ran.code, 2) << wrong;
        EXPECT_NE(ran.out.find("is no radio or amplifier of this plan"), std::string::npos) << ran.out;
    }
}

// A shelf's driver of 2 ohm waits for the question that tells the variants apart; one of 4 does not.
TEST_F(Cli, RankHoldsBackWhatOneVariantTakes)
{
    write("few.csv", "key,name,nominal_ohm,re_ohm\nfew,Few ohms,2,1.7\nusual,Usual,4,3.3\n");
    ASSERT_EQ(run("new estate -o " + file("new.reed")).code, 0);
    const Json ranked = run("rank --json " + file("demo.reed") + " d12 --shelf " + file("few.csv"), "").json();
    const Json& all = ranked.at("candidates");
    ASSERT_EQ(all.size(), 2U);
    for (const Json& one : all) {
        // The demo's radio states its least load: nothing has to wait.
        EXPECT_TRUE(one.at("heldBack").is_null()) << one.dump();
    }
}

}  // namespace
