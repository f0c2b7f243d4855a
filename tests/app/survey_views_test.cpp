// What a walk-round shows in the real window: circuits, sides, hearing, sheets, large type, the shop's settings.
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
#include <QWheelEvent>

#include "app/session/sheet_shelf.h"
#include "app/shell/main_window.h"
#include "app/shell/rail.h"
#include "app/theme/theme.h"
#include "app/widgets/answer_line.h"
#include "app/widgets/vehicle_drawing.h"
#include "core/fitout/resolve.h"
#include "core/model/names.h"
#include "core/model/validate.h"
#include "tests/app/survey_fixture.h"

namespace {

using tests::Survey;

TEST_F(Survey, UnplugThisShowsWhatGoesQuiet)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    driver.clickThing("sail");
    driver.clickThing("left front door");
    driver.click("askWires");
    EXPECT_TRUE(driver.text("sharedPair").contains("left sail"));
    auto* circuit = driver.window().findChild<QWidget*>("circuitDrawing");
    EXPECT_TRUE(circuit->isVisible());
    EXPECT_TRUE(circuit->accessibleDescription().contains("unknown amplifier FL+ to speaker, left front door 1+"))
        << circuit->accessibleDescription().toStdString();
    core::DeviceId amplifier{};
    for (const auto& [id, device] : driver.session().snapshot().before().used.devices)
        if (device.label == "unknown amplifier") amplifier = id;
    const auto unplug = ("unplug_d" + std::to_string(amplifier.number) + "_speakers");
    driver.click(unplug.c_str());
    EXPECT_TRUE(driver.text("unplugAnswer").contains("Quiet then: "));
    EXPECT_TRUE(driver.text("unplugAnswer").contains("Channel FL sees nothing any more."));
    driver.click(unplug.c_str());
    EXPECT_EQ(driver.text("unplugAnswer"), "");
    // Hung on the other's plug, it goes quiet with it.
    auto* feed = driver.window().findChild<QComboBox*>("channel");
    EXPECT_GT(feed->count(), 2);
}

// No source noted: one is added by name, and what is added to the vehicle then hangs on it.
TEST_F(Survey, ASourceIsAddedAndUsed)
{
    driver.newJob("classic");
    driver.click("topicSources");
    EXPECT_FALSE(driver.window().findChild<QWidget*>("askPower")->isVisible()) << "nothing to ask of none";
    EXPECT_TRUE(driver.text("noSourceSaid").contains("classic"));
    driver.click("addRadio");
    EXPECT_TRUE(driver.window().findChild<QWidget*>("askPower")->isVisible());
    EXPECT_EQ(driver.text("noSourceSaid"), "");
    driver.click("askPower");
    driver.type("ratedPower", "18 W");
    driver.type("leastLoad", "4");
    driver.clickThing("front door");
    const auto& found = driver.session().snapshot().before();
    ASSERT_EQ(found.runs.size(), 2U);
    const core::CircuitResult* circuit = core::findCircuit(found, found.runs.front().run.id.channel);
    EXPECT_EQ(circuit->output.at(core::Quantity::RatedPower_w).value, 18.0);
    EXPECT_EQ(circuit->output.at(core::Quantity::LeastLoad_ohm).basis.origin, core::Origin::Stated);
    driver.click("topicSources");
    driver.click("askAnother");
    driver.click("addBassAmplifier");
    driver.click("askSource");
    driver.click("removeSource");
    EXPECT_EQ(driver.session().snapshot().before().runs.size(), 2U);
}

// The wheel scrolls; it turns a list only after that was picked. With Ctrl it makes everything larger.
TEST_F(Survey, TheWheelChangesNothingByPassing)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    auto* list = driver.window().findChild<QComboBox*>("driverClass");
    const QString before = list->currentText();
    const auto wheel = [](QWidget* over, Qt::KeyboardModifiers modifiers, int turned = -120) {
        const QPointF at(over->rect().center());
        QWheelEvent event(at, over->mapToGlobal(at), {}, QPoint(0, turned), Qt::NoButton, modifiers, Qt::NoScrollPhase,
                          false);
        QApplication::sendEvent(over, &event);
    };
    driver.drawing().setFocus();
    wheel(list, Qt::NoModifier);
    EXPECT_EQ(list->currentText(), before);
    list->setFocus();
    wheel(list, Qt::NoModifier);
    EXPECT_NE(list->currentText(), before);
    EXPECT_EQ(QString::fromStdString(partAt("left front door").driverClass), list->currentData().toString());
    wheel(&driver.window(), Qt::ControlModifier, 120);  // where it comes to if nothing under it wanted it
    EXPECT_NEAR(theme.zoom(), 1.1, 1e-9);
    theme.setZoom(1.0);
}

