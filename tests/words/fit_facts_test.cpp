// What the panel says of a fit: each sentence only where something is known, with the figures of the closed forms.
#include "words/fit_facts.h"

#include <gtest/gtest.h>

#include <QLocale>
#include <cmath>

#include "tests/core/judgement/fitting.h"

namespace words {
namespace {

using namespace tests;
using core::Quantity;

class FitFacts : public testing::Test {
protected:
    void SetUp() override { QLocale::setDefault(QLocale::c()); }
    // All sentences in one, for the demo's left place with this in it.
    [[nodiscard]] QString said(const Fitting& fitting, UnitSystem units = UnitSystem::Metric) const
    {
        const core::Plan plan = planOf(fitting);
        const core::Evaluation evaluation = evaluated(plan);
        const core::StageResult& goal = *evaluation.stages.at(plan.job.goal);
        return fitFacts({plan.places.at(kLeft), *goal.fits.at(kLeftSpeaker), core::findRunOfDevice(goal, kLeftSpeaker),
                         evaluation.practice},
                        units)
            .join(' ');
    }
};

TEST_F(FitFacts, SayLittleWhereLittleIsKnown)
{
    const QString text = said({});
    // m a / n: 0.4 kg, 5 times 9.81 m/s2, four screws.
    EXPECT_TRUE(text.contains("each screw bears 4.91 N")) << text.toStdString();
    for (const char* unknown : {"screw holes meet", "stand up", "In its air", "In the way", "The cover costs",
                                "Sheet-metal", "Spacer that clears"})
        EXPECT_FALSE(text.contains(unknown)) << unknown << ": " << text.toStdString();
}

TEST_F(FitFacts, NameTheSpacerThatClearsIt)
{
    Fitting fitting;
    room({{Quantity::Depth_m, 0.046}})(fitting);  // 50 deep and 5 wanted: 9 mm
    EXPECT_TRUE(said(fitting).contains("Spacer that clears it: 9 mm.")) << said(fitting).toStdString();
    EXPECT_TRUE(said(fitting, UnitSystem::Imperial).contains("0.35 in"));
    spacer({{Quantity::Thickness_m, 0.009}})(fitting);
    EXPECT_FALSE(said(fitting).contains("Spacer that clears it")) << "it is there";
}

TEST_F(FitFacts, CountTheHolesThatMeet)
{
    Fitting fitting;
    room({{Quantity::ScrewCount, 4.0}, {Quantity::ScrewCircle_m, 0.102}, {Quantity::ScrewStart_deg, 45.0}})(fitting);
    EXPECT_TRUE(said(fitting).contains("4 of 4 screw holes meet, at worst 0 mm off.")) << said(fitting).toStdString();
}

// Flange 4 mm and sheet 1 mm are held; 4 mm to bite make 9, sold as 9.5. A spacer of 9 adds its own.
TEST_F(FitFacts, SayWhatScrewsHoldAndHowLongTheyAre)
{
    Fitting fitting;
    fitting.place.anchor = core::Anchor::Metal;
    room({{Quantity::Sheet_m, 0.001}})(fitting);
    const QString bare = said(fitting);
    EXPECT_TRUE(bare.contains("They hold 5 mm and have to be 9.5 mm long at least.")) << bare.toStdString();
    EXPECT_TRUE(bare.contains("may serve again"));
    spacer({{Quantity::Thickness_m, 0.009}})(fitting);
    const QString raised = said(fitting);
    EXPECT_TRUE(raised.contains("They hold 14 mm and have to be 19 mm long at least.")) << raised.toStdString();
    EXPECT_TRUE(raised.contains("The old ones are 9 mm too short now"));
}

// fc = fs sqrt(1 + Vas/Vb): 105 Hz with Vas 5.4 l in 5.4 l is 105 sqrt(2) = 148.5 Hz.
TEST_F(FitFacts, TellWhatAPodsStripIsFor)
{
    Fitting fitting;
    fitting.driver.figures[Quantity::Fs_hz] = core::Known{105.0};
    fitting.driver.figures[Quantity::Vas_m3] = core::Known{0.0054};
    fitting.driver.figures[Quantity::Qms] = core::Known{4.6};
    fitting.driver.figures[Quantity::Qes] = core::Known{0.86};
    room({{Quantity::BoxVolume_m3, 0.0054}})(fitting);
    const QString text = said(fitting);
    // Qtc = sqrt(2) * 4.6 * 0.86 / 5.46 = 1.0246
    EXPECT_TRUE(text.contains("148")) << text.toStdString();
    EXPECT_TRUE(text.contains("Q 1.02")) << text.toStdString();
    EXPECT_TRUE(text.contains("without the strip")) << text.toStdString();
}

TEST_F(FitFacts, KeepWhatCanBeKept)
{
    Fitting fitting;
    fitting.place.obstruction = "a cable holder";
    room({{Quantity::Depth_m, 0.055}, {Quantity::Obstruction_m, 0.012}, {Quantity::Stump_m, 0.003}})(fitting);
    const QString text = said(fitting);
    EXPECT_TRUE(text.contains("Leave a cable holder whole")) << text.toStdString();
    EXPECT_TRUE(text.contains("3 mm stand up round the hole")) << text.toStdString();
    room({{Quantity::Depth_m, 0.045}})(fitting);
    EXPECT_TRUE(said(fitting).contains("In the way: a cable holder."));
}

TEST_F(FitFacts, SayWhatTheCoverCosts)
{
    Fitting fitting;
    fitting.place.cover = core::Cover::ThickCloth;
    EXPECT_TRUE(said(fitting).contains("The cover costs"));
    fitting.done.push_back(core::AlterationKind::OpenCover);
    EXPECT_FALSE(said(fitting).contains("The cover costs"));
}

}  // namespace
}  // namespace words
