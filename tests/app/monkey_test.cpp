// Whatever the window is made to do, it can be undone and done again, saved and read. `monkey SECONDS SEED` goes on.
#include <gtest/gtest.h>

#include <QApplication>

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

}  // namespace
