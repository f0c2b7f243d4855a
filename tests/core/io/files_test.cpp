// The small readers and writers: CSV, shelf, practice, netlist, atomic files.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>
#include <unistd.h>

#include <filesystem>
#include <fstream>
#include <sstream>

#include "core/evaluate/circuit.h"
#include "core/fitout/resolve.h"
#include "core/io/atomic_file.h"
#include "core/io/csv.h"
#include "core/io/practice_file.h"
#include "core/io/shelf_file.h"
#include "core/io/shop.h"
#include "core/model/names.h"
#include "core/netlist/circuit_netlist.h"
#include "core/physics/air.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

const Practice kPractice = shippedShop().practice;

namespace fs = std::filesystem;

class Folder {
public:
    Folder() { fs::create_directories(m_path); }
    ~Folder() { fs::remove_all(m_path); }
    [[nodiscard]] std::string file(const std::string& name) const { return (m_path / name).string(); }

private:
    fs::path m_path = fs::temp_directory_path() / ("golden-reed-files-" + std::to_string(::getpid()));
};

TEST(Csv, QuotesWhatMustBeQuotedAndKnowsItsLines)
{
    const auto rows = readCsv("a,b\r\n\"one, \"\"two\"\"\nthree\",4\r\nlast,5\r\n", "x.csv");
    ASSERT_TRUE(rows) << oneLine(rows.error());
    EXPECT_EQ((*rows)[1].cells, (std::vector<std::string>{"one, \"two\"\nthree", "4"}));
    EXPECT_EQ((*rows)[1].line, 2);
    EXPECT_EQ((*rows)[2].line, 4);
}

TEST(Csv, NamesTheLineOfAQuoteThatIsNeverClosed)
{
    const auto rows = readCsv("a,b\n\"open,4\n", "x.csv");
    ASSERT_FALSE(rows);
    EXPECT_EQ(rows.error().where, "line 2");
}

RC_GTEST_PROP(CsvProperty, WriteThenReadGivesTheSameCells, ())
{
    const auto cell = rc::gen::container<std::string>(rc::gen::element('a', ' ', ',', '"', '\n', '\r', '7'));
    const auto table = *rc::gen::nonEmpty(rc::gen::container<std::vector<std::vector<std::string>>>(
        rc::gen::nonEmpty(rc::gen::container<std::vector<std::string>>(cell))));
    std::ostringstream out;
    for (auto row : table) {
        row.front() = "x" + row.front();  // a row of one empty cell is a blank line, which is skipped
        writeCsvRow(out, row);
    }
    const auto rows = readCsv(out.str(), "x.csv");
    RC_ASSERT(rows.has_value());
    RC_ASSERT(rows->size() == table.size());
    for (size_t i = 0; i < table.size(); ++i) {
        auto expected = table[i];
        expected.front() = "x" + expected.front();
        RC_ASSERT((*rows)[i].cells == expected);
    }
}

// A table program runs what begins as a formula. What it would take for one does not begin so in our files, and comes
// back as it was. The six of OWASP's page on CSV injection; one more for the line end.
TEST(Csv, WhatLooksLikeAFormulaIsText)
{
    const std::vector<std::pair<std::string, std::string>> kWritten{{"=1+1", "'=1+1"},  {"+49 30", "'+49 30"},
                                                                    {"-2+3", "'-2+3"},  {"@SUM(A1)", "'@SUM(A1)"},
                                                                    {"\tx", "'\tx"},    {"'=1", "''=1"},
                                                                    {"-3.25", "-3.25"}, {"+4", "+4"},
                                                                    {"-", "-"},         {"+", "+"},
                                                                    {"'tis", "'tis"},   {"a=b", "a=b"},
                                                                    {"", ""},           {"-1e-6", "-1e-6"},
                                                                    {"-inf", "'-inf"},  {"--5", "'--5"}};
    for (const auto& [cell, stands] : kWritten) {
        std::ostringstream out;
        writeCsvRow(out, {"x", cell});
        EXPECT_EQ(out.str(), "x," + stands + "\r\n");
        EXPECT_EQ(readCsv(out.str(), "x.csv")->front().cells[1], cell);
    }
    std::ostringstream out;
    writeCsvRow(out, {"\r=1", "\n=1"});
    EXPECT_EQ(out.str(), "\"'\r=1\",\"'\n=1\"\r\n");
}

