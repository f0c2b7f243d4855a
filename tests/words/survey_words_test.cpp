// What a walk-round asks and answers, in words.
#include <gtest/gtest.h>

#include <QLocale>
#include <set>

#include "core/edits/panel_edits.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"
#include "core/model/names.h"
#include "core/slate/quantity_text.h"
#include "tests/core/demo_plan.h"
#include "words/customer_words.h"
#include "words/job_words.h"
#include "words/name_words.h"
#include "words/survey_words.h"

namespace words {
namespace {

class SurveyWords : public testing::Test {
protected:
    void SetUp() override { QLocale::setDefault(QLocale::c()); }
};

template <class Enum>
void expectDistinct(QString (*name)(Enum))
{
    std::set<QString> seen;
    for (const auto& one : core::enumNames<Enum>()) {
        const QString text = name(one.value);
        EXPECT_FALSE(text.isEmpty()) << one.text;
        EXPECT_TRUE(seen.insert(text).second) << one.text;
    }
}

TEST_F(SurveyWords, EverythingThatCanBeChosenHasItsOwnWord)
{
    expectDistinct<core::PlaceKind>(nameOf);
    expectDistinct<core::Cab>(nameOf);
    expectDistinct<core::Drive>(nameOf);
    expectDistinct<core::Behind>(nameOf);
    expectDistinct<core::Cover>(nameOf);
    expectDistinct<core::FastenerKind>(nameOf);
    expectDistinct<core::OutputGround>(nameOf);
    expectDistinct<core::Complaint>(nameOf);
    expectDistinct<core::Goal>(nameOf);
    expectDistinct<core::Keep>(nameOf);
    expectDistinct<core::Use>(nameOf);
    expectDistinct<core::Use>(meaningOf);
    expectDistinct<core::VariantSign>(questionOf);
    expectDistinct<core::VariantSign>(meaningOf);
    for (const auto& complaint : core::enumNames<core::Complaint>())
        EXPECT_TRUE(textOf(core::rowOf(complaint.value)).contains("To tell: "));
}

TEST_F(SurveyWords, ClassesAreSaidByKindAndSize)
{
    EXPECT_EQ(nameOfClass("componentWoofer165"), "165 mm woofer");
    EXPECT_EQ(nameOfClass("oval6x9"), "6 × 9 in oval");
    for (const auto& [key, driverClass] : core::shippedShop().practice.classes)
        EXPECT_NE(nameOfClass(key), QString::fromStdString(key));
}

// What a field shows can be typed again and means the same, in both systems, to the digits that are shown.
TEST_F(SurveyWords, FieldsReadBackWhatTheyShow)
{
    for (const auto& [quantity, dimension, value] :
         {std::tuple{core::Quantity::Depth_m, core::Dimension::Length, 0.0625},
          std::tuple{core::Quantity::Wheelbase_m, core::Dimension::Length, 2.72},
          std::tuple{core::Quantity::Re_ohm, core::Dimension::Resistance, 3.35},
          std::tuple{core::Quantity::Capacitance_f, core::Dimension::Capacitance, 4.7e-6},
          std::tuple{core::Quantity::BoxVolume_m3, core::Dimension::Volume, 0.0125},
          std::tuple{core::Quantity::HighPass_hz, core::Dimension::Frequency, 1440.0},
          std::tuple{core::Quantity::RatedPower_w, core::Dimension::Power, 22.0},
          std::tuple{core::Quantity::ScrewCount, core::Dimension::Number, 4.0}})
        for (const UnitSystem units : {UnitSystem::Metric, UnitSystem::Imperial}) {
            const QString text = fieldText(quantity, value, units);
            const auto typed = core::parseQuantity(text.toStdString(), dimension);
            ASSERT_TRUE(typed) << text.toStdString();
            EXPECT_NEAR(typed->value / value, 1.0, 0.006) << text.toStdString();
        }
}

TEST_F(SurveyWords, TheWayInStandsInTheStepsOfTheJob)
{
    core::Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    const core::PlaceId left{3};
    plan = core::apply(plan, core::addPanel(plan, left, "side trim")).plan;
    core::Panel panel = plan.panels.begin()->second;
    panel.fasteners = {{core::FastenerKind::Screw, "T20", 2, true, "behind the belt cover"}};
    panel.leave = "the yellow plug";
    panel.undo = "socket plug";
    panel.membrane = true;
    plan = core::apply(plan, core::changePanel(plan, plan.places.at(left).wayIn.front(), panel)).plan;
    const core::Evaluation evaluation = tests::evaluated(plan);
    const core::JobPlan job = core::planJob(plan, core::kFound, plan.job.goal, evaluation);
    const core::Fitout& before = evaluation.stages.at(core::kFound)->used;
    const core::Fitout& after = evaluation.stages.at(plan.job.goal)->used;
    int said = 0;
    for (const core::Step& step : job.steps)
        if (step.kind == core::StepKind::OpenPanel) {
            const QString text = textOf(step, before, after);
            EXPECT_TRUE(text.contains("side trim: 2 × screw T20, behind the belt cover (hidden)"))
                << text.toStdString();
            EXPECT_TRUE(text.contains("Leave alone: the yellow plug"));
            EXPECT_TRUE(text.contains("label both ends: socket plug"));
            EXPECT_TRUE(text.contains("film"));
            EXPECT_EQ(nameOf(step.tools.front()), "star driver T20");
            ++said;
        } else if (step.kind == core::StepKind::ClosePanel) {
            const QString text = textOf(step, before, after);
            EXPECT_TRUE(text.startsWith("Seal the film")) << text.toStdString();
            EXPECT_TRUE(text.contains("socket plug"));
        } else if (step.kind == core::StepKind::TryBeforeClosing) {
            EXPECT_TRUE(textOf(step, before, after).contains("socket plug"));
        }
    EXPECT_EQ(said, 2) << "on both sides";
}

TEST_F(SurveyWords, HazardsFollowTheKindAndWhatDrivesIt)
{
    const core::Practice practice = core::shippedShop().practice;
    core::Body body;
    EXPECT_TRUE(hazardsOf(body, practice).join(' ').contains("yellow"));
    EXPECT_FALSE(hazardsOf(body, practice).join(' ').contains("orange"));
    body.drive = core::Drive::Electric;
    EXPECT_TRUE(hazardsOf(body, practice).join(' ').contains("orange"));
    EXPECT_TRUE(powerDownOf(body).contains("maker's procedure"));
    body = {.kind = core::BodyKind::Motorcycle};
    EXPECT_TRUE(hazardsOf(body, practice).join(' ').contains("lock to lock"));
    EXPECT_TRUE(hazardsOf(body, practice).join(' ').contains("No cabin"));
    for (const auto& kind : core::enumNames<core::BodyKind>()) {
        body = {.kind = kind.value};
        EXPECT_FALSE(powerDownOf(body).isEmpty());
        EXPECT_FALSE(powerDownOf(body).contains("safe", Qt::CaseInsensitive));
    }
}

TEST_F(SurveyWords, SidesSayWhatTheyHaveDifferent)
{
    core::Plan plan = tests::demoPlan();
    plan = core::apply(plan, core::freeSides(plan, {3})).plan;
    plan.places.at({3}).room[core::Quantity::Depth_m] = core::Known{0.06};
    plan.places.at({3}).behind = core::Behind::Glass;
    plan.places.at({3}).cover = core::Cover::ThinCloth;
    plan.places.at({3}).kind = core::PlaceKind::Door;
    plan.places.at({3}).frame.at_m.x += 0.02;
    QStringList lines;
    for (const auto& difference : core::sideDifferences(tests::evaluated(plan).stages.at(core::kFound)->used, {3}))
        lines << textOf(difference, plan, UnitSystem::Metric);
    EXPECT_EQ(lines, (QStringList{"another kind of place", "stands 20 mm (0.79 in) off the mirrored spot",
                                  "something else lies behind", "another cover", "depth: 60 mm here, 55 mm there"}));
}

TEST_F(SurveyWords, TheUndoListNamesEveryEdit)
{
    std::set<QString> seen;
    for (int name = static_cast<int>(core::EditName::FitDriver); name <= static_cast<int>(core::EditName::RemovePanel);
         ++name) {
        const QString text = nameOf(core::Edit{.name = static_cast<core::EditName>(name)});
        EXPECT_FALSE(text.isEmpty()) << name;
        EXPECT_TRUE(seen.insert(text).second) << text.toStdString();
    }
}

TEST_F(SurveyWords, AnInventoryLineSaysWhatIsOpenAndWhetherItIsTurnedOver)
{
    core::Plan plan = tests::demoPlan();
    const auto lineOf = [&] {
        const core::Evaluation evaluation = tests::evaluated(plan);
        const core::StageResult& found = *evaluation.stages.at(core::kFound);
        return textOf(core::channelMap(found, evaluation.frequency_hz).rows.front(), found.used);
    };
    EXPECT_TRUE(lineOf().contains("channel RL")) << lineOf().toStdString();
    EXPECT_TRUE(lineOf().contains("+ grey, − grey/black"));
    EXPECT_TRUE(lineOf().endsWith("open: the way in"));
    for (auto& [key, wire] : plan.wires)  // the two wires of the left speaker change places
        if (wire && wire->b.device == tests::kLeftSpeaker) wire->b.terminal = wire->b.terminal == "1+" ? "1-" : "1+";
    EXPECT_TRUE(lineOf().contains("channel RL, the other way round")) << lineOf().toStdString();
}

}  // namespace
}  // namespace words
