// The walk-round's sources, pins, feeds and continuity in the real window, and what a use asks of the job.
#include <QAction>
#include <QFile>
#include <QLabel>
#include <QListView>
#include <QMenu>
#include <QTableView>
#include <QTest>
#include <QTextBrowser>

#include "app/asks/pin_view.h"
#include "app/shell/main_window.h"
#include "core/survey/pin_table.h"
#include "tests/app/survey_fixture.h"

namespace {

class Sources : public tests::Survey {
protected:
    template <class Widget>
    Widget* find(const char* name)
    {
        return driver.window().findChild<Widget*>(QLatin1String(name));
    }
    [[nodiscard]] std::vector<core::PinRow> pins()
    {
        const core::Fitout& used = driver.session().snapshot().before().used;
        for (const auto& [id, device] : used.devices)
            if (core::isSource(used.parts.at(device.part))) return core::pinTable(used, id);
        return {};
    }
    void openPins()
    {
        driver.click("topicSources");
        driver.click("askPins");
    }
};

TEST_F(Sources, APinIsNumberedAndProvedByKeys)
{
    driver.openDemo();
    driver.key(Qt::Key_1, Qt::ControlModifier);
    openPins();
    auto* table = find<QTableView>("pinTable");
    table->setFocus();
    table->setCurrentIndex(table->model()->index(0, app::PinModel::Number));
    QTest::keyClicks(table, "1");  // opens the cell
    QTest::keyClicks(QApplication::focusWidget(), "4");
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
    QCoreApplication::processEvents();  // the cell is closed by an event of its own
    EXPECT_EQ(pins()[0].number, "14");
    EXPECT_EQ(pins()[0].known.origin, core::Origin::ClassGuess) << "a number proves nothing";
    table->setCurrentIndex(table->model()->index(0, app::PinModel::Known));
    QTest::keyClick(table, Qt::Key_Space);
    EXPECT_EQ(pins()[0].known.origin, core::Origin::Stated);
    QTest::keyClick(table, Qt::Key_Space);
    EXPECT_EQ(pins()[0].known.origin, core::Origin::Measured);
    EXPECT_EQ(table->model()->index(0, app::PinModel::Known).data().toString(), "measured");
    for (int i = 0; i < 3; ++i) driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(pins()[0].number, "");
}

TEST_F(Sources, AColourIsTheWiresAndASingleClickGoesOn)
{
    driver.openDemo();
    driver.key(Qt::Key_1, Qt::ControlModifier);
    openPins();
    auto* table = find<QTableView>("pinTable");
    ASSERT_TRUE(table->model()->setData(table->model()->index(0, app::PinModel::Colour), "pink"));
    EXPECT_EQ(pins()[0].colour, "pink");
    bool wired = false;
    for (const auto& [id, wire] : driver.session().snapshot().before().used.wires) wired |= wire.colour == "pink";
    EXPECT_TRUE(wired);
    const QRect cell = table->visualRect(table->model()->index(1, app::PinModel::Known));
    QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, cell.center());
    EXPECT_EQ(pins()[1].known.origin, core::Origin::Stated);
}

// Typed once, used for the next of its kind: out as a table, in again on another vehicle.
TEST_F(Sources, ATableOfPinsServesTheNextOfItsKind)
{
    driver.openDemo();
    driver.key(Qt::Key_1, Qt::ControlModifier);
    openPins();
    auto* table = find<QTableView>("pinTable");
    table->model()->setData(table->model()->index(2, app::PinModel::Number), "7");
    const QString path = driver.folder() + "/pins.csv";
    ASSERT_TRUE(find<app::PinView>("pinView")->writeFile(path));
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(pins()[2].number, "");
    ASSERT_TRUE(find<app::PinView>("pinView")->readFile(path));
    EXPECT_EQ(pins()[2].number, "7");
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write("terminal,pin,known\nRL+,3,measured\nRL-,4,perhaps\nXX+,5,\n");
    file.close();
    ASSERT_TRUE(find<app::PinView>("pinView")->readFile(path));
    EXPECT_EQ(pins()[0].number, "3");
    const QString said = driver.text("pinsSaid");
    EXPECT_TRUE(said.contains("pins.csv line 3, column 3 (known): found 'perhaps'")) << said.toStdString();
    EXPECT_TRUE(said.contains("no XX+")) << said.toStdString();
    EXPECT_FALSE(find<app::PinView>("pinView")->readFile(driver.folder() + "/nowhere.csv"));
    EXPECT_TRUE(driver.text("pinsSaid").contains("cannot be opened"));
}

TEST_F(Sources, FeedsAndSettingsAreNotedOrKnownToBeMissing)
{
    driver.newJob("classic");
    driver.click("topicSources");
    driver.click("askFeeds");
    driver.type("constantFeed", "12.6 V");
    driver.type("switchedFeed", "0");
    EXPECT_EQ(plan().body.feeds.at(core::Quantity::ConstantFeed_v).value, 12.6);
    EXPECT_EQ(plan().body.feeds.at(core::Quantity::SwitchedFeed_v).value, 0.0);
    EXPECT_TRUE(driver.answer("askFeeds").contains("no switched feed")) << driver.answer("askFeeds").toStdString();
    driver.type("turnOn", "4 ohm");
    EXPECT_NE(driver.text("turnOnAnswer"), "") << "ohms are no volts";
    EXPECT_FALSE(plan().body.feeds.contains(core::Quantity::TurnOn_v));
    driver.click("askAnother");
    driver.click("addRadio");
    driver.click("askOutputs");
    driver.type("lineOutputs", "2");
    driver.click("control_2");
    EXPECT_TRUE(driver.text("sourceOpen").contains("pins not proved"));
    EXPECT_FALSE(driver.text("sourceOpen").contains("what it can be set to"));
    driver.click("noOtherControl");
    for (const auto& [id, part] : plan().parts) {
        EXPECT_EQ(part.controls.size(), 5U);
        EXPECT_TRUE(part.controls.at(core::Control::Equaliser));
        EXPECT_FALSE(part.controls.at(core::Control::HighPass));
    }
}