TEST_F(Survey, EachSideForItselfAndBackAgain)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    driver.click("askSides");
    EXPECT_EQ(driver.text("sideDifferences"), "Both sides are alike.");
    driver.click("freeSides");
    driver.click("askDepth");
    driver.type("depth", "62 mm");
    EXPECT_FALSE(place("right front door").room.contains(core::Quantity::Depth_m));
    driver.click("askSides");
    EXPECT_TRUE(driver.text("sideDifferences").contains("depth: 62 mm here, unknown there"))
        << driver.text("sideDifferences").toStdString();
    driver.click("copySide");
    EXPECT_EQ(place("right front door").room.at(core::Quantity::Depth_m).value, 0.062);
    EXPECT_EQ(driver.text("sideDifferences"), "Both sides are alike.");
}

TEST_F(Survey, ABadEntryIsAnsweredAndLosesNothing)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    driver.click("askDepth");
    const core::Plan before = plan();
    for (const auto& [typed, answer] :
         {std::pair{"1,200", "meant as"}, std::pair{"banana", "expected"},
          std::pair{"5 m", "cannot be: allowed 0 mm to 1.00 m"}, std::pair{"4 ohm", "expected"}}) {
        driver.type("depth", typed);
        EXPECT_TRUE(driver.text("depthAnswer").contains(answer))
            << typed << ": " << driver.text("depthAnswer").toStdString();
        EXPECT_EQ(driver.window().findChild<QLineEdit*>("depth")->text(), typed);
    }
    driver.click("askWayIn");
    driver.type("panelName", "door card");
    driver.type("fastener", "three things");
    EXPECT_TRUE(driver.text("fastenerAnswer").contains("name the kind"));
    EXPECT_EQ(plan().places.begin()->second.room, before.places.begin()->second.room);
    EXPECT_TRUE(plan().panels.begin()->second.fasteners.empty());
}

TEST_F(Survey, AsFoundLiesOverWhatTheFactoryMade)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    driver.click("stageFound");
    driver.click("noDriver");
    EXPECT_TRUE(core::resolve(plan(), core::kFound).devices.size() <
                core::resolve(plan(), core::kFactory).devices.size());
    EXPECT_EQ(driver.session().snapshot().before().runs.size(), 0U);
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    driver.click("stageFactory");
    driver.click("noDriver");
    EXPECT_EQ(core::resolve(plan(), core::kFactory).devices.size(), 1U) << "the amplifier alone";
    driver.click("addDriver");
    EXPECT_EQ(driver.session().snapshot().before().runs.size(), 2U);
}

// What is usual there is an estimate until somebody has looked and says so.
TEST_F(Survey, WhatIsFittedIsConfirmedByWhoLooked)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    const auto* confirm = driver.window().findChild<QPushButton*>("confirmDriver");
    EXPECT_TRUE(confirm->isVisible());
    driver.click("confirmDriver");
    EXPECT_FALSE(confirm->isVisible());
    int seen = 0;
    for (const auto& [id, device] : driver.session().snapshot().before().used.devices)
        if (device.at == placeNamed("left front door") || device.at == placeNamed("right front door")) {
            EXPECT_EQ(device.basis.origin, core::Origin::Stated);
            ++seen;
        }
    EXPECT_EQ(seen, 2);
}

