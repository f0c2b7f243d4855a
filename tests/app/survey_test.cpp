// A walk-round in the real window: by mouse alone, by keys alone, and what it answers.
#include <gtest/gtest.h>

#include <QAccessible>
#include <QAction>
#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QTest>
#include <QTextBrowser>

#include "app/session/sheet_shelf.h"
#include "app/shell/main_window.h"
#include "app/shell/rail.h"
#include "app/theme/theme.h"
#include "app/widgets/vehicle_drawing.h"
#include "core/fitout/resolve.h"
#include "core/model/names.h"
#include "core/model/validate.h"
#include "tests/app/survey_fixture.h"

namespace {

using tests::Survey;

// The two-minute case: an unknown car with an unknown amplifier, one pair of doors, one reading, one speaker from the
// shelf, and the verdict on it. Every click, every key and every word typed is one input.
TEST_F(Survey, TheTwoMinuteCase)
{
    int inputs = 0;
    const auto click = [&](const char* name) {
        driver.click(name);
        ++inputs;
    };
    click("new_estate");
    driver.clickThing("front door");
    ++inputs;
    auto* reading = driver.window().findChild<QLineEdit*>("surveyOhmmeterReading");
    QTest::mouseClick(reading, Qt::LeftButton);
    ++inputs;
    keys("3.4");
    ++inputs;
    driver.key(Qt::Key_Return);
    ++inputs;
    driver.key(Qt::Key_3, Qt::ControlModifier);
    ++inputs;
    auto* list = driver.window().findChild<QListView*>("candidateList");
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {},
                      list->visualRect(list->model()->index(0, 0)).topLeft() + QPoint(30, 12));
    ++inputs;
    click("fitCandidate");
    EXPECT_LE(inputs, 12);
    EXPECT_EQ(inputs, 8);
    // The verdict rests on the reading and on nothing the fitter had to look up.
    EXPECT_TRUE(driver.text("before_impedance").endsWith("Re 3.4 Ω measured"))
        << driver.text("before_impedance").toStdString();
    EXPECT_FALSE(driver.text("candidateReasons").isEmpty());
    EXPECT_TRUE(core::validate(plan()).empty());
    EXPECT_GE(driver.session().snapshot().after().runs.size(), 2U) << "a coaxial has two on each side";
}

