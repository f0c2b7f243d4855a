// Source: the public netlist convention of circuit simulators, as docs/formats.md states the part we read.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <sstream>

#include "core/netlist/netlist_file.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

TEST(NetlistReader, UnderstandsTheConvention)
{
    const auto netlist = readNetlist(
        "a title ; with a semicolon\n"
        "* a comment\n"
        "\n"
        "v1 In 0 ac 2 90\n"
        "R1 in\n"
        "+ Out 4ohm ; with letters after the number\n"
        "C1 OUT gnd 10uF\n"
        "L1 out 0 0.47m\n"
        "I1 0 out DC 1 AC\n"
        "E1 e 0 out 0 3\n"
        "G1 0 out e 0 1e-3\n"
        "Re e 0 1k\n"
        ".options reltol=1e-6\n"
        ".ac dec 10 20 20k\n"
        ".end\n"
        "R9 nothing after the end is read\n",
        "n.cir");
    ASSERT_TRUE(netlist) << oneLine(netlist.error());
    const Network& n = netlist->network;
    EXPECT_EQ(netlist->title, "a title ; with a semicolon");
    EXPECT_EQ(netlist->comments, std::vector<std::string>{"a comment"});
    EXPECT_EQ(n.nodeNames, (std::vector<std::string>{"0", "In", "Out", "e"}));
    ASSERT_EQ(n.elements.size(), 8U);
    EXPECT_EQ(n.elements[0], (NetworkElement{NetworkKind::VoltageSource, "v1", 1, 0, 2.0, 90.0}));
    EXPECT_EQ(n.elements[1], (NetworkElement{NetworkKind::Resistor, "R1", 1, 2, 4.0}));
    EXPECT_DOUBLE_EQ(n.elements[2].value, 1e-5);
    EXPECT_EQ(n.elements[2].minus, 0);
    EXPECT_EQ(n.elements[4], (NetworkElement{NetworkKind::CurrentSource, "I1", 0, 2, 1.0}));
    EXPECT_EQ(n.elements[5].controlPlus, 2);
    EXPECT_EQ(n.elements[6].value, 1e-3);
}

struct NumberRow {
    const char* text;
    double value;
};
void PrintTo(const NumberRow& row, std::ostream* out)
{
    *out << row.text;
}
class NetlistNumber : public testing::TestWithParam<NumberRow> {};
TEST_P(NetlistNumber, IsReadWithItsScale)
{
    const auto netlist = readNetlist("t\nR1 a 0 " + std::string(GetParam().text) + "\n", "n.cir");
    ASSERT_TRUE(netlist);
    EXPECT_DOUBLE_EQ(netlist->network.elements[0].value, GetParam().value);
}
INSTANTIATE_TEST_SUITE_P(Scales, NetlistNumber,
                         testing::Values(NumberRow{"2.2u", 2.2e-6}, NumberRow{"0.42mH", 4.2e-4}, NumberRow{"1MEG", 1e6},
                                         NumberRow{"1M", 1e-3}, NumberRow{"1mil", 25.4e-6}, NumberRow{"1T", 1e12},
                                         NumberRow{"1g", 1e9}, NumberRow{"4k", 4e3}, NumberRow{"7n", 7e-9},
                                         NumberRow{"7p", 7e-12}, NumberRow{"1F", 1e-15}, NumberRow{"+4", 4.0},
                                         NumberRow{"1e3ohm", 1e3}, NumberRow{".5", 0.5}));

TEST(NetlistReader, WarnsThatABareFIsFemto)
{
    const auto netlist = readNetlist("t\nC1 a 0 1F\n", "n.cir");
    EXPECT_EQ(netlist->warnings, (std::vector<Warning>{{WarningKind::ReaderNote, "line 2: 1F is femto, 1e-15"}}));
    EXPECT_TRUE(readNetlist("t\nC1 a 0 1uF\n", "n.cir")->warnings.empty());
}

struct NetlistRow {
    const char* line;
    const char* where;
    const char* message;  // part of it
};
void PrintTo(const NetlistRow& row, std::ostream* out)
{
    *out << row.line;
}
class BadNetlist : public testing::TestWithParam<NetlistRow> {};
TEST_P(BadNetlist, IsRefusedWithItsLine)
{
    const auto netlist = readNetlist("title\nV1 in 0 AC 1\n" + std::string(GetParam().line) + "\n", "n.cir");
    ASSERT_FALSE(netlist);
    EXPECT_EQ(netlist.error().file, "n.cir");
    EXPECT_EQ(netlist.error().where, GetParam().where);
    EXPECT_NE(netlist.error().message.find(GetParam().message), std::string::npos) << netlist.error().message;
}
INSTANTIATE_TEST_SUITE_P(
    Lines, BadNetlist,
    testing::Values(
        NetlistRow{"R1 in 0 3k3", "line 3", "3k3"}, NetlistRow{"R1 in 0 ten", "line 3", "ten"},
        NetlistRow{"R1 in 0 nan", "line 3", "nan"}, NetlistRow{"R1 in 0 1e999", "line 3", "1e999"},
        NetlistRow{"R1 in 0 4\xCE\xA9", "line 3", "expected a number"},
        NetlistRow{"R1 in 0", "line 3", "R1 has 3 fields"},
        NetlistRow{"C1 in 0 10 uF", "line 3", "found 'uF' after the last field"},
        NetlistRow{"E1 a 0 in 3", "line 3", "name n+ n- nc+ nc- gain"}, NetlistRow{"V2", "line 3", "V2 has 1 fields"},
        NetlistRow{"V2 a 0 AC 1 0 7", "line 3", "found '7'"},
        NetlistRow{"V2 a 0 DC", "line 3", "DC is followed by nothing"}, NetlistRow{"V2 a 0 1 2", "line 3", "found '2'"},
        NetlistRow{"v1 a 0 AC 1", "line 3", "here twice"}, NetlistRow{"X1 a 0 sub", "line 3", "found 'X1'"},
        NetlistRow{"Q1 a b c model", "line 3", "found 'Q1'"}, NetlistRow{"K1 L1 L2 0.9", "line 3", "found 'K1'"},
        NetlistRow{".subckt a b", "line 3", "found '.subckt'"}, NetlistRow{".tran 1 2", "line 3", "found '.tran'"},
        NetlistRow{"\nR1 in 0 x", "line 4", "found 'x'"}, NetlistRow{"R1 in\n+ 0 x", "line 3", "found 'x'"}));

