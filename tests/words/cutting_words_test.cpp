// What is said of a hole: the order in which it is cut, and what is left round it.
#include "words/cutting_words.h"

#include <gtest/gtest.h>

#include "words/aim_words.h"
#include "words/hole_words.h"

namespace words {
namespace {

using core::StepFigure;

core::Step cut(std::optional<core::Backing> backing, bool byHand)
{
    core::Step step{.kind = core::StepKind::CutHole, .backing = backing};
    step.figures[StepFigure::Pilot_m] = 0.003;
    if (byHand) step.figures[StepFigure::Blade_m] = 0.010;
    return step;
}

// common practice, no source: behind, template, drills, saw, what falls out, the edge.
TEST(CuttingWords, TellTheOrderByToolAndMaterial)
{
    const QString saw = cuttingOrder(cut(core::Backing::Metal, false)), hand = cuttingOrder(cut(core::Backing::Plastic, true));
    EXPECT_LT(saw.indexOf("Look behind"), saw.indexOf("Template"));
    EXPECT_LT(saw.indexOf("Template"), saw.indexOf("Pilot 3 mm"));
    EXPECT_TRUE(saw.contains("rust"));
    EXPECT_TRUE(hand.contains("3 mm (0.12 in), 6 mm (0.24 in), 10 mm (0.39 in)") || hand.contains("3 mm, 6 mm, 10 mm"))
        << hand.toStdString();
    EXPECT_LT(hand.indexOf("Drills"), hand.indexOf("bridges stay to the last"));
    EXPECT_FALSE(hand.contains("rust"));
    EXPECT_TRUE(hand.contains("cracks"));
    EXPECT_TRUE(cuttingOrder(cut(core::Backing::Cloth, false)).contains("crosswise"));
    EXPECT_TRUE(cuttingOrder(cut(std::nullopt, false)).contains("rust")) << "nobody knows: the careful way";
}

TEST(HoleWords, TellSawsRoomAndEdge)
{
    using Verdict = core::SawFit::Verdict;
    core::HoleOutline hole;
    hole.saws = {{Verdict::TooTight, 0.044, -0.001}, {Verdict::Fits, 0.048, 0.003}, {Verdict::Shows, 0.06, 0.015}};
    const QString fits = sawsText(hole);
    EXPECT_TRUE(fits.startsWith("44 mm")) << fits.toStdString();
    EXPECT_TRUE(fits.contains("too tight") && fits.contains("48 mm") && fits.contains("3 mm"));
    EXPECT_FALSE(fits.contains("60 mm") || fits.contains("template")) << "one fits";
    hole.saws.insert(hole.saws.begin() + 2, {{Verdict::Fits, 0.051, 0.006}, {Verdict::Fits, 0.054, 0.009}});
    EXPECT_TRUE(sawsText(hole).contains("51 mm"));
    EXPECT_FALSE(sawsText(hole).contains("54 mm")) << "two that fit are enough";
    std::erase_if(hole.saws, [](const core::SawFit& saw) { return saw.verdict == Verdict::Fits; });
    EXPECT_TRUE(sawsText(hole).contains("would show") && sawsText(hole).endsWith("by template"));
    hole.needed_m = 0.024;
    hole.toEdge_m = 0.012;
    EXPECT_TRUE(roomText(hole).contains("nobody measured") && roomText(hole).contains("to the edge"));
    hole.behind_m = 0.031;
    hole.toEdge_m = -0.002;
    hole.gap_m = 0.003;
    const QString room = roomText(hole);
    EXPECT_TRUE(room.startsWith("31 mm")) << room.toStdString();
    EXPECT_TRUE(room.contains("over the edge") && room.contains("shows by 3 mm"));
    const core::HeldBy clip{core::Fixing::Clip, true, 0.03, 0.1};
    EXPECT_TRUE(heldText(clip).contains("3.3×")) << heldText(clip).toStdString();
    EXPECT_TRUE(whyHeld(clip, 2.0).contains("30 g") && whyHeld(clip, 2.0).contains("100 g"));
    EXPECT_TRUE(whyHeld(clip, 2.0).contains("no trace"));
    EXPECT_TRUE(whyHeld({core::Fixing::Ring, false, 4.0, 150.0}, 2.0).contains("150 N"));
}

TEST(AimWords, TellOfTheImage)
{
    const core::SidesAim sides{};
    EXPECT_TRUE(sidesText(sides, 0.004).contains("in the middle"));
    EXPECT_TRUE(sidesText(sides, 0.006).contains("to the left"));
    EXPECT_TRUE(sidesText(sides, -0.006).contains("to the right"));
}

}  // namespace
}  // namespace words