TEST_F(Survey, ByMouseAlone)
{
    driver.click("new_pickup");
    EXPECT_EQ(plan().body.kind, core::BodyKind::Pickup);
    driver.click("cab_1");  // an extended cab
    EXPECT_EQ(plan().body.cab, core::Cab::Extended);
    driver.click("wheelSide_0");
    EXPECT_FALSE(plan().body.wheelOnLeft);
    driver.clickThing("front door");
    driver.click("askDepth");
    driver.click("behind_1");
    EXPECT_EQ(place("left front door").behind, core::Behind::Glass);
    EXPECT_EQ(place("right front door").behind, core::Behind::Glass);
    EXPECT_TRUE(driver.text("behindCaution").contains("glass all the way down"));
    driver.click("askCover");
    driver.click("cover_2");
    driver.click("sealed_0");
    EXPECT_EQ(place("left front door").cover, core::Cover::ThickCloth);
    EXPECT_TRUE(driver.text("coverLoss").contains("at 10 kHz"));
    EXPECT_EQ(plan().alterations.size(), 2U);
    driver.openCustomer();
    driver.click("complaintKind_0");
    EXPECT_TRUE(driver.text("complaintSaid").contains("swallows sound"));
    driver.click("askRemedies");
    ASSERT_TRUE(QTest::qWaitFor([&] { return driver.has("remedy0"); }, 20'000));
    int opened = 0;
    while (driver.has(("remedy" + std::to_string(opened)).c_str()) &&
           !driver.text(("remedyText" + std::to_string(opened)).c_str()).contains("Open the cover"))
        ++opened;
    driver.click(("remedy" + std::to_string(opened)).c_str());
    EXPECT_EQ(plan().job.goal.number > 2, true) << "planned, not done";
    driver.click("askWish");
    driver.click("keep_0");
    driver.click("use_1");
    EXPECT_TRUE(plan().job.keep.contains(core::Keep::NoCutting));
    driver.click("topicSources");
    driver.click("askBand");
    driver.click("outputGround_1");
    for (const auto& [id, part] : plan().parts) {
        EXPECT_EQ(part.ground == core::OutputGround::Floating, part.kind == core::PartKind::Amplifier) << part.name;
    }
    driver.click("topicVehicle");
    driver.click("askVariant");
    EXPECT_TRUE(driver.text("variantSaid").contains("Look next: Is there a subwoofer level"));
    driver.click("sign0_1");
    EXPECT_TRUE(driver.text("variantSaid").contains("with a bass channel"));
    driver.click("askHazards");
    driver.click("drive_2");
    EXPECT_TRUE(driver.text("hazardsSaid").contains("orange"));
    driver.click("topicInventory");
    auto* list = driver.window().findChild<QListView*>("inventoryList");
    EXPECT_EQ(list->model()->rowCount(), 2);
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualRect(list->model()->index(1, 0)).center());
    EXPECT_EQ(driver.text("surveyHead"), "right front door");
    EXPECT_TRUE(core::validate(plan()).empty());
    while (driver.session().undoStack().canUndo()) driver.window().findChild<QAction*>("actionUndo")->trigger();
    EXPECT_TRUE(plan().places.empty()) << "every step can be undone";
}

TEST_F(Survey, ByKeysAlone)
{
    driver.key(Qt::Key_N, Qt::ControlModifier);
    tabTo("new_motorcycle");
    driver.key(Qt::Key_Space);
    EXPECT_EQ(plan().body.kind, core::BodyKind::Motorcycle);
    tabToThing("fairing");
    driver.key(Qt::Key_Return);
    ASSERT_TRUE(placeNamed("left fairing"));
    EXPECT_EQ(driver.drawing().current()->name, "left fairing") << "what was added is where the keys go on";
    // Taken hold of, moved, returned; then moved and put down: one step to undo.
    const core::Vec3 before_m = place("left fairing").frame.at_m;
    driver.key(Qt::Key_Return);
    driver.key(Qt::Key_Up);
    EXPECT_GT(place("left fairing").frame.at_m.x, before_m.x);
    driver.key(Qt::Key_Escape);
    EXPECT_EQ(place("left fairing").frame.at_m, before_m);
    const int steps = driver.session().undoStack().count();
    driver.key(Qt::Key_Return);
    for (int i = 0; i < 3; ++i) driver.key(Qt::Key_Up);
    driver.key(Qt::Key_Left, Qt::ShiftModifier);
    driver.key(Qt::Key_Up, Qt::ControlModifier);
    driver.key(Qt::Key_Return);
    const core::Vec3 moved_m = place("left fairing").frame.at_m;
    EXPECT_NEAR(moved_m.x - before_m.x, 0.06, 1e-9);
    EXPECT_NEAR(moved_m.y - before_m.y, 0.001, 1e-9);
    EXPECT_NEAR(moved_m.z - before_m.z, 0.02, 1e-9);
    EXPECT_EQ(place("right fairing").frame.at_m.y, -moved_m.y) << "the other side follows";
    EXPECT_EQ(driver.session().undoStack().count(), steps + 1);
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(place("left fairing").frame.at_m, before_m);
    driver.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    // Its questions: what is fitted, the hole, the way in.
    driver.key(Qt::Key_Space);
    tabTo("nominal");
    keys("2");
    driver.key(Qt::Key_Return);
    EXPECT_EQ(partAt("right fairing").figures.at(core::Quantity::Nominal_ohm).value, 2.0);
    tabTo("askHole");
    driver.key(Qt::Key_Space);
    EXPECT_EQ(QApplication::focusWidget()->objectName(), "cutout");
    keys("5 5/8 in");
    driver.key(Qt::Key_Return);
    EXPECT_NEAR(place("left fairing").room.at(core::Quantity::Cutout_m).value, 0.142875, 1e-12);  // 25.4 mm an inch
    tabTo("screwCount");
    keys("4");
    driver.key(Qt::Key_Return);
    tabTo("askWires");
    driver.key(Qt::Key_Space);
    tabTo("plusColour");
    keys("grey");
    driver.key(Qt::Key_Return);
    // Unplugged and plugged again without leaving the button.
    QWidget* plug = nullptr;
    for (QPushButton* button : driver.window().findChildren<QPushButton*>())
        if (button->objectName().startsWith("unplug_") && button->objectName().endsWith("_plug")) plug = button;
    ASSERT_NE(plug, nullptr);
    const QString plugName = plug->objectName();
    for (int i = 0; i < 40 && QApplication::focusWidget()->objectName() != plugName; ++i) driver.key(Qt::Key_Backtab);
    driver.key(Qt::Key_Space);
    EXPECT_TRUE(driver.text("unplugAnswer").startsWith("Quiet then"));
    EXPECT_EQ(QApplication::focusWidget()->objectName(), plugName);
    driver.key(Qt::Key_Space);
    EXPECT_EQ(driver.text("unplugAnswer"), "");
    tabTo("askWayIn");
    driver.key(Qt::Key_Space);
    EXPECT_EQ(QApplication::focusWidget()->objectName(), "panelName");
    keys("inner fairing");
    driver.key(Qt::Key_Return);
    tabTo("fastener");
    keys("3 hidden bolts M5 under the badge");
    driver.key(Qt::Key_Return);
    ASSERT_EQ(plan().panels.size(), 2U);
    const core::Fastener& bolts = plan().panels.begin()->second.fasteners.at(0);
    EXPECT_EQ(bolts.where, "under the badge");
    EXPECT_EQ(bolts.kind, core::FastenerKind::Bolt);
    EXPECT_EQ(bolts.count, 3);
    EXPECT_EQ(bolts.size, "M5");
    EXPECT_TRUE(bolts.hidden);
    EXPECT_TRUE(core::validate(plan()).empty());
    // A place of one's own: N, arrows, Enter, and what is usual there.
    driver.drawing().setFocus();
    driver.key(Qt::Key_N);
    driver.key(Qt::Key_Down);
    driver.key(Qt::Key_Return);
    tabTo("addFreshEmpty");
    driver.key(Qt::Key_Space);
    EXPECT_EQ(plan().places.size(), 4U);
    driver.drawing().setFocus();
    driver.key(Qt::Key_Delete);
    EXPECT_EQ(plan().places.size(), 2U);
    const auto isOnASeat = [&] {
        const app::DrawnThing* current = driver.drawing().current();
        return current && current->kind == app::DrawnThing::Kind::Seat;
    };
    for (int i = 0; i < 80 && !isOnASeat(); ++i) driver.key(Qt::Key_Tab);
    ASSERT_TRUE(isOnASeat());
    driver.key(Qt::Key_Delete);
    EXPECT_EQ(plan().places.size(), 2U) << "a seat is nothing to remove";
}

TEST_F(Survey, ADragIsOneStepAndBothSidesFollow)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    const core::Vec3 before_m = place("left front door").frame.at_m;
    const int steps = driver.session().undoStack().count();
    app::VehicleDrawing& drawing = driver.drawing();
    const QPoint from = drawing.pointOf(placeNamed("left front door")).toPoint();
    QTest::mousePress(&drawing, Qt::LeftButton, {}, from);
    for (int i = 1; i <= 5; ++i) QTest::mouseMove(&drawing, from + QPoint(0, 8 * i));
    QTest::mouseRelease(&drawing, Qt::LeftButton, {}, from + QPoint(0, 40));
    const core::Vec3 after_m = place("left front door").frame.at_m;
    const double scale = drawing.view(app::VehicleView::Side::Above).scale;
    EXPECT_NEAR(after_m.x - before_m.x, -40.0 / scale, 1.5 / scale);
    EXPECT_EQ(after_m.z, before_m.z) << "a plan does not change the height";
    EXPECT_EQ(place("right front door").frame.at_m.x, after_m.x);
    EXPECT_EQ(driver.session().undoStack().count(), steps + 1);
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(place("left front door").frame.at_m, before_m);
    // On a flank it goes up and down.
    driver.window().resize(1280, 800);
    driver.click("showSides");
    QTest::qWait(20);
    const auto& flank = drawing.view(app::VehicleView::Side::Left);
    const QPoint side = flank.at(before_m).toPoint();
    QTest::mousePress(&drawing, Qt::LeftButton, {}, side);
    QTest::mouseMove(&drawing, side - QPoint(0, 10));
    QTest::mouseRelease(&drawing, Qt::LeftButton, {}, side - QPoint(0, 10));
    EXPECT_GT(place("left front door").frame.at_m.z, before_m.z + 0.1);
    EXPECT_EQ(place("left front door").frame.at_m.y, before_m.y);
}

