// No letter with Alt means two things in one window, in any language that is spoken.
#include <gtest/gtest.h>

#include <QAbstractButton>
#include <QAction>
#include <QDialog>
#include <QLabel>
#include <QMenu>
#include <QMenuBar>
#include <QTest>
#include <map>

#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "tests/app/window_driver.h"
#include "words/language.h"

namespace {

class AltLetters : public testing::TestWithParam<const char*> {
protected:
    using Owners = std::map<QString, QString>;

    void note(Owners& owners, const char* where, const QString& text, const QString& owner)
    {
        const QKeySequence letter = QKeySequence::mnemonic(text);
        if (letter.isEmpty()) return;
        const auto [other, fresh] = owners.emplace(letter.toString(), owner);
        EXPECT_TRUE(fresh) << where << ": " << letter.toString().toStdString() << " is of "
                           << other->second.toStdString() << " and of " << owner.toStdString();
    }
    void look(const char* where)
    {
        Owners owners;
        for (const QAction* action : driver.window().menuBar()->actions())
            note(owners, where, action->text(), action->text());
        look(owners, where, driver.window());
    }
    void look(Owners& owners, const char* where, const QWidget& view)
    {
        for (const auto* button : view.findChildren<QAbstractButton*>())
            if (button->isVisible()) note(owners, where, button->text(), button->objectName());
        for (const auto* one : view.findChildren<QLabel*>())
            if (one->isVisible() && one->buddy()) note(owners, where, one->text(), one->text());
    }

    words::Speaker speaker{QString::fromLatin1(GetParam())};
    app::Theme theme{*qApp};
    tests::WindowDriver driver{theme};
};

TEST_P(AltLetters, AreOfOneThingEach)
{
    driver.window().resize(1280, 800);
    look("start");
    driver.openShipped(false);
    for (const Qt::Key station : {Qt::Key_1, Qt::Key_3, Qt::Key_9}) {
        driver.key(station, Qt::ControlModifier);
        look(qPrintable(QStringLiteral("station %1").arg(station - Qt::Key_0)));
        driver.key(Qt::Key_F7);
        look(qPrintable(QStringLiteral("station %1, the curves as they were not").arg(station - Qt::Key_0)));
        driver.key(Qt::Key_F7);
    }
    driver.key(Qt::Key_1, Qt::ControlModifier);
    driver.clickThing(QStringLiteral("rear left"));
    look("a place");
    driver.window().resize(1000, 800);
    QTest::qWait(20);
    look("without the findings");
}

TEST_P(AltLetters, AreOfOneThingEachInEveryMenu)
{
    for (const QAction* action : driver.window().menuBar()->actions()) {
        Owners owners;
        for (const QAction* entry : action->menu()->actions())
            note(owners, qPrintable(action->text()), entry->text(), entry->text());
    }
}

TEST_P(AltLetters, AreOfOneThingEachInEveryDialog)
{
    driver.openShipped(false);
    for (const auto& [action, name] : {std::pair{"actionSettings", "settingsDialog"},
                                       {"actionHouseRules", "houseDialog"},
                                       {"actionIntake", "intakeDialog"},
                                       {"actionShelf", "shelfDialog"}}) {
        driver.window().findChild<QAction*>(QLatin1String(action))->trigger();
        QTest::qWait(20);
        auto* dialog = driver.window().findChild<QDialog*>(QLatin1String(name));
        ASSERT_NE(dialog, nullptr) << name;
        Owners owners;
        look(owners, name, *dialog);
        EXPECT_FALSE(owners.empty()) << name;
        dialog->reject();
    }
}

INSTANTIATE_TEST_SUITE_P(Languages, AltLetters, testing::Values("en", "de"));

}  // namespace