// Type, Enter, next: the whole list with one hand on the meter.
TEST_F(Sources, EveryChannelIsReadInOneGo)
{
    driver.newJob("estate");
    driver.clickThing("front door");
    driver.clickThing("rear door");
    driver.click("topicInventory");
    driver.click("askContinuity");
    auto* list = find<QListView>("continuityList");
    ASSERT_EQ(list->model()->rowCount(), 4);
    EXPECT_TRUE(driver.answer("askContinuity").contains("4 channels to read"));
    for (const char* reading : {"3.4", "3,2 ohm", "open"}) driver.type("continuityReading", QString::fromUtf8(reading));
    EXPECT_TRUE(list->model()->index(0, 0).data().toString().contains("as expected"));
    EXPECT_TRUE(list->model()->index(2, 0).data().toString().contains("broken"));
    EXPECT_EQ(list->currentIndex().row(), 3);
    driver.type("continuityReading", "banana");
    EXPECT_NE(driver.text("continuityAnswer"), "");
    EXPECT_EQ(plan().readings.size(), 3U);
    driver.key(Qt::Key_Up);
    EXPECT_EQ(list->currentIndex().row(), 2);
    driver.type("continuityReading", "3.3");
    EXPECT_TRUE(list->model()->index(2, 0).data().toString().contains("as expected"));
    EXPECT_TRUE(driver.answer("askContinuity").contains("1 channel to read"));
}

TEST_F(Sources, WhatAUseAsksIsOnTheJobCard)
{
    driver.openDemo();
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.openCustomer();
    driver.click("askWish");
    const QString car = driver.text("noiseSaid");
    EXPECT_TRUE(car.contains("over the noise")) << car.toStdString();
    driver.click("use_3");
    EXPECT_NE(driver.text("noiseSaid"), car);
    driver.click("extras_3");
    driver.pickCandidate("wb-alder-4");
    driver.key(Qt::Key_9, Qt::ControlModifier);
    const QString card = find<QTextBrowser>("jobCardPreview")->toPlainText();
    for (const char* wanted :
         {"Against shaking", "Against water", "A rough road", "sealed plugs", "light controller", "Bag the old parts"})
        EXPECT_TRUE(card.contains(QLatin1String(wanted))) << wanted;
}

TEST_F(Sources, ALabelOnTheTrimIsPutBack)
{
    driver.openDemo();
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.clickThing("rear left");
    driver.click("askWayIn");
    driver.type("panelName", "quarter trim");
    driver.type("panelLabels", "jack label");
    driver.pickCandidate("wb-alder-4");
    driver.key(Qt::Key_9, Qt::ControlModifier);
    EXPECT_TRUE(find<QTextBrowser>("jobCardPreview")->toPlainText().contains("Has to be there again: jack label"));
}

// Two ways beside each other: the one that is shown says so, the other keeps what was planned on it.
TEST_F(Sources, TheOtherVariantHasAWayOfItsOwn)
{
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    const core::StageId first = plan().job.goal;
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.click("topicVehicle");
    driver.click("askVariant");
    driver.click("branchVariant");
    EXPECT_NE(plan().job.goal, first);
    EXPECT_TRUE(driver.text("branchSaid").contains("2 ways"));
    EXPECT_TRUE(driver.text("planSubtitle").contains("if amplified")) << driver.text("planSubtitle").toStdString();
    driver.pickCandidate("wb-bramble-4");
    auto* ways = find<QMenu>("menuWays");
    emit ways->aboutToShow();
    ASSERT_EQ(ways->actions().size(), 4) << "two ways, a line, and the one to give up";
    EXPECT_TRUE(ways->actions()[1]->isChecked());
    ways->actions()[0]->trigger();
    EXPECT_EQ(plan().job.goal, first);
    const auto fitted = [&] {
        const core::Fitout& used = driver.session().snapshot().after().used;
        for (const auto& [id, device] : used.devices)
            if (used.parts.at(device.part).kind == core::PartKind::Driver) return used.parts.at(device.part).shelfKey;
        return std::string();
    };
    EXPECT_EQ(fitted(), "wb-alder-4");
    emit ways->aboutToShow();
    find<QAction>("dropWay")->trigger();
    EXPECT_EQ(fitted(), "wb-bramble-4");
    driver.key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(fitted(), "wb-alder-4");
}

TEST_F(Sources, NothingIsBranchedWhileNoPlanIsOpen)
{
    find<QAction>("actionBranch")->trigger();
    EXPECT_FALSE(driver.session().isOpen());
    EXPECT_EQ(driver.session().undoStack().count(), 0);
    emit find<QMenu>("menuWays")->aboutToShow();
    EXPECT_TRUE(find<QMenu>("menuWays")->isEmpty());
}

}  // namespace
