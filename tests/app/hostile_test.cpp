// What a file, a name or a setting can say that nobody meant: the window shows it as it stands.
#include <gtest/gtest.h>
#include <sys/stat.h>

#include <QHelpEvent>
#include <QLabel>
#include <QProcess>
#include <QTest>
#include <QToolTip>
#include <limits>
#include <tuple>

#include "app/shell/main_window.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "core/io/plan_file.h"
#include "tests/app/window_driver.h"
#include "tests/core/demo_plan.h"

namespace {

class Hostile : public testing::Test {
protected:
    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
};

// The picture that the name asks for is a pipe: whoever opens it waits for ever.
TEST_F(Hostile, ANameIsNeverMarkup)
{
    const std::string pipe = driver.folder().toStdString() + "/pipe.png";
    ASSERT_EQ(::mkfifo(pipe.c_str(), 0600), 0);
    const std::string name = "<img src='" + pipe + "'><b>bold</b>";
    core::Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    plan.body.name = plan.job.customer = plan.job.complaint = name;
    for (auto& [id, place] : plan.places) place.name = name;
    for (auto& [id, part] : plan.parts) part.name = name;
    for (auto& [key, device] : plan.devices)
        if (device) device->label = name;
    const std::string path = driver.folder().toStdString() + "/hostile.reed";
    ASSERT_TRUE(core::writePlanFile(path, {plan, {}}));
    driver.window().resize(1280, 800);
    driver.window().openPlan(QString::fromStdString(path));
    driver.rest();
    int shown = 0;
    for (const Qt::Key station : {Qt::Key_1, Qt::Key_3, Qt::Key_9}) {
        driver.key(station, Qt::ControlModifier);
        driver.window().grab();
        for (const QLabel* label : driver.window().findChildren<QLabel*>()) {
            if (!label->text().contains("<img") || !label->isVisible()) continue;
            ++shown;
            EXPECT_EQ(label->textFormat(), Qt::PlainText) << label->objectName().toStdString();
        }
    }
    EXPECT_GT(shown, 5) << "as it stands";
}

TEST_F(Hostile, WhatANewerProgramMayHaveWrittenIsNamed)
{
    core::Document document{tests::demoPlan(), {{"/job/mood", "\"good\""}, {"/parts/t9/figures/wobble_hz", "{}"}}};
    const std::string path = driver.folder().toStdString() + "/newer.reed";
    ASSERT_TRUE(core::writePlanFile(path, document));
    driver.window().openPlan(QString::fromStdString(path));
    EXPECT_EQ(driver.text("noticeText"),
              "Care: this program does not know /job/mood, /parts/t9/figures/wobble_hz of this file and does not count "
              "it in; a newer one may. It is kept.");
}

// Several things to be said at once are all said.
TEST_F(Hostile, NoNoticeHidesAnother)
{
    const std::string path = driver.folder().toStdString() + "/newer.reed";
    ASSERT_TRUE(core::writePlanFile(path, {tests::demoPlan(), {{"/job/mood", "\"good\""}}}));
    {
        app::PlanSession dead(core::shippedShop(), driver.folder() + "/recovery");
        ASSERT_TRUE(dead.openFile(QString::fromStdString(path)));
        core::Plan plan = dead.snapshot().plan;
        plan.job.customer = "somebody else";
        dead.apply(core::difference(core::EditName::SetJob, dead.snapshot().plan, plan));
        dead.writeRecoveryNow();
    }
    app::PlanSession other(core::shippedShop(), driver.folder() + "/elsewhere");
    ASSERT_TRUE(other.openFile(QString::fromStdString(path)));
    driver.window().openPlan(QString::fromStdString(path));
    for (const char* said : {"does not know /job/mood", "is open in another window", "somebody else), kept"})
        EXPECT_TRUE(driver.text("noticeText").contains(said)) << driver.text("noticeText").toStdString();
    EXPECT_TRUE(driver.has("recoveryRestore"));
}

TEST_F(Hostile, AToolTipIsNoMarkupEither)
{
    EXPECT_EQ(app::plainTip("1 < 2 & 3"), "1 < 2 & 3");
    EXPECT_TRUE(app::plainTip("<b>x</b>").contains("&lt;b&gt;"));
    driver.openDemo();
    auto* button = driver.window().findChild<QWidget*>("candidateSearch");
    button->setToolTip("<i>name</i>");
    const QPoint middle = button->rect().center();
    QHelpEvent ask(QEvent::ToolTip, middle, button->mapToGlobal(middle));
    QApplication::sendEvent(button, &ask);
    EXPECT_TRUE(QToolTip::text().contains("&lt;i&gt;")) << QToolTip::text().toStdString();
    QToolTip::hideText();
}

// Settings are input too.
TEST_F(Hostile, AZoomThatIsNoNumberIsTheUsualOne)
{
    for (const double zoom :
         {std::numeric_limits<double>::quiet_NaN(), std::numeric_limits<double>::infinity(), 0.0, -1.0}) {
        theme.setZoom(zoom);
        EXPECT_EQ(theme.zoom(), 1.0);
    }
    theme.setZoom(99.0);
    EXPECT_EQ(theme.zoom(), 2.5);
    theme.setZoom(0.1);
    EXPECT_EQ(theme.zoom(), 0.8);
}

// Without a display the program says so in one line.
TEST(NoDisplay, IsSaidInOneLine)
{
    const QByteArray none = "golden-reed: there is no display to open its window on; golden-reed-cli needs none\n";
    const QByteArray other = "golden-reed: no window can be opened by QT_QPA_PLATFORM=nowhere; unset it\n";
    for (const auto& [name, value, said] :
         {std::tuple{"DISPLAY", "", none}, {"DISPLAY", ":7777", none}, {"QT_QPA_PLATFORM", "nowhere", other}}) {
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        for (const char* one : {"QT_QPA_PLATFORM", "WAYLAND_DISPLAY", "DISPLAY"}) environment.remove(one);
        if (*value) environment.insert(name, value);
        QProcess program;
        program.setProcessEnvironment(environment);
        program.start(WINDOW_PROGRAM, QStringList());
        ASSERT_TRUE(program.waitForFinished());
        EXPECT_EQ(program.exitCode(), 2);
        EXPECT_EQ(program.readAllStandardOutput(), "");
        EXPECT_EQ(program.readAllStandardError(), said);
    }
}

}  // namespace
