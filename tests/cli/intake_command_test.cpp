// Files taken in without a screen, by the same rows as the window's dialog.
#include "tests/cli/cli_fixture.h"

namespace {

using tests::Cli;
using tests::Json;
using tests::Ran;
using tests::run;

TEST_F(Cli, TakesPinsIntoAPlan)
{
    write("radio.csv", "terminal,plug,pin,colour,known\r\nRL+,big,7,grey,measured\r\n");
    const Ran ran =
        run("import " + file("radio.csv") + " --plan " + file("demo.reed") + " --onto d10 -o " + file("out.reed"));
    EXPECT_EQ(ran.code, 0) << ran.out;
    EXPECT_NE(ran.out.find("radio.csv: 1 line taken in."), std::string::npos) << ran.out;
    EXPECT_NE(run("pins " + file("out.reed") + " d10").out.find("RL+,big,7,grey,measured"), std::string::npos);
}

TEST_F(Cli, TakesAResponseOntoADriver)
{
    write("left.frd", "100 80\n1000 84\n1000 86\n");
    const Ran ran =
        run("import --json " + file("left.frd") + " --plan " + file("demo.reed") + " --onto d12 -o " + file("out.reed"),
            "");
    EXPECT_EQ(ran.code, 0);
    EXPECT_EQ(ran.json().at("rows"), 2);
    EXPECT_EQ(ran.json().at("warnings"), Json::array({"2 lines at 1000 Hz averaged", "no phase", "AsOnASheet"}));
    const Json plan = Json::parse(std::ifstream(file("out.reed")));
    EXPECT_EQ(plan.at("curves").begin()->at("level_db"), Json::array({80.0, 85.0}));
}

TEST_F(Cli, TakesPartsOntoTheShelf)
{
    write("mine.csv", "key,name,re_ohm\r\nmine-1,Mine,3.3\r\nmine-2,Bad,many\r\n");
    const Ran ran = run("import " + file("mine.csv") + " -o " + file("shelf.csv"));
    EXPECT_EQ(ran.code, 1) << "one line is left out";
    EXPECT_NE(ran.out.find("1 part taken in, 1 of them new"), std::string::npos) << ran.out;
    EXPECT_EQ(run("shelf " + file("shelf.csv")).code, 0);
    EXPECT_NE(run("rank " + file("demo.reed") + " d12 --other-kinds --shelf " + file("shelf.csv")).out.find("Mine"),
              std::string::npos);
}

TEST_F(Cli, SaysWhatCannotBeTakenIn)
{
    write("x.bin", "0");
    write("radio.csv", "terminal,pin\r\nRL+,7\r\n");
    write("left.frd", "100 80\n");
    const std::string into = " --plan " + file("demo.reed") + " -o " + file("out.reed");
    for (const auto& [arguments, said] : std::initializer_list<std::pair<std::string, std::string>>{
             {"import " + file("x.bin") + into, "its kind is not known; say it by --as: shelf, pins, response"},
             {"import " + file("radio.csv") + into + " --as bolts", "bolts: is none of shelf, pins, response"},
             {"import " + file("radio.csv") + into + " --onto d12", "d12: is no device of the plan that can take it"},
             {"import " + file("left.frd") + " -o " + file("x.csv"), "name the plan"},
             {"import " + file("radio.csv") + into + " --as shelf", "the shelf takes this in, no plan"},
             {"import /nowhere/x.csv" + into, "/nowhere/x.csv"}}) {
        const Ran ran = run(arguments);
        EXPECT_EQ(ran.code, 2) << arguments;
        EXPECT_NE(ran.out.find(said), std::string::npos) << ran.out;
    }
    EXPECT_FALSE(tests::fs::exists(file("out.reed")));
}

}  // namespace
