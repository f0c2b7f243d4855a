// A whole job's typing in another language: what is read in a field can be typed there again, and words are understood
// as they end in the sentence.
#include <gtest/gtest.h>

#include <QLineEdit>
#include <QTest>

#include "app/asks/audiogram_text.h"
#include "app/asks/fastener_text.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "app/widgets/drawn_things.h"
#include "app/widgets/typed_number.h"
#include "core/io/shop.h"
#include "tests/app/window_driver.h"
#include "words/figures.h"
#include "words/language.h"

namespace {

class German : public testing::Test {
protected:
    words::Speaker speaker{QStringLiteral("de")};
};

TEST_F(German, FastenersAreUnderstoodAsAFitterSaysThem)
{
    using core::FastenerKind;
    const core::Fastener screws =
        *app::fastenerFromText(QStringLiteral("2 verdeckte Schrauben T20 hinter der Griffmulde"));
    EXPECT_EQ(screws, (core::Fastener{FastenerKind::Screw, "T20", 2, true, "hinter der Griffmulde"}));
    const core::Fastener clips = *app::fastenerFromText(QStringLiteral("zehn Clips"));
    EXPECT_EQ(clips, (core::Fastener{FastenerKind::Clip, "", 10, false, ""}));
    const core::Fastener nut = *app::fastenerFromText(QStringLiteral("eine Mutter 10 mm"));
    EXPECT_EQ(nut, (core::Fastener{FastenerKind::Nut, "10 mm", 1, false, ""}));
    const core::Fastener rivets = *app::fastenerFromText(QStringLiteral("12 Nieten 4,8"));
    EXPECT_EQ(rivets, (core::Fastener{FastenerKind::Rivet, "4,8", 12, false, ""}));
}

TEST_F(German, NumbersAreTypedWithACommaOrAPoint)
{
    EXPECT_EQ(app::typedNumber(QStringLiteral("640,5")), 640.5);
    EXPECT_EQ(app::typedNumber(QStringLiteral(" 640.5 ")), 640.5);
    EXPECT_EQ(app::typedNumber(QStringLiteral("−12")), -12.0);
    for (const char* text : {"", "sechs", "1,200", "1.200.000", "6 ohm"})
        EXPECT_FALSE(app::typedNumber(QString::fromUtf8(text))) << text;
    EXPECT_EQ(*app::audiogramFromText(QStringLiteral("0 5,5 −5 20 40 60")),
              (std::vector<double>{0, 5.5, -5, 20, 40, 60}));
    // What is shown can be typed again, thousands too.
    for (const double value : {0.125, 12.5, 640.0, 1234.0, 98700.0})
        EXPECT_EQ(app::typedNumber(words::plainNumber(value)), value) << words::plainNumber(value).toStdString();
}

TEST_F(German, AJobIsTypedAndReadBack)
{
    app::Theme theme(*qApp);
    tests::WindowDriver driver(theme);
    driver.newJob("saloon");
    driver.openCustomer();
    driver.click("askWish");
    driver.type("budget", "1200,5");
    EXPECT_EQ(driver.session().snapshot().plan.job.budget, 1200.5);
}

// On the drawing the two of a pair are told by where they stand, not in words.
TEST_F(German, LabelsLeaveTheSideToTheDrawing)
{
    app::Theme theme(*qApp);
    tests::WindowDriver driver(theme);
    driver.newJob("saloon");
    driver.clickThing(QStringLiteral("vordere Tür"));
    const auto things = app::drawnThings(driver.session().snapshot(), core::shippedShop().vehicles, {});
    int doors = 0;
    for (const app::DrawnThing& thing : things) {
        if (thing.kind != app::DrawnThing::Kind::Place) continue;
        ++doors;
        EXPECT_EQ(thing.tag, "vordere Tür");
        EXPECT_TRUE(thing.name == "vordere Tür, links" || thing.name == "vordere Tür, rechts")
            << thing.name.toStdString();
    }
    EXPECT_EQ(doors, 2);
}

}  // namespace
