// The command line as others call it: its exit codes, its one clear line, its JSON.
#include <gtest/gtest.h>
#include <unistd.h>

#include <array>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>

namespace {

namespace fs = std::filesystem;
using Json = nlohmann::json;

struct Ran {
    int code = -1;
    std::string out{};
    [[nodiscard]] Json json() const { return Json::parse(out); }
};

Ran run(const std::string& arguments)
{
    Ran ran;
    FILE* pipe = ::popen((std::string(CLI_PROGRAM) + " " + arguments + " 2>&1").c_str(), "r");
    EXPECT_NE(pipe, nullptr);
    std::array<char, 4096> buffer{};
    for (size_t got = 0; (got = std::fread(buffer.data(), 1, buffer.size(), pipe)) > 0;)
        ran.out.append(buffer.data(), got);
    ran.code = WEXITSTATUS(::pclose(pipe));
    return ran;
}

class Cli : public testing::Test {
protected:
    void SetUp() override
    {
        fs::create_directories(m_folder);
        ASSERT_EQ(run("demo -o " + file("demo.reed")).code, 0);
        ASSERT_EQ(run("demo --trouble -o " + file("trouble.reed")).code, 0);
    }
    void TearDown() override { fs::remove_all(m_folder); }
    [[nodiscard]] std::string file(const std::string& name) const { return (m_folder / name).string(); }
    void write(const std::string& name, const std::string& text) const { std::ofstream(file(name)) << text; }

private:
    fs::path m_folder = fs::temp_directory_path() / ("golden-reed-cli-" + std::to_string(::getpid()));
};

TEST_F(Cli, CheckSaysByItsCodeWhetherAStopStands)
{
    EXPECT_EQ(run("check " + file("demo.reed")).code, 0);
    const Ran trouble = run("check " + file("trouble.reed"));
    EXPECT_EQ(trouble.code, 1);
    EXPECT_NE(trouble.out.find("LOAD1"), std::string::npos);
    EXPECT_EQ(run("check " + file("none.reed")).code, 2);
}

TEST_F(Cli, CheckAsJsonCarriesEvidenceWithUnitsOriginsAndLimits)
{
    const Json findings = run("check --json " + file("trouble.reed")).json().at("findings");
    std::map<std::string, Json> byCode;
    for (const Json& finding : findings) byCode[finding.at("code")] = finding;
    for (const char* code : {"LOAD1", "LOAD2", "LOAD3", "LOAD4", "SPLIT2", "SPLIT3"})
        EXPECT_TRUE(byCode.contains(code)) << code;
    const Json& load = byCode.at("LOAD1");
    EXPECT_EQ(load.at("severity"), "stop");
    EXPECT_EQ(load.at("evidence")[0].at("of"), "d10.RR:leastImpedance_ohm");
    EXPECT_EQ(load.at("evidence")[0].at("unit"), "ohm");
    EXPECT_EQ(load.at("evidence")[0].at("origin"), "stated");
    // Source: 0.70 x 4 ohm, the Stop limit of a 4 ohm minimum; common practice, no source.
    EXPECT_NEAR(load.at("evidence")[0].at("limit").get<double>(), 2.8, 1e-9);
    EXPECT_FALSE(load.at("mends").empty());
}

TEST_F(Cli, EvaluateGivesTheNumbersOfTheJob)
{
    const Json result = run("evaluate --json " + file("trouble.reed")).json();
    // Source: closed forms, 68 uF into 6 and 8 ohm; 10 log(6 / 8); capacitor for the old corner on 8 ohm, IEC 60063.
    EXPECT_NEAR(result.at("before").at("runs")[0].at("idealCorner").at("value").get<double>(), 390.086, 5e-4);
    EXPECT_NEAR(result.at("after").at("runs")[0].at("idealCorner").at("value").get<double>(), 292.564, 5e-4);
    EXPECT_EQ(result.at("after").at("runs")[0].at("idealCorner").at("unit"), "Hz");
    const Json& change = result.at("changes")[0];
    EXPECT_NEAR(change.at("equalVolts").at("value").get<double>(), -1.24939, 5e-6);
    EXPECT_NEAR(change.at("restoringCapacitor").at("exact").at("value").get<double>(), 51e-6, 1e-9);
    EXPECT_NEAR(change.at("restoringCapacitor").at("e6").at("value").get<double>(), 47e-6, 1e-12);
    for (const char* band : {"lowBass", "midBass", "mid", "treble"}) {
        EXPECT_TRUE(result.at("bandChange").at("e5").at(band).at("reach").contains("value"));
        EXPECT_EQ(result.at("after").at("listeners").at("e6").at(band).at("reach").at("unit"), "dB");
    }
    EXPECT_EQ(result.at("before").at("runs")[0].at("re").at("origin"), "classGuess");
}

TEST_F(Cli, EvaluateAsTextNamesBothEars)
{
    const Ran ran = run("evaluate " + file("demo.reed"));
    EXPECT_EQ(ran.code, 0);
    for (const char* words : {"driver's seat", "rear seat, left", "least load", "E6"})
        EXPECT_NE(ran.out.find(words), std::string::npos) << words;
}

TEST_F(Cli, AnUnreadablePlanIsOneLineAndCodeTwo)
{
    write("broken.reed", "{\"format\": \"reed\",\n\"version\": 1,");
    const Ran ran = run("evaluate " + file("broken.reed"));
    EXPECT_EQ(ran.code, 2);
    EXPECT_EQ(std::count(ran.out.begin(), ran.out.end(), '\n'), 1) << ran.out;
    EXPECT_NE(ran.out.find("broken.reed line 2"), std::string::npos) << ran.out;
    EXPECT_EQ(run("check --json " + file("broken.reed") + " 2>/dev/null").code, 2);
}

TEST_F(Cli, AnImpossiblePlanNamesItsJsonPath)
{
    write(
        "bad.reed",
        R"({"format": "reed", "version": 1, "lastId": 2, "places": {"p1": 5}, "stages": {"s1": {"kind": "factory"}, "s2": {"kind": "found", "on": "s1"}}})");
    EXPECT_NE(run("check " + file("bad.reed")).out.find("/places/p1: found 5, expected an object"), std::string::npos);
}

TEST_F(Cli, SlateAnswersInWordsAndJson)
{
    EXPECT_NE(run("slate \"68 uF 6 ohm\"").out.find("390"), std::string::npos);
    const Json answer = run("slate --json \"50 W 4 ohm\"").json();
    EXPECT_NEAR(answer.at("results").at("voltage").at("value").get<double>(), 14.1421, 5e-5);
    EXPECT_EQ(answer.at("results").at("voltage").at("unit"), "V");
    EXPECT_EQ(run("slate --json \"3x4 ohm min 2\"").json().at("results").at("parallelAllowed"), false);
    EXPECT_EQ(run("slate \"1,200 ohm 68 uF\"").code, 2);
}

TEST_F(Cli, NetlistOfAChannelOrTheListOfThem)
{
    EXPECT_NE(run("netlist " + file("demo.reed") + " d10.RL --stage found").out.find(".ac dec 160 20 20k"),
              std::string::npos);
    const Ran wrong = run("netlist " + file("demo.reed") + " d10.FL");
    EXPECT_EQ(wrong.code, 2);
    EXPECT_NE(wrong.out.find("it has d10.RL, d10.RR"), std::string::npos);
}

TEST_F(Cli, SchemaIsJson)
{
    EXPECT_EQ(run("schema").json().at("$schema"), "http://json-schema.org/draft-07/schema#");
}

TEST_F(Cli, WrongArgumentsAreCodeTwoAndHelpIsNone)
{
    EXPECT_EQ(run("").code, 2);
    EXPECT_EQ(run("bake").code, 2);
    EXPECT_EQ(run("evaluate").code, 2);
    EXPECT_EQ(run("--help").code, 0);
    EXPECT_EQ(run("demo -o /nowhere/at/all.reed").code, 2);
}

}  // namespace
