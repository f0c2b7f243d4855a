// The command line as others call it: its exit codes, its one clear line, its JSON.
#include <cmath>
#include <set>
#include <sstream>

#include "tests/cli/cli_fixture.h"

namespace {

namespace fs = std::filesystem;
using tests::Cli;
using tests::Json;
using tests::Ran;
using tests::run;

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
    for (const char* code : {"LOAD1", "LOAD2", "LOAD3", "LOAD4", "SPLIT2", "SPLIT7"})
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
    EXPECT_EQ(run("check --json " + file("broken.reed")).code, 2);
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

TEST_F(Cli, CalcListsEverySectionWithUnitsAndDefaults)
{
    const Json models = run("calc --json").json().at("models");
    std::set<std::string> sections;
    for (const Json& model : models) {
        sections.insert(model.at("section"));
        EXPECT_FALSE(model.at("purpose").get<std::string>().empty()) << model.at("name");
        EXPECT_FALSE(model.at("outputs").empty()) << model.at("name");
        for (const Json& input : model.at("inputs")) {
            EXPECT_FALSE(input.at("allowed").get<std::string>().empty()) << input;
            EXPECT_EQ(input.contains("default"), input.contains("default") && !input.at("needed").get<bool>()) << input;
        }
    }
    std::set<std::string> wanted{"0"};
    for (int i = 1; i <= 16; ++i) wanted.insert("A" + std::to_string(i));
    for (const int i : {1, 2, 3, 4, 5, 6, 7, 8, 10, 11}) wanted.insert("B" + std::to_string(i));  // B9 is networks
    for (int i = 1; i <= 3; ++i) wanted.insert("C" + std::to_string(i));
    for (int i = 1; i <= 8; ++i) wanted.insert("D" + std::to_string(i));
    wanted.insert({"G1", "G2", "H6"});
    for (const std::string& section : wanted) EXPECT_TRUE(sections.contains(section)) << section;
    const std::string text = run("calc").out;
    EXPECT_NE(text.find("ratedSupply_v [V] > 0, usually 14.4 (practice ratedSupply_v)"), std::string::npos);
}

TEST_F(Cli, CalcRunsByNameAndBySection)
{
    const Json byName = run("calc fuse load_a=60 ampacity_a=160 kind=anl").json();
    EXPECT_EQ(byName.at("results").at("fuse_a").at("value"), 80.0);
    EXPECT_EQ(byName.at("results").at("fuse_a").at("unit"), "A");
    EXPECT_EQ(byName.at("warnings"), Json::array());
    EXPECT_EQ(run("calc A13 load_a=60 ampacity_a=160 kind=anl").json(), byName);
    EXPECT_EQ(run("calc A7 from_ohm=8 to_ohm=4").json().at("model"), "load-change");
    const Ran either = run("calc A7", "2>/dev/null");
    EXPECT_EQ(either.code, 2);
    EXPECT_EQ(either.json().at("error").at("allowed"), "for section A7 one of load-change, power-change, sensitivity");
}

TEST_F(Cli, CalcTakesListsComplexNumbersAndFiles)
{
    // Source: closed form, 10 V across 3.3 + 2.2j ohm.
    const Json typed = run("calc A1 voltage_v=10 load_ohm=3.3+2.2j").json();
    EXPECT_NEAR(typed.at("results").at("power_w").at("value").get<double>(), 20.9790, 5e-5);
    EXPECT_EQ(typed.at("inputs").at("load_ohm").at("value").at("im"), 2.2);
    write("in.json", R"({"voltage_v": 10, "load_ohm": {"re": 3.3, "im": 2.2}})");
    EXPECT_EQ(run("calc sine-power --in " + file("in.json")).json(), typed);
    write("ladder.cir", "t\nV1 in 0 AC 1\nR1 in out 1\nR2 out 0 1\n");
    const Json network = run("calc network node=out frequency_hz=[100,1000] netlist=@" + file("ladder.cir")).json();
    EXPECT_EQ(network.at("results").at("voltage_v").at("value").size(), 2U);
    EXPECT_EQ(network.at("results").at("voltage_v").at("value")[1].at("re"), 0.5);
}

struct BadCalc {
    const char* arguments;
    const char* code;
    const char* quantity;
};
TEST_F(Cli, CalcRefusesByNameWithCodeTwo)
{
    write("nan.json", R"({"load_a": "nan", "ampacity_a": 160})");
    write("list.json", "[1]");
    const std::string nanFile = "calc fuse --in " + file("nan.json"), listFile = "calc fuse --in " + file("list.json");
    for (const BadCalc& bad :
         {BadCalc{"calc fuse load_a=inf ampacity_a=160", "NotFinite", "load_a"},
          BadCalc{nanFile.c_str(), "NotFinite", "load_a"},
          BadCalc{"calc fuse load_a=-1 ampacity_a=160", "OutOfDomain", "load_a"},
          BadCalc{"calc fuse load_a=130 ampacity_a=160 kind=anl", "CableTooSmall", "ampacity_a"},
          BadCalc{"calc fuse load_a=1", "Underdetermined", "ampacity_a"},
          BadCalc{"calc fuse load_a=1 colour=2", "UnknownName", "colour"}, BadCalc{"calc bake", "UnknownName", "model"},
          BadCalc{"calc A7 from_ohm=8 colour=2", "UnknownName", "colour"},
          BadCalc{"calc fuse load_a=1 load_a=2 ampacity_a=9", "Unreadable", "load_a"},
          BadCalc{"calc fuse load_a=x", "Unreadable", "load_a"}, BadCalc{"calc fuse load_a", "Unreadable", "load_a"},
          BadCalc{listFile.c_str(), "Unreadable", "/"}}) {
        const Ran ran = run(bad.arguments, "2>/dev/null");
        EXPECT_EQ(ran.code, 2) << bad.arguments;
        EXPECT_EQ(ran.json().at("error").at("code"), bad.code) << bad.arguments;
        EXPECT_EQ(ran.json().at("error").at("quantity"), bad.quantity) << bad.arguments;
    }
}

// Source: the public text convention: halfway in ln f lies halfway in dB and in degrees.
TEST_F(Cli, CalcReadsCurveFilesAndSaysWhereTheyAreBroken)
{
    write("two.frd", "* two points\n100 80 -10\n400 86 -100\n");
    const Json read = run("calc curve-file frequency_hz=200 curve=@" + file("two.frd")).json().at("results");
    EXPECT_NEAR(read.at("level_db").at("value").get<double>(), 83.0, 1e-9);
    EXPECT_NEAR(read.at("phase_deg").at("value").get<double>(), -55.0, 1e-9);
    EXPECT_EQ(read.at("points").at("value"), 2.0);
    write("comma.frd", "100,5 80\n");
    const Ran broken = run("calc H6 curve=@" + file("comma.frd"), "2>/dev/null");
    EXPECT_EQ(broken.code, 2);
    EXPECT_EQ(broken.json().at("error").at("quantity"), "decimalComma");
    EXPECT_NE(broken.out.find("line 1"), std::string::npos);
    write("zero.zma", "20 4 0\n30 0 0\n");
    EXPECT_NE(run("calc H6 kind=impedance curve=@" + file("zero.zma")).out.find("line 2: found 0 ohm"),
              std::string::npos);
}

TEST_F(Cli, CalcNamesTheLineOfABrokenNetlist)
{
    write("broken.cir", "title\nV1 in 0 AC 1\nR1 in 0 3k3\n");
    const Ran ran = run("calc network netlist=@" + file("broken.cir"), "2>/dev/null");
    EXPECT_EQ(ran.code, 2);
    EXPECT_EQ(ran.json().at("error").at("code"), "Unreadable");
    EXPECT_NE(ran.out.find("netlist line 3: found '3k3'"), std::string::npos) << ran.out;
}

// The netlist of a plan's channel goes straight back into calc, and the load is the one that evaluate found.
TEST_F(Cli, TheNetlistOfAPlanComesBackThroughCalc)
{
    write("channel.cir", run("netlist " + file("demo.reed") + " d10.RL --stage found").out);
    const Json network = run("calc network netlist=@" + file("channel.cir")).json().at("results");
    double least = 1e9;
    for (const Json& value : network.at("inputMagnitude_ohm").at("value")) least = std::min(least, value.get<double>());
    const Json circuit = run("evaluate --json " + file("demo.reed")).json().at("before").at("circuits")[0];
    // The source of the netlist stands behind the channel's own output resistance of 0.02 ohm.
    EXPECT_NEAR(least, circuit.at("leastLoad").at("value").get<double>() + 0.02, 1e-3);
}

TEST_F(Cli, CalcSpreadsUncertaintyOnRequest)
{
    const Json result = run("calc load-change from_ohm=8 to_ohm=4 --spread from_ohm=0.1").json().at("results");
    // Source: 10/ln 10 dB for each relative unit, by a difference of 0.1 %.
    EXPECT_NEAR(result.at("change_db").at("spread").get<double>(), 0.434294, 1e-6);
    EXPECT_EQ(run("calc load-change from_ohm=8 to_ohm=4 --spread wide").code, 2);
}

TEST_F(Cli, EvaluateSaysWhatPartsAndCoilsBear)
{
    const Json before = run("evaluate --json " + file("demo.reed")).json().at("before");
    const Json& part = before.at("circuits")[0].at("parts")[0];
    EXPECT_EQ(part.at("part"), "d11.C");
    EXPECT_EQ(part.at("kind"), "capacitor");
    // Source: a capacitor is bought for 1.5 times the peak of its largest voltage; common practice, no source.
    EXPECT_NEAR(part.at("leastRating").at("value").get<double>(),
                1.5 * std::sqrt(2.0) * part.at("voltage").at("value").get<double>(), 1e-9);
    EXPECT_EQ(part.at("leastRating").at("unit"), "V");
    EXPECT_EQ(part.at("voltage").at("origin"), "classGuess");
    const Json& coil = before.at("runs")[0];
    double bands = 0.0;
    for (const auto& [name, band] : coil.at("programmeBands").items()) bands += band.at("value").get<double>();
    EXPECT_NEAR(bands, coil.at("programmePower").at("value").get<double>(), 1e-6 * bands + 1e-2 * bands);
    EXPECT_GT(coil.at("travel").at("value").get<double>(), 0.0);
    EXPECT_EQ(coil.at("travel").at("unit"), "m");
}

TEST_F(Cli, EvaluateAsTextSaysWhatToBuy)
{
    const Ran ran = run("evaluate " + file("demo.reed"));
    EXPECT_NE(ran.out.find("buy at least"), std::string::npos);
    EXPECT_NE(ran.out.find("travel up to"), std::string::npos);
}

// Every number of the results has a unit and an origin; what rests on guesses says so.
TEST_F(Cli, EvaluateGivesEveryNumberItsUnitAndOrigin)
{
    const auto check = [](const Json& json, const auto& self) -> void {
        if (json.is_object() && json.contains("value")) {
            EXPECT_TRUE(json.contains("unit") && json.contains("origin")) << json;
            EXPECT_TRUE(json.at("value").is_number()) << json;
            return;
        }
        for (const Json& one : json)
            if (one.is_structured()) self(one, self);
    };
    const Json result = run("evaluate --json " + file("trouble.reed")).json();
    check(result, check);
    for (const Json& run : result.at("before").at("runs"))
        for (const char* figure : {"voltage", "programmePower", "sinePower", "travel"})
            EXPECT_EQ(run.at(figure).at("origin"), "classGuess") << figure;
}

TEST_F(Cli, EvaluateGivesItsCurvesAsCsv)
{
    const Ran ran = run("evaluate --csv " + file("demo.reed"));
    EXPECT_EQ(ran.code, 0);
    EXPECT_EQ(std::count(ran.out.begin(), ran.out.end(), '\n'), 482);  // a heading and the grid
    EXPECT_EQ(ran.out.find("frequency_hz,before d10.RL load_ohm,before d10.RL load_deg"), 0U);
    std::istringstream lines(ran.out);
    std::string line, heading;
    std::getline(lines, heading);
    while (std::getline(lines, line))
        EXPECT_EQ(std::count(line.begin(), line.end(), ','), std::count(heading.begin(), heading.end(), ','));
    for (const char* column : {"level_db", "leftEar_db", "rightEar_db", "leftSide_db", "rightSide_db", "loudest_db",
                               "d10.RL channel_db", "d10.RR channel_db"})
        EXPECT_NE(heading.find(std::string("after e5 ") + column), std::string::npos) << column;
}

// The mean of both ears' squares is the level: a definition, and it holds in the columns that are written.
TEST_F(Cli, TheEarsOfTheCsvMakeItsLevel)
{
    std::istringstream lines(run("evaluate --csv " + file("demo.reed")).out);
    const auto cells = [](const std::string& line) {
        std::istringstream in(line);
        std::vector<std::string> found;
        for (std::string cell; std::getline(in, cell, ',');) found.push_back(cell);
        return found;
    };
    std::string line;
    std::getline(lines, line);
    const auto names = cells(line);
    const auto at = [&](const char* name) {
        return static_cast<size_t>(std::find(names.begin(), names.end(), name) - names.begin());
    };
    const size_t level = at("after e5 level_db"), left = at("after e5 leftEar_db"), right = at("after e5 rightEar_db");
    ASSERT_LT(right, names.size());
    int count = 0;
    while (std::getline(lines, line)) {
        const auto values = cells(line);
        const auto power = [&](size_t column) { return std::pow(10.0, std::stod(values[column]) / 10.0); };
        EXPECT_NEAR(0.5 * (power(left) + power(right)) / power(level), 1.0, 1e-6);
        ++count;
    }
    EXPECT_EQ(count, 481);
}

TEST_F(Cli, EvaluateSaysWhereTheImageStandsAndThatItIsAGuess)
{
    const Json json = run("evaluate --json " + file("demo.reed")).json();
    const Json& image = json.at("after").at("listeners").at("e5").at("image");
    EXPECT_GE(image.at("value").get<double>(), 0.0);  // the driver sits on the left, nearer to the left speaker
    EXPECT_LE(image.at("value").get<double>(), 1.0);
    EXPECT_EQ(image.at("origin"), "classGuess");  // its cabin's surfaces are
    EXPECT_EQ(json.at("bandChange").at("e5").at("mid").at("reach").at("origin"), "classGuess");
}

TEST_F(Cli, SlateAnswersNamedLinesInJson)
{
    const Json answer = run("slate --json \"pad 3 dB 4 ohm\"").json();
    EXPECT_EQ(answer.at("model"), "l-pad");
    EXPECT_NEAR(answer.at("results").at("series_ohm").at("value").get<double>(), 1.16822, 5e-6);
    EXPECT_EQ(answer.at("results").at("series_ohm").at("unit"), "ohm");
    EXPECT_FALSE(answer.at("steps").empty());
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

TEST_F(Cli, EvaluateTellsWhatCouldBe)
{
    const Json plain = run("evaluate --json " + file("demo.reed"), "2>/dev/null").json();
    EXPECT_FALSE(plain.at("after").contains("could"));
    const Json wide = run("evaluate --json --spread " + file("demo.reed"), "2>/dev/null").json();
    for (const Json& listener : wide.at("after").at("listeners")) {
        const Json& reach = listener.at("mid").at("reach");
        EXPECT_LE(reach.at("could").at(0), reach.at("value"));
        EXPECT_GE(reach.at("could").at(1), reach.at("value"));
    }
    EXPECT_TRUE(wide.at("after").at("could").contains("d10.RL:leastImpedance_ohm"));
    EXPECT_NE(run("evaluate --spread " + file("demo.reed")).out.find("could be: reach "), std::string::npos);
    EXPECT_NE(run("evaluate --spread " + file("demo.reed")).out.find("could be: least load "), std::string::npos);
    const std::string heading = run("evaluate --csv --spread " + file("demo.reed")).out;
    EXPECT_NE(heading.find("after e5 lowest_db,after e5 highest_db"), std::string::npos);
}

TEST_F(Cli, EvaluateSaysWhatTheSurfacesNearABassDo)
{
    const Json runs = run("evaluate --json " + file("demo.reed"), "2>/dev/null").json().at("after").at("runs");
    for (const Json& one : runs) {
        const Json& near = one.at("boundaries");
        EXPECT_GE(near.at("gainAt50Hz").at("value"), near.at("dip").at("value"));
        EXPECT_LE(near.at("distances").size(), 3U);
    }
}

TEST_F(Cli, EvaluateTakesAnyStageByItsIdOrName)
{
    const std::string found = run("evaluate --json --stage found " + file("trouble.reed"), "2>/dev/null").out;
    EXPECT_EQ(run("evaluate --json --stage s2 " + file("trouble.reed"), "2>/dev/null").out, found);
    EXPECT_NE(run("evaluate --json " + file("trouble.reed"), "2>/dev/null").out, found);
    const Json same = Json::parse(found);
    EXPECT_EQ(same.at("before"), same.at("after"));
    const Ran none = run("evaluate --stage dream " + file("trouble.reed"));
    EXPECT_EQ(none.code, 2);
    EXPECT_NE(none.out.find("is no stage of this plan; it has s1 (factory), s2 (found)"), std::string::npos);
}

TEST_F(Cli, ASheetStartsTheNextJob)
{
    EXPECT_EQ(run("sheet " + file("trouble.reed") + " -o " + file("sheet.reed")).code, 0);
    EXPECT_EQ(run("start " + file("sheet.reed") + " --customer 'B. Lindqvist' -o " + file("next.reed")).code, 0);
    EXPECT_EQ(run("check " + file("next.reed")).code, 0);  // what the factory fitted stands again
    EXPECT_EQ(run("start " + file("none.reed") + " -o " + file("next.reed")).code, 2);
}

TEST_F(Cli, UnplugSaysWhatGoesQuiet)
{
    const Ran text = run("unplug " + file("demo.reed") + " d12");
    EXPECT_EQ(text.code, 0);
    EXPECT_NE(text.out.find("goes quiet: left speaker, rear left"), std::string::npos);
    EXPECT_NE(text.out.find("sees nothing instead of 4.96"), std::string::npos);
    EXPECT_EQ(run("unplug --json " + file("demo.reed") + " d10 main").json().at("dead").size(), 2U);
    const Ran wrong = run("unplug " + file("demo.reed") + " d10 aux");
    EXPECT_EQ(wrong.code, 2);
    EXPECT_NE(wrong.out.find("is no plug of d10; it has \"main\""), std::string::npos);
    EXPECT_EQ(run("unplug " + file("demo.reed") + " d99").code, 2);
}

TEST_F(Cli, CheckSaysWhatToMeasureNext)
{
    const Json checked = run("check --json " + file("demo.reed"), "2>/dev/null").json();
    const Json& next = checked.at("measureNext");
    EXPECT_GT(next.at("share"), 0.0);
    EXPECT_LE(next.at("share"), 1.0);
    EXPECT_TRUE(next.at("takenAs").contains("origin"));
    EXPECT_NE(run("check " + file("demo.reed")).out.find("Measure next: "), std::string::npos);
}

TEST_F(Cli, AlignsForASeatAndKeepsTheAnswer)
{
    const Json found = run("align --json --seat driver -o " + file("aligned.reed") + " " + file("demo.reed")).json();
    ASSERT_EQ(found.at("channels").size(), 2U);
    const Json& seat = found.at("seats").at("e5");
    EXPECT_LT(std::abs(seat.at("after").at("image").at("value").get<double>()),
              std::abs(seat.at("before").at("image").at("value").get<double>()));
    const Json after = run("evaluate --json " + file("aligned.reed"), "2>/dev/null").json();
    EXPECT_NEAR(after.at("after").at("listeners").at("e5").at("image").at("value").get<double>(),
                seat.at("after").at("image").at("value").get<double>(), 0.02);
    const Ran text = run("align " + file("demo.reed") + " --seat driver --seat rearLeft");
    EXPECT_EQ(text.code, 0);
    EXPECT_NE(text.out.find("Nobody has stated what these channels can delay"), std::string::npos);
    const Ran nobody = run("align " + file("demo.reed") + " --seat roof");
    EXPECT_EQ(nobody.code, 2);
    EXPECT_NE(nobody.out.find("nobody sits there in this plan"), std::string::npos);
}

// The demos that ship: every kind of device that a plan must hold, nothing against the one, the known troubles in the
// other, of which rewiring is the first mend of two coils joined too low.
TEST_F(Cli, TheDemosShowWhatAVehicleHolds)
{
    EXPECT_EQ(run("check " + file("shipped.reed")).code, 0);
    const Json channels = run("continuity --json " + file("shipped.reed")).json();
    EXPECT_EQ(channels.at("channels").size(), 6U);
    const Json unplugged = run("unplug --json " + file("shipped.reed") + " d28 plug").json();
    EXPECT_FALSE(unplugged.at("dead").empty());
    const Ran trouble = run("check --json " + file("shipped-trouble.reed"), "2>/dev/null");
    EXPECT_EQ(trouble.code, 1);
    bool rewired = false;
    const Json answer = trouble.json();
    for (const Json& finding : answer.at("findings"))
        for (const Json& mend : finding.at("mends"))
            rewired |= mend.get<std::string>().find("coils in series") != std::string::npos;
    EXPECT_TRUE(rewired);
}

TEST_F(Cli, ASetIsAddedAsOneArticle)
{
    const std::string out = file("set.reed");
    EXPECT_EQ(run("add " + file("shipped.reed") + " -o " + out + " --set set-orchid --as d28").code, 0);
    EXPECT_NE(run("check " + out).code, 2);
    for (const auto& [arguments, why] : {std::pair{" --set no-set --as d28", "is no set on the shelf"},
                                         std::pair{" --set set-orchid --as d10", "is no driver of the plan"},
                                         std::pair{" --set set-orchid", "is no driver of the plan"}}) {
        const Ran wrong = run("add " + file("shipped.reed") + " -o " + out + arguments);
        EXPECT_EQ(wrong.code, 2) << arguments;
        EXPECT_NE(wrong.out.find(why), std::string::npos) << wrong.out;
    }
}

}  // namespace
