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
