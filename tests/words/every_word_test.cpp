// Whatever the plan can hold has its own word on the screen, and what follows from it is whole sentences.
#include <gtest/gtest.h>

#include <QLocale>
#include <set>

#include "core/edits/fit_edits.h"
#include "core/edits/lead_edits.h"
#include "core/fitout/lining.h"
#include "core/model/names.h"
#include "core/survey/continuity.h"
#include "tests/core/surveyed_plan.h"
#include "words/fit_words.h"
#include "words/job_words.h"
#include "words/lining_words.h"
#include "words/quantity_words.h"
#include "words/source_words.h"
#include "words/survey_words.h"
#include "words/use_words.h"

namespace words {
namespace {

class EveryWord : public testing::Test {
protected:
    void SetUp() override { QLocale::setDefault(QLocale::c()); }
};

// All values from the first to the last of an enumeration, each with a text of its own.
template <class Enum, class Say>
void expectOwnWords(Enum first, Enum last, Say say)
{
    std::set<QString> seen;
    for (int value = static_cast<int>(first); value <= static_cast<int>(last); ++value) {
        const QString text = say(static_cast<Enum>(value));
        EXPECT_FALSE(text.isEmpty()) << value;
        EXPECT_TRUE(seen.insert(text).second) << text.toStdString();
    }
}

TEST_F(EveryWord, OfSourcesAndUses)
{
    using namespace core;
    expectOwnWords(Demand::Wind, Demand::Theft, [](Demand d) { return nameOf(d); });
    expectOwnWords(Demand::Wind, Demand::Theft, [](Demand d) { return protectionAgainst(d); });
    expectOwnWords(Demand::Wind, Demand::Heat, [](Demand d) { return proofAgainst(d); });
    expectOwnWords(Extra::Tethers, Extra::LightController, [](Extra e) { return nameOf(e); });
    expectOwnWords(Control::HighPass, Control::Polarity, [](Control c) { return nameOf(c); });
    expectOwnWords(SourceGap::Where, SourceGap::Pins, [](SourceGap g) { return nameOf(g); });
    expectOwnWords(Continuity::NotRead, Continuity::Other, [](Continuity c) { return nameOf(c); });
}

TEST_F(EveryWord, OfAJob)
{
    using namespace core;
    expectOwnWords(Tool::PlasticPry, Tool::Knife, [](Tool t) { return nameOf(t); });
    expectOwnWords(Caution::BatteryFirst, Caution::CuttingEdges, [](Caution c) { return textOf(c, core::Body{}); });
    expectOwnWords(KeepOut::Glass, KeepOut::Vents, [](KeepOut k) { return nameOf(k); });
    expectOwnWords(SmallPart::Gasket, SmallPart::OldPartsBag, [](SmallPart p) { return nameOf(p); });
    Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    const auto panel = drawId<PanelId>(plan);
    plan.panels[panel] = {.name = "side trim"};
    const Evaluation evaluation = tests::evaluated(plan);
    const Fitout &from = evaluation.stages.at(kFound)->used, &to = evaluation.stages.at(plan.job.goal)->used;
    std::set<QString> seen;
    for (int kind = static_cast<int>(StepKind::Note); kind <= static_cast<int>(StepKind::Record); ++kind) {
        Step step{.kind = static_cast<StepKind>(kind), .place = {3}, .device = tests::kLeftSpeaker};
        if (step.kind == StepKind::OpenPanel || step.kind == StepKind::ClosePanel) step.panel = panel;
        if (step.kind == StepKind::Alter) step.alteration = AlterationKind::Seal;
        if (step.kind == StepKind::LineSkin || step.kind == StepKind::StripSkin) step.alteration = AlterationKind::Mat;
        const QString text = textOf(step, from, to);
        EXPECT_TRUE(text.endsWith('.')) << kind << " " << text.toStdString();
        EXPECT_TRUE(seen.insert(text).second) << text.toStdString();
    }
    for (const auto& what : enumNames<AlterationKind>()) {
        const StepKind kind = isLining(what.value) ? StepKind::LineSkin : StepKind::Alter;
        const Step step{.kind = kind, .place = {3}, .alteration = what.value};
        EXPECT_TRUE(textOf(step, from, to).contains("rear left")) << what.text;
    }
}

// Whatever stands in a place, no finding offers the same twice in the same words.
TEST_F(EveryWord, NoMendOfAFindingReadsLikeAnother)
{
    using namespace core;
    int offered = 0;
    for (const Plan& start : {tests::demoPlan(), tests::troublePlan()})
        for (const Part* part : tests::shop().shelf.of(PartKind::Driver)) {
            const Plan plan = tests::withShelfDriver(start, part->shelfKey.c_str());
            for (const Finding& finding : judge(plan, tests::evaluated(plan))) {
                std::set<std::pair<QString, DeviceId>> seen;
                for (const Mend& mend : finding.mends) {
                    const auto* request = std::get_if<SolverRequest>(&mend.act);
                    EXPECT_TRUE(seen.insert({textOf(mend), request ? request->device : DeviceId{}}).second)
                        << part->shelfKey << " " << code(finding.rule) << " " << textOf(mend).toStdString();
                    ++offered;
                }
            }
        }
    EXPECT_GT(offered, 500);
}

// Permanent work says so, and nothing else does.
TEST_F(EveryWord, WhatIsForGoodSaysSo)
{
    using namespace core;
    const Fitout fitout = resolve(tests::demoPlan(), kFound);
    for (const auto& what : enumNames<AlterationKind>()) {
        const bool cuts = what.value == AlterationKind::Hole || what.value == AlterationKind::ScrewHoles ||
                          what.value == AlterationKind::CutObstruction;
        const Step step{.kind = StepKind::Alter, .place = {3}, .alteration = what.value};
        EXPECT_EQ(textOf(step, fitout, fitout).startsWith("For good"), cuts) << what.text;
    }
}

// A quantity that somebody types has a label that is no file key: lower case, words apart, no unit.
TEST_F(EveryWord, LabelsOfWhatIsTypedAreNoKeys)
{
    using core::Quantity;
    for (const Quantity typed :
         {Quantity::Depth_m, Quantity::Cutout_m, Quantity::LineOutputs, Quantity::LineOutput_v,
          Quantity::ConstantFeed_v, Quantity::SwitchedFeed_v, Quantity::TurnOn_v, Quantity::FeedGround_ohm,
          Quantity::Stump_m, Quantity::Obstruction_m, Quantity::MostDelay_s, Quantity::Skin_m2, Quantity::KeptClear_m2,
          Quantity::SkinSheet_m, Quantity::Covered_m2, Quantity::ScrewRoom_m, Quantity::WireExit_deg})
        EXPECT_FALSE(labelOf(typed).contains('_')) << labelOf(typed).toStdString();
}

TEST_F(EveryWord, OfAPinSayHowItIsKnown)
{
    using core::Origin;
    EXPECT_EQ(nameOfPin(nullptr), "unverified");
    const core::PinNote guessed{"3", {Origin::ClassGuess}}, stated{"3", {Origin::Stated}},
        measured{"3", {Origin::Measured, true}};
    EXPECT_EQ(nameOfPin(&guessed), "unverified");
    EXPECT_EQ(nameOfPin(&stated), "in papers");
    EXPECT_EQ(nameOfPin(&measured), "measured, to confirm");
}

TEST_F(EveryWord, OfFeedsNameWhatIsMissing)
{
    core::Body body;
    EXPECT_EQ(feedsText(body), "");
    body.feeds[core::Quantity::ConstantFeed_v] = core::Known{12.6};
    body.feeds[core::Quantity::SwitchedFeed_v] = core::Known{0.0};
    EXPECT_EQ(feedsText(body), "constant feed 12.6 V · no switched feed");
}

TEST_F(EveryWord, OfContinuityCountWhatIsLeft)
{
    using core::Continuity;
    std::vector<core::ContinuityRow> rows(3);
    EXPECT_EQ(stateOf(std::vector<core::ContinuityRow>{}), "Nothing hangs on any channel yet.");
    EXPECT_EQ(stateOf(rows), "3 channels to read before anything is ordered.");
    rows[0].verdict = Continuity::AsExpected;
    rows[1].verdict = Continuity::Short;
    EXPECT_EQ(stateOf(rows),
              "1 channel not as written: settle that before anything is ordered. 1 channel to read before anything is "
              "ordered.");
    for (core::ContinuityRow& row : rows) row.verdict = Continuity::AsExpected;
    EXPECT_EQ(stateOf(rows), "Every channel reads as written: order on it.");
}

// The part that waits for an answer says which question; the others say nothing there.
TEST_F(EveryWord, OfThePartsListHoldBackWhatOneVariantTakes)
{
    core::Part few = tests::driverPart("few ohms", {{core::Quantity::Nominal_ohm, 2.0}, {core::Quantity::Re_ohm, 1.7}});
    core::Plan plan = tests::withDriver(tests::demoPlan(), few);
    for (auto& [id, part] : plan.parts)
        if (core::isSource(part)) part.figures.erase(core::Quantity::LeastLoad_ohm);
    const core::Evaluation evaluation = tests::evaluated(plan);
    const Table table = partTable(core::planJob(plan, core::kFound, plan.job.goal, evaluation),
                                  evaluation.stages.at(plan.job.goal)->used);
    ASSERT_EQ(table.front().size(), 3U);
    EXPECT_EQ(table[1][1], "few ohms");
    EXPECT_TRUE(table[1][2].startsWith("Held back")) << table[1][2].toStdString();
    EXPECT_TRUE(table[1][2].contains("subwoofer level")) << table[1][2].toStdString();
    for (size_t row = 2; row < table.size(); ++row) EXPECT_EQ(table[row][2], "");
    EXPECT_TRUE(table[2][1].startsWith("foam gasket, ")) << "with its length";
}

TEST_F(EveryWord, OfAFamilyTellWhetherItIsHeard)
{
    const auto said = [](core::Heard heard) {
        return textOf(core::FamilyMatch{.level_db = -1.5, .shape_db = 0.9, .angle_db = 0.2, .heard = heard},
                      "the other one");
    };
    EXPECT_TRUE(said(core::Heard::No).contains("not heard as another voice"));
    EXPECT_TRUE(said(core::Heard::Hardly).contains("hardly heard"));
    EXPECT_TRUE(said(core::Heard::Plainly).contains("plainly another voice"));
    EXPECT_TRUE(said(core::Heard::No).contains("\u22121.5"));
}

// The drill before a 4.2 mm screw in thin sheet is its core and a little: ISO 1478, core at most 3.10 mm. In plastic
// four fifths of it (common practice, no source), in wood 70 % (EN 1995-1-1, 10.4.5); a rivet nut M5 wants 7 mm, a
// rivet of 4.8 mm a hole of 4.9 (common practice, no source).
TEST_F(EveryWord, OfScrewsFollowWhatTheyBiteIn)
{
    using core::Anchor;
    const core::Practice practice = core::shippedShop().practice;
    const auto said = [&](Anchor anchor, UnitSystem units = UnitSystem::Metric) {
        core::Place place{.anchor = anchor};
        place.room[core::Quantity::Sheet_m] = core::Known{0.0009};
        return screwsFor(place, practice, units);
    };
    EXPECT_EQ(said(Anchor::Unknown), "");
    EXPECT_TRUE(said(Anchor::Metal).contains("4.2 mm, pilot 3.2 mm")) << said(Anchor::Metal).toStdString();
    EXPECT_TRUE(said(Anchor::Plastic).contains("a new hole 3.4 mm")) << said(Anchor::Plastic).toStdString();
    EXPECT_TRUE(said(Anchor::Wood).contains("pilot 2.9 mm"));
    EXPECT_TRUE(said(Anchor::CaptiveNut).contains("M5")) << said(Anchor::CaptiveNut).toStdString();
    EXPECT_TRUE(said(Anchor::CaptiveNut).contains("7 mm"));
    EXPECT_TRUE(said(Anchor::Rivet).contains("4.9 mm"));
    EXPECT_TRUE(said(Anchor::Wood, UnitSystem::Imperial).contains("0.17 in"));
}

// Mends of the new findings read as what the button does.
TEST_F(EveryWord, OfMendsNameWhatTheyDo)
{
    EXPECT_EQ(textOf(core::Mend{core::MendName::CutObstruction, 0.012, {}}), "cut it away, 12 mm more");
    EXPECT_EQ(textOf(core::Mend{core::MendName::LeaveObstruction, 0.0, {}}), "leave it whole");
}

}  // namespace
}  // namespace words
