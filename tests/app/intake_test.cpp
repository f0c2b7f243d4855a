// The one dialog that takes files in, in the real window: by its menu's key and by a file dropped on the window.
#include <gtest/gtest.h>

#include <QComboBox>
#include <QDropEvent>
#include <QFile>
#include <QLabel>
#include <QMimeData>
#include <QPushButton>
#include <QTest>

#include "app/shell/intake_dialog.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "tests/app/window_driver.h"
#include "tests/core/demo_plan.h"

namespace {

class IntakeWindow : public testing::Test {
protected:
    QString write(const char* name, const char* text)
    {
        const QString path = driver.folder() + QLatin1Char('/') + QLatin1String(name);
        QFile file(path);
        EXPECT_TRUE(file.open(QIODevice::WriteOnly));
        file.write(text);
        return path;
    }
    app::IntakeDialog* dialog() { return driver.window().findChild<app::IntakeDialog*>(); }
    bool mayTake() { return dialog()->findChild<QPushButton*>("intakeTake")->isEnabled(); }
    QString said() { return dialog()->findChild<QLabel*>("intakeSaid")->text(); }
    void drop(const QString& path)
    {
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(path)});
        QDragEnterEvent enter({9, 9}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(&driver.window(), &enter);
        EXPECT_TRUE(enter.isAccepted());
        QDropEvent event(QPointF(9, 9), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(&driver.window(), &event);
        driver.settle();
    }
    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
};

TEST_F(IntakeWindow, ATableOfPinsIsKnownByItsFirstLineAndUndoneInOneStep)
{
    driver.openDemo();
    const core::Plan before = driver.session().snapshot().plan;
    driver.key(Qt::Key_I, Qt::ControlModifier);
    ASSERT_NE(dialog(), nullptr);
    EXPECT_FALSE(mayTake()) << "no file yet";
    driver.type("intakePath", write("radio.csv", "terminal,plug,pin\nRL+,big,7\nQQ-,big,8\n"));
    EXPECT_EQ(dialog()->findChild<QComboBox*>("intakeKind")->currentData().toString(), "pins");
    EXPECT_EQ(dialog()->findChild<QComboBox*>("intakeOnto")->count(), 1);
    driver.click("intakeTake");
    EXPECT_TRUE(said().contains("radio.csv: 1 line taken in.")) << said().toStdString();
    EXPECT_TRUE(said().contains("This source has no QQ-; add its channel first."));
    const core::Plan& after = driver.session().snapshot().plan;
    EXPECT_EQ(after.parts.at(after.devices.at({core::kFactory, tests::kRadio})->part).pins.at("RL+").number, "7");
    EXPECT_FALSE(mayTake()) << "it is in";
    driver.session().undoStack().undo();
    EXPECT_EQ(driver.session().snapshot().plan.parts, before.parts);
}

TEST_F(IntakeWindow, AResponseIsDroppedOnTheWindowAndGoesOntoTheDriverThatIsPicked)
{
    driver.openDemo();
    drop(write("left.frd", "100 80\n1000 84\n"));
    ASSERT_NE(dialog(), nullptr);
    auto* onto = dialog()->findChild<QComboBox*>("intakeOnto");
    ASSERT_GE(onto->count(), 2) << "both sides, and what is planned for them";
    EXPECT_EQ(onto->currentData().toPoint(), QPoint(core::kFound.number, tests::kLeftSpeaker.number));
    driver.click("intakeTake");
    EXPECT_EQ(driver.session().snapshot().plan.curves.size(), 1U);
    // Another file in the same dialog is taken into the plan as it is now.
    driver.type("intakePath", write("again.frd", "100 70\n1000 74\n"));
    driver.click("intakeTake");
    EXPECT_EQ(driver.session().snapshot().plan.curves.size(), 1U) << said().toStdString();
    EXPECT_EQ(driver.session().snapshot().plan.curves.begin()->second.name, "again.frd");
}

TEST_F(IntakeWindow, WhatCannotBeTakenInIsSaidAndChangesNothing)
{
    driver.key(Qt::Key_I, Qt::ControlModifier);  // the start page: no plan
    ASSERT_NE(dialog(), nullptr);
    driver.type("intakePath", write("radio.csv", "terminal,plug,pin\nRL+,big,7\n"));
    EXPECT_TRUE(said().contains("radio.csv goes into a plan: open one first.")) << said().toStdString();
    driver.type("intakePath", driver.folder() + "/none.csv");
    EXPECT_TRUE(said().contains("none.csv cannot be opened")) << said().toStdString();
    driver.type("intakePath", write("odd.csv", "a,b\n1,2\n"));
    EXPECT_TRUE(said().contains("of no kind that is known here"));
    driver.type("intakePath", write("mine.csv", "key,name,re_ohm\nmine,Mine,3.3\n"));
    ASSERT_TRUE(mayTake());
    driver.click("intakeTake");
    EXPECT_NE(driver.session().shop().shelf.find("mine"), nullptr);
}

TEST_F(IntakeWindow, APlanThatIsDroppedIsOpened)
{
    drop(TEST_FOLDER "/data/plans/quarter-pair.reed");
    EXPECT_TRUE(driver.session().isOpen());
    EXPECT_EQ(dialog(), nullptr);
}

}  // namespace
