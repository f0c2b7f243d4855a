// Aim in the real window: a tweeter dragged, turned, typed, tried at other spots, freed and mirrored.
#include <gtest/gtest.h>

#include <QComboBox>
#include <QFile>
#include <QFrame>
#include <QLineEdit>
#include <QMessageBox>
#include <QPushButton>
#include <QSpinBox>
#include <QTest>
#include <QUndoStack>

#include "app/shell/main_window.h"
#include "app/stations/aim/aim_drawing.h"
#include "app/stations/aim/aim_view.h"
#include "app/theme/theme.h"
#include "core/design/mount_surfaces.h"
#include "core/edits/aim_edits.h"
#include "core/fitout/sides.h"
#include "core/model/aim.h"
#include "tests/app/window_driver.h"
#include "words/aim_words.h"

namespace tests {
namespace {

using core::DeviceId;
using core::Frame;

constexpr DeviceId kLeft{37}, kRight{40};  // the demo's tweeters in the sails

class Aim : public testing::Test {
protected:
    Aim() : m_theme(*qApp), m_window(m_theme)
    {
        m_window.openShipped(false);
        m_window.pickCandidate("wb-alder-4");  // something is planned
        m_window.key(Qt::Key_5, Qt::ControlModifier);
        m_window.settle();
    }
    [[nodiscard]] app::AimDrawing& drawing(const char* name)
    {
        return *m_window.window().findChild<app::AimDrawing*>(QLatin1String(name));
    }
    [[nodiscard]] app::AimDrawing& above() { return drawing("aimAbove"); }
    [[nodiscard]] Frame frame(DeviceId device) const
    {
        return *core::frameOf(m_window.session().snapshot().after().used, device);
    }
    [[nodiscard]] std::string placeOf(DeviceId device) const
    {
        return core::placeOf(m_window.session().snapshot().after().used, device)->name;
    }
    [[nodiscard]] bool isSaid(core::RuleId rule) const
    {
        const auto& findings = m_window.session().snapshot().findings;
        return std::any_of(findings.begin(), findings.end(), [&](const auto& one) { return one.rule == rule; });
    }
    // The row of a pillar that is closed; empty: none is.
    [[nodiscard]] QByteArray closedPillar()
    {
        for (const auto* row : m_window.window().findChildren<QAbstractButton*>())
            if (row->objectName().startsWith(QStringLiteral("closedHabit_")) && row->isVisibleTo(&m_window.window()) &&
                row->accessibleName().startsWith(QStringLiteral("pillar")))
                return row->objectName().toLatin1();
        return {};
    }
    [[nodiscard]] const core::Surface* surface(const std::string& name)
    {
        for (const auto& [id, one] : m_window.session().snapshot().plan.surfaces)
            if (one.name == name) return &one;
        return nullptr;
    }
    void drag(app::AimDrawing& drawing, const QPoint& from, const QPoint& by)
    {
        QTest::mousePress(&drawing, Qt::LeftButton, {}, from);
        for (int i = 1; i <= 4; ++i) QTest::mouseMove(&drawing, from + by * i / 4);
        QTest::mouseRelease(&drawing, Qt::LeftButton, {}, from + by);
    }

