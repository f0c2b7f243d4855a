#include <gtest/gtest.h>

#include <QAbstractButton>
#include <QApplication>
#include <QFontDatabase>
#include <QFontInfo>
#include <QFontMetrics>
#include <QLabel>
#include <QRawFont>
#include <QTextBrowser>

#include "app/shell/main_window.h"
#include "app/theme/style_sheet.h"
#include "app/theme/theme.h"
#include "tests/app/window_driver.h"

namespace app {
namespace {

// Source: WCAG 2.1, 1.4.3 (text 4.5:1) and 1.4.11 (shapes 3:1); its own worked example: black on white is 21:1.
TEST(Tokens, ContrastIsTheOneOfTheGuidelines)
{
    EXPECT_NEAR(contrast(Qt::black, Qt::white), 21.0, 1e-6);
    EXPECT_NEAR(contrast(QColor(0x76, 0x76, 0x76), Qt::white), 4.54,
                0.005);  // the well-known lightest grey that passes, from memory
}

class BothGrounds : public testing::TestWithParam<bool> {};
TEST_P(BothGrounds, CanBeRead)
{
    const Tokens tokens = GetParam() ? darkened(Tokens{}) : Tokens{};
    for (const QColor& ground : {tokens.paper, tokens.raised}) {
        for (const QColor& text :
             {tokens.ink, tokens.ink2, tokens.goldText, tokens.river, tokens.rust, tokens.clay, tokens.slate})
            EXPECT_GE(contrast(text, ground), 4.5)
                << text.name().toStdString() << " on " << ground.name().toStdString();
    }
    EXPECT_GE(contrast(tokens.ink, tokens.goldTint), 4.5);
    EXPECT_GE(contrast(tokens.goldText, tokens.goldTint), 3.0);
}
INSTANTIATE_TEST_SUITE_P(LightAndDark, BothGrounds, testing::Bool());

TEST(Theme, ShipsItsOwnType)
{
    Theme theme(*qApp);
    EXPECT_EQ(QFontInfo(theme.text()).family(), "Lato");
    EXPECT_EQ(QFontInfo(theme.title()).family(), "Cabin");
    EXPECT_GE(theme.small().pixelSize(), 12);
}

TEST(Theme, FiguresAreTabular)
{
    Theme theme(*qApp);
    const QFontMetricsF metrics(theme.text());
    for (const char digit : {'0', '2', '3', '4', '5', '6', '7', '8', '9'})
        EXPECT_NEAR(metrics.horizontalAdvance(QLatin1Char(digit)), metrics.horizontalAdvance(QLatin1Char('1')), 0.01);
}

TEST(Theme, EveryCharacterOnTheScreenIsInTheTypeWeShip)
{
    Theme theme(*qApp);
    tests::WindowDriver driver(theme);
    driver.openDemo();
    driver.pickCandidate("wb-alder-4");
    driver.openSlate("50 W 4 ohm");
    QString all;
    for (const QLabel* label : driver.window().findChildren<QLabel*>()) all += label->text();
    for (const QAbstractButton* button : driver.window().findChildren<QAbstractButton*>()) all += button->text();
    all += driver.window().findChild<QTextBrowser*>("jobCardPreview")->toPlainText();
    const QRawFont lato = QRawFont::fromFont(theme.text());
    for (const QChar c : all) {
        if (c.category() == QChar::Other_Control || c.category() == QChar::Separator_Line ||
            c.category() == QChar::Separator_Paragraph)
            continue;
        EXPECT_TRUE(lato.supportsCharacter(c)) << QString::number(c.unicode(), 16).toStdString();
    }
}

TEST(Theme, ZoomIsKeptWithinReason)
{
    Theme theme(*qApp);
    theme.setZoom(9.0);
    EXPECT_EQ(theme.zoom(), 2.5);
    theme.setZoom(0.1);
    EXPECT_EQ(theme.zoom(), 0.8);
    theme.setZoom(1.0);
}

TEST(StyleSheet, LeavesNoPlaceholderBehind)
{
    Theme theme(*qApp);
    EXPECT_FALSE(styleSheet(theme).contains('@'));
    EXPECT_FALSE(styleSheet(theme).contains('~'));
}

}  // namespace
}  // namespace app
