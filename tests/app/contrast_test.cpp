// Every text of every view can be read on both grounds: measured where it is drawn, on what lies under it.
// Source: WCAG 2.1, 1.4.3: 4.5 to 1.
#include <gtest/gtest.h>

#include <qcustomplot.h>
#include <QAction>
#include <QApplication>
#include <QDialog>
#include <QLineEdit>
#include <QPushButton>
#include <QTest>
#include <algorithm>
#include <set>

#include "app/session/plan_session.h"
#include "app/session/workbench.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "tests/app/contrast_probe.h"
#include "tests/app/window_driver.h"

namespace {

class Contrast : public testing::TestWithParam<app::Ground> {
protected:
    Contrast()
    {
        theme.setGround(GetParam());
        driver.window().resize(1280, 800);
    }
    ~Contrast() override { theme.setGround(app::Ground::Light); }

    void look(QWidget& view, const char* where)
    {
        QTest::qWait(20);
        const auto texts = tests::drawnTexts(view);
        EXPECT_GE(texts.size(), 3U) << where << ": nothing was seen";
        std::set<QString> said;
        for (const tests::DrawnText& text : texts) {
            const double ratio = app::contrast(text.ink, text.ground);
            if (ratio >= 4.5 || !said.insert(text.text).second) continue;
            ADD_FAILURE() << where << ": '" << text.text.toStdString() << "' at " << text.at.x() << ", " << text.at.y()
                          << " is " << ratio << " to 1, " << text.ink.name().toStdString() << " on "
                          << text.ground.name().toStdString();
        }
    }
    void look(const char* where)
    {
        look(driver.window(), where);
        lookAtShapes(where);
        for (auto* plot : driver.window().findChildren<QCustomPlot*>())
            if (plot->isVisible()) look(*plot, "curves");
    }
    // What tells something by its form: its line or its fill stands out 3 to 1 from what it lies on. Rules that only
    // part things, and the tints of a ground, need not: what is on them says it too.
    void lookAtShapes(const char* where)
    {
        const app::Tokens& tokens = theme.tokens();
        const auto isOne = [](const QColor& colour, std::initializer_list<QColor> of) {
            return !colour.isValid() ||
                   std::any_of(of.begin(), of.end(), [&](const QColor& one) { return one.rgb() == colour.rgb(); });
        };
        for (QWidget* widget : driver.window().findChildren<QWidget*>()) {
            const QString kind = QString::fromLatin1(widget->metaObject()->className());
            if (!widget->isVisible() ||
                !(kind.startsWith(QLatin1String("app::")) || kind == QLatin1String("QCustomPlot")))
                continue;
            std::set<QString> said;
            for (const tests::DrawnShape& shape : tests::drawnShapes(*widget)) {
                const auto seen = [&](const QColor& colour) {
                    return colour.isValid() && app::contrast(colour, shape.ground) >= 3.0;
                };
                const bool quiet =
                    isOne(shape.line, {tokens.rule, tokens.paper, tokens.raised, tokens.goldTint, shape.ground}) &&
                    isOne(shape.fill, {tokens.paper, tokens.raised, tokens.glass, tokens.goldTint});
                const bool rule = shape.at.height() <= 6 && isOne(shape.fill, {tokens.rule});  // between rows
                if (rule || seen(shape.line) || seen(shape.fill) || quiet) continue;
                const QString is = QStringLiteral("%1: line %2, fill %3 on %4")
                                       .arg(kind, shape.line.name(), shape.fill.name(), shape.ground.name());
                if (!said.insert(is).second) continue;
                ADD_FAILURE() << where << ": " << is.toStdString() << " at " << shape.at.x() << ", " << shape.at.y();
            }
        }
    }

    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
};

// What the probe says of a colour that is known.
TEST(ContrastProbe, SeesATextOnItsGround)
{
    QPushButton button(QStringLiteral("read me"));
    button.setStyleSheet(QStringLiteral("QPushButton { color: #777777; background: #ffffff; border: 0; }"));
    button.resize(120, 40);
    const auto texts = tests::drawnTexts(button);
    ASSERT_EQ(texts.size(), 1U);
    EXPECT_EQ(texts[0].text, "read me");
    EXPECT_EQ(texts[0].ink, QColor(0x77, 0x77, 0x77));
    EXPECT_EQ(texts[0].ground, QColor(Qt::white));
}

TEST_P(Contrast, StartAndSlate)
{
    look("start");
    driver.openSlate(QStringLiteral("drop 60 A 5 m awg 4"));
    look("slate");
    driver.openSlate(QStringLiteral("no such sum"));
    look("slate, not understood");
}

TEST_P(Contrast, WalkRound)
{
    driver.openShipped(false);
    driver.key(Qt::Key_1, Qt::ControlModifier);
    for (const char* topic : {"topicVehicle", "topicSources", "topicInventory"}) {
        driver.click(topic);
        look(topic);
    }
    driver.openCustomer();
    look("customer");
    driver.clickThing(QStringLiteral("rear left"));
    for (const char* ask : {"askHole", "askDepth", "askWay", "askCover", "askLining", "askWires", "askSides",
                            "askWayIn", "askNearby", "askDriver"}) {
        driver.click(ask);
        look(ask);
    }
    driver.click("stagePlanned");
    look("as planned");
    driver.key(Qt::Key_F1);
    look("help");
    driver.key(Qt::Key_F8);
    look("bay");
    driver.key(Qt::Key_F8);
}

TEST_P(Contrast, MatchAndJobCard)
{
    driver.openShipped(true);
    look("a plan with trouble");
    driver.key(Qt::Key_F7);
    look("the curves folded");
    driver.key(Qt::Key_F7);
    driver.click("showFigures");
    look("figures");
    driver.key(Qt::Key_9, Qt::ControlModifier);
    look("job card");
    driver.window().resize(1000, 800);
    driver.key(Qt::Key_3, Qt::ControlModifier);
    look("without the column of findings");
    driver.window().resize(700, 800);
    look("narrow");
}

TEST_P(Contrast, Split)
{
    driver.openShipped(false);
    driver.key(Qt::Key_4, Qt::ControlModifier);
    driver.click("dot_p34");
    driver.settle();
    look("a capacitor on its speaker");
    ASSERT_TRUE(QTest::qWaitFor([&] { return driver.has("makeBoard"); }, 5'000));
    driver.click("makeBoard");
    driver.click("boardOk");
    driver.settle();
    look("a board");
    driver.click("knobHighPass");
    look("a value that is open");
    driver.key(Qt::Key_Escape);
    driver.click("allBands");
    look("all bands");
    driver.click("knobEqualiser");
    auto* equaliser = driver.window().findChild<QDialog*>(QStringLiteral("equaliserDialog"));
    QTest::mouseClick(equaliser->findChild<QPushButton*>(QStringLiteral("addBand")), Qt::LeftButton);
    look(*equaliser, "equaliser");
    equaliser->reject();
    driver.click("allBands");
    driver.window().resize(700, 800);
    look("narrow");
}

TEST_P(Contrast, WhatTakesLong)
{
    driver.openShipped(false);
    emit driver.session().bench().busy(&driver.session(), app::PlanSession::mending());
    ASSERT_TRUE(
        driver.window().findChild<QWidget*>(app::PlanSession::mending() + QStringLiteral("Cancel"))->isVisible());
    look("being worked out");
}

TEST_P(Contrast, Dialogs)
{
    driver.openShipped(false);
    driver.key(Qt::Key_3, Qt::ControlModifier);
    driver.click("openShelf");
    QTest::qWait(50);
    auto* shelf = driver.window().findChild<QDialog*>(QStringLiteral("shelfDialog"));
    ASSERT_NE(shelf, nullptr);
    look(*shelf, "shelf");
    driver.click("shelfClose");
    driver.window().findChild<QAction*>(QStringLiteral("actionSettings"))->trigger();
    look(*driver.window().findChild<QDialog*>(QStringLiteral("settingsDialog")), "settings");
    driver.click("settingsCancel");
    driver.window().findChild<QAction*>(QStringLiteral("actionHouseRules"))->trigger();
    look(*driver.window().findChild<QDialog*>(QStringLiteral("houseDialog")), "house rules");
    driver.click("houseCancel");
    driver.window().findChild<QAction*>(QStringLiteral("actionIntake"))->trigger();
    look(*driver.window().findChild<QDialog*>(QStringLiteral("intakeDialog")), "a file to take in");
}

INSTANTIATE_TEST_SUITE_P(Grounds, Contrast, testing::Values(app::Ground::Light, app::Ground::Dark),
                         [](const auto& one) { return one.param == app::Ground::Dark ? "Dark" : "Light"; });

}  // namespace
