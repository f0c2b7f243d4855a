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

}  // namespace
