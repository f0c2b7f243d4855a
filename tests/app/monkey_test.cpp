// Whatever the window is made to do, it can be undone and done again, saved and read. `monkey SECONDS SEED` goes on.
#include <gtest/gtest.h>

#include <QApplication>
#include <QLineEdit>
#include <QTest>
#include <memory>

#include "app/session/plan_session.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "tests/app/monkey.h"

namespace {

class AnyClicks : public testing::TestWithParam<unsigned> {};

TEST_P(AnyClicks, AreUndoneSavedAndRead)
{
    app::Theme theme(*qApp);
    tests::WindowDriver driver(theme);
    tests::Monkey monkey(driver, GetParam());
    for (int sequence = 0; sequence < 5; ++sequence) {
        for (int step = 0; step < 12; ++step) monkey.step();
        EXPECT_EQ(monkey.brokenIdentity(), "") << "sequence " << sequence;
    }
}

INSTANTIATE_TEST_SUITE_P(Seeds, AnyClicks, testing::Range(1U, 5U));

// A value that is half typed when the window goes is taken while the window is whole; after that nothing reaches the
// plan. (A monkey found it: the field lost the keys when half of the window was gone.)
TEST(WindowGoes, WithAValueHalfTyped)
{
    app::Theme theme(*qApp);
    auto driver = std::make_unique<tests::WindowDriver>(theme);
    driver->newJob("estate");
    driver->clickThing(QStringLiteral("front door"));
    driver->clickThing(QStringLiteral("left front door"));
    driver->click("askDepth");
    auto* field = driver->window().findChild<QLineEdit*>(QStringLiteral("depth"));
    ASSERT_NE(field, nullptr);
    field->setFocus();
    field->selectAll();
    QTest::keyClicks(field, QStringLiteral("61 mm"));
    ASSERT_TRUE(field->hasFocus());
    QObject here;
    QObject* window = &driver->window();
    int changes = 0, whole = 0;
    QObject::connect(&driver->session(), &app::PlanSession::changed, &here, [&] {
        ++changes;
        whole += qobject_cast<app::MainWindow*>(window) != nullptr;
    });
    driver.reset();
    EXPECT_EQ(changes, 1);
    EXPECT_EQ(whole, changes);
}

}  // namespace