TEST_F(Survey, HearingIsDrawnOverThePrediction)
{
    driver.openDemo();
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.openCustomer();
    driver.click("askHearing");
    driver.type("hearingLeft", "10 15 20 35 banana 60");
    EXPECT_TRUE(driver.text("hearingLeftAnswer").contains("six numbers"));
    driver.type("hearingLeft", "10 15 20 35 55 60");
    EXPECT_TRUE(driver.text("hearingSaid").contains("better ear hears"));
    driver.click("traceFold");
    EXPECT_FALSE(driver.trace(4).isEmpty());
    EXPECT_TRUE(driver.trace(5).isEmpty());
    driver.click("traceImpedance");
    EXPECT_TRUE(driver.trace(4).isEmpty());
}

// Saved, found by a word, started from, and told apart where it is another variant.
TEST_F(Survey, ASheetIsFoundAndTheOtherVariantSaid)
{
    driver.newJob("van");
    driver.type("bodyName", "Invented Hauler");
    driver.click("askVariant");
    driver.click("sign1_1");
    driver.clickThing("front door");
    QDir().mkpath(driver.folder() + "/sheets");
    ASSERT_TRUE(driver.window().saveSheet(driver.folder() + "/sheets/hauler.reedcar"));
    ASSERT_TRUE(driver.window().saveSheet(driver.folder() + "/sheets/other.reedcar"));
    driver.session().undoStack().setClean();
    driver.key(Qt::Key_N, Qt::ControlModifier);
    auto* search = driver.window().findChild<QLineEdit*>("sheetSearch");
    search->setFocus();
    keys("nothing of this name");
    EXPECT_FALSE(driver.has("sheet0"));
    search->clear();
    keys("haul van hauler.reedcar");
    ASSERT_TRUE(driver.has("sheet0"));
    EXPECT_FALSE(driver.has("sheet1"));
    driver.click("sheet0");
    EXPECT_EQ(plan().body.name, "Invented Hauler");
    EXPECT_TRUE(plan().body.signs.empty()) << "this one has not been looked at";
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.click("topicVehicle");
    if (!driver.window().findChild<QPushButton*>("sign1_0")->isVisible()) driver.click("askVariant");
    driver.click("sign1_0");
    EXPECT_TRUE(driver.text("variantSaid").contains("Another variant than the one the sheet"));
}

TEST_F(Survey, EachThingOnTheDrawingIsAnAccessibleChild)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    QAccessibleInterface* drawing = QAccessible::queryAccessibleInterface(&driver.drawing());
    ASSERT_NE(drawing, nullptr);
    ASSERT_EQ(drawing->childCount(), static_cast<int>(driver.drawing().things().size()));
    bool sawSail = false;
    for (int i = 0; i < drawing->childCount(); ++i) {
        QAccessibleInterface* child = drawing->child(i);
        ASSERT_NE(child, nullptr);
        EXPECT_FALSE(child->text(QAccessible::Name).isEmpty());
        EXPECT_EQ(drawing->indexOfChild(child), i);
        EXPECT_TRUE(child->rect().isValid());
        if (child->text(QAccessible::Name) != "left front door") continue;
        EXPECT_TRUE(child->text(QAccessible::Value).contains("165 mm woofer"));
    }
    for (int i = 0; i < drawing->childCount() && !sawSail; ++i)
        if (drawing->child(i)->text(QAccessible::Name) == "sail") {
            sawSail = true;
            drawing->child(i)->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
        }
    EXPECT_TRUE(placeNamed("left sail")) << "picking it by its action adds it";
}

TEST_F(Survey, BayModeIsOneQuestionAtATimeAndLarge)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    driver.key(Qt::Key_F8);
    EXPECT_EQ(theme.text().pixelSize(), 18);
    EXPECT_FALSE(driver.drawing().isVisible());
    EXPECT_FALSE(driver.window().findChild<QWidget*>("findingsColumn")->isVisible());
    const auto open = [&] {
        QStringList names;
        for (const QAbstractButton* head : driver.window().findChildren<QAbstractButton*>())
            if (head->isVisible() && head->objectName().startsWith("ask") && qobject_cast<const app::AnswerLine*>(head))
                names << head->objectName();
        return names;
    };
    EXPECT_EQ(open(), QStringList{"askDriver"});
    driver.click("bayNext");
    EXPECT_EQ(open(), QStringList{"askHole"});
    for (const char* name : {"bayNext", "bayBack", "cutout"})
        EXPECT_GE(driver.window().findChild<QWidget*>(name)->height(), 44) << name;
    for (int i = 0; i < 9; ++i) driver.click("bayNext");
    EXPECT_EQ(driver.text("surveyHead"), "right front door") << "on to the next place";
    driver.click("bayBack");
    EXPECT_EQ(driver.text("surveyHead"), "left front door");
    driver.key(Qt::Key_F8);
    EXPECT_TRUE(driver.drawing().isVisible());
    EXPECT_EQ(theme.text().pixelSize(), 13);
}