RC_GTEST_PROP(CsvProperty, NoCellThatIsNoNumberBeginsAsAFormula, ())
{
    const auto cell = *rc::gen::container<std::string>(rc::gen::element('=', '+', '-', '@', '\t', '\'', '1', 'a'));
    std::ostringstream out;
    writeCsvRow(out, {cell, "x"});
    const std::string written = out.str();
    RC_ASSERT(readCsv(written, "x.csv")->front().cells[0] == cell);
    const bool runs = std::string("=@\t").find(written[0]) != std::string::npos ||
                      ((written[0] == '+' || written[0] == '-') && cell.size() > 1 &&
                       cell.find_first_not_of("+-1") != std::string::npos);
    RC_ASSERT(!runs);
}

TEST(ShelfFile, TheShippedShelfIsInOrder)
{
    const auto file = readShelf(std::string(shippedShelfText()), "shelf.csv", kPractice);
    ASSERT_TRUE(file);
    EXPECT_TRUE(file->errors.empty());
    EXPECT_GE(file->shelf.of(PartKind::Driver).size(), 60U);
    EXPECT_GE(file->shelf.of(PartKind::Amplifier).size(), 12U);
    for (const PartKind kind : {PartKind::Cable, PartKind::Fuse, PartKind::Spacer, PartKind::Mat, PartKind::Adaptor})
        EXPECT_GE(file->shelf.of(kind).size(), 3U) << textOf(kind);
}

TEST(ShelfFile, KeepsGoodLinesAndNamesTheBadCells)
{
    const auto file = readShelf(
        "key,name,re_ohm,colour\na,A,3.3,red\nb,B,three,red\nc,C,-3,red\nd,D\ne,,3.3,red\na,A "
        "again,3.3,red\nf,F,,blue\n",
        "s.csv", kPractice);
    ASSERT_TRUE(file);
    EXPECT_EQ(file->shelf.parts.size(), 2U);
    EXPECT_FALSE(file->shelf.parts[1].figures.contains(Quantity::Re_ohm));
    ASSERT_EQ(file->errors.size(), 5U);
    EXPECT_EQ(oneLine(file->errors[0]),
              "s.csv line 3, column 3 (re_ohm): found 'three', expected a number such as 3.3");
    EXPECT_EQ(oneLine(file->errors[1]), "s.csv line 4, column 3 (re_ohm): found -3, allowed 0.05 to 1000 ohm");
    EXPECT_EQ(oneLine(file->errors[2]), "s.csv line 5: found 2 cells, expected 4");
    EXPECT_EQ(oneLine(file->errors[3]), "s.csv line 6: needs a key and a name");
    EXPECT_EQ(oneLine(file->errors[4]), "s.csv line 7: the key 'a' stands here a second time");
}

// Nothing of a shop's own file is lost when it is written again: lines that could not be read, and columns that are not
// ours. Where columns come in, a line of the wrong length stays one.
TEST(ShelfFile, KeepsWhatItCouldNotReadAndTheShopsOwnColumns)
{
    const auto file = readShelf("colour,key,name,re_ohm\nred,a,A,3.3\nblue,b,B,three\nred,c,C\nred,d,D,1,2\n,f,F,\n",
                                "s.csv", kPractice);
    ASSERT_TRUE(file);
    ASSERT_EQ(file->errors.size(), 3U);
    Shelf shelf = file->shelf;
    shelf.parts.push_back(
        {.kind = PartKind::Mat, .name = "new", .shelfKey = "m", .figures = {{Quantity::Price, {5.0}}}});
    std::ostringstream out;
    writeShelf(out, shelf, file->rest);
    EXPECT_EQ(out.str().find("colour,key,name,re_ohm,kind,"), 0U) << "columns stay where they were";
    const auto again = readShelf(out.str(), "s.csv", kPractice);
    ASSERT_TRUE(again);
    EXPECT_EQ(again->shelf, shelf);
    EXPECT_EQ(again->rest.own, file->rest.own);
    EXPECT_EQ(again->rest.own.at("a").at("colour"), "red");
    ASSERT_EQ(again->errors.size(), 3U);
    EXPECT_EQ(again->errors[0].message, file->errors[0].message);
    EXPECT_EQ(again->rest.unread[0][3], "three");
    EXPECT_EQ(again->rest.unread[1], (std::vector<std::string>{"red", "c", "C"}));
    EXPECT_EQ(again->rest.unread[2].back(), "2");
    EXPECT_EQ(again->rest.unread[2].size(), again->rest.heading.size() + 1);
}

