// A board as it is wired inside.
#include "core/model/board.h"

#include <gtest/gtest.h>

namespace core {
namespace {

constexpr LegPart kCoil{ElementKind::Inductor, true, 0.5e-3};
constexpr LegPart kAcross{ElementKind::Capacitor, false, 10e-6};
constexpr LegPart kCapacitor{ElementKind::Capacitor, true, 6.8e-6};
constexpr LegPart kCoilAcross{ElementKind::Inductor, false, 0.3e-3};
constexpr LegPart kResistor{ElementKind::Resistor, true, 1.5};

const BoardParts kThreeWay{{Leg::Woofer, {kCoil, kAcross, kCoil, kAcross}},
                           {Leg::Mid, {}},
                           {Leg::Tweeter, {kCapacitor, kCoilAcross, kCapacitor, kResistor}}};

// Each series part goes on where the last one ended, the last one to the terminal; what lies across goes to the minus.
TEST(Board, IsALadderFromTheInputOn)
{
    const Part board = boardOf(kThreeWay, "board");
    struct Row {
        const char *name, *a, *b;
    };
    for (const Row& row : {Row{"Lw", "in+", "wn1"}, Row{"Cw", "wn1", "w-"}, Row{"Lw2", "wn1", "w+"},
                           Row{"Cw2", "w+", "w-"}, Row{"Ct", "in+", "tn1"}, Row{"Lt", "tn1", "t-"},
                           Row{"Ct2", "tn1", "tn2"}, Row{"Rt", "tn2", "t+"}, Row{"pass-m", "in+", "m+"},
                           Row{"link-w", "in-", "w-"}, Row{"link-m", "in-", "m-"}, Row{"link-t", "in-", "t-"}}) {
        ASSERT_TRUE(board.inside.contains(row.name)) << row.name;
        EXPECT_EQ(board.inside.at(row.name).a, row.a) << row.name;
        EXPECT_EQ(board.inside.at(row.name).b, row.b) << row.name;
    }
    EXPECT_EQ(board.inside.size(), 12U);
    EXPECT_EQ(board.terminals.size(), 8U);
    EXPECT_EQ(valueOf(board.inside.at("Ct2").figures, Quantity::Capacitance_f), 6.8e-6);
    EXPECT_EQ(countOf(kThreeWay), 8);
}

TEST(Board, IsReadBackFromTheInputOn)
{
    const Part board = boardOf(kThreeWay, "board");
    EXPECT_EQ(partsFromInput(board),
              (std::vector<std::string>{"Lw", "Cw", "Lw2", "Cw2", "Ct", "Lt", "Ct2", "Rt"}));
    EXPECT_EQ(legsOf(board), (std::vector{Leg::Woofer, Leg::Mid, Leg::Tweeter}));
    EXPECT_FALSE(isTwoWay(board));
    EXPECT_TRUE(isTwoWay(boardOf({{Leg::Woofer, {}}, {Leg::Tweeter, {kCapacitor}}}, "board")));
    EXPECT_FALSE(isTwoWay(boardOf({{Leg::Tweeter, {kCapacitor}}}, "filter")));
    EXPECT_TRUE(legsOf(Part{.kind = PartKind::Network, .terminals = {{"in+", ""}, {"out+", ""}}}).empty());
    EXPECT_TRUE(legsOf(Part{.kind = PartKind::Network, .terminals = {{"i", ""}, {"o", ""}}}).empty());
}

TEST(Board, ALegIsReadBackWithItsValues)
{
    Part board = boardOf(kThreeWay, "board");
    for (const auto& [leg, parts] : kThreeWay) EXPECT_EQ(partsOn(board, leg), parts);
    EXPECT_EQ(legWith(board, "Ct2"), Leg::Tweeter);
    EXPECT_EQ(legWith(board, "Cw2"), Leg::Woofer);
    EXPECT_FALSE(legWith(board, "link-w"));
    board.inside.at("Lt").figures.clear();
    EXPECT_FALSE(partsOn(board, Leg::Tweeter)) << "a value that nobody knows";
    EXPECT_EQ(partsOn(board, Leg::Woofer), kThreeWay.at(Leg::Woofer));
}

// A file can lead a lead back to where it came from; reading it ends.
TEST(Board, ARingEnds)
{
    Part board = boardOf({{Leg::Tweeter, {kCapacitor, kResistor}}}, "board");
    board.inside.at("Rt").b = "in+";
    EXPECT_EQ(partsFromInput(board), (std::vector<std::string>{"Ct", "Rt"}));
}

TEST(Board, ALegIsPutInThePlaceOfAnother)
{
    Part board = boardOf(kThreeWay, "board");
    const Figures rated{{Quantity::RatedVoltage_v, Known{100.0}}};
    EXPECT_EQ(putLeg(board, Leg::Mid, {kResistor, kCapacitor}, {{}, rated}), (std::vector<std::string>{"Rm", "Cm"}));
    EXPECT_EQ(partsOn(board, Leg::Mid), (LegParts{kResistor, kCapacitor}));
    EXPECT_FALSE(board.inside.contains("pass-m")) << "no way round it";
    EXPECT_EQ(valueOf(board.inside.at("Cm").figures, Quantity::RatedVoltage_v), 100.0);
    for (const Leg other : {Leg::Woofer, Leg::Tweeter}) EXPECT_EQ(partsOn(board, other), kThreeWay.at(other));
    putLeg(board, Leg::Mid, {});
    EXPECT_EQ(board, boardOf(kThreeWay, "board"));
}

TEST(Board, SaysWhatALegIsMadeFor)
{
    Part board = boardOf(kThreeWay, "board");
    EXPECT_FALSE(madeFor_ohm(board, Leg::Tweeter));
    sayMadeFor(board, Leg::Tweeter, 8.0);
    EXPECT_EQ(madeFor_ohm(board, Leg::Tweeter), 8.0);
    EXPECT_FALSE(madeFor_ohm(board, Leg::Woofer));
    board.figures[Quantity::RatedLoad_ohm] = Known{4.0};  // as a shelf says it of the whole
    EXPECT_EQ(madeFor_ohm(board, Leg::Woofer), 4.0);
    EXPECT_EQ(madeFor_ohm(board, Leg::Tweeter), 8.0);
    EXPECT_FALSE(madeFor_ohm(board, Leg::Mid)) << "nothing lies on it";
}

TEST(Board, FindsAPlaceOnALeg)
{
    const LegPart* shunt = findPart(kThreeWay, Leg::Tweeter, ElementKind::Inductor, false);
    ASSERT_NE(shunt, nullptr);
    EXPECT_EQ(*shunt, kCoilAcross);
    EXPECT_EQ(findPart(kThreeWay, Leg::Tweeter, ElementKind::Inductor, true), nullptr);
    EXPECT_EQ(findPart(kThreeWay, Leg::Mid, ElementKind::Capacitor, true), nullptr);
    EXPECT_EQ(findPart({}, Leg::Woofer, ElementKind::Inductor, true), nullptr);
}

}  // namespace
}  // namespace core