// Widths in logical pixels: what the window is wide over the size of type.
TEST_F(Survey, FoldsForNarrowWindowsAndLargeType)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    const auto visible = [&](const char* name) { return driver.window().findChild<QWidget*>(name)->isVisible(); };
    const auto bands = [&] {
        int shown = 0;
        for (int band = 0; band < 4; ++band) shown += visible(qPrintable(QStringLiteral("band%1").arg(band))) ? 1 : 0;
        return shown;
    };
    const auto resize = [&](int wide, int high, int shown) {
        driver.window().resize(wide, high);
        EXPECT_TRUE(QTest::qWaitFor([&] { return bands() == shown; }, 2000)) << wide;
    };
    resize(1280, 800, 4);
    EXPECT_TRUE(visible("findingsColumn"));
    resize(1000, 760, 4);
    EXPECT_TRUE(QTest::qWaitFor([&] { return !visible("findingsColumn"); }, 2000));
    EXPECT_FALSE(visible("findingsColumn"));
    resize(760, 700, 1);
    const auto* rail = driver.window().findChild<app::Rail*>();
    EXPECT_TRUE(QTest::qWaitFor([&] { return rail->width() < 60; }, 2000)) << "marks only";
    driver.click("nextBand");
    EXPECT_TRUE(visible("band1"));
    const auto* worst = driver.window().findChild<QAbstractButton*>("count0");
    ASSERT_NE(worst, nullptr);
    EXPECT_NE(worst->text(), worst->accessibleName()) << "the shape says which";
    driver.window().resize(1280, 800);
    EXPECT_TRUE(QTest::qWaitFor([&] { return worst->text() == worst->accessibleName(); }, 2000)) << "in words again";
    theme.setZoom(2.0);
    EXPECT_TRUE(QTest::qWaitFor([&] { return rail->width() < 2 * 60; }, 2000));
    EXPECT_EQ(driver.window().width(), 1280) << "large type asks for no wider window";
    EXPECT_EQ(bands(), 1);
    for (const QScrollArea* area : driver.window().findChildren<QScrollArea*>())
        if (area->isVisible()) {
            EXPECT_EQ(area->horizontalScrollBar()->maximum(), 0) << "nothing scrolls sideways";
        }
    theme.setZoom(1.0);
}

TEST_F(Survey, ShopSettingsAreKeptAndUsed)
{
    driver.openDemo();
    driver.key(Qt::Key_Comma, Qt::ControlModifier);
    const auto enter = [&](const char* name, const char* text) {
        auto* field = driver.window().findChild<QLineEdit*>(name);
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, text);
    };
    enter("settingName", "Invented Garage");
    enter("settingRate", "many");
    driver.click("settingsOk");
    EXPECT_TRUE(driver.text("settingsAnswer").contains("plain number"));
    enter("settingRate", "60");
    enter("settingCurrency", "CHF");
    driver.click("tool4");  // no crimp tool
    driver.click("settingsOk");
    EXPECT_EQ(driver.settings().value("shop/name").toString(), "Invented Garage");
    driver.window().activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(&driver.window()));
    driver.pickCandidate("wb-alder-4");
    driver.click("mend_SPLIT2_0");
    driver.key(Qt::Key_9, Qt::ControlModifier);
    const QString card = driver.window().findChild<QTextBrowser*>("jobCardPreview")->toPlainText();
    EXPECT_TRUE(card.contains("Invented Garage"));
    EXPECT_TRUE(card.contains("CHF"));
    EXPECT_TRUE(card.contains("not in the shop: crimp tool or iron"));
}

}  // namespace