TEST(ShelfFile, HasAnEnd)
{
    std::string text = "key,name\n";
    for (size_t i = 0; i < kMostShelfRows; ++i) text += "k" + std::to_string(i) + ",n\n";
    EXPECT_EQ(readShelf(text, "s.csv", kPractice)->shelf.parts.size(), kMostShelfRows);
    EXPECT_EQ(oneLine(readShelf(text + "one,more\n", "s.csv", kPractice).error()),
              "s.csv line 200002: is more than 200000 parts: take it apart");
}

TEST(ShelfFile, NeedsAHeading)
{
    EXPECT_EQ(oneLine(readShelf("", "s.csv", kPractice).error()),
              "s.csv: is empty; expected a heading line with key and name");
    EXPECT_EQ(oneLine(readShelf("a,b\n1,2\n", "s.csv", kPractice).error()),
              "s.csv line 1: the heading needs the columns key and name, parted by commas");
    EXPECT_FALSE(readShelf("key;name\n1;2\n", "s.csv", kPractice)) << "semicolons are not guessed at";
}

// Written and read again it is the same shelf, parts of every kind and whatever stands in their names.
TEST(ShelfFile, WriteThenReadGivesAnEqualShelf)
{
    const Shelf shelf = shippedShop().shelf;
    std::ostringstream out;
    writeShelf(out, shelf);
    const auto again = readShelf(out.str(), "again.csv", kPractice);
    ASSERT_TRUE(again);
    EXPECT_TRUE(again->errors.empty()) << oneLine(again->errors.front());
    EXPECT_EQ(again->shelf, shelf);
}

