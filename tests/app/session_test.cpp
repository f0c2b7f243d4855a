#include "app/session/plan_session.h"
#include "app/session/workbench.h"

#include <gtest/gtest.h>
#include <sys/stat.h>

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include "app/session/shop_settings.h"
#include "app/session/widening.h"
#include "core/edits/named_edits.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/resolve.h"
#include "core/io/atomic_file.h"
#include "core/shipped/shipped.h"
#include "core/spread/widen.h"

namespace app {
namespace {

constexpr core::DeviceId kLeftSpeaker{12};

class Session : public testing::Test {
protected:
    std::unique_ptr<PlanSession> open()
    {
        auto session = std::make_unique<PlanSession>(core::shippedShop(), folder.filePath("recovery"));
        EXPECT_TRUE(session->openText(std::string(core::shippedDemoText()), "demo"));
        return session;
    }
    static core::Edit reading(const PlanSession& session, double ohm)
    {
        return core::readResistance(session.snapshot().plan, core::kFound, {kLeftSpeaker, "1"}, ohm, 0.0);
    }
    QStringList keptAside() const { return QDir(folder.filePath("recovery")).entryList({"*.reed"}, QDir::Files); }
    QTemporaryDir folder;
};

TEST_F(Session, EditsUndoToAnEqualPlanAndClean)
{
    const auto session = open();
    const core::Plan plan = session->snapshot().plan;
    session->apply(reading(*session, 5.1));
    EXPECT_FALSE(session->undoStack().isClean());
    EXPECT_EQ(session->undoStack().undoText(), "enter a reading");
    session->undoStack().undo();
    EXPECT_EQ(session->snapshot().plan, plan);
    EXPECT_TRUE(session->undoStack().isClean());
}

// A drag is one step however often the hand moves; returned, it is as if it had never been.
TEST_F(Session, ADragIsOneStepAndCanBeReturned)
{
    const auto session = open();
    const core::Plan before = session->snapshot().plan;
    const auto moveBy = [&](double along_m) {
        core::Place place = session->snapshot().plan.places.at({3});
        place.frame.at_m.x += along_m;
        session->drag(core::changePlace(session->snapshot().plan, {3}, place));
    };
    for (int i = 0; i < 4; ++i) moveBy(0.01);
    EXPECT_EQ(session->undoStack().count(), 1);
    session->endDrag(true);
    const core::Plan moved = session->snapshot().plan;
    EXPECT_NEAR(moved.places.at({3}).frame.at_m.x - before.places.at({3}).frame.at_m.x, 0.04, 1e-12);
    moveBy(0.1);
    moveBy(0.1);
    EXPECT_EQ(session->undoStack().count(), 2) << "another drag is another step";
    session->endDrag(false);
    EXPECT_EQ(session->snapshot().plan, moved);
    EXPECT_EQ(session->undoStack().count(), 1);
    EXPECT_FALSE(session->undoStack().canRedo()) << "there is nothing to do again";
    session->undoStack().undo();
    EXPECT_EQ(session->snapshot().plan, before);
    session->undoStack().redo();
    EXPECT_EQ(session->snapshot().plan, moved);
    session->endDrag(false);  // no drag: nothing happens
    EXPECT_EQ(session->snapshot().plan, moved);
}

TEST_F(Session, AnEditPutsDownWhatIsDragged)
{
    const auto session = open();
    core::Place place = session->snapshot().plan.places.at({3});
    place.frame.at_m.x += 0.05;
    session->drag(core::changePlace(session->snapshot().plan, {3}, place));
    session->apply(reading(*session, 5.1));
    session->endDrag(false);
    EXPECT_EQ(session->undoStack().count(), 2);
    EXPECT_EQ(session->snapshot().plan.places.at({3}).frame.at_m.x, place.frame.at_m.x);
}

TEST_F(Session, ANewPlanIsOpenAndNotSaved)
{
    const auto session = open();
    session->apply(reading(*session, 5.1));
    session->startNew(core::newPlan(core::BodyKind::Boat, session->shop().vehicles));
    EXPECT_TRUE(session->isOpen());
    EXPECT_TRUE(session->path().isEmpty());
    EXPECT_EQ(session->undoStack().count(), 0);
    EXPECT_EQ(session->snapshot().plan.body.kind, core::BodyKind::Boat);
    EXPECT_TRUE(session->snapshot().after().runs.empty());
}

TEST_F(Session, AnEditFromAnOlderPlanIsRefused)
{
    const auto session = open();
    const core::Edit old = reading(*session, 5.1);
    session->apply(reading(*session, 5.2));
    const core::Plan plan = session->snapshot().plan;
    QSignalSpy refused(session.get(), &PlanSession::refused);
    session->apply(old);
    EXPECT_EQ(refused.count(), 1);
    EXPECT_EQ(session->snapshot().plan, plan);
}

// One that draws no ids always fits, but what it speaks of may be gone.
TEST_F(Session, AnEditThatLeavesNoPossiblePlanIsRefused)
{
    const auto session = open();
    const core::Plan plan = session->snapshot().plan;
    core::Plan wild = plan;
    const core::Fitout goal = core::resolve(plan, plan.job.goal);
    const auto wire = goal.wires.begin();
    core::Wire other = wire->second;
    other.a.device = core::DeviceId{987};
    wild.wires[{plan.job.goal, wire->first}] = other;
    const core::Edit edit = core::difference(core::EditName::ColourWire, plan, wild);
    ASSERT_TRUE(core::fits(plan, edit));
    QSignalSpy refused(session.get(), &PlanSession::refused);
    session->apply(edit);
    EXPECT_EQ(refused.count(), 1);
    EXPECT_EQ(session->snapshot().plan, plan);
    EXPECT_EQ(session->undoStack().count(), 0);
}

TEST_F(Session, UnsavedWorkIsThereAfterAKill)
{
    core::Plan lost;
    {
        const auto session = open();
        session->apply(reading(*session, 5.1));
        session->writeRecoveryNow();
        lost = session->snapshot().plan;
    }  // never saved
    const auto session = open();
    ASSERT_EQ(session->lostWork().size(), 1U);
    session->takeUp(session->lostWork().front());
    EXPECT_EQ(session->snapshot().plan, lost);
    session->undoStack().undo();
    EXPECT_NE(session->snapshot().plan, lost);
}

TEST_F(Session, ASavedPlanLeavesNoRecovery)
{
    const auto session = open();
    session->apply(reading(*session, 5.1));
    session->writeRecoveryNow();
    ASSERT_TRUE(session->saveAs(folder.filePath("plan.reed")));
    EXPECT_TRUE(QDir(folder.filePath("recovery")).isEmpty());
    EXPECT_TRUE(session->undoStack().isClean());
}

TEST_F(Session, RecoveryIsWrittenByItselfAfterARest)
{
    const auto session = open();
    session->apply(reading(*session, 5.1));
    EXPECT_TRUE(QTest::qWaitFor([this] { return keptAside().size() == 1; }, 5000));
}

TEST_F(Session, UndoneBackToTheFileNothingIsKeptAside)
{
    const auto session = open();
    session->apply(reading(*session, 5.1));
    session->writeRecoveryNow();
    session->undoStack().undo();
    session->writeRecoveryNow();
    EXPECT_TRUE(QDir(folder.filePath("recovery")).isEmpty());
}

// Two windows with plans that were never saved: each keeps its own, and neither is offered the other's living work.
TEST_F(Session, AutosaveBelongsToItsWindow)
{
    auto first = open();
    first->apply(reading(*first, 5.1));
    first->writeRecoveryNow();
    const auto second = open();
    EXPECT_TRUE(second->lostWork().empty());
    second->apply(reading(*second, 6.2));
    second->writeRecoveryNow();
    EXPECT_EQ(keptAside().size(), 2);
    second->dropRecovery();
    EXPECT_EQ(keptAside().size(), 1) << "the first one's stays";
    const core::Plan lost = first->snapshot().plan;
    first.reset();
    const std::vector<LostWork> found = second->lostWork();
    ASSERT_EQ(found.size(), 1U);
    EXPECT_LT(std::abs(found.front().kept.secsTo(QDateTime::currentDateTime())), 60);
    EXPECT_LT(std::abs(found.front().opened.secsTo(QDateTime::currentDateTime())), 60);
    second->takeUp(found.front());
    EXPECT_EQ(second->snapshot().plan, lost);
    QSignalSpy refused(second.get(), &PlanSession::refused);
    second->takeUp(found.front());
    EXPECT_EQ(refused.count(), 1) << "taken up already";
    EXPECT_EQ(keptAside().size(), 1) << "it is this window's work now";
}

// What a killed program of the same name left: its lock names a process that is no more.
TEST_F(Session, LostWorkOfSeveralWindowsComesLatestFirst)
{
    for (const double ohm : {5.1, 6.2}) {
        const auto session = open();
        session->apply(reading(*session, ohm));
        session->writeRecoveryNow();
        QTest::qWait(20);
    }
    const auto session = open();
    const std::vector<LostWork> lost = session->lostWork();
    ASSERT_EQ(lost.size(), 2U);
    EXPECT_GT(lost[0].kept, lost[1].kept);
    Recovery::forget(lost[0]);
    EXPECT_EQ(session->lostWork().size(), 1U);
    // An older program's file has no time in its name and no lock.
    QFile::rename(lost[1].file, lost[1].file.section(QLatin1Char('-'), 0, -3) + ".reed");
    ASSERT_EQ(session->lostWork().size(), 1U);
    EXPECT_FALSE(session->lostWork().front().opened.isValid());
}

// With nothing open what is taken up is a plan of its own, and not saved.
TEST_F(Session, LostWorkIsOpenedByItself)
{
    core::Plan lost;
    {
        const auto session = open();
        session->apply(reading(*session, 5.1));
        session->writeRecoveryNow();
        lost = session->snapshot().plan;
    }
    PlanSession session(core::shippedShop(), folder.filePath("recovery"));
    ASSERT_EQ(session.lostWork().size(), 1U);
    session.takeUp(session.lostWork().front());
    EXPECT_EQ(session.snapshot().plan, lost);
    EXPECT_FALSE(session.undoStack().isClean());
    EXPECT_EQ(keptAside().size(), 1) << "kept again, by this window";
}

// A pipe with a lock's name would be waited for; a folder that is only read can hold none.
TEST_F(Session, ALockThatIsNoFileIsLeftAlone)
{
    ASSERT_TRUE(open()->saveAs(folder.filePath("plan.reed")));
    const std::string pipe = folder.filePath("plan.reed.lock").toStdString();
    ASSERT_EQ(mkfifo(pipe.c_str(), 0600), 0);
    PlanSession session(core::shippedShop(), folder.filePath("recovery"));
    ASSERT_TRUE(session.openFile(folder.filePath("plan.reed")));
    EXPECT_FALSE(session.openElsewhere());
    EXPECT_TRUE(QFileInfo::exists(folder.filePath("plan.reed.lock")));
}

TEST_F(Session, AFailedSaveKeepsThePlanUnsaved)
{
    const auto session = open();
    session->apply(reading(*session, 5.1));
    EXPECT_FALSE(session->saveAs("/nowhere/at/all.reed"));
    EXPECT_FALSE(session->undoStack().isClean());
    EXPECT_TRUE(session->path().isEmpty());
}

TEST_F(Session, UnknownFieldsOfTheFileAreSavedAgain)
{
    std::string text(core::shippedDemoText());
    text.replace(text.find("\"lastId\""), 8, "\"paint\": \"blue\", \"lastId\"");
    PlanSession session(core::shippedShop(), folder.filePath("recovery"));
    ASSERT_TRUE(session.openText(text, "x"));
    session.apply(reading(session, 5.1));
    ASSERT_TRUE(session.saveAs(folder.filePath("kept.reed")));
    EXPECT_NE(core::readWholeFile(folder.filePath("kept.reed").toStdString())->find("\"paint\": \"blue\""),
              std::string::npos);
}

TEST_F(Session, TheSpreadComesInTheBackgroundAfterARest)
{
    const auto session = open();
    EXPECT_TRUE(session->snapshot().evaluation.spread.empty());
    EXPECT_FALSE(session->snapshot().next);
    session->widening().setRest(0);
    QSignalSpy widened(session.get(), &PlanSession::widened);
    session->apply(reading(*session, 5.1));
    ASSERT_TRUE(widened.wait(20'000));
    EXPECT_EQ(session->snapshot().evaluation.spread.size(), 2U);
    EXPECT_TRUE(session->snapshot().next);
}

// Two edits close together: one answer, that of the second.
TEST_F(Session, ANewerPlanStopsTheOlderSpread)
{
    const auto session = open();
    session->widening().setRest(0);
    QSignalSpy widened(session.get(), &PlanSession::widened);
    session->apply(reading(*session, 5.1));
    QTest::qWait(5);  // it is under way
    session->apply(reading(*session, 5.4));
    ASSERT_TRUE(widened.wait(20'000));
    QTest::qWait(50);
    EXPECT_EQ(widened.count(), 1);
    const auto& spread = *session->snapshot().evaluation.spread.at(core::kFound);
    const core::Range could = core::rangeOf(spread.draws.at({core::Port{kLeftSpeaker, "1"}, core::Quantity::Re_ohm}));
    EXPECT_LT(could.low, 5.4);
    EXPECT_GT(could.high, 5.4);
    EXPECT_GT(could.low, 5.2);  // 2 % of a careful reading
}

TEST_F(Session, GoingWhileASpreadIsUnderWayIsSafe)
{
    auto session = open();
    session->widening().setRest(0);
    session->apply(reading(*session, 5.1));
    QTest::qWait(5);
    session.reset();
    QTest::qWait(20);
}

TEST_F(Session, ASecondSessionOnTheSameFileKnowsIt)
{
    const auto first = open();
    ASSERT_TRUE(first->saveAs(folder.filePath("plan.reed")));
    PlanSession second(core::shippedShop(), folder.filePath("recovery"));
    ASSERT_TRUE(second.openFile(folder.filePath("plan.reed")));
    EXPECT_TRUE(second.openElsewhere());
    EXPECT_FALSE(first->openElsewhere());
}

// Numbers are millimetres, whatever stands between them; what can be no saw is passed over.
TEST(ShopSettings, SawsAreReadAsTheyAreTyped)
{
    EXPECT_EQ(sawsOf("44 51, 60 mm; 2,5 and 133.5"), (std::vector<double>{0.044, 0.051, 0.060, 0.1335}));
    EXPECT_TRUE(sawsOf("none").empty());
}

TEST_F(Session, TheSawsAtHandDecideHowAHoleIsCut)
{
    const auto session = open();
    const auto holeOf = [&] { return *session->snapshot().after().fits.at(kLeftSpeaker)->hole; };
    const core::CutoutLimits limits = holeOf().limits;
    session->setSaws({limits.wanted_m + 0.0005, 0.2});
    EXPECT_EQ(holeOf().plan.saw_m, limits.wanted_m + 0.0005);
    session->setSaws({0.02, 0.2});
    EXPECT_FALSE(holeOf().plan.saw_m) << "by template";
    session->setSaws({});
    EXPECT_EQ(session->shop().practice, core::shippedShop().practice) << "those that are sold";
}

TEST_F(Session, AnotherShelfLeavesThePlanAlone)
{
    const auto session = open();
    const core::Plan plan = session->snapshot().plan;
    QSignalSpy changed(session.get(), &PlanSession::changed);
    session->setShelf({});
    EXPECT_EQ(changed.count(), 1);
    EXPECT_EQ(session->snapshot().plan, plan);
    QSignalSpy refused(session.get(), &PlanSession::refused);
    session->take({core::MendName::ChooseDriver, 0.0,
                   core::SolverRequest{core::SolverRequest::Kind::ChooseDriver, kLeftSpeaker, {}, {}}});
    EXPECT_EQ(refused.count(), 0) << "it is asked of the bench";
    EXPECT_TRUE(QTest::qWaitFor([&] { return refused.count() == 1; }, 5000)) << "an empty shelf has no other driver";
}

TEST_F(Session, AMeasureIsAskedOfWhoeverHoldsTheRuler)
{
    const auto session = open();
    QSignalSpy asked(session.get(), &PlanSession::measureAsked);
    session->take({core::MendName::MeasureFit, 0.0,
                   core::SolverRequest{core::SolverRequest::Kind::Measure, kLeftSpeaker, {}, core::Quantity::Depth_m}});
    ASSERT_EQ(asked.count(), 1);
    EXPECT_EQ(asked.first().at(0).value<core::DeviceId>(), kLeftSpeaker);
}

// Another driver is worked out beside the window: one edit once it is found, and nothing if the plan moved on
// meanwhile.
TEST_F(Session, AnotherDriverComesFromTheBenchAsOneEdit)
{
    const auto session = open();
    const core::Mend mend{core::MendName::ChooseDriver, 0.0,
                          core::SolverRequest{core::SolverRequest::Kind::ChooseDriver, kLeftSpeaker, {}, {}}};
    const core::Plan plan = session->snapshot().plan;
    session->take(mend);
    EXPECT_EQ(session->snapshot().plan, plan);
    EXPECT_TRUE(session->bench().isAsked(PlanSession::mending()));
    EXPECT_TRUE(QTest::qWaitFor([&] { return session->undoStack().count() == 1; }, 10'000));
    EXPECT_NE(session->snapshot().plan, plan);
    session->undoStack().undo();
    session->take(mend);
    core::Plan other = session->snapshot().plan;
    other.job.complaint = "it hums";
    session->apply(core::difference(core::EditName::SetJob, session->snapshot().plan, other));
    EXPECT_FALSE(session->bench().isAsked(PlanSession::mending())) << "of a plan that is no more";
    QTest::qWait(50);
    EXPECT_EQ(session->snapshot().plan, other);
}

}  // namespace
}  // namespace app