TEST_F(Survey, AClickWhereNothingIsAsksWhatIsThere)
{
    driver.newJob("estate");
    app::VehicleDrawing& drawing = driver.drawing();
    const auto& above = drawing.view(app::VehicleView::Side::Above);
    QTest::mouseClick(&drawing, Qt::LeftButton, {}, above.at({-2.0, 0.0, 0.0}).toPoint());
    EXPECT_EQ(driver.text("surveyHead"), "A new place");
    EXPECT_TRUE(plan().places.empty()) << "pointing is no edit";
    driver.click("addFresh");
    EXPECT_EQ(plan().places.size(), 1U) << "on the middle it stands alone";
    for (const core::RunResult& run : driver.session().snapshot().before().runs)
        EXPECT_EQ(run.run.id.coil.device, driver.session().snapshot().before().runs.front().run.id.coil.device);
}

// The shop's shelf changes while it is worked out: that answer is given up, and the question stands to be asked again.
TEST_F(Survey, WhatTheBenchGaveUpCanBeAskedAgain)
{
    driver.newJob("pickup");
    driver.clickThing("front door");
    driver.openCustomer();
    driver.click("complaintKind_1");
    driver.click("askRemedies");
    const auto isThere = [&](const char* name) { return driver.window().findChild<QWidget*>(name)->isVisible(); };
    EXPECT_TRUE(isThere("cancelRemedies"));
    driver.session().setShelf(core::Shelf(driver.session().shop().shelf));
    EXPECT_FALSE(isThere("cancelRemedies"));
    ASSERT_TRUE(isThere("askRemedies"));
    driver.click("askRemedies");
    EXPECT_TRUE(QTest::qWaitFor([&] { return driver.has("remedy0"); }, 20'000));
}

}  // namespace