    app::Theme m_theme;
    mutable WindowDriver m_window;
};

// One step to undo, both sides at once, figures at once.
TEST_F(Aim, ATweeterIsDraggedInEitherView)
{
    const Frame was = frame(kLeft);
    const int steps = m_window.session().undoStack().index();
    const QString said = m_window.text("aimTime");
    drag(above(), above().pointOf(was.at_m).toPoint(), QPoint(0, 12));
    const Frame back = frame(kLeft);
    EXPECT_LT(back.at_m.x, was.at_m.x - 0.02) << "down the page is towards the tail";
    EXPECT_NEAR(back.at_m.y, was.at_m.y, 0.005);
    EXPECT_DOUBLE_EQ(back.at_m.z, was.at_m.z) << "what the view does not show is kept";
    EXPECT_EQ(frame(kRight), core::mirrored(back));
    EXPECT_EQ(m_window.session().undoStack().index(), steps + 1);
    EXPECT_NE(m_window.text("aimTime"), said);
    app::AimDrawing& side = drawing("aimSide");
    drag(side, side.pointOf(back.at_m).toPoint(), QPoint(0, -10));
    EXPECT_GT(frame(kLeft).at_m.z, back.at_m.z + 0.02);
    EXPECT_DOUBLE_EQ(frame(kLeft).at_m.y, back.at_m.y);
    for (int i = 0; i < 2; ++i) m_window.session().undoStack().undo();
    EXPECT_EQ(frame(kLeft), was);
    EXPECT_EQ(m_window.text("aimTime"), said);
}

TEST_F(Aim, ItsAxisIsTurnedAtItsHead)
{
    const Frame was = frame(kLeft);
    const QPoint head = above().axisHead().toPoint(), at = above().pointOf(was.at_m).toPoint();
    drag(above(), head, QPoint(at.x() - head.x(), at.y() + 60 - head.y()));  // straight down the page
    EXPECT_EQ(frame(kLeft).at_m, was.at_m);
    EXPECT_NEAR(core::aimOf(frame(kLeft)).in_deg, 0.0, 3.0);
    EXPECT_NEAR(core::aimOf(frame(kLeft)).up_deg, core::aimOf(was).up_deg, 1e-9);
    EXPECT_EQ(frame(kRight), core::mirrored(frame(kLeft)));
}

TEST_F(Aim, KeysMoveTurnAndReturn)
{
    const Frame was = frame(kLeft);
    above().setFocus();
    QTest::keyClick(&above(), Qt::Key_Down);
    EXPECT_NEAR(frame(kLeft).at_m.x, was.at_m.x - 0.005, 1e-9);
    QTest::keyClick(&above(), Qt::Key_Left, Qt::ShiftModifier);
    EXPECT_NEAR(frame(kLeft).at_m.y, was.at_m.y + 0.001, 1e-9);
    QTest::keyClick(&above(), Qt::Key_R);
    EXPECT_NEAR(core::aimOf(frame(kLeft)).in_deg, core::aimOf(was).in_deg + 5.0, 1e-6);
    QTest::keyClick(&above(), Qt::Key_Escape);
    EXPECT_EQ(frame(kLeft), was) << "as if it had never been taken hold of";
    QTest::keyClick(&above(), Qt::Key_Up);
    QTest::keyClick(&above(), Qt::Key_Return);
    EXPECT_NEAR(frame(kLeft).at_m.x, was.at_m.x + 0.005, 1e-9);
    drawing("aimSide").setFocus();
    QTest::keyClick(&drawing("aimSide"), Qt::Key_R);
    QTest::keyClick(&drawing("aimSide"), Qt::Key_Return);
    EXPECT_NEAR(core::aimOf(frame(kLeft)).up_deg, core::aimOf(was).up_deg + 5.0, 1e-6);
    // Tab goes on to another speaker, which the traces then follow.
    above().setFocus();
    for (int i = 0; i < 2; ++i) QTest::keyClick(&above(), Qt::Key_Tab);  // past its twin
    QTest::keyClick(&above(), Qt::Key_Up);
    QTest::keyClick(&above(), Qt::Key_Return);
    EXPECT_NEAR(frame(kLeft).at_m.x, was.at_m.x + 0.005, 1e-9) << "it is not that one any more";
}

// A ruler's measure from a named edge, in inches: 1.5 in is 38.1 mm.
TEST_F(Aim, AMeasureIsTypedFromAnEdge)
{
    m_theme.setUnits(words::UnitSystem::Imperial);
    m_window.settle();
    const Frame was = frame(kLeft);
    m_window.type("holeSecond", "1.5");
    const auto* field = m_window.window().findChild<QLineEdit*>(QStringLiteral("holeSecond"));
    EXPECT_EQ(field->text(), QStringLiteral("1.50 in"));
    EXPECT_NEAR(core::distance(frame(kLeft).at_m, was.at_m), 0.05 - 0.0381, 1e-4) << "it stood in the middle of 100 mm";
    m_theme.setUnits(words::UnitSystem::Metric);
    m_window.type("aimUp", "12");
    EXPECT_NEAR(core::aimOf(frame(kLeft)).up_deg, 12.0, 1e-9);
    const Frame now = frame(kLeft);
    m_window.type("aimIn", "as before");
    EXPECT_EQ(frame(kLeft), now) << "nothing is lost";
    m_window.type("holeFirst", "9 ohm");
    EXPECT_EQ(frame(kLeft), now);
}

// Closed until somebody records that the maker's data clears it; then it is one habit among others.
TEST_F(Aim, APillarIsBlockedAndReleased)
{
    ASSERT_FALSE(closedPillar().isEmpty());
    const auto press = [&](const char* button) {
        m_window.click(closedPillar());
        auto* box = m_window.window().findChild<QMessageBox*>(QStringLiteral("clearZone"));
        ASSERT_TRUE(box);
        for (QAbstractButton* one : box->buttons())
            if ((one->objectName() == QLatin1String("recordCleared")) == (QLatin1String(button) == QLatin1String("yes")))
                one->click();
        m_window.settle();
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    };
    press("no");
    EXPECT_TRUE(m_window.session().snapshot().plan.body.cleared.empty());
    press("yes");
    EXPECT_EQ(m_window.session().snapshot().plan.body.cleared, std::set{core::RestraintZone::Pillar});
    EXPECT_TRUE(closedPillar().isEmpty());
    m_window.click("moreHabits");
    bool taken = false;
    for (int rank = 1; rank <= 8 && !taken; ++rank) {
        const QString name = QStringLiteral("habit_%1").arg(rank);
        const auto* row = m_window.window().findChild<QAbstractButton*>(name);
        if (!row || !row->accessibleName().startsWith(QStringLiteral("pillar"))) continue;
        m_window.click(name.toLatin1());
        taken = true;
    }
    ASSERT_TRUE(taken);
    EXPECT_EQ(placeOf(kLeft), "left pillar");
    EXPECT_EQ(placeOf(kRight), "right pillar");
    EXPECT_FALSE(isSaid(core::RuleId::RestraintPath));
    // Closed again while it is there: a Stop, said first, and its mend takes it back to the sail.
    m_window.click("closeZone_0");
    EXPECT_FALSE(m_window.finding("AIM6").isEmpty());
    m_window.click("mend_AIM6_0");
    EXPECT_EQ(placeOf(kLeft), "left sail");
    EXPECT_TRUE(m_window.finding("AIM6").isEmpty());
    for (int i = 0; i < 2; ++i) m_window.session().undoStack().undo();
    m_window.session().undoStack().undo();
    EXPECT_EQ(placeOf(kLeft), "left sail");
    m_window.click("closeZone_0");
    EXPECT_TRUE(m_window.session().snapshot().plan.body.cleared.empty());
    EXPECT_FALSE(closedPillar().isEmpty());
}

// The list is short until it is asked for: four, how it stands, and what a restraint closes.
TEST_F(Aim, TheListOfHabitsUnfolds)
{
    const auto rows = [&] {
        int count = 0;
        for (const auto* row : m_window.window().findChildren<QAbstractButton*>())
            if (row->objectName().contains(QStringLiteral("abit_")) && row->isVisible()) ++count;
        return count;
    };
    const int few = rows();
    EXPECT_GE(few, 5);
    EXPECT_LE(few, 6);
    EXPECT_FALSE(m_window.has("habit_7"));
    const QString text = m_window.window().findChild<QPushButton*>("moreHabits")->text();
    const int more = text.section(QLatin1Char(' '), 0, 0).toInt();
    EXPECT_GT(more, 0) << text.toStdString();
    m_window.click("moreHabits");
    EXPECT_EQ(rows(), few + more);
    m_window.click("moreHabits");
    EXPECT_EQ(rows(), few);
}

// A corner dragged, moved by keys, a width typed in inches: each one step, the other side its mirror image.
TEST_F(Aim, ASurfaceIsShapedByItsCorners)
{
    app::AimDrawing& side = drawing("aimSide");
    EXPECT_FALSE(side.cornerPoint(0));
    m_window.click("surfaceCorners");
    ASSERT_TRUE(side.cornerPoint(0));
    const int steps = m_window.session().undoStack().index();
    const QPointF stays = *side.cornerPoint(1);
    const QPoint from = side.cornerPoint(3)->toPoint(), by(10, -12);
    drag(side, from, by);
    EXPECT_EQ(m_window.session().undoStack().index(), steps + 1);
    ASSERT_TRUE(surface("left sail") && surface("right sail"));
    const QPointF off = *side.cornerPoint(3) - QPointF(from + by);
    EXPECT_LT(std::hypot(off.x(), off.y()), 1.5);
    EXPECT_LT(std::hypot(side.cornerPoint(1)->x() - stays.x(), side.cornerPoint(1)->y() - stays.y()), 0.5);
    EXPECT_NEAR(core::length(surface("left sail")->along_m), core::length(surface("right sail")->along_m), 1e-12);
    EXPECT_EQ(surface("left sail")->basis.origin, core::Origin::ClassGuess) << "drawn, not measured";
    // By keys: Tab goes round, an arrow is 5 mm.
    side.setFocus();
    const double high_m = core::length(surface("left sail")->across_m);
    QTest::keyClick(&side, Qt::Key_Up);
    EXPECT_NEAR(std::abs(core::length(surface("left sail")->across_m) - high_m), 0.005, 1e-6);
    QTest::keyClick(&side, Qt::Key_Backtab);
    QTest::keyClick(&side, Qt::Key_Down, Qt::ShiftModifier);
    EXPECT_EQ(m_window.session().undoStack().index(), steps + 3);
    // A ruler's width: 4 in is 101.6 mm, and from then on it is measured.
    m_theme.setUnits(words::UnitSystem::Imperial);
    m_window.type("holeFirst", "4");
    EXPECT_NEAR(core::length(surface("left sail")->along_m), 0.1016, 1e-9);
    EXPECT_EQ(surface("left sail")->basis.origin, core::Origin::Measured);
    m_theme.setUnits(words::UnitSystem::Metric);
    const core::Plan plan = m_window.session().snapshot().plan;
    m_window.type("holeSecond", "1");
    EXPECT_EQ(m_window.session().snapshot().plan, plan) << "a millimetre is no surface";
    QTest::keyClick(&side, Qt::Key_Escape);
    EXPECT_FALSE(side.cornerPoint(0));
    EXPECT_TRUE(m_window.text("holeSaws").contains(QStringLiteral("fits"))) << "the hole again";
    while (m_window.session().undoStack().index() > steps) m_window.session().undoStack().undo();
    EXPECT_TRUE(m_window.session().snapshot().plan.surfaces.empty());
}

// A surface that nobody named is shaped like any other; none is, unless somebody asks.
TEST_F(Aim, ASurfaceWithoutANameIsShapedToo)
{
    core::Plan plan = m_window.session().snapshot().plan;
    const core::Frame at = frame(kLeft);
    plan.surfaces[core::drawId<core::SurfaceId>(plan)] = {.corner_m = at.at_m + core::Vec3{0.06, 0.0, -0.06},
                                                          .along_m = {-0.12, 0.0, 0.0},
                                                          .across_m = {0.0, 0.0, 0.12},
                                                          .mountable = true,
                                                          .kind = core::PlaceKind::Sail};
    m_window.session().startNew(plan);
    m_window.click("stationAim");
    QTest::mouseClick(&above(), Qt::LeftButton, {}, above().pointOf(at.at_m).toPoint());
    app::AimDrawing& side = drawing("aimSide");
    EXPECT_FALSE(side.cornerPoint(0)) << "nobody asked";
    m_window.click("surfaceCorners");
    ASSERT_TRUE(side.cornerPoint(0));
    m_window.type("holeFirst", "150 mm");
    EXPECT_NEAR(core::length(surface("")->along_m), 0.15, 1e-9);
}

// What counts is tried at once, taken back, kept, and known again in the next session.
TEST_F(Aim, WhatCountsIsWeighed)
{
    auto* aim = m_window.window().findChild<app::AimView*>();
    const auto shown = [&] { return m_window.window().findChild<QPushButton*>("bestFor_all")->text(); };
    const QString usual = shown();
    const auto weigh = [&](const char* then) {
        m_window.click("spotWeights");
        m_window.window().findChild<QSpinBox*>(QStringLiteral("weight_2"))->setValue(100);  // the image alone
        for (const char* other : {"weight_0", "weight_1", "weight_3", "weight_4", "weight_5"})
            m_window.window().findChild<QSpinBox*>(QLatin1String(other))->setValue(0);
        const QString tried = shown();
        m_window.click(then);
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        return tried;
    };
    const QString tried = weigh("weightsCancel");
    EXPECT_NE(tried, usual);
    EXPECT_EQ(shown(), usual);
    EXPECT_EQ(weigh("weightsOk"), tried);
    EXPECT_EQ(shown(), tried);
    aim->keep(m_window.settings());
    m_window.click("spotWeights");
    m_window.click("weightsUsual");
    m_window.click("weightsOk");
    EXPECT_EQ(shown(), usual);
    aim->recall(m_window.settings());
    m_window.click("stationSplit");
    m_window.click("stationAim");
    EXPECT_EQ(shown(), tried);
}

// The points of one head and of all are the same whichever of them is looked at.
TEST_F(Aim, PointsAreTheSameWhoeverIsLookedAt)
{
    const auto shown = [&] {
        QStringList all;
        for (const auto* button : m_window.window().findChildren<QPushButton*>())
            if (button->objectName().startsWith(QStringLiteral("bestFor_"))) all << button->text();
        return all;
    };
    const QStringList one = shown();
    ASSERT_EQ(one.size(), 3);
    m_window.click("bestFor_all");
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    EXPECT_EQ(shown(), one);
}

TEST_F(Aim, WhatHoldsItIsChosen)
{
    auto* holds = m_window.window().findChild<QComboBox*>(QStringLiteral("mountHolds"));
    ASSERT_TRUE(holds && holds->isVisible());
    const int clip = holds->findData(static_cast<int>(core::Fixing::Clip));
    ASSERT_GE(clip, 0);
    EXPECT_TRUE(holds->itemText(clip).contains(QStringLiteral("bears"))) << holds->itemText(clip).toStdString();
    EXPECT_FALSE(holds->itemData(clip, Qt::ToolTipRole).toString().isEmpty());
    emit holds->activated(clip);
    const auto& mounts = m_window.session().snapshot().after().used.mounts;
    EXPECT_EQ(mounts.at(kLeft).fixing, core::Fixing::Clip);
    EXPECT_EQ(holds->currentIndex(), holds->findData(static_cast<int>(core::Fixing::Clip)));
}

// What stands beside the hole on the screen stands on the card: room and edge.
TEST_F(Aim, TheCardTellsRoomAndEdge)
{
    m_window.type("holeFirst", "40 mm");
    const QString room = m_window.text("holeRoom");
    ASSERT_TRUE(room.contains(QStringLiteral("to the edge"))) << room.toStdString();
    const app::Snapshot& shown = m_window.session().snapshot();
    const auto mounts = core::mountsOf(shown.after().used, shown.shop->vehicles, shown.practice());
    int told = 0;
    for (const auto& row : words::spotTable(shown.after(), mounts, shown.practice()))
        told += row[1].contains(room);
    EXPECT_EQ(told, 2) << "both sides";
}

// Its own findings first at each station; what stops the plan before all, wherever it belongs.
TEST_F(Aim, FindingsOfTheOpenStationComeFirst)
{
    const auto firstSlip = [&] {
        for (const auto* slip : m_window.window().findChild<QWidget*>("findingsColumn")->findChildren<QFrame*>())
            if (slip->objectName().startsWith(QStringLiteral("finding_"))) return slip->objectName();
        return QString();
    };
    const auto& findings = m_window.session().snapshot().findings;
    const auto own = std::count_if(findings.begin(), findings.end(), [](const core::Finding& finding) {
        return core::code(finding.rule).starts_with("AIM");
    });
    EXPECT_TRUE(firstSlip().startsWith(QStringLiteral("finding_AIM"))) << firstSlip().toStdString();
    EXPECT_EQ(m_window.text("findingsShare"), QStringLiteral("%1 of %2").arg(own).arg(findings.size()));
    m_window.key(Qt::Key_4, Qt::ControlModifier);
    EXPECT_TRUE(firstSlip().startsWith(QStringLiteral("finding_SPLIT"))) << firstSlip().toStdString();
    m_window.key(Qt::Key_9, Qt::ControlModifier);
    EXPECT_FALSE(m_window.has("findingsShare")) << "the card has none of its own";
    m_window.session().apply(core::putDriverOn(m_window.session().snapshot().plan, kLeft,
                                               {{-0.97, 0.6, 1.27}, {-0.6, -0.8, 0.0}},
                                               {.name = "left pillar", .mountable = true, .kind = core::PlaceKind::Pillar}));
    m_window.key(Qt::Key_4, Qt::ControlModifier);
    EXPECT_EQ(firstSlip(), QStringLiteral("finding_AIM6"));
}

// Let go over another surface it is at a place of its own there; back again nothing is left of that. One step each.
TEST_F(Aim, AnotherSurfaceIsTakenByDragging)
{
    const size_t places = m_window.session().snapshot().plan.places.size();
    const int steps = m_window.session().undoStack().index();
    app::AimDrawing& side = drawing("aimSide");
    const Frame was = frame(kLeft);
    const core::Vec3 door{-0.9, was.at_m.y, 0.62};
    const QPoint from = side.pointOf(was.at_m).toPoint();
    drag(side, from, side.pointOf(door).toPoint() - from);
    EXPECT_EQ(placeOf(kLeft), "left front door 2");
    EXPECT_EQ(placeOf(kRight), "right front door 2");
    EXPECT_NEAR(frame(kLeft).at_m.z, 0.62, 0.01);
    EXPECT_EQ(m_window.session().undoStack().index(), steps + 1);
    EXPECT_EQ(m_window.session().snapshot().plan.places.size(), places + 2);
    side.setFocus();
    QTest::keyClick(&side, Qt::Key_Return);
    QTest::keyClick(&side, Qt::Key_Return);
    EXPECT_EQ(m_window.session().undoStack().index(), steps + 1) << "taken hold of and put down is no step";
    m_window.session().undoStack().undo();
    EXPECT_EQ(m_window.session().snapshot().plan.places.size(), places);
    EXPECT_EQ(frame(kLeft), was);
}

// Before anything is planned the first drag makes the stage that is planned: one step all the same, and Escape takes
// all of it back.
TEST_F(Aim, TheFirstDragOfAPlanIsOneStep)
{
    m_window.newJob("estate");
    for (const char* spot : {"front door", "sail"}) m_window.clickThing(QString::fromLatin1(spot));
    m_window.key(Qt::Key_5, Qt::ControlModifier);
    m_window.settle();
    const core::Plan before = m_window.session().snapshot().plan;
    ASSERT_EQ(before.job.goal, core::kFound);
    above().setFocus();
    for (int i = 0; i < 3; ++i) QTest::keyClick(&above(), Qt::Key_Down);
    EXPECT_NE(m_window.session().snapshot().plan.job.goal, core::kFound);
    QTest::keyClick(&above(), Qt::Key_Escape);
    EXPECT_EQ(m_window.session().snapshot().plan, before);
    const int steps = m_window.session().undoStack().index();
    for (int i = 0; i < 3; ++i) QTest::keyClick(&above(), Qt::Key_Down);
    QTest::keyClick(&above(), Qt::Key_Return);
    EXPECT_EQ(m_window.session().undoStack().index(), steps + 1);
}

TEST_F(Aim, ASpotIsTakenFromTheMap)
{
    static_cast<void>(QTest::qWaitFor([&] { return above().spotPoint().has_value(); }, 20'000));
    const auto point = above().spotPoint();
    ASSERT_TRUE(point);
    QTest::mouseClick(&above(), Qt::LeftButton, {}, point->toPoint());
    m_window.settle();
    EXPECT_NE(placeOf(kLeft), "left sail");
    EXPECT_EQ(placeOf(kRight).substr(placeOf(kRight).find(' ')), placeOf(kLeft).substr(placeOf(kLeft).find(' ')));
    EXPECT_EQ(frame(kRight), core::mirrored(frame(kLeft)));
    m_window.session().undoStack().undo();
    EXPECT_EQ(placeOf(kLeft), "left sail");
}

TEST_F(Aim, APairIsUnlockedAndMirrored)
{
    m_window.click("sidesLocked");
    m_window.type("aimUp", "30");
    EXPECT_NEAR(core::aimOf(frame(kLeft)).up_deg, 30.0, 1e-9);
    EXPECT_NEAR(core::aimOf(frame(kRight)).up_deg, 0.0, 1e-9) << "it stays";
    EXPECT_TRUE(isSaid(core::RuleId::NotMirrored));
    m_window.click("sidesLocked");
    EXPECT_EQ(frame(kRight), core::mirrored(frame(kLeft)));
    EXPECT_FALSE(isSaid(core::RuleId::NotMirrored));
}

// Written as the name says; what cannot be written is said, and nothing is left.
TEST_F(Aim, TheHoleLeavesAsATemplate)
{
    auto* aim = m_window.window().findChild<app::AimView*>();
    for (const auto& [name, begin] : {std::pair{"/hole.svg", "<?xml"}, {"/hole.pdf", "%PDF-"}}) {
        const QString path = m_window.folder() + QLatin1String(name);
        ASSERT_TRUE(aim->writeTemplate(path));
        QFile file(path);
        ASSERT_TRUE(file.open(QIODevice::ReadOnly));
        EXPECT_TRUE(file.readAll().startsWith(begin));
    }
    EXPECT_FALSE(aim->writeTemplate(m_window.folder() + QStringLiteral("/no such folder/hole.pdf")));
    m_window.type("aimIn", "40");
    EXPECT_TRUE(m_window.window().findChild<QPushButton*>(QStringLiteral("holeTemplate"))->isVisible());
}

TEST_F(Aim, DelaysAndLevelsAreSetForTheSeat)
{
    EXPECT_TRUE(isSaid(core::RuleId::SidesApart));
    m_window.click("aimAlign");
    static_cast<void>(QTest::qWaitFor(
        [&] { return !m_window.session().snapshot().after().used.settings.empty(); }, 20'000));
    double most_s = 0.0;
    for (const auto& [port, setting] : m_window.session().snapshot().after().used.settings)
        most_s = std::max(most_s, setting.delay_s);
    EXPECT_GT(most_s, 0.0005);
    EXPECT_FALSE(isSaid(core::RuleId::SidesApart));
}

}  // namespace
}  // namespace tests
