// The yard of the start page: every kind once, all to one scale, on one ground a row, walked by arrows.
#include "app/widgets/yard.h"

#include <gtest/gtest.h>

#include <QTest>
#include <map>
#include <set>

#include "app/session/recent_plans.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "core/edits/survey_edits.h"
#include "core/io/shop.h"
#include "core/model/names.h"
#include "tests/app/window_driver.h"

namespace {

class InTheYard : public testing::Test {
protected:
    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
    QList<app::YardVehicle*> vehicles() { return driver.window().findChildren<app::YardVehicle*>(); }
};

TEST_F(InTheYard, EveryKindStandsThereOnceToOneScaleAndWhole)
{
    for (const QSize& size : {QSize(1280, 800), QSize(640, 600), QSize(2560, 1440)}) {
        driver.window().resize(size);
        QTest::qWait(10);
        std::set<core::BodyKind> kinds;
        for (const app::YardVehicle* one : vehicles()) {
            EXPECT_TRUE(kinds.insert(one->kind()).second);
            EXPECT_EQ(one->scale(), vehicles().front()->scale());
            EXPECT_TRUE(one->parentWidget()->rect().contains(one->geometry())) << one->text().toStdString();
            EXPECT_GE(one->width(), one->scale() * one->length_m());
            for (const app::YardVehicle* other : vehicles()) {
                EXPECT_TRUE(one == other || !one->geometry().intersects(other->geometry()));
            }
        }
        EXPECT_EQ(kinds.size(), core::enumNames<core::BodyKind>().size());
    }
}

// A bus is longer than a motorcycle by their measures: as drawn so as in metres.
TEST_F(InTheYard, AnOutlineIsAsLongAsTheVehicle)
{
    const core::Shop shop = core::shippedShop();
    for (const app::YardVehicle* one : vehicles())
        EXPECT_NEAR(one->length_m() / core::newPlan(one->kind(), shop.vehicles).body.length_m, 1.0, 0.07)
            << one->text().toStdString();
}

TEST_F(InTheYard, ArrowsWalkTheLanesAndEnterTakesOne)
{
    driver.window().resize(1280, 800);
    QTest::qWait(10);
    std::map<core::BodyKind, app::YardVehicle*> by;
    for (app::YardVehicle* one : vehicles()) by[one->kind()] = one;
    by.at(core::BodyKind::Hatchback)->setFocus();
    driver.key(Qt::Key_Left);
    EXPECT_TRUE(by.at(core::BodyKind::Hatchback)->hasFocus()) << "the first of its lane";
    driver.key(Qt::Key_Right);
    EXPECT_TRUE(by.at(core::BodyKind::Saloon)->hasFocus());
    driver.key(Qt::Key_Up);
    EXPECT_TRUE(by.at(core::BodyKind::Saloon)->hasFocus()) << "nothing is above";
    driver.key(Qt::Key_Down);
    EXPECT_TRUE(by.at(core::BodyKind::OffRoad)->hasFocus() || by.at(core::BodyKind::Pickup)->hasFocus());
    driver.key(Qt::Key_Down);
    driver.key(Qt::Key_Left);
    driver.key(Qt::Key_Left);
    EXPECT_TRUE(by.at(core::BodyKind::Motorcycle)->hasFocus());
    driver.key(Qt::Key_Return);
    ASSERT_TRUE(driver.session().isOpen());
    EXPECT_EQ(driver.session().snapshot().plan.body.kind, core::BodyKind::Motorcycle);
}

// A plan that was open lately comes back as a card that says how it stands.
TEST_F(InTheYard, WhatWasOpenLatelyStandsUnderIt)
{
    driver.openTrouble();
    const QString path = driver.folder() + "/trouble.reed";
    ASSERT_TRUE(driver.window().savePlan(path));
    const auto& findings = driver.session().snapshot().findings;
    const auto stops = std::count_if(findings.begin(), findings.end(), [](const core::Finding& finding) {
        return finding.severity == core::Severity::Stop;
    });
    ASSERT_GT(stops, 0);
    const auto looked = app::lookAt(path, driver.session().shop());
    ASSERT_TRUE(looked);
    EXPECT_EQ(looked->worst, core::Severity::Stop);
    EXPECT_EQ(looked->count, stops);
    const core::ListenerId ears = driver.session().snapshot().plan.listeners.begin()->first;
    const auto reach = [&](const core::StageResult& stage) { return stage.hearing.at(ears).bands[1].reach_db; };
    EXPECT_DOUBLE_EQ(looked->change_db[1],
                     reach(driver.session().snapshot().after()) - reach(driver.session().snapshot().before()));

    ASSERT_TRUE(driver.window().close());
    QStringList recent = driver.settings().value("recent").toStringList();
    recent.append(driver.folder() + "/gone.reed");  // somebody deleted it
    driver.settings().setValue("recent", recent);
    app::PlanSession session(core::shippedShop(), driver.folder() + "/other recovery");
    app::MainWindow window(session, theme, driver.settings());
    window.show();
    ASSERT_TRUE(QTest::qWaitFor([&] { return window.findChild<QWidget*>("recent0") != nullptr; }, 10'000));
    EXPECT_EQ(window.findChild<QWidget*>("recent1"), nullptr) << "what cannot be read is no card";
    auto* card = window.findChild<QAbstractButton*>("recent0");
    EXPECT_TRUE(card->accessibleDescription().contains(QStringLiteral("%1 Stop").arg(stops)))
        << card->accessibleDescription().toStdString();
    QTest::mouseClick(card, Qt::LeftButton);
    EXPECT_EQ(session.path(), path);
}

}  // namespace