RC_GTEST_PROP(ShelfFileProperty, AnyNameAndFigureComesBack, ())
{
    Part part{.kind = PartKind::Spacer, .shelfKey = "k"};
    const std::vector<std::string> characters{"a", "é",  "€",  "=",  "-",  "@", "'", ",",
                                              ";", "\"", "\n", "\r", "\t", " ", "7"};
    for (int i = *rc::gen::inRange(1, 20); i > 0; --i) part.name += *rc::gen::elementOf(characters);
    const double value = *rc::gen::inRange(0, 100'000) * 1e-6;
    part.figures[Quantity::Thickness_m] = Known{value};
    std::ostringstream out;
    writeShelf(out, {{part}});
    const auto again = readShelf(out.str(), "again.csv", kPractice);
    RC_ASSERT(again.has_value());
    RC_ASSERT(again->shelf.parts.size() == 1U);
    RC_ASSERT(again->shelf.parts.front() == part);
}

RC_GTEST_PROP(ShelfFileProperty, SurvivesADamagedByte, ())
{
    std::string text(shippedShelfText());
    const auto at = static_cast<size_t>(*rc::gen::inRange(0, static_cast<int>(text.size())));
    text[at] = static_cast<char>(*rc::gen::inRange(0, 256));
    const auto file = readShelf(text, "damaged.csv", kPractice);  // an answer or an error, never a crash
    RC_ASSERT(file.has_value() || !file.error().message.empty());
    if (file)
        for (const InputError& error : file->errors) RC_ASSERT(!error.message.empty() && !error.where.empty());
}

TEST(ShelfFile, TakesTerminalsFromItsWords)
{
    const auto file = readShelf(
        "\xEF\xBB\xBFkey,name,kind,plug,mate,coils,channels\n"
        "a,A,driver,flat,,2,\n"
        "b,B,amplifier,,,,FL FR S1\n"
        "c,C,lead,flat,tabs,,\n"
        "d,D,driver,,,5,\n"
        "e,E,amplifier,,,,F.L\n",
        "s.csv", kPractice);
    ASSERT_TRUE(file);
    ASSERT_EQ(file->shelf.parts.size(), 3U);
    const Part& twoCoils = file->shelf.parts[0];
    EXPECT_EQ(allOf(twoCoils, ElementKind::Coil), (std::vector<std::string>{"1", "2"}));
    EXPECT_EQ(twoCoils.terminals.at("2-"), "flat");
    const Part& amplifier = file->shelf.parts[1];
    EXPECT_EQ(allOf(amplifier, ElementKind::Output).size(), 3U);
    EXPECT_EQ(amplifier.inside.at("FL").twin, "FR");
    EXPECT_TRUE(amplifier.inside.at("S1").twin.empty());
    EXPECT_EQ(file->shelf.parts[2].terminals.at("s+"), "tabs");
    ASSERT_EQ(file->errors.size(), 2U);
    EXPECT_EQ(oneLine(file->errors[0]), "s.csv line 5, column 6 (coils): found '5', expected 1 to 4");
    EXPECT_EQ(oneLine(file->errors[1]), "s.csv line 6, column 7 (channels): found 'F.L', expected names such as FL FR");
}

TEST(Shelf, TakesInByKey)
{
    Shelf shelf{{{.name = "old", .shelfKey = "a"}, {.name = "other", .shelfKey = "b"}}};
    EXPECT_EQ(takeIn(shelf, {{{.name = "new", .shelfKey = "a"}, {.name = "third", .shelfKey = "c"}}}), 1);
    EXPECT_EQ(shelf.parts.size(), 3U);
    EXPECT_EQ(shelf.find("a")->name, "new");
    EXPECT_EQ(shelf.find("z"), nullptr);
}

TEST(PracticeFile, TheShippedOneNamesASourceForEveryEntry)
{
    const Practice practice = shippedShop().practice;
    for (const auto& [key, entry] : practice.entries) EXPECT_FALSE(entry.source.empty());
    for (const auto& [name, one] : practice.classes) EXPECT_FALSE(one.source.empty()) << name;
}

struct PracticeRow {
    const char* from;
    const char* to;
    const char* where;
};
class BrokenPractice : public testing::TestWithParam<PracticeRow> {};
TEST_P(BrokenPractice, IsRefusedWithItsPlace)
{
    std::string text(shippedPracticeText());
    const size_t at = text.find(GetParam().from);
    ASSERT_NE(at, std::string::npos);
    text.replace(at, std::string(GetParam().from).size(), GetParam().to);
    const auto practice = readPractice(text, "p.json");
    ASSERT_FALSE(practice);
    EXPECT_EQ(practice.error().where, GetParam().where);
}
INSTANTIATE_TEST_SUITE_P(
    Each, BrokenPractice,
    testing::Values(PracticeRow{"{", "", "/"}, PracticeRow{"reed-practice", "cake", "/format"},
                    PracticeRow{"\"loadStop_ratio\"", "\"loadStopp_ratio\"", "/entries/loadStop_ratio"},
                    PracticeRow{"\"value\": 0.7", "\"value\": 7", "/entries/loadStop_ratio"},
                    PracticeRow{"\"value\": 0.7", "\"value\": \"x\"", "/entries/loadStop_ratio"},
                    PracticeRow{"\"fs_hz\": 2800.0", "\"fs_hz\": 0", "/classes/coaxialTweeter13"},
                    PracticeRow{"\"fuseBlade_a\"", "\"fuseBlades_a\"", "/lists/fuseBlade_a"},
                    PracticeRow{"[18, 16, 14", "[16, 14", "/lists/ampacity_a"},
                    PracticeRow{"[18, 16, 14", "[\"18\", 16, 14", "/lists/ampacityGauge_awg"},
                    PracticeRow{"\"bodies\": {", "\"bodie\": {", "/bodies/hatchback"},
                    PracticeRow{"\"cabin\": true", "\"cabin\": 1", "/bodies/hatchback"},
                    PracticeRow{"\"separateBoot\": false", "\"separateBoot\": \"no\"", "/bodies/hatchback"},
                    PracticeRow{"\"front_m\"", "\"rear_m\"", "/bodies/hatchback"},
                    PracticeRow{"\"length_m\": 2.2", "\"length_m\": 0", "/bodies/hatchback"},
                    PracticeRow{"[0.1, 0.06", "[1.1, 0.06", "/lists/absorptionGlass"},
                    PracticeRow{"[0.0, 0.3, 1.0]", "[0.0, 0.3]", "/lists/coverThinCloth_db"},
                    PracticeRow{"\"uses\": {", "\"use\": {", "/uses/familyCar"},
                    PracticeRow{"[88, 78, 68, 50]", "[88, 78, 68]", "/uses/familyCar"},
                    PracticeRow{"[0, 0, 6, 18]", "[0, 6, 18]", "/uses/windAndHelmet"},
                    PracticeRow{"[0, 0, 6, 18]", "[0, 0, 6, \"18\"]", "/uses/windAndHelmet"},
                    PracticeRow{"[88, 78, 68, 50]", "[88, 78, 68, \"50\"]", "/uses/familyCar"},
                    PracticeRow{"\"shock_ratio\": 8", "\"shock\": 8", "/uses/workVan"},
                    PracticeRow{"\"demands\": []", "\"demands\": [\"rain\"]", "/uses/familyCar"},
                    PracticeRow{"\"usualClass\": \"coaxial165\"", "\"usualClass\": \"none\"", "/usualClass"}));

// Source: common practice, no source: lists that people buy from are rising, each value once; ampacity rises with size.
TEST(Practice, ListsAreRising)
{
    const Practice practice = shippedShop().practice;
    for (const PracticeList list : {PracticeList::Ampacity_a, PracticeList::CrossSection_m2, PracticeList::FuseBlade_a,
                                    PracticeList::FuseLargeBlade_a, PracticeList::FuseBoltM5_a,
                                    PracticeList::FuseBoltM8_a, PracticeList::FuseAnl_a}) {
        const std::vector<double>& values = practice[list];
        EXPECT_TRUE(std::is_sorted(values.begin(), values.end(), std::less_equal<>())) << core::textOf(list);
        EXPECT_FALSE(practice.lists.at(list).source.empty()) << core::textOf(list);
    }
}

TEST(Practice, EveryKindOfVehicleHasItsMeasures)
{
    const Practice practice = shippedShop().practice;
    for (const auto& name : enumNames<BodyKind>()) {
        const BodyClass& body = practice.bodies.at(std::string(name.text));
        EXPECT_FALSE(body.source.empty()) << name.text;
        if (!body.cabin) continue;
        // or else the rise in the bass would begin below where the cabin leaks
        EXPECT_LT(body.leak_hz, kSoundSpeed_m_s / (2.0 * body.length_m)) << name.text;
    }
}

TEST(Practice, EveryEntrySaysItsSource)
{
    for (const auto& [key, entry] : shippedShop().practice.entries)
        EXPECT_FALSE(entry.source.empty()) << core::textOf(key);
}

TEST(CircuitNetlist, ReadsBackAsTheCircuit)
{
    const auto circuit = circuitOf(resolve(tests::demoPlan(), kFound), {tests::kRadio, "RL"}, shippedShop().practice);
    const Netlist netlist = circuitNetlist(*circuit, "title\nwith a break");
    std::ostringstream out;
    writeNetlist(out, netlist);
    const auto back = readNetlist(out.str(), "back");
    ASSERT_TRUE(back);
    EXPECT_EQ(back->title, "title with a break");
    EXPECT_EQ(back->comments, netlist.comments);
    ASSERT_EQ(back->network.elements.size(), circuit->network.elements.size());
    for (size_t i = 0; i < back->network.elements.size(); ++i)
        EXPECT_EQ(back->network.elements[i].value, circuit->network.elements[i].value);
}

TEST(AtomicFile, KeepsTheLastFiveAndLeavesNothingElseBehind)
{
    const Folder folder;
    const std::string path = folder.file("plan.reed");
    for (int i = 0; i < 8; ++i) ASSERT_TRUE(writeAtomically(path, "content " + std::to_string(i)));
    EXPECT_EQ(*readWholeFile(path), "content 7");
    for (int copy = 1; copy <= 5; ++copy)
        EXPECT_EQ(*readWholeFile(path + "~" + std::to_string(copy)), "content " + std::to_string(7 - copy));
    EXPECT_EQ(std::distance(fs::directory_iterator(fs::path(path).parent_path()), {}), 6);
}

TEST(AtomicFile, WritesThroughALink)
{
    const Folder folder;
    ASSERT_TRUE(writeAtomically(folder.file("real.reed"), "old", 0));
    fs::create_symlink(folder.file("real.reed"), folder.file("link.reed"));
    ASSERT_TRUE(writeAtomically(folder.file("link.reed"), "new", 0));
    EXPECT_TRUE(fs::is_symlink(folder.file("link.reed")));
    EXPECT_EQ(*readWholeFile(folder.file("real.reed")), "new");
}

TEST(AtomicFile, AFailedWriteLosesNothing)
{
    const Folder folder;
    const std::string path = folder.file("none/plan.reed");  // a folder that is not there
    const auto written = writeAtomically(path, "new");
    ASSERT_FALSE(written);
    EXPECT_EQ(written.error().file, path);
    EXPECT_FALSE(fs::exists(folder.file("none")));
}

TEST(AtomicFile, SaysWhatCannotBeRead)
{
    const Folder folder;
    EXPECT_EQ(readWholeFile(folder.file("none.reed")).error().file, folder.file("none.reed"));
    EXPECT_FALSE(readWholeFile(fs::temp_directory_path().string()));
}

}  // namespace
}  // namespace core
