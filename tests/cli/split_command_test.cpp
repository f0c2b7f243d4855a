// Crossovers by command: three that differ in kind, and the plan with one of them in it.
#include "core/edits/filter_edits.h"
#include "core/io/plan_file.h"
#include "tests/cli/cli_fixture.h"

namespace {

using tests::Cli;
using tests::Json;
using tests::run;

TEST_F(Cli, SplitsDifferInKindAndAreWrittenIntoThePlan)
{
    const std::string demo = file("shipped.reed"), split = file("split.reed");
    const auto found = run("splits " + demo + " --json --answer fewest -o " + split);
    ASSERT_EQ(found.code, 0) << found.out;
    const Json answers = found.json().at("splits").at(0).at("answers");
    ASSERT_EQ(answers.size(), 3U);
    EXPECT_EQ(answers[0].at("kind"), "standing");
    EXPECT_TRUE(answers[0].at("parts").empty());
    ASSERT_EQ(answers[1].at("parts").size(), 1U);
    EXPECT_GT(answers[2].at("parts").size(), 1U);
    for (const Json& answer : answers) EXPECT_EQ(answer.at("evenness").at("unit"), "dB");
    const Json now = found.json().at("splits").at(0).at("now");
    EXPECT_EQ(now.at("hole").at("unit"), "dB");
    EXPECT_TRUE(now.at("clear").is_boolean());
    EXPECT_LT(answers[2].at("evenness").at("value"), answers[1].at("evenness").at("value"));
    // The capacitor that was said is the one that is in the plan.
    const double series_f = answers[1].at("parts").at("tweeterSeries").at("value");
    const Json plan = Json::parse(std::ifstream(split));
    EXPECT_NE(plan.dump().find(Json(series_f).dump()), std::string::npos) << series_f;
    EXPECT_NE(run("splits " + demo).out.find("most even: hand-over"), std::string::npos);
}

// What is to be made is on the card: what it is made of, where it goes, what it is wired to.
TEST_F(Cli, ASplitIsOnTheJobCard)
{
    const std::string split = file("even.reed");
    const auto found = run("splits " + file("shipped.reed") + " --json --answer even -o " + split);
    ASSERT_EQ(found.code, 0) << found.out;
    const Json parts = found.json().at("splits").at(0).at("answers").at(2).at("parts");
    ASSERT_TRUE(parts.contains("tweeterSeries")) << parts;
    const std::string card = run("job " + split).out;
    EXPECT_NE(card.find("network to be made: "), std::string::npos) << card;
    for (const auto& [name, value] : parts.items()) {
        const char* word = value.at("unit") == "F" ? "capacitor " : value.at("unit") == "H" ? "coil " : "resistor ";
        EXPECT_NE(card.find(word), std::string::npos) << name;
    }
    EXPECT_NE(card.find("on the dry side at"), std::string::npos);
    EXPECT_NE(card.find("Made at the bench: non-polar capacitors"), std::string::npos);
    EXPECT_EQ(card.find("in the plus lead"), std::string::npos) << "it is no part in one lead";
}

// A capacitor on its tweeter is bridged, and the one that is bought goes into the lead: no speaker is bought for it.
TEST_F(Cli, OneCapacitorGoesIntoTheLead)
{
    const std::string split = file("one.reed");
    const auto found = run("splits " + file("shipped.reed") + " --json --answer fewest -o " + split);
    ASSERT_EQ(found.code, 0) << found.out;
    const std::string card = run("job " + split).out;
    EXPECT_NE(card.find("2,\"capacitor in the lead, "), std::string::npos) << card;
    EXPECT_NE(card.find("with an insulated link"), std::string::npos);
    EXPECT_EQ(card.find("adapter lead"), std::string::npos) << card;
    EXPECT_EQ(card.find("Gasket on"), std::string::npos) << "no speaker is changed";
}

// What is put into a lead is on the card with its value, resistor as capacitor.
TEST_F(Cli, AResistorInTheLeadHasItsOhmsOnTheCard)
{
    using namespace core;
    auto document = readPlanFile(file("shipped.reed"), "shipped.reed");
    ASSERT_TRUE(document);
    constexpr DeviceId kSail{37};
    document->plan = apply(document->plan, addResistor(document->plan, kSail, 3.3)).plan;
    const std::string with = file("resistor.reed");
    std::ofstream(with) << planText(*document);
    const std::string card = run("job " + with).out;
    EXPECT_NE(card.find("2,\"resistor in the lead, 3.3\u202F\u03A9\""), std::string::npos) << card;
    EXPECT_NE(card.find("Put resistor in the lead, 3.3\u202F\u03A9 in the plus lead of left sail"), std::string::npos);
}

// A curve file is what is come near; with -o the plan keeps it and comes near it from then on.
TEST_F(Cli, SplitsComeNearACurveOfTheirOwn)
{
    write("wanted.frd", "20 6\n1000 0\n20000 -12\n");
    const std::string demo = file("shipped.reed"), own = file("own.reed");
    const auto evenOf = [](const Json& json) {
        return json.at("splits").at(0).at("answers").back().at("evenness").at("value").get<double>();
    };
    const auto taken =
        run("splits " + demo + " --target " + file("wanted.frd") + " --json --answer standing -o " + own);
    ASSERT_EQ(taken.code, 0) << taken.out;
    EXPECT_NE(evenOf(taken.json()), evenOf(run("splits " + demo + " --json").json()));
    EXPECT_NEAR(evenOf(run("splits " + own + " --json").json()), evenOf(taken.json()), 0.2);
    write("bad.frd", "20 banana\n");
    const auto bad = run("splits " + demo + " --target " + file("bad.frd"));
    EXPECT_EQ(bad.code, 2);
    EXPECT_NE(bad.out.find("bad.frd"), std::string::npos) << bad.out;
    EXPECT_EQ(run("splits " + demo + " --target " + file("nowhere.frd")).code, 2);
}

TEST_F(Cli, SplitsSayWhatTheyCannotAnswer)
{
    const auto unknown = run("splits " + file("shipped.reed") + " d999");
    EXPECT_EQ(unknown.code, 2);
    EXPECT_NE(unknown.out.find("takes over from no woofer; these do: d"), std::string::npos) << unknown.out;
    EXPECT_EQ(run("splits " + file("shipped.reed") + " --answer best").code, 2);
    // Nobody listens, nothing is written.
    Json plan = Json::parse(std::ifstream(file("shipped.reed")));
    plan["listeners"] = Json::object();
    write("deaf.reed", plan.dump());
    EXPECT_NE(run("splits " + file("deaf.reed") + " -o " + file("none.reed")).out.find("nobody listens"),
              std::string::npos);
    EXPECT_FALSE(tests::fs::exists(file("none.reed")));
    EXPECT_EQ(run("splits " + file("demo.reed")).code, 2) << "wide-bands alone hand nothing over";
    EXPECT_EQ(run("splits " + file("shipped.reed") + " --seat e999").code, 2);
}

}  // namespace
