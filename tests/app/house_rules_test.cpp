// House rules in the real window: every school with its reason, the plan's own choice as one step, the shop's for new
// jobs, and what a finding says of them.
#include <gtest/gtest.h>

#include <QAction>
#include <QDialog>
#include <QLabel>
#include <QPushButton>
#include <QRadioButton>
#include <QTest>

#include "app/session/shop_settings.h"
#include "core/edits/house_edits.h"
#include "core/practice/house_rules.h"
#include "tests/app/window_driver.h"
#include "words/house_words.h"

namespace {

using core::PracticeKey;
constexpr PracticeKey kRule = PracticeKey::SmallDriver_school;

class HouseRulesInTheWindow : public testing::Test {
protected:
    [[nodiscard]] QDialog* ask()
    {
        driver.window().findChild<QAction*>(QStringLiteral("actionHouseRules"))->trigger();
        return dialog();
    }
    [[nodiscard]] QDialog* dialog() { return driver.window().findChild<QDialog*>(QStringLiteral("houseDialog")); }
    void choose(const char* school)
    {
        auto* one = dialog()->findChild<QRadioButton*>(QLatin1String(school));
        ASSERT_NE(one, nullptr) << school;
        QTest::mouseClick(one, Qt::LeftButton, {}, {8, one->height() / 2});
        EXPECT_TRUE(one->isChecked());
    }
    // The dialog goes when the events that follow are done.
    void close(const char* button)
    {
        driver.click(button);
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        driver.settle();
    }
    [[nodiscard]] const core::Plan& plan() { return driver.session().snapshot().plan; }

    app::Theme m_theme{*static_cast<QApplication*>(QCoreApplication::instance())};
    tests::WindowDriver driver{m_theme};
};

TEST_F(HouseRulesInTheWindow, APlanHasItsOwn)
{
    driver.openTrouble();
    driver.rest();
    const core::Plan before = plan();
    ASSERT_NE(ask(), nullptr);
    EXPECT_TRUE(dialog()->findChild<QRadioButton*>(QStringLiteral("smallDriver_school_0"))->isChecked());
    QStringList said;
    for (const QLabel* label : dialog()->findChildren<QLabel*>()) said << label->text();
    for (const PracticeKey rule : core::houseRules(driver.session().snapshot().practice()))
        for (const words::SchoolText& school : words::textOf(rule).schools)
            EXPECT_TRUE(said.contains(school.reason)) << school.name.toStdString();
    choose("smallDriver_school_4");
    close("houseCancel");
    EXPECT_EQ(plan(), before) << "nothing is kept before OK";
    static_cast<void>(ask());
    choose("smallDriver_school_4");
    close("houseOk");
    EXPECT_EQ(plan().practice.at(kRule), 4.0);
    EXPECT_TRUE(app::ShopSettings::read(driver.settings()).schools.empty()) << "of this plan alone";
    driver.session().undoStack().undo();
    EXPECT_EQ(plan(), before);
}

TEST_F(HouseRulesInTheWindow, AFindingSaysWhichOneItFollows)
{
    driver.openShipped(true);
    driver.rest();
    const auto houseOf = [&](const char* code) -> QString {
        if (!driver.has("why_SPLIT2")) return {};
        auto* why = driver.window().findChild<QPushButton*>(QStringLiteral("why_") + QLatin1String(code));
        if (!why->isChecked()) driver.click(qPrintable(why->objectName()));
        return driver.text(qPrintable(QStringLiteral("reason_") + QLatin1String(code)));
    };
    if (driver.has("moreFindings")) driver.click("moreFindings");
    ASSERT_TRUE(driver.has("why_SPLIT2")) << "the demo's trouble has a kept capacitor";
    EXPECT_TRUE(houseOf("SPLIT2").endsWith(words::lineOf(core::FollowedSchool{kRule, 0})));
    EXPECT_TRUE(driver.text("reckoning_SPLIT2").contains(QStringLiteral("log\u2082"))) << "how it is reckoned";
    driver.click("house_SPLIT2");
    ASSERT_NE(dialog(), nullptr);
    choose("smallDriver_school_4");
    close("houseOk");
    driver.rest();
    EXPECT_TRUE(houseOf("SPLIT2").contains(QStringLiteral("not the usual one: leave it off")));
}

TEST_F(HouseRulesInTheWindow, NewJobsBeginWithTheShops)
{
    static_cast<void>(ask());
    ASSERT_NE(dialog(), nullptr) << "without a plan they are the shop's";
    EXPECT_FALSE(dialog()->findChild<QWidget*>(QStringLiteral("houseForNew"))->isVisible())
        << "there is nothing else to choose them for";
    choose("stageOrder_school_2");
    close("houseOk");
    EXPECT_EQ(app::ShopSettings::read(driver.settings()).schools.at(PracticeKey::StageOrder_school), 2U);
    driver.newJob("estate");
    EXPECT_EQ(plan().practice, (std::map<PracticeKey, double>{{PracticeKey::StageOrder_school, 2.0}}));
    // From a plan they are the shop's only where that is asked for.
    static_cast<void>(ask());
    choose("tapPoint_school_1");
    driver.click("houseForNew");
    close("houseOk");
    EXPECT_EQ(app::ShopSettings::read(driver.settings()).schools.at(PracticeKey::TapPoint_school), 1U);
    // What an older program left there is passed over.
    driver.settings().setValue(QStringLiteral("house/tapPoint_school"), 77);
    tests::WindowDriver next(m_theme);
    EXPECT_EQ(
        core::followSchools({}, {{PracticeKey::TapPoint_school, 77}}, next.session().shop().practice).changes.size(),
        0U);
}

}  // namespace
