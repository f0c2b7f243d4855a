// One job after the other in the same window.
#include <gtest/gtest.h>

#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QTest>

#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "tests/app/window_driver.h"

namespace {

class NextJob : public testing::Test {
protected:
    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
};

// All findings shown and scrolled, words in the search, a reading half typed: the next job begins as any job does.
TEST_F(NextJob, NothingOfTheLastStaysInIt)
{
    driver.window().resize(1280, 800);
    driver.openShipped(true);
    driver.rest();
    ASSERT_TRUE(driver.has("moreFindings"));
    driver.click("moreFindings");
    auto* column = driver.window().findChild<QScrollArea*>("findingsColumn");
    ASSERT_TRUE(QTest::qWaitFor([&] { return column->verticalScrollBar()->maximum() > 0; }, 2000));
    column->verticalScrollBar()->setValue(column->verticalScrollBar()->maximum());
    driver.key(Qt::Key_3, Qt::ControlModifier);
    QTest::keyClicks(driver.window().findChild<QLineEdit*>("candidateSearch"), "heron");
    QTest::keyClicks(driver.window().findChild<QLineEdit*>("ohmmeterReading"), "3.2");
    driver.openShipped(true);
    driver.rest();
    EXPECT_EQ(column->verticalScrollBar()->value(), 0);
    const auto* more = driver.window().findChild<QPushButton*>("moreFindings");
    EXPECT_TRUE(more->text().endsWith("more")) << more->text().toStdString();
    for (const char* field : {"candidateSearch", "ohmmeterReading"})
        EXPECT_EQ(driver.window().findChild<QLineEdit*>(QLatin1String(field))->text(), "") << field;
    driver.newJob("motorcycle");
    EXPECT_FALSE(driver.has("moreFindings"));
    QWidget* focus = QApplication::focusWidget();
    EXPECT_TRUE(!focus || focus->isVisible());
}

// A vehicle learnt once: saved without its job, taken up for the next one, nothing of it called measured here.
TEST_F(NextJob, StartsFromAVehicleSheet)
{
    driver.openTrouble();
    const core::Plan plan = driver.session().snapshot().plan;
    const QString path = driver.folder() + "/sheet.reed";
    ASSERT_TRUE(driver.window().saveSheet(path));
    EXPECT_EQ(driver.session().snapshot().plan, plan);
    driver.session().undoStack().setClean();
    ASSERT_TRUE(driver.window().startFromSheet(path));
    const core::Plan next = driver.session().snapshot().plan;
    EXPECT_EQ(next.body, plan.body);
    EXPECT_EQ(next.job, core::Job{});
    EXPECT_TRUE(driver.window().windowTitle().startsWith("not saved yet"));
    EXPECT_EQ(driver.finding("LOAD1"), "");  // the wrong drivers were that job's
    for (const auto& [key, device] : next.devices) EXPECT_TRUE(device->basis.toConfirm);
    driver.key(Qt::Key_3, Qt::ControlModifier);
    EXPECT_TRUE(driver.text("before_impedance").contains("stated, to confirm"))
        << driver.text("before_impedance").toStdString();
    driver.pickCandidate("wb-alder-4");  // and it can be worked on
    EXPECT_NE(driver.finding("LOAD2"), "");
    driver.session().undoStack().setClean();  // as if it had been saved: nothing asks
    EXPECT_FALSE(driver.window().startFromSheet(driver.folder() + "/none.reed"));
    EXPECT_NE(driver.session().snapshot().plan, next);  // what is open stays
}

}  // namespace