TEST(NetlistReader, WantsAnElementAndGround)
{
    EXPECT_NE(readNetlist("", "n.cir").error().message.find("no element"), std::string::npos);
    EXPECT_NE(readNetlist("t\nR1 a b 4\n", "n.cir").error().message.find("ground"), std::string::npos);
    EXPECT_NE(readNetlist("t\n+ 4\n", "n.cir").error().message.find("continues"), std::string::npos);
}

TEST(NetlistReader, StopsAtTwoThousandElements)
{
    std::string text = "many\nV1 n0 0 AC 1\n";
    for (int i = 0; i < 2000; ++i) text += "R" + std::to_string(i) + " n0 0 1k\n";
    const auto netlist = readNetlist(text, "n.cir");
    ASSERT_FALSE(netlist);
    EXPECT_EQ(netlist.error().where, "line 2002");
    EXPECT_EQ(netlist.error().message, "more than 2000 elements");
}

TEST(NetlistWriter, AddsASourceWhereThereIsNone)
{
    std::ostringstream out;
    writeNetlist(out, *readNetlist("t\nR1 a 0 4\n", "n.cir"));
    EXPECT_EQ(out.str(), "t\nV1 a 0 AC 1\nR1 a 0 4\n.ac dec 160 20 20k\n.end\n");
}

// Every letter and digit a name may have is kept, to the ends of the alphabet; whatever else becomes a line.
TEST(NetlistWriter, KeepsWhatANameMayHave)
{
    Netlist netlist{.title = "t"};
    addNode(netlist.network, "a");
    netlist.network.elements = {{NetworkKind::Resistor, "Raz_AZ09", 1, 0, 4.0},
                                {NetworkKind::Resistor, "R/b:c{`@[", 1, 0, 5.0},
                                {NetworkKind::VoltageSource, "V1", 1, 0, 1.0}};
    std::ostringstream out;
    writeNetlist(out, netlist);
    EXPECT_NE(out.str().find("\nRaz_AZ09 a 0 4\n"), std::string::npos) << out.str();
    EXPECT_NE(out.str().find("\nR_b_c____ a 0 5\n"), std::string::npos) << out.str();
}

// Whatever is written reads back equal, to the last bit.
RC_GTEST_PROP(NetlistProperty, WriteThenReadIsTheSame, ())
{
    Netlist netlist{.title = "random", .comments = {"made by a test"}};
    for (int node = 1; node <= 4; ++node) addNode(netlist.network, "n" + std::to_string(node));
    const int count = *rc::gen::inRange(1, 12);
    for (int i = 0; i < count; ++i) {
        const auto kind = static_cast<NetworkKind>(*rc::gen::inRange(0, 7));
        NetworkElement element{kind, std::string(1, "RLCVIEG"[static_cast<size_t>(kind)]) + std::to_string(i),
                               1 + i % 4, 0, tests::between(1e-12, 1e12)};
        if (kind == NetworkKind::VoltageSource || kind == NetworkKind::CurrentSource)
            element.phase_deg = *rc::gen::arbitrary<bool>() ? tests::between(1e-3, 180.0) : 0.0;
        if (kind == NetworkKind::VoltageControlledVoltage || kind == NetworkKind::VoltageControlledCurrent)
            element.controlPlus = 1 + *rc::gen::inRange(0, 4);
        netlist.network.elements.push_back(element);
    }
    netlist.network.elements.push_back({NetworkKind::VoltageSource, "Vlast", 4, 0, 1.0});
    std::ostringstream out;
    writeNetlist(out, netlist);
    const auto back = readNetlist(out.str(), "back");
    RC_ASSERT(back.has_value());
    // Nodes are numbered in the order in which they are met.
    RC_ASSERT(back->network.elements.size() == netlist.network.elements.size());
    for (size_t i = 0; i < back->network.elements.size(); ++i) {
        const NetworkElement &ours = netlist.network.elements[i], &theirs = back->network.elements[i];
        RC_ASSERT(ours.value == theirs.value && ours.phase_deg == theirs.phase_deg && ours.name == theirs.name);
        RC_ASSERT(netlist.network.nodeNames[static_cast<size_t>(ours.plus)] ==
                  back->network.nodeNames[static_cast<size_t>(theirs.plus)]);
        RC_ASSERT(netlist.network.nodeNames[static_cast<size_t>(ours.controlPlus)] ==
                  back->network.nodeNames[static_cast<size_t>(theirs.controlPlus)]);
    }
}

// Noise is refused or read, never a crash.
RC_GTEST_PROP(NetlistProperty, NoiseIsReadOrRefused, (const std::string& noise))
{
    const auto netlist = readNetlist("t\nV1 a 0 AC 1\n" + noise, "noise");
    RC_ASSERT(netlist.has_value() || netlist.error().where.starts_with("line "));
}

}  // namespace
}  // namespace core
