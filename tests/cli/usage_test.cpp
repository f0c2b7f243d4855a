// What a caller can get wrong: each is answered in one way, for people in one line and for programs as JSON.
#include "tests/cli/cli_fixture.h"

namespace {

using tests::Json;
using tests::Ran;
using tests::run;

class Usage : public tests::Cli {};

TEST_F(Usage, EveryErrorIsJsonUnderJson)
{
    for (const char* wrong : {"", "check", "nonsense", "check a b c", "rank x", "rank x d12 --count many",
                              "job x --pdf", "slate", "evaluate --csv x", "check /nowhere", "slate '3000000000/0'",
                              "calc nope", "pins /nowhere d10", "netlist /nowhere d10.FL", "shelf /", "check /"}) {
        const Ran ran = run(std::string(wrong) + " --json", "2>/dev/null");
        EXPECT_EQ(ran.code, 2) << wrong;
        ASSERT_TRUE(Json::accept(ran.out)) << wrong << ": " << ran.out;
        EXPECT_TRUE(ran.json().at("error").is_object()) << wrong;
    }
}

TEST_F(Usage, EveryAnswerIsJsonUnderJson)
{
    const std::string plan = file("demo.reed");
    for (const std::string& asked : {"evaluate " + plan,
                                     "check " + plan,
                                     std::string("slate '4 ohm'"),
                                     std::string("schema"),
                                     std::string("calc"),
                                     "netlist " + plan + " d10.RL",
                                     "inventory " + plan,
                                     "continuity " + plan,
                                     "pins " + plan + " d10",
                                     "job " + plan,
                                     "remedies " + plan + " dull",
                                     "unplug " + plan + " d12",
                                     "rank " + plan + " d12 --count 1",
                                     "demo -o " + file("d.reed"),
                                     "sheet " + plan + " -o " + file("s.reed"),
                                     "start " + plan + " -o " + file("n.reed"),
                                     "new boat -o " + file("b.reed"),
                                     std::string("shelf " SOURCE_FOLDER "/data/shelf.csv"),
                                     "align " + plan,
                                     "surfaces " + plan,
                                     "spots " + plan + " d12 --count 20"}) {
        const Ran ran = run(asked + " --json", "2>/dev/null");
        EXPECT_LE(ran.code, 1) << asked << ": " << ran.out;
        EXPECT_TRUE(Json::accept(ran.out)) << asked << ": " << ran.out.substr(0, 200);
    }
}

TEST_F(Usage, ATextThatIsNotUtf8IsRefusedByName)
{
    const Ran ran = run("slate \"$(printf 'caf\\351 4 ohm')\" --json", "2>/dev/null");
    EXPECT_EQ(ran.code, 2);
    EXPECT_EQ(ran.json()["error"]["file"], "argument 2");
    EXPECT_EQ(ran.json()["error"]["where"], "caf\xEF\xBF\xBD 4 ohm");
    EXPECT_EQ(ran.json()["error"]["message"], "is not UTF-8 text");
    write("latin.csv", "key,name\na,A\nb,B\xe9\n");
    EXPECT_EQ(run("shelf " + file("latin.csv")).out,
              file("latin.csv") + " line 3: is not UTF-8 text from here on; save the table as UTF-8\n");
}

// Sixteen characters are shown, whatever they take in bytes.
TEST_F(Usage, NoMessageIsCutInsideACharacter)
{
    for (int before = 0; before < 4; ++before) {
        std::string text(static_cast<size_t>(before), 'x');
        for (int i = 0; i < 20; ++i) text += "é€";
        const Ran ran = run("slate '4 ohm " + text + "'", "2>&1");
        EXPECT_EQ(ran.code, 2);
        EXPECT_TRUE(Json::accept(Json(ran.out).dump(-1, ' ', false, Json::error_handler_t::strict))) << ran.out;
    }
}

TEST_F(Usage, ALostOutputIsAnError)
{
    for (const std::string& asked : {std::string("slate '4 ohm'"), std::string("calc --json"),
                                     "evaluate --csv " + file("demo.reed"), "check --json " + file("demo.reed")}) {
        const Ran ran = run(asked + " 2>&1 >/dev/full", "");
        EXPECT_EQ(ran.code, 2) << asked;
        EXPECT_EQ(ran.out, "the answer: could not be written\n") << asked;
    }
}

TEST_F(Usage, AFolderIsAFolder)
{
    EXPECT_EQ(run("check /").out, "/: is a folder: name a file\n");
    EXPECT_EQ(run("slate '3000000000/0'").out, "slate: a fraction cannot have 0 below its line\n");
    EXPECT_EQ(run("slate '6/0 awg'").code, 0);
    EXPECT_EQ(run("slate '7/0 awg'").code, 2);
}

TEST_F(Usage, AVersionThatNeverWasIsNoNewerOne)
{
    for (const char* version : {"0", "-3"}) {
        write("old.reed", std::string(R"({"format": "reed", "version": )") + version + "}");
        EXPECT_EQ(run("check " + file("old.reed")).out,
                  file("old.reed") + " /version: found " + version + ", which no plan has: the first version is 1\n");
    }
    write("new.reed", R"({"format": "reed", "version": 2})");
    EXPECT_NE(run("check " + file("new.reed")).out.find("a newer program"), std::string::npos);
}

// What a newer program may have written is named, and the plan is checked all the same.
TEST_F(Usage, UnknownFieldsAreNamedByCheck)
{
    std::ifstream in(file("demo.reed"));
    Json plan = Json::parse(in);
    plan["job"]["mood"] = "good";
    write("newer.reed", plan.dump());
    EXPECT_NE(run("check " + file("newer.reed")).out.find("Care: this program does not know /job/mood of this file"),
              std::string::npos);
    EXPECT_EQ(run("check --json " + file("newer.reed"), "2>/dev/null").json()["unknown"], Json::array({"/job/mood"}));
}

}  // namespace
